<script setup lang="ts">
import { Setting } from '@element-plus/icons-vue'
import { computed } from 'vue'
import type { Words } from '@core/stitch'
import { useWorkshop } from '@app/stores/workshop.ts'
import ChoiceOf from '../fields/ChoiceOf.vue'
import PopUnder from './PopUnder.vue'

/** Terms, units and hand: switched at any time, for all bags. */
const workshop = useWorkshop()
const setting = <Key extends keyof Words>(key: Key) =>
  computed<Words[Key]>({
    get: () => workshop.words[key],
    set: (value) => workshop.setWords({ [key]: value } as Partial<Words>),
  })
const terms = setting('terms')
const units = setting('units')
const hand = setting('hand')
const said = computed(
  () =>
    `${terms.value.toUpperCase()} terms · ${units.value === 'metric' ? 'cm' : 'in'} · ${hand.value} hand`,
)
</script>

<template>
  <PopUnder :width="236">
    <template #button>
      <button type="button" class="words-button" :aria-label="`Words and units: ${said}`">
        <ElIcon :size="17" class="short"><Setting /></ElIcon><span>{{ said }}</span>
      </button>
    </template>
    <div class="words-menu">
      <ChoiceOf
        v-model="terms"
        legend="Terms"
        :options="[
          { value: 'us', label: 'US terms' },
          { value: 'uk', label: 'UK terms' },
        ]"
      />
      <ChoiceOf
        v-model="units"
        legend="Units"
        :options="[
          { value: 'metric', label: 'cm, g, m' },
          { value: 'imperial', label: 'in, oz, yd' },
        ]"
      />
      <ChoiceOf
        v-model="hand"
        legend="Hand"
        :options="[
          { value: 'right', label: 'Right hand' },
          { value: 'left', label: 'Left hand' },
        ]"
      />
      <p class="note">
        The design stays as it is; only words, numbers and the reading direction change.
      </p>
    </div>
  </PopUnder>
</template>

<style>
.words-button {
  padding: 5px 8px;
  border: 0;
  border-radius: var(--radius);
  background: none;
  color: var(--ink-2);
  font-size: 12.5px;
  white-space: nowrap;
  cursor: pointer;
}
.words-button:hover {
  background: var(--mat-tint);
}
.words-button .short {
  display: none;
}
@media (max-width: 1000px) {
  .words-button {
    display: grid;
    place-items: center;
    width: 30px;
    height: 30px;
    padding: 0;
  }
  .words-button .short {
    display: inline-flex;
  }
  .words-button span {
    display: none;
  }
}
.words-menu {
  display: grid;
  gap: 8px;
}
</style>
