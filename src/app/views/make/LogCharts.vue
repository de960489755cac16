<script setup lang="ts">
import { computed } from 'vue'
import { driftSeries, paceSeries, progressSeries, weighedSeries } from '@core/make'
import { useMaking } from '@app/stores/making.ts'
import { useProject } from '@app/stores/project.ts'
import SmallPlot, { type Line } from './SmallPlot.vue'
import { plannedGrams } from './planned-grams.ts'

/** The log drawn: how far, what is left of the yarns against the plan, how fast, and how the gauge drifts. */
const making = useMaking()
const project = useProject()
const progress = computed((): Line[] => [
  { name: 'stitches made', colour: '#1d4a41', points: progressSeries(making.log) },
])
const yarns = computed((): Line[] => {
  const { design, derived } = project.table!
  return design.yarns.flatMap((yarn): Line[] => {
    const points = weighedSeries(making.ledger!, making.log, yarn.letter)
    if (points.length === 0) return []
    const planned = plannedGrams(design, derived, yarn.letter, points)
    return [
      { name: `${yarn.letter} weighed`, colour: yarn.colour, points, dots: true },
      { name: `${yarn.letter} planned`, colour: yarn.colour, points: planned, dashed: true },
    ]
  })
})
const pace = computed((): Line[] => [
  {
    name: 'time by the usual',
    colour: '#2b5d78',
    points: paceSeries(making.log).map(({ x, y }) => ({ x, y: 100 * y })),
    dots: true,
  },
])
const drift = computed((): Line[] =>
  (['wide', 'tall'] as const).map((what, i) => ({
    name: what,
    colour: ['#1d4a41', '#b4341f'][i]!,
    dots: true,
    points: driftSeries(making.ledger!, making.log)
      .filter((one) => one.what === what)
      .map(({ x, y }) => ({ x, y: 100 * y })),
  })),
)
</script>

<template>
  <section class="log-charts">
    <SmallPlot
      title="Stitches made"
      :lines="progress"
      time
      unit=""
      empty="Every round that is done is a point."
    />
    <SmallPlot
      title="Yarn left, g"
      :lines="yarns"
      unit=" g"
      empty="Weigh a ball, and it is drawn against the plan."
    />
    <SmallPlot
      title="Time, % of the usual"
      :lines="pace"
      unit=" %"
      :level="100"
      empty="Rounds that are worked stitch by stitch or run by run are timed."
    />
    <SmallPlot
      title="Gauge, % off the plan"
      :lines="drift"
      unit=" %"
      :level="0"
      empty="Measure on the bag, under Change the plan."
    />
  </section>
</template>

<style>
.log-charts {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 10px;
}
@media (max-width: 1100px) {
  .log-charts {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
</style>
