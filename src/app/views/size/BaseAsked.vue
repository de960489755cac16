<script setup lang="ts">
import { computed } from 'vue'
import { growthOf } from '@core/design'
import { type BasePart, constructionOf } from '@core/shape'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import PicksOf from '@app/parts/fields/PicksOf.vue'
import StitchField from '@app/parts/fields/StitchField.vue'
import WholeField from '@app/parts/fields/WholeField.vue'
import { askedOf } from './asked-of.ts'
import BaseRounds from './BaseRounds.vue'
import RowByRow from './RowByRow.vue'

/** What is decided about a base, of the body or of another piece: its numbers, its few ways, its rows. */
const props = defineProps<{ base: BasePart }>()
const emit = defineEmits<{ set: [values: Record<string, unknown>] }>()
const construction = computed(() => constructionOf(props.base))
const values = computed(() => props.base as unknown as Readonly<Record<string, number>>)
const ways = computed(() => props.base as unknown as Readonly<Record<string, string>>)
const picked = (key: string) => (props.base as unknown as Record<string, number[]>)[key]!
const least = (key: string, min: number) => (key === 'count' ? growthOf(props.base).first : min)
const written = computed(() => construction.value.written?.(props.base) ?? null)
const asked = computed(() => askedOf(props.base))
const inWords = computed({
  get: () => (written.value ? 'words' : 'grown'),
  set: (way) =>
    emit('set', { rounds: way === 'words' ? construction.value.toWords!(props.base) : null }),
})
const of = computed(() => (construction.value.ring || construction.value.plan ? 'rounds' : 'rows'))
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
  <PicksOf
    v-for="{ key, legend, each } in construction.picks ?? []"
    :key="key"
    :legend="legend"
    :model-value="picked(key)"
    :each="each(base)"
    @update:model-value="emit('set', { [key]: $event })"
  />
  <ChoiceOf
    v-if="construction.toWords"
    v-model="inWords"
    :legend="`How its ${of} are said`"
    :options="[
      { value: 'grown', label: 'By increase' },
      { value: 'words', label: 'In words', title: 'Each as it is written in shorthand' },
    ]"
  />
  <StitchField
    v-if="!written"
    :label="construction.worked === 'rows' ? 'Row 1 in' : 'Round 1 in'"
    none="same"
    :model-value="base.firstStitch"
    @update:model-value="emit('set', { firstStitch: $event })"
  />
  <BaseRounds v-if="written" :base="base" :rounds="written" :of="of" @set="emit('set', $event)" />
  <RowByRow
    v-if="construction.rowByRow && !written"
    :base="base as Extract<BasePart, { rows: unknown }>"
    @set="emit('set', $event)"
  />
</template>
