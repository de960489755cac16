<script setup lang="ts">
import { scaleLinear, scalePoint } from 'd3'
import { computed } from 'vue'
import type { Yarn } from '@core/design'
import type { LedgerPart, Piece } from '@core/ledger'
import type { YarnGap, YarnPaths } from '@core/paths'
import TapeMeasure from '@app/parts/marks/TapeMeasure.vue'
import { howWords } from './saying-paths.ts'

/** The ways of the yarns up a piece, a lane a yarn, drawn to the tape of its height: worked, beside it carried or floated, brought up, its ends. */
const props = defineProps<{
  piece: Piece
  paths: YarnPaths
  /** In the ledger's order. */
  yarns: readonly Yarn[]
  parts: readonly (Pick<LedgerPart, 'id' | 'firstRow' | 'endRow'> & { readonly name: string })[]
  gaps: readonly YarnGap[]
  chosen: YarnGap | null
  width: number
  height: number
  /** The row that is looked at; null for none. */
  row: number | null
}>()
const emit = defineEmits<{
  choose: [gap: YarnGap]
  point: [row: number | null]
  row: [row: number]
}>()
const FRAME = { left: 34, right: 104, top: 30, bottom: 12 } as const
const WIDE = 18
const along = computed(() => props.piece.columns.alongMm)
const all = computed(() => along.value.at(-1) ?? 1)
const y = computed(() =>
  scaleLinear()
    .domain([0, all.value])
    .range([props.height - FRAME.bottom, FRAME.top]),
)
/** The height at which a row begins. */
const at = (row: number) => y.value(row > 0 ? along.value[row - 1]! : 0)
/** The row at a height of the drawing; null beside them. */
function maybeRowAt(event: PointerEvent | MouseEvent): number | null {
  const svg = event.currentTarget as SVGElement
  const mm = y.value.invert(event.clientY - svg.getBoundingClientRect().top)
  const row = mm < 0 ? -1 : along.value.findIndex((top) => mm <= top)
  return row < 0 ? null : row
}
function chooseRow(event: MouseEvent) {
  const row = maybeRowAt(event)
  if (row !== null) emit('row', row)
}
const band = computed(() =>
  props.row === null
    ? null
    : { y: at(props.row + 1), high: Math.max(2, at(props.row) - at(props.row + 1)) },
)
const used = computed(() =>
  props.paths.ways
    .flatMap(({ spans }, i) => (spans.length > 0 ? [i] : []))
    .sort((a, b) => (props.yarns[a]!.letter < props.yarns[b]!.letter ? -1 : 1)),
)
const x = computed(() =>
  scalePoint<number>()
    .domain(used.value)
    .range([FRAME.left + 20, props.width - FRAME.right])
    .padding(0.6),
)
const lanes = computed(() =>
  used.value.map((i) => {
    const { spans, events } = props.paths.ways[i]!
    const middle = x.value(i)!
    return {
      i,
      middle,
      yarn: props.yarns[i]!,
      spans: spans.map(({ from, to, how }) => ({
        how,
        top: at(to),
        high: Math.max(1.5, at(from) - at(to)),
        key: `${from} ${how}`,
      })),
      // An end at the start of a row lies at its foot, at its end at its top, else between.
      ends: events.map(({ row, what, edge }) => ({
        key: `${row} ${what}`,
        y: edge === 'start' ? at(row) : edge === 'end' ? at(row + 1) : (at(row) + at(row + 1)) / 2,
      })),
    }
  }),
)
const word = computed(() => (props.piece.worked === 'rows' ? 'row' : 'round'))
const holes = computed(() =>
  props.gaps.map((gap) => {
    const lane = lanes.value.find(({ yarn }) => yarn.letter === gap.letter)!
    return {
      gap,
      x: lane.middle - 18,
      top: at(gap.next),
      high: Math.max(12, at(gap.last + 1) - at(gap.next)),
      label: `${lane.yarn.name}, between ${word.value}s ${gap.last + 1} and ${gap.next + 1}: ${howWords[gap.now]}`,
      on: props.chosen?.letter === gap.letter && props.chosen.last === gap.last,
    }
  }),
)
const edges = computed(() =>
  props.parts.map(({ id, name, firstRow, endRow }) => ({
    ...{ id, name, y: at(firstRow), middle: (at(firstRow) + at(endRow)) / 2 },
    fits: at(firstRow) - at(endRow) > 11,
  })),
)
</script>

