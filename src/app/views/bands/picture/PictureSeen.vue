<script setup lang="ts">
import { computed, nextTick, useTemplateRef, watch } from 'vue'
import BagStill from '@app/parts/bag/BagStill.vue'
import { useProject } from '@app/stores/project.ts'
import { crossOut, difference, paintCells } from './picture-cells.ts'
import { usePictureHere } from './use-picture.ts'

/** A picture, its chart and the difference between them, and the bag with it. */
const { before, drawn, width, doubtful } = defineProps<{
  /** What its cells look like, and those of its chart: three bytes each, the lowest row first. */
  before: Uint8Array
  drawn: Uint8Array
  width: number
  /** Cells that are marked in the chart. */
  doubtful: Uint8Array | null
}>()
const picture = usePictureHere()
const project = useProject()
const aspect = computed(() => picture.of.gauge.rowHeightMm / picture.of.gauge.stitchWidthMm)
const views = ['Picture', 'Chart', 'Difference'] as const
const canvases = useTemplateRef<HTMLCanvasElement[]>('canvases')
watch(
  [() => before, () => drawn, () => doubtful, canvases],
  async () => {
    await nextTick()
    const list = [before, drawn, difference(before, drawn)]
    canvases.value?.forEach((canvas, i) => {
      paintCells(canvas, list[i]!, width, aspect.value)
      if (doubtful && i === 1) crossOut(canvas, doubtful, width)
    })
  },
  { immediate: true },
)
const seen = computed(() => project.preview)
</script>

<template>
  <div class="picture-views">
    <figure v-for="view in views" :key="view">
      <canvas ref="canvases" role="img" :aria-label="view" />
      <figcaption>{{ view }}</figcaption>
    </figure>
    <figure v-if="seen">
      <BagStill :design="seen.design" :derived="seen.derived" :width="210" :height="165" />
      <figcaption>On the bag</figcaption>
    </figure>
    <p v-else-if="project.cannot" class="note">{{ project.cannot }}</p>
  </div>
</template>

<style>
.picture-views {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 10px 16px;
}
.picture-views figure {
  margin: 0;
}
.picture-views canvas {
  max-width: 100%;
  width: 220px;
  max-height: 190px;
  border: 1px solid var(--line);
  image-rendering: pixelated;
  object-fit: contain;
}
</style>
