<script setup lang="ts">
import { computed } from 'vue'
import type { Drop, FinishField, FinishPiece } from '@core/bag'
import { printLength, printNumber } from '@core/units'
import SaidWord from '@app/parts/said/SaidWord.vue'
import { word } from '@app/parts/said/said.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import FinishInput from './FinishInput.vue'

/** What is decided about the chosen thing, as a sentence; and how it hangs with a load in it. */
const { said, beside, drop } = defineProps<{
  said: readonly FinishPiece[]
  /** What its sentence does not say. */
  beside: readonly FinishField[]
  drop: Drop | null
}>()
const workshop = useWorkshop()
const loaded = computed(() => {
  if (!drop) return ''
  const [low, high] = drop.loadedMm.map((mm) => printLength(mm, workshop.words.units))
  const rests = drop.measured ? 'by the swatch' : 'from memory'
  return `About ${low} to ${high} with 3 kg in it: it stretches by ${printNumber(100 * drop.stretch)} % (${rests}).`
})
const more = word('more', 'More')
</script>

<template>
  <p v-if="said.length > 0" class="finish-sentence">
    <template v-for="(one, i) in said" :key="i"
      ><template v-if="typeof one === 'string'">{{ one }}</template
      ><SaidWord v-else :word="word(one.field.key, one.text)"
        ><FinishInput :field="one.field" /></SaidWord
    ></template>
    <template v-if="beside.length > 0">
      {{ ' '
      }}<SaidWord :word="more"
        ><FinishInput v-for="one in beside" :key="one.key" :field="one" /></SaidWord
    ></template>
    <template v-if="loaded"
      >{{ ' ' }}<span class="note">{{ loaded }}</span></template
    >
  </p>
  <p v-else class="finish-sentence">Nothing of it is on this bag yet: put it on below.</p>
</template>

<style>
.finish-sentence {
  flex: 1 1 420px;
  color: var(--ink-2);
  font-size: 13.5px;
  line-height: 1.7;
}
</style>
