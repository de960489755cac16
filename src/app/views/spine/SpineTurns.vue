<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import type { Piece } from '@core/ledger'
import { worksOf } from '@core/make'
import { rowWord } from '@core/terms'
import { useProject } from '@app/stores/project.ts'
import { STRIP, type SpinePart } from './spine-layout.ts'

/** On the strip: how far it is made while one works; the row that is pointed at, and the last row at which one can still change course, of each yarn that does not last by what was weighed. */
const { piece, parts } = defineProps<{ piece: Piece; parts: readonly SpinePart[] }>()
const project = useProject()
/** Where the top of a row is on the strip; null where it is not drawn. */
function maybeTopOf(row: number): number | null {
  const part = parts.find(({ firstRow, endRow }) => firstRow <= row && row < endRow)
  if (!part) return null
  const share = (row + 1 - part.firstRow) / (part.endRow - part.firstRow)
  return part.bottom + (part.top - part.bottom) * share
}
const pointed = computed(() => {
  const at = project.pointedRow
  return at?.piece === piece.id ? maybeTopOf(at.row) : null
})
/** While one works what is to come is dark. */
const route = useRoute()
const madeTo = computed(() => {
  const { table, history } = project
  if (route.name !== 'make' || !table || !history) return null
  const { ledger } = table.derived
  const on = worksOf(ledger, history.log).find((one) => one.piece.id === piece.id)
  if (!on || on.made >= piece.rows) return null
  return on.made === 0 ? parts[0]!.bottom : maybeTopOf(on.made - 1)
})
const turns = computed(() => {
  const { design, derived } = project.shown!
  return derived.lasts.flatMap(({ letter, turn }) => {
    const top = turn?.piece === piece.id ? maybeTopOf(turn.row) : null
    const yarn = design.yarns.find((one) => one.letter === letter)
    if (!turn || top === null || !yarn) return []
    return [
      {
        ...{ letter, top },
        says: `${yarn.name} does not last: change course after ${rowWord(piece.worked)} ${piece.columns.number[turn.row]} at the latest`,
      },
    ]
  })
})
</script>

<template>
  <div
    v-if="madeTo !== null"
    class="to-come"
    aria-hidden="true"
    :style="{ height: `${madeTo}px`, left: `${STRIP.x}px`, width: `${STRIP.width}px` }"
  />
  <div
    v-if="pointed !== null"
    class="pointed"
    aria-hidden="true"
    :style="{ top: `${pointed}px`, left: `${STRIP.x - 4}px`, width: `${STRIP.width + 8}px` }"
  />
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
.spine-strip .to-come {
  top: 0;
  border-bottom: 2.5px solid var(--marker);
  background: rgb(20 52 46 / 62%);
  pointer-events: none;
}
.spine-strip .pointed {
  position: absolute;
  z-index: 2;
  height: 0;
  border-top: 2px solid var(--marker);
  pointer-events: none;
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
