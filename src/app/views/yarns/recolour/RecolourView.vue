<script setup lang="ts">
import { computed, ref } from 'vue'
import type { ColourFigures } from '@core/colour'
import type { Edit } from '@core/design'
import BagPicture from '@app/parts/bag/BagPicture.vue'
import YarnSelect from '@app/parts/fields/YarnSelect.vue'
import YarnDot from '@app/parts/marks/YarnDot.vue'
import { useProject } from '@app/stores/project.ts'
import { swapped, useRecolour } from './use-recolour.ts'

/** The whole bag in other yarns, in small pictures: pointed at one is tried, clicked it is taken. Two yarns swapped, or two made one. */
const project = useProject()
const { from, sources, kept, toggle, yarns, asItIs, found } = useRecolour()
const derived = computed(() => project.table!.derived)
const name = computed(() => project.table!.design.name)
const figureWords = ({ least, light, shows }: ColourFigures) =>
  [
    `least ${Math.round(least)} apart`,
    `lightness ${Math.round(light)}`,
    ...(shows > 0.005 ? [`${Math.round(100 * shows)} % may show through`] : []),
  ].join(', ')
const PICTURE = { width: 132, height: 118 } as const
const cards = computed(() => [
  { key: 'now', title: 'As it stands', figures: asItIs.value, yarns: yarns.value, edits: null },
  ...found.value.map((one, i) => ({ key: `${i}`, title: `${i + 1}`, ...one })),
])
const show = (edits: readonly Edit[] | null) => edits && project.showPreview(edits)
const letters = computed(() => project.design!.yarns.map(({ letter }) => letter))
const one = ref(letters.value[0]!)
const other = ref(letters.value[1] ?? letters.value[0]!)
const yarnOf = (letter: string) => project.design!.yarns.find((yarn) => yarn.letter === letter)
const pair = computed(() => {
  const [a, b] = [yarnOf(one.value), yarnOf(other.value)]
  return a && b && a !== b ? ([a, b] as const) : null
})
const swap = () => pair.value && project.edit(swapped(...pair.value))
function merge() {
  if (!pair.value) return
  const [{ letter: instead }, { letter }] = pair.value
  if (project.edit({ name: 'removeYarn', args: { letter, instead } }))
    other.value = letters.value.find((known) => known !== instead) ?? instead
}
</script>

<template>
  <div class="recolour">
    <div class="asks">
      <div class="measure-field">
        <label for="recolour-from">Colours from</label>
        <ElSelect id="recolour-from" v-model="from" aria-label="Colours from">
          <ElOption v-for="{ id, title } in sources" :key="id" :value="id" :label="title" />
        </ElSelect>
      </div>
      <fieldset>
        <legend>Keep</legend>
        <label v-for="yarn in yarns" :key="yarn.letter">
          <input
            type="checkbox"
            :checked="kept.has(yarn.letter)"
            @change="toggle(yarn.letter)"
          /><YarnDot :letter="yarn.letter" :colour="yarn.colour" :size="18" />
          <span class="hidden-words">{{ yarn.name }}</span>
        </label>
      </fieldset>
      <div class="pair">
        <YarnSelect v-model="one" label="One yarn" />
        <YarnSelect v-model="other" label="The other yarn" />
        <button type="button" class="button" :disabled="!pair" @click="swap">
          Swap everywhere
        </button>
        <button type="button" class="button" :disabled="!pair" @click="merge">
          {{ one }} for both
        </button>
      </div>
    </div>
    <div class="cards" role="group" aria-label="The bag in other colours">
      <component
        :is="card.edits ? 'button' : 'div'"
        v-for="card in cards"
        :key="card.key"
        :type="card.edits ? 'button' : undefined"
        class="card-of"
        :class="{ now: !card.edits }"
        @pointerenter="show(card.edits)"
        @pointerleave="project.endPreview()"
        @focus="show(card.edits)"
        @blur="project.endPreview()"
        @click="card.edits && project.edit(card.edits)"
      >
        <BagPicture v-bind="PICTURE" :name="name" :yarns="card.yarns" :derived="derived" />
        <b>{{ card.title }}</b>
        <span class="dots"
          ><YarnDot
            v-for="yarn in card.yarns"
            :key="yarn.letter"
            :letter="yarn.letter"
            :colour="yarn.colour"
            :size="16"
        /></span>
        <small class="num">{{ figureWords(card.figures) }}</small>
      </component>
    </div>
    <p v-if="found.length === 0" class="note">
      {{
        kept.size >= yarns.length
          ? 'All colours are kept: let one go to try others.'
          : 'There are fewer colours there than yarns to find one for.'
      }}
    </p>
    <p class="note">
      Ranked by how far yarns that touch look apart (CIEDE2000: 1 is just seen, from about 10 on it
      is another colour), their difference in lightness, and how much of what is carried inside
      would show.
    </p>
  </div>
</template>

<style>
.recolour {
  display: grid;
  gap: 12px;
  align-content: start;
}
.recolour .asks {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 22px;
  align-items: center;
}
.recolour .asks > .measure-field {
  grid-template-columns: auto 170px;
  gap: 8px;
  margin: 0;
}
.recolour fieldset {
  display: flex;
  gap: 10px;
  align-items: center;
  margin: 0;
  padding: 0;
  border: 0;
}
.recolour legend {
  float: left;
  padding: 0;
  color: var(--ink-2);
}
.recolour fieldset label {
  display: flex;
  gap: 4px;
  align-items: center;
  min-height: 24px;
}
.recolour .pair {
  display: flex;
  gap: 6px;
  align-items: center;
}
.recolour .pair .el-select {
  width: 74px;
}
.recolour .cards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(158px, 1fr));
  gap: 10px;
}
.recolour .card-of {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 3px 6px;
  padding: 9px;
  border: 1px solid var(--line);
  border-radius: var(--radius-large);
  background: var(--paper);
  text-align: left;
}
.recolour button.card-of {
  cursor: pointer;
}
.recolour button.card-of:hover {
  border-color: var(--mat);
  background: var(--mat-tint);
}
.recolour .card-of.now {
  border-color: var(--mat);
  box-shadow: inset 0 0 0 1.5px var(--mat);
}
.recolour .card-of .bag-picture {
  grid-column: 1 / -1;
  justify-self: center;
}
.recolour .card-of .dots {
  display: flex;
  justify-content: end;
}
.recolour .card-of small {
  grid-column: 1 / -1;
  color: var(--ink-2);
  font-size: 12px;
}
</style>
