<script setup lang="ts">
import { useWorkshop } from '@app/stores/workshop.ts'
import BaseCard from './BaseCard.vue'
import FitCard from './FitCard.vue'
import SizeSaid from './SizeSaid.vue'
import { useFits } from './use-fits.ts'

const workshop = useWorkshop()
const fits = useFits(() => workshop.words.units)
</script>

<template>
  <div class="size-view">
    <header>
      <h1>Size</h1>
      <SizeSaid />
    </header>
    <BaseCard :fits="fits" />
    <FitCard :fits="fits" />
  </div>
</template>

<style>
.size-view {
  display: grid;
  flex: 1;
  grid-template: auto auto minmax(200px, 1fr) / minmax(0, 1fr) 296px;
  gap: 12px 16px;
  min-height: 0;
  padding: 14px 20px;
}
.size-view > header {
  display: flex;
  flex-wrap: wrap;
  grid-column: 1 / -1;
}
/* Where it is narrow or low the whole place is scrolled, and nothing in it gives way. */
@media (max-width: 1000px), (max-height: 640px) {
  .size-view {
    flex: none;
    grid-template-rows: none;
  }
}
/* With the mat and the tally beside it there is room for one column. */
@media (min-width: 1001px) and (max-width: 1180px) {
  .size-view {
    flex: none;
    grid-template: none / minmax(0, 1fr);
  }
}
@media (max-width: 640px) {
  .size-view {
    grid-template-columns: minmax(0, 1fr);
    padding: 12px;
  }
}
</style>
