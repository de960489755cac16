<script setup lang="ts">
import { computed } from 'vue'
import { readWhole } from './read-typed.ts'
import MeasureField from './MeasureField.vue'

/** A field for a whole number; with `signed`, additions show their plus. */
const props = defineProps<{
  label: string
  min: number
  max: number
  step?: number
  hint?: string
  signed?: boolean
}>()
const value = defineModel<number>({ required: true })
const text = computed(() =>
  props.signed && value.value > 0 ? `+ ${value.value}` : String(value.value),
)
</script>

<template>
  <MeasureField
    :label="label"
    :text="text"
    :value="value"
    :read="readWhole"
    :step="step ?? 1"
    :min="min"
    :max="max"
    :hint="hint"
    @change="value = $event"
  />
</template>
