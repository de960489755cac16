<script setup lang="ts">
import { computed, onMounted, ref, useTemplateRef, watch } from 'vue'
import { colourAt, type Marks } from '@core/picture'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import { paintCells } from './picture-cells.ts'

/** Places of a picture that matter more, or stay as they are now, brushed over: by hand, or cell by cell with the keys. */
const { before, drawn, chosen, width, aspect, blank } = defineProps<{
  /** What its cells look like, and those of its chart: three bytes each. */
  before: Uint8Array
  drawn: Uint8Array
  /** The yarn of each cell, by its place. */
  chosen: Int8Array
  width: number
  /** How high a cell is for its width. */
  aspect: number
  blank: () => Marks
}>()
const marks = defineModel<Marks | null>({ required: true })
const MATTERS = 8
const brushes = [
  { value: 'matters', label: 'Matters more' },
  { value: 'stays', label: 'Stays as it is' },
  { value: 'wipe', label: 'Wipe' },
] as const
type Brush = (typeof brushes)[number]['value']
const brush = ref<Brush>('matters')
const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
const at = ref({ column: 0, row: 0 })
const height = computed(() => before.length / 3 / width)

/** Marked cells in their own colour, the others pale; those that stay as they are in the chart. */
function paint() {
  if (!canvas.value) return
  const { weights, kept } = marks.value ?? blank()
  const shown = Uint8Array.from(before, (byte, i) => {
    const cell = Math.floor(i / 3)
    if (kept[cell]! >= 0) return drawn[i]!
    return weights[cell]! > 1 ? byte : Math.round(150 + byte * 0.4)
  })
  paintCells(canvas.value, shown, width, aspect)
  const context = canvas.value.getContext('2d')
  if (!context) return
  const [wide, high] = [canvas.value.width / width, canvas.value.height / height.value]
  const { column, row } = at.value
  context.strokeStyle = colourAt(shown, row * width + column) === '#ffffff' ? '#000' : '#b5483a'
  context.strokeRect(column * wide, (height.value - 1 - row) * high, wide, high)
}
onMounted(paint)
watch([() => before, () => drawn, marks, at], paint)

/** Cells around one that a stroke covers, to each side. */
const AROUND = 1
function put({ column, row }: { column: number; row: number }, far: number) {
  const next = marks.value ? { ...marks.value } : blank()
  const [weights, kept] = [Float64Array.from(next.weights), Int8Array.from(next.kept)]
  for (let up = -far; up <= far; up++)
    for (let across = -far; across <= far; across++) {
      const [x, y] = [column + across, row + up]
      if (x < 0 || y < 0 || x >= width || y >= height.value) continue
      const cell = y * width + x
      weights[cell] = brush.value === 'matters' ? MATTERS : 1
      kept[cell] = brush.value === 'stays' ? chosen[cell]! : -1
    }
  marks.value = { weights, kept }
}
function cellAt(event: PointerEvent) {
  const box = canvas.value!.getBoundingClientRect()
  const column = Math.floor(((event.clientX - box.left) / box.width) * width)
  const row = height.value - 1 - Math.floor(((event.clientY - box.top) / box.height) * height.value)
  return { column, row }
}
function stroke(event: PointerEvent) {
  if (event.buttons === 0) return
  at.value = cellAt(event)
  put(at.value, AROUND)
}
function grab(event: PointerEvent) {
  canvas.value!.setPointerCapture(event.pointerId)
  stroke(event)
}
const moves: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
}
function key(event: KeyboardEvent) {
  const by = moves[event.key]
  if (by) {
    event.preventDefault()
    const held = (one: number, most: number) => Math.min(most - 1, Math.max(0, one))
    at.value = {
      column: held(at.value.column + by[0], width),
      row: held(at.value.row + by[1], height.value),
    }
  } else if (event.key === ' ') {
    event.preventDefault()
    put(at.value, 0)
  }
}
</script>

<template>
  <div class="places-of">
    <ChoiceOf v-model="brush" legend="What is brushed over" :options="brushes" />
    <canvas
      ref="canvas"
      tabindex="0"
      role="application"
      :aria-label="`Places of the picture: stitch ${at.column + 1}, row ${at.row + 1}. Arrow keys move, space marks.`"
      @pointerdown="grab"
      @pointermove="stroke"
      @keydown="key"
    />
    <p class="note">
      Brush over eyes, letters, edges: what matters more is held to when yarns are chosen for a
      round. What stays as it is no rule changes.
      <button type="button" class="button" :disabled="!marks" @click="marks = null">
        Wipe all
      </button>
    </p>
  </div>
</template>

<style>
.places-of {
  display: grid;
  gap: 8px;
}
.places-of canvas {
  width: 100%;
  border: 1px solid var(--line);
  image-rendering: pixelated;
  cursor: crosshair;
  touch-action: none;
}
</style>
