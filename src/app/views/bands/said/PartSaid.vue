<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { computed, ref } from 'vue'
import { isBase, partById } from '@core/design'
import { standsOn } from '@core/ledger'
import NameInput from '@app/parts/fields/NameInput.vue'
import { steady } from '@app/parts/page/steady.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import { chartKindOf } from '../chart-kinds/chart-kinds.ts'
import PartSentence from './PartSentence.vue'
import { rowsSaid } from '@app/parts/said/said.ts'
import { ownPieceOf, partRare, partSaid } from './saying-part.ts'

/** The name of the selected part, and what is decided about it as a sentence: each underlined word opens what changes it. */
const project = useProject()
const workshop = useWorkshop()
const part = computed(() => partById(project.design!, project.selectedPart!))
const kind = computed(() => chartKindOf(part.value))
const ownPiece = computed(() => ownPieceOf(project.design!, part.value))
const name = computed(() => ownPiece.value?.name ?? part.value.name)
const about = computed(() => {
  const piece = project.ledgerPiece!
  const place = piece.parts.find(({ id }) => id === part.value.id)
  const { firstRow = 0, endRow = 0 } = place ?? {}
  return {
    ...{ design: project.design!, worked: piece.worked, words: workshop.words },
    ...{ rows: [firstRow, endRow] as const, ownPiece: ownPiece.value },
    count: place ? standsOn(piece, place) : 0,
    makes: endRow > 0 ? piece.columns.makes[endRow - 1]! : 0,
  }
})
// Painting changes nothing of it.
const said = steady(() => partSaid(part.value, kind.value, about.value))
const rare = steady(() => partRare(part.value, kind.value, about.value))
const sentence = computed(() => ({
  ...{ part: part.value, about: about.value, said: said.value, rare: rare.value },
}))
/** On a phone it lies in a sheet of its own: the chart has the screen. */
const onPhone = useMediaQuery('(max-width: 640px)')
const sheet = ref(false)

const rename = (wanted: string) =>
  ownPiece.value
    ? project.edit({ name: 'setPiece', args: { id: ownPiece.value.id, values: { name: wanted } } })
    : project.edit({ name: 'setPart', args: { id: part.value.id, values: { name: wanted } } })
</script>

<template>
  <header class="part-said">
    <h1>
      <span class="hidden-words">{{ name }}</span>
      <NameInput
        :key="part.id"
        :model-value="name"
        :size="Math.max(6, name.length + 1)"
        :aria-label="isBase(part) && !ownPiece ? 'Name of the base' : 'Name'"
        title="Rename"
        @update:model-value="rename"
      />
    </h1>
    <small class="num where">{{ rowsSaid(about) }}</small>
    <template v-if="onPhone">
      <button type="button" class="button how" @click="sheet = true">How it is worked</button>
      <ElDrawer v-model="sheet" :title="name" direction="btt" size="76%" append-to-body>
        <PartSentence v-bind="sentence" />
      </ElDrawer>
    </template>
    <PartSentence v-else v-bind="sentence" />
  </header>
</template>

<style>
.part-said h1 {
  position: relative;
  line-height: 1;
}
.part-said h1 input {
  max-width: min(70vw, 560px);
  field-sizing: content;
  margin-left: -6px;
  padding: 2px 8px 2px 5px;
  border: 1px solid transparent;
  border-radius: var(--radius);
  background: none;
  font: inherit;
  letter-spacing: inherit;
}
.part-said h1 input:is(:hover, :focus) {
  border-color: var(--line-strong);
  background: #fff;
}
.part-said {
  display: flex;
  flex-wrap: wrap;
  gap: 0 8px;
  align-items: baseline;
}
.part-said .where {
  color: var(--ink-3);
  font-size: 13px;
}
.part-said > .part-sentence {
  flex: 1 0 100%;
  margin: 0 0 6px;
}
.part-said .how {
  margin-left: auto;
}
</style>
