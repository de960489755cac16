<script setup lang="ts">
import { computed } from 'vue'
import { type Spot, spotBys, spotOns, type SpotBy, type SpotOn, LIMITS } from '@core/part'
import { idOfRow, rowById } from '@core/ledger'
import { edgeWords, meetingWords } from '@core/pattern'
import LengthField from '@app/parts/fields/LengthField.vue'
import WholeField from '@app/parts/fields/WholeField.vue'
import { useProject } from '@app/stores/project.ts'

/** Where a thing is: on which piece, at which edge or row of it, and how far along or at which place of the bag. */
const { label, words, own } = defineProps<{
  /** What it is the spot of, before the names of its fields. */
  label: string
  /** What the piece and the place on it are called there. */
  words: { piece: string; on: string }
  /** The piece whose edge it is that goes there: it can go to the piece itself. */
  own?: string
}>()
const spot = defineModel<Spot>({ required: true })
const project = useProject()
const pieces = computed(() => project.table!.derived.ledger.pieces)
const piece = computed(() => pieces.value.find(({ id }) => id === spot.value.piece))
const set = (change: Partial<Spot>) => (spot.value = { ...spot.value, ...change })

const onWords = (on: SpotOn) =>
  on === 'row' || on === 'up' || on === 'around' ? meetingWords[on] : `its ${edgeWords[on]}`
const byWords: Readonly<Record<SpotBy, string>> = {
  stitch: 'counted in stitches',
  length: 'measured in mm',
  front: 'at the front',
  back: 'at the back',
  side: 'at one side',
  'other-side': 'at the other side',
}
/** A row by the number it has on its piece, and the number of a row. */
function rowId(number: number): string | null {
  return piece.value ? idOfRow(piece.value, Math.min(number, piece.value.rows) - 1) : null
}
const number = computed(
  () =>
    (piece.value && spot.value.row !== null && (rowById(piece.value, spot.value.row) ?? 0) + 1) ||
    1,
)
/** At an edge there is no row to say; along one or up from it begins half-way up. */
function setOn(on: SpotOn) {
  const inside = on === 'row' || on === 'up'
  set({ on, row: inside ? (spot.value.row ?? rowId((piece.value?.rows ?? 2) >> 1)) : null })
}
/** Counted anew it is not measured any more. */
function setBy(by: SpotBy) {
  const rest = { ...spot.value }
  delete (rest as { inMm?: true }).inMm
  spot.value = { ...rest, by, at: 0 }
}
/** How far from a place that is named, in mm, however it was said. */
const stitchMm = computed(() => {
  if (!piece.value) return 1
  const row = spot.value.row === null ? null : rowById(piece.value, spot.value.row)
  const { widthMm, makes } = piece.value.columns
  const at = row ?? piece.value.rows - 1
  return widthMm[at]! / Math.max(1, makes[at]!)
})
const farMm = computed(() =>
  Math.abs(spot.value.inMm ? spot.value.at : spot.value.at * stitchMm.value),
)
const before = computed(() => spot.value.at < 0)
const setFar = (mm: number, isBefore: boolean) => set({ at: isBefore ? -mm : mm, inMm: true })
const isNamed = computed(() => spot.value.by !== 'stitch' && spot.value.by !== 'length')
</script>

<template>
  <ElSelect
    :model-value="spot.piece"
    :aria-label="`${label}: ${words.piece}`"
    @update:model-value="(to: string) => set({ piece: to, row: null, on: 'last' })"
  >
    <ElOption
      v-for="{ id, name } in pieces"
      :key="id"
      :value="id"
      :label="id === own ? 'to itself' : `to ${name}`"
    />
  </ElSelect>
  <ElSelect
    :model-value="spot.on"
    :aria-label="`${label}: ${words.on}`"
    @update:model-value="(on: SpotOn) => setOn(on)"
  >
    <ElOption
      v-for="on in spotOns.filter((one) => own !== undefined || one !== 'around')"
      :key="on"
      :value="on"
      :label="onWords(on)"
    />
  </ElSelect>
  <WholeField
    v-if="spot.row !== null"
    :label="spot.on === 'row' ? 'Row' : 'From row'"
    :model-value="number"
    :min="1"
    :max="piece?.rows ?? 1"
    @update:model-value="set({ row: rowId($event) })"
  />
  <ElSelect
    v-if="spot.on !== 'around'"
    :model-value="spot.by"
    :aria-label="`${label}: from where it is counted`"
    @update:model-value="(by: SpotBy) => setBy(by)"
  >
    <ElOption v-for="by in spotBys" :key="by" :value="by" :label="byWords[by]" />
  </ElSelect>
  <WholeField
    v-if="!isNamed && spot.on !== 'around'"
    label="After"
    :hint="spot.by === 'length' ? 'mm' : 'places'"
    :model-value="Math.round(spot.at)"
    :min="0"
    :max="spot.by === 'length' ? LIMITS.lengthMm : LIMITS.rowCount"
    @update:model-value="set({ at: $event })"
  />
  <template v-if="isNamed && spot.on !== 'around'">
    <LengthField
      label="From there"
      :min="0"
      :max="LIMITS.lengthMm"
      :model-value="farMm"
      @update:model-value="setFar($event, before)"
    />
    <ElCheckbox
      v-if="farMm > 0"
      :model-value="before"
      @update:model-value="setFar(farMm, $event === true)"
      >before it</ElCheckbox
    >
  </template>
</template>
