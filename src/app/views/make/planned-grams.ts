import type { Derived } from '@core/bag'
import type { Design } from '@core/design'
import type { Point } from '@core/make'

/** What was to be left of a yarn at those rows by the plan, from the first weighing on: its use is taken to follow the stitches in it. */
export function plannedGrams(
  design: Design,
  { ledger, needs }: Derived,
  letter: string,
  points: readonly Point[],
): Point[] {
  const need = needs.find((one) => one.letter === letter)
  const label = design.yarns.find((yarn) => yarn.letter === letter)?.label
  const piece = ledger.pieces.find(({ id }) => id === 'bag')
  if (!need || !label || !piece || points.length === 0) return []
  const yarn = ledger.yarns.indexOf(letter)
  const { blockStart, blockFrom, blockTo, blockTimes, runYarn, runCount } = piece.columns
  const upTo: number[] = [0]
  for (let row = 0; row < piece.rows; row++) {
    let own = 0
    for (let b = blockStart[row]!; b < blockStart[row + 1]!; b++)
      for (let i = blockFrom[b]!; i < blockTo[b]!; i++)
        if (runYarn[i] === yarn) own += runCount[i]! * blockTimes[b]!
    upTo.push(upTo[row]! + own)
  }
  const grams = (need.metres * label.grams) / label.metres
  const share = (x: number) => (upTo[x] ?? upTo.at(-1)!) / Math.max(1, upTo.at(-1)!)
  const [first] = points
  const end = piece.rows
  return [...points.map(({ x }) => x), end].map((x) => ({
    x,
    y: Math.max(0, first!.y - grams * (share(x) - share(first!.x))),
  }))
}
