<script setup lang="ts">
import { rowWord } from '@core/terms'
import { computed, ref, watch } from 'vue'
import { type BandPart, bandOf } from '@core/band'
import { counted } from '@core/units'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import { useProject } from '@app/stores/project.ts'

/** How a charted band is worked. Another way keeps the picture; what changes with it is told. */
const { part } = defineProps<{ part: BandPart }>()
const project = useProject()
const techniques = [
  { value: 'tapestry', label: 'Tapestry', title: 'Each stitch in the yarn of its cell' },
  { value: 'overlay', label: 'Overlay mosaic', title: 'One row a row of the chart, with drops' },
  { value: 'inset', label: 'Inset mosaic', title: 'Two rows a row of the chart, over chains' },
] as const
type Technique = (typeof techniques)[number]['value']
const worked = computed(() => project.ledgerPiece!.worked)

interface Told {
  readonly rows: number
  readonly ends: number
}
const now = (): Told => {
  const { tally } = project.table!.derived
  const place = project.ledgerPiece!.parts.find(({ id }) => id === part.id)
  return { rows: place ? place.endRow - place.firstRow : 0, ends: tally.ends }
}
const before = ref<Told | null>(null)
const said = ref('')
function choose(kind: Technique) {
  before.value = now()
  project.edit({ name: 'setTechnique', args: { id: part.id, kind, worked: worked.value } })
}
const technique = computed({
  get: (): Technique => bandOf(part).technique(part) ?? 'tapestry',
  set: choose,
})
watch(
  () => project.table,
  () => {
    if (!before.value) return
    const [was, is] = [before.value, now()]
    before.value = null
    const row = rowWord(worked.value)
    const misfits = bandOf(part).misfits(part, worked.value)
    said.value = [
      `Now ${counted(is.rows, row)} instead of ${was.rows}, and ${counted(is.ends, 'end')} instead of ${was.ends}.`,
      ...(misfits > 0 ? [`${counted(misfits, 'cell')} cannot be as drawn.`] : []),
    ].join(' ')
  },
)
watch(
  () => part.id,
  () => (said.value = ''),
)
</script>

<template>
  <ChoiceOf v-model="technique" legend="Technique" :options="techniques" />
  <p v-if="said" class="note" role="status">{{ said }}</p>
</template>
