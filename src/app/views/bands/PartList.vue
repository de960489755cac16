<script setup lang="ts">
import { MoreFilled, Plus } from '@element-plus/icons-vue'
import { VueDraggable } from 'vue-draggable-plus'
import { computed } from 'vue'
import { bandsOf, baseOf, freePartId, lettersIn, type Part, roundsOf } from '@core/design'
import { newPart, partTemplates, type TemplateKind } from '@app/parts/part-templates.ts'
import YarnDot from '@app/parts/YarnDot.vue'
import { useProject } from '@app/stores/project.ts'

/** The parts of the bag, the rim above and the base below: chosen, moved, added and taken out here. */
const project = useProject()
const design = computed(() => project.design!)
const wrong = computed(
  () =>
    new Set(
      project
        .derived!.snags.filter(({ severity }) => severity === 'error')
        .map(({ where }) => where.part),
    ),
)
const topDown = computed({
  get: () => [...bandsOf(design.value)].reverse(),
  set: (list) => {
    // One part was dragged: the one that is not where it was.
    const wanted = [...list].reverse().map(({ id }) => id)
    const now = bandsOf(design.value).map(({ id }) => id)
    const first = wanted.findIndex((id, i) => id !== now[i])
    if (first < 0) return
    const moved = wanted[first] === now[first + 1] ? now[first]! : wanted[first]!
    project.edit({ name: 'movePart', args: { id: moved, to: wanted.indexOf(moved) + 1 } })
  },
})
const colourOf = (letter: string) =>
  design.value.yarns.find((yarn) => yarn.letter === letter)!.colour
const dots = (part: Part) => lettersIn(part).slice(0, 4)
const roundsIn = (part: Part) => {
  if (part.kind !== 'round-base') return roundsOf(part)
  const first = project.derived!.ledger.pieces[0]!.parts[0]!
  return first.endRow - first.firstRow
}
const placeOf = (id: string) => design.value.parts.findIndex((part) => part.id === id)

/** A new band goes just above the selected one. */
function add(kind: TemplateKind) {
  const at = placeOf(project.selectedPart ?? '') + 1 || design.value.parts.length
  const piece = project.derived!.ledger.pieces[0]!
  const below = piece.parts[at - 1]
  const count = below ? piece.columns.makes[below.endRow - 1]! : 0
  const part = newPart(design.value, kind, count)
  project.edit({ name: 'addPart', args: { part, at } })
  project.selectedPart = part.id
}
function act(command: string, part: Part) {
  const { id } = part
  const at = placeOf(id)
  if (command === 'up') project.edit({ name: 'movePart', args: { id, to: at + 1 } })
  if (command === 'down') project.edit({ name: 'movePart', args: { id, to: at - 1 } })
  if (command === 'remove') project.edit({ name: 'removePart', args: { id } })
  if (command === 'duplicate' && part.kind !== 'round-base')
    project.edit({
      name: 'addPart',
      args: { part: { ...part, id: freePartId(design.value) }, at: at + 1 },
    })
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
    <VueDraggable v-model="topDown" tag="ul" :animation="120" handle=".pull" class="bands">
      <li
        v-for="part in topDown"
        :key="part.id"
        class="row"
        :class="{ on: part.id === project.selectedPart }"
      >
        <span class="pull" title="Drag to move" aria-hidden="true">⠿</span>
        <button
          type="button"
          class="name"
          :aria-current="part.id === project.selectedPart"
          @click="project.selectedPart = part.id"
        >
          {{ part.name
          }}<b v-if="wrong.has(part.id)" class="wrong" title="Does not work out"
            >!<span class="hidden-words"> does not work out</span></b
          >
          <small class="num"
            >{{ roundsIn(part) }} {{ roundsIn(part) === 1 ? 'round' : 'rounds' }}</small
          >
        </button>
        <span class="dots"
          ><YarnDot
            v-for="letter in dots(part)"
            :key="letter"
            :letter="letter"
            :colour="colourOf(letter)"
            :size="17"
        /></span>
        <ElDropdown trigger="click" @command="(command: string) => act(command, part)">
          <button
            type="button"
            class="icon-button small"
            :aria-label="`What to do with ${part.name}`"
          >
            <ElIcon :size="14"><MoreFilled /></ElIcon>
          </button>
          <template #dropdown>
            <ElDropdownMenu>
              <ElDropdownItem command="up">Move up</ElDropdownItem>
              <ElDropdownItem command="down">Move down</ElDropdownItem>
              <ElDropdownItem command="duplicate">Duplicate</ElDropdownItem>
              <ElDropdownItem command="remove" divided>Take out</ElDropdownItem>
            </ElDropdownMenu>
          </template>
        </ElDropdown>
      </li>
    </VueDraggable>
    <div class="row base" :class="{ on: baseOf(design).id === project.selectedPart }">
      <span class="pull still" />
      <button
        type="button"
        class="name"
        :aria-current="baseOf(design).id === project.selectedPart"
        @click="project.selectedPart = baseOf(design).id"
      >
        {{ baseOf(design).name }} <small class="num">{{ roundsIn(baseOf(design)) }} rounds</small>
      </button>
      <span class="dots"
        ><YarnDot :letter="baseOf(design).yarn" :colour="colourOf(baseOf(design).yarn)" :size="17"
      /></span>
    </div>
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
