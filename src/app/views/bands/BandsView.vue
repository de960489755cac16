<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, ref, shallowRef, useTemplateRef, watch } from 'vue'
import { type Cell, commonestLetter, lettersOf } from '@core/chart'
import { partById } from '@core/design'
import { rowHeightMm } from '@core/ledger'
import { abbrOf, stitchById } from '@core/stitch'
import { printLength } from '@core/units'
import ChartCanvas from '@app/parts/chart/ChartCanvas.vue'
import { partChart } from '@app/parts/chart/from-ledger.ts'
import { type Tool, toolById, tools } from '@app/parts/chart/tools.ts'
import YarnDot from '@app/parts/YarnDot.vue'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import BasePlan from '@app/views/size/BasePlan.vue'
import PartEditor from './PartEditor.vue'
import PartList from './PartList.vue'
import RoundReadout from './RoundReadout.vue'

/** The parts from base to rim, and the chart of the selected one. */
const SHOWN_COLUMNS = 24
const project = useProject()
const workshop = useWorkshop()
const design = computed(() => project.design!)
const derived = computed(() => project.derived!)
const part = computed(() => partById(design.value, project.selectedPart!))
const place = computed(() =>
  derived.value.ledger.pieces[0]!.parts.find(({ id }) => id === part.value.id),
)
const firstRound = computed(() => (place.value?.firstRow ?? 0) + 1)
const chart = computed(() => {
  if (part.value.kind === 'tapestry') return part.value.chart
  return place.value && place.value.endRow > place.value.firstRow
    ? partChart(derived.value.ledger, place.value, SHOWN_COLUMNS, workshop.words.hand)
    : null
})
const aspect = computed(
  () => rowHeightMm(derived.value.gauge, part.value.stitch) / derived.value.gauge.stitchWidthMm,
)

const tool = shallowRef<Tool>(toolById('brush'))
const letter = ref('B')
const letters = ref(false)
const canvas = useTemplateRef('canvas')
watch(
  () => design.value.yarns,
  (yarns) => {
    if (!yarns.some((yarn) => yarn.letter === letter.value)) letter.value = yarns.at(-1)!.letter
  },
  { immediate: true },
)
const ground = computed(() => (chart.value ? commonestLetter(chart.value.colours.join('')) : 'A'))
const inBand = computed(() => new Set(chart.value ? lettersOf(chart.value) : []))

// The round under the pointer is written out; when the pointer is away, the last one stays.
const row = ref<number | null>(null)
watch(
  () => part.value.id,
  () => (row.value = part.value.kind === 'tapestry' ? part.value.chart.colours.length >> 1 : 0),
  { immediate: true },
)
const point = (cell: Cell | null) => {
  if (cell) row.value = cell.row
}
const shownRow = computed(() => {
  if (row.value === null || !place.value) return null
  const at = place.value.firstRow + row.value
  return at < place.value.endRow ? at : null
})

const paint = (cells: readonly Cell[], yarn: string, gesture: string) =>
  project.edit({ name: 'paint', args: { id: part.value.id, cells, letter: yarn } }, gesture)

