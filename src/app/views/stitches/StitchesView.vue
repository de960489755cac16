<script setup lang="ts">
import { fileOpen } from 'browser-fs-access'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import {
  type Begun,
  draftOf,
  draftsIn,
  draftsJson,
  draftsText,
  drawer,
  families,
  type Family,
  foundationOf,
  type OwnDraft,
  patternOf,
  stitchChart,
  type StitchPattern,
  usualDraft,
  writtenOver,
} from '@core/texture'
import { cutAt } from '@core/units'
import { giveFile } from '@app/export/save.ts'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import OutsidePage from '@app/parts/page/OutsidePage.vue'
import { ownId, useWorkshop } from '@app/stores/workshop.ts'
import OwnEditor from './OwnEditor.vue'
import StitchDrawing from './StitchDrawing.vue'
import { useOwn } from './use-own.ts'
import { usePatternWords } from './use-pattern-words.ts'

/** The stitch drawer: every pattern drawn, counted and written, and one's own beside them. */
const workshop = useWorkshop()
const { own, keep, remove, take } = useOwn()
const all = computed(() => [...drawer, ...own.value.map(patternOf)])
const groups = computed(() =>
  (Object.keys(families) as Family[])
    .map((family) => ({
      family,
      title: families[family],
      patterns: all.value.filter((pattern) => pattern.family === family),
    }))
    .filter(({ patterns, family }) => patterns.length > 0 || family === 'own'),
)
const { pattern: asked } = useRoute().query
const chosen = ref(typeof asked === 'string' ? asked : drawer[0]!.id)
const pattern = computed(() => all.value.find(({ id }) => id === chosen.value) ?? drawer[0]!)
const draft = computed(() => own.value.find(({ id }) => id === chosen.value) ?? null)
const wantedWay = ref<'round' | 'flat'>('round')
const ways = computed(() =>
  (['round', 'flat'] as const).filter((way) => pattern.value[way] !== null),
)
const way = computed(() =>
  ways.value.includes(wantedWay.value) ? wantedWay.value : (ways.value[0] ?? 'round'),
)
const wantedBegun = ref<Begun>('row')
const inChain = computed(() => way.value === 'flat' && foundationOf(pattern.value, 'chain'))
const begun = computed(() => (inChain.value ? wantedBegun.value : 'row'))
const foundation = computed(() =>
  way.value === 'flat' ? foundationOf(pattern.value, begun.value) : null,
)
const look = ref<'symbols' | 'stitched'>('symbols')
const yarns = ['#33566b', '#d8a13a', '#8a3b2e'] as const

const repeatsShown = computed(() =>
  Math.max(1, Math.min(6, Math.round(14 / pattern.value.multiple))),
)
const chart = computed(() => stitchChart(pattern.value, way.value, repeatsShown.value))
const { said, facts, rows, again, starts } = usePatternWords({
  ...{ pattern, way, begun, foundation },
  terms: () => workshop.words.terms,
})

const problem = ref<string | null>(null)
function begin() {
  const fresh: OwnDraft = {
    id: ownId(),
    name: 'My pattern',
    multiple: 4,
    offset: 1,
    flat: 'sc in next st, *sk 1 st, 3 dc in next st, sk 1 st, sc in next st; rep from * across',
    round: '*sc in next st, sk 1 st, 3 dc in next st, sk 1 st; rep from * around',
    ...usualDraft,
  }
  void keep(fresh)
  chosen.value = fresh.id
}
/** A pattern of the drawer, to be changed: one's own from then on. */
function change(one: StitchPattern) {
  const id = ownId()
  void keep(draftOf(one, id, cutAt(`My ${one.name.toLowerCase()}`, 60)))
  chosen.value = id
}
async function bringIn() {
  const file = await fileOpen({
    mimeTypes: ['application/json', 'text/plain'],
    extensions: ['.json', '.txt', '.md'],
  }).catch(() => null)
  if (!file) return
  const read = draftsIn(file.size < 2_000_000 ? await file.text() : '', ownId)
  problem.value = read.problem
  if (read.drafts.length === 0) return
  take(read.drafts)
  chosen.value = read.drafts[0]!.id
}
const giveOwn = () =>
  giveFile({
    content: draftsJson(own.value),
    name: 'stitch-patterns.json',
    type: 'application/json',
  })
const giveOwnText = () =>
  giveFile({
    content: draftsText(own.value),
    name: 'stitch-patterns.txt',
    type: 'text/plain',
  })
const giveText = (one: StitchPattern) =>
  giveFile({
    content: said(writtenOver(one, way.value, 5, begun.value) ?? ''),
    name: `${one.id}.txt`,
    type: 'text/plain',
  })
</script>

