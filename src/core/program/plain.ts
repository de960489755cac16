import { stitchById } from '../stitch/index.ts'
import type { Laid } from './laid.ts'
import { type Places, stitches } from './places.ts'
import type { Program, Step, Work } from './program.ts'

const NONE: Places = []
const NO_UNITS: ReadonlyMap<string, number> = new Map()

/** Places a row takes and leaves; `plain` when it does nothing but go into the next ones. */
interface Tally {
  uses: number
  makes: number
  plain: boolean
}

/** Adds up steps that are worked so many times. */
function add(tally: Tally, steps: Program, times: number): void {
  for (const step of steps) {
    if (step.do === 'group' && step.unit === undefined)
      add(tally, step.steps, times * (step.times as number))
    else if (step.do === 'cells') addStitches(tally, step.stitch, times * step.letters.length)
    else if (isPlain(step)) addStitches(tally, step.stitch, times * (step.times as number))
    else tally.plain = false
  }
}

const isPlain = (step: Step): step is Work =>
  step.do === 'work' &&
  !step.into &&
  !step.closes &&
  step.unit === undefined &&
  step.catches === undefined

function addStitches(tally: Tally, id: string, times: number): void {
  const { uses, makes, wide } = stitchById(id)
  tally.uses += uses * times
  tally.makes += makes * times
  if (uses < 1 || wide !== undefined) tally.plain = false
}

/** A lone step that goes on as often as fits, which is once in every place. */
function filled([only, ...more]: Program, count: number): Program | null {
  if (only?.do !== 'work' || only.times !== 'fits' || more.length > 0) return null
  if (stitchById(only.stitch).uses !== 1) return null
  return [{ ...only, times: count }]
}

/**
 * A row that goes from stitch to stitch, which is most of what is ever worked: what it leaves needs no laying place by place.
 * Null for any other.
 */
export function maybePlainRow(program: Program, below: Places): Laid | null {
  const [stretch, ...more] = below
  if (!stretch || more.length > 0 || stretch.motif.length > 1) return null
  const { kind, width, taken, step } = stretch.motif[0]!
  if (kind !== 'stitch' || width !== 1 || taken || step) return null
  const count = stretch.times
  const steps = filled(program, count) ?? program
  const { uses, makes, plain } = tallyOf(steps)
  if (!plain || uses !== count) return null
  const made = makes === count ? below : stitches(makes)
  return { steps, made, hanging: NONE, rest: [], uses, width: makes, units: NO_UNITS }
}

function tallyOf(steps: Program): Tally {
  const tally = { uses: 0, makes: 0, plain: true }
  add(tally, steps, 1)
  return tally
}
