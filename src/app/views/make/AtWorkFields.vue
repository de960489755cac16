<script setup lang="ts">
import { computed } from 'vue'
import { strides } from '@core/make'
import type { AtWork } from '@core/workshop'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import WholeField from '@app/parts/fields/WholeField.vue'
import { useMaking } from '@app/stores/making.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import { hasVoice } from './use-aloud.ts'
import { strideLabel } from './strides.ts'

/** How she is led at work, for all bags. */
const workshop = useWorkshop()
const making = useMaking()
const worked = computed(() => making.on?.piece.worked ?? 'rounds')
const set = (values: Partial<AtWork>) =>
  workshop.edit({ do: 'set', settings: { atWork: { ...workshop.atWork, ...values } } })
const rest = computed({
  get: () => workshop.atWork.restMinutes,
  set: (restMinutes: number) => set({ restMinutes }),
})
</script>

<template>
  <div class="at-work">
    <p class="note">One tap, one key or the pedal is</p>
    <ChoiceOf
      :model-value="workshop.atWork.stride"
      legend="One tap is"
      :options="strides.map((value) => ({ value, label: strideLabel(value, worked) }))"
      @update:model-value="set({ stride: $event })"
    />
    <p class="note">Light</p>
    <ChoiceOf
      :model-value="workshop.atWork.light"
      legend="Light"
      :options="[
        { value: 'usual', label: 'Usual' },
        { value: 'sun', label: 'Sun' },
        { value: 'lamp', label: 'Lamp' },
      ]"
      @update:model-value="set({ light: $event })"
    />
    <p class="note">Thumb that taps, on a phone</p>
    <ChoiceOf
      :model-value="workshop.atWork.thumb"
      legend="Thumb"
      :options="[
        { value: 'left', label: 'Left' },
        { value: 'right', label: 'Right' },
      ]"
      @update:model-value="set({ thumb: $event })"
    />
    <label class="check-line">
      <input
        type="checkbox"
        :checked="workshop.atWork.large"
        @change="set({ large: !workshop.atWork.large })"
      />
      Large type
    </label>
    <label class="check-line">
      <input
        type="checkbox"
        :checked="workshop.atWork.aloud"
        :disabled="!hasVoice()"
        @change="set({ aloud: !workshop.atWork.aloud })"
      />
      Read aloud what comes
    </label>
    <p v-if="!hasVoice()" class="note">This device has no voice of its own.</p>
    <WholeField
      v-model="rest"
      label="Rest hands after"
      :min="0"
      :max="240"
      hint="minutes; 0: never"
    />
  </div>
</template>

<style>
.at-work {
  display: grid;
  gap: 5px;
}
.at-work .note {
  margin-top: 4px;
}
.check-line {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 26px;
}
</style>
