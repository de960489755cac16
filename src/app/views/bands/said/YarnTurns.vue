<script setup lang="ts">
import { Close } from '@element-plus/icons-vue'
import { LIMITS } from '@core/part'
import WholeField from '@app/parts/fields/WholeField.vue'
import YarnSelect from '@app/parts/fields/YarnSelect.vue'

/** Yarns one after the other, each for so many rounds. */
interface Turn {
  readonly yarn: string
  readonly rounds: number
}
/** `what` is one of them: "stripe"; with `last` there may be none. */
defineProps<{ what: string; word: string; last?: boolean }>()
const turns = defineModel<readonly Turn[]>({ required: true })
const set = (at: number, values: Partial<Turn>) =>
  (turns.value = turns.value.map((turn, i) => (i === at ? { ...turn, ...values } : turn)))
</script>

<template>
  <ol class="stripes">
    <li v-for="(turn, i) in turns" :key="i">
      <YarnSelect
        :model-value="turn.yarn"
        :label="`Yarn of ${what} ${i + 1}`"
        @update:model-value="set(i, { yarn: $event })"
      />
      <WholeField
        :label="`${word} of ${what} ${i + 1}`"
        :model-value="turn.rounds"
        :min="1"
        :max="LIMITS.rounds"
        @update:model-value="set(i, { rounds: $event })"
      />
      <button
        type="button"
        class="icon-button"
        :disabled="turns.length === 1 && !last"
        :aria-label="`Take out ${what} ${i + 1}`"
        @click="turns = turns.filter((_, at) => at !== i)"
      >
        <ElIcon :size="13"><Close /></ElIcon>
      </button>
    </li>
  </ol>
</template>
