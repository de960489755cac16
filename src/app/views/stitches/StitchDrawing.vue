<script setup lang="ts">
import { computed } from 'vue'
import { strandPath } from '@app/parts/chart/stitch-shapes.ts'
import { fabricOf, placeOf } from './fabric-of.ts'
import { chainSymbol, COLUMN, type StitchChart, symbolOf } from '@core/texture'

/** A stitch pattern as a chart of symbols, or as it looks stitched in two yarns. */
const props = defineProps<{
  chart: StitchChart
  look: 'symbols' | 'stitched'
  yarns: readonly string[]
  label: string
  /** Stitches of a repeat, whose edges are then drawn, with the join at the right. */
  repeat?: number
  /** Of the rows on the first: their numbers, yarns, and the edge they begin at. */
  rows?: readonly {
    readonly number: number
    readonly letter: string
    readonly colour: string
    /** Where it works in several: the colour of each, by the letter of its pattern. */
    readonly colours?: ReadonlyMap<string, string>
    readonly wrong: boolean
    readonly on: boolean
  }[]
}>()
const emit = defineEmits<{ pick: [row: number] }>()
const MARGIN = 16

const shapes = computed(() =>
  props.chart.stitches.map((stitch, key) => {
    const { footX, footY, topX, topY, word, row, yarn } = stitch
    const length = Math.hypot(topX - footX, topY - footY)
    const lean = (Math.atan2(topX - footX, footY - topY) * 180) / Math.PI
    const chain = word === 'ch'
    const symbol = chain ? chainSymbol : symbolOf(word, length)
    return {
      key,
      row,
      yarn,
      word,
      ...symbol,
      turn: chain
        ? `translate(${topX} ${topY + 4})`
        : `translate(${footX} ${footY}) rotate(${lean})`,
    }
  }),
)
/** The same as fabric. */
const fabric = computed(() => {
  if (props.look === 'symbols') return []
  return fabricOf(props.chart, yarnOf).map((bit) => ({
    key: bit.key,
    ground: bit.ground
      ? { x: -bit.width / 2, y: -bit.height, width: bit.width, height: bit.height }
      : null,
    turn: `translate(${bit.x} ${bit.y}) rotate(${bit.lean})`,
    deep: bit.tones.deep,
    strands: bit.strands.map((strand) => ({
      path: strandPath(strand, bit.width, bit.height),
      thick: strand.thick * Math.min(bit.width, bit.height * 1.2),
      colour: bit.tones[strand.lit],
      light: bit.tones.light,
    })),
  }))
})
/** Where each of those rows lies. */
const strips = computed(() => {
  const feet = new Map<number, number>()
  for (const { row, footY } of props.chart.stitches)
    feet.set(row, Math.max(feet.get(row) ?? -Infinity, footY))
  return (props.rows ?? []).map((row, i) => {
    const bottom = feet.get(i + 1) ?? 0
    const top = feet.get(i + 2) ?? -props.chart.height
    return { ...row, i, top, high: Math.max(1, bottom - top) }
  })
})
/** Edges of the repeats, from the join on; the drawing is then as large as its symbols. */
const edges = computed(() => {
  const { repeat, chart } = props
  if (!repeat) return []
  const base = chart.stitches.filter(({ row }) => row === 0).map(({ footX }) => footX)
  const right = Math.max(...base) + COLUMN / 2
  return Array.from({ length: Math.floor(base.length / repeat) + 1 }, (_, i) => ({
    x: right - i * repeat * COLUMN,
    join: i === 0,
  }))
})
const SIDE = 30
const aside = computed(() => (props.rows ? SIDE : 0))
const box = computed(
  () =>
    `${props.chart.left - MARGIN - aside.value} ${-props.chart.height - MARGIN} ${props.chart.right - props.chart.left + 2 * (MARGIN + aside.value)} ${props.chart.height + 2 * MARGIN}`,
)
function yarnOf(row: number, yarn: string): string {
  const own = props.rows?.[Math.max(0, row - 1)]
  return (
    (row > 0 ? own?.colours?.get(yarn) : undefined) ??
    own?.colour ??
    props.yarns[placeOf(yarn) % props.yarns.length]!
  )
}
/** What is drawn in the other ink: the other yarns where there are some, else every other row. */
const several = computed(() => props.chart.stitches.some(({ yarn }) => yarn !== 'A'))
const isOther = ({ row, yarn }: { row: number; yarn: string }) =>
  props.rows ? false : several.value ? yarn !== 'A' : row % 2 === 1
