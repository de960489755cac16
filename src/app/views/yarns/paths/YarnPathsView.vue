<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref, shallowRef, useTemplateRef, watch } from 'vue'
import { calledOf, type WayChoice } from '@core/design'
import { gapsIn, type Plan, type WayFigures, withWhole, type YarnGap } from '@core/paths'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import SaidWord from '@app/parts/said/SaidWord.vue'
import { word } from '@app/parts/said/said.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import { latestOnly } from '@app/workers/client.ts'
import { deriver } from '@app/workers/workers.ts'
import GapCard from './GapCard.vue'
import PathsDiagram from './PathsDiagram.vue'
import PathsTable from './PathsTable.vue'
import { aimWords, figuresWords, wholeWords } from './saying-paths.ts'

/** How the yarns are led through the bag: what is usual as a sentence, plans side by side, every way drawn, and each gap with what else there is. */
const project = useProject()
const workshop = useWorkshop()
const units = computed(() => workshop.words.units)
const shown = computed(() => project.shown!)
const at = computed(() => {
  const { pieces } = shown.value.derived.ledger
  return Math.max(
    0,
    pieces.findIndex(({ id }) => id === project.selectedPiece),
  )
})
const piece = computed(() => shown.value.derived.ledger.pieces[at.value]!)
const paths = computed(() => shown.value.derived.paths[at.value]!)
const yarns = computed(() => {
  const all = new Map(shown.value.design.yarns.map((yarn) => [yarn.letter, yarn]))
  return shown.value.derived.ledger.yarns.map((letter) => all.get(letter)!)
})
const parts = computed(() => {
  const called = calledOf(shown.value.design)
  return piece.value.parts.map((part) => ({
    ...part,
    name: called.get(part.id) ?? part.name,
  }))
})
const gaps = computed(() => gapsIn(shown.value.derived.ledger, piece.value, paths.value))
/** The gap that is looked at, as it is now. */
const wanted = shallowRef<YarnGap | null>(null)
const chosen = computed(
  () =>
    gaps.value.find(
      ({ letter, last }) => letter === wanted.value?.letter && last === wanted.value.last,
    ) ?? null,
)

const plans = shallowRef<{ readonly now: WayFigures; readonly plans: readonly Plan[] } | null>(null)
const problem = ref<string | null>(null)
const asking = latestOnly(
  (bag: NonNullable<typeof project.project>) => deriver.ask((api) => api.plans(bag)),
  (answer) => {
    if (answer.ok) plans.value = answer.value
    problem.value = answer.ok ? null : answer.problem
  },
)
watch(
  () => project.project,
  (bag) => bag && asking.ask(bag),
  { immediate: true },
)
const cards = computed(() =>
  plans.value === null
    ? []
    : [
        { id: 'now', title: 'As it stands', about: '', figures: plans.value.now, ways: null },
        ...plans.value.plans.map(({ aim, ways, figures }) => ({
          ...{ id: aim, ...aimWords[aim], figures, ways },
        })),
      ],
)
const take = (ways: readonly WayChoice[]) => ({ name: 'setDesign', args: { ways } }) as const

/** What is said for all of the bag. */
const whole = (of: readonly WayChoice['how'][]) =>
  project.design!.ways.find(
    ({ part, yarn, after, how }) =>
      part === null && yarn === null && after === null && of.includes(how),
  )?.how ?? null
const WITHIN = ['carry', 'float'] as const
const BETWEEN = ['trail', 'along', 'cut'] as const
const within = computed({
  get: () => (whole(WITHIN) === 'float' ? 'float' : 'carry'),
  set: (how) =>
    project.edit(take(withWhole(project.design!.ways, WITHIN, how === 'carry' ? null : how))),
})
const between = computed({
  get: () => (whole(BETWEEN) as 'trail' | 'along' | 'cut' | null) ?? 'usual',
  set: (how) =>
    project.edit(take(withWhole(project.design!.ways, BETWEEN, how === 'usual' ? null : how))),
})
const betweenWords = computed(() =>
  between.value === 'usual'
    ? wholeWords.between.usual(shown.value.design.leading.cutAfter)
    : wholeWords.between[between.value],
)
const seen = ref<'drawn' | 'table'>('drawn')
const box = useTemplateRef('box')
const { width, height } = useElementSize(box)
</script>

