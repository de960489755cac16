<script setup lang="ts">
import { Plus } from '@element-plus/icons-vue'
import { computed, defineAsyncComponent, ref } from 'vue'
import { scaledTo, type StripesPart, stripeWays } from '@core/band'
import { makingOf, roundsOf } from '@core/design'
import { LIMITS } from '@core/part'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import WholeField from '@app/parts/fields/WholeField.vue'
import { useProject } from '@app/stores/project.ts'
import YarnTurns from '../said/YarnTurns.vue'

/** The stripes of a band, from below. */
const { part, rows } = defineProps<{ part: StripesPart; rows: boolean; show: string }>()
const emit = defineEmits<{ set: [values: Partial<StripesPart>] }>()
const project = useProject()
const StripeAmounts = defineAsyncComponent(() => import('./StripeAmounts.vue'))
const amounts = ref(false)
const addStripe = () =>
  emit('set', {
    stripes: [
      ...part.stripes,
      { yarn: part.stripes.at(-2)?.yarn ?? part.stripes[0]!.yarn, rounds: 2 },
    ],
  })
/** Rounds they are scaled to; as many as there are, until another number is given. */
const rounds = computed(() => roundsOf(part))
const own = computed(() => [...new Set(part.stripes.map(({ yarn }) => yarn))])
const yarns = computed(() =>
  own.value.length > 1 ? own.value : project.design!.yarns.map(({ letter }) => letter),
)
/** In rounds that are turned a yarn comes back to where it was left. */
const turned = computed(() => /^turn/.test(makingOf(project.design!, part).working))
/** Steps and joins of yarns by turns lie on one another, or on opposite sides. */
const begins = computed({
  get: () => (part.opposite ? 'opposite' : 'same'),
  set: (where) => emit('set', { opposite: where === 'opposite' ? true : undefined }),
})
/** Chance falls otherwise every time. */
let seed = 0
function make(id: string) {
  const way = stripeWays.find((one) => one.id === id)!
  const stripes = way.of(part.stripes, yarns.value, ++seed * 7919 + rounds.value)
  emit('set', { stripes: stripes.slice(0, LIMITS.stripes) })
}
</script>

<template>
  <template v-if="show === 'stripes'">
    <p class="note head">
      Stripes, from below · {{ roundsOf(part) }} {{ rows ? 'rows' : 'rounds' }}
    </p>
    <YarnTurns
      :model-value="part.stripes"
      what="stripe"
      :word="rows ? 'Rows' : 'Rounds'"
      @update:model-value="emit('set', { stripes: $event })"
    />
    <ChoiceOf
      v-if="!rows && !turned && own.length > 1"
      v-model="begins"
      legend="Where rounds of every other yarn begin"
      :options="[
        { value: 'same', label: 'Begin in line' },
        { value: 'opposite', label: 'Begin opposite' },
      ]"
    />
    <button type="button" class="button" @click="addStripe">
      <ElIcon><Plus /></ElIcon>Stripe
    </button>
    <ElDropdown trigger="click" @command="make">
      <button type="button" class="button">Make of them …</button>
      <template #dropdown>
        <ElDropdownMenu>
          <ElDropdownItem v-for="way in stripeWays" :key="way.id" :command="way.id">
            {{ way.title }}
          </ElDropdownItem>
        </ElDropdownMenu>
      </template>
    </ElDropdown>
    <button type="button" class="button" @click="amounts = true">From amounts …</button>
    <StripeAmounts
      v-if="amounts"
      v-model="amounts"
      :part="part"
      :rows="rows"
      @set="emit('set', { stripes: $event })"
    />
  </template>
  <WholeField
    v-else
    label="In all"
    :model-value="rounds"
    :min="1"
    :max="LIMITS.rounds"
    @update:model-value="emit('set', { stripes: scaledTo(part.stripes, $event) })"
  />
</template>
