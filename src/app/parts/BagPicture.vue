<script setup lang="ts">
import { computed, useTemplateRef, watchEffect } from 'vue'
import type { Design } from '@core/design'
import type { Derived } from '@core/plan'
import { useWorkshop } from '@app/stores/workshop.ts'
import { fabricPixels, paletteOf, sharpContext } from './fabric.ts'

/** The bag laid flat, seen from the front, to scale in its box. */
const props = defineProps<{
  design: Design
  derived: Derived
  width: number
  height: number
}>()

const workshop = useWorkshop()
const canvas = useTemplateRef('canvas')

const body = computed(() => {
  const piece = props.derived.ledger.pieces[0]!
  const firstRow = piece.parts[0]!.endRow
  const widest = Math.max(...piece.columns.widthMm.subarray(Math.max(0, firstRow - 1))) / 2
  const tall = piece.columns.heightMm.at(-1)!
  const scale = Math.min(props.width / widest, props.height / Math.max(tall, 1))
  return { piece, firstRow, widest, tall, scale }
})

const label = computed(() => `${props.design.name}, seen from the front`)

watchEffect(() => {
  if (!canvas.value) return
  const context = sharpContext(canvas.value, props.width, props.height)
  context.clearRect(0, 0, props.width, props.height)
  const { piece, firstRow, scale, widest, tall } = body.value
  if (tall === 0) return
  const { makes, widthMm, heightMm } = piece.columns
  const [wide, high] = [widest * scale, tall * scale]
  const [left, foot] = [(props.width - wide) / 2, (props.height + high) / 2]
  const columns = Math.max(...makes.subarray(firstRow)) >> 1
  const picture = fabricPixels(
    props.derived.ledger,
    piece,
    paletteOf(props.derived.ledger, props.design.yarns),
    { firstRow, endRow: piece.rows, columns, hand: workshop.words.hand },
  )
  context.save()
  context.beginPath()
  context.roundRect(left, foot - high, wide, high, [1.5, 1.5, wide * 0.09, wide * 0.09])
  context.clip()
  context.imageSmoothingQuality = 'high'
  for (let row = firstRow; row < piece.rows; row++) {
    const across = (widthMm[row]! / 2) * scale
    const top = foot - heightMm[row]! * scale
    const below = row > 0 ? heightMm[row - 1]! : 0
    const shown = makes[row]! >> 1
    context.drawImage(
      picture,
      (columns - shown) >> 1,
      piece.rows - 1 - row,
      shown,
      1,
      left + (wide - across) / 2,
      top,
      across,
      (heightMm[row]! - below) * scale + 0.35,
    )
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
