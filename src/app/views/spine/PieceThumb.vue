<script setup lang="ts">
import { useTemplateRef, watchEffect } from 'vue'
import { fabricPixels, paletteOf, sharpContext } from '@app/parts/bag/fabric.ts'
import { useProject } from '@app/stores/project.ts'

/** A piece as a small picture of its fabric, to scale in its box. */
const { at } = defineProps<{ at: number }>()
const project = useProject()
const canvas = useTemplateRef('canvas')
const BOX = { width: 24, height: 18 }
watchEffect(() => {
  const shown = project.table
  const piece = shown?.derived.ledger.pieces[at]
  if (!canvas.value || !piece || piece.rows === 0) return
  const context = sharpContext(canvas.value, BOX.width, BOX.height)
  const { ledger, fronts } = shown!.derived
  const palette = paletteOf(ledger.yarns, shown!.design.yarns)
  const { makes, widthMm, alongMm } = piece.columns
  const columns = Math.max(...makes)
  const [wide, high] = [Math.max(...widthMm), alongMm.at(-1)!]
  const scale = Math.min(BOX.width / wide, BOX.height / high)
  const picture = fabricPixels(fronts[at]!, palette, {
    ...{ firstRow: 0, endRow: piece.rows, columns },
    pixelsHigh: Math.max(1, Math.round(2 * high * scale)),
  })
  const [width, height] = [wide * scale, high * scale]
  context.drawImage(
    ...([picture.canvas, 0, 0, picture.columns, picture.lines] as const),
    ...([(BOX.width - width) / 2, (BOX.height - height) / 2, width, height] as const),
  )
})
</script>

<template>
  <canvas
    ref="canvas"
    class="piece-thumb"
    aria-hidden="true"
    :style="{ width: `${BOX.width}px`, height: `${BOX.height}px` }"
  />
</template>
