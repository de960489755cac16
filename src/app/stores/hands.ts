import { ref, type Ref } from 'vue'
import { secondsOf } from '@core/make'
import type { RowSteps } from '@core/make'
import { useWorkshop } from './workshop.ts'
import { computed } from 'vue'

/** Longer than so many times what the stitches usually take, or than so many seconds, was not all work. */
const LONGEST_SHARE = 3
const LEAST_CAP = 20
/** Hands that lay still for so long have rested. */
const RESTED_MS = 5 * 60_000

/** What stitches usually take, in seconds. */
function usual({ steps }: RowSteps, from: number, to: number): number {
  let sum = 0
  for (const { stitch, strokes, from: first } of steps) {
    const many = Math.min(to, first + strokes) - Math.max(from, first)
    if (many > 0) sum += many * secondsOf(stitch)
  }
  return sum
}

/** How long hands have been at work: between one tap and the next, pauses left out. */
export function useHands(now: () => number = Date.now) {
  const workshop = useWorkshop()
  let last = now()
  /** Of the row being worked. */
  let ofRow = 0
  /** Since hands last rested. */
  const seconds: Ref<number> = ref(0)

  function worked(steps: RowSteps, from: number, to: number) {
    const at = now()
    const gone = at - last
    last = at
    if (gone > RESTED_MS) seconds.value = 0
    const cap = Math.max(LEAST_CAP, LONGEST_SHARE * usual(steps, from, to))
    const own = Math.min(gone / 1000, cap)
    ofRow += own
    seconds.value += own
  }
  return {
    seconds,
    worked,
    /** Seconds the row took that is done with these stitches. */
    take(steps: RowSteps, from: number, to: number): number {
      worked(steps, from, to)
      const took = ofRow
      ofRow = 0
      // A row that was noted at one tap, long after it was worked or all at once, tells nothing of pace.
      return took < usual(steps, 0, steps.strokes) / 4 ? 0 : Math.round(took)
    },
    undone() {
      last = now()
    },
    rested() {
      seconds.value = 0
    },
    restDue: computed(() => {
      const { restMinutes } = workshop.atWork
      return restMinutes > 0 && seconds.value >= 60 * restMinutes
    }),
  }
}
