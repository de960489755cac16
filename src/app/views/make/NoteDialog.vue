<script setup lang="ts">
import { ref, shallowRef } from 'vue'
import { afterRowOf } from '@core/make'
import { writableLines } from '@core/units'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import DialogEnd from '@app/parts/page/DialogEnd.vue'
import { shrunkPhoto } from '@app/storage/shrunk-photo.ts'
import { useMaking } from '@app/stores/making.ts'

/** A note to the row in hand; or a fault, and what was done about it. */
const open = defineModel<boolean>({ required: true })
const making = useMaking()
const about = ref<'note' | 'fault'>('note')
const text = ref('')
/** A picture to it, as it will be kept. */
const photo = shallowRef<Blob | null>(null)
const problem = ref<string | null>(null)
async function pick(event: Event) {
  const [file] = (event.target as HTMLInputElement).files ?? []
  problem.value = null
  photo.value = null
  if (!file) return
  try {
    photo.value = await shrunkPhoto(file)
  } catch (error) {
    problem.value = (error as Error).message
  }
}
async function keep() {
  const said = writableLines(text.value).trim().slice(0, 2000)
  if (photo.value) {
    problem.value = await making.keepPicture(photo.value, said)
    if (problem.value === null) open.value = false
    return
  }
  if (!said) return
  making.note([
    { kind: 'noted', about: about.value, text: said, ...afterRowOf(making.on!, making.on!.made) },
  ])
  open.value = false
}
</script>

<template>
  <ElDialog v-model="open" title="Note" width="460px" append-to-body>
    <form class="note-dialog" @submit.prevent="keep">
      <ChoiceOf
        v-model="about"
        legend="What it is"
        :options="[
          { value: 'note', label: 'A note' },
          { value: 'fault', label: 'A fault, and what was done' },
        ]"
      />
      <textarea v-model="text" rows="5" maxlength="2000" aria-label="Note" />
      <label class="note-photo">
        <span>A picture to it: made smaller, and without place and device</span>
        <input type="file" accept="image/*" aria-label="A picture to it" @change="pick" />
      </label>
      <p v-if="problem" role="alert" class="wrong">{{ problem }}</p>
      <DialogEnd
        does="Keep it"
        leaves="Not now"
        :disabled="!text.trim() && !photo"
        @leave="open = false"
      />
    </form>
  </ElDialog>
</template>

<style>
.note-dialog {
  display: grid;
  gap: 10px;
}
.note-dialog textarea {
  width: 100%;
  padding: 8px 10px;
  border: 1px solid var(--line-strong);
  border-radius: var(--radius);
  font: inherit;
}
.note-photo {
  display: grid;
  gap: 4px;
  color: var(--ink-2);
  font-size: 13px;
}
.note-dialog .wrong {
  color: var(--error);
}
</style>
