<script setup lang="ts">
import type { Now } from './use-now.ts'

/** What comes next, what the yarns are doing, and what is worth a look. */
const { now } = defineProps<{ now: Now }>()
const { change, yarns, looks, mind, markers } = now
</script>

<template>
  <section class="now-cards num">
    <div v-if="change" class="card">
      <h2>Next change</h2>
      <b>{{ change.title }}</b>
      <p>{{ change.detail }}</p>
    </div>
    <div v-if="yarns" class="card">
      <h2>The yarns now</h2>
      <b class="less">{{ yarns.now }}</b>
      <p>{{ yarns.later }}</p>
    </div>
    <div class="card" :class="{ mind }">
      <template v-if="mind">
        <h2>Mind in this row</h2>
        <b class="less">{{ mind }}</b>
      </template>
      <template v-else>
        <h2>Worth a look now</h2>
        <template v-if="looks[0]">
          <b class="less">{{ looks[0].title }}</b>
          <p>{{ looks[0].text }}</p>
        </template>
        <p v-else-if="!markers">Nothing in particular: go on.</p>
        <p v-if="markers">{{ markers }}</p>
      </template>
    </div>
  </section>
</template>

<style>
.now-cards {
  display: grid;
  grid-template-columns: 1.2fr 1fr 1.1fr;
  gap: 12px;
}
.now-cards .card {
  min-height: 92px;
  padding: 11px 14px;
}
.now-cards h2 {
  margin-bottom: 6px;
  color: var(--ink-2);
  font: 600 12.5px/1 var(--font-head);
}
.now-cards b {
  font: 650 17px/1.25 var(--font-head);
}
.now-cards b.less {
  font-size: 15px;
}
.now-cards p {
  color: var(--ink-2);
  font-size: 13px;
}
.now-cards .mind {
  border-left: 4px solid var(--marker);
}
@media (max-width: 760px) {
  .now-cards {
    grid-template-columns: minmax(0, 1fr);
    gap: 6px;
  }
  .now-cards .card {
    min-height: 0;
    padding: 8px 12px;
  }
}
</style>
