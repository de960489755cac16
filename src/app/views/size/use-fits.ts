import { computed, type MaybeRefOrGetter, reactive, ref, shallowRef, toValue, watch } from 'vue'
import { type Design, type Edit, partById } from '@core/design'
import {
  bandWords,
  type Fit,
  type FitAnswer,
  fitEdits,
  fitSentence,
  halvesWords,
  isInUse,
  middleWords,
} from '@core/fit'
import type { Project } from '@core/project'
import type { System } from '@core/units'
import { useProject } from '@app/stores/project.ts'
import { latestOnly } from '@app/workers/client.ts'
import { deriver } from '@app/workers/workers.ts'

const SHOWN = 24

/** A fit, its words, and the edits that apply it. */
export interface FitRow {
  readonly fit: Fit
  readonly inUse: boolean
  /** Outside the tolerance, and offered as the next that comes out by itself. */
  readonly beyond: boolean
  readonly bands: readonly {
    readonly text: string
    readonly even: boolean
    readonly flare: string
  }[]
  /** Its two halves, and what lies in the middle of its bands. */
  readonly halves: string
  readonly middle: string
  readonly sentence: string
  readonly edits: readonly Edit[]
}

const nothing: FitAnswer = { fits: [], beyond: [], total: 0, nearest: null }

/** The counts that fit the bag on the table, or its count on the hook: pointing shows what one makes of it, taking applies it. */
export function useFits(units: MaybeRefOrGetter<System>) {
  const project = useProject()
  /** An answer, and the design it is about. */
  const told = shallowRef<{ readonly design: Design; readonly answer: FitAnswer } | null>(null)
  const answer = computed(() => told.value?.answer ?? nothing)
  /** The stitches on the hook; null for any count. */
  const onHook = ref<number | null>(null)
  const fits = latestOnly(
    ({ bag, count }: { bag: Project; count: number | null }) =>
      deriver.ask((api) => api.fits(bag, count ?? undefined)),
    (result, { bag }) => {
      if (result.ok) told.value = { design: bag.design, answer: result.value }
    },
  )
  watch([() => project.project, onHook], ([bag, count]) => bag && fits.ask({ bag, count }), {
    immediate: true,
  })
  const rowOf = (design: Design, fit: Fit, beyond = false): FitRow => ({
    fit,
    beyond,
    inUse: isInUse(design, fit),
    bands: fit.bands.map((band) => bandWords(band, fit.sizeMm, toValue(units))),
    halves: halvesWords(fit),
    middle: middleWords(fit),
    sentence: fitSentence(fit, (id) => partById(design, id).name),
    edits: fitEdits(design, fit),
  })
  const rows = computed(() =>
    told.value
      ? [
          ...answer.value.fits.slice(0, SHOWN).map((fit) => rowOf(told.value!.design, fit)),
          ...answer.value.beyond.map((fit) => rowOf(told.value!.design, fit, true)),
        ]
      : [],
  )
  const nearest = computed(() => {
    const miss = answer.value.nearest
    return told.value && miss ? { ...miss, row: rowOf(told.value.design, miss.fit) } : null
  })
  const show = (row: FitRow | undefined) =>
    row && !row.inUse ? project.showPreview(row.edits) : project.endPreview()
  return reactive({
    rows,
    nearest,
    onHook,
    setOnHook: (count: number | null) => (onHook.value = count),
    total: computed(() => answer.value.total),
    show,
    point: (i: number | null) => show(i === null ? undefined : rows.value[i]),
    take(i: number) {
      const row = rows.value[i]
      if (row && !row.inUse) project.edit(row.edits)
    },
  })
}
export type Fits = ReturnType<typeof useFits>
