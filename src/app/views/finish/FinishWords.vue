<script setup lang="ts">
import { lineLabel, type PatternSection } from '@core/pattern'

/** How it is made, row by row or in sentences. */
defineProps<{
  words: { readonly sections: readonly PatternSection[]; readonly texts: readonly string[] }
  found: boolean
  takes: string
}>()
</script>

<template>
  <div class="finish-words num">
    <template v-for="section in words.sections" :key="section.part">
      <p v-if="section.intro" class="note">{{ section.intro }}</p>
      <p v-for="note in section.notes" :key="note" class="note">{{ note }}</p>
      <div v-for="line in section.lines" :key="line.from" class="row">
        <b>{{ lineLabel(line) }}</b>
        <span
          ><em v-if="line.note">{{ line.note }} </em>{{ line.text }} <i>({{ line.total }})</i></span
        >
      </div>
    </template>
    <p v-for="text in words.texts" :key="text" class="row text">{{ text }}</p>
    <p v-if="takes" class="note">{{ takes }}</p>
    <p v-if="!found" class="note">
      Point at one above to see it on the bag; click it to put it on.
    </p>
  </div>
</template>

<style>
.finish-words {
  display: grid;
  gap: 8px;
  align-content: start;
  font-size: 13px;
}
.finish-words .row {
  display: grid;
  grid-template-columns: 66px minmax(0, 1fr);
  gap: 8px;
  padding-top: 7px;
  border-top: 1px solid var(--line);
}
.finish-words .row.text {
  display: block;
}
.finish-words b {
  font-weight: 650;
}
.finish-words i,
.finish-words em {
  color: var(--ink-3);
}
.finish-words i {
  font-style: normal;
}
</style>
