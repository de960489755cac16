import { computed, type Ref } from 'vue'
import { inkOn } from '@core/colour'
import type { Ledger, Piece } from '@core/ledger'
import { intoWords, type RowStep, stepAt, stepsAround, stepText } from '@core/make'
import { takesYarn } from '@core/pattern'
import { useMaking } from '@app/stores/making.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

/** The row in hand. */
export interface AtRow {
  readonly ledger: Ledger
  readonly piece: Piece
  readonly row: number
}

/** So many runs are shown at once. */
const SHOWN = 34
/** A place that is passed over is in no yarn. */
const NO_YARN = '#ffffff'

/** The runs of the repeat one is in, and the one in hand. */
export function useRuns(at: Readonly<Ref<AtRow | null>>) {
  const making = useMaking()
  const project = useProject()
  const workshop = useWorkshop()
  const colourOf = (step: RowStep): string => {
    const of = ({ letter }: { letter: string }) => letter === step.yarn
    return takesYarn(step) ? (project.table?.design.yarns.find(of)?.colour ?? '#888888') : NO_YARN
  }
  const current = computed(() => making.steps.steps[stepAt(making.steps, making.done)] ?? null)
  const stateOf = (step: RowStep) => {
    if (step === current.value) return 'here'
    const isPast = step.from + step.strokes <= making.done && step.from < making.done
    return isPast ? 'done' : 'to-come'
  }
  const runs = computed(() =>
    stepsAround(making.steps, making.done, SHOWN).map((step, i) => ({
      key: `${i} ${step.from} ${step.left}`,
      text: stepText(making.steps, step, workshop.words),
      ...{ colour: colourOf(step), ink: inkOn(colourOf(step)), is: stateOf(step) },
    })),
  )
  /** The run in hand, with what is left of it; and the one after. */
  const big = computed(() => {
    if (!current.value || !at.value) return null
    const { from, strokes, count } = current.value
    const left = strokes > 0 ? from + strokes - making.done : count
    const next = making.steps.steps[making.steps.steps.indexOf(current.value) + 1]
    const { ledger, piece, row } = at.value
    return {
      text: stepText(making.steps, current.value, workshop.words, left),
      ...{ colour: colourOf(current.value), ink: inkOn(colourOf(current.value)) },
      next: next ? stepText(making.steps, next, workshop.words) : null,
      into: intoWords(ledger, piece, row, current.value),
    }
  })
  return { runs, big }
}
