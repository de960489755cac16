<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, nextTick, shallowRef, useTemplateRef } from 'vue'
import type { Rim } from '@core/bag'
import { printNumber } from '@core/units'
import TapeMeasure from '@app/parts/marks/TapeMeasure.vue'
import { followPointer } from '@app/parts/page/follow-pointer.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import {
  IDLE,
  placeOf,
  type RimAnswer,
  type RimEvent,
  rimStep,
  type RimState,
  shareOf,
} from './rim-hand.ts'
import { rimParts } from './rim-parts.ts'

/** The rim laid out straight, as it is seen from outside: its stitches, middles and beginning, and markers that are moved along it. */
const { rim } = defineProps<{ rim: Rim }>()
const project = useProject()
const workshop = useWorkshop()
const room = useTemplateRef('room')
const { width } = useElementSize(room)
const SIDE = 14
const TOP = 58
const wide = computed(() => Math.max(60, width.value - 2 * SIDE))
const hand = computed(() => workshop.words.hand)
const xOf = (at: number) => SIDE + shareOf(at, rim.count, hand.value) * wide.value
const colourOf = (letter: string) =>
  project.design!.yarns.find((yarn) => yarn.letter === letter)?.colour ?? '#888888'
const drawn = computed(() => rimParts(rim, hand.value, { side: SIDE, wide: wide.value }))

const state = shallowRef<RimState>(IDLE)
/** The marks as they were when one was taken: what is shown of them meanwhile follows. */
let taken = rim.marks
async function tell(event: RimEvent) {
  if (state.value.kind === 'idle') taken = rim.marks
  const answer: RimAnswer = rimStep(state.value, event)
  state.value = answer.state
  const editsOf = ({ key, at }: { key: string; at: number }) =>
    taken.find((mark) => mark.key === key)?.edits(at) ?? []
  if (answer.shows) project.showPreview(editsOf(answer.shows))
  else if (answer.shows === null) project.endPreview()
  if (!answer.does) return
  const { key } = answer.does
  project.edit(editsOf(answer.does))
  await nextTick()
  room.value?.querySelector<SVGElement>(`[data-mark="${CSS.escape(key)}"]`)?.focus()
}
function take(event: PointerEvent, key: string, at: number) {
  const { left } = room.value!.getBoundingClientRect()
  void tell({ kind: 'take', key, at })
  followPointer(event, event.currentTarget as Element, {
    move: ({ clientX }) =>
      void tell({
        kind: 'move',
        at: placeOf((clientX - left - SIDE) / wide.value, rim.count, hand.value),
      }),
    drop: () => void tell({ kind: 'drop' }),
    cancel: () => void tell({ kind: 'give-up' }),
  })
}
function step(event: KeyboardEvent, key: string, at: number) {
  const way = { ArrowLeft: -1, ArrowRight: 1, ArrowDown: -1, ArrowUp: 1 }[event.key]
  if (!way) return
  event.preventDefault()
  const onward = (hand.value === 'right' && event.key.match(/Left|Right/) ? -1 : 1) * way
  void tell({ kind: 'step', key, at, by: onward * (event.shiftKey ? 5 : 1) })
}
const heldAt = (key: string, at: number) =>
  state.value.kind === 'held' && state.value.key === key ? state.value.at : at
</script>

