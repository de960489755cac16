<script setup lang="ts">
import { useEventListener, useTimeoutFn } from '@vueuse/core'
import { computed, ref, shallowRef, useTemplateRef, watch } from 'vue'
import { bandOf } from '@core/band'
import {
  type Cell,
  type Chart,
  groundOf,
  lettersOf,
  symmetries,
  type Symmetry,
  withSymmetry,
} from '@core/chart'
import { type Aid, aids } from '@core/colour'
import { isBase, partById } from '@core/design'
import { standsOn } from '@core/ledger'
import { printLength } from '@core/units'
import ChartCanvas from '@app/parts/chart/ChartCanvas.vue'
import { partChart } from '@app/parts/chart/from-ledger.ts'
import { type Tool, toolById, tools } from '@app/parts/chart/tools.ts'
import { steady } from '@app/parts/page/steady.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import ChartChanges from './ChartChanges.vue'
import ChartTools from './ChartTools.vue'
import RoundReadout from './RoundReadout.vue'
import { bandStages } from './band-editors.ts'
import YarnPalette from './YarnPalette.vue'

/** The chart of the selected band, to paint on when it is one, and the round under the pointer in words. */
const SHOWN_COLUMNS = 24
const project = useProject()
const workshop = useWorkshop()
const design = computed(() => project.design!)
const yarns = computed(() => design.value.yarns)
const derived = computed(() => project.table!.derived)
const part = computed(() => partById(design.value, project.selectedPart!))
const place = computed(() => project.ledgerPiece!.parts.find(({ id }) => id === part.value.id))
const firstRound = computed(() => (place.value?.firstRow ?? 0) + 1)
/** The chart that is painted, where the band has one of its own. */
const own = computed(() => (isBase(part.value) ? null : bandOf(part.value).chart(part.value)))
const chart = computed(() => {
  if (own.value) return own.value
  return place.value && place.value.endRow > place.value.firstRow
    ? partChart(
        derived.value.ledger,
        project.ledgerPiece!,
        place.value,
        SHOWN_COLUMNS,
        workshop.words.hand,
      )
    : null
})
/** All stitches of a flat row. */
const alone = computed(() => {
  const piece = project.ledgerPiece!
  const flat = own.value === null && piece.worked === 'rows' && place.value && chart.value
  return Boolean(flat && chart.value!.width === standsOn(piece, place.value!))
})
/** How the band is shown where it is no chart of cells. */
const stage = computed(() => (isBase(part.value) ? undefined : bandStages[part.value.kind]))
const gauge = computed(() => place.value?.gauge ?? derived.value.gauge)
const aspect = computed(() => gauge.value.rowHeightMm / gauge.value.stitchWidthMm)

const tool = shallowRef<Tool>(toolById('brush'))
const letter = ref('B')
const letters = ref(false)
/** The yarns in the colours they are seen in. */
const aid = shallowRef<Aid>(aids[0]!)
const seen = computed(() =>
  aid.value === aids[0]
    ? yarns.value
    : yarns.value.map((yarn) => ({ ...yarn, colour: aid.value.of(yarn.colour) })),
)
const canvas = useTemplateRef('canvas')
watch(
  yarns,
  (now) => {
    if (!now.some((yarn) => yarn.letter === letter.value)) letter.value = now.at(-1)!.letter
  },
  { immediate: true },
)
const ground = computed(() => (chart.value ? groundOf(chart.value) : 'A'))
const inBand = steady(() => (chart.value ? lettersOf(chart.value) : []))