const about = computed(() => {
  const stitch = abbrOf(stitchById(part.value.stitch), workshop.words)
  if (!place.value) return ''
  const { firstRow, endRow } = place.value
  const { columns } = derived.value.ledger.pieces[0]!
  const rounds = `rounds ${firstRow + 1}–${endRow}`
  const count = columns.uses[firstRow]!
  if (part.value.kind === 'tapestry') {
    const { width, colours } = part.value.chart
    const left = count % width
    const repeats = `${Math.floor(count / width)} repeats in ${count} stitches${left ? `, ${left} left over` : ''}`
    return `Tapestry in ${stitch} · repeat ${width} × ${colours.length} · ${repeats} · ${rounds}`
  }
  if (part.value.kind === 'round-base')
    return `Round base in ${stitch} · ${columns.makes[endRow - 1]} stitches · ${rounds}`
  const high = columns.heightMm[endRow - 1]! - (firstRow ? columns.heightMm[firstRow - 1]! : 0)
  return `${part.value.kind === 'plain' ? 'Plain' : 'Stripes'} in ${stitch} · ${columns.makes[endRow - 1]} stitches · ${printLength(high, workshop.words.units)} tall · ${rounds}`
})
const repeatWords = computed(() =>
  chart.value
    ? `${part.value.kind === 'tapestry' ? 'one repeat, ' : ''}${printLength(chart.value.width * derived.value.gauge.stitchWidthMm, workshop.words.units)}`
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
</script>

<template>
  <div class="bands-view">
    <header>
      <h1>{{ part.name }}</h1>
      <p class="num">{{ about }}</p>
    </header>
    <div class="left">
      <PartList />
      <PartEditor />
    </div>
    <div v-if="part.kind === 'round-base'" class="base-stage">
      <BasePlan :design="design" :derived="derived" :size="430" />
    </div>
    <template v-else-if="chart">
      <div class="tools" role="toolbar" aria-label="Tools" aria-orientation="vertical">
        <template v-if="part.kind === 'tapestry'">
          <button
            v-for="one in tools"
            :key="one.id"
            type="button"
            class="tool"
            :class="{ on: one === tool }"
            :aria-pressed="one === tool"
            :aria-label="one.title"
            :title="`${one.title} (${one.key.toUpperCase()})`"
            @click="tool = one"
          >
            <svg width="22" height="22" viewBox="0 0 24 24" aria-hidden="true">
              <path :d="one.picture" />
            </svg>
          </button>
          <hr />
        </template>
        <button
          type="button"
          class="tool"
          title="Larger (+)"
          aria-label="Larger"
          @click="canvas?.zoomBy(1.25)"
        >
          <svg width="22" height="22" viewBox="0 0 24 24" aria-hidden="true">
            <path d="M12 6v12M6 12h12" />
          </svg>
        </button>
        <button
          type="button"
          class="tool"
          title="Smaller (−)"
          aria-label="Smaller"
          @click="canvas?.zoomBy(0.8)"
        >
          <svg width="22" height="22" viewBox="0 0 24 24" aria-hidden="true">
            <path d="M6 12h12" />
          </svg>
        </button>
        <button
          type="button"
          class="tool"
          title="All of it (0)"
          aria-label="All of it"
          @click="canvas?.fit()"
        >
          <svg width="22" height="22" viewBox="0 0 24 24" aria-hidden="true">
            <path d="M5 9V5h4M15 5h4v4M19 15v4h-4M9 19H5v-4" />
          </svg>
        </button>
        <button
          type="button"
          class="tool"
          :class="{ on: letters }"
          :aria-pressed="letters"
          title="Letters in the cells"
          aria-label="Letters in the cells"
          @click="letters = !letters"
        >
          <svg width="22" height="22" viewBox="0 0 24 24" aria-hidden="true">
            <path d="M6 19 12 5l6 14M8.3 14h7.4" />
          </svg>
        </button>
      </div>
      <div class="chart-side">
        <ChartCanvas
          ref="canvas"
          class="chart"
          :chart="chart"
          :yarns="design.yarns"
          :letter="letter"
          :ground="ground"
          :tool="part.kind === 'tapestry' ? tool : toolById('move')"
          :aspect="aspect"
          :stitch-width-mm="derived.gauge.stitchWidthMm"
          :first-round="firstRound"
          :letters="letters"
          :repeats="part.kind === 'tapestry'"
          :readonly="part.kind !== 'tapestry'"
          :row="row"
          :caption="repeatWords"
          @paint="paint"
          @cancel="project.cancel"
          @pick="letter = $event"
          @point="point"
        />
        <div
          v-if="part.kind === 'tapestry'"
          class="palette"
          role="radiogroup"
          aria-label="Yarn to paint with"
        >
          <button
            v-for="(yarn, i) in design.yarns"
            :key="yarn.letter"
            type="button"
            role="radio"
            class="yarn-chip"
            :aria-checked="yarn.letter === letter"
            :class="{ on: yarn.letter === letter, out: !inBand.has(yarn.letter) }"
            :title="i < 9 ? `${yarn.name} (${i + 1})` : yarn.name"
            @click="letter = yarn.letter"
          >
            <YarnDot :letter="yarn.letter" :colour="yarn.colour" :size="20" />{{ yarn.name }}
          </button>
        </div>
        <RoundReadout v-if="shownRow !== null" :row="shownRow" />
      </div>
    </template>
  </div>
</template>

<style>
.bands-view {
  display: grid;
  flex: 1;
  grid-template: auto minmax(0, 1fr) / 200px 46px minmax(0, 1fr);
  min-height: 0;
  padding: 14px 20px 14px 18px;
}
.bands-view > header {
  grid-column: 1 / -1;
  margin-bottom: 10px;
}
.bands-view > header p {
  color: var(--ink-2);
  font-size: 13px;
}
.bands-view .left {
  display: flex;
  flex-direction: column;
  gap: 10px;
  min-height: 0;
  padding-right: 10px;
}
.bands-view .base-stage {
  display: grid;
  grid-column: 2 / -1;
  place-items: center;
}
.bands-view .tools {
  display: flex;
  flex-direction: column;
  gap: 2px;
  align-items: center;
}
.bands-view .tools hr {
  width: 24px;
  margin: 3px;
  border: 0;
  border-top: 1px solid var(--line-strong);
}
.bands-view .tool {
  display: grid;
  place-items: center;
  width: 34px;
  height: 34px;
  padding: 0;
  border: 0;
  border-radius: var(--radius);
  background: none;
  color: var(--ink-2);
  cursor: pointer;
}
.bands-view .tool:hover {
  background: var(--mat-tint);
}
.bands-view .tool.on {
  background: #fff;
  box-shadow: 0 0 0 1.5px var(--mat);
  color: var(--mat);
}
.bands-view .tool svg {
  fill: none;
  stroke: currentColor;
  stroke-width: 1.7;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.bands-view .chart-side {
  display: flex;
  flex-direction: column;
  min-width: 0;
  min-height: 0;
}
.bands-view .chart {
  flex: 1;
}
.bands-view .palette {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-bottom: 8px;
}
.bands-view .yarn-chip {
  display: flex;
  gap: 7px;
  align-items: center;
  padding: 3px 11px 3px 4px;
  border: 1px solid var(--line-strong);
  border-radius: 20px;
  background: #fff;
  font-size: 13px;
  cursor: pointer;
}
.bands-view .yarn-chip.out {
  color: var(--ink-2);
}
.bands-view .yarn-chip.on {
  border-color: var(--mat);
  box-shadow: 0 0 0 1px var(--mat);
  color: var(--ink);
}
@media (max-width: 1000px) {
  .bands-view {
    grid-template: auto 250px minmax(380px, 1fr) / 46px minmax(0, 1fr);
  }
  .bands-view .left {
    grid-column: 1 / -1;
    flex-direction: row;
    overflow: hidden;
  }
  .bands-view .left > * {
    flex: 1;
    max-height: none;
  }
}
</style>
