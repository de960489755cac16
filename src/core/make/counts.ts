import {
  eachBlock,
  type Ledger,
  partOfRow,
  type Piece,
  startCounts,
  startingChainOf,
} from '../ledger/index.ts'
import { starts } from '../program/index.ts'
import { stitchById } from '../stitch/index.ts'
import type { Catalogue } from '../terms/index.ts'

/*
 * A count that differs: what most likely happened. What is more likely than what is from memory, and common practice where that is
 * said: joins and edges lose and gain stitches far more often than the middle of a row.
 */

/** A count that was taken when a row was done. */
export interface CountTaken {
  readonly ledger: Ledger
  readonly piece: Piece
  readonly row: number
  readonly counted: number
  /** The last row whose count was found right, by its index; −1 where none was. */
  readonly goodRow: number
}

/** What a count is judged by. */
interface CountFacts {
  /** Stitches there are too many; below 0 too few. */
  readonly off: number
  readonly many: number
  /** Rows since a count was right. */
  readonly rows: number
  readonly number: number
  readonly counted: number
  readonly planned: number
  readonly joined: boolean
  readonly spiral: boolean
  readonly flat: boolean
  /** Whether its starting chain counts as a stitch, and how many chains it is. */
  readonly chainCounts: boolean
  readonly chains: number
  readonly increases: number
  readonly decreases: number
  /** Stitches of the row below and of the next, and of one repeat. */
  readonly below: number | null
  readonly next: number | null
  readonly repeat: number | null
}

/** How likely one thing is among all, as a weight; 0 where it cannot be. */
type Weigh = (facts: CountFacts) => number
/** One stitch each row, or one in all: a slip that is made again every time, or once. */
const everyRow = ({ many, rows }: CountFacts, once: number, always: number): number =>
  rows > 1 && many === rows ? always : many === 1 ? once : many < rows ? once / 2 : 0

/** Where it is looked for. */
export type CountPlace = 'join' | 'edge' | 'row'

interface CauseRule {
  readonly at: CountPlace
  readonly weigh: Weigh
}

const rules = {
  'row-behind': {
    at: 'row',
    weigh: ({ counted, below, planned }) => (counted === below && below !== planned ? 0.8 : 0),
  },
  'row-ahead': {
    at: 'row',
    weigh: ({ counted, next, planned }) => (counted === next && next !== planned ? 0.6 : 0),
  },
  'repeat-missed': {
    at: 'row',
    weigh: ({ off, many, repeat }) =>
      off < 0 && repeat !== null && repeat > 2 && many % repeat === 0 ? 0.7 : 0,
  },
  'repeat-twice': {
    at: 'row',
    weigh: ({ off, many, repeat }) =>
      off > 0 && repeat !== null && repeat > 2 && many % repeat === 0 ? 0.7 : 0,
  },
  'join-missed': {
    at: 'join',
    weigh: (facts) => (facts.joined && facts.off < 0 ? everyRow(facts, 0.6, 0.75) : 0),
  },
  'join-worked': {
    at: 'join',
    weigh: (facts) => (facts.joined && facts.off > 0 ? everyRow(facts, 0.6, 0.75) : 0),
  },
  'marker-moved': {
    at: 'join',
    weigh: ({ spiral, many }) => (spiral && many <= 2 ? 0.55 / many : 0),
  },
  'edge-missed': {
    at: 'edge',
    weigh: (facts) =>
      !facts.flat || facts.off > 0
        ? 0
        : facts.rows > 1 && facts.many === 2 * facts.rows
          ? 0.6
          : everyRow(facts, 0.6, 0.75),
  },
  'edge-twice': {
    at: 'edge',
    weigh: (facts) => (facts.flat && facts.off > 0 ? everyRow(facts, 0.55, 0.7) : 0),
  },
  'chain-counted': {
    at: 'edge',
    weigh: (facts) =>
      !facts.spiral && !facts.chainCounts && facts.chains >= 2 && facts.off > 0
        ? everyRow(facts, 0.62, 0.76)
        : 0,
  },
  'chain-forgotten': {
    at: 'edge',
    weigh: (facts) =>
      !facts.spiral && facts.chainCounts && facts.off < 0 ? everyRow(facts, 0.62, 0.76) : 0,
  },
  'increase-missed': {
    at: 'row',
    weigh: ({ off, many, increases }) => (off < 0 && many <= increases ? 0.5 : 0),
  },
  'increase-twice': {
    at: 'row',
    weigh: ({ off, many, increases }) => (off > 0 && many <= increases ? 0.35 : 0),
  },
  'decrease-missed': {
    at: 'row',
    weigh: ({ off, many, decreases }) => (off > 0 && many <= decreases ? 0.5 : 0),
  },
  'stitch-missed': { at: 'row', weigh: ({ off, many }) => (off < 0 ? 0.3 / many : 0) },
  'stitch-twice': { at: 'row', weigh: ({ off, many }) => (off > 0 ? 0.3 / many : 0) },
} as const satisfies Readonly<Record<string, CauseRule>>
export type CauseCode = keyof typeof rules

