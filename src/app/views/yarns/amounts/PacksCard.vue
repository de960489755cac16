<script setup lang="ts">
import { Close } from '@element-plus/icons-vue'
import { computed } from 'vue'
import type { Pack } from '@core/design'
import { LIMITS } from '@core/part'
import { counted, listed, printNumber } from '@core/units'
import { packsFor } from '@core/yarn'
import MeasureField from '@app/parts/fields/MeasureField.vue'
import NameInput from '@app/parts/fields/NameInput.vue'
import { readAmount } from '@app/parts/fields/read-typed.ts'
import YarnDot from '@app/parts/marks/YarnDot.vue'
import { priceWords } from '@app/parts/yarn/saying-amounts.ts'
import { useProject } from '@app/stores/project.ts'

/** Balls of several yarns that are sold together: how many packs it takes, what of them is over, and what is bought beside. */
const project = useProject()
const design = computed(() => project.design!)
const packs = computed(() => design.value.packs ?? [])
const setAll = (all: readonly Pack[]) => project.edit({ name: 'setDesign', args: { packs: all } })
const set = (at: number, values: Partial<Pack>) =>
  setAll(packs.value.map((one, i) => (i === at ? { ...one, ...values } : one)))
const add = () =>
  setAll([
    ...packs.value,
    {
      ...{ name: `Pack ${packs.value.length + 1}`, price: null },
      balls: design.value.yarns.map(({ letter }) => letter),
    },
  ])
const wanted = computed(
  () =>
    new Map(
      project.table!.derived.needs.flatMap(({ letter, metres, buying }) =>
        metres > 0 && buying ? [[letter, buying.more?.balls ?? buying.anew] as const] : [],
      ),
    ),
)
const countIn = ({ balls }: Pack, letter: string) => balls.filter((one) => one === letter).length
function setCount(at: number, letter: string, count: number) {
  const others = packs.value[at]!.balls.filter((one) => one !== letter)
  set(at, { balls: [...others, ...Array<string>(count).fill(letter)].sort() })
}
const words = (pack: Pack): string => {
  const found = packsFor(pack, wanted.value)
  if (!found) return 'Nothing of it is needed.'
  const { packs: many, beside, over } = found
  const balls = (list: readonly (readonly [string, number])[]) =>
    listed(list.map(([letter, n]) => `${n} ${letter}`))
  return [
    `${counted(many, 'pack')}${pack.price === null ? '' : `, ${priceWords(pack.price * many)}`}.`,
    ...(over.length > 0 ? [`Over: ${balls(over)}.`] : []),
    ...(beside.length > 0 ? [`Beside them: ${balls(beside)}.`] : []),
  ].join(' ')
}
</script>

<template>
  <section class="card packs-card">
    <h2>Packs</h2>
    <div v-for="(pack, at) in packs" :key="at" class="pack">
      <NameInput
        class="plain-input"
        :model-value="pack.name"
        :aria-label="`Name of pack ${at + 1}`"
        @update:model-value="set(at, { name: $event })"
      />
      <button
        type="button"
        class="icon-button"
        :aria-label="`Take out ${pack.name}`"
        @click="setAll(packs.filter((_, i) => i !== at))"
      >
        <ElIcon :size="13"><Close /></ElIcon>
      </button>
      <div class="balls">
        <span v-for="yarn in design.yarns" :key="yarn.letter">
          <YarnDot :letter="yarn.letter" :colour="yarn.colour" :size="18" />
          <ElInputNumber
            :model-value="countIn(pack, yarn.letter)"
            :min="0"
            :max="12"
            size="small"
            controls-position="right"
            :aria-label="`Balls of ${yarn.name} in ${pack.name}`"
            @update:model-value="setCount(at, yarn.letter, $event ?? 0)"
          />
        </span>
      </div>
      <MeasureField
        :label="`Price of ${pack.name}`"
        :text="pack.price === null ? '' : printNumber(pack.price, 2)"
        :value="pack.price ?? -1"
        :read="readAmount"
        :min="0"
        :max="1_000_000"
        likely="12.00"
        @change="set(at, { price: $event })"
      />
      <p class="note num">{{ words(pack) }}</p>
    </div>
    <button v-if="packs.length < LIMITS.packs" type="button" class="link" @click="add">
      {{ packs.length === 0 ? 'They come in packs of several …' : 'Another pack' }}
    </button>
  </section>
</template>

<style>
.packs-card .pack {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 4px;
  padding-bottom: 8px;
  border-bottom: 1px solid var(--line);
}
.packs-card .pack > :is(.balls, .note, .measure-field) {
  grid-column: 1 / -1;
}
.packs-card .balls {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 5px;
}
.packs-card .balls span {
  display: flex;
  gap: 5px;
  align-items: center;
}
.packs-card .el-input-number {
  width: 82px;
}
</style>
