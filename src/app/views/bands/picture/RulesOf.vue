<script setup lang="ts">
import { computed } from 'vue'
import { LIMITS } from '@core/part'
import { type PictureTechnique, pictureTechniques } from '@core/picture'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import WholeField from '@app/parts/fields/WholeField.vue'
import type { Rules } from './picture-asked.ts'

/** Rules of the work a picture is made under, any of them together. */
const { technique, rowWord } = defineProps<{ technique: PictureTechnique; rowWord: string }>()
const isMosaic = computed(() => technique !== 'tapestry')
const offered = computed(() => yes.filter(({ of }) => of.includes(technique)))
const rules = defineModel<Rules>({ required: true })
const set = (values: Partial<Rules>) => (rules.value = { ...rules.value, ...values })
const mixings = [
  { value: 'none', label: 'Not mixed' },
  { value: 'ordered', label: 'In a pattern' },
  { value: 'diffused', label: 'Strewn' },
] as const
const counts = computed(() => [
  { key: 'perRound' as const, label: `Yarns a ${rowWord}`, min: 1, max: LIMITS.strands },
  {
    key: 'together' as const,
    label: `${rowWord === 'round' ? 'Rounds' : 'Rows'} in the same`,
    ...{ min: 1, max: 60 },
  },
  { key: 'shortest' as const, label: 'Shortest run', min: 1, max: 20 },
  { key: 'longest' as const, label: 'Longest carry', min: 0, max: 200 },
])
const yes: readonly {
  readonly key: 'noLone' | 'mirrored' | 'around' | 'up'
  readonly label: string
  readonly of: readonly PictureTechnique[]
}[] = [
  { key: 'noLone', label: 'No stitch that touches none of its own', of: ['tapestry'] },
  // What is borrowed in inset need not be alike on both sides.
  { key: 'mirrored', label: 'Symmetric, left like right', of: ['tapestry', 'overlay'] },
  { key: 'around', label: 'Its edges meet around', of: pictureTechniques },
  { key: 'up', label: 'Its edges meet up', of: pictureTechniques },
]
</script>

<template>
  <div class="rules-of">
    <div v-if="!isMosaic" class="rules-row">
      <WholeField
        v-for="one in counts"
        :key="one.key"
        :model-value="rules[one.key]"
        :label="one.label"
        :min="one.min"
        :max="one.max"
        @update:model-value="set({ [one.key]: $event })"
      />
    </div>
    <p v-if="!isMosaic" class="note">Longest carry in stitches; 0 where it does not matter.</p>
    <ElCheckbox
      v-for="one in offered"
      :key="one.key"
      :model-value="rules[one.key]"
      :label="one.label"
      @update:model-value="set({ [one.key]: $event === true })"
    />
    <template v-if="!isMosaic">
      <ChoiceOf
        :model-value="rules.mixing"
        legend="Colours there is no yarn of"
        :options="mixings"
        @update:model-value="set({ mixing: $event })"
      />
      <p class="note">
        Colours there is no yarn of can be mixed of two that are worked by turns. It takes many more
        changes, and shows only from afar.
      </p>
    </template>
  </div>
</template>

<style>
.rules-of {
  display: flex;
  flex-direction: column;
  gap: 4px;
}
.rules-row {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 8px;
  margin-bottom: 6px;
}
</style>
