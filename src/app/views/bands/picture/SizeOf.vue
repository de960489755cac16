<script setup lang="ts">
import { computed } from 'vue'
import { LIMITS } from '@core/part'
import { rowWord } from '@core/terms'
import { counted } from '@core/units'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import WholeField from '@app/parts/fields/WholeField.vue'
import YarnSelect from '@app/parts/fields/YarnSelect.vue'
import { useProject } from '@app/stores/project.ts'
import { usePictureHere } from './use-picture.ts'

/** Where a picture stands on the band and how large, in which light, and what is behind it. */
const picture = usePictureHere()
const project = useProject()
const worked = computed(() => project.ledgerPiece!.worked)
const wheres = computed(() => {
  const { count, chosen } = picture.of
  const [front, back] = [
    { value: 'front' as const, label: worked.value === 'rows' ? 'In the middle' : 'On the front' },
    { value: 'back' as const, label: 'On the back' },
  ]
  return [
    { value: 'all' as const, label: 'All of the chart' },
    ...(count > 0 ? [front, ...(worked.value === 'rows' ? [] : [back])] : []),
    ...(chosen.length > 1 ? [{ value: 'chosen' as const, label: 'What is chosen' }] : []),
  ]
})
const sizeWords = computed(() => {
  const { fineness } = picture
  if (!fineness) return ''
  const { one, two, lost, parts } = fineness
  const gone =
    lost > 0
      ? ` As it is ${counted(lost, 'part')} of ${parts} ${lost === 1 ? 'is' : 'are'} narrower than a stitch.`
      : ''
  return `Its finest parts are one stitch wide at ${one} stitches, two at ${two}.${gone}`
})
const lights = [
  { key: 'light', label: 'Light' },
  { key: 'contrast', label: 'Contrast' },
] as const
</script>

<template>
  <ChoiceOf v-model="picture.where" legend="Where it stands" :options="wheres" />
  <div v-if="picture.where !== 'chosen'" class="size-of">
    <WholeField v-model="picture.stitches" label="Stitches" :min="1" :max="LIMITS.chartWidth" />
    <WholeField
      v-model="picture.rounds"
      :label="rowWord(worked) === 'round' ? 'Rounds' : 'Rows'"
      :min="1"
      :max="LIMITS.chartHeight"
    />
  </div>
  <p v-if="sizeWords" class="note">
    {{ sizeWords }}
    <button
      v-if="picture.fineness!.lost > 0 && picture.fineness!.one <= LIMITS.chartWidth"
      type="button"
      class="button"
      @click="picture.stitches = picture.fineness!.one"
    >
      Take {{ picture.fineness!.one }}
    </button>
  </p>
  <div class="size-of">
    <label v-for="one in lights" :key="one.key" class="size-slider"
      ><span>{{ one.label }}</span
      ><ElSlider
        v-model="picture.light[one.key]"
        :min="-1"
        :max="1"
        :step="0.05"
        :aria-label="one.label"
    /></label>
  </div>
  <div class="size-of">
    <ElCheckbox v-model="picture.background.on" label="Leave out what is behind, in" />
    <YarnSelect v-model="picture.background.letter" label="Yarn of what is behind" />
    <label v-if="picture.background.on" class="size-slider"
      ><span>Up to</span
      ><ElSlider
        v-model="picture.background.most"
        :min="2"
        :max="40"
        aria-label="How unlike it what is behind may be"
    /></label>
  </div>
</template>

<style>
.size-of {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 20px;
  align-items: center;
}
.size-of .el-select {
  width: 110px;
}
.size-slider {
  display: grid;
  flex: 1 1 150px;
  grid-template-columns: auto 1fr;
  gap: 16px;
  align-items: center;
  padding-right: 10px;
}
</style>
