<script setup lang="ts">
import { ElConfigProvider } from 'element-plus'
</script>

<template>
  <ElConfigProvider :message="{ max: 3, placement: 'bottom' }">
    <RouterView />
  </ElConfigProvider>
</template>
