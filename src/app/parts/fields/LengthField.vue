<script setup lang="ts">
import { computed } from 'vue'
import { lengthInput } from '@core/units'
import { useWorkshop } from '@app/stores/workshop.ts'
import { lengthStep, readLengthFrom } from './read-typed.ts'
import MeasureField from './MeasureField.vue'

/** A field for a length, in the unit she thinks in. */
defineProps<{ label: string; min: number; max: number; hint?: string }>()
const value = defineModel<number>({ required: true })
const workshop = useWorkshop()
const units = computed(() => workshop.words.units)
</script>

<template>
  <MeasureField
    :label="label"
    :text="lengthInput(value, units)"
    :value="value"
    :read="readLengthFrom(units, min)"
    :step="lengthStep(units)"
    :min="min"
    :max="max"
    :hint="hint"
    @change="value = $event"
  />
</template>
