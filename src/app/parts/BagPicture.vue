<script setup lang="ts">
import { computed, useTemplateRef, watchEffect } from 'vue'
import type { Yarn } from '@core/design'
import type { Derived } from '@core/plan'
import { fabricPixels, paletteOf, sharpContext } from './fabric.ts'

/** The bag laid flat, seen from the front, to scale in its box. */
const props = defineProps<{
  name: string
  yarns: readonly Yarn[]
  derived: Derived
  width: number
  height: number
}>()

const canvas = useTemplateRef('canvas')

const body = computed(() => {
  const piece = props.derived.ledger.pieces[0]!
  const firstRow = piece.parts[0]!.endRow
  const widest = Math.max(...piece.columns.widthMm.subarray(Math.max(0, firstRow - 1))) / 2
  const tall = piece.columns.heightMm.at(-1)!
  const scale = Math.min(props.width / widest, props.height / Math.max(tall, 1))
  return { piece, firstRow, widest, tall, scale }
})

const label = computed(() => `${props.name}, seen from the front`)

watchEffect(() => {
  if (!canvas.value) return
  const context = sharpContext(canvas.value, props.width, props.height)
  const { piece, firstRow, scale, widest, tall } = body.value
  if (tall === 0) return
  const { makes, widthMm, heightMm } = piece.columns
  const [wide, high] = [widest * scale, tall * scale]
  const [left, foot] = [(props.width - wide) / 2, (props.height + high) / 2]
  const palette = paletteOf(props.derived.ledger.yarns, props.yarns)
  context.save()
  context.beginPath()
  context.roundRect(left, foot - high, wide, high, [1.5, 1.5, wide * 0.09, wide * 0.09])
  context.clip()
  context.imageSmoothingQuality = 'high'
  // Rows of one count are painted together.
  for (let first = firstRow; first < piece.rows;) {
    let end = first + 1
    while (end < piece.rows && makes[end] === makes[first]) end++
    const top = foot - heightMm[end - 1]! * scale
    const bottom = foot - (first > 0 ? heightMm[first - 1]! : 0) * scale
    const {
      canvas: picture,
      columns,
      lines,
    } = fabricPixels(props.derived.front, palette, {
      firstRow: first,
      endRow: end,
      columns: makes[first]! >> 1,
      pixelsHigh: 2 * (bottom - top),
    })
    const across = (widthMm[first]! / 2) * scale
    context.drawImage(
      picture,
      0,
      0,
      columns,
      lines,
      left + (wide - across) / 2,
      top,
      across,
      bottom - top + 0.35,
    )
    first = end
  }
  context.restore()
})
</script>

<template>
  <canvas
    ref="canvas"
    class="bag-picture"
    role="img"
    :aria-label="label"
    :style="{ width: `${width}px`, height: `${height}px` }"
  />
</template>

<style>
.bag-picture {
  display: block;
}
</style>
