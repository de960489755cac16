import { isFromChain, LONG_CHAIN, type ReadWork, type Work } from '../notation/index.ts'

/* How rows begin: on what, and with which chain. */

/** Whether a row begins anew, so that nothing below it matters. */
export function begins(items: readonly Work[]): boolean {
  const [first] = items.filter(
    (item) => !(item.kind === 'note' && (item.what === 'said' || item.what === 'yarn')),
  )
  if (!first) return false
  if (first.kind === 'note') return ['pick-up', 'other-side', 'ring'].includes(first.what)
  if (first.kind === 'stitch' && first.stitch.uses === 0 && first.stitch.makes > 0) return true
  const ring = items.some((item) => 'target' in item && item.target?.kind === 'ring')
  return ring || (first.kind === 'chain' && (first.count > LONG_CHAIN || isFromChain(items)))
}

/** Whether a row is worked into a chain or ring of its own, so that it cannot be worked again further up. */
export function beginsPiece(items: readonly Work[]): boolean {
  const first = items.find(({ kind }) => kind !== 'note')
  return begins(items) || (first !== undefined && isFromChain([first]))
}

/** A short chain that ends a row before it is turned or joined is how the next one starts. */
export function carriedOver({ items, unread, past }: ReadWork): {
  read: ReadWork
  chain: Work | null
} {
  const at = items.findLastIndex(({ kind }) => kind !== 'note')
  const chain = items[at]
  const says = (i: number, ...whats: string[]) => {
    const item = items[i]
    return item?.kind === 'note' && whats.includes(item.what)
  }
  const carries = says(at + 1, 'turn') || says(at - 1, 'join', 'turn')
  if (chain?.kind !== 'chain' || chain.count > 5 || at === 0 || !carries)
    return { read: { items, unread, past }, chain: null }
  return { read: { items: items.toSpliced(at, 1), unread, past }, chain }
}
