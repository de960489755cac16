<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { countsWords } from '@core/fit'
import {
  type DrawnPattern,
  drawnOf,
  families,
  type Family,
  type OwnDraft,
  patternOf,
  type StitchPattern,
  stitchesOf,
} from '@core/texture'
import { checker } from '@app/workers/workers.ts'
import PatternTile from './PatternTile.vue'

/** Every pattern as a piece of fabric, family by family: found by its name, or by the stitches it is to come out on. */
const { all, own, yarns } = defineProps<{
  all: readonly StitchPattern[]
  own: readonly OwnDraft[]
  yarns: readonly string[]
}>()
const chosen = defineModel<string>({ required: true })

/** Pictures of the drawer's, in rounds where they are worked so; drawn once. */
const drawn = shallowRef<ReadonlyMap<string, DrawnPattern['chart']>>(new Map())
const problem = ref<string | null>(null)
void Promise.all(
  (['rows', 'rounds'] as const).map((worked) => checker.ask((api) => api.textures(worked, []))),
).then(([rows, rounds]) => {
  if (!rows!.ok) problem.value = rows!.problem
  else if (rounds!.ok)
    drawn.value = new Map([...rows!.value, ...rounds!.value].map(({ id, chart }) => [id, chart]))
})
/** Those of her own are drawn as they are typed. */
const ownDrawn = computed(() => {
  const of = own.map(patternOf)
  const both = [...drawnOf('flat', of), ...drawnOf('round', of)]
  return new Map(both.map(({ id, chart }) => [id, chart]))
})
const chartOf = ({ id, family }: StitchPattern) =>
  family === 'own' ? (ownDrawn.value.get(id) ?? null) : drawn.value.get(id)

const name = ref('')
const count = ref('')
const wanted = computed(() => {
  const number = Number(count.value.trim() || 0)
  return Number.isInteger(number) && number >= 0 && number <= 5000 ? number : null
})
/** Whether it comes out on so many stitches, in rounds or in rows. */
const comesOut = (one: StitchPattern, on: number) =>
  (['round', 'flat'] as const).some((way) => {
    if (!one[way]) return false
    const repeats = (on - stitchesOf(one, 0, way)) / one.multiple
    return Number.isInteger(repeats) && repeats >= 1
  })
const found = computed(() => {
  const words = name.value.trim().toLowerCase()
  const on = wanted.value ?? 0
  return all.filter(
    (one) =>
      `${one.name} ${families[one.family]} ${one.special}`.toLowerCase().includes(words) &&
      (on === 0 || comesOut(one, on)),
  )
})
const groups = computed(() =>
  (Object.keys(families) as Family[])
    .map((family) => ({
      ...{ family, title: families[family] },
      patterns: found.value.filter((one) => one.family === family),
    }))
    .filter(({ patterns, family }) => patterns.length > 0 || family === 'own'),
)
const said = computed(() => {
  if (problem.value) return problem.value
  if (wanted.value === null) return 'Stitches are a whole number, such as 120.'
  if (drawn.value.size === 0) return 'The fabric is being drawn …'
  return found.value.length === all.length
    ? `${all.length} patterns`
    : `${found.value.length} of ${all.length} patterns`
})
</script>

<template>
  <section class="card pattern-wall">
    <div class="finding">
      <label class="name"
        ><span>Find</span>
        <ElInput v-model="name" clearable placeholder="puff, rib, fan …" />
      </label>
      <label class="count"
        ><span>Comes out on</span>
        <ElInput
          v-model="count"
          clearable
          inputmode="numeric"
          placeholder="120"
          :aria-invalid="wanted === null"
        />
      </label>
      <div class="colours"><span aria-hidden="true">In</span><slot name="colours" /></div>
      <p class="note" role="status">{{ said }}</p>
    </div>
    <nav aria-label="Stitch patterns">
      <section v-for="group in groups" :key="group.family">
        <h2>{{ group.title }}</h2>
        <ul v-if="group.patterns.length">
          <li v-for="one in group.patterns" :key="one.id">
            <PatternTile
              :name="one.name"
              :note="
                countsWords(one.multiple, one.round ? stitchesOf(one, 0, 'round') : one.offset)
              "
              :chart="chartOf(one)"
              :yarns="yarns"
              :on="one.id === chosen"
              :aria-current="one.id === chosen"
              @click="chosen = one.id"
            />
          </li>
        </ul>
        <slot v-if="group.family === 'own'" />
      </section>
    </nav>
  </section>
</template>

<style>
.pattern-wall {
  display: flex;
  flex-direction: column;
  min-height: 0;
  padding: 12px 0 0;
}
.pattern-wall .finding {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 16px;
  align-items: center;
  padding: 0 14px 10px;
  border-bottom: 1px solid var(--line);
}
.pattern-wall .finding label,
.pattern-wall .finding .colours {
  display: flex;
  gap: 7px;
  align-items: center;
  font-size: 13px;
}
.pattern-wall .finding .name .el-input {
  width: 150px;
}
.pattern-wall .finding .count .el-input {
  width: 84px;
}
.pattern-wall nav {
  overflow: auto;
  padding: 0 14px 14px;
}
.pattern-wall h2 {
  margin: 12px 0 6px;
  font-size: 15px;
}
.pattern-wall ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(132px, 1fr));
  gap: 8px;
  margin: 0;
  padding: 0;
  list-style: none;
}
@media (max-width: 900px) {
  .pattern-wall {
    max-height: 60vh;
  }
}
@media (max-width: 480px) {
  .pattern-wall ul {
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 6px;
  }
}
</style>
