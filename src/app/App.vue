<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { ElConfigProvider } from 'element-plus'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import ImportNotice from './parts/page/ImportNotice.vue'
import NewerNotice from './parts/page/NewerNotice.vue'
import WorkshopNotice from './parts/page/WorkshopNotice.vue'
import { notLoaded } from './router.ts'
import { useImports } from './stores/imports.ts'

/** What holds everywhere: files that are dropped are taken and answered, and a place that cannot be loaded says so. */
const imports = useImports()
const router = useRouter()
const over = ref(false)
const withFiles = ({ dataTransfer }: DragEvent) => dataTransfer?.types.includes('Files') === true

useEventListener('dragover', (event: DragEvent) => {
  if (!withFiles(event)) return
  // What takes files of its own has said so by now.
  over.value = !event.defaultPrevented
  event.preventDefault()
})
useEventListener('dragleave', (event: DragEvent) => {
  if (!event.relatedTarget) over.value = false
})
useEventListener('drop', (event: DragEvent) => {
  over.value = false
  if (event.defaultPrevented || !withFiles(event)) return
  event.preventDefault()
  void imports.take([...(event.dataTransfer?.files ?? [])])
})

/** The place again; where the browser remembers the failure, the page from anew. */
async function again() {
  const to = notLoaded.value!
  notLoaded.value = null
  await router.push(to).catch(() => {})
  if (notLoaded.value === null) return
  // A browser may remember that a part could not be fetched: once the server answers again, the page is loaded anew.
  const answers = await fetch('/', { cache: 'no-store' }).then(
    ({ ok }) => ok,
    () => false,
  )
  if (answers) location.assign(to)
}
</script>

<template>
  <ElConfigProvider :message="{ max: 3, placement: 'bottom' }">
    <div class="whole-page" :class="{ over }">
      <div v-if="notLoaded" class="not-loaded" role="alert">
        <p>
          This place could not be loaded: the program’s server does not answer. What you did is
          safe; start the server again, then try again.
        </p>
        <button type="button" class="button" @click="again">Try again</button>
        <button type="button" class="button" @click="notLoaded = null">Stay here</button>
      </div>
      <NewerNotice />
      <WorkshopNotice />
      <ImportNotice />
      <RouterView />
    </div>
  </ElConfigProvider>
</template>

<style>
.whole-page {
  display: flex;
  flex-direction: column;
  height: 100%;
}
.whole-page > :not(.import-notice, .not-loaded, .workshop-notice, .newer-notice) {
  flex: 1;
  min-height: 0;
}
.whole-page.over {
  outline: 4px dashed var(--mat);
  outline-offset: -8px;
}
.not-loaded {
  display: flex;
  gap: 10px;
  align-items: center;
  padding: 8px 20px;
  background: #f9e4df;
  color: #6d1a0e;
}
.not-loaded p {
  flex: 1;
}
</style>
