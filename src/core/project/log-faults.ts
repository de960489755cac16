import type { Design } from '../design/index.ts'
import type { Fault } from '../document/index.ts'
import type { StepRecord } from '../program/index.ts'
import { type LogEntry, madeIn } from './log.ts'

/** The letters of the yarns some work is in. */
function lettersOf(steps: readonly StepRecord[], letters: Set<string>): void {
  for (const step of steps)
    if (step.do === 'group') lettersOf(step.steps, letters)
    else if (step.do === 'cells') for (const letter of step.letters) letters.add(letter)
    else if (step.do !== 'pass') letters.add(step.yarn)
}

const known = new WeakMap<readonly LogEntry[], ReadonlySet<string>>()
/** The yarns that rows are made in. */
export function yarnsMadeIn(log: readonly LogEntry[]): ReadonlySet<string> {
  const found = known.get(log)
  if (found) return found
  const letters = new Set<string>()
  for (const { work } of madeIn(log)) lettersOf(work, letters)
  known.set(log, letters)
  return letters
}

/** What of a log the bag does not have: a yarn that rows are made in stays. */
export function logFaults({ yarns }: Pick<Design, 'yarns'>, log: readonly LogEntry[]): Fault[] {
  const has = new Set(yarns.map(({ letter }) => letter))
  return [...yarnsMadeIn(log)]
    .filter((letter) => !has.has(letter))
    .map((letter) => ({
      where: 'yarns',
      message: `must have ${letter}: rows are made in it`,
    }))
}
