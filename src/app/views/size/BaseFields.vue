<script setup lang="ts">
import { computed } from 'vue'
import { baseOf, growthOf } from '@core/design'
import { type BasePart, constructionOf } from '@core/shape'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import WholeField from '@app/parts/fields/WholeField.vue'
import BaseAsked from './BaseAsked.vue'
import FrontField from './FrontField.vue'
import { useProject } from '@app/stores/project.ts'

/** What is decided about the base of the bag, as its construction has it. */
const project = useProject()
const design = computed(() => project.design!)
const base = computed(() => baseOf(design.value))
const construction = computed(() => constructionOf(base.value))
const growth = computed(() => growthOf(base.value))
/** The base when it grows from a ring, for what only such a one has. */
const ring = computed(() =>
  construction.value.ring && !construction.value.written?.(base.value)
    ? (base.value as Extract<BasePart, { stagger: unknown }>)
    : null,
)
const setBase = (change: Record<string, unknown>) =>
  project.edit({ name: 'setBase', args: { values: change } })
const stagger = computed({
  get: () => ring.value?.stagger ?? 'staggered',
  set: (value) => setBase({ stagger: value }),
})
const plain = computed({
  get: () => (ring.value === null || ring.value.plainFrom === null ? 'none' : 'some'),
  set: (value: 'none' | 'some') =>
    setBase(
      value === 'none'
        ? { plainFrom: null, plainRounds: 0 }
        : {
            plainFrom: Math.max(1, Math.ceil(base.value.count / growth.value.increase / 2)),
            plainRounds: 1,
          },
    ),
})
</script>

<template>
  <div class="base-fields">
    <BaseAsked :base="base" @set="setBase" />
    <FrontField />
    <template v-if="ring">
      <ChoiceOf
        v-model="stagger"
        legend="Increases"
        :options="[
          {
            value: 'staggered',
            label: 'Staggered',
            title: 'Shifted from round to round, so the base stays round',
          },
          {
            value: 'stacked',
            label: 'Stacked',
            title: 'One above the other, which makes spokes and corners',
          },
        ]"
      />
      <ChoiceOf
        v-model="plain"
        legend="Plain rounds between"
        :options="[
          { value: 'none', label: 'None plain' },
          { value: 'some', label: 'Some plain', title: 'Plain rounds between make a bowl' },
        ]"
      />
      <template v-if="ring.plainFrom !== null">
        <WholeField
          label="From round"
          :model-value="ring.plainFrom"
          :min="1"
          :max="200"
          @update:model-value="setBase({ plainFrom: $event })"
        />
        <WholeField
          label="Plain each"
          :model-value="ring.plainRounds"
          :min="1"
          :max="10"
          @update:model-value="setBase({ plainRounds: $event })"
        />
      </template>
    </template>
  </div>
</template>

<style>
.base-fields .choice {
  margin-bottom: 7px;
}
</style>
