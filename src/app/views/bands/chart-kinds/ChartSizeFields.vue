<script setup lang="ts">
import { computed, ref } from 'vue'
import { type Chart, groundOf, type WideningId, widenings } from '@core/chart'
import { LIMITS } from '@core/part'
import { counted } from '@core/units'
import WholeField from '@app/parts/fields/WholeField.vue'
import { steady } from '@app/parts/page/steady.ts'
import { oftenWords } from '@app/parts/said/said.ts'
import { useProject } from '@app/stores/project.ts'

/** How wide and high a chart is, where it becomes wider or narrower, how often it is worked, and what balances its flat rows. */
const props = defineProps<{
  id: string
  chart: Chart
  rows: boolean
  /** The most it can be worked. */
  most?: number
  show: string
  /** Stitches its repeats lie on. */
  on?: number
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
/** Widths near to this one that come out on the stitches there are. */
const comesOut = computed(() => !!props.on && props.on % size.value.width === 0)
const others = computed(() => {
  const { on = 0 } = props
  const { width } = size.value
  const near = Array.from({ length: 2 * width }, (_, i) => i + 1)
    .filter((one) => one !== width && one <= LIMITS.chartWidth && on > 0 && on % one === 0)
    .sort((a, b) => Math.abs(a - width) - Math.abs(b - width))
    .slice(0, 3)
  return near.map((one) => ({
    width: one,
    often: `${oftenWords(on / one)} ${props.rows ? 'across' : 'around'}`,
    words: `${counted(Math.abs(one - width), 'column')} ${one > width ? 'more' : 'fewer'}`,
  }))
})
</script>

<template>
  <template v-if="show === 'size'">
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
    <div v-if="others.length > 0" class="other-sizes">
      <p class="note">
        {{ comesOut ? `Comes out on ${on}.` : `Does not come out on ${on}.` }} Near it:
      </p>
      <button
        v-for="one in others"
        :key="one.width"
        type="button"
        class="button"
        @click="resize(one.width, size.height)"
      >
        <b class="num">{{ one.width }} × {{ size.height }}, {{ one.often }}</b>
        <small class="num">{{ one.words }}</small>
      </button>
    </div>
  </template>
  <WholeField
    v-if="show === 'times'"
    v-model="times"
    label="Worked"
    :min="1"
    :max="most ?? LIMITS.times"
    :hint="times === 1 ? 'time' : 'times'"
  />
  <WholeField
    v-if="show === 'balance' && rows && balance !== undefined"
    v-model="balance"
    label="To balance"
    hint="columns"
    :min="0"
    :max="size.width - 1"
  />
</template>

<style>
.other-sizes {
  display: grid;
  gap: 4px;
  margin: 4px 0 6px;
}
.other-sizes .button {
  justify-content: space-between;
  border-color: transparent;
  background: var(--mat-tint);
  font-size: 12.5px;
  white-space: nowrap;
}
.other-sizes .button b {
  font-weight: 400;
}
</style>
