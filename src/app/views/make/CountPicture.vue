<script setup lang="ts">
import { computed } from 'vue'
import type { CountPlace } from '@core/make'

/** Stitches about the join, an edge, or in the midst of a row: what is missing is dashed, what is too many is filled. */
const { at, off } = defineProps<{ at: CountPlace; off: number }>()
/** A stitch from above: two strands of a V on its side. */
const V = 'M0 0Q7 -6 13 0Q7 6 0 0Z'
const many = computed(() => Math.min(2, Math.abs(off)))
const wrong = computed(() =>
  Array.from({ length: many.value }, (_, i) => ({ join: 3, edge: 0, row: 3 })[at] + i),
)
const stitches = computed(() =>
  Array.from({ length: 7 }, (_, i) => ({ x: 12 + i * 14, wrong: wrong.value.includes(i) })),
)
</script>

<template>
  <svg class="count-picture" width="116" height="38" viewBox="0 0 116 38" aria-hidden="true">
    <line v-if="at === 'join'" x1="54" y1="4" x2="54" y2="34" class="join" />
    <line v-if="at === 'edge'" x1="10" y1="4" x2="10" y2="34" class="join" />
    <path
      v-for="{ x } in stitches"
      :key="`b${x}`"
      :d="V"
      :transform="`translate(${x} 28)`"
      class="below"
    />
    <path
      v-for="one in stitches"
      :key="one.x"
      :d="V"
      :transform="`translate(${one.x} 14)`"
      :class="one.wrong ? (off < 0 ? 'lacks' : 'extra') : ''"
    />
  </svg>
</template>

<style>
.count-picture path {
  fill: #fff;
  stroke: var(--ink-2);
  stroke-width: 1.3;
}
.count-picture .below {
  stroke: var(--line-strong);
}
.count-picture .lacks {
  fill: none;
  stroke: var(--marker);
  stroke-dasharray: 2.5 2;
}
.count-picture .extra {
  fill: var(--marker);
  stroke: var(--marker);
}
.count-picture .join {
  stroke: var(--mat);
  stroke-width: 1.4;
  stroke-dasharray: 4 3;
}
</style>
