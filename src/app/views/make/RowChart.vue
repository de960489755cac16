<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import { inkOn } from '@core/colour'
import { gaugeIn, partOfRow } from '@core/ledger'
import { leftAt } from '@core/make'
import { useMaking } from '@app/stores/making.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import { rowsSeen } from './row-cells.ts'

/** The rows about the stitch one is at: made is solid, to come is pale, the row being worked in a frame with a marker where the hook is. */
const { rows: shown = 9, cell = 19 } = defineProps<{ rows?: number; cell?: number }>()
const emit = defineEmits<{ tap: [] }>()
const making = useMaking()
const project = useProject()
const workshop = useWorkshop()
const box = useTemplateRef<HTMLDivElement>('box')
const { width } = useElementSize(box)
const LABEL = 34
const TOP = 26

const piece = computed(() => making.on!.piece)
const row = computed(() => Math.min(making.on!.made, piece.value.rows - 1))
const left = computed(() =>
  making.isDone ? piece.value.columns.makes[row.value]! : leftAt(making.steps, making.done),
)
const columns = computed(() => Math.max(9, Math.floor((width.value - LABEL) / cell)))
const seen = computed(() =>
  rowsSeen(making.ledger!, piece.value, {
    ...{ row: row.value, left: left.value, columns: columns.value, hand: workshop.words.hand },
    ...{ below: Math.floor(shown / 2), above: Math.ceil(shown / 2) - 1 },
  }),
)
const aspect = computed(() => {
  const { rowHeightMm, stitchWidthMm } = gaugeIn(
    making.ledger!,
    partOfRow(piece.value, row.value).id,
  )
  return Math.min(1.3, Math.max(0.6, rowHeightMm / stitchWidthMm))
})
const high = computed(() => Math.round(cell * aspect.value))
const colours = computed(() =>
  making.ledger!.yarns.map(
    (letter) =>
      project.table!.design.yarns.find((yarn) => yarn.letter === letter)?.colour ?? '#888888',
  ),
)
const heightPx = computed(() => TOP + seen.value.rows.length * high.value + 4)
const yOf = (at: number) => TOP + (seen.value.rows.length - 1 - at) * high.value
const hereAt = computed(() => seen.value.rows.findIndex(({ here }) => here))
/** Cells of one look as one path: there are hundreds, and one changes at a time. */
const paths = computed(() => {
  const drawn = new Map<string, { yarn: number; made: boolean; d: string }>()
  seen.value.rows.forEach(({ cells }, at) => {
    for (const { column, yarn, made } of cells) {
      const key = `${yarn} ${made}`
      const one = drawn.get(key) ?? { yarn, made, d: '' }
      one.d += `M${column * cell} ${yOf(at)}h${cell - 1}v${high.value - 1}h${1 - cell}z`
      drawn.set(key, one)
    }
  })
  return [...drawn.values()]
})
const symbols = computed(() =>
  seen.value.rows.flatMap(({ cells, row: of }, at) =>
    cells
      .filter(({ symbol }) => symbol !== null)
      .map(({ column, symbol, yarn, made }) => ({
        ...{
          key: `${of} ${column}`,
          d: symbol!,
          ink: made ? inkOn(colours.value[yarn]!) : '#3f4b45',
        },
        place: `translate(${column * cell + 1} ${yOf(at) + 1}) scale(${(cell - 3) / 20} ${(high.value - 3) / 20})`,
      })),
  ),
)
const label = computed(() => {
  const [first, last] = [seen.value.rows[0]!.number, seen.value.rows.at(-1)!.number]
  const many = piece.value.columns.makes[row.value]!
  return `The chart about the hook, ${piece.value.worked} ${first} to ${last}: ${left.value} of ${many} stitches of ${piece.value.columns.number[row.value]} are made.`
})
</script>

<template>
  <div ref="box" class="row-chart" @click="emit('tap')">
    <svg :width="width" :height="heightPx" role="img" :aria-label="label">
      <g :transform="`translate(${LABEL} 0)`">
        <path
          v-for="{ yarn, made, d } in paths"
          :key="`${yarn} ${made}`"
          :d="d"
          :fill="colours[yarn]"
          :opacity="made ? 1 : 0.32"
          stroke="rgb(0 0 0 / 14%)"
          stroke-width="0.6"
        />
        <path
          v-for="one in symbols"
          :key="one.key"
          :d="one.d"
          :transform="one.place"
          :stroke="one.ink"
          class="symbol"
        />
        <template v-if="hereAt >= 0">
          <rect
            x="-2"
            :y="yOf(hereAt) - 2"
            :width="columns * cell + 3"
            :height="high + 3"
            class="row-frame"
            rx="2"
          />
          <path
            class="hook-marker"
            :transform="`translate(${seen.here * cell - 0.5} ${yOf(hereAt) - 14}) scale(1.15)`"
            d="M-4 2C-5.5 10 -3.5 14 0 14C3.5 14 5.5 10 4 2L4 -1C4 -6 -4 -6 -4 -1ZM-4 4L-1.4 6.6"
          />
        </template>
      </g>
      <text
        v-for="(one, at) in seen.rows"
        :key="one.row"
        :x="LABEL - 8"
        :y="yOf(at) + high / 2 + 4"
        :class="{ current: one.here }"
        text-anchor="end"
      >
        {{ one.number }}
      </text>
    </svg>
  </div>
</template>

<style>
.row-chart {
  overflow: hidden;
  cursor: pointer;
  touch-action: manipulation;
}
.row-chart svg {
  display: block;
}
.row-chart text {
  fill: var(--ink-3);
  font: 500 11.5px/1 var(--font-text);
  font-variant-numeric: tabular-nums;
}
.row-chart text.current {
  fill: var(--marker-ink);
  font-weight: 700;
}
.row-chart .symbol {
  fill: none;
  stroke-width: 1.8;
}
.row-chart .row-frame {
  fill: none;
  stroke: var(--marker);
  stroke-width: 2;
}
.row-chart .hook-marker {
  fill: none;
  stroke: var(--marker);
  stroke-width: 2.4;
  stroke-linecap: round;
}
</style>