</script>

<template>
  <svg
    class="stitch-drawing"
    :class="look"
    :viewBox="box"
    :width="repeat ? box.split(' ')[2] : undefined"
    :height="repeat ? box.split(' ')[3] : undefined"
    role="img"
    :aria-label="label"
  >
    <g v-for="strip in strips" :key="strip.i" class="strip" :class="{ on: strip.on }">
      <rect
        :x="chart.left - 8"
        :y="strip.top"
        :width="chart.right - chart.left + 16"
        :height="strip.high"
        :fill="strip.colour"
        @pointerdown="emit('pick', strip.i)"
      />
      <text
        :x="strip.wrong ? chart.left - 14 : chart.right + 14"
        :y="strip.top + strip.high / 2 + 4"
        :text-anchor="strip.wrong ? 'end' : 'start'"
      >
        {{ strip.number }} {{ strip.letter }}
      </text>
    </g>
    <line
      v-for="edge in edges"
      :key="edge.x"
      class="edge"
      :class="{ join: edge.join }"
      :x1="edge.x"
      :x2="edge.x"
      :y1="-chart.height"
      y2="0"
    />
    <g v-if="look === 'symbols'" class="symbols" :class="{ haloed: rows }">
      <g v-for="shape in shapes" :key="shape.key" :transform="shape.turn">
        <path :d="shape.path" :class="{ other: isOther(shape) }" />
        <path v-if="shape.fill" :d="shape.fill" class="filled" />
      </g>
    </g>
    <g v-else class="fabric">
      <g v-for="stitch in fabric" :key="stitch.key" :transform="stitch.turn">
        <rect v-if="stitch.ground" v-bind="stitch.ground" :fill="stitch.deep" />
        <template v-for="(strand, i) in stitch.strands" :key="i">
          <path :d="strand.path" :stroke="stitch.deep" :stroke-width="strand.thick * 1.3" />
          <path :d="strand.path" :stroke="strand.colour" :stroke-width="strand.thick" />
          <path
            :d="strand.path"
            :stroke="strand.light"
            :stroke-width="strand.thick * 0.2"
            transform="translate(-1 0)"
          />
        </template>
      </g>
    </g>
  </svg>
</template>

<style>
.stitch-drawing {
  display: block;
  width: 100%;
  max-height: 300px;
}
.stitch-drawing .strip rect {
  opacity: 0.5;
  cursor: pointer;
}
.stitch-drawing .strip.on rect {
  stroke: var(--marker);
  stroke-width: 2.5;
  opacity: 0.62;
}
.stitch-drawing .strip text {
  fill: var(--ink-2);
  font-size: 12px;
}
.stitch-drawing .strip.on text {
  fill: var(--ink);
  font-weight: 700;
}
.stitch-drawing .edge {
  stroke: var(--ink-2);
  stroke-dasharray: 3 4;
  opacity: 0.5;
}
.stitch-drawing .edge.join {
  stroke: var(--marker);
  stroke-dasharray: none;
  stroke-width: 2;
  opacity: 1;
}
.stitch-drawing .haloed {
  pointer-events: none;
}
.stitch-drawing .haloed path {
  paint-order: stroke;
  filter: drop-shadow(0 0 1.2px #fff) drop-shadow(0 0 1.2px #fff);
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
.stitch-drawing .fabric {
  pointer-events: none;
}
.stitch-drawing .fabric path {
  fill: none;
  stroke-linecap: round;
}
.stitch-drawing.stitched .strip rect {
  opacity: 0.12;
}
</style>
