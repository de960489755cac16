<script setup lang="ts">
import { computed } from 'vue'
import { BODY, isBase, partById } from '@core/design'
import { useProject } from '@app/stores/project.ts'
import BasePlan from '@app/views/size/BasePlan.vue'
import ChartPane from './chart/ChartPane.vue'
import PartSaid from './said/PartSaid.vue'

/** The part that is chosen on the spine: what is decided about it as a sentence, and its chart. */
const project = useProject()
/** The base of the body is seen from above; every other part as its rows. */
const onBase = computed(
  () => project.selectedPiece === BODY && isBase(partById(project.design!, project.selectedPart!)),
)
</script>

<template>
  <div class="bands-view">
    <PartSaid />
    <div v-if="onBase" class="base-stage">
      <BasePlan
        :design="project.table!.design"
        :derived="project.table!.derived"
        :width="520"
        :height="520"
      />
    </div>
    <ChartPane v-else />
  </div>
</template>

<style>
.bands-view {
  display: grid;
  flex: 1;
  grid-template: auto minmax(0, 1fr) / 46px minmax(0, 1fr);
  min-height: 0;
  padding: 12px 16px 12px 8px;
}
.bands-view > .part-said {
  grid-column: 1 / -1;
  padding-left: 8px;
}
.bands-view .base-stage {
  display: grid;
  grid-column: 1 / -1;
  place-items: center;
}
@media (max-width: 1000px) {
  .bands-view {
    grid-template: auto minmax(380px, 1fr) / 46px minmax(0, 1fr);
  }
}
</style>
