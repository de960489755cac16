<script setup lang="ts">
import { ref } from 'vue'
import { rowText } from '@core/pattern'
import { afterRowOf, rowTitle } from '@core/make'
import { useMaking } from '@app/stores/making.ts'
import { useProject } from '@app/stores/project.ts'
import { checker } from '@app/workers/workers.ts'

/** The row in hand as it came out, in shorthand: it is counted, noted as it is, and what follows stands on it. */
const emit = defineEmits<{ done: [] }>()
const making = useMaking()
const project = useProject()
const { piece, made } = making.on!
const text = ref(
  rowText(making.ledger!, piece, made, { terms: 'us', units: 'metric', hand: 'right' }),
)
const problem = ref<string | null>(null)
const said = ref<string | null>(null)
async function read(keep: boolean) {
  const { design, log } = project.project!
  const answer = await checker.ask((api) =>
    api.rowTyped({ design, log }, { piece: piece.id, copy: making.on!.copy }, text.value),
  )
  const typed = answer.ok ? answer.value : { ok: false as const, problem: answer.problem }
  problem.value = typed.ok ? null : typed.problem
  said.value = typed.ok
    ? `${typed.value.count} stitches, where ${typed.value.planned} are planned.`
    : null
  if (!typed.ok || !keep) return
  const title = `${rowTitle(piece, made)} came out otherwise: ${text.value}`
  making.finish(typed.value.record)
  making.note([
    {
      kind: 'noted',
      about: 'plan',
      text: title.slice(0, 2000),
      ...afterRowOf(making.on!, made + 1),
    },
  ])
  emit('done')
}
</script>

<template>
  <form class="row-otherwise" @submit.prevent="read(true)">
    <label>
      <span class="note">{{ rowTitle(piece, made) }} as you worked it, in US terms</span>
      <textarea v-model="text" rows="2" maxlength="1200" @change="read(false)" />
    </label>
    <p v-if="problem" class="would-not" role="alert">{{ problem }}</p>
    <p v-if="said" class="num">{{ said }}</p>
    <button type="button" class="button" @click="read(false)">Count it</button>
    <button type="submit" class="button main">Note it so</button>
  </form>
</template>

<style>
.row-otherwise {
  display: grid;
  gap: 6px;
  padding: 6px 0;
}
.row-otherwise textarea {
  width: 100%;
  padding: 7px 9px;
  border: 1px solid var(--line-strong);
  border-radius: var(--radius);
  font: inherit;
}
</style>
