<script setup lang="ts">
import { computed } from 'vue'
import type { WrittenPart } from '@core/band'
import { rowsDrawn } from '@core/shorthand'
import { yarnAt } from '@core/ledger'
import StitchDrawing from '@app/views/stitches/StitchDrawing.vue'
import RowStage from './RowStage.vue'
import { useProject } from '@app/stores/project.ts'

/** Rows as they were written, in symbols or as fabric, with the written rows below them. */
const { part, as } = defineProps<{ part: WrittenPart; as: 'symbols' | 'stitches' }>()
const row = defineModel<number | null>('row', { required: true })
const project = useProject()
const piece = computed(() => project.ledgerPiece!)
const place = computed(() => piece.value.parts.find(({ id }) => id === part.id)!)
const drawn = computed(() => {
  const { design, derived } = project.table!
  return rowsDrawn(design, derived.ledger, piece.value, part.id)
})
const colours = computed(
  () => new Map(project.table!.design.yarns.map(({ letter, colour }) => [letter, colour])),
)
/** Of each row its number, its yarn, and the side it begins on. */
const rows = computed(() => {
  const { columns } = piece.value
  const { yarns } = project.table!.derived.ledger
  return Array.from({ length: drawn.value?.rows ?? 0 }, (_, i) => {
    const at = drawn.value!.firstRow + i
    const letter = yarns[yarnAt(piece.value, at, 'first')]!
    return {
      ...{ number: columns.number[at]!, letter, colour: colours.value.get(letter)! },
      ...{ colours: colours.value, wrong: columns.side[at] === 1 },
      on: row.value !== null && place.value.firstRow + row.value === at,
    }
  })
})
const pick = (i: number) => {
  const at = drawn.value!.firstRow + i - place.value.firstRow
  if (at >= 0) row.value = at
}
</script>

<template>
  <RowStage v-model:row="row" :name="part.name" :rows="part.rows.length">
    <div v-if="drawn" class="sheet">
      <StitchDrawing
        :chart="drawn.chart"
        :look="as === 'stitches' ? 'stitched' : 'symbols'"
        :yarns="['#000000']"
        :rows="rows"
        :label="`${part.name} ${as === 'symbols' ? 'in symbols' : 'as fabric'}; the words below say the same`"
        @pick="pick"
      />
    </div>
    <p v-else class="note">
      These rows are too wide, or too far above plain ones, to be drawn stitch by stitch. On the bag
      they are shown in their yarns.
    </p>
  </RowStage>
</template>
