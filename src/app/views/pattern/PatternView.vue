<script setup lang="ts">
import { computed, ref } from 'vue'
import type { TapestryPart } from '@core/design'
import { abbreviationsOf, lineLabel, writtenPattern } from '@core/pattern'
import { bodyOf } from '@core/ledger'
import { printLength, printMass, printNumber, printYarnLength } from '@core/units'
import type { ChartPicture } from '@app/export/chart-picture.ts'
import { chartPictures } from '@app/export/chart-picture.ts'
import { fileName, giveFile, saveProjectFile } from '@app/export/save.ts'
import { roundsCsv } from '@core/file'
import { footprintWords } from '@app/parts/footprint.ts'
import YarnDot from '@app/parts/YarnDot.vue'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

/** The pattern as it is written and printed, and every way it goes out. */
const project = useProject()
const workshop = useWorkshop()
const words = computed(() => workshop.words)
const design = computed(() => project.design!)
const derived = computed(() => project.derived!)
const pieces = computed(() => writtenPattern(design.value, derived.value.ledger, words.value))
const titled = computed(() => pieces.value.length > 1 || pieces.value[0]!.times !== null)
const abbreviations = computed(() => abbreviationsOf(derived.value.ledger, words.value))
const errors = computed(
  () => derived.value.snags.filter(({ severity }) => severity === 'error').length,
)
const size = (mm: number) => printLength(mm, words.value.units)
const facts = computed(() => {
  const { tally, gauge } = derived.value
  const over = words.value.units === 'metric' ? 100 : 101.6
  const per = words.value.units === 'metric' ? '10 cm' : '4 in'
  return [
    {
      what: 'Size',
      is: `${size(tally.aroundMm)} around, ${size(tally.flatMm)} laid flat, ${size(tally.heightMm)} tall${tally.footprint.widthMm > 0 ? `, from above ${footprintWords(tally.footprint, words.value.units)}` : ''}`,
    },
    { what: 'Hook', is: `${printNumber(design.value.hookMm, 2)} mm` },
    {
      what: words.value.terms === 'uk' ? 'Tension' : 'Gauge',
      is: `${printNumber(over / gauge.stitchWidthMm)} stitches and ${printNumber(over / gauge.rowHeightMm)} ${bodyOf(derived.value.ledger).worked} over ${per}${gauge.source === 'estimate' ? ', estimated' : ''}`,
    },
  ]
})
const yarns = computed(() =>
  derived.value.needs
    .filter(({ metres }) => metres > 0)
    .map((need) => ({
      ...need,
      colour: design.value.yarns.find(({ letter }) => letter === need.letter)!.colour,
      amount: `up to ${printYarnLength(need.high, words.value.units)}${need.grams === null ? '' : `, ${printMass(need.grams, words.value.units)}, ${need.balls} ${need.balls === 1 ? 'ball' : 'balls'}`}`,
    })),
)
const charts = computed<readonly ChartPicture[]>(() =>
  chartPictures(design.value, derived.value, words.value.hand),
)
const chartOf = (part: string) => charts.value.find(({ id }) => id === part)
const source = ({ svg }: ChartPicture) =>
  `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`

