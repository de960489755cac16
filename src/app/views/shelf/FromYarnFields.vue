<script setup lang="ts">
import { printNumber } from '@core/units'
import type { InHand } from '@core/bag'
import MeasureField from '@app/parts/fields/MeasureField.vue'
import { readAmount } from '@app/parts/fields/read-typed.ts'
import YarnDot from '@app/parts/marks/YarnDot.vue'

/** What there is of each yarn: a ball as its label has it, and how many balls. */
defineProps<{ yarns: readonly { readonly name: string; readonly colour: string }[] }>()
const hand = defineModel<readonly InHand[]>({ required: true })
const striped = defineModel<boolean>('striped', { required: true })
const set = (at: number, values: Partial<InHand>) =>
  (hand.value = hand.value.map((one, i) => (i === at ? { ...one, ...values } : one)))
const letters = ['A', 'B', 'C']
const fields = [
  { key: 'balls', title: 'Balls', unit: 'balls', likely: '0' },
  { key: 'grams', title: 'Grams a ball', unit: 'g', likely: '50' },
  { key: 'metres', title: 'Metres a ball', unit: 'm', likely: '120' },
] as const
</script>

<template>
  <div class="from-yarn">
    <div
      v-for="(yarn, i) in striped ? yarns : yarns.slice(0, 1)"
      :key="i"
      class="one"
      role="group"
      :aria-label="yarn.name"
    >
      <YarnDot :letter="letters[i]!" :colour="yarn.colour" />
      <MeasureField
        v-for="{ key, title, unit, likely } in fields"
        :key="key"
        :label="`${title} of ${yarn.name}`"
        :text="hand[i]![key] > 0 ? printNumber(hand[i]![key]) : ''"
        :value="hand[i]![key]"
        :read="readAmount"
        :min="0"
        :max="10000"
        :likely="likely"
        :hint="unit"
        @change="set(i, { [key]: $event })"
      />
    </div>
    <ElCheckbox v-model="striped" label="In stripes of all three" />
  </div>
</template>

<style>
.from-yarn {
  display: grid;
  gap: 6px;
}
.from-yarn .one {
  display: grid;
  grid-template-columns: 24px repeat(3, minmax(0, 1fr));
  gap: 8px;
  align-items: center;
}
.from-yarn .measure-field {
  grid-template-columns: minmax(0, 1fr);
  margin: 0;
}
.from-yarn .measure-field label {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
</style>
