import type { WayChoice } from '../design/index.ts'
import { idOfRow, type Ledger, type Piece } from '../ledger/index.ts'
import { LIMITS } from '../part/index.ts'
import { gapMetres, type YarnPaths, yarnPaths } from './paths.ts'
import { type Gap, type How, inGap } from './ways.ts'

/** What one would rather have of the yarns of a bag. */
export const aims = ['ends', 'thin', 'balls'] as const
export type Aim = (typeof aims)[number]

/** What ways of leading the yarns come to. */
export interface WayFigures {
  readonly ends: number
  /** Metres inside other stitches, loosely behind them, and up past rows. */
  readonly carriedMetres: number
  readonly floatedMetres: number
  readonly trailedMetres: number
  /** The most that hang on the work at once, in any row; and lie in one stitch, with the one it is worked in. */
  readonly balls: number
  readonly strands: number
  /** Stitches, and rows. */
  readonly longestFloat: number
  readonly longestTrail: number
  /** Of hiding ends: two for one that is woven in, one that is worked over (common practice). */
  readonly minutes: number
}
const MINUTES_AN_END = { in: 2, over: 1 } as const

/** A gap of a yarn, and what can become of it; the first is what does when nothing is said. */
interface Choice extends Gap {
  readonly piece: Piece
  readonly hows: readonly How[]
  /** Metres it takes, for each of those. */
  readonly metres: readonly number[]
}

/** How each thing a yarn can do in a gap is asked for. */
const asked = { cut: 'cut', carried: 'along', trailed: 'trail', waiting: 'trail' } as const
type Askable = keyof typeof asked
const isAskable = (how: How): how is Askable => how in asked
const forced = (how: WayChoice['how']): WayChoice => ({ part: null, yarn: null, after: null, how })

/** The gaps of all yarns of a piece: from a row one is worked in to the next that is. */
function gapsOf(ledger: Ledger, piece: Piece, paths: YarnPaths): Choice[] {
  return paths.ways.flatMap(({ spans }, yarn) => {
    const letter = ledger.yarns[yarn]!
    const worked = spans.filter(({ how }) => how === 'worked')
    return worked.slice(1).flatMap(({ from: next }, i) => {
      const gap = { letter, last: worked[i]!.to - 1, next }
      if (next - gap.last < 2) return []
      const usual = inGap({ ...ledger, ways: [] }, piece, gap)
      const all = (['trail', 'along', 'cut'] as const).map((how) =>
        inGap({ ...ledger, ways: [forced(how)] }, piece, gap),
      )
      const hows = [...new Set([usual, ...all])]
      const metres = hows.map((how) => gapMetres(piece, how, gap.last, next))
      return [{ ...gap, piece, hows, metres }]
    })
  })
}

/** What a gap costs; the least is what is planned. Of what costs the same, what is usual. */
const costs: Readonly<Record<'ends' | 'thin', (how: How, metres: number) => number>> = {
  // An end is worth any way there is; of those without, the shortest.
  ends: (how, metres) => (how === 'cut' ? 1e6 : metres),
  // Nothing inside other stitches: a strand up at the join is one more in one place, two ends are worth a metre of that.
  thin: (how, metres) => (how === 'carried' ? 1e6 + metres : how === 'cut' ? 1 : metres),
}

function cheapest({ hows, metres }: Choice, cost: (how: How, metres: number) => number): How {
  let best = 0
  for (let i = 1; i < hows.length; i++)
    if (cost(hows[i]!, metres[i]!) < cost(hows[best]!, metres[best]!) - 1e-9) best = i
  return hows[best]!
}

/**
 * What becomes of the gaps of one piece where as few balls as possible hang on it at once, and of those ways the one with fewest ends. A
 * row has its own yarns, and those that cannot be cut; the most of that in any row is the number that there must be. Then, row by row, of the gaps that
 * are one too many the one that lasts longest is cut: no other is of more use later.
 */
