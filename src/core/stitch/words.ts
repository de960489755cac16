import type { System } from '../units/index.ts'
import type { Stitch, Terms } from './stitch.ts'

/** How things are said: which of the two vocabularies, which units, and for which hand. */
export interface Words {
  readonly terms: keyof Terms
  readonly units: System
  readonly hand: 'right' | 'left'
}

export const defaultWords: Words = { terms: 'us', units: 'metric', hand: 'right' }

export const abbrOf = (stitch: Stitch, { terms }: Words): string => stitch.abbr[terms]
export const nameOf = (stitch: Stitch, { terms }: Words): string => stitch.name[terms]
