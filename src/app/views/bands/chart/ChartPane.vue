<script setup lang="ts">
import { computed, nextTick, ref, shallowRef, useTemplateRef, watch } from 'vue'
import { bandOf } from '@core/band'
import { type Cell, cellsAfter, type Chart } from '@core/chart'
import { isBase, partById } from '@core/design'
import { printLength } from '@core/units'
import RoundBag from '@app/parts/bag/RoundBag.vue'
import ChartCanvas from '@app/parts/chart/ChartCanvas.vue'
import { brushSizes, type Tool, toolById } from '@app/parts/chart/tools.ts'
import type { SeenAs } from '@app/parts/chart/views.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import ChartChanges, { type Line } from './ChartChanges.vue'
import ChartTools from './ChartTools.vue'
import RoundReadout from './RoundReadout.vue'
import { askForChart } from './bring-chart.ts'
import { chartKindOf } from '../chart-kinds/chart-kinds.ts'
import { MotifDialog, PictureDialog } from '../dialogs/later.ts'
import { useBringing } from './use-bringing.ts'
import { isTyping, useChartKeys } from './use-chart-keys.ts'
import { useInks } from './use-inks.ts'
import { useOnChart } from './use-on-chart.ts'
import { usePainting } from './use-painting.ts'
import { useSaid } from './use-said.ts'
import { useOnBag } from './use-on-bag.ts'
import { useReadout } from './use-readout.ts'
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
const derived = computed(() => project.table!.derived)
const part = computed(() => partById(design.value, project.selectedPart!))
const place = computed(() => project.ledgerPiece!.parts.find(({ id }) => id === part.value.id))
/** The chart that is painted, where the band has one of its own. */
const own = computed(() => (isBase(part.value) ? null : bandOf(part.value).chart(part.value)))
const paints = computed(() => own.value !== null)
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
/** What would be drawn, while that is pointed at; and the cells that the nearest picture which can be worked would change. */
const preview = shallowRef<Chart | null>(null)
const would = shallowRef<readonly Cell[]>([])
function showMended(mended: Chart | null, cells: readonly Cell[]) {
  preview.value = mended
  would.value = cells
}
const { alone, toOwn, wholeOf, marks, beginsOn, leans, leansWords, lean, count, whole, ...ofView } =
  useView(seenFrom, view, leaning)
const { on, symbols, stitch, hatched } = useOnChart({
  ...{ kind, part, seenFrom, view, toOwn },
  stitch: ofView.stitch,
  asWould: () => preview.value !== null,
})
const chart = computed(() => on.value.chart ?? ofView.chart.value)
/** Worked rounds a row of the chart is. */
const each = computed(() => ofView.workedAs(0).rows)
const gauge = computed(() => place.value?.gauge ?? derived.value.gauge)
const aspect = computed(() => (each.value * gauge.value.rowHeightMm) / gauge.value.stitchWidthMm)
const canvas = useTemplateRef('canvas')

const tool = shallowRef<Tool>(toolById('brush'))
const hand = computed(() => (paints.value ? tool.value : toolById('move')))
const { letter, palette, sign, aid, seen, ground, inBand } = useInks({
  ...{ symbols, chart, own, yarns: computed(() => design.value.yarns) },
})
const { row, at, point, rest, runWords, shownRow, firstRound, names } = useReadout({
  ...{ part, place, on, chart, own, toOwn },
  ...{ workedAs: ofView.workedAs, runWordsAt: ofView.runWordsAt },
  worked: () => project.ledgerPiece!.worked,
  hand: () => workshop.words.hand,
})
/** A yarn more, to paint with at once. */
const addYarn = () => (letter.value = project.addYarns()[0]?.letter ?? letter.value)
const onBag = useOnBag(shownRow)
/** What was said of what was done to the chart. */
const said = useSaid(design)
const { size, symmetry, onlyHere, draw, paint, fill, make, stand, straight, depicting } =
  usePainting({
    ...{ on, chart, own, toOwn, wholeOf, letter, ground, whole, count, leans, said, tool: hand },
    ...{ id: () => part.value.id, edit: project.edit, goesOn: rest },
  })
