<script setup lang="ts">
import { computed } from 'vue'
import TapeMeasure from '@app/parts/marks/TapeMeasure.vue'
import { useWorkshop } from '@app/stores/workshop.ts'
import { roundNumbers, stitchNumbers } from './axes.ts'
import { type ChartView, margin } from './view-model.ts'

/** What stands around the cells: round and stitch numbers, repeat markers, tapes. */
const props = defineProps<{
  view: ChartView
  stitchWidthMm: number
  firstRound: number
  repeats: boolean
  caption: string
}>()
const workshop = useWorkshop()
const hand = computed(() => workshop.words.hand)
const pxPerMm = computed(() => props.view.cellWidth / props.stitchWidthMm)
const edges = computed(() => {
  const now = props.view
  const left = Math.max(margin.left, now.left)
  const right = Math.min(now.width - margin.right, now.left + now.columns * now.cellWidth)
  const top = Math.max(margin.top, now.foot - now.rows * now.cellHeight)
  const foot = Math.min(now.height - margin.bottom, now.foot)
  return {
    left,
    foot,
    across: Math.max(0, right - left) / pxPerMm.value,
    up: Math.max(0, foot - top) / pxPerMm.value,
    rounds: roundNumbers(now, props.firstRound),
    stitches: stitchNumbers(now, hand.value),
    markers: [now.left, now.left + now.columns * now.cellWidth].filter(
      (x) => x >= margin.left - 1 && x <= now.width - margin.right + 1,
    ),
    numbersX: hand.value === 'right' ? now.width - margin.right + 8 : margin.left - 8,
    anchor: hand.value === 'right' ? ('start' as const) : ('end' as const),
    tapeX: hand.value === 'right' ? margin.left - 28 : now.width - margin.right + 9,
    markersY: Math.max(18, now.foot - now.rows * now.cellHeight - 17),
  }
})
</script>

<template>
  <svg class="edges" :width="view.width" :height="view.height" aria-hidden="true">
    <text
      v-for="number in edges.stitches"
      :key="`s${number.text}`"
      :x="number.at"
      :y="edges.markersY + 12"
      text-anchor="middle"
    >
      {{ number.text }}
    </text>
    <g v-if="repeats">
      <g
        v-for="x in edges.markers"
        :key="x"
        class="marker"
        :transform="`translate(${x} ${edges.markersY})`"
      >
        <path d="M-4 2C-5.5 10 -3.5 14 0 14C3.5 14 5.5 10 4 2L4 -1C4 -6 -4 -6 -4 -1Z" />
        <path d="M-4 4L-1.4 6.6" />
      </g>
    </g>
    <text
      v-for="number in edges.rounds"
      :key="`r${number.text}`"
      :x="edges.numbersX"
      :y="number.at + 4"
      :text-anchor="edges.anchor"
      :class="{ big: number.big }"
    >
      {{ number.text }}
    </text>
    <TapeMeasure
      direction="up"
      :x="edges.tapeX"
      :y="edges.foot"
      :length-mm="edges.up"
      :px-per-mm="pxPerMm"
    />
    <text
      class="caption"
      :x="edges.left + (edges.across * pxPerMm) / 2"
      :y="edges.foot + 43"
      text-anchor="middle"
    >
      {{ caption }}
    </text>
    <TapeMeasure
      direction="across"
      :x="edges.left"
      :y="edges.foot + 8"
      :length-mm="edges.across"
      :px-per-mm="pxPerMm"
    />
  </svg>
</template>

<style>
.chart-canvas .edges {
  pointer-events: none;
}
.chart-canvas .edges text {
  fill: var(--ink-3);
  font-size: 11px;
  font-variant-numeric: tabular-nums;
}
.chart-canvas .edges text.big {
  fill: var(--ink);
  font-weight: 650;
}
.chart-canvas .edges text.caption {
  fill: var(--ink-2);
  font-size: 12px;
}
.chart-canvas .edges .tape text {
  fill: var(--tape-ink);
  font: 650 9.5px/1 var(--font-text);
}
.chart-canvas .marker {
  fill: none;
  stroke: var(--marker);
  stroke-width: 2;
  stroke-linecap: round;
}
</style>
