<script setup lang="ts">
import { proxy } from 'comlink'
import { onBeforeUnmount, ref, shallowRef, watch } from 'vue'
import type { MosaicPart } from '@core/band'
import type { Cell, Chart } from '@core/chart'
import type { Rules } from '@core/mosaic'
import { counted } from '@core/units'
import { mender } from '@app/workers/workers.ts'

/** Finds the nearest picture that can be worked, and shows it before it is taken. */
const { part, rules, kept } = defineProps<{
  part: MosaicPart
  rules: Rules
  /** Cells that are to stay as they are where that can be. */
  kept: readonly Cell[]
}>()
const emit = defineEmits<{
  /** What it would be, and the cells that would change; none when it is over. */
  show: [chart: Chart | null, cells: readonly Cell[]]
  take: [chart: Chart]
}>()
/** A kept cell is changed only where a thousand others would be. */
const KEPT = 1000

const found = shallowRef<{ readonly chart: Chart; readonly cells: readonly Cell[] } | null>(null)
const running = shallowRef<AbortController | null>(null)
const words = ref('')
const boundWords = (cost: number, bound: number) =>
  bound >= cost ? 'No fewer would do' : `At least ${bound} are needed`

async function find() {
  const { chart, rows } = part
  const weights = new Uint16Array(chart.width * rows.length).fill(1)
  for (const { column, row } of kept) weights[row * chart.width + column] = KEPT
  const giveUp = new AbortController()
  running.value = giveUp
  words.value = 'Looking for the nearest …'
  const told = proxy((best: number, bound: number) => {
    if (running.value === giveUp) words.value = `${best} so far. At least ${bound} are needed.`
  })
  const mosaic = { width: chart.width, colours: [...chart.colours], rows }
  const weighed = kept.length > 0 ? weights : null
  const answer = await mender.ask((api) => api.mend(mosaic, { ...rules }, weighed, told), {
    signal: giveUp.signal,
  })
  if (running.value !== giveUp) return
  running.value = null
  if (!answer.ok) return (words.value = answer.problem)
  const { cells, bound } = answer.value
  found.value = answer.value
  words.value = `${counted(cells.length, 'cell')} would change. ${
    kept.length > 0 ? 'What you chose is kept where it can be' : boundWords(cells.length, bound)
  }.`
  emit('show', answer.value.chart, cells)
}
function leave() {
  running.value?.abort()
  running.value = null
  found.value = null
  words.value = ''
  emit('show', null, [])
}
function take() {
  const { chart } = found.value!
  leave()
  emit('take', chart)
}
// What is found is the nearest to what was there: anything that changes it ends the showing.
watch([() => part.id, () => part.school, () => part.rows, () => part.chart], leave)
onBeforeUnmount(leave)
</script>

<template>
  <span class="mosaic-mend" role="status">
    <button v-if="!found && !running" type="button" class="button" @click="find">
      Make it workable
    </button>
    <span v-if="words" class="num">{{ words }}</span>
    <button v-if="found" type="button" class="button primary" @click="take">Take it</button>
    <button v-if="found || running" type="button" class="button" @click="leave">
      {{ running ? 'Stop' : 'Leave it' }}
    </button>
  </span>
</template>

<style>
.mosaic-mend {
  display: flex;
  gap: 4px;
  align-items: center;
  font-size: 13px;
}
</style>
