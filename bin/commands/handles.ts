import { handlesText, maybeHandles } from '@core/band'
import { defaultWords } from '@core/stitch'
import { maybeNumber, printNumber } from '@core/units'
import { type Outcome, Refusal } from '../outcome.ts'

export interface HandlesOptions {
  readonly count: string
  readonly gap?: string
  readonly chain?: string
  readonly start?: string
  readonly json?: boolean
}

function figure(text: string, option: string, least: number, step: 1 | 0.5): number {
  const value = maybeNumber(text)
  if (value === null || value < least || value > 4000 || !Number.isInteger(value / step))
    throw new Refusal(
      `--${option}: “${text}” is no ${step === 1 ? 'whole number' : 'number of whole or half stitches'} from ${least}`,
    )
  return value
}

/** Two handles in the edge of so many stitches, as a sentence or as data. */
export function handles({ count, gap, chain, start, json }: HandlesOptions): Outcome {
  const made = maybeHandles({
    count: figure(count, 'count', 4, 1),
    start: start === undefined ? 0 : figure(start, 'start', -4000, 0.5),
    ...(gap === undefined ? {} : { gap: figure(gap, 'gap', 1, 1) }),
    ...(chain === undefined ? {} : { chain: figure(chain, 'chain', 1, 1) }),
  })
  if (!made)
    return {
      output: json
        ? 'null'
        : 'Such handles do not fit: their gaps take all of the round, or it begins within one.',
      wrong: true,
    }
  const { a, gap: over, between, gap2, b, next, centred, off } = made
  const text = handlesText(made, defaultWords)
  const beside = (by: number) => `${printNumber(Math.abs(by), 2)} ${by > 0 ? 'after' : 'before'}`
  const lies = centred
    ? 'Both lie on the middles of front and back.'
    : `Beside the middles: the front one ${beside(off[0])}, the back one ${beside(off[1])}, in stitches.`
  return {
    output: json
      ? JSON.stringify({ a, gap: over, between, gap2, b, next, centred, off, text }, null, 1)
      : `${text}\n${lies}`,
    wrong: false,
  }
}
