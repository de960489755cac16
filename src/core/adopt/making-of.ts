import type { CheckedRow } from '../check/index.ts'
import { says } from '../notation/index.ts'
import type { Making, Working } from '../part/index.ts'
import { stitchOf } from './told.ts'

/* How a text works its rounds and starts its rows. */

export function workingOf(rows: readonly CheckedRow[]): Working {
  const rounds = rows.flatMap(({ kind, items }) => (kind === 'round' && items ? [items] : []))
  if (!rounds.some((items) => says(items, 'join'))) return 'spiral'
  return rounds.some((items) => says(items, 'turn')) ? 'turned' : 'joined'
}

/** How rows start, as far as they tell: whether their chains count, and whether they are one shorter than is usual. */
export function startsOf(rows: readonly CheckedRow[]): Pick<Making, 'chainCounts' | 'shortChain'> {
  const usual: Readonly<Record<string, number>> = { hdc: 2, dc: 3, tr: 4 }
  const chains = rows.slice(1).flatMap((row) => {
    const first = row.items?.find(({ kind }) => kind !== 'note')
    const most = usual[stitchOf(row)]
    return first?.kind === 'chain' && most !== undefined ? [first.count - most] : []
  })
  return {
    chainCounts: rows.some(({ made = [] }) => made.some(({ word }) => word === 'start')),
    shortChain: chains.length > 0 && chains.every((more) => more === -1),
  }
}
