<script setup lang="ts">
import { computed } from 'vue'
import type { Derived } from '@core/bag'
import { printLength } from '@core/units'
import { useWorkshop } from '@app/stores/workshop.ts'

/** Every row of the base with its counts. */
const props = defineProps<{ derived: Derived }>()
const workshop = useWorkshop()
const piece = computed(() => props.derived.ledger.pieces[0]!)
const rows = computed(() => {
  const { columns, parts, worked } = piece.value
  return Array.from({ length: parts[0]!.endRow }, (_, row) => ({
    number: columns.number[row]!,
    count: columns.makes[row]!,
    change: row === 0 ? 0 : columns.makes[row]! - columns.makes[row - 1]!,
    wide: printLength(columns.widthMm[row]!, workshop.words.units),
    worked,
  }))
})
const signed = (n: number) => (n > 0 ? `+ ${n}` : n < 0 ? `− ${-n}` : '')
</script>

<template>
  <div class="base-rows" tabindex="0" aria-label="Rows of the base">
    <table class="num">
      <thead>
        <tr>
          <th>{{ piece.worked === 'rounds' ? 'Round' : 'Row' }}</th>
          <th>Change</th>
          <th>Stitches</th>
          <th>{{ piece.worked === 'rounds' ? 'Around' : 'Across' }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.number">
          <td>{{ row.number }}</td>
          <td>{{ signed(row.change) }}</td>
          <td>
            <b>{{ row.count }}</b>
          </td>
          <td>{{ row.wide }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style>
.base-rows {
  overflow: auto;
  height: 322px;
}
.base-rows table {
  width: 100%;
  border-collapse: collapse;
  font-size: 13px;
}
.base-rows :is(td, th) {
  padding: 3px 10px;
  border-top: 1px solid var(--line);
  text-align: right;
}
.base-rows th {
  position: sticky;
  top: 0;
  border: 0;
  background: #fff;
  color: var(--ink-2);
  font-weight: 400;
}
.base-rows td {
  color: var(--ink-2);
}
.base-rows b {
  color: var(--ink);
}
</style>
