import type { YarnPaths } from '../paths/index.ts'
import type { Design, Strand, Yarn } from '../design/index.ts'
import {
  eachBlock,
  endRuns,
  type Ledger,
  maybeFoundation,
  type Piece,
  startCounts,
  startingChainOf,
} from '../ledger/index.ts'
import { ends, starts } from '../program/index.ts'
import { stitchById } from '../stitch/index.ts'
import { counted, printMasses, type System } from '../units/index.ts'
import { type YarnRate, yarnRate, type YarnSource } from './schools.ts'

/** Yarn left at every start and stop. */
export const TAIL_METRES = 0.15

/** Yarn one part, or one thing beside the pieces, takes of one colour. */
export interface PartNeed {
  readonly part: string
  readonly stitches: number
  readonly metres: number
}

/** What the bag takes of one yarn. Grams and balls are null until the label says how long a ball is. */
export interface YarnNeed {
  readonly letter: string
  readonly name: string
  readonly metres: number
  readonly low: number
  readonly high: number
  readonly grams: number | null
  readonly balls: number | null
  readonly source: YarnSource
  readonly parts: readonly PartNeed[]
  /** Metres in hand; null when she has not said, or the label is missing. */
  readonly inHandMetres: number | null
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
export type StrandNeed = Pick<YarnNeed, 'name' | 'grams' | 'balls' | 'inHandMetres'>

/** A sewn seam takes about three times its length (common practice). */
export const SEAM_LENGTHS = 3

/** What the bag takes of each yarn of the design, in the design's order; whole balls for the high figure. */
export function yarnNeeds(design: Design, ledger: Ledger, paths: readonly YarnPaths[]): YarnNeed[] {
  const rate = yarnRate(design)
  const seams = seamMetres(ledger)
  const worked = ledger.pieces.map((piece) => stitchYarn(ledger, piece))
  return design.yarns.map((yarn) => {
    const index = ledger.yarns.indexOf(yarn.letter)
    const parts = new Map<string, { stitches: number; metres: number }>()
    ledger.pieces.forEach(({ parts: own, times }, i) =>
      own.forEach(({ id }, p) => {
        const stitches = worked[i]!.stitches[p]![index] ?? 0
        if (index < 0 || stitches === 0) return
        const metres =
          worked[i]!.inSc[p]![index]! * rate.metresPerSc +
          worked[i]!.reachMetres[p]![index]! +
          paths[i]!.strandMetres[p]![index]! +
          paths[i]!.ends[p]![index]! * TAIL_METRES
        const before = parts.get(id) ?? {
          stitches: 0,
          metres: seams.get(`${id} ${yarn.letter}`) ?? 0,
        }
        parts.set(id, {
          stitches: before.stitches + stitches * times,
          metres: before.metres + metres * times,
        })
      }),
    )
    for (const { item, yarns } of ledger.items)
      for (const { letter, inSc, tails } of yarns)
        if (letter === yarn.letter)
          parts.set(item.id, {
            stitches: 0,
            metres: inSc * rate.metresPerSc + tails * TAIL_METRES,
          })
    return needOf(
      yarn,
      [...parts].map(([part, need]) => ({ part, ...need })),
      rate,
    )
  })
}

/** Yarn the seams take, by "part yarn": they are sewn in the yarn the base is begun in. */
function seamMetres(ledger: Ledger): Map<string, number> {
  const sewn = ledger.joins.filter(({ kind }) => kind === 'seam' || kind === 'sew-on')
  const lengthMm = sewn.reduce((sum, join) => sum + join.lengthMm, 0)
  const [first] = ledger.pieces
  const letter = ledger.yarns[first!.columns.runYarn[0]!]!
  return new Map([[`${first!.parts[0]!.id} ${letter}`, (lengthMm * SEAM_LENGTHS) / 1000]])
}

function needOf(yarn: Yarn, parts: readonly PartNeed[], rate: YarnRate): YarnNeed {
  const metres = parts.reduce((sum, part) => sum + part.metres, 0)
  const high = metres * (1 + rate.spread)
  return {
    letter: yarn.letter,
    metres,
    low: metres * (1 - rate.spread),
    high,
    ...strandNeed(yarn, metres, high),
    source: rate.source,
    parts,
    strands: yarn.strands.map((strand) => strandNeed(strand, metres, high)),
  }
}

/** Grams and whole balls of a strand, for so many metres and at most so many. */
const strandNeed = (
  { name, label, inHandGrams }: Strand,
  metres: number,
  high: number,
): StrandNeed => ({
  name,
  grams: label && (metres * label.grams) / label.metres,
  balls: label && Math.max(0, Math.ceil(high / label.metres - 1e-9)),
  inHandMetres: label && inHandGrams !== null ? (inHandGrams * label.metres) / label.grams : null,
})

/**
 * Stitches by part and yarn, the sc whose yarn they take with the chains and slip stitches of their rows, and metres they reach
 * further down: there and back over each row they pass.
 */
function stitchYarn(ledger: Ledger, piece: Piece) {
  const { columns } = piece
  const blank = () => piece.parts.map(() => new Float64Array(ledger.yarns.length))
  const [stitches, inSc, reachMetres] = [blank(), blank(), blank()]
  const table = ledger.stitches.map(stitchById)
  for (let row = 0; row < piece.rows; row++) {
    const part = columns.part[row]!
    eachBlock(piece, row, (from, to, times) => {
      for (let i = from; i < to; i++) {
        const stitch = table[columns.runStitch[i]!]!
        const yarn = columns.runYarn[i]!
        const count = columns.runCount[i]! * times
        stitches[part]![yarn]! += count * stitch.makes
        inSc[part]![yarn]! += count * stitch.yarn
        if (stitch.reaches)
          reachMetres[part]![yarn]! += (count * 2 * downMm(piece, row, stitch.reaches)) / 1000
      }
    })
    const { first, last } = endRuns(piece, row)
    inSc[part]![columns.runYarn[first]!]! += startingChains(ledger, piece, row) * CHAIN
    if (ends[columns.end[row]!] === 'join') inSc[part]![columns.runYarn[last]!]! += SLIP
  }
  const chains = maybeFoundation(ledger, piece)?.chains ?? 0
  inSc[0]![columns.runYarn[0]!]! += chains * CHAIN
  return { stitches, inSc, reachMetres }
}
const CHAIN = stitchById('ch').yarn
const SLIP = stitchById('sl-st').yarn

/** How far down so many rows below the next are. */
function downMm({ columns }: Piece, row: number, rows: number): number {
  const along = (at: number) => (at < 0 ? 0 : columns.alongMm[at]!)
  return along(row - 1) - along(row - 1 - rows)
}

/** Chains a row starts with, where they are no stitch of it. */
function startingChains(ledger: Ledger, piece: Piece, row: number): number {
  const start = starts[piece.columns.start[row]!]!
  const chained = start === 'chain' || start === 'turn' || start === 'afresh'
  return chained && !startCounts(ledger, piece, row) ? startingChainOf(ledger, piece, row) : 0
}
