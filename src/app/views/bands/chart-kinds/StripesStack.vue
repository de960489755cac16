<script setup lang="ts">
import { rowWord } from '@core/terms'
import { useElementSize } from '@vueuse/core'
import { nanoid } from 'nanoid'
import { computed, useTemplateRef } from 'vue'
import type { StripesPart } from '@core/band'
import { inkOn } from '@core/colour'
import { LIMITS } from '@core/part'
import { printLength } from '@core/units'
import TapeMeasure from '@app/parts/marks/TapeMeasure.vue'
import YarnDot from '@app/parts/marks/YarnDot.vue'
import { followPointer } from '@app/parts/page/follow-pointer.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

/** Stripes on one another as they are worked: their edges are dragged, and on flat work one sees where each yarn waits. */
const { part } = defineProps<{ part: StripesPart }>()
const row = defineModel<number | null>('row', { required: true })
const project = useProject()
const workshop = useWorkshop()
const room = useTemplateRef('room')
const { height } = useElementSize(room)
const piece = computed(() => project.ledgerPiece!)
const place = computed(() => piece.value.parts.find(({ id }) => id === part.id)!)
const rows = computed(() => part.stripes.reduce((sum, { rounds }) => sum + rounds, 0))
const rowMm = computed(() => place.value.gauge.rowHeightMm)
const pxPerMm = computed(() =>
  Math.min(3.2, Math.max(40, height.value - 30) / (rows.value * rowMm.value)),
)
const perRow = computed(() => rowMm.value * pxPerMm.value)
const word = computed(() => rowWord(piece.value.worked))
const yarnOf = (letter: string) =>
  project.table!.design.yarns.find((yarn) => yarn.letter === letter)!

const stripes = computed(() => {
  let from = 0
  return part.stripes.map(({ yarn, rounds }, at) => {
    const first = from
    from += rounds
    const many = `${rounds} ${word.value}${rounds === 1 ? '' : 's'}`
    const tall = printLength(rounds * rowMm.value, workshop.words.units)
    return { at, yarn: yarnOf(yarn), rounds, first, end: from, words: `${many}, ${tall}` }
  })
})
function setRounds(at: number, rounds: number, gesture?: string) {
  const wanted = Math.min(LIMITS.rounds, Math.max(1, rounds))
  if (part.stripes[at]?.rounds === wanted) return
  const list = part.stripes.map((one, i) => (i === at ? { ...one, rounds: wanted } : one))
  project.edit({ name: 'setPart', args: { id: part.id, values: { stripes: list } } }, gesture)
}
function drag(event: PointerEvent, at: number) {
  const [from, rounds, high] = [event.clientY, part.stripes[at]!.rounds, perRow.value]
  const gesture = nanoid(8)
  followPointer(event, event.currentTarget as Element, {
    move: (to) => setRounds(at, rounds + Math.round((from - to.clientY) / high), gesture),
    cancel: () => project.cancel(gesture),
  })
}
/** On flat work: at which edge the yarn of a stripe is left, and what it does until it is wanted again. */
const waits = computed(() => {
  if (piece.value.worked !== 'rows') return []
  const { ledger, paths } = project.table!.derived
  const { ways } = paths[ledger.pieces.indexOf(piece.value)]!
  return stripes.value.flatMap(({ yarn, end }) => {
    const last = place.value.firstRow + end - 1
    const wrong = piece.value.columns.side[last] === 1
    const left = (workshop.words.hand === 'right') !== wrong
    const then = ways[ledger.yarns.indexOf(yarn.letter)]?.spans.find(
      ({ from, how }) => from === last + 1 && how !== 'worked' && how !== 'carried',
    )
    if (!then) return []
    const how = then.how === 'cut' ? 'is cut here' : 'waits here'
    const again = then.how === 'cut' ? '' : `, wanted again after ${then.to - then.from}`
    return [{ end, yarn, left, words: `${yarn.name} ${how}${again}` }]
  })
})
</script>

