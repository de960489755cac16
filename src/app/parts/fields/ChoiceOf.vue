<script setup lang="ts" generic="T extends string">
import { useId } from 'vue'

/** A choice of a few, side by side. */
defineProps<{
  legend: string
  options: readonly { readonly value: T; readonly label: string; readonly title?: string }[]
}>()
const model = defineModel<T>({ required: true })
const name = useId()
</script>

<template>
  <div class="choice" role="radiogroup" :aria-label="legend">
    <label v-for="option in options" :key="option.value" :title="option.title">
      <input v-model="model" type="radio" :name="name" :value="option.value" />
      <span>{{ option.label }}</span>
    </label>
  </div>
</template>
