<script setup lang="ts">
import { ref, shallowRef, watch } from 'vue'
import { difference } from '@core/colour'
import { LIMITS } from '@core/part'
import type { Corners } from '@core/picture'
import { counted } from '@core/units'
import WholeField from '@app/parts/fields/WholeField.vue'
import YarnDot from '@app/parts/marks/YarnDot.vue'
import { depicter } from '@app/workers/workers.ts'
import { type Cut, matched, type YarnRow } from './picture-asked.ts'

/** What squares are in, by their yarns; and those where another is nearly as near. */
export interface SquaresIn {
  readonly chart: { readonly width: number; readonly colours: readonly string[] }
  readonly before: Uint8Array
  readonly doubtful: Uint8Array
}

/** A squared chart on paper: its corners and squares found, each square read into a yarn. */
const props = defineProps<{ file: File; corners: Corners; yarns: readonly YarnRow[] }>()
const cut = defineModel<Cut>('cut', { required: true })
const emit = defineEmits<{ read: [squares: SquaresIn | null] }>()
const [columns, rows, many] = [ref(0), ref(0), ref(0)]
const words = ref('Looking for the chart …')
type Read = Extract<Awaited<ReturnType<typeof ask>>, { ok: true }>['value']
const squares = shallowRef<Read | null>(null)
/** The yarn of each colour that was read. */
const letters = ref<readonly string[]>([])

/** Corners are looked for, or drawn to those that are seen where they were set by hand. */
async function find(byHand: Corners | null) {
  words.value = 'Looking for the chart …'
  const answer = await depicter.ask((api) => api.squares(props.file, byHand))
  if (!answer.ok) return (words.value = answer.problem)
  const { isSeen, corners, columns: wide, rows: high } = answer.value
  if (!isSeen)
    return (words.value =
      'No squares were seen by themselves: set the four corners on the picture, then read them.')
  cut.value = { ...cut.value, free: corners }
  ;[columns.value, rows.value] = [
    Math.min(wide, LIMITS.chartWidth),
    Math.min(high, LIMITS.chartHeight),
  ]
  await read(corners)
}
const ask = (corners: Corners) =>
  depicter.ask((api) =>
    api.read(props.file, corners, columns.value, rows.value, many.value || undefined),
  )
async function read(corners = props.corners) {
  if (columns.value < 1 || rows.value < 1) return
  const answer = await ask(corners)
  if (!answer.ok) return (words.value = answer.problem)
  squares.value = answer.value
  const there = props.yarns.map((yarn) => ({ ...yarn, letter: yarn.letter }))
  const near = matched(answer.value.colours, there, Infinity)
  letters.value = answer.value.colours.map(
    (colour) => near.find(({ found }) => found === colour)?.letter ?? nearestOf(colour),
  )
  tell()
}
/** More colours than yarns: the nearest once more. */
const nearestOf = (colour: string) =>
  props.yarns.reduce((best, one) =>
    difference(colour, one.colour) < difference(colour, best.colour) ? one : best,
  ).letter
function tell() {
  if (!squares.value) return emit('read', null)
  const { chosen, doubtful, before } = squares.value
  const doubts = doubtful.reduce((sum, one) => sum + one, 0)
  words.value = `${counted(columns.value, 'stitch')} by ${counted(rows.value, 'row')} in ${counted(letters.value.length, 'colour')}; ${doubts === 0 ? 'no square is doubtful' : `${counted(doubts, 'square')} doubtful: marked`}.`
  const colours = Array.from({ length: rows.value }, (_, row) =>
    Array.from(
      { length: columns.value },
      (__, column) => letters.value[chosen[row * columns.value + column]!]!,
    ).join(''),
  )
  emit('read', { chart: { width: columns.value, colours }, before, doubtful })
}
const say = (at: number, letter: string) => {
  letters.value = letters.value.map((one, i) => (i === at ? letter : one))
  tell()
}
watch(
  () => props.file,
  () => find(null),
  { immediate: true },
)
</script>

<template>
  <div class="paper-of">
    <p role="status">{{ words }}</p>
    <div class="paper-row">
      <button type="button" class="button" @click="find(null)">Find it by itself</button>
      <button type="button" class="button" @click="find(corners)">Read these corners</button>
    </div>
    <div class="paper-row">
      <WholeField
        v-model="columns"
        label="Squares across"
        :min="0"
        :max="LIMITS.chartWidth"
        @update:model-value="read()"
      />
      <WholeField
        v-model="rows"
        label="Squares up"
        :min="0"
        :max="LIMITS.chartHeight"
        @update:model-value="read()"
      />
      <WholeField
        v-model="many"
        label="Colours"
        hint="0: as many as are seen"
        :min="0"
        :max="LIMITS.yarns"
        @update:model-value="read()"
      />
    </div>
    <ul v-if="squares" class="paper-colours">
      <li v-for="(colour, i) in squares.colours" :key="colour">
        <YarnDot letter="" :colour="colour" :size="18" />
        <ElSelect
          :model-value="letters[i]"
          :aria-label="`Yarn of colour ${i + 1}`"
          @update:model-value="say(i, $event)"
        >
          <ElOption
            v-for="yarn in yarns"
            :key="yarn.letter"
            :value="yarn.letter"
            :label="`${yarn.letter} ${yarn.name}`"
          />
        </ElSelect>
      </li>
    </ul>
  </div>
</template>

<style>
.paper-of {
  display: grid;
  gap: 8px;
}
.paper-row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: end;
}
.paper-colours {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 6px;
  margin: 0;
  padding: 0;
  list-style: none;
}
.paper-colours li {
  display: flex;
  gap: 8px;
  align-items: center;
}
</style>