function straighten() {
  preview.value = null
  draw(straight(), 'Straighten')
}

const away = (event: Event) => paints.value && !isTyping(event) && view.value.shows !== 'bag'
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
const toChange = () => ({
  chart: symbols.value ? chart.value! : own.value!,
  at: at.value,
  names: names.value,
})
const motifs = ref(false)
const pictures = ref(false)
const { asked, answers, take } = useBringing({
  ...{ id: computed(() => part.value.id), own, away, said, draw },
})
watch(
  () => part.value.id,
  () => (said.value = ''),
)
const repeatWords = computed(() => {
  const { width = 0 } = chart.value ?? {}
  const wide = printLength(width * gauge.value.stitchWidthMm, workshop.words.units)
  return paints.value && !whole.value ? `one repeat, ${wide}` : wide
})
useChartKeys({
  ...{ view, all, tool, size, palette, letter, paints },
  openMotifs: () => (motifs.value = motifs.value || paints.value),
})
</script>

<template>
  <template v-if="chart">
    <ChartTools v-if="paints && view.shows !== 'bag'" v-model="tool">
      <template #colour>
        <ToolChoice
          v-model="size"
          :all="brushSizes"
          label="Brush"
          picture="M4 12h16M4 7.500h16M4 17.500h16"
        />
      </template>
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
        @picture="pictures = true"
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
      ></ViewBar>
      <div class="chart-says" role="status">
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
        <p v-if="asked" class="note">
          {{ asked.asks!.words }}
        </p>
        <button
          v-for="one in answers"
          :key="one.title"
          type="button"
          class="button"
          @click="one.run()"
        >
          {{ one.title }}
        </button>
        <p v-if="said && !asked" class="note">{{ said }}</p>
      </div>
      <component :is="stage" v-if="stage" v-model:row="row" :part="part" :as="view.as" />
      <RoundBag
        v-else-if="view.shows === 'bag'"
        :design="design"
        :derived="derived"
        :yarns="seen"
        :leaning="leaning"
        :mark="onBag.mark.value"
        :movable="onBag.movable"
        @point="onBag.pointed.value = $event"
        @choose="onBag.choose"
        @move="onBag.move"
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
        :worked="project.ledgerPiece!.worked"
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
      <YarnPalette
        v-if="paints && view.shows !== 'bag'"
        v-model="letter"
        :yarns="palette"
        :symbols="symbols !== null"
        :in-band="inBand"
        :marked="sign.id === 'marks'"
        @add="addYarn"
      />
      <RoundReadout
        v-if="onBag.told.value !== null"
        :row="onBag.told.value"
        :run="view.shows === 'bag' ? '' : runWords"
      />
    </div>
    <PictureDialog
      v-if="pictures && own && !isBase(part)"
      v-model="pictures"
      :part="part"
      :chart="own"
      :shown="whole ? chart : own"
      :chosen="on.layer === 'chart' ? chosen : []"
      :onto="() => wholeOf(own!)"
      :count="count"
      :middles="ofView.middles.value"
      :blank="on.blank"
      :gauge="{ ...gauge, rowHeightMm: each * gauge.rowHeightMm }"
      @depict="project.edit(depicting($event))"
      @would="$event ? project.showPreview(depicting($event)) : project.endPreview()"
    />
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
      :hangs="ofView.hangs.value"
      :worked="project.ledgerPiece!.worked"
      :middles="ofView.middles.value"
      :onto="() => wholeOf(on.layer === 'raised' ? chart! : own!)"
      :blank="on.blank"
      @lay="lay"
      @make="make"
      @stand="stand"
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
/* What comes and goes has a row of its own: the chart stays where it is. */
.chart-says {
  display: flex;
  flex: none;
  flex-wrap: wrap;
  gap: 4px 6px;
  align-items: center;
  overflow: auto;
  height: 31px;
}
.chart-says > .note {
  flex: 1 1 200px;
}
.chart-says .button {
  min-height: 28px;
  padding: 3px 9px;
}
.chart-says .el-checkbox {
  height: 28px;
  margin: 0 4px 0 0;
}
</style>
