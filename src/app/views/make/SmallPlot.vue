<script lang="ts">
export interface Line {
  readonly name: string
  readonly colour: string
  readonly points: readonly { readonly x: number; readonly y: number }[]
  readonly dots?: boolean
  readonly dashed?: boolean
}
</script>

<script setup lang="ts">
import { extent, line, scaleLinear, scaleTime } from 'd3'
import { computed } from 'vue'

/** A small plot of a few lines over rounds or over time, with what its ends are in words. */
const {
  title,
  lines,
  unit,
  time = false,
  level = null,
  empty,
} = defineProps<{
  title: string
  lines: readonly Line[]
  unit: string
  time?: boolean
  /** Where nothing is off. */
  level?: number | null
  empty: string
}>()
const W = 220
const H = 104
const all = computed(() => lines.flatMap(({ points }) => points))
const scales = computed(() => {
  const [x0 = 0, x1 = 1] = extent(all.value, ({ x }) => x)
  const [y0 = 0, y1 = 1] = extent([
    ...all.value.map(({ y }) => y),
    ...(level === null ? [0] : [level]),
  ])
  const from = x1 === x0 ? ([x0 - 1, x0 + 1] as const) : ([x0, x1] as const)
  const across = [34, W - 8] as const
  const x = time ? scaleTime(from, across) : scaleLinear(from, across)
  const y = scaleLinear()
    .domain(y0 === y1 ? [y0 - 1, y1 + 1] : [y0, y1])
    .nice(4)
    .range([H - 20, 8])
  return { x, y }
})
const paths = computed(() => {
  const { x, y } = scales.value
  const drawn = line<{ x: number; y: number }>(
    (one) => x(one.x),
    (one) => y(one.y),
  )
  return lines.map((one) => ({ ...one, d: drawn([...one.points]) ?? '' }))
})
const ticksY = computed(() => scales.value.y.ticks(3))
const ticksX = computed(() => {
  const { x } = scales.value
  const ticks: readonly (number | Date)[] = x.ticks(3)
  const label = x.tickFormat(3) as (at: number | Date) => string
  return ticks.map((at) => ({ at: x(at), words: label(at) }))
})
const spoken = computed(() =>
  lines
    .filter(({ points }) => points.length > 0)
    .map(
      ({ name, points }) =>
        `${name}: from ${Math.round(points[0]!.y)} to ${Math.round(points.at(-1)!.y)}${unit} in ${points.length} points`,
    )
    .join('; '),
)
</script>

<template>
  <figure class="small-plot card">
    <figcaption>{{ title }}</figcaption>
    <p v-if="all.length === 0" class="note">{{ empty }}</p>
    <svg v-else :viewBox="`0 0 ${W} ${H}`" role="img" :aria-label="`${title}. ${spoken}`">
      <g v-for="tick in ticksY" :key="tick">
        <line x1="34" :x2="W - 8" :y1="scales.y(tick)" :y2="scales.y(tick)" class="grid" />
        <text x="30" :y="scales.y(tick) + 3.5" text-anchor="end">
          {{ tick.toLocaleString('en') }}
        </text>
      </g>
      <line
        v-if="level !== null"
        x1="34"
        :x2="W - 8"
        :y1="scales.y(level)"
        :y2="scales.y(level)"
        class="level"
      />
      <text v-for="tick in ticksX" :key="tick.at" :x="tick.at" :y="H - 6" text-anchor="middle">
        {{ tick.words }}
      </text>
      <g v-for="one in paths" :key="one.name">
        <path
          :d="one.d"
          :stroke="one.colour"
          :stroke-dasharray="one.dashed ? '4 3' : undefined"
          class="series"
        />
        <template v-if="one.dots">
          <circle
            v-for="point in one.points"
            :key="point.x"
            :cx="scales.x(point.x)"
            :cy="scales.y(point.y)"
            r="2.6"
            :fill="one.colour"
            class="dot"
          />
        </template>
      </g>
    </svg>
  </figure>
</template>

<style>
.small-plot {
  margin: 0;
}
.make-view .small-plot.card {
  padding: 10px 12px 6px;
}
.small-plot figcaption {
  margin-bottom: 4px;
  color: var(--ink-2);
  font: 600 12.5px/1.2 var(--font-head);
}
.small-plot svg {
  display: block;
  width: 100%;
}
.small-plot text {
  fill: var(--ink-3);
  font: 9.5px/1 var(--font-text);
}
.small-plot .grid {
  stroke: var(--line);
}
.small-plot .level {
  stroke: var(--marker);
  stroke-dasharray: 3 3;
}
.small-plot .series {
  fill: none;
  stroke-width: 1.8;
}
.small-plot .dot {
  stroke: rgb(0 0 0 / 40%);
  stroke-width: 0.6;
}
</style>
