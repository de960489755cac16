<script setup lang="ts">
/** A locking stitch marker, drawn as one would be clipped in. */
withDefaults(defineProps<{ size?: number }>(), { size: 22 })
</script>

<template>
  <svg
    class="locking-marker"
    :width="(size * 14) / 24"
    :height="size"
    viewBox="-7 -8 14 24"
    fill="none"
    stroke="currentColor"
    stroke-width="2.2"
    stroke-linecap="round"
    aria-hidden="true"
  >
    <path d="M-4 2C-5.5 10 -3.5 14 0 14C3.5 14 5.5 10 4 2L4 -1C4 -6 -4 -6 -4 -1Z" />
    <path d="M-4 4L-1.4 6.6" />
  </svg>
</template>
