import { type Chart, loneCells } from '../chart/index.ts'
import { longestCarry } from './in-runs.ts'

/** What there is to do at a chart worked in several yarns a round, by itself. */
export interface Work {
  /** Times the yarn is changed along its rounds. */
  readonly changes: number
  /** Ends to weave in: two for every stretch of rounds a yarn is in. */
  readonly ends: number
  /** Metres that are carried inside stitches of another. */
  readonly carriedM: number
  /** Stitches a yarn is carried through at the most; those that touch none of their own. */
  readonly longestCarry: number
  readonly lone: number
}

/**
 * What a chart takes to work.
 * @param each yarn's letter, and metres of a place it is carried through
 * @param turns it is worked in rounds of one yarn: where it changes is between them
 */
export function workOf(
  chart: Chart,
  each: readonly { readonly letter: string; readonly carried: number }[],
  { flat, turns }: { readonly flat: boolean; readonly turns: boolean },
): Work {
  const { width, colours } = chart
  let [changes, ends, carriedM, longest] = [0, 0, 0, 0]
  for (const row of turns ? [] : colours) {
    for (let column = flat ? 1 : 0; column < width; column++)
      if (row[column] !== row[(column + width - 1) % width]) changes++
    longest = Math.max(
      longest,
      longestCarry(
        Uint8Array.from(row, (one) => one.charCodeAt(0)),
        flat,
      ),
    )
  }
  for (const { letter, carried } of each) {
    let isIn = false
    for (const row of colours) {
      const is = row.includes(letter)
      if (is !== isIn) ends++
      isIn = is
      if (!is || turns) continue
      const own = [...row].filter((one) => one === letter).length
      carriedM += (width - own) * carried
    }
    if (isIn) ends++
  }
  return {
    ...{ changes, ends, carriedM, longestCarry: longest },
    lone: loneCells(chart, !flat).length,
  }
}
