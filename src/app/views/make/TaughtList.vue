<script setup lang="ts">
import { computed, ref } from 'vue'
import { swatchesTaught, taughtBy } from '@core/make'
import { ownId, useWorkshop } from '@app/stores/workshop.ts'
import { learnedWords } from '@app/parts/learned/learned-words.ts'
import { useMaking } from '@app/stores/making.ts'
import { useProject } from '@app/stores/project.ts'

/** What this bag taught, for others: each value with what it rests on, and none is kept unless she wants it. */
const making = useMaking()
const project = useProject()
const workshop = useWorkshop()
const taught = computed(() => {
  const { design, derived } = project.table!
  return taughtBy({ design, derived, log: making.log, hand: workshop.words.hand }).map((one) => ({
    one,
    ...learnedWords(one, workshop.words),
  }))
})
const left = ref<readonly number[]>([])
const isLeft = (at: number) => left.value.includes(at)
const toggle = (at: number) =>
  (left.value = isLeft(at) ? left.value.filter((one) => one !== at) : [...left.value, at])
const kept = ref(false)
function keep() {
  taught.value.forEach(({ one }, at) => {
    if (isLeft(at)) return
    const before = workshop.workshop.learned.find(
      (old) =>
        old.of === one.of &&
        old.stitch === one.stitch &&
        old.yarn === one.yarn &&
        old.from === one.from,
    )
    workshop.edit({ do: 'keep', drawer: 'learned', thing: { ...one, id: before?.id ?? ownId() } })
  })
  const chosen = taught.value.filter((_, at) => !isLeft(at)).map(({ one }) => one)
  for (const swatch of swatchesTaught(chosen))
    workshop.edit({ do: 'keep', drawer: 'swatches', thing: { ...swatch, id: ownId() } })
  kept.value = true
}
</script>

<template>
  <section v-if="taught.length > 0" class="taught-list num">
    <h2>What this bag taught</h2>
    <label v-for="({ what, rests }, at) in taught" :key="what">
      <input type="checkbox" :checked="!isLeft(at)" @change="toggle(at)" />
      <span
        ><b>{{ what }}</b> <small>{{ rests }}</small></span
      >
    </label>
    <button type="button" class="button" :disabled="kept" @click="keep">
      {{ kept ? 'Kept for other bags' : 'Keep it for other bags' }}
    </button>
  </section>
</template>

<style>
.taught-list {
  display: grid;
  gap: 6px;
  justify-items: start;
}
.taught-list h2 {
  font: 600 15px/1.2 var(--font-head);
}
.taught-list label {
  display: flex;
  gap: 8px;
  align-items: baseline;
}
.taught-list small {
  color: var(--ink-2);
}
</style>
