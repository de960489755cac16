<script setup lang="ts">
import { Close, Plus } from '@element-plus/icons-vue'
import { computed } from 'vue'
import {
  BODY,
  type Corner,
  corners,
  type DesignPiece,
  maybeBaseOf,
  type PieceJoin,
  type SeamKind,
  seams,
} from '@core/design'
import { type Edge, edges, spotOn, LIMITS } from '@core/part'
import { cornerOf } from '@core/ledger'
import { edgeWords, seamWords } from '@core/pattern'
import WholeField from '@app/parts/fields/WholeField.vue'
import BaseAsked from '@app/views/size/BaseAsked.vue'
import { useProject } from '@app/stores/project.ts'
import SpotFields from '@app/parts/fields/SpotFields.vue'

/** What is decided about a piece of her own: its name, how often it is made, its size, and what it is sewn to. */
const { piece } = defineProps<{ piece: DesignPiece; show: string }>()
const project = useProject()
const base = computed(() => maybeBaseOf(piece)!)
const set = (change: Partial<Pick<DesignPiece, 'name' | 'times' | 'joins'>>) =>
  project.edit({ name: 'setPiece', args: { id: piece.id, values: change } })
const setBase = (change: Record<string, unknown>) =>
  project.edit({ name: 'setBase', args: { piece: piece.id, values: change } })
const setJoin = (at: number, change: Partial<PieceJoin>) =>
  set({ joins: piece.joins.map((join, i) => (i === at ? { ...join, ...change } : join)) })
/** Stitches picked up along row ends go over so many of them. */
const isAlongEnds = ({ how, to }: PieceJoin) =>
  how === 'pick-up' && ['left', 'right', 'up'].includes(to.on)
/** The edge keeps its sides: it has as many more (or fewer) as go into its corners. */
function setCorner(at: number, corner: Corner) {
  const more = 4 * (cornerOf[corner] - cornerOf[piece.joins[at]!.corner])
  setJoin(at, { corner })
  if (more !== 0) setBase({ count: base.value.count + more })
}
const addJoin = () =>
  set({
    joins: [
      ...piece.joins,
      { edge: 'first', to: spotOn(BODY), how: 'whip', over: null, corner: 'none' },
    ],
  })
const cornerWords: Readonly<Record<Corner, string>> = {
  none: 'nothing more in a corner',
  three: '3 in each corner',
  'ch-1': 'ch 1 at each corner',
  'ch-2': 'ch 2 at each corner',
  'ch-3': 'ch 3 at each corner',
}
</script>

<template>
  <div class="piece-fields">
    <WholeField
      v-if="show === 'piece-times'"
      label="Made"
      hint="×"
      :model-value="piece.times"
      :min="1"
      :max="LIMITS.times"
      @update:model-value="set({ times: $event })"
    />
    <BaseAsked v-if="show === 'piece-base'" :base="base" @set="setBase" />
    <template v-if="show === 'piece-joins'">
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
        <SpotFields
          :model-value="join.to"
          :label="`Join ${at + 1}`"
          :words="{ piece: 'the other piece', on: 'where on the other piece' }"
          :own="piece.id"
          @update:model-value="setJoin(at, { to: $event })"
        />
        <ElSelect
          :model-value="join.how"
          :aria-label="`Join ${at + 1}: how it is sewn`"
          @update:model-value="(how: SeamKind) => setJoin(at, { how })"
        >
          <ElOption v-for="how in seams" :key="how" :value="how" :label="seamWords[how]" />
        </ElSelect>
        <WholeField
          v-if="isAlongEnds(join)"
          label="Row ends"
          hint="0: all"
          :model-value="join.over ?? 0"
          :min="0"
          :max="LIMITS.rowCount"
          @update:model-value="setJoin(at, { over: $event || null })"
        />
        <ElSelect
          v-if="join.to.on === 'around'"
          :model-value="join.corner"
          :aria-label="`Join ${at + 1}: in each corner`"
          @update:model-value="(corner: Corner) => setCorner(at, corner)"
        >
          <ElOption
            v-for="corner in corners"
            :key="corner"
            :value="corner"
            :label="cornerWords[corner]"
          />
        </ElSelect>
      </fieldset>
      <button type="button" class="button" @click="addJoin">
        <ElIcon><Plus /></ElIcon>Sew it to another
      </button>
    </template>
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
