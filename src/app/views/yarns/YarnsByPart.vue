<script setup lang="ts">
import { computed } from 'vue'
import { calledOf, type Yarn } from '@core/design'
import { printYarnLength } from '@core/units'
import type { YarnNeed } from '@core/yarn'
import YarnDot from '@app/parts/marks/YarnDot.vue'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

/** What every part takes of each yarn. */
defineProps<{ rows: readonly { readonly yarn: Yarn; readonly need: YarnNeed | undefined }[] }>()
const project = useProject()
const workshop = useWorkshop()
const units = computed(() => workshop.words.units)
const derived = computed(() => project.table!.derived)
const called = computed(() => calledOf(project.table!.design))
const parts = computed(() =>
  [
    ...new Map(
      [
        ...derived.value.ledger.pieces.flatMap(({ parts }) => parts),
        ...derived.value.ledger.items.map(({ item }) => item),
      ].map((part) => [part.id, part]),
    ).values(),
  ].reverse(),
)
const metresIn = (need: YarnNeed | undefined, part: string) =>
  need?.parts.find((one) => one.part === part)?.metres ?? 0
const most = computed(() =>
  Math.max(1, ...derived.value.needs.flatMap((need) => need.parts.map(({ metres }) => metres))),
)
</script>

<template>
  <section class="card by-part" tabindex="0" aria-label="What every part takes of each yarn">
    <h2>By part <small>metres worked, carried, trailed and left as tails</small></h2>
    <table class="num">
      <thead>
        <tr>
          <th>Part</th>
          <th v-for="{ yarn } in rows" :key="yarn.letter">
            <YarnDot :letter="yarn.letter" :colour="yarn.colour" :size="18" />
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="part in parts" :key="part.id">
          <th scope="row">{{ called.get(part.id) ?? part.name }}</th>
          <td v-for="{ yarn, need } in rows" :key="yarn.letter">
            <template v-if="metresIn(need, part.id) > 0">
              <span class="bar" aria-hidden="true"
                ><i
                  :style="{
                    width: `${(100 * metresIn(need, part.id)) / most}%`,
                    background: yarn.colour,
                  }"
              /></span>
              {{ printYarnLength(metresIn(need, part.id), units) }}
            </template>
            <span v-else class="none">–</span>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style>
.yarns-view .by-part {
  overflow: auto;
  padding-bottom: 4px;
}
.yarns-view .bar {
  display: block;
  width: 60px;
  height: 6px;
  margin-bottom: 1px;
  border-radius: 3px;
  background: #e6e9e3;
}
.yarns-view .bar i {
  display: block;
  height: 100%;
  border-radius: 3px;
  box-shadow: inset 0 0 0 1px rgb(0 0 0 / 18%);
}
.yarns-view .none {
  color: var(--ink-3);
}
</style>
