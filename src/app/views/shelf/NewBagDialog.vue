<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import type { Design } from '@core/design'
import { derive, newDesign } from '@core/plan'
import { type Contents, sizeFor } from '@core/shape'
import { printLength } from '@core/units'
import ChoiceOf from '@app/parts/ChoiceOf.vue'
import ContentsFields from '@app/parts/ContentsFields.vue'
import HookAndYarn from '@app/parts/HookAndYarn.vue'
import LengthField from '@app/parts/LengthField.vue'
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

const wanted = computed(() => (from.value === 'contents' ? sizeFor(contents.value) : { ...size }))
const design = computed(() =>
  newDesign({ name: name.value.trim() || 'My bag', said: 'around', ...wanted.value, ...yarn }),
)
const outcome = computed(() => {
  const { tally, gauge } = derive(design.value)
  const length = (mm: number) => printLength(mm, units.value)
  return {
    size: `${length(tally.aroundMm)} around, ${length(tally.flatMm)} laid flat, ${length(tally.heightMm)} tall`,
    work: `${tally.stitches} stitches around and ${tally.rounds} rounds, give or take ${Math.round(gauge.spread * 100)} %: no swatch yet, so this is estimated from hook and yarn.`,
  }
})
</script>

<template>
  <ElDialog v-model="open" title="New bag" width="520px">
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
}
.new-bag .pair .measure-field {
  grid-template-columns: 66px 1fr;
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
