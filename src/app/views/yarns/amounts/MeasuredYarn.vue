<script setup lang="ts">
import { Close } from '@element-plus/icons-vue'
import { computed, ref } from 'vue'
import type { Measured } from '@core/design'
import { LIMITS } from '@core/part'
import { abbrOf, stitchById } from '@core/stitch'
import { lengthInput, printLength, printNumber } from '@core/units'
import { maybeMetresMeasured, sourceWords, stitchesKnown, yarnModel } from '@core/yarn'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import MeasureField from '@app/parts/fields/MeasureField.vue'
import StitchField from '@app/parts/fields/StitchField.vue'
import { useDraft } from '@app/parts/fields/use-draft.ts'
import { readAmount, readLengthIn, readWhole } from '@app/parts/fields/read-typed.ts'
import YarnSelect from '@app/parts/fields/YarnSelect.vue'
import { learnedWords } from '@app/parts/learned/learned-words.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

/** What the amounts rest on: stitches that were unravelled or weighed, each scaling the others; or the hook alone. */
const project = useProject()
const workshop = useWorkshop()
const units = computed(() => workshop.words.units)
const design = computed(() => project.design!)
const setAll = (measured: readonly Measured[]) =>
  project.edit({ name: 'setDesign', args: { measured } })
const list = computed(() =>
  design.value.measured.map((one, at) => {
    const metres = maybeMetresMeasured(design.value, one)
    const yarn = one.yarn === null ? '' : ` of ${one.yarn}`
    const stitch = abbrOf(stitchById(one.stitch), workshop.words)
    const took =
      one.how === 'unravelled'
        ? printLength(one.amount, units.value)
        : `${printNumber(one.amount, 2)} g`
    return {
      at,
      what: `${one.stitches} ${stitch}${yarn}: ${took} ${one.how}`,
      each:
        metres === null
          ? 'its label is needed too'
          : `${printLength(metres * 1000, units.value)} each`,
    }
  }),
)
const model = computed(() => {
  const { ledger } = project.table!.derived
  return yarnModel(design.value, stitchesKnown(ledger))
})
/** What it comes to, of the first yarn. */
const comes = computed(() => {
  const { ledger } = project.table!.derived
  const plain = [...new Set(ledger.stitches.map((id) => stitchById(id).of))]
    .map(stitchById)
    .filter(({ yarn, makes }) => yarn > 0 && makes > 0)
    .slice(0, 4)
  const [{ letter }] = design.value.yarns as [(typeof design.value.yarns)[0]]
  const each = plain.map(
    (stitch) =>
      `${printLength(model.value.metresOf(letter, stitch.id) * 1000, units.value)} in a ${abbrOf(stitch, workshop.words)}`,
  )
  return `${each.join(', ')}: ${sourceWords[model.value.sourceOf(letter)]}.`
})
/** What finished bags taught of these yarns with this hook, in this hand; as if so many stitches had been pulled out. */
const LEARNED_STITCHES = 100
const learned = computed(() =>
  workshop.workshop.learned.flatMap((one) => {
    const of = design.value.yarns.find(({ name }) => name === one.yarn)
    const fits = one.of === 'yarn-of-stitch' && one.hookMm === design.value.hookMm
    const has = design.value.measured.some(
      ({ stitch, yarn }) => stitch === one.stitch && yarn === of?.letter,
    )
    if (!of || !fits || has || one.hand !== workshop.words.hand) return []
    return [{ ...one, ...learnedWords(one, workshop.words), letter: of.letter }]
  }),
)
const takeLearned = (one: (typeof learned.value)[number]) =>
  setAll([
    ...design.value.measured,
    {
      ...{ how: 'unravelled', stitch: one.stitch, yarn: one.letter },
      ...{ stitches: LEARNED_STITCHES, amount: one.value * 1000 * LEARNED_STITCHES },
    },
  ])
