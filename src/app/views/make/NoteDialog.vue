<script setup lang="ts">
import { ref } from 'vue'
import { afterRowOf } from '@core/make'
import { writableLines } from '@core/units'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import DialogEnd from '@app/parts/page/DialogEnd.vue'
import { useMaking } from '@app/stores/making.ts'

/** A note to the row in hand; or a fault, and what was done about it. */
const open = defineModel<boolean>({ required: true })
const making = useMaking()
const about = ref<'note' | 'fault'>('note')
const text = ref('')
function keep() {
  const said = writableLines(text.value).trim().slice(0, 2000)
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
      <DialogEnd does="Keep it" leaves="Not now" :disabled="!text.trim()" @leave="open = false" />
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
</style>
