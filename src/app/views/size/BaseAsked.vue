<script setup lang="ts">
import { computed } from 'vue'
import { growthOf } from '@core/design'
import { type BasePart, constructionOf } from '@core/shape'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import StitchField from '@app/parts/fields/StitchField.vue'
import WholeField from '@app/parts/fields/WholeField.vue'
import BaseRounds from './BaseRounds.vue'
import RowByRow from './RowByRow.vue'

/** What is decided about a base, of the body or of another piece: its numbers, its few ways, its rows. */
const props = defineProps<{ base: BasePart }>()
const emit = defineEmits<{ set: [values: Record<string, unknown>] }>()
const construction = computed(() => constructionOf(props.base))
const values = computed(() => props.base as unknown as Readonly<Record<string, number>>)
const ways = computed(() => props.base as unknown as Readonly<Record<string, string>>)
const least = (key: string, min: number) => (key === 'count' ? growthOf(props.base).first : min)
/** Where the rows are given one by one, nothing else is asked. */
const asked = computed(() =>
  'rows' in props.base && props.base.rows ? [] : construction.value.asked,
)
</script>

<template>
  <WholeField
    v-for="field in asked"
    :key="field.key"
    :label="field.label"
    :model-value="values[field.key]!"
    :min="least(field.key, field.min)"
    :max="typeof field.max === 'number' ? field.max : field.max(base)"
    :signed="field.signed"
    @update:model-value="emit('set', { [field.key]: $event })"
  />
  <ChoiceOf
    v-for="{ key, legend, options } in construction.choices ?? []"
    :key="key"
    :legend="legend"
    :model-value="ways[key]!"
    :options="options"
    @update:model-value="emit('set', { [key]: $event })"
  />
  <StitchField
    v-if="!construction.inWords"
    :label="construction.worked === 'rows' ? 'Row 1 in' : 'Round 1 in'"
    none="same"
    :model-value="base.firstStitch"
    @update:model-value="emit('set', { firstStitch: $event })"
  />
  <BaseRounds
    v-if="construction.inWords"
    :base="base as Extract<BasePart, { rounds: readonly unknown[] }>"
    @set="emit('set', $event)"
  />
  <RowByRow
    v-if="construction.rowByRow"
    :base="base as Extract<BasePart, { rows: unknown }>"
    @set="emit('set', $event)"
  />
</template>
