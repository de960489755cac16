<script setup lang="ts">
import { Close, Plus } from '@element-plus/icons-vue'
import { type Stripe, type StripesPart } from '@core/band'
import { LIMITS } from '@core/section'
import { roundsOf } from '@core/design'
import WholeField from '@app/parts/fields/WholeField.vue'
import YarnSelect from './YarnSelect.vue'

/** The stripes of a band, from below. */
const { part } = defineProps<{ part: StripesPart; rows: boolean }>()
const emit = defineEmits<{ set: [values: Partial<StripesPart>] }>()
const setStripes = (change: (stripes: Stripe[]) => Stripe[]) =>
  emit('set', { stripes: change([...part.stripes]) })
const setStripe = (i: number, values: Partial<Stripe>) =>
  setStripes((stripes) => stripes.map((stripe, s) => (s === i ? { ...stripe, ...values } : stripe)))
const addStripe = () =>
  setStripes((stripes) => [
    ...stripes,
    { yarn: stripes.at(-2)?.yarn ?? stripes[0]!.yarn, rounds: 2 },
  ])
</script>

<template>
  <p class="note head">Stripes, from below · {{ roundsOf(part) }} rounds</p>
  <ol class="stripes">
    <li v-for="(stripe, i) in part.stripes" :key="i">
      <YarnSelect
        :model-value="stripe.yarn"
        :label="`Yarn of stripe ${i + 1}`"
        @update:model-value="setStripe(i, { yarn: $event })"
      />
      <WholeField
        :label="`Rounds of stripe ${i + 1}`"
        :model-value="stripe.rounds"
        :min="1"
        :max="LIMITS.rounds"
        @update:model-value="setStripe(i, { rounds: $event })"
      />
      <button
        type="button"
        class="icon-button"
        :disabled="part.stripes.length === 1"
        :aria-label="`Take out stripe ${i + 1}`"
        @click="setStripes((stripes) => stripes.filter((_, s) => s !== i))"
      >
        <ElIcon :size="13"><Close /></ElIcon>
      </button>
    </li>
  </ol>
  <button type="button" class="button" @click="addStripe">
    <ElIcon><Plus /></ElIcon>Stripe
  </button>
</template>
