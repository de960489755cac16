<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import { isOpen } from '@core/bag'
import { baseOf, isSideways, stitchesMm } from '@core/design'
import { fitBandsOf, hookWords } from '@core/fit'
import { gaugeForCount } from '@core/ledger'
import { printLength, printNumber } from '@core/units'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import WholeField from '@app/parts/fields/WholeField.vue'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import FitPlot from './FitPlot.vue'
import ResizeDialog from './ResizeDialog.vue'
import type { FitRow, Fits } from './use-fits.ts'

/** The counts at which everything comes out even: plotted and listed; pointing shows, clicking takes. */
const project = useProject()
const workshop = useWorkshop()
const props = defineProps<{ fits: Fits }>()
const rows = computed(() => props.fits.rows)
const within = computed(() => rows.value.filter(({ beyond }) => !beyond))
const design = computed(() => project.design!)
const bag = computed(() => {
  const { design, derived } = project.table!
  return { design, ledger: derived.ledger }
})
const bandTitle = computed(() => {
  const bands = fitBandsOf(bag.value)
  return bands.length === 1 ? `The band of ${bands[0]!.multiple}` : 'The bands'
})
/** What stitches make: one panel that is not sewn is so wide, one in rows that run up so tall; others are so far around. */
const what = computed(() =>
  isSideways(design.value) ? 'tall' : isOpen(design.value) ? 'across' : 'around',
)
const titles = { tall: 'Tall', across: 'Across', around: 'Around' } as const
const wantedMm = computed(() => stitchesMm(design.value, design.value.want))
const size = (mm: number) =>
  printLength(what.value === 'across' ? mm / 2 : mm, workshop.words.units)
const off = (mm: number) =>
  Math.abs(mm) < 0.5 ? 'as wanted' : `${size(Math.abs(mm))} ${mm > 0 ? 'more' : 'less'}`
/** By how much a count that is offered all the same misses the tolerance. */
const outside = ({ fit }: FitRow) => {
  const share = (100 * fit.errorMm) / wantedMm.value
  return props.fits.onHook === null
    ? `${share > 0 ? '+' : '−'}${printNumber(Math.abs(share), 1)} %, outside`
    : 'close by'
}
const plotBox = useTemplateRef('plotBox')
const { height } = useElementSize(plotBox)

/** Any count within the tolerance, or the one on the hook. */
const asked = computed({
  get: () => (props.fits.onHook === null ? 'any' : 'hook'),
  set: (value) => props.fits.setOnHook(value === 'hook' ? baseOf(design.value).count : null),
})

/** What would make the count there is the wanted size. */
const inverse = computed(() => {
  const { design } = bag.value
  const { count } = baseOf(design)
  const { stitchWidthMm, hookMm } = gaugeForCount(bag.value, count)
  // Nothing is to be said where it is as wanted.
  if (Math.abs(hookMm / design.hookMm - 1) < 0.01) return null
  const [over, per] = workshop.words.units === 'metric' ? [100, '10 cm'] : [101.6, '4 in']
  return `Or keep the ${count} stitches: ${size(wantedMm.value)} ${what.value} takes ${printNumber(over / stitchWidthMm)} over ${per}, ${hookWords(hookMm, design.hookMm)}.`
})
/** Whether the bands of a fit are wider or narrower than the base, said once. */
const flareOf = ({ bands }: FitRow) =>
  [...new Set(bands.map(({ flare }) => flare).filter(Boolean))].join(', ')
/** Which limit would have to give when nothing fits. */
const miss = computed(() => {
  const { nearest } = props.fits
  if (!nearest) return null
  const limits = [
    ...(nearest.tolerance === null
      ? []
      : [`a tolerance of ± ${printNumber(nearest.tolerance * 100, 1)} %`]),
    ...(nearest.padded > 6 ? [`${nearest.padded} columns of padding`] : []),
    ...(nearest.redrawn ? ['a narrower motif, drawn again'] : []),
  ]
  return {
    row: nearest.row,
    redrawn: nearest.redrawn,
    limits: limits.join(' and ') || 'another width of a motif',
  }
})
const percent = computed(() => Math.round(design.value.want.tolerance * 100))
</script>

