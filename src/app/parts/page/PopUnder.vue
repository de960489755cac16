<script setup lang="ts">
import { onClickOutside } from '@vueuse/core'
import { nextTick, onMounted, ref, useTemplateRef, watch } from 'vue'

/**
 * Something more about a button, shown beside it while it is open. It stands next to the button in the order of tabs too. It stays while
 * one chooses in it, also in what it opens; a click outside closes it, and Escape closes it and gives the focus back.
 */
withDefaults(
  defineProps<{
    width: number
    placement?: 'bottom-start' | 'bottom-end' | 'bottom' | 'left' | 'right' | 'top-start'
  }>(),
  { placement: 'bottom-end' },
)
const emit = defineEmits<{ open: [] }>()
const open = ref(false)
const root = useTemplateRef('root')
const content = useTemplateRef('content')
const button = () => root.value?.querySelector('button')
/** Whether it is open is told of its button, where the popover has its own mind about that. */
const tell = () => nextTick(() => button()?.setAttribute('aria-expanded', String(open.value)))
onMounted(tell)
watch(open, tell, { flush: 'post' })
async function toggle(event: Event) {
  if (content.value?.contains(event.target as Node)) return
  if (!button()?.contains(event.target as Node)) return
  if (!open.value) emit('open')
  open.value = !open.value
  if (!open.value) return
  await nextTick()
  content.value?.querySelector<HTMLElement>('input, select, textarea, button, a')?.focus()
}
function close(event: KeyboardEvent) {
  if (!open.value) return
  event.stopPropagation()
  open.value = false
  button()?.focus()
}
// Lists and dialogs that were opened from here lie elsewhere in the page.
onClickOutside(root, () => (open.value = false), {
  ignore: ['.el-popper', '.el-overlay', '.el-message'],
})
</script>

<template>
  <span ref="root" class="pop-under" @keydown.esc="close" @click="toggle">
    <ElPopover
      :visible="open"
      :width="width"
      :placement="placement"
      :teleported="false"
      :persistent="false"
      :popper-options="{ strategy: 'fixed' }"
    >
      <template #reference><slot name="button" :open="open" /></template>
      <div ref="content" class="pop-content"><slot :close="() => (open = false)" /></div>
    </ElPopover>
  </span>
</template>

<style>
.pop-under {
  display: contents;
}
.pop-under .el-popper {
  text-align: left;
  word-break: normal;
}
.pop-under .pop-content {
  overflow: auto;
  max-height: min(70vh, 620px, 100vh - 210px);
}
</style>
