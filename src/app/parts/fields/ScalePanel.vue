<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { ref, shallowRef } from 'vue'
import { printNumber } from '@core/units'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import MeasureField from '@app/parts/fields/MeasureField.vue'
import { readAmount } from '@app/parts/fields/read-typed.ts'
import { type Reading, SimulatedScale } from '@app/scale/scale.ts'

/** The scale that ships: what would lie on it is typed; it reads as kitchen scales do. */
const emit = defineEmits<{ take: [grams: number] }>()
const step = ref<'1' | '0.1'>('1')
const scale = shallowRef(new SimulatedScale(1))
const load = ref(0)
const reading = ref<Reading>(scale.value.read())
const look = () => (reading.value = scale.value.read())
useIntervalFn(look, 300)
function setStep(value: '1' | '0.1') {
  step.value = value
  scale.value = new SimulatedScale(value === '1' ? 1 : 0.1)
  scale.value.put(load.value)
}
function put(grams: number) {
  load.value = grams
  scale.value.put(grams)
  look()
}
function tare() {
  scale.value.tare()
  look()
}
</script>

<template>
  <div class="scale-panel">
    <p class="shows num" :class="{ steady: reading.steady }" role="status">
      {{ reading.grams.toFixed(step === '1' ? 0 : 1) }} <small>g</small>
      <span>{{ reading.steady ? '' : 'settling' }}</span>
    </p>
    <p class="note">{{ scale.name }}: no scale is connected, so say what lies on it.</p>
    <MeasureField
      label="On the pan"
      :text="printNumber(load, 1)"
      :value="load"
      :read="readAmount"
      :min="0"
      :max="5000"
      hint="g"
      @change="put"
    />
    <ChoiceOf
      :model-value="step"
      legend="What it reads to"
      :options="[
        { value: '1', label: '1 g' },
        { value: '0.1', label: '0.1 g' },
      ]"
      @update:model-value="setStep"
    />
    <div class="acts">
      <button type="button" class="button" @click="tare">Tare</button>
      <button
        type="button"
        class="button"
        :disabled="!reading.steady || reading.grams < 0"
        @click="emit('take', reading.grams)"
      >
        Take the reading
      </button>
    </div>
  </div>
</template>

<style>
.scale-panel .shows {
  padding: 8px 12px;
  border-radius: var(--radius);
  background: #26352d;
  color: #cfe6d2;
  font: 600 26px/1.1 var(--font-head);
  text-align: right;
}
.scale-panel .shows span {
  display: block;
  min-height: 14px;
  font: 400 11.5px/14px var(--font-text);
}
.scale-panel .acts {
  display: flex;
  gap: 6px;
  margin-top: 6px;
}
</style>
