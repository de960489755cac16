<script setup lang="ts">
import { type PlainPart } from '@core/band'
import { LIMITS } from '@core/part'
import WholeField from '@app/parts/fields/WholeField.vue'

/** What is decided about plain rounds. */
defineProps<{ part: PlainPart; rows: boolean; show: string }>()
const emit = defineEmits<{ set: [values: Partial<PlainPart>] }>()
const set = (values: Partial<PlainPart>) => emit('set', values)
</script>

<template>
  <WholeField
    v-if="show === 'rounds'"
    :label="rows ? 'Rows' : 'Rounds'"
    :model-value="part.rounds"
    :min="1"
    :max="LIMITS.rounds"
    @update:model-value="set({ rounds: $event })"
  />
  <WholeField
    v-if="show === 'even'"
    label="Even out"
    signed
    :model-value="part.adjust"
    :min="-LIMITS.count"
    :max="LIMITS.count"
    @update:model-value="set({ adjust: $event })"
  />
  <WholeField
    v-if="show === 'even' && part.adjust !== 0 && part.rounds > 1"
    label="Shared by"
    :hint="part.steps === 1 ? 'the last' : rows ? 'rows' : 'rounds'"
    :model-value="part.steps"
    :min="1"
    :max="part.rounds"
    @update:model-value="set({ steps: $event })"
  />
</template>
