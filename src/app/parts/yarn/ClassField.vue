<script setup lang="ts">
import { useId } from 'vue'
import { yarnClasses } from '@core/stitch'

/** A published weight class of a yarn; null, where that has a name, for none of its own. */
const { none } = defineProps<{ label: string; of: string; none?: string }>()
const model = defineModel<number | null>({ required: true })
const NONE = 0
const id = useId()
</script>

<template>
  <div class="measure-field">
    <label :for="id">{{ label }}</label>
    <ElSelect
      :id="id"
      :model-value="model ?? NONE"
      :aria-label="of"
      @update:model-value="(value: number) => (model = value === NONE ? null : value)"
    >
      <ElOption v-if="none" :value="NONE" :label="none" />
      <ElOption
        v-for="one in yarnClasses"
        :key="one.number"
        :value="one.number"
        :label="`${one.number}, ${one.name}`"
      />
    </ElSelect>
  </div>
</template>
