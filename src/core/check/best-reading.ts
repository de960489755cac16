import {
  type Meaning,
  meaningOf,
  type MeaningOptions,
  type Place,
  type ReadWork,
  type Specials,
} from '../notation/index.ts'
import type { RowLine } from './lines.ts'
import { found, type Problem } from './problem.ts'
import { readingsOf } from './readings.ts'
import { rowProblems } from './row-problems.ts'
import { isKnownUnit } from './totals.ts'

/** What is known where a row stands. */
export interface Ground {
  /** What may lie below it, likeliest first; null where it is not known. */
  readonly belows: readonly (readonly Place[] | null)[]
  readonly groups: readonly number[] | null
  /** What each place below was made as. */
  readonly words: () => readonly string[] | null
  readonly startingChain: boolean | null
  /** Rows there are below; null where it is not known. */
  readonly depth: number | null
  readonly specials: Specials
}

export interface BestReading {
  readonly meaning: Meaning
  readonly problems: readonly Problem[]
  /** What it costs to read it so; 0 where everything is plain and adds up. */
  readonly cost: number
}

/** What makes a reading less likely. One fault is likelier than three odd readings, and dearer than one. */
export const COSTS = {
  fault: 10,
  /** What is not understood hides what it does. */
  unread: 14,
  /** A way to read a row that few mean. */
  odd: 4,
  /** Another of what may lie below. */
  below: 0.1,
  /** A total that does not count all that is left. */
  loose: 1,
  /** A total told from the work in another way, or none where there may be one. */
  total: 2,
} as const

/** Words that stand in the way are told rather than all of the clause they stand in. */
const unreadCost = ({ unread }: ReadWork): number =>
  unread.length === 0 ? COSTS.unread - 2 : COSTS.unread

/** Problems, the first error with what its starting chain would have to be. */
const withChain = (
  problems: readonly Problem[],
  startingChain: Problem['startingChain'],
): Problem[] => {
  const at = problems.findIndex(({ severity }) => severity === 'error')
  return problems.map((one, i) => (i === at ? ({ ...one, startingChain } as Problem) : one))
}

/** Whether what was read of a row accounts for it: all of what lies below, where that is known, and its total. */
const accounts = (
  { makes, made }: Meaning,
  { stated, said }: Pick<RowLine, 'stated' | 'said'>,
  problems: readonly Problem[],
  specials: Specials,
): boolean =>
  makes !== null &&
  made.length > 0 &&
  stated === makes &&
  said.every(({ unit }) => isKnownUnit(unit, specials)) &&
  !problems.some(({ severity, code }) => severity === 'error' || code === 'unit-unknown')

/** The words a row was read without. */
const wordsOf = (text: string, spans: readonly { from: number; to: number }[]): string[] => [
  ...new Set(spans.map(({ from, to }) => text.slice(from, to).trim()).filter(Boolean)),
]

/** What is said of what was not read: passed over where the rest accounts for the row, else what stands in the way. */
function aside(line: RowLine, read: ReadWork, isRead: boolean): Problem[] {
  const all = [...read.unread, ...read.past].sort((a, b) => a.from - b.from)
  if (all.length === 0) return []
  const words = wordsOf(line.text, all)
  const [first] = all
  const place = {
    from: Math.min(first!.from, Math.max(0, line.text.length - 1)),
    to: Math.max(
      Math.min(first!.to, line.text.length),
      Math.min(first!.from + 1, line.text.length),
    ),
  }
  if (isRead) return [found('read-past', { words }, place)]
  return [found('unread', { words, known: read.past.length === 0 }, place)]
}

/** A row over each of what may lie below it, in each way it can be read: the cheapest. */
export function bestReading(line: RowLine, read: ReadWork, ground: Ground): BestReading {
  const { belows, groups, words, startingChain, depth, specials } = ground
  const round = line.what === 'round'
  const partly = read.unread.length + read.past.length > 0
  const over = (
    below: readonly Place[] | null,
    more: MeaningOptions,
    cost: number,
  ): BestReading => {
    const named = more.byName ? { words: words() } : {}
    const meaning = meaningOf(read.items, below, {
      ...{ startingChain, groups, round, ...more, ...named },
    })
    const counted = rowProblems(meaning, line, depth, specials)
    if (partly && !accounts(meaning, line, counted, specials))
      return { meaning, problems: aside(line, read, false), cost: cost + unreadCost(read) }
    const faults = counted.filter(({ severity }) => severity === 'error').length
    const loose = line.stated !== null && line.stated !== meaning.makes ? COSTS.loose : 0
    const problems = partly ? [...counted, ...aside(line, read, true)] : counted
    return { meaning, problems, cost: cost + loose + (faults > 0 ? COSTS.fault : 0) }
  }
  let plainest: BestReading | null = null
  let best: BestReading | null = null
  for (const { options, says } of readingsOf(read.items, startingChain))
    for (const [i, below] of belows.entries()) {
      const one = over(below, options, i * COSTS.below)
      if (one.meaning.tooLong) return one
      plainest ??= one
      if (one.cost >= COSTS.fault || (best && one.cost >= best.cost)) continue
      if (says === null) {
        best = one
        if (one.cost < COSTS.loose) return one
        continue
      }
      if (best) continue
      const cost = one.cost + COSTS.odd
      if ('problem' in says) return { ...one, problems: [...one.problems, says.problem], cost }
      return { ...plainest, problems: withChain(plainest.problems, says.startingChain) }
    }
  return best ?? plainest!
}
