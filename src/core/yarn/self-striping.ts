import type { Design, RunColour } from '../design/index.ts'
import {
  type AroundPicture,
  aroundPicture,
  eachPlaces,
  type FrontPicture,
  frontOf,
  type Ledger,
  type Piece,
  runsIn,
} from '../ledger/index.ts'
import type { YarnPaths } from '../paths/index.ts'
import { sides } from '../program/index.ts'
import { stitchById } from '../stitch/index.ts'
import { yarnModel } from './model.ts'
import { stitchesKnown } from './need.ts'
import { takesOf } from './takes.ts'

/* Yarns that place colours of their own: where those fall, stitch by stitch, as the yarn runs out of the ball. */

/** Which colour of a run is there after so many metres of it. */
export function runAt(run: readonly RunColour[], metres: number): number {
  const all = run.reduce((sum, one) => sum + one.metres, 0)
  let left = ((metres % all) + all) % all
  for (const [i, one] of run.entries()) {
    if (left < one.metres) return i
    left -= one.metres
  }
  return run.length - 1
}

/** Pictures of a piece in which a yarn that stripes by itself is in its colours. */
export interface Striped {
  readonly around: AroundPicture
  readonly front: FrontPicture
}

/**
 * The pieces of a bag with the colours of yarns that stripe by themselves: indices beyond the ledger's yarns, as {@link runsIn} has them. Each ball
 * begins at its first colour, and pieces are made one after the other. Null where no yarn stripes.
 */
export function maybeStriped(
  design: Design,
  ledger: Ledger,
  paths: readonly YarnPaths[],
  hand: 'right' | 'left',
): readonly Striped[] | null {
  const { from } = runsIn(ledger.yarns, design.yarns)
  if (from.size === 0) return null
  const model = yarnModel(design, stitchesKnown(ledger))
  const used = new Map([...from.keys()].map((yarn) => [yarn, 0]))
  return ledger.pieces.map((piece, at): Striped => {
    const { rowStart, yarns } = aroundPicture(ledger, piece, hand)
    for (let row = 0; row < piece.rows; row++) {
      const takes = takesOf(ledger, piece, paths[at]!, row, row + 1)
      for (const [yarn, first] of from) {
        const letter = ledger.yarns[yarn]!
        const metres = takes
          .filter((take) => take.yarn === yarn)
          .reduce(
            (sum, { stitch, count, metres: more }) =>
              sum + more + (stitch === null ? 0 : count * model.metresOf(letter, stitch)),
            0,
          )
        if (metres === 0) continue
        const { run = [] } = design.yarns.find((one) => one.letter === letter)!
        const before = used.get(yarn)!
        const own = yarns.subarray(rowStart[row], rowStart[row + 1])
        colourRow(
          { ledger, piece, row, hand, yarn },
          own,
          (share) => first + runAt(run, before + share * metres),
        )
        used.set(yarn, before + metres)
      }
    }
    const around = { rowStart, yarns }
    return { around, front: frontOf(piece, hand, around) }
  })
}

/** Gives the stitches of a yarn in a row their colours, in the order they are worked: `at` a share of the yarn the row takes. */
function colourRow(
  {
    ledger,
    piece,
    row,
    hand,
    yarn,
  }: {
    readonly ledger: Ledger
    readonly piece: Piece
    readonly row: number
    readonly hand: 'right' | 'left'
    readonly yarn: number
  },
  places: Uint8Array,
  at: (share: number) => number,
): void {
  const { runYarn, runStitch, side } = piece.columns
  const list: { readonly place: number; readonly takes: number }[] = []
  const leftwards = (hand === 'right') !== (sides[side[row]!] === 'WS')
  eachPlaces(ledger, piece, row, hand, (run, first, count) => {
    if (runYarn[run] !== yarn) return
    const takes = stitchById(ledger.stitches[runStitch[run]!]!).yarn
    for (let k = 0; k < count; k++)
      list.push({ place: leftwards ? first + count - 1 - k : first + k, takes })
  })
  const all = list.reduce((sum, { takes }) => sum + takes, 0)
  let done = 0
  for (const { place, takes } of list) {
    // What a row above reaches down over shows its own yarn.
    if (places[place] === yarn) places[place] = at(all > 0 ? done / all : 0)
    done += takes
  }
}

/** How many rows of a length each colour of a run gives: "2.3 rounds of red". */
export const rowsOfRun = (run: readonly RunColour[], metresARow: number): readonly number[] =>
  run.map(({ metres }) => (metresARow > 0 ? metres / metresARow : 0))
