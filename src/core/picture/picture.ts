import type { Chart } from '../chart/index.ts'
import { inTurns, mended, type School, USUAL_RUN } from '../mosaic/index.ts'
import { type Amount, roundsOf } from './amounts.ts'
import { inRuns } from './in-runs.ts'
import { costsOf, type Costs, type Likeness, likenessOf } from './likeness.ts'
import type { Cells } from './raster.ts'

/** What a picture is worked in. */
export const pictureTechniques = ['tapestry', 'overlay', 'inset'] as const
export type PictureTechnique = (typeof pictureTechniques)[number]

export interface PictureYarn extends Amount {
  readonly letter: string
  readonly colour: string
}

export interface PictureWanted {
  readonly yarns: readonly PictureYarn[]
  readonly technique: PictureTechnique
  /** Yarns in one round of tapestry, at the most. */
  readonly perRound: number
  /** Rounds that are worked in the same yarns, so many from the lowest on. */
  readonly together?: number
  /** Cells of a run in tapestry, at least. */
  readonly shortest?: number
  /** How much a cell matters, at row · width + column; 1 by itself. */
  readonly weights?: ArrayLike<number>
  /** The yarn a cell must be in, by its place in `yarns`; -1 where that is open. */
  readonly kept?: ArrayLike<number>
  /** Its left half is its right one as in a mirror. */
  readonly mirrored?: boolean
  /** Worked in rows: the edges do not meet. */
  readonly flat?: boolean
  /** Told now and then which share is done; what it throws ends it. */
  readonly progress?: (done: number) => void
  /** A clock in milliseconds, for what is sought as long as there is time; and how long that is. */
  readonly now?: () => number
  readonly limitMs?: number
}

export interface Pictured {
  readonly chart: Chart
  /** Letters each round is worked in, the lowest first. */
  readonly perRound: readonly (readonly string[])[]
  readonly likeness: Likeness
  /** Of each yarn: cells, and metres where it is known what they take. */
  readonly yarns: readonly {
    readonly letter: string
    readonly cells: number
    readonly metres: number
  }[]
  /** No chart by the same rules looks nearer on the mean of its cells than this; null where cells are weighed, kept or mirrored. */
  readonly bound: number | null
}

/** Why a picture does not become a chart. */
export type NoPicture = 'two-yarns' | 'too-little-yarn'

/** A picture's cells as a chart that can be worked by a technique, in the yarns there are. */
export function pictured(
  cells: Cells,
  wanted: PictureWanted,
):
  | { readonly ok: true; readonly value: Pictured }
  | { readonly ok: false; readonly why: NoPicture } {
  const costs = costsOf(
    cells,
    wanted.yarns.map(({ colour }) => colour),
  )
  return wanted.technique === 'tapestry'
    ? inTapestry(cells, costs, wanted)
    : inMosaic(cells, costs, wanted, wanted.technique)
}

type Found = ReturnType<typeof pictured>

/** A cell that must be in another yarn costs more than a round of any. */
const NEVER = 1e7

/** What cells cost as they are weighed, kept and mirrored. */
function weighed(
  { width, height }: Cells,
  { apart, yarns }: Costs,
  wanted: PictureWanted,
): Float64Array {
  const { weights, kept, mirrored = false } = wanted
  const own = apart.map((one, at) => {
    const cell = Math.floor(at / yarns)
    const must = kept?.[cell] ?? -1
    return must >= 0 && must !== at % yarns ? NEVER : one * (weights?.[cell] ?? 1)
  })
  if (!mirrored) return own
  const both = new Float64Array(own.length)
  for (let row = 0; row < height; row++)
    for (let column = 0; column < width; column++)
      for (let yarn = 0; yarn < yarns; yarn++) {
        const [here, there] = [column, width - 1 - column].map(
          (one) => (row * width + one) * yarns + yarn,
        ) as [number, number]
        both[here] = (own[here]! + own[there]!) / 2
      }
  return both
}

