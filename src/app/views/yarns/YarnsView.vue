<script setup lang="ts">
import { defineAsyncComponent, ref } from 'vue'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import { useOffers } from '@app/parts/page/offers.ts'
import AmountsView from './amounts/AmountsView.vue'

/** The yarns of the bag: how much of each, how they are led, and whether they last. */
const views = {
  amounts: {
    label: 'Amounts',
    about: 'What each yarn is, what there is of it, what it takes and what to buy',
    is: AmountsView,
  },
  paths: {
    label: 'Paths',
    about: 'What to carry, what to bring up, where to cut',
    is: defineAsyncComponent(() => import('./paths/YarnPathsView.vue')),
  },
  recolour: {
    label: 'Recolour',
    about: 'The whole bag in other yarns, two swapped, two made one',
    is: defineAsyncComponent(() => import('./recolour/RecolourView.vue')),
  },
  lasting: {
    label: 'Will it last',
    about: 'What is left, weighed on the way, and how many rounds it still gives',
    is: defineAsyncComponent(() => import('./lasting/LastingView.vue')),
  },
}
type View = keyof typeof views
const view = ref<View>('amounts')
useOffers(() =>
  Object.entries(views).map(([key, { label }]) => ({
    title: `Yarns: ${label.toLowerCase()}`,
    run: () => void (view.value = key as View),
  })),
)
const options = Object.entries(views).map(([value, { label }]) => ({ value: value as View, label }))
</script>

<template>
  <div class="yarns-view" :class="`of-${view}`">
    <header>
      <h1>Yarns</h1>
      <ChoiceOf v-model="view" legend="What is seen of the yarns" :options="options" />
      <p>{{ views[view].about }}</p>
    </header>
    <component :is="views[view].is" />
  </div>
</template>

<style>
.yarns-view {
  display: grid;
  flex: 1;
  grid-template: auto minmax(0, 1fr) / minmax(0, 1fr);
  gap: 12px 16px;
  align-content: start;
  padding: 16px 20px;
}
.yarns-view.of-paths {
  min-height: 0;
}
.yarns-view > header {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: baseline;
}
.yarns-view > header .choice {
  flex: none;
  align-self: center;
}
.yarns-view > header p {
  color: var(--ink-2);
  font-size: 13px;
}
@media (max-width: 1000px), (max-height: 640px) {
  .yarns-view.of-paths {
    flex: none;
  }
}
</style>
