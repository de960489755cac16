<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import { fitBandsOf } from '@core/fit'
import { printLength } from '@core/units'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import FitPlot from './FitPlot.vue'
import { useFits } from './use-fits.ts'

/** The counts at which everything comes out even: plotted and listed; pointing shows, clicking takes. */
const project = useProject()
const workshop = useWorkshop()
const { rows, total } = useFits()
const design = computed(() => project.design!)
const bandTitle = computed(() => {
  const bands = fitBandsOf(design.value)
  return bands.length === 1 ? `The band of ${bands[0]!.multiple}` : 'The bands'
})
const size = (mm: number) => printLength(mm, workshop.words.units)
const off = (mm: number) =>
  Math.abs(mm) < 0.5 ? 'as wanted' : `${size(Math.abs(mm))} ${mm > 0 ? 'more' : 'less'}`
const plotBox = useTemplateRef('plotBox')
const { height } = useElementSize(plotBox)

const point = (i: number | null) => {
  const row = i === null ? undefined : rows.value[i]
  if (row && !row.inUse) project.showPreview(row.edits)
  else project.endPreview()
}
const take = (i: number) => {
  const row = rows.value[i]
  if (row && !row.inUse) project.edit(row.edits)
}
const percent = computed(() => Math.round(design.value.want.tolerance * 100))
</script>

<template>
  <section class="card fit-card">
    <div class="plot">
      <h2>
        Counts that fit <small>{{ rows.length }} of {{ total }}</small>
      </h2>
      <div ref="plotBox" class="plot-box">
        <FitPlot
          v-if="rows.length && height > 60"
          :fits="rows"
          :tolerance-mm="design.want.aroundMm * design.want.tolerance"
          :width="252"
          :height="height"
          @point="point"
          @take="take"
        />
      </div>
    </div>
    <div class="list">
      <table v-if="rows.length" class="num">
        <thead>
          <tr>
            <th>Stitches</th>
            <th>Around</th>
            <th>{{ bandTitle }}</th>
            <th>To get there</th>
            <th><span class="hidden-words">Use it</span></th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="(row, i) in rows"
            :key="row.fit.count"
            :class="{ on: row.inUse }"
            @pointerenter="point(i)"
            @pointerleave="point(null)"
          >
            <td>{{ row.fit.count }}</td>
            <td class="whole">
              {{ size(row.fit.sizeMm) }}<br /><span class="note">{{ off(row.fit.errorMm) }}</span>
            </td>
            <td>
              <span
                v-for="(band, b) in row.bands"
                :key="b"
                class="chip"
                :class="{ changed: !band.even }"
                >{{ band.text }}</span
              >
              <span v-if="row.bands.length === 0" class="note">no repeats</span>
            </td>
            <td class="note">{{ row.sentence }}</td>
            <td>
              <button
                type="button"
                class="button"
                :class="{ main: row.inUse }"
                :disabled="row.inUse"
                @focus="point(i)"
                @blur="point(null)"
                @click="take(i)"
              >
                {{ row.inUse ? 'In use' : 'Use'
                }}<span class="hidden-words"> {{ row.fit.count }}</span>
              </button>
            </td>
          </tr>
        </tbody>
      </table>
      <p v-else class="note nothing">
        No count within ± {{ percent }} % comes out for every band, not even with up to six columns
        of padding. A wider tolerance, another width of the motif, or another size would help.
      </p>
    </div>
  </section>
</template>

<style>
.fit-card {
  display: grid;
  grid-template-columns: 252px 1fr;
  gap: 0 18px;
  min-height: 0;
  padding-bottom: 6px;
}
.fit-card .plot {
  display: flex;
  flex-direction: column;
  min-height: 0;
}
.fit-card h2 {
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  font-weight: 600;
  font-size: 15px;
}
.fit-card h2 small {
  color: var(--ink-3);
  font: 400 12px/1 var(--font-text);
}
.fit-card .plot-box {
  flex: 1;
  min-height: 0;
  overflow: hidden;
}
.fit-card .list {
  overflow: auto;
  min-height: 0;
}
.fit-card table {
  width: 100%;
  border-collapse: collapse;
  font-size: 13px;
}
.fit-card th,
.fit-card td {
  padding: 5px 8px;
  border-top: 1px solid var(--line);
  text-align: left;
  vertical-align: middle;
}
.fit-card th {
  position: sticky;
  top: 0;
  border: 0;
  background: #fff;
  color: var(--ink-3);
  font-weight: 400;
  font-size: 12px;
}
.fit-card td:first-child {
  font: 650 16px/1 var(--font-head);
}
.fit-card td.whole {
  white-space: nowrap;
}
.fit-card tr.on td {
  background: var(--mat-tint);
}
.fit-card tr.on td:first-child {
  box-shadow: inset 3px 0 0 var(--mat);
}
.fit-card .button {
  min-height: 26px;
  padding: 2px 11px;
  font-size: 12.5px;
  white-space: nowrap;
}
.fit-card .button.main:disabled {
  color: #fff;
}
.fit-card .chip {
  display: inline-block;
  margin: 1px 4px 1px 0;
  padding: 1px 8px;
  border-radius: 10px;
  background: #e3ece6;
  font-size: 12px;
  white-space: nowrap;
}
.fit-card tr.on .chip {
  background: #fff;
}
.fit-card .chip.changed {
  background: #f8e3c8;
  color: #5d3b00;
}
.fit-card .nothing {
  padding: 20px 0;
}
</style>
