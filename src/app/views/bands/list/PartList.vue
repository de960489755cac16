<script setup lang="ts">
import { MoreFilled, Plus } from '@element-plus/icons-vue'
import { VueDraggable } from 'vue-draggable-plus'
import { type Component, computed, defineAsyncComponent, shallowRef } from 'vue'
import {
  bandsIn,
  blockOf,
  isBase,
  lettersIn,
  maybeBaseOf,
  roundsOf,
  yarnByLetter,
} from '@core/design'
import { newPart, partTemplates, type TemplateKind } from '@app/parts/bag/part-templates.ts'
import { steady } from '@app/parts/page/steady.ts'
import YarnDot from '@app/parts/marks/YarnDot.vue'
import { useProject } from '@app/stores/project.ts'
import { chartKinds } from '../chart-kinds/chart-kinds.ts'

/** The parts of the selected piece, the rim above and the base below: chosen, moved, added and taken out here. */
const project = useProject()
const design = computed(() => project.design!)
/** The piece; none where its construction begins it and it has no bands so far. */
const piece = computed(() => design.value.pieces.find(({ id }) => id === project.selectedPiece))
/** Its own base, or that of the body, which begins it. */
const first = computed(
  () => (piece.value && maybeBaseOf(piece.value)) ?? maybeBaseOf(design.value.pieces[0]!)!,
)
const all = computed(() => (piece.value ? bandsIn(piece.value) : []))
/** Of a block the bands of its first time are shown, for all of them. */
const parts = computed(() => [
  first.value,
  ...all.value.filter(({ id }) => (blockIn(id)?.nth ?? 0) === 0),
])
const blockIn = (id: string) => (piece.value ? blockOf(piece.value, id) : null)
/** The band that is chosen, or the one that stands for it in the list. */
const chosen = computed(() => {
  const id = project.selectedPart
  const of = id === null ? null : blockIn(id)
  return of ? of.block.times[0]!.bands[of.place] : id
})
/** Bands stand from here on in the parts of the piece. */
const lowest = computed(() => (piece.value && maybeBaseOf(piece.value) ? 1 : 0))

/** Of a band of a block how often it comes, and whether the block is headed by it, its highest. */
function blockLine(id: string) {
  const of = blockIn(id)
  if (!of) return { again: 0, heads: null }
  const { bands } = of.block.times[0]!
  return { again: of.block.times.length, heads: bands.at(-1) === id ? of.at : null }
}

/** What a line of the list says, the rim first. */
const lines = steady(() => {
  const { snags } = project.table!.derived
  const wrong = new Set(
    snags.filter(({ severity }) => severity === 'error').map(({ where }) => where.part),
  )
  return [...parts.value].reverse().map((part) => ({
    id: part.id,
    name: isBase(part) && project.ledgerPiece!.id !== 'bag' ? project.ledgerPiece!.name : part.name,
    rounds: isBase(part) ? project.ledgerPiece!.parts[0]!.endRow : roundsOf(part),
    dots: lettersIn(part)
      .slice(0, 4)
      .map((letter) => ({ letter, colour: yarnByLetter(design.value, letter).colour })),
    wrong: wrong.has(part.id),
    ...blockLine(part.id),
  }))
})
const bands = computed({
  get: () => lines.value.slice(0, -1),
  set: (list) => {
    // One part was dragged: the one that is not where it was.
    const wanted = [...list].reverse().map(({ id }) => id)
    const now = parts.value.slice(1).map(({ id }) => id)
    const first = wanted.findIndex((id, i) => id !== now[i])
    if (first < 0) return
    const moved = wanted[first] === now[first + 1] ? now[first]! : wanted[first]!
    // It goes below the one that is above it now, and so above all times of a block that is not.
    const others = all.value.map(({ id }) => id).filter((id) => id !== moved)
    const above = others.indexOf(wanted[wanted.indexOf(moved) + 1] ?? '')
    const to = (above < 0 ? others.length : above) + lowest.value
    project.edit({ name: 'movePart', args: { id: moved, to } })
  },
})
const base = computed(() => lines.value.at(-1)!)
const roundWords = (rounds: number) => {
  const { worked } = project.ledgerPiece!
  return `${rounds} ${rounds === 1 ? worked.slice(0, -1) : worked}`
}
/** Its place among the parts of the piece; −1 for a base that is not its own. */
const placeOf = (id: string) =>
  piece.value ? piece.value.parts.findIndex((part) => part.id === id) : -1

