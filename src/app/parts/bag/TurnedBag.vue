<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref, useTemplateRef, watchEffect } from 'vue'
import type { Design } from '@core/design'
import { baseOf } from '@core/design'
import { aroundPicture, bodyOf, middlesSeen } from '@core/ledger'
import type { Derived } from '@core/bag'
import { constructionOf } from '@core/shape'
import { printLength } from '@core/units'
import { followPointer } from '@app/parts/page/follow-pointer.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import BagPicture from './BagPicture.vue'
import { paletteOf } from './fabric.ts'
import { paintTurned } from './turned.ts'

/** The bag from all sides: turned by dragging, by its buttons or by arrow keys. */
const { design, derived, yarns, leaning } = defineProps<{
  design: Design
  derived: Derived
  /** In the colours they are seen in. */
  yarns: Design['yarns']
  /** Lines lean as they do on the hook. */
  leaning: boolean
}>()
const workshop = useWorkshop()
const turn = ref(0)
const stands = computed(() => derived.ledger.front.kind === 'standing')
const sides = [
  { title: 'Front', at: 0 },
  { title: 'Left side', at: 90 },
  { title: 'Back', at: 180 },
  { title: 'Right side', at: 270 },
] as const
const around = (degrees: number) => ((degrees % 360) + 360) % 360
const facing = computed(() => (around(turn.value + 90) < 180 ? 'front' : 'back'))
/** The side that is nearest to being seen. */
const nearest = computed(
  () =>
    sides.find(({ at }) => Math.abs(around(turn.value - at + 180) - 180) <= 45)?.title ?? 'Front',
)

const room = useTemplateRef('room')
const { width, height } = useElementSize(room)
const canvas = useTemplateRef('canvas')
const sizes = computed(() => derived.ledger.sizes)
const scale = computed(() => {
  const wide = stands.value
    ? Math.hypot(sizes.value.footprint.lengthMm, sizes.value.footprint.widthMm)
    : sizes.value.flatMm
  // A flat bag comes nearer on one side as it turns.
  const near = stands.value ? 1 : 0.8
  return near * Math.min((width.value - 60) / wide, (height.value - 30) / sizes.value.heightMm)
})
const look = computed(() => {
  const piece = bodyOf(derived.ledger)
  const { hand } = workshop.words
  return {
    piece,
    around: aroundPicture(derived.ledger, piece, hand),
    palette: paletteOf(derived.ledger.yarns, yarns),
    plan: constructionOf(baseOf(design)).plan ?? null,
    footprint: sizes.value.footprint,
    front: (row: number) => middlesSeen(piece, row, hand, leaning).front,
  }
})
watchEffect(() => {
  if (!stands.value || !canvas.value || scale.value <= 0) return
  const ratio = window.devicePixelRatio || 1
  const wide = Math.max(1, Math.round(width.value * ratio))
  const high = Math.max(1, Math.round(sizes.value.heightMm * scale.value * ratio))
  Object.assign(canvas.value, { width: wide, height: high })
  const context = canvas.value.getContext('2d')!
  const image = context.createImageData(wide, high)
  paintTurned(look.value, (turn.value * Math.PI) / 180, scale.value * ratio, image)
  context.putImageData(image, 0, 0)
})

function drag(event: PointerEvent) {
  const from = turn.value
  const { clientX } = event
  followPointer(event, event.currentTarget as Element, {
    move: (to) => (turn.value = from + (to.clientX - clientX) * 0.5),
    cancel: () => (turn.value = from),
  })
}
const keys: Readonly<Record<string, number>> = { ArrowLeft: -5, ArrowRight: 5 }
function key(event: KeyboardEvent) {
  const by = keys[event.key]
  if (by === undefined) return
  event.preventDefault()
  turn.value = around(turn.value + by)
}
const label = computed(
  () =>
    `${design.name}, turned by ${Math.round(around(turn.value))}°: ${nearest.value.toLowerCase()}`,
)
const flatStyle = computed(() => ({
  transform: `perspective(1400px) rotateY(${turn.value + (facing.value === 'back' ? 180 : 0)}deg)`,
}))
const sizeWords = computed(() => {
  const { units } = workshop.words
  const { heightMm, aroundMm, flatMm } = sizes.value
  const wide = stands.value
    ? `${printLength(aroundMm, units)} around`
    : `${printLength(flatMm, units)} across`
  return `${wide}, ${printLength(heightMm, units)} tall`
})
</script>

<template>
  <div class="turned-bag">
    <div class="turns" role="toolbar" aria-label="Turn the bag">
      <button
        v-for="side in sides"
        :key="side.title"
        type="button"
        class="button"
        :aria-pressed="nearest === side.title"
        @click="turn = side.at"
      >
        {{ side.title }}
      </button>
      <span class="note">Drag it, or use the arrow keys.</span>
    </div>
    <div
      ref="room"
      class="room"
      tabindex="0"
      role="slider"
      aria-label="Turn of the bag, in degrees"
      aria-valuemin="0"
      aria-valuemax="360"
      :aria-valuenow="Math.round(around(turn))"
      :aria-valuetext="label"
      @pointerdown="drag"
      @keydown="key"
    >
      <canvas v-if="stands" ref="canvas" :style="{ width: '100%' }" />
      <div v-else-if="scale > 0" class="flat" :style="flatStyle">
        <BagPicture
          :name="design.name"
          :yarns="yarns"
          :derived="derived"
          :width="sizes.flatMm * scale"
          :height="sizes.heightMm * scale"
          :facing="facing"
        />
      </div>
    </div>
    <p class="note num">{{ nearest }} · {{ sizeWords }}</p>
  </div>
</template>

<style>
.turned-bag {
  display: flex;
  flex: 1;
  flex-direction: column;
  gap: 8px;
  min-height: 0;
  padding: 4px 6px 8px;
}
.turned-bag .turns {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
}
.turned-bag .turns .button[aria-pressed='true'] {
  border-color: var(--mat);
  box-shadow: inset 0 0 0 1px var(--mat);
}
.turned-bag .room {
  position: relative;
  display: grid;
  flex: 1;
  place-items: center;
  min-height: 0;
  overflow: hidden;
  border-radius: var(--radius-large);
  background: var(--mat-tint);
  cursor: ew-resize;
  touch-action: none;
  user-select: none;
}
</style>
