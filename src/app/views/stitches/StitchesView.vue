<script setup lang="ts">
import { fileOpen } from 'browser-fs-access'
import { computed, ref, useTemplateRef } from 'vue'
import { useRoute } from 'vue-router'
import {
  type Begun,
  draftOf,
  draftsIn,
  draftsJson,
  draftsText,
  drawer,
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
import YarnColour from '@app/parts/fields/YarnColour.vue'
import OutsidePage from '@app/parts/page/OutsidePage.vue'
import { ownId, useWorkshop } from '@app/stores/workshop.ts'
import OwnEditor from './OwnEditor.vue'
import PatternWall from './PatternWall.vue'
import StitchDrawing from './StitchDrawing.vue'
import { useFabricColours } from './use-fabric-colours.ts'
import { useOwn } from './use-own.ts'
import { usePatternWords } from './use-pattern-words.ts'

/** The stitch drawer: every pattern drawn, counted and written, and one's own beside them. */
const workshop = useWorkshop()
const { own, keep, remove, take } = useOwn()
const all = computed(() => [...drawer, ...own.value.map(patternOf)])
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
const { colours, yarns } = useFabricColours()

const repeatsShown = computed(() =>
  Math.max(1, Math.min(6, Math.round(14 / pattern.value.multiple))),
)
const chart = computed(() => stitchChart(pattern.value, way.value, repeatsShown.value))
const { said, facts, rows, again, starts } = usePatternWords({
  ...{ pattern, way, begun, foundation },
  terms: () => workshop.words.terms,
})

/** Where the wall stands above the pattern, what is chosen is brought into sight. */
const shown = useTemplateRef('shown')
const see = () => {
  if (window.matchMedia('(max-width: 900px)').matches)
    shown.value?.scrollIntoView({ block: 'start' })
}

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
    columns="minmax(0, 1fr) minmax(420px, 42%)"
  >
    <PatternWall v-model="chosen" :own="own" :all="all" :yarns="yarns" @update:model-value="see">
      <template #colours>
        <YarnColour v-model="colours.first" label="Colour of the first yarn" />
        <YarnColour v-model="colours.second" label="Colour of the second yarn" />
      </template>
      <div class="own-tools">
        <button type="button" class="button" @click="begin">New pattern</button>
        <button type="button" class="button" @click="bringIn">Bring in …</button>
        <button v-if="own.length" type="button" class="button" @click="giveOwn">Give out</button>
        <button v-if="own.length" type="button" class="button" @click="giveOwnText">
          Give out as text
        </button>
        <p v-if="problem" class="bad" role="alert">{{ problem }}</p>
      </div>
    </PatternWall>
    <section ref="shown" class="card shown" :aria-label="pattern.name">
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
  gap: 12px;
  margin-top: 14px;
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
</style>
