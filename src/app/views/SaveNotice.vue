<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { saveProjectFile } from '@app/export/save.ts'
import { useProject } from '@app/stores/project.ts'

/** What must be said about saving, with what can be done about it. */
const project = useProject()
const router = useRouter()
const dismissed = ref(false)
const message = computed(() => {
  const words = {
    conflict: 'Another tab has saved this bag meanwhile. Nothing is lost: both are still there.',
    full: 'This browser has no room left, so the last changes are not saved. They are kept here while the tab is open. Export the bag to a file, or make room by deleting a bag.',
    refused:
      'This browser refuses to keep data, so the last changes are not saved. They are kept here while the tab is open. Export the bag to a file.',
    saved: null,
    saving: null,
  }
  return words[project.saving.state]
})
async function copy() {
  const id = await project.saving.keepAsCopy()
  await router.push({ name: 'bands', params: { id } })
}
</script>

<template>
  <div v-if="message" class="save-notice bad" role="alert">
    <p>{{ message }}</p>
    <template v-if="project.saving.state === 'conflict'">
      <button type="button" class="button" @click="copy">Keep this one as a copy</button>
      <button type="button" class="button" @click="project.saving.takeTheirs">
        Take the other tab’s
      </button>
    </template>
    <button v-else type="button" class="button" @click="saveProjectFile(project.design!)">
      Export the bag
    </button>
  </div>
  <div v-else-if="project.alsoOpen && !dismissed" class="save-notice" role="status">
    <p>This bag is open in another tab too. What is changed there appears here.</p>
    <button type="button" class="button" @click="dismissed = true">All right</button>
  </div>
</template>

<style>
.save-notice {
  display: flex;
  gap: 10px;
  align-items: center;
  padding: 8px 20px;
  border-bottom: 1px solid var(--line-strong);
  background: #e4eef4;
  color: #17394d;
  font-size: 13px;
}
.save-notice p {
  flex: 1;
}
.save-notice.bad {
  background: #f9e4df;
  color: #6d1a0e;
}
</style>
