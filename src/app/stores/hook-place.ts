import { computed, type Ref, shallowRef, watch } from 'vue'
import type { Ledger } from '@core/ledger'
import {
  afterRowOf,
  maybeWorkAt,
  type Place,
  placeIn,
  placeOn,
  type RowSteps,
  stepsOf,
  type WorkOn,
  worksOf,
} from '@core/make'
import type { LogEntry } from '@core/project'
import { leavePlace, maybePlace, onPlace } from '@app/storage/place-note.ts'

const NO_STEPS: RowSteps = { steps: [], strokes: 0, leaves: 0, repeats: [] }

/** Where the hook is in a bag: in which copy of which piece, row and stitch. It is noted in the browser at every stitch. */
export function useHookPlace(
  bag: Readonly<Ref<string | null>>,
  ledger: Readonly<Ref<Ledger | null>>,
  log: Readonly<Ref<readonly LogEntry[]>>,
) {
  const works = computed(() => (ledger.value ? worksOf(ledger.value, log.value) : []))
  /** Where she is, when that is further than the log has it. */
  const live = shallowRef<Place | null>(null)
  const place = computed((): Place | null => {
    if (!ledger.value || works.value.length === 0) return null
    const { value: at } = live
    const on = at && maybeWorkAt(works.value, at)
    if (!at || !on) return placeIn(ledger.value, log.value)
    return at.row === on.made ? at : placeOn(log.value, on)
  })
  const on = computed((): WorkOn | null => place.value && maybeWorkAt(works.value, place.value))
  const isDone = computed(() => on.value !== null && on.value.made >= on.value.piece.rows)
  const steps = computed((): RowSteps => {
    if (!ledger.value || !on.value || isDone.value) return NO_STEPS
    return stepsOf(ledger.value, on.value.piece, on.value.made)
  })
  /** Strokes of the row that are done. */
  const done = computed(() => Math.min(place.value?.stitches ?? 0, steps.value.strokes))

  /** Takes up what was noted in this browser, where the log has not come further. */
  function takeUp() {
    live.value = null
    const note = bag.value && ledger.value ? maybePlace(bag.value) : null
    const at = note && maybeWorkAt(works.value, note)
    if (!note || !at || at.made >= at.piece.rows) return
    const same = afterRowOf(at, at.made).row === note.row
    live.value = { ...placeOn(log.value, at), ...(same ? { stitches: note.stitches } : {}) }
  }
  watch([bag, () => ledger.value !== null], takeUp, { immediate: true, flush: 'sync' })
  onPlace((of) => of === bag.value && takeUp())

  function go(to: Place) {
    live.value = to
    const at = maybeWorkAt(works.value, to)
    if (!bag.value || !at) return
    const { piece, copy, row } = afterRowOf(at, to.row)
    leavePlace(bag.value, { piece, copy, row, stitches: to.stitches })
  }
  return { works, place, on, isDone, steps, done, go }
}
