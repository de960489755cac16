<script setup lang="ts">
import { computed } from 'vue'
import { finishWordsOf } from './finish-words.ts'
import TaughtList from './TaughtList.vue'
import { useMaking } from '@app/stores/making.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

/** A piece is worked: how its last row ends, and what comes next. */
const making = useMaking()
const project = useProject()
const workshop = useWorkshop()
const next = computed(() => making.works.find(({ made, piece }) => made < piece.rows) ?? null)
const finish = computed(() =>
  finishWordsOf(project.table!.derived, making.on!.piece.id, workshop.words),
)
</script>

<template>
  <section class="card done-card">
    <h1>{{ making.on!.called }} is worked.</h1>
    <p>{{ finish }}</p>
    <p v-if="!next">
      All pieces are made. What is sewn, woven in and fitted stands under
      <RouterLink :to="{ name: 'pattern' }">Pattern</RouterLink>.
    </p>
    <TaughtList v-if="!next" />
    <button v-if="next" type="button" class="button main" @click="making.goOn(next)">
      Go on with {{ next.called }}
    </button>
    <button type="button" class="button" @click="making.back('row')">Back into the last row</button>
  </section>
</template>

<style>
.done-card {
  display: grid;
  gap: 10px;
  justify-items: start;
}
.done-card h1 {
  font-size: 26px;
}
</style>
