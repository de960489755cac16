<script setup lang="ts">
import { computed, ref } from 'vue'
import { hoursWords, paceOf, ripCost, stepsOf } from '@core/make'
import { rowWord } from '@core/terms'
import { counted, printYarnLength } from '@core/units'
import WholeField from '@app/parts/fields/WholeField.vue'
import DialogEnd from '@app/parts/page/DialogEnd.vue'
import { useMaking } from '@app/stores/making.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

/** Rip back to the end of a row, or into the midst of one: progress, yarn and log follow. */
const open = defineModel<boolean>({ required: true })
const making = useMaking()
const project = useProject()
const workshop = useWorkshop()
const on = computed(() => making.on!)
const row = computed(() => rowWord(on.value.piece.worked))
/** Rows that stay, by their number. */
const stays = ref(Math.max(0, on.value.made - 1))
const stitches = ref(0)
const most = computed(() =>
  stays.value < on.value.piece.rows
    ? stepsOf(making.ledger!, on.value.piece, stays.value).strokes - 1
    : 0,
)
const cost = computed(() => {
  const paths = project.table!.derived.paths[making.ledger!.pieces.indexOf(on.value.piece)]!
  const { seconds, tailMetres, rows } = ripCost(
    making.ledger!,
    on.value.piece,
    paths,
    stays.value,
    on.value.made,
  )
  const { low, high } = paceOf(making.log, making.learned)
  const time = hoursWords([(seconds * low) / 3600, (seconds * high) / 3600])
  const ends =
    tailMetres > 0
      ? `, and ${printYarnLength(tailMetres, workshop.words.units)} of yarn in ends`
      : ''
  return rows === 0
    ? 'Only what is worked of this one.'
    : `${counted(rows, row.value)} to work again: ${time}${ends}. The yarn comes back.`
})
function rip() {
  making.takeBack(stays.value, Math.min(stitches.value, most.value), 'ripped')
  open.value = false
}
</script>

<template>
  <ElDialog v-model="open" title="Rip back" width="420px" append-to-body>
    <form @submit.prevent="rip">
      <WholeField
        v-model="stays"
        :label="`Stays up to ${row}`"
        :min="0"
        :max="on.made"
        hint="0: all of it is ripped"
      />
      <WholeField v-model="stitches" label="and stitches of the next" :min="0" :max="most" />
      <p class="num note">{{ cost }} Clip a marker into the last stitch that stays, then pull.</p>
      <DialogEnd does="Rip back" leaves="Not now" @leave="open = false" />
    </form>
  </ElDialog>
</template>
