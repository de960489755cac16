import { times, type Work } from './work-tree.ts'

/* Questions about work that need no places: what it goes into, and what form it has. */

/** Whether work goes into chain spaces, one after the other or each. */
export const intoSpaces = (
  items: readonly Work[],
  way: 'next' | 'each' | 'any' = 'next',
): boolean =>
  items.some((item) => {
    const target = 'target' in item ? item.target : null
    return (
      (way !== 'each' && target?.kind === 'next' && target.unit === 'sp') ||
      (way !== 'next' && target?.kind === 'each' && target.units.includes('sp')) ||
      (way === 'any' && item.kind === 'skip' && item.unit === 'sp') ||
      (item.kind === 'group' && intoSpaces(item.items, way))
    )
  })

/** Two halves that take and leave alike: such as a fan in one colour and then in another. */
export function isTwo(items: readonly Work[]): boolean {
  const worked = items.filter(({ kind }) => kind !== 'note')
  if (worked.length < 2 || worked.length % 2 === 1) return false
  const half = worked.length / 2
  const shape = (item: Work) =>
    JSON.stringify(item, (key: string, value: unknown) =>
      key === 'span' || key === 'yarn' ? undefined : value,
    )
  return worked.slice(0, half).every((item, i) => shape(item) === shape(worked[half + i]!))
}

/** "2 dc, ch 1, 2 dc in ch-1 sp": the stitches on both sides of the chain go into the one space. */
export function shells(items: readonly Work[]): Work[] {
  const list: Work[] = []
  for (const item of items) {
    const inner: Work = item.kind === 'group' ? { ...item, items: shells(item.items) } : item
    const [first, chain] = list.slice(-2)
    if (
      inner.kind === 'stitch' &&
      inner.target?.kind === 'next' &&
      inner.target.unit === 'sp' &&
      chain?.kind === 'chain' &&
      first?.kind === 'stitch' &&
      first.target === null &&
      first.stitch.word === inner.stitch.word &&
      first.count === inner.count
    ) {
      list.splice(-2, 2, {
        kind: 'group',
        items: [first, chain, { ...inner, target: null }],
        reach: times(1),
        target: inner.target,
        span: { from: first.span.from, to: inner.span.to },
      })
    } else list.push(inner)
  }
  return list
}
/** A chain longer than this at the very beginning is one to work into. */
export const LONG_CHAIN = 6

/** Chains a tall stitch turns on (Craft Yarn Council). */
const TURNING: Readonly<Record<string, number>> = { hdc: 2, dc: 3, tr: 4, dtr: 5 }

/**
 * "Dc in 8th ch from hook, *ch 2, sk 2 ch, dc …": of the seven chains skipped three stand for a dc, two for the chain after it,
 * and two are skipped below. Chains of that space; 0 where the row goes on with no chain.
 */
export function meshSpace(word: string, skipped: number, after: readonly Work[]): number {
  const [next] = after.filter(({ kind }) => kind !== 'note')
  const first = next?.kind === 'group' ? next.items.find(({ kind }) => kind !== 'note') : next
  const over = skipped - (TURNING[word] ?? Infinity)
  return first?.kind === 'chain' && over === 2 * first.count ? first.count : 0
}

/** Chains by which a start is longer than the row's first stitch is tall; 0 where it is not, or the row has no chains. */
export function startSpaceOf(items: readonly Work[]): number {
  const [first, ...more] = items.filter(({ kind }) => kind !== 'note')
  if (first?.kind !== 'chain' || first.counts !== null) return 0
  const words = more.flatMap(function wordsOf(item): string[] {
    if (item.kind === 'group') return item.items.flatMap(wordsOf)
    return item.kind === 'stitch' ? [item.stitch.word] : []
  })
  const over = first.count - (TURNING[words[0] ?? ''] ?? Infinity)
  const chains = (item: Work): boolean =>
    item.kind === 'chain' || (item.kind === 'group' && item.items.some(chains))
  return over > 0 && over < 6 && more.some(chains) ? over : 0
}

/** A slip stitch. */
export const isSlip = (item: Work | undefined): boolean =>
  item?.kind === 'stitch' && /^(?:sl st|ss)$/.test(item.stitch.word)

/** Whether a row works into a chain counted from the hook. */
export const isFromChain = (items: readonly Work[]): boolean =>
  items.some((item) => 'target' in item && item.target?.kind === 'hook')

/** Stitches a row says it leaves unworked at its end. */
export const leftAtEnd = (items: readonly Work[]): number =>
  items.reduce(
    (sum, item) => sum + (item.kind === 'note' && item.what === 'leave' ? item.count : 0),
    0,
  )

/** Whether a row goes into a ring. */
export const isRing = (items: readonly Work[]): boolean =>
  items.some(
    (item) =>
      ('target' in item && item.target?.kind === 'ring') ||
      (item.kind === 'note' && item.what === 'ring') ||
      (item.kind === 'group' && isRing(item.items)),
  )

/**
 * "Sc in each dc, 2 sc in each ch-1 sp and 3 sc in each ch-2 sp around": stitches that share a row out by what they go into; only
 * one of them when it is no such list.
 */
export function sharedOut(
  items: readonly Work[],
  at: number,
): Extract<Work, { kind: 'stitch' | 'group' }>[] {
  const list: Extract<Work, { kind: 'stitch' | 'group' }>[] = []
  for (const item of items.slice(at)) {
    if (item.kind === 'note' || item.kind === 'chain' || item.kind === 'skip') break
    if (item.target?.kind !== 'each' || item.target.reach.kind !== 'end') break
    if (item.target.units.length > 1) break
    list.push(item)
  }
  const kinds = new Set(list.map(({ target }) => JSON.stringify(target)))
  return kinds.size === list.length && intoSpaces(list, 'each') ? list : list.slice(0, 1)
}

const closesRing = (item: Work | undefined): boolean =>
  item?.kind === 'note' && item.what === 'join' && /ring|circle/i.test(item.text)

/** Without the chain that is only joined into a ring. */
export function ringMade(items: readonly Work[]): readonly Work[] {
  const at = items.findIndex(({ kind }) => kind !== 'note')
  const [chain, join] = [items[at], items[at + 1]]
  const joined = join?.kind === 'note' && join.what === 'join' && isRing(items)
  return chain?.kind === 'chain' && (closesRing(join) || joined) ? items.toSpliced(at, 2) : items
}

/** Whether a row is worked into a ring: one that is drawn together, or one of chain. */
export const intoRing = (items: readonly Work[]): boolean =>
  items.some(
    (item) =>
      closesRing(item) ||
      (item.kind === 'note' && item.what === 'ring') ||
      ('target' in item && item.target?.kind === 'ring'),
  )

/** Whether a row says so of itself: that it is turned, joined, or goes on along the other side of the chain. */
export const says = (
  items: readonly Work[],
  what: Extract<Work, { kind: 'note' }>['what'],
): boolean => items.some((item) => item.kind === 'note' && item.what === what && !closesRing(item))
