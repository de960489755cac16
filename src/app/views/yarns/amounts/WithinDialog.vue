<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import type { Design, Yarn } from '@core/design'
import { printNumber, printLength, printYarnLength } from '@core/units'
import MeasureField from '@app/parts/fields/MeasureField.vue'
import { readAmount } from '@app/parts/fields/read-typed.ts'
import YarnDot from '@app/parts/marks/YarnDot.vue'
import DialogEnd from '@app/parts/page/DialogEnd.vue'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import { latestOnly } from '@app/workers/client.ts'
import { deriver } from '@app/workers/workers.ts'

/** As large as so much yarn allows: of some yarns no more than so many balls; what would become of the bag is shown before it is done. */
const project = useProject()
const workshop = useWorkshop()
const open = ref(false)
const design = computed(() => project.design!)
const labelled = computed(() => design.value.yarns.filter(({ label }) => label !== null))
/** Balls at the most, of those yarns that are to do. */
const balls = ref(new Map<string, number>())
const next = shallowRef<Design | null>(null)
const problem = ref<string | null>(null)
const working = ref(false)
const metresOf = ({ letter, label }: Yarn) => (balls.value.get(letter) ?? 0) * label!.metres
const asking = latestOnly(
  ({
    bag,
    ceilings,
  }: {
    bag: NonNullable<typeof project.project>
    ceilings: Map<string, number>
  }) => deriver.ask((api) => api.within(bag, ceilings)),
  (answer) => {
    working.value = false
    next.value = answer.ok ? answer.value : null
    problem.value = answer.ok
      ? answer.value
        ? null
        : 'Even the smallest such bag takes more.'
      : answer.problem
  },
)
watch([open, balls], () => {
  if (!open.value) return project.endPreview()
  const ceilings = new Map(
    labelled.value
      .filter(({ letter }) => balls.value.has(letter))
      .map((yarn) => [yarn.letter, metresOf(yarn)]),
  )
  next.value = null
  if (ceilings.size === 0 || !project.project) return
  working.value = true
  asking.ask({ bag: project.project, ceilings })
})
const edit = computed(
  () =>
    next.value &&
    ({
      name: 'replace',
      args: { design: next.value, why: 'As large as the yarn allows' },
    } as const),
)
watch(edit, (one) => (one ? project.showPreview([one]) : project.endPreview()))
function begin() {
  const [first] = labelled.value
  balls.value = new Map(first ? [[first.letter, 1]] : [])
  open.value = true
}
function toggle(letter: string) {
  const all = new Map(balls.value)
  if (!all.delete(letter)) all.set(letter, 1)
  balls.value = all
}
function take() {
  if (edit.value) open.value = !project.edit(edit.value)
}
const words = computed(() => {
  const then = project.preview?.derived
  if (!then || !next.value) return ''
  const { units } = workshop.words
  const needs = then.needs
    .filter(({ letter }) => balls.value.has(letter))
    .map(({ name, high }) => `${name} at most ${printYarnLength(high, units)}`)
  return `${printLength(then.tally.aroundMm, units)} around and ${printLength(then.tally.heightMm, units)} tall, on ${then.tally.stitches} stitches. ${needs.join(', ')}.`
})
</script>

<template>
  <button type="button" class="button" :disabled="labelled.length === 0" @click="begin">
    One ball must do …
  </button>
  <ElDialog v-model="open" title="As large as the yarn allows" width="470" append-to-body>
    <form class="within-yarn" @submit.prevent="take">
      <p class="note">
        Of the yarns chosen no more than so many balls. Motifs stay whole; what can be stretched
        takes up the change.
      </p>
      <div v-for="yarn in labelled" :key="yarn.letter" class="one">
        <label>
          <input
            type="checkbox"
            :checked="balls.has(yarn.letter)"
            @change="toggle(yarn.letter)"
          /><YarnDot :letter="yarn.letter" :colour="yarn.colour" :size="18" />{{ yarn.name }}
        </label>
        <MeasureField
          v-if="balls.has(yarn.letter)"
          :label="`Balls of ${yarn.name} at most`"
          :text="printNumber(balls.get(yarn.letter)!, 2)"
          :value="balls.get(yarn.letter)!"
          :read="readAmount"
          :min="0.1"
          :max="500"
          @change="balls = new Map(balls).set(yarn.letter, $event)"
        />
      </div>
      <p class="num" role="status">{{ working ? 'Trying sizes …' : (problem ?? words) }}</p>
      <DialogEnd
        does="Make it this size"
        leaves="Not now"
        :disabled="next === null"
        @leave="open = false"
      />
    </form>
  </ElDialog>
</template>

<style>
.within-yarn .one {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
  align-items: center;
  min-height: 38px;
}
.within-yarn .one label {
  display: flex;
  gap: 6px;
  align-items: center;
}
</style>
