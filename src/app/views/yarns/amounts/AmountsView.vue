<script setup lang="ts">
import { fittingOf } from '@core/fitting'
import { Close, Plus } from '@element-plus/icons-vue'
import { fileOpen } from 'browser-fs-access'
import { computed, ref } from 'vue'
import { lettersIn, partsOf, type Strand, type Yarn } from '@core/design'
import { readPalette } from '@core/file'
import { LIMITS } from '@core/part'
import { counted } from '@core/units'
import type { YarnNeed } from '@core/yarn'
import NameInput from '@app/parts/fields/NameInput.vue'
import YarnColour from '@app/parts/fields/YarnColour.vue'
import YarnDot from '@app/parts/marks/YarnDot.vue'
import { useProject } from '@app/stores/project.ts'
import { usePromised } from '@app/stores/promised.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import AmountBars from './AmountBars.vue'
import AmountTable from './AmountTable.vue'
import BallWord from '@app/parts/yarn/BallWord.vue'
import BuyWord from './BuyWord.vue'
import HandWord from '@app/parts/yarn/HandWord.vue'
import InsteadWord from './InsteadWord.vue'
import KeepAside from './KeepAside.vue'
import MeasuredYarn from './MeasuredYarn.vue'
import type { Opened } from './opened.ts'
import { needWeightWords, needWords } from '@app/parts/yarn/saying-amounts.ts'
import StrandRow from './StrandRow.vue'
import PacksCard from './PacksCard.vue'
import SumCard from './SumCard.vue'
import WithinDialog from './WithinDialog.vue'

/** The yarns of the bag: what each is, what there is of it, what it takes and where that goes, and what is to be bought. */
const project = useProject()
const promised = usePromised()
const workshop = useWorkshop()
const units = computed(() => workshop.words.units)
// As it is now: what is typed one after the other goes on from it, also while figures are still worked out.
const design = computed(() => project.design!)
const derived = computed(() => project.table!.derived)

const rows = computed(() =>
  design.value.yarns.map((yarn) => ({
    yarn,
    need: derived.value.needs.find(({ letter }) => letter === yarn.letter),
    used:
      partsOf(design.value).some((part) => lettersIn(part).includes(yarn.letter)) ||
      design.value.items.some((item) => fittingOf(item).yarns(item).includes(yarn.letter)),
  })),
)
/** The sum that is opened: the first yarn's until another is. */
const wanted = ref<Opened | null>(null)
const opened = computed((): Opened | null => {
  const is = rows.value.find(({ yarn }) => yarn.letter === wanted.value?.letter)
  if (wanted.value && is?.need && is.need.metres > 0) return wanted.value
  const first = rows.value.find(({ need }) => need && need.metres > 0)
  return first ? { letter: first.yarn.letter, part: null } : null
})
const sum = computed(() => {
  const is = rows.value.find(({ yarn }) => yarn.letter === opened.value?.letter)
  return is?.need ? { yarn: is.yarn, need: is.need } : null
})

const set = (letter: string, values: Partial<Yarn>) =>
  project.edit({ name: 'setYarn', args: { letter, values } })
const addStrand = (yarn: Yarn) =>
  set(yarn.letter, {
    strands: [...yarn.strands, { name: 'Second strand', label: yarn.label, lots: [] }],
  })
const setStrand = (yarn: Yarn, at: number, values: Partial<Strand>) =>
  set(yarn.letter, {
    strands: yarn.strands.map((strand, i) => (i === at ? { ...strand, ...values } : strand)),
  })
