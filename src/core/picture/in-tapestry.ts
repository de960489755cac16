import { roundsOf } from './amounts.ts'
import { caught } from './carries.ts'
import { diffused, ordered } from './dither.ts'
import { inRuns, longestCarry, shortestRun } from './in-runs.ts'
import { type Costs, costsOf } from './likeness.ts'
import { withoutLone } from './lone-cells.ts'
import type { Chosen, NoPicture, PictureWanted } from './wanted.ts'
import { byteAt, type Cells } from './raster.ts'
import { weighed } from './weighed.ts'

/** The left half of a row whose right one is its mirror, the middle cell with it. */
const halfOf = (width: number) => Math.ceil(width / 2)
const unfolded = (half: Uint8Array, width: number): Uint8Array =>
  Uint8Array.from({ length: width }, (_, column) => half[Math.min(column, width - 1 - column)]!)

/** A picture in a few yarns a round, each round in the best set of them, under the rules that are asked for. */
export function inTapestry(cells: Cells, costs: Costs, wanted: PictureWanted): Chosen | NoPicture {
  const { width, height } = cells
  const { yarns, together = 1, shortest = 1, longest = Infinity, mixing = 'none' } = wanted
  const { always = [], flat = false, mirrored = false } = wanted
  const colours = yarns.map(({ colour }) => colour)
  // Which yarns a round could be mixed of shows where its cells are made lighter and darker.
  const seen = mixing === 'none' ? costs : costsOf(ordered(cells, colours), colours)
  const all = weighed(cells, seen, wanted)
  const long = width * yarns.length
  const rows = (of: Float64Array, from: number, to: number) =>
    of.subarray(from * long, Math.min(to, height) * long)
  const found = roundsOf({
    costs: Array.from({ length: Math.ceil(height / together) }, (_, i) =>
      rows(all, i * together, (i + 1) * together),
    ),
    ...{ amounts: yarns, most: Math.min(wanted.perRound, yarns.length) },
    // What is kept is there in any case.
    always: (i) => [
      ...new Set([
        ...always,
        ...keptIn(wanted.kept, i * together * width, Math.min(height, (i + 1) * together) * width),
      ]),
    ],
    ...(wanted.progress ? { progress: wanted.progress } : {}),
  })
  if (!found) return 'too-little-yarn'
  const setOf = (row: number) => found.rounds[Math.floor(row / together)]!.set
  const spread =
    mixing === 'diffused'
      ? diffused(
          cells,
          colours,
          Array.from({ length: height }, (_, row) => setOf(row)),
          { kept: (cell) => wanted.kept?.[cell] ?? -1, flat },
        )
      : null
  // What is mixed is what is wanted from here on.
  const own = spread
    ? weighed(cells, costsOf(inYarns(cells, spread, colours), colours), wanted)
    : all
  let chosen: Uint8Array = new Uint8Array(width * height)
  for (let row = 0; row < height; row++) {
    const set = setOf(row)
    const at = (row % together) * width
    const near =
      spread?.subarray(row * width, (row + 1) * width) ??
      found.rounds[Math.floor(row / together)]!.cells.subarray(at, at + width)
    chosen.set(
      ruled(near, rows(own, row, row + 1), {
        yarns: yarns.length,
        set,
        ...{ shortest, longest, flat, mirrored },
      }),
      row * width,
    )
  }
  if (wanted.noLone)
    chosen = withoutLone(chosen, {
      ...{ width, height, costs: own, yarns: yarns.length, flat, mirrored },
      mayBe: noWorse(chosen, width, { flat, longest, shortest }),
    })
  // No rule changes what is kept.
  for (let cell = 0; cell < chosen.length; cell++) {
    const must = wanted.kept?.[cell] ?? -1
    if (must >= 0) chosen[cell] = must
  }
  return { chosen, ...rowsOf(chosen, width, yarns), bound: found.bound }
}

/** Whether a row keeps to the rules, as far as it did: what is kept may have broken them. */
function noWorse(
  chosen: Uint8Array,
  width: number,
  { flat, longest, shortest }: Pick<RowRules, 'flat' | 'longest' | 'shortest'>,
) {
  const before = Array.from({ length: chosen.length / width }, (_, at) => {
    const row = chosen.subarray(at * width, (at + 1) * width)
    return {
      carry: Math.max(longest, longestCarry(row, flat)),
      run: Math.min(shortest, shortestRun(row, flat)),
    }
  })
  return (row: Uint8Array, at: number): boolean =>
    longestCarry(row, flat) <= before[at]!.carry && shortestRun(row, flat) >= before[at]!.run
}

/** Letters each row is worked in, and metres of each yarn: worked, or carried through the row. */
function rowsOf(
  chosen: Uint8Array,
  width: number,
  yarns: PictureWanted['yarns'],
): Pick<Chosen, 'perRound' | 'metres'> {
  const metres = new Float64Array(yarns.length)
  const perRound = Array.from({ length: chosen.length / width }, (_, row) => {
    const one = chosen.subarray(row * width, (row + 1) * width)
    const used = [...new Set(one)].sort((a, b) => a - b)
    for (const yarn of used) metres[yarn] = metres[yarn]! + width * yarns[yarn]!.carried
    for (const yarn of one)
      metres[yarn] = metres[yarn]! + yarns[yarn]!.stitch - yarns[yarn]!.carried
    return used.map((yarn) => yarns[yarn]!.letter)
  })
  return { perRound, metres }
}

/** Yarns of the cells that are kept, from one on up to another. */
function keptIn(kept: PictureWanted['kept'], from: number, to: number): number[] {
  if (!kept) return []
  const cells = Array.from({ length: to - from }, (_, i) => kept[from + i]!)
  return [...new Set(cells)].filter((yarn) => yarn >= 0)
}

/** Cells in the colours of the yarns that were chosen for them. */
const inYarns = (
  { width, height }: Cells,
  chosen: Uint8Array,
  colours: readonly string[],
): Cells => ({
  ...{ width, height },
  colours: Uint8Array.from(
    [...chosen].flatMap((yarn) => [0, 1, 2].map((i) => byteAt(colours[yarn]!, i))),
  ),
})

interface RowRules {
  readonly yarns: number
  readonly set: readonly number[]
  readonly shortest: number
  readonly longest: number
  readonly flat: boolean
  readonly mirrored: boolean
}

/** One row by the rules: its runs not too short, no yarn carried too far. A row that is its own mirror is seen to by its half. */
function ruled(
  near: Uint8Array,
  costs: Float64Array,
  { yarns, set, shortest, longest, flat, mirrored }: RowRules,
): Uint8Array {
  if (shortest <= 1 && longest === Infinity && !mirrored) return near
  const width = near.length
  const cells = mirrored ? halfOf(width) : width
  const middleCell = width % 2 === 1
  const own = costs.subarray(0, cells * yarns)
  const least: readonly [number, number] = [
    flat ? shortest : Math.ceil(shortest / 2),
    Math.ceil((shortest + (middleCell ? 1 : 0)) / 2),
  ]
  const runs =
    shortest > 1
      ? inRuns({
          ...{ costs: own, yarns, set, shortest, flat: flat || mirrored },
          ...(mirrored ? { ends: least } : {}),
        })
      : near.subarray(0, cells)
  const row =
    longest === Infinity
      ? runs
      : caught({
          ...{ costs: own, yarns, chosen: runs, longest, shortest, flat },
          ...(mirrored ? { half: { middleCell } } : {}),
        })
  return mirrored ? unfolded(row, width) : row
}
