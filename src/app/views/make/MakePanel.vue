<script setup lang="ts">
import { computed } from 'vue'
import { hoursLeft, hoursWords, isFree, paceOf } from '@core/make'
import { type Snag, snagKey } from '@core/snag'
import { lengthFigure, lengthUnit, counted } from '@core/units'
import { rowWord } from '@core/terms'
import SnagCard from '@app/parts/bag/SnagCard.vue'
import { useMaking } from '@app/stores/making.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import LastsLines from './LastsLines.vue'
import LogLines from './LogLines.vue'

/** Beside the work: how far it is, how long it takes, whether the yarns last, and what was noted last. */
const making = useMaking()
const project = useProject()
const workshop = useWorkshop()
const units = computed(() => workshop.words.units)
const far = computed(() => {
  const { works } = making
  const sum = (of: (one: (typeof works)[number]) => number) =>
    works.reduce((all, one) => all + of(one), 0)
  const stitches = ({ piece }: (typeof works)[number], rows: number) => {
    let all = 0
    for (let row = 0; row < rows; row++) all += piece.columns.makes[row]!
    return all
  }
  return {
    made: sum(({ made }) => made),
    rows: sum(({ piece }) => piece.rows),
    share:
      sum((one) => stitches(one, one.made)) /
      Math.max(
        1,
        sum((one) => stitches(one, one.piece.rows)),
      ),
  }
})
const pace = computed(() => paceOf(making.log, making.learned))
const time = computed(() => hoursWords(hoursLeft(making.ledger!, making.log, pace.value)))
const tall = computed(() => {
  const on = making.on
  if (!on) return null
  const { heightMm, alongMm, widthMm } = on.piece.columns
  const row = on.made - 1
  if (row < 0) return { mm: 0, what: 'so far' }
  const rises = heightMm[row]! > 0
  return rises
    ? { mm: heightMm[row]!, what: 'tall so far' }
    : on.piece.worked === 'rounds'
      ? { mm: widthMm[row]! / Math.PI, what: 'across so far' }
      : { mm: alongMm[row]!, what: 'long so far' }
})
/** What keeps it from being worked, or runs out; without a plan also how it lies. */
const MOST_SNAGS = 3
const snags = computed(() => {
  const { design, derived } = project.table!
  const free = isFree(design)
  const tells = ({ code, severity }: Snag) =>
    severity === 'error' ||
    code === 'yarn-short' ||
    (free && /^(?:base|flare|loops|raised)/.test(code))
  return derived.snags.filter(tells).slice(0, MOST_SNAGS)
})
const worked = computed(() => making.on?.piece.worked ?? 'rounds')
</script>

<template>
  <aside class="make-panel" tabindex="0" aria-label="How far it is">
    <template v-if="making.ledger && making.on">
      <div class="made-figures num">
        <div>
          <b
            >{{ far.made }} <small>of {{ far.rows }}</small></b
          ><span>{{ rowWord(worked) }}s made</span>
        </div>
        <div>
          <b>{{ Math.round(100 * far.share) }} <small>%</small></b
          ><span>of the stitches</span>
        </div>
        <div>
          <b class="words">{{ time }}</b><span
            :title="`Stitches alone, by ${counted(pace.rows, 'row')} that were timed; ends and sewing come on top`"
            >{{
              pace.rows > 0 || making.learned !== null
                ? 'left, at your pace'
                : 'left, at the usual pace'
            }}</span
          >
        </div>
        <div v-if="tall">
          <b
            >{{ lengthFigure(tall.mm, units) }} <small>{{ lengthUnit(units) }}</small></b
          ><span>{{ tall.what }}</span>
        </div>
      </div>
      <LastsLines />
      <SnagCard v-for="snag in snags" :key="snagKey(snag)" :snag="snag" />
      <LogLines :log="making.log" :ledger="making.ledger" :yarns="project.table!.design.yarns" />
    </template>
  </aside>
</template>

<style>
.make-panel {
  contain: layout paint;
  display: flex;
  flex-direction: column;
  gap: 14px;
  min-height: 0;
  overflow: auto;
  padding: 14px 16px;
  border-left: 1px solid var(--line);
  background: var(--paper);
}
.make-panel h2 {
  margin-bottom: 9px;
  color: var(--ink-2);
  font: 600 13px/1 var(--font-head);
}
.made-figures {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 14px;
}
.made-figures b {
  display: block;
  font: 600 25px/1 var(--font-head);
  letter-spacing: -0.02em;
}
.made-figures b small {
  color: var(--ink-2);
  font: 500 13px/1 var(--font-text);
  letter-spacing: 0;
}
.made-figures b.words {
  font-size: 17px;
  line-height: 25px;
}
.made-figures span {
  color: var(--ink-3);
  font-size: 12px;
}
</style>
