<script setup lang="ts">
import { computed } from 'vue'
import { baseInstead, baseOf, growthOf } from '@core/design'
import { baseFlatness } from '@core/fit'
import { lieOf } from '@core/shape'
import { abbrOf, stitchById } from '@core/stitch'
import { printNumber } from '@core/units'
import ChoiceOf from '@app/parts/ChoiceOf.vue'
import { footprintWords } from '@app/parts/footprint.ts'
import WholeField from '@app/parts/WholeField.vue'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import BasePlan from './BasePlan.vue'

/** The base from above, how it lies, and what is decided about it. */
const project = useProject()
const workshop = useWorkshop()
const units = computed(() => workshop.words.units)
const design = computed(() => project.design!)
const shownDerived = computed(() => project.shown!)
const shownDesign = computed(() => project.shownDesign!)
const base = computed(() => baseOf(design.value))
const growth = computed(() => growthOf(base.value))
/** The base when it is round, for what only a round one has. */
const round = computed(() => (base.value.kind === 'round-base' ? base.value : null))
const setBase = (values: Record<string, unknown>) =>
  project.edit({ name: 'setBase', args: { values } })
const kind = computed({
  get: () => base.value.kind,
  set: (value) =>
    project.edit({ name: 'setBase', args: { instead: baseInstead(base.value, value) } }),
})
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
    total: `${all.toLocaleString('en')} ${stitch}, ${footprintWords(shownDerived.value.tally.footprint, units.value)}`,
  }
})
const stagger = computed({
  get: () => round.value?.stagger ?? 'staggered',
  set: (value) => setBase({ stagger: value }),
})
const working = computed({
  get: () => design.value.working,
  set: (value) => project.edit({ name: 'setDesign', args: { working: value } }),
})
const plain = computed({
  get: () => (round.value === null || round.value.plainFrom === null ? 'none' : 'some'),
  set: (value: 'none' | 'some') =>
    setBase(
      value === 'none'
        ? { plainFrom: null, plainRounds: 0 }
        : {
            plainFrom: Math.max(1, Math.ceil(base.value.count / growth.value.increase / 2)),
            plainRounds: 1,
          },
    ),
})
</script>

<template>
  <section class="card base-card">
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
      <ChoiceOf
        v-model="kind"
        class="kinds"
        legend="Kind of base"
        :options="[
          { value: 'round-base', label: 'Round' },
          { value: 'oval-base', label: 'Oval' },
          {
            value: 'rectangle-base',
            label: 'Corners',
            title: 'A rectangle: three in one at each corner',
          },
        ]"
      />
      <WholeField
        v-if="'along' in base"
        label="Chain"
        :model-value="base.along"
        :min="3"
        :max="400"
        @update:model-value="setBase({ along: $event })"
      />
      <WholeField
        v-if="base.kind === 'oval-base'"
        label="In each end"
        :model-value="base.inEnd"
        :min="2"
        :max="3"
        @update:model-value="setBase({ inEnd: $event })"
      />
      <WholeField
        v-if="base.kind !== 'rectangle-base'"
        label="Every round"
        signed
        :model-value="base.increase"
        :min="base.kind === 'oval-base' ? 2 : 3"
        :max="base.kind === 'oval-base' ? 2 * base.inEnd : 40"
        @update:model-value="setBase({ increase: $event })"
      />
      <WholeField
        label="Last round"
        :model-value="base.count"
        :min="growth.first"
        :max="2000"
        @update:model-value="setBase({ count: $event })"
      />
      <div class="choices">
        <ChoiceOf
          v-if="round"
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
          v-if="round"
          v-model="plain"
          legend="Plain rounds between"
          :options="[
            { value: 'none', label: 'None plain' },
            { value: 'some', label: 'Some plain' },
          ]"
        />
      </div>
      <template v-if="round && round.plainFrom !== null">
        <WholeField
          label="From round"
          :model-value="round.plainFrom"
          :min="1"
          :max="200"
          @update:model-value="setBase({ plainFrom: $event })"
        />
        <WholeField
          label="Plain"
          hint="after each"
          :model-value="round.plainRounds"
          :min="1"
          :max="10"
          @update:model-value="setBase({ plainRounds: $event })"
        />
      </template>
    </div>
  </section>
</template>

<style>
.base-card {
  display: grid;
  grid-template-columns: 296px 1fr;
  gap: 0 14px;
  padding-right: 12px;
}
.base-card .base-side h2 {
  margin-bottom: 8px;
  font-weight: 600;
  font-size: 15px;
}
.base-card .figures {
  margin-top: 4px;
}
.base-card .lies {
  margin-top: 8px;
}
.base-card .measure-field {
  grid-template-columns: 76px 1fr;
}
.base-card .kinds {
  margin-bottom: 8px;
}
.base-card .choices {
  display: grid;
  gap: 6px;
  margin: 4px 0 8px;
}
.base-card .good {
  color: var(--good);
}
.base-card .warn {
  color: var(--warning);
}
</style>
