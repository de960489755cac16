import { onScopeDispose, ref, shallowRef, watch } from 'vue'
import type { PatternSheet } from '@core/bag'
import type { Words } from '@core/stitch'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import { latestOnly } from '@app/workers/client.ts'
import type { ChartPlace, Paired } from '@app/workers/paper.worker.ts'
import { paper } from '@app/workers/workers.ts'

interface Asked {
  readonly bag: Paired
  readonly words: Words
}

/** The pictures of the charts, by the part: the addresses they have in this page. */
function usePictures() {
  const pictures = shallowRef<ReadonlyMap<string, string>>(new Map())
  const show = (next: ReadonlyMap<string, string>) => {
    pictures.value.forEach((url) => URL.revokeObjectURL(url))
    pictures.value = next
  }
  const drawing = latestOnly(
    ({ bag, words }: Asked) => paper.ask((api) => api.pictures(bag, words)),
    // Without pictures the rounds still say everything.
    (answer) =>
      show(
        new Map(
          answer.ok
            ? answer.value.map(({ part, picture }) => [part, URL.createObjectURL(picture)])
            : [],
        ),
      ),
  )
  onScopeDispose(() => {
    drawing.drop()
    show(new Map())
  })
  return { pictures, draw: drawing.ask }
}

/** The written pattern of the bag on the table, which a worker writes; the last one stays until the next is there. */
export function useSheet() {
  const project = useProject()
  const workshop = useWorkshop()
  const sheet = shallowRef<PatternSheet | null>(null)
  const places = shallowRef<ReadonlyMap<string, ChartPlace>>(new Map())
  const failed = ref<string | null>(null)
  const { pictures, draw } = usePictures()
  const writing = latestOnly(
    ({ bag, words }: Asked) => paper.ask((api) => api.pattern(bag, words)),
    (answer, asked) => {
      failed.value = answer.ok ? null : answer.problem
      if (!answer.ok) return
      sheet.value = answer.value.sheet
      places.value = new Map(answer.value.charts.map((place) => [place.part, place]))
      draw(asked)
    },
  )
  watch(
    [() => project.table, () => workshop.words],
    ([table, words]) => {
      // Of the other hand it is derived anew, and comes again.
      if (!table || table.hand !== words.hand) return
      const { design, log, derived } = table
      writing.ask({ bag: { design, log, derived }, words: { ...words } })
    },
    { immediate: true },
  )
  onScopeDispose(writing.drop)
  return { sheet, places, pictures, failed }
}