/** What was said of a palette that was brought in. */
const said = ref('')
async function bring() {
  const file = await fileOpen({ extensions: ['.gpl', '.csv'] }).catch(() => null)
  if (!file) return
  const read = readPalette(await file.text())
  if (!read.ok) return (said.value = read.problem)
  const there = new Set(design.value.yarns.map(({ colour }) => colour))
  const fresh = read.value.filter(({ colour }) => !there.has(colour))
  const added = project.addYarns(fresh).length
  const left = fresh.length - added
  said.value = `${counted(added, 'yarn')} more.${left > 0 ? ` ${left} found no letter: a bag has ${LIMITS.yarns} at most.` : ''}`
}
/** The yarn that takes the place of another; none takes that of the only one. */
const maybeInstead = (letter: string) =>
  design.value.yarns.find((yarn) => yarn.letter !== letter)?.letter ?? null
function remove(letter: string) {
  const instead = maybeInstead(letter)
  if (instead) project.edit({ name: 'removeYarn', args: { letter, instead } })
}
const takeOutTitle = (letter: string, used: boolean) => {
  const instead = maybeInstead(letter)
  if (!instead) return 'A bag has one yarn at least'
  return used ? `Take out; ${instead} takes its place` : 'Take out'
}
const short = (need: YarnNeed | undefined) =>
  need !== undefined && need.inHandMetres !== null && need.inHandMetres < need.high
/** Grams that are surely needed of it; null where its label is not known. */
const gramsFor = (label: Yarn['label'], need: YarnNeed | undefined) =>
  label && need ? (need.high * label.grams) / label.metres : null
const strandWords = (need: YarnNeed | undefined, at: number) =>
  need?.strands[at] ? needWeightWords({ ...need, ...need.strands[at] }, units.value) : ''
</script>

<template>
  <div class="amounts">
    <section class="card list" aria-label="The yarns">
      <table class="num">
        <thead>
          <tr>
            <th colspan="2">Yarn</th>
            <th>A ball</th>
            <th>In hand</th>
            <th>Needed</th>
            <th>To buy</th>
            <th><span class="hidden-words">Take out</span></th>
          </tr>
        </thead>
        <tbody v-for="{ yarn, need, used } in rows" :key="yarn.letter">
          <tr>
            <td class="colour">
              <YarnColour
                :model-value="yarn.colour"
                :label="`Colour of ${yarn.name}`"
                :bag="design.yarns"
                @update:model-value="set(yarn.letter, { colour: $event })"
              />
            </td>
            <td class="named">
              <div class="who">
                <YarnDot :letter="yarn.letter" :colour="yarn.colour" />
                <NameInput
                  class="plain-input"
                  :model-value="yarn.name"
                  :aria-label="`Name of yarn ${yarn.letter}`"
                  @update:model-value="set(yarn.letter, { name: $event })"
                />
              </div>
            </td>
            <td class="label">
              <BallWord :strand="yarn" :yarn="yarn" @set="set(yarn.letter, $event)" />
            </td>
            <td class="hand">
              <HandWord
                :strand="yarn"
                :most="promised.mostOf"
                @set="set(yarn.letter, { lots: $event })"
              >
                <KeepAside
                  :strand="yarn"
                  :need-grams="gramsFor(yarn.label, need)"
                  @keep="(lots, label) => set(yarn.letter, { lots, label: yarn.label ?? label })"
                />
              </HandWord>
            </td>
            <td class="need">
              <b>{{ needWords(need, units) }}</b>
              <span v-if="short(need)" class="short">short</span>
              <span class="note">{{ needWeightWords(need, units) }}</span>
            </td>
            <td class="buy"><BuyWord v-if="need && need.metres > 0" :need="need" /></td>
            <td class="ends">
              <InsteadWord :yarn="yarn" :need="need" @set="set(yarn.letter, $event)" />
              <button
                type="button"
                class="icon-button"
                :disabled="yarn.strands.length >= LIMITS.strands"
                title="Hold another strand together with it"
                :aria-label="`Another strand with ${yarn.name}`"
                @click="addStrand(yarn)"
              >
                <ElIcon :size="14"><Plus /></ElIcon>
              </button>
              <button
                type="button"
                class="icon-button"
                :disabled="rows.length === 1"
                :title="takeOutTitle(yarn.letter, used)"
                :aria-label="`Take out ${yarn.name}`"
                @click="remove(yarn.letter)"
              >
                <ElIcon :size="14"><Close /></ElIcon>
              </button>
            </td>
          </tr>
          <StrandRow
            v-for="(strand, at) in yarn.strands"
            :key="at"
            :strand="strand"
            :need="need?.strands[at]"
            :needed="strandWords(need, at)"
            @set="setStrand(yarn, at, $event)"
            @remove="set(yarn.letter, { strands: yarn.strands.filter((_, i) => i !== at) })"
          />
        </tbody>
      </table>
      <button
        type="button"
        class="button"
        :disabled="rows.length >= LIMITS.yarns"
        @click="project.addYarns()"
      >
        <ElIcon><Plus /></ElIcon>Yarn
      </button>
      <button type="button" class="button" @click="bring">Bring in a palette …</button>
      <WithinDialog />
      <span v-if="said" class="note" role="status">{{ said }}</span>
    </section>
    <section class="card goes">
      <AmountBars :rows="rows" :opened="opened" @open="wanted = $event" />
      <AmountTable :rows="rows" :opened="opened" @open="wanted = $event" />
    </section>
    <div class="aside">
      <SumCard v-if="opened && sum" v-bind="sum" :opened="opened" @open="wanted = $event" />
      <MeasuredYarn />
      <PacksCard />
    </div>
  </div>
