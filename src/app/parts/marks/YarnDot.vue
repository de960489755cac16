<script setup lang="ts">
import { computed } from 'vue'
import { inkOn } from '@core/colour'

/** A yarn as a dot of its colour with its letter. */
const props = withDefaults(defineProps<{ letter: string; colour: string; size?: number }>(), {
  size: 22,
})
const style = computed(() => ({
  background: props.colour,
  color: inkOn(props.colour),
  width: `${props.size}px`,
  height: `${props.size}px`,
}))
</script>

<template>
  <span class="yarn-dot" :style="style">{{ letter }}</span>
</template>

<style>
.yarn-dot {
  display: inline-grid;
  place-items: center;
  flex: none;
  border-radius: 50%;
  border: 1px solid rgb(0 0 0 / 22%);
  font: 700 11px/1 var(--font-text);
}
</style>
