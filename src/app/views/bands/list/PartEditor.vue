<script setup lang="ts">
import { Plus } from '@element-plus/icons-vue'
import { computed } from 'vue'
import { bandOf } from '@core/band'
import { bandsIn, baseOf, BODY, type Edit, isBase, partById } from '@core/design'
import { constructionOf } from '@core/shape'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import MakingFields from '@app/parts/fields/MakingFields.vue'
import StitchField from '@app/parts/fields/StitchField.vue'
import { steady } from '@app/parts/page/steady.ts'
import { useProject } from '@app/stores/project.ts'
import { chartKindOf } from '../chart-kinds/chart-kinds.ts'
import PieceFields from './PieceFields.vue'
import TechniqueChoice from './TechniqueChoice.vue'
import YarnSelect from '@app/parts/fields/YarnSelect.vue'
import YarnTurns from './YarnTurns.vue'

/** What is decided about the selected part. */
const project = useProject()
const whole = computed(() => partById(project.design!, project.selectedPart!))
/** What all parts have: painting changes nothing of it. */
const part = steady(() => {
  const { id, name, stitch, making } = whole.value
  return { id, name, stitch, making, yarn: 'yarn' in whole.value ? whole.value.yarn : null }
})
const editor = computed(() => chartKindOf(whole.value).fields)
/** The part, where its chart can be worked in one technique or another. */
const charted = computed(() =>
  !isBase(whole.value) && bandOf(whole.value).technique(whole.value) !== null ? whole.value : null,
)
/** The yarns that take turns in the rows of a base, where it has rows of its own; null of a band. */
const turns = computed(() => (isBase(whole.value) ? whole.value.turns : null))
function addTurn() {
  const { yarns } = project.design!
  const list = turns.value!
  const first = list.length ? [] : [{ yarn: part.value.yarn!, rounds: 1 }]
  const taken = new Set([...list, ...first].map(({ yarn }) => yarn))
  const next = yarns.find(({ letter }) => !taken.has(letter)) ?? yarns[0]!
  set({ turns: [...list, ...first, { yarn: next.letter, rounds: 1 }] })
}
const set = (values: Record<string, unknown>) =>
  project.edit({ name: 'setPart', args: { id: part.value.id, values } })
/** Whether the bands are worked in rows. */
const rows = computed(() => project.ledgerPiece!.worked === 'rows')
/** The piece she added, where its base is selected. */
const ownPiece = computed(() =>
  isBase(whole.value) && project.selectedPiece !== BODY
    ? project.design!.pieces.find(
        ({ id, parts }) => id === project.selectedPiece && parts[0] === whole.value,
      )
    : undefined,
)
/** Two faces, which may differ. */
const faces = computed(() => ('faces' in whole.value ? whole.value.faces : null))
/** The back begins with the bands of the front, and goes its own way; or gives them up and is like it again. */
function setFaces(value: 'alike' | 'differ') {
  const design = project.design!
  const face = constructionOf(baseOf(design)).face ?? BODY
  const front = design.pieces.find(({ id }) => id === face)
  const copies = (front ? bandsIn(front) : []).map((part, at): Edit => {
    return { name: 'addPart', args: { part, at, piece: 'back' } }
  })
  project.edit([
    { name: 'setBase', args: { values: { faces: value } } },
    ...(value === 'differ' ? copies : []),
  ])
}
/** The yarn of the back's first rows, or of every second square; null where there is none. */
const second = computed(() =>
  'second' in whole.value && faces.value !== 'alike' ? whole.value.second : null,
)
const own = computed({
  get: () => (part.value.making ? 'own' : 'bag'),
  set: (value) => set({ making: value === 'own' ? project.design!.making : null }),
})
function rename(event: Event) {
  const name = (event.target as HTMLInputElement).value.trim()
  if (name) set({ name })
}
</script>

<template>
  <section class="part-editor card" :aria-label="`What is decided about ${part.name}`">
    <div v-if="!ownPiece" class="measure-field">
      <label for="part-name">Name</label>
      <div class="box">
        <input id="part-name" :value="part.name" maxlength="60" @change="rename" />
      </div>
    </div>
    <StitchField
      v-if="isBase(whole) || !bandOf(whole).saysStitches"
      label="Stitch"
      :model-value="part.stitch"
      @update:model-value="set({ stitch: $event })"
    />
    <div v-if="part.yarn !== null" class="measure-field">
      <label for="part-yarn">Yarn</label>
      <YarnSelect
        id="part-yarn"
        :model-value="part.yarn"
        label="Yarn"
        @update:model-value="set({ yarn: $event })"
      />
    </div>
    <template v-if="turns">
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
    <TechniqueChoice v-if="charted" :part="charted" />
    <component :is="editor" v-if="editor" :key="part.id" :part="whole" :rows="rows" @set="set" />
    <template v-if="!isBase(whole)">
      <ChoiceOf
        v-model="own"
        :legend="`How its ${rows ? 'rows' : 'rounds'} are worked`"
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
      v-if="faces"
      :model-value="faces"
      legend="The back"
      :options="[
        { value: 'alike', label: 'Like the front' },
        { value: 'differ', label: 'Its own' },
      ]"
      @update:model-value="setFaces($event)"
    />
    <div v-if="second !== null" class="measure-field">
      <label for="second-yarn">{{ faces ? 'Its yarn' : 'Other yarn' }}</label>
      <YarnSelect
        id="second-yarn"
        :model-value="second"
        :label="faces ? 'Yarn of the back' : 'Yarn of every second square'"
        @update:model-value="
          project.edit({ name: 'setBase', args: { values: { second: $event } } })
        "
      />
    </div>
    <PieceFields v-if="ownPiece" :piece="ownPiece" />
    <p v-else-if="isBase(whole)" class="note">
      Its increases and its size are under <RouterLink :to="{ name: 'size' }">Size</RouterLink>.
    </p>
  </section>
</template>

<style>
.part-editor {
  flex: 0 0 auto;
  overflow: auto;
  max-height: 60%;
  padding: 11px 12px 6px;
}
.part-editor .measure-field {
  grid-template-columns: 56px minmax(0, 1fr);
}
.part-editor .head {
  margin: 4px 0;
}
.part-editor .stripes {
  display: grid;
  gap: 5px;
  margin: 0 0 6px;
  padding: 0;
  list-style: none;
}
.part-editor .stripes li {
  display: grid;
  grid-template-columns: 62px minmax(0, 1fr) 24px;
  gap: 4px;
  align-items: center;
}
.part-editor .stripes .measure-field {
  grid-template-columns: minmax(0, 1fr);
  margin: 0;
}
.part-editor .stripes label {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
.part-editor .stripes .icon-button {
  width: 24px;
}
.part-editor .button {
  margin-bottom: 6px;
}
</style>
