import { computed } from 'vue'
import { calledOf } from '@core/design'
import { partOfRow } from '@core/ledger'
import {
  checkpointsOf,
  leftAt,
  looksAt,
  markersWords,
  mindWords,
  partWords,
  repeatAt,
  repeatWords,
  rowTitle,
  sideWords,
} from '@core/make'
import { rowText } from '@core/pattern'
import { useMaking } from '@app/stores/making.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import { useGlance } from './use-glance.ts'
import { useRuns } from './use-runs.ts'
import { useYarnsSaid } from './use-yarns-said.ts'

/** What is to be known at the stitch one is at, in words. Nothing of it where the piece is done. */
export function useNow() {
  const making = useMaking()
  const project = useProject()
  const workshop = useWorkshop()

  const at = computed(() => {
    const { on, ledger, isDone } = making
    if (!on || !ledger || isDone) return null
    const paths = project.table!.derived.paths[ledger.pieces.indexOf(on.piece)]!
    return { on, ledger, piece: on.piece, row: on.made, paths }
  })
  const title = computed(() => (at.value ? rowTitle(at.value.piece, at.value.row) : ''))
  const called = computed(() => calledOf(project.table!.design))
  const repeat = computed(() => repeatAt(making.steps, making.done))
  const about = computed(() => {
    if (!at.value) return ''
    const { piece, row } = at.value
    return [
      partWords(piece, row, called.value),
      sideWords(piece, row, workshop.words),
      ...(repeat.value ? [repeatWords(repeat.value)] : []),
    ].join(' · ')
  })
  const aboutShort = computed(() => {
    if (!at.value) return ''
    const part = partWords(at.value.piece, at.value.row, called.value).replace(
      /, (?:round|row) /,
      ', ',
    )
    return repeat.value ? `${part} · repeat ${repeat.value[0]} of ${repeat.value[1]}` : part
  })
  const count = computed(() => {
    const here = leftAt(making.steps, making.done)
    return { here, of: making.steps.leaves, left: making.steps.leaves - here }
  })
  /** How the row is worked, in one line. */
  const text = computed(() =>
    at.value ? rowText(at.value.ledger, at.value.piece, at.value.row, workshop.words) : '',
  )
  /** Its words say where it goes, which its runs do not. */
  const isWritten = computed(
    () => at.value !== null && partOfRow(at.value.piece, at.value.row).texts !== null,
  )
  const markers = computed(() =>
    at.value ? markersWords(at.value.piece, at.value.row, making.steps) : '',
  )
  const mind = computed(() => (at.value ? mindWords(making.log, at.value.on) : null))
  const looks = computed(() =>
    at.value
      ? looksAt(
          { design: project.table!.design, ledger: at.value.ledger },
          at.value.on,
          at.value.row,
        )
      : [],
  )
  const checks = computed(() => {
    if (!making.on) return []
    const { design, derived } = project.table!
    return checkpointsOf({ design, derived, words: workshop.words }, making.on.piece)
  })
  /** Where one stops after the row that was just done. */
  const check = computed(() => checks.value.find(({ row }) => row === making.on!.made - 1) ?? null)
  const runs = useRuns(at)
  useGlance({ title, about, count, runs: runs.runs })
  return {
    ...{ at, title, about, aboutShort, count, text, isWritten, markers, mind, looks, check },
    ...runs,
    ...useYarnsSaid(at),
  }
}
export type Now = ReturnType<typeof useNow>
