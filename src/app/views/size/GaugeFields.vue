<script setup lang="ts">
import { computed, ref } from 'vue'
import { baseOf } from '@core/design'
import { bodyOf } from '@core/ledger'
import { constructionOf } from '@core/shape'
import { parsePer, type Per, printNumber } from '@core/units'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import MeasureField from '@app/parts/fields/MeasureField.vue'
import { density, perRange, perText, usualOver } from '@app/parts/fields/gauge-typed.ts'
import StitchField from '@app/parts/fields/StitchField.vue'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import NewSwatch from './NewSwatch.vue'
import BaseGauge from './BaseGauge.vue'
import SwatchesDialog from './SwatchesDialog.vue'
import { useSwatches } from './use-swatches.ts'

/** The gauge: a swatch, or hook and yarn class and what they let one expect. */
const project = useProject()
const workshop = useWorkshop()
const { swatches, fresh, add, setMain, clear } = useSwatches()
const design = computed(() => project.design!)
const gauge = computed(() => project.table!.derived.gauge)
const word = computed(() =>
  bodyOf(project.table!.derived.ledger).worked === 'rows' ? 'Rows' : 'Rounds',
)
const main = computed(() => swatches.value[0])
/** A base made in rounds from a ring can be measured as it lies. */
const onRing = computed(() => {
  const { ring, worked } = constructionOf(baseOf(design.value))
  return ring && worked === 'rounds'
})
const usual = computed(() => usualOver(workshop.words.units))
/** A swatch is asked for, and not there yet. */
const measuring = ref(false)
const measured = computed({
  get: (): 'swatch' | 'estimate' => (main.value || measuring.value ? 'swatch' : 'estimate'),
  set: (value) => {
    measuring.value = value === 'swatch'
    if (value === 'estimate' && main.value) clear()
  },
})
const estimate = computed(
  () =>
    `About ${printNumber(usual.value.overMm / gauge.value.stitchWidthMm)} stitches over ${usual.value.words}, ± ${Math.round(gauge.value.spread * 100)} %. A swatch${onRing.value ? ' or the first rounds of the base' : ''} will tell.`,
)

/** The two figures of a swatch: how each is shown, and what it sets. */
const figures = computed(() => {
  if (!main.value) return []
  const { stitches, stitchesOverMm, rows, rowsOverMm } = main.value
  return [
    {
      label: 'Stitches',
      per: { count: stitches, overMm: stitchesOverMm },
      set: ({ count, overMm }: Per) => setMain({ stitches: count, stitchesOverMm: overMm }),
    },
    {
      label: word.value,
      per: { count: rows, overMm: rowsOverMm },
      set: ({ count, overMm }: Per) => setMain({ rows: count, rowsOverMm: overMm }),
    },
  ]
})
const readPer = (typed: string) => parsePer(typed, usual.value.overMm)
const all = ref(false)
const more = computed(() =>
  swatches.value.length > 1 ? `All ${swatches.value.length} swatches` : 'More swatches',
)
</script>

<template>
  <ChoiceOf
    v-model="measured"
    legend="Where the gauge comes from"
    class="gauge-from"
    :options="[
      { value: 'swatch', label: 'A swatch' },
      { value: 'estimate', label: 'No swatch' },
    ]"
  />
  <div class="pair">
    <template v-if="main">
      <MeasureField
        v-for="figure in figures"
        :key="figure.label"
        :label="figure.label"
        :text="perText(figure.per)"
        :value="figure.per"
        :read="readPer"
        :size="density"
        v-bind="perRange"
        @change="figure.set"
      />
      <StitchField
        label="Worked in"
        :model-value="main.stitch"
        @update:model-value="setMain({ stitch: $event })"
      />
    </template>
    <template v-else>
      <NewSwatch v-if="measuring" :word="word" @measured="add(fresh($event))" />
      <p class="note estimate" role="status">
        {{ measuring ? `Until both are there: ${estimate.toLowerCase()}` : estimate }}
      </p>
    </template>
    <div class="gauge-links">
      <BaseGauge v-if="onRing" />
      <button type="button" class="link note" @click="all = true">{{ more }}</button>
    </div>
  </div>
  <SwatchesDialog v-model="all" />
</template>

<style>
.gauge-from {
  margin-bottom: 8px;
}
.gauge-links {
  display: grid;
  gap: 4px;
  justify-items: start;
  margin-bottom: 8px;
}
.gauge-links .link {
  text-align: left;
}
.estimate {
  grid-column: 1 / -1;
  margin-bottom: 8px;
}
</style>
