<script setup lang="ts">
import { computed, ref } from 'vue'
import { roundsFrom, type StripesPart, stripesFrom, type Stripe } from '@core/band'
import { standsOn } from '@core/ledger'
import { LIMITS } from '@core/part'
import { counted, printNumber, printYarnLength } from '@core/units'
import { TAIL_METRES, yarnModel } from '@core/yarn'
import MeasureField from '@app/parts/fields/MeasureField.vue'
import { readAmount } from '@app/parts/fields/read-typed.ts'
import WholeField from '@app/parts/fields/WholeField.vue'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import DialogEnd from '@app/parts/page/DialogEnd.vue'

/** Stripes from what there is of each yarn: how many rounds each gives, and what is left over. */
const { part, rows } = defineProps<{ part: StripesPart; rows: boolean }>()
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ set: [stripes: readonly Stripe[]] }>()
const project = useProject()
const workshop = useWorkshop()
const word = computed(() => (rows ? 'row' : 'round'))
const design = computed(() => project.design!)
const count = computed(() => {
  const piece = project.ledgerPiece!
  const place = piece.parts.find(({ id }) => id === part.id)
  return place ? standsOn(piece, place) : 0
})
/** Metres of a round, on the safe side. */
const perRound = computed(() => {
  const model = yarnModel(design.value, [part.stitch])
  const surely = Math.max(
    ...project.table!.derived.needs.flatMap(({ high, metres }) =>
      metres > 0 ? [high / metres] : [],
    ),
    1,
  )
  return count.value * model.metresOf(design.value.yarns[0]!.letter, part.stitch) * surely
})
/** What is left of each yarn in hand when the rest of the bag is made; null where that is not known. */
const inHand = computed(
  () =>
    new Map(
      project.table!.derived.needs.map(({ letter, inHandMetres, parts, high, metres }) => {
        const here = parts.find((one) => one.part === part.id)?.metres ?? 0
        const others = high * (metres > 0 ? 1 - here / metres : 1)
        return [letter, inHandMetres === null ? null : Math.max(0, inHandMetres - others)] as const
      }),
    ),
)
const typed = ref(new Map<string, number>())
const metresOf = (letter: string) => typed.value.get(letter) ?? inHand.value.get(letter) ?? 0
const setMetres = (letter: string, metres: number) =>
  (typed.value = new Map(typed.value).set(letter, metres))
const each = ref(2)
const gives = computed(() =>
  design.value.yarns.map(({ letter, name }) => ({
    ...{ yarn: letter, name },
    ...roundsFrom(
      { yarn: letter, metres: metresOf(letter), perRound: perRound.value },
      2 * TAIL_METRES,
    ),
  })),
)
const all = computed(() => gives.value.reduce((sum, { rounds }) => sum + rounds, 0))
const made = computed(() =>
  stripesFrom(
    gives.value.filter(({ rounds }) => rounds > 0),
    each.value,
  ),
)
const nameOf = (letter: string) => design.value.yarns.find((yarn) => yarn.letter === letter)!.name
const told = computed(() => [
  ...made.value.short.map(
    ({ yarn, rounds }) =>
      `${nameOf(yarn)}: the last stripe has ${counted(rounds, word.value)} of ${each.value}.`,
  ),
  ...made.value.together.map(
    (yarn) => `${nameOf(yarn)} is more than all others: some of its stripes lie on one another.`,
  ),
])
function take() {
  emit('set', made.value.stripes.slice(0, LIMITS.stripes))
  open.value = false
}
</script>

<template>
  <ElDialog v-model="open" title="Stripes from amounts of yarn" width="520">
    <div class="stripe-amounts">
      <p class="note">
        A {{ word }} of {{ count }} takes up to
        {{ printYarnLength(perRound, workshop.words.units) }}. What is in hand is what the rest of
        the bag leaves.
      </p>
      <div v-for="(yarn, i) in gives" :key="yarn.yarn" class="line">
        <MeasureField
          :label="`${yarn.name}, m`"
          :text="printNumber(metresOf(yarn.yarn))"
          :value="metresOf(yarn.yarn)"
          :read="readAmount"
          :min="0"
          :max="100000"
          @change="setMetres(yarn.yarn, $event)"
        />
        <span class="num">{{ counted(gives[i]!.rounds, word) }}</span>
      </div>
      <WholeField v-model="each" :label="`Each stripe, ${word}s`" :min="1" :max="50" />
      <p class="num">In all {{ counted(all, word) }}.</p>
      <p v-for="words in told" :key="words" class="note">{{ words }}</p>
    </div>
    <DialogEnd
      does="Make these stripes"
      leaves="Not now"
      :disabled="all === 0"
      @take="take"
      @leave="open = false"
    />
  </ElDialog>
</template>

<style>
.stripe-amounts {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.stripe-amounts .line {
  display: grid;
  grid-template-columns: 1fr 90px;
  gap: 12px;
  align-items: center;
}
</style>
