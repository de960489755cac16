import type { YarnPaths } from '../paths/index.ts'
import { type Design, gramsInHand, type Strand, type Yarn } from '../design/index.ts'
import type { Ledger } from '../ledger/index.ts'
import { counted, printMasses, type System } from '../units/index.ts'
import { type Buying, buyingOf } from './buying.ts'
import { type YarnModel, yarnModel, type YarnSource } from './model.ts'
import { stitchById } from '../stitch/index.ts'
import { type Into, TAIL_METRES, type Take, takesOf } from './takes.ts'

/** What goes into one thing: so many stitches, chains or tails of so much each, or metres alone. */
export interface Term {
  readonly into: Into
  /** The stitch whose yarn each takes; null for what is measured in metres. */
  readonly stitch: string | null
  readonly count: number
  readonly metres: number
}

/** Yarn one part, or one thing beside the pieces, takes of one colour: the sum of its terms. */
export interface PartNeed {
  readonly part: string
  readonly stitches: number
  readonly metres: number
  readonly terms: readonly Term[]
}

/** What the bag takes of one yarn. Grams and balls are null until the label says how long a ball is. */
export interface YarnNeed {
  readonly letter: string
  readonly name: string
  /** As likely as not; and what one bag in twenty takes less than, and more than. */
  readonly metres: number
  readonly low: number
  readonly high: number
  readonly grams: number | null
  readonly balls: number | null
  readonly source: YarnSource
  readonly parts: readonly PartNeed[]
  /** Metres in hand; null when she has not said, or the label is missing. */
  readonly inHandMetres: number | null
  readonly buying: Buying | null
  /** What is held together with it: as many metres of each. */
  readonly strands: readonly StrandNeed[]
}

/** Its weight and its balls, of the very metres that are said: "67–80 g, 2 balls"; null where the label is not known. */
export function weightWords(
  { metres, low, high }: Pick<YarnNeed, 'metres' | 'low' | 'high'>,
  { grams, balls }: Pick<YarnNeed, 'grams' | 'balls'>,
  units: System,
): string | null {
  if (grams === null || metres === 0) return null
  const of = (length: number) => (grams * length) / metres
  return `${printMasses(of(low), of(high), units)}, ${counted(balls ?? 0, 'ball')}`
}

/** What the bag takes of one strand. */
export type StrandNeed = Pick<YarnNeed, 'name' | 'grams' | 'balls' | 'inHandMetres' | 'buying'>

/** A sewn seam takes about three times its length (common practice). */
export const SEAM_LENGTHS = 3

/** The stitches a model of a bag must know: its own, and those of chains and joins. */
export const stitchesKnown = ({ stitches }: Pick<Ledger, 'stitches'>): readonly string[] => [
  ...new Set([...stitches, 'ch', 'sl-st', 'sc']),
]

/** What is summed up of one yarn: by part, what goes into what. */
type Sums = Map<string, Map<string, Term>>

/** What the bag takes of each yarn of the design, in the design's order; whole balls for the high figure. */
export function yarnNeeds(design: Design, ledger: Ledger, paths: readonly YarnPaths[]): YarnNeed[] {
  const model = yarnModel(design, stitchesKnown(ledger))
  const sums = new Map(design.yarns.map(({ letter }) => [letter, new Map() as Sums]))
  const add = (letter: string, part: string, take: Omit<Take, 'part' | 'yarn'>, times: number) => {
    const { into, stitch } = take
    const each = stitch === null ? 0 : model.metresOf(letter, stitch)
    const parts = sums.get(letter)!
    const terms = parts.get(part) ?? parts.set(part, new Map()).get(part)!
    const key = `${into} ${stitch ?? ''}`
    const known = terms.get(key)
    terms.set(key, {
      ...{ into, stitch },
      count: (known?.count ?? 0) + take.count * times,
      metres: (known?.metres ?? 0) + (take.metres + take.count * each) * times,
    })
  }
  ledger.pieces.forEach((piece, i) => {
    for (const take of takesOf(ledger, piece, paths[i]!))
      add(ledger.yarns[take.yarn]!, piece.parts[take.part]!.id, take, piece.times)
  })
  for (const { letter, part, term } of outsideRows(ledger)) add(letter, part, term, 1)
  const makes = new Map(ledger.stitches.map((id) => [id, stitchById(id).makes]))
  return design.yarns.map((yarn) => {
    const parts = [...sums.get(yarn.letter)!].map(([part, terms]): PartNeed => {
      const list = [...terms.values()].filter(({ count }) => count > 0)
      return {
        ...{ part, terms: list },
        stitches: list.reduce(
          (sum, { into, stitch, count }) =>
            sum + (into === 'stitches' ? count * makes.get(stitch!)! : 0),
          0,
        ),
        metres: list.reduce((sum, term) => sum + term.metres, 0),
      }
    })
    return needOf(yarn, parts, model)
  })
}

