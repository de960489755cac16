<script setup lang="ts">
import { computed, ref } from 'vue'
import { finishCardIds, finishCards } from '@core/bag'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import { useOffers } from '@app/parts/page/offers.ts'
import BagOnStage from './BagOnStage.vue'
import CutPlan from './CutPlan.vue'
import FinishCards from './FinishCards.vue'
import FinishOrder from './FinishOrder.vue'
import FinishSentence from './FinishSentence.vue'
import FinishWords from './FinishWords.vue'
import ToMind from './ToMind.vue'
import PutOn from './PutOn.vue'
import RimStrip from './RimStrip.vue'
import { useFinish } from './use-finish.ts'

/** How the bag is finished: handles, cords, closures, lining; what each is, where it stands, and what is done last. */
const finish = useFinish()
const { card, title, there, item, rim, said, drop } = finish
const sides = [
  { value: 'words', label: 'In words' },
  { value: 'order', label: 'Order' },
  { value: 'mind', label: 'To mind' },
] as const
const side = ref<(typeof sides)[number]['value']>('words')
const isCut = computed(() => (item.value?.cut.length ?? 0) > 0)
useOffers(() =>
  finishCardIds.map((id) => ({
    title: `Finish: ${finishCards[id].name.toLowerCase()}`,
    run: () => void (card.value = id),
  })),
)
</script>

<template>
  <div class="finish-view">
    <header>
      <h1>{{ title }}</h1>
      <FinishSentence :said="said" :beside="finish.beside.value" :drop="drop" />
    </header>
    <FinishCards v-model="card" :all="finish.all.value" />
    <section class="finish-stage card" :aria-label="isCut ? 'What is cut' : 'The bag and its rim'">
      <CutPlan v-if="isCut" :item="item!" />
      <template v-else>
        <BagOnStage :item="item" />
        <RimStrip :rim="rim" />
      </template>
    </section>
    <section class="finish-side card">
      <PutOn :finish="finish" />
      <ChoiceOf v-model="side" legend="What is said of it" :options="sides" />
      <div
        class="finish-said"
        tabindex="0"
        :aria-label="sides.find(({ value }) => value === side)!.label"
      >
        <FinishWords
          v-if="side === 'words'"
          :words="finish.words.value"
          :found="there !== null"
          :takes="finish.takes.value"
        />
        <FinishOrder v-else-if="side === 'order'" />
        <ToMind v-else />
      </div>
    </section>
  </div>
</template>

<style>
.finish-view {
  display: grid;
  flex: 1;
  grid-template: auto auto minmax(0, 1fr) / minmax(0, 1fr) 262px;
  gap: 10px 12px;
  min-height: 0;
  padding: 12px 16px;
}
.finish-view > header,
.finish-view > .finish-cards {
  grid-column: 1 / -1;
}
.finish-view > header {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: baseline;
}
.finish-view .finish-stage {
  display: flex;
  flex-direction: column;
  min-height: 0;
  overflow: hidden;
  padding: 8px 12px 10px;
}
.finish-view .finish-side {
  display: flex;
  flex-direction: column;
  gap: 10px;
  min-height: 0;
  padding: 12px 14px;
}
.finish-view .finish-side .choice {
  flex: none;
}
.finish-view .finish-said {
  flex: 1;
  overflow: auto;
  min-height: 0;
}
@media (max-width: 1000px) {
  .finish-view {
    grid-template: auto auto 520px auto / minmax(0, 1fr);
    min-height: auto;
  }
  .finish-view .finish-side {
    min-height: 260px;
  }
}
@media (max-width: 640px) {
  .finish-view {
    padding: 8px 8px 14px;
  }
}
</style>
