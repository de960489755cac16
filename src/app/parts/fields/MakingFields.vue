<script setup lang="ts">
import { computed } from 'vue'
import type { Making } from '@core/part'
import ChoiceOf from './ChoiceOf.vue'
import WholeField from './WholeField.vue'

/** How rounds go on from one another and how each begins. With `rows` only what rows know. */
defineProps<{ rows?: boolean }>()
const making = defineModel<Making>({ required: true })
const field = <Key extends keyof Making>(key: Key) =>
  computed({
    get: () => making.value[key],
    set: (value) => (making.value = { ...making.value, [key]: value }),
  })
const working = field('working')
const start = field('start')
const first = field('first')
const length = computed({
  get: () => (making.value.shortChain ? 'short' : 'usual'),
  set: (value) => (making.value = { ...making.value, shortChain: value === 'short' }),
})
const goes = computed({
  get: () => (making.value.anew === null ? 'on' : 'anew'),
  set: (value) => (making.value = { ...making.value, anew: value === 'anew' ? 1 : null }),
})
const counts = computed({
  get: () => (making.value.oneCounts ? 'all' : making.value.chainCounts ? 'counts' : 'not'),
  set: (value) =>
    (making.value = {
      ...making.value,
      chainCounts: value !== 'not',
      oneCounts: value === 'all',
    }),
})
</script>

<template>
  <div class="making-fields">
    <ElSelect v-if="!rows" v-model="working" aria-label="How rounds go on">
      <ElOption value="spiral" label="On in a spiral" />
      <ElOption value="joined" label="Joined" />
      <ElOption value="turned" label="Joined and turned" />
      <ElOption value="turn-once" label="Joined, turned once" />
    </ElSelect>
    <template v-if="rows || working !== 'spiral'">
      <ChoiceOf
        v-model="start"
        legend="What a round begins with"
        :options="[
          { value: 'chain', label: 'Chain' },
          { value: 'stacked', label: 'Stacked', title: 'A stacked stitch: no gap at the join' },
          { value: 'standing', label: 'Standing', title: 'A standing stitch in fresh yarn' },
        ]"
      />
      <ChoiceOf
        v-if="start === 'chain'"
        v-model="counts"
        legend="The starting chain"
        :options="[
          { value: 'not', label: 'Chain is extra' },
          { value: 'counts', label: 'Counts', title: 'From hdc on; that of sc does not' },
          { value: 'all', label: 'Even ch 1', title: 'That of sc counts too' },
        ]"
      />
      <ChoiceOf
        v-if="start === 'chain'"
        v-model="length"
        legend="How long it is for taller stitches"
        :options="[
          {
            value: 'usual',
            label: 'Usual chain',
            title: '2, 3 and 4 chains for hdc, dc and tr (UK htr, tr, dtr)',
          },
          { value: 'short', label: 'Short chain', title: '1, 2 and 3 chains, against a gap' },
        ]"
      />
      <ElSelect
        v-if="!rows && start === 'chain' && counts === 'not'"
        v-model="first"
        aria-label="Where the first stitch goes"
      >
        <ElOption value="same" label="First: same stitch" />
        <ElOption value="next" label="First: next stitch" />
        <ElOption value="second" label="First: second, last doubled" />
      </ElSelect>
    </template>
    <ChoiceOf
      v-model="goes"
      legend="Whether the yarn goes on"
      :options="[
        { value: 'on', label: 'Goes on' },
        {
          value: 'anew',
          label: 'Begun anew',
          title: 'The yarn is cut after each, and joined again for the next',
        },
      ]"
    />
    <WholeField
      v-if="!rows && making.anew !== null"
      label="In stitch"
      :model-value="making.anew"
      :min="1"
      :max="4000"
      @update:model-value="making = { ...making, anew: $event }"
    />
  </div>
</template>

<style>
.making-fields {
  display: grid;
  gap: 6px;
}
</style>
