<script setup lang="ts">
import PopUnder from '@app/parts/page/PopUnder.vue'
import type { Word } from './said.ts'

/** A word of a sentence; it opens what changes it. */
defineProps<{ word: Word }>()
</script>

<template>
  <PopUnder :width="290" placement="bottom-start">
    <template #button="{ open }">
      <button
        type="button"
        class="said-word num"
        :class="{ open, bad: word.bad }"
        :data-word="word.id"
      >
        {{ word.text }}
      </button>
    </template>
    <slot />
  </PopUnder>
</template>

<style>
.said-word {
  min-height: 24px;
  padding: 0 1px;
  border: 0;
  border-bottom: 2px solid var(--line-strong);
  background: none;
  color: var(--ink);
  font-weight: 650;
  text-align: left;
  cursor: pointer;
}
.said-word:hover,
.said-word.open {
  border-color: var(--mat);
  background: var(--mat-tint);
}
.said-word.bad {
  border-color: var(--error);
  color: var(--error);
}
</style>
