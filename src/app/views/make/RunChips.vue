<script setup lang="ts">
import type { Now } from './use-now.ts'

/** The runs of the repeat one is in: worked, in hand, to come. */
const { now, small = false } = defineProps<{ now: Now; small?: boolean }>()
const { runs } = now
</script>

<template>
  <ol class="row-runs" :class="{ small }" aria-label="Runs">
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
</template>

<style>
.row-runs {
  display: flex;
  grid-column: 1 / -1;
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
.row-runs.small {
  gap: 5px;
  max-height: 112px;
  margin: 0;
}
.row-runs.small li {
  padding: 0 9px;
  border-radius: 5px;
  font-size: 16px;
  line-height: 30px;
}
</style>