<template>
  <section class="card fits-drawn" aria-label="Counts that fit, by what they miss and what changes">
    <div ref="plotBox" class="plot-box">
      <FitPlot
        v-if="within.length && height > 60"
        :fits="within"
        :tolerance-mm="wantedMm * design.want.tolerance"
        :width="250"
        :height="height"
        @point="fits.point"
        @take="fits.take"
      />
    </div>
  </section>
  <section class="card fit-card">
    <div class="list">
      <div class="asked">
        <h2>
          Counts that fit
          <small>{{ within.length }} of {{ Math.max(within.length, fits.total) }}</small>
        </h2>
        <ChoiceOf
          v-model="asked"
          legend="Which counts"
          :options="[
            { value: 'any', label: 'Any count' },
            { value: 'hook', label: 'On the hook' },
          ]"
        />
        <WholeField
          v-if="fits.onHook !== null"
          label="I have"
          :model-value="fits.onHook"
          :min="3"
          :max="2000"
          @update:model-value="fits.setOnHook($event)"
        />
        <ResizeDialog />
      </div>
      <table v-if="rows.length" class="num">
        <thead>
          <tr>
            <th>Stitches</th>
            <th>{{ titles[what] }}</th>
            <th>{{ bandTitle }}</th>
            <th>To get there</th>
            <th><span class="hidden-words">Use it</span></th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="(row, i) in rows"
            :key="i"
            :class="{ on: row.inUse }"
            @pointerenter="fits.point(i)"
            @pointerleave="fits.point(null)"
          >
            <td>
              {{ row.fit.count }}<br /><span class="note halves">{{ row.halves }}</span>
            </td>
            <td class="whole">
              {{ size(row.fit.sizeMm) }}<br /><span class="note"
                >{{ off(row.fit.errorMm)
                }}<template v-if="row.beyond">, {{ outside(row) }}</template></span
              >
            </td>
            <td>
              <span
                v-for="(band, b) in row.bands"
                :key="b"
                class="chip"
                :class="{ changed: !band.even }"
                >{{ band.text }}</span><span v-if="flareOf(row)" class="note flare">{{
                flareOf(row)
              }}</span>
              <span v-if="row.bands.length === 0" class="note">no repeats</span>
              <span v-else class="note flare">{{ row.middle }}</span>
            </td>
            <td class="note">{{ row.sentence }}</td>
            <td>
              <button
                type="button"
                class="button"
                :class="{ main: row.inUse }"
                :disabled="row.inUse"
                @focus="fits.point(i)"
                @blur="fits.point(null)"
                @click="fits.take(i)"
              >
                {{ row.inUse ? 'In use' : 'Use'
                }}<span class="hidden-words"> {{ row.fit.count }}</span>
              </button>
            </td>
          </tr>
        </tbody>
      </table>
      <div v-else class="note nothing">
        <p>
          {{
            fits.onHook === null
              ? `No count within ± ${percent} % comes out for every band, not even with six columns of padding.`
              : `${fits.onHook} stitches do not come out for every band.`
          }}
        </p>
        <p v-if="miss">
          Nearest: {{ miss.row.fit.count }} stitches, {{ size(miss.row.fit.sizeMm) }}, by
          {{ miss.limits }}. {{ miss.row.sentence }}.
          <button
            v-if="!miss.redrawn"
            type="button"
            class="button"
            @focus="fits.show(miss.row)"
            @blur="fits.show(undefined)"
            @pointerenter="fits.show(miss.row)"
            @pointerleave="fits.show(undefined)"
            @click="project.edit(miss.row.edits)"
          >
            Use it
          </button>
        </p>
      </div>
      <p v-if="inverse" class="note inverse">{{ inverse }}</p>
    </div>
  </section>
</template>

<style>
.fits-drawn {
  display: flex;
  justify-content: center;
  padding: 8px 12px 4px;
}
.fits-drawn .plot-box {
  flex: 0 0 250px;
  max-height: 280px;
  min-height: 190px;
  overflow: hidden;
}
.fit-card {
  display: grid;
  grid-column: 1 / -1;
  min-height: 0;
  padding-bottom: 6px;
}
.fit-card h2 {
  display: flex;
  gap: 8px;
  align-items: baseline;
  font-weight: 600;
  font-size: 15px;
}
.fit-card h2 small {
  color: var(--ink-3);
  font: 400 12px/1 var(--font-text);
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
  border-color: var(--mat);
  background: var(--mat);
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
.fit-card .flare {
  display: block;
}
.fit-card tr.on .chip {
  background: #fff;
}
.fit-card .chip.changed {
  background: #f8e3c8;
  color: #5d3b00;
}
.fit-card .asked {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: center;
  margin-bottom: 4px;
}
.fit-card .asked .choice {
  width: 220px;
}
.fit-card .asked .measure-field {
  grid-template-columns: auto 96px;
  gap: 8px;
  margin: 0;
}
.fit-card .asked > .button {
  margin-left: auto;
}
.fit-card .inverse {
  padding: 6px 8px;
}
.fit-card .nothing {
  padding: 20px 0;
}
.fit-card .halves {
  font-weight: 400;
  white-space: nowrap;
}
@media (max-width: 1000px), (max-height: 640px) {
  .fit-card .list {
    overflow: auto hidden;
  }
}
</style>
