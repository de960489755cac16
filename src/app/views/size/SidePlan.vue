<script setup lang="ts">
import { computed } from 'vue'
import type { Design } from '@core/design'
import type { Derived } from '@core/bag'
import { printLength } from '@core/units'
import BagPicture from '@app/parts/bag/BagPicture.vue'
import TapeMeasure from '@app/parts/marks/TapeMeasure.vue'
import { useWorkshop } from '@app/stores/workshop.ts'

/** The bag from the side, to scale: its fabric, tapes up and across, and the outline of the size it must have. */
const props = defineProps<{ design: Design; derived: Derived; width: number; height: number }>()
const workshop = useWorkshop()
const TAPE = 19
const tally = computed(() => props.derived.tally)
const want = computed(() => ({
  flatMm: props.design.want.aroundMm / 2,
  heightMm: props.design.want.heightMm,
}))
const pxPerMm = computed(() =>
  Math.min(
    (props.width - TAPE - 30) / Math.max(tally.value.flatMm, want.value.flatMm),
    (props.height - TAPE - 24) /
      Math.max(tally.value.heightMm, tally.value.loadedMm ?? 0, want.value.heightMm),
  ),
)
const wide = computed(() => tally.value.flatMm * pxPerMm.value)
const high = computed(() => tally.value.heightMm * pxPerMm.value)
const foot = computed(() => props.height - TAPE - 10)
const middle = computed(() => (props.width + TAPE) / 2)
const left = computed(() => middle.value - wide.value / 2)
const loaded = computed(() =>
  tally.value.loadedMm === null
    ? null
    : `Loaded it hangs to ${printLength(tally.value.loadedMm, workshop.words.units)}`,
)
defineExpose({ pxPerMm, middle, foot, wide })
</script>

<template>
  <div class="side-plan" :style="{ width: `${width}px`, height: `${height}px` }">
    <BagPicture
      :name="design.name"
      :yarns="design.yarns"
      :derived="derived"
      :width="Math.max(1, wide)"
      :height="Math.max(1, high)"
      :style="{ left: `${left}px`, top: `${foot - high}px` }"
    />
    <svg
      :width="width"
      :height="height"
      role="group"
      :aria-label="`The bag from the side: ${printLength(tally.flatMm, workshop.words.units)} laid flat, ${printLength(tally.heightMm, workshop.words.units)} tall`"
    >
      <TapeMeasure
        direction="up"
        :x="left - TAPE - 4"
        :y="foot"
        :length-mm="tally.heightMm"
        :px-per-mm="pxPerMm"
      />
      <TapeMeasure
        direction="across"
        :x="left"
        :y="foot + 5"
        :length-mm="tally.flatMm"
        :px-per-mm="pxPerMm"
      />
      <rect
        class="wish"
        :x="middle - (want.flatMm * pxPerMm) / 2"
        :y="foot - want.heightMm * pxPerMm"
        :width="want.flatMm * pxPerMm"
        :height="want.heightMm * pxPerMm"
      />
      <text v-if="loaded" :x="middle" :y="13" text-anchor="middle">{{ loaded }}</text>
      <slot :x="left + wide" :y="foot - high / 2" :middle="middle" :px-per-mm="pxPerMm" />
    </svg>
  </div>
</template>

<style>
.side-plan {
  position: relative;
}
.side-plan > * {
  position: absolute;
}
.side-plan .wish {
  fill: none;
  stroke: var(--ink-2);
  stroke-width: 1.2;
  stroke-dasharray: 5 4;
}
.side-plan > svg > text {
  fill: var(--ink-2);
  font-size: 11.5px;
}
</style>
