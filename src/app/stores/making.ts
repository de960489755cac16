import { defineStore } from 'pinia'
import { computed } from 'vue'
import { rowMade } from '@core/ledger'
import {
  afterRowOf,
  maybeLearnedShare,
  placeOn,
  stepsOf,
  stitchesBegun,
  type Stride,
  strokesAfter,
  strokesBefore,
  type WorkOn,
} from '@core/make'
import type { LogEntry, MadeRow } from '@core/project'
import { pictureKept } from '@app/storage/photos.ts'
import { useHands } from './hands.ts'
import { useHookPlace } from './hook-place.ts'
import { useProject } from './project.ts'
import { useWorkshop } from './workshop.ts'

/** What is noted now cannot be made again: the browser is asked to keep it for good, once. */
let asked = false
function keepForGood() {
  if (asked) return
  asked = true
  void navigator.storage?.persist?.().catch(() => false)
}

/** The work on the bag that lies on the table: where the hook is, how it goes on, and what is noted of it. */
export const useMaking = defineStore('making', () => {
  const project = useProject()
  const log = computed(() => project.history?.log ?? [])
  const ledger = computed(() => project.table?.derived.ledger ?? null)
  /** What is seen is what is decided: nothing is noted while a change is on its way. */
  const ready = computed(
    () => project.table !== null && project.table.design === project.history?.design,
  )
  const bag = computed(() => project.id)
  const { works, place, on, isDone, steps, done, go } = useHookPlace(bag, ledger, log)
  const hands = useHands()

  /** Her time by the usual, as earlier bags taught it. */
  const workshop = useWorkshop()
  const learned = computed(() => maybeLearnedShare(workshop.workshop.learned, workshop.words.hand))

  /** Notes what happened, at this moment. */
  function note(entries: readonly LogEntry[]) {
    const at = new Date().toISOString()
    project.note(entries.map((entry) => ({ ...entry, at })))
  }

  /** Keeps a picture beside the bag, and notes it; says why where that is not done. */
  const keepPicture = async (photo: Blob, text: string): Promise<string | null> => {
    const kept = await pictureKept(project.id!, photo)
    if (kept.ok)
      note([{ ...kept.value, text: text.slice(0, 300), ...afterRowOf(on.value!, on.value!.made) }])
    return kept.ok ? null : kept.problem
  }

  /** A row is worked: the ledger's own record of it goes into the log. */
  function finish(record?: MadeRow) {
    const { piece, copy, made } = on.value!
    const row = record ?? rowMade(ledger.value!, piece, made, copy)
    const seconds = hands.take(steps.value, done.value, steps.value.strokes)
    note([{ ...row, ...(seconds > 0 ? { seconds } : {}) }])
    keepForGood()
    go({ piece: piece.id, copy, row: made + 1, stitches: 0 })
  }

  /** One stride on; the row is noted when it is done. */
  function forward(by: Stride) {
    if (!ready.value || !on.value || isDone.value) return
    const next = strokesAfter(steps.value, done.value, by)
    if (next >= steps.value.strokes) return finish()
    hands.worked(steps.value, done.value, next)
    go({ ...place.value!, stitches: next })
  }
  /** One stride back; from the beginning of a row into the row before, which is then not done yet. */
  function back(by: Stride) {
    if (!ready.value || !on.value) return
    hands.undone()
    if (done.value > 0)
      return go({ ...place.value!, stitches: strokesBefore(steps.value, done.value, by) })
    const { made, piece } = on.value
    if (made === 0) return
    const before = stepsOf(ledger.value!, piece, made - 1)
    takeBack(made - 1, strokesBefore(before, before.strokes, by), 'noted too early')
  }
  /** So many rows, and stitches of the next, stay. */
  function takeBack(rows: number, stitches: number, how: 'ripped' | 'noted too early') {
    const at = on.value!
    note([{ kind: 'ripped', how, ...afterRowOf(at, rows), stitches }])
    go({ piece: at.piece.id, copy: at.copy, row: rows, stitches })
  }
  /** Work is laid down: the log has where. */
  function pause() {
    if (!ready.value || !on.value || isDone.value || done.value === 0) return
    if (stitchesBegun(log.value, on.value) === done.value) return
    note([{ kind: 'paused', ...afterRowOf(on.value, on.value.made), stitches: done.value }])
  }
  /** Goes on with another copy or piece; what was begun is laid down. */
  function goOn(to: WorkOn) {
    pause()
    go(placeOn(log.value, to))
  }

  return {
    ...{ log, ledger, ready, works, place, on, isDone, steps, done },
    learned,
    ...{ forward, back, finish, takeBack, goOn, pause, note, keepPicture },
    ...{ restDue: hands.restDue, rested: hands.rested, workedSeconds: hands.seconds },
  }
})
