<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref, useTemplateRef, watchEffect } from 'vue'
import { bandsOf, roundsOf } from '@core/design'
import { printLength } from '@core/units'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import BagPicture from './BagPicture.vue'
import LockingMarker from './LockingMarker.vue'
import TapeMeasure from './TapeMeasure.vue'
import { fabricPixels, paletteOf, sharpContext } from './fabric.ts'
import { spineParts } from './spine-layout.ts'

/** The bag on the cutting mat: whole and small, and the strip up the middle of its front. It selects and it measures. */
const WIDTH = 176
const STRIP = { x: 46, width: 56, top: 214, below: 30 }
const PICTURE = { width: 108, height: 112, x: 40, top: 34 }

const project = useProject()
const workshop = useWorkshop()
const root = useTemplateRef('root')
const strip = useTemplateRef('strip')
const { height } = useElementSize(root)

const derived = computed(() => project.shown)
const piece = computed(() => derived.value?.ledger.pieces[0])
const foot = computed(() => Math.max(STRIP.top + 60, height.value - STRIP.below))

/** The scale stands still while an edge is dragged. */
const heldScale = ref<number | null>(null)
const pxPerMm = computed(() => {
  const along = piece.value?.columns.alongMm.at(-1) ?? 1
  return heldScale.value ?? (foot.value - STRIP.top) / along
})
const parts = computed(() =>
  piece.value ? spineParts(piece.value, foot.value, pxPerMm.value) : [],
)
const baseTop = computed(() => parts.value[0]?.top ?? 0)
const pictureScale = computed(() => {
  const tally = derived.value?.tally
  return tally ? Math.min(PICTURE.width / tally.flatMm, PICTURE.height / tally.heightMm) : 1
})
const across = computed(() =>
  printLength(derived.value?.tally.baseDiameterMm ?? 0, workshop.words.units),
)

watchEffect(() => {
  const canvas = strip.value
  if (!canvas || !derived.value || !project.shownDesign || height.value === 0) return
  const { ledger } = derived.value
  const context = sharpContext(canvas, STRIP.width, height.value)
  context.clearRect(0, 0, STRIP.width, height.value)
  context.imageSmoothingEnabled = false
  const columns = Math.max(2, Math.round(STRIP.width / (ledger.stitchWidthMm * pxPerMm.value)))
  const palette = paletteOf(ledger, project.shownDesign.yarns)
  for (const { firstRow, endRow, top, bottom } of parts.value) {
    const picture = fabricPixels(ledger, ledger.pieces[0]!, palette, {
      firstRow,
      endRow,
      columns,
      hand: workshop.words.hand,
    })
    context.drawImage(picture, 0, top, STRIP.width, bottom - top)
  }
  if (piece.value!.columns.alongMm.length > 400) return
  context.strokeStyle = 'rgb(255 255 255 / 14%)'
  context.lineWidth = 0.7
  for (const along of piece.value!.columns.alongMm) {
    const y = foot.value - along * pxPerMm.value
    context.strokeRect(-2, y, STRIP.width + 4, 0.01)
  }
})

const roundsNow = (id: string) => {
  const part = project.design && bandsOf(project.design).find((band) => band.id === id)
  return part ? roundsOf(part) : 0
}
function setRounds(id: string, rounds: number, gesture?: string) {
  if (rounds >= 1 && rounds !== roundsNow(id))
    project.edit({ name: 'setRounds', args: { id, rounds } }, gesture)
}

/** Dragging the top edge of a part gives it rounds or takes them. */
function drag(event: PointerEvent, id: string) {
  const handle = event.currentTarget as HTMLElement
  const part = parts.value.find((one) => one.id === id)!
  const perRound = (part.bottom - part.top) / part.rounds
  const [from, rounds] = [event.clientY, roundsNow(id)]
  const gesture = crypto.randomUUID()
  heldScale.value = pxPerMm.value
  handle.setPointerCapture(event.pointerId)
  const move = (to: PointerEvent) =>
    setRounds(id, Math.max(1, rounds + Math.round((from - to.clientY) / perRound)), gesture)
  const key = (pressed: KeyboardEvent) => {
    if (pressed.key !== 'Escape') return
    project.cancel(gesture)
    end()
  }
  const end = () => {
    heldScale.value = null
    handle.removeEventListener('pointermove', move)
    window.removeEventListener('keydown', key, true)
  }
  handle.addEventListener('pointermove', move)
  handle.addEventListener('pointerup', end, { once: true })
  window.addEventListener('keydown', key, true)
}
const partButtonStyle = (top: number, bottom: number) => ({
  top: `${top}px`,
  height: `${Math.max(4, bottom - top)}px`,
  left: `${STRIP.x}px`,
  width: `${STRIP.width}px`,
})
</script>