/** What may have happened, and how likely among all that may, as a share. */
export interface Cause {
  readonly code: CauseCode
  readonly at: CountPlace
  readonly share: number
  readonly facts: CountFacts
}

/** What most likely happened, the likeliest first; nothing where the count is right. */
export function causesOf(taken: CountTaken): Cause[] {
  const facts = factsOf(taken)
  if (facts.off === 0) return []
  const weights = (Object.keys(rules) as CauseCode[])
    .map((code) => ({ code, at: rules[code].at as CountPlace, weight: rules[code].weigh(facts) }))
    .filter(({ weight }) => weight > 0)
    .sort((a, b) => b.weight - a.weight)
  const all = weights.reduce((sum, { weight }) => sum + weight, 0)
  return weights.map(({ code, at, weight }) => ({ code, at, share: weight / all, facts }))
}

function factsOf({ ledger, piece, row, counted, goodRow }: CountTaken): CountFacts {
  const { makes, start, number, runStitch, runCount } = piece.columns
  const planned = makes[row]!
  const flat = piece.worked === 'rows'
  const how = starts[start[row]!]!
  let [increases, decreases] = [0, 0]
  eachBlock(piece, row, (from, to, times) => {
    for (let i = from; i < to; i++) {
      const { family, makes: leaves, uses } = stitchById(ledger.stitches[runStitch[i]!]!)
      if (family === 'increase') increases += times * runCount[i]! * (leaves - uses)
      if (family === 'decrease') decreases += times * runCount[i]! * (uses - leaves)
    }
  })
  return {
    ...{ off: counted - planned, many: Math.abs(counted - planned), counted, planned, flat },
    ...{ rows: Math.max(1, row - goodRow), number: number[row]! },
    joined: !flat && how !== 'spiral',
    spiral: !flat && how === 'spiral',
    chainCounts: how !== 'spiral' && startCounts(ledger, piece, row),
    chains: how === 'spiral' ? 0 : startingChainOf(ledger, piece, row),
    ...{ increases, decreases },
    below: row > 0 ? makes[row - 1]! : null,
    next: row + 1 < piece.rows ? makes[row + 1]! : null,
    repeat: partOfRow(piece, row).repeat,
  }
}

const row = ({ flat }: CountFacts): string => (flat ? 'row' : 'round')
const each = ({ many, rows }: CountFacts, what: string): string =>
  rows > 1 && many === rows ? `In each of ${rows} ${what}s` : 'Once'

/** What happened, in a sentence; and where to look. */
export interface CauseWords {
  readonly title: string
  readonly look: string
}

