<script setup lang="ts">
import { fileOpen } from 'browser-fs-access'
import { computed, ref, shallowRef, useTemplateRef } from 'vue'
import { type PhotoMarks, photoGauge, type Point } from '@core/measure'
import { printLength, printNumber } from '@core/units'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import { followPointer } from '@app/parts/page/follow-pointer.ts'
import LengthField from '@app/parts/fields/LengthField.vue'
import { usualOver } from '@app/parts/fields/gauge-typed.ts'
import WholeField from '@app/parts/fields/WholeField.vue'
import { useWorkshop } from '@app/stores/workshop.ts'
import DialogEnd from '@app/parts/page/DialogEnd.vue'
import { EXAMPLE, exampleMarks } from './photo-example.ts'
import { beginMarks, usePhotoMarks } from './use-photo-marks.ts'
import { useSwatches } from './use-swatches.ts'

/**
 * Measures a swatch on a photograph: marks on something of known size, on the edges of the first and last stitch, and on those of
 * rows. The photograph is only looked at here; it is not kept and goes nowhere.
 */
const open = defineModel<boolean>({ required: true })
const workshop = useWorkshop()
const { add, fresh } = useSwatches()
const svg = useTemplateRef<SVGSVGElement>('svg')
const picture = shallowRef<{ url: string; width: number; height: number } | null>(null)
const marks = shallowRef<PhotoMarks | null>(null)
const problem = ref<string | null>(null)

function showExample() {
  picture.value = EXAMPLE
  marks.value = exampleMarks()
  problem.value = null
}

async function choose() {
  const file = await fileOpen({
    mimeTypes: ['image/*'],
    extensions: ['.jpg', '.png', '.webp'],
  }).catch(() => null)
  if (!file) return
  const url = URL.createObjectURL(file)
  const image = new Image()
  image.src = url
  try {
    await image.decode()
  } catch {
    URL.revokeObjectURL(url)
    problem.value = `“${file.name}” is not a picture this browser can show. Try a JPEG or PNG.`
    return
  }
  const { naturalWidth: width, naturalHeight: height } = image
  picture.value = { url, width, height }
  marks.value = beginMarks(width, height)
  problem.value = null
}

const { kind, set, setReference, handles } = usePhotoMarks(picture, marks)
type Handle = (typeof handles.value)[number]
const inside = (value: number, most: number) => Math.min(most, Math.max(0, value))
function moveTo(handle: Handle, { x, y }: Point) {
  const { width, height } = picture.value!
  handle.move({ x: inside(x, width), y: inside(y, height) })
}
function drag(event: PointerEvent, index: number) {
  const element = event.currentTarget as SVGElement
  const before = handles.value[index]!.point
  followPointer(event, element, {
    move(to) {
      const matrix = svg.value!.getScreenCTM()!.inverse()
      moveTo(handles.value[index]!, new DOMPoint(to.clientX, to.clientY).matrixTransform(matrix))
    },
    cancel: () => moveTo(handles.value[index]!, before),
  })
}
const steps: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}
function key(event: KeyboardEvent, index: number) {
  const step = steps[event.key]
  if (!step) return
  event.preventDefault()
  const far = event.shiftKey ? 10 : 1
  const { point } = handles.value[index]!
  moveTo(handles.value[index]!, { x: point.x + far * step[0], y: point.y + far * step[1] })
}

const result = computed(() => (marks.value ? photoGauge(marks.value) : null))
const over = computed(() => usualOver(workshop.words.units))
const figures = computed(() => {
  if (!result.value?.ok) return []
  const { stitches, rows } = result.value.value
  const line = (what: string, count: number, { mm, sureMm }: typeof rows) => ({
    what,
    length: printLength(mm, workshop.words.units),
    per: printNumber((count * over.value.overMm) / mm),
    sure: printNumber((100 * sureMm) / mm, 1),
  })
  return [line('stitches', marks.value!.stitches, stitches), line('rows', marks.value!.rows, rows)]
})
function take() {
  if (!result.value?.ok || !marks.value) return
  const { stitches, rows } = result.value.value
  const exact = (mm: number) => Number(mm.toFixed(1))
  add(
    fresh({
      stitches: marks.value.stitches,
      stitchesOverMm: exact(stitches.mm),
      rows: marks.value.rows,
      rowsOverMm: exact(rows.mm),
    }),
  )
  open.value = false
}
/** Marks look the same whatever the size of the picture. */
const unit = computed(() => (picture.value ? picture.value.width / 600 : 1))
const line = (points: readonly Point[]) => points.map(({ x, y }) => `${x},${y}`).join(' ')
</script>

