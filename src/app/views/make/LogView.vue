<script setup lang="ts">
import { computed, ref } from 'vue'
import { entryWords, type LogKind, logKindNames, placeWords } from '@core/make'
import { useGiving } from '@app/stores/giving.ts'
import { useMaking } from '@app/stores/making.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import LogCharts from './LogCharts.vue'
import LogPhoto from './LogPhoto.vue'
import { whenWords } from './log-times.ts'

/** All that was noted, the newest first: searched, by kind, drawn, and taken along. */
const making = useMaking()
const project = useProject()
const workshop = useWorkshop()
const giving = useGiving()
const query = ref('')
const kind = ref<LogKind | 'all'>('all')
const MOST = 400
const words = computed(() => ({
  ledger: making.ledger!,
  yarns: project.table!.design.yarns,
  units: workshop.words.units,
}))
const kinds = computed(() => [...new Set(making.log.map((entry) => entry.kind))])
const lines = computed(() => {
  const asked = query.value.toLowerCase().split(/\s+/).filter(Boolean)
  return making.log
    .map((entry, at) => ({ entry, at }))
    .filter(({ entry }) => kind.value === 'all' || entry.kind === kind.value)
    .toReversed()
    .map(({ entry, at }) => ({
      ...{
        key: at,
        when: whenWords(entry.at),
        title: entry.at ?? '',
        kind: logKindNames[entry.kind],
      },
      place: placeWords(words.value, entry),
      text: entryWords(entry, words.value),
      photo: entry.kind === 'photo' ? entry.photo : null,
    }))
    .filter(({ text, place, kind: called }) =>
      asked.every((word) => `${text} ${place} ${called}`.toLowerCase().includes(word)),
    )
})
const outs = computed(() => giving.ways.filter(({ id }) => id.startsWith('log-')))
</script>

<template>
  <div class="log-view">
    <LogCharts />
    <section class="card">
      <div class="log-find">
        <input
          v-model="query"
          type="search"
          aria-label="Search the log"
          placeholder="Search the log"
        />
        <ElSelect v-model="kind" aria-label="Kind">
          <ElOption value="all" label="All kinds" />
          <ElOption v-for="one in kinds" :key="one" :value="one" :label="logKindNames[one]" />
        </ElSelect>
        <button
          v-for="way in outs"
          :key="way.id"
          type="button"
          class="button"
          :disabled="giving.making !== null"
          @click="giving.give(way)"
        >
          {{ way.title.replace('Log as ', '') }}
        </button>
      </div>
      <p class="note num" role="status">
        {{ lines.length }} of {{ making.log.length }}
        <template v-if="lines.length > MOST">, the newest {{ MOST }} are shown</template>
      </p>
      <div class="log-table" tabindex="0" aria-label="The log">
        <table class="num">
          <thead>
            <tr>
              <th scope="col">When</th>
              <th scope="col">Kind</th>
              <th scope="col">What</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="line in lines.slice(0, MOST)" :key="line.key">
              <td :title="line.title">{{ line.when }}</td>
              <td>{{ line.kind }}</td>
              <td class="says">
                {{ line.text }}
                <LogPhoto v-if="line.photo" :photo="line.photo" :label="line.text" />
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </section>
  </div>
</template>

<style>
.log-view {
  display: grid;
  gap: 12px;
  min-height: 0;
  grid-template-rows: auto minmax(0, 1fr);
  flex: 1;
}
.log-view > .card {
  display: flex;
  flex-direction: column;
  gap: 6px;
  min-height: 240px;
}
.log-find {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.log-find input {
  flex: 1;
  min-width: 140px;
  padding: 0 10px;
  border: 1px solid var(--line-strong);
  border-radius: var(--radius);
}
.log-find .el-select {
  width: 170px;
}
.log-table {
  flex: 1;
  min-height: 0;
  overflow: auto;
}
.log-table table {
  width: 100%;
  border-collapse: collapse;
  font-size: 13px;
}
.log-table th {
  position: sticky;
  top: 0;
  background: #fff;
  color: var(--ink-2);
  font-weight: 600;
  text-align: left;
}
.log-table th,
.log-table td {
  padding: 4px 10px 4px 0;
  border-bottom: 1px solid var(--line);
  vertical-align: top;
}
.log-table td:not(.says) {
  color: var(--ink-2);
  white-space: nowrap;
}
.log-table .says {
  white-space: pre-line;
}
</style>
