<script setup lang="ts">
import { computed } from 'vue'
import { followPointer } from '../page/follow-pointer.ts'

/**
 * A handle on the edge of something drawn to scale: dragged or stepped by arrow keys it goes from one size to the next that
 * there is, and says so at each; let go it is taken, Escape gives it up. An SVG group.
 */
const props = defineProps<{
  x: number
  y: number
  /** Where the middle stands still, and how many pixels are a millimetre of the size. */
  middle: number
  pxPerMm: number
  /** Sizes it can have, in mm, in any order; the one it has. */
  sizes: readonly number[]
  sizeMm: number
  text: string
  label: string
}>()
const emit = defineEmits<{ point: [index: number | null]; take: [index: number] }>()

const sorted = computed(() =>
  props.sizes.map((mm, index) => ({ mm, index })).sort((a, b) => a.mm - b.mm),
)
const nearest = (mm: number) =>
  sorted.value.reduce((best, one) => (Math.abs(one.mm - mm) < Math.abs(best.mm - mm) ? one : best))

function drag(event: PointerEvent) {
  if (sorted.value.length === 0) return
  const handle = event.currentTarget as Element
  const { pxPerMm, sizes } = props
  const [from, sizeMm] = [event.clientX, props.sizeMm]
  let index = sizes.indexOf(nearest(sizeMm).mm)
  followPointer(event, handle, {
    move(to) {
      const next = nearest(sizeMm + (2 * (to.clientX - from)) / pxPerMm).index
      if (next !== index) emit('point', (index = next))
    },
    drop() {
      emit('take', index)
      emit('point', null)
    },
    cancel: () => emit('point', null),
  })
}

/** The next size up or down. */
function step(by: 1 | -1) {
  const list = by > 0 ? sorted.value : sorted.value.toReversed()
  const next = list.find(({ mm }) => by * (mm - props.sizeMm) > 0.5)
  if (next) emit('take', next.index)
}
</script>

<template>
  <g
    class="size-handle"
    role="slider"
    tabindex="0"
    :aria-label="label"
    :aria-valuenow="Math.round(sizeMm)"
    :aria-valuetext="text"
    :transform="`translate(${x} ${y})`"
    @pointerdown.prevent="drag"
    @keydown.right.prevent="step(1)"
    @keydown.up.prevent="step(1)"
    @keydown.left.prevent="step(-1)"
    @keydown.down.prevent="step(-1)"
  >
    <title>{{ label }}</title>
    <rect x="-9" y="-15" width="20" height="30" class="reach" />
    <rect x="-3" y="-11" width="6" height="22" rx="3" />
  </g>
</template>

<style>
.size-handle {
  cursor: ew-resize;
  touch-action: none;
}
.size-handle rect {
  fill: #fff;
  stroke: var(--mat);
  stroke-width: 1.8;
}
.size-handle .reach {
  fill: transparent;
  stroke: none;
}
.size-handle:is(:hover, :focus-visible) rect:not(.reach) {
  fill: var(--mat);
}
.size-handle:focus-visible {
  outline: 2px solid var(--mat);
}
</style>
