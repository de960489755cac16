<script setup lang="ts">
import { useId } from 'vue'
import { yarnClasses } from '@core/stitch'
import { printMm, readMm } from './read-typed.ts'
import MeasureField from './MeasureField.vue'

/** Hook and yarn class: two fields side by side or one below the other, as their place has it. */
const hookMm = defineModel<number>('hookMm', { required: true })
const yarnClass = defineModel<number>('yarnClass', { required: true })
const id = useId()
</script>

<template>
  <MeasureField
    label="Hook"
    :text="printMm(hookMm)"
    :value="hookMm"
    :read="readMm"
    :step="0.5"
    :min="0.5"
    :max="40"
    @change="hookMm = $event"
  />
  <div class="measure-field">
    <label :for="id">Yarn class</label>
    <ElSelect :id="id" v-model="yarnClass" aria-label="Yarn class">
      <ElOption
        v-for="one in yarnClasses"
        :key="one.number"
        :value="one.number"
        :label="`${one.number}, ${one.name}`"
      />
    </ElSelect>
  </div>
</template>
