import { checkPattern } from '../check/index.ts'
import type { Design, Part } from '../design/index.ts'
import { alarmsOf } from '../testing/alarms.ts'
import { baseAs, plain, tote } from '../testing/tote.ts'
import { writtenIn } from '../testing/written.ts'
import { drawer, foundationOf, stitchesOf } from '../texture/index.ts'
import { texturedBand } from './textured.ts'

/* A panel whose first band is a pattern of the drawer, begun in the chain at once, as the drawer says it. */

const begun = drawer.flatMap((pattern) => {
  const foundation = foundationOf(pattern, 'chain')
  return foundation ? [{ id: pattern.id, pattern, foundation }] : []
})
const repeatsOf = ({ multiple }: { multiple: number }) => Math.max(3, Math.ceil(20 / multiple))

function panelOf({ pattern }: (typeof begun)[number], chainCounts: boolean): Design {
  const band = texturedBand(pattern, 'rows', { letters: ['A'], rounds: 4 })
  if (!band.ok) throw new Error(band.problem)
  const count = stitchesOf(pattern, repeatsOf(pattern), 'flat')
  const base = baseAs('panel', { begins: 'bands', count })
  const parts = [base, { ...band.value, id: 'texture' } as Part, plain()]
  return tote({ making: { ...tote().making, chainCounts, oneCounts: false }, parts })
}
const linesOf = (text: string) => text.split('\n')

describe('a pattern of the drawer begun in the chain', () => {
  it('is one of more than twenty', () => expect(begun.length).toBeGreaterThan(20))

  it.each(begun)(
    '$id has the chain of the drawer, and its first stitch goes where it says',
    (one) => {
      const { pattern, foundation } = one
      for (const chainCounts of [false, true]) {
        const lines = linesOf(writtenIn(panelOf(one, chainCounts), 'own'))
        const chains = stitchesOf(pattern, repeatsOf(pattern), 'flat') + foundation.more
        expect(lines.find((line) => /^Ch \d+\./.test(line))).toBe(`Ch ${chains}.`)
        const first = lines.find((line) => /^Row 1\b/.test(line))!
        expect(first).toContain(`starting in ${foundation.nth}`)
      }
    },
  )

  it.each(begun)('$id is read back with no alarm, by both schools', (one) => {
    for (const chainCounts of [false, true]) {
      const text = writtenIn(panelOf(one, chainCounts), 'own')
      const { lines, whole } = alarmsOf(text)
      const said = checkPattern(text).rows.flatMap(({ problems }) => problems.map(String))
      expect([lines.map((at) => linesOf(text)[at - 1]), whole, said.length]).toEqual([[], false, 0])
    }
  })

  // Common practice: ch 47 for 45, dc in the 4th; the three chains skipped are the first dc.
  it('of dc: 45 of them are 47 chains, and the first is the three that are skipped', () => {
    const ladder = begun.find(({ foundation }) => foundation.nth === 4 && foundation.more === 2)!
    const first = linesOf(writtenIn(panelOf(ladder, true), 'own')).find((line) =>
      /^Row 1\b/.test(line),
    )
    expect(first).toMatch(
      /^Row 1 \(RS\): starting in 4th ch from hook \(the chains skipped count as /,
    )
  })
})
