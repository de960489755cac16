<script setup lang="ts">
import { type Tool, toolGroups } from '@app/parts/chart/tools.ts'
import { useTemplateRef } from 'vue'
import { useRoving } from '@app/parts/page/use-roving.ts'
import ToolButton from './ToolButton.vue'

/** What the hand does on the chart, by the work: colouring stitches, taking and moving, repeating and mirroring. */
const tool = defineModel<Tool>({ required: true })
const root = useTemplateRef<HTMLElement>('root')
useRoving(root)
</script>

<template>
  <div ref="root" class="chart-tools" role="toolbar" aria-label="Tools" aria-orientation="vertical">
    <template v-for="(group, i) in toolGroups" :key="i">
      <hr v-if="i > 0" />
      <ToolButton
        v-for="one in group"
        :key="one.id"
        :label="one.title"
        :title="`${one.title} (${one.key.toUpperCase()})`"
        :picture="one.picture"
        :name="one === tool ? one.name : ''"
        :on="one === tool"
        :aria-pressed="one === tool"
        @click="tool = one"
      />
      <slot v-if="i === 0" name="colour" />
    </template>
    <hr />
    <slot />
  </div>
</template>

<style>
.chart-tools {
  display: flex;
  flex-direction: column;
  gap: 1px;
  align-items: center;
  overflow: hidden auto;
  min-height: 0;
  padding: 2px 0;
  scrollbar-width: none;
}
.chart-tools hr {
  flex: none;
  width: 24px;
  margin: 3px;
  border: 0;
  border-top: 1px solid var(--line-strong);
}
</style>
