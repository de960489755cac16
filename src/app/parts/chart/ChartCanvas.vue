<script setup lang="ts">
import { computed, useTemplateRef } from 'vue'
import { maybeLetterAt } from '@core/chart'
import { steady } from '@app/parts/page/steady.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import type { CanvasProps } from './canvas-props.ts'
import ChartEdges from './ChartEdges.vue'
import { lettersIn } from './painter.ts'
import { usePinch } from './pinch.ts'
import { useCanvasDrawing } from './use-canvas-drawing.ts'
import { type CanvasEvents, useCanvasHand } from './use-canvas-hand.ts'
import { useCanvasKeys } from './use-canvas-keys.ts'
import { useCanvasView } from './use-canvas-view.ts'
import { panned, showing, zoomed } from './view-model.ts'

/** A chart to look at and to paint on, by pointer and by keyboard. */
const props = defineProps<CanvasProps>()
const emit = defineEmits<CanvasEvents>()

const workshop = useWorkshop()
const root = useTemplateRef<HTMLDivElement>('root')
const stageBox = useTemplateRef<HTMLDivElement>('stageBox')
const { view, fit, changeView, zoomBy } = useCanvasView(root, props)
defineExpose({ zoomBy, fit })

const { hovered, wouldPaint, byKeys, ...hand } = useCanvasHand(
  props,
  { root, view, changeView },
  emit,
)
const { down, hover, leave, cancel } = hand
const { cursor, key } = useCanvasKeys(props, {
  went(cell) {
    byKeys.value = true
    if (view.value) changeView(showing(view.value, cell))
    emit('point', cell)
    hand.moveTo(cell)
  },
  ...{ press: hand.pressAt, zoomBy, fit, cancel },
})
const at = computed(() => (byKeys.value ? cursor.value : hovered.value))
const look = useCanvasDrawing(stageBox, props, { view, at, wouldPaint })

/** Two fingers move the chart and make it larger. */
usePinch(root, {
  begin: cancel,
  move({ dx, dy, x, y, factor }) {
    if (view.value) changeView(zoomed(panned(view.value, dx, dy), factor, x, y))
  },
})
function wheel({ ctrlKey, metaKey, deltaX, deltaY, clientX, clientY }: WheelEvent) {
  if (!view.value) return
  const { left, top } = root.value!.getBoundingClientRect()
  changeView(
    ctrlKey || metaKey
      ? zoomed(view.value, Math.exp(-deltaY / 300), clientX - left, clientY - top)
      : panned(view.value, -deltaX, -deltaY),
  )
}

/** The yarns of each row: the edge shows where there are several. */
const rowYarns = steady(() => props.rowLetters ?? props.chart.colours.map(lettersIn))
const cursorWords = computed(() => {
  const { column, row } = cursor.value
  const letter = maybeLetterAt(props.chart, cursor.value)
  const name = props.yarns.find((yarn) => yarn.letter === letter)?.name ?? ''
  const stitch = workshop.words.hand === 'right' ? props.chart.width - column : column + 1
  return `${props.worked === 'rows' ? 'Row' : 'Round'} ${props.firstRound + row * props.each}, stitch ${stitch}: ${letter} ${name}`
})
</script>

<template>
  <div
    ref="root"
    class="chart-canvas"
    :class="[tool.kind, { readonly }]"
    role="application"
    tabindex="0"
    :aria-label="`Chart, ${chart.width} stitches by ${chart.colours.length} ${worked}. Arrows move, Home, End, Page up and Page down go to its edges, Space paints or begins and ends a shape, Shift and arrows paint on the way, digits choose the yarn.`"
    @pointerdown="down"
    @pointermove="hover"
    @pointerleave="leave"
    @wheel.prevent="wheel"
    @keydown="key"
    @focus="byKeys = true"
    @blur="byKeys = false"
  >
    <div ref="stageBox" class="stage-box" />
    <ChartEdges
      v-if="view"
      :view="view"
      :stitch-width-mm="stitchWidthMm"
      :first-round="firstRound"
      :each="each"
      :yarns-from="rowLetters ? 1 : 2"
      :marks="marks"
      :begins-on="beginsOn"
      :row-yarns="rowYarns"
      :colours="look.colours"
      :current="row"
      :caption="caption"
    />
    <p class="hidden-words" aria-live="polite">{{ byKeys ? cursorWords : '' }}</p>
  </div>
</template>

<style>
.chart-canvas {
  position: relative;
  min-width: 0;
  min-height: 0;
  overflow: hidden;
  contain: strict;
  cursor: crosshair;
  touch-action: none;
  user-select: none;
}
.chart-canvas.pan,
.chart-canvas.readonly {
  cursor: grab;
}
.chart-canvas .stage-box,
.chart-canvas .edges {
  position: absolute;
  inset: 0;
}
/* Layers of their own: painting a cell does not draw the edges again. */
.chart-canvas canvas,
.chart-canvas .edges {
  will-change: transform;
}
</style>