/** What a new band is chosen in, and for which place. */
const choosing = shallowRef<{
  readonly chooser: Component
  readonly place: { readonly count: number; readonly at: number }
} | null>(null)
/** A new band goes just above the selected one. */
function add(kind: TemplateKind) {
  const at = placeOf(project.selectedPart ?? '') + 1
  const { parts: made, columns } = project.ledgerPiece!
  const below = made[at - lowest.value]
  const count = below && below.endRow > 0 ? columns.makes[below.endRow - 1]! : 0
  const { chooser } = chartKinds[kind]
  if (chooser) choosing.value = { chooser, place: { count, at } }
  else project.addBand(newPart(design.value, kind, count), at)
}
/** What is to be repeated from which band on, or the block whose times and yarns are to be changed. */
const repeating = shallowRef<{ readonly from: string; readonly block: number | null } | null>(null)
const RepeatDialog = defineAsyncComponent(() => import('../dialogs/RepeatDialog.vue'))
const unfold = (at: number) =>
  project.edit({ name: 'unfoldBlock', args: { piece: piece.value!.id, at } })
function act(command: string, id: string) {
  const at = placeOf(id)
  const part = piece.value!.parts[at]!
  if (command === 'up') project.edit({ name: 'movePart', args: { id, to: at + 1 } })
  if (command === 'down') project.edit({ name: 'movePart', args: { id, to: at - 1 } })
  if (command === 'remove') project.edit({ name: 'removePart', args: { id } })
  if (command === 'repeat') repeating.value = { from: id, block: null }
  if (command === 'duplicate' && !isBase(part))
    project.edit({ name: 'addPart', args: { part, at: at + 1, piece: piece.value!.id } })
}
</script>

<template>
  <nav class="part-list" aria-label="Parts from rim to base">
    <div class="list-head">
      <h2>Parts</h2>
      <ElDropdown trigger="click" @command="add">
        <button type="button" class="button add">
          <ElIcon><Plus /></ElIcon>Add
        </button>
        <template #dropdown>
          <ElDropdownMenu>
            <ElDropdownItem v-for="{ kind, title } in partTemplates" :key="kind" :command="kind">{{
              title
            }}</ElDropdownItem>
          </ElDropdownMenu>
        </template>
      </ElDropdown>
    </div>
    <VueDraggable v-model="bands" tag="ul" :animation="120" handle=".pull" class="bands">
      <li
        v-for="line in bands"
        :key="line.id"
        class="row"
        :class="{ on: line.id === chosen, again: line.again > 0 }"
      >
        <p v-if="line.heads !== null" class="block-head">
          <b class="num">Block × {{ line.again }}</b>
          <button
            type="button"
            class="link"
            @click="repeating = { from: line.id, block: line.heads }"
          >
            Change<span class="hidden-words"> how often it is worked</span>
          </button>
          <button type="button" class="link" @click="unfold(line.heads)">
            Unfold<span class="hidden-words"> into bands of their own</span>
          </button>
        </p>
        <span class="pull" title="Drag to move" aria-hidden="true">⠿</span>
        <button
          type="button"
          class="name"
          :aria-current="line.id === chosen"
          @click="project.selectedPart = line.id"
        >
          {{ line.name
          }}<b v-if="line.wrong" class="wrong" title="Does not work out"
            >!<span class="hidden-words"> does not work out</span></b
          >
          <small class="num">{{ roundWords(line.rounds) }}</small>
        </button>
        <span class="dots"
          ><YarnDot v-for="dot in line.dots" :key="dot.letter" v-bind="dot" :size="17"
        /></span>
        <ElDropdown trigger="click" @command="(command: string) => act(command, line.id)">
          <button
            type="button"
            class="icon-button small"
            :aria-label="`What to do with ${line.name}`"
          >
            <ElIcon :size="14"><MoreFilled /></ElIcon>
          </button>
          <template #dropdown>
            <ElDropdownMenu>
              <ElDropdownItem command="up">Move up</ElDropdownItem>
              <ElDropdownItem command="down">Move down</ElDropdownItem>
              <ElDropdownItem command="duplicate">Duplicate</ElDropdownItem>
              <ElDropdownItem v-if="line.again === 0" command="repeat">Repeat …</ElDropdownItem>
              <ElDropdownItem command="remove" divided>Take out</ElDropdownItem>
            </ElDropdownMenu>
          </template>
        </ElDropdown>
      </li>
    </VueDraggable>
    <div class="row base" :class="{ on: base.id === project.selectedPart }">
      <span class="pull still" />
      <button
        type="button"
        class="name"
        :aria-current="base.id === project.selectedPart"
        @click="project.selectedPart = base.id"
      >
        {{ base.name }} <small class="num">{{ roundWords(base.rounds) }}</small>
      </button>
      <span class="dots"
        ><YarnDot v-for="dot in base.dots" :key="dot.letter" v-bind="dot" :size="17"
      /></span>
    </div>
    <RepeatDialog
      v-if="repeating && piece"
      :key="`${repeating.from} ${repeating.block}`"
      :model-value="true"
      :piece="piece"
      v-bind="repeating"
      @update:model-value="repeating = null"
    />
    <component
      :is="choosing.chooser"
      v-if="choosing"
      :model-value="true"
      v-bind="choosing.place"
      :worked="project.ledgerPiece!.worked"
      @update:model-value="choosing = null"
    />
  </nav>
