<script setup lang="ts">
/** A button with a picture: a tool, a way of seeing, a step. */
defineProps<{
  label: string
  /** What is said beside its label when it is pointed at. */
  title: string
  /** SVG path in a box of 24. */
  picture: string
  /** What stands under it, where it is the one that is chosen. */
  name?: string
  /** Whether it is on; left out where it cannot be. */
  on?: boolean | undefined
}>()
</script>

<template>
  <button type="button" class="tool-button" :class="{ on }" :title="title" :aria-label="label">
    <svg width="22" height="22" viewBox="0 0 24 24" aria-hidden="true">
      <path :d="picture" />
    </svg>
    <small v-if="name" aria-hidden="true">{{ name }}</small>
  </button>
</template>

<style>
.tool-button {
  display: grid;
  flex: none;
  place-items: center;
  width: 40px;
  min-height: 32px;
  padding: 0;
  border: 0;
  border-radius: var(--radius);
  background: none;
  color: var(--ink-2);
  cursor: pointer;
}
.tool-button:hover {
  background: var(--mat-tint);
}
.tool-button.on {
  background: #fff;
  box-shadow: inset 0 0 0 1.5px var(--mat);
  color: var(--mat);
}
.tool-button svg {
  fill: none;
  stroke: currentColor;
  stroke-width: 1.7;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.tool-button small {
  padding-bottom: 3px;
  font-weight: 650;
  font-size: 10.5px;
  line-height: 1;
}
</style>
