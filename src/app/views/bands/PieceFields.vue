<script setup lang="ts">
import { Close, Plus } from '@element-plus/icons-vue'
import { computed } from 'vue'
import {
  BODY,
  type DesignPiece,
  type Edge,
  edges,
  maybeBaseOf,
  type Meeting,
  meetings,
  type PieceJoin,
  type SeamKind,
  seams,
} from '@core/design'
import { partOfRow, rowById } from '@core/ledger'
import { edgeWords, meetingWords, seamWords } from '@core/pattern'
import { LIMITS, rowId } from '@core/section'
import WholeField from '@app/parts/fields/WholeField.vue'
import BaseAsked from '@app/views/size/BaseAsked.vue'
import { useProject } from '@app/stores/project.ts'

/** What is decided about a piece of her own: its name, how often it is made, its size, and what it is sewn to. */
const { piece } = defineProps<{ piece: DesignPiece }>()
const project = useProject()
const base = computed(() => maybeBaseOf(piece)!)
const set = (change: Partial<Pick<DesignPiece, 'name' | 'times' | 'joins'>>) =>
  project.edit({ name: 'setPiece', args: { id: piece.id, values: change } })
const setBase = (change: Record<string, unknown>) =>
  project.edit({ name: 'setBase', args: { piece: piece.id, values: change } })
const others = computed(() =>
  project.table!.derived.ledger.pieces.filter(({ id }) => id !== piece.id),
)
const setJoin = (at: number, change: Partial<PieceJoin>) =>
  set({ joins: piece.joins.map((join, i) => (i === at ? { ...join, ...change } : join)) })
const ontoWords = (onto: Meeting) =>
  onto === 'row' || onto === 'up' ? meetingWords[onto] : `its ${edgeWords[onto]}`
const otherOf = ({ to }: Pick<PieceJoin, 'to'>) => others.value.find(({ id }) => id === to)
/** A row of the other piece by the number it has there, and the number of a row. */
function idOf(join: Pick<PieceJoin, 'to'>, number: number): string | null {
  const other = otherOf(join)
  if (!other) return null
  const index = Math.min(number, other.rows) - 1
  const { id, firstRow } = partOfRow(other, index)
  return rowId(id, index - firstRow + 1)
}
function numberOf(join: PieceJoin): number {
  const other = otherOf(join)
  return (other && join.row !== null && (rowById(other, join.row) ?? 0) + 1) || 1
}
/** At an edge there is no row to say; along one or up from it begins half-way up. */
function setOnto(at: number, onto: Meeting) {
  const join = piece.joins[at]!
  const inside = onto === 'row' || onto === 'up'
  const row = inside ? (join.row ?? idOf(join, (otherOf(join)?.rows ?? 2) >> 1)) : null
  setJoin(at, { onto, row })
}
const addJoin = () =>
  set({
    joins: [
      ...piece.joins,
      { edge: 'first', to: BODY, onto: 'last', row: null, at: 0, how: 'whip' },
    ],
  })
function rename(event: Event) {
  const name = (event.target as HTMLInputElement).value.trim()
  if (name) set({ name })
}
</script>

<template>
  <div class="piece-fields">
    <div class="measure-field">
      <label for="piece-name">Piece</label>
      <div class="box">
        <input id="piece-name" :value="piece.name" maxlength="60" @change="rename" />
      </div>
    </div>
    <WholeField
      label="Made"
      hint="×"
      :model-value="piece.times"
      :min="1"
      :max="LIMITS.times"
      @update:model-value="set({ times: $event })"
    />
    <BaseAsked :base="base" @set="setBase" />
    <fieldset v-for="(join, at) in piece.joins" :key="at" class="piece-join">
      <legend>
        Join {{ at + 1 }}
        <button
          type="button"
          class="icon-button small"
          :aria-label="`Take out join ${at + 1}`"
          @click="set({ joins: piece.joins.filter((_, i) => i !== at) })"
        >
          <ElIcon :size="12"><Close /></ElIcon>
        </button>
      </legend>
      <ElSelect
        :model-value="join.edge"
        :aria-label="`Join ${at + 1}: edge of this piece`"
        @update:model-value="(edge: Edge) => setJoin(at, { edge })"
      >
        <ElOption v-for="edge in edges" :key="edge" :value="edge" :label="edgeWords[edge]" />
      </ElSelect>
      <ElSelect
        :model-value="join.to"
        :aria-label="`Join ${at + 1}: the other piece`"
        @update:model-value="(to: string) => setJoin(at, { to, row: null, onto: 'last' })"
      >
        <ElOption v-for="{ id, name } in others" :key="id" :value="id" :label="`to ${name}`" />
      </ElSelect>
      <ElSelect
        :model-value="join.onto"
        :aria-label="`Join ${at + 1}: where on the other piece`"
        @update:model-value="(onto: Meeting) => setOnto(at, onto)"
      >
        <ElOption v-for="onto in meetings" :key="onto" :value="onto" :label="ontoWords(onto)" />
      </ElSelect>
      <WholeField
        v-if="join.row !== null"
        :label="join.onto === 'row' ? 'Row' : 'From row'"
        :model-value="numberOf(join)"
        :min="1"
        :max="otherOf(join)?.rows ?? 1"
        @update:model-value="setJoin(at, { row: idOf(join, $event) })"
      />
      <ElSelect
        :model-value="join.how"
        :aria-label="`Join ${at + 1}: how it is sewn`"
        @update:model-value="(how: SeamKind) => setJoin(at, { how })"
      >
        <ElOption v-for="how in seams" :key="how" :value="how" :label="seamWords[how]" />
      </ElSelect>
      <WholeField
        label="After"
        hint="places"
        :model-value="join.at"
        :min="0"
        :max="LIMITS.rowCount"
        @update:model-value="setJoin(at, { at: $event })"
      />
    </fieldset>
    <button type="button" class="button" @click="addJoin">
      <ElIcon><Plus /></ElIcon>Sew it to another
    </button>
  </div>
</template>

<style>
.piece-fields .piece-join {
  display: grid;
  gap: 5px;
  margin: 0 0 8px;
  padding: 6px 0 0;
  border: 0;
  border-top: 1px solid var(--line);
}
.piece-fields .piece-join legend {
  float: left;
  width: 100%;
  color: var(--ink-2);
  font-size: 12.5px;
}
.piece-fields .piece-join .icon-button {
  float: right;
  width: 24px;
  height: 24px;
}
</style>
