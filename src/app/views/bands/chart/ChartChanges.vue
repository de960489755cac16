<script lang="ts">
/** A chart, and the cell of it last pointed at: its row and column are the ones to change, by what they are called. */
export interface Changed {
  readonly chart: Chart
  readonly at: Cell
  readonly names: Readonly<Record<'row' | 'column', string>>
}

/** What is done to one row or column of a chart, and what it is called. */
export interface Line {
  readonly along: 'row' | 'column'
  readonly at: number
  readonly change: LineChange
  readonly why: string
}
</script>

<script setup lang="ts">
import { shallowRef } from 'vue'
import {
  type Cell,
  type Chart,
  type LineChange,
  symmetries,
  type Symmetry,
  turns,
} from '@core/chart'
import { useOffers } from '@app/parts/page/offers.ts'
import ToolChoice from './ToolChoice.vue'

/** What can be done to the whole repeat: turned, moved around the seam, a row or column more or fewer; and how painting comes again. */
const { now } = defineProps<{
  /** What it is done to, asked for when the list is opened: a stroke does not draw the list again. */
  now: () => Changed
}>()
const symmetry = defineModel<Symmetry>('symmetry', { required: true })
const emit = defineEmits<{
  draw: [chart: Chart, why: string]
  line: [line: Line]
  bring: []
  picture: []
}>()

/** What is done to one row or column, by the number that stands beside it. */
const lines: readonly {
  readonly along: 'row' | 'column'
  readonly change: LineChange
  readonly title: (name: string) => string
}[] = [
  { along: 'row', change: 'insert', title: (name) => `Put one in below ${name}` },
  { along: 'row', change: 'double', title: (name) => `Work ${name} twice` },
  { along: 'row', change: 'remove', title: (name) => `Take out ${name}` },
  { along: 'column', change: 'insert', title: (name) => `Put one in left of ${name}` },
  { along: 'column', change: 'double', title: (name) => `Have ${name} twice` },
  { along: 'column', change: 'remove', title: (name) => `Take out ${name}` },
]
const of = shallowRef<Changed | null>(null)
const titleOf = ({ along, title }: (typeof lines)[number]) => title(of.value?.names[along] ?? '')

const commands = [
  ...turns.map(({ id, title }) => ({ id, title: () => title, divided: false })),
  ...lines.map((line, i) => ({
    id: `${line.along}-${line.change}`,
    title: () => titleOf(line),
    divided: i % 3 === 0,
  })),
  { id: 'bring', title: () => 'Bring in a CSV or PNG …', divided: true },
  { id: 'picture', title: () => 'Make it of a picture …', divided: false },
]
useOffers([
  ...turns.map(({ id, title }) => ({ title: `Chart: ${title}`, run: () => act(id) })),
  { title: 'Bring a CSV or PNG into the chart', run: () => act('bring') },
  { title: 'Make the chart of a picture', run: () => act('picture') },
  ...symmetries.map((one) => ({
    title: `Symmetry: ${one.title}`,
    run: () => void (symmetry.value = one),
  })),
])
function act(command: string) {
  if (command === 'bring') return emit('bring')
  if (command === 'picture') return emit('picture')
  const { chart, at } = now()
  const turn = turns.find(({ id }) => id === command)
  if (turn) return emit('draw', turn.of(chart), turn.title)
  const line = lines.find(({ along, change }) => `${along}-${change}` === command)
  if (!line) return
  const { along, change } = line
  emit('line', { along, change, at: at[along], why: titleOf(line) })
}
</script>

<template>
  <ElDropdown
    trigger="click"
    placement="right"
    @visible-change="(shown: boolean) => shown && (of = now())"
    @command="act"
  >
    <button
      type="button"
      class="tool-button"
      title="Turn, move, rows and columns"
      aria-label="Turn, move, rows and columns"
    >
      <svg width="22" height="22" viewBox="0 0 24 24" aria-hidden="true">
        <path d="M5 12a7 7 0 1 1 2.200 5.100M5 12l-2-2.500M5 12l2.500-2M12 9v6M9 12h6" />
      </svg>
    </button>
    <template #dropdown>
      <ElDropdownMenu>
        <ElDropdownItem
          v-for="one in commands"
          :key="one.id"
          :command="one.id"
          :divided="one.divided"
          >{{ one.title() }}</ElDropdownItem
        >
      </ElDropdownMenu>
    </template>
  </ElDropdown>
  <ToolChoice
    v-model="symmetry"
    :all="symmetries"
    label="Symmetry"
    picture="M12 3v18M9 7 4 12l5 5ZM15 7l5 5-5 5Z"
  />
</template>
