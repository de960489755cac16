<script setup lang="ts">
import { rowWord } from '@core/terms'
import { useEventListener, useTimeoutFn } from '@vueuse/core'
import {
  computed,
  defineAsyncComponent,
  nextTick,
  ref,
  shallowRef,
  useTemplateRef,
  watch,
} from 'vue'
import { bandOf, type BandPart } from '@core/band'
import {
  type Cell,
  cellsAfter,
  type Chart,
  groundOf,
  lettersOf,
  symmetries,
  straightened,
  type Symmetry,
  withSymmetry,
} from '@core/chart'
import { type Aid, aids } from '@core/colour'
import { isBase, partById } from '@core/design'
import { hangsTurned } from '@core/ledger'
import { LIMITS } from '@core/part'
import { printLength, printNumber } from '@core/units'
import TurnedBag from '@app/parts/bag/TurnedBag.vue'
import ChartCanvas from '@app/parts/chart/ChartCanvas.vue'
import type { Ink } from '@app/parts/chart/ink.ts'
import { type Sign, signs } from '@app/parts/chart/signs.ts'
import { type BrushSize, brushSizes, type Tool, toolById, tools } from '@app/parts/chart/tools.ts'
import { nextView, type SeenAs } from '@app/parts/chart/views.ts'
import { steady } from '@app/parts/page/steady.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import ChartChanges, { type Line } from './ChartChanges.vue'
import ChartTools from './ChartTools.vue'
import RoundReadout from './RoundReadout.vue'
import { askForChart } from './bring-chart.ts'
import { chartKindOf } from '../chart-kinds/chart-kinds.ts'
import { useBringing } from './use-bringing.ts'
import { useSelection } from './use-selection.ts'
import { useView } from './use-view.ts'
import ToolButton from './ToolButton.vue'
import ToolChoice from './ToolChoice.vue'
import ViewBar from './ViewBar.vue'
import YarnPalette from './YarnPalette.vue'

/** The chart of the selected band, to paint on when it is one, and the round under the pointer in words. */
const project = useProject()
const workshop = useWorkshop()
const design = computed(() => project.design!)
const yarns = computed(() => design.value.yarns)
const derived = computed(() => project.table!.derived)
const part = computed(() => partById(design.value, project.selectedPart!))
const place = computed(() => project.ledgerPiece!.parts.find(({ id }) => id === part.value.id))
const firstRound = computed(
  () => (place.value?.firstRow ?? 0) + 1 + (own.value ? ofView.workedAs(0).row : 0),
)
/** The chart that is painted, where the band has one of its own. */
const own = computed(() => (isBase(part.value) ? null : bandOf(part.value).chart(part.value)))
/** The views there are of it; the one that was chosen stays where there is one of that name. */
const kind = computed(() => chartKindOf(part.value))
const all = computed(() => kind.value.views)
const wanted = ref('')
const view = computed({
  get: () => all.value.find(({ id }) => id === wanted.value) ?? all.value[0]!,
  set: (chosen: SeenAs) => (wanted.value = chosen.id),
})
/** What shows it where that is no chart of cells. */
const stage = computed(() => ('component' in view.value ? view.value.component : undefined))
const leaning = ref(false)
const seenFrom = computed(() => ({
  ...{ design: design.value, part: part.value, place: place.value },
  ...{ ledger: derived.value.ledger, piece: project.ledgerPiece! },
  ...{ hand: workshop.words.hand, own: preview.value ?? own.value },
}))
/** What would be drawn, while that is pointed at. */
const preview = shallowRef<Chart | null>(null)
const { alone, toOwn, marks, beginsOn, leans, lean, count, whole, runWordsAt, ...ofView } = useView(
  seenFrom,
  view,
  leaning,
)
/** What its kind has to say of it, as it is seen. */
const on = computed(() => kind.value.on(part.value as BandPart, seenFrom.value, view.value))
const symbols = computed(() => on.value.symbols)
const chart = computed(() => on.value.chart ?? ofView.chart.value)
/** Worked rounds a row of the chart is. */
const each = computed(() => ofView.workedAs(0).rows)
// The same function while strokes go on, so that only what they change is drawn.
const shapeAt = (cell: Cell) => on.value.shapeAt!(toOwn(cell))
const hasShapes = computed(() => on.value.shapeAt !== null)
const stitch = computed(() =>
  ofView.stitch.value && hasShapes.value
    ? { ...ofView.stitch.value, at: shapeAt }
    : ofView.stitch.value,
)
/** Cells that are not worked as they are drawn, wherever they are seen. */
const hatched = computed(() => {
  const { cannot } = on.value
  return cannot && !preview.value ? (cell: Cell) => cannot(toOwn(cell)) : null
})
/** Cells that the nearest picture which can be worked would change. */
const would = shallowRef<readonly Cell[]>([])
function showMended(mended: Chart | null, cells: readonly Cell[]) {
  preview.value = mended
  would.value = cells
}
const leansWords = computed(() =>
  leans.value === 0
    ? ''
    : `${printNumber(Math.abs(leans.value))} of a stitch a round to the ${leans.value > 0 ? 'right' : 'left'}`,
)
/** Most of it hangs upside down on the bag. */
const hangs = computed(() => {
  const { firstRow, endRow } = place.value ?? { firstRow: 0, endRow: 0 }
  const { ledger } = derived.value
  const turned = Array.from({ length: endRow - firstRow }, (_, row) =>
    hangsTurned(ledger, project.ledgerPiece!, firstRow + row),
  )
  return 2 * turned.filter(Boolean).length > turned.length
})
/** Painting changes the stitch under the hand alone, not every repeat. */
const onlyHere = ref(false)
const gauge = computed(() => place.value?.gauge ?? derived.value.gauge)
const aspect = computed(() => (each.value * gauge.value.rowHeightMm) / gauge.value.stitchWidthMm)

