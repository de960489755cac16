import { bandOf, type WrittenPart } from '../band/index.ts'
import { countedRows } from './written-rows.ts'

/*
 * Rows as people write them, with the counts they come out on. Multiples and offsets worked out by hand; those of the usual
 * stitch patterns are common practice.
 */

const yarns = { ground: 'sc', yarn: 'A', letterOf: () => 'B' }
function counted(texts: readonly string[], count: number, worked: 'rounds' | 'rows' = 'rounds') {
  const rows = countedRows(texts, count, worked, yarns)
  if (!rows.ok) throw new Error(rows.problem)
  const part = { id: 'w', kind: 'written', name: 'W', making: null, stitch: 'sc', rows: rows.value }
  return part as WrittenPart
}

describe('rows that are counted', () => {
  it.each([
    // Text, a count it was counted on, multiple and offset.
    [['sc in each st around'], 40, 1, 0],
    [['*3 sc, puff in next st; rep from * around'], 48, 4, 0],
    [['[dc in next st, ch 1, skip 1 st] around'], 60, 2, 0],
    [['*dc in next st, ch 1, sk 1 st; rep from * around', '2 dc in each ch-sp around'], 48, 2, 0],
    [['(sc in next 2 sts, inc) around'], 30, 3, 0],
    [['*2 sc, sc2tog; rep from * around', 'sc in each st around'], 40, 4, 0],
    [['*skip 2 sts, 5 dc in next st, skip 2 sts, sc in next st; rep from * around'], 36, 6, 0],
    [
      ['sc in next 2 sts, *puff in next st, sc in next 3 sts; rep from * to last 2 sts, 2 sc'],
      44,
      4,
      0,
    ],
  ] as [string[], number, number, number][])(
    '%j on %i want a multiple of %i, and %i more',
    (texts, count, multiple, offset) => {
      const part = counted(texts, count)
      expect(bandOf(part).counts(part)).toEqual({ multiple, offset })
      for (const times of [1, 3, 20]) {
        const on = multiple * (times + 3) + offset
        expect(bandOf(part).standsOn(part, on)).toBe(true)
        // What it works there is what the same words are counted to there.
        const again = counted(texts, on)
        expect(bandOf(part).leaves(part, on)).toBe(bandOf(again).leaves(again, on))
        if (multiple > 1) expect(bandOf(part).standsOn(part, on + 1)).toBe(false)
      }
    },
  )

  it.each([
    [['[5 sc, inc] 8 times'], 48],
    [['sc in next 10 sts, ch 4, skip 4 sts, sc in next 34 sts'], 48],
    // What does not say "around" is what it says.
    [['20 sc, puff, 19 sc'], 40],
  ] as [string[], number][])('%j are for %i stitches alone', (texts, count) => {
    const part = counted(texts, count)
    expect(bandOf(part).counts(part)).toEqual({ multiple: 0, offset: count })
    expect([count, count + 6].map((on) => bandOf(part).standsOn(part, on))).toEqual([true, false])
  })

  it('keep the edges of a flat panel beside their repeats', () => {
    const part = counted(
      ['ch 1, turn, sc in first st, *dc in next st, sc in next st; rep from * across'],
      41,
      'rows',
    )
    expect(bandOf(part).counts(part)).toEqual({ multiple: 2, offset: 1 })
    expect([43, 44].map((on) => bandOf(part).standsOn(part, on))).toEqual([true, false])
  })
})
