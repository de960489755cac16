<script setup lang="ts">
import { computed, ref } from 'vue'
import { baseOf, type RoundBasePart, type Swatch } from '@core/design'
import { baseFlatness } from '@core/fit'
import { lieOf, sizeFor } from '@core/shape'
import { abbrOf, groundStitches, stitchById, yarnClasses } from '@core/stitch'
import {
  FOUR_INCHES,
  lengthInput,
  parsePer,
  printLength,
  printNumber,
  TEN_CM,
  type Per,
  type Result,
} from '@core/units'
import ChoiceOf from '@app/parts/ChoiceOf.vue'
import MeasureField from '@app/parts/MeasureField.vue'
import { lengthStep, printMm, readLengthIn, readMm, readWhole } from '@app/parts/fields.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import BasePlan from './BasePlan.vue'
import FitCard from './FitCard.vue'

/** What it must be, what the hook makes of it, and the counts at which everything comes out even. */
const project = useProject()
const workshop = useWorkshop()
const units = computed(() => workshop.words.units)
const design = computed(() => project.design!)
const derived = computed(() => project.derived!)
const shownDerived = computed(() => project.shown!)
const shownDesign = computed(() => project.shownDesign!)
const base = computed(() => baseOf(design.value))

// What it must be
const said = computed({
  get: () => design.value.want.said,
  set: (value) => setWant({ said: value }),
})
const half = computed(() => (said.value === 'flat' ? 2 : 1))
const setWant = (values: Partial<typeof design.value.want>) =>
  project.edit({ name: 'setDesign', args: { want: { ...design.value.want, ...values } } })
const tolerance = computed(() => `± ${printNumber(design.value.want.tolerance * 100)} %`)
const readPercent = (typed: string): Result<number> => {
  const share = Number(typed.replace(/[±%\s]/g, '').replace(',', '.')) / 100
  return share > 0
    ? { ok: true, value: share }
    : { ok: false, problem: 'How many per cent off may it be?' }
}
const contents = ref<{
  widthMm: number
  thicknessMm: number
  tallMm: number
  easeMm: number
} | null>(null)
const contentsFields = [
  { key: 'widthMm', label: 'Wide' },
  { key: 'thicknessMm', label: 'Thick' },
  { key: 'tallMm', label: 'Tall' },
  { key: 'easeMm', label: 'Ease' },
] as const
function takeContents() {
  if (contents.value) setWant(sizeFor(contents.value))
  contents.value = null
}

// The swatch
const measured = computed({
  get: (): 'swatch' | 'estimate' => (design.value.swatch ? 'swatch' : 'estimate'),
  set: (value) => {
    const over = units.value === 'metric' ? TEN_CM : FOUR_INCHES
    const { stitchWidthMm, rowHeightMm } = derived.value.gauge
    const swatch: Swatch = {
      stitch: base.value.stitch,
      stitches: Number((over / stitchWidthMm).toFixed(1)),
      stitchesOverMm: over,
      rows: Number((over / rowHeightMm).toFixed(1)),
      rowsOverMm: over,
    }
    project.edit({ name: 'setDesign', args: { swatch: value === 'swatch' ? swatch : null } })
  },
})
const perText = (count: number, overMm: number) =>
  `${printNumber(count, 2)} over ${overMm === FOUR_INCHES ? '4 in' : lengthInput(overMm, overMm % 10 === 0 ? 'metric' : units.value)}`
/** A gauge field reads a count over a length; what it holds is kept beside the number the field compares. */
let lastPer: Per = { count: 1, overMm: TEN_CM }
const readPer = (typed: string): Result<number> => {
  const read = parsePer(typed, units.value === 'metric' ? TEN_CM : FOUR_INCHES)
  if (!read.ok) return read
  lastPer = read.value
  return { ok: true, value: read.value.count / read.value.overMm }
}
const setSwatch = (values: Partial<Swatch>) =>
  project.edit({ name: 'setDesign', args: { swatch: { ...design.value.swatch!, ...values } } })
