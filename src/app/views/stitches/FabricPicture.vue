<script setup lang="ts">
import { useElementVisibility } from '@vueuse/core'
import { useTemplateRef, watchPostEffect } from 'vue'
import type { StitchChart } from '@core/texture'
import { fabricOf, paintFabric, placeOf } from './fabric-of.ts'

/** A stitch pattern as fabric in two yarns, small; painted when it comes into sight. */
const {
  chart,
  yarns,
  height = 78,
} = defineProps<{ chart: StitchChart; yarns: readonly [string, string]; height?: number }>()
const canvas = useTemplateRef('canvas')
const visible = useElementVisibility(canvas)
const WIDTH = 140
const ROOM = 14

watchPostEffect(() => {
  if (!canvas.value || !visible.value) return
  const ratio = window.devicePixelRatio || 1
  Object.assign(canvas.value, { width: WIDTH * ratio, height: height * ratio })
  const pen = canvas.value.getContext('2d')!
  const [wide, high] = [chart.right - chart.left + 2 * ROOM, chart.height + 2 * ROOM]
  const scale = Math.min(WIDTH / wide, height / high) * ratio
  pen.translate((WIDTH * ratio - wide * scale) / 2, (height * ratio + high * scale) / 2)
  pen.scale(scale, scale)
  pen.translate(ROOM - chart.left, -ROOM)
  paintFabric(
    pen,
    fabricOf(chart, (_, yarn) => yarns[placeOf(yarn) % 2]!),
  )
})
</script>

<template>
  <canvas ref="canvas" class="fabric-picture" aria-hidden="true" />
</template>

<style>
.fabric-picture {
  width: 140px;
  height: 78px;
}
</style>
