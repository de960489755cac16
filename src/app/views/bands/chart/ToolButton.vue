<script setup lang="ts">
/** A button with a picture: a tool, a way of seeing, a step. */
defineProps<{
  label: string
  /** What is said beside its label when it is pointed at. */
  title: string
  /** SVG path in a box of 24. */
  picture: string
  /** Whether it is on; left out where it cannot be. */
  on?: boolean | undefined
}>()
</script>

<template>
  <button type="button" class="tool" :class="{ on }" :title="title" :aria-label="label">
    <svg width="22" height="22" viewBox="0 0 24 24" aria-hidden="true">
      <path :d="picture" />
    </svg>
  </button>
</template>
