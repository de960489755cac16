import fc from 'fast-check'
import { checkPattern } from '@core/check'
import { isPaired } from '../src/core/testing/paired.ts'
import { anyDesign } from '../src/core/testing/arbitrary.ts'
import { handWritten } from '../src/core/testing/hand-rows.ts'
import { alarmsOf } from '../src/core/testing/alarms.ts'
import { isFound, planted, type Planted } from '../src/core/testing/plant.ts'
import { styles, writtenIn } from '../src/core/testing/written.ts'

const kinds: readonly Planted['kind'][] = ['count', 'repeat', 'total', 'skip', 'order', 'terms']

/** How many planted faults are found, and how many correct patterns raise an alarm. */
export function faultsFound() {
  let seed = 7
  const random = () => (seed = (seed * 1103515245 + 12345) & 0x7fffffff) / 0x7fffffff
  const texts = [
    ...handWritten,
    // A bag whose halves are not equal is said to be so, and rightly.
    ...fc
      .sample(anyDesign, { numRuns: 100, seed: 3 })
      .filter(isPaired)
      .flatMap((design) => Object.keys(styles).map((style) => writtenIn(design, style))),
  ]
  const clean = (text: string) => {
    const { lines, whole } = alarmsOf(text)
    return lines.length === 0 && !whole
  }
  const rows = texts.reduce((sum, text) => sum + checkPattern(text).rows.length, 0)
  return {
    patterns: texts.length,
    rows,
    alarms: texts.filter((text) => !clean(text)).length,
    kinds: kinds.map((kind) => {
      const faulty = texts.flatMap((text) => planted(text, kind, random) ?? [])
      return {
        kind,
        planted: faulty.length,
        found: faulty.filter((fault) => isFound(fault, alarmsOf(fault.text))).length,
      }
    }),
  }
}
