<script setup lang="ts">
import { computed } from 'vue'
import type { Piece } from '@core/ledger'
import { rowWord } from '@core/terms'
import { useProject } from '@app/stores/project.ts'
import { STRIP, type SpinePart } from './spine-layout.ts'

/** On the strip: the last row at which one can still change course, of each yarn that does not last by what was weighed. */
const { piece, parts } = defineProps<{ piece: Piece; parts: readonly SpinePart[] }>()
const project = useProject()
const turns = computed(() => {
  const { design, derived } = project.shown!
  return derived.lasts.flatMap(({ letter, turn }) => {
    if (turn?.piece !== piece.id) return []
    const part = parts.find(({ firstRow, endRow }) => firstRow <= turn.row && turn.row < endRow)
    const yarn = design.yarns.find((one) => one.letter === letter)
    if (!part || !yarn) return []
    const share = (turn.row + 1 - part.firstRow) / (part.endRow - part.firstRow)
    return [
      {
        ...{ letter, top: part.bottom + (part.top - part.bottom) * share },
        says: `${yarn.name} does not last: change course after ${rowWord(piece.worked)} ${piece.columns.number[turn.row]} at the latest`,
      },
    ]
  })
})
</script>

<template>
  <div
    v-for="{ letter, top, says } in turns"
    :key="letter"
    class="turn"
    role="img"
    :aria-label="says"
    :title="says"
    :style="{ top: `${top}px`, left: `${STRIP.x - 6}px`, width: `${STRIP.width + 12}px` }"
  >
    <b>{{ letter }}</b>
  </div>
</template>

<style>
.spine-strip .turn {
  position: absolute;
  z-index: 2;
  height: 0;
  border-top: 2.5px dashed #ffb86b;
}
.spine-strip .turn b {
  position: absolute;
  top: -9px;
  left: -15px;
  width: 16px;
  border-radius: 3px;
  background: #ffb86b;
  color: #3a1f00;
  font-size: 11px;
  line-height: 16px;
  text-align: center;
}
</style>
