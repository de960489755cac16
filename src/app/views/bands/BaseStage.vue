<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref, useTemplateRef } from 'vue'
import RoundBag from '@app/parts/bag/RoundBag.vue'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import { useOffers } from '@app/parts/page/offers.ts'
import { useProject } from '@app/stores/project.ts'
import BasePlan from '@app/views/size/BasePlan.vue'
import { useOnBag } from './chart/use-on-bag.ts'

/** The base of the bag: from above as it is worked, or on the bag. */
const project = useProject()
const table = computed(() => project.table!)
const views = [
  { value: 'above', label: 'The base' },
  { value: 'bag', label: 'On the bag' },
] as const
const view = ref<(typeof views)[number]['value']>('above')
useOffers(
  views.map(({ value, label }) => ({
    title: `See: ${label}`,
    run: () => void (view.value = value),
  })),
)
const onBag = useOnBag(ref(null))
const room = useTemplateRef('room')
const { width, height } = useElementSize(room)
const SIDE = { least: 200, most: 560 } as const
const side = computed(() =>
  Math.max(SIDE.least, Math.min(SIDE.most, width.value, height.value || SIDE.most)),
)
</script>

<template>
  <div class="base-stage">
    <ChoiceOf v-model="view" legend="View" :options="views" />
    <RoundBag
      v-if="view === 'bag'"
      :design="table.design"
      :derived="table.derived"
      :yarns="table.design.yarns"
      :leaning="false"
      :movable="onBag.movable"
      @choose="onBag.choose"
      @move="onBag.move"
    />
    <div v-else ref="room" class="room">
      <BasePlan :design="table.design" :derived="table.derived" :width="side" :height="side" />
    </div>
  </div>
</template>

<style>
.base-stage {
  display: flex;
  grid-column: 1 / -1;
  flex: 1;
  flex-direction: column;
  align-items: flex-start;
  min-height: 380px;
  padding-left: 8px;
}
.base-stage > :not(.choice) {
  align-self: stretch;
}
.base-stage .room {
  display: grid;
  flex: 1;
  place-items: center;
  min-height: 0;
  margin-top: 8px;
}
</style>
