<script setup lang="ts">
import { Close, Plus } from '@element-plus/icons-vue'
import { computed } from 'vue'
import { groundOf } from '@core/chart'
import { baseOf, isBaseKind, partById, roundsOf, type Stripe } from '@core/design'
import { constructionOf } from '@core/shape'
import ChoiceOf from '@app/parts/ChoiceOf.vue'
import MakingFields from '@app/parts/MakingFields.vue'
import StitchField from '@app/parts/StitchField.vue'
import WholeField from '@app/parts/WholeField.vue'
import { steady } from '@app/parts/steady.ts'
import { useProject } from '@app/stores/project.ts'
import WrittenFields from './WrittenFields.vue'
import YarnSelect from './YarnSelect.vue'

/** What is decided about the selected part. */
const project = useProject()
/** The part, of its chart only the size: painting changes nothing here. */
const part = steady(() => {
  const one = partById(project.design!, project.selectedPart!)
  if (one.kind !== 'tapestry') return one
  const { width, colours } = one.chart
  return { ...one, chart: { width, height: colours.length } }
})
const set = (values: Record<string, unknown>) =>
  project.edit({ name: 'setPart', args: { id: part.value.id, values } })
/** Whether the bands are worked in rows. */
const rows = computed(() => constructionOf(baseOf(project.design!)).worked === 'rows')
const own = computed({
  get: () => (part.value.making ? 'own' : 'bag'),
  set: (value) => set({ making: value === 'own' ? project.design!.making : null }),
})
const setStripes = (change: (stripes: Stripe[]) => Stripe[]) => {
  if (part.value.kind === 'stripes') set({ stripes: change([...part.value.stripes]) })
}
const setStripe = (i: number, values: Partial<Stripe>) =>
  setStripes((stripes) => stripes.map((stripe, s) => (s === i ? { ...stripe, ...values } : stripe)))
const addStripe = () =>
  setStripes((stripes) => [
    ...stripes,
    { yarn: stripes.at(-2)?.yarn ?? stripes[0]!.yarn, rounds: 2 },
  ])

/** Blank columns and rows come in the ground of the chart. */
function resize(width: number, height: number) {
  const one = partById(project.design!, part.value.id)
  if (one.kind === 'tapestry')
    project.edit({
      name: 'resizeChart',
      args: { id: one.id, width, height, letter: groundOf(one.chart) },
    })
}
function rename(event: Event) {
  const name = (event.target as HTMLInputElement).value.trim()
  if (name) set({ name })
}
</script>

<template>
  <section class="part-editor card" :aria-label="`What is decided about ${part.name}`">
    <div class="measure-field">
      <label for="part-name">Name</label>
      <div class="box">
        <input id="part-name" :value="part.name" maxlength="60" @change="rename" />
      </div>
    </div>
    <StitchField
      label="Stitch"
      :model-value="part.stitch"
      @update:model-value="set({ stitch: $event })"
    />
    <div v-if="'yarn' in part" class="measure-field">
      <label for="part-yarn">Yarn</label>
      <YarnSelect
        id="part-yarn"
        :model-value="part.yarn"
        label="Yarn"
        @update:model-value="set({ yarn: $event })"
      />
    </div>
    <template v-if="part.kind === 'plain'">
      <WholeField
        label="Rounds"
        :model-value="part.rounds"
        :min="1"
        :max="1000"
        @update:model-value="set({ rounds: $event })"
      />
      <WholeField
        label="Even out"
        signed
        :model-value="part.adjust"
        :min="-2000"
        :max="2000"
        @update:model-value="set({ adjust: $event })"
      />
      <WholeField
        v-if="part.adjust !== 0 && part.rounds > 1"
        label="Shared by"
        :hint="part.steps === 1 ? 'the last' : 'rounds'"
        :model-value="part.steps"
        :min="1"
        :max="part.rounds"
        @update:model-value="set({ steps: $event })"
      />
    </template>
    <template v-else-if="part.kind === 'stripes'">
      <p class="note head">Stripes, from below · {{ roundsOf(part) }} rounds</p>
      <ol class="stripes">
        <li v-for="(stripe, i) in part.stripes" :key="i">
          <YarnSelect
            :model-value="stripe.yarn"
            :label="`Yarn of stripe ${i + 1}`"
            @update:model-value="setStripe(i, { yarn: $event })"
          />
          <WholeField
            :label="`Rounds of stripe ${i + 1}`"
            :model-value="stripe.rounds"
            :min="1"
            :max="1000"
            @update:model-value="setStripe(i, { rounds: $event })"
          />
          <button
            type="button"
            class="icon-button"
            :disabled="part.stripes.length === 1"
            :aria-label="`Take out stripe ${i + 1}`"
            @click="setStripes((stripes) => stripes.filter((_, s) => s !== i))"
          >
            <ElIcon :size="13"><Close /></ElIcon>
          </button>
        </li>
      </ol>
      <button type="button" class="button" @click="addStripe">
        <ElIcon><Plus /></ElIcon>Stripe
      </button>
    </template>
    <template v-else-if="part.kind === 'tapestry'">
      <WholeField
        label="Repeat"
        :model-value="part.chart.width"
        :min="1"
        :max="1000"
        @update:model-value="resize($event, part.chart.height)"
      />
      <WholeField
        label="Rounds"
        :model-value="part.chart.height"
        :min="1"
        :max="1000"
        @update:model-value="resize(part.chart.width, $event)"
      />
      <WholeField
        label="Worked"
        :model-value="part.times"
        :min="1"
        :max="100"
        :hint="part.times === 1 ? 'time' : 'times'"
        @update:model-value="set({ times: $event })"
      />
      <WholeField
        v-if="rows"
        label="To balance"
        hint="columns"
        :model-value="part.balance"
        :min="0"
        :max="part.chart.width - 1"
        @update:model-value="set({ balance: $event })"
      />
    </template>
    <WrittenFields v-else-if="part.kind === 'written'" :key="part.id" :part="part" />
    <template v-if="!isBaseKind(part.kind) && !rows">
      <ChoiceOf
        v-model="own"
        legend="How its rounds are worked"
        :options="[
          { value: 'bag', label: 'Like the bag' },
          { value: 'own', label: 'Own way' },
        ]"
      />
      <MakingFields
        v-if="part.making"
        :model-value="part.making"
        @update:model-value="set({ making: $event })"
      />
    </template>
    <p v-if="isBaseKind(part.kind)" class="note">
      Its increases and its size are under <RouterLink :to="{ name: 'size' }">Size</RouterLink>.
    </p>
  </section>
</template>

<style>
.part-editor {
  flex: 0 0 auto;
  overflow: auto;
  max-height: 60%;
  padding: 11px 12px 6px;
}
.part-editor .measure-field {
  grid-template-columns: 56px minmax(0, 1fr);
}
.part-editor .head {
  margin: 4px 0;
}
.part-editor .stripes {
  display: grid;
  gap: 5px;
  margin: 0 0 6px;
  padding: 0;
  list-style: none;
}
.part-editor .stripes li {
  display: grid;
  grid-template-columns: 66px minmax(0, 1fr) 24px;
  gap: 4px;
  align-items: center;
}
.part-editor .stripes .measure-field {
  grid-template-columns: minmax(0, 1fr);
  margin: 0;
}
.part-editor .stripes label {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
.part-editor .stripes .icon-button {
  width: 24px;
}
.part-editor .button {
  margin-bottom: 6px;
}
</style>
