<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, nextTick, ref, useTemplateRef, watch, watchEffect } from 'vue'
import { blockOf, isBaseKind } from '@core/design'
import { lengthFigure, lengthUnit } from '@core/units'
import { fabricPixels, paletteOf, sharpContext } from '@app/parts/bag/fabric.ts'
import LockingMarker from '@app/parts/marks/LockingMarker.vue'
import TapeMeasure from '@app/parts/marks/TapeMeasure.vue'
import { steady } from '@app/parts/page/steady.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import PartList from './PartList.vue'
import SpineTurns from './SpineTurns.vue'
import { spineParts, STRIP, stripHeight } from './spine-layout.ts'
import { useRoundsDrag } from './use-rounds-drag.ts'

/** The strip up the middle of the chosen piece, beside a tape, and its parts as lines: it selects, it measures, it gives rounds. */
const project = useProject()
const workshop = useWorkshop()
const root = useTemplateRef('root')
const strip = useTemplateRef('strip')
const { height: room } = useElementSize(root)
const derived = computed(() => project.shown?.derived)
/** The chosen piece, as it would be while a mend is pointed at. */
const piece = computed(() => {
  const pieces = derived.value?.ledger.pieces
  return pieces?.find(({ id }) => id === project.ledgerPiece?.id) ?? pieces?.[0] ?? null
})
/** Of a block the bands of its first time are named, with how often they come. */
function againOf(id: string): number {
  for (const one of project.shown!.design.pieces) {
    const of = blockOf(one, id)
    if (of) return of.nth > 0 ? 0 : of.block.times.length
  }
  return 1
}
const lines = computed(() => piece.value?.parts.filter(({ id }) => againOf(id) > 0).length ?? 1)
const height = computed(() => stripHeight(lines.value, Math.floor(room.value)))
/** The scale stands still while an edge is dragged. */
const heldScale = ref<number | null>(null)
const alongMm = computed(() => Math.max(1, piece.value?.columns.alongMm.at(-1) ?? 1))
const pxPerMm = computed(() => heldScale.value ?? (height.value - 2 * STRIP.pad) / alongMm.value)
const parts = steady(() =>
  piece.value ? spineParts(piece.value, height.value, pxPerMm.value, againOf) : [],
)
/** What lies flat under its bands, and what stands on it, along the fabric. */
const measured = steady(() => {
  if (!derived.value || !piece.value) return null
  const { heightMm, alongMm } = piece.value.columns
  const base = piece.value.parts[0]!
  const lies = heightMm[0] === 0 && isBaseKind(base.kind) && base.endRow > 0
  const { lengthMm, widthMm } = derived.value.tally.footprint
  const { units } = workshop.words
  const [long, wide] = [lengthMm, widthMm].map((mm) => lengthFigure(mm, units))
  const size = lengthMm === widthMm ? [`Ø ${long}`] : [`${long} ×`, `${wide}`]
  return {
    standMm: Math.max(1, (lies ? heightMm : alongMm).at(-1)!),
    base: lies ? [...size, lengthUnit(units)] : [],
  }
})
const baseTop = computed(() =>
  measured.value?.base.length ? parts.value[0]!.top : height.value - STRIP.pad,
)

watchEffect(() => {
  const canvas = strip.value
  if (!canvas || !derived.value || !piece.value || room.value === 0) return
  const { ledger, fronts } = derived.value
  const context = sharpContext(canvas, STRIP.width, height.value)
  context.imageSmoothingEnabled = false
  const palette = paletteOf(ledger.yarns, project.shown!.design.yarns)
  const front = fronts[ledger.pieces.indexOf(piece.value)]!
  for (const { firstRow, endRow, top, bottom } of parts.value) {
    if (endRow === firstRow) continue
    const { gauge } = piece.value.parts[piece.value.columns.part[firstRow]!]!
    const stitchPx = gauge.stitchWidthMm * pxPerMm.value
    const columns = Math.max(1, Math.round(STRIP.width / stitchPx))
    const pixelsHigh = bottom - top
    const picture = fabricPixels(front, palette, { firstRow, endRow, columns, pixelsHigh })
    const across = Math.min(STRIP.width, picture.columns * stitchPx)
    const left = (STRIP.width - across) / 2
    context.drawImage(
      ...([picture.canvas, 0, 0, picture.columns, picture.lines] as const),
      ...([left, top, across, pixelsHigh] as const),
    )
  }
  context.strokeStyle = 'rgb(255 255 255 / 14%)'
  context.lineWidth = 0.7
  for (const { rounds, top, bottom } of parts.value)
    for (let i = 0; i <= rounds && bottom - top > 1.5 * rounds; i++)
      context.strokeRect(-2, bottom + ((top - bottom) * i) / rounds, STRIP.width + 4, 0.01)
})

