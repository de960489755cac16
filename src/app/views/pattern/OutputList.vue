<script setup lang="ts">
import { onScopeDispose } from 'vue'
import { useGiving } from '@app/stores/giving.ts'

/** Every way the bag goes out, and how far the one is that is being made. */
const giving = useGiving()
onScopeDispose(giving.stop)
</script>

<template>
  <aside class="outputs" aria-label="Take it with you">
    <h2>Take it with you</h2>
    <template v-for="output in giving.ways" :key="output.id">
      <button
        type="button"
        class="output"
        :disabled="giving.making !== null"
        @click="giving.give(output)"
      >
        <b>{{ output.title }}</b><span class="note">{{
          giving.making?.id === output.id ? `being made: ${giving.stage} …` : output.about
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
  </aside>
</template>

<style>
.pattern-view .outputs {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.pattern-view .outputs h2 {
  margin: 6px 0 2px;
  color: var(--ink-2);
  font-weight: 600;
  font-size: 13px;
}
.pattern-view .output {
  display: grid;
  gap: 2px;
  padding: 9px 12px;
  border: 1px solid var(--line-strong);
  border-radius: var(--radius);
  background: #fff;
  text-align: left;
  cursor: pointer;
}
.pattern-view .output:hover:not(:disabled) {
  border-color: var(--mat);
  background: var(--mat-tint);
}
.pattern-view .output b {
  font-weight: 600;
}
.pattern-view .failed {
  color: var(--error);
  font-size: 13px;
}
@media (max-width: 1000px) {
  .pattern-view .outputs {
    order: -1;
    flex-flow: row wrap;
  }
}
</style>
