<script setup lang="ts">
import { projectOf } from '@core/project'
import { computed, reactive, ref } from 'vue'
import { refDebounced } from '@vueuse/core'
import type { Design } from '@core/design'
import { bodyOf } from '@core/ledger'
import { derive, newDesign, proposedFor, sizeWords } from '@core/bag'
import {
  baseKinds,
  type BasePart,
  constructionOfKind,
  type Contents,
  isFlat,
  sizeFor,
} from '@core/shape'
import { printLength } from '@core/units'
import BagPicture from '@app/parts/bag/BagPicture.vue'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import ContentsFields from '@app/parts/fields/ContentsFields.vue'
import HookAndYarn from '@app/parts/fields/HookAndYarn.vue'
import LengthField from '@app/parts/fields/LengthField.vue'
import { useWorkshop } from '@app/stores/workshop.ts'

/** A short path to a bag: what goes in or what size, hook and yarn, done. */
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ made: [design: Design] }>()
const workshop = useWorkshop()
const units = computed(() => workshop.words.units)
const from = ref<'contents' | 'size'>('contents')
const name = ref('My bag')
const contents = ref<Contents>({
  shape: 'box',
  widthMm: 240,
  thicknessMm: 60,
  tallMm: 250,
  easeMm: 20,
})
const size = reactive({ aroundMm: 600, heightMm: 270 })
const yarn = reactive({ hookMm: 4, yarnClass: 3 })

/** The construction that was chosen; null: the one that suits. */
const chosen = ref<BasePart['kind'] | null>(null)
const proposed = computed(() =>
  from.value === 'contents' ? proposedFor(contents.value) : 'round-base',
)
const kind = computed(() => chosen.value ?? proposed.value)
const wanted = computed(() =>
  from.value === 'contents' ? sizeFor(contents.value, isFlat(kind.value)) : { ...size },
)
const asked = computed(() => {
  const { widthMm, thicknessMm, easeMm } = contents.value
  const footprint = { lengthMm: widthMm + easeMm, widthMm: thicknessMm + easeMm }
  return {
    name: name.value.trim() || 'My bag',
    said: 'around' as const,
    ...wanted.value,
    ...yarn,
    ...(from.value === 'contents' ? { footprint } : {}),
  }
})
const settled = refDebounced(asked, 160)
/** What a base looks like from above. */
const outlines = {
  round: 'M32 11a10 10 0 1 1-20 0a10 10 0 1 1 20 0M26 11a4 4 0 1 1-8 0a4 4 0 1 1 8 0',
  oval: 'M12 3h20a8 8 0 0 1 0 16h-20a8 8 0 0 1 0-16M14 11h16',
  rectangle: 'M4 2h36v18h-36zM4 2l9 9h18l9-9M4 20l9-9M40 20l-9-9',
  rows: 'M4 2h36v18h-36zM4 6.5h36M4 11h36M4 15.5h36',
} as const
/** Every construction as a bag of this size: drawn, with what it measures. */
const bags = computed(() =>
  baseKinds.map((kind) => {
    const design = newDesign({ ...settled.value, kind })
    const derived = derive(projectOf(design))
    const { flatMm, heightMm } = derived.tally
    return {
      ...{ kind, design, derived },
      ...constructionOfKind(kind),
      measures: `${printLength(flatMm, units.value)} × ${printLength(heightMm, units.value)}`,
    }
  }),
)
const design = computed(() => newDesign({ ...asked.value, kind: kind.value }))
const outcome = computed(() => {
  const { tally, gauge, ledger } = derive(projectOf(design.value))
  const { worked } = bodyOf(ledger)
  return {
    size: sizeWords(design.value, tally, units.value),
    work: `${tally.stitches} stitches ${worked === 'rows' ? 'across' : 'around'} and ${tally.rounds} ${worked}, give or take ${Math.round(gauge.spread * 100)} %: no swatch yet, so this is estimated from hook and yarn.`,
  }
})
</script>

