<script setup lang="ts">
import type { Yarn } from '@core/design'
import YarnDot from '@app/parts/marks/YarnDot.vue'

/** Yarns that are taken or left, each by a press. */
defineProps<{ yarns: readonly Pick<Yarn, 'letter' | 'colour' | 'name'>[]; legend: string }>()
/** Letters of those that are taken, in the order they were. */
const taken = defineModel<readonly string[]>({ required: true })
const press = (letter: string) =>
  (taken.value = taken.value.includes(letter)
    ? taken.value.filter((one) => one !== letter)
    : [...taken.value, letter])
</script>

<template>
  <fieldset class="yarn-picks">
    <legend>{{ legend }}</legend>
    <button
      v-for="yarn in yarns"
      :key="yarn.letter"
      type="button"
      class="button"
      :aria-pressed="taken.includes(yarn.letter)"
      @click="press(yarn.letter)"
    >
      <YarnDot :letter="yarn.letter" :colour="yarn.colour" :size="16" />{{ yarn.name }}
    </button>
  </fieldset>
</template>

<style>
.yarn-picks {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin: 0;
  padding: 0;
  border: 0;
}
.yarn-picks legend {
  margin-bottom: 4px;
}
.yarn-picks [aria-pressed='true'] {
  border-color: var(--mat);
  background: var(--mat);
  color: #fff;
}
.yarn-picks .yarn-dot {
  margin-right: 5px;
}
</style>