function inTapestry(cells: Cells, costs: Costs, wanted: PictureWanted): Found {
  const { width, height } = cells
  const { yarns, together = 1, shortest = 1, flat = false } = wanted
  const all = weighed(cells, costs, wanted)
  const long = width * yarns.length
  const rows = (from: number, to: number) => all.subarray(from * long, Math.min(to, height) * long)
  const found = roundsOf({
    costs: Array.from({ length: Math.ceil(height / together) }, (_, i) =>
      rows(i * together, (i + 1) * together),
    ),
    amounts: yarns,
    most: Math.min(wanted.perRound, yarns.length),
    ...(wanted.progress ? { progress: wanted.progress } : {}),
  })
  if (!found) return { ok: false, why: 'too-little-yarn' }
  const chosen = new Uint8Array(width * height)
  const metres = new Float64Array(yarns.length)
  const perRound: string[][] = []
  for (let row = 0; row < height; row++) {
    const { set, cells: group } = found.rounds[Math.floor(row / together)]!
    const at = (row % together) * width
    const one =
      shortest > 1
        ? inRuns({ costs: rows(row, row + 1), yarns: yarns.length, set, shortest, flat })
        : group.subarray(at, at + width)
    chosen.set(one, row * width)
    perRound.push(set.map((yarn) => yarns[yarn]!.letter))
    for (const yarn of set) metres[yarn] = metres[yarn]! + width * yarns[yarn]!.carried
    for (const yarn of one)
      metres[yarn] = metres[yarn]! + yarns[yarn]!.stitch - yarns[yarn]!.carried
  }
  if (yarns.some(({ most }, yarn) => most !== null && metres[yarn]! > most + 1e-9))
    return { ok: false, why: 'too-little-yarn' }
  return made(cells, costs, wanted, { chosen, perRound, metres, bound: found.bound })
}

/** What a mosaic cell costs is taken in hundredths. */
const FINE = 100

function inMosaic(cells: Cells, costs: Costs, wanted: PictureWanted, school: School): Found {
  const { width, height } = cells
  const { yarns, flat = false, now, limitMs } = wanted
  const [first, second, ...more] = yarns
  if (!first || !second || more.length > 0) return { ok: false, why: 'two-yarns' }
  const apart = weighed(cells, costs, wanted)
  const isFirst = (cell: number) => apart[2 * cell]! <= apart[2 * cell + 1]!
  const colours = Array.from({ length: height }, (_, row) =>
    Array.from({ length: width }, (_, column) =>
      isFirst(row * width + column) ? first.letter : second.letter,
    ).join(''),
  )
  // Another yarn than the nearer one costs what it is farther away.
  const weights = Int32Array.from({ length: width * height }, (_, cell) =>
    Math.max(1, Math.round(FINE * Math.abs(apart[2 * cell]! - apart[2 * cell + 1]!))),
  )
  const rows = inTurns(first.letter, second.letter, height)
  const { chart, cost, bound } = mended(
    { width, colours, rows },
    { school, flat, run: USUAL_RUN },
    { weights, ...(now ? { now } : {}), ...(limitMs === undefined ? {} : { limitMs }) },
  )
  const chosen = Uint8Array.from(chart.colours.join(''), (letter) =>
    letter === first.letter ? 0 : 1,
  )
  const metres = new Float64Array(2)
  // A row is worked in its own yarn; overlay one row a row of the chart, inset two.
  const often = school === 'inset' ? 2 : 1
  for (let row = 0; row < height; row++)
    metres[row % 2] = metres[row % 2]! + often * width * yarns[row % 2]!.stitch
  if (yarns.some(({ most }, yarn) => most !== null && metres[yarn]! > most + 1e-9))
    return { ok: false, why: 'too-little-yarn' }
  const { mean } = likenessOf(costs, chosen)
  const perRound = [...rows].map((letter) => [letter])
  const least = mean * chosen.length - (cost - bound) / FINE
  return made(cells, costs, wanted, { chosen, perRound, metres, bound: least })
}

function made(
  { width, height }: Pick<Cells, 'width' | 'height'>,
  costs: Costs,
  { yarns, weights, kept, mirrored }: PictureWanted,
  {
    chosen,
    perRound,
    metres,
    bound,
  }: {
    readonly chosen: Uint8Array
    readonly perRound: Pictured['perRound']
    readonly metres: Float64Array
    readonly bound: number
  },
): Found {
  const colours = Array.from({ length: height }, (_, row) =>
    [...chosen.subarray(row * width, (row + 1) * width)]
      .map((yarn) => yarns[yarn]!.letter)
      .join(''),
  )
  const counts = new Uint32Array(yarns.length)
  for (const yarn of chosen) counts[yarn] = counts[yarn]! + 1
  return {
    ok: true,
    value: {
      chart: { width, colours },
      perRound,
      likeness: likenessOf(costs, chosen),
      yarns: yarns.map(({ letter }, yarn) => ({
        letter,
        cells: counts[yarn]!,
        metres: metres[yarn]!,
      })),
      bound: weights || kept || mirrored ? null : bound / chosen.length,
    },
  }
}
