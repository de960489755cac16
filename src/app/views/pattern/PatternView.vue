<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { computed, ref } from 'vue'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import { useProject } from '@app/stores/project.ts'
import OutputList from './OutputList.vue'
import PaperPages from './PaperPages.vue'
import './one-text.css'
import PrintChoices from './PrintChoices.vue'
import { type Reads, useBooklet } from './use-booklet.ts'
import { usePrinting } from './use-printing.ts'

/** The pattern on the pages it is printed on, how it is printed, and every way it goes out. */
const project = useProject()
const printing = usePrinting()
/** On a narrow screen a page cannot be read. */
const reads = ref<Reads>(globalThis.innerWidth < 720 ? 'text' : 'pages')
const { booklet, failed, noPages } = useBooklet(printing.choices, reads)
/** On a narrow screen how it is printed is folded away above what is read. */
const isWide = useMediaQuery('(min-width: 1001px)')
const sizes = { whole: 'Whole', wide: 'Wide', near: 'Near' } as const
const size = ref<keyof typeof sizes>('wide')
const many = computed(() => booklet.value?.pages?.length ?? 0)
</script>

<template>
  <div class="pattern-view">
    <div class="reading">
      <div class="reading-bar">
        <ChoiceOf
          v-model="reads"
          legend="Read it"
          :options="[
            { value: 'pages', label: 'Pages' },
            { value: 'text', label: 'One text' },
          ]"
        />
        <ChoiceOf
          v-if="reads === 'pages'"
          v-model="size"
          legend="How large pages are shown"
          :options="
            Object.entries(sizes).map(([value, label]) => ({
              value: value as keyof typeof sizes,
              label,
            }))
          "
        />
        <span v-if="noPages" class="note" role="status"
          >The fonts of the pages cannot be read now: this is the pattern as one text.</span
        >
        <span v-if="many" class="note num">{{ many }} {{ many === 1 ? 'page' : 'pages' }}</span>
      </div>
      <article
        class="paper"
        :class="[booklet?.text ? 'text' : 'pages', size]"
        tabindex="0"
        aria-label="The written pattern"
        :aria-busy="!booklet"
      >
        <p v-if="failed" class="not-yet" role="alert">
          The pattern could not be written: {{ failed }}
        </p>
        <p v-else-if="!booklet" class="note" role="status">Setting the pages …</p>
        <PaperPages v-else-if="booklet.pages" :pages="booklet.pages" :here="project.selectedPart" />
        <!-- eslint-disable-next-line vue/no-v-html -- written by fragmentOf, in which every text is escaped -->
        <div v-else class="one-text" v-html="booklet.text" />
      </article>
    </div>
    <details class="printing" :open="isWide">
      <summary>Print and take with you</summary>
      <PrintChoices :printing="printing" />
      <OutputList :choices="printing.choices.value" />
    </details>
  </div>
</template>

<style>
.pattern-view {
  display: grid;
  flex: 1;
  grid-template-columns: minmax(0, 1fr) 208px;
  gap: 16px;
  min-height: 0;
  padding: 12px 20px 0;
}
.pattern-view .reading {
  display: flex;
  flex-direction: column;
  gap: 9px;
  min-height: 0;
}
.pattern-view .reading-bar {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
}
.pattern-view .printing {
  overflow: auto;
  padding-bottom: 16px;
}
.pattern-view .paper {
  flex: 1;
  overflow: auto;
  min-height: 0;
  padding: 2px 2px 24px;
}
.pattern-view .paper.whole .pages {
  grid-template-columns: repeat(auto-fill, minmax(240px, 1fr));
}
.pattern-view .paper.near .pages {
  width: 150%;
}
.pattern-view .not-yet {
  margin-top: 8px;
  color: var(--error);
}
.pattern-view .paper.text {
  padding: 24px 34px;
  border: 1px solid var(--line);
  border-radius: var(--radius-large) var(--radius-large) 0 0;
  background: #fff;
  box-shadow: var(--shadow);
}
.pattern-view .printing summary {
  display: none;
}
@media (max-width: 1000px) {
  .pattern-view {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto minmax(0, 1fr);
    gap: 8px;
    padding: 8px 12px 0;
  }
  .pattern-view .printing {
    order: -1;
    max-height: 60vh;
    padding-bottom: 0;
  }
  .pattern-view .printing summary {
    display: list-item;
    min-height: 28px;
    font-weight: 600;
    cursor: pointer;
  }
  .pattern-view .paper.text {
    padding: 18px;
  }
}
</style>
