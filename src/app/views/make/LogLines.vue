<script setup lang="ts">
import { computed } from 'vue'
import type { Yarn } from '@core/design'
import type { Ledger } from '@core/ledger'
import { entryWords } from '@core/make'
import type { LogEntry } from '@core/project'
import { useWorkshop } from '@app/stores/workshop.ts'
import { whenWords } from './log-times.ts'

/** What was noted last, the newest first. */
const {
  log,
  ledger,
  yarns,
  most = 7,
} = defineProps<{
  log: readonly LogEntry[]
  ledger: Ledger
  yarns: readonly Yarn[]
  most?: number
}>()
const workshop = useWorkshop()
const lines = computed(() =>
  log
    .filter(({ kind }) => kind !== 'paused')
    .slice(-most)
    .toReversed()
    .map((entry, i) => ({
      key: `${log.length - i}`,
      when: whenWords(entry.at),
      text: entryWords(entry, { ledger, yarns, units: workshop.words.units }),
    })),
)
</script>

<template>
  <section class="log-lines num">
    <h2>Log</h2>
    <p v-if="lines.length === 0" class="note">Every round is noted here as it is done.</p>
    <div v-for="line in lines" :key="line.key">
      <em>{{ line.when }}</em><span>{{ line.text }}</span>
    </div>
  </section>
</template>

<style>
.log-lines {
  display: grid;
  gap: 7px;
  font-size: 12.8px;
}
.log-lines div {
  display: grid;
  grid-template-columns: 46px 1fr;
  gap: 8px;
}
.log-lines em {
  color: var(--ink-3);
  font-style: normal;
}
</style>
