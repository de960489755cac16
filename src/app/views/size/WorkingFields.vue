<script setup lang="ts">
import { computed } from 'vue'
import type { Making } from '@core/part'
import { baseOf, type Beginning } from '@core/design'
import { constructionOf } from '@core/shape'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import MakingFields from '@app/parts/fields/MakingFields.vue'
import { useProject } from '@app/stores/project.ts'

/** How the bag is begun and how its rounds are worked; the base may be worked its own way. */
const project = useProject()
const design = computed(() => project.design!)
const base = computed(() => baseOf(design.value))
const rows = computed(() => constructionOf(base.value).worked === 'rows')
const making = computed({
  get: () => design.value.making,
  set: (value: Making) => project.edit({ name: 'setDesign', args: { making: value } }),
})
const setBase = (own: Making | null) =>
  project.edit({ name: 'setBase', args: { values: { making: own } } })
const own = computed({
  get: () => (base.value.making ? 'own' : 'bag'),
  set: (value) => setBase(value === 'own' ? { ...making.value, working: 'joined' } : null),
})
const begin = (values: Partial<Beginning>) =>
  project.edit({ name: 'setDesign', args: { beginning: { ...design.value.beginning, ...values } } })
const ring = computed({
  get: () => design.value.beginning.ring,
  set: (value) => begin({ ring: value }),
})
const into = computed({
  get: () => design.value.beginning.into,
  set: (value) => begin({ into: value }),
})
</script>

<template>
  <div class="working-fields">
    <h3>The bag</h3>
    <MakingFields v-model="making" :rows="rows" />
    <template v-if="!rows">
      <h3>The base</h3>
      <ChoiceOf
        v-model="own"
        legend="How the base is worked"
        :options="[
          { value: 'bag', label: 'Like the bag' },
          { value: 'own', label: 'Its own way' },
        ]"
      />
      <MakingFields
        v-if="base.making"
        :model-value="base.making"
        @update:model-value="setBase($event)"
      />
    </template>
    <h3>The beginning</h3>
    <ChoiceOf
      v-model="ring"
      legend="Rounds begin in"
      :options="[
        { value: 'magic', label: 'Magic ring' },
        { value: 'chain', label: 'Ring of chain' },
      ]"
    />
    <ChoiceOf
      v-model="into"
      legend="First rows go into"
      :options="[
        { value: 'loops', label: 'Loops of chain' },
        { value: 'bump', label: 'Back bumps' },
      ]"
    />
  </div>
</template>

<style>
.working-fields {
  display: grid;
  gap: 7px;
}
.working-fields h3 {
  margin-top: 4px;
  font-weight: 600;
  font-size: 13px;
}
</style>