<template>
  <ElDialog
    v-model="open"
    title="Measure a swatch on a picture"
    width="900"
    class="photo"
    append-to-body
  >
    <div class="photo-body">
      <div class="stand">
        <svg
          v-if="picture && marks"
          ref="svg"
          :viewBox="`0 0 ${picture.width} ${picture.height}`"
          role="group"
          aria-label="The picture with its marks"
        >
          <image :href="picture.url" :width="picture.width" :height="picture.height" />
          <polygon class="known" :points="line(marks.reference.points)" />
          <polyline class="stitches" :points="line(marks.stitchEdges)" />
          <polyline class="rows" :points="line(marks.rowEdges)" />
          <g
            v-for="(handle, i) in handles"
            :key="handle.label"
            class="mark"
            :class="handle.group"
            role="button"
            tabindex="0"
            :aria-label="`${handle.label}: arrow keys move it, with Shift further`"
            :transform="`translate(${handle.point.x} ${handle.point.y}) scale(${unit})`"
            @pointerdown.prevent="drag($event, i)"
            @keydown="key($event, i)"
          >
            <title>{{ handle.label }}</title>
            <circle r="11" class="reach" />
            <circle r="6" />
            <path d="M-9 0H-2M2 0H9M0 -9V-2M0 2V9" />
          </g>
        </svg>
        <p v-else class="note nothing">
          Lay something of known size beside the swatch (a card, a sheet of paper, a ruler) and take
          a picture of both.
        </p>
        <p v-if="problem" class="bad" role="alert">{{ problem }}</p>
      </div>
      <div class="side">
        <div class="choices">
          <button type="button" class="button" @click="choose">Choose a picture …</button>
          <button type="button" class="button" @click="showExample">Try the example</button>
        </div>
        <p class="note">The picture stays on this machine.</p>
        <template v-if="marks">
          <h3><i class="known" />Of known size</h3>
          <ChoiceOf
            v-model="kind"
            legend="What is of known size"
            :options="[
              { value: 'rectangle', label: 'Four corners', title: 'Also taken at an angle' },
              { value: 'distance', label: 'A length', title: 'Taken from straight above' },
            ]"
          />
          <template v-if="marks.reference.kind === 'rectangle'">
            <LengthField
              label="Corner 1 to 2"
              :model-value="marks.reference.wideMm"
              :min="5"
              :max="2000"
              @update:model-value="setReference({ wideMm: $event })"
            />
            <LengthField
              label="Corner 2 to 3"
              :model-value="marks.reference.highMm"
              :min="5"
              :max="2000"
              @update:model-value="setReference({ highMm: $event })"
            />
          </template>
          <LengthField
            v-else
            label="Length"
            :model-value="marks.reference.lengthMm"
            :min="5"
            :max="2000"
            @update:model-value="setReference({ lengthMm: $event })"
          />
          <h3><i class="stitches" />Between the marks</h3>
          <WholeField
            label="Stitches"
            :model-value="marks.stitches"
            :min="1"
            :max="500"
            @update:model-value="set({ stitches: $event })"
          />
          <h3><i class="rows" />Between the marks</h3>
          <WholeField
            label="Rows"
            :model-value="marks.rows"
            :min="1"
            :max="500"
            @update:model-value="set({ rows: $event })"
          />
          <div class="result num" aria-live="polite">
            <p v-for="one in figures" :key="one.what">
              <b>{{ one.per }}</b> {{ one.what }} over {{ over.words }}
              <span class="note">± {{ one.sure }} %, from {{ one.length }}</span>
            </p>
            <p v-if="result && !result.ok" class="bad">{{ result.problem }}</p>
          </div>
          <DialogEnd does="Take this gauge" :disabled="!result?.ok" @take="take" />
        </template>
      </div>
    </div>
  </ElDialog>
</template>

<style>
.photo-body {
  display: grid;
  grid-template-columns: 1fr 232px;
  gap: 16px;
}
.photo .stand svg {
  display: block;
  width: 100%;
  max-height: 66vh;
  background: var(--stage);
}
.photo .side h3 {
  display: flex;
  gap: 7px;
  align-items: center;
  margin: 10px 0 5px;
  font-weight: 600;
  font-size: 13px;
}
.photo .side h3 i {
  width: 11px;
  height: 11px;
  border: 1px solid rgb(0 0 0 / 40%);
  border-radius: 50%;
}
.photo .choices {
  display: flex;
  gap: 6px;
}
.photo .side .choice {
  margin-bottom: 6px;
}
.photo :is(polygon, polyline) {
  fill: none;
  stroke-width: 2.5;
  vector-effect: non-scaling-stroke;
}
.photo polygon.known,
.photo .known circle {
  stroke: var(--tape);
}
.photo polyline.stitches,
.photo .stitches circle {
  stroke: #ff8d77;
}
.photo polyline.rows,
.photo .rows circle {
  stroke: #d9f0e6;
}
.photo h3 .known {
  background: var(--tape);
}
.photo h3 .stitches {
  background: #ff8d77;
}
.photo h3 .rows {
  background: #d9f0e6;
}
.photo .mark {
  cursor: move;
  touch-action: none;
}
.photo .mark circle {
  fill: rgb(0 0 0 / 25%);
  stroke-width: 2.5;
}
.photo .mark .reach {
  fill: transparent;
  stroke: none;
}
.photo .mark path {
  stroke: #fff;
  stroke-width: 1;
}
.photo .mark:focus-visible {
  outline: none;
}
.photo .mark:focus-visible circle:not(.reach) {
  fill: #fff;
  stroke-width: 4;
}
.photo .result {
  margin: 10px 0;
}
.photo .result b {
  font: 600 20px/1.2 var(--font-head);
}
.photo .result .note {
  display: block;
}
.photo .bad {
  color: var(--error);
  font-size: 13px;
}
</style>
