<script setup lang="ts">
import { computed } from 'vue'
import type { Yarn } from '@core/design'
import { printNumber, printYarnLength } from '@core/units'
import { rowsOfRun, sourceWords, termWords, type YarnNeed } from '@core/yarn'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import { type Opened, partsNamed } from './opened.ts'
import { rowsOfSum } from './rows-of-sum.ts'
import { surelyWords } from '@app/parts/yarn/saying-amounts.ts'

/** The sum of a figure: what so many stitches take each, strands, tails; and of a part row by row. */
const { opened, yarn, need } = defineProps<{
  opened: Opened
  yarn: Yarn
  need: YarnNeed
}>()
const emit = defineEmits<{ open: [opened: Opened] }>()
const project = useProject()
const workshop = useWorkshop()
const words = computed(() => workshop.words)
const metres = (m: number) => printYarnLength(m, words.value.units)
const parts = computed(() => partsNamed(project.table!.design, project.table!.derived.ledger))
const nameOf = (id: string) => parts.value.find((one) => one.id === id)?.name ?? id
const part = computed(() => need.parts.find((one) => one.part === opened.part) ?? null)
const terms = computed(() => part.value?.terms.map((term) => termWords(term, words.value)) ?? [])
const rows = computed(() =>
  part.value ? rowsOfSum(project.table!, opened.letter, part.value.part, words.value) : [],
)
/** Of a yarn that stripes by itself: how far each colour goes in the band that takes most of it, and what to keep. */
const stripes = computed(() => {
  const { run = [] } = yarn
  const most = [...need.parts].sort((a, b) => b.metres - a.metres)[0]
  const own = project
    .table!.derived.ledger.pieces.flatMap((piece) =>
      piece.parts.map((one) => ({ ...one, worked: piece.worked })),
    )
    .find(({ id }) => id === most?.part)
  if (run.length === 0 || !most || !own) return ''
  const rows = rowsOfRun(run, most.metres / Math.max(1, own.endRow - own.firstRow))
  const each = rows.map((many, i) => `colour ${i + 1} ${printNumber(many, 1)}`).join(', ')
  return `In ${nameOf(most.part)} its colours last, in ${own.worked}: ${each}. A ball begins with the first. Keep a metre of the colour the edge ends in for sewing on handles.`
})
</script>

<template>
  <section class="card sum-card num" aria-live="polite">
    <template v-if="part">
      <h2>{{ yarn.name }}, {{ nameOf(part.part) }}</h2>
      <table>
        <tbody>
          <tr v-for="term in terms" :key="term.what">
            <th scope="row">{{ term.what }}</th>
            <td>{{ term.sum ? `× ${term.sum}` : '' }}</td>
            <td class="is">{{ term.metres }}</td>
          </tr>
          <tr class="all">
            <th scope="row" colspan="2">together</th>
            <td class="is">{{ metres(part.metres) }}</td>
          </tr>
        </tbody>
      </table>
      <p class="note">Lengths of stitches: {{ sourceWords[need.source] }}.</p>
      <details v-if="rows.length > 0">
        <summary>Row by row</summary>
        <ol tabindex="0" :aria-label="`${yarn.name} in ${nameOf(part.part)}, row by row`">
          <li v-for="row in rows" :key="row.key">
            <b>{{ row.label }}:</b> {{ row.words }} <em>{{ row.metres }}</em>
          </li>
        </ol>
      </details>
      <button
        type="button"
        class="link"
        @click="emit('open', { letter: opened.letter, part: null })"
      >
        All of {{ yarn.name }}
      </button>
    </template>
    <template v-else>
      <h2>{{ yarn.name }}, all together</h2>
      <p v-if="stripes" class="note">{{ stripes }}</p>
      <table>
        <tbody>
          <tr v-for="one in need.parts" :key="one.part">
            <th scope="row">
              <button
                type="button"
                class="link"
                @click="emit('open', { letter: opened.letter, part: one.part })"
              >
                {{ nameOf(one.part) }}
              </button>
            </th>
            <td class="is">{{ metres(one.metres) }}</td>
          </tr>
          <tr class="all">
            <th scope="row">together</th>
            <td class="is">{{ metres(need.metres) }}</td>
          </tr>
        </tbody>
      </table>
      <p class="note">{{ surelyWords(need, words.units) }}</p>
    </template>
  </section>
</template>

<style>
.sum-card h2 {
  margin-bottom: 6px;
}
.sum-card table {
  width: 100%;
  border-collapse: collapse;
  font-size: 12.5px;
}
.sum-card th,
.sum-card td {
  padding: 4px 0;
  border-top: 1px solid var(--line);
  font-weight: 400;
  text-align: left;
  vertical-align: top;
}
.sum-card td {
  padding-left: 6px;
  white-space: nowrap;
}
.sum-card .is {
  text-align: right;
}
.sum-card .all > * {
  font-weight: 650;
}
.sum-card ol {
  overflow: auto;
  max-height: 190px;
  margin: 4px 0;
  padding: 0;
  font-size: 12px;
  list-style: none;
}
.sum-card li {
  padding: 2px 0;
  border-top: 1px solid var(--line);
}
.sum-card em {
  float: right;
  font-style: normal;
}
.sum-card summary {
  padding: 4px 0;
  cursor: pointer;
}
</style>
