<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { computed } from 'vue'
import { BODY, isBase, partById } from '@core/design'
import { useProject } from '@app/stores/project.ts'
import PartChips from '@app/views/spine/PartChips.vue'
import BaseStage from './BaseStage.vue'
import ChartPane from './chart/ChartPane.vue'
import PartSaid from './said/PartSaid.vue'

/** The part that is chosen on the spine: what is decided about it as a sentence, and its chart. */
const project = useProject()
/** The base of the body is seen from above; every other part as its rows. */
const onBase = computed(
  () => project.selectedPiece === BODY && isBase(partById(project.design!, project.selectedPart!)),
)
const onPhone = useMediaQuery('(max-width: 640px)')
</script>

<template>
  <div class="bands-view">
    <PartChips v-if="onPhone" />
    <PartSaid />
    <BaseStage v-if="onBase" />
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
@media (max-width: 1000px) {
  .bands-view {
    grid-template: auto minmax(380px, 1fr) / 46px minmax(0, 1fr);
  }
}
/* On a phone the chart is as wide as the screen: its tools lie below it. */
@media (max-width: 640px) {
  .bands-view {
    display: flex;
    flex-direction: column;
    padding: 8px 8px 12px;
  }
  .bands-view > .part-said {
    padding-left: 2px;
  }
  .bands-view > .chart-side {
    flex: none;
    order: 1;
  }
  .bands-view .chart-canvas {
    flex: none;
    height: min(48vh, 460px);
  }
  .bands-view > .chart-tools {
    display: flex;
    flex-flow: row wrap;
    order: 2;
    justify-content: center;
  }
  .bands-view > .chart-tools hr {
    display: none;
  }
}
</style>
