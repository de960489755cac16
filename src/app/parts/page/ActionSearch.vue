<script setup lang="ts">
import { Search } from '@element-plus/icons-vue'
import { useEventListener } from '@vueuse/core'
import { defineAsyncComponent, onMounted, ref } from 'vue'
import { useEverywhere } from './everywhere.ts'

/** Ctrl K: everything that can be done where one is, by its name. */
const open = ref(false)
/** Its list is brought in when there is time, so that it is there when it is asked for. */
const bring = () => import('./ActionDialog.vue')
const ActionDialog = defineAsyncComponent(bring)
onMounted(() => setTimeout(() => void bring().catch(() => {}), 300))
useEverywhere()
useEventListener('keydown', (event: KeyboardEvent) => {
  if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'k') return
  event.preventDefault()
  open.value = true
})
</script>

<template>
  <button type="button" class="action-search" aria-label="Find an action" @click="open = true">
    <ElIcon :size="17" class="short"><Search /></ElIcon
    ><span>Find an action <kbd>Ctrl K</kbd></span>
  </button>
  <ActionDialog v-if="open" @gone="open = false" />
</template>

<style>
.action-search {
  padding: 3px 11px;
  border: 1px solid var(--line-strong);
  border-radius: 20px;
  background: #fff;
  color: var(--ink-2);
  font-size: 12.5px;
  white-space: nowrap;
  cursor: pointer;
}
.action-search .short {
  display: none;
}
@media (max-width: 1000px) {
  .action-search {
    display: grid;
    place-items: center;
    width: 30px;
    height: 30px;
    padding: 0;
    border-color: transparent;
    background: none;
  }
  .action-search .short {
    display: inline-flex;
  }
  .action-search span {
    display: none;
  }
}
kbd {
  margin-left: 6px;
  color: var(--ink-3);
  font: 400 12px/1 var(--font-text);
}
</style>
