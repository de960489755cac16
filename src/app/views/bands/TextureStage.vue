<script setup lang="ts">
import { computed } from 'vue'
import type { TexturePart } from '@core/band'
import { bandOf, beyondRepeats } from '@core/band'
import { standsOn } from '@core/ledger'
import { type PatternRow, type StitchPattern, stitchChart } from '@core/texture'
import StitchDrawing from '@app/views/stitches/StitchDrawing.vue'
import { useProject } from '@app/stores/project.ts'

/** A texture as a chart of symbols, row for row as it is worked, over as many repeats as can be read. */
const { part } = defineProps<{ part: TexturePart }>()
const row = defineModel<number | null>('row', { required: true })
const project = useProject()
/** Rows and stitches that can still be read at once. */
const MOST = { rows: 24, stitches: 26 } as const
const piece = computed(() => project.ledgerPiece!)
const place = computed(() => piece.value.parts.find(({ id }) => id === part.id)!)
const flat = computed(() => piece.value.worked === 'rows')
const fits = computed(() => bandOf(part).standsOn(part, standsOn(piece.value, place.value)))
const rowsOf = (rows: TexturePart['repeat']): PatternRow[] =>
  rows.map(({ text, runs, onto, side }) => ({
    ...{ text, onto, side },
    yarn: runs[0]!.yarn === 'B' ? 'B' : 'A',
  }))
const shownRows = computed(() => Math.min(part.rounds, MOST.rows))
const chart = computed(() => {
  const { multiple, offset } = bandOf(part).counts(part)!
  const whole = beyondRepeats(part) === 0
  const { from } = part
  const program = {
    begin: rowsOf(part.begin),
    rows: rowsOf([...part.repeat.slice(from), ...part.repeat.slice(0, from)]),
    end: rowsOf(whole ? part.end : []),
  }
  const pattern: StitchPattern = {
    ...{ id: part.pattern, name: part.name, family: 'own', multiple, offset },
    ...{ flat: flat.value ? program : null, round: flat.value ? null : program },
    ...{ side: part.side, height: 1, yarn: 1, special: '', notes: '' },
    ...{ unit: null, perRepeat: 1, least: 1, beside: { flat: 0, round: 0 } },
    ...(part.passes === 2 ? { passes: 2 as const } : {}),
  }
  const repeats = Math.max(2, Math.round(MOST.stitches / multiple))
  return stitchChart(pattern, flat.value ? 'flat' : 'round', repeats, shownRows.value)
})
const colourOf = (letter: string) =>
  project.table!.design.yarns.find((yarn) => yarn.letter === letter)!.colour
/** Of each row its number, its yarn, and the side it begins on. */
const rows = computed(() => {
  const { columns } = piece.value
  const { yarns } = project.table!.derived.ledger
  return Array.from({ length: shownRows.value }, (_, i) => {
    const at = place.value.firstRow + i
    const letter = yarns[columns.runYarn[columns.blockFrom[columns.blockStart[at]!]!]!]!
    return {
      number: columns.number[at]!,
      letter,
      colour: colourOf(letter),
      wrong: columns.side[at] === 1,
      on: row.value === i,
    }
  })
})
const step = (by: number) =>
  (row.value = Math.max(0, Math.min(shownRows.value - 1, (row.value ?? 0) + by)))
const more = computed(() => part.rounds - shownRows.value)
</script>

<template>
  <div
    class="texture-stage"
    tabindex="0"
    role="group"
    :aria-label="`${part.name}, row by row: arrow keys choose the one that is read out`"
    @keydown.up.prevent="step(1)"
    @keydown.down.prevent="step(-1)"
  >
    <StitchDrawing
      v-if="chart && fits"
      :chart="chart"
      look="symbols"
      :yarns="['#000000', '#000000']"
      :rows="rows"
      :label="`${part.name} in symbols; the round below says the same`"
      @pick="row = $event"
    />
    <p v-else class="note">
      Its symbols are shown once it comes out on the stitches below it. Until then its rows are
      plain.
    </p>
    <p v-if="more > 0" class="note">And {{ more }} more, in the same way.</p>
  </div>
</template>

<style>
.texture-stage {
  display: flex;
  flex: 1;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  gap: 6px;
  min-height: 0;
  padding: 8px 12px;
}
.texture-stage .stitch-drawing {
  flex: 1;
  max-height: 100%;
  min-height: 0;
}
</style>
