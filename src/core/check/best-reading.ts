import {
  type Meaning,
  meaningOf,
  type MeaningOptions,
  type Place,
  type ReadWork,
  type Specials,
} from '../notation/index.ts'
import type { RowLine } from './lines.ts'
import type { Problem } from './problem.ts'
import { readingsOf } from './readings.ts'
import { rowProblems } from './row-problems.ts'

/** What is known where a row stands. */
export interface Ground {
  /** What may lie below it, likeliest first; null where it is not known. */
  readonly belows: readonly (readonly Place[] | null)[]
  readonly groups: readonly number[] | null
  readonly startingChain: boolean | null
  /** Rows there are below; null where it is not known. */
  readonly depth: number | null
  readonly specials: Specials
}

export interface BestReading {
  readonly meaning: Meaning
  readonly problems: readonly Problem[]
}

/** Problems, the first error with what its starting chain would have to be. */
const withChain = (
  problems: readonly Problem[],
  startingChain: Problem['startingChain'],
): Problem[] => {
  const at = problems.findIndex(({ severity }) => severity === 'error')
  return problems.map((one, i) => (i === at ? ({ ...one, startingChain } as Problem) : one))
}

/** A row over each of what may lie below it, in each way it can be read: the first without faults, else the plainest. */
export function bestReading(line: RowLine, read: ReadWork, ground: Ground): BestReading {
  const { belows, groups, startingChain, depth, specials } = ground
  const round = line.what === 'round'
  const over = (below: readonly Place[] | null, more: MeaningOptions) => {
    const meaning = meaningOf(read.items, below, { startingChain, groups, round, ...more })
    const problems = rowProblems(meaning, read.unread, line, depth, specials)
    return { meaning, problems, fits: !problems.some(({ severity }) => severity === 'error') }
  }
  let plainest: BestReading | null = null
  for (const { options, says } of readingsOf(read.items, startingChain))
    for (const below of belows) {
      const one = over(below, options)
      if (one.meaning.tooLong || read.unread.length > 0) return one
      if (one.fits) {
        if (says === null) return one
        if ('problem' in says) return { ...one, problems: [...one.problems, says.problem] }
        return { ...plainest!, problems: withChain(plainest!.problems, says.startingChain) }
      }
      plainest ??= one
    }
  return plainest!
}