<template>
  <OutsidePage
    class="stitch-drawer"
    title="Stitches"
    :about="`${drawer.length} patterns drawn, counted and written, and your own beside them`"
    :first-px="268"
  >
    <nav class="card families" aria-label="Stitch patterns">
      <section v-for="group in groups" :key="group.family">
        <h2>{{ group.title }}</h2>
        <button
          v-for="one in group.patterns"
          :key="one.id"
          type="button"
          :class="{ on: one.id === pattern.id }"
          :aria-current="one.id === pattern.id"
          @click="chosen = one.id"
        >
          {{ one.name }} <small class="num">{{ one.multiple }}</small>
        </button>
        <div v-if="group.family === 'own'" class="own-tools">
          <button type="button" class="button" @click="begin">New pattern</button>
          <button type="button" class="button" @click="bringIn">Bring in …</button>
          <button v-if="own.length" type="button" class="button" @click="giveOwn">Give out</button>
          <button v-if="own.length" type="button" class="button" @click="giveOwnText">
            Give out as text
          </button>
          <p v-if="problem" class="bad" role="alert">{{ problem }}</p>
        </div>
      </section>
    </nav>
    <section class="card shown" :aria-label="pattern.name">
      <div class="head">
        <h2>{{ pattern.name }}</h2>
        <ChoiceOf
          v-if="ways.length > 1"
          v-model="wantedWay"
          legend="How it is worked"
          :options="[
            { value: 'round', label: 'In the round' },
            { value: 'flat', label: 'Flat' },
          ]"
        />
        <ChoiceOf
          v-if="inChain"
          v-model="wantedBegun"
          legend="Where its first row stands"
          :options="[
            { value: 'row', label: 'On a row' },
            { value: 'chain', label: 'In the chain' },
          ]"
        />
        <ChoiceOf
          v-model="look"
          legend="How it is drawn"
          :options="[
            { value: 'symbols', label: 'Symbols' },
            { value: 'stitched', label: 'Stitched' },
          ]"
        />
      </div>
      <StitchDrawing
        v-if="chart"
        :chart="chart"
        :look="look"
        :yarns="yarns"
        :label="`${pattern.name}, ${repeatsShown} repeats; the rows below say the same`"
      />
      <p v-else class="note">It cannot be drawn until its rows add up.</p>
      <div class="words" :class="{ own: draft }">
        <div>
          <ol class="num">
            <li v-for="row in rows" :key="row.label">
              <b>{{ row.label }}</b> {{ said(row.text) }}
            </li>
          </ol>
          <p class="note">{{ again }} {{ starts }}</p>
          <p v-if="pattern.special" class="note">{{ said(pattern.special) }}</p>
          <p v-if="pattern.notes" class="note">{{ pattern.notes }}</p>
          <button type="button" class="link note" @click="giveText(pattern)">As a text</button>
          <template v-if="!draft">
            ·
            <button type="button" class="link note" @click="change(pattern)">
              Change it, as one of mine
            </button>
          </template>
          <template v-else>
            ·
            <button type="button" class="link note" @click="remove(draft.id)">Throw it away</button>
          </template>
        </div>
        <OwnEditor v-if="draft" :model-value="draft" @update:model-value="keep" />
        <dl v-else class="num">
          <template v-for="fact in facts" :key="fact.what">
            <dt>{{ fact.what }}</dt>
            <dd>{{ fact.is }}</dd>
          </template>
        </dl>
      </div>
    </section>
  </OutsidePage>
</template>

<style>
.stitch-drawer .families {
  overflow: auto;
  padding: 6px 10px;
}
.stitch-drawer .families h2 {
  margin: 10px 6px 3px;
  color: var(--ink-2);
  font-weight: 600;
  font-size: 13px;
}
.stitch-drawer .families section > button {
  display: flex;
  justify-content: space-between;
  width: 100%;
  min-height: 28px;
  padding: 3px 8px;
  border: 0;
  border-radius: var(--radius);
  background: none;
  text-align: left;
  cursor: pointer;
}
.stitch-drawer .families section > button:hover {
  background: var(--mat-tint);
}
.stitch-drawer .families section > button.on {
  background: var(--mat);
  color: #fff;
}
.stitch-drawer .families small {
  opacity: 0.8;
}
.stitch-drawer .own-tools {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  padding: 4px 6px 8px;
}
.stitch-drawer .shown {
  overflow: auto;
}
.stitch-drawer .head {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
  margin-bottom: 10px;
}
.stitch-drawer .head h2 {
  flex: 1;
  font-size: 19px;
}
.stitch-drawer .words {
  display: grid;
  grid-template-columns: 1fr 270px;
  gap: 18px;
  margin-top: 14px;
}
.stitch-drawer .words.own {
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
}
.stitch-drawer .words ol {
  margin: 0 0 8px;
  padding: 0;
  list-style: none;
}
.stitch-drawer .words li {
  padding: 5px 0;
  border-bottom: 1px solid var(--line);
}
.stitch-drawer .words b {
  margin-right: 6px;
  font-weight: 600;
}
.stitch-drawer .words .note {
  margin-bottom: 4px;
}
.stitch-drawer dl {
  display: grid;
  grid-template-columns: 84px 1fr;
  gap: 5px 8px;
  align-content: start;
  margin: 0;
  font-size: 13.5px;
}
.stitch-drawer dt {
  color: var(--ink-2);
}
.stitch-drawer dd {
  margin: 0;
}
.stitch-drawer .bad {
  color: var(--error);
  font-size: 13px;
}
@media (max-width: 640px) {
  .stitch-drawer .words,
  .stitch-drawer .words.own {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (max-width: 900px) {
  .stitch-drawer .families {
    max-height: 260px;
  }
}
</style>
