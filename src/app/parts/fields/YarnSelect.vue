<script setup lang="ts">
import { computed } from 'vue'
import YarnDot from '@app/parts/marks/YarnDot.vue'
import { useProject } from '@app/stores/project.ts'

/** One of the bag's yarns. */
defineProps<{ label: string; id?: string }>()
const model = defineModel<string>({ required: true })
const project = useProject()
const yarns = computed(() => project.design!.yarns)
const colourOf = (letter: string) => yarns.value.find((yarn) => yarn.letter === letter)!.colour
</script>

<template>
  <ElSelect :id="id" v-model="model" :aria-label="label">
    <template #label
      ><span class="yarn-option"
        ><YarnDot :letter="model" :colour="colourOf(model)" :size="18" /></span
    ></template>
    <ElOption
      v-for="yarn in yarns"
      :key="yarn.letter"
      :value="yarn.letter"
      :label="`${yarn.letter} ${yarn.name}`"
    >
      <span class="yarn-option"
        ><YarnDot :letter="yarn.letter" :colour="yarn.colour" :size="18" />{{ yarn.name }}</span
      >
    </ElOption>
  </ElSelect>
</template>

<style>
.yarn-option {
  display: flex;
  gap: 8px;
  align-items: center;
}
</style>
