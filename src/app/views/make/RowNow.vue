<script setup lang="ts">
import type { Now } from './use-now.ts'

/** The row being worked: its number, where it is, how far one is in it, and its runs. */
const { now, narrow = false } = defineProps<{ now: Now; narrow?: boolean }>()
const { title, about, aboutShort, count, text, runs, big, isWritten } = now
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
    <ol class="row-runs" aria-label="Runs">
      <li
        v-for="run in runs"
        :key="run.key"
        :class="run.is"
        :style="{ '--run': run.colour, color: run.is === 'done' ? undefined : run.ink }"
        :aria-current="run.is === 'here' ? 'step' : undefined"
      >
        {{ run.text }}
      </li>
    </ol>
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
.row-runs {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  max-height: 132px;
  margin: 4px 0 0;
  padding: 4px 5px 6px;
  overflow: auto;
  list-style: none;
}
.row-runs li {
  padding: 0 13px;
  border-radius: 6px;
  background: var(--run);
  box-shadow: inset 0 0 0 1px rgb(0 0 0 / 16%);
  font: 650 22px/38px var(--font-text);
}
.row-runs .done {
  background: color-mix(in srgb, var(--run) 22%, #fff);
  color: #454e49;
}
.row-runs .here {
  box-shadow:
    0 0 0 3px #fff,
    0 0 0 6px var(--marker);
}
.row-now.narrow h1,
.row-now.narrow .count {
  font-size: 32px;
}
.row-now.narrow .row-runs {
  display: none;
}
</style>
