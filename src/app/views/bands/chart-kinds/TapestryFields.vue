<script setup lang="ts">
import { type TapestryPart } from '@core/band'
import { LIMITS } from '@core/part'
import { type LayId, lays } from '@core/chart'
import WholeField from '@app/parts/fields/WholeField.vue'
import { steady } from '@app/parts/page/steady.ts'
import ChartSizeFields from './ChartSizeFields.vue'

/** The size of a chart, how often it is worked, and how. */
const props = defineProps<{ part: TapestryPart; rows: boolean; show: string; count: number }>()
const emit = defineEmits<{ set: [values: Partial<TapestryPart>] }>()
const set = (values: Partial<TapestryPart>) => emit('set', values)
/** Painting changes nothing here. */
const part = steady(() => {
  const { times, balance, lay, carried } = props.part
  return { times, balance, lay, carried }
})
</script>

<template>
  <ChartSizeFields
    :id="props.part.id"
    :chart="props.part.chart"
    :rows="rows"
    :times="part.times"
    :show="show"
    :on="part.lay === 'beside' ? count - (rows ? part.balance : 0) : undefined"
    :balance="part.balance"
    @update:balance="set({ balance: $event })"
    @update:times="set({ times: $event })"
  />
  <label v-if="show === 'lay'" class="field">
    <span>Repeats</span>
    <ElSelect
      :model-value="part.lay"
      aria-label="How repeats lie"
      @update:model-value="(lay: LayId) => set({ lay })"
    >
      <ElOption v-for="lay in lays" :key="lay.id" :value="lay.id" :label="lay.title" />
    </ElSelect>
  </label>
  <WholeField
    v-if="show === 'carried'"
    label="Yarns at most"
    :model-value="part.carried"
    :min="1"
    :max="LIMITS.strands"
    @update:model-value="set({ carried: $event })"
  />
</template>