const estimateWords = computed(() => {
  const { stitchWidthMm, spread } = derived.value.gauge
  const over = units.value === 'metric' ? TEN_CM : FOUR_INCHES
  return `About ${printNumber(over / stitchWidthMm)} stitches over ${units.value === 'metric' ? '10 cm' : '4 in'}, ± ${Math.round(spread * 100)} %. A swatch or the first rounds of the base will tell.`
})

// The base
const setBase = (values: Partial<RoundBasePart>) => project.edit({ name: 'setBase', args: values })
const flat = computed(() => baseFlatness(shownDesign.value))
const lies = computed(() => {
  const { flatness, flat: flatIncrease } = flat.value
  const off = Math.round(Math.abs(flatness - 1) * 100)
  const dead = `${printNumber(flatIncrease)} would be dead flat`
  const words = {
    flat: {
      good: true,
      title: 'Lies flat.',
      text: `${dead}: ${off} % ${flatness > 1 ? 'over' : 'under'}, no ruffle.`,
    },
    cups: {
      good: false,
      title: 'Cups.',
      text: `${dead}: ${off} % under, so it turns up into a bowl.`,
    },
    ruffles: { good: false, title: 'Ruffles.', text: `${dead}: ${off} % over, so its edge waves.` },
  }
  return words[lieOf(flatness)]
})
const baseWords = computed(() => {
  const piece = shownDerived.value.ledger.pieces[0]!
  const { endRow } = piece.parts[0]!
  const { makes } = piece.columns
  const all = makes.subarray(0, endRow).reduce((sum, n) => sum + n, 0)
  const stitch = abbrOf(stitchById(base.value.stitch), workshop.words)
  return {
    counts: `${endRow} rounds, ${makes[endRow - 1]} stitches`,
    total: `${all.toLocaleString('en')} ${stitch}, ⌀ ${printLength(shownDerived.value.tally.baseDiameterMm, units.value)}`,
  }
})
const stagger = computed({
  get: () => base.value.stagger,
  set: (value) => setBase({ stagger: value }),
})
const working = computed({
  get: () => design.value.working,
  set: (value) => project.edit({ name: 'setDesign', args: { working: value } }),
})
const plain = computed({
  get: () => (base.value.plainFrom === null ? 'none' : 'some'),
  set: (value: 'none' | 'some') =>
    setBase(
      value === 'none'
        ? { plainFrom: null, plainRounds: 0 }
        : {
            plainFrom: Math.max(1, Math.ceil(base.value.count / base.value.increase / 2)),
            plainRounds: 1,
          },
    ),
})
</script>

