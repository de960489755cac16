<script setup lang="ts">
import { followPointer } from '@app/parts/page/follow-pointer.ts'
import { nanoid } from 'nanoid'
import { useElementSize } from '@vueuse/core'
import Konva from 'konva/lib/Core.js'
import { Image as KonvaImage } from 'konva/lib/shapes/Image.js'
import { computed, onBeforeUnmount, onMounted, ref, shallowRef, useTemplateRef, watch } from 'vue'
import { type Cell, type Chart, maybeLetterAt, type Patch, stampedAt, thickened } from '@core/chart'
import { useWorkshop } from '@app/stores/workshop.ts'
import ChartEdges from './ChartEdges.vue'
import type { Ink } from './ink.ts'
import { type Gesture, lift, move, type Outcome, press } from './gesture.ts'
import type { ChartMark } from './axes.ts'
import {
  paintArrow,
  paintCaret,
  paintCells,
  paintChosen,
  paintDrops,
  paintHatched,
  paintRound,
  paintStamp,
} from './overlay.ts'
import { CellPainter, clipToCells, lettersIn, type Look } from './painter.ts'
import type { Sign } from './signs.ts'
import { usePinch } from './pinch.ts'
import { steady } from '@app/parts/page/steady.ts'
import type { Tool } from './tools.ts'
import {
  type ChartView,
  fittedView,
  inChart,
  maybeCellAt,
  panned,
  showing,
  zoomed,
} from './view-model.ts'

/** A chart to look at and to paint on, by pointer and by keyboard. It owns size, view and one frame at a time. */
const props = defineProps<{
  chart: Chart
  yarns: readonly Ink[]
  /** The chosen yarn, and the one the eraser paints with. */
  letter: string
  ground: string
  tool: Tool
  /** How many stitches wide the brush is. */
  size: number
  /** The cells that are chosen, and what is about to be laid down. */
  chosen: readonly Cell[]
  stamp: Patch | null
  aspect: number
  stitchWidthMm: number
  firstRound: number
  /** Worked rounds a row of the chart is. */
  each: number
  /** Cells that cannot be as they are drawn, and those that reach down. */
  hatched: ((cell: Cell) => boolean) | null
  drops: readonly Cell[]
  /** The yarn of each row, where a row has one that is told at the edge. */
  rowLetters: readonly string[] | null
  /** What stands in the cells. */
  sign: Sign
  /** All of a row is shown, and nothing lies beside it. */
  alone: boolean
  /** Columns a row by which lines lean, where that is shown. */
  lean: number
  /** The stitch that cells are shown as; null for squares. */
  stitch: Look['stitch']
  /** Where the repeat ends, rounds begin, and the middle and the sides of the bag are. */
  marks: readonly ChartMark[]
  /** The side a row begins on. */
  beginsOn: (row: number) => 'left' | 'right'
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
  choose: [cells: readonly Cell[]]
  stamp: [cell: Cell, gesture: string]
  fill: [cell: Cell, gesture: string]
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
let fitted = true

// The view follows the size of the element and of the chart.
watch(
  // Getters, since a watched shallow ref fires with every change of the others, changed or not.
  [
    () => width.value,
    () => height.value,
    () => props.chart.width,
    () => props.chart.colours.length,
    () => props.aspect,
    () => props.alone,
    () => props.lean,
  ],
  ([wide, high, columns, rows, aspect, alone, lean], before) => {
    if (wide < 80 || high < 80) return
    const same =
      before &&
      before[2] === columns &&
      before[3] === rows &&
      before[4] === aspect &&
      before[5] === alone &&
      before[6] === lean
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
    alone: props.alone,
    lean: props.lean,
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
  sign: props.sign,
  stitch: props.stitch,
}))
/** The yarns of each row: the edge shows where there are several. */
const rowYarns = steady(() => props.rowLetters ?? props.chart.colours.map(lettersIn))
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
  [
    ...[() => props.chart, view, look, hovered, wouldPaint, cursor, keyboard],
    ...[() => props.row, () => props.chosen, () => props.stamp],
    ...[() => props.hatched, () => props.drops],
  ],
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
const inks = {
  marker: styles.getPropertyValue('--marker'),
  ink: styles.getPropertyValue('--ink'),
}
const colourOf = (letter: string) => look.value.colours.get(letter) ?? inks.ink

function paintAbove(context: CanvasRenderingContext2D) {
  const now = view.value
  if (!now) return
  const { row, chosen, stamp, tool } = props
  context.save()
  clipToCells(context, now)
  const letter = tool.erases ? props.ground : props.letter
  paintDrops(context, now, props.drops, (row) => colourOf(props.rowLetters?.[row] ?? ''))
  paintHatched(context, now, props.chart, props.hatched, inks)
  paintCells(context, now, wouldPaint.value, colourOf(letter))
  if (row !== null) paintRound(context, now, row, inks)
  paintChosen(context, now, chosen, inks)
  const at = keyboard.value ? cursor.value : hovered.value
  if (at && tool.kind === 'stamp' && stamp) paintStamp(context, now, stampedAt(stamp, at), colourOf)
  if (at) paintCaret(context, now, at, inks)
  context.restore()
  if (row !== null) paintArrow(context, now, row, props.beginsOn(row), inks)
}

