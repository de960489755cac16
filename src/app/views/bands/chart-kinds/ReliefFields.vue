<script setup lang="ts">
import type { ReliefPart } from '@core/band'
import WholeField from '@app/parts/fields/WholeField.vue'
import { steady } from '@app/parts/page/steady.ts'
import ChartSizeFields from './ChartSizeFields.vue'

/** The size of a free texture, and how often it is worked. */
const props = defineProps<{ part: ReliefPart; rows: boolean }>()
const emit = defineEmits<{ set: [values: Partial<ReliefPart>] }>()
/** Painting changes nothing here. */
const part = steady(() => {
  const { times, balance, chart } = props.part
  return { times, balance, width: chart.width }
})
</script>

<template>
  <ChartSizeFields
    :id="props.part.id"
    :chart="props.part.chart"
    :rows="rows"
    :times="part.times"
    @update:times="emit('set', { times: $event })"
  />
  <WholeField
    v-if="rows"
    label="To balance"
    hint="columns"
    :model-value="part.balance"
    :min="0"
    :max="part.width - 1"
    @update:model-value="emit('set', { balance: $event })"
  />
</template>
