<script setup lang="ts">
import type { Contents } from '@core/shape'
import LengthField from './LengthField.vue'

/** The thing that must go in, and the room around it. */
const contents = defineModel<Contents>({ required: true })
const fields = [
  { key: 'widthMm', label: 'Wide' },
  { key: 'thicknessMm', label: 'Thick' },
  { key: 'tallMm', label: 'Tall' },
  { key: 'easeMm', label: 'Ease' },
] as const
</script>

<template>
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
