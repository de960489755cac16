<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { bandsOf, baseOf, roundsOf } from '@core/design'
import { isOpen } from '@core/bag'
import { resized } from '@core/fit'
import { bodyOf } from '@core/ledger'
import { rowWord } from '@core/terms'
import { counted, footprintWords, printLength, printYarnLength } from '@core/units'
import LengthField from '@app/parts/fields/LengthField.vue'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import DialogEnd from '@app/parts/page/DialogEnd.vue'

/** The whole bag in another size: what would become of it is shown, here and in spine and tally, before it is done. */
const project = useProject()
const workshop = useWorkshop()
const open = ref(false)
const design = computed(() => project.design!)
const size = ref({ aroundMm: 0, heightMm: 0 })
const next = computed(() => resized(design.value, size.value))
const edit = computed(
  () => ({ name: 'replace', args: { design: next.value, why: 'Resize the bag' } }) as const,
)
function begin() {
  const { aroundMm, heightMm } = design.value.want
  size.value = { aroundMm, heightMm }
  open.value = true
}
watch([open, edit], () => {
  if (open.value) project.showPreview([edit.value])
  else project.endPreview()
})
function take() {
  open.value = !project.edit(edit.value)
}

/** One panel that is not sewn has no way around. */
const flat = computed(() => isOpen(design.value))
const half = computed(() => (flat.value ? 2 : 1))
const length = (mm: number) => printLength(mm, workshop.words.units)
/** Figures now and then, line by line. */
const lines = computed(() => {
  const now = project.table!.derived
  const then = project.preview?.derived ?? now
  const line = (what: string, of: (one: typeof now) => string) => ({
    what,
    now: of(now),
    then: of(then),
  })
  const bands = bandsOf(design.value).map((band, i) => ({
    what: band.name,
    now: counted(roundsOf(band), word.value),
    then: counted(roundsOf(bandsOf(next.value)[i] ?? band), word.value),
  }))
  const all = [
    line('Stitches', ({ tally }) => String(tally.stitches)),
    line(flat.value ? 'Across' : 'Around', ({ tally }) => length(tally.aroundMm / half.value)),
    line('Tall', ({ tally }) => length(tally.heightMm)),
    line('From above', ({ tally }) => footprintWords(tally.footprint, workshop.words.units)),
    line('Yarn', ({ needs }) =>
      printYarnLength(
        needs.reduce((sum, { high }) => sum + high, 0),
        workshop.words.units,
      ),
    ),
    line('Snags', ({ snags }) =>
      String(snags.filter(({ severity }) => severity !== 'advice').length),
    ),
    ...(bandsOf(next.value).length === bands.length ? bands : []),
  ]
  return all.filter((one) => one.now !== one.then)
})
const base = computed(() => baseOf(next.value))
const word = computed(() => rowWord(bodyOf(project.table!.derived.ledger).worked))
</script>

<template>
  <button type="button" class="button" @click="begin">Resize …</button>
  <ElDialog
    v-model="open"
    title="The same bag in another size"
    width="470"
    class="resize"
    append-to-body
  >
    <form @submit.prevent="take">
      <LengthField
        :label="flat ? 'Across' : 'Around'"
        :model-value="size.aroundMm / half"
        :min="20 / half"
        :max="5000 / half"
        @update:model-value="size = { ...size, aroundMm: $event * half }"
      />
      <LengthField v-model="size.heightMm" label="Tall" :min="10" :max="3000" />
      <p class="note">
        Base and count follow the width, plain and striped bands the height. Motifs stay as they
        are.
      </p>
      <p v-if="lines.length === 0" class="note" role="status">
        Nothing would change: whole {{ word }}s and repeats come no nearer to
        {{ length(size.aroundMm / half) }}
        {{ flat ? 'across' : 'around' }} and {{ length(size.heightMm) }} tall.
      </p>
      <table v-else class="num">
        <thead>
          <tr>
            <th></th>
            <th>Now</th>
            <th>Then, on {{ base.count }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(line, i) in lines" :key="i" class="changed">
            <th scope="row">{{ line.what }}</th>
            <td>{{ line.now }}</td>
            <td>{{ line.then }}</td>
          </tr>
        </tbody>
      </table>
      <DialogEnd
        does="Make it this size"
        leaves="Not now"
        :disabled="lines.length === 0"
        @leave="open = false"
      />
    </form>
  </ElDialog>
</template>

<style>
.resize table {
  width: 100%;
  margin: 10px 0 14px;
  border-collapse: collapse;
  font-size: 13.5px;
}
.resize :is(td, th) {
  padding: 4px 8px;
  border-top: 1px solid var(--line);
  font-weight: 400;
  text-align: left;
}
.resize thead th {
  border: 0;
  color: var(--ink-2);
}
.resize .changed td:last-child {
  font-weight: 650;
}
</style>
