<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { type BasePart, type BaseRound, writtenDiscs } from '@core/shape'
import { checker } from '@app/workers/workers.ts'

/** The rounds of a base in shorthand: counted before they are taken, and discs to begin with. */
const props = defineProps<{
  base: BasePart
  rounds: readonly BaseRound[]
  of: 'rounds' | 'rows'
}>()
const emit = defineEmits<{ set: [values: Record<string, unknown>] }>()
const kept = computed(() => props.rounds.map(({ text }) => text).join('\n'))
const text = ref('')
const problem = ref<string | null>(null)
watch(
  kept,
  (now) => {
    text.value = now
    problem.value = null
  },
  { immediate: true },
)
const linesOf = (all: string) =>
  all
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '')

async function take(lines: readonly string[], stitch: string) {
  const answer = await checker.ask((api) => api.countBase(lines, stitch, props.of))
  const counted = answer.ok ? answer.value : answer
  problem.value = counted.ok ? null : counted.problem
  if (counted.ok) emit('set', { rounds: counted.value, stitch })
}
</script>

<template>
  <div class="base-rounds">
    <div v-if="of === 'rounds'" class="discs" role="group" aria-label="Begin with a disc of">
      <button
        v-for="disc in writtenDiscs"
        :key="disc.name"
        type="button"
        class="button"
        @click="take(disc.rounds, disc.stitch)"
      >
        {{ disc.name }}
      </button>
    </div>
    <label class="note" for="base-rounds"
      >{{ of === 'rows' ? 'Rows' : 'Rounds' }} in shorthand, from the ring, one a line</label
    >
    <textarea
      id="base-rounds"
      v-model="text"
      rows="8"
      spellcheck="false"
      :aria-invalid="problem !== null"
      aria-describedby="base-rounds-said"
    />
    <p id="base-rounds-said" role="status" class="note" :class="{ bad: problem }">
      {{
        problem ??
        (text === kept
          ? `Counted: ${rounds.length} ${of} leave ${base.count} stitches.`
          : 'Changed, and not counted yet.')
      }}
    </p>
    <button
      type="button"
      class="button"
      :disabled="text === kept"
      @click="take(linesOf(text), base.stitch)"
    >
      Count them
    </button>
  </div>
</template>

<style>
.base-rounds .discs {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-bottom: 8px;
}
.base-rounds textarea {
  margin: 3px 0;
  padding: 6px 8px;
  font-size: 12.5px;
  line-height: 1.35;
  resize: vertical;
}
.base-rounds .bad {
  color: var(--error);
}
</style>
