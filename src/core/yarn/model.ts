import type { Design, Measured, Yarn } from '../design/index.ts'
import { stitchById } from '../stitch/index.ts'
import { drawsOf, gaussianOf, type Seen, standardDraws } from './gaussian.ts'

/** What a figure rests on, the best that bears on it. */
export type YarnSource = 'unravelled' | 'weighed' | 'model'

/** One sc takes this many hook diameters of yarn (from memory, ±20 %). */
export const MODEL_HOOKS_PER_SC = 9.5

/**
 * What may be off, as a share, one time in three (from memory): what all stitches have in common, where nothing is measured; one
 * stitch beside the others; one yarn beside the others, of the bag's weight class or of another; a strand in the fabric, and a tail; and
 * what a measurement is read to.
 */
export const OFF = {
  common: 0.09,
  stitch: 0.08,
  yarn: 0.02,
  otherClass: 0.08,
  strand: 0.15,
  tail: 0.15,
  unravelled: 0.03,
  weighed: 0.055,
} as const

/** Enough that what nine of ten need less than is right to about a hundredth. */
const DRAWS = 1000

/** What lies in the work so far: stitches of one yarn by their ids, strands and tails in metres; and what they were seen to take. */
export interface WorkSeen {
  readonly letter: string
  readonly stitches: ReadonlyMap<string, number>
  readonly strandMetres: number
  readonly tailMetres: number
  readonly metres: number
  /** As a share of that. */
  readonly sd: number
}

/** One way it may all come out: shares (log) by which a stitch of a yarn, a strand and a tail are longer than the hook alone says. */
export interface Draw {
  readonly stitch: (letter: string, stitch: string) => number
  readonly strand: number
  readonly tail: number
}

/** What stitches take, and how far off that may be, all together. */
export interface YarnModel {
  /** Metres of one stitch in a yarn, as likely as not; of a compound stitch the sum of its parts. */
  readonly metresOf: (letter: string, stitch: string) => number
  /** By the hook alone. */
  readonly plainMetres: (stitch: string) => number
  readonly sourceOf: (letter: string) => YarnSource
  readonly draws: () => readonly Draw[]
}

/** Metres that one stitch of a measurement took; null for a weighed one whose yarn has no label. */
export function maybeMetresMeasured(
  { yarns }: Pick<Design, 'yarns'>,
  { how, yarn, stitches, amount }: Measured,
): number | null {
  if (how === 'unravelled') return amount / 1000 / stitches
  const of: Yarn | undefined =
    yarn === null ? yarns[0] : yarns.find(({ letter }) => letter === yarn)
  return of?.label ? ((amount / stitches) * of.label.metres) / of.label.grams : null
}

/**
 * What the stitches of a bag take of each yarn: by the hook alone; or by what was measured, of which one scales all others, and several
 * are brought together by least squares, each with its weight. What was seen on the work itself counts as one more.
 * @param of the ids of its stitches
 */
export function yarnModel(
  design: Design,
  of: readonly string[],
  work: readonly WorkSeen[] = [],
): YarnModel {
  const plainMetres = (id: string) =>
    (MODEL_HOOKS_PER_SC * design.hookMm * stitchById(id).yarn) / 1000
  const measured = design.measured.flatMap((one) => {
    const metres = maybeMetresMeasured(design, one)
    return metres === null ? [] : [{ ...one, metres }]
  })
  const figures = figuresOf(
    design,
    [...of, ...measured.map(({ stitch }) => stitch)],
    measured.length > 0,
  )
  const at = new Map(figures.map(([key], i) => [key, i]))
  const off = figures.map(([, sd]) => sd)
  const placesOf = (letter: string | null, id: string): number[] => [
    0,
    at.get(`stitch ${stitchById(id).of}`)!,
    ...(letter === null ? [] : [at.get(`yarn ${letter}`)!]),
  ]
  const seen = measured.map(({ how, stitch, yarn, metres }): Seen => ({
    of: new Map(placesOf(yarn, stitch).map((i) => [i, 1])),
    value: Math.log(metres / plainMetres(stitch)),
    sd: OFF[how],
  }))
  const logIn = (figure: readonly number[]) => (letter: string, id: string) => {
    let sum = 0
    for (const i of placesOf(letter, id)) sum += figure[i]!
    return sum
  }
  for (const one of work) {
    const { mean } = gaussianOf(off, seen)
    const sum = sumSeen(one, mean, (id) => ({
      metres: plainMetres(id) * Math.exp(logIn(mean)(one.letter, id)),
      places: placesOf(one.letter, id),
    }))
    if (!sum) continue
    seen.push(sum)
    // What is much further off than was thought says that too little was known before, not that the scale is wrong.
    if (off[0] !== null) off[0] = Math.max(off[0]!, Math.abs(sum.value))
  }
  const known = gaussianOf(off, seen)
  const likely = logIn(known.mean)
  let kept: readonly Draw[] | null = null
  return {
    plainMetres,
    metresOf: (letter, id) => plainMetres(id) * Math.exp(likely(letter, id)),
    sourceOf: (letter) => {
      const own = measured.filter(({ yarn }) => yarn === null || yarn === letter)
      const best = own.length > 0 ? own : measured
      if (best.length === 0) return 'model'
      return best.some(({ how }) => how === 'unravelled') ? 'unravelled' : 'weighed'
    },
    draws: () =>
      (kept ??= drawsOf(known, standardOf(off.length)).map((one) => ({
        stitch: logIn(one),
        strand: one[1]!,
        tail: one[2]!,
      }))),
  }
}

/** What may be off, by its key, and how far by itself; null for what all stitches have in common once one is measured. */
function figuresOf(
  { yarns, yarnClass: usual }: Design,
  stitches: readonly string[],
  isMeasured: boolean,
): (readonly [string, number | null])[] {
  const kinds = new Set(stitches.map((id) => stitchById(id).of))
  return [
    ['common', isMeasured ? null : OFF.common],
    ['strand', OFF.strand],
    ['tail', OFF.tail],
    ...[...kinds].map((id) => [`stitch ${id}`, OFF.stitch] as const),
    ...yarns.map(({ letter, yarnClass }) => {
      const other = (yarnClass ?? usual) !== usual
      return [`yarn ${letter}`, other ? OFF.otherClass : OFF.yarn] as const
    }),
  ]
}

const standards = new Map<number, number[][]>()
function standardOf(n: number): number[][] {
  const known = standards.get(n) ?? standardDraws(n, DRAWS)
  standards.set(n, known)
  return known
}

/** What the work took, as a sum of what may be off: each by its part in what it was to take as far as is known before. */
function sumSeen(
  { stitches, strandMetres, tailMetres, metres, sd }: WorkSeen,
  mean: readonly number[],
  of: (id: string) => { readonly metres: number; readonly places: readonly number[] },
): Seen | null {
  const lengths = new Map<number, number>()
  const add = (i: number, length: number) => void lengths.set(i, (lengths.get(i) ?? 0) + length)
  const [strands, tails] = [strandMetres * Math.exp(mean[1]!), tailMetres * Math.exp(mean[2]!)]
  let all = strands + tails
  add(1, strands)
  add(2, tails)
  for (const [id, count] of stitches) {
    const { metres: each, places } = of(id)
    all += count * each
    for (const i of places) add(i, count * each)
  }
  if (!(all > 0) || !(metres > 0)) return null
  const shares = new Map([...lengths].map(([i, length]) => [i, length / all]))
  const before = [...shares].reduce((sum, [i, share]) => sum + share * mean[i]!, 0)
  return { of: shares, value: Math.log(metres / all) + before, sd }
}
