import { constructionOf } from '../shape/index.ts'
import { LIMITS } from '../band/index.ts'
import type { BasePart, Design } from './documents.ts'
import { bandsOf, baseOf, growthOf, roundsOf } from './reading.ts'

type Own = Pick<BasePart, 'id' | 'name' | 'making' | 'yarn' | 'stitch' | 'count'>

interface From {
  /** Stitches of a chain for a base of this count: a quarter of it, or the chain there was. */
  readonly along: number
  /** Another yarn, for what is worked in two. */
  readonly second: string
  /** Rows there are in all. */
  readonly rows: number
}

const disc = { increase: 6, stagger: 'staggered', plainFrom: null, plainRounds: 0 } as const

/** Each kind of base as it begins when it takes the place of another. */
const begun: { readonly [Kind in BasePart['kind']]: (own: Own, from: From) => BasePart } = {
  'round-base': (own) => ({ ...own, ...disc, kind: 'round-base' }),
  'oval-base': (own, { along }) => ({ ...own, kind: 'oval-base', along, inEnd: 3, increase: 6 }),
  'rectangle-base': (own, { along }) => ({ ...own, kind: 'rectangle-base', along }),
  'flat-base': (own, { along }) => ({ ...own, kind: 'flat-base', along }),
  tube: (own) => ({ ...own, kind: 'tube', decrease: 0 }),
  'folded-panel': (own, { rows }) => ({ ...own, kind: 'folded-panel', flapRows: usualFlap(rows) }),
  'two-panels': (own) => ({ ...own, kind: 'two-panels' }),
  squares: (own, { second }) => ({ ...own, kind: 'squares', second, across: 3, down: 3 }),
  discs: (own) => ({ ...own, ...disc, kind: 'discs', strip: 12 }),
  'half-round': (own) => ({ ...own, kind: 'half-round', increase: 3 }),
}

const around = (base: BasePart): number => constructionOf<BasePart>(base).around(base)

/** The flap is half of the folded part (common practice): a fifth of the rows, such that front and back are equal. */
function usualFlap(rows: number): number {
  const flap = Math.round(rows / 5)
  return Math.min(LIMITS.rounds, (rows - flap) % 2 === 0 ? flap : flap + 1)
}

/** Another kind of base in the place of the one a design has, for a bag as far around. */
export function baseInstead(design: Design, kind: BasePart['kind']): BasePart {
  const base = baseOf(design)
  if (base.kind === kind) return base
  const { id, name, making, yarn, stitch } = base
  const stitchesAround = base.count * around(base)
  const own = { id, name, making, yarn, stitch, count: base.count }
  const next = begun[kind](own, {
    along:
      'along' in base
        ? base.along
        : Math.min(LIMITS.along, Math.max(3, Math.round(stitchesAround / 4))),
    second: design.yarns.find(({ letter }) => letter !== yarn)?.letter ?? yarn,
    rows: 1 + bandsOf(design).reduce((sum, part) => sum + roundsOf(part), 0),
  })
  const count = Math.min(LIMITS.count, Math.max(3, Math.round(stitchesAround / around(next))))
  return { ...next, count: Math.max(count, growthOf({ ...next, count }).first) }
}
