<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { inkOn } from '@core/colour'
import { maybeSeen } from '@app/storage/place-note.ts'
import { keepEarly, takeEarly } from '@app/stores/early-keys.ts'

/** Where one was at work, as it was seen last: until the bag is worked out. */
const { bag } = defineProps<{ bag: string }>()
const seen = maybeSeen(bag)

takeEarly()
useEventListener('keydown', ({ key, repeat, ctrlKey, metaKey, altKey, target }: KeyboardEvent) => {
  const other = repeat || ctrlKey || metaKey || altKey
  if (seen && !other && target === document.body) keepEarly(key)
})
</script>

<template>
  <section v-if="seen" class="make-glance num" aria-busy="true">
    <div>
      <h1>{{ seen.title }}</h1>
      <p>{{ seen.about }}</p>
    </div>
    <p class="so-far">
      {{ seen.here }} <small>of {{ seen.of }}</small>
    </p>
    <ol aria-label="Runs">
      <li
        v-for="(run, at) in seen.runs"
        :key="at"
        :class="run.is"
        :style="{ background: run.colour, color: inkOn(run.colour) }"
      >
        {{ run.text }}
      </li>
    </ol>
  </section>
</template>

<style>
.make-glance {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 4px 18px;
  margin: 58px 16px 0;
  padding: 14px 18px;
  border: 1px solid var(--line);
  border-radius: var(--radius-large);
  background: #fff;
}
.make-glance h1,
.make-glance .so-far {
  font: 650 30px/1.1 var(--font-head);
}
.make-glance small {
  font: 400 13px/1 var(--font-text);
}
.make-glance ol {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  max-height: 132px;
  margin: 8px 0 0;
  padding: 4px;
  overflow: hidden;
  list-style: none;
}
.make-glance li {
  padding: 0 13px;
  border-radius: 6px;
  font: 650 22px/38px var(--font-text);
}
.make-glance li.here {
  outline: 3px solid var(--marker);
  outline-offset: 2px;
}
</style>