const { setRounds, roundsNow, drag } = useRoundsDrag(parts, pxPerMm, heldScale)
/** The band that stands for the chosen one: of a block that of its first time. */
const chosen = computed(() => project.selectedPart)
const choose = (id: string) => (project.selectedPart = id)
const place = (top: number, bottom: number) => ({
  ...{ top: `${top}px`, height: `${Math.max(4, bottom - top)}px` },
  ...{ left: `${STRIP.x}px`, width: `${STRIP.width}px` },
})
// What is chosen elsewhere is seen here.
watch(chosen, async () => {
  await nextTick()
  root.value?.querySelector('.line.on')?.scrollIntoView({ block: 'nearest' })
})
</script>

<template>
  <div ref="root" class="spine-strip" tabindex="-1">
    <div class="all" :style="{ height: `${height}px` }">
      <svg v-if="measured" width="36" :height="height" aria-hidden="true">
        <TapeMeasure
          direction="up"
          :x="8"
          :y="baseTop"
          :breadth="20"
          :length-mm="measured.standMm"
          :px-per-mm="pxPerMm"
        />
        <text
          v-for="(line, i) in measured.base"
          :key="i"
          class="size"
          x="18"
          :y="(height - STRIP.pad + baseTop) / 2 - 6 + 13 * i"
          text-anchor="middle"
        >
          {{ line }}
        </text>
      </svg>
      <canvas
        ref="strip"
        class="strip"
        aria-hidden="true"
        :style="{ left: `${STRIP.x}px`, width: `${STRIP.width}px`, height: `${height}px` }"
      />
      <template v-for="part in parts" :key="part.id">
        <div
          class="part"
          :class="{ on: part.id === chosen }"
          :style="place(part.top, part.bottom)"
          @click="choose(part.id)"
        >
          <LockingMarker v-if="part.id === chosen" :size="20" />
        </div>
        <div
          v-if="!isBaseKind(part.kind)"
          class="edge"
          aria-hidden="true"
          title="Drag for more or fewer rounds"
          :style="place(part.top - 4, part.top + 4)"
          @pointerdown.prevent="drag($event, part.id)"
        />
      </template>
      <SpineTurns v-if="piece" :piece="piece" :parts="parts" />
      <PartList :parts="parts" @rounds="(id, by) => setRounds(id, roundsNow(id) + by)" />
    </div>
  </div>
</template>

<style>
.spine-strip {
  flex: 1;
  min-height: 0;
  overflow: hidden auto;
  scrollbar-width: thin;
  scrollbar-color: #6f9488 transparent;
}
.spine-strip .all {
  position: relative;
}
.spine-strip .all > * {
  position: absolute;
}
.spine-strip .size {
  fill: #b5cdc3;
  font-size: 10.5px;
}
.spine-strip .part {
  color: var(--marker);
  cursor: pointer;
}
.spine-strip .part.on {
  outline: 2.2px solid var(--marker);
  outline-offset: 1px;
  border-radius: 2px;
}
.spine-strip .part .locking-marker {
  position: absolute;
  left: -8px;
  top: calc(50% - 8px);
}
.spine-strip .edge {
  cursor: ns-resize;
  touch-action: none;
}
.spine-strip .edge:hover {
  background: linear-gradient(transparent 2px, #fff 2px, #fff 6px, transparent 6px);
}
</style>
