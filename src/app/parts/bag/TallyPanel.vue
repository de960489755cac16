<script setup lang="ts">
import { computed } from 'vue'
import { bodyOf } from '@core/ledger'
import { snagKey } from '@core/snag'
import { sizesOf, spreadWords } from '@core/bag'
import { weightWords, type YarnNeed } from '@core/yarn'
import {
  footprintWords,
  lengthFigure,
  lengthUnit,
  yarnLengthFigure,
  yarnLengthUnit,
} from '@core/units'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import SnagCard from './SnagCard.vue'
import YarnDot from '../marks/YarnDot.vue'

/** The live figures of the bag on the table; while a mend is pointed at, the figures it would give. */
const project = useProject()
const workshop = useWorkshop()
const units = computed(() => workshop.words.units)
const tally = computed(() => project.shown?.derived.tally)
/** Bands in rows go across. */
const across = computed(
  () => project.shown !== null && bodyOf(project.shown.derived.ledger).worked === 'rows',
)
const figures = computed(() => {
  if (!tally.value) return []
  const length = (mm: number) => ({
    figure: lengthFigure(mm, units.value),
    unit: lengthUnit(units.value),
  })
  return [
    {
      figure: String(tally.value.stitches),
      unit: '',
      what: `stitches ${across.value ? 'across' : 'around'}`,
    },
    ...sizesOf(project.shown!.design, tally.value).map(({ mm, what }) => ({ ...length(mm), what })),
  ]
})

/** How far the sizes may be off. */
const giveOrTake = computed(() => {
  if (!tally.value) return ''
  const words = spreadWords(project.shown!.design, tally.value, units.value)
  return `${words[0]!.toUpperCase()}${words.slice(1)}.`
})

/** What it stands on. */
const above = computed(() => {
  const footprint = tally.value?.footprint
  return footprint && footprint.widthMm > 0
    ? `From above ${footprintWords(footprint, units.value)}. `
    : ''
})

/** A bag that hangs is as high as its wall and the base's radius. */
const hanging = computed(() =>
  tally.value?.hangingMm == null
    ? ''
    : `${lengthFigure(tally.value.hangingMm, units.value)} ${lengthUnit(units.value)} high where it hangs, with the base’s radius`,
)

const needs = computed(() => project.shown?.derived.needs.filter(({ metres }) => metres > 0) ?? [])
const most = computed(() =>
  Math.max(...needs.value.map(({ high, inHandMetres }) => Math.max(high, inHandMetres ?? 0))),
)
const yarns = computed(() => project.shown?.design.yarns ?? [])
const colourOf = (letter: string) =>
  yarns.value.find((yarn) => yarn.letter === letter)?.colour ?? '#888888'
const range = ({ low, high }: YarnNeed) =>
  `${yarnLengthFigure(low, units.value)}–${yarnLengthFigure(high, units.value)} ${yarnLengthUnit(units.value)}`
const weight = (need: YarnNeed) => weightWords(need, need, units.value) ?? 'label not known'
const bar = ({ low, high }: YarnNeed, letter: string) => ({
  sure: { width: `${(100 * low) / most.value}%`, background: colourOf(letter) },
  spread: { left: `${(100 * low) / most.value}%`, width: `${(100 * (high - low)) / most.value}%` },
})
const inHand = computed(() => needs.value.some(({ inHandMetres }) => inHandMetres !== null))
const restsOn = computed(() => {
  const [first] = needs.value
  if (!first) return ''
  const spread = `± ${Math.round((first.high / first.metres - 1) * 100)} %`
  const schools = {
    unravelled: `From unravelled stitches, ${spread}.`,
    weighed: `From the weighed swatch, ${spread}.`,
    model: `From the hook size, ${spread}. A weighed swatch is surer.`,
  }
  return schools[first.source]
})
</script>