type AllFacts = { readonly [Code in CauseCode]: CountFacts }
/** The words of causes. */
export const causeWords: Catalogue<AllFacts, null, CauseWords> = {
  'row-behind': (facts) => ({
    title: `This is as many as the ${row(facts)} below has.`,
    look: `Its changes of count were left out, or this is ${row(facts)} ${facts.number - 1}: count the ${row(facts)}s from the beginning.`,
  }),
  'row-ahead': (facts) => ({
    title: `This is as many as the next ${row(facts)} is to have.`,
    look: `You may be a ${row(facts)} further than noted: count the ${row(facts)}s from the beginning.`,
  }),
  'repeat-missed': ({ many, repeat }) => ({
    title: `${many === repeat ? 'One repeat' : 'Repeats'} of ${repeat} stitches ${many === repeat ? 'is' : 'are'} missing.`,
    look: 'Count the repeats between the markers.',
  }),
  'repeat-twice': ({ many, repeat }) => ({
    title: `${many === repeat ? 'One repeat' : 'Repeats'} of ${repeat} stitches ${many === repeat ? 'is' : 'are'} there once more.`,
    look: 'Count the repeats between the markers.',
  }),
  'join-missed': (facts) => ({
    title: `${each(facts, row(facts))} the last stitch before the join was missed.`,
    look: 'It lies close to the slip stitch and is easily taken for it: the last stitch goes in the place before the join.',
  }),
  'join-worked': (facts) => ({
    title: `${each(facts, row(facts))} a stitch was worked in the join itself.`,
    look: 'The slip stitch that closes a round is no stitch: nothing goes into it.',
  }),
  'marker-moved': (facts) => ({
    title: 'The marker slipped to a neighbouring stitch.',
    look: `Then this ${row(facts)} is ${facts.off > 0 ? 'longer' : 'shorter'} by what the next is ${facts.off > 0 ? 'shorter' : 'longer'}, and nothing is lost: look where the marker is.`,
  }),
  'edge-missed': (facts) => ({
    title:
      facts.many === 2 * facts.rows && facts.rows > 1
        ? `In each of ${facts.rows} rows both edge stitches were missed.`
        : `${each(facts, 'row')} the edge stitch was missed.`,
    look: 'The edge draws in there. The last stitch of a row goes in the first of the row below.',
  }),
  'edge-twice': (facts) => ({
    title: `${each(facts, 'row')} an edge stitch was worked twice.`,
    look: 'The edge steps out there: two stitches stand in one place.',
  }),
  'chain-counted': (facts) => ({
    title: `${each(facts, row(facts))} the starting chain was counted, or worked into.`,
    look: `Its ch ${facts.chains} does not count as a stitch here: nothing goes into it, and it is not counted.`,
  }),
  'chain-forgotten': (facts) => ({
    title: `${each(facts, row(facts))} the starting chain was not counted, or passed over.`,
    look: `Its ch ${facts.chains} counts as a stitch here: count it, and work into its top.`,
  }),
  'increase-missed': ({ many }) => ({
    title: `${many === 1 ? 'An increase was' : `${many} increases were`} missed.`,
    look: 'Count the stitches between increases: where the stretch is too long, one is missing.',
  }),
  'increase-twice': ({ many }) => ({
    title: `${many === 1 ? 'One increase too many.' : `${many} increases too many.`}`,
    look: 'Count the stitches between increases: where the stretch is too short, one is too many.',
  }),
  'decrease-missed': ({ many }) => ({
    title: `${many === 1 ? 'Two stitches were' : `${many} pairs were`} not taken together.`,
    look: 'Count the stitches between those taken together.',
  }),
  'stitch-missed': ({ many }) => ({
    title: `${many === 1 ? 'A place was' : `${many} places were`} passed over.`,
    look: 'Look along the row for a gap, a little hole below the stitches.',
  }),
  'stitch-twice': ({ many }) => ({
    title: `${many === 1 ? 'Two stitches stand' : `In ${many} places two stitches stand`} in one place.`,
    look: 'A split strand also counts as two: look for a place with a fan of two.',
  }),
}
