import type { Work } from './work.ts'

/* Questions about work that need no places: what it goes into, and what form it has. */

/** Whether work goes into chain spaces. */
export const intoSpaces = (items: readonly Work[]): boolean =>
  items.some(
    (item) =>
      ('target' in item && item.target?.kind === 'next' && item.target.unit === 'sp') ||
      (item.kind === 'group' && intoSpaces(item.items)),
  )

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
        reach: { kind: 'times', count: 1 },
        target: inner.target,
        span: { from: first.span.from, to: inner.span.to },
      })
    } else list.push(inner)
  }
  return list
}
/** A chain longer than this at the very beginning is one to work into. */
export const LONG_CHAIN = 6

/** Whether a row works into a chain counted from the hook. */
export const isFromChain = (items: readonly Work[]): boolean =>
  items.some((item) => 'target' in item && item.target?.kind === 'hook')
