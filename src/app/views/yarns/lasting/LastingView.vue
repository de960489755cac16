<script setup lang="ts">
import { Close } from '@element-plus/icons-vue'
import { computed, ref, watch } from 'vue'
import { bandOf } from '@core/band'
import { bandsOf, calledOf, roundsOf } from '@core/design'
import { idOfRow } from '@core/ledger'
import { LIMITS } from '@core/part'
import { madeIn, weighedIn, type Weighed, type WeighedGrams } from '@core/project'
import { rowWord } from '@core/terms'
import { printNumber } from '@core/units'
import { maybeRowOf } from '@core/yarn'
import MeasureField from '@app/parts/fields/MeasureField.vue'
import { readAmount, readWhole } from '@app/parts/fields/read-typed.ts'
import YarnSelect from '@app/parts/fields/YarnSelect.vue'
import YarnDot from '@app/parts/marks/YarnDot.vue'
import { useProject } from '@app/stores/project.ts'
import LastsCard from './LastsCard.vue'
import ScalePanel from '@app/parts/fields/ScalePanel.vue'

/** Weighings on the way, each with its day and row, and what they say of the rest: how many rounds each yarn still gives, and by when to change course. */
const project = useProject()
const design = computed(() => project.table!.design)
const derived = computed(() => project.table!.derived)
const piece = computed(() => project.ledgerPiece!)
const rowName = computed(() => rowWord(piece.value.worked))
const yarnOf = (letter: string) => design.value.yarns.find((yarn) => yarn.letter === letter)
const numbers = computed(() => [...piece.value.columns.number])

/** Rows are weighed after the last that was made or weighed, until another is said. */
const weighed = computed(() => weighedIn(project.history!.log))
const lastRow = computed(() => {
  const ids = [
    ...madeIn(project.history!.log).filter(({ piece: id }) => id === piece.value.id),
    ...weighed.value.filter(({ piece: id }) => id === piece.value.id),
  ].map(({ row }) => numberOf(row) ?? 0)
  return Math.max(0, ...ids)
})
function numberOf(id: string): number | null {
  const row = maybeRowOf(piece.value, id)
  return row === null ? null : numbers.value[row]!
}
const letter = ref(derived.value.ledger.yarns[0]!)
const round = ref(0)
watch(lastRow, (row) => (round.value = row || 1), { immediate: true })
const grams = ref<number | null>(null)
const canKeep = computed(() => grams.value !== null && numbers.value.includes(round.value))
function keep() {
  const row = idOfRow(piece.value, numbers.value.indexOf(round.value))
  project.note([
    {
      ...{ kind: 'weighed', yarn: letter.value, piece: piece.value.id },
      ...{ row, grams: grams.value, at: new Date().toISOString() },
    },
  ])
  grams.value = null
}
const takeBack = (entry: Weighed) => project.note([{ ...entry, grams: null }])
const list = computed(() =>
  weighed.value.toReversed().map((entry: WeighedGrams) => {
    const of = derived.value.ledger.pieces.find(({ id }) => id === entry.piece)
    const at = of ? maybeRowOf(of, entry.row) : null
    const where =
      at === null
        ? 'a row that is not there any more'
        : `after ${rowWord(of!.worked)} ${of!.columns.number[at]}`
    const day = entry.at?.slice(0, 10) ?? ''
    return {
      entry,
      day,
      yarn: yarnOf(entry.yarn),
      words: `${printNumber(entry.grams, 1)} g ${where}`,
    }
  }),
)
/** As many rounds of a band as all its yarns give: what uses up the scarcest; null where one number cannot say it, or that is as planned. */
function maybeUsedUp(id: string) {
  const band = bandsOf(design.value).find((one) => one.id === id)
  const on = derived.value.lasts.filter(({ part, rounds }) => part === id && rounds !== null)
  if (!band || on.length === 0) return null
  const by = Math.min(...on.map(({ roundsLeft, planned }) => roundsLeft! - planned))
  const rounds = Math.min(LIMITS.rounds, roundsOf(band) + by)
  const values = by === 0 || rounds < 1 ? null : bandOf(band).withRounds(band, rounds)
  if (!values || roundsOf({ ...band, ...values } as typeof band) !== rounds) return null
  const edit = { name: 'setRounds', args: { id, rounds } } as const
  return { by: rounds - roundsOf(band), edit }
}
const lasts = computed(() =>
  derived.value.lasts.map((one) => ({
    lasts: one,
    yarn: yarnOf(one.letter)!,
    part: one.part === null ? null : (calledOf(design.value).get(one.part) ?? one.part),
    usedUp: one.part !== null && one.weighed ? maybeUsedUp(one.part) : null,
  })),
)
</script>

<template>
  <div class="lasting">
    <section class="card weigh">
      <h2>Weigh what is left</h2>
      <div class="measure-field">
        <label for="weigh-yarn">Yarn</label>
        <YarnSelect id="weigh-yarn" v-model="letter" label="Yarn on the scale" />
      </div>
      <MeasureField
        :label="`After ${rowName}`"
        :text="String(round)"
        :value="round"
        :read="readWhole"
        :step="1"
        :min="numbers[0] ?? 1"
        :max="numbers.at(-1) ?? 1"
        @change="round = $event"
      />
      <MeasureField
        label="Left"
        :text="grams === null ? '' : printNumber(grams, 1)"
        :value="grams ?? -1"
        :read="readAmount"
        :min="0"
        :max="100000"
        likely="62"
        hint="g"
        @change="grams = $event"
      />
      <button type="button" class="button main" :disabled="!canKeep" @click="keep">
        Keep this weighing
      </button>
      <ScalePanel @take="grams = $event" />
    </section>
    <div class="says">
      <p v-if="lasts.length === 0" class="card note">
        Weigh a yarn when a {{ rowName }} is done: what it took so far says what the rest will take,
        how many {{ rowName }}s it still gives, and by when to change course. What there was at
        first is said under Amounts.
      </p>
      <LastsCard v-for="one in lasts" :key="one.yarn.letter" v-bind="one" :worked="piece.worked" />
      <section v-if="list.length > 0" class="card">
        <h2>Weighed so far</h2>
        <ul class="weighings num">
          <li v-for="{ entry, yarn, words, day } in list" :key="`${entry.yarn} ${entry.row}`">
            <YarnDot v-if="yarn" :letter="yarn.letter" :colour="yarn.colour" :size="18" />
            <span>{{ words }}</span>
            <time :datetime="entry.at">{{ day }}</time>
            <button
              type="button"
              class="icon-button"
              :aria-label="`Take back ${yarn?.name ?? entry.yarn}, ${words}`"
              @click="takeBack(entry)"
            >
              <ElIcon :size="13"><Close /></ElIcon>
            </button>
          </li>
        </ul>
      </section>
    </div>
  </div>
</template>

<style>
.lasting {
  display: grid;
  grid-template-columns: 262px minmax(0, 1fr);
  gap: 14px;
  align-content: start;
  align-items: start;
}
.lasting .weigh .button.main {
  width: 100%;
  margin: 6px 0 14px;
}
.lasting .says {
  display: grid;
  gap: 10px;
}
.weighings {
  margin: 0;
  padding: 0;
  font-size: 13px;
  list-style: none;
}
.weighings li {
  display: grid;
  grid-template-columns: 22px 1fr auto auto;
  gap: 8px;
  align-items: center;
  border-top: 1px solid var(--line);
}
.weighings time {
  color: var(--ink-2);
}
@media (max-width: 760px) {
  .lasting {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
