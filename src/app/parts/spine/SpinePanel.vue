<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref, useTemplateRef, watchEffect } from 'vue'
import { blockOf, BODY, isBaseKind, maybeBaseOf } from '@core/design'
import { bodyOf, type Piece } from '@core/ledger'
import { useProject } from '@app/stores/project.ts'
import BagPicture from '../bag/BagPicture.vue'
import LockingMarker from '../marks/LockingMarker.vue'
import { steady } from '../page/steady.ts'
import { fabricPixels, paletteOf, sharpContext } from '../bag/fabric.ts'
import SpineRulers from './SpineRulers.vue'
import { LABEL, PICTURE, PIECE_GAP, spineParts, STRIP, stripMm } from './spine-layout.ts'
import { useRoundsDrag } from './use-rounds-drag.ts'

/** The bag on the cutting mat: whole and small, and the strip up the middle of its front. It selects and it measures. */

const project = useProject()
const root = useTemplateRef('root')
const strip = useTemplateRef('strip')
const { height } = useElementSize(root)

const derived = computed(() => project.shown?.derived)
const name = computed(() => project.shown?.design.name ?? '')
const yarns = computed(() => project.shown?.design.yarns ?? [])
const foot = computed(() => Math.max(STRIP.top + 60, height.value - STRIP.below))

/** Pieces of her own lie on the mat one at a time, when they are selected; else those of the construction do. */
const ownPieces = steady(() =>
  project.shown
    ? project.shown.design.pieces
        .slice(1)
        .filter(maybeBaseOf)
        .map(({ id }) => id)
    : [],
)
const shown = ({ id }: Piece) =>
  ownPieces.value.includes(project.selectedPiece)
    ? id === project.selectedPiece
    : !ownPieces.value.includes(id)

/** The scale stands still while an edge is dragged. */
const heldScale = ref<number | null>(null)
const pxPerMm = computed(() => {
  const { ledger } = derived.value ?? {}
  if (!ledger || heldScale.value) return heldScale.value ?? 1
  return (
    (foot.value - STRIP.top - PIECE_GAP * (ledger.pieces.filter(shown).length - 1)) /
    stripMm(ledger, shown)
  )
})
/** Of a block the bands of its first time are named, with how often they come. */
function againOf(id: string): number {
  for (const piece of project.shown!.design.pieces) {
    const of = blockOf(piece, id)
    if (of) return of.nth > 0 ? 0 : of.block.times.length
  }
  return 1
}
const parts = steady(() =>
  derived.value ? spineParts(derived.value.ledger, foot.value, pxPerMm.value, shown, againOf) : [],
)
/** The piece with the bands, or the one of her own that is shown: how it stands on what lies under it. */
const body = steady(() => {
  if (!derived.value) return null
  const { ledger } = derived.value
  const piece =
    ledger.pieces.filter(shown).find(({ id }) => id === BODY) ??
    ledger.pieces.find(shown) ??
    bodyOf(ledger)
  const { heightMm, alongMm } = piece.columns
  const lies = heightMm[0] === 0
  return {
    at: ledger.pieces.indexOf(piece),
    lies,
    standMm: Math.max(1, (lies ? heightMm : alongMm).at(-1)!),
  }
})
/** The few figures the tapes show. */
const sizes = steady(() => {
  const none = { lengthMm: 1, widthMm: 1 }
  const { heightMm = 1, flatMm = 1, footprint = none } = derived.value?.tally ?? {}
  return { heightMm, flatMm, footprint, standMm: body.value?.standMm ?? 1 }
})
const pictureScale = computed(() =>
  Math.min(PICTURE.width / sizes.value.flatMm, PICTURE.height / sizes.value.heightMm),
)
watchEffect(() => {
  const canvas = strip.value
  if (!canvas || !derived.value || height.value === 0) return
  const { ledger, fronts } = derived.value
  const context = sharpContext(canvas, STRIP.width, height.value)
  context.imageSmoothingEnabled = false
  const palette = paletteOf(ledger.yarns, yarns.value)
  for (const { piece: at, firstRow, endRow, top, bottom } of parts.value) {
    const piece = ledger.pieces[at]!
    const { gauge } = piece.parts[piece.columns.part[firstRow]!]!
    const stitchPx = gauge.stitchWidthMm * pxPerMm.value
    const window = {
      firstRow,
      endRow,
      columns: Math.round(STRIP.width / stitchPx),
      pixelsHigh: bottom - top,
    }
    const { canvas: picture, columns, lines } = fabricPixels(fronts[at]!, palette, window)
    const across = Math.min(STRIP.width, columns * stitchPx)
    context.drawImage(
      picture,
      0,
      0,
      columns,
      lines,
      (STRIP.width - across) / 2,
      top,
      across,
      bottom - top,
    )
  }
  context.strokeStyle = 'rgb(255 255 255 / 14%)'
  context.lineWidth = 0.7
  for (const { rounds, top, bottom } of parts.value)
    for (let i = 0; i <= rounds && bottom - top > 1.5 * rounds; i++)
      context.strokeRect(-2, bottom + ((top - bottom) * i) / rounds, STRIP.width + 4, 0.01)
})

