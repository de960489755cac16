<script setup lang="ts">
import { computed } from 'vue'
import { type BasePart, constructionOf } from '@core/shape'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'

/** The few ways that are decided about a base. */
const props = defineProps<{ base: BasePart }>()
const emit = defineEmits<{ set: [values: Record<string, unknown>] }>()
const choices = computed(() => constructionOf(props.base).choices ?? [])
const values = computed(() => props.base as unknown as Readonly<Record<string, string>>)
</script>

<template>
  <ChoiceOf
    v-for="{ key, legend, options } in choices"
    :key="key"
    :legend="legend"
    :model-value="values[key]!"
    :options="options"
    @update:model-value="emit('set', { [key]: $event })"
  />
</template>
