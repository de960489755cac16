<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import Konva from 'konva/lib/Core.js'
import { Image as KonvaImage } from 'konva/lib/shapes/Image.js'
import { computed, onBeforeUnmount, onMounted, ref, shallowRef, useTemplateRef, watch } from 'vue'
import type { Cell, Chart } from '@core/chart'
import { maybeLetterAt } from '@core/chart'
import type { Yarn } from '@core/design'
import TapeMeasure from '@app/parts/TapeMeasure.vue'
import { useWorkshop } from '@app/stores/workshop.ts'
import { roundNumbers, stitchNumbers } from './axes.ts'
import { type Gesture, lift, move, type Outcome, press } from './gesture.ts'
import { CellPainter, clipToCells } from './painter.ts'
import type { Tool } from './tools.ts'
import {
  cellCorner,
  type ChartView,
  fittedView,
  inChart,
  margin,
  maybeCellAt,
  panned,
  showing,
  zoomed,
} from './view-model.ts'

/** A chart to look at and to paint on, by pointer and by keyboard. It owns size, view and one frame at a time. */
const props = defineProps<{
  chart: Chart
  yarns: readonly Yarn[]
  /** The chosen yarn, and the one the eraser paints with. */
  letter: string
  ground: string
  tool: Tool
  aspect: number
  stitchWidthMm: number
  firstRound: number
  letters: boolean
  /** Whether the columns repeat, with markers at the edges of the repeat. */
  repeats: boolean
  readonly?: boolean
  /** What the tape below measures. */
  caption: string
  /** The round written out below, from 0. */
  row: number | null
}>()
const emit = defineEmits<{
  paint: [cells: readonly Cell[], letter: string, gesture: string]
  cancel: [gesture: string]
  pick: [letter: string]
  point: [cell: Cell | null]
}>()

const workshop = useWorkshop()
const hand = computed(() => workshop.words.hand)
const root = useTemplateRef('root')
const stageBox = useTemplateRef('stageBox')
const { width, height } = useElementSize(root)
const view = shallowRef<ChartView | null>(null)
const cursor = ref<Cell>({ column: 0, row: 0 })
const keyboard = ref(false)
const hovered = shallowRef<Cell | null>(null)
const wouldPaint = shallowRef<readonly Cell[]>([])
let gesture: Gesture | null = null
let pan: { x: number; y: number } | null = null
let fitted = true