const busy = ref<string | null>(null)
const failed = ref<string | null>(null)
const name = computed(() => fileName(design.value.name))
const hasChart = computed(() =>
  design.value.parts.some((part): part is TapestryPart => part.kind === 'tapestry'),
)
const outputs = computed(() => [
  {
    title: 'PDF',
    about: 'Materials, key, chart and rounds, ready to print',
    run: async () => {
      const { patternPdf } = await import('@app/export/pdf.ts')
      await giveFile(
        await patternPdf({
          design: design.value,
          facts: facts.value,
          yarns: yarns.value,
          abbreviations: abbreviations.value,
          pieces: pieces.value,
          charts: charts.value,
        }),
        `${name.value}.pdf`,
        'application/pdf',
      )
    },
  },
  ...(hasChart.value
    ? [
        {
          title: 'Chart as SVG',
          about: 'A drawing that stays sharp',
          run: () =>
            each((chart) =>
              giveFile(chart.svg, `${name.value}-${fileName(chart.name)}.svg`, 'image/svg+xml'),
            ),
        },
        {
          title: 'Chart as PNG',
          about: 'A picture',
          run: () =>
            each(async (chart) =>
              giveFile(
                await (await import('@app/export/png.ts')).svgToPng(chart.svg),
                `${name.value}-${fileName(chart.name)}.png`,
                'image/png',
              ),
            ),
        },
      ]
    : []),
  {
    title: 'Rounds as CSV',
    about: 'Every round and row with its counts, for a spreadsheet',
    run: () =>
      giveFile(
        roundsCsv(derived.value.ledger, words.value),
        `${name.value}-rounds.csv`,
        'text/csv',
      ),
  },
  {
    title: 'Project as JSON',
    about: 'The whole bag, to keep or to pass on',
    run: () => saveProjectFile(design.value),
  },
])
const each = async (give: (chart: ChartPicture) => Promise<void>) => {
  for (const chart of charts.value) await give(chart)
}
async function give({ title, run }: { title: string; run: () => Promise<unknown> }) {
  busy.value = title
  failed.value = null
  try {
    await run()
  } catch (error) {
    failed.value = `${title} could not be made: ${(error as Error).message}. Nothing else is affected.`
  }
  busy.value = null
}
</script>

<template>
  <div class="pattern-view">
    <article class="paper" tabindex="0" aria-label="The written pattern">
      <header>
        <h1>{{ design.name }}</h1>
        <p v-if="errors" class="not-yet" role="status">
          This pattern does not work out yet: see the snags at the right.
        </p>
      </header>
      <dl class="facts num">
        <template v-for="{ what, is } in facts" :key="what"
          ><dt>{{ what }}</dt>
          <dd>{{ is }}</dd></template
        >
        <dt>Yarn</dt>
        <dd>
          <ul class="plain">
            <li v-for="yarn in yarns" :key="yarn.letter">
              <YarnDot :letter="yarn.letter" :colour="yarn.colour" :size="18" /> {{ yarn.name }}:
              {{ yarn.amount }}
            </li>
          </ul>
        </dd>
        <dt>Short for</dt>
        <dd class="shorts">
          <span v-for="{ short, long } in abbreviations" :key="short"
            ><b>{{ short }}</b> {{ long }}</span
          >
        </dd>
      </dl>
      <template v-for="piece in pieces" :key="piece.id">
        <h2 v-if="titled" class="piece">
          {{ piece.name }} <small v-if="piece.times">{{ piece.times }}</small>
        </h2>
        <section
          v-for="section in piece.sections"
          :key="section.part"
          :class="{ on: section.part === project.selectedPart }"
        >
          <component :is="titled ? 'h3' : 'h2'">{{ section.name }}</component>
          <p v-if="section.intro" class="intro">{{ section.intro }}</p>
          <img
            v-if="chartOf(section.part)"
            class="chart-picture"
            :src="source(chartOf(section.part)!)"
            :alt="`Chart of ${section.name}; the rounds below say the same`"
          />
          <ol class="lines num">
            <template v-for="line in section.lines" :key="line.from">
              <li v-if="line.note" class="change">{{ line.note }}</li>
              <li>
                <b>{{ lineLabel(line) }}</b><span>{{ line.text }}</span
                ><em>({{ line.count }})</em>
              </li>
            </template>
          </ol>
        </section>
        <p v-for="join in piece.joins" :key="join" class="join">{{ join }}</p>
      </template>
      <p class="end">Cut the yarn, fasten off and weave in the {{ derived.tally.ends }} ends.</p>
    </article>
    <aside class="outputs" aria-label="Take it with you">
      <h2>Take it with you</h2>
      <button
        v-for="output in outputs"
        :key="output.title"
        type="button"
        class="output"
        :disabled="busy !== null"
        @click="give(output)"
      >
        <b>{{ output.title }}</b><span class="note">{{
          busy === output.title ? 'being made …' : output.about
        }}</span>
      </button>
      <p v-if="failed" class="failed" role="alert">{{ failed }}</p>
    </aside>
  </div>
