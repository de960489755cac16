import { showsThrough } from '../colour/index.ts'
import { yarnByLetter } from '../design/index.ts'
import { eachBlock, type LedgerPart } from '../ledger/index.ts'
import type { Finder, SnagContext } from './context.ts'

/** A strand that lies inside more stitches than this before it is used again draws in unless it is tugged (from memory). */
const LONG_CARRY = 20
/** Behind so many stitches of a light yarn a dark strand is worth a word. */
const SHOWS_BEHIND = 3

/** A dark strand inside a long run of a light yarn: the worst of each band. */
export const carriesThatShow: Finder = (context) =>
  context.piece.parts.flatMap((part) => {
    const worst = worstCarry(context, part)
    if (!worst || worst.stitches < SHOWS_BEHIND) return []
    const { round, stitches, carried, over } = worst
    const name = (letter: string) => yarnByLetter(context.design, letter).name
    return [
      {
        code: 'carry-shows' as const,
        severity: 'advice' as const,
        where: { part: part.id, round },
        facts: { name: part.name, carried: name(carried), over: name(over), stitches },
        mends: [],
      },
    ]
  })

function worstCarry({ ledger, piece, paths, design }: SnagContext, part: LedgerPart) {
  const { runYarn, runCount, number } = piece.columns
  const letters = ledger.yarns
  const shows = letters.map((over) =>
    letters.map((carried) =>
      showsThrough(yarnByLetter(design, carried).colour, yarnByLetter(design, over).colour),
    ),
  )
  let worst: { round: number; stitches: number; carried: string; over: string } | null = null
  for (let row = part.firstRow; row < part.endRow; row++) {
    if (paths.strands[row]! < 2) continue
    const here = new Set<number>()
    const runs: number[] = []
    eachBlock(piece, row, (from, to) => {
      for (let i = from; i < to; i++) {
        here.add(runYarn[i]!)
        runs.push(i)
      }
    })
    for (const i of runs) {
      const stitches = runCount[i]!
      if (stitches <= (worst?.stitches ?? 0)) continue
      const carried = [...here].find((yarn) => shows[runYarn[i]!]![yarn])
      if (carried === undefined) continue
      worst = {
        round: number[row]!,
        stitches,
        carried: letters[carried]!,
        over: letters[runYarn[i]!]!,
      }
    }
  }
  return worst
}

/** A strand carried so far that it wants catching. One snag a band, at its worst round. */
export const longCarries: Finder = ({ piece, paths }) =>
  piece.parts.flatMap((part) => {
    let row = part.firstRow
    for (let i = row; i < part.endRow; i++)
      if (paths.longestCarry[i]! > paths.longestCarry[row]!) row = i
    const stitches = paths.longestCarry[row]!
    if (stitches <= LONG_CARRY) return []
    return [
      {
        code: 'carry-long' as const,
        severity: 'advice' as const,
        where: { part: part.id, round: piece.columns.number[row]! },
        facts: { name: part.name, stitches },
        mends: [],
      },
    ]
  })

/** Less in hand than may be needed. */
export const yarnShort: Finder = ({ needs }) =>
  needs.flatMap(({ name, high, metres, inHandMetres }) =>
    inHandMetres === null || inHandMetres >= high
      ? []
      : [
          {
            code: 'yarn-short' as const,
            severity: inHandMetres < metres ? ('warning' as const) : ('advice' as const),
            where: { part: null, round: null },
            facts: { name, needed: high, inHand: inHandMetres },
            mends: [],
          },
        ],
  )

/** Yarns whose label is not known, so that grams and balls cannot be said. */
export const labelsMissing: Finder = ({ needs }) => {
  const names = needs.filter(({ metres, balls }) => metres > 0 && balls === null)
  if (names.length === 0) return []
  return [
    {
      code: 'label-missing',
      severity: 'advice',
      where: { part: null, round: null },
      facts: { names: names.map(({ name }) => name) },
      mends: [],
    },
  ]
}
