import {
  intoSpaces,
  isSlip,
  type MeaningOptions,
  type Span,
  startSpaceOf,
  type Work,
} from '../notation/index.ts'
import { found, type Problem } from './problem.ts'

/* The ways a row can be read where writers differ, likeliest first. What is taken for more than it says is said. */

export interface Reading {
  readonly options: MeaningOptions
  /** What is said when this reading adds up and those before it do not; null when nothing needs saying. */
  readonly says:
    | { readonly problem: Problem }
    | { readonly startingChain: NonNullable<Problem['startingChain']> }
    | null
}

/** The first repeat that says only how often: "rep from * 5 times". */
function againIn(items: readonly Work[]): ({ readonly count: number } & Span) | null {
  for (const item of items) {
    if (item.kind !== 'group') continue
    const { reach, span } = item
    if (reach.kind === 'times' && reach.again) return { count: reach.count, ...span }
    const inner = againIn(item.items)
    if (inner) return inner
  }
  return null
}

/** Whether a place is called by a stitch: “in next sc”. */
const callsByName = (items: readonly Work[]): boolean =>
  items.some(
    (item) =>
      ('target' in item && item.target?.kind === 'next' && item.target.named !== undefined) ||
      (item.kind === 'group' && callsByName(item.items)),
  )

/** Whether slip stitches are worked before others. */
function beginsInSlips(items: readonly Work[]): boolean {
  const worked = items.filter(({ kind }) => kind !== 'note' && kind !== 'chain')
  return isSlip(worked[0]) && !worked.every(isSlip)
}

const saysFirst = (items: readonly Work[]): boolean =>
  items.some(
    (item) =>
      (item.kind === 'skip' && item.first) ||
      ('target' in item && item.target?.kind === 'next' && item.target.first) ||
      (item.kind === 'group' && saysFirst(item.items)),
  )

/** Every way to read a row, the plainest first. */
export function readingsOf(
  items: readonly Work[],
  startingChain: boolean | null,
): readonly Reading[] {
  const again = againIn(items)
  const start = items.find(({ kind }) => kind !== 'note')
  const open = start?.kind === 'chain' && start.counts === null && start.count > 1 ? start : null
  const counts = startingChain ?? (open?.count ?? 0) >= 3
  const first = saysFirst(items)
  // Who works into chain spaces does not mean chains by stitches.
  const chains = !intoSpaces(items, 'any')
  const space = startSpaceOf(items)
  return [
    { options: {}, says: null },
    ...(space > 0 ? [{ options: { startingChain: true, startSpace: space }, says: null }] : []),
    ...(chains ? [{ options: { chainsAreStitches: true }, says: null }] : []),
    ...(beginsInSlips(items) ? [{ options: { slipsLead: true }, says: null }] : []),
    ...(callsByName(items) ? [{ options: { byName: true }, says: null }] : []),
    ...(first ? [{ options: { firstIsNext: true }, says: null }] : []),
    ...(first && chains
      ? [{ options: { firstIsNext: true, chainsAreStitches: true }, says: null }]
      : []),
    ...(again
      ? [
          {
            options: { timesAreMore: true },
            says: {
              problem: found('repeat-times', { times: again.count }, again),
            },
          },
        ]
      : []),
    ...(open
      ? [
          {
            options: { startingChain: !counts },
            says: { startingChain: { chains: open.count, counts: !counts } },
          },
        ]
      : []),
  ]
}
