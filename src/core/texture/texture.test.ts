import fc from 'fast-check'
import { checkPattern } from '../check/index.ts'
import {
  chainSymbol,
  COLUMN,
  drawer,
  foundationOf,
  stitchChart,
  stitchesOf,
  type StitchPattern,
  symbolOf,
  writtenOver,
} from './index.ts'

describe('the stitch drawer', () => {
  it('holds thirty patterns and more, each with a name of its own', () => {
    expect(drawer.length).toBeGreaterThanOrEqual(30)
    for (const key of ['id', 'name'] as const)
      expect(new Set(drawer.map((pattern) => pattern[key])).size).toBe(drawer.length)
  })

  const cases = drawer.flatMap((pattern) =>
    (['flat', 'round'] as const).flatMap((way) =>
      pattern[way] ? [[`${pattern.name}, ${way}`, pattern, way] as const] : [],
    ),
  )
  /** Thirty counts a pattern fits. */
  const counts = (pattern: StitchPattern, tell: (repeats: number) => void) =>
    fc.assert(
      fc.property(fc.integer({ min: Math.max(2, pattern.least), max: 30 }), (repeats) => {
        tell(repeats)
      }),
      { numRuns: 30 },
    )

  it.each(cases)(
    '%s: every row adds up over a count it fits, and leaves as many as it began with',
    (_, pattern, way) =>
      counts(pattern, (repeats) => {
        const { rows, problems, unread } = checkPattern(writtenOver(pattern, way, repeats)!)
        expect([rows.flatMap((row) => row.problems), problems, unread]).toEqual([[], [], []])
        const count = stitchesOf(pattern, repeats, way)
        expect([rows[0]!.makes, rows.at(-1)!.makes]).toEqual([count, count])
        if (way === 'flat') expect(rows[0]!.available).toBe(count + 1)
      }),
  )

  const inChain = drawer.filter((pattern) => foundationOf(pattern, 'chain'))
  it.each(inChain.map((pattern) => [pattern.name, pattern] as const))(
    '%s: begun in the chain at once it adds up too',
    (_, pattern) =>
      counts(pattern, (repeats) => {
        const { rows, problems, unread } = checkPattern(
          writtenOver(pattern, 'flat', repeats, 'chain')!,
        )
        expect([rows.flatMap((row) => row.problems), problems, unread]).toEqual([[], [], []])
        expect(rows.at(-1)!.makes).toBe(stitchesOf(pattern, repeats, 'flat'))
      }),
  )

  // Common practice without a source: sc + 1, dc + 2 where the turning chain counts; dc and ch 1 begins in the 6th chain of a
  // multiple of 2, and 4; raised rows and ribs need a row below.
  it.each([
    ['fan-8', { more: 1, nth: 2 }],
    ['v-stitch', { more: 2, nth: 4 }],
    ['mesh', { more: 3, nth: 5 }],
    // Ladder: 5 k + 2 chains, the first in the fourth; two passes in the second.
    ['ladders', { more: 2, nth: 4 }],
    ['two-pass-mesh', { more: 0, nth: 2 }],
    ['rib', null],
    // Posts stand on a row of dc, which begins in the 4th.
    ['post-v', { more: 2, nth: 4 }],
    ['spike-4', null],
  ])('%s begins in the chain where the trade begins it', (id, begins) => {
    const found = foundationOf(
      drawer.find((pattern) => pattern.id === id)!,
      'chain',
    )
    if (begins) expect(found).toMatchObject(begins)
    else expect(found).toBeNull()
  })

  it('does not add up over a count that does not fit', () => {
    const puffs = drawer.find(({ id }) => id === 'puff-4')!
    const text = writtenOver(puffs, 'round', 3)!.replace('Ch 12', 'Ch 13')
    const codes = checkPattern(text).rows.flatMap(({ problems }) =>
      problems.map(({ code }) => code),
    )
    expect(codes).toContain('repeat-remainder')
  })

  it.each(cases)('%s: is drawn, every stitch where it stands', (_, pattern, way) => {
    const chart = stitchChart(pattern, way, 3)!
    expect(chart.rows).toBeGreaterThan(1)
    const base = chart.stitches.filter(({ row }) => row === 0)
    expect(base).toHaveLength(stitchesOf(pattern, 3, way))
    // The row all stand on is one stitch a column, and nothing stands further beside it than half of a shell.
    const feet = base.map(({ footX }) => footX).sort((a, b) => a - b)
    feet.forEach((x, i) => expect(x).toBeCloseTo(feet[0]! + i * COLUMN, 6))
    for (const { footX, topX, footY, topY, row } of chart.stitches) {
      for (const x of [footX, topX]) {
        expect(x).toBeGreaterThan(feet[0]! - 5 * COLUMN)
        expect(x).toBeLessThan(feet.at(-1)! + 5 * COLUMN)
      }
      // None leans further than half of a shell.
      expect(Math.abs(footX - topX)).toBeLessThan(5 * COLUMN)
      expect(topY).toBeLessThanOrEqual(footY)
      expect(row).toBeLessThan(chart.rows)
    }
    for (const { word } of chart.stitches) {
      const { path, fill } = symbolOf(word, 20)
      expect(path + fill).toMatch(/^M[-\d]/)
    }
  })

  // Typical repeats of common practice without a source: spike 4; puff 5 or 2; mesh 2; V with post 6; fan 8; star 2; bead 2; loops 5.
  it.each([
    ['spike-4', 4],
    ['puff-5', 5],
    ['puff-2', 2],
    ['mesh', 2],
    ['post-v', 6],
    ['fan-8', 8],
    ['star', 2],
    ['bead', 2],
    ['chain-loops', 5],
    ['ladders', 5],
    ['interlaced', 5],
    ['granny-spike', 4],
    ['granny-two', 6],
    ['two-pass-mesh', 3],
  ])('%s has the known multiple %i', (id, multiple) =>
    expect(drawer.find((pattern) => pattern.id === id)!.multiple).toBe(multiple),
  )

  /*
   * Craft Yarn Council, Standards and Guidelines for Crochet and Knitting, crochet chart symbols, from memory: a chain is an oval, a
   * slip stitch a filled dot, a single crochet a cross, a half double a T; each taller stitch has one more bar across its stem; post
   * stitches have a hook at the foot, to one side in front and to the other behind; stitches together share a top.
   */
  it('draws the symbols of the published chart', () => {
    const bars = (word: string) => symbolOf(word, 30).path.match(/M-4 -?[\d.]+L4/g)?.length ?? 0
    const stem = (word: string) => symbolOf(word, 30).path.includes('M0 0V-30')
    const tops = (word: string) => symbolOf(word, 30).path.includes('M-5 -30H5')
    expect(['hdc', 'dc', 'tr', 'dtr'].map(bars)).toEqual([0, 1, 2, 3])
    for (const word of ['hdc', 'dc', 'tr', 'dtr', 'fpdc', 'bpdc'])
      expect([word, stem(word), tops(word)]).toEqual([word, true, true])
    expect(symbolOf('sl st', 10)).toMatchObject({ path: '' })
    expect(symbolOf('sl st', 10).fill).toMatch(/a2\.2 2\.2/)
    expect(chainSymbol.path).toMatch(/^M-5 0a5 2\.6/)
    expect(symbolOf('sc', 10).path.match(/M/g)).toHaveLength(2)
    const foot = (word: string) => /M0 0q0 4 (-?)4/.exec(symbolOf(word, 30).path)?.[1]
    expect([foot('fpdc'), foot('bpdc'), foot('dc')]).toEqual(['', '-', undefined])
    expect(symbolOf('sc2tog', 10).path).toBe('M-5 0L0 -10L5 0')
  })

  it('marks the loop a stitch goes into, and stands what it does not know as a plain line', () => {
    expect(symbolOf('sc blo', 10).path).not.toBe(symbolOf('sc flo', 10).path)
    expect(symbolOf('sc blo', 10).path).toContain(symbolOf('sc', 10).path)
    expect(symbolOf('wobble', 10)).toEqual(symbolOf('hdc', 10))
  })
})
