<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Design, UnravelledSwatch, WeighedSwatch } from '@core/design'
import { lengthInput, printNumber } from '@core/units'
import { yarnRate } from '@core/yarn'
import MeasureField from '@app/parts/fields/MeasureField.vue'
import { useDraft } from '@app/parts/fields/use-draft.ts'
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
const textOf = (value: number | undefined) => (value === undefined ? '' : String(value))
const pulled = useDraft<UnravelledSwatch>(
  ['stitches', 'lengthMm'],
  () => unravelled.value,
  (all) => set({ unravelled: all }),
)
const swatch = useDraft<WeighedSwatch>(
  ['stitches', 'grams'],
  () => weighed.value,
  (all) => set({ weighed: { ...all, letter: all.letter ?? design.value.yarns[0]!.letter } }),
)
/** What is being measured, or was. */
const asking = ref({ unravelled: false, weighed: false })
const asked = computed(() => ({
  unravelled: asking.value.unravelled || unravelled.value !== null,
  weighed: asking.value.weighed || weighed.value !== null,
}))
function toggle(what: 'unravelled' | 'weighed') {
  const ask = !asked.value[what]
  asking.value = { ...asking.value, [what]: ask }
  if (ask) return
  pulled.forget()
  swatch.forget()
  if (design.value[what]) set({ [what]: null })
}
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
      <button type="button" class="link" @click="toggle('unravelled')">
        {{ asked.unravelled ? 'Forget' : 'Measure' }}
      </button>
    </h3>
    <template v-if="asked.unravelled">
      <MeasureField
        label="Stitches"
        :text="textOf(pulled.values.value.stitches)"
        :value="pulled.values.value.stitches ?? 0"
        likely="20"
        :read="readWhole"
        :step="1"
        :min="1"
        :max="10000"
        @change="pulled.set({ stitches: $event })"
      />
      <MeasureField
        label="Yarn"
        :text="pulled.values.value.lengthMm ? lengthInput(pulled.values.value.lengthMm, units) : ''"
        :value="pulled.values.value.lengthMm ?? 0"
        :likely="lengthInput(700, units)"
        :read="readLengthIn(units)"
        :min="1"
        :max="1000000"
        @change="pulled.set({ lengthMm: $event })"
      />
    </template>
    <h3>
      A weighed swatch
      <button type="button" class="link" @click="toggle('weighed')">
        {{ asked.weighed ? 'Forget' : 'Weigh' }}
      </button>
    </h3>
    <template v-if="asked.weighed">
      <MeasureField
        label="Stitches"
        :text="textOf(swatch.values.value.stitches)"
        :value="swatch.values.value.stitches ?? 0"
        likely="400"
        :read="readWhole"
        :step="10"
        :min="1"
        :max="100000"
        @change="swatch.set({ stitches: $event })"
      />
      <MeasureField
        label="Weighs"
        :text="
          swatch.values.value.grams === undefined
            ? ''
            : `${printNumber(swatch.values.value.grams, 2)} g`
        "
        :value="swatch.values.value.grams ?? 0"
        likely="5 g"
        :read="readAmount"
        :min="0.1"
        :max="5000"
        @change="swatch.set({ grams: $event })"
      />
      <div class="measure-field">
        <label for="weighed-yarn">Yarn</label>
        <YarnSelect
          id="weighed-yarn"
          :model-value="swatch.values.value.letter ?? design.yarns[0]!.letter"
          label="Yarn that was weighed"
          @update:model-value="swatch.set({ letter: $event })"
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
