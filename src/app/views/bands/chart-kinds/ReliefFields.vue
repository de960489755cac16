<script setup lang="ts">
import type { ReliefPart } from '@core/band'
import { steady } from '@app/parts/page/steady.ts'
import ChartSizeFields from './ChartSizeFields.vue'

/** The size of a free texture, and how often it is worked. */
const props = defineProps<{ part: ReliefPart; rows: boolean; show: string; count: number }>()
const emit = defineEmits<{ set: [values: Partial<ReliefPart>] }>()
/** Painting changes nothing here. */
const part = steady(() => {
  const { times, balance } = props.part
  return { times, balance }
})
</script>

<template>
  <ChartSizeFields
    :id="props.part.id"
    :chart="props.part.chart"
    :rows="rows"
    :times="part.times"
    :show="show"
    :on="count - (rows ? part.balance : 0)"
    :balance="part.balance"
    @update:balance="emit('set', { balance: $event })"
    @update:times="emit('set', { times: $event })"
  />
</template>