<template>
  <div ref="room" class="stripes-stack">
    <div class="stack" :style="{ height: `${rows * perRow}px` }">
      <svg class="measure" width="30" :height="rows * perRow" aria-hidden="true">
        <TapeMeasure
          direction="up"
          :x="4"
          :y="rows * perRow"
          :length-mm="rows * rowMm"
          :px-per-mm="pxPerMm"
        />
      </svg>
      <div
        v-for="stripe in stripes"
        :key="stripe.at"
        class="stripe"
        :class="{ on: row !== null && row >= stripe.first && row < stripe.end }"
        :style="{
          bottom: `${stripe.first * perRow}px`,
          height: `${stripe.rounds * perRow}px`,
          background: stripe.yarn.colour,
          color: inkOn(stripe.yarn.colour),
          backgroundSize: `9px ${perRow}px`,
        }"
        @click="row = stripe.first"
      >
        <span v-if="stripe.rounds * perRow > 15" class="num">
          {{ stripe.yarn.letter }} · {{ stripe.words }}
        </span>
      </div>
      <button
        v-for="stripe in stripes"
        :key="`e${stripe.at}`"
        type="button"
        class="edge"
        role="slider"
        aria-orientation="vertical"
        :aria-label="`Top of stripe ${stripe.at + 1}, ${stripe.yarn.name}`"
        :aria-valuenow="stripe.rounds"
        :aria-valuetext="stripe.words"
        aria-valuemin="1"
        :aria-valuemax="LIMITS.rounds"
        :title="`${stripe.yarn.name}: drag, or up and down`"
        :style="{ bottom: `${stripe.end * perRow - 5}px` }"
        @pointerdown="drag($event, stripe.at)"
        @focus="row = stripe.first"
        @keydown.up.prevent="setRounds(stripe.at, stripe.rounds + 1)"
        @keydown.down.prevent="setRounds(stripe.at, stripe.rounds - 1)"
      />
      <span
        v-for="wait in waits"
        :key="`w${wait.end}`"
        class="wait"
        :class="wait.left ? 'left' : 'right'"
        :style="{ bottom: `${wait.end * perRow - 9}px` }"
        :title="wait.words"
      >
        <YarnDot :letter="wait.yarn.letter" :colour="wait.yarn.colour" />
        <small>{{ wait.words }}</small>
      </span>
    </div>
  </div>
</template>

<style>
.stripes-stack {
  display: grid;
  flex: 1;
  place-items: center;
  min-height: 0;
  overflow: hidden auto;
}
.stripes-stack .stack {
  position: relative;
  width: min(420px, 62%);
}
.stripes-stack .measure {
  position: absolute;
  right: calc(100% + 4px);
  overflow: visible;
}
.stripes-stack .stripe {
  position: absolute;
  inset-inline: 0;
  display: grid;
  place-items: center;
  overflow: hidden;
  background-image:
    linear-gradient(115deg, transparent 44%, rgb(0 0 0 / 16%) 46% 54%, transparent 56%),
    linear-gradient(rgb(0 0 0 / 22%) 1px, transparent 1px) !important;
  font-size: 13px;
}
.stripes-stack .stripe span {
  padding: 0 7px;
  border-radius: 4px;
  background: inherit;
}
.stripes-stack .stripe.on {
  box-shadow:
    inset 3px 0 var(--marker),
    inset -3px 0 var(--marker);
}
.stripes-stack .edge {
  position: absolute;
  inset-inline: 0;
  height: 10px;
  padding: 0;
  border: 0;
  background: none;
  cursor: ns-resize;
  touch-action: none;
}
.stripes-stack .edge:hover,
.stripes-stack .edge:focus-visible {
  background: linear-gradient(transparent 3px, var(--marker) 3px 7px, transparent 7px);
}
.stripes-stack .wait {
  position: absolute;
  display: flex;
  gap: 5px;
  align-items: center;
  width: 150px;
  font-size: 12px;
  line-height: 1.15;
  pointer-events: none;
}
.stripes-stack .wait.left {
  right: calc(100% + 38px);
  flex-direction: row-reverse;
  text-align: right;
}
.stripes-stack .wait.right {
  left: calc(100% + 6px);
}
</style>
