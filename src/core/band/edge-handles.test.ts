import fc from 'fast-check'
import { defaultWords } from '../stitch/index.ts'
import { handlesText, maybeHandles } from './edge-handles.ts'

describe('handles in the edge', () => {
  // Common practice without a source: bags that were made so.
  it('lie as on bags that are known', () => {
    expect(maybeHandles({ count: 120, gap: 26, chain: 80, start: 3 })).toMatchObject({
      ...{ a: 20, gap: 26, between: 34, gap2: 26, b: 14 },
      ...{ next: 228, centred: true, off: [0, 0] },
    })
    expect(maybeHandles({ count: 70, gap: 19, chain: 65, start: 1 })).toMatchObject({
      ...{ a: 9, gap: 19, between: 16, gap2: 19, b: 7 },
      ...{ next: 162, centred: true },
    })
  })

  // By hand: a quarter of 121 is no place of a stitch: one lies a quarter before its middle, the other as much after it.
  it('lie as near as stitches allow, and say by how much they do not', () => {
    const odd = maybeHandles({ count: 121, gap: 25 })!
    expect(odd).toMatchObject({ a: 18, between: 35, b: 18, centred: false, off: [0.25, -0.25] })
    expect(maybeHandles({ count: 120, gap: 25 })!.off).toEqual([0.5, 0.5])
  })

  it('are a fifth by themselves, even or odd so that they centre', () => {
    expect(maybeHandles({ count: 120 })).toMatchObject({ gap: 24, chain: 60, centred: true })
    expect(maybeHandles({ count: 118 })).toMatchObject({ gap: 23, centred: true })
    expect(maybeHandles({ count: 120, start: 0.5 })).toMatchObject({ gap: 25, centred: true })
  })

  it('are none where they do not fit', () => {
    expect(maybeHandles({ count: 20, gap: 11 })).toBeNull()
    // The round begins within one.
    expect(maybeHandles({ count: 40, gap: 10, start: -8 })).toBeNull()
  })

  it('face one another, add up, and centre wherever they can: every count and start', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 400 }),
        fc.integer({ min: -6, max: 6 }).map((halves) => halves / 2),
        (count, start) => {
          const made = maybeHandles({ count, start })
          fc.pre(made !== null)
          const { a, gap, between, gap2, b, off, centred, next, chain } = made
          expect(a + gap + between + gap2 + b).toBe(count)
          expect(next).toBe(count - gap - gap2 + 2 * chain)
          // Halves of a round apart, but for less than a stitch.
          expect(Math.abs(gap + between - count / 2)).toBeLessThanOrEqual(0.5)
          expect(Math.max(...off.map(Math.abs))).toBeLessThanOrEqual(0.5)
          expect(centred).toBe(count % 2 === 0)
        },
      ),
    )
  })

  it('are said as they are worked', () => {
    const made = maybeHandles({ count: 120, gap: 26, chain: 80, start: 3 })!
    expect(handlesText(made, defaultWords)).toBe(
      '20 sc, ch 80, sk 26, 34 sc, ch 80, sk 26, 14 sc (228)',
    )
    expect(handlesText(made, { ...defaultWords, terms: 'uk' })).toContain('20 dc, ch 80, miss 26')
  })
})
