<script setup lang="ts">
import { Switch } from '@element-plus/icons-vue'
import { computed, ref, shallowRef } from 'vue'
import type { Yarn, YarnLabel } from '@core/design'
import { classChange } from '@core/fit'
import { counted, printLength, printNumber } from '@core/units'
import type { YarnNeed } from '@core/yarn'
import NameInput from '@app/parts/fields/NameInput.vue'
import PopUnder from '@app/parts/page/PopUnder.vue'
import BallFields from '@app/parts/yarn/BallFields.vue'
import ClassField from '@app/parts/yarn/ClassField.vue'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

/** Another yarn in the place of one: by its label so many balls, and what it does to the stitches. */
const { yarn, need } = defineProps<{ yarn: Yarn; need: YarnNeed | undefined }>()
const emit = defineEmits<{ set: [values: Partial<Yarn>] }>()
const project = useProject()
const workshop = useWorkshop()
const name = ref('Another yarn')
const label = shallowRef<YarnLabel | null>(null)
const now = computed(() => yarn.yarnClass ?? project.design!.yarnClass)
const chosen = ref<number | null>(null)
const other = computed(() => chosen.value ?? now.value)
const lines = computed(() => {
  if (!label.value) return ['Grams and metres of a ball say how many it takes.']
  const design = project.design!
  const { aroundMm } = project.table!.derived.tally
  const balls = Math.ceil((need?.high ?? 0) / label.value.metres - 1e-9)
  const { wide, hooks, isUsualHook } = classChange(design, yarn.yarnClass, other.value)
  const share = Math.round((wide - 1) * 100)
  const fine = label.value.metres / label.value.grams
  const before = yarn.label && yarn.label.metres / yarn.label.grams
  return [
    `${counted(balls, 'ball')} for the same metres (${printNumber(fine, 2)} m a gram${before ? `, now ${printNumber(before, 2)}` : ''}).`,
    share === 0
      ? 'Of the same class: a swatch tells whether it comes out alike.'
      : `Stitches about ${Math.abs(share)} % ${share > 0 ? 'wider' : 'narrower'} on the same hook, by the published ranges: all in it, the bag would be about ${printLength(aroundMm * wide, workshop.words.units)} around. Make a swatch.`,
    ...(isUsualHook
      ? []
      : [
          `Hooks of ${printNumber(hooks[0], 2)} to ${printNumber(hooks[1], 2)} mm are usual for it.`,
        ]),
  ]
})
const take = () =>
  emit('set', {
    ...{ name: name.value, label: label.value, lots: [] },
    yarnClass: other.value === project.design!.yarnClass ? null : other.value,
  })
</script>

<template>
  <PopUnder :width="300">
    <template #button>
      <button
        type="button"
        class="icon-button"
        title="Another yarn in its place"
        :aria-label="`Another yarn in the place of ${yarn.name}`"
      >
        <ElIcon :size="14"><Switch /></ElIcon>
      </button>
    </template>
    <div class="instead">
      <label class="measure-field"
        >Its name
        <NameInput v-model="name" class="plain-input" aria-label="Name of the other yarn" />
      </label>
      <BallFields :label="label" of="the other" @set="label = $event" />
      <ClassField
        label="Class"
        of="Weight class of the other"
        :model-value="other"
        @update:model-value="chosen = $event"
      />
      <p v-for="line in lines" :key="line" class="note num">{{ line }}</p>
      <button type="button" class="button" :disabled="!label" @click="take">Take it</button>
    </div>
  </PopUnder>
</template>

<style>
.instead {
  white-space: normal;
}
.instead .plain-input {
  width: 100%;
}
</style>
