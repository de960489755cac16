<script setup lang="ts">
import { Plus } from '@element-plus/icons-vue'
import { type StripesPart } from '@core/band'
import { roundsOf } from '@core/design'
import YarnTurns from './YarnTurns.vue'

/** The stripes of a band, from below. */
const { part } = defineProps<{ part: StripesPart; rows: boolean }>()
const emit = defineEmits<{ set: [values: Partial<StripesPart>] }>()
const addStripe = () =>
  emit('set', {
    stripes: [
      ...part.stripes,
      { yarn: part.stripes.at(-2)?.yarn ?? part.stripes[0]!.yarn, rounds: 2 },
    ],
  })
</script>

<template>
  <p class="note head">Stripes, from below · {{ roundsOf(part) }} rounds</p>
  <YarnTurns
    :model-value="part.stripes"
    what="stripe"
    word="Rounds"
    @update:model-value="emit('set', { stripes: $event })"
  />
  <button type="button" class="button" @click="addStripe">
    <ElIcon><Plus /></ElIcon>Stripe
  </button>
</template>
