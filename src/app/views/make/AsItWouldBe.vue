<script setup lang="ts">
import { computed } from 'vue'
import { worksOf } from '@core/make'
import { printLength, printYarnLength, yarnLengthFigure } from '@core/units'
import type { Table } from '@app/stores/deriving.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

/** What the bag comes to now, and what it would come to. */
defineProps<{ title: string | null }>()
const project = useProject()
const workshop = useWorkshop()
const units = computed(() => workshop.words.units)
const figuresOf = ({ derived, log }: Table): readonly (readonly [string, string])[] => {
  const rows = worksOf(derived.ledger, log).reduce(
    (sum, { piece, made }) => sum + piece.rows - made,
    0,
  )
  return [
    ['Rounds and rows to come', String(rows)],
    ['Tall', printLength(derived.tally.heightMm, units.value)],
    ['Around', printLength(derived.tally.aroundMm, units.value)],
    ...derived.needs
      .filter(({ metres }) => metres > 0)
      .map(
        ({ letter, low, high }) =>
          [
            `${letter} in all`,
            `${yarnLengthFigure(low, units.value)}–${printYarnLength(high, units.value)}`,
          ] as const,
      ),
  ]
}
const rows = computed(() => {
  const now = new Map(figuresOf(project.table!))
  const then = new Map(project.preview ? figuresOf(project.preview) : [])
  return [...new Set([...now.keys(), ...then.keys()])].map((what) => ({
    ...{
      what,
      now: now.get(what) ?? 'none',
      then: then.get(what) ?? (project.preview ? 'none' : null),
    },
    differs: project.preview !== null && now.get(what) !== then.get(what),
  }))
})
</script>

<template>
  <section class="would-be num" aria-live="polite">
    <h3>{{ title ?? 'As it is now' }}</h3>
    <table>
      <tbody>
        <tr v-for="row in rows" :key="row.what" :class="{ differs: row.differs }">
          <th scope="row">{{ row.what }}</th>
          <td>
            <s v-if="row.differs">{{ row.now }}</s> {{ row.then ?? row.now }}
          </td>
        </tr>
      </tbody>
    </table>
    <slot />
  </section>
</template>

<style>
.would-be {
  display: grid;
  gap: 10px;
  align-content: start;
  padding: 12px 14px;
  border-radius: var(--radius-large);
  background: var(--stage);
}
.would-be h3 {
  font: 600 14px/1.25 var(--font-head);
}
.would-be table {
  width: 100%;
  border-collapse: collapse;
  font-size: 12.5px;
}
.would-be th {
  padding: 3px 6px 3px 0;
  color: var(--ink-2);
  font-weight: 400;
  text-align: left;
  vertical-align: top;
}
.would-be td {
  text-align: right;
}
.would-be s {
  display: block;
  color: var(--ink-3);
}
.would-be .differs td {
  font-weight: 650;
}
.would-be .differs s {
  font-weight: 400;
}
</style>
