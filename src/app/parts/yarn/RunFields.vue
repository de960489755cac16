<script setup lang="ts">
import { Close } from '@element-plus/icons-vue'
import type { RunColour } from '@core/design'
import { printNumber } from '@core/units'
import MeasureField from '@app/parts/fields/MeasureField.vue'
import { readAmount } from '@app/parts/fields/read-typed.ts'
import YarnColour from '@app/parts/fields/YarnColour.vue'

/** The colours a yarn places by itself, one after the other, each for so many metres. */
const { run, colour, name } = defineProps<{
  run: readonly RunColour[]
  colour: string
  name: string
  most: number
}>()
const emit = defineEmits<{ set: [run: readonly RunColour[]] }>()
const set = (at: number, values: Partial<RunColour>) =>
  emit(
    'set',
    run.map((one, i) => (i === at ? { ...one, ...values } : one)),
  )
const begin = () => emit('set', [...run, { colour, metres: run.at(-1)?.metres ?? 5 }])
</script>

<template>
  <fieldset class="run-fields">
    <legend>Colours it places by itself</legend>
    <div v-for="(one, at) in run" :key="at" class="one">
      <YarnColour
        :model-value="one.colour"
        :label="`Colour ${at + 1} of ${name}`"
        :bag="[]"
        @update:model-value="set(at, { colour: $event })"
      />
      <MeasureField
        :label="`Metres of colour ${at + 1}`"
        :text="printNumber(one.metres, 2)"
        :value="one.metres"
        :read="readAmount"
        :min="0.05"
        :max="10000"
        hint="m"
        @change="set(at, { metres: $event })"
      />
      <button
        type="button"
        class="icon-button"
        :aria-label="`Take out colour ${at + 1}`"
        @click="
          emit(
            'set',
            run.filter((_, i) => i !== at),
          )
        "
      >
        <ElIcon :size="13"><Close /></ElIcon>
      </button>
    </div>
    <button v-if="run.length < most" type="button" class="link" @click="begin">
      {{ run.length === 0 ? 'It stripes by itself …' : 'Another colour' }}
    </button>
  </fieldset>
</template>

<style>
.run-fields {
  margin: 8px 0 0;
  padding: 0;
  border: 0;
}
.run-fields legend {
  padding: 0;
  color: var(--ink-2);
  font-size: 12.5px;
}
.run-fields .one {
  display: grid;
  grid-template-columns: 34px 1fr auto;
  gap: 6px;
  align-items: center;
}
</style>
