<script setup lang="ts">
import { useWorkshop } from '@app/stores/workshop.ts'

/** Why the workshop could not be read or stored, wherever one is. */
const workshop = useWorkshop()
</script>

<template>
  <div v-if="workshop.problem" class="workshop-notice" role="alert">
    <p>{{ workshop.problem }}</p>
  </div>
</template>

<style>
.workshop-notice {
  padding: 8px 20px;
  background: #f9e4df;
  color: #6d1a0e;
  font-size: 13px;
}
</style>