<template>
  <aside ref="root" class="spine" aria-label="The bag from base to rim">
    <template v-if="derived && project.shownDesign && height > 0">
      <svg class="rulers" :width="WIDTH" :height="height" aria-hidden="true">
        <TapeMeasure
          direction="up"
          :x="PICTURE.x - 22"
          :y="PICTURE.top + (PICTURE.height + derived.tally.heightMm * pictureScale) / 2"
          :breadth="15"
          :length-mm="derived.tally.heightMm"
          :px-per-mm="pictureScale"
        />
        <TapeMeasure
          direction="across"
          :x="PICTURE.x + (PICTURE.width - derived.tally.flatMm * pictureScale) / 2"
          :y="PICTURE.top + (PICTURE.height + derived.tally.heightMm * pictureScale) / 2 + 7"
          :breadth="15"
          :length-mm="derived.tally.flatMm"
          :px-per-mm="pictureScale"
        />
        <TapeMeasure
          direction="up"
          :x="12"
          :y="baseTop"
          :breadth="20"
          :length-mm="derived.tally.heightMm"
          :px-per-mm="pxPerMm"
        />
        <g class="labels">
          <g v-for="part in parts" :key="part.id" :class="{ on: part.id === project.selectedPart }">
            <line :x1="STRIP.x" :x2="WIDTH - 12" :y1="part.bottom" :y2="part.bottom" />
            <text :x="STRIP.x + STRIP.width + 10" :y="part.labelY - 1">
              {{ part.name.length > 10 ? part.name.slice(0, 9) + '…' : part.name }}
            </text>
            <text class="small" :x="STRIP.x + STRIP.width + 10" :y="part.labelY + 12">
              {{ part.rounds }} {{ part.rounds === 1 ? 'round' : 'rounds' }}
            </text>
          </g>
          <text class="small" x="23" :y="(foot + baseTop) / 2 - 3" text-anchor="middle">
            ⌀ {{ across.split(' ')[0] }}
          </text>
          <text class="small" x="23" :y="(foot + baseTop) / 2 + 10" text-anchor="middle">
            {{ across.split(' ')[1] }}
          </text>
        </g>
        <line class="foot" x1="10" :x2="WIDTH - 10" :y1="foot" :y2="foot" />
      </svg>
      <BagPicture
        class="whole"
        :design="project.shownDesign"
        :derived="derived"
        :width="PICTURE.width"
        :height="PICTURE.height"
        :style="{ left: `${PICTURE.x}px`, top: `${PICTURE.top}px` }"
      />
      <canvas
        ref="strip"
        class="strip"
        aria-hidden="true"
        :style="{ left: `${STRIP.x}px`, width: `${STRIP.width}px`, height: `${height}px` }"
      />
      <template v-for="part in parts" :key="part.id">
        <button
          type="button"
          class="part"
          :class="{ on: part.id === project.selectedPart }"
          :aria-pressed="part.id === project.selectedPart"
          :aria-label="`${part.name}, ${part.rounds} rounds. Up and down change them.`"
          :style="partButtonStyle(part.top, part.bottom)"
          @click="project.selectedPart = part.id"
          @keydown.up.prevent="setRounds(part.id, roundsNow(part.id) + 1)"
          @keydown.down.prevent="setRounds(part.id, roundsNow(part.id) - 1)"
        >
          <LockingMarker v-if="part.id === project.selectedPart" :size="20" />
        </button>
        <div
          v-if="part.kind !== 'round-base'"
          class="edge"
          aria-hidden="true"
          title="Drag for more or fewer rounds"
          :style="{ top: `${part.top - 4}px`, left: `${STRIP.x}px`, width: `${STRIP.width}px` }"
          @pointerdown.prevent="drag($event, part.id)"
        />
      </template>
    </template>
  </aside>
</template>

<style>
.spine {
  position: relative;
  min-height: 0;
  overflow: hidden;
  color: var(--mat-ink);
  background-color: var(--mat);
  background-image:
    linear-gradient(var(--mat-line) 1px, transparent 1px),
    linear-gradient(90deg, var(--mat-line) 1px, transparent 1px);
  background-size: 22px 22px;
  background-position: -1px -1px;
}
.spine > * {
  position: absolute;
}
.spine .rulers {
  inset: 0;
}
.spine .strip {
  top: 0;
}
.spine .labels line {
  stroke: var(--mat-line);
  stroke-width: 1.2;
}
.spine .labels text {
  fill: var(--mat-ink);
  font-size: 12px;
}
.spine .labels text.small {
  fill: #b5cdc3;
  font-size: 10.5px;
}
.spine .labels .on text:first-of-type {
  fill: #fff;
  font-weight: 650;
}
.spine .foot {
  stroke: #0f332c;
  stroke-width: 2;
}
.spine .part {
  padding: 0;
  border: 0;
  background: none;
  color: var(--marker);
  cursor: pointer;
}
.spine .part.on {
  outline: 2.2px solid var(--marker);
  outline-offset: 1px;
  border-radius: 2px;
}
.spine .part:focus-visible {
  outline: 2.5px solid #fff;
  outline-offset: 1px;
}
.spine .part .locking-marker {
  position: absolute;
  left: -8px;
  top: calc(50% - 8px);
}
.spine .edge {
  height: 8px;
  cursor: ns-resize;
  touch-action: none;
}
.spine .edge:hover {
  background: linear-gradient(transparent 2px, #fff 2px, #fff 6px, transparent 6px);
}
</style>
