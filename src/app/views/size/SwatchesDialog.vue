<script setup lang="ts">
import { Close, Plus } from '@element-plus/icons-vue'
import { computed, ref } from 'vue'
import { bandOf, PLAIN, TAPESTRY } from '@core/band'
import { bandsOf, type Swatch, partsOf } from '@core/design'
import { bodyOf, gaugeIn, maybeOutsideClass } from '@core/ledger'
import { LIMITS } from '@core/part'
import { abbrOf, stitchById } from '@core/stitch'
import { parsePer, type Per, printNumber } from '@core/units'
import MeasureField from '@app/parts/fields/MeasureField.vue'
import { density, perRange, perText, usualOver } from '@app/parts/fields/gauge-typed.ts'
import { printMm, readAmount, readMm, readPercent } from '@app/parts/fields/read-typed.ts'
import StitchField from '@app/parts/fields/StitchField.vue'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import NewSwatch from './NewSwatch.vue'
import PhotoMeasure from './PhotoMeasure.vue'
import { useSwatches } from './use-swatches.ts'

/** All swatches of the bag, and which part takes its gauge from which. */
const open = defineModel<boolean>({ required: true })
const project = useProject()
const workshop = useWorkshop()
const { swatches, fresh, change, add, remove } = useSwatches()
const design = computed(() => project.design!)
const photo = ref(false)
/** A further swatch is being measured. */
const measuring = ref(false)
function take(figures: Partial<Swatch>) {
  add(fresh(figures))
  measuring.value = false
}
const usual = computed(() => usualOver(workshop.words.units))
const readPer = (typed: string) => parsePer(typed, usual.value.overMm)
/** What a swatch may be of: what every bag has, and what the bands of this one are worked in. */
const fabrics = computed(() => [
  ...new Map(
    [
      ...swatches.value.map(({ fabric }) => ({ key: fabric, name: 'A band that is gone' })),
      ...[PLAIN, TAPESTRY, ...bandsOf(design.value).map((part) => bandOf(part).fabric(part))],
    ].map((fabric) => [fabric.key, fabric]),
  ).values(),
])

const word = computed(() =>
  bodyOf(project.table!.derived.ledger).worked === 'rows' ? 'Rows' : 'Rounds',
)
/** The two measured figures of a swatch. */
const figuresOf = ({ stitches, stitchesOverMm, rows, rowsOverMm }: Swatch) => [
  {
    label: 'Stitches',
    per: { count: stitches, overMm: stitchesOverMm },
    values: ({ count, overMm }: Per) => ({ stitches: count, stitchesOverMm: overMm }),
  },
  {
    label: word.value,
    per: { count: rows, overMm: rowsOverMm },
    values: ({ count, overMm }: Per) => ({ rows: count, rowsOverMm: overMm }),
  },
]
function noteOf(swatch: Swatch): string | null {
  const outside = maybeOutsideClass(swatch, design.value.yarnClass)
  if (!outside) return null
  const [few, many] = outside.range
  return `${printNumber(outside.sc)} sc over 4 in; class ${design.value.yarnClass} has ${few} to ${many}. Right for a very firm or loose bag, else check class and count.`
}

const sources = { swatch: 'measured', derived: 'derived', estimate: 'estimated' } as const
/** Where each part has its gauge from. */
const parts = computed(() => {
  const { design, derived } = project.table!
  return partsOf(design).map((part) => {
    const gauge = gaugeIn(derived.ledger, part.id)
    const { overMm, words } = usual.value
    return {
      id: part.id,
      name: part.name,
      stitch: abbrOf(stitchById(part.stitch), workshop.words),
      figures: `${printNumber(overMm / gauge.stitchWidthMm)} × ${printNumber(overMm / gauge.rowHeightMm)} over ${words}`,
      source: sources[gauge.source],
      from: gauge.swatch === null ? '' : `swatch ${gauge.swatch + 1}`,
    }
  })
})
</script>

