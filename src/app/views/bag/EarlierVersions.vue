<script setup lang="ts">
import { computed } from 'vue'
import { kept } from '@app/storage/kept.ts'
import { useProject } from '@app/stores/project.ts'

/** The previous versions that are kept of this bag; bringing one back is an edit like any other, and undone like one. */
const project = useProject()
const versions = computed(() => project.saving.previous)
const when = (at: number) =>
  new Date(at).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'medium' })
async function bringBack(index: number) {
  const [bag, version] = [project.id, versions.value[index]!]
  const read = await kept.bags.version(version).catch(() => null)
  if (!read || project.id !== bag) return
  const why = `Version of ${when(version.savedAt)}`
  project.edit({ name: 'replace', args: { design: read.design, why } })
}
</script>

<template>
  <div class="earlier">
    <h2>Earlier versions</h2>
    <p v-if="versions.length === 0" class="note">
      None yet. One is kept at the start of each sitting and every few minutes of work.
    </p>
    <ul v-else>
      <li v-for="(version, i) in versions" :key="version.savedAt">
        <span class="num">{{ when(version.savedAt) }}</span>
        <button type="button" class="link" @click="bringBack(i)">Bring back</button>
      </li>
    </ul>
  </div>
</template>

<style>
.earlier h2 {
  margin-bottom: 6px;
  font-weight: 600;
  font-size: 14px;
}
.earlier ul {
  display: grid;
  gap: 4px;
  margin: 0;
  padding: 0;
  list-style: none;
}
.earlier li {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  font-size: 12.5px;
}
</style>
