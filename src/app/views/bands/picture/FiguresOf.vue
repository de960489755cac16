<script setup lang="ts">
import { computed } from 'vue'
import type { RuleCost, Work } from '@core/picture'
import { counted, printNumber, printYarnLength } from '@core/units'
import { useWorkshop } from '@app/stores/workshop.ts'
import { ruleWords } from './picture-asked.ts'

/** How near a chart is to its picture, what there is to work at it, and what each rule costs beside what it saves. */
const { mean, worst, work, costs, turns } = defineProps<{
  mean: number
  worst: number
  work: Work
  costs: readonly RuleCost[]
  /** Its rounds are of one yarn. */
  turns: boolean
}>()
const workshop = useWorkshop()
const metres = (length: number) => printYarnLength(length, workshop.words.units)
const said = computed(() =>
  [
    counted(work.changes, 'change'),
    counted(work.ends, 'end'),
    `${metres(work.carriedM)} carried`,
    `at most ${counted(work.longestCarry, 'stitch')} far`,
    counted(work.lone, 'lone stitch'),
  ].join(', '),
)
/** A number with what it is of, less or more; nothing where it is the same. */
const saved = ({ changes, ends, carriedM, lone, longestCarry }: Work): string => {
  const each = [
    [changes, `${Math.abs(changes)} ${Math.abs(changes) === 1 ? 'change' : 'changes'}`],
    [ends, `${Math.abs(ends)} ends`],
    [Math.abs(carriedM) < 0.05 ? 0 : carriedM, `${metres(Math.abs(carriedM))} carried`],
    [longestCarry, `${counted(Math.abs(longestCarry), 'stitch')} of the longest carry`],
    [lone, counted(Math.abs(lone), 'lone stitch')],
  ] as const
  const list = (sign: number) =>
    each.flatMap(([by, words]) => (Math.sign(by) === sign ? [words] : [])).join(', ')
  const [less, more] = [list(1), list(-1)]
  return [less, more && `${less ? '; ' : ''}takes ${more} more`].join('') || 'nothing'
}
/** Farther off, or nearer. */
const off = (by: number) =>
  Math.abs(by) < 0.05 ? '0' : `${by < 0 ? '−' : '+'}${printNumber(Math.abs(by), 1)}`
</script>

<template>
  <div class="figures-of">
    <p>
      <strong>{{ printNumber(mean, 1) }} apart</strong> on the mean, {{ printNumber(worst, 0) }} at
      worst: about 1 is just seen, more than 10 is another colour. {{ turns ? '' : `${said}.` }}
    </p>
    <table v-if="costs.length > 0">
      <caption>
        What each rule costs in likeness, and saves, beside all others
      </caption>
      <thead>
        <tr>
          <th scope="col">Rule</th>
          <th scope="col">Mean</th>
          <th scope="col">Worst</th>
          <th scope="col">Saves</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="one in costs" :key="one.rule">
          <th scope="row">{{ ruleWords[one.rule] }}</th>
          <td>{{ off(one.mean) }}</td>
          <td>{{ off(one.worst) }}</td>
          <td>{{ turns ? '' : saved(one.saves) }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style>
.figures-of table {
  width: 100%;
  border-collapse: collapse;
}
.figures-of caption {
  padding: 6px 0 2px;
  color: var(--ink-2);
  text-align: left;
}
.figures-of :is(th, td) {
  padding: 2px 8px 2px 0;
  border-top: 1px solid var(--line);
  font-weight: 400;
  text-align: left;
  vertical-align: top;
}
.figures-of thead th {
  border: 0;
  color: var(--ink-3);
}
</style>
