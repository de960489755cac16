<script setup lang="ts">
import { computed, nextTick, ref, useTemplateRef } from 'vue'
import { offered } from './offers.ts'

/** The list of what can be done, found by words of its names. */
const emit = defineEmits<{ gone: [] }>()
const open = ref(true)
const query = ref('')
const chosen = ref(0)
const field = useTemplateRef<HTMLInputElement>('field')
const found = computed(() => {
  const words = query.value.toLowerCase().split(/\s+/).filter(Boolean)
  return offered.value.filter(({ title }) =>
    words.every((word) => title.toLowerCase().includes(word)),
  )
})

/** The dialog takes the focus itself at its own time; the field takes it from there. */
const focusField = () => setTimeout(() => field.value?.focus())

/** What was chosen is done when the dialog is gone, and with it the focus it gives back. */
let next: (() => void) | null = null
function run(index: number) {
  const action = found.value[index]
  if (!action) return
  next = action.run
  open.value = false
}
function closed() {
  emit('gone')
  next?.()
}
const move = (by: number) => {
  chosen.value = (chosen.value + by + found.value.length) % Math.max(1, found.value.length)
  void nextTick(() =>
    document.getElementById(`action-${chosen.value}`)?.scrollIntoView({ block: 'nearest' }),
  )
}
</script>

<template>
  <ElDialog
    v-model="open"
    title="Find an action"
    width="460px"
    append-to-body
    @open-auto-focus="focusField"
    @opened="focusField"
    @closed="closed"
  >
    <input
      ref="field"
      v-model="query"
      class="action-field"
      role="combobox"
      aria-label="Find an action"
      aria-controls="actions"
      aria-expanded="true"
      :aria-activedescendant="`action-${chosen}`"
      @input="chosen = 0"
      @keydown.down.prevent="move(1)"
      @keydown.up.prevent="move(-1)"
      @keydown.enter="run(chosen)"
    />
    <ul id="actions" class="found-actions" role="listbox" aria-label="Actions">
      <li
        v-for="(action, i) in found"
        :id="`action-${i}`"
        :key="action.title"
        role="option"
        :aria-selected="i === chosen"
        @click="run(i)"
      >
        {{ action.title }} <kbd v-if="action.keys">{{ action.keys }}</kbd>
      </li>
    </ul>
    <p v-if="found.length === 0" class="note">No action has these words.</p>
  </ElDialog>
</template>

<style>
.action-field {
  width: 100%;
  height: 38px;
  padding: 0 12px;
  border: 1px solid var(--mat);
  border-radius: var(--radius);
}
.found-actions {
  max-height: 320px;
  overflow: auto;
  margin: 8px 0 0;
  padding: 0;
  list-style: none;
}
.found-actions li {
  display: flex;
  justify-content: space-between;
  padding: 7px 12px;
  border-radius: var(--radius);
  color: var(--ink);
  cursor: pointer;
}
.found-actions li:hover,
.found-actions li[aria-selected='true'] {
  background: var(--mat-tint);
}
</style>
