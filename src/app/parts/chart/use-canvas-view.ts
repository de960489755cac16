import { useElementSize, useEventListener } from '@vueuse/core'
import { ref, type Ref, shallowRef, watch } from 'vue'
import type { CanvasProps } from './canvas-props.ts'
import { type ChartView, fittedView, panned, zoomed } from './view-model.ts'

/** The view of a chart: it fits until it is moved, and follows the size of the element and of the chart. */
export function useCanvasView(
  root: Readonly<Ref<HTMLElement | null>>,
  props: Readonly<CanvasProps>,
) {
  const { width, height } = useElementSize(root)
  const view = shallowRef<ChartView | null>(null)
  let fitted = true
  const shown = () => ({
    columns: props.chart.width,
    rows: props.chart.colours.length,
    aspect: props.aspect,
    alone: props.alone,
    lean: props.lean,
  })
  /** A stroke keeps the geometry it began with: what has changed about the chart is followed when it is over. */
  const held = ref(false)
  useEventListener(root, 'pointerdown', () => (held.value = true))
  useEventListener(['pointerup', 'pointercancel', 'blur'], () => (held.value = false))
  let of = ''
  watch(
    // As text, since a watched object is another one with every change of the others, changed or not.
    [() => width.value, () => height.value, () => JSON.stringify(shown()), held],
    ([wide, high, what, still]) => {
      if (wide < 80 || high < 80 || (still && view.value)) return
      const { width: w, height: h } = view.value ?? { width: 0, height: 0 }
      if (of === what && w === wide && h === high) return
      if (!view.value || fitted || of !== what) fit()
      else view.value = panned({ ...view.value, width: wide, height: high }, 0, 0)
      of = what
    },
    { immediate: true, flush: 'post' },
  )
  function fit() {
    fitted = true
    view.value = fittedView({ width: width.value, height: height.value, ...shown() })
  }
  function changeView(next: ChartView) {
    if (next === view.value) return
    fitted = false
    view.value = next
  }
  function zoomBy(factor: number) {
    if (view.value)
      changeView(zoomed(view.value, factor, view.value.width / 2, view.value.height / 2))
  }
  return { view, fit, changeView, zoomBy }
}
