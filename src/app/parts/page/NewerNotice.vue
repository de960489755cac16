<script setup lang="ts">
import { amidWork, newerWaits, takeNewer } from '@app/offline.ts'

/** A newer version is offered where it disturbs nobody. */
</script>

<template>
  <div v-if="newerWaits && !amidWork" class="newer-notice" role="status">
    <p>A newer version of the program is here. What you have is kept and opened with it.</p>
    <button type="button" class="button main" @click="takeNewer">Use it now</button>
    <button type="button" class="button" @click="newerWaits = false">Later</button>
  </div>
</template>

<style>
.newer-notice {
  display: flex;
  gap: 10px;
  align-items: center;
  padding: 8px 20px;
  border-bottom: 1px solid var(--line);
  background: var(--mat-tint);
}
.newer-notice p {
  flex: 1;
}
</style>
