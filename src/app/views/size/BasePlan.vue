<script setup lang="ts">
import { computed } from 'vue'
import type { Design } from '@core/design'
import type { Derived } from '@core/plan'
import { stitchById } from '@core/stitch'
import { baseOf } from '@core/design'
import TapeMeasure from '@app/parts/TapeMeasure.vue'

/** The base from above, to scale: its rounds, where it increases, the start of the round, and a tape across. */
const props = defineProps<{ design: Design; derived: Derived; size: number }>()
const radius = computed(() => props.size / 2 - 14)
const centre = computed(() => props.size / 2)
const colour = computed(
  () => props.design.yarns.find(({ letter }) => letter === baseOf(props.design).yarn)!.colour,
)
const pxPerMm = computed(() => (2 * radius.value) / props.derived.tally.baseDiameterMm)

const rings = computed(() => {
  const piece = props.derived.ledger.pieces[0]!
  const { alongMm } = piece.columns
  const { endRow } = piece.parts[0]!
  const whole = alongMm[endRow - 1]!
  return Array.from({ length: endRow }, (_, row) => ({
    row,
    outer: (alongMm[row]! / whole) * radius.value,
    inner: row > 0 ? (alongMm[row - 1]! / whole) * radius.value : 0,
  }))
})
/** Where each round takes two stitches in one, counted from the start of the round. */
const increases = computed(() => {
  const { ledger } = props.derived
  const { columns } = ledger.pieces[0]!
  return rings.value.flatMap(({ row, inner, outer }) => {
    const marks: { x: number; y: number; key: string }[] = []
    if (row === 0) return marks
    let at = 0
    for (let i = columns.runStart[row]!; i < columns.runStart[row + 1]!; i++) {
      const { makes } = stitchById(ledger.stitches[columns.runStitch[i]!]!)
      const count = columns.runCount[i]!
      for (let n = 0; n < count && makes > 1; n++) {
        const turn = ((at + n * makes + makes / 2) / columns.makes[row]!) * 2 * Math.PI
        const r = (inner + outer) / 2
        marks.push({ x: r * Math.cos(turn), y: -r * Math.sin(turn), key: `${row}-${at + n}` })
      }
      at += count * makes
    }
    return marks
  })
})
const dot = computed(() => Math.max(0.9, Math.min(2.2, radius.value / rings.value.length / 3)))
</script>

<template>
  <svg
    class="base-plan"
    :width="size"
    :height="size + 18"
    role="img"
    :aria-label="`The base from above: ${rings.length} rounds`"
  >
    <g :transform="`translate(${centre} ${centre})`">
      <circle :r="radius" :fill="colour" />
      <circle v-for="ring in rings.slice(0, -1)" :key="ring.row" :r="ring.outer" class="ring" />
      <circle
        v-for="mark in increases"
        :key="mark.key"
        :cx="mark.x"
        :cy="mark.y"
        :r="dot"
        class="increase"
      />
      <g :transform="`translate(${radius} -8) scale(1.1)`" class="start">
        <path d="M-4 2C-5.5 10 -3.5 14 0 14C3.5 14 5.5 10 4 2L4 -1C4 -6 -4 -6 -4 -1Z" />
        <path d="M-4 4L-1.4 6.6" />
      </g>
    </g>
    <TapeMeasure
      direction="across"
      :x="centre - radius"
      :y="size - 4"
      :length-mm="derived.tally.baseDiameterMm"
      :px-per-mm="pxPerMm"
    />
  </svg>
</template>

<style>
.base-plan .ring {
  fill: none;
  stroke: #fff;
  stroke-opacity: 0.26;
}
.base-plan .increase {
  fill: #fffaf0;
  stroke: rgb(0 0 0 / 35%);
  stroke-width: 0.5;
}
.base-plan .start {
  fill: none;
  stroke: var(--marker);
  stroke-width: 2;
  stroke-linecap: round;
}
</style>
