<script setup lang="ts">
import { Close, Plus } from '@element-plus/icons-vue'
import { fileOpen } from 'browser-fs-access'
import { computed, ref } from 'vue'
import { unlikeColour } from '@core/colour'
import type { Strand } from '@core/design'
import { yarnsCsv, yarnsFromCsv } from '@core/file'
import { giveFile } from '@app/export/save.ts'
import { counted, printMasses } from '@core/units'
import type { LotInHand, YarnInHand } from '@core/workshop'
import LearnedList from '@app/parts/learned/LearnedList.vue'
import NameInput from '@app/parts/fields/NameInput.vue'
import YarnColour from '@app/parts/fields/YarnColour.vue'
import { useOffers } from '@app/parts/page/offers.ts'
import OutsidePage from '@app/parts/page/OutsidePage.vue'
import BallWord from '@app/parts/yarn/BallWord.vue'
import HandWord from '@app/parts/yarn/HandWord.vue'
import { usePromised } from '@app/stores/promised.ts'
import { ownId, useWorkshop } from '@app/stores/workshop.ts'

/** The yarns there are, for any bag: lot by lot, with part balls, and what of it is kept aside for bags. */
const workshop = useWorkshop()
const promised = usePromised()
void promised.refresh()
const units = computed(() => workshop.words.units)
const grams = (figure: number) => printMasses(figure, figure, units.value)
const lines = computed(() =>
  workshop.workshop.yarns.map((yarn) => {
    const kept = promised.all.filter(({ of }) => of === yarn.id)
    const known = new Set(yarn.lots.map(({ lot }) => lot))
    // What is promised of a lot that is not there any more is lacking.
    const gone = kept.filter(({ lot }) => !known.has(lot))
    const free = [
      ...yarn.lots.map((lot) => promised.free(yarn, lot)),
      ...gone.map((one) => -one.grams),
    ]
    return {
      yarn,
      bags: kept.map(({ bag, grams: some }) => `${bag} ${grams(some)}`),
      free: free.reduce((sum, one) => sum + Math.max(0, one), 0),
      lacks: free.reduce((sum, one) => sum + Math.max(0, -one), 0),
    }
  }),
)
const keep = (thing: YarnInHand) => workshop.edit({ do: 'keep', drawer: 'yarns', thing })
const set = (yarn: YarnInHand, values: Partial<YarnInHand>) => keep({ ...yarn, ...values })
const add = () =>
  keep({
    id: ownId(),
    name: `Yarn ${workshop.workshop.yarns.length + 1}`,
    colour: unlikeColour(workshop.workshop.yarns.map(({ colour }) => colour)),
    ...{ label: null, lots: [], yarnClass: null },
  })
const remove = (id: string) => workshop.edit({ do: 'remove', drawer: 'yarns', id })
/** A yarn in hand as a strand, by which its words go. */
const strandOf = (yarn: YarnInHand): Strand => ({
  ...{ name: yarn.name, label: yarn.label },
  lots: yarn.lots.map((lot) => ({ ...lot, of: null })),
})
const lotsOf = (lots: Strand['lots']): LotInHand[] =>
  lots.map(({ lot, grams: g }) => ({ lot, grams: g }))

const said = ref('')
async function bring() {
  const file = await fileOpen({ extensions: ['.csv'] }).catch(() => null)
  if (!file) return
  const read = yarnsFromCsv(await file.text(), ownId)
  if (!read.ok) return (said.value = read.problem)
  read.value.forEach(keep)
  said.value = `${counted(read.value.length, 'yarn')} more.`
}
const give = () =>
  giveFile({
    ...{ name: 'yarns-in-hand.csv', type: 'text/csv' },
    content: yarnsCsv(workshop.workshop.yarns),
  })
useOffers(() => [
  { title: 'Another yarn in hand', run: add },
  { title: 'Bring in a table of yarns', run: () => void bring() },
])
</script>

<template>
  <OutsidePage
    title="In hand"
    about="The yarns you have, lot by lot; what bags keep aside is not promised to another"
    columns="minmax(0, 1fr)"
  >
    <section class="card in-hand">
      <table class="num">
        <thead>
          <tr>
            <th colspan="2">Yarn</th>
            <th>A ball</th>
            <th>In hand</th>
            <th>Kept aside for</th>
            <th>Free</th>
            <th><span class="hidden-words">Take out</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="{ yarn, bags, free, lacks } in lines" :key="yarn.id">
            <td class="colour">
              <YarnColour
                :model-value="yarn.colour"
                :label="`Colour of ${yarn.name}`"
                @update:model-value="set(yarn, { colour: $event })"
              />
            </td>
            <td>
              <NameInput
                class="plain-input"
                :model-value="yarn.name"
                :aria-label="`Name of ${yarn.name}`"
                @update:model-value="set(yarn, { name: $event })"
              />
            </td>
            <td>
              <BallWord
                :strand="strandOf(yarn)"
                :yarn="{ ...yarn, letter: yarn.id }"
                @set="set(yarn, $event)"
              />
            </td>
            <td>
              <HandWord :strand="strandOf(yarn)" @set="set(yarn, { lots: lotsOf($event) })" />
            </td>
            <td class="aside-for">{{ bags.join(', ') || '–' }}</td>
            <td>
              {{ yarn.lots.length > 0 ? grams(free) : '–' }}
              <span v-if="lacks > 0.05" class="lacks">{{ grams(lacks) }} too much promised</span>
            </td>
            <td>
              <button
                type="button"
                class="icon-button"
                :aria-label="`Take out ${yarn.name}`"
                @click="remove(yarn.id)"
              >
                <ElIcon :size="14"><Close /></ElIcon>
              </button>
            </td>
          </tr>
        </tbody>
      </table>
      <p v-if="lines.length === 0" class="note">
        No yarn yet. What you keep here can be kept aside for bags, at their Yarns, under “In hand”.
      </p>
      <div class="acts">
        <button type="button" class="button" @click="add">
          <ElIcon><Plus /></ElIcon>Yarn
        </button>
        <button type="button" class="button" @click="bring">Bring in a table (CSV) …</button>
        <button type="button" class="button" :disabled="lines.length === 0" @click="give">
          Give out a table (CSV)
        </button>
        <span v-if="said" class="note" role="status">{{ said }}</span>
        <span v-if="promised.problem" class="note" role="alert">{{ promised.problem }}</span>
      </div>
    </section>
    <LearnedList />
  </OutsidePage>
</template>

<style>
.in-hand {
  overflow-x: auto;
}
.in-hand table {
  width: 100%;
  border-collapse: collapse;
  font-size: 13.5px;
}
.in-hand th,
.in-hand td {
  padding: 5px 8px;
  border-top: 1px solid var(--line);
  font-weight: 400;
  text-align: left;
}
.in-hand thead th {
  border: 0;
  color: var(--ink-3);
  font-size: 12px;
}
.in-hand .colour {
  width: 44px;
}
.in-hand .aside-for {
  color: var(--ink-2);
}
.in-hand .acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin-top: 10px;
}
.in-hand .lacks {
  display: block;
  color: var(--error);
  font-size: 12px;
}
</style>
