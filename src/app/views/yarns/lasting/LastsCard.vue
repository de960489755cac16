<script setup lang="ts">
import { scaleLinear } from 'd3'
import { computed } from 'vue'
import type { Edit, Yarn } from '@core/design'
import { rowWord } from '@core/terms'
import { counted, printMasses } from '@core/units'
import { type Lasts, lastsWords } from '@core/yarn'
import YarnDot from '@app/parts/marks/YarnDot.vue'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

/** Whether one yarn lasts: in a sentence, and what is left of it as a bar: kept back for what follows, round by round, and what is over or lacks. */
const { lasts, yarn, part, worked, usedUp } = defineProps<{
  lasts: Lasts
  yarn: Yarn
  part: string | null
  worked: 'rounds' | 'rows'
  /** So many rounds more (below 0 fewer) of the band use up what is there. */
  usedUp: { readonly by: number; readonly edit: Edit } | null
}>()
const project = useProject()
const usedUpWords = computed(() => {
  const by = usedUp?.by ?? 0
  return `${counted(Math.abs(by), rowWord(worked))} ${by > 0 ? 'more' : 'fewer'} of ${part} ${by > 0 ? 'use up what is there' : 'make it last'}`
})
const workshop = useWorkshop()
const units = computed(() => workshop.words.units)
const words = computed(() =>
  lastsWords(lasts, { yarn: yarn.name, part, worked, units: units.value }),
)
const fails = computed(() => lasts.lastTurn !== null)
const factor = computed(() => {
  const { factor, low, high, weighed } = lasts
  if (factor === null) return ''
  const [now, least, most] = [factor, low!, high!].map((share) => Math.round(share * 100))
  const rest = `nine times in ten ${least} to ${most} %`
  return weighed
    ? `Used so far: ${now} % of the plan; what is to come, ${rest}.`
    : `Not weighed: by the others ${now} % of the plan, ${rest}.`
})
const most = 24
const bar = computed(() => {
  const { leftGrams, keptGrams, roundGrams, planned } = lasts
  if (leftGrams === null || keptGrams === null) return null
  const round = roundGrams ?? 0
  const needs = keptGrams + planned * round
  const x = scaleLinear()
    .domain([0, Math.max(leftGrams, needs, 0.1)])
    .range([0, 100])
  return {
    kept: x(Math.min(keptGrams, leftGrams)),
    rounds: Array.from({ length: Math.min(planned, most) }, (_, i) => ({
      left: x(keptGrams + i * needsOver(planned) * round),
      wide: Math.max(0.4, x(round * needsOver(planned)) - 0.4),
      there: keptGrams + (i + 1) * needsOver(planned) * round <= leftGrams + 1e-6,
    })),
    end: x(leftGrams),
    label: `${printMasses(leftGrams, leftGrams, units.value)} left; ${printMasses(needs, needs, units.value)} to come`,
  }
})
/** Of many rounds several are one piece of the bar. */
const needsOver = (planned: number) => Math.max(1, planned / most)
</script>

<template>
  <section class="card lasts-card" :class="{ fails }">
    <YarnDot :letter="yarn.letter" :colour="yarn.colour" />
    <div>
      <p class="num">{{ words }}</p>
      <div v-if="bar" class="bar" role="img" :aria-label="bar.label">
        <i class="kept" :style="{ width: `${bar.kept}%`, background: yarn.colour }" />
        <i
          v-for="(one, at) in bar.rounds"
          :key="at"
          :class="{ lacks: !one.there }"
          :style="{
            left: `${one.left}%`,
            width: `${one.wide}%`,
            background: one.there ? yarn.colour : undefined,
          }"
        />
        <s :style="{ left: `${bar.end}%` }" />
      </div>
      <p v-if="factor" class="note num">{{ factor }}</p>
      <button
        v-if="usedUp"
        type="button"
        class="link"
        @pointerenter="project.showPreview([usedUp.edit])"
        @pointerleave="project.endPreview"
        @focus="project.showPreview([usedUp.edit])"
        @blur="project.endPreview"
        @click="project.edit(usedUp.edit)"
      >
        {{ usedUpWords }}
      </button>
    </div>
  </section>
</template>

<style>
.lasts-card {
  display: grid;
  grid-template-columns: 24px 1fr;
  gap: 10px;
}
.lasts-card.fails {
  border-left: 4px solid #8a5300;
}
.lasts-card .bar {
  position: relative;
  height: 16px;
  margin: 8px 0 6px;
  border-radius: 4px;
  background: #e6e9e3;
}
.lasts-card .bar i {
  position: absolute;
  top: 0;
  bottom: 0;
  border-radius: 2px;
  box-shadow: inset 0 0 0 1px rgb(0 0 0 / 22%);
}
.lasts-card .bar .kept {
  left: 0;
  opacity: 0.55;
}
.lasts-card .bar .lacks {
  background: repeating-linear-gradient(135deg, #8a5300 0 2px, transparent 2px 5px);
}
.lasts-card .bar s {
  position: absolute;
  top: -4px;
  bottom: -4px;
  width: 2px;
  background: var(--ink);
}
</style>
