<script setup lang="ts">
import { useElementVisibility } from '@vueuse/core'
import { useTemplateRef, watchPostEffect } from 'vue'
import type { StitchChart } from '@core/texture'
import { fabricOf, paintFabric, placeOf } from './fabric-of.ts'

/** A stitch pattern as a piece of fabric in the yarns given, from edge to edge; painted when it comes into sight. */
const { chart, yarns } = defineProps<{
  chart: StitchChart
  yarns: readonly string[]
}>()
const canvas = useTemplateRef('canvas')
const visible = useElementVisibility(canvas)
const [WIDTH, HEIGHT] = [150, 92]

watchPostEffect(() => {
  if (!canvas.value || !visible.value) return
  const ratio = window.devicePixelRatio || 1
  Object.assign(canvas.value, { width: WIDTH * ratio, height: HEIGHT * ratio })
  const pen = canvas.value.getContext('2d')!
  const wide = chart.right - chart.left
  // No row is so small that its stitches cannot be told, and none so large that its repeat is cut.
  const scale = Math.min(1.7, Math.max(WIDTH / wide, HEIGHT / chart.height)) * ratio
  const left = (chart.left + chart.right) / 2 - (WIDTH * ratio) / scale / 2
  pen.scale(scale, scale)
  pen.translate(-left, Math.max(chart.height, (HEIGHT * ratio) / scale / 2 + chart.height / 2))
  paintFabric(
    pen,
    fabricOf(chart, (_, yarn) => yarns[placeOf(yarn) % yarns.length]!),
  )
})
</script>

<template>
  <canvas ref="canvas" class="fabric-picture" aria-hidden="true" />
</template>

<style>
.fabric-picture {
  display: block;
  width: 100%;
  aspect-ratio: 150 / 92;
  border-radius: 4px;
  background: var(--mat-tint);
}
</style>