<template>
  <div class="size-view">
    <header>
      <h1>Size</h1>
      <p>
        What it must be, what your hook makes of it, and the counts at which everything comes out
        even
      </p>
    </header>
    <section class="card wanted">
      <h2>It must be</h2>
      <ChoiceOf
        v-model="said"
        legend="Which size is said"
        :options="[
          { value: 'around', label: 'Around' },
          { value: 'flat', label: 'Laid flat' },
        ]"
      />
      <div class="pair">
        <MeasureField
          :label="said === 'flat' ? 'Laid flat' : 'Around'"
          :text="lengthInput(design.want.aroundMm / half, units)"
          :value="design.want.aroundMm / half"
          :read="readLengthIn(units)"
          :step="lengthStep(units)"
          :min="20 / half"
          :max="5000 / half"
          @change="setWant({ aroundMm: $event * half })"
        />
        <MeasureField
          label="Tall"
          :text="lengthInput(design.want.heightMm, units)"
          :value="design.want.heightMm"
          :read="readLengthIn(units)"
          :step="lengthStep(units)"
          :min="10"
          :max="3000"
          @change="setWant({ heightMm: $event })"
        />
      </div>
      <div class="pair">
        <MeasureField
          label="Give or take"
          :text="tolerance"
          :value="design.want.tolerance"
          :read="readPercent"
          :step="0.01"
          :min="0.001"
          :max="0.5"
          @change="setWant({ tolerance: $event })"
        />
        <ElPopover
          trigger="click"
          :width="230"
          placement="right"
          @before-enter="contents = { widthMm: 240, thicknessMm: 60, tallMm: 250, easeMm: 20 }"
        >
          <template #reference
            ><button type="button" class="link note">Or start from what goes in</button></template
          >
          <form v-if="contents" class="contents" @submit.prevent="takeContents">
            <MeasureField
              v-for="{ key, label } in contentsFields"
              :key="key"
              :label="label"
              :text="lengthInput(contents[key], units)"
              :value="contents[key]"
              :read="readLengthIn(units)"
              :min="1"
              :max="1500"
              @change="contents[key] = $event"
            />
            <p class="note num">
              {{ printLength(sizeFor(contents).aroundMm, units) }} around,
              {{ printLength(sizeFor(contents).heightMm, units) }} tall
            </p>
            <button type="submit" class="button main">Take this size</button>
          </form>
        </ElPopover>
      </div>
      <h2 class="second">Gauge</h2>
      <ChoiceOf
        v-model="measured"
        legend="Where the gauge comes from"
        :options="[
          { value: 'swatch', label: 'A swatch' },
          { value: 'estimate', label: 'No swatch' },
        ]"
      />
      <div class="pair">
        <template v-if="design.swatch">
          <MeasureField
            label="Stitches"
            :text="perText(design.swatch.stitches, design.swatch.stitchesOverMm)"
            :value="design.swatch.stitches / design.swatch.stitchesOverMm"
            :read="readPer"
            :min="0.005"
            :max="2"
            @change="setSwatch({ stitches: lastPer.count, stitchesOverMm: lastPer.overMm })"
          />
          <MeasureField
            label="Rounds"
            :text="perText(design.swatch.rows, design.swatch.rowsOverMm)"
            :value="design.swatch.rows / design.swatch.rowsOverMm"
            :read="readPer"
            :min="0.005"
            :max="2"
            @change="setSwatch({ rows: lastPer.count, rowsOverMm: lastPer.overMm })"
          />
          <div class="measure-field">
            <label for="swatch-stitch">Worked in</label>
            <ElSelect
              id="swatch-stitch"
              aria-label="Stitch of the swatch"
              :model-value="design.swatch.stitch"
              @update:model-value="setSwatch({ stitch: $event })"
            >
              <ElOption
                v-for="stitch in groundStitches"
                :key="stitch.id"
                :value="stitch.id"
                :label="abbrOf(stitch, workshop.words)"
              />
            </ElSelect>
          </div>
        </template>
        <p v-else class="note estimate">{{ estimateWords }}</p>
        <MeasureField
          label="Hook"
          :text="printMm(design.hookMm)"
          :value="design.hookMm"
          :read="readMm"
          :step="0.5"
          :min="0.5"
          :max="40"
          @change="project.edit({ name: 'setDesign', args: { hookMm: $event } })"
        />
        <div class="measure-field">
          <label for="yarn-class">Yarn class</label>
          <ElSelect
            id="yarn-class"
            aria-label="Yarn class"
            :model-value="design.yarnClass"
            @update:model-value="project.edit({ name: 'setDesign', args: { yarnClass: $event } })"
          >
            <ElOption
              v-for="one in yarnClasses"
              :key="one.number"
              :value="one.number"
              :label="`${one.number}, ${one.name}`"
            />
          </ElSelect>
        </div>
      </div>
    </section>
    <section class="card base">
      <div>
        <BasePlan :design="shownDesign" :derived="shownDerived" :size="296" />
        <div class="lies">
          <p class="note">
            <b :class="lies.good ? 'good' : 'warn'">{{ lies.title }}</b> {{ lies.text }}
          </p>
          <p class="note num figures">{{ baseWords.counts }}<br />{{ baseWords.total }}</p>
        </div>
      </div>
      <div class="base-side">
        <h2>Base</h2>
        <MeasureField
          label="Every round"
          :text="`+ ${base.increase}`"
          :value="base.increase"
          :read="readWhole"
          :step="1"
          :min="3"
          :max="40"
          @change="setBase({ increase: $event })"
        />
        <MeasureField
          label="Last round"
          :text="String(base.count)"
          :value="base.count"
          :read="readWhole"
          :step="1"
          :min="base.increase"
          :max="2000"
          @change="setBase({ count: $event })"
        />
        <div class="choices">
          <ChoiceOf
            v-model="stagger"
            legend="Increases"
            :options="[
              {
                value: 'staggered',
                label: 'Staggered',
                title: 'Shifted from round to round, so the base stays round',
              },
              {
                value: 'stacked',
                label: 'Stacked',
                title: 'One above the other, which makes spokes and corners',
              },
            ]"
          />
          <ChoiceOf
            v-model="working"
            legend="Rounds"
            :options="[
              { value: 'spiral', label: 'Spiral' },
              { value: 'joined', label: 'Joined' },
            ]"
          />
          <ChoiceOf
            v-model="plain"
            legend="Plain rounds between"
            :options="[
              { value: 'none', label: 'None plain' },
              { value: 'some', label: 'Some plain' },
            ]"
          />
        </div>
        <template v-if="base.plainFrom !== null">
          <MeasureField
            label="From round"
            :text="String(base.plainFrom)"
            :value="base.plainFrom"
            :read="readWhole"
            :step="1"
            :min="1"
            :max="200"
            @change="setBase({ plainFrom: $event })"
          />
          <MeasureField
            label="Plain"
            :text="String(base.plainRounds)"
            :value="base.plainRounds"
            :read="readWhole"
            :step="1"
            :min="1"
            :max="10"
            hint="after each"
            @change="setBase({ plainRounds: $event })"
          />
        </template>
      </div>
    </section>
    <FitCard class="fits" />
  </div>
