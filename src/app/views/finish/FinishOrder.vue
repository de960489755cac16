<script setup lang="ts">
import { ArrowDown, ArrowUp } from '@element-plus/icons-vue'
import { computed } from 'vue'
import { VueDraggable } from 'vue-draggable-plus'
import { finishingOf } from '@core/pattern'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

/** What is done when all is worked, in the order it is done: moved by dragging or by its arrows. */
const project = useProject()
const workshop = useWorkshop()
const steps = computed(() => {
  const { ledger, tally } = project.table!.derived
  return finishingOf(ledger, workshop.words, tally.ends).steps
})
const setOrder = (order: readonly string[]) =>
  project.edit({ name: 'setDesign', args: { order: [...order] } })
const list = computed({
  get: () => [...steps.value],
  set: (now) => setOrder(now.map(({ key }) => key)),
})
function move(at: number, by: number) {
  const keys = steps.value.map(({ key }) => key)
  const [key] = keys.splice(at, 1)
  keys.splice(at + by, 0, key!)
  setOrder(keys)
}
</script>

<template>
  <VueDraggable v-model="list" tag="ol" handle=".what" :animation="120" class="finish-order">
    <li v-for="({ key, name, text }, at) in list" :key="key">
      <span class="what"
        ><b>{{ name }}</b> {{ text }}</span
      >
      <span class="moves">
        <button
          type="button"
          class="icon-button"
          :aria-label="`${name} earlier`"
          :disabled="at === 0"
          @click="move(at, -1)"
        >
          <ElIcon :size="13"><ArrowUp /></ElIcon>
        </button>
        <button
          type="button"
          class="icon-button"
          :aria-label="`${name} later`"
          :disabled="at === list.length - 1"
          @click="move(at, 1)"
        >
          <ElIcon :size="13"><ArrowDown /></ElIcon>
        </button>
      </span>
    </li>
  </VueDraggable>
</template>

<style>
.finish-order {
  display: grid;
  gap: 6px;
  margin: 0;
  padding: 0 0 0 20px;
  font-size: 13px;
}
.finish-order li::marker {
  color: var(--ink-3);
  font-variant-numeric: tabular-nums;
}
.finish-order .what {
  cursor: grab;
}
.finish-order .moves {
  display: flex;
  justify-content: flex-end;
}
.finish-order .icon-button {
  width: 26px;
  height: 24px;
}
</style>
