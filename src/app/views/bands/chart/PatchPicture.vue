<script setup lang="ts">
import { computed } from 'vue'
import { KEEPS, type Patch } from '@core/chart'

/** A motif in its colours, small, a square a stitch. */
const {
  patch,
  colours,
  size = 64,
} = defineProps<{
  patch: Patch
  /** By letter; what has none is left out. */
  colours: ReadonlyMap<string, string>
  size?: number
}>()
const cells = computed(() =>
  patch.colours.flatMap((row, r) =>
    [...row].flatMap((letter, x) =>
      letter === KEEPS
        ? []
        : [{ x, y: patch.colours.length - 1 - r, colour: colours.get(letter) ?? '#888888' }],
    ),
  ),
)
</script>

<template>
  <svg
    :viewBox="`0 0 ${patch.width} ${patch.colours.length}`"
    :width="size"
    :height="size"
    preserveAspectRatio="xMidYMid meet"
    shape-rendering="crispEdges"
    aria-hidden="true"
  >
    <rect
      v-for="cell in cells"
      :key="`${cell.x} ${cell.y}`"
      :x="cell.x"
      :y="cell.y"
      width="1.02"
      height="1.02"
      :fill="cell.colour"
    />
  </svg>
</template>
