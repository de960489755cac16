import type { Chart } from '../chart/index.ts'
import type { Making } from '../part/index.ts'
import type { School } from '../mosaic/index.ts'
import type { BandPart } from './bands.ts'
import { mosaicFrom, type MosaicPart } from './mosaic.ts'
import { tapestry, type TapestryPart } from './tapestry.ts'

/** What one picture can be worked in. */
export type Technique = 'tapestry' | School

/** The picture of a band, and what goes with it into another technique. */
export interface Pictured {
  readonly name: string
  readonly stitch: string
  readonly making: Making | null
  readonly chart: Chart & TapestryPart['chart']
}
type Worked = Omit<TapestryPart, 'id'> | Omit<MosaicPart, 'id'>

const NEW_FROM = { stitch: 'sc', letters: ['A'], count: 0, abbr: '' }
const asMosaic =
  (school: School) =>
  (from: Pictured, before: BandPart): Worked =>
    before.kind === 'mosaic' ? { ...before, making: from.making, school } : mosaicFrom(from, school)

/** Every technique a picture can be worked in, and what its band is then. One is added here and nowhere else. */
export const techniques: Readonly<Record<Technique, (from: Pictured, before: BandPart) => Worked>> =
  {
    tapestry: (from) => ({ ...tapestry.begin(NEW_FROM), ...from }),
    overlay: asMosaic('overlay'),
    inset: asMosaic('inset'),
  }
