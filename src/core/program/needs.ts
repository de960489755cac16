import { stitchById } from '../stitch/index.ts'
import type { PlaceKind } from './places.ts'
import { type Program, timesAt } from './program.ts'

/** Places that what follows takes: of those kinds, or of any. */
export interface Need {
  readonly of: readonly PlaceKind[] | null
  readonly count: number
}

/** Places that steps take at least: all of them together, and then those that must be of a kind. */
export function needsOf(steps: Program, row: number): Need[] {
  const needs: Need[] = []
  const need = (count: number, of: readonly PlaceKind[] | null = null) =>
    count > 0 && needs.push({ of, count })
  for (const step of steps) {
    if (step.do === 'cells') need(step.letters.length)
    if (step.do === 'pass') need(timesAt(step.times, row, 0))
    if (step.do === 'group')
      for (const { of, count } of needsOf(step.steps, row))
        need(timesAt(step.times, row, 0) * count, of)
    if (step.do !== 'work') continue
    const into = step.into ?? { at: 'next' }
    if (into.at === 'same' || into.at === 'own' || (into.row ?? 0) > 0) continue
    const count = timesAt(step.times, row, 0) * stitchById(step.stitch).uses
    need(count, into.at === 'space' ? ['chain'] : (into.of ?? null))
  }
  return needs
}

/** One need of each kind, and one of all places together. */
export function summed(needs: readonly Need[]): Need[] {
  const byKind = new Map<string, Need>()
  for (const { of, count } of needs)
    for (const kinds of of ? [of, null] : [null]) {
      const key = kinds?.join() ?? ''
      byKind.set(key, { of: kinds, count: (byKind.get(key)?.count ?? 0) + count })
    }
  return [...byKind.values()]
}

/** Of all places together. */
export const total = (needs: readonly Need[]): number =>
  needs.reduce((sum, { count }) => sum + count, 0)

/** Places a row takes that says all its numbers. */
export const placesIn = (program: Program): number => total(needsOf(program, 1))
