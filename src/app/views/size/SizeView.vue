<script setup lang="ts">
import { useWorkshop } from '@app/stores/workshop.ts'
import BaseCard from './BaseCard.vue'
import FitCard from './FitCard.vue'
import { useFits } from './use-fits.ts'
import WantedCard from './WantedCard.vue'

const workshop = useWorkshop()
const fits = useFits(() => workshop.words.units)
</script>

<template>
  <div class="size-view">
    <header>
      <h1>Size</h1>
      <p>
        What it must be, what your hook makes of it, and the counts at which everything comes out
        even
      </p>
    </header>
    <WantedCard />
    <BaseCard :fits="fits" />
    <FitCard class="fits" :fits="fits" />
  </div>
</template>

<style>
.size-view {
  display: grid;
  flex: 1;
  grid-template: auto auto minmax(180px, 1fr) / 268px minmax(0, 1fr);
  gap: 12px 16px;
  min-height: 0;
  padding: 16px 20px;
}
.size-view > header {
  display: flex;
  grid-column: 1 / -1;
  gap: 14px;
  align-items: baseline;
}
.size-view > header p {
  color: var(--ink-2);
  font-size: 13px;
}
.size-view .fits {
  grid-column: 1 / -1;
}
/* Where it is narrow or low the whole place is scrolled, and nothing in it gives way. */
@media (max-width: 1000px), (max-height: 640px) {
  .size-view {
    flex: none;
    grid-template-rows: none;
  }
}
@media (max-width: 1000px) {
  .size-view {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
