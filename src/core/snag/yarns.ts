import { bandOf } from '../band/index.ts'
import { difference, nearestColour, showsThrough } from '../colour/index.ts'
import { yarnByLetter } from '../design/index.ts'
import { eachBlock, type LedgerPart, type Piece } from '../ledger/index.ts'
import { LONG_CARRY, shorterCarries } from './charts.ts'
import { bandsOn, type Finder, type SnagContext } from './finder.ts'
import type { Mend } from './snag.ts'

/** Behind so many stitches of a light yarn a dark strand is worth a word. */
const SHOWS_BEHIND = 3

/** A dark strand inside a long run of a light yarn: the worst of each band. */
export const carriesThatShow: Finder = (context) =>
  context.piece.parts.flatMap((part) => {
    const worst = worstCarry(context, part)
    if (!worst || worst.stitches < SHOWS_BEHIND) return []
    const { round, stitches, carried, over } = worst
    const name = (letter: string) => yarnByLetter(context.design, letter).name
    const colour = (letter: string) => yarnByLetter(context.design, letter).colour
    const apart = difference(colour(carried), colour(over))
    return [
      {
        code: 'carry-shows' as const,
        severity: 'advice' as const,
        where: { part: part.id, round },
        facts: { name: part.name, carried: name(carried), over: name(over), stitches, apart },
        mends: otherYarn(context, part.id, carried),
      },
    ]
  })

/** A yarn of the bag that is not in the band yet and would show through none of it, in the place of one that does: the nearest to it. */
function otherYarn({ design, piece }: SnagContext, id: string, letter: string): Mend[] {
  const part = bandsOn(design, piece).find((one) => one.id === id)
  if (!part) return []
  const there = bandOf(part).yarns(part)
  const others = there.filter((one) => one !== letter).map((one) => yarnByLetter(design, one))
  const fit = design.yarns.filter(
    ({ letter: one, colour }) =>
      !there.includes(one) && others.every((over) => !showsThrough(colour, over.colour)),
  )
  if (fit.length === 0) return []
  const own = yarnByLetter(design, letter)
  const { nearest } = nearestColour(own.colour, fit)
  return [
    {
      kind: 'other-yarn',
      facts: { from: own.name, to: nearest.name },
      edits: [
        {
          name: 'setPart',
          args: { id, values: { ...bandOf(part).withYarn(part, letter, nearest.letter) } },
        },
      ],
    },
  ]
}

/** Stitches of one yarn side by side in a row, also over the edges of its repeats, and the yarns there are in it. */
function colourRuns(piece: Piece, row: number) {
  const { runYarn, runCount } = piece.columns
  const runs: { readonly yarn: number; stitches: number; readonly others: readonly number[] }[] = []
  const others: number[] = []
  eachBlock(piece, row, (from, to, times) => {
    // The second time shows what goes on over the edge; those that follow are the same.
    for (let n = 0; n < Math.min(2, times); n++)
      for (let i = from; i < to; i++) {
        const yarn = runYarn[i]!
        if (!others.includes(yarn)) others.push(yarn)
        const last = runs.at(-1)
        if (last?.yarn === yarn) last.stitches += runCount[i]!
        else runs.push({ yarn, stitches: runCount[i]!, others })
      }
  })
  return runs
}

function worstCarry({ ledger, piece, paths, design }: SnagContext, part: LedgerPart) {
  const { number } = piece.columns
  const letters = ledger.yarns
  const shows = letters.map((over) =>
    letters.map((carried) =>
      showsThrough(yarnByLetter(design, carried).colour, yarnByLetter(design, over).colour),
    ),
  )
  let worst: { round: number; stitches: number; carried: string; over: string } | null = null
  for (let row = part.firstRow; row < part.endRow; row++) {
    if (paths.strands[row]! < 2) continue
    for (const { yarn, stitches, others } of colourRuns(piece, row)) {
      if (stitches <= (worst?.stitches ?? 0)) continue
      const carried = others.find((other) => shows[yarn]![other])
      if (carried === undefined) continue
      worst = {
        round: number[row]!,
        stitches,
        carried: letters[carried]!,
        over: letters[yarn]!,
      }
    }
  }
  return worst
}

/** A strand carried so far that it wants catching. One snag a band, at its worst round. */
export const longCarries: Finder = ({ design, piece, paths }) =>
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
        mends: shorterCarries({ design, piece }, part.id, row),
      },
    ]
  })

/** Less in hand than may be needed. */
export const yarnShort: Finder = ({ needs }) =>
  needs
    .flatMap((need) => [
      { ...need, of: need.letter },
      ...need.strands.map((strand, n) => ({ ...need, ...strand, of: `${need.letter}${n + 2}` })),
    ])
    .flatMap(({ of, name, high, metres, inHandMetres }) =>
      inHandMetres === null || inHandMetres >= high
        ? []
        : [
            {
              code: 'yarn-short' as const,
              severity: inHandMetres < metres ? ('warning' as const) : ('advice' as const),
              where: { part: null, round: null, of },
              facts: { name, needed: high, inHand: inHandMetres },
              mends: [],
            },
          ],
    )

/** A yarn that by what was weighed ends before the work does; its band can be as high as it gives. */
export const yarnEnds: Finder = ({ design, ledger, lasts }) =>
  lasts.flatMap(({ letter, part, planned, roundsLeft, lastTurn, turn }) => {
    if (lastTurn === null || turn === null || part === null) return []
    const { name } = yarnByLetter(design, letter)
    const piece = ledger.pieces.find(({ id }) => id === turn.piece)!
    const of = piece.parts.find(({ id }) => id === part)!
    return [
      {
        code: 'yarn-ends' as const,
        severity: 'warning' as const,
        where: { part, round: lastTurn, of: letter },
        facts: {
          ...{ name, part: of.name, planned, lastTurn },
          ...{ roundsLeft: roundsLeft ?? 0, now: (roundsLeft ?? 0) === 0, worked: piece.worked },
        },
        mends: asHighAsItGives({ design, piece }, of, turn.row),
      },
    ]
  })

/** The band ends at the row up to which its yarn lasts, where one number can say it. */
function asHighAsItGives(
  { design, piece }: Pick<SnagContext, 'design' | 'piece'>,
  { id, name, firstRow, endRow }: LedgerPart,
  row: number,
): Mend[] {
  const band = bandsOn(design, piece).find((one) => one.id === id)
  const rounds = row + 1 - firstRow
  if (!band || rounds < 1 || row + 1 >= endRow) return []
  const values = bandOf(band).withRounds(band, rounds)
  if (!values || bandOf(band).rounds({ ...band, ...values } as never) !== rounds) return []
  const high = piece.columns.heightMm
  const madeMm = high.at(-1)! - (high[endRow - 1]! - high[row]!)
  return [
    {
      kind: 'rounds',
      facts: { name, by: rounds - (endRow - firstRow), madeMm, worked: piece.worked },
      edits: [{ name: 'setRounds', args: { id, rounds } }],
    },
  ]
}

/** Yarns whose label is not known, so that grams and balls cannot be said. */
export const labelsMissing: Finder = ({ needs }) => {
  const names = needs
    .filter(({ metres }) => metres > 0)
    .flatMap((need) => [need, ...need.strands])
    .filter(({ balls }) => balls === null)
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