<template>
  <div ref="room" class="rim-strip">
    <svg
      :width="Math.max(80, width)"
      height="158"
      role="group"
      aria-label="The rim, laid out straight"
    >
      <rect
        v-for="run in drawn.runs"
        :key="run.x"
        :x="run.x"
        :y="TOP"
        :width="run.width"
        height="24"
        :fill="colourOf(run.letter)"
      />
      <path :d="drawn.ticks" :transform="`translate(0 ${TOP})`" class="ticks" />
      <template v-for="one in drawn.stretches" :key="`s${one.x}`">
        <rect
          :x="one.x"
          :y="TOP - 1"
          :width="one.width"
          height="26"
          class="passed"
          :class="{ sewn: !one.chain }"
        />
        <template v-if="one.chain">
          <path
            :d="one.arc"
            :transform="`translate(0 ${TOP})`"
            class="arc"
            :stroke="colourOf(drawn.rimLetter)"
          />
          <text :x="one.x + one.width / 2" :y="TOP - 20" class="strong">ch {{ one.chain }}</text>
        </template>
      </template>
      <text
        v-for="one in drawn.counts"
        :key="`c${one.x}`"
        :x="one.x"
        :y="TOP + 40"
        :class="one.passed ? 'quiet' : 'strong'"
      >
        {{ one.count }}
      </text>
      <g v-for="one in drawn.middles" :key="one.of">
        <line :x1="one.x" :x2="one.x" :y1="TOP + 24" :y2="TOP + 30" class="middle" />
        <text :x="one.x" :y="TOP + 54" class="small">middle of the {{ one.of }}</text>
      </g>
      <text
        :x="xOf(0)"
        :y="TOP + 95"
        class="small here"
        :style="{ textAnchor: hand === 'right' ? 'end' : 'start' }"
      >
        {{ rim.round ? 'the round starts here' : 'the row starts here' }}
      </text>
      <TapeMeasure
        direction="across"
        :x="SIDE"
        :y="TOP + 64"
        :breadth="16"
        :length-mm="rim.mm"
        :px-per-mm="wide / Math.max(1, rim.mm)"
      />
      <g
        v-for="mark in rim.marks"
        :key="mark.key"
        class="rim-mark"
        :data-mark="mark.key"
        tabindex="0"
        role="slider"
        :aria-label="mark.label"
        aria-valuemin="0"
        :aria-valuemax="rim.count"
        :aria-valuenow="Math.round(heldAt(mark.key, mark.at))"
        :aria-valuetext="`stitch ${printNumber(heldAt(mark.key, mark.at), 1)} of ${rim.count}`"
        :transform="`translate(${xOf(heldAt(mark.key, mark.at))} ${TOP})`"
        @pointerdown="take($event, mark.key, mark.at)"
        @keydown="step($event, mark.key, mark.at)"
      >
        <rect x="-11" y="-16" width="22" height="44" class="grip" />
        <path d="M-4 0C-5.5 8 -3.5 16 0 16C3.5 16 5.5 8 4 0L4 -4C4 -9 -4 -9 -4 -4Z" />
        <path d="M-4 2L-1.4 4.6" />
      </g>
    </svg>
    <p class="note num">
      {{ rim.count }} stitches {{ rim.round ? 'around' : 'across'
      }}<template v-if="rim.marks.length"
        >; markers are moved by dragging, or with the arrow keys</template
      >.
    </p>
  </div>
</template>

<style>
.rim-strip {
  flex: none;
  touch-action: none;
}
.rim-strip svg {
  display: block;
  overflow: visible;
}
.rim-strip .ticks {
  stroke: rgb(0 0 0 / 22%);
  stroke-width: 0.7;
}
.rim-strip .passed {
  fill: #fff;
  opacity: 0.66;
}
.rim-strip .passed.sewn {
  fill: none;
  stroke: var(--ink);
  stroke-dasharray: 3 3;
  opacity: 1;
}
.rim-strip .arc {
  fill: none;
  stroke-width: 6;
}
.rim-strip text {
  fill: var(--ink-3);
  font: 12px/1 var(--font-text);
  text-anchor: middle;
}
.rim-strip text.strong {
  fill: var(--ink);
  font-weight: 650;
}
.rim-strip text.small {
  font-size: 11px;
}
.rim-strip text.here {
  fill: var(--marker-ink);
}
.rim-strip .tape text {
  font: 650 9.5px/1 var(--font-text);
  text-anchor: start;
}
.rim-strip .middle {
  stroke: var(--ink-3);
}
.rim-mark {
  color: var(--marker);
  cursor: ew-resize;
}
.rim-mark path {
  fill: none;
  stroke: currentcolor;
  stroke-width: 2.2;
  stroke-linecap: round;
}
.rim-mark .grip {
  fill: transparent;
}
.rim-mark:focus-visible {
  outline: none;
}
.rim-mark:focus-visible .grip {
  stroke: var(--mat);
  stroke-width: 2;
  rx: 5px;
}
.rim-strip > .note {
  margin-top: 2px;
  text-align: center;
}
</style>
