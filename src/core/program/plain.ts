import { stitchById } from '../stitch/index.ts'
import type { Laid } from './laid.ts'
import type { Places } from './places.ts'
import type { Program, Step } from './program.ts'

const NONE: Places = []
const NO_UNITS: ReadonlyMap<string, number> = new Map()

/** Stitches of a step that goes into one place each and leaves one each; NaN for one that does anything else. */
function plainCount(step: Step): number {
  if (step.do === 'group')
    return step.unit === undefined ? (step.times as number) * countOfPlain(step.steps) : NaN
  if (step.do !== 'cells' && step.do !== 'work') return NaN
  if (step.do === 'work' && (step.into || step.closes || step.unit || step.catches !== undefined))
    return NaN
  const { uses, makes } = stitchById(step.stitch)
  if (uses !== 1 || makes !== 1) return NaN
  return step.do === 'cells' ? step.letters.length : (step.times as number)
}

function countOfPlain(steps: Program): number {
  let sum = 0
  for (const step of steps) sum += plainCount(step)
  return sum
}

/** A lone step that goes on as often as fits, which is once in every place. */
function filled([only, ...more]: Program, count: number): Program | null {
  if (only?.do !== 'work' || only.times !== 'fits' || more.length > 0) return null
  return [{ ...only, times: count }]
}

/**
 * A row of one stitch in each stitch of the row below, which is most of what is ever worked: it comes out without being laid
 * place by place, and leaves what it stood on. Null for any other.
 */
export function maybePlainRow(program: Program, below: Places): Laid | null {
  const [stretch, ...more] = below
  if (!stretch || more.length > 0 || stretch.motif.length > 1) return null
  const { kind, width, taken, step } = stretch.motif[0]!
  if (kind !== 'stitch' || width !== 1 || taken || step) return null
  const count = stretch.times
  const steps = filled(program, count) ?? program
  if (countOfPlain(steps) !== count) return null
  return { steps, made: below, hanging: NONE, rest: [], uses: count, width: count, units: NO_UNITS }
}
