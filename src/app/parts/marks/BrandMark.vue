<script setup lang="ts">
import LockingMarker from './LockingMarker.vue'
</script>

<template>
  <RouterLink to="/" class="brand" title="To the shelf">
    <LockingMarker :size="22" />
    Ample Motif
  </RouterLink>
</template>

<style>
.brand {
  display: flex;
  align-items: center;
  gap: 9px;
  width: 232px;
  height: 56px;
  padding-left: 14px;
  background: var(--mat);
  color: #fff;
  font: 600 16px/1 var(--font-head);
  letter-spacing: -0.01em;
  text-decoration: none;
}
@media (max-width: 1000px) {
  .brand {
    flex: none;
    width: 56px;
    overflow: hidden;
    color: transparent;
  }
}
.brand .locking-marker {
  flex: none;
  color: var(--tape);
}
.brand:focus-visible {
  outline-offset: -3px;
  outline-color: var(--tape);
}
</style>
