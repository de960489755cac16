<script setup lang="ts">
import { computed, ref } from 'vue'
import { baseOf } from '@core/design'
import { swatchFromBase } from '@core/ledger'
import { printNumber } from '@core/units'
import LengthField from '@app/parts/fields/LengthField.vue'
import PopUnder from '@app/parts/page/PopUnder.vue'
import WholeField from '@app/parts/fields/WholeField.vue'
import { useProject } from '@app/stores/project.ts'
import { useSwatches } from './use-swatches.ts'

/** The gauge from the first thing made: a round base, as it lies on the table. */
const project = useProject()
const { setMain } = useSwatches()
const rounds = ref(1)
const count = ref(6)
const acrossMm = ref(100)

/** Begins with what the base is by now. */
function begin() {
  const { tally, ledger } = project.table!.derived
  const { parts, columns } = ledger.pieces[0]!
  rounds.value = parts[0]!.endRow
  count.value = columns.makes[parts[0]!.endRow - 1]!
  acrossMm.value = Math.round(tally.footprint.lengthMm)
}
const swatch = computed(() =>
  swatchFromBase({
    rounds: rounds.value,
    acrossMm: acrossMm.value,
    count: count.value,
  }),
)
const take = () =>
  setMain({
    ...swatch.value,
    stitch: baseOf(project.design!).stitch,
    hookMm: project.design!.hookMm,
  })
</script>

<template>
  <PopUnder :width="250" placement="right" @open="begin">
    <template #button>
      <button type="button" class="link note">Take it from the base</button>
    </template>
    <form @submit.prevent="take">
      <WholeField v-model="rounds" label="Rounds made" :min="1" :max="300" />
      <WholeField v-model="count" label="In the last" :min="3" :max="2000" hint="stitches" />
      <LengthField v-model="acrossMm" label="Across" :min="10" :max="2000" />
      <p class="note num">
        {{ printNumber(swatch.stitches) }} stitches and {{ printNumber(swatch.rows) }} rounds over
        10 cm, if it lies flat.
      </p>
      <button type="submit" class="button main">Take this gauge</button>
    </form>
  </PopUnder>
</template>