<template>
  <ElDialog v-model="open" title="Swatches" width="930" class="swatches" append-to-body>
    <p class="note">
      Every stitch, and tapestry with its carried strands, has its own gauge. A part without a
      swatch of its own takes the nearest: its width stays, its height goes by the stitch.
    </p>
    <ol>
      <li v-for="(swatch, at) in swatches" :key="at" class="swatch">
        <b class="num">{{ at + 1 }}</b>
        <StitchField
          label="Stitch"
          :model-value="swatch.stitch"
          @update:model-value="change(at, { stitch: $event })"
        />
        <div class="measure-field">
          <label :for="`fabric-${at}`">Fabric</label>
          <ElSelect
            :id="`fabric-${at}`"
            :model-value="swatch.fabric"
            aria-label="Fabric"
            @update:model-value="change(at, { fabric: $event })"
          >
            <ElOption v-for="{ key, name } in fabrics" :key="key" :value="key" :label="name" />
          </ElSelect>
        </div>
        <div class="measure-field">
          <label :for="`yarn-${at}`">Yarn</label>
          <ElSelect
            :id="`yarn-${at}`"
            :model-value="swatch.yarn ?? 'any'"
            aria-label="Yarn"
            @update:model-value="change(at, { yarn: $event === 'any' ? null : $event })"
          >
            <ElOption value="any" label="Any" />
            <ElOption
              v-for="yarn in design.yarns"
              :key="yarn.letter"
              :value="yarn.letter"
              :label="`${yarn.letter} ${yarn.name}`"
            />
          </ElSelect>
        </div>
        <MeasureField
          label="Hook"
          :text="printMm(swatch.hookMm)"
          :value="swatch.hookMm"
          :read="readMm"
          :min="0.5"
          :max="40"
          @change="change(at, { hookMm: $event })"
        />
        <MeasureField
          v-for="figure in figuresOf(swatch)"
          :key="figure.label"
          :label="figure.label"
          :text="perText(figure.per)"
          :value="figure.per"
          :read="readPer"
          :size="density"
          v-bind="perRange"
          @change="change(at, figure.values($event))"
        />
        <MeasureField
          label="Loaded"
          :text="swatch.stretch === null ? 'not tried' : `+ ${printNumber(swatch.stretch * 100)} %`"
          :value="swatch.stretch ?? 0"
          :read="readPercent"
          :min="0"
          :max="1"
          @change="change(at, { stretch: $event })"
        />
        <MeasureField
          label="Leans, sts a round"
          :text="swatch.lean === null ? 'not tried' : printNumber(swatch.lean, 2)"
          :value="swatch.lean ?? 0"
          :read="readAmount"
          :min="0"
          :max="1"
          @change="change(at, { lean: $event })"
        />
        <ElCheckbox
          :model-value="swatch.washed"
          label="Washed"
          @update:model-value="change(at, { washed: Boolean($event) })"
        />
        <button
          type="button"
          class="icon-button"
          :aria-label="`Take out swatch ${at + 1}`"
          @click="remove(at)"
        >
          <ElIcon :size="13"><Close /></ElIcon>
        </button>
        <p v-if="noteOf(swatch)" class="note unusual">{{ noteOf(swatch) }}</p>
      </li>
      <li v-if="measuring" class="swatch new">
        <b class="num">{{ swatches.length + 1 }}</b>
        <NewSwatch :word="word" @measured="take" />
        <p class="note">It counts when both figures are there.</p>
        <button
          type="button"
          class="icon-button"
          aria-label="Give the new swatch up"
          @click="measuring = false"
        >
          <ElIcon :size="13"><Close /></ElIcon>
        </button>
      </li>
    </ol>
    <div class="actions">
      <button
        type="button"
        class="button"
        :disabled="swatches.length >= LIMITS.swatches || measuring"
        @click="measuring = true"
      >
        <ElIcon><Plus /></ElIcon>Swatch
      </button>
      <button type="button" class="button" @click="photo = true">Measure from a picture …</button>
    </div>
    <h3>Where each part has its gauge from</h3>
    <table class="num">
      <tbody>
        <tr v-for="part in parts" :key="part.id">
          <th scope="row">{{ part.name }}</th>
          <td>{{ part.stitch }}</td>
          <td>{{ part.figures }}</td>
          <td>
            <span class="source" :class="part.source">{{ part.source }}</span> {{ part.from }}
          </td>
        </tr>
      </tbody>
    </table>
  </ElDialog>
  <PhotoMeasure v-model="photo" />
</template>

<style>
.swatches ol {
  display: grid;
  gap: 8px;
  margin: 10px 0;
  padding: 0;
  list-style: none;
}
.swatches .swatch {
  display: grid;
  grid-template-columns: 14px 80px 98px 108px 78px 116px 116px 84px auto auto;
  gap: 0 8px;
  align-items: end;
  padding-bottom: 8px;
  border-bottom: 1px solid var(--line);
}
.swatches .swatch.new {
  grid-template-columns: 14px 150px 150px 1fr auto;
}
.swatches .swatch > b {
  padding-bottom: 6px;
}
.swatches .measure-field {
  grid-template-columns: minmax(0, 1fr);
  gap: 2px;
  margin: 0;
  font-size: 12.5px;
}
.swatches .el-checkbox {
  margin: 0;
}
.swatches .unusual {
  grid-column: 2 / -1;
  margin-top: 4px;
  color: var(--warning);
}
.swatches .actions {
  display: flex;
  gap: 8px;
}
.swatches h3 {
  margin: 16px 0 6px;
  font-weight: 600;
  font-size: 14px;
}
.swatches table {
  width: 100%;
  border-collapse: collapse;
  font-size: 13px;
}
.swatches :is(td, th) {
  padding: 4px 8px;
  border-top: 1px solid var(--line);
  font-weight: 400;
  text-align: left;
}
.swatches .source {
  display: inline-block;
  padding: 0 8px;
  border-radius: 10px;
  background: #e3ece6;
}
.swatches .source:is(.derived, .estimated) {
  background: #f8e3c8;
  color: #5d3b00;
}
</style>
