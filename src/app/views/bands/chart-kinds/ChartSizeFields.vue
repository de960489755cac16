<script setup lang="ts">
import { ref } from 'vue'
import { type Chart, groundOf, type WideningId, widenings } from '@core/chart'
import { LIMITS } from '@core/part'
import WholeField from '@app/parts/fields/WholeField.vue'
import { steady } from '@app/parts/page/steady.ts'
import { useProject } from '@app/stores/project.ts'

/** How wide and high a chart is, where it becomes wider or narrower, how often it is worked, and what balances its flat rows. */
const props = defineProps<{
  id: string
  chart: Chart
  rows: boolean
  /** The most it can be worked. */
  most?: number
}>()
const times = defineModel<number>('times', { required: true })
/** Columns worked once more at the end of a flat row; none of a kind that has no such thing. */
const balance = defineModel<number>('balance')
const project = useProject()
/** Painting changes nothing here. */
const size = steady(() => ({ width: props.chart.width, height: props.chart.colours.length }))
/** Where it becomes wider or narrower. */
const where = ref<WideningId>('right')
/** Blank columns and rows come in the ground of the chart. */
const resize = (width: number, height: number) =>
  project.edit({
    name: 'resizeChart',
    args: {
      ...{ id: props.id, width, height, letter: groundOf(props.chart) },
      where: where.value,
    },
  })
</script>

<template>
  <WholeField
    label="Repeat"
    :model-value="size.width"
    :min="1"
    :max="LIMITS.chartWidth"
    @update:model-value="resize($event, size.height)"
  />
  <label class="field">
    <span>Wider</span>
    <ElSelect v-model="where" aria-label="Where the repeat becomes wider or narrower">
      <ElOption v-for="one in widenings" :key="one.id" :value="one.id" :label="one.title" />
    </ElSelect>
  </label>
  <WholeField
    :label="rows ? 'Rows' : 'Rounds'"
    :model-value="size.height"
    :min="1"
    :max="LIMITS.chartWidth"
    @update:model-value="resize(size.width, $event)"
  />
  <WholeField
    v-model="times"
    label="Worked"
    :min="1"
    :max="most ?? LIMITS.times"
    :hint="times === 1 ? 'time' : 'times'"
  />
  <WholeField
    v-if="rows && balance !== undefined"
    v-model="balance"
    label="To balance"
    hint="columns"
    :min="0"
    :max="size.width - 1"
  />
</template>
