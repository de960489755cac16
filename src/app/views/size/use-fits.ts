import { computed, shallowRef, watch } from 'vue'
import { type Design, partById } from '@core/design'
import { bandWords, type Fit, fitEdits, fitSentence, isInUse } from '@core/fit'
import { useProject } from '@app/stores/project.ts'
import { deriver, latestOnly } from '@app/workers/derive-client.ts'
import type { Answer } from '@app/workers/derive.worker.ts'

const SHOWN = 7

/** The counts that fit the bag on the table, each with its words and the edits that apply it. */
export function useFits() {
  const project = useProject()
  const answer = shallowRef<readonly Fit[]>([])
  const ask = latestOnly(
    async (design: Design): Promise<Answer<Fit[]>> => await deriver.fits(design),
    (result) => {
      if (result.ok) answer.value = result.value
    },
  )
  watch(
    () => project.design,
    (design) => design && ask(design),
    { immediate: true },
  )
  const rows = computed(() => {
    const { design } = project
    if (!design) return []
    const name = (id: string) => partById(design, id).name
    const has = (id: string) => design.parts.some((part) => part.id === id)
    return answer.value
      .filter((fit) => fit.bands.every(({ id }) => has(id)))
      .slice(0, SHOWN)
      .map((fit) => ({
        fit,
        inUse: isInUse(design, fit),
        bands: fit.bands.map(bandWords),
        sentence: fitSentence(fit, name),
        edits: fitEdits(design, fit),
      }))
  })
  return { rows, total: computed(() => answer.value.length) }
}
