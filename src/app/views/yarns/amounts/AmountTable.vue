<script setup lang="ts">
import { computed } from 'vue'
import type { Yarn } from '@core/design'
import { printYarnLength } from '@core/units'
import type { YarnNeed } from '@core/yarn'
import YarnDot from '@app/parts/marks/YarnDot.vue'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import { type Opened, partsNamed } from './opened.ts'

/** What every part takes of each yarn; a figure opens to its sum. */
const { rows, opened } = defineProps<{
  rows: readonly { readonly yarn: Yarn; readonly need: YarnNeed | undefined }[]
  opened: Opened | null
}>()
const emit = defineEmits<{ open: [opened: Opened] }>()
const project = useProject()
const workshop = useWorkshop()
const units = computed(() => workshop.words.units)
const parts = computed(() => partsNamed(project.table!.design, project.table!.derived.ledger))
const metresIn = (need: YarnNeed | undefined, part: string) =>
  need?.parts.find((one) => one.part === part)?.metres ?? 0
const lines = computed(() =>
  parts.value
    .map((part) => ({
      ...part,
      cells: rows.map(({ yarn, need }) => {
        const metres = metresIn(need, part.id)
        return {
          yarn,
          words: metres > 0 ? printYarnLength(metres, units.value) : null,
          on: opened?.letter === yarn.letter && opened.part === part.id,
        }
      }),
    }))
    .filter(({ cells }) => cells.some(({ words }) => words !== null)),
)
</script>

<template>
  <table class="amount-table num">
    <thead>
      <tr>
        <th>By part</th>
        <th v-for="{ yarn } in rows" :key="yarn.letter">
          <YarnDot :letter="yarn.letter" :colour="yarn.colour" :size="18" />
        </th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="line in lines" :key="line.id">
        <th scope="row">{{ line.name }}</th>
        <td v-for="{ yarn, words, on } in line.cells" :key="yarn.letter">
          <button
            v-if="words"
            type="button"
            class="link"
            :aria-pressed="on"
            :aria-label="`${yarn.name} in ${line.name}: ${words}, as a sum`"
            @click="emit('open', { letter: yarn.letter, part: line.id })"
          >
            {{ words }}
          </button>
          <span v-else class="none" aria-hidden="true">–</span>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style>
.amount-table .none {
  color: var(--ink-3);
}
.amount-table .link[aria-pressed='true'] {
  font-weight: 700;
}
</style>
