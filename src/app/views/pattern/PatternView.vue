<script setup lang="ts">
import { computed } from 'vue'
import { lineLabel, UNFINISHED } from '@core/pattern'
import { listed } from '@core/units'
import BagStill from '@app/parts/bag/BagStill.vue'
import YarnDot from '@app/parts/marks/YarnDot.vue'
import { useProject } from '@app/stores/project.ts'
import type { ChartPlace } from '@app/workers/paper.worker.ts'
import OutputList from './OutputList.vue'
import { useSheet } from './use-sheet.ts'

/** The pattern as it is written and printed, and every way it goes out. */
const project = useProject()
const { sheet, places, pictures, failed } = useSheet()
const titled = computed(
  () => (sheet.value?.pieces.length ?? 0) > 1 || sheet.value?.pieces[0]?.times !== null,
)

const TALLEST_PX = 480
/** The room a chart's picture takes, before it is drawn and after. */
const placeOf = ({ width, height }: ChartPlace) => ({
  aspectRatio: `${width} / ${height}`,
  width: `min(100%, ${Math.min(width, (TALLEST_PX * width) / height)}px)`,
})
</script>

<template>
  <div class="pattern-view">
    <article class="paper" tabindex="0" aria-label="The written pattern" :aria-busy="!sheet">
      <p v-if="failed" class="not-yet" role="alert">
        The pattern could not be written: {{ failed }}
      </p>
      <p v-else-if="!sheet" class="note" role="status">Writing every row …</p>
      <template v-else>
        <header>
          <h1>{{ sheet.name }}</h1>
          <p v-if="sheet.errors" class="not-yet" role="status">
            {{ UNFINISHED }}
          </p>
          <BagStill
            v-if="project.table"
            :design="project.table.design"
            :derived="project.table.derived"
            :width="210"
            :height="190"
          />
        </header>
        <dl class="facts num">
          <template v-for="{ what, is } in sheet.facts" :key="what"
            ><dt>{{ what }}</dt>
            <dd>{{ is }}</dd></template
          >
          <dt>Yarn</dt>
          <dd>
            <ul class="plain">
              <li v-for="yarn in sheet.yarns" :key="yarn.letter">
                <YarnDot :letter="yarn.letter" :colour="yarn.colour" :size="18" /> {{ yarn.name }}:
                {{ yarn.amount }}
              </li>
            </ul>
          </dd>
          <dt>Short for</dt>
          <dd class="shorts">
            <span v-for="{ short, long } in sheet.abbreviations" :key="short"
              ><b>{{ short }}</b> {{ long }}</span
            >
          </dd>
        </dl>
        <template v-for="piece in sheet.pieces" :key="piece.id">
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
            <p v-for="note in section.notes" :key="note" class="intro">{{ note }}</p>
            <div
              v-if="places.has(section.part)"
              class="chart-picture"
              :style="placeOf(places.get(section.part)!)"
            >
              <img
                v-if="pictures.has(section.part)"
                loading="lazy"
                decoding="async"
                :src="pictures.get(section.part)"
                :alt="`Chart of ${section.name}; the words below say the same`"
              />
            </div>
            <ol class="lines num">
              <template v-for="line in section.lines" :key="line.from">
                <li v-if="line.note" class="change">{{ line.note }}</li>
                <li>
                  <b>{{ lineLabel(line) }}</b><span>{{ line.text }}</span
                  ><em>({{ line.total }})</em>
                </li>
              </template>
            </ol>
          </section>
          <p class="join">{{ piece.finish }}</p>
          <p v-for="join in piece.joins" :key="join" class="join">{{ join }}</p>
        </template>
        <section class="finishing">
          <h2>Finishing</h2>
          <ol>
            <li v-for="{ key, name, text } in sheet.finishing.steps" :key="key">
              <b>{{ name }}:</b> {{ text }}
            </li>
          </ol>
          <p v-for="one in sheet.finishing.cautions" :key="one.caution" class="intro">
            <b>{{ one.title }}</b> {{ one.text }} ({{ listed(one.of) }})
          </p>
        </section>
      </template>
    </article>
    <OutputList />
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
  margin: 6px 0 10px;
}
.pattern-view .chart-picture img {
  display: block;
  width: 100%;
}
.pattern-view .lines {
  margin: 0;
  padding: 0;
  list-style: none;
}
/* Rows are drawn as they come into view. */
.pattern-view .lines li {
  content-visibility: auto;
  contain-intrinsic-height: auto 30px;
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
.pattern-view .finishing {
  margin-top: 18px;
}
.pattern-view .finishing ol {
  display: grid;
  gap: 5px;
  margin: 6px 0 10px;
  padding-left: 22px;
}
@media (max-width: 1000px) {
  .pattern-view {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
