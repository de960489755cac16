import { stitchById } from '../stitch/index.ts'
import { backwards, type Program, type Step } from './program.ts'

/*
 * A round is said from its first stitch on. Where that stands elsewhere than the plan of the round begins, or the round goes the
 * other way, the same work is said in another order.
 */

/** The first stitch or cell of a program, and the rest of it. */
function parted(steps: Program): { readonly first: Step; readonly rest: Program } | null {
  const [step, ...after] = steps
  if (!step) return null
  if ('times' in step && step.times === 0) return parted(after)
  if (step.do === 'group') {
    const left = { ...step, times: (step.times as number) - 1 }
    return parted([...step.steps, left, ...after])
  }
  if (step.do === 'cells') {
    const { letters, from } = step
    const left = from === 'left'
    const first = { ...step, letters: left ? letters.slice(0, 1) : letters.slice(-1) }
    const others = left ? letters.slice(1) : letters.slice(0, -1)
    return { first, rest: others === '' ? after : [{ ...step, letters: others }, ...after] }
  }
  const many = step.do === 'work' && typeof step.times === 'number' && step.times > 1
  if (!many) return { first: step, rest: after }
  return {
    first: { ...step, times: 1 },
    rest: [{ ...step, times: (step.times as number) - 1 }, ...after],
  }
}

const placesOf = (step: Step): { readonly uses: number; readonly makes: number } =>
  step.do === 'work' || step.do === 'cells' ? stitchById(step.stitch) : { uses: 1, makes: 1 }

/** A round as it is worked, and the place of its plan that its first stitch makes. */
export interface Begun {
  readonly program: Program
  readonly begin: number
}

/**
 * A round begun at a place of the round below.
 * @param plan its work in the order of the right side, from place 0 of the round below on
 * @param back worked against that order, as on the wrong side
 */
export function begunAt(plan: Program, place: number, back: boolean): Begun {
  const [only, ...more] = plan
  if (only?.do === 'work' && more.length === 0) {
    const { uses, makes } = placesOf(only)
    const unit = Math.floor(place / uses)
    return { program: plan, begin: unit * makes + (back ? makes - 1 : 0) }
  }
  let turned = plan
  let [used, made] = [0, 0]
  for (;;) {
    const next = parted(turned)
    if (!next) return { program: plan, begin: 0 }
    const { uses, makes } = placesOf(next.first)
    if (used + uses > place) {
      if (!back) return { program: turned, begin: made }
      // The stitch it begins with, and then those before it.
      return { program: [next.first, ...backwards(next.rest)], begin: made + makes - 1 }
    }
    used += uses
    made += makes
    turned = [...next.rest, next.first]
  }
}
