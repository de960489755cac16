<script setup lang="ts">
import { Close } from '@element-plus/icons-vue'
import { computed, ref } from 'vue'
import { calledOf, type Leading, type WayChoice, yarnByLetter } from '@core/design'
import type { Piece } from '@core/ledger'
import { canHaveBobbins, maybeWide, wideWays, type WayScope, withWide } from '@core/paths'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import WholeField from '@app/parts/fields/WholeField.vue'
import SaidWord from '@app/parts/said/SaidWord.vue'
import { word } from '@app/parts/said/said.ts'
import { useProject } from '@app/stores/project.ts'
import { isWithin, wholeWords, wideWords } from './saying-paths.ts'

/** How yarns are led, as a sentence: for all of the bag, or for the band or yarn it is turned to; what differs is listed below it. */
const { piece } = defineProps<{ piece: Piece }>()
const project = useProject()
const design = computed(() => project.design!)
const rows = computed(() => piece.worked)
const row = computed(() => (piece.worked === 'rows' ? 'row' : 'round'))
const leading = computed(() => design.value.leading)
const setLeading = (values: Partial<Leading>) =>
  project.edit({ name: 'setDesign', args: { leading: { ...leading.value, ...values } } })
const caught = computed(() =>
  leading.value.catchNext ? 'next' : leading.value.catchEvery === null ? 'long' : 'every',
)
const catchBy = (how: 'next' | 'long' | 'every') =>
  setLeading({ catchNext: how === 'next', catchEvery: how === 'every' ? 5 : null })
const setWays = (ways: readonly WayChoice[]) => project.edit({ name: 'setDesign', args: { ways } })

const scope = ref<WayScope>({ part: null, yarn: null })
const part = computed({
  get: () => scope.value.part ?? '',
  set: (id: string) => (scope.value = { ...scope.value, part: id || null }),
})
const yarn = computed({
  get: () => scope.value.yarn ?? '',
  set: (letter: string) => (scope.value = { ...scope.value, yarn: letter || null }),
})
const called = computed(() => calledOf(design.value))
const parts = computed(() =>
  piece.parts
    .filter(({ firstRow, endRow }) => endRow > firstRow)
    .map(({ id, name }) => ({ id, name: called.value.get(id) ?? name })),
)
const WITHIN = ['carry', 'float', 'bobbin', 'snip'] as const
const BETWEEN = ['trail', 'along', 'cut'] as const
const isWide = computed(() => scope.value.part !== null || scope.value.yarn !== null)
const chosen = (of: readonly WayChoice['how'][]) =>
  maybeWide(design.value.ways, scope.value, of)?.how ?? null
/** What is by itself: for a band or yarn as for the bag. */
const usual = computed(() => (isWide.value ? 'as' : 'usual'))
/** Bobbins were asked for where they cannot be. */
const refused = ref(false)
const within = computed({
  get: () => (chosen(WITHIN) as (typeof WITHIN)[number] | null) ?? (isWide.value ? 'as' : 'carry'),
  set: (how) => {
    refused.value = how === 'bobbin' && !bobbins.value
    if (refused.value) return
    const none = how === 'as' || (how === 'carry' && !isWide.value)
    setWays(
      withWide(design.value.ways, scope.value, WITHIN, none ? null : (how as WayChoice['how'])),
    )
  },
})
const between = computed({
  get: () => (chosen(BETWEEN) as (typeof BETWEEN)[number] | null) ?? usual.value,
  set: (how) => {
    const none = how === 'as' || how === 'usual'
    setWays(
      withWide(design.value.ways, scope.value, BETWEEN, none ? null : (how as WayChoice['how'])),
    )
  },
})
const betweenWords = computed(() =>
  between.value === 'usual'
    ? wholeWords.between.usual(leading.value.cutAfter)
    : wholeWords.between[between.value],
)
/** Whether bobbins can be where it is turned to. */
const bobbins = computed(() =>
  piece.parts
    .filter(({ id }) => scope.value.part === null || id === scope.value.part)
    .some((one) => canHaveBobbins(piece, one)),
)
const withinOptions = computed(() => [
  ...(isWide.value ? [{ value: 'as' as const, label: 'As the bag' }] : []),
  { value: 'carry' as const, label: 'Carry' },
  { value: 'float' as const, label: 'Float' },
  { value: 'bobbin' as const, label: 'Bobbins' },
  { value: 'snip' as const, label: `Cut each ${row.value}` },
])
/** What is said for a band or a yarn, each of which can be taken back. */
const differs = computed(() =>
  wideWays(design.value.ways)
    .filter((one) => one.part !== null || one.yarn !== null)
    .map((one) => ({
      one,
      words: wideWords(one, {
        part: one.part === null ? null : (called.value.get(one.part) ?? one.part),
        yarn: one.yarn === null ? null : yarnByLetter(design.value, one.yarn).name,
      }),
    })),
)
const scopeWords = computed(() => {
  const of = yarn.value ? yarnByLetter(design.value, yarn.value).name : 'all yarns'
  return `${of} ${part.value ? `in ${called.value.get(part.value) ?? part.value}` : 'everywhere'}`
})
</script>

