<script setup lang="ts">
import { computed, nextTick, ref, shallowRef, toRaw, watch } from 'vue'
import type { TexturePart } from '@core/band'
import { bandOf, yarnsByRow } from '@core/band'
import { standsOn } from '@core/ledger'
import { maybePatternOf, type StitchChart, stitchChart } from '@core/texture'
import StitchDrawing from '@app/views/stitches/StitchDrawing.vue'
import RowStage from './RowStage.vue'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import { useProject } from '@app/stores/project.ts'
import { checker } from '@app/workers/workers.ts'

/** A texture as a chart of symbols, row for row as it is worked, over as many repeats as can be read. */
const { part, as } = defineProps<{ part: TexturePart; as: 'symbols' | 'stitches' }>()
const row = defineModel<number | null>('row', { required: true })
const project = useProject()
/** Rows and stitches that can still be read at once. */
const MOST = { rows: 24, stitches: 26, symbols: 20_000 } as const
const piece = computed(() => project.ledgerPiece!)
const place = computed(() => piece.value.parts.find(({ id }) => id === part.id)!)
const flat = computed(() => piece.value.worked === 'rows')
const fits = computed(() => bandOf(part).standsOn(part, standsOn(piece.value, place.value)))
/** A few of its repeats, or all of them and every row: then it is drawn in the worker, and scrolled. */
const shows = ref<'few' | 'all'>('few')
const whole = computed(() => shows.value === 'all')
/** Rows that are counted: those it was just given are not yet. */
const there = computed(() => place.value.endRow - place.value.firstRow)
const shownRows = computed(() => (whole.value ? there.value : Math.min(there.value, MOST.rows)))
const count = computed(() => standsOn(piece.value, place.value))
const way = computed(() => (flat.value ? 'flat' : 'round'))
const pattern = computed(() => maybePatternOf(part, piece.value.worked)!)
const repeats = computed(() => {
  const { multiple, offset } = pattern.value
  return whole.value
    ? Math.floor((count.value - offset) / multiple)
    : Math.max(2, Math.round(MOST.stitches / multiple))
})
const drawnWhole = shallowRef<StitchChart | null>(null)
watch(
  [whole, pattern, repeats],
  async ([all]) => {
    if (!all || count.value * part.rounds > MOST.symbols) return (drawnWhole.value = null)
    const asked = [toRaw(pattern.value), way.value, repeats.value, shownRows.value] as const
    const answer = await checker.ask((api) => api.chart(...asked))
    drawnWhole.value = whole.value && answer.ok ? answer.value : null
  },
  { immediate: true },
)
const chart = computed(() =>
  whole.value
    ? drawnWhole.value
    : stitchChart(pattern.value, way.value, repeats.value, shownRows.value),
)
/** Read from where it begins: at the join, the lowest row first. */
const sheet = ref<HTMLElement | null>(null)
watch(drawnWhole, async () => {
  await nextTick()
  sheet.value?.scrollTo({ left: sheet.value.scrollWidth, top: sheet.value.scrollHeight })
})
const tooMany = computed(() => whole.value && count.value * part.rounds > MOST.symbols)
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
      colours: new Map(
        [...(yarnsByRow(part)[i] ?? [])].map(([slot, yarn]) => [slot, colourOf(yarn)]),
      ),
      wrong: columns.side[at] === 1,
      on: row.value === i,
    }
  })
})
const more = computed(() => there.value - shownRows.value)
</script>

<template>
  <RowStage v-model:row="row" :name="part.name" :rows="shownRows">
    <ChoiceOf
      v-if="fits"
      v-model="shows"
      legend="How much is shown"
      class="how-much"
      :options="[
        { value: 'few', label: 'A few repeats' },
        { value: 'all', label: flat ? 'The whole panel' : 'The whole round' },
      ]"
    />
    <p v-if="tooMany" class="note">
      {{ count }} stitches and {{ part.rounds }} rows are more symbols than can be drawn at once: a
      few repeats say the same.
    </p>
    <div
      v-else-if="chart && fits"
      ref="sheet"
      class="sheet"
      :class="{ whole }"
      v-bind="
        whole ? { tabindex: 0, role: 'region', 'aria-label': 'The whole of it, scrolled' } : {}
      "
    >
      <StitchDrawing
        :chart="chart"
        :look="as === 'stitches' ? 'stitched' : 'symbols'"
        :yarns="['#000000', '#000000']"
        :rows="rows"
        :repeat="whole ? pattern.multiple : 0"
        :label="`${part.name} ${as === 'symbols' ? 'in symbols' : 'as fabric'}; the words below say the same`"
        @pick="row = $event"
      />
    </div>
    <p v-else-if="fits" class="note" role="status">Drawing …</p>
    <p v-else class="note">
      It does not come out on the stitches below it, so its rows are plain for now. When it does,
      they are drawn here.
    </p>
    <p v-if="more > 0 && fits" class="note">And {{ more }} more, in the same way.</p>
  </RowStage>
</template>

<style>
.texture-stage .how-much {
  align-self: flex-end;
}
.texture-stage .sheet.whole {
  overflow: auto;
  border: 1px solid var(--line);
  background: #fff;
}
.texture-stage .whole .stitch-drawing {
  flex: none;
  width: auto;
  max-height: none;
}
</style>
