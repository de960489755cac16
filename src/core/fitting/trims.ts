import type { Words } from '../stitch/index.ts'
import { counted, printLength, type System } from '../units/index.ts'
import type { Caution } from './cautions.ts'
import type { ItemYarn } from './made.ts'

/* What hangs at an end or a corner: knots, tassels, pompoms, beads. */

export const trimWays = {
  none: 'plain',
  knot: 'a knot',
  tassel: 'a tassel',
  pompom: 'a pompom',
  bead: 'a bead and a knot',
} as const
export type TrimWay = keyof typeof trimWays

/** One of them: how long or how far across, and wraps of yarn where it has some. */
export interface Trimmed {
  readonly what: TrimWay
  readonly sizeMm: number
  readonly wraps: number
  readonly yarn: string
}

/** Yarn that ties a tassel or a pompom, in metres (from memory). */
const TIES = 0.5

/** Each wrap goes around a card twice as far as that is wide (common practice for pompoms; a tassel is wound over its length alike). */
export function trimYarn({ what, sizeMm, wraps, yarn }: Trimmed, times: number): ItemYarn[] {
  if (what !== 'tassel' && what !== 'pompom') return []
  const metres = times * ((wraps * 2 * sizeMm) / 1000 + TIES)
  return [{ letter: yarn, inSc: 0, metres, tails: 0 }]
}

/** How it is made; empty where there is nothing to make. */
export function trimText(
  { what, sizeMm, wraps, yarn }: Trimmed,
  words: Words,
  times: number,
): string {
  const size = printLength(sizeMm, words.units)
  const many = times > 1 ? `Make ${times} ` : 'Make a '
  const plural = times > 1 ? 's' : ''
  if (what === 'tassel')
    return `${many}tassel${plural} of ${yarn}: wind it ${counted(wraps, 'time')} around a card ${size} long, tie the top, cut the foot, and bind the neck.`
  if (what === 'pompom')
    return `${many}pompom${plural} of ${yarn}: wind it ${counted(wraps, 'time')} around a card ${size} wide, slip it off, tie it tightly around the middle, cut the loops, and trim.`
  if (what === 'bead')
    return `Use ${counted(times, 'bead')} of ${size}, with holes the cord goes through.`
  return ''
}

/** What one does with an end that has it. */
export const endWords: Readonly<Record<TrimWay, string>> = {
  none: '',
  knot: 'Knot each end.',
  tassel: 'Sew a tassel to each end.',
  pompom: 'Sew a pompom to each end.',
  bead: 'Thread a bead on each end, and knot it.',
}

export const trimCautions = (what: TrimWay): readonly Caution[] =>
  what === 'none' || what === 'knot' ? [] : ['small']

/** What is bought for the ends of cords. */
export const endsNeeded = (
  { ends, endMm }: { readonly ends: TrimWay; readonly endMm: number },
  many: number,
  units: System,
): string[] =>
  ends === 'bead'
    ? [`${counted(many, 'bead')} of ${printLength(endMm, units)}, with holes the cord goes through`]
    : []
