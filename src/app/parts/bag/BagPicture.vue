<script setup lang="ts">
import { computed, useTemplateRef, watchEffect } from 'vue'
import type { Yarn } from '@core/design'
import type { Derived } from '@core/bag'
import { type ArcFace, facesOf, type Facing, type RowsFace, seenMm } from '@core/form'
import { fabricPixels, paletteOf, sharpContext } from './fabric.ts'

/** The bag laid flat, seen from the front, to scale in its box. Of the design only what it shows: strokes on charts change none of it. */
const props = defineProps<{
  name: string
  yarns: readonly Yarn[]
  derived: Derived
  width: number
  height: number
  facing?: Facing
}>()

const canvas = useTemplateRef('canvas')
const seen = computed(() => facesOf(props.derived, props.facing))
const label = computed(() => `${props.name}, seen from the ${props.facing ?? 'front'}`)
const palette = computed(() => paletteOf(props.derived.ledger.yarns, props.yarns))

/** Where the middle of a row lies, so that of the stretch of it that is seen is in the middle. */
function middleSeen({ piece, seen: [from, to] = [0, 1] }: RowsFace, across: number): number {
  const off = ((from + to) / 2 - 0.5) * across
  return props.derived.fronts[piece]!.hand === 'right' ? off : -off
}

/** Rows of one count are painted together. */
function paintRows(context: CanvasRenderingContext2D, face: RowsFace, scale: number) {
  const piece = props.derived.ledger.pieces[face.piece]!
  const { makes, alongMm } = piece.columns
  const start = face.firstRow > 0 ? alongMm[face.firstRow - 1]! : 0
  const lies = [face.widthMm * scale, face.heightMm * scale] as const
  context.save()
  context.translate(face.leftMm * scale + lies[0] / 2, face.topMm * scale + lies[1] / 2)
  context.rotate((-face.turns * Math.PI) / 2)
  // As they are worked: across and up.
  const [wide, high] = face.turns % 2 === 1 ? [lies[1], lies[0]] : lies
  context.beginPath()
  context.roundRect(-wide / 2, -high / 2, wide, high, Math.min(4, wide * 0.03))
  context.clip()
  // Stitches large enough to be seen are shown one by one.
  context.imageSmoothingEnabled = piece.parts[0]!.gauge.stitchWidthMm * scale * devicePixelRatio < 3
  for (let first = face.firstRow; first < face.endRow;) {
    let end = first + 1
    while (end < face.endRow && makes[end] === makes[first]) end++
    const top = high / 2 - (alongMm[end - 1]! - start) * scale
    const bottom = high / 2 - ((first > 0 ? alongMm[first - 1]! : 0) - start) * scale
    const picture = fabricPixels(props.derived.fronts[face.piece]!, palette.value, {
      firstRow: first,
      endRow: end,
      columns: piece.worked === 'rounds' ? makes[first]! >> 1 : makes[first]!,
      pixelsHigh: 2 * (bottom - top),
    })
    const across = seenMm(piece, first) * scale
    const middle = middleSeen(face, across)
    const { columns, lines } = picture
    context.drawImage(
      picture.canvas,
      0,
      0,
      columns,
      lines,
      middle - across / 2,
      top,
      across,
      bottom - top + 0.35,
    )
    first = end
  }
  context.restore()
}

/** Rows around a point, each in the yarn of its middle; from the outermost in. */
function paintArcs(context: CanvasRenderingContext2D, face: ArcFace, scale: number) {
  const { columns, rows } = props.derived.ledger.pieces[face.piece]!
  const front = props.derived.fronts[face.piece]!
  const all = columns.alongMm[rows - 1]!
  const radius = face.radiusMm * scale
  for (let row = rows - 1; row >= 0; row--) {
    const yarn = front.yarns[row * front.columns + (front.columns >> 1)]!
    context.fillStyle = `#${[0, 8, 16].map((shift) => ((palette.value[yarn]! >> shift) & 255).toString(16).padStart(2, '0')).join('')}`
    context.beginPath()
    context.arc(
      radius,
      face.half ? 0 : radius,
      (radius * columns.alongMm[row]!) / all,
      0,
      face.half ? Math.PI : 2 * Math.PI,
    )
    context.fill()
  }
}

watchEffect(() => {
  if (!canvas.value) return
  const context = sharpContext(canvas.value, props.width, props.height)
  const { widthMm, heightMm, faces } = seen.value
  if (heightMm <= 0 || widthMm <= 0) return
  const scale = Math.min(props.width / widthMm, props.height / heightMm)
  context.translate((props.width - widthMm * scale) / 2, (props.height - heightMm * scale) / 2)
  context.imageSmoothingQuality = 'high'
  for (const face of faces)
    if (face.kind === 'rows') paintRows(context, face, scale)
    else paintArcs(context, face, scale)
})
</script>

<template>
  <canvas
    ref="canvas"
    class="bag-picture"
    role="img"
    :aria-label="label"
    :style="{ width: `${width}px`, height: `${height}px` }"
  />
</template>

<style>
.bag-picture {
  display: block;
}
</style>
