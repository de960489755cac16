<script setup lang="ts">
import { computed, ref } from 'vue'
import { afterRowOf } from '@core/make'
import type { LogEntry } from '@core/project'
import { rowWord } from '@core/terms'
import { printNumber } from '@core/units'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import MeasureField from '@app/parts/fields/MeasureField.vue'
import { readAmount } from '@app/parts/fields/read-typed.ts'
import YarnSelect from '@app/parts/fields/YarnSelect.vue'
import ScalePanel from '@app/parts/fields/ScalePanel.vue'
import DialogEnd from '@app/parts/page/DialogEnd.vue'
import { useMaking } from '@app/stores/making.ts'

/** What is left of a yarn now; or what of it came to the bag or went from it, so that a weighing tells what was worked. */
const open = defineModel<boolean>({ required: true })
const making = useMaking()
const letter = ref(making.steps.steps.at(-1)?.yarn ?? making.ledger!.yarns[0]!)
const grams = ref<number | null>(null)
const hows = { left: 'Left now', joined: 'Joined', 'wound off': 'Wound off', lent: 'Lent' } as const
const how = ref<keyof typeof hows>('left')
const about = computed(
  () =>
    ({
      left: 'Weigh the ball as it is, with what hangs from it.',
      joined: 'A new ball, or part of one, that is worked from now on.',
      'wound off': 'Yarn that was taken off the ball for something else.',
      lent: 'Yarn that another bag has now.',
    })[how.value],
)
const canKeep = computed(
  () => grams.value !== null && (how.value !== 'left' || making.on!.made > 0),
)
const after = computed(() => {
  const { piece, made } = making.on!
  return made === 0
    ? 'before the first'
    : `after ${rowWord(piece.worked)} ${piece.columns.number[made - 1]}`
})
function keep() {
  const { piece, copy, row } = afterRowOf(making.on!, making.on!.made)
  const yarn = letter.value
  const entry: LogEntry =
    how.value === 'left'
      ? { kind: 'weighed', piece, row: row!, yarn, grams: grams.value }
      : {
          ...{ kind: 'supplied', how: how.value, piece, copy, row, yarn },
          grams: how.value === 'joined' ? grams.value! : -grams.value!,
        }
  making.note([entry])
  open.value = false
}
</script>

<template>
  <ElDialog v-model="open" :title="`Weigh, ${after}`" width="460px" append-to-body>
    <form class="weigh-dialog" @submit.prevent="canKeep && keep()">
      <div class="measure-field">
        <label for="make-weigh-yarn">Yarn</label>
        <YarnSelect id="make-weigh-yarn" v-model="letter" label="Yarn on the scale" />
      </div>
      <ChoiceOf
        v-model="how"
        legend="What is weighed"
        :options="
          Object.entries(hows).map(([value, label]) => ({
            value: value as keyof typeof hows,
            label,
          }))
        "
      />
      <p class="note">{{ about }}</p>
      <MeasureField
        :label="hows[how]"
        :text="grams === null ? '' : printNumber(grams, 1)"
        :value="grams ?? -1"
        :read="readAmount"
        :min="0"
        :max="100000"
        likely="40"
        hint="g"
        @change="grams = $event"
      />
      <ScalePanel @take="grams = $event" />
      <DialogEnd does="Keep it" leaves="Not now" :disabled="!canKeep" @leave="open = false" />
    </form>
  </ElDialog>
</template>

<style>
.weigh-dialog {
  display: grid;
  gap: 8px;
}
</style>
