<script setup lang="ts">
/** The end of a dialog: what it does, at the same place in every one; beside it the way out, and before them what else there is. */
defineProps<{ does: string; disabled?: boolean; leaves?: string }>()
/** `take` where it does not submit a form; `leave` where it can be left undone. */
const emit = defineEmits<{ take: []; leave: [] }>()
</script>

<template>
  <div class="dialog-end">
    <slot />
    <span class="room" />
    <button v-if="leaves" type="button" class="button" @click="emit('leave')">{{ leaves }}</button>
    <button type="submit" class="button main" :disabled="disabled" @click="emit('take')">
      {{ does }}
    </button>
  </div>
</template>

<style>
.dialog-end {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin-top: 14px;
}
.dialog-end .room {
  flex: 1;
}
.dialog-end .button {
  min-height: 34px;
  padding: 5px 16px;
}
</style>
