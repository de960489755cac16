<script setup lang="ts">
import { computed } from 'vue'
import TapeMeasure from '@app/parts/marks/TapeMeasure.vue'
import { useWorkshop } from '@app/stores/workshop.ts'
import { type ChartMark, roundNumbers, stitchNumbers } from './axes.ts'
import { type ChartView, margin } from './view-model.ts'

/** What stands around the cells: round and stitch numbers, repeat markers, tapes. */
const props = defineProps<{
  view: ChartView
  stitchWidthMm: number
  firstRound: number
  /** Worked rounds a row of the chart is. */
  each: number
  marks: readonly ChartMark[]
  beginsOn: (row: number) => 'left' | 'right'
  /** The letters of each row, and their colours, shown where there are so many; the row that is read out. */
  rowYarns: readonly string[]
  yarnsFrom: 1 | 2
  colours: ReadonlyMap<string, string>
  current: number | null
  caption: string
}>()
const workshop = useWorkshop()
const hand = computed(() => workshop.words.hand)
/** A stitch marker is clipped in there. */
const clipped: readonly ChartMark['kind'][] = ['edge', 'join', 'middle']
/** A mark for each yarn of a row that has several, beyond its number; the arrow has its place at the row that is read out. */
const MARK = { size: 4, apart: 5, from: 16 } as const
const yarnMarks = computed(() => {
  if (props.view.cellHeight < 9) return []
  return edges.value.rounds.flatMap(({ of: row, text, at, x, anchor }) => {
    const letters = props.rowYarns[row] ?? ''
    if (letters.length < props.yarnsFrom || row === props.current) return []
    const way = anchor === 'start' ? 1 : -1
    const first = MARK.from + (text.length > 2 ? 5 : 0)
    return [...letters].slice(0, 4).map((letter, i) => ({
      key: `${row}${letter}`,
      x: x + way * (first + i * MARK.apart) - (way < 0 ? MARK.size : 0),
      y: at - MARK.size / 2,
      colour: props.colours.get(letter) ?? '#888888',
    }))
  })
})
/** Numbers stand where their row begins. */
const sideOf = (side: 'left' | 'right') =>
  side === 'right'
    ? { x: props.view.width - margin.right + 8, anchor: 'start' as const }
    : { x: margin.left - 8, anchor: 'end' as const }
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
    top,
    across: Math.max(0, right - left) / pxPerMm.value,
    up: Math.max(0, foot - top) / pxPerMm.value,
    rounds: roundNumbers(now, props.firstRound, props.each).map((number) => ({
      ...number,
      ...sideOf(props.beginsOn(number.of)),
    })),
    stitches: stitchNumbers(now, hand.value),
    marks: props.marks
      .map((mark) => ({ ...mark, x: now.left + mark.column * now.cellWidth }))
      .filter(({ x }) => x >= margin.left - 1 && x <= now.width - margin.right + 1)
      .map((mark) => ({
        ...mark,
        anchor: mark.x < margin.left + 30 ? 'start' : mark.x > now.width - 72 ? 'end' : 'middle',
      })),
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
    <template v-for="mark in edges.marks" :key="`${mark.kind}${mark.column}`">
      <g
        v-if="clipped.includes(mark.kind)"
        class="marker"
        :transform="`translate(${mark.x} ${edges.markersY})`"
      >
        <path d="M-4 2C-5.5 10 -3.5 14 0 14C3.5 14 5.5 10 4 2L4 -1C4 -6 -4 -6 -4 -1Z" />
        <path d="M-4 4L-1.4 6.6" />
      </g>
      <line
        v-if="mark.kind !== 'edge'"
        :class="['mark', mark.kind]"
        :x1="mark.x"
        :x2="mark.x"
        :y1="edges.top"
        :y2="edges.foot"
      />
      <text
        v-if="mark.title"
        class="mark-title"
        :x="mark.x"
        :y="edges.markersY - 8"
        :text-anchor="mark.anchor"
      >
        {{ mark.title }}
      </text>
    </template>
    <text
      v-for="number in edges.rounds"
      :key="`r${number.text}`"
      :x="number.x"
      :y="number.at + 4"
      :text-anchor="number.anchor"
      :class="{ big: number.big }"
    >
      {{ number.text }}
    </text>
    <rect
      v-for="mark in yarnMarks"
      :key="mark.key"
      class="yarn-mark"
      :x="mark.x"
      :y="mark.y"
      :width="MARK.size"
      :height="MARK.size"
      :fill="mark.colour"
    />
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
.chart-canvas .edges .yarn-mark {
  stroke: rgb(27 36 33 / 40%);
  stroke-width: 0.6;
}
.chart-canvas .edges .mark {
  stroke: rgb(27 36 33 / 45%);
  stroke-width: 1;
}
.chart-canvas .edges .mark.repeat {
  stroke-dasharray: 2 4;
}
.chart-canvas .edges .mark.join,
.chart-canvas .edges .mark.middle {
  stroke: var(--marker);
  stroke-width: 1.5;
}
.chart-canvas .edges text.mark-title {
  fill: var(--ink-2);
}
.chart-canvas .marker {
  fill: none;
  stroke: var(--marker);
  stroke-width: 2;
  stroke-linecap: round;
}
</style>