<template>
  <div class="yarn-paths">
    <p class="said">
      Within a {{ piece.worked === 'rows' ? 'row' : 'round' }}
      <SaidWord :word="word('within', wholeWords.within[within])">
        <ChoiceOf
          v-model="within"
          legend="Yarns not in use within a round"
          :options="[
            { value: 'carry', label: 'Carried inside' },
            { value: 'float', label: 'Floated behind' },
          ]"
        />
        <p class="note">
          Carried, a strand lies inside the stitches and may show through. Floated, it lies loosely
          behind; over more than about five stitches it wants catching.
        </p> </SaidWord
      >, between {{ piece.worked }}
      <SaidWord :word="word('between', betweenWords)">
        <ChoiceOf
          v-model="between"
          legend="Yarns not in use between rounds"
          :options="[
            { value: 'usual', label: 'Usual' },
            { value: 'trail', label: 'Bring up' },
            { value: 'along', label: 'Carry' },
            { value: 'cut', label: 'Cut' },
          ]"
        />
        <p class="note">
          Usual: brought up over {{ shown.design.leading.cutAfter }} {{ piece.worked }} at most, cut
          over more. What cannot be, such as an edge a yarn does not hang at, is cut all the same.
        </p> </SaidWord
      >. Changes are made on the last yarn over of the stitch before.
    </p>
    <p v-if="problem" class="note" role="alert">No plans: {{ problem }}</p>
    <div class="plans" role="group" aria-label="Plans">
      <component
        :is="card.ways ? 'button' : 'div'"
        v-for="card in cards"
        :key="card.id"
        :type="card.ways ? 'button' : undefined"
        class="plan"
        :class="{ now: !card.ways }"
        :title="card.about"
        @pointerenter="card.ways && project.showPreview([take(card.ways)])"
        @pointerleave="card.ways && project.endPreview()"
        @focus="card.ways && project.showPreview([take(card.ways)])"
        @blur="card.ways && project.endPreview()"
        @click="card.ways && project.edit(take(card.ways))"
      >
        <b>{{ card.title }}</b>
        <small v-for="line in figuresWords(card.figures, units)" :key="line" class="num">{{
          line
        }}</small>
      </component>
    </div>
    <section class="card ways">
      <ChoiceOf
        v-model="seen"
        legend="How the ways are shown"
        :options="[
          { value: 'drawn', label: 'Drawn' },
          { value: 'table', label: 'As a table' },
        ]"
      />
      <div ref="box" class="box" :tabindex="seen === 'table' ? 0 : undefined">
        <PathsTable
          v-if="seen === 'table'"
          :piece="piece"
          :paths="paths"
          :yarns="yarns"
          :gaps="gaps"
          :chosen="chosen"
          @choose="wanted = $event"
        />
        <PathsDiagram
          v-else-if="width > 60"
          :piece="piece"
          :paths="paths"
          :yarns="yarns"
          :parts="parts"
          :gaps="gaps"
          :chosen="chosen"
          :width="Math.max(240, width)"
          :height="Math.max(340, height)"
          @choose="wanted = $event"
        />
      </div>
      <p class="note legend">
        solid: worked · bar beside it: carried inside · dashes: floated · dots: brought up · ring:
        an end. Press a gap to lead it otherwise.
      </p>
    </section>
    <section class="card one" aria-live="polite">
      <GapCard
        v-if="chosen"
        :gap="chosen"
        :piece="piece"
        :yarn="yarns.find(({ letter }) => letter === chosen!.letter)!"
      />
      <p v-else class="note">
        {{
          gaps.length > 0
            ? 'A gap is where a yarn is not worked for some rows. Press one to see what else could become of it.'
            : 'Here no yarn is left and taken up again.'
        }}
      </p>
    </section>
  </div>
</template>

<style>
.yarn-paths {
  display: grid;
  grid-column: 1 / -1;
  grid-template: auto auto minmax(380px, 1fr) / minmax(0, 1fr) 250px;
  gap: 10px 14px;
  min-height: 0;
}
.yarn-paths > .said,
.yarn-paths > .plans {
  grid-column: 1 / -1;
}
.yarn-paths > .said {
  margin: 0;
  color: var(--ink-2);
  font-size: 13.5px;
  line-height: 1.75;
}
.yarn-paths .said .choice {
  margin-bottom: 7px;
}
.yarn-paths .plans {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(170px, 1fr));
  gap: 8px;
}
.yarn-paths .plan {
  display: grid;
  gap: 1px;
  align-content: start;
  padding: 8px 11px;
  border: 1px solid var(--line);
  border-radius: var(--radius-large);
  background: var(--paper);
  text-align: left;
}
.yarn-paths button.plan {
  cursor: pointer;
}
.yarn-paths button.plan:hover {
  border-color: var(--mat);
  background: var(--mat-tint);
}
.yarn-paths .plan.now {
  border-color: var(--mat);
  box-shadow: inset 0 0 0 1.5px var(--mat);
}
.yarn-paths .plan b {
  font: 650 14.5px/1.3 var(--font-head);
}
.yarn-paths .plan small {
  color: var(--ink-2);
  font-size: 12px;
}
.yarn-paths .ways {
  display: flex;
  flex-direction: column;
  gap: 6px;
  min-height: 0;
}
.yarn-paths .ways .choice {
  align-self: flex-start;
}
.yarn-paths .box {
  flex: 1;
  overflow: auto;
  min-height: 0;
}
.yarn-paths .one {
  overflow: auto;
}
@media (max-width: 1000px), (max-height: 640px) {
  .yarn-paths .box {
    flex: none;
    height: 440px;
  }
}
@media (max-width: 760px) {
  .yarn-paths {
    grid-template: none / minmax(0, 1fr);
  }
}
</style>
