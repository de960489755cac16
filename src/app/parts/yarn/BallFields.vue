<script setup lang="ts">
import type { YarnLabel } from '@core/design'
import { printNumber } from '@core/units'
import MeasureField from '@app/parts/fields/MeasureField.vue'
import { readAmount } from '@app/parts/fields/read-typed.ts'
import { useDraft } from '@app/parts/fields/use-draft.ts'

/** A ball as its label has it: known when both its figures are. */
const { label, of } = defineProps<{
  label: YarnLabel | null
  /** What it is a ball of: "Brass". */
  of: string
}>()
const emit = defineEmits<{ set: [label: YarnLabel] }>()
const { values, set } = useDraft<YarnLabel>(
  ['grams', 'metres'],
  () => label,
  (all) => emit('set', all),
)
const fields = [
  { key: 'grams', title: 'Grams', max: 5000, likely: '50', unit: 'g' },
  { key: 'metres', title: 'Metres', max: 10000, likely: '120', unit: 'm' },
] as const
</script>

<template>
  <MeasureField
    v-for="{ key, title, max, likely, unit } in fields"
    :key="key"
    :label="`${title} a ball of ${of}`"
    :text="values[key] === undefined ? '' : printNumber(values[key])"
    :value="values[key] ?? 0"
    :read="readAmount"
    :min="1"
    :max="max"
    :likely="likely"
    :hint="unit"
    @change="set({ [key]: $event })"
  />
</template>