</template>

<style>
.pattern-view {
  display: grid;
  flex: 1;
  grid-template-columns: minmax(0, 1fr) 196px;
  gap: 18px;
  min-height: 0;
  padding: 16px 20px 0;
}
.pattern-view .paper {
  overflow: auto;
  padding: 30px 40px 40px;
  border: 1px solid var(--line);
  border-bottom: 0;
  border-radius: var(--radius-large) var(--radius-large) 0 0;
  background: #fff;
  box-shadow: var(--shadow);
}
.pattern-view .paper h1 {
  font-size: 27px;
}
.pattern-view .not-yet {
  margin-top: 8px;
  color: var(--error);
}
.pattern-view .facts {
  display: grid;
  grid-template-columns: 74px 1fr;
  gap: 5px 12px;
  margin: 16px 0 6px;
}
.pattern-view .facts dt {
  color: var(--ink-2);
}
.pattern-view .facts dd {
  margin: 0;
}
.pattern-view .plain {
  display: grid;
  gap: 3px;
  margin: 0;
  padding: 0;
  list-style: none;
}
.pattern-view .shorts {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  color: var(--ink-2);
  font-size: 13px;
}
.pattern-view .shorts b {
  color: var(--ink);
}
.pattern-view section {
  margin: 0 -14px 0 -17px;
  padding: 12px 14px 8px;
  border-left: 3px solid transparent;
}
.pattern-view section.on {
  border-left-color: var(--marker);
}
.pattern-view .piece {
  margin-top: 18px;
  padding-bottom: 5px;
  border-bottom: 2px solid var(--mat);
  font-size: 20px;
}
.pattern-view .piece small {
  margin-left: 8px;
  color: var(--ink-2);
  font: 400 14px/1 var(--font-text);
}
.pattern-view .join {
  padding: 6px 0;
}
.pattern-view section :is(h2, h3) {
  margin-bottom: 4px;
  font-weight: 650;
  font-size: 17px;
}
.pattern-view .intro {
  max-width: 62ch;
  margin-bottom: 6px;
  color: var(--ink-2);
}
.pattern-view .chart-picture {
  display: block;
  max-width: 100%;
  max-height: 480px;
  margin: 6px 0 10px;
}
.pattern-view .lines {
  margin: 0;
  padding: 0;
  list-style: none;
}
.pattern-view .lines li {
  display: grid;
  grid-template-columns: 108px 1fr auto;
  gap: 10px;
  padding: 3.5px 0;
  border-bottom: 1px solid #eef0eb;
}
.pattern-view .lines li.change {
  display: block;
  padding-left: 118px;
  border: 0;
  color: var(--ink-2);
  font-size: 13px;
  font-style: italic;
}
.pattern-view .lines b {
  font-weight: 600;
}
.pattern-view .lines em {
  color: var(--ink-2);
  font-style: normal;
}
.pattern-view .end {
  margin-top: 16px;
  color: var(--ink-2);
}
.pattern-view .outputs {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.pattern-view .outputs h2 {
  margin: 6px 0 2px;
  color: var(--ink-2);
  font-weight: 600;
  font-size: 13px;
}
.pattern-view .output {
  display: grid;
  gap: 2px;
  padding: 9px 12px;
  border: 1px solid var(--line-strong);
  border-radius: var(--radius);
  background: #fff;
  text-align: left;
  cursor: pointer;
}
.pattern-view .output:hover:not(:disabled) {
  border-color: var(--mat);
  background: var(--mat-tint);
}
.pattern-view .output b {
  font-weight: 600;
}
.pattern-view .failed {
  color: var(--error);
  font-size: 13px;
}
@media (max-width: 1000px) {
  .pattern-view {
    grid-template-columns: minmax(0, 1fr);
  }
  .pattern-view .outputs {
    order: -1;
    flex-flow: row wrap;
  }
}
</style>
