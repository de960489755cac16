import { LIMITS } from '../part/index.ts'
import { type BasePart, constructionOf, constructionOfKind } from '../shape/index.ts'
import type { Design } from './documents.ts'
import { bandsOf, baseOf, growthOf, roundsOf } from './parts-of.ts'

/** Another kind of base in the place of the one a design has, for a bag as far around. */
export function baseInstead(design: Design, kind: BasePart['kind']): BasePart {
  const base = baseOf(design)
  if (base.kind === kind) return base
  const { id, name, making, yarn, stitch, turns, firstStitch } = base
  const stitchesAround = base.count * constructionOf(base).around(base)
  const kept = { id, name, making, yarn, stitch, count: base.count, firstStitch, turns }
  const from = {
    along:
      'along' in base
        ? base.along
        : Math.min(LIMITS.along, Math.max(3, Math.round(stitchesAround / 4))),
    second: design.yarns.find(({ letter }) => letter !== yarn)?.letter ?? yarn,
    rows: 1 + bandsOf(design).reduce((sum, part) => sum + roundsOf(part), 0),
  }
  const { begin } = constructionOfKind(kind)
  const next = begin(kept, from)
  const around = constructionOf(next).around(next)
  const count = Math.min(LIMITS.count, Math.max(3, Math.round(stitchesAround / around)))
  const sized = begin({ ...kept, count }, from)
  return { ...sized, count: Math.max(count, growthOf({ ...sized, count }).first) }
}
