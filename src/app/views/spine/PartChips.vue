<script setup lang="ts">
import { nextTick, useTemplateRef, watch } from 'vue'
import { calledOf, lettersIn, partsOf, yarnByLetter } from '@core/design'
import { steady } from '@app/parts/page/steady.ts'
import { useProject } from '@app/stores/project.ts'

/** The parts of the chosen piece as chips, the base first: where there is no room for the spine beside the chart. */
const project = useProject()
const root = useTemplateRef('root')
const chips = steady(() => {
  const { design } = project.table!
  const called = calledOf(design)
  const there = new Map(partsOf(design).map((part) => [part.id, part]))
  return project.ledgerPiece!.parts.flatMap(({ id }) => {
    const part = there.get(id)
    if (!part) return []
    const colours = lettersIn(part).slice(0, 3)
    return [
      {
        ...{ id, name: called.get(id) ?? part.name },
        colours: colours.map((letter) => yarnByLetter(design, letter).colour),
      },
    ]
  })
})
watch(
  () => project.selectedPart,
  () =>
    nextTick(() =>
      root.value
        ?.querySelector('[aria-pressed=true]')
        ?.scrollIntoView({ block: 'nearest', inline: 'center' }),
    ),
  { immediate: true },
)
</script>

<template>
  <div ref="root" class="part-chips" role="group" aria-label="Parts from base to rim">
    <button
      v-for="chip in chips"
      :key="chip.id"
      type="button"
      :aria-pressed="chip.id === project.selectedPart"
      @click="project.selectedPart = chip.id"
    >
      <i v-for="colour in chip.colours" :key="colour" :style="{ background: colour }" />
      {{ chip.name }}
    </button>
  </div>
</template>

<style>
.part-chips {
  display: flex;
  flex: none;
  gap: 6px;
  overflow-x: auto;
  padding: 2px 2px 6px;
  scrollbar-width: none;
}
.part-chips button {
  display: flex;
  flex: none;
  gap: 3px;
  align-items: center;
  min-height: 32px;
  padding: 3px 11px;
  border: 1px solid var(--line-strong);
  border-radius: 16px;
  background: var(--paper);
  cursor: pointer;
}
.part-chips button[aria-pressed='true'] {
  border-color: var(--mat);
  background: var(--mat);
  color: #fff;
  outline: 2px solid transparent;
  outline-offset: -3px;
}
.part-chips i {
  width: 9px;
  height: 16px;
  border: 1px solid rgb(0 0 0 / 25%);
  border-radius: 2px;
}
</style>