<template>
  <aside class="tally" tabindex="0" aria-label="Tally">
    <template v-if="project.table && tally">
      <p v-if="project.cannot" class="would cannot">{{ project.cannot }}</p>
      <p v-else-if="project.preview" class="would">As it would be</p>
      <div class="figs">
        <div v-for="{ figure, unit, what } in figures" :key="what" class="fig">
          <b
            >{{ figure }} <small v-if="unit">{{ unit }}</small></b
          >
          <span>{{ what }}</span>
        </div>
      </div>
      <p class="school">
        {{ above }}<template v-if="hanging">{{ hanging }}. </template>{{ giveOrTake }}
      </p>
      <section class="yarns">
        <h2>Yarn</h2>
        <div v-for="need in needs" :key="need.letter" class="tally-yarn">
          <YarnDot :letter="need.letter" :colour="colourOf(need.letter)" />
          <span class="name">{{ need.name }}</span>
          <em>{{ range(need) }}</em>
          <div class="bar" aria-hidden="true">
            <i :style="bar(need, need.letter).sure" /><u :style="bar(need, need.letter).spread" /><s
              v-if="need.inHandMetres !== null"
              :style="{ left: `${(100 * need.inHandMetres) / most}%` }"
            />
          </div>
          <span class="weight">{{ weight(need) }}</span>
        </div>
        <p class="school">
          {{ restsOn }}<template v-if="inHand"> The line is what is in hand.</template>
        </p>
      </section>
      <p class="counts">
        <span
          ><b>{{ tally.ends }}</b> ends</span
        >
        <span
          ><b>{{ tally.changes }}</b> changes</span
        >
        <span
          ><b>{{ tally.mostStrands }}</b> {{ tally.mostStrands === 1 ? 'strand' : 'strands' }}</span
        >
      </p>
      <section class="snags" aria-live="polite">
        <h2>Snags</h2>
        <SnagCard v-for="snag in project.table.derived.snags" :key="snagKey(snag)" :snag="snag" />
        <p v-if="project.table.derived.snags.length === 0" class="none">
          Everything works out. No snags.
        </p>
      </section>
    </template>
  </aside>
</template>

<style>
.tally {
  contain: layout paint;
  position: relative;
  display: flex;
  flex-direction: column;
  gap: 14px;
  min-height: 0;
  overflow: auto;
  padding: 14px 16px;
  border-left: 1px solid var(--line);
  background: var(--paper);
}
.tally h2 {
  margin-bottom: 9px;
  color: var(--ink-2);
  font: 600 13px/1 var(--font-head);
}
/* Laid over the edge: if it pushed the mends down, they would slip away from under the pointer. */
.tally .would {
  position: absolute;
  top: 0;
  right: 0;
  left: 0;
  background: #fbe6e1;
  color: var(--marker-ink);
  font-weight: 650;
  font-size: 11px;
  line-height: 13px;
  text-align: center;
}
.figs {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 14px;
}
.fig b {
  display: block;
  font: 600 25px/1 var(--font-head);
  letter-spacing: -0.02em;
  font-variant-numeric: tabular-nums;
}
.fig b small {
  color: var(--ink-2);
  font: 500 13px/1 var(--font-text);
  letter-spacing: 0;
}
.fig span {
  color: var(--ink-3);
  font-size: 12px;
}
.tally-yarn {
  display: grid;
  grid-template-columns: 22px 1fr auto;
  gap: 2px 8px;
  align-items: center;
  margin-bottom: 8px;
  font-size: 13px;
}
.tally-yarn .yarn-dot {
  grid-row: 1 / 3;
}
.tally-yarn .name {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.tally-yarn em {
  color: var(--ink-2);
  font-size: 12px;
  font-style: normal;
  font-variant-numeric: tabular-nums;
}
.tally-yarn .bar {
  position: relative;
  grid-column: 2 / 4;
  height: 7px;
  overflow: hidden;
  border-radius: 4px;
  background: #e6e9e3;
}
.tally-yarn .bar i,
.tally-yarn .bar u {
  position: absolute;
  top: 0;
  bottom: 0;
}
.tally-yarn .bar s {
  position: absolute;
  top: 0;
  bottom: 0;
  width: 2px;
  margin-left: -2px;
  background: var(--ink);
}
.tally-yarn .bar i {
  left: 0;
  border-radius: 4px;
  box-shadow: inset 0 0 0 1px rgb(0 0 0 / 18%);
}
.tally-yarn .bar u {
  background: repeating-linear-gradient(135deg, rgb(77 90 84 / 55%) 0 2px, transparent 2px 4px);
}
.tally-yarn .weight {
  grid-column: 2 / 4;
  color: var(--ink-3);
  font-size: 12px;
}
.tally .school {
  color: var(--ink-3);
  font-size: 12px;
}
.tally .counts {
  display: flex;
  gap: 16px;
  color: var(--ink-2);
  font-size: 13px;
}
.tally .counts b {
  color: var(--ink);
  font-variant-numeric: tabular-nums;
}
/* What a snag says wraps: nothing in it makes the panel wider. */
.tally .snags {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
}
.tally .snags h2 {
  margin: 0;
}
.tally .none {
  color: var(--good);
  font-size: 13px;
}
</style>