</template>

<style>
.size-view {
  display: grid;
  flex: 1;
  grid-template: auto auto minmax(180px, 1fr) / 286px 1fr;
  gap: 12px 16px;
  min-height: 0;
  padding: 16px 20px;
}
.size-view > header {
  display: flex;
  grid-column: 1 / -1;
  gap: 14px;
  align-items: baseline;
}
.size-view > header p {
  color: var(--ink-2);
  font-size: 13px;
}
.size-view .wanted {
  padding-bottom: 6px;
}
.size-view .pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0 12px;
  align-items: end;
}
.size-view .pair .measure-field {
  grid-template-columns: minmax(0, 1fr);
  gap: 2px;
}
.size-view .pair .measure-field > label {
  font-size: 12px;
}
.size-view .pair > .link {
  justify-self: start;
  margin-bottom: 12px;
  text-align: left;
}
.size-view .estimate {
  grid-column: 1 / -1;
  margin-bottom: 8px;
}
.size-view .fits {
  grid-column: 1 / -1;
}
.size-view .wanted .choice {
  margin-bottom: 8px;
}
.size-view .second {
  margin: 10px 0 8px;
}
.size-view .base {
  display: grid;
  grid-template-columns: 296px 1fr;
  gap: 0 14px;
  padding-right: 12px;
}
.size-view .base-side h2 {
  margin-bottom: 8px;
  font-weight: 600;
  font-size: 15px;
}
.size-view .base .figures {
  margin-top: 4px;
}
.size-view .lies {
  margin-top: 8px;
}
.size-view .base .measure-field {
  grid-template-columns: 76px 1fr;
}
.size-view .choices {
  display: grid;
  gap: 6px;
  margin: 4px 0 8px;
}
.size-view .good {
  color: var(--good);
}
.size-view .warn {
  color: var(--warning);
}
@media (max-width: 1000px) {
  .size-view {
    grid-template: auto auto auto auto / 1fr;
  }
  .size-view .wanted {
    grid-row: auto;
  }
}
</style>
