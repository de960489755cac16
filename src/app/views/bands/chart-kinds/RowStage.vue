<script setup lang="ts">
/** Where a band is drawn row for row: its rows are chosen by arrow keys. */
const { rows } = defineProps<{ name: string; rows: number }>()
const row = defineModel<number | null>('row', { required: true })
const step = (by: number) => (row.value = Math.max(0, Math.min(rows - 1, (row.value ?? 0) + by)))
</script>

<template>
  <div
    class="texture-stage"
    tabindex="0"
    role="group"
    :aria-label="`${name}, row by row: arrow keys choose the one that is read out`"
    @keydown.up.prevent="step(1)"
    @keydown.down.prevent="step(-1)"
  >
    <slot />
  </div>
</template>

<style>
.texture-stage {
  display: flex;
  flex: 1;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  gap: 6px;
  min-height: 0;
  padding: 8px 12px;
}
.texture-stage .sheet {
  display: flex;
  flex: 1;
  width: 100%;
  min-height: 0;
}
.texture-stage .stitch-drawing {
  flex: 1;
  max-height: 100%;
  min-height: 0;
}
</style>
