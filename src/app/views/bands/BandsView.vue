<script setup lang="ts">
import { computed } from 'vue'
import { BODY, isBase, partById } from '@core/design'
import { useProject } from '@app/stores/project.ts'
import BasePlan from '@app/views/size/BasePlan.vue'
import ChartPane from './chart/ChartPane.vue'
import PartEditor from './list/PartEditor.vue'
import PartHead from './list/PartHead.vue'
import PartList from './list/PartList.vue'
import PieceTabs from './list/PieceTabs.vue'

/** The parts from base to rim, and the chart of the selected one. */
const project = useProject()
/** The base of the body is seen from above; every other part as its rows. */
const onBase = computed(
  () => project.selectedPiece === BODY && isBase(partById(project.design!, project.selectedPart!)),
)
</script>

<template>
  <div class="bands-view">
    <PartHead />
    <div class="left">
      <PieceTabs />
      <PartList />
      <PartEditor />
    </div>
    <div v-if="onBase" class="base-stage">
      <BasePlan
        :design="project.table!.design"
        :derived="project.table!.derived"
        :width="430"
        :height="430"
      />
    </div>
    <ChartPane v-else />
  </div>
</template>

<style>
.bands-view {
  display: grid;
  flex: 1;
  grid-template: auto minmax(0, 1fr) / 218px 46px minmax(0, 1fr);
  min-height: 0;
  padding: 14px 20px 14px 18px;
}
.bands-view > .part-head {
  grid-column: 1 / -1;
}
.bands-view .left {
  display: flex;
  flex-direction: column;
  gap: 10px;
  min-height: 0;
  padding-right: 10px;
}
.bands-view .base-stage {
  display: grid;
  grid-column: 2 / -1;
  place-items: center;
}
@media (max-width: 1000px) {
  .bands-view {
    grid-template: auto 250px minmax(380px, 1fr) / 46px minmax(0, 1fr);
  }
  .bands-view .left {
    grid-column: 1 / -1;
    flex-direction: row;
    overflow: hidden;
  }
  .bands-view .left > * {
    flex: 1;
    max-height: none;
  }
}
</style>
