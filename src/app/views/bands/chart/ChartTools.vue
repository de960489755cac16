<script setup lang="ts">
import { type Tool, tools } from '@app/parts/chart/tools.ts'
import ToolButton from './ToolButton.vue'

/** What the hand does on the chart. */
const tool = defineModel<Tool>({ required: true })
</script>

<template>
  <div class="chart-tools" role="toolbar" aria-label="Tools" aria-orientation="vertical">
    <ToolButton
      v-for="one in tools"
      :key="one.id"
      :label="one.title"
      :title="`${one.title} (${one.key.toUpperCase()})`"
      :picture="one.picture"
      :on="one === tool"
      :aria-pressed="one === tool"
      @click="tool = one"
    />
    <slot />
  </div>
</template>

<style>
.chart-tools {
  display: flex;
  flex-direction: column;
  gap: 2px;
  align-items: center;
}
.chart-tools hr {
  width: 24px;
  margin: 3px;
  border: 0;
  border-top: 1px solid var(--line-strong);
}
.tool {
  display: grid;
  place-items: center;
  width: 34px;
  height: 34px;
  padding: 0;
  border: 0;
  border-radius: var(--radius);
  background: none;
  color: var(--ink-2);
  cursor: pointer;
}
.tool:hover {
  background: var(--mat-tint);
}
.tool.on {
  background: #fff;
  box-shadow: 0 0 0 1.5px var(--mat);
  color: var(--mat);
}
.tool svg {
  fill: none;
  stroke: currentColor;
  stroke-width: 1.7;
  stroke-linecap: round;
  stroke-linejoin: round;
}
</style>
