<script setup lang="ts">
import { ref } from 'vue'
import type { WordedReport } from '@core/check'
import { giveReport, type ReportKind } from '@app/export/check-report.ts'
import PopUnder from '@app/parts/page/PopUnder.vue'
import { useWorkshop } from '@app/stores/workshop.ts'

/** What was found, as a file to be sent. */
const { name, report } = defineProps<{ name: string; report: WordedReport }>()
const workshop = useWorkshop()
const failed = ref<string | null>(null)
async function give(kind: ReportKind, close: () => void) {
  failed.value = null
  try {
    await giveReport(kind, name, report, workshop.print)
    close()
  } catch (error) {
    failed.value = (error as Error).message
  }
}
</script>

<template>
  <PopUnder :width="260">
    <template #button>
      <button type="button" class="button" aria-haspopup="true">Report …</button>
    </template>
    <template #default="{ close }">
      <div class="report-menu">
        <p class="note">Faults with their line, their place and what would put them right.</p>
        <button type="button" class="button" @click="give('markdown', close)">As Markdown</button>
        <button type="button" class="button" @click="give('pdf', close)">As PDF</button>
        <p v-if="failed" role="alert">{{ failed }}</p>
      </div>
    </template>
  </PopUnder>
</template>

<style>
.report-menu {
  display: grid;
  gap: 8px;
}
</style>
