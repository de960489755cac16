<script setup lang="ts">
import { fileOpen } from 'browser-fs-access'
import { ref } from 'vue'
import { pictureOf } from './picture-cells.ts'

/** Where a picture comes from: opened, photographed, dropped, pasted; or ours. */
defineProps<{ isThere: boolean }>()
const emit = defineEmits<{ take: [picture: File] }>()
const problem = ref('')
async function take(one: File | null | undefined) {
  if (!one) return
  problem.value = ''
  try {
    emit('take', await pictureOf(one))
  } catch (error) {
    problem.value = (error as Error).message
  }
}
const kinds = {
  mimeTypes: ['image/png', 'image/jpeg', 'image/webp', 'image/gif', 'image/bmp', 'image/svg+xml'],
  extensions: ['.png', '.jpg', '.jpeg', '.webp', '.gif', '.bmp', '.svg'],
}
const choose = async () => take(await fileOpen(kinds).catch(() => null))
async function ours() {
  const answer = await fetch('/bandstand.svg').catch(() => null)
  if (!answer?.ok) return (problem.value = 'The bandstand could not be loaded.')
  await take(new File([await answer.blob()], 'bandstand.svg', { type: 'image/svg+xml' }))
}
/** The first picture of what was dropped or pasted. */
const taken = (list: FileList | null | undefined) =>
  void take([...(list ?? [])].find(({ type }) => type.startsWith('image/')))
defineExpose({ taken })
</script>

<template>
  <button type="button" class="button" @click="choose">Open …</button>
  <label class="button picture-camera"
    >Photograph …<input
      type="file"
      accept="image/*"
      capture="environment"
      @change="taken(($event.target as HTMLInputElement).files)"
  /></label>
  <button v-if="!isThere" type="button" class="button" @click="ours">Try the bandstand</button>
  <p v-if="problem" class="note" role="alert">{{ problem }}</p>
</template>

<style>
.picture-camera {
  position: relative;
}
.picture-camera input {
  position: absolute;
  inset: 0;
  opacity: 0;
}
.picture-camera:focus-within {
  outline: 2px solid var(--mat);
}
</style>
