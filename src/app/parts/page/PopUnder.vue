<script setup lang="ts">
import { ref, useTemplateRef } from 'vue'

/**
 * Something more about a button, shown beside it while it is open. It stands next to the button in the order of tabs too;
 * Escape closes it and gives the focus back.
 */
withDefaults(
  defineProps<{ width: number; placement?: 'bottom-start' | 'bottom-end' | 'left' | 'right' }>(),
  { placement: 'bottom-end' },
)
const emit = defineEmits<{ open: [] }>()
const open = ref(false)
const root = useTemplateRef('root')
function close(event: KeyboardEvent) {
  if (!open.value) return
  event.stopPropagation()
  open.value = false
  root.value?.querySelector('button')?.focus()
}
</script>

<template>
  <span ref="root" class="pop-under" @keydown.esc="close">
    <ElPopover
      v-model:visible="open"
      trigger="click"
      :width="width"
      :placement="placement"
      :teleported="false"
      :persistent="false"
      :popper-options="{ strategy: 'fixed' }"
      @before-enter="emit('open')"
    >
      <template #reference><slot name="button" /></template>
      <slot :close="() => (open = false)" />
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
</style>
