<script setup lang="ts">
import { useMaking } from '@app/stores/making.ts'
import type { Now } from './use-now.ts'

/** Where one stops for a moment: to count and measure where that pays, or to rest the hands. */
const { now } = defineProps<{ now: Now }>()
const emit = defineEmits<{ count: [] }>()
const making = useMaking()
const { check } = now
</script>

<template>
  <div v-if="making.restDue" class="check-card rest" role="status">
    <p>
      <b>Rest your hands.</b> You have worked for
      {{ Math.round(making.workedSeconds / 60) }} minutes: open and stretch the fingers, look into
      the distance. Pain that stays is for a doctor.
    </p>
    <button type="button" class="button" @click="making.rested">I have rested</button>
  </div>
  <div v-else-if="check && making.done === 0" class="check-card" role="status">
    <p class="num"><b>Stop here and count.</b> {{ check.text }}</p>
    <button type="button" class="button" @click="emit('count')">Count it</button>
  </div>
</template>

<style>
.check-card {
  display: flex;
  gap: 12px;
  align-items: center;
  padding: 9px 14px;
  border: 1px solid var(--line);
  border-left: 4px solid var(--marker);
  border-radius: var(--radius);
  background: #fff;
  font-size: 13.5px;
}
.check-card.rest {
  border-left-color: var(--advice);
}
.check-card p {
  flex: 1;
}
</style>
