import fc from 'fast-check'
import type { WrittenRun } from '../band/index.ts'
import { inRuns } from '../pattern/index.ts'
import { chain, group, IN_SAME, lay, pass, type Program, stitches, work } from '../program/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { writtenOut } from '../testing/steps.ts'
import { countedRows } from '../shorthand/index.ts'
import { tries } from '../testing/tries.ts'

/* What the program prints of a row, its own reader counts to the very same work. */

const few = fc.integer({ min: 1, max: 4 })
const A = { yarn: 'A' } as const
const stitch = fc.tuple(fc.constantFrom('sc', 'dc', 'hdc'), few).map(([id, n]) => work(id, n, A))
const group1: fc.Arbitrary<Program> = fc
  .array(
    fc.oneof(
      stitch.map((one) => [one]),
      // More in the same place stand beside the stitch before.
      fc.tuple(stitch, few).map(([one, n]) => [one, work('dc-beside', n, { ...A, into: IN_SAME })]),
      fc.tuple(few, few).map(([n, over]) => [chain(n, 'over', A), pass(over)]),
      fc.constant([work('sc2tog', 1, A)]),
    ),
    { minLength: 1, maxLength: 4 },
  )
  .map((parts) => parts.flat())
const anyRow = fc
  .tuple(few, group1, few)
  .map(([lead, motif, tail]): Program => [
    work('sc', lead, A),
    group('fits', ...motif),
    work('dc', tail, A),
  ])

/** A row stitch by stitch; chains in a row stand over all that they pass over, in whatever order it is said. */
const unitsOf = (runs: readonly WrittenRun[]): string =>
  runs
    .map(({ stitch: id, count }) => `${id} `.repeat(count))
    .join('')
    .replace(/(?:ch |skip )+/g, (bridge) => {
      const words = bridge.trim().split(' ')
      return words.sort().join(' ') + ' '
    })

it('a printed row is read back as the same work', () => {
  let rows = 0
  fc.assert(
    fc.property(anyRow, fc.integer({ min: 8, max: 80 }), (program, count) => {
      const laid = lay(program, [stitches(count)])
      if (!laid.ok) return
      const runs = writtenOut(laid.value.steps).flatMap((step): WrittenRun[] => {
        if (step.do !== 'work' && step.do !== 'chain' && step.do !== 'pass') return []
        const id = { work: '', chain: 'ch', pass: 'skip' }[step.do]
        const of = step.do === 'work' ? step.stitch : id
        return [{ stitch: of, yarn: 'A', count: step.times as number }]
      })
      const text = inRuns(runs, defaultWords, false)
      const read = countedRows([text], count, 'rounds', {
        ...{ ground: 'sc', yarn: 'A', letterOf: () => 'A' },
      })
      if (!read.ok) throw new Error(`${text}: ${read.problem}`)
      const [row] = read.value
      const plain = row!.repeat
        ? [
            ...row!.runs.slice(0, row!.repeat.from),
            ...Array.from({ length: row!.repeat.times }, () =>
              row!.runs.slice(row!.repeat!.from, row!.repeat!.to),
            ).flat(),
            ...row!.runs.slice(row!.repeat.to),
          ]
        : row!.runs
      expect([text, unitsOf(plain)]).toEqual([text, unitsOf(runs)])
      rows++
    }),
    { numRuns: tries(100) },
  )
  expect(rows).toBeGreaterThan(25)
})
