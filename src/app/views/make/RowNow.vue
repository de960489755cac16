<script setup lang="ts">
import RunChips from './RunChips.vue'
import type { Now } from './use-now.ts'

/** The row being worked: its number, where it is, how far one is in it, and its runs. */
const { now, narrow = false } = defineProps<{ now: Now; narrow?: boolean }>()
const { title, about, aboutShort, count, text, big, isWritten } = now
</script>

<template>
  <section class="row-now num" :class="{ narrow }" aria-live="off">
    <div>
      <h1>{{ title }}</h1>
      <p class="about">{{ narrow ? aboutShort : about }}</p>
    </div>
    <p class="count">
      {{ count.here }}
      <small v-if="narrow">of {{ count.of }}</small>
      <small v-else>done of {{ count.of }}, {{ count.left }} left</small>
    </p>
    <p v-if="!narrow" class="row-words">{{ text }}</p>
    <p v-if="!narrow && big?.into" class="into">{{ big.text }} {{ big.into }}</p>
    <p v-else-if="!narrow && isWritten" class="into">Counted out, stitch by stitch:</p>
    <RunChips v-if="!narrow" :now="now" />
  </section>
</template>

<style>
.row-now {
  position: relative;
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 4px 18px;
}
.row-now h1 {
  font-size: 30px;
}
.row-now .about {
  color: var(--ink-2);
  font-size: 14px;
}
.row-now .count {
  font: 650 30px/1 var(--font-head);
  text-align: right;
}
.row-now .count small {
  display: block;
  margin-top: 5px;
  color: var(--ink-2);
  font: 400 12.5px/1.3 var(--font-text);
}
.row-now .row-words {
  grid-column: 1 / -1;
  max-height: 44px;
  overflow: auto;
  font-size: 15px;
  line-height: 22px;
}
.row-now .into {
  grid-column: 1 / -1;
  color: var(--ink-2);
  font-size: 13px;
}
.row-now.narrow h1,
.row-now.narrow .count {
  font-size: 32px;
}
</style>
