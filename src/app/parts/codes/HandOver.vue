<script setup lang="ts">
import { useIntervalFn, usePreferredReducedMotion } from '@vueuse/core'
import { computed, ref } from 'vue'
import { printProject } from '@core/project'
import { fileName } from '@app/export/file-name.ts'
import { giveFile, saveProjectFile } from '@app/export/save.ts'
import { failureOf, failureWords } from '@app/storage/answered.ts'
import { ask, WORKSHOP } from '@app/storage/kept.ts'
import { useProject } from '@app/stores/project.ts'
import { type Code, codesOf } from './codes-of.ts'

/** The bag for another device: as codes that its camera reads one after the other, or as a file. */
const open = defineModel<boolean>({ required: true })
const project = useProject()
const made = computed((): { readonly codes: readonly Code[]; readonly problem: string | null } => {
  try {
    return {
      codes: codesOf(JSON.stringify(JSON.parse(printProject(project.project!)))),
      problem: null,
    }
  } catch {
    return { codes: [], problem: 'This bag is too large for codes: take it with you as a file.' }
  }
})
const problem = ref<string | null>(null)
/** A backup of this bag alone. */
async function withPictures() {
  problem.value = null
  try {
    await project.saving.flush()
    const bytes = await ask((api) => api.backup(WORKSHOP, project.id))
    const content = new Blob([bytes as Uint8Array<ArrayBuffer>], { type: 'application/zip' })
    const name = `${fileName(project.design!.name)}-with-pictures.zip`
    await giveFile({ name, type: 'application/zip', content })
  } catch (error) {
    problem.value = `${failureWords[failureOf(error)]}, so no zip could be made.`
  }
}
const at = ref(0)
const step = (by: number) => {
  const many = made.value.codes.length
  at.value = (at.value + by + many) % many
}
const SHOWN_MS = 900
const { pause, resume, isActive } = useIntervalFn(() => step(1), SHOWN_MS, {
  immediate: usePreferredReducedMotion().value !== 'reduce',
})
</script>

<template>
  <ElDialog v-model="open" title="To another device" width="460px" append-to-body>
    <div class="hand-over">
      <p class="note">
        On the other device: the shelf, <b>Take over</b>. Hold its camera to these codes until it
        has all of them; they come again and again, in any order. Pictures do not go along: the zip
        has them, and is taken under <b>Backup</b>.
      </p>
      <p v-if="made.problem" role="alert">{{ made.problem }}</p>
      <template v-else>
        <svg
          class="code"
          role="img"
          :viewBox="`0 0 ${made.codes[at]!.modules} ${made.codes[at]!.modules}`"
          :aria-label="`Code ${at + 1} of ${made.codes.length}`"
        >
          <path :d="made.codes[at]!.d" fill="#000" />
        </svg>
        <div class="code-acts num">
          <button
            type="button"
            class="button"
            aria-label="The code before"
            @click="(pause(), step(-1))"
          >
            ‹
          </button>
          <span>{{ at + 1 }} of {{ made.codes.length }}</span>
          <button
            type="button"
            class="button"
            aria-label="The next code"
            @click="(pause(), step(1))"
          >
            ›
          </button>
          <button type="button" class="button" @click="isActive ? pause() : resume()">
            {{ isActive ? 'Stand still' : 'One after the other' }}
          </button>
        </div>
      </template>
      <div class="code-acts">
        <button type="button" class="button" @click="saveProjectFile(project.project!)">
          As a file
        </button>
        <button type="button" class="button" @click="withPictures">With its pictures (zip)</button>
      </div>
      <p v-if="problem" role="alert">{{ problem }}</p>
    </div>
  </ElDialog>
</template>

<style>
.hand-over {
  display: grid;
  gap: 10px;
  justify-items: center;
}
.hand-over .code {
  width: min(100%, 400px);
  background: #fff;
  shape-rendering: crispEdges;
}
.hand-over .code-acts {
  display: flex;
  gap: 8px;
  align-items: center;
}
</style>
