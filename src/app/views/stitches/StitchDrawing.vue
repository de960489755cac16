<script setup lang="ts">
import { computed } from 'vue'
import { chainSymbol, COLUMN, type StitchChart, symbolOf } from '@core/texture'

/** A stitch pattern as a chart of symbols, or as it looks stitched in two yarns. */
const props = defineProps<{
  chart: StitchChart
  look: 'symbols' | 'stitched'
  yarns: readonly [string, string]
  label: string
}>()
const MARGIN = 16

const shapes = computed(() =>
  props.chart.stitches.map((stitch, key) => {
    const { footX, footY, topX, topY, word, row } = stitch
    const length = Math.hypot(topX - footX, topY - footY)
    const lean = (Math.atan2(topX - footX, footY - topY) * 180) / Math.PI
    const chain = word === 'ch'
    const symbol = chain ? chainSymbol : symbolOf(word, length)
    return {
      key,
      row,
      word,
      ...symbol,
      turn: chain
        ? `translate(${topX} ${topY + 4})`
        : `translate(${footX} ${footY}) rotate(${lean})`,
      length,
      thick: chain
        ? 0
        : /puff|bobble|popcorn|cluster|bead|star/.test(word)
          ? 15
          : /^(?:fp|bp)/.test(word)
            ? 11
            : 9,
    }
  }),
)
const box = computed(
  () =>
    `${-MARGIN - COLUMN} ${-props.chart.height - MARGIN} ${props.chart.width + 2 * (MARGIN + COLUMN)} ${props.chart.height + 2 * MARGIN}`,
)
const yarnOf = (row: number) => props.yarns[row === 0 ? 0 : (row + 1) % 2]!
</script>

<template>
  <svg class="stitch-drawing" :class="look" :viewBox="box" role="img" :aria-label="label">
    <g v-if="look === 'symbols'" class="symbols">
      <g v-for="shape in shapes" :key="shape.key" :transform="shape.turn">
        <path :d="shape.path" :class="{ other: shape.row % 2 }" />
        <path v-if="shape.fill" :d="shape.fill" class="filled" />
      </g>
    </g>
    <g v-else class="fabric">
      <g v-for="shape in shapes" :key="shape.key" :transform="shape.turn">
        <path
          v-if="shape.thick"
          :d="`M0 -1V${-shape.length + 2}`"
          :stroke="yarnOf(shape.row)"
          :stroke-width="shape.thick"
          class="strand"
        />
        <path
          v-if="shape.thick"
          :d="`M${-shape.thick / 2 - 1} ${-shape.length + 2}q${shape.thick / 2 + 1} 3.4 ${shape.thick + 2} 0`"
          :stroke="yarnOf(shape.row)"
          stroke-width="4.4"
          class="strand head"
        />
        <path
          v-else
          d="M-8 0q8 4 16 0"
          :stroke="yarnOf(shape.row)"
          stroke-width="5"
          class="strand head"
        />
      </g>
    </g>
  </svg>
</template>

<style>
.stitch-drawing {
  display: block;
  width: 100%;
  max-height: 230px;
}
.stitch-drawing.symbols path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.5;
  stroke-linecap: round;
}
.stitch-drawing.symbols .other {
  stroke: #2b6cb0;
}
.stitch-drawing.symbols .filled {
  fill: var(--ink);
  stroke: none;
}
.stitch-drawing .strand {
  fill: none;
  stroke-linecap: round;
  filter: drop-shadow(0 0 0.6px rgb(0 0 0 / 75%));
}
</style>
