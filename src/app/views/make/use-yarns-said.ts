import { computed, type Ref } from 'vue'
import { changeDetail, changeTitle, maybeNextChange, yarnsNow, yarnsNowWords } from '@core/make'
import type { YarnPaths } from '@core/paths'
import { rowLeading } from '@core/pattern'
import { rowWord } from '@core/terms'
import { useMaking } from '@app/stores/making.ts'
import type { AtRow } from './use-runs.ts'

/** The next change of yarn before it comes, and what every yarn is doing. */
export function useYarnsSaid(at: Readonly<Ref<(AtRow & { readonly paths: YarnPaths }) | null>>) {
  const making = useMaking()
  const change = computed(() => {
    if (!at.value) return null
    const { ledger, piece, row, paths } = at.value
    const next = maybeNextChange(ledger, piece, row, making.steps, making.done)
    if (!next) return { title: `none in this ${rowWord(piece.worked)}`, detail: '', strokes: null }
    const notes = next.atEnd ? rowLeading(ledger, piece, paths, row + 1) : []
    const { strokes } = next
    return { title: changeTitle(next, piece), detail: changeDetail(next, notes), strokes }
  })
  const yarns = computed(() => {
    if (!at.value) return null
    const { ledger, piece, row, paths } = at.value
    const place = { row, steps: making.steps, done: making.done }
    return yarnsNowWords(piece, yarnsNow(ledger, piece, paths, place))
  })
  return { change, yarns }
}
