<script setup lang="ts">
import BrandMark from '../marks/BrandMark.vue'
import ActionSearch from './ActionSearch.vue'
import WordsMenu from './WordsMenu.vue'

/** The bar above what lies outside of a bag. */
const places = [
  { to: '/', title: 'Shelf' },
  { to: '/stitches', title: 'Stitches' },
  { to: '/in-hand', title: 'In hand' },
  { to: '/check', title: 'Check' },
] as const
</script>

<template>
  <header class="outside-bar">
    <BrandMark />
    <nav aria-label="Outside of bags">
      <RouterLink v-for="{ to, title } in places" :key="to" :to="to" exact-active-class="on">{{
        title
      }}</RouterLink>
    </nav>
    <p class="motto">Bags that come out even, from the first round to the last.</p>
    <ActionSearch />
    <WordsMenu />
  </header>
</template>

<style>
.outside-bar {
  display: flex;
  align-items: center;
  height: 56px;
  padding-right: 18px;
  border-bottom: 1px solid var(--line);
  background: var(--paper);
}
.outside-bar nav {
  display: flex;
  height: 100%;
  margin-left: 8px;
}
.outside-bar nav a {
  display: grid;
  place-items: center;
  padding: 0 15px;
  color: var(--ink-2);
  white-space: nowrap;
  text-decoration: none;
}
.outside-bar nav a:hover {
  background: var(--mat-tint);
}
.outside-bar nav a.on {
  background: var(--mat-tint);
  color: var(--ink);
  font-weight: 650;
}
.outside-bar .motto {
  flex: 1;
  padding: 0 18px;
  color: var(--ink-3);
  font-size: 13px;
  text-align: right;
}
@media (max-width: 1000px) {
  .outside-bar .motto {
    visibility: hidden;
  }
}
@media (max-width: 560px) {
  .outside-bar {
    padding-right: 4px;
  }
  .outside-bar nav {
    margin-left: 0;
  }
  .outside-bar nav a {
    padding: 0 6px;
  }
  .outside-bar .motto {
    padding: 0;
  }
}
</style>
