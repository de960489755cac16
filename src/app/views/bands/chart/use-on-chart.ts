import { computed, type Ref } from 'vue'
import type { BandPart } from '@core/band'
import type { Cell } from '@core/chart'
import type { Part } from '@core/design'
import type { Look } from '@app/parts/chart/painter.ts'
import type { SeenAs } from '@app/parts/chart/views.ts'
import type { ChartKind } from '../chart-kinds/chart-kind.ts'
import type { Seen } from '../chart-kinds/seen.ts'

interface Shown {
  readonly kind: Readonly<Ref<ChartKind>>
  readonly part: Readonly<Ref<Part>>
  readonly seenFrom: Readonly<Ref<Seen>>
  readonly view: Readonly<Ref<SeenAs>>
  /** The cell of the band's own chart that a shown one is. */
  readonly toOwn: (cell: Cell) => Cell
  /** The stitch that cells are shown as where the kind says no other. */
  readonly stitch: Readonly<Ref<Look['stitch']>>
  /** What is shown is what would be drawn, of which nothing is wrong yet. */
  readonly asWould: () => boolean
}

/** What its kind has to say of the shown chart: its symbols, the shapes in its cells, and those that are not worked as drawn. */
export function useOnChart({ kind, part, seenFrom, view, toOwn, stitch: plain, asWould }: Shown) {
  /** What its kind has to say of it, as it is seen. */
  const on = computed(() => kind.value.on(part.value as BandPart, seenFrom.value, view.value))
  const symbols = computed(() => on.value.symbols)
  // The same function while strokes go on, so that only what they change is drawn.
  const shapeAt = (cell: Cell) => on.value.shapeAt!(toOwn(cell))
  const hasShapes = computed(() => on.value.shapeAt !== null)
  const stitch = computed(() =>
    plain.value && hasShapes.value ? { ...plain.value, at: shapeAt } : plain.value,
  )
  /** Cells that are not worked as they are drawn, wherever they are seen. */
  const hatched = computed(() => {
    const { cannot } = on.value
    return cannot && !asWould() ? (cell: Cell) => cannot(toOwn(cell)) : null
  })
  return { on, symbols, stitch, hatched }
}
