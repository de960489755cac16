<script setup lang="ts">
import { computed, ref } from 'vue'
import { inTurnsFrom, type MosaicPart } from '@core/band'
import { LIMITS } from '@core/part'
import WholeField from '@app/parts/fields/WholeField.vue'
import { steady } from '@app/parts/page/steady.ts'
import ChartSizeFields from './ChartSizeFields.vue'
import YarnSelect from '@app/parts/fields/YarnSelect.vue'

/** How a mosaic is worked: its rows and their yarns, what stands below, above and beside it. */
const props = defineProps<{ part: MosaicPart; rows: boolean; show: string; count: number }>()
const emit = defineEmits<{ set: [values: Partial<MosaicPart>] }>()
const set = (values: Partial<MosaicPart>) => emit('set', values)
/** Painting changes nothing here. */
const part = steady(() => {
  const { school, rows, times, before, after, edge, run } = props.part
  return { school, rows, times, before, after, edge, run }
})
/** The row from which on another two yarns work in turn. */
const from = ref(1)
const turns = computed(() => {
  const at = Math.min(from.value, part.value.rows.length) - 1
  const first = part.value.rows[at]!
  return { at, first, second: part.value.rows[at + 1] ?? part.value.rows[at - 1] ?? first }
})
const turn = (first: string, second: string) =>
  set(inTurnsFrom(props.part, turns.value.at, first, second))
</script>

<template>
  <ChartSizeFields
    :id="props.part.id"
    :chart="props.part.chart"
    :rows="rows"
    :times="part.times"
    :show="show"
    :on="count - (rows ? 2 * part.edge : 0)"
    :most="part.rows[0] === part.rows.at(-1) ? 1 : LIMITS.times"
    @update:times="set({ times: $event })"
  />
  <template v-if="show === 'turns'">
    <WholeField v-model="from" label="From" :min="1" :max="part.rows.length" hint="row" />
    <div class="measure-field">
      <span>Yarns</span>
      <div class="mosaic-turns">
        <YarnSelect
          :model-value="turns.first"
          :label="`Yarn of row ${turns.at + 1}`"
          @update:model-value="turn($event, turns.second === $event ? turns.first : turns.second)"
        />
        <YarnSelect
          v-if="turns.at + 1 < part.rows.length"
          :model-value="turns.second"
          :label="`Yarn of row ${turns.at + 2}`"
          @update:model-value="turn(turns.first === $event ? turns.second : turns.first, $event)"
        />
      </div>
    </div>
  </template>
  <template v-if="show === 'plain'">
    <WholeField
      label="Below it"
      hint="plain"
      :model-value="part.before"
      :min="0"
      :max="LIMITS.edge"
      @update:model-value="set({ before: $event })"
    />
    <WholeField
      label="Above it"
      hint="plain"
      :model-value="part.after"
      :min="0"
      :max="LIMITS.edge"
      @update:model-value="set({ after: $event })"
    />
  </template>
  <WholeField
    v-if="show === 'edge'"
    label="At edges"
    hint="plain"
    :model-value="part.edge"
    :min="0"
    :max="LIMITS.edge"
    @update:model-value="set({ edge: $event })"
  />
  <WholeField
    v-if="show === 'run'"
    label="Over, at most"
    hint="side by side"
    :model-value="part.run"
    :min="1"
    :max="LIMITS.edge"
    @update:model-value="set({ run: $event })"
  />
</template>

<style>
.mosaic-turns {
  display: flex;
  gap: 6px;
}
</style>
