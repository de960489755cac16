<script setup lang="ts">
import { computed } from 'vue'
import { tapeMarks } from './tape.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

/** A tape measure laid along something: across (from the left) or up (from the bottom). An SVG group to place by hand. */
const props = withDefaults(
  defineProps<{
    lengthMm: number
    pxPerMm: number
    direction: 'across' | 'up'
    x: number
    y: number
    breadth?: number
  }>(),
  { breadth: 19 },
)
const workshop = useWorkshop()
const px = computed(() => props.lengthMm * props.pxPerMm)
const marks = computed(() => tapeMarks(props.lengthMm, props.pxPerMm, workshop.words.units))
</script>

<template>
  <g class="tape" :transform="`translate(${x} ${y})`" aria-hidden="true">
    <template v-if="direction === 'across'">
      <rect :width="px" :height="breadth" rx="1.5" fill="var(--tape)" />
      <g v-for="mark in marks" :key="mark.at">
        <line
          :x1="mark.at"
          :x2="mark.at"
          y1="0"
          :y2="breadth * mark.long"
          :stroke-width="mark.long > 0.5 ? 1.2 : 0.8"
        />
        <text v-if="mark.figure" :x="mark.at + 2" :y="breadth - 2.5">{{ mark.figure }}</text>
      </g>
    </template>
    <template v-else>
      <rect :y="-px" :width="breadth" :height="px" rx="1.5" fill="var(--tape)" />
      <g v-for="mark in marks" :key="mark.at">
        <line
          :x1="breadth"
          :x2="breadth * (1 - mark.long)"
          :y1="-mark.at"
          :y2="-mark.at"
          :stroke-width="mark.long > 0.5 ? 1.2 : 0.8"
        />
        <text v-if="mark.figure" :x="breadth * 0.34" :y="-mark.at - 2" text-anchor="middle">{{
          mark.figure
        }}</text>
      </g>
    </template>
  </g>
</template>

<style>
.tape line {
  stroke: var(--tape-ink);
}
.tape text {
  fill: var(--tape-ink);
  font: 650 9.5px/1 var(--font-text);
}
</style>
