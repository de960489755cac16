<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { handlesBand, maybeEdgeHandles } from '@core/bag'
import { lastYarnOf, partById } from '@core/design'
import { handlesText } from '@core/fitting'
import { printLength, printNumber } from '@core/units'
import WholeField from '@app/parts/fields/WholeField.vue'
import DialogEnd from '@app/parts/page/DialogEnd.vue'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

/** Two handles chained in the edge above a part, centred on front and back: shown before they are made. */
const { above } = defineProps<{ above: string }>()
const emit = defineEmits<{ leave: [] }>()
const project = useProject()
const workshop = useWorkshop()
const piece = computed(() => project.ledgerPiece!)
const row = computed(() => piece.value.parts.find(({ id }) => id === above)!.endRow - 1)
const usual = computed(() => maybeEdgeHandles(piece.value, row.value))
const gap = ref(usual.value?.gap ?? 10)
const chain = ref(usual.value?.chain ?? 25)
const over = ref(3)
watch(gap, (now, before) => {
  if (chain.value === Math.round(2.5 * before)) chain.value = Math.round(2.5 * now)
})
const handles = computed(() =>
  maybeEdgeHandles(piece.value, row.value, { gap: gap.value, chain: chain.value }),
)
const edit = computed(() => {
  const part = partById(project.design!, above)
  if (!handles.value || !part) return null
  const { stitch } = part
  const band = handlesBand(handles.value, { stitch, letter: lastYarnOf(part), over: over.value })
  const own = project.design!.pieces.find(({ id }) => id === project.selectedPiece)
  const at = (own?.parts.findIndex(({ id }) => id === above) ?? -1) + 1
  return { part: band, at }
})
watch(
  edit,
  (one) =>
    one
      ? project.showPreview([{ name: 'addPart', args: { ...one, piece: project.selectedPiece } }])
      : project.endPreview(),
  { immediate: true },
)
function leave() {
  project.endPreview()
  emit('leave')
}
function take() {
  if (!edit.value) return
  project.addBand(edit.value.part, edit.value.at)
  leave()
}
const lines = computed(() => {
  const made = handles.value
  if (!made)
    return ['Such handles do not fit: their gaps take all of the round, or it begins within one.']
  const { stitchWidthMm } = piece.value.parts.find(({ id }) => id === above)!.gauge
  const { units } = workshop.words
  const [front, back] = made.off
  const beside = (by: number) =>
    `${printNumber(Math.abs(by), 2)} ${by > 0 ? 'after' : 'before'} its middle`
  return [
    handlesText(made, workshop.words),
    `Each ${printLength(made.gap * stitchWidthMm, units)} wide, of ${printLength(made.chain * stitchWidthMm, units)} of chain.`,
    made.centred
      ? 'Both lie on the middles of front and back.'
      : `The front one lies ${beside(front)}, the back one ${beside(back)}, in stitches.`,
    'A chain loop can trap small fingers, and long ones catch around a neck: mind who will carry it.',
  ]
})
</script>

<template>
  <ElDialog
    :model-value="true"
    title="Handles in the edge"
    width="430"
    append-to-body
    @update:model-value="leave"
  >
    <form @submit.prevent="take">
      <WholeField v-model="gap" label="Stitches passed over" :min="1" :max="400" />
      <WholeField v-model="chain" label="Chains of each" :min="1" :max="1000" />
      <WholeField v-model="over" label="Rounds over them" :min="0" :max="20" />
      <p v-for="line in lines" :key="line" class="note num" role="status">{{ line }}</p>
      <DialogEnd does="Make them" leaves="Not now" :disabled="!handles" @leave="leave" />
    </form>
  </ElDialog>
</template>
