<script setup lang="ts">
import { ref, shallowRef } from 'vue'
import { gramsInHand, newYarns } from '@core/design'
import { LIMITS } from '@core/part'
import { printNumber } from '@core/units'
import WholeField from '@app/parts/fields/WholeField.vue'
import YarnDot from '@app/parts/marks/YarnDot.vue'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import { type Matched, matched, rowOf, type YarnRow } from './picture-asked.ts'

/** Yarns a picture is worked in: which, which in every round, how much there is; or so many found in it, each matched to what there is. */
const { colours, isMosaic, perRoundWords } = defineProps<{
  /** So many colours found in the picture. */
  colours: ((many: number) => Promise<readonly string[]>) | null
  isMosaic: boolean
  perRoundWords: string
}>()
const rows = defineModel<readonly YarnRow[]>({ required: true })
const project = useProject()
const workshop = useWorkshop()
const many = ref(4)
const found = shallowRef<readonly Matched[]>([])

const change = (letter: string, values: Partial<YarnRow>) =>
  (rows.value = rows.value.map((row) => (row.letter === letter ? { ...row, ...values } : row)))
const grams = (letter: string, text: string) => {
  const number = Number(text.replace(',', '.'))
  change(letter, { grams: text.trim() === '' || !(number >= 0) ? null : Math.min(1e5, number) })
}
/** What is in hand of each is the most there is. */
const inHand = () =>
  (rows.value = rows.value.map((row) => {
    const yarn = project.design!.yarns.find(({ letter }) => letter === row.letter)
    return { ...row, grams: (yarn && gramsInHand(yarn)) ?? row.grams }
  }))

/** So many colours of the picture in the nearest yarns there are: those of the bag, those in hand, those of palettes. */
async function find() {
  if (!colours) return
  const all = await colours(many.value)
  const { yarns } = project.design!
  const { yarns: there, palettes } = workshop.workshop
  const others = [...there, ...palettes.flatMap((one) => one.colours)]
  const own = yarns.map(({ name, colour, letter }) => ({ name, colour, letter }))
  const more = others
    .filter(({ colour }) => !yarns.some((yarn) => yarn.colour === colour))
    .map(({ name, colour }) => ({ name, colour, letter: null }))
  found.value = matched(all, [...own, ...new Map(more.map((one) => [one.colour, one])).values()])
  const comes = newYarns(
    project.design!,
    found.value
      .filter(({ letter }) => letter === null)
      .map(({ name, colour }) => ({ colour, ...(name ? { name } : {}) })),
  ).map((yarn) => ({ ...rowOf(yarn), isNew: true }))
  const isWanted = (row: YarnRow) =>
    found.value.some(({ letter }) => letter === row.letter) || (row.used && row.always)
  rows.value = [
    ...rows.value.filter(({ isNew }) => !isNew).map((row) => ({ ...row, used: isWanted(row) })),
    ...comes,
  ]
}
</script>

<template>
  <div class="yarn-rows">
    <table>
      <thead>
        <tr>
          <th scope="col">Yarn</th>
          <th v-if="!isMosaic" scope="col">In every round</th>
          <th scope="col">Only so much</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows.filter(({ used }) => used || !isMosaic)" :key="row.letter">
          <td>
            <ElCheckbox
              :model-value="row.used"
              :disabled="isMosaic"
              @update:model-value="change(row.letter, { used: $event === true })"
              ><YarnDot :letter="row.letter" :colour="row.colour" :size="16" />{{ row.name
              }}{{ row.isNew ? ', new' : '' }}</ElCheckbox
            >
          </td>
          <td v-if="!isMosaic">
            <ElCheckbox
              :model-value="row.always"
              :disabled="!row.used"
              :aria-label="`${row.name} in every round`"
              @update:model-value="change(row.letter, { always: $event === true })"
            />
          </td>
          <td>
            <label class="yarn-grams"
              ><input
                type="text"
                inputmode="decimal"
                size="4"
                :value="row.grams ?? ''"
                :aria-label="`${row.name}, grams at the most`"
                :disabled="!row.used"
                @change="grams(row.letter, ($event.target as HTMLInputElement).value)"
              />
              g</label
            >
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="!isMosaic" class="note">{{ perRoundWords }}</p>
    <div class="yarn-find">
      <button type="button" class="button" @click="inHand">No more than is in hand</button>
    </div>
    <div v-if="!isMosaic" class="yarn-find">
      <WholeField v-model="many" label="Colours" :min="2" :max="LIMITS.yarns" />
      <button type="button" class="button" :disabled="!colours" @click="find">
        Find them in the picture
      </button>
    </div>
    <ul v-if="found.length > 0" class="yarn-found">
      <li v-for="one in found" :key="one.found">
        <YarnDot letter="" :colour="one.found" :size="16" />
        <template v-if="one.name">
          is nearest
          <YarnDot :letter="one.letter ?? ''" :colour="one.colour" :size="16" />
          {{ one.name }}, {{ printNumber(one.apart, 1) }} apart
        </template>
        <template v-else>has nothing near: a yarn of its own</template>
      </li>
    </ul>
  </div>
</template>

<style>
.yarn-rows table {
  width: 100%;
  border-collapse: collapse;
}
.yarn-rows th {
  padding: 2px 6px 4px 0;
  color: var(--ink-3);
  font-weight: 500;
  text-align: left;
}
.yarn-rows td {
  padding: 1px 6px 1px 0;
  border-top: 1px solid var(--line);
}
.yarn-rows .yarn-dot {
  margin-right: 6px;
  vertical-align: -3px;
}
.yarn-grams input {
  width: 58px;
  min-height: 28px;
  border: 1px solid var(--line-strong);
  border-radius: var(--radius);
  text-align: right;
}
.yarn-find {
  display: flex;
  gap: 8px;
  align-items: end;
  margin-top: 8px;
}
.yarn-found {
  display: grid;
  gap: 3px;
  margin: 8px 0 0;
  padding: 0;
  list-style: none;
}
</style>
