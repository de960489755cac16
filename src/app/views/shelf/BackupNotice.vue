<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { onDesk } from '@app/storage/desk.ts'
import { useShelf } from '@app/stores/shelf.ts'

/** Where much was noted since the last copy elsewhere, it says so. */
const emit = defineEmits<{ open: [] }>()
const shelf = useShelf()
const MUCH = 60
const lastBackup = ref<string | null>(null)
onMounted(async () => (lastBackup.value = await onDesk<string>('last-backup').catch(() => null)))
const since = computed(() =>
  (shelf.bags ?? []).reduce(
    (sum, { project }) =>
      sum + (project?.log.filter(({ at = '' }) => at > (lastBackup.value ?? '')).length ?? 0),
    0,
  ),
)
</script>

<template>
  <div v-if="since >= MUCH" class="backup-notice" role="status">
    <p class="num">
      {{ since }} entries were noted in your logs since
      {{
        lastBackup
          ? `the backup of ${lastBackup.slice(0, 10)}`
          : 'you began, and there is no copy elsewhere'
      }}.
    </p>
    <button type="button" class="button" @click="emit('open')">Save a backup</button>
  </div>
</template>

<style>
.backup-notice {
  display: flex;
  gap: 10px;
  align-items: center;
  margin-bottom: 16px;
  padding: 9px 14px;
  border-left: 4px solid var(--advice);
  border-radius: var(--radius);
  background: #fff;
}
.backup-notice p {
  flex: 1;
}
</style>
