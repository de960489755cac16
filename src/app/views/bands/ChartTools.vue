<script setup lang="ts">
import { type Aid, aids } from '@core/colour'
import { type Tool, tools } from '@app/parts/chart/tools.ts'
import ToolChoice from './ToolChoice.vue'

/** What the hand does on the chart, and how the chart is seen. */
defineProps<{ paints: boolean }>()
const tool = defineModel<Tool>('tool', { required: true })
const letters = defineModel<boolean>('letters', { required: true })
const aid = defineModel<Aid>('aid', { required: true })
const emit = defineEmits<{ zoom: [factor: number]; fit: [] }>()
const views = [
  { title: 'Larger', key: '+', picture: 'M12 6v12M6 12h12', run: () => emit('zoom', 1.25) },
  { title: 'Smaller', key: '−', picture: 'M6 12h12', run: () => emit('zoom', 0.8) },
  {
    title: 'All of it',
    key: '0',
    picture: 'M5 9V5h4M15 5h4v4M19 15v4h-4M9 19H5v-4',
    run: () => emit('fit'),
  },
]
</script>

<template>
  <div class="tools" role="toolbar" aria-label="Tools" aria-orientation="vertical">
    <template v-if="paints">
      <button
        v-for="one in tools"
        :key="one.id"
        type="button"
        class="tool"
        :class="{ on: one === tool }"
        :aria-pressed="one === tool"
        :aria-label="one.title"
        :title="`${one.title} (${one.key.toUpperCase()})`"
        @click="tool = one"
      >
        <svg width="22" height="22" viewBox="0 0 24 24" aria-hidden="true">
          <path :d="one.picture" />
        </svg>
      </button>
      <slot />
      <hr />
    </template>
    <button
      v-for="view in views"
      :key="view.title"
      type="button"
      class="tool"
      :title="`${view.title} (${view.key})`"
      :aria-label="view.title"
      @click="view.run"
    >
      <svg width="22" height="22" viewBox="0 0 24 24" aria-hidden="true">
        <path :d="view.picture" />
      </svg>
    </button>
    <button
      type="button"
      class="tool"
      :class="{ on: letters }"
      :aria-pressed="letters"
      title="Letters in the cells"
      aria-label="Letters in the cells"
      @click="letters = !letters"
    >
      <svg width="22" height="22" viewBox="0 0 24 24" aria-hidden="true">
        <path d="M6 19 12 5l6 14M8.3 14h7.4" />
      </svg>
    </button>
    <ToolChoice
      v-model="aid"
      :all="aids"
      label="How it is seen"
      picture="M3 12c4-6 14-6 18 0c-4 6-14 6-18 0M12 9.500a2.500 2.500 0 1 0 .1 0"
    />
  </div>
</template>

<style>
.tools {
  display: flex;
  flex-direction: column;
  gap: 2px;
  align-items: center;
}
.tools hr {
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