const { roundsNow, setRounds, drag } = useRoundsDrag(parts, pxPerMm, heldScale)
/** A base may have rows in several pieces. */
const choose = ({ id, kind, piece }: (typeof parts.value)[number]) => {
  if (isBaseKind(kind)) project.selectPiece(derived.value!.ledger.pieces[piece]!.id)
  else project.selectedPart = id
}
const isOn = ({ id, kind, piece }: (typeof parts.value)[number]) =>
  id === project.selectedPart &&
  (!isBaseKind(kind) || derived.value!.ledger.pieces[piece]!.id === project.selectedPiece)
const labelStyle = {
  left: `${STRIP.x + STRIP.width + 6}px`,
  width: `${LABEL.width}px`,
  height: `${LABEL.height}px`,
}
const partStyle = (top: number, bottom: number) => ({
  top: `${top}px`,
  height: `${Math.max(4, bottom - top)}px`,
  left: `${STRIP.x}px`,
  width: `${STRIP.width}px`,
})
</script>

<template>
  <aside ref="root" class="spine" aria-label="The bag from base to rim">
    <template v-if="derived && height > 0">
      <SpineRulers
        :parts="parts"
        :sizes="sizes"
        :selected="project.selectedPart"
        :body-at="body!.at"
        :lies="body!.lies"
        :picture-scale="pictureScale"
        :px-per-mm="pxPerMm"
        :foot="foot"
        :height="height"
      />
      <BagPicture
        class="whole"
        :name="name"
        :yarns="yarns"
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
      <template v-for="part in parts" :key="part.key">
        <div
          class="part"
          :class="{ on: isOn(part) }"
          :style="partStyle(part.top, part.bottom)"
          @click="choose(part)"
        >
          <LockingMarker v-if="isOn(part)" :size="20" />
        </div>
        <button
          v-if="part.again > 0"
          type="button"
          class="label"
          :aria-pressed="isOn(part)"
          :aria-label="`${part.name}, ${part.rounds} ${part.worked}. Up and down change them.`"
          :style="{ top: `${part.labelY - LABEL.height / 2}px`, ...labelStyle }"
          @click="choose(part)"
          @keydown.up.prevent="setRounds(part.id, roundsNow(part.id) + 1)"
          @keydown.down.prevent="setRounds(part.id, roundsNow(part.id) - 1)"
        />
        <div
          v-if="!isBaseKind(part.kind)"
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
  contain: layout paint;
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
.spine .strip {
  top: 0;
}
.spine .label {
  padding: 0;
  border: 0;
  background: none;
  cursor: pointer;
}
.spine .part {
  color: var(--marker);
  cursor: pointer;
}
.spine .part.on {
  outline: 2.2px solid var(--marker);
  outline-offset: 1px;
  border-radius: 2px;
}
.spine .label:focus-visible {
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
