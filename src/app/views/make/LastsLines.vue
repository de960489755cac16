<script setup lang="ts">
import { computed } from 'vue'
import { rowWord } from '@core/terms'
import { counted, printMasses } from '@core/units'
import YarnDot from '@app/parts/marks/YarnDot.vue'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

/** Whether the yarns last, as they were last weighed: a bar for each, in few words. */
const project = useProject()
const workshop = useWorkshop()
const grams = (amount: number) => printMasses(amount, amount, workshop.words.units)
const lines = computed(() => {
  const { design, derived } = project.table!
  return derived.lasts
    .filter(({ leftGrams }) => leftGrams !== null)
    .map((one) => {
      const yarn = design.yarns.find(({ letter }) => letter === one.letter)!
      const { leftGrams, keptGrams, roundGrams, planned, lastTurn, roundsLeft } = one
      const needs = (keptGrams ?? 0) + planned * (roundGrams ?? 0)
      const row = rowWord(
        derived.ledger.pieces.find(({ id }) => id === (one.turn?.piece ?? 'bag'))?.worked ??
          'rounds',
      )
      return {
        ...{ yarn, fails: lastTurn !== null, from: `of ${grams(leftGrams!)}` },
        share: leftGrams! > 0 ? Math.min(1, needs / leftGrams!) : 1,
        says:
          lastTurn !== null
            ? `${roundsLeft === null ? 'too little' : `${roundsLeft} of ${counted(planned, row)}`}. Turn by ${row} ${lastTurn}`
            : `lasts, ${grams(Math.max(0, leftGrams! - needs))} over`,
      }
    })
})
</script>

<template>
  <section class="lasts-lines num">
    <h2>Will it last?</h2>
    <p v-if="lines.length === 0" class="note">
      Weigh a ball when a round is done, and it is known.
    </p>
    <div
      v-for="{ yarn, from, share, says, fails } in lines"
      :key="yarn.letter"
      class="lasts-line"
      :class="{ fails }"
    >
      <YarnDot :letter="yarn.letter" :colour="yarn.colour" />
      <span>{{ yarn.name }}</span>
      <em>{{ from }}</em>
      <div class="bar" aria-hidden="true">
        <i :style="{ width: `${100 * share}%`, background: yarn.colour }" />
      </div>
      <span class="says">{{ says }}</span>
    </div>
  </section>
</template>

<style>
.lasts-lines {
  display: grid;
  gap: 10px;
}
.lasts-line {
  display: grid;
  grid-template-columns: 22px 1fr auto;
  gap: 2px 8px;
  align-items: center;
  font-size: 13px;
}
.lasts-line em {
  color: var(--ink-2);
  font-size: 12px;
  font-style: normal;
}
.lasts-line .bar {
  position: relative;
  grid-column: 2 / 4;
  height: 6px;
  border-radius: 3px;
  background: #e6e9e3;
  overflow: hidden;
}
.lasts-line .bar i {
  display: block;
  height: 100%;
  box-shadow: inset 0 0 0 1px rgb(0 0 0 / 18%);
}
.lasts-line .says {
  grid-column: 2 / 4;
  color: var(--ink-2);
  font-size: 12px;
}
.lasts-line.fails .says {
  color: var(--warning);
  font-weight: 650;
}
.lasts-lines .link {
  justify-self: start;
}
</style>
