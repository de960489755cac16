<script setup lang="ts">
import { computed, ref } from 'vue'
import { baseOf, type Want } from '@core/design'
import { constructionOf, type Contents, isFlat, sizeFor } from '@core/shape'
import { printLength, printNumber } from '@core/units'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import ContentsFields from '@app/parts/fields/ContentsFields.vue'
import LengthField from '@app/parts/fields/LengthField.vue'
import MeasureField from '@app/parts/fields/MeasureField.vue'
import { readPercent } from '@app/parts/fields/read-typed.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

/** The size it must have, and by how much it may miss it; or what goes in, from which that follows. */
const project = useProject()
const workshop = useWorkshop()
const want = computed(() => project.design!.want)
const set = (values: Partial<Want>) =>
  project.edit({ name: 'setDesign', args: { want: { ...want.value, ...values } } })
const said = computed({ get: () => want.value.said, set: (value) => set({ said: value }) })
/** What is said laid flat is half of the way around. */
const half = computed(() => (said.value === 'flat' || open.value ? 2 : 1))
/** One panel that is not sewn has no way around. */
const open = computed(() => constructionOf(baseOf(project.design!)).open === true)

const usual: Contents = { shape: 'box', widthMm: 240, thicknessMm: 60, tallMm: 250, easeMm: 20 }
const contents = ref<Contents | null>(null)
const size = computed(() => sizeFor(contents.value ?? usual, isFlat(baseOf(project.design!).kind)))
function takeContents() {
  set(size.value)
  contents.value = null
}
</script>

<template>
  <div class="want-fields">
    <ChoiceOf
      v-if="!open"
      v-model="said"
      legend="Which size is said"
      :options="[
        { value: 'around', label: 'Around' },
        { value: 'flat', label: 'Laid flat' },
      ]"
    />
    <div class="pair">
      <LengthField
        :label="open ? 'Across' : said === 'flat' ? 'Laid flat' : 'Around'"
        :model-value="want.aroundMm / half"
        :min="20 / half"
        :max="5000 / half"
        @update:model-value="set({ aroundMm: $event * half })"
      />
      <LengthField
        label="Tall"
        :model-value="want.heightMm"
        :min="10"
        :max="3000"
        @update:model-value="set({ heightMm: $event })"
      />
      <MeasureField
        label="Give or take"
        :text="`± ${printNumber(want.tolerance * 100)} %`"
        :value="want.tolerance"
        :read="readPercent"
        :step="0.01"
        :min="0.001"
        :max="0.5"
        @change="set({ tolerance: $event })"
      />
    </div>
    <button
      type="button"
      class="link note"
      :aria-expanded="contents !== null"
      @click="contents = contents ? null : { ...usual }"
    >
      Or start from what goes in
    </button>
    <form v-if="contents" @submit.prevent="takeContents">
      <ContentsFields v-model="contents" />
      <p class="note num">
        {{ printLength(size.aroundMm, workshop.words.units) }} around,
        {{ printLength(size.heightMm, workshop.words.units) }} tall
      </p>
      <button type="submit" class="button main">Take this size</button>
    </form>
  </div>
</template>

<style>
.want-fields .choice {
  margin-bottom: 8px;
}
.want-fields form {
  margin-top: 8px;
}
</style>
