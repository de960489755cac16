import type { BasePart } from './documents.ts'
import { growthOf } from './reading.ts'

type Own = Pick<BasePart, 'id' | 'name' | 'yarn' | 'stitch' | 'count'>

/** Each kind of base as it begins when it takes the place of another. */
const begun: { readonly [Kind in BasePart['kind']]: (own: Own, along: number) => BasePart } = {
  'round-base': (own) => ({
    ...own,
    kind: 'round-base',
    increase: 6,
    stagger: 'staggered',
    plainFrom: null,
    plainRounds: 0,
  }),
  'oval-base': (own, along) => ({ ...own, kind: 'oval-base', along, inEnd: 3, increase: 6 }),
  'rectangle-base': (own, along) => ({ ...own, kind: 'rectangle-base', along }),
}

/** Another kind of base in the place of one, for the same count; a chain takes a quarter of it, or the chain there was. */
export function baseInstead(base: BasePart, kind: BasePart['kind']): BasePart {
  if (base.kind === kind) return base
  const { id, name, yarn, stitch, count } = base
  const along = 'along' in base ? base.along : Math.max(3, Math.round(count / 4))
  const next = begun[kind]({ id, name, yarn, stitch, count }, along)
  return { ...next, count: Math.max(count, growthOf(next).first) }
}
