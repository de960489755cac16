<script setup lang="ts">
import { computed } from 'vue'
import type { Design } from '@core/design'
import { lengthInput, printNumber } from '@core/units'
import { yarnRate } from '@core/yarn'
import MeasureField from '@app/parts/fields/MeasureField.vue'
import { readAmount, readLengthIn, readWhole } from '@app/parts/fields/read-typed.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import YarnSelect from '@app/parts/fields/YarnSelect.vue'

/** What the amounts rest on: stitches unravelled, a swatch weighed, or the hook alone. */
const project = useProject()
const workshop = useWorkshop()
const units = computed(() => workshop.words.units)
const design = computed(() => project.design!)
const rate = computed(() => yarnRate(design.value))
const set = (values: Partial<Pick<Design, 'weighed' | 'unravelled'>>) =>
  project.edit({ name: 'setDesign', args: values })
const weighed = computed(() => design.value.weighed)
const unravelled = computed(() => design.value.unravelled)
const words = computed(() => {
  const spread = Math.round(rate.value.spread * 100)
  const each = `${printNumber(rate.value.metresPerSc * 100)} cm of yarn in one sc, ± ${spread} %`
  return {
    unravelled: `From unravelled stitches: ${each}.`,
    weighed: `From the weighed swatch: ${each}.`,
    model: `From the hook size alone: ${each}. Measuring makes it surer.`,
  }[rate.value.source]
})
const unlabelled = computed(
  () =>
    weighed.value &&
    !design.value.yarns.find(({ letter }) => letter === weighed.value!.letter)?.label,
)
</script>

<template>
  <section class="card measured-yarn">
    <h2>What it rests on</h2>
    <p class="note num">{{ words }}</p>
    <h3>
      Unravelled stitches
      <button
        type="button"
        class="link"
        @click="set({ unravelled: unravelled ? null : { lengthMm: 700, stitches: 20 } })"
      >
        {{ unravelled ? 'Forget' : 'Measure' }}
      </button>
    </h3>
    <template v-if="unravelled">
      <MeasureField
        label="Stitches"
        :text="String(unravelled.stitches)"
        :value="unravelled.stitches"
        :read="readWhole"
        :step="1"
        :min="1"
        :max="10000"
        @change="set({ unravelled: { ...unravelled, stitches: $event } })"
      />
      <MeasureField
        label="Yarn"
        :text="lengthInput(unravelled.lengthMm, units)"
        :value="unravelled.lengthMm"
        :read="readLengthIn(units)"
        :min="1"
        :max="1000000"
        @change="set({ unravelled: { ...unravelled, lengthMm: $event } })"
      />
    </template>
    <h3>
      A weighed swatch
      <button
        type="button"
        class="link"
        @click="
          set({
            weighed: weighed ? null : { grams: 5, stitches: 400, letter: design.yarns[0]!.letter },
          })
        "
      >
        {{ weighed ? 'Forget' : 'Weigh' }}
      </button>
    </h3>
    <template v-if="weighed">
      <MeasureField
        label="Stitches"
        :text="String(weighed.stitches)"
        :value="weighed.stitches"
        :read="readWhole"
        :step="10"
        :min="1"
        :max="100000"
        @change="set({ weighed: { ...weighed, stitches: $event } })"
      />
      <MeasureField
        label="Weighs"
        :text="`${printNumber(weighed.grams, 2)} g`"
        :value="weighed.grams"
        :read="readAmount"
        :min="0.1"
        :max="5000"
        @change="set({ weighed: { ...weighed, grams: $event } })"
      />
      <div class="measure-field">
        <label for="weighed-yarn">Yarn</label>
        <YarnSelect
          id="weighed-yarn"
          :model-value="weighed.letter"
          label="Yarn that was weighed"
          @update:model-value="set({ weighed: { ...weighed, letter: $event } })"
        />
      </div>
      <p v-if="unlabelled" class="note">Its label is needed too: grams and metres a ball.</p>
    </template>
  </section>
</template>

<style>
.measured-yarn {
  align-self: start;
}
.measured-yarn h3 {
  display: flex;
  justify-content: space-between;
  margin: 12px 0 6px;
  font-weight: 600;
  font-size: 13px;
}
.measured-yarn .link {
  font: 400 12.5px/1 var(--font-text);
}
</style>