/** What is being measured: how, and its figures until all are there. */
const asking = ref<Measured['how'] | null>(null)
const stitch = ref(design.value.swatches[0]?.stitch ?? 'sc')
const yarn = ref(design.value.yarns[0]!.letter)
const draft = useDraft<Pick<Measured, 'stitches' | 'amount'>>(
  ['stitches', 'amount'],
  () => null,
  (all) => {
    const how = asking.value!
    asking.value = null
    setAll([...design.value.measured, { how, stitch: stitch.value, yarn: yarn.value, ...all }])
  },
)
const textOf = (value: number | undefined) => (value === undefined ? '' : String(value))
const HOWS = [
  { value: 'unravelled', label: 'Unravelled' },
  { value: 'weighed', label: 'Weighed' },
] as const
function begin() {
  draft.forget()
  asking.value = 'unravelled'
}
</script>

<template>
  <section class="card measured-yarn">
    <h2>What it rests on</h2>
    <p class="note num">{{ comes }}</p>
    <ul class="num">
      <li v-for="one in list" :key="one.at">
        <span
          >{{ one.what }} <small>{{ one.each }}</small></span
        >
        <button
          type="button"
          class="icon-button"
          :aria-label="`Forget ${one.what}`"
          @click="setAll(design.measured.filter((_, i) => i !== one.at))"
        >
          <ElIcon :size="13"><Close /></ElIcon>
        </button>
      </li>
    </ul>
    <button
      v-for="one in learned"
      :key="one.id"
      type="button"
      class="link learned-yarn"
      :title="one.rests"
      @click="takeLearned(one)"
    >
      From {{ one.from }}: {{ one.what }}
    </button>
    <template v-if="asking">
      <ChoiceOf v-model="asking" legend="How it was measured" :options="HOWS" />
      <StitchField v-model="stitch" label="Stitch" />
      <div class="measure-field">
        <label for="measured-yarn-of">Yarn</label>
        <YarnSelect id="measured-yarn-of" v-model="yarn" label="Yarn that was measured" />
      </div>
      <MeasureField
        label="Stitches"
        :text="textOf(draft.values.value.stitches)"
        :value="draft.values.value.stitches ?? 0"
        :likely="asking === 'unravelled' ? '20' : '400'"
        :read="readWhole"
        :step="1"
        :min="1"
        :max="100000"
        @change="draft.set({ stitches: $event })"
      />
      <MeasureField
        v-if="asking === 'unravelled'"
        label="Yarn pulled out"
        :text="draft.values.value.amount ? lengthInput(draft.values.value.amount, units) : ''"
        :value="draft.values.value.amount ?? 0"
        :likely="lengthInput(700, units)"
        :read="readLengthIn(units)"
        :min="1"
        :max="1_000_000"
        @change="draft.set({ amount: $event })"
      />
      <MeasureField
        v-else
        label="They weigh"
        :text="draft.values.value.amount ? `${printNumber(draft.values.value.amount, 2)} g` : ''"
        :value="draft.values.value.amount ?? 0"
        likely="5 g"
        :read="readAmount"
        :min="0.1"
        :max="5000"
        @change="draft.set({ amount: $event })"
      />
      <button type="button" class="link" @click="asking = null">Never mind</button>
    </template>
    <button
      v-else-if="design.measured.length < LIMITS.measured"
      type="button"
      class="button"
      @click="begin"
    >
      Measure stitches
    </button>
    <p class="note">
      Pull out 20 stitches and measure the yarn: that is surest. One stitch scales all others;
      several are brought together.
    </p>
  </section>
</template>

<style>
.measured-yarn ul {
  margin: 6px 0;
  padding: 0;
  font-size: 12.5px;
  list-style: none;
}
.measured-yarn li {
  display: flex;
  gap: 6px;
  align-items: center;
  justify-content: space-between;
  border-top: 1px solid var(--line);
}
.measured-yarn li small {
  display: block;
  color: var(--ink-2);
}
.measured-yarn .choice {
  margin-bottom: 6px;
}
</style>