// The view follows the size of the element and of the chart.
watch(
  [width, height, () => props.chart.width, () => props.chart.colours.length, () => props.aspect],
  ([wide, high, columns, rows, aspect], before) => {
    if (wide < 80 || high < 80) return
    const same = before && before[2] === columns && before[3] === rows && before[4] === aspect
    if (!view.value || fitted || !same) fit()
    else view.value = panned({ ...view.value, width: wide, height: high }, 0, 0)
  },
  { immediate: true, flush: 'post' },
)
function fit() {
  fitted = true
  view.value = fittedView({
    width: width.value,
    height: height.value,
    columns: props.chart.width,
    rows: props.chart.colours.length,
    aspect: props.aspect,
  })
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
defineExpose({ zoomBy, fit })

// Painting: one picture of the cells, one layer above it for what is under the hand.
const painter = new CellPainter()
const look = computed(() => ({
  colours: new Map(props.yarns.map(({ letter, colour }) => [letter, colour])),
  background: '#f1f3ee',
  letters: props.letters,
}))
let stage: Konva.Stage | null = null
let cells: Konva.Layer
let above: Konva.Layer
let picture: KonvaImage
let frame = 0
onMounted(() => {
  stage = new Konva.Stage({ container: stageBox.value!, width: 10, height: 10, listening: false })
  cells = new Konva.Layer({ listening: false })
  above = new Konva.Layer({ listening: false })
  picture = new KonvaImage({ image: painter.canvas, perfectDrawEnabled: false })
  cells.add(picture)
  above.add(new Konva.Shape({ sceneFunc: (context) => paintAbove(context._context) }))
  stage.add(cells, above)
  schedule()
})
onBeforeUnmount(() => {
  cancelAnimationFrame(frame)
  stage?.destroy()
})
function schedule() {
  if (!frame) frame = requestAnimationFrame(draw)
}
watch(
  [() => props.chart, view, look, hovered, wouldPaint, cursor, keyboard, () => props.row],
  schedule,
)

let drawn: unknown[] = []
function draw() {
  frame = 0
  const now = view.value
  if (!stage || !now) return
  if (stage.width() !== now.width || stage.height() !== now.height) stage.size(now)
  const parts = [props.chart, now, look.value]
  if (parts.some((part, i) => part !== drawn[i])) {
    drawn = parts
    painter.paint(props.chart, now, look.value)
    picture.size(now)
    cells.draw()
  }
  above.draw()
}

const styles = getComputedStyle(document.documentElement)
const marker = styles.getPropertyValue('--marker')
const ink = styles.getPropertyValue('--ink')

function paintAbove(context: CanvasRenderingContext2D) {
  const now = view.value
  if (!now) return
  context.save()
  clipToCells(context, now)
  const { cellWidth, cellHeight } = now
  if (wouldPaint.value.length) {
    const letter = props.tool.erases ? props.ground : props.letter
    context.fillStyle = look.value.colours.get(letter) ?? ink
    for (const cell of wouldPaint.value) {
      const { x, y } = cellCorner(now, cell)
      context.fillRect(x, y, cellWidth, cellHeight)
    }
  }
  if (props.row !== null) {
    const { y } = cellCorner(now, { column: 0, row: props.row })
    context.lineWidth = 2
    context.strokeStyle = marker
    context.strokeRect(
      margin.left + 1,
      y - 1,
      now.width - margin.left - margin.right - 2,
      cellHeight + 2,
    )
  }
  const at = keyboard.value ? cursor.value : hovered.value
  if (at) {
    const { x, y } = cellCorner(now, at)
    context.lineWidth = 3.5
    context.strokeStyle = ink
    context.strokeRect(x - 0.5, y - 0.5, cellWidth, cellHeight)
    context.lineWidth = 1.5
    context.strokeStyle = '#ffffff'
    context.strokeRect(x - 0.5, y - 0.5, cellWidth, cellHeight)
  }
  context.restore()
}

// The hand.
function perform(outcome: Outcome) {
  wouldPaint.value = outcome.kind === 'show' ? outcome.cells : []
  if (outcome.kind === 'paint')
    emit(
      'paint',
      brought(outcome.cells),
      props.tool.erases ? props.ground : props.letter,
      outcome.gesture,
    )
  if (outcome.kind === 'pick') {
    const letter = maybeLetterAt(props.chart, inChart(view.value!, outcome.cell))
    if (letter) emit('pick', letter)
  }
}
/** Cells of the repeats, brought into the chart; those above or below it are left out. */
const brought = (list: readonly Cell[]) =>
  list
    .filter(({ row }) => row >= 0 && row < props.chart.colours.length)
    .map((cell) => inChart(view.value!, cell))

function cellOf(event: PointerEvent): Cell | null {
  const box = stageBox.value!.getBoundingClientRect()
  return view.value && maybeCellAt(view.value, event.clientX - box.left, event.clientY - box.top)
}
function down(event: PointerEvent) {
  keyboard.value = false
  const cell = cellOf(event)
  if (event.button === 1 || props.tool.kind === 'pan') {
    event.preventDefault()
    pan = { x: event.clientX, y: event.clientY }
    root.value!.setPointerCapture(event.pointerId)
    return
  }
  if (event.button !== 0 || !cell || props.readonly) return
  root.value!.setPointerCapture(event.pointerId)
  const step = press(props.tool, props.chart, chartCell(cell), crypto.randomUUID())
  gesture = step.gesture
  perform(step.outcome)
}
/** Filling starts inside the chart; strokes and shapes may run over its edge. */
const chartCell = (cell: Cell) =>
  props.tool.kind === 'click' || props.tool.kind === 'pick' ? inChart(view.value!, cell) : cell

function moved(event: PointerEvent) {
  if (pan) {
    changeView(panned(view.value!, event.clientX - pan.x, event.clientY - pan.y))
    pan = { x: event.clientX, y: event.clientY }
    return
  }
  const cell = cellOf(event)
  const was = hovered.value
  if (was?.column !== cell?.column || was?.row !== cell?.row) {
    hovered.value = cell
    emit('point', cell && inChart(view.value!, cell))
  }
  if (!gesture || !cell) return
  const step = move(gesture, props.chart, cell)
  gesture = step.gesture
  if (step.outcome.kind !== 'nothing') perform(step.outcome)
}
function up() {
  pan = null
  if (!gesture) return
  const step = lift(gesture, props.chart)
  gesture = step.gesture
  perform(step.outcome)
}
function leave() {
  hovered.value = null
  emit('point', null)
}
/** Escape takes an unfinished stroke back. */
function cancel() {
  if (!gesture) return
  emit('cancel', gesture.id)
  gesture = null
  wouldPaint.value = []
}
function wheel(event: WheelEvent) {
  if (!view.value) return
  const box = stageBox.value!.getBoundingClientRect()
  if (event.ctrlKey || event.metaKey)
    changeView(
      zoomed(
        view.value,
        Math.exp(-event.deltaY / 300),
        event.clientX - box.left,
        event.clientY - box.top,
      ),
    )
  else changeView(panned(view.value, -event.deltaX, -event.deltaY))
}

// The keyboard.
const steps: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
}
const zooms: Readonly<Record<string, number>> = { '+': 1.25, '=': 1.25, '-': 0.8 }
function key(event: KeyboardEvent) {
  if (event.ctrlKey || event.metaKey || event.altKey) return
  const step = steps[event.key]
  if (step) {
    event.preventDefault()
    goTo({
      column: (cursor.value.column + step[0] + props.chart.width) % props.chart.width,
      row: Math.min(Math.max(0, cursor.value.row + step[1]), props.chart.colours.length - 1),
    })
    if (event.shiftKey) paintAtCursor()
  } else if (event.key === ' ' || event.key === 'Enter') {
    event.preventDefault()
    paintAtCursor()
  } else if (event.key === 'Escape') cancel()
  else if (event.key in zooms) zoomBy(zooms[event.key]!)
  else if (event.key === '0') fit()
}
function goTo(cell: Cell) {
  keyboard.value = true
  cursor.value = cell
  if (view.value) changeView(showing(view.value, cell))
  emit('point', cell)
}
function paintAtCursor() {
  if (props.readonly || props.tool.kind === 'pan') return
  const id = crypto.randomUUID()
  const step = press(props.tool, props.chart, cursor.value, id)
  perform(step.gesture ? { kind: 'paint', cells: [cursor.value], gesture: id } : step.outcome)
}
watch(
  () => [props.chart.width, props.chart.colours.length] as const,
  ([columns, rows]) => {
    cursor.value = {
      column: Math.min(cursor.value.column, columns - 1),
      row: Math.min(cursor.value.row, rows - 1),
    }
  },
)
const cursorWords = computed(() => {
  const letter = maybeLetterAt(props.chart, cursor.value)
  const name = props.yarns.find((yarn) => yarn.letter === letter)?.name ?? ''
  const stitch =
    hand.value === 'right' ? props.chart.width - cursor.value.column : cursor.value.column + 1
  return `Round ${props.firstRound + cursor.value.row}, stitch ${stitch}: ${letter} ${name}`
})

