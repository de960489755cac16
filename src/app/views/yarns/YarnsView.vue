<script setup lang="ts">
import { fittingOf } from '@core/fitting'
import { Close, Plus } from '@element-plus/icons-vue'
import { fileOpen } from 'browser-fs-access'
import { computed, defineAsyncComponent, ref } from 'vue'
import { lettersIn, partsOf, type Strand, type Yarn } from '@core/design'
import { readPalette } from '@core/file'
import { LIMITS } from '@core/part'
import { yarnClasses } from '@core/stitch'
import { counted, printYarnLength, yarnLengthFigure } from '@core/units'
import { weightWords, type YarnNeed } from '@core/yarn'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import NameInput from '@app/parts/fields/NameInput.vue'
import YarnColour from '@app/parts/fields/YarnColour.vue'
import YarnDot from '@app/parts/marks/YarnDot.vue'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import BallFields from './BallFields.vue'
import InHandField from './InHandField.vue'
import MeasuredYarn from './MeasuredYarn.vue'
import StrandRow from './StrandRow.vue'
import YarnsByPart from './YarnsByPart.vue'

/** The yarns of the bag: what each is, what is in hand, and how much each part takes of it. */
const YarnPathsView = defineAsyncComponent(() => import('./paths/YarnPathsView.vue'))
const view = ref<'amounts' | 'paths'>('amounts')
const project = useProject()
const workshop = useWorkshop()
const units = computed(() => workshop.words.units)
const design = computed(() => project.table!.design)
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
const set = (letter: string, values: Partial<Yarn>) =>
  project.edit({ name: 'setYarn', args: { letter, values } })