/** What lies over what it is sewn to is sewn around. */
export const seamMm = ({ lengthMm, lapMm = 0 }: Ledger['joins'][number]): number =>
  lapMm > 0 ? 2 * (lengthMm + lapMm) : lengthMm

/** What no row takes: seams, in the yarn the base is begun in, and things beside the pieces. */
export function outsideRows(
  ledger: Ledger,
): { readonly letter: string; readonly part: string; readonly term: Term }[] {
  const sewn = ledger.joins.filter(({ kind }) => kind === 'seam' || kind === 'sew-on')
  const metres = (sewn.reduce((sum, join) => sum + seamMm(join), 0) * SEAM_LENGTHS) / 1000
  const [first] = ledger.pieces
  const seams = {
    letter: ledger.yarns[first!.columns.runYarn[0]!]!,
    part: first!.parts[0]!.id,
    term: { into: 'seams', stitch: null, count: 1, metres } as const,
  }
  const things = ledger.items.flatMap(({ item, yarns }) =>
    yarns.flatMap(({ letter, inSc, metres, tails }) =>
      [
        { into: 'thing', stitch: 'sc', count: inSc, metres: 0 } as const,
        { into: 'wound', stitch: null, count: metres > 0 ? 1 : 0, metres } as const,
        { into: 'tails', stitch: null, count: tails, metres: tails * TAIL_METRES } as const,
      ].map((term) => ({ letter, part: item.id, term })),
    ),
  )
  return [...(metres > 0 ? [seams] : []), ...things]
}

function needOf(yarn: Yarn, parts: readonly PartNeed[], model: YarnModel): YarnNeed {
  const metres = parts.reduce((sum, part) => sum + part.metres, 0)
  const [low, high] = rangeOf(
    yarn.letter,
    parts.flatMap(({ terms }) => terms),
    model,
  )
  return {
    letter: yarn.letter,
    metres,
    low: Math.min(low, metres),
    high: Math.max(high, metres),
    ...strandNeed(yarn, metres, Math.max(high, metres)),
    source: model.sourceOf(yarn.letter),
    parts,
    strands: yarn.strands.map((strand) => strandNeed(strand, metres, Math.max(high, metres))),
  }
}

/** One bag in twenty takes less, and one more. */
const OUTSIDE = 0.05

/** What a figure of a row of draws lies between, but for one in twenty below and one above. */
export function between(figures: readonly number[]): readonly [number, number] {
  const sorted = Float64Array.from(figures).sort()
  const at = (share: number) => {
    const place = share * (sorted.length - 1)
    const [low, high] = [sorted[Math.floor(place)]!, sorted[Math.ceil(place)]!]
    return low + (high - low) * (place - Math.floor(place))
  }
  return [at(OUTSIDE), at(1 - OUTSIDE)]
}

/** What terms come to in each of the ways it may come out: their errors go together as far as they are of one cause. */
export function drawnSums(letter: string, terms: readonly Term[], model: YarnModel): number[] {
  const [plain, strands, tails] = [new Map<string, number>(), { metres: 0 }, { metres: 0 }]
  for (const { into, stitch, count, metres } of terms) {
    if (into === 'tails') tails.metres += metres
    else if (stitch === null) strands.metres += metres
    else plain.set(stitch, (plain.get(stitch) ?? 0) + count * model.plainMetres(stitch))
  }
  const lengths = [...plain]
  return model.draws().map((draw) => {
    let sum = strands.metres * Math.exp(draw.strand) + tails.metres * Math.exp(draw.tail)
    for (const [id, length] of lengths) sum += length * Math.exp(draw.stitch(letter, id))
    return sum
  })
}

const rangeOf = (letter: string, terms: readonly Term[], model: YarnModel) =>
  terms.length === 0 ? ([0, 0] as const) : between(drawnSums(letter, terms, model))

/** Grams and whole balls of a strand, for so many metres and at most so many. */
function strandNeed(strand: Strand, metres: number, high: number): StrandNeed {
  const { name, label } = strand
  const grams = gramsInHand(strand)
  return {
    name,
    grams: label && (metres * label.grams) / label.metres,
    balls: label && Math.max(0, Math.ceil(high / label.metres - 1e-9)),
    inHandMetres: label && grams !== null ? (grams * label.metres) / label.grams : null,
    buying: buyingOf(strand, { metres, high }),
  }
}