function fewestBalls(gaps: readonly Choice[], { ways }: YarnPaths, rows: number): Map<Choice, How> {
  const keep = new Map(gaps.map((gap) => [gap, cheapest(gap, costs.ends)]))
  const own = new Uint16Array(rows)
  for (const { spans } of ways)
    for (const { from, to, how } of spans)
      if (how === 'worked') for (let row = from; row < to; row++) own[row]!++
  const spread = (gap: Choice, add: (row: number) => void) => {
    for (let row = gap.last + 1; row < gap.next; row++) add(row)
  }
  const free: Choice[] = []
  for (const gap of gaps)
    if (keep.get(gap) !== 'cut' && gap.hows.includes('cut')) free.push(gap)
    else if (keep.get(gap) !== 'cut') spread(gap, (row) => own[row]!++)
  const most = own.reduce((all, n) => Math.max(all, n), 0)
  const begun = new Map<number, Choice[]>()
  for (const gap of free) begun.set(gap.last + 1, [...(begun.get(gap.last + 1) ?? []), gap])
  let open: Choice[] = []
  for (let row = 0; row < rows; row++) {
    open = [...open.filter(({ next }) => next > row), ...(begun.get(row) ?? [])]
    open.sort((a, b) => a.next - b.next)
    while (open.length > 0 && open.length + own[row]! > most) keep.set(open.pop()!, 'cut')
  }
  return keep
}

/** What is to be said so that every gap becomes what it is planned to be: what most want for the whole bag, the others one by one. */
function saidFor({ leading }: Ledger, planned: ReadonlyMap<Choice, How>): WayChoice[] {
  const wants = [...planned].filter(([, how]) => isAskable(how))
  const tally = new Map<WayChoice['how'], number>()
  for (const [{ hows }, how] of wants)
    if (hows.length > 1)
      tally.set(asked[how as Askable], (tally.get(asked[how as Askable]) ?? 0) + 1)
  const [most] = [...tally].sort((a, b) => b[1] - a[1])
  const whole = most ? [forced(most[0])] : []
  const single = wants.flatMap(([gap, how]): WayChoice[] =>
    inGap({ leading, ways: whole }, gap.piece, gap) === how
      ? []
      : [
          {
            ...{ part: null, yarn: gap.letter, after: idOfRow(gap.piece, gap.last) },
            how: asked[how as Askable],
          },
        ],
  )
  return [...whole, ...single]
}

/**
 * Ways of the yarns that come nearest to what one would rather have, exactly: fewest ends (then shortest strands), the thinnest fabric
 * (nothing inside other stitches, floats behind them), or fewest balls at once (then fewest ends).
 * @returns null where there are more gaps to speak of than a bag can have choices
 */
export function maybePlan(ledger: Ledger, aim: Aim): readonly WayChoice[] | null {
  const usual = { ...ledger, ways: [] }
  const planned = new Map<Choice, How>()
  for (const piece of ledger.pieces) {
    const paths = yarnPaths(usual, piece)
    const gaps = gapsOf(usual, piece, paths)
    const of =
      aim === 'balls'
        ? fewestBalls(gaps, paths, piece.rows)
        : new Map(gaps.map((gap) => [gap, cheapest(gap, costs[aim])]))
    for (const [gap, how] of of) planned.set(gap, how)
  }
  const said = [...saidFor(ledger, planned), ...(aim === 'thin' ? [forced('float')] : [])]
  return said.length > LIMITS.ways ? null : said
}

/** What the ways of the yarns of a bag come to, by her choices or by others in their place. */
export function wayFigures(ledger: Ledger, ways: readonly WayChoice[] = ledger.ways): WayFigures {
  const led = { ...ledger, ways }
  const sum = { ends: 0, carried: 0, floated: 0, trailed: 0 }
  let [balls, strands, longestFloat, longestTrail] = [0, 0, 0, 0]
  for (const piece of ledger.pieces) {
    const paths = yarnPaths(led, piece)
    sum.ends += paths.totalEnds * piece.times
    strands = Math.max(strands, paths.mostStrands)
    const hang = Uint16Array.from(paths.bobbins)
    for (const { spans } of paths.ways) {
      const seen = new Set<number>()
      for (const { from, to, how } of spans) {
        for (let row = from; row < to; row++)
          if (how !== 'cut' && !seen.has(row)) {
            seen.add(row)
            hang[row]!++
          }
        if (how === 'trailed' || how === 'waiting') longestTrail = Math.max(longestTrail, to - from)
        if (how === 'floated')
          for (let row = from; row < to; row++)
            longestFloat = Math.max(
              longestFloat,
              Math.min(paths.longestCarry[row]!, ledger.leading.catchEvery ?? Infinity),
            )
      }
    }
    for (const n of hang) balls = Math.max(balls, n)
    for (const how of ['carried', 'floated', 'trailed'] as const)
      sum[how] += paths.lying[how].reduce((all, metres) => all + metres, 0) * piece.times
  }
  return {
    ...{ ends: sum.ends, carriedMetres: sum.carried, floatedMetres: sum.floated },
    ...{ trailedMetres: sum.trailed, balls, strands, longestFloat, longestTrail },
    minutes: sum.ends * MINUTES_AN_END[ledger.leading.tails],
  }
}

