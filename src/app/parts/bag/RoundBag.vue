<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, onBeforeUnmount, ref, shallowRef, useTemplateRef, watch } from 'vue'
import type { Derived } from '@core/bag'
import type { Design } from '@core/design'
import { printLength } from '@core/units'
import { able, type Hit, isAble, pictureOf, placeUnder, type View } from '@app/round/round.ts'
import { STILL } from '@app/round/stills.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import TurnedBag from './TurnedBag.vue'
import { type BagEvents, type Looked, useBagHand } from './use-bag-hand.ts'

/** The bag as it will be: turned and tilted by dragging, by buttons and by arrow keys; a stitch of it can be pointed at and chosen. */
const props = defineProps<{
  design: Design
  derived: Derived
  /** In the colours they are seen in. */
  yarns: Design['yarns']
  leaning: boolean
  /** A place that is marked on it. */
  mark?: Hit | null
  /** Whether what is there can be dragged elsewhere, and is not turned. */
  movable?: (place: Hit) => boolean
}>()
const emit = defineEmits<BagEvents>()
const workshop = useWorkshop()
void isAble()

const sides = [
  { title: 'Front', turn: 0, tilt: 0.2 },
  { title: 'Left side', turn: Math.PI / 2, tilt: 0.2 },
  { title: 'Back', turn: Math.PI, tilt: 0.2 },
  { title: 'Right side', turn: -Math.PI / 2, tilt: 0.2 },
  { title: 'From above', turn: 0, tilt: 1.2 },
] as const
const at = ref<Looked>({
  turn: STILL.turn,
  tilt: STILL.tilt,
  near: 1.15,
})
const LOWEST = -0.5
const HIGHEST = 1.5
const looked = (turn: number, tilt: number, near = at.value.near) =>
  (at.value = {
    turn,
    tilt: Math.min(HIGHEST, Math.max(LOWEST, tilt)),
    near: Math.min(6, Math.max(0.6, near)),
  })

const room = useTemplateRef('room')
const canvas = useTemplateRef('canvas')
const { width, height } = useElementSize(room)
const seen = computed(() => ({
  design: props.design,
  ledger: props.derived.ledger,
  yarns: props.yarns,
  hand: workshop.words.hand,
}))
const view = computed((): View => ({
  ...at.value,
  ...{ width: Math.floor(width.value), height: Math.floor(height.value) },
  ratio: Math.min(2, window.devicePixelRatio || 1),
}))
/** What lies under the hand; and where what it moves would go. */
const pointed = shallowRef<Hit | null>(null)
const over = shallowRef<Hit | null>(null)
/** Drawn one after the other: what was asked for last is what is drawn next. */
let drawing = false
let again = false
let gone = false
const waiting = ref(true)
const failed = ref(false)
async function draw() {
  if (drawing) return void (again = true)
  if (view.value.width < 40 || view.value.height < 40 || gone) return
  drawing = true
  const bitmap = await pictureOf(seen.value, view.value, over.value ?? props.mark ?? null)
  drawing = false
  waiting.value = false
  if (gone) return bitmap?.close()
  failed.value = bitmap === null
  if (bitmap && canvas.value) {
    Object.assign(canvas.value, { width: bitmap.width, height: bitmap.height })
    canvas.value.getContext('bitmaprenderer')!.transferFromImageBitmap(bitmap)
  }
  if (again) {
    again = false
    void draw()
  }
}
watch([seen, view, () => props.mark, () => over.value], draw, { flush: 'post', immediate: true })
onBeforeUnmount(() => (gone = true))

const under = (
  { clientX, clientY }: { clientX: number; clientY: number },
  through: number | null = null,
) => {
  const { left, top } = canvas.value!.getBoundingClientRect()
  return placeUnder(seen.value, view.value, clientX - left, clientY - top, through)
}
const { drag, point, key } = useBagHand({
  ...{ at, pointed, over, looked, under, emit },
  movable: (place) => props.movable?.(place) ?? false,
})
const around = (radians: number) => Math.atan2(Math.sin(radians), Math.cos(radians))
const nearest = computed(() =>
  at.value.tilt > 0.9
    ? 'From above'
    : (sides.find((side) => Math.abs(around(at.value.turn - side.turn)) <= Math.PI / 4)?.title ??
      'Front'),
)
const label = computed(() => {
  const degrees = Math.round((around(at.value.turn) * 180) / Math.PI)
  return `${props.design.name}, turned by ${degrees}°: ${nearest.value.toLowerCase()}. Arrow keys turn it, plus and minus bring it nearer.`
})
const sizeWords = computed(() => {
  const { units } = workshop.words
  const { heightMm, aroundMm, flatMm } = props.derived.ledger.sizes
  const wide =
    props.derived.ledger.front.kind === 'standing'
      ? `${printLength(aroundMm, units)} around`
      : `${printLength(flatMm, units)} across`
  return `${wide}, ${printLength(heightMm, units)} tall`
})
</script>

<template>
  <div v-if="able === false || failed" class="round-bag">
    <p class="note">
      This browser does not draw in light (WebGL): the bag is shown as its sides are.
    </p>
    <TurnedBag :design="design" :derived="derived" :yarns="yarns" :leaning="leaning" />
  </div>
  <div v-else class="round-bag">
    <div class="turns" role="toolbar" aria-label="Turn the bag">
      <button
        v-for="side in sides"
        :key="side.title"
        type="button"
        class="button"
        :aria-pressed="nearest === side.title"
        @click="looked(side.turn, side.tilt)"
      >
        {{ side.title }}
      </button>
      <span class="note num">{{ sizeWords }}</span>
    </div>
    <div ref="room" class="room">
      <canvas
        ref="canvas"
        tabindex="0"
        role="img"
        :aria-label="label"
        :class="{ moves: pointed && movable?.(pointed) }"
        :style="{ width: `${view.width}px`, height: `${view.height}px` }"
        @pointerdown="drag"
        @pointermove="point"
        @pointerleave="emit('point', null)"
        @keydown="key"
        @wheel.prevent="looked(at.turn, at.tilt, at.near * ($event.deltaY < 0 ? 1.1 : 1 / 1.1))"
      />
      <p v-if="waiting" class="note wait" role="status">Drawing every stitch …</p>
    </div>
  </div>
</template>

<style>
.round-bag {
  display: flex;
  flex: 1;
  flex-direction: column;
  min-height: 0;
}
.round-bag .turns {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
  padding: 4px 0 8px;
}
.round-bag .room {
  position: relative;
  flex: 1;
  min-height: 0;
  overflow: hidden;
}
.round-bag canvas {
  position: absolute;
  inset: 0;
  cursor: grab;
  touch-action: none;
}
.round-bag canvas.moves {
  cursor: move;
}
.round-bag canvas:active {
  cursor: grabbing;
}
.round-bag .wait {
  position: absolute;
  inset: auto 0 50%;
  text-align: center;
}
</style>
