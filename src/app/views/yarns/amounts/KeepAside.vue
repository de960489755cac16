<script setup lang="ts">
import { computed } from 'vue'
import type { Lot, Strand } from '@core/design'
import { gramsInHand } from '@core/design'
import { LIMITS } from '@core/part'
import { printMasses } from '@core/units'
import type { LotInHand, YarnInHand } from '@core/workshop'
import { usePromised } from '@app/stores/promised.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

/** Lots of the yarns in hand that can be kept aside for this bag: as much as it needs, or as there is free. */
const { strand, needGrams } = defineProps<{ strand: Strand; needGrams: number | null }>()
const emit = defineEmits<{ keep: [lots: readonly Lot[], label: Strand['label']] }>()
const workshop = useWorkshop()
const promised = usePromised()
void promised.refresh()
const grams = (figure: number) => printMasses(figure, figure, workshop.words.units)
const offers = computed(() =>
  workshop.workshop.yarns.flatMap((yarn) =>
    yarn.lots.flatMap((lot) => {
      const free = promised.free(yarn, lot)
      return free > 0.05 ? [{ yarn, lot, free }] : []
    }),
  ),
)
function keep(yarn: YarnInHand, lot: LotInHand, free: number) {
  const there = gramsInHand(strand) ?? 0
  const lacks = needGrams === null ? free : Math.ceil(needGrams - there)
  const some = Math.min(free, lacks > 0 ? lacks : free)
  const own = strand.lots.find((one) => one.of === yarn.id && one.lot === lot.lot)
  const lots = own
    ? strand.lots.map((one) => (one === own ? { ...one, grams: one.grams + some } : one))
    : [...strand.lots, { lot: lot.lot, grams: some, of: yarn.id }]
  emit('keep', lots, yarn.label)
}
</script>

<template>
  <fieldset v-if="offers.length > 0" class="keep-aside">
    <legend>Keep aside of what is in hand</legend>
    <button
      v-for="{ yarn, lot, free } in offers"
      :key="`${yarn.id} ${lot.lot}`"
      type="button"
      :disabled="strand.lots.length >= LIMITS.lots"
      @click="keep(yarn, lot, free)"
    >
      <i :style="{ background: yarn.colour }" />{{ yarn.name
      }}{{ lot.lot === null ? '' : `, lot ${lot.lot}` }}<em>{{ grams(free) }} free</em>
    </button>
  </fieldset>
  <p v-else class="note">
    Nothing free in hand: yarns for any bag are kept under
    <RouterLink to="/in-hand">In hand</RouterLink>.
  </p>
</template>

<style>
.keep-aside {
  display: grid;
  gap: 3px;
  margin: 6px 0 0;
  padding: 0;
  border: 0;
}
.keep-aside legend {
  padding: 0;
  color: var(--ink-2);
  font-size: 12.5px;
}
.keep-aside button {
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: 26px;
  padding: 2px 6px;
  border: 1px solid var(--line);
  border-radius: var(--radius);
  background: var(--paper);
  font-size: 13px;
  text-align: left;
  cursor: pointer;
}
.keep-aside i {
  width: 12px;
  height: 12px;
  border-radius: 50%;
  box-shadow: inset 0 0 0 1px rgb(0 0 0 / 25%);
}
.keep-aside em {
  flex: 1;
  font-style: normal;
  text-align: right;
}
</style>