const tool = shallowRef<Tool>(toolById('brush'))
const yarnLetter = ref('B')
const symbol = ref('B')
/** The yarn, or the symbol, that is painted with. */
const letter = computed({
  get: () => (symbols.value ? symbol : yarnLetter).value,
  set: (chosen) => ((symbols.value ? symbol : yarnLetter).value = chosen),
})
const palette = computed((): readonly Ink[] => symbols.value?.inks ?? yarns.value)
/** What stands in its cells. */
const sign = shallowRef<Sign>(signs[0]!)
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
    if (!now.some((yarn) => yarn.letter === yarnLetter.value)) yarnLetter.value = now.at(-1)!.letter
  },
  { immediate: true },
)
const ground = computed(() => {
  if (symbols.value) return symbols.value.ground
  const shown = own.value ?? chart.value
  return shown ? groundOf(shown) : 'A'
})
const inBand = steady(() => {
  if (symbols.value) return symbols.value.inks.map((one) => one.letter)
  return chart.value ? lettersOf(own.value ?? chart.value) : []
})

// The round under the pointer is written out; when the pointer is away, the last one stays.
const row = ref<number | null>(null)
watch(
  () => part.value.id,
  () => (row.value = own.value ? own.value.colours.length >> 1 : 0),
  { immediate: true },
)
// A chart that has become smaller has no such row any more.
watch(
  () => chart.value?.colours.length,
  (rows) => {
    if (rows && row.value !== null && row.value >= rows) row.value = rows - 1
  },
)
/** The cell last pointed at, within the repeat. */
const at = shallowRef<Cell>({ column: 0, row: 0 })
const point = (cell: Cell | null) => {
  if (!cell) return
  row.value = cell.row
  at.value = toOwn(cell)
  pointed.value = cell
}
const pointed = shallowRef<Cell | null>(null)
/** The run under the pointer: "3 of A, stitches 14–16 of 120, repeat 1 of 5". */
const runWords = computed(() => {
  const cell = pointed.value
  const row = cell && own.value ? chart.value!.colours[cell.row] : undefined
  if (!cell || row === undefined || painting.value) return ''
  const at0 = toOwn(cell)
  return on.value.whyNot(at0) || (on.value.inRuns ? runWordsAt(cell) : '')
})
/** What was said of a chart that was brought in. */
const said = ref('')
watch(
  () => part.value.id,
  () => {
    said.value = ''
    strange.value = null
  },
)
/** Its row and column by the numbers that stand beside the chart: columns are counted the way a right-side row is worked. */
const names = computed(() => {
  const { column, row: at0 } = at.value
  const { hand } = workshop.words
  const round = rowWord(project.ledgerPiece!.worked)
  return {
    row: `${round} ${firstRound.value + at0 * each.value}`,
    column: `column ${hand === 'right' ? (own.value?.width ?? 0) - column : column + 1}`,
  }
})
const toChange = () => ({
  chart: symbols.value ? chart.value! : own.value!,
  at: at.value,
  names: names.value,
})
const size = shallowRef<BrushSize>(brushSizes[0]!)
const symmetry = shallowRef<Symmetry>(symmetries[0]!)
const draw = (next: Chart, why: string) =>
  project.edit({
    name: 'drawChart',
    args: { id: part.value.id, chart: next, why, layer: on.value.layer },
  })

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
  const at = place.value.firstRow + ofView.workedAs(readRow.value).row
  return at < place.value.endRow ? at : null
})

