<script setup lang="ts">
import type { CheckOptions } from '@core/check'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'

/** How a pattern is taken: in which terms, by which school of starting chains, in which of its sizes. */
const terms = defineModel<'found' | 'us' | 'uk'>('terms', { required: true })
const startingChain = defineModel<NonNullable<CheckOptions['startingChain']>>('startingChain', {
  required: true,
})
const size = defineModel<number>('size', { required: true })
defineProps<{ sizes: readonly string[] }>()
</script>

<template>
  <div class="check-choices">
    <span class="note">Terms</span>
    <ChoiceOf
      v-model="terms"
      legend="Terms"
      :options="[
        { value: 'found', label: 'As found' },
        { value: 'us', label: 'US' },
        { value: 'uk', label: 'UK' },
      ]"
    />
    <span class="note">Starting chains</span>
    <ChoiceOf
      v-model="startingChain"
      legend="Starting chains"
      :options="[
        {
          value: 'text',
          label: 'As it says',
          title: 'Where nothing is said, three and more count',
        },
        { value: 'counts', label: 'Count' },
        { value: 'not', label: 'Do not' },
      ]"
    />
    <template v-if="sizes.length">
      <label class="note" for="check-size">Size</label>
      <select id="check-size" v-model.number="size" class="plain-input">
        <option v-for="(name, i) in sizes" :key="i" :value="i">{{ name }}</option>
      </select>
    </template>
  </div>
</template>

<style>
.check-choices {
  display: grid;
  grid-template-columns: 104px 1fr;
  gap: 6px;
  align-items: center;
}
</style>
