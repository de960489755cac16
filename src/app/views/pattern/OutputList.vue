<script setup lang="ts">
import { onScopeDispose } from 'vue'
import type { Choices } from '@core/booklet'
import { useGiving } from '@app/stores/giving.ts'

/** Every way the bag goes out, and how far the one is that is being made. */
const { choices } = defineProps<{ choices: Choices }>()
const giving = useGiving()
/** The way that is meant first; the others are a list. */
const LEAD = 'booklet-pdf'
onScopeDispose(giving.stop)
</script>

<template>
  <section class="outputs" aria-label="Take it with you">
    <h2>Take it with you</h2>
    <template v-for="output in giving.ways" :key="output.id">
      <button
        type="button"
        class="output"
        :class="{ lead: output.id === LEAD }"
        :disabled="giving.making !== null"
        @click="giving.give(output, choices)"
      >
        <b>{{ output.title }}</b><span class="note">{{
          giving.making?.id === output.id
            ? `being made: ${giving.stage} … ${giving.seconds.toFixed(1)} s`
            : output.about
        }}</span>
      </button>
      <button
        v-if="giving.making?.id === output.id"
        type="button"
        class="button"
        @click="giving.stop()"
      >
        Stop
      </button>
    </template>
    <p
      v-if="giving.said"
      :class="giving.said.wrong ? 'failed' : 'note'"
      :role="giving.said.wrong ? 'alert' : 'status'"
    >
      {{ giving.said.text }}
    </p>
  </section>
</template>

<style>
.pattern-view .outputs {
  display: flex;
  flex-direction: column;
}
.pattern-view .outputs h2 {
  margin: 14px 0 6px;
  color: var(--ink-2);
  font-weight: 600;
  font-size: 13px;
}
.pattern-view .output {
  display: grid;
  gap: 1px;
  padding: 6px 2px;
  border: 0;
  border-bottom: 1px solid var(--line);
  background: none;
  text-align: left;
  cursor: pointer;
}
.pattern-view .output:hover:not(:disabled) {
  background: var(--mat-tint);
}
.pattern-view .output b {
  font-weight: 600;
}
.pattern-view .output .note {
  font-size: 12px;
}
.pattern-view .output.lead {
  margin-bottom: 5px;
  padding: 9px 12px;
  border: 0;
  border-radius: var(--radius);
  background: var(--mat);
  color: #fff;
}
.pattern-view .output.lead .note {
  color: var(--mat-ink);
}
.pattern-view .output.lead:hover:not(:disabled) {
  background: var(--mat-line);
}
.pattern-view .failed {
  color: var(--error);
  font-size: 13px;
}
</style>
