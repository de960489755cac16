<script setup lang="ts">
import { computed } from 'vue'
import { bandOf } from '@core/band'
import { isBase, partById } from '@core/design'
import { abbrOf, stitchById } from '@core/stitch'
import { standsOn } from '@core/ledger'
import { constructionOf } from '@core/shape'
import { printLength } from '@core/units'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

/** The name of the selected part, and what it is. */
const project = useProject()
const workshop = useWorkshop()
const part = computed(() => partById(project.design!, project.selectedPart!))
const place = computed(() => project.ledgerPiece!.parts.find(({ id }) => id === part.value.id))
const name = computed(() => part.value.name)
const about = computed(() => {
  const stitch = abbrOf(stitchById(part.value.stitch), workshop.words)
  if (!place.value) return ''
  const { firstRow, endRow } = place.value
  const { columns, worked } = project.ledgerPiece!
  const alone = endRow === firstRow + 1
  const rounds = alone ? `${worked.slice(0, -1)} ${endRow}` : `${worked} ${firstRow + 1}–${endRow}`
  if (endRow === firstRow) return 'The bands begin at once in the chain.'
  const count = standsOn(project.ledgerPiece!, place.value)
  const { value: one } = part
  if (isBase(one))
    return `${constructionOf(one).name} in ${stitch} · ${columns.makes[endRow - 1]} stitches · ${rounds}`
  const { heading, chart, repeat } = bandOf(one)
  const [drawn, repeats] = [chart(one), repeat(one, worked)]
  if (repeats) {
    const left = (count - repeats.offset) % repeats.multiple
    const times = `${Math.floor(count / repeats.multiple)} repeats in ${count} stitches${left ? `, ${left} left over` : ''}`
    const tall = drawn ? ` × ${drawn.colours.length}` : ''
    return `${heading} ${stitch} · repeat ${repeats.multiple}${tall} · ${times} · ${rounds}`
  }
  const high = columns.heightMm[endRow - 1]! - (firstRow ? columns.heightMm[firstRow - 1]! : 0)
  const along = columns.alongMm[endRow - 1]! - (firstRow ? columns.alongMm[firstRow - 1]! : 0)
  // What lies flat under the bag has no height: it is so wide.
  const size = `${printLength(along, workshop.words.units)} ${high > 0 ? 'tall' : 'wide'}`
  return `${heading} ${stitch} · ${columns.makes[endRow - 1]} stitches · ${size} · ${rounds}`
})
</script>

<template>
  <header class="part-head">
    <h1>{{ name }}</h1>
    <p class="num">{{ about }}</p>
  </header>
</template>

<style>
.part-head {
  margin-bottom: 10px;
}
.part-head p {
  color: var(--ink-2);
  font-size: 13px;
}
</style>
