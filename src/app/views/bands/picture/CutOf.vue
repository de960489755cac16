<script setup lang="ts">
import { computed, onMounted, useTemplateRef, watch } from 'vue'
import { areCorners } from '@core/measure'
import type { Corners, Spot } from '@core/picture'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import { type Cut, wholeCut } from './picture-asked.ts'

/** What is taken of a picture: its corners are dragged, or moved by arrow keys; straight and turned, or each by itself. */
const props = defineProps<{
  /** As it is looked at, and its pixels. */
  preview: ImageBitmap
  size: { readonly width: number; readonly height: number }
  corners: Corners
}>()
const cut = defineModel<Cut>({ required: true })
const frame = useTemplateRef<SVGSVGElement>('frame')
const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
function paint() {
  const { width, height } = props.preview
  Object.assign(canvas.value!, { width, height })
  canvas.value!.getContext('2d')!.drawImage(props.preview, 0, 0)
}
onMounted(paint)
watch(() => props.preview, paint)
const names = ['Upper left', 'Upper right', 'Lower right', 'Lower left'] as const
const sides = [
  ['left', 'top'],
  ['right', 'top'],
  ['right', 'bottom'],
  ['left', 'bottom'],
] as const
const ways = [
  { value: 'straight', label: 'Cut straight' },
  { value: 'free', label: 'Four corners', title: 'For a picture that was seen at an angle' },
] as const
const way = computed({
  get: () => (cut.value.free ? 'free' : 'straight'),
  set: (next) => (cut.value = { ...cut.value, free: next === 'free' ? props.corners : null }),
})
const outline = computed(() => props.corners.map((spot) => at(spot).join(',')).join(' '))
const at = ([across, down]: Spot) => [across * props.size.width, down * props.size.height] as const
const radius = computed(() => Math.max(props.size.width, props.size.height) / 45)

const goAround = (corners: Corners) => {
  const [a, b, c, d] = corners.map(at).map(([x, y]) => ({ x, y }))
  return areCorners([a!, b!, c!, d!])
}
const held = (share: number) => Math.min(1, Math.max(0, share))
const LEAST = 0.02
/** A corner goes to a spot of the picture. */
function put(i: number, [across, down]: Spot) {
  const spot: Spot = [held(across), held(down)]
  const { free, straight } = cut.value
  if (free) {
    const next = free.map((one, j) => (j === i ? spot : one)) as unknown as Corners
    // Corners that cross over go around nothing.
    if (goAround(next)) cut.value = { ...cut.value, free: next }
    return
  }
  const [side, end] = sides[i]!
  const next = { ...straight, [side]: spot[0], [end]: spot[1] }
  const isWide = next.right - next.left >= LEAST && next.bottom - next.top >= LEAST
  if (isWide) cut.value = { ...cut.value, straight: next }
}
const handle = (i: number): Spot => {
  const { free, straight } = cut.value
  const [side, end] = sides[i]!
  return free ? free[i]! : [straight[side], straight[end]]
}
function drag(i: number, event: PointerEvent) {
  if (event.buttons === 0) return
  const box = frame.value!.getBoundingClientRect()
  put(i, [(event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height])
}
const grab = (event: PointerEvent) => (event.target as Element).setPointerCapture(event.pointerId)
const STEP = 0.01
const moves: Readonly<Record<string, Spot>> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
}
function key(i: number, event: KeyboardEvent) {
  const by = moves[event.key]
  if (!by) return
  event.preventDefault()
  const [across, down] = handle(i)
  put(i, [across + by[0], down + by[1]])
}
const told = (i: number) => {
  const [across, down] = handle(i).map((share) => Math.round(100 * share))
  return `${names[i]!} corner, ${across} % across, ${down} % down`
}
</script>

<template>
  <div class="cut-of">
    <div class="cut-frame">
      <canvas ref="canvas" role="img" aria-label="The picture" />
      <svg ref="frame" :viewBox="`0 0 ${size.width} ${size.height}`" preserveAspectRatio="none">
        <polygon :points="outline" class="cut-line" />
        <circle
          v-for="(name, i) in names"
          :key="name"
          class="cut-corner"
          :cx="at(handle(i))[0]"
          :cy="at(handle(i))[1]"
          :r="radius"
          tabindex="0"
          role="button"
          :aria-label="told(i)"
          @pointerdown="grab"
          @pointermove="drag(i, $event)"
          @keydown="key(i, $event)"
        />
      </svg>
    </div>
    <div class="cut-row">
      <ChoiceOf v-model="way" legend="How it is cut" :options="ways" />
      <label v-if="way === 'straight'" class="cut-turn">
        <span>Straighten</span>
        <ElSlider
          :model-value="cut.turn"
          :min="-45"
          :max="45"
          :step="0.5"
          aria-label="Straighten, degrees"
          @update:model-value="cut = { ...cut, turn: Number($event) }"
        />
      </label>
      <button type="button" class="button" @click="cut = wholeCut">All of it</button>
    </div>
  </div>
</template>

<style>
.cut-of {
  display: grid;
  gap: 8px;
}
.cut-frame {
  position: relative;
  width: fit-content;
  max-width: 100%;
  margin: 0 auto;
  padding: 0;
  border: 1px solid var(--line);
}
.cut-frame canvas {
  display: block;
  max-width: 100%;
  max-height: 250px;
}
.cut-frame svg {
  position: absolute;
  inset: 0;
  overflow: visible;
  width: 100%;
  height: 100%;
}
.cut-line {
  fill: none;
  stroke: var(--mat);
  stroke-width: 2px;
  vector-effect: non-scaling-stroke;
}
.cut-corner {
  fill: #fff;
  stroke: var(--mat);
  stroke-width: 2px;
  vector-effect: non-scaling-stroke;
  cursor: move;
  touch-action: none;
}
.cut-corner:focus-visible {
  outline: none;
  fill: var(--mat);
}
.cut-row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
}
.cut-turn {
  display: flex;
  flex: 1 1 150px;
  gap: 12px;
  align-items: center;
}
</style>