/** A plan: what is to be said for it, and what it comes to. */
export interface Plan {
  readonly aim: Aim
  readonly ways: readonly WayChoice[]
  readonly figures: WayFigures
}

/** Plans by each aim, of those that can be said. */
export const plansOf = (ledger: Ledger): readonly Plan[] =>
  aims.flatMap((aim) => {
    const ways = maybePlan(ledger, aim)
    return ways ? [{ aim, ways, figures: wayFigures(ledger, ways) }] : []
  })

/** What can become of a gap: how it is asked for, what comes of that there, and what it takes. */
export interface GapWay {
  readonly how: WayChoice['how']
  readonly becomes: How
  readonly metres: number
  readonly ends: 0 | 2
}
/** A gap with what becomes of it now, and what else could. */
export interface YarnGap extends Gap {
  readonly now: How
  readonly ways: readonly GapWay[]
}

/** The gaps of a piece's yarns, each with its ways; `paths` are those of the piece. */
export const gapsIn = (ledger: Ledger, piece: Piece, paths: YarnPaths): readonly YarnGap[] =>
  gapsOf(ledger, piece, paths).map(({ letter, last, next }) => {
    const gap = { letter, last, next }
    const ways = (['cut', 'trail', 'along'] as const).map((how): GapWay => {
      const becomes = inGap({ ...ledger, ways: [forced(how)] }, piece, gap)
      const metres = gapMetres(piece, becomes, last, next)
      return { how, becomes, metres, ends: becomes === 'cut' ? 2 : 0 }
    })
    return { ...gap, now: inGap(ledger, piece, gap), ways }
  })

/** The choices of a bag with one more, of a single gap; null takes that back. */
export function withGap(
  ways: readonly WayChoice[],
  piece: Piece,
  { letter, last }: Gap,
  how: WayChoice['how'] | null,
): readonly WayChoice[] {
  const after = idOfRow(piece, last)
  const others = ways.filter((one) => one.after !== after || one.yarn !== letter)
  return how === null ? others : [...others, { part: null, yarn: letter, after, how }]
}

/** What a choice is for: a band, a yarn, both, or (with neither) all of the bag. */
export type WayScope = Pick<WayChoice, 'part' | 'yarn'>

/** Choices for whole stretches of a bag, not for single gaps. */
export const wideWays = (ways: readonly WayChoice[]): readonly WayChoice[] =>
  ways.filter(({ after }) => after === null)

/** The choice of one kind that is made for just this; null where none is. */
export const maybeWide = (
  ways: readonly WayChoice[],
  { part, yarn }: WayScope,
  of: readonly WayChoice['how'][],
): WayChoice | null =>
  wideWays(ways).find((one) => one.part === part && one.yarn === yarn && of.includes(one.how)) ??
  null

/** The choices of a bag with those for just this, of one kind, exchanged; null takes them back. */
export function withWide(
  ways: readonly WayChoice[],
  { part, yarn }: WayScope,
  of: readonly WayChoice['how'][],
  how: WayChoice['how'] | null,
): readonly WayChoice[] {
  const there = maybeWide(ways, { part, yarn }, of)
  const others = ways.filter((one) => one !== there)
  return how === null ? others : [...others, { part, yarn, after: null, how }]
}
