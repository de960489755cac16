<script setup lang="ts">
import { VueDraggable } from 'vue-draggable-plus'
import { computed, nextTick, ref, shallowRef, useTemplateRef } from 'vue'
import { isBase, lettersIn, partsOf, yarnByLetter } from '@core/design'
import { counted } from '@core/units'
import { rowWord } from '@core/terms'
import { partTemplates, type TemplateKind } from '@app/parts/bag/part-templates.ts'
import { steady } from '@app/parts/page/steady.ts'
import { useProject } from '@app/stores/project.ts'
import PartLine from './PartLine.vue'
import { STRIP, type SpinePart } from './spine-layout.ts'
import { usePartActs } from './use-part-acts.ts'

/** The parts of the chosen piece beside their strip, the rim above and the base below: chosen, moved, added and taken out here. */
const { parts } = defineProps<{ parts: readonly SpinePart[] }>()
const emit = defineEmits<{ rounds: [id: string, by: number] }>()
const project = useProject()
const root = useTemplateRef<HTMLElement>('root')
const { piece, acts, act, add, move, chosen, nameOf, ...dialogs } = usePartActs()
const { choosing, repeating, RepeatDialog } = dialogs

/** What a line says, the rim first. */
const lines = steady(() => {
  const { snags } = project.table!.derived
  const wrong = new Set(
    snags.filter(({ severity }) => severity === 'error').map(({ where }) => where.part),
  )
  const { worked } = project.ledgerPiece!
  // As it is drawn: it may be a step behind, or ahead.
  const { design } = project.shown!
  const there = new Map(partsOf(design).map((part) => [part.id, part]))
  return parts
    .filter(({ again }) => again > 0)
    .toReversed()
    .flatMap(({ id, slot, rounds, again }) => {
      const part = there.get(id)
      if (!part) return []
      const words = rounds > 0 ? counted(rounds, rowWord(worked)) : 'at once in the chain'
      return {
        ...{
          id,
          name: nameOf(part, design),
          again,
          height: slot.bottom - slot.top,
          base: isBase(part),
        },
        words: again > 1 ? `${words} × ${again}` : words,
        dots: lettersIn(part)
          .slice(0, 3)
          .map((letter) => ({ letter, colour: yarnByLetter(design, letter).colour })),
        wrong: wrong.has(id),
      }
    })
})
const bands = computed({
  get: () => lines.value.filter(({ base }) => !base),
  set: (list) => move(list.map(({ id }) => id).reverse()),
})
const base = computed(() => lines.value.find((line) => line.base) ?? null)

/** The line whose menu, or whose plus, is under the hand or has the focus: one menu and one plus serve all of them. */
const at = shallowRef<{ readonly id: string; readonly button: HTMLElement } | null>(null)
const plusAt = shallowRef<{ readonly id: string; readonly button: HTMLElement } | null>(null)
/** Kinds of band that can be put on this piece. */
const templates = computed(() =>
  partTemplates.filter(({ rounds }) => !rounds || project.ledgerPiece?.worked === 'rounds'),
)
async function addAbove(kind: TemplateKind) {
  const had = project.selectedPart
  add(kind, plusAt.value!.id)
  await nextTick()
  // What was added is what one goes on with.
  if (project.selectedPart !== had)
    root.value?.querySelector<HTMLElement>('.line.on .name')?.focus()
}
/** A key that is pressed on its name, and not on its plus or its menu. */
function onName(event: Event, act: () => void) {
  if (!(event.target as HTMLElement).closest('.name')) return
  event.preventDefault()
  act()
}
const isOn = (id: string) => id === chosen.value
const dragging = ref(false)
</script>

