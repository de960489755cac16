<script setup lang="ts">
import { computed } from 'vue'
import { hoursLeft, hoursWords, paceOf } from '@core/make'
import { lengthFigure, lengthUnit, counted } from '@core/units'
import { rowWord } from '@core/terms'
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
const pace = computed(() => paceOf(making.log))
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
const worked = computed(() => making.on?.piece.worked ?? 'rounds')
</script>

<template>
  <aside class="make-panel tally" tabindex="0" aria-label="How far it is">
    <template v-if="making.ledger && making.on">
      <div class="figs num">
        <div class="fig">
          <b
            >{{ far.made }} <small>of {{ far.rows }}</small></b
          ><span>{{ rowWord(worked) }}s made</span>
        </div>
        <div class="fig">
          <b>{{ Math.round(100 * far.share) }} <small>%</small></b
          ><span>of the stitches</span>
        </div>
        <div class="fig">
          <b class="words">{{ time }}</b><span
            :title="`by ${counted(pace.rows, 'row')} that were timed`"
            >{{ pace.rows > 0 ? 'left, at your pace' : 'left, at the usual pace' }}</span
          >
        </div>
        <div v-if="tall" class="fig">
          <b
            >{{ lengthFigure(tall.mm, units) }} <small>{{ lengthUnit(units) }}</small></b
          ><span>{{ tall.what }}</span>
        </div>
      </div>
      <LastsLines />
      <LogLines :log="making.log" :ledger="making.ledger" :yarns="project.table!.design.yarns" />
    </template>
  </aside>
</template>

<style>
.make-panel .fig b.words {
  font-size: 17px;
  line-height: 25px;
}
</style>
