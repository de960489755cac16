<script setup lang="ts">
import { computed } from 'vue'
import type { Swatch } from '@core/design'
import { parsePer, type Per } from '@core/units'
import MeasureField from '@app/parts/fields/MeasureField.vue'
import { density, perRange, perText, usualOver } from '@app/parts/fields/gauge-typed.ts'
import { useDraft } from '@app/parts/fields/use-draft.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

/** A swatch that is being measured: it is one when both its figures were typed; until then the gauge stays what it is. */
const { word } = defineProps<{ word: 'Rounds' | 'Rows' }>()
const emit = defineEmits<{
  measured: [figures: Pick<Swatch, 'stitches' | 'stitchesOverMm' | 'rows' | 'rowsOverMm'>]
}>()
const project = useProject()
const workshop = useWorkshop()
const usual = computed(() => usualOver(workshop.words.units))
const readPer = (typed: string) => parsePer(typed, usual.value.overMm)
const { values, set } = useDraft<{ stitches: Per; rows: Per }>(
  ['stitches', 'rows'],
  () => null,
  ({ stitches, rows }) =>
    emit('measured', {
      ...{ stitches: stitches.count, stitchesOverMm: stitches.overMm },
      ...{ rows: rows.count, rowsOverMm: rows.overMm },
    }),
)
const fields = computed(() => {
  const { stitchWidthMm, rowHeightMm } = project.table!.derived.gauge
  const { overMm } = usual.value
  const likely = (mm: number) => perText({ count: Math.round(overMm / mm), overMm })
  return [
    { key: 'stitches', label: 'Stitches', likely: likely(stitchWidthMm) },
    { key: 'rows', label: word, likely: likely(rowHeightMm) },
  ] as const
})
const none: Per = { count: 0, overMm: 1 }
</script>

<template>
  <MeasureField
    v-for="{ key, label, likely } in fields"
    :key="key"
    :label="label"
    :text="values[key] ? perText(values[key]) : ''"
    :value="values[key] ?? none"
    :read="readPer"
    :size="density"
    :likely="likely"
    v-bind="perRange"
    @change="set({ [key]: $event })"
  />
</template>
