import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue'
import type { Design } from '@core/design'
import type { PatternSheet } from '@core/plan'
import type { Words } from '@core/stitch'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import { latestOnly } from '@app/workers/client.ts'
import { paper } from '@app/workers/workers.ts'

/** A pattern, and the address of the picture of each chart. */
interface Shown extends PatternSheet {
  readonly pictures: ReadonlyMap<string, string>
}

/** The written pattern of the bag on the table, which a worker writes; the last one stays until the next is there. */
export function useSheet() {
  const project = useProject()
  const workshop = useWorkshop()
  const sheet = shallowRef<Shown | null>(null)
  const failed = ref<string | null>(null)
  const release = () => sheet.value?.pictures.forEach((url) => URL.revokeObjectURL(url))

  const writing = latestOnly(
    ({ design, words }: { design: Design; words: Words }) =>
      paper.ask((api) => api.pattern(design, words)),
    (answer) => {
      failed.value = answer.ok ? null : answer.problem
      if (!answer.ok) return
      release()
      sheet.value = {
        ...answer.value.sheet,
        pictures: new Map(
          answer.value.charts.map(({ part, picture }) => [part, URL.createObjectURL(picture)]),
        ),
      }
    },
  )
  watch(
    [computed(() => project.design), () => workshop.words],
    ([design, words]) => design && writing.ask({ design, words: { ...words } }),
    { immediate: true },
  )
  onScopeDispose(() => {
    writing.drop()
    release()
  })
  return { sheet, failed }
}
