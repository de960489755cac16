<script setup lang="ts">
import { computed } from 'vue'
import { baseOf, type Swatch } from '@core/design'
import { FOUR_INCHES, lengthInput, parsePer, type Per, printNumber, TEN_CM } from '@core/units'
import ChoiceOf from '@app/parts/ChoiceOf.vue'
import HookAndYarn from '@app/parts/HookAndYarn.vue'
import MeasureField from '@app/parts/MeasureField.vue'
import StitchField from '@app/parts/StitchField.vue'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import BaseGauge from './BaseGauge.vue'

/** The gauge: a swatch, or hook and yarn class and what they let one expect. */
const project = useProject()
const workshop = useWorkshop()
const design = computed(() => project.design!)
const gauge = computed(() => project.derived!.gauge)
const set = (args: Partial<Pick<typeof design.value, 'swatch' | 'hookMm' | 'yarnClass'>>) =>
  project.edit({ name: 'setDesign', args })
const setSwatch = (values: Partial<Swatch>) =>
  set({ swatch: { ...design.value.swatch!, ...values } })
const usual = computed(() =>
  workshop.words.units === 'metric'
    ? { overMm: TEN_CM, words: '10 cm' }
    : { overMm: FOUR_INCHES, words: '4 in' },
)

/** A new swatch begins with what was estimated. */
const measured = computed({
  get: (): 'swatch' | 'estimate' => (design.value.swatch ? 'swatch' : 'estimate'),
  set: (value) => {
    const { overMm } = usual.value
    const { stitchWidthMm, rowHeightMm } = gauge.value
    const swatch: Swatch = {
      stitch: baseOf(design.value).stitch,
      stitches: Number((overMm / stitchWidthMm).toFixed(1)),
      stitchesOverMm: overMm,
      rows: Number((overMm / rowHeightMm).toFixed(1)),
      rowsOverMm: overMm,
    }
    set({ swatch: value === 'swatch' ? swatch : null })
  },
})
const estimate = computed(
  () =>
    `About ${printNumber(usual.value.overMm / gauge.value.stitchWidthMm)} stitches over ${usual.value.words}, ± ${Math.round(gauge.value.spread * 100)} %. A swatch or the first rounds of the base will tell.`,
)

/** The two figures of a swatch: how each is shown, and what it sets. */
const figures = computed(() => {
  const { swatch } = design.value
  if (!swatch) return []
  return [
    {
      label: 'Stitches',
      per: { count: swatch.stitches, overMm: swatch.stitchesOverMm },
      set: ({ count, overMm }: Per) => setSwatch({ stitches: count, stitchesOverMm: overMm }),
    },
    {
      label: 'Rounds',
      per: { count: swatch.rows, overMm: swatch.rowsOverMm },
      set: ({ count, overMm }: Per) => setSwatch({ rows: count, rowsOverMm: overMm }),
    },
  ]
})
function perText({ count, overMm }: Per) {
  const over =
    overMm === FOUR_INCHES ? '4 in' : lengthInput(overMm, overMm % 5 === 0 ? 'metric' : 'imperial')
  return `${printNumber(count, 2)} over ${over}`
}
const perRange = { min: 0.005, max: 2 }
const readPer = (typed: string) => parsePer(typed, usual.value.overMm)
const density = ({ count, overMm }: Per) => count / overMm
</script>

<template>
  <ChoiceOf
    v-model="measured"
    legend="Where the gauge comes from"
    :options="[
      { value: 'swatch', label: 'A swatch' },
      { value: 'estimate', label: 'No swatch' },
    ]"
  />
  <div class="pair">
    <template v-if="design.swatch">
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
        :model-value="design.swatch.stitch"
        @update:model-value="setSwatch({ stitch: $event })"
      />
    </template>
    <p v-else class="note estimate">{{ estimate }}</p>
    <HookAndYarn
      :hook-mm="design.hookMm"
      :yarn-class="design.yarnClass"
      @update:hook-mm="set({ hookMm: $event })"
      @update:yarn-class="set({ yarnClass: $event })"
    />
    <BaseGauge v-if="baseOf(design).kind === 'round-base'" />
  </div>
</template>

<style>
.estimate {
  grid-column: 1 / -1;
  margin-bottom: 8px;
}
</style>
