<script setup lang="ts">
import { MoreFilled, Plus } from '@element-plus/icons-vue'
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { BODY, maybeBaseOf } from '@core/design'
import { freeName, newPiece, type PieceKind, piecesFor, pieceTemplates } from '@core/bag'
import { steady } from '@app/parts/page/steady.ts'
import { useProject } from '@app/stores/project.ts'
import PieceThumb from './PieceThumb.vue'

/** The pieces of the bag: chosen, added, copied, moved and taken out here. */
const project = useProject()
const tabs = steady(() =>
  project.table!.derived.ledger.pieces.map(({ id, name, times }) => ({
    id,
    name,
    times,
    own: own(id),
  })),
)
/** Whether a piece is hers, and not the construction's. */
function own(id: string): boolean {
  const piece = project.design!.pieces.find((one) => one.id === id)
  return id !== BODY && piece !== undefined && maybeBaseOf(piece) !== null
}
const chosen = computed(() => tabs.value.find(({ id }) => id === project.selectedPiece))
const kinds = steady(() => {
  const { design, derived } = project.table!
  return piecesFor({ design, ...derived }).map((kind) => ({ kind, ...pieceTemplates[kind] }))
})

/** Things beside the pieces: they are changed where the bag is finished. */
const things = steady(() => project.design!.items.map(({ id, name }) => ({ id, name })))
const router = useRouter()
const route = useRoute()
function show(thing: string | null) {
  if (thing) project.selectedThing = `item ${thing}`
  void router.push({ name: 'finish', params: { id: project.id! } })
}
const onThing = computed(
  () => route.name === 'finish' && project.selectedThing?.startsWith('item ') === true,
)
const isShown = (thing: string) =>
  route.name === 'finish' && project.selectedThing === `item ${thing}`

function add(kind: PieceKind | 'finish') {
  if (kind === 'finish') return show(null)
  const { design, derived } = project.table!
  project.addPiece({ name: 'addPiece', args: { piece: newPiece({ design, ...derived }, kind) } })
}
function act(command: string) {
  const id = project.selectedPiece
  const { pieces } = project.design!
  const at = pieces.findIndex((piece) => piece.id === id)
  if (command === 'copy')
    project.addPiece({
      name: 'copyPiece',
      args: { id, name: freeName(project.design!, chosen.value!.name) },
    })
  if (command === 'before') project.edit({ name: 'movePiece', args: { id, to: at - 1 } })
  if (command === 'after') project.edit({ name: 'movePiece', args: { id, to: at + 1 } })
  if (command === 'remove') {
    project.edit({ name: 'removePiece', args: { id } })
    project.selectPiece(BODY)
  }
}
</script>

<template>
  <section class="piece-tabs" aria-label="Pieces">
    <ul>
      <li v-for="({ id, name, times }, at) in tabs" :key="id">
        <button
          type="button"
          class="tab"
          :aria-pressed="id === project.selectedPiece && !onThing"
          @click="project.selectPiece(id)"
        >
          <PieceThumb v-if="tabs.length > 1" :at="at" />{{ name }}
          <small v-if="times > 1" class="num">× {{ times }}</small>
        </button>
        <ElDropdown
          v-if="id === project.selectedPiece && chosen?.own"
          trigger="click"
          @command="act"
        >
          <button type="button" class="more" :aria-label="`What to do with the piece ${name}`">
            <ElIcon :size="13"><MoreFilled /></ElIcon>
          </button>
          <template #dropdown>
            <ElDropdownMenu>
              <ElDropdownItem command="copy">Copy</ElDropdownItem>
              <ElDropdownItem command="before">Make it earlier</ElDropdownItem>
              <ElDropdownItem command="after">Make it later</ElDropdownItem>
              <ElDropdownItem command="remove" divided>Take out</ElDropdownItem>
            </ElDropdownMenu>
          </template>
        </ElDropdown>
      </li>
      <li v-for="{ id, name } in things" :key="id">
        <button type="button" class="tab" :aria-pressed="isShown(id)" @click="show(id)">
          {{ name }}
        </button>
      </li>
      <li>
        <ElDropdown trigger="click" @command="add">
          <button type="button" class="tab add" aria-label="Add a piece" title="Add a piece">
            <ElIcon :size="13"><Plus /></ElIcon>
          </button>
          <template #dropdown>
            <ElDropdownMenu>
              <ElDropdownItem
                v-for="{ kind, name, hint } in kinds"
                :key="kind"
                :command="kind"
                :title="hint"
                >{{ name }}</ElDropdownItem
              >
              <ElDropdownItem command="finish" divided>Handles, cords, closures …</ElDropdownItem>
            </ElDropdownMenu>
          </template>
        </ElDropdown>
      </li>
    </ul>
  </section>
</template>

<style>
.piece-tabs {
  flex: none;
  overflow: auto;
  max-height: 96px;
  padding: 2px 8px 8px;
  scrollbar-width: thin;
  scrollbar-color: #6f9488 transparent;
}
.piece-tabs ul {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin: 0;
  padding: 2px;
  list-style: none;
}
.piece-tabs li {
  display: flex;
  max-width: 100%;
}
.piece-tabs .tab {
  display: flex;
  gap: 5px;
  align-items: center;
  max-width: 200px;
  min-height: 26px;
  overflow: hidden;
  padding: 2px 9px;
  border: 1px solid #5b8a7d;
  border-radius: 13px;
  background: none;
  color: var(--mat-ink);
  font-size: 12.5px;
  text-overflow: ellipsis;
  white-space: nowrap;
  cursor: pointer;
}
.piece-tabs .tab:hover {
  background: var(--mat-line);
}
.piece-tabs .tab[aria-pressed='true'] {
  border-color: var(--mat-ink);
  background: var(--mat-ink);
  color: var(--mat);
  font-weight: 650;
}
.piece-tabs .more {
  width: 24px;
  height: 26px;
  padding: 0;
  border: 0;
  background: none;
  color: var(--mat-ink);
  cursor: pointer;
}
.piece-tabs .tab small {
  font-size: 11px;
}
</style>
