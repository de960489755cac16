<script setup lang="ts">
import { computed } from 'vue'
import { type Contents, contentShapes } from '@core/shape'
import ChoiceOf from './ChoiceOf.vue'
import LengthField from './LengthField.vue'

/** The thing that must go in, and the room around it. */
const contents = defineModel<Contents>({ required: true })
const names = { box: 'A box', round: 'Round', oval: 'Oval' } as const
const fields = computed(() => [
  { key: 'widthMm', label: contents.value.shape === 'round' ? 'Across' : 'Wide' } as const,
  ...(contents.value.shape === 'round' ? [] : [{ key: 'thicknessMm', label: 'Thick' } as const]),
  { key: 'tallMm', label: 'Tall' } as const,
  { key: 'easeMm', label: 'Ease' } as const,
])
const shape = computed({
  get: () => contents.value.shape,
  set: (value) => (contents.value = { ...contents.value, shape: value }),
})
const shapes = contentShapes.map((value) => ({ value, label: names[value] }))
</script>

<template>
  <ChoiceOf v-model="shape" legend="What it is from above" :options="shapes" />
  <LengthField
    v-for="{ key, label } in fields"
    :key="key"
    :label="label"
    :model-value="contents[key]"
    :min="1"
    :max="1500"
    @update:model-value="contents = { ...contents, [key]: $event }"
  />
</template>
