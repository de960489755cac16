<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, onUnmounted, ref, shallowRef, useTemplateRef, watch } from 'vue'
import { calledOf, type WayChoice } from '@core/design'
import { gapsIn, type Plan, type WayFigures, type YarnGap } from '@core/paths'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import { latestOnly } from '@app/workers/client.ts'
import { deriver } from '@app/workers/workers.ts'
import LeadSentence from './LeadSentence.vue'
import GapCard from './GapCard.vue'
import PathsDiagram from './PathsDiagram.vue'
import PathsTable from './PathsTable.vue'
import RowCard from './RowCard.vue'
import { aimWords, figuresWords } from './saying-paths.ts'

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

/** The row that is told of: the one pointed at, else the one that was chosen. */
const chosenRow = ref(0)
const row = computed({
  get: () => {
    const at = project.pointedRow
    const is = at?.piece === piece.value.id ? at.row : chosenRow.value
    return Math.min(is, piece.value.rows - 1)
  },
  set: (at) => (chosenRow.value = at),
})
const point = (at: number | null) =>
  (project.pointedRow = at === null ? null : { piece: piece.value.id, row: at })
// At first one in which yarns change.
watch(
  () => piece.value.id,
  () => {
    const changes = [...paths.value.changes]
    chosenRow.value = Math.max(0, changes.indexOf(Math.max(...changes)))
  },
  { immediate: true },
)
onUnmounted(() => point(null))
const seen = ref<'drawn' | 'table'>('drawn')
const box = useTemplateRef('box')
const { width, height } = useElementSize(box)
</script>

<template>
  <div class="yarn-paths">
    <LeadSentence :piece="piece" />
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
      <div ref="box" class="box" tabindex="0">
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
          :row="row"
          @choose="wanted = $event"
          @point="point"
          @row="row = $event"
        />
      </div>
      <p class="note legend">
        solid: worked · bar beside it: carried inside · dashes: floated · dots: brought up · ring:
        an end. Press a gap to lead it otherwise.
      </p>
    </section>
    <section class="card one">
      <GapCard
        v-if="chosen"
        :gap="chosen"
        :piece="piece"
        :yarn="yarns.find(({ letter }) => letter === chosen!.letter)!"
      />
      <p v-else class="note gaps">
        {{
          gaps.length > 0
            ? 'A gap is where a yarn is not worked for some rows. Press one to see what else could become of it.'
            : 'Here no yarn is left and taken up again.'
        }}
      </p>
      <RowCard v-model="row" :piece="piece" :paths="paths" />
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
.yarn-paths > .lead-sentence,
.yarn-paths > .plans {
  grid-column: 1 / -1;
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
