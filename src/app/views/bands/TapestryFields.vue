<script setup lang="ts">
import { ref } from 'vue'
import { type TapestryPart } from '@core/band'
import { LIMITS } from '@core/section'
import { groundOf, type LayId, lays, type WideningId, widenings } from '@core/chart'
import WholeField from '@app/parts/fields/WholeField.vue'
import { steady } from '@app/parts/page/steady.ts'
import { useProject } from '@app/stores/project.ts'

/** The size of a chart, and how often it is worked. */
const props = defineProps<{ part: TapestryPart; rows: boolean }>()
const emit = defineEmits<{ set: [values: Partial<TapestryPart>] }>()
const project = useProject()
const set = (values: Partial<TapestryPart>) => emit('set', values)
/** Of the chart only its size: painting changes nothing here. */
const part = steady(() => {
  const { times, balance, lay, carried, chart } = props.part
  return {
    times,
    balance,
    lay,
    carried,
    chart: { width: chart.width, height: chart.colours.length },
  }
})
/** Blank columns and rows come in the ground of the chart. */
const resize = (width: number, height: number) =>
  project.edit({
    name: 'resizeChart',
    args: {
      ...{ id: props.part.id, width, height, letter: groundOf(props.part.chart) },
      where: where.value,
    },
  })
/** Where it becomes wider or narrower. */
const where = ref<WideningId>('right')
</script>

<template>
  <WholeField
    label="Repeat"
    :model-value="part.chart.width"
    :min="1"
    :max="LIMITS.chartWidth"
    @update:model-value="resize($event, part.chart.height)"
  />
  <label class="field">
    <span>Wider</span>
    <ElSelect v-model="where" aria-label="Where the repeat becomes wider or narrower">
      <ElOption v-for="one in widenings" :key="one.id" :value="one.id" :label="one.title" />
    </ElSelect>
  </label>
  <WholeField
    :label="rows ? 'Rows' : 'Rounds'"
    :model-value="part.chart.height"
    :min="1"
    :max="LIMITS.chartWidth"
    @update:model-value="resize(part.chart.width, $event)"
  />
  <WholeField
    label="Worked"
    :model-value="part.times"
    :min="1"
    :max="LIMITS.times"
    :hint="part.times === 1 ? 'time' : 'times'"
    @update:model-value="set({ times: $event })"
  />
  <label class="field">
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
    label="Carried"
    :model-value="part.carried"
    :min="1"
    :max="LIMITS.strands"
    @update:model-value="set({ carried: $event })"
  />
  <WholeField
    v-if="rows"
    label="To balance"
    hint="columns"
    :model-value="part.balance"
    :min="0"
    :max="part.chart.width - 1"
    @update:model-value="set({ balance: $event })"
  />
</template>