// The edges.
const pxPerMm = computed(() => (view.value ? view.value.cellWidth / props.stitchWidthMm : 1))
const edges = computed(() => {
  const now = view.value
  if (!now) return null
  const left = Math.max(margin.left, now.left)
  const right = Math.min(now.width - margin.right, now.left + now.columns * now.cellWidth)
  const top = Math.max(margin.top, now.foot - now.rows * now.cellHeight)
  const foot = Math.min(now.height - margin.bottom, now.foot)
  return {
    left,
    foot,
    across: Math.max(0, right - left) / pxPerMm.value,
    up: Math.max(0, foot - top) / pxPerMm.value,
    rounds: roundNumbers(now, props.firstRound),
    stitches: stitchNumbers(now, hand.value),
    markers: [now.left, now.left + now.columns * now.cellWidth].filter(
      (x) => x >= margin.left - 1 && x <= now.width - margin.right + 1,
    ),
    numbersX: hand.value === 'right' ? now.width - margin.right + 8 : margin.left - 8,
    anchor: hand.value === 'right' ? ('start' as const) : ('end' as const),
    tapeX: hand.value === 'right' ? margin.left - 28 : now.width - margin.right + 9,
    markersY: Math.max(18, now.foot - now.rows * now.cellHeight - 17),
    rowY:
      props.row === null
        ? null
        : cellCorner(now, { column: 0, row: props.row }).y + now.cellHeight / 2,
  }
})
</script>