</template>

<style>
.part-list {
  display: flex;
  flex: 0 1 auto;
  flex-direction: column;
  min-height: 120px;
}
.part-list .list-head {
  display: flex;
  align-items: center;
  justify-content: space-between;
  margin-bottom: 6px;
}
.part-list h2 {
  color: var(--ink-2);
  font-weight: 600;
  font-size: 13px;
}
.part-list .add {
  min-height: 26px;
  padding: 2px 9px 2px 7px;
  font-size: 12.5px;
}
.part-list .bands {
  overflow: auto;
  margin: 0;
  padding: 0;
  list-style: none;
}
.part-list .row {
  display: flex;
  align-items: center;
  gap: 4px;
  min-height: 40px;
  padding-right: 2px;
  border: 1px solid transparent;
  border-top-color: var(--line);
}
.part-list .row.again {
  flex-wrap: wrap;
  border-left: 3px solid var(--line-strong);
}
.part-list .block-head {
  display: flex;
  flex: 0 0 100%;
  gap: 8px;
  padding: 2px 4px 0 6px;
  font-size: 12px;
}
.part-list .block-head b {
  flex: 1;
  font-weight: 600;
}
.part-list .row:hover {
  background: var(--mat-tint);
}
.part-list .row.on {
  border-color: var(--mat);
  border-radius: var(--radius);
  background: #fff;
}
.part-list .pull {
  width: 14px;
  color: var(--ink-3);
  font-size: 12px;
  text-align: center;
  cursor: grab;
}
.part-list .pull.still {
  cursor: default;
}
.part-list .name {
  flex: 1;
  min-width: 0;
  padding: 3px 0;
  border: 0;
  background: none;
  font-weight: 500;
  line-height: 1.2;
  text-align: left;
  cursor: pointer;
}
.part-list .name small {
  display: block;
  color: var(--ink-2);
  font-weight: 400;
  font-size: 11.5px;
}
.part-list .dots {
  display: flex;
}
.part-list .dots .yarn-dot {
  margin-left: -4px;
  font-size: 9.5px;
}
.part-list .icon-button.small {
  width: 24px;
  height: 24px;
}
.part-list .wrong {
  display: inline-block;
  width: 15px;
  margin-left: 5px;
  border-radius: 8px;
  background: var(--marker-ink);
  color: #fff;
  font-size: 11px;
  line-height: 15px;
  text-align: center;
}
.part-list .base {
  margin-top: 2px;
  border-top: 2px solid var(--line-strong);
}
</style>
