<script setup lang="ts">
import { computed } from 'vue'
import { baseOf, type RoundBasePart } from '@core/design'
import { baseFlatness } from '@core/fit'
import { lieOf } from '@core/shape'
import { abbrOf, stitchById } from '@core/stitch'
import { printLength, printNumber } from '@core/units'
import ChoiceOf from '@app/parts/ChoiceOf.vue'
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
      <WholeField
        label="Every round"
        signed
        :model-value="base.increase"
        :min="3"
        :max="40"
        @update:model-value="setBase({ increase: $event })"
      />
      <WholeField
        label="Last round"
        :model-value="base.count"
        :min="base.increase"
        :max="2000"
        @update:model-value="setBase({ count: $event })"
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
        <WholeField
          label="From round"
          :model-value="base.plainFrom"
          :min="1"
          :max="200"
          @update:model-value="setBase({ plainFrom: $event })"
        />
        <WholeField
          label="Plain"
          hint="after each"
          :model-value="base.plainRounds"
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
