<script setup lang="ts">
import RunChips from './RunChips.vue'
import type { Now } from './use-now.ts'

/** The run in hand, as large as it goes: what is left of it, and what comes then. */
const { now } = defineProps<{ now: Now }>()
const { big, change, yarns, looks, mind } = now
</script>

<template>
  <section v-if="big" class="big-run num">
    <div class="card">
      <p
        class="run"
        :class="{ long: big.text.length > 8 }"
        :style="{ background: big.colour, color: big.ink }"
      >
        {{ big.text }}
      </p>
      <p v-if="big.into" class="into">{{ big.into }}</p>
      <p class="then">
        <template v-if="big.next"
          >then <b>{{ big.next }}</b><template
            v-if="change && change.strokes !== null && change.strokes <= 6"
            >: {{ change.title }}</template
          ></template
        >
        <template v-else-if="change">{{ change.title }}</template>
      </p>
    </div>
    <RunChips :now="now" small />
    <p class="aside">
      <b v-if="mind">{{ mind }}</b>
      <b v-else-if="looks[0]">{{ looks[0].title }}</b>
      <template v-else-if="yarns">{{ yarns.now }}</template>
    </p>
  </section>
</template>

<style>
.big-run {
  display: grid;
  gap: 10px;
}
.big-run .card {
  padding: 12px;
  text-align: center;
}
.big-run .run {
  display: inline-block;
  max-width: 100%;
  padding: 4px 22px;
  border-radius: 12px;
  box-shadow: inset 0 0 0 1px rgb(0 0 0 / 16%);
  font: 700 44px/60px var(--font-head);
}
.big-run .run.long {
  font-size: 27px;
  line-height: 44px;
}
.big-run .into {
  font-size: 15px;
}
.big-run .then {
  margin-top: 6px;
  color: var(--ink-2);
  font-size: 16px;
}
.big-run .then b {
  color: var(--ink);
}
.big-run .aside {
  padding: 9px 13px;
  border: 1px solid var(--line);
  border-left: 4px solid var(--advice);
  border-radius: var(--radius);
  background: #fff;
  font-size: 13.5px;
}
</style>