// The round under the pointer is written out; when the pointer is away, the last one stays.
const row = ref<number | null>(null)
watch(
  () => part.value.id,
  () => (row.value = own.value ? own.value.colours.length >> 1 : 0),
  { immediate: true },
)
// A chart that has become smaller has no such row any more.
watch(
  () => own.value?.colours.length,
  (rows) => {
    if (rows && row.value !== null && row.value >= rows) row.value = rows - 1
  },
)
/** The cell last pointed at, within the repeat. */
const at = shallowRef<Cell>({ column: 0, row: 0 })
const point = (cell: Cell | null) => {
  if (!cell) return
  row.value = cell.row
  at.value = cell
}
/** What was said of a chart that was brought in. */
const said = ref('')
watch(
  () => part.value.id,
  () => (said.value = ''),
)
/** Its row and column by the numbers that stand beside the chart: columns are counted the way a right-side row is worked. */
const names = computed(() => {
  const { column, row: at0 } = at.value
  const { hand } = workshop.words
  const round = project.ledgerPiece!.worked === 'rows' ? 'row' : 'round'
  return {
    row: `${round} ${firstRound.value + at0}`,
    column: `column ${hand === 'right' ? (own.value?.width ?? 0) - column : column + 1}`,
  }
})
const symmetry = shallowRef<Symmetry>(symmetries[0]!)
const draw = (next: Chart, why: string) =>
  project.edit({ name: 'drawChart', args: { id: part.value.id, chart: next, why } })

// While a stroke goes on the words rest, so that nothing holds up the hand.
const { isPending: painting, start: paintGoesOn } = useTimeoutFn(() => {}, 250, {
  immediate: false,
})
const readRow = ref(row.value)
watch([row, painting], () => {
  if (!painting.value) readRow.value = row.value
})
const shownRow = computed(() => {
  if (readRow.value === null || !place.value) return null
  const at = place.value.firstRow + readRow.value
  return at < place.value.endRow ? at : null
})

function paint(cells: readonly Cell[], yarn: string, gesture: string) {
  paintGoesOn()
  const all = own.value ? withSymmetry(cells, symmetry.value, own.value) : cells
  project.edit({ name: 'paint', args: { id: part.value.id, cells: all, letter: yarn } }, gesture)
}

const repeatWords = computed(() =>
  chart.value
    ? `${own.value ? 'one repeat, ' : ''}${printLength(chart.value.width * gauge.value.stitchWidthMm, workshop.words.units)}`
    : '',
)

const typing = (event: KeyboardEvent) =>
  (event.target as HTMLElement).closest(
    'input, textarea, select, [role=combobox], [role=dialog]',
  ) !== null
useEventListener('keydown', (event: KeyboardEvent) => {
  if (event.ctrlKey || event.metaKey || event.altKey || typing(event)) return
  const chosen = tools.find(({ key }) => key === event.key)
  if (chosen) tool.value = chosen
  const yarn = /^[1-9]$/.test(event.key) ? design.value.yarns[Number(event.key) - 1] : undefined
  if (yarn) letter.value = yarn.letter
})
const paints = computed(() => own.value !== null)
const hand = computed(() => (paints.value ? tool.value : toolById('move')))
</script>

<template>
  <template v-if="chart">
    <ChartTools
      v-if="!stage"
      v-model:tool="tool"
      v-model:letters="letters"
      v-model:aid="aid"
      :paints="paints"
      @zoom="canvas?.zoomBy($event)"
      @fit="canvas?.fit()"
    >
      <ChartChanges
        v-model:symmetry="symmetry"
        :chart="own!"
        :yarns="yarns"
        :at="at"
        :names="names"
        @draw="draw"
        @said="said = $event"
      />
    </ChartTools>
    <div class="chart-side" :class="{ staged: stage }">
      <component :is="stage" v-if="stage" v-model:row="row" :part="part" />
      <ChartCanvas
        v-else
        ref="canvas"
        class="chart"
        :chart="chart"
        :yarns="seen"
        :letter="letter"
        :ground="ground"
        :tool="hand"
        :aspect="aspect"
        :stitch-width-mm="gauge.stitchWidthMm"
        :first-round="firstRound"
        :letters="letters"
        :repeats="paints"
        :alone="alone"
        :readonly="!paints"
        :row="row"
        :caption="repeatWords"
        @paint="paint"
        @cancel="project.cancel"
        @pick="letter = $event"
        @point="point"
      />
      <p v-if="said" class="note said" role="status">{{ said }}</p>
      <YarnPalette v-if="paints" v-model="letter" :yarns="yarns" :in-band="inBand" />
      <RoundReadout v-if="shownRow !== null" :row="shownRow" />
    </div>
  </template>
</template>

<style>
.chart-side {
  display: flex;
  flex-direction: column;
  min-width: 0;
  min-height: 0;
}
/* Without tools beside it. */
.chart-side.staged {
  grid-column: span 2;
}
.chart {
  flex: 1;
}
</style>
