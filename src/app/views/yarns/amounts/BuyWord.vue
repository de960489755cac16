<script setup lang="ts">
import { computed } from 'vue'
import { counted, printYarnLength } from '@core/units'
import type { StrandNeed } from '@core/yarn'
import SaidWord from '@app/parts/said/SaidWord.vue'
import { word } from '@app/parts/said/said.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import { buyWords, priceWords } from '@app/parts/yarn/saying-amounts.ts'

/** What is to be bought of a yarn: a word that opens how that comes about. */
const { need } = defineProps<{ need: StrandNeed }>()
const workshop = useWorkshop()
const text = computed(() => buyWords(need) ?? '')
const lines = computed(() => {
  const { buying, inHandMetres } = need
  if (!buying) return []
  const metres = (m: number) => printYarnLength(m, workshop.words.units)
  const { more, anew, price, leftMetres } = buying
  return [
    ...(inHandMetres === null ? [] : [`${metres(inHandMetres)} in hand.`]),
    ...(more
      ? [
          `${counted(more.balls, 'ball')} more${more.lot === null ? '' : ` of lot ${more.lot}`} reach the high figure; where that lot is not to be had, ${counted(anew, 'ball')} of one new lot.`,
        ]
      : anew > 0
        ? [`${counted(anew, 'ball')} of one lot: dyes differ from lot to lot.`]
        : ['What is there reaches the high figure.']),
    ...(price === null ? [] : [`Price: ${priceWords(price)}.`]),
    `Left over, as likely as not: ${metres(Math.max(0, leftMetres))}.`,
  ]
})
</script>

<template>
  <SaidWord v-if="text" :word="word(`buy-${need.name}`, text)">
    <p v-for="line in lines" :key="line" class="note">{{ line }}</p>
  </SaidWord>
</template>