</template>

<style>
.amounts {
  display: grid;
  grid-template: auto minmax(0, 1fr) / minmax(0, 1fr) 262px;
  gap: 12px 14px;
  align-content: start;
}
.amounts .list {
  grid-column: 1 / -1;
  overflow-x: auto;
  padding-bottom: 10px;
}
.amounts .goes {
  display: grid;
  gap: 8px;
  align-content: start;
  overflow: hidden;
}
.amounts .aside {
  display: grid;
  gap: 12px;
  align-content: start;
}
.amounts table {
  width: 100%;
  border-collapse: collapse;
  font-size: 13px;
}
.amounts thead th {
  padding: 0 8px 4px;
  color: var(--ink-3);
  font-weight: 400;
  font-size: 12px;
  text-align: left;
}
.amounts .list td,
.amounts .goes td,
.amounts .goes tbody th {
  padding: 4px 8px;
  border-top: 1px solid var(--line);
  font-weight: 400;
  text-align: left;
}
.amounts .list .button {
  margin: 6px 6px 0 0;
}
.amounts .colour {
  width: 44px;
  padding-right: 0;
}
.amounts .who {
  display: flex;
  gap: 8px;
  align-items: center;
}
.amounts .need b,
.amounts .need .note {
  white-space: nowrap;
}
.amounts .need .note {
  display: block;
}
.amounts .named .plain-input {
  width: 100%;
  min-width: 96px;
}
.amounts .short {
  padding: 1px 7px;
  border-radius: 9px;
  background: #f8e3c8;
  color: #5d3b00;
  font-size: 11.5px;
}
@media (max-width: 1000px) {
  .amounts {
    grid-template: auto / minmax(0, 1fr);
  }
}
/* Where a yarn has no room on one line, it has two, and its headings go. */
@media (max-width: 720px) {
  .amounts .list thead {
    position: absolute;
    clip-path: inset(50%);
  }
  .amounts .list tbody tr {
    display: grid;
    grid-template-columns: 34px 1fr 1fr auto;
    align-items: center;
    padding: 6px 0;
    border-top: 1px solid var(--line);
  }
  .amounts .list td {
    padding: 3px 4px;
    border: 0;
  }
  .amounts .list .named {
    grid-column: 2 / 4;
  }
  .amounts .list .ends {
    grid-row: 1;
    grid-column: 4;
  }
  .amounts .list .label,
  .amounts .list .need {
    grid-column: 2;
  }
  .amounts .list .hand,
  .amounts .list .buy {
    grid-column: 3 / 5;
  }
}
</style>
