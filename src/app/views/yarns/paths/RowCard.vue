<script setup lang="ts">
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import type { Piece } from '@core/ledger'
import { partOfRow } from '@core/ledger'
import type { YarnPaths } from '@core/paths'
import { rowLeading } from '@core/pattern'
import { rowWord } from '@core/terms'
import WholeField from '@app/parts/fields/WholeField.vue'
import { useProject } from '@app/stores/project.ts'

/** All that is done with the yarns in one row, in words for the hook in hand. */
const { piece, paths } = defineProps<{ piece: Piece; paths: YarnPaths }>()
const row = defineModel<number>({ required: true })
const project = useProject()
const router = useRouter()
const ledger = computed(() => project.shown!.derived.ledger)
const name = computed(() => rowWord(piece.worked))
const numbers = computed(() => [...piece.columns.number])
const number = computed({
  get: () => numbers.value[row.value]!,
  set: (wanted: number) => {
    const at = numbers.value.indexOf(wanted)
    if (at >= 0) row.value = at
  },
})
const lines = computed(() => rowLeading(ledger.value, piece, paths, row.value))
function toChart() {
  project.selectedPart = partOfRow(piece, row.value).id
  void router.push({ name: 'bands' })
}
</script>

<template>
  <div class="row-card">
    <h3>{{ name === 'row' ? 'Row' : 'Round' }} {{ number }} in words</h3>
    <WholeField
      v-model="number"
      :label="name === 'row' ? 'Row' : 'Round'"
      :min="numbers[0] ?? 1"
      :max="numbers.at(-1) ?? 1"
    />
    <p v-for="line in lines" :key="line" class="num">{{ line }}</p>
    <p v-if="lines.length === 0" class="note">
      One yarn, which goes on: nothing is changed, joined or cut.
    </p>
    <button type="button" class="link" @click="toChart">See it where it is drawn</button>
  </div>
</template>

<style>
.row-card {
  margin-top: 12px;
  padding-top: 10px;
  border-top: 1px solid var(--line);
  font-size: 13px;
}
.row-card h3 {
  margin-bottom: 6px;
  font: 650 15px/1.3 var(--font-head);
}
.row-card p {
  margin: 5px 0;
}
</style>