const addStrand = (yarn: Yarn) =>
  set(yarn.letter, {
    strands: [...yarn.strands, { name: 'Second strand', label: yarn.label, inHandGrams: null }],
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
const amount = (need: YarnNeed | undefined) =>
  need && need.metres > 0
    ? `${yarnLengthFigure(need.low, units.value)}–${printYarnLength(need.high, units.value)}`
    : 'not used'
const balls = (need: YarnNeed | undefined) =>
  need?.metres === 0 || !need
    ? ''
    : need.grams === null
      ? 'Fill in the label to see grams and balls.'
      : weightWords(need, need, units.value)!
const short = ({ need }: { need?: YarnNeed }) =>
  need && need.inHandMetres !== null && need.inHandMetres < need.high
</script>

<template>
  <div class="yarns-view" :class="view">
    <header>
      <h1>Yarns</h1>
      <ChoiceOf
        v-model="view"
        legend="What is seen of the yarns"
        :options="[
          { value: 'amounts', label: 'Amounts' },
          { value: 'paths', label: 'Paths' },
        ]"
      />
      <p>
        {{
          view === 'paths'
            ? 'What to carry, what to bring up, where to cut'
            : 'What each yarn is, how much of it is in hand, and what every part takes'
        }}
      </p>
    </header>
    <YarnPathsView v-if="view === 'paths'" />
    <template v-else>
      <section class="card list" aria-label="The yarns">
        <table class="num">
          <thead>
            <tr>
              <th colspan="2">Yarn</th>
              <th>Class</th>
              <th>A ball</th>
              <th>In hand</th>
              <th>Needed</th>
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
              <td class="class">
                <ElSelect
                  class="thick"
                  :model-value="yarn.yarnClass ?? 0"
                  :aria-label="`Weight class of ${yarn.name}, all strands together`"
                  @update:model-value="
                    (value: number) => set(yarn.letter, { yarnClass: value === 0 ? null : value })
                  "
                >
                  <ElOption :value="0" label="as the bag" />
                  <ElOption
                    v-for="one in yarnClasses"
                    :key="one.number"
                    :value="one.number"
                    :label="`${one.number}, ${one.name}`"
                  />
                </ElSelect>
              </td>
              <td class="label">
                <div class="ball">
                  <BallFields
                    :label="yarn.label"
                    :of="yarn.name"
                    @set="set(yarn.letter, { label: $event })"
                  />
                </div>
              </td>
              <td class="hand">
                <InHandField
                  :grams="yarn.inHandGrams"
                  :label="yarn.label"
                  :of="yarn.name"
                  @set="set(yarn.letter, { inHandGrams: $event })"
                />
              </td>
              <td class="need">
                <b>{{ amount(need) }}</b> <span v-if="short({ need })" class="short">short</span>
                <span class="note">{{ balls(need) }}</span>
              </td>
              <td class="ends">
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
              :needed="balls(need?.strands[at] && { ...need, ...need.strands[at] })"
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
        <span v-if="said" class="note" role="status">{{ said }}</span>
      </section>
      <YarnsByPart :rows="rows" />
      <MeasuredYarn />
    </template>
  </div>
</template>

<style>
.yarns-view {
  display: grid;
  flex: 1;
  grid-template: auto auto minmax(0, 1fr) / minmax(0, 1fr) 262px;
  gap: 12px 16px;
  align-content: start;
  padding: 16px 20px;
}
.yarns-view > header,
.yarns-view .list {
  grid-column: 1 / -1;
}
.yarns-view.paths {
  grid-template-rows: auto minmax(0, 1fr);
  min-height: 0;
}
.yarns-view > header .choice {
  flex: none;
  align-self: center;
}
.yarns-view > header {
  flex-wrap: wrap;
}
.yarns-view > header {
  display: flex;
  gap: 14px;
  align-items: baseline;
}
.yarns-view > header p {
  color: var(--ink-2);
  font-size: 13px;
}
.yarns-view table {
  width: 100%;
  border-collapse: collapse;
  font-size: 13px;
}
.yarns-view thead th {
  padding: 0 8px 4px;
  color: var(--ink-3);
  font-weight: 400;
  font-size: 12px;
  text-align: left;
}
.yarns-view td,
.yarns-view tbody th {
  padding: 5px 8px;
  border-top: 1px solid var(--line);
  font-weight: 400;
  text-align: left;
}
.yarns-view .list {
  overflow-x: auto;
  padding-bottom: 10px;
}
.yarns-view .list .button {
  margin: 6px 6px 0 0;
}
.yarns-view .list .measure-field {
  grid-template-columns: minmax(62px, 78px);
  margin: 0;
}
.yarns-view .list .measure-field label {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
.yarns-view .list .hand .measure-field {
  grid-template-columns: minmax(84px, 96px);
}
.yarns-view .ball {
  display: flex;
  gap: 6px;
}
.yarns-view .colour {
  width: 44px;
  padding-right: 0;
}
.yarns-view .who {
  display: flex;
  gap: 8px;
  align-items: center;
}
.yarns-view .need b,
.yarns-view .need .note {
  white-space: nowrap;
}
.yarns-view .named .plain-input {
  width: 100%;
  min-width: 96px;
}
.yarns-view .short {
  padding: 1px 7px;
  border-radius: 9px;
  background: #f8e3c8;
  color: #5d3b00;
  font-size: 11.5px;
}
@media (max-width: 1000px), (max-height: 640px) {
  .yarns-view.paths {
    flex: none;
  }
}
@media (max-width: 1000px) {
  .yarns-view {
    grid-template: auto / minmax(0, 1fr);
  }
}
.yarns-view .thick {
  width: 112px;
}
/* Where a yarn has no room on one line, it has two, and its headings go. */
@media (max-width: 720px) {
  .yarns-view thead {
    position: absolute;
    clip-path: inset(50%);
  }
  .yarns-view .list tbody tr {
    display: grid;
    grid-template-columns: 34px 1fr 1fr auto;
    align-items: center;
    padding: 6px 0;
    border-top: 1px solid var(--line);
  }
  .yarns-view .list td {
    padding: 3px 4px;
    border: 0;
  }
  .yarns-view .list .named {
    grid-column: 2 / 4;
  }
  .yarns-view .list .ends {
    grid-row: 1;
    grid-column: 4;
  }
  .yarns-view .list .class,
  .yarns-view .list .need {
    grid-column: 2 / 5;
  }
  .yarns-view .list .label {
    grid-column: 2 / 3;
  }
}
</style>
