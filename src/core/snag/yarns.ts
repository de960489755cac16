import { bandOf, isBandOf } from '../band/index.ts'
import { difference, nearestColour, showsThrough } from '../colour/index.ts'
import { yarnByLetter } from '../design/index.ts'
import { eachBlock, type LedgerPart, type Piece } from '../ledger/index.ts'
import { canHaveBobbins, gapsIn, lyingIn, withWide, yarnPaths } from '../paths/index.ts'
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

/** Floats longer than this want catching (common practice). */
const LONG_FLOAT = 5

/** A strand carried, or floated, so far that it wants catching. One snag a band, at its worst round. */
export const longCarries: Finder = (context) => {
  const { design, ledger, piece, paths } = context
  return piece.parts.flatMap((part) => {
    let row = part.firstRow
    for (let i = row; i < part.endRow; i++)
      if (paths.longestCarry[i]! > paths.longestCarry[row]!) row = i
    const stitches = paths.longestCarry[row]!
    const floats = stitches > 0 && lyingIn(ledger, piece, row).floated.length > 0
    if (
      floats
        ? design.leading.catchNext || design.leading.catchEvery !== null || stitches <= LONG_FLOAT
        : stitches <= LONG_CARRY
    )
      return []
    const caught = { ...design.leading, catchEvery: LONG_FLOAT }
    return [
      {
        code: 'carry-long' as const,
        severity: 'advice' as const,
        where: { part: part.id, round: piece.columns.number[row]! },
        facts: { name: part.name, stitches, floats },
        mends: [
          ...(floats
            ? [
                {
                  kind: 'catch-floats' as const,
                  facts: { every: LONG_FLOAT },
                  edits: [{ name: 'setDesign' as const, args: { leading: caught } }],
                },
              ]
            : shorterCarries({ design, piece }, part.id, row)),
          ...otherLeads(context, part),
        ],
      },
    ]
  })
}

/** Ways to lead the yarns of a band that lay nothing so far inside it: floated, cut each row, or a bobbin for each field, for which rounds are turned. */
function otherLeads({ design, ledger, piece, paths }: SnagContext, part: LedgerPart): Mend[] {
  const turned = canHaveBobbins(piece, part)
  const lies = new Set(
    Array.from({ length: part.endRow - part.firstRow }, (_, i) =>
      Object.entries(lyingIn(ledger, piece, part.firstRow + i)).flatMap(([how, { length }]) =>
        length > 0 ? how : [],
      ),
    ).flat(),
  )
  const scope = { part: part.id, yarn: null }
  const withins = ['carry', 'float', 'bobbin', 'snip'] as const
  const ways = { float: 'floated', snip: 'snipped', bobbin: 'bobbin' } as const
  return (['float', 'snip', 'bobbin'] as const).flatMap((how): Mend[] => {
    if (lies.has(ways[how])) return []
    const chosen = withWide(design.ways, scope, withins, how)
    const making = { ...part.making, working: 'turned' as const }
    const turn = how === 'bobbin' && !turned
    const led = turn
      ? { ...piece, parts: piece.parts.map((one) => (one === part ? { ...one, making } : one)) }
      : piece
    const { totalEnds } = yarnPaths({ ...ledger, ways: chosen }, led)
    return [
      {
        kind: 'lead',
        facts: { how, ends: totalEnds - paths.totalEnds, turn, worked: piece.worked },
        edits: [
          ...(turn
            ? [{ name: 'setPart' as const, args: { id: part.id, values: { making } } }]
            : []),
          { name: 'setDesign', args: { ways: chosen } },
        ],
      },
    ]
  })
}

/** The stripes of a band worked in rows; null for other bands. */
function stripesIn({ design, piece }: SnagContext, id: string) {
  const band = piece.worked === 'rows' && bandsOn(design, piece).find((one) => one.id === id)
  return band && isBandOf('stripes', band) ? band.stripes : null
}

/** Flat stripes of an odd number of rows, for which a yarn is cut that could have waited at its edge. */
export const oddStripes: Finder = (context) =>
  context.piece.parts.flatMap((part) => {
    const stripes = stripesIn(context, part.id)
    if (!stripes) return []
    const { ledger, piece, paths } = context
    const gaps = gapsIn(ledger, piece, paths).filter(
      ({ last, next, now }) =>
        now === 'cut' &&
        (next - last - 1) % 2 === 1 &&
        next - last - 1 <= ledger.leading.cutAfter &&
        last >= part.firstRow &&
        next < part.endRow,
    ).length
    if (gaps === 0) return []
    const even = stripes.map((one) => ({ ...one, rounds: one.rounds + (one.rounds % 2) }))
    const rows = (list: typeof stripes) => list.reduce((sum, { rounds }) => sum + rounds, 0)
    return [
      {
        code: 'odd-stripes' as const,
        severity: 'advice' as const,
        where: { part: part.id, round: null },
        facts: { name: part.name, gaps },
        mends: [
          {
            kind: 'even-stripes',
            facts: { by: rows(even) - rows(stripes) },
            edits: [{ name: 'setPart', args: { id: part.id, values: { stripes: even } } }],
          },
        ],
      },
    ]
  })

/** A last stripe that has fewer rows than all others of its band, which are alike. */
export const halfStripes: Finder = (context) =>
  context.piece.parts.flatMap((part) => {
    const stripes = stripesIn(context, part.id)
    const last = stripes?.at(-1)
    const others = new Set(stripes?.slice(0, -1).map(({ rounds }) => rounds))
    const [all] = others
    const again = stripes?.slice(0, -1).some(({ yarn }) => yarn === last?.yarn)
    if (!stripes || !last || !again || others.size !== 1 || last.rounds >= all!) return []
    const whole = stripes.with(-1, { ...last, rounds: all! })
    return [
      {
        code: 'half-stripe' as const,
        severity: 'advice' as const,
        where: { part: part.id, round: null },
        facts: { name: part.name, rows: last.rounds, others: all! },
        mends: [
          {
            kind: 'whole-stripe',
            facts: { by: all! - last.rounds },
            edits: [{ name: 'setPart', args: { id: part.id, values: { stripes: whole } } }],
          },
        ],
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
