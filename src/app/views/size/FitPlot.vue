<script setup lang="ts">
import { max, scaleLinear } from 'd3'
import { computed } from 'vue'
import type { Fit } from '@core/fit'
import { lengthUnit, printNumber } from '@core/units'
import { useWorkshop } from '@app/stores/workshop.ts'

/** Counts by how far off the wanted size they are and how much is changed to get there. */
const props = defineProps<{
  fits: readonly { readonly fit: Fit; readonly inUse: boolean }[]
  toleranceMm: number
  width: number
  height: number
}>()
const emit = defineEmits<{ point: [index: number | null]; take: [index: number] }>()
const workshop = useWorkshop()
const perUnit = computed(() => (workshop.words.units === 'metric' ? 10 : 25.4))
const frame = { left: 22, right: 14, top: 10, bottom: 38 }
const x = computed(() =>
  scaleLinear()
    .domain([-props.toleranceMm * 1.12, props.toleranceMm * 1.12])
    .range([frame.left, props.width - frame.right]),
)
const y = computed(() =>
  scaleLinear()
    .domain([0, Math.max(4, max(props.fits, ({ fit }) => fit.cost) ?? 0) * 1.08])
    .range([props.height - frame.bottom, frame.top + 8]),
)
const ticks = computed(() =>
  [-1, -0.5, 0, 0.5, 1].map((share) => ({
    at: x.value(share * props.toleranceMm),
    text: `${share > 0 ? '+' : ''}${printNumber((share * props.toleranceMm) / perUnit.value)}`,
  })),
)
/** Labels of neighbours stand above and below in turn. */
const dots = computed(() =>
  props.fits
    .map(({ fit, inUse }, i) => ({
      i,
      inUse,
      count: fit.count,
      x: x.value(fit.errorMm),
      y: y.value(fit.cost),
    }))
    .sort((a, b) => a.x - b.x)
    .map((dot, nth) => ({ ...dot, labelY: dot.y + (nth % 2 ? -11 : 20) })),
)
</script>

<template>
  <svg
    class="fit-plot"
    :width="width"
    :height="height"
    role="img"
    aria-label="Counts that fit, by size and by how much is changed; the table says the same"
  >
    <rect
      :x="x(-toleranceMm)"
      :y="frame.top"
      :width="x(toleranceMm) - x(-toleranceMm)"
      :height="y(0) - frame.top"
      class="within"
    />
    <line :x1="frame.left" :x2="width - frame.right" :y1="y(0)" :y2="y(0)" />
    <line :x1="x(0)" :x2="x(0)" :y1="frame.top" :y2="y(0)" stroke-dasharray="2 3" />
    <text v-for="tick in ticks" :key="tick.at" :x="tick.at" :y="y(0) + 15" text-anchor="middle">
      {{ tick.text }}
    </text>
    <text :x="x(0)" :y="height - 4" text-anchor="middle" class="axis">
      {{ lengthUnit(workshop.words.units) }} from the wanted size
    </text>
    <text
      :transform="`rotate(-90 12 ${height / 2 - 10})`"
      x="12"
      :y="height / 2 - 10"
      text-anchor="middle"
      class="axis"
    >
      changed to get there
    </text>
    <g
      v-for="dot in dots"
      :key="dot.i"
      class="dot"
      :class="{ on: dot.inUse }"
      @pointerenter="emit('point', dot.i)"
      @pointerleave="emit('point', null)"
      @click="emit('take', dot.i)"
    >
      <circle :cx="dot.x" :cy="dot.y" r="11" class="reach" />
      <circle :cx="dot.x" :cy="dot.y" :r="dot.inUse ? 7 : 5" />
      <text :x="dot.x" :y="dot.labelY > y(0) + 4 ? dot.y - 11 : dot.labelY" text-anchor="middle">
        {{ dot.count }}
      </text>
    </g>
  </svg>
</template>

<style>
.fit-plot line {
  stroke: var(--line-strong);
}
.fit-plot .within {
  fill: var(--tape);
  opacity: 0.16;
}
.fit-plot text {
  fill: var(--ink-3);
  font-size: 11px;
}
.fit-plot .axis {
  fill: var(--ink-2);
  font-size: 11.5px;
}
.fit-plot .dot {
  cursor: pointer;
}
.fit-plot .dot circle {
  fill: #fff;
  stroke: var(--mat);
  stroke-width: 1.8;
}
.fit-plot .dot .reach {
  fill: transparent;
  stroke: none;
}
.fit-plot .dot text {
  fill: var(--ink);
  font-weight: 500;
  font-size: 12px;
}
.fit-plot .dot.on circle:not(.reach) {
  fill: var(--mat);
}
.fit-plot .dot.on text {
  font-weight: 700;
}
</style>
