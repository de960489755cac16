<script setup lang="ts" generic="Of extends string | null">
import { useId } from 'vue'
import { abbrOf, groundStitches } from '@core/stitch'
import { useWorkshop } from '@app/stores/workshop.ts'

/** A choice of the stitches a plain row can be made of. */
defineProps<{
  label: string
  /** What it is called when no stitch of its own is chosen; where there is none, one is always chosen. */
  none?: string
}>()
const model = defineModel<Of>({ required: true })
const NONE = ''
const set = (id: string) => (model.value = (id === NONE ? null : id) as Of)
const workshop = useWorkshop()
const id = useId()
</script>

<template>
  <div class="measure-field">
    <label :for="id">{{ label }}</label>
    <ElSelect
      :id="id"
      :model-value="model ?? NONE"
      :empty-values="[null, undefined]"
      :aria-label="label"
      @update:model-value="set"
    >
      <ElOption v-if="none" :value="NONE" :label="none" />
      <ElOption
        v-for="stitch in groundStitches"
        :key="stitch.id"
        :value="stitch.id"
        :label="abbrOf(stitch, workshop.words)"
      />
    </ElSelect>
  </div>
</template>