<template>
  <div
    ref="root"
    class="chart-canvas"
    :class="[tool.kind, { readonly }]"
    role="application"
    tabindex="0"
    :aria-label="`Chart, ${chart.width} stitches by ${chart.colours.length} rounds. Arrows move, Space paints, Shift and arrows paint on the way, digits choose the yarn.`"
    @pointerdown="down"
    @pointermove="moved"
    @pointerup="up"
    @pointercancel="up"
    @pointerleave="leave"
    @wheel.prevent="wheel"
    @keydown="key"
    @focus="keyboard = true"
    @blur="keyboard = false"
  >
    <div ref="stageBox" class="stage-box" />
    <svg
      v-if="edges && view"
      class="edges"
      :width="view.width"
      :height="view.height"
      aria-hidden="true"
    >
      <text
        v-for="number in edges.stitches"
        :key="`s${number.text}`"
        :x="number.at"
        :y="edges.markersY + 12"
        text-anchor="middle"
      >
        {{ number.text }}
      </text>
      <g v-if="repeats">
        <g
          v-for="x in edges.markers"
          :key="x"
          class="marker"
          :transform="`translate(${x} ${edges.markersY})`"
        >
          <path d="M-4 2C-5.5 10 -3.5 14 0 14C3.5 14 5.5 10 4 2L4 -1C4 -6 -4 -6 -4 -1Z" />
          <path d="M-4 4L-1.4 6.6" />
        </g>
      </g>
      <text
        v-for="number in edges.rounds"
        :key="`r${number.text}`"
        :x="edges.numbersX"
        :y="number.at + 4"
        :text-anchor="edges.anchor"
        :class="{ big: number.big, here: row !== null && number.text === String(firstRound + row) }"
      >
        {{ number.text }}
      </text>
      <path
        v-if="edges.rowY !== null"
        class="reads"
        :d="
          hand === 'right'
            ? `M${view.width - 8} ${edges.rowY}l-7 -4v8z`
            : `M8 ${edges.rowY}l7 -4v8z`
        "
        :transform="
          hand === 'right'
            ? `rotate(180 ${view.width - 11} ${edges.rowY})`
            : `rotate(180 11 ${edges.rowY})`
        "
      />
      <TapeMeasure
        direction="up"
        :x="edges.tapeX"
        :y="edges.foot"
        :length-mm="edges.up"
        :px-per-mm="pxPerMm"
      />
      <text
        class="caption"
        :x="edges.left + (edges.across * pxPerMm) / 2"
        :y="edges.foot + 43"
        text-anchor="middle"
      >
        {{ caption }}
      </text>
      <TapeMeasure
        direction="across"
        :x="edges.left"
        :y="edges.foot + 8"
        :length-mm="edges.across"
        :px-per-mm="pxPerMm"
      />
    </svg>
    <p class="hidden-words" aria-live="polite">{{ keyboard ? cursorWords : '' }}</p>
  </div>
</template>

<style>
.chart-canvas {
  position: relative;
  min-width: 0;
  min-height: 0;
  overflow: hidden;
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
.chart-canvas .edges {
  pointer-events: none;
}
.chart-canvas .edges text {
  fill: var(--ink-3);
  font-size: 11px;
  font-variant-numeric: tabular-nums;
}
.chart-canvas .edges text.big {
  fill: var(--ink);
  font-weight: 650;
}
.chart-canvas .edges text.here {
  fill: var(--marker-ink);
  font-weight: 650;
}
.chart-canvas .edges text.caption {
  fill: var(--ink-2);
  font-size: 12px;
}
.chart-canvas .edges .tape text {
  fill: var(--tape-ink);
  font: 650 9.5px/1 var(--font-text);
}
.chart-canvas .marker {
  fill: none;
  stroke: var(--marker);
  stroke-width: 2;
  stroke-linecap: round;
}
.chart-canvas .reads {
  fill: var(--marker);
}
</style>
