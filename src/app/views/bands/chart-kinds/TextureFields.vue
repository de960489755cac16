<script setup lang="ts">
import { Plus } from '@element-plus/icons-vue'
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import { bandOf, slotsOf, takesEdges, type TexturePart, turnsOf } from '@core/band'
import { countsWords } from '@core/fit'
import { standsOn } from '@core/ledger'
import { LIMITS } from '@core/part'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import WholeField from '@app/parts/fields/WholeField.vue'
import { useProject } from '@app/stores/project.ts'
import YarnTurns from '../said/YarnTurns.vue'

/** What is decided about a texture: its rows, its yarns in turn, and the side its raised rows are worked from. */
const { part, rows } = defineProps<{ part: TexturePart; rows: boolean; show: string }>()
const emit = defineEmits<{ set: [values: Partial<TexturePart>] }>()
const project = useProject()
const below = computed(() => {
  const piece = project.ledgerPiece!
  const place = piece.parts.find(({ id }) => id === part.id)
  return place ? standsOn(piece, place) : 0
})
const wants = computed(() => {
  const { multiple, offset } = bandOf(part).counts(part)!
  return countsWords(multiple, offset)
})
const fits = computed(() => bandOf(part).standsOn(part, below.value))
/** The yarns of each letter of its rows, which take turns in those. */
const lists = computed(() => slotsOf(part).map((_, slot) => turnsOf(part, slot)))
const setList = (at: number, list: readonly { yarn: string; rounds: number }[]) =>
  emit('set', {
    yarns: lists.value.flatMap((turns, slot) =>
      (slot === at ? list : turns).map(({ yarn, rounds }) => ({ yarn, rounds, slot })),
    ),
  })
function addYarn(slot: number) {
  const { yarns } = project.design!
  const taken = new Set(part.yarns.map(({ yarn }) => yarn))
  const next = yarns.find(({ letter }) => !taken.has(letter)) ?? yarns[0]!
  setList(slot, [...lists.value[slot]!, { yarn: next.letter, rounds: 1 }])
}
const nths = ['First', 'Second', 'Third', 'Fourth']
const TextureDialog = defineAsyncComponent(() => import('../dialogs/TextureDialog.vue'))
const choosing = ref(false)
/** The dialog is there once it was asked for. */
const asked = ref(false)
watch(choosing, (open) => (asked.value ||= open))
/** What its first row with units is counted in, and whether one of them is in the middle. */
const units = computed(() => {
  const piece = project.ledgerPiece!
  const place = piece.parts.find(({ id }) => id === part.id)
  if (!place || part.unit === null) return ''
  const counts = piece.columns.unitCount.subarray(place.firstRow, place.endRow)
  const many = counts.find((count) => count > 0) ?? 0
  if (many === 0) return ''
  const middle = many % 2 ? `, number ${(many + 1) / 2} in the middle` : ', none in the middle'
  return ` ${part.unit} × ${many}${middle}.`
})
/** Rows of its repeat that can come first. */
const begins = computed(() =>
  part.begin.length > 0 || !fits.value
    ? []
    : part.repeat.flatMap((_, from) =>
        bandOf(part).standsOn({ ...part, from }, below.value) ? [from] : [],
      ),
)
const word = computed(() => (rows ? 'Rows' : 'Rounds'))
/** Whether it may have more stitches at its edges, as flat ones may. */
const edges = computed(() => part.edge > 0 || (rows && takesEdges(part)))
</script>

<template>
  <div class="texture-fields">
    <WholeField
      v-if="show === 'rounds'"
      :label="word"
      :model-value="part.rounds"
      :min="1"
      :max="LIMITS.rounds"
      @update:model-value="emit('set', { rounds: $event })"
    />
    <WholeField
      v-if="show === 'edge' && edges"
      label="Extra edge"
      :model-value="part.edge"
      :min="0"
      :max="LIMITS.edge"
      @update:model-value="emit('set', { edge: $event })"
    />
    <ChoiceOf
      v-if="show === 'side'"
      :model-value="part.side"
      legend="Raised rows are worked"
      :options="[
        { value: 'RS', label: 'Right side', title: 'With the right side facing' },
        {
          value: 'WS',
          label: 'Wrong side',
          title: 'With the wrong side facing: they pop out on the right side',
        },
      ]"
      @update:model-value="emit('set', { side: $event })"
    />
    <p v-if="show === 'begins' && begins.length < 2" class="note">
      It can begin with its first row alone here.
    </p>
    <label v-if="show === 'begins' && begins.length > 1" class="field">
      <span>Begins with row</span>
      <ElSelect
        :model-value="part.from"
        aria-label="Row of its repeat it begins with"
        @update:model-value="(from: number) => emit('set', { from })"
      >
        <ElOption
          v-for="from in begins"
          :key="from"
          :value="from"
          :label="`${from + 1} of ${part.repeat.length}`"
        />
      </ElSelect>
    </label>
    <template v-for="(turns, slot) in show === 'yarns' ? lists : []" :key="slot">
      <p class="note head">
        {{
          lists.length > 1
            ? `${nths[slot] ?? `${slot + 1}th`} of the yarns that work beside one another`
            : `Yarns, ${rows ? 'row by row' : 'round by round'}`
        }}
      </p>
      <YarnTurns
        :model-value="turns"
        :what="lists.length > 1 ? `${(nths[slot] ?? '').toLowerCase()} yarn` : 'yarn'"
        :word="word"
        @update:model-value="setList(slot, $event)"
      />
      <button type="button" class="button" @click="addYarn(slot)">
        <ElIcon><Plus /></ElIcon>Another yarn in turn
      </button>
    </template>
    <button v-if="show === 'pattern'" type="button" class="button" @click="choosing = true">
      Another pattern …
    </button>
    <TextureDialog
      v-if="asked"
      v-model="choosing"
      :count="below"
      :worked="rows ? 'rows' : 'rounds'"
      :at="0"
      :instead="part"
    />
    <p v-if="show === 'pattern' || show === 'rounds'" class="note" :class="{ bad: !fits }">
      {{
        fits
          ? `Comes out on ${below} stitches; on ${wants}.${units}`
          : `Wants ${wants}; below are ${below}.`
      }}
    </p>
  </div>
</template>

<style>
.texture-fields .bad {
  color: var(--error);
}
.texture-fields > .note {
  margin-top: 7px;
}
</style>
