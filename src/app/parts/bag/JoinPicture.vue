<script setup lang="ts">
import { computed, useTemplateRef, watchEffect } from 'vue'
import { pieceWith, placeColours } from '@core/ledger'
import type { Derived } from '@core/bag'
import type { Yarn } from '@core/design'
import { paletteOf, sharpContext } from './fabric.ts'

/** How the rows of a part meet at the join of its rounds (or end at both edges of its rows), as they would be worked. */
const props = defineProps<{
  derived: Derived
  yarns: readonly Yarn[]
  part: string
  hand: 'right' | 'left'
}>()
const WIDTH = 180
const SIDE = 14
const canvas = useTemplateRef('canvas')
const piece = computed(() => pieceWith(props.derived.ledger, props.part))
const place = computed(() => piece.value.parts.find(({ id }) => id === props.part)!)
const cell = computed(() => {
  const { stitchWidthMm, rowHeightMm } = place.value.gauge
  const wide = (WIDTH - 8) / (2 * SIDE)
  return { wide, high: (wide * rowHeightMm) / stitchWidthMm }
})
const rows = computed(() => Math.min(16, place.value.endRow - place.value.firstRow))
const height = computed(() => Math.ceil(rows.value * cell.value.high))

watchEffect(() => {
  if (!canvas.value) return
  const context = sharpContext(canvas.value, WIDTH, height.value)
  const palette = paletteOf(props.derived.ledger.yarns, props.yarns)
  const { wide, high } = cell.value
  for (let i = 0; i < rows.value; i++) {
    const seen = placeColours(
      props.derived.ledger,
      piece.value,
      place.value.firstRow + i,
      props.hand,
    )
    const y = height.value - (i + 1) * high
    const side = Math.min(SIDE, seen.length)
    const [head, tail] = [seen.subarray(0, side), seen.subarray(seen.length - side)]
    // Around, the last stitches meet the first; across, each edge has its own.
    const [left, right] = piece.value.worked === 'rounds' ? [tail, head] : [head, tail]
    for (const [places, from] of [
      [left, 0],
      [right, WIDTH - side * wide],
    ] as const)
      places.forEach((yarn, n) => {
        const rgb = palette[yarn]!
        context.fillStyle = `rgb(${rgb & 255} ${(rgb >> 8) & 255} ${(rgb >> 16) & 255})`
        context.fillRect(from + n * wide, y, wide - 0.4, high - 0.4)
      })
  }
})
const what = computed(() =>
  piece.value.worked === 'rounds'
    ? 'How it would look at the join'
    : 'How it would end at both edges',
)
</script>

<template>
  <figure class="join-picture">
    <canvas
      ref="canvas"
      role="img"
      :aria-label="what"
      :style="{ width: `${WIDTH}px`, height: `${height}px` }"
    />
    <figcaption>{{ what }}</figcaption>
  </figure>
</template>

<style>
.join-picture {
  margin: 6px 0 2px;
}
.join-picture canvas {
  display: block;
  background: linear-gradient(var(--marker), var(--marker)) center / 2px 100% no-repeat;
}
.join-picture figcaption {
  color: var(--ink-3);
  font-size: 11.5px;
}
</style>
