<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { ref } from 'vue'
import { tools } from '../chart/tools.ts'

/** All keys on one sheet, opened with ?. */
const open = ref(false)
const keys = [
  {
    title: 'Anywhere',
    list: [
      ['Ctrl Z', 'Undo'],
      ['Ctrl Y', 'Redo'],
      ['Ctrl K', 'Find an action'],
      ['?', 'This sheet'],
    ],
  },
  {
    title: 'On a chart',
    list: [
      ['Arrows', 'Move from cell to cell'],
      ['Space', 'Paint the cell'],
      ['Shift + arrows', 'Paint on the way'],
      ['1 to 9', 'Choose a yarn'],
      ['+ and −', 'Larger, smaller'],
      ['0', 'All of it'],
      ['Escape', 'Take an unfinished stroke back'],
    ],
  },
  { title: 'Tools', list: tools.map(({ key, title }) => [key.toUpperCase(), title]) },
  { title: 'On the spine', list: [['Up and down', 'More or fewer rounds of the part']] },
]
useEventListener('keydown', (event: KeyboardEvent) => {
  const typing = (event.target as HTMLElement).closest('input:not([type=radio]), textarea')
  if (event.key === '?' && !typing) open.value = true
})
</script>

<template>
  <ElDialog v-model="open" title="Keys" width="620px" append-to-body>
    <div class="key-sheet">
      <section v-for="group in keys" :key="group.title">
        <h3>{{ group.title }}</h3>
        <dl>
          <template v-for="[key, what] in group.list" :key="key"
            ><dt>{{ key }}</dt>
            <dd>{{ what }}</dd></template
          >
        </dl>
      </section>
    </div>
  </ElDialog>
</template>

<style>
.key-sheet {
  columns: 2;
  column-gap: 28px;
}
.key-sheet section {
  margin-bottom: 14px;
  break-inside: avoid;
}
.key-sheet h3 {
  margin-bottom: 4px;
  font-weight: 600;
  font-size: 14px;
}
.key-sheet dl {
  display: grid;
  grid-template-columns: 104px 1fr;
  gap: 3px 8px;
  margin: 0;
  font-size: 13px;
}
.key-sheet dt {
  color: var(--ink);
  font-weight: 650;
}
.key-sheet dd {
  margin: 0;
  color: var(--ink-2);
}
</style>
