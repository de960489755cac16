<script setup lang="ts">
import { computed } from 'vue'
import type { Yarn } from '@core/design'
import type { Piece } from '@core/ledger'
import { type GapWay, withGap, type YarnGap } from '@core/paths'
import { rowsSaid } from '@app/parts/said/said.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import { gapWords, wayWords } from './saying-paths.ts'

/** What becomes of one gap of a yarn, and what else could, each with what it takes: pointed at it is shown, clicked it is done. */
const { gap, piece, yarn } = defineProps<{ gap: YarnGap; piece: Piece; yarn: Yarn }>()
const project = useProject()
const workshop = useWorkshop()
const highMm = computed(() => {
  const { alongMm } = piece.columns
  return alongMm[gap.next - 1]! - alongMm[gap.last]!
})
const where = computed(() => {
  const { units } = workshop.words
  return gapWords(gap.next - gap.last - 1, piece.worked, highMm.value, units)
})
const ways = computed(() =>
  gap.ways.map((way) => ({
    way,
    ...wayWords(way, {
      ...{ highMm: highMm.value, worked: piece.worked, units: workshop.words.units },
    }),
    on: way.becomes === gap.now,
    can: way.how !== 'trail' || way.becomes !== 'cut',
  })),
)
const own = computed(
  () => withGap(project.design!.ways, piece, gap, null).length < project.design!.ways.length,
)
const edit = (how: GapWay['how'] | null) =>
  ({
    name: 'setDesign',
    args: { ways: withGap(project.design!.ways, piece, gap, how) },
  }) as const
</script>

<template>
  <div class="gap-card">
    <h3>
      {{ yarn.name }}, {{ rowsSaid({ rows: [gap.last + 1, gap.next], worked: piece.worked }) }}
    </h3>
    <p class="note num">{{ where }}</p>
    <button
      v-for="one in ways"
      :key="one.way.how"
      type="button"
      class="way"
      :class="{ on: one.on }"
      :aria-pressed="one.on"
      :disabled="!one.can"
      @pointerenter="one.on || project.showPreview([edit(one.way.how)])"
      @pointerleave="project.endPreview"
      @focus="one.on || project.showPreview([edit(one.way.how)])"
      @blur="project.endPreview"
      @click="project.edit(edit(one.way.how))"
    >
      <b>{{ one.title }}</b><span class="num">{{ one.takes }}</span>
      <small>{{ one.about }}</small>
    </button>
    <button v-if="own" type="button" class="link note" @click="project.edit(edit(null))">
      As for the rest of the bag
    </button>
  </div>
</template>

<style>
.gap-card h3 {
  font: 650 15px/1.3 var(--font-head);
}
.gap-card .note {
  margin: 2px 0 8px;
}
.gap-card .way {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 1px 8px;
  width: 100%;
  margin-bottom: 7px;
  padding: 7px 10px;
  border: 1px solid transparent;
  border-radius: var(--radius);
  background: var(--mat-tint);
  text-align: left;
  cursor: pointer;
}
.gap-card .way:hover:not(:disabled) {
  border-color: var(--mat);
}
.gap-card .way.on {
  background: var(--mat);
  color: #fff;
}
.gap-card .way:disabled {
  cursor: default;
}
.gap-card .way b {
  font-weight: 600;
}
.gap-card .way small {
  grid-column: 1 / -1;
  opacity: 0.85;
}
</style>