// The hand.
function perform(outcome: Outcome) {
  if (outcome.kind === 'nothing' && gesture) return
  wouldPaint.value = outcome.kind === 'show' ? outcome.cells : []
  if (outcome.kind === 'select') emit('choose', brought(outcome.cells))
  if (outcome.kind === 'fill') emit('fill', outcome.cell, outcome.gesture)
  if (outcome.kind === 'stamp') emit('stamp', outcome.cell, outcome.gesture)
  if (outcome.kind === 'paint')
    emit(
      'paint',
      brought(props.tool.kind === 'stroke' ? thickened(outcome.cells, props.size) : outcome.cells),
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
/** Two fingers move the chart and make it larger. */
usePinch(root, {
  begin: cancel,
  move({ dx, dy, x, y, factor }) {
    if (view.value) changeView(zoomed(panned(view.value, dx, dy), factor, x, y))
  },
})
function down(event: PointerEvent) {
  keyboard.value = false
  if (!event.isPrimary) return
  const cell = cellOf(event)
  if (event.button === 1 || props.tool.kind === 'pan') {
    event.preventDefault()
    return pan(event)
  }
  if (event.button !== 0 || !cell || props.readonly) return
  const step = press(props.tool, props.chart, chartCell(cell), nanoid(8))
  gesture = step.gesture
  followPointer(event, root.value!, { move: trace, drop: up, cancel })
  perform(step.outcome)
}
/** The chart goes along with the hand. */
function pan(event: PointerEvent) {
  const began = view.value!
  let last = event
  followPointer(event, root.value!, {
    move(to) {
      changeView(panned(view.value!, to.clientX - last.clientX, to.clientY - last.clientY))
      last = to
    },
    cancel: () => changeView(began),
  })
}
/** Filling starts inside the chart; strokes and shapes may run over its edge. */
const chartCell = (cell: Cell) =>
  ['click', 'wand', 'pick'].includes(props.tool.kind) ? inChart(view.value!, cell) : cell

function hover(event: PointerEvent) {
  const cell = cellOf(event)
  const was = hovered.value
  if (was?.column !== cell?.column || was?.row !== cell?.row) {
    hovered.value = cell
    emit('point', cell && inChart(view.value!, cell))
  }
}
function trace(event: PointerEvent) {
  const cell = cellOf(event)
  if (!gesture || !cell) return
  perform(traced(cell))
}
function traced(cell: Cell): Outcome {
  const step = move(gesture!, props.chart, cell)
  gesture = step.gesture
  return step.outcome.kind === 'nothing' ? { kind: 'nothing' } : step.outcome
}
function up() {
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
/** To an end of the row, or of the column. */
const ends: Readonly<Record<string, Partial<Record<'column' | 'row', 0 | 1>>>> = {
  Home: { column: 0 },
  End: { column: 1 },
  PageUp: { row: 1 },
  PageDown: { row: 0 },
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
  } else if (event.key in ends) {
    event.preventDefault()
    const { column, row } = ends[event.key]!
    const { width, colours } = props.chart
    goTo({
      column: column === undefined ? cursor.value.column : column * (width - 1),
      row: row === undefined ? cursor.value.row : row * (colours.length - 1),
    })
  } else if (event.key === ' ' || event.key === 'Enter') {
    event.preventDefault()
    paintAtCursor()
  } else if (event.key in zooms) zoomBy(zooms[event.key]!)
  else if (event.key === '0') fit()
  else if (event.key === 'Escape') cancel()
}
function goTo(cell: Cell) {
  keyboard.value = true
  cursor.value = cell
  if (view.value) changeView(showing(view.value, cell))
  emit('point', cell)
  if (gesture) perform(traced(cell))
}
/** Space paints the cell; a shape begins with it, and ends with the next. */
function paintAtCursor() {
  if (props.readonly || props.tool.kind === 'pan') return
  if (gesture) return up()
  const id = nanoid(8)
  const step = press(props.tool, props.chart, cursor.value, id)
  if (props.tool.kind === 'shape' || props.tool.kind === 'select') gesture = step.gesture
  perform(step.outcome)
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
  return `Round ${props.firstRound + cursor.value.row * props.each}, stitch ${stitch}: ${letter} ${name}`
})
</script>

<template>
  <div
    ref="root"
    class="chart-canvas"
    :class="[tool.kind, { readonly }]"
    role="application"
    tabindex="0"
    :aria-label="`Chart, ${chart.width} stitches by ${chart.colours.length} rounds. Arrows move, Home, End, Page up and Page down go to its edges, Space paints or begins and ends a shape, Shift and arrows paint on the way, digits choose the yarn.`"
    @pointerdown="down"
    @pointermove="hover"
    @pointerleave="leave"
    @wheel.prevent="wheel"
    @keydown="key"
    @focus="keyboard = true"
    @blur="keyboard = false"
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
    <p class="hidden-words" aria-live="polite">{{ keyboard ? cursorWords : '' }}</p>
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