<template>
  <ElDialog v-model="open" title="New bag" width="860px" top="3vh">
    <form class="new-bag" @submit.prevent="emit('made', design)">
      <div class="measure-field">
        <label for="new-name">Name</label>
        <div class="box">
          <input id="new-name" v-model="name" maxlength="80" autocomplete="off" />
        </div>
      </div>
      <ChoiceOf
        v-model="from"
        legend="Begin with"
        :options="[
          { value: 'contents', label: 'What goes in' },
          { value: 'size', label: 'The size of the bag' },
        ]"
      />
      <div v-if="from === 'contents'" class="pair"><ContentsFields v-model="contents" /></div>
      <div v-else class="pair">
        <LengthField v-model="size.aroundMm" label="Around" :min="50" :max="3000" />
        <LengthField v-model="size.heightMm" label="Tall" :min="50" :max="3000" />
      </div>
      <div class="pair">
        <HookAndYarn v-model:hook-mm="yarn.hookMm" v-model:yarn-class="yarn.yarnClass" />
      </div>
      <fieldset class="kinds">
        <legend>How it is built</legend>
        <label
          v-for="bag in bags"
          :key="bag.kind"
          class="kind"
          :class="{ on: bag.kind === kind }"
          :title="bag.hint"
        >
          <input
            type="radio"
            name="construction"
            :value="bag.kind"
            :checked="bag.kind === kind"
            @change="chosen = bag.kind"
          />
          <BagPicture
            :name="bag.name"
            :yarns="bag.design.yarns"
            :derived="bag.derived"
            :width="96"
            :height="46"
          />
          <svg
            v-if="bag.plan && !bag.front"
            class="plan"
            viewBox="0 0 44 22"
            width="44"
            height="22"
            aria-hidden="true"
          >
            <path :d="outlines[bag.plan]" />
          </svg>
          <b>{{ bag.name }}</b>
          <small class="num">{{ bag.measures }}</small>
          <small v-if="bag.kind === proposed && from === 'contents'" class="suits"
            >suits what goes in</small
          >
        </label>
      </fieldset>
      <div class="outcome" aria-live="polite">
        <p>
          <b>{{ outcome.size }}</b>
        </p>
        <p class="note">{{ outcome.work }}</p>
      </div>
      <div class="end">
        <button type="button" class="button" @click="open = false">Not now</button>
        <button type="submit" class="button main">Make this bag</button>
      </div>
    </form>
  </ElDialog>
</template>

<style>
.new-bag {
  display: grid;
  gap: 12px;
}
.new-bag .pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0 16px;
  align-items: start;
}
.new-bag .pair .measure-field {
  grid-template-columns: 66px 1fr;
}
.new-bag .kinds {
  display: grid;
  grid-template-columns: repeat(7, minmax(0, 1fr));
  gap: 8px;
  margin: 0;
  padding: 0;
  border: 0;
}
.new-bag .kinds legend {
  margin-bottom: 6px;
  color: var(--ink-2);
  font-size: 13px;
}
.new-bag .kind {
  position: relative;
  display: grid;
  gap: 2px;
  align-content: start;
  justify-items: center;
  padding: 7px 4px 5px;
  border: 1px solid var(--line);
  border-radius: var(--radius);
  background: #fff;
  font-size: 12.5px;
  text-align: center;
  cursor: pointer;
}
.new-bag .kind.on {
  border-color: var(--mat);
  box-shadow: inset 0 0 0 1.5px var(--mat);
}
.new-bag .kind:focus-within {
  outline: 2.5px solid var(--mat);
  outline-offset: 1px;
}
.new-bag .kind input {
  position: absolute;
  opacity: 0;
}
.new-bag .kind .plan {
  margin: 3px 0 1px;
}
.new-bag .kind .plan path {
  fill: none;
  stroke: var(--ink-2);
  stroke-width: 1.2;
}
.new-bag .kind b {
  font-weight: 600;
}
.new-bag .kind small {
  color: var(--ink-2);
  font-size: 11.5px;
}
.new-bag .kind .suits {
  color: var(--good);
  font-weight: 600;
}
@media (max-width: 640px) {
  .new-bag .kinds {
    grid-template-columns: repeat(3, 1fr);
  }
}
.new-bag .outcome {
  padding: 10px 12px;
  border-radius: var(--radius);
  background: var(--mat-tint);
}
.new-bag .end {
  display: flex;
  justify-content: flex-end;
  gap: 8px;
}
</style>
