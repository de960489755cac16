<script setup lang="ts">
import { proxy } from 'comlink'
import { onScopeDispose, shallowRef, watch } from 'vue'
import type { Way } from '@app/export/export.ts'
import { portraitOf } from '@app/round/stills.ts'
import { giveFile } from '@app/export/save.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import { GIVEN_UP } from '@app/workers/client.ts'
import { paper } from '@app/workers/workers.ts'

/** Every way the bag goes out. What takes long says how far it is, and can be given up. */
const project = useProject()
const workshop = useWorkshop()
/** What was said of the last one, and whether it went wrong. */
const said = shallowRef<{ readonly text: string; readonly wrong: boolean } | null>(null)
const offered = shallowRef<readonly Way[]>([])
watch(
  () => project.design!,
  async (design) => {
    const ways = await paper.ask((api) => api.ways(design))
    if (ways.ok) offered.value = ways.value
    else said.value = { text: `Nothing can be made here: ${ways.problem}`, wrong: true }
  },
  { immediate: true },
)
const making = shallowRef<{ readonly id: string; readonly stop: AbortController } | null>(null)
const stage = shallowRef('')
onScopeDispose(() => making.value?.stop.abort())

/** What shows the bag in the round. */
const showsBag = new Set(['pattern-pdf', 'bag-png'])
const seen = () => ({
  design: project.table!.design,
  ledger: project.table!.derived.ledger,
  yarns: project.table!.design.yarns,
  hand: workshop.words.hand,
})
const LONGEST_MS = 10 * 60_000
async function give({ id, title }: Way) {
  const stop = new AbortController()
  making.value = { id, stop }
  stage.value = ''
  said.value = null
  const words = { ...workshop.words }
  const { table, history } = project
  const isNow = table?.revision === history?.revision && table?.hand === words.hand
  const portrait = isNow && showsBag.has(id) ? await portraitOf(seen()) : null
  const bag = { ...project.project!, derived: isNow ? table!.derived : null, portrait }
  const tell = proxy((now: string) => (stage.value = now))
  const made = await paper.ask((api) => api.make(id, bag, words, tell), {
    limitMs: LONGEST_MS,
    signal: stop.signal,
  })
  making.value = null
  if (!made.ok) {
    if (made.problem !== GIVEN_UP)
      said.value = {
        text: `${title} could not be made: ${made.problem} Nothing else is affected.`,
        wrong: true,
      }
    return
  }
  const { files, notes = [] } = made.value
  if (notes.length > 0) said.value = { text: notes.join(' '), wrong: false }
  try {
    for (const file of files) await giveFile(file)
  } catch (error) {
    said.value = { text: `${title} could not be saved: ${(error as Error).message}.`, wrong: true }
  }
}
</script>

<template>
  <aside class="outputs" aria-label="Take it with you">
    <h2>Take it with you</h2>
    <template v-for="output in offered" :key="output.id">
      <button type="button" class="output" :disabled="making !== null" @click="give(output)">
        <b>{{ output.title }}</b><span class="note">{{
          making?.id === output.id ? `being made: ${stage} …` : output.about
        }}</span>
      </button>
      <button
        v-if="making?.id === output.id"
        type="button"
        class="button"
        @click="making?.stop.abort()"
      >
        Stop
      </button>
    </template>
    <p v-if="said" :class="said.wrong ? 'failed' : 'note'" :role="said.wrong ? 'alert' : 'status'">
      {{ said.text }}
    </p>
  </aside>
</template>

<style>
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
  .pattern-view .outputs {
    order: -1;
    flex-flow: row wrap;
  }
}
</style>