<template>
  <nav
    ref="root"
    class="part-list"
    :class="{ dragging }"
    aria-label="Parts from rim to base"
    :style="{ left: `${STRIP.x + STRIP.width}px` }"
  >
    <VueDraggable
      v-model="bands"
      tag="ul"
      :animation="120"
      handle=".name"
      :force-fallback="true"
      :delay="160"
      :delay-on-touch-only="true"
      :fallback-tolerance="5"
      class="bands"
      @start="dragging = true"
      @end="dragging = false"
    >
      <li v-for="line in bands" :key="line.id">
        <PartLine
          :line="line"
          :on="isOn(line.id)"
          :title="`${line.name}: up and down arrows change its rounds, Alt with them moves it`"
          @plus="plusAt = { id: line.id, button: $event }"
          @menu="at = { id: line.id, button: $event }"
          @click="project.selectedPart = line.id"
          @keydown.up.exact="onName($event, () => emit('rounds', line.id, 1))"
          @keydown.down.exact="onName($event, () => emit('rounds', line.id, -1))"
          @keydown.up.alt="onName($event, () => act('up', line.id))"
          @keydown.down.alt="onName($event, () => act('down', line.id))"
        />
      </li>
    </VueDraggable>
    <PartLine
      v-if="base"
      :line="base"
      :on="isOn(base.id)"
      @plus="plusAt = { id: base.id, button: $event }"
      @click="project.selectedPart = base.id"
    />
    <ElDropdown
      v-if="plusAt"
      virtual-triggering
      :virtual-ref="plusAt.button"
      trigger="click"
      @command="addAbove"
    >
      <span />
      <template #dropdown>
        <ElDropdownMenu>
          <ElDropdownItem v-for="{ kind, title } in templates" :key="kind" :command="kind">{{
            title
          }}</ElDropdownItem>
        </ElDropdownMenu>
      </template>
    </ElDropdown>
    <ElDropdown
      v-if="at"
      virtual-triggering
      :virtual-ref="at.button"
      trigger="click"
      @command="(command: string) => act(command, at!.id)"
    >
      <span />
      <template #dropdown>
        <ElDropdownMenu>
          <ElDropdownItem
            v-for="one in acts(at.id)"
            :key="one.id"
            :command="one.id"
            :divided="one.divided"
            >{{ one.title }}</ElDropdownItem
          >
        </ElDropdownMenu>
      </template>
    </ElDropdown>
    <component
      :is="RepeatDialog"
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
  top: 0;
  right: 0;
}
.part-list .bands {
  margin: 0;
  padding: 0;
  list-style: none;
}
.part-list .line {
  position: relative;
  display: grid;
  grid-template: 1fr / minmax(0, 1fr) auto;
  align-items: center;
  padding: 0 6px 0 8px;
}
.part-list .line::after {
  position: absolute;
  right: 8px;
  bottom: 0;
  left: 4px;
  border-bottom: 1px solid var(--mat-line);
  content: '';
}
.part-list .line.on {
  border-radius: 0 5px 5px 0;
  background: #2f6457;
}
.part-list .name {
  position: absolute;
  inset: 2px 4px;
  display: flex;
  flex-direction: column;
  justify-content: center;
  min-width: 0;
  padding: 0 4px 0 6px;
  border: 0;
  border-radius: 4px;
  background: none;
  color: inherit;
  line-height: 1.15;
  text-align: left;
  cursor: pointer;
  touch-action: pan-y;
}
.part-list .called {
  overflow: hidden;
  max-width: 100%;
  padding-right: 40px;
  font-weight: 400;
  font-size: 12.5px;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.part-list .on .called {
  color: #fff;
  font-weight: 650;
}
.part-list .name small {
  color: #b5cdc3;
  font-size: 10.5px;
}
.part-list .on .name small {
  color: var(--mat-ink);
}
.part-list .wrong {
  position: absolute;
  top: calc(50% - 15px);
  left: -6px;
  padding: 0 5px;
  border-radius: 8px;
  background: #ffd9d2;
  color: var(--error);
  font-size: 11px;
}
.part-list .dots {
  position: absolute;
  top: calc(50% - 15px);
  right: 8px;
  display: flex;
  pointer-events: none;
}
.part-list .dots .yarn-dot + .yarn-dot {
  margin-left: -6px;
}
.part-list .menu {
  position: absolute;
  top: calc(50% - 12px);
  right: 4px;
  display: grid;
  place-items: center;
  width: 24px;
  height: 24px;
  padding: 0;
  border: 0;
  border-radius: 50%;
  background: rgb(255 255 255 / 14%);
  color: #fff;
  cursor: pointer;
}
.part-list .plus {
  position: absolute;
  z-index: 2;
  top: -11px;
  left: -43px;
  display: grid;
  place-items: center;
  width: 22px;
  height: 22px;
  padding: 0;
  border: 0;
  border-radius: 50%;
  background: #fff;
  color: var(--mat);
  cursor: pointer;
}
/* At the rim there is nothing above it. */
.part-list li:first-child .plus {
  top: 0;
}
.part-list .line > :is(.plus, .menu) {
  opacity: 0;
  pointer-events: none;
}
.part-list .line:is(:hover, :focus-within, .on) > :is(.plus, .menu) {
  opacity: 1;
  pointer-events: auto;
}
.part-list .line:not(.base):is(:hover, :focus-within, .on) > .dots {
  right: 30px;
}
.part-list.dragging .plus {
  display: none;
}
.part-list .sortable-ghost {
  opacity: 0.4;
}
</style>
