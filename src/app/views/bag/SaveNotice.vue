<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { saveProjectFile } from '@app/export/save.ts'
import { failureOf, failureWords } from '@app/storage/answered.ts'
import { useProject } from '@app/stores/project.ts'
import type { SaveState } from '@app/stores/saving.ts'

/** What must be said about saving and about edits that were not done, with what can be done about it. */
const project = useProject()
const router = useRouter()
const dismissed = ref(false)
/** Why something offered here did not work. */
const failed = ref<string | null>(null)

const kept =
  'so the last changes are not stored. They are kept here while the tab is open. Export the bag to a file'
const words: Readonly<Record<SaveState, string | null>> = {
  saved: null,
  saving: null,
  conflict:
    'Another tab has saved this bag meanwhile, so what you do here is not stored any more. The other tab’s is stored; yours is here.',
  gone: 'This bag was deleted in another tab, so what you do here is not stored any more. It is still here as you have it.',
  full: `${failureWords.full}, ${kept}, or make room by deleting a bag.`,
  refused: `${failureWords.refused}, ${kept}.`,
  silent: `${failureWords.silent}, ${kept}; saving is tried again by itself.`,
}
const message = computed(() => words[project.saving.state])

const openBag = (id: string | null) => id && router.push({ name: 'bands', params: { id } })
/** Does what stores something, and says so when it could not. */
async function attempt(work: () => Promise<unknown>) {
  failed.value = null
  try {
    await work()
  } catch (error) {
    failed.value = `That could not be stored: ${failureWords[failureOf(error)]}.`
  }
}
const copy = () => attempt(async () => openBag(await project.saving.keepAsCopy()))
const endStray = (keep: boolean) => attempt(async () => openBag(await project.endStray(keep)))
const give = () => saveProjectFile(project.project!)
</script>

<template>
  <div v-if="message" class="save-notice bad" role="alert">
    <p>{{ message }} {{ failed }}</p>
    <template v-if="project.saving.state === 'conflict'">
      <button type="button" class="button" @click="copy">Keep this one as a copy</button>
      <button type="button" class="button" @click="project.saving.takeTheirs">
        Drop this one, take the other tab’s
      </button>
    </template>
    <button
      v-else-if="project.saving.state === 'gone'"
      type="button"
      class="button"
      @click="attempt(project.saving.putBack)"
    >
      Put it back on the shelf
    </button>
    <button type="button" class="button" @click="give">Export the bag</button>
  </div>
  <div v-if="project.stray" class="save-notice bad" role="alert">
    <p>
      A tab that was closed had changes of this bag that were never stored, and the bag was changed
      since. {{ failed }}
    </p>
    <button type="button" class="button" @click="endStray(true)">Keep them as a copy</button>
    <button type="button" class="button" @click="endStray(false)">Drop them</button>
  </div>
  <div v-if="project.refusal" class="save-notice bad" role="alert">
    <p>{{ project.refusal }}</p>
    <button type="button" class="button" @click="project.refusal = null">All right</button>
  </div>
  <div v-if="project.failure" class="save-notice bad" role="alert">
    <p>What follows from the last change could not be worked out: {{ project.failure }}</p>
    <button type="button" class="button" @click="project.askAgain">Try again</button>
    <button type="button" class="button" @click="project.undo">Undo</button>
  </div>
  <div v-if="!message && project.alsoOpen && !dismissed" class="save-notice" role="status">
    <p>This bag is open in another tab too. What is changed there appears here.</p>
    <button type="button" class="button" @click="dismissed = true">All right</button>
  </div>
</template>

<style>
.save-notice {
  display: flex;
  gap: 10px;
  align-items: center;
  padding: 8px 20px;
  border-bottom: 1px solid var(--line-strong);
  background: #e4eef4;
  color: #17394d;
  font-size: 13px;
}
.save-notice p {
  flex: 1;
}
.save-notice.bad {
  background: #f9e4df;
  color: #6d1a0e;
}
</style>
