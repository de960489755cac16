<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import type { Edit } from '@core/design'
import { type FreeWay, roundLess, textsIn, yarnInHand } from '@core/make'
import { bodyOf } from '@core/ledger'
import type { Result } from '@core/units'
import YarnSelect from '@app/parts/fields/YarnSelect.vue'
import { useMaking } from '@app/stores/making.ts'
import { useProject } from '@app/stores/project.ts'
import { checker } from '@app/workers/workers.ts'

/** Work without a plan: the next round is tapped or typed, counted over the one before, and noted as made. */
const making = useMaking()
const project = useProject()
const ways = shallowRef<readonly FreeWay[]>([])
const text = ref('')
const problem = ref<string | null>(null)
const onSides = ref(false)
const count = computed(() => bodyOf(making.ledger!).columns.makes.at(-1)!)
const inHand = computed(() => yarnInHand(project.table!.design))
const yarn = ref(inHand.value)
const hasSides = computed(() => project.table!.design.pieces[0]!.parts.length > 1)
const before = computed(() => textsIn(project.table!.design))

watch(
  () => project.table,
  async () => {
    const { design, log } = project.project!
    const answer = await checker.ask((api) => api.freeWays({ design, log }))
    ways.value = answer.ok ? answer.value : []
  },
  { immediate: true },
)
watch(inHand, (now) => (yarn.value = now))

/** The rounds that are written and not noted yet are made as soon as they are counted. */
const waiting = ref(false)
watch([() => making.ready, waiting], ([ready]) => {
  if (!ready || !waiting.value) return
  waiting.value = false
  while (!making.isDone) making.finish()
})
async function add(said: string) {
  if (!said.trim()) return
  problem.value = null
  const { design, log } = project.project!
  const round = {
    text: said,
    yarn: yarn.value === inHand.value ? null : yarn.value,
    onSides: onSides.value || hasSides.value,
  }
  const answer = await checker.ask((api) => api.roundMore({ design, log }, round))
  const edits: Result<readonly Edit[]> = answer.ok
    ? answer.value
    : { ok: false, problem: answer.problem }
  if (!edits.ok) return void (problem.value = edits.problem)
  if (!project.edit(edits.value)) return
  text.value = ''
  waiting.value = true
}
function less() {
  const { made } = making.on!
  if (made === 0) return
  making.takeBack(made - 1, 0, 'ripped')
  const edits = roundLess(project.project!.design)
  if (edits.length > 0) project.edit(edits)
}
</script>

<template>
  <section class="card free-rows num">
    <h1>Round {{ before.length + 1 }}, as you work it</h1>
    <p class="note">
      {{ count }} stitches are on. Tap what you work, or type it in shorthand: it is counted, noted
      and drawn, and at the end it is a pattern.
    </p>
    <div class="free-ways">
      <button
        v-for="way in ways"
        :key="way.text"
        type="button"
        class="stride"
        @click="add(way.text)"
      >
        {{ way.title }}<small>{{ way.text }}</small>
      </button>
    </div>
    <form class="free-typed" @submit.prevent="add(text)">
      <input
        v-model="text"
        aria-label="The next round in shorthand"
        maxlength="1200"
        placeholder="[2 sc, inc] around"
      />
      <YarnSelect v-model="yarn" label="Yarn of the next round" />
      <button type="submit" class="button main">Note it</button>
    </form>
    <p v-if="problem" class="would-not" role="alert">{{ problem }}</p>
    <label v-if="!hasSides" class="check-line">
      <input v-model="onSides" type="checkbox" /> The base is done: the sides go up from here
    </label>
    <button type="button" class="button" :disabled="before.length < 2" @click="less">
      Rip the last round
    </button>
  </section>
</template>

<style>
.free-rows {
  display: grid;
  gap: 10px;
  justify-items: start;
}
.free-rows h1 {
  font-size: 26px;
}
.free-ways {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 8px;
  width: 100%;
}
.free-typed {
  display: flex;
  gap: 8px;
  width: 100%;
}
.free-typed input {
  flex: 1;
  min-width: 0;
  padding: 0 10px;
  border: 1px solid var(--line-strong);
  border-radius: var(--radius);
}
.free-typed .el-select {
  width: 84px;
}
.free-rows .would-not {
  color: var(--error);
}
</style>
