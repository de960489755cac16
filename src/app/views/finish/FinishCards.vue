<script setup lang="ts">
import { computed } from 'vue'
import { type FinishCard, finishCardIds, finishCards, type Finished } from '@core/bag'
import { useProject } from '@app/stores/project.ts'
import { cardPicture } from './card-pictures.ts'

/** The ways a bag is finished, as pictures in its own yarns; how many of each it has stands on them. */
const { all } = defineProps<{ all: readonly Finished[] }>()
const card = defineModel<FinishCard>({ required: true })
const project = useProject()
const inks = computed(() => {
  const { yarns } = project.design!
  const at = (i: number) => yarns[Math.min(i, yarns.length - 1)]!.colour
  return { body: at(0), rim: at(yarns.length - 1), second: at(1), third: at(2) }
})
const cards = computed(() =>
  finishCardIds.map((id) => ({
    ...{ id, ...finishCards[id] },
    many: all.filter((one) => one.card === id).length,
    shapes: cardPicture(id, inks.value),
  })),
)
</script>

<template>
  <div class="finish-cards" role="radiogroup" aria-label="Ways to finish the bag">
    <label v-for="one in cards" :key="one.id" :class="{ on: one.id === card }">
      <input v-model="card" type="radio" name="finish-card" :value="one.id" />
      <svg viewBox="0 0 75 52" aria-hidden="true">
        <component :is="shape.is" v-for="(shape, i) in one.shapes" :key="i" v-bind="shape.as" />
      </svg>
      <b>{{ one.name }}</b>
      <small>{{ one.about }}</small>
      <em v-if="one.many > 0" class="num" :title="`${one.many} on this bag`">{{ one.many }}</em>
    </label>
  </div>
</template>

<style>
.finish-cards {
  display: grid;
  grid-template-columns: repeat(9, minmax(0, 1fr));
  gap: 7px;
}
.finish-cards label {
  position: relative;
  display: grid;
  justify-items: center;
  align-content: start;
  padding: 5px 3px 6px;
  border: 1px solid var(--line);
  border-radius: var(--radius-large);
  background: #fff;
  font-size: 12px;
  line-height: 1.25;
  text-align: center;
  cursor: pointer;
}
.finish-cards label:hover {
  border-color: var(--mat);
}
.finish-cards label.on {
  border-color: var(--mat);
  box-shadow: 0 0 0 1.5px var(--mat);
}
.finish-cards label:has(input:focus-visible) {
  outline: 2px solid var(--mat);
  outline-offset: 3px;
}
.finish-cards input {
  position: absolute;
  opacity: 0;
  pointer-events: none;
}
.finish-cards svg {
  width: 66px;
  height: 46px;
}
.finish-cards b {
  font-weight: 600;
}
.finish-cards small {
  color: var(--ink-3);
  font-size: 11px;
}
.finish-cards em {
  position: absolute;
  top: 5px;
  right: 5px;
  min-width: 17px;
  padding: 0 4px;
  border-radius: 9px;
  background: var(--mat);
  color: #fff;
  font-style: normal;
  font-weight: 650;
  font-size: 11px;
  line-height: 17px;
}
@media (max-width: 1000px) {
  .finish-cards {
    grid-template-columns: repeat(5, minmax(0, 1fr));
  }
}
@media (max-width: 640px) {
  .finish-cards {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
}
</style>
