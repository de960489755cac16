<script setup lang="ts">
import { computed } from 'vue'
import type { Yarn } from '@core/design'
import type { Piece } from '@core/ledger'
import type { YarnGap, YarnPaths } from '@core/paths'
import YarnDot from '@app/parts/marks/YarnDot.vue'
import { howWords } from './saying-paths.ts'

/** The ways of the yarns of a piece as a table: what the diagram shows, stretch by stretch; a gap can be chosen. */
const { piece, paths, yarns, gaps, chosen } = defineProps<{
  piece: Piece
  paths: YarnPaths
  yarns: readonly Yarn[]
  gaps: readonly YarnGap[]
  chosen: YarnGap | null
}>()
const emit = defineEmits<{ choose: [gap: YarnGap] }>()
const isGap = (letter: string, from: number) => (gap: YarnGap) =>
  gap.letter === letter && gap.last === from - 1
const rows = computed(() =>
  paths.ways.flatMap(({ spans }, i) =>
    [...spans]
      .sort((a, b) => a.from - b.from)
      .map(({ from, to, how }) => ({
        key: `${i} ${from} ${how}`,
        yarn: yarns[i]!,
        where: to - from === 1 ? String(to) : `${from + 1}–${to}`,
        how: howWords[how],
        gap: how === 'worked' ? undefined : gaps.find(isGap(yarns[i]!.letter, from)),
      })),
  ),
)
const title = computed(() => (piece.worked === 'rows' ? 'Rows' : 'Rounds'))
</script>

<template>
  <table class="paths-table num">
    <thead>
      <tr>
        <th>Yarn</th>
        <th>{{ title }}</th>
        <th>What it does</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="row.key">
        <td><YarnDot :letter="row.yarn.letter" :colour="row.yarn.colour" :size="18" /></td>
        <td>{{ row.where }}</td>
        <td>
          <button
            v-if="row.gap"
            type="button"
            class="link"
            :aria-pressed="row.gap === chosen"
            :aria-label="`${row.yarn.name}, ${title.toLowerCase()} ${row.where}: ${row.how}`"
            @click="emit('choose', row.gap)"
          >
            {{ row.how }}</button><template v-else>{{ row.how }}</template>
        </td>
      </tr>
    </tbody>
  </table>
</template>
