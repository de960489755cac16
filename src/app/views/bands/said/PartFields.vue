<script setup lang="ts">
import { Plus } from '@element-plus/icons-vue'
import { computed } from 'vue'
import { bandsIn, baseOf, BODY, type Edit, isBase, type Part } from '@core/design'
import { constructionOf } from '@core/shape'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import MakingFields from '@app/parts/fields/MakingFields.vue'
import StitchField from '@app/parts/fields/StitchField.vue'
import YarnSelect from '@app/parts/fields/YarnSelect.vue'
import { useProject } from '@app/stores/project.ts'
import { chartKindOf } from '../chart-kinds/chart-kinds.ts'
import PieceFields from './PieceFields.vue'
import type { About } from '@app/parts/said/said.ts'
import { ownPieceOf } from './saying-part.ts'
import TechniqueChoice from './TechniqueChoice.vue'
import YarnTurns from './YarnTurns.vue'

/** What changes one word of the sentence about a part. */
const { part, show, about } = defineProps<{ part: Part; show: string; about: About }>()
const project = useProject()
const rows = computed(() => about.worked === 'rows')
const own = computed(() => ownPieceOf(project.design!, part))
const set = (values: Record<string, unknown>) =>
  project.edit({ name: 'setPart', args: { id: part.id, values } })
const setBase = (values: Record<string, unknown>) =>
  project.edit({ name: 'setBase', args: { values } })

/** The yarns that take turns in the rows of a base, where it has rows of its own. */
const turns = computed(() => (isBase(part) ? part.turns : []))
function addTurn() {
  const { yarns } = project.design!
  const first = turns.value.length || !isBase(part) ? [] : [{ yarn: part.yarn, rounds: 1 }]
  const taken = new Set([...turns.value, ...first].map(({ yarn }) => yarn))
  const next = yarns.find(({ letter }) => !taken.has(letter)) ?? yarns[0]!
  set({ turns: [...turns.value, ...first, { yarn: next.letter, rounds: 1 }] })
}

/** The back begins with the bands of the front, and goes its own way; or gives them up and is like it again. */
function setFaces(value: 'alike' | 'differ') {
  const design = project.design!
  const face = constructionOf(baseOf(design)).face ?? BODY
  const front = design.pieces.find(({ id }) => id === face)
  const copies = (front ? bandsIn(front) : []).map((band, at): Edit => {
    return { name: 'addPart', args: { part: band, at, piece: 'back' } }
  })
  project.edit([
    { name: 'setBase', args: { values: { faces: value } } },
    ...(value === 'differ' ? copies : []),
  ])
}
const faces = computed(() => ('faces' in part ? part.faces : null))
const making = computed({
  get: () => (part.making ? 'own' : 'bag'),
  set: (value) => set({ making: value === 'own' ? project.design!.making : null }),
})
</script>

<template>
  <div class="part-fields">
    <StitchField
      v-if="show === 'stitch'"
      label="Stitch"
      :model-value="part.stitch"
      @update:model-value="set({ stitch: $event })"
    />
    <div v-else-if="show === 'yarn' && 'yarn' in part" class="measure-field">
      <label for="part-yarn">Yarn</label>
      <YarnSelect
        id="part-yarn"
        :model-value="part.yarn as string"
        label="Yarn"
        @update:model-value="set({ yarn: $event })"
      />
    </div>
    <template v-else-if="show === 'turns' && isBase(part)">
      <YarnTurns
        v-if="turns.length"
        :model-value="turns"
        what="yarn"
        :word="rows ? 'Rows' : 'Rounds'"
        last
        @update:model-value="set({ turns: $event })"
      />
      <button type="button" class="button" @click="addTurn">
        <ElIcon><Plus /></ElIcon>{{ turns.length ? 'Another yarn in turn' : 'Yarns by turns' }}
      </button>
    </template>
    <TechniqueChoice v-else-if="show === 'technique' && !isBase(part)" :part="part" />
    <template v-else-if="show === 'making'">
      <ChoiceOf
        v-model="making"
        :legend="`How its ${about.worked} are worked`"
        :options="[
          { value: 'bag', label: 'Like the bag' },
          { value: 'own', label: 'Own way' },
        ]"
      />
      <MakingFields
        v-if="part.making"
        :model-value="part.making"
        :rows="rows"
        @update:model-value="set({ making: $event })"
      />
    </template>
    <ChoiceOf
      v-else-if="show === 'faces' && faces"
      :model-value="faces"
      legend="The back"
      :options="[
        { value: 'alike', label: 'Like the front' },
        { value: 'differ', label: 'Its own' },
      ]"
      @update:model-value="setFaces($event)"
    />
    <div v-else-if="show === 'second' && 'second' in part" class="measure-field">
      <label for="second-yarn">{{ faces ? 'Its yarn' : 'Other yarn' }}</label>
      <YarnSelect
        id="second-yarn"
        :model-value="part.second"
        :label="faces ? 'Yarn of the back' : 'Yarn of every second square'"
        @update:model-value="setBase({ second: $event })"
      />
    </div>
    <p v-else-if="show === 'base-size'" class="note">
      Its increases and its size are under <RouterLink :to="{ name: 'size' }">Size</RouterLink>.
    </p>
    <PieceFields v-else-if="own && show.startsWith('piece-')" :piece="own" :show="show" />
    <component
      :is="chartKindOf(part).fields"
      v-else
      :key="part.id"
      :part="part"
      :rows="rows"
      :show="show"
      :count="about.count"
      @set="set"
    />
  </div>
</template>

<style>
.part-fields .measure-field {
  grid-template-columns: 84px minmax(0, 1fr);
}
.part-fields .choice {
  margin-bottom: 7px;
}
.part-fields .head {
  margin: 4px 0;
}
.part-fields .stripes {
  display: grid;
  gap: 5px;
  margin: 0 0 6px;
  padding: 0;
  list-style: none;
}
.part-fields .stripes li {
  display: grid;
  grid-template-columns: 62px minmax(0, 1fr) 24px;
  gap: 4px;
  align-items: center;
}
.part-fields .stripes .measure-field {
  grid-template-columns: minmax(0, 1fr);
  margin: 0;
}
.part-fields .stripes label {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
.part-fields .stripes .icon-button {
  width: 24px;
}
.part-fields .button {
  margin-bottom: 6px;
}
.part-fields .field {
  display: grid;
  grid-template-columns: 84px minmax(0, 1fr);
  align-items: center;
  margin-bottom: 7px;
  color: var(--ink-2);
  font-size: 13.5px;
}
</style>
