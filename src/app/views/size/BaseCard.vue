<script setup lang="ts">
import { computed, ref } from 'vue'
import { baseOf } from '@core/design'
import { baseFlatness } from '@core/fit'
import { constructionOf, lieOf } from '@core/shape'
import { stitchesIn } from '@core/ledger'
import { abbrOf } from '@core/stitch'
import { footprintWords, printLength, printNumber } from '@core/units'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import SizeHandle from '@app/parts/marks/SizeHandle.vue'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import BasePlan from './BasePlan.vue'
import BaseRows from './BaseRows.vue'
import SidePlan from './SidePlan.vue'
import type { Fits } from './use-fits.ts'

/** The base from above, the bag from the side, its rows; and how it lies. */
const props = defineProps<{ fits: Fits }>()
const project = useProject()
const workshop = useWorkshop()
const WIDTH = 244
const units = computed(() => workshop.words.units)
const shownDerived = computed(() => project.shown!.derived)
const shownDesign = computed(() => project.shown!.design)
const base = computed(() => baseOf(shownDesign.value))

/** Whether the base is seen from above. */
const lying = computed(() => constructionOf(base.value).plan !== undefined)
const wanted = ref<'above' | 'side' | 'rows'>('above')
const looks = computed(() => [
  ...(lying.value ? [{ value: 'above' as const, label: 'From above' }] : []),
  { value: 'side' as const, label: 'From the side' },
  { value: 'rows' as const, label: 'Rows' },
])
const look = computed({
  get: () => (wanted.value === 'above' && !lying.value ? 'side' : wanted.value),
  set: (value) => (wanted.value = value),
})

const lies = computed(() => {
  const { flatness, flat, average } = baseFlatness({
    design: shownDesign.value,
    ...shownDerived.value,
  })
  if (flat === null)
    return { good: true, title: 'Flat by itself.', text: constructionOf(base.value).hint + '.' }
  const off = Math.round(Math.abs(flatness - 1) * 100)
  const dead = `${printNumber(average)} a round on average, ${printNumber(flat)} would be dead flat`
  const words = {
    flat: {
      good: true,
      title: 'Lies flat.',
      text: `${dead}: ${off} % ${flatness > 1 ? 'over' : 'under'}, no ruffle.`,
    },
    cups: {
      good: false,
      title: 'Cups.',
      text: `${dead}: ${off} % under, so it turns up into a bowl.`,
    },
    ruffles: { good: false, title: 'Ruffles.', text: `${dead}: ${off} % over, so its edge waves.` },
  }
  return words[lieOf(flatness)]
})
const figures = computed(() => {
  const { ledger, tally } = shownDerived.value
  const piece = ledger.pieces[0]!
  // The base alone: what the bands work is said with them.
  const { endRow } = piece.parts[0]!
  const { makes } = piece.columns
  const rows = `${endRow} ${endRow === 1 ? piece.worked.slice(0, -1) : piece.worked}`
  const times = piece.times > 1 ? `${piece.times} × ` : ''
  const worked = stitchesIn(ledger, piece, 0, endRow)
    .slice(0, 3)
    .map(({ stitch, count }) => `${count.toLocaleString('en')} ${abbrOf(stitch, workshop.words)}`)
  return [
    endRow > 0
      ? `${times}${rows}, ${makes[endRow - 1]} stitches: ${worked.join(', ')}`
      : `${times}begun at once in the chain, ${makes[0]} stitches`,
    tally.footprint.widthMm > 0
      ? `From above ${footprintWords(tally.footprint, units.value)}`
      : `${printLength(tally.flatMm, units.value)} laid flat`,
  ]
})

/** The size on the handle, and those it can go to. */
const handle = computed(() => ({
  sizes: props.fits.rows.map(({ fit }) => fit.sizeMm),
  text: `${shownDerived.value.tally.stitches} stitches, ${printLength(shownDerived.value.tally.aroundMm, units.value)} around`,
  label: 'Size: drag, or arrow keys, to the next count that fits',
}))
</script>

<template>
  <section class="card base-card">
    <div class="base-look">
      <ChoiceOf v-model="look" legend="How the bag is shown" :options="looks" />
      <BasePlan
        v-if="look === 'above'"
        v-slot="at"
        :design="shownDesign"
        :derived="shownDerived"
        :width="WIDTH"
        :height="268"
      >
        <SizeHandle
          v-bind="{ ...at, ...handle }"
          :size-mm="shownDerived.tally.footprint.lengthMm"
          :sizes="
            handle.sizes.map(
              (mm) => (mm * shownDerived.tally.footprint.lengthMm) / shownDerived.tally.aroundMm,
            )
          "
          @point="fits.point"
          @take="fits.take"
        />
      </BasePlan>
      <SidePlan
        v-else-if="look === 'side'"
        v-slot="at"
        :design="shownDesign"
        :derived="shownDerived"
        :width="WIDTH"
        :height="268"
      >
        <SizeHandle
          v-bind="{ ...at, ...handle }"
          :size-mm="shownDerived.tally.flatMm"
          :sizes="
            handle.sizes.map((mm) => (mm * shownDerived.tally.flatMm) / shownDerived.tally.aroundMm)
          "
          @point="fits.point"
          @take="fits.take"
        />
      </SidePlan>
      <BaseRows v-else :derived="shownDerived" />
    </div>
    <div class="lies">
      <p class="note">
        <b :class="lies.good ? 'good' : 'warn'">{{ lies.title }}</b> {{ lies.text }}
      </p>
      <p v-for="line in figures" :key="line" class="note num">{{ line }}</p>
    </div>
  </section>
</template>

<style>
.base-card {
  display: grid;
  grid-template-columns: 244px minmax(0, 1fr);
  gap: 0 16px;
}
.base-card .base-look > .choice {
  margin-bottom: 8px;
}
.base-card .lies {
  display: grid;
  gap: 6px;
  align-content: center;
}
.base-card .good {
  color: var(--good);
}
.base-card .warn {
  color: var(--warning);
}
@media (max-width: 480px) {
  .base-card {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
