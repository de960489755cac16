<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Edit } from '@core/design'
import { afterRowOf, maybeMeasuredGauge, plannedOn } from '@core/make'
import type { Measure } from '@core/project'
import { printLength } from '@core/units'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import LengthField from '@app/parts/fields/LengthField.vue'
import { useMaking } from '@app/stores/making.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

/** What was measured on the bag: the gauge of the stitch it is worked in follows. */
const emit = defineEmits<{ look: [title: string, edits: readonly Edit[] | null] }>()
const making = useMaking()
const project = useProject()
const workshop = useWorkshop()
const row = computed(() => Math.max(0, making.on!.made - 1))
const piece = computed(() => making.on!.piece)
const planned = computed(() => plannedOn(piece.value, row.value))
const what = ref<Measure>('wide')
const mm = ref(Math.round(planned.value.wide))
const said = computed(() => printLength(planned.value[what.value], workshop.words.units))
const wide = computed(() => (piece.value.worked === 'rounds' ? 'laid flat' : 'wide'))
const words = computed(
  () => ({ wide: wide.value, tall: 'tall', loaded: 'tall as it hangs, filled' })[what.value],
)
const how: Readonly<Record<Measure, string>> = {
  ...{ wide: 'Measure away from the hook, and not stretched.' },
  ...{ tall: 'Measure away from the hook, and not stretched.' },
  loaded: 'Put in what it will carry, the loop on a marker, and let it hang a while.',
}
const titles: Readonly<Record<Measure, string>> = {
  ...{ wide: 'Gauge from the bag', tall: 'Gauge from the bag', loaded: 'Stretch from the bag' },
}
function choose(which: Measure) {
  what.value = which
  mm.value = Math.round(planned.value[which])
  emit('look', '', null)
}
function look() {
  const measured = { what: what.value, mm: mm.value, plannedMm: planned.value[what.value] }
  const at = { piece: piece.value.id, row: row.value }
  const edit = maybeMeasuredGauge(project.table!.design, making.ledger!, at, measured)
  const asked = `${titles[what.value]}: ${printLength(mm.value, workshop.words.units)} ${words.value}, planned ${said.value}`
  emit('look', asked, edit && [edit])
}
function keep() {
  making.note([
    {
      ...{ kind: 'measured', ...afterRowOf(making.on!, making.on!.made) },
      ...{ what: what.value, mm: mm.value, plannedMm: planned.value[what.value] },
    },
  ])
}
</script>

<template>
  <div class="measured-on-bag">
    <ChoiceOf
      :model-value="what"
      legend="What was measured"
      :options="[
        { value: 'wide', label: piece.worked === 'rounds' ? 'Laid flat' : 'Wide' },
        { value: 'tall', label: 'Tall' },
        { value: 'loaded', label: 'Tall, hanging filled' },
      ]"
      @update:model-value="choose"
    />
    <LengthField v-model="mm" :label="`Measured (${words})`" :min="1" :max="5000" />
    <p class="note num">Planned are {{ said }}. {{ how[what] }}</p>
    <button type="button" class="button" @click="look">What the rest comes to then</button>
    <button type="button" class="button" @click="keep">Only note it</button>
  </div>
</template>

<style>
.measured-on-bag {
  display: grid;
  gap: 6px;
  padding: 6px 0;
}
</style>
