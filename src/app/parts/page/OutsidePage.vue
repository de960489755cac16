<script setup lang="ts">
import OutsideBar from './OutsideBar.vue'

/** A place outside of bags: the bar, its name, and its columns. */
defineProps<{ title: string; about: string; columns: string }>()
</script>

<template>
  <div class="outside-page">
    <OutsideBar />
    <main class="outside" :style="{ '--columns': columns }">
      <header>
        <h1>{{ title }}</h1>
        <p>{{ about }}</p>
      </header>
      <slot />
    </main>
  </div>
</template>

<style>
.outside-page {
  display: grid;
  grid-template-rows: 56px 1fr;
  height: 100%;
  background: var(--stage);
}
.outside {
  display: grid;
  grid-template: auto minmax(0, 1fr) / var(--columns);
  gap: 12px 16px;
  min-height: 0;
  padding: 16px 24px 20px;
}
.outside > header {
  display: flex;
  grid-column: 1 / -1;
  gap: 14px;
  align-items: baseline;
}
.outside > header p {
  color: var(--ink-2);
  font-size: 13px;
}
@media (max-width: 900px) {
  .outside {
    grid-template: auto / minmax(0, 1fr);
    align-content: start;
    overflow: auto;
    padding: 14px 14px 20px;
  }
  .outside > header {
    flex-wrap: wrap;
    gap: 4px 14px;
  }
}
</style>
