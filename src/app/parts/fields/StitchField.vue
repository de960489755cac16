<script setup lang="ts">
import { useId } from 'vue'
import { abbrOf, groundStitches } from '@core/stitch'
import { useWorkshop } from '@app/stores/workshop.ts'

/** A choice of the stitches a plain row can be made of. */
defineProps<{ label: string }>()
const model = defineModel<string>({ required: true })
const workshop = useWorkshop()
const id = useId()
</script>

<template>
  <div class="measure-field">
    <label :for="id">{{ label }}</label>
    <ElSelect :id="id" v-model="model" :aria-label="label">
      <ElOption
        v-for="stitch in groundStitches"
        :key="stitch.id"
        :value="stitch.id"
        :label="abbrOf(stitch, workshop.words)"
      />
    </ElSelect>
  </div>
</template>
