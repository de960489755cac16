import { type BandKind, bandKinds, bands } from '../band/index.ts'
import { newDesign } from '../bag/index.ts'
import { type Design, type Part } from '../design/index.ts'
import { bodyOf, compile } from '../ledger/index.ts'
import { baseKinds, type BasePart } from '../shape/index.ts'
import { texturedBand } from '../shorthand/index.ts'
import { drawer } from '../texture/index.ts'

/** A bag, and what it is made of. */
export interface SampleBag {
  readonly kind: BasePart['kind']
  /** Its bands begin in the chain at once. */
  readonly atOnce: boolean
  readonly band: BandKind
  readonly design: Design
}

const letters = ['A', 'B', 'C']
/** A texture of the drawer, for the way this piece is worked. */
function texture(worked: 'rounds' | 'rows'): Part {
  const way = worked === 'rows' ? 'flat' : 'round'
  const pattern = drawer.find((one) => one[way] !== null && one.multiple === 2)!
  const band = texturedBand(pattern, worked, { letters: ['B'], rounds: 4 })
  if (!band.ok) throw new Error(band.problem)
  return { ...band.value, id: 'band' } as Part
}

/** A bag of this construction with one band of this kind at its rim, or at its chain, and a plain one. */
export function bagOf(kind: BasePart['kind'], atOnce: boolean, band: BandKind): SampleBag {
  const plainOne = newDesign({
    ...{ name: `${kind} ${atOnce ? 'at once ' : ''}${band}`, kind },
    ...{ aroundMm: 480, said: 'around', heightMm: 200, hookMm: 4, yarnClass: 3 },
  })
  const [body, ...others] = plainOne.pieces
  const [base] = body!.parts
  const { worked, columns } = bodyOf(compile(plainOne))
  const count = columns.makes.at(-1)!
  const begun = bands[band].begin({ stitch: 'sc', letters, count, abbr: 'sc' })
  const chosen = band === 'texture' ? texture(worked) : ({ ...begun, id: 'band' } as Part)
  const over = { ...bands.plain.begin({ stitch: 'sc', letters, count, abbr: 'sc' }), id: 'over' }
  const first = (atOnce ? { ...base!, begins: 'bands' } : base!) as Part
  const parts = atOnce ? [first, chosen, over as Part] : [first, over as Part, chosen]
  const yarns = letters.map((letter) => ({ ...plainOne.yarns[0]!, letter, name: `Yarn ${letter}` }))
  const design = { ...plainOne, yarns, pieces: [{ ...body!, parts }, ...others] } as Design
  return { kind, atOnce, band, design }
}

/** Whether a base can leave its first row to the bands. */
const canBeginAtOnce = (kind: BasePart['kind']) =>
  'begins' in bagOf(kind, false, 'plain').design.pieces[0]!.parts[0]!

/** Every pair of construction and beginning with every kind of band. */
export const everyBag = (): SampleBag[] =>
  baseKinds.flatMap((kind) =>
    (canBeginAtOnce(kind) ? [false, true] : [false]).flatMap((atOnce) =>
      bandKinds.map((band) => bagOf(kind, atOnce, band)),
    ),
  )