<template>
  <svg
    class="paths-diagram"
    :width="width"
    :height="height"
    role="img"
    aria-label="The ways of the yarns, from below; the table says the same, and its gaps can be chosen"
    @pointermove="emit('point', maybeRowAt($event))"
    @pointerleave="emit('point', null)"
    @click="chooseRow"
  >
    <rect
      v-if="band"
      class="row"
      :x="FRAME.left"
      :y="band.y"
      :width="width - FRAME.left"
      :height="band.high"
    />
    <TapeMeasure
      direction="up"
      :x="2"
      :y="height - FRAME.bottom"
      :breadth="18"
      :length-mm="all"
      :px-per-mm="(height - FRAME.bottom - FRAME.top) / all"
    />
    <g v-for="edge in edges" :key="edge.id">
      <line :x1="FRAME.left" :x2="width" :y1="edge.y" :y2="edge.y" class="edge" />
      <text v-if="edge.fits" :x="width - 4" :y="edge.middle + 4" text-anchor="end">
        {{ edge.name }}
      </text>
    </g>
    <g v-for="lane in lanes" :key="lane.i" :style="{ '--yarn': lane.yarn.colour }">
      <text :x="lane.middle" y="16" text-anchor="middle" class="letter">
        {{ lane.yarn.letter }}
      </text>
      <template v-for="span in lane.spans" :key="span.key">
        <rect
          v-if="span.how === 'worked'"
          class="worked"
          :x="lane.middle - WIDE / 2"
          :y="span.top"
          :width="WIDE"
          :height="span.high"
          rx="2"
        />
        <rect
          v-else-if="span.how === 'carried'"
          class="carried"
          :x="lane.middle + WIDE / 2 + 4"
          :y="span.top"
          width="4.5"
          :height="span.high"
        />
        <line
          v-else-if="span.how !== 'cut'"
          :class="span.how"
          :x1="lane.middle + (span.how === 'floated' ? WIDE / 2 + 6 : 0)"
          :x2="lane.middle + (span.how === 'floated' ? WIDE / 2 + 6 : 0)"
          :y1="span.top"
          :y2="span.top + span.high"
        />
      </template>
      <g v-for="end in lane.ends" :key="end.key" class="end">
        <line :x1="lane.middle" :x2="lane.middle + 22" :y1="end.y" :y2="end.y" />
        <circle :cx="lane.middle + 25" :cy="end.y" r="3" />
      </g>
    </g>
    <rect
      v-for="hole in holes"
      :key="`${hole.gap.letter} ${hole.gap.last}`"
      class="hole"
      :class="{ on: hole.on }"
      :x="hole.x"
      :y="hole.top"
      width="36"
      :height="hole.high"
      rx="4"
      @click.stop="emit('choose', hole.gap)"
    >
      <title>{{ hole.label }}</title>
    </rect>
  </svg>
</template>

<style>
.paths-diagram {
  display: block;
}
.paths-diagram text {
  fill: var(--ink-2);
  font-size: 12px;
}
.paths-diagram .letter {
  fill: var(--ink);
  font-weight: 650;
}
.paths-diagram .row {
  fill: var(--marker);
  opacity: 0.22;
}
.paths-diagram .edge {
  stroke: var(--line);
}
.paths-diagram .worked {
  fill: var(--yarn);
  stroke: rgb(0 0 0 / 35%);
  stroke-width: 0.8;
}
.paths-diagram .carried {
  fill: var(--yarn);
  stroke: rgb(0 0 0 / 25%);
  stroke-width: 0.6;
  opacity: 0.7;
}
.paths-diagram :is(.trailed, .waiting, .parked, .floated) {
  stroke: var(--yarn);
  stroke-width: 3;
  stroke-dasharray: 0.5 5;
  stroke-linecap: round;
  filter: drop-shadow(0 0 0.6px rgb(0 0 0 / 80%));
}
.paths-diagram .floated {
  stroke-dasharray: 7 4;
  stroke-linecap: butt;
}
.paths-diagram .end line {
  stroke: var(--ink-2);
}
.paths-diagram .end circle {
  fill: #fff;
  stroke: var(--ink-2);
  stroke-width: 1.4;
}
.paths-diagram .hole {
  fill: transparent;
  cursor: pointer;
}
.paths-diagram .hole:hover {
  fill: rgb(29 74 65 / 9%);
}
.paths-diagram .hole.on {
  stroke: var(--marker);
  stroke-width: 2;
}
</style>
