<script setup lang="ts">
import { fileOpen } from 'browser-fs-access'
import { computed, nextTick, ref, shallowRef, useTemplateRef, watch } from 'vue'
import { type BandPart, isBandOf } from '@core/band'
import type { Chart } from '@core/chart'
import { LIMITS } from '@core/part'
import type { PictureTechnique } from '@core/picture'
import { counted, printNumber } from '@core/units'
import WholeField from '@app/parts/fields/WholeField.vue'
import DialogEnd from '@app/parts/page/DialogEnd.vue'
import YarnPicks from '@app/parts/yarn/YarnPicks.vue'
import { useProject } from '@app/stores/project.ts'
import { depicter } from '@app/workers/workers.ts'
import { difference, inks, paintCells, whyNot } from './picture-cells.ts'

/** A photograph or a drawing as the chart of a band, under the rules of its technique, shown beside the picture before it is taken. */
const props = defineProps<{
  part: BandPart
  chart: Chart
  /** Of a cell of the chart. */
  stitchWidthMm: number
  rowHeightMm: number
}>()
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ draw: [chart: Chart, why: string] }>()
const project = useProject()
/** Mosaic is worked in the two yarns of its rows, the lowest row's first. */
const mosaic = computed(() => (isBandOf('mosaic', props.part) ? props.part : null))
const all = computed(() => {
  const { yarns } = project.design!
  const rows = mosaic.value ? [...new Set(mosaic.value.rows)] : null
  return rows ? rows.flatMap((letter) => yarns.find((yarn) => yarn.letter === letter) ?? []) : yarns
})
const file = shallowRef<File | null>(null)
const stitches = ref(props.chart.width)
const perRound = ref(isBandOf('tapestry', props.part) ? Math.max(2, props.part.carried) : 2)
const shortest = ref(1)
/** Letters it is worked in. */
const chosen = ref<readonly string[]>(all.value.map(({ letter }) => letter))
const words = ref('')
type Answer = Exclude<Awaited<ReturnType<typeof ask>>, string>
const found = shallowRef<Answer | null>(null)
const canvases = useTemplateRef<HTMLCanvasElement[]>('canvases')
const views = ['Picture', 'Chart', 'Difference'] as const
let asking: AbortController | null = null

const yarnsOf = () =>
  all.value
    .filter(({ letter }) => chosen.value.includes(letter))
    .map(({ letter, colour }) => ({ letter, colour, stitch: 0, carried: 0, most: null }))
async function ask(of: File, signal: AbortSignal) {
  const gauge = { stitchWidthMm: props.stitchWidthMm, rowHeightMm: props.rowHeightMm }
  const technique: PictureTechnique = mosaic.value?.school ?? 'tapestry'
  const wanted = {
    ...{ yarns: yarnsOf(), technique, perRound: perRound.value, shortest: shortest.value },
    flat: project.ledgerPiece!.worked === 'rows',
  }
  const answer = await depicter.ask((api) => api.chart(of, stitches.value, gauge, wanted), {
    signal,
  })
  return answer.ok ? answer.value : answer.problem
}
async function look() {
  asking?.abort()
  found.value = null
  if (!file.value) return
  if (chosen.value.length === 0) return (words.value = 'Choose a yarn.')
  const mine = (asking = new AbortController())
  words.value = 'Looking …'
  const answer = await ask(file.value, mine.signal)
  if (asking !== mine) return
  if (typeof answer === 'string') return (words.value = whyNot(answer))
  found.value = answer
  const { likeness, rounds } = answer
  words.value = `${counted(stitches.value, 'stitch')} by ${counted(rounds, 'row')}; ${printNumber(likeness.mean, 1)} apart on the mean, ${printNumber(likeness.worst, 0)} at worst. About 1 is just seen, more than 10 is another colour.`
  await nextTick()
  paint()
}
function paint() {
  const { chart, before } = found.value!
  const drawn = inks(chart, project.design!.yarns)
  const shown = [before, drawn, difference(before, drawn)]
  const aspect = props.rowHeightMm / props.stitchWidthMm
  canvases.value?.forEach((canvas, i) => paintCells(canvas, shown[i]!, chart.width, aspect))
}
const choose = async () => {
  file.value = await fileOpen({
    mimeTypes: ['image/png', 'image/jpeg', 'image/webp', 'image/gif', 'image/bmp'],
    extensions: ['.png', '.jpg', '.jpeg', '.webp', '.gif', '.bmp'],
  }).catch(() => file.value)
}
watch([file, stitches, perRound, shortest, chosen], look)
const cellsWords = computed(() =>
  found.value?.yarns.map(({ letter, cells }) => `${letter} ${cells}`).join(', '),
)
function take() {
  if (!found.value) return
  emit('draw', found.value.chart, 'Make it of a picture')
  open.value = false
}
</script>

<template>
  <ElDialog v-model="open" title="A chart of a picture" width="760" append-to-body>
    <div class="of-picture">
      <div class="row">
        <button type="button" class="button" @click="choose">Open a picture …</button>
        <span v-if="file" class="note">{{ file.name }}</span>
      </div>
      <div class="row">
        <WholeField v-model="stitches" label="Stitches" :min="1" :max="LIMITS.chartWidth" />
        <template v-if="!mosaic">
          <WholeField v-model="perRound" label="Yarns a round" :min="1" :max="LIMITS.strands" />
          <WholeField v-model="shortest" label="Shortest run" :min="1" :max="20" />
        </template>
      </div>
      <YarnPicks v-if="!mosaic" v-model="chosen" :yarns="all" legend="In these yarns" />
      <p class="note" role="status">{{ words }}</p>
      <div v-if="found" class="pictures">
        <figure v-for="view in views" :key="view">
          <canvas ref="canvases" role="img" :aria-label="view" />
          <figcaption>{{ view }}</figcaption>
        </figure>
      </div>
      <p v-if="found" class="note">Cells of each yarn: {{ cellsWords }}.</p>
      <DialogEnd
        does="Put it on the band"
        :disabled="!found"
        leaves="Not now"
        @take="take"
        @leave="open = false"
      />
    </div>
  </ElDialog>
</template>

<style>
.of-picture {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.of-picture .row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: end;
}
.of-picture .pictures {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
  gap: 12px;
}
.of-picture figure {
  margin: 0;
}
.of-picture canvas {
  width: 100%;
  border: 1px solid var(--line);
  image-rendering: pixelated;
}
</style>
