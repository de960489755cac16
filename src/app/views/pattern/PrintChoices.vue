<script setup lang="ts">
import { computed } from 'vue'
import { papers } from '@core/paper'
import { writableLines } from '@core/units'
import type { Print } from '@core/workshop'
import { useProject } from '@app/stores/project.ts'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import type { Printing } from './use-printing.ts'

/** How the pattern is printed, and what is said at its beginning. */
const { printing } = defineProps<{ printing: Printing }>()
const project = useProject()
const of = <Key extends keyof Print>(key: Key) =>
  computed<Print[Key]>({
    get: () => printing.choices.value[key],
    set: (value) => printing.set({ [key]: value } as Partial<Print>),
  })
const shows = of('shows')
const ticks = of('ticks')
const paper = of('paper')
const flags = [
  { key: 'large', label: 'Large type' },
  { key: 'colour', label: 'In colour' },
  { key: 'changes', label: 'List of all changes' },
] as const
const pieces = computed(() => project.table?.derived.ledger.pieces ?? [])
const piece = computed({
  get: () => printing.piece.value ?? '',
  set: (id) => printing.printOnly(id || null),
})
const notes = computed(() => project.design?.notes ?? '')
function note(text: string) {
  const trimmed = writableLines(text).trim()
  if (trimmed !== notes.value) project.edit({ name: 'setDesign', args: { notes: trimmed } })
}
</script>

<template>
  <div class="print-choices">
    <ChoiceOf
      v-model="shows"
      legend="What stands for a part with a chart"
      :options="[
        { value: 'both', label: 'Both', title: 'Its chart, and every row in words' },
        { value: 'words', label: 'Words' },
        { value: 'charts', label: 'Charts' },
      ]"
    />
    <ChoiceOf
      v-model="ticks"
      legend="Boxes to tick"
      :options="[
        { value: 'rows', label: 'Box a row' },
        { value: 'lines', label: 'a line' },
        { value: 'none', label: 'none' },
      ]"
    />
    <ChoiceOf
      v-model="paper"
      legend="Paper"
      :options="[
        { value: 'a4', label: papers.a4.name },
        { value: 'letter', label: papers.letter.name },
      ]"
    />
    <label v-for="flag in flags" :key="flag.key" class="flag">
      <input
        type="checkbox"
        :checked="printing.choices.value[flag.key]"
        @change="printing.set({ [flag.key]: ($event.target as HTMLInputElement).checked })"
      />
      {{ flag.label }}
    </label>
    <label v-if="pieces.length > 1" class="named">
      Print
      <select v-model="piece">
        <option value="">the whole bag</option>
        <option v-for="one in pieces" :key="one.id" :value="one.id">{{ one.name }} alone</option>
      </select>
    </label>
    <label class="named">
      A note at the beginning
      <textarea
        rows="2"
        maxlength="3000"
        :value="notes"
        @change="note(($event.target as HTMLTextAreaElement).value)"
      />
    </label>
  </div>
</template>

<style>
.print-choices {
  display: grid;
  gap: 7px;
}
.print-choices .flag {
  display: flex;
  gap: 7px;
  align-items: center;
  min-height: 24px;
  font-size: 13px;
}
.print-choices .named {
  display: grid;
  gap: 3px;
  color: var(--ink-2);
  font-size: 12.5px;
}
.print-choices :is(textarea, select) {
  width: 100%;
  padding: 5px 7px;
  border: 1px solid var(--line-strong);
  border-radius: var(--radius);
  background: #fff;
  color: var(--ink);
  font: inherit;
  resize: vertical;
}
</style>