<template>
  <div class="lead-sentence">
    <p class="said">
      For
      <SaidWord :word="word('scope', scopeWords)">
        <div class="measure-field">
          <label for="lead-yarn">Yarn</label>
          <ElSelect
            id="lead-yarn"
            v-model="yarn"
            aria-label="Which yarn is led"
            :empty-values="[null]"
          >
            <ElOption value="" label="all yarns" />
            <ElOption
              v-for="one in design.yarns"
              :key="one.letter"
              :value="one.letter"
              :label="`${one.letter} ${one.name}`"
            />
          </ElSelect>
        </div>
        <div class="measure-field">
          <label for="lead-part">Where</label>
          <ElSelect id="lead-part" v-model="part" aria-label="In which band" :empty-values="[null]">
            <ElOption value="" label="everywhere" />
            <ElOption v-for="one in parts" :key="one.id" :value="one.id" :label="one.name" />
          </ElSelect>
        </div> </SaidWord
      >: within a {{ row }}
      <SaidWord :word="word('within', wholeWords.within[within])">
        <ChoiceOf
          v-model="within"
          legend="Yarns not in use within a round"
          :options="withinOptions"
        />
        <p class="note">
          Carried, a strand lies inside the stitches and may show through. Floated, it lies loosely
          behind. Cut each
          {{ row }}, it goes no further than its last stitch, with two ends a {{ row }}.
        </p>
        <p class="note" :class="{ bad: refused }" :role="refused ? 'alert' : undefined">
          {{
            bobbins
              ? 'Bobbins: one for each field, crossed at every change; nothing lies behind.'
              : 'Bobbins cannot be here: in rounds that are not turned each would hang at the end of its field, where the next round does not begin. Turn the rounds of the band (under Bands), float back, or cut each round.'
          }}
        </p>
        <template v-if="within === 'float'">
          <ChoiceOf
            :model-value="caught"
            legend="How floats are caught"
            :options="[
              { value: 'long', label: 'Half-way, if long' },
              { value: 'every', label: 'Every few' },
              { value: 'next', label: `By the next ${row}` },
            ]"
            @update:model-value="catchBy"
          />
          <WholeField
            v-if="caught === 'every'"
            label="Caught after every so many stitches"
            :model-value="leading.catchEvery ?? 5"
            :min="2"
            :max="30"
            @update:model-value="setLeading({ catchEvery: $event })"
          />
        </template> </SaidWord
      >, between {{ rows }}
      <SaidWord :word="word('between', betweenWords)">
        <ChoiceOf
          v-model="between"
          legend="Yarns not in use between rounds"
          :options="[
            isWide ? { value: 'as', label: 'As the bag' } : { value: 'usual', label: 'Usual' },
            { value: 'trail', label: 'Bring up' },
            { value: 'along', label: 'Carry' },
            { value: 'cut', label: 'Cut' },
          ]"
        />
        <WholeField
          v-if="!isWide"
          :label="`Usual: cut after more ${rows} than`"
          :model-value="leading.cutAfter"
          :min="0"
          :max="99"
          @update:model-value="setLeading({ cutAfter: $event })"
        />
        <p class="note">
          What cannot be, such as an edge a yarn does not hang at, is cut all the same.
        </p> </SaidWord
      >.
      <template v-if="rows === 'rounds'">
        Joins are closed in
        <SaidWord
          :word="word('close', leading.closeIn === 'new' ? 'the new yarn' : 'the old yarn')"
        >
          <ChoiceOf
            :model-value="leading.closeIn"
            legend="A round before another yarn is closed in"
            :options="[
              { value: 'new', label: 'The new yarn' },
              { value: 'old', label: 'The old yarn' },
            ]"
            @update:model-value="setLeading({ closeIn: $event })"
          /> </SaidWord
        >; changes are made</template
      ><template v-else>Changes are made</template> on the last yarn over of the stitch before; ends
      are
      <SaidWord :word="word('tails', leading.tails === 'over' ? 'worked over' : 'woven in')">
        <ChoiceOf
          :model-value="leading.tails"
          legend="Ends"
          :options="[
            { value: 'in', label: 'Woven in' },
            { value: 'over', label: 'Worked over' },
          ]"
          @update:model-value="setLeading({ tails: $event })"
        /> </SaidWord
      >, the first stitch of a yarn is
      <SaidWord :word="word('doubled', leading.doubled ? 'worked with its tail' : 'plain')">
        <ChoiceOf
          :model-value="leading.doubled ? 'yes' : 'no'"
          legend="First stitch of a yarn"
          :options="[
            { value: 'no', label: 'Plain' },
            { value: 'yes', label: 'With its tail' },
          ]"
          @update:model-value="setLeading({ doubled: $event === 'yes' })"
        />
        <p class="note">
          Yarn and tail held together lock the end; the stitch looks like two, and counts as one.
        </p> </SaidWord
      >.
    </p>
    <ul v-if="differs.length > 0" class="differs">
      <li v-for="{ one, words } in differs" :key="words">
        {{ words }}
        <button
          type="button"
          class="icon-button"
          :aria-label="`As the bag: ${words}`"
          @click="setWays(withWide(design.ways, one, isWithin(one.how) ? WITHIN : BETWEEN, null))"
        >
          <ElIcon :size="12"><Close /></ElIcon>
        </button>
      </li>
    </ul>
  </div>
</template>

<style>
.lead-sentence .said {
  margin: 0;
  color: var(--ink-2);
  font-size: 13.5px;
  line-height: 1.75;
}
.lead-sentence .said .choice {
  margin-bottom: 7px;
}
.lead-sentence .choice {
  flex-wrap: wrap;
}
.lead-sentence .bad {
  color: var(--error);
}
.lead-sentence .differs {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
  margin: 4px 0 0;
  padding: 0;
  font-size: 12.5px;
  list-style: none;
}
.lead-sentence .differs li {
  display: flex;
  gap: 2px;
  align-items: center;
  padding: 0 0 0 9px;
  border: 1px solid var(--line);
  border-radius: 13px;
  background: var(--paper);
}
</style>
