<script setup lang="ts">
import { onBeforeUnmount, ref, watchEffect } from 'vue'
import { maybePhoto } from '@app/storage/photos.ts'
import { useProject } from '@app/stores/project.ts'

/** A picture of the log, small; large in a tab of its own. */
const { photo, label } = defineProps<{ photo: string; label: string }>()
const project = useProject()
const address = ref<string | null>(null)
const isMissing = ref(false)
const forget = () => address.value && URL.revokeObjectURL(address.value)
watchEffect(async () => {
  const bag = project.id
  const jpeg = bag ? await maybePhoto(bag, photo) : null
  forget()
  address.value = jpeg && URL.createObjectURL(jpeg)
  isMissing.value = jpeg === null
})
onBeforeUnmount(forget)
</script>

<template>
  <a v-if="address" :href="address" target="_blank" rel="noopener"
    ><img class="log-photo" :src="address" :alt="label"
  /></a>
  <span v-else-if="isMissing" class="note">The picture is not on this device.</span>
</template>

<style>
.log-photo {
  display: block;
  max-width: 150px;
  max-height: 110px;
  margin-top: 4px;
  border-radius: var(--radius);
}
</style>