function paint(cells: readonly Cell[], yarn: string, gesture: string) {
  paintGoesOn()
  const { id } = part.value
  if (onlyHere.value && whole.value && own.value && own.value.width !== count.value)
    breakRepeat(gesture)
  const list = cells.map(toOwn)
  const { painted, layer } = on.value
  if (painted) {
    const edits = painted(list, hand.value.erases === true)
    return void (edits.length > 0 && project.edit(edits, gesture))
  }
  const all = own.value ? withSymmetry(list, symmetry.value, own.value) : list
  project.edit({ name: 'paint', args: { id, cells: all, letter: yarn, layer } }, gesture)
}
/** Fills from a cell: as whole rows where the chart is seen as it is, since that may be all of it. */
function fill(cell: Cell, gesture: string) {
  const { rows, cells, title } = tool.value
  const asItIs = chart.value === own.value && symmetry.value === symmetries[0]
  if (!rows || !asItIs) return paint(cells(chart.value!, cell, cell), letter.value, gesture)
  const args = { id: part.value.id, rows: rows(own.value!, cell, letter.value), why: title }
  project.edit({ name: 'drawRows', args }, gesture)
}
/** The whole round becomes one repeat, so that a stitch of it can differ from its like. */
function breakRepeat(gesture: string) {
  const { id } = part.value
  const values = { ...on.value.asWhole(chart.value!) }
  if (count.value > LIMITS.chartWidth || chart.value!.colours.length > LIMITS.chartHeight)
    return (said.value = 'That is more than one chart can hold.')
  project.edit({ name: 'setPart', args: { id, values } }, gesture)
}
/** What straightens it, shown before it is done. */
const straight = () => straightened(own.value!, leans.value)
function straighten() {
  preview.value = null
  draw(straight(), 'Straighten')
}

const away = (event: Event) => own.value !== null && !typing(event) && view.value.shows !== 'bag'
const { chosen, choose, stamp, patch, lay, stampOn, done, actions, copied, paste } = useSelection({
  ...{ chart, yarns: palette, tool, paint, ground, away, said },
})
watch(
  [view, () => part.value.id, () => chart.value?.width, () => chart.value?.colours.length],
  done,
)
/** A row or column more or fewer; what is chosen, and the row that is read, go with the others. */
async function changeLine({ along, at: of, change, why }: Line) {
  const after = (cells: readonly Cell[]) => cellsAfter(cells, along, of, change)
  const [kept, [read]] = [after(chosen.value), after([{ ...at.value, row: row.value ?? 0 }])]
  project.edit({ name: 'changeLine', args: { id: part.value.id, along, at: of, change, why } })
  if (chart.value !== own.value) return
  // What watches the size of the chart gives up what was chosen on it.
  await nextTick()
  choose(kept)
  if (read) row.value = read.row
}
const MotifDialog = defineAsyncComponent(() => import('../dialogs/MotifDialog.vue'))
const motifs = ref(false)
/** A chart made from a motif: as wide as the round it stands alone, narrower it is the repeat. */
function make(next: Chart, why: string) {
  const { made } = on.value
  if (!made) return draw(next, why)
  const values = { ...made(next, ground.value, letter.value) }
  project.edit({ name: 'setPart', args: { id: part.value.id, values } })
  said.value = `${why}.`
}
const { strange, take, makeYarns } = useBringing({
  ...{ id: computed(() => part.value.id), own, away, said, draw },
})

const repeatWords = computed(() =>
  chart.value
    ? `${own.value && !whole.value ? 'one repeat, ' : ''}${printLength(chart.value.width * gauge.value.stitchWidthMm, workshop.words.units)}`
    : '',
)

function typing({ target }: Event): boolean {
  const fields =
    'input:not([type=radio], [type=checkbox]), textarea, select, [role=combobox], [role=dialog]'
  return target instanceof Element && target.closest(fields) !== null
}
useEventListener('keydown', (event: KeyboardEvent) => {
  if (event.ctrlKey || event.metaKey || event.altKey || typing(event)) return
  if (event.key.toLowerCase() === 'v')
    view.value = nextView(view.value, event.shiftKey ? -1 : 1, all.value)
  const taken = tools.find(({ key }) => key === event.key)
  if (taken) tool.value = taken
  if (event.key === 't' && paints.value) motifs.value = true
  const wider = { '[': -1, ']': 1 }[event.key]
  if (wider) size.value = brushSizes[brushSizes.indexOf(size.value) + wider] ?? size.value
  const yarn = /^[1-9]$/.test(event.key) ? palette.value[Number(event.key) - 1] : undefined
  if (yarn) letter.value = yarn.letter
})
const paints = computed(() => own.value !== null)
const hand = computed(() => (paints.value ? tool.value : toolById('move')))
</script>

<template>
  <template v-if="chart">
    <ChartTools v-if="paints && view.shows !== 'bag'" v-model="tool">
      <ToolChoice
        v-model="size"
        :all="brushSizes"
        label="Brush"
        picture="M4 12h16M4 7.500h16M4 17.500h16"
      />
      <ToolButton
        label="Motifs and letters"
        title="Motifs and letters (T)"
        picture="M12 4l2.500 5 5.500.7-4 3.800 1 5.500-5-2.700-5 2.700 1-5.500-4-3.800 5.500-.7Z"
        @click="motifs = true"
      />
      <ChartChanges
        v-model:symmetry="symmetry"
        :now="toChange"
        @draw="draw"
        @line="changeLine"
        @bring="askForChart().then((file) => take(file))"
      />
    </ChartTools>
    <div class="chart-side" :class="{ staged: stage || !paints || view.shows === 'bag' }">
      <ViewBar
        v-model:view="view"
        v-model:sign="sign"
        v-model:lean="leaning"
        v-model:aid="aid"
        :all="all"
        :leans="leansWords"
        @zoom="canvas?.zoomBy($event)"
        @fit="canvas?.fit()"
      >
        <ElCheckbox v-if="whole && paints" v-model="onlyHere" label="Only here" />
        <template v-if="chosen.length > 0 && paints">
          <button
            v-for="action in actions"
            :key="action.title"
            type="button"
            class="button"
            :title="action.keys"
            @click="action.run"
          >
            {{ action.title }}
          </button>
          <button type="button" class="button" @click="motifs = true">Keep</button>
        </template>
        <button
          v-else-if="copied && paints && !stamp"
          type="button"
          class="button"
          title="Ctrl V"
          @click="paste('')"
        >
          Paste
        </button>
        <button v-if="stamp" type="button" class="button" title="Escape" @click="done">Done</button>
        <component
          :is="kind.mend"
          v-if="on.mend && (on.mend.isNeeded || would.length > 0)"
          v-bind="on.mend.given"
          :kept="chosen"
          @show="showMended"
          @take="draw($event, 'Make it workable')"
        />
        <button
          v-if="lean !== 0 && paints && on.straightens"
          type="button"
          class="button"
          :title="`Moves every row back by what it leans (${leansWords})`"
          @pointerenter="preview = straight()"
          @pointerleave="preview = null"
          @focus="preview = straight()"
          @blur="preview = null"
          @click="straighten"
        >
          Straighten
        </button>
      </ViewBar>
      <component :is="stage" v-if="stage" v-model:row="row" :part="part" :as="view.as" />
      <TurnedBag
        v-else-if="view.shows === 'bag'"
        :design="design"
        :derived="derived"
        :yarns="seen"
        :leaning="leaning"
      />
      <ChartCanvas
        v-else
        ref="canvas"
        class="chart"
        :chart="chart"
        :yarns="symbols ? symbols.inks : seen"
        :letter="letter"
        :ground="ground"
        :tool="hand"
        :size="Number(size.id)"
        :chosen="would.length > 0 ? would : chosen"
        :stamp="stamp"
        :aspect="aspect"
        :stitch-width-mm="gauge.stitchWidthMm"
        :first-round="firstRound"
        :sign="symbols ? symbols.sign : sign"
        :alone="alone"
        :lean="lean"
        :stitch="stitch"
        :each="each"
        :hatched="hatched"
        :drops="on.drops"
        :row-letters="on.rowLetters"
        :marks="marks"
        :begins-on="beginsOn"
        :readonly="!paints"
        :row="row"
        :caption="repeatWords"
        @paint="paint"
        @cancel="project.cancel"
        @pick="letter = $event"
        @choose="choose"
        @stamp="stampOn"
        @fill="fill"
        @dragover.prevent
        @drop.prevent="take($event.dataTransfer?.files[0])"
        @point="point"
      />
      <p v-if="said" class="note said" role="status">
        {{ said }}
        <button v-if="strange" type="button" class="button" @click="makeYarns">
          Make {{ strange.far.length === 1 ? 'a yarn' : `${strange.far.length} yarns` }} of them
        </button>
      </p>
      <YarnPalette
        v-if="paints && view.shows !== 'bag'"
        v-model="letter"
        :yarns="palette"
        :symbols="symbols !== null"
        :in-band="inBand"
        :marked="sign.id === 'marks'"
      />
      <RoundReadout v-if="shownRow !== null" :row="shownRow" :run="runWords" />
    </div>
    <MotifDialog
      v-if="motifs"
      v-model="motifs"
      :yarns="palette"
      :letter="letter"
      :ground="ground"
      :count="count"
      :stitch-width-mm="gauge.stitchWidthMm"
      :row-height-mm="gauge.rowHeightMm"
      :selected="patch"
      :hangs="hangs"
      :worked="project.ledgerPiece!.worked"
      :middles="ofView.middles.value"
      @lay="lay"
      @make="make"
    />
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
