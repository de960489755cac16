import { makingOf, partsOf } from '../design/index.ts'
import type { BasePart } from '../shape/index.ts'
import { jest } from '@jest/globals'
import fc from 'fast-check'
import { bands } from '../band/index.ts'
import { group, work } from '../program/index.ts'
import { base, baseAs, motif, plain, swatch, tote } from '../testing/tote.ts'
import { anyDesign } from '../testing/arbitrary.ts'
import {
  compile,
  compiled,
  frontPicture,
  middlesSeen,
  bodyOf,
  type Piece,
  gaugeForCount,
  gaugeFor,
  gaugeOf,
  NO_STITCH,
  partOfRow,
  placeColours,
  maybeFoundation,
  maybeOutsideClass,
  runsOfRow,
  swatchFromBase,
  touchesIn,
  writePlaceColours,
} from './index.ts'
import { ends, starts } from '../program/index.ts'
import { partGauge } from './gauge.ts'
import { stitchById } from '../stitch/index.ts'
import { projectOf } from '../project/index.ts'

const only = (design = tote(), hand: 'right' | 'left' = 'right') => {
  const ledger = compile(design, { hand })
  return { ledger, piece: ledger.pieces[0]! }
}
const counts = (design = tote()) => [...only(design).piece.columns.makes]

describe('compile', () => {
  it('makes every round from base to rim', () => {
    const { ledger, piece } = only()
    expect(piece.rows).toBe(8 + 2 + 3 + 3)
    expect(counts()).toEqual([6, 12, 18, 24, 30, 36, 42, ...Array(9).fill(48)])
    expect(piece.columns.widthMm.at(-1)).toBeCloseTo(240, 9)
    expect(piece.columns.heightMm.at(-1)).toBeCloseTo(8 * 5, 9)
    expect(piece.columns.alongMm.at(-1)).toBeCloseTo(16 * 5, 9)
    expect(partOfRow(piece, 11).name).toBe('Steps')
    expect(runsOfRow(ledger, piece, 11).slice(0, 3)).toEqual([
      { stitch: 'sc', yarn: 'A', count: 3 },
      { stitch: 'sc', yarn: 'B', count: 2 },
      { stitch: 'sc', yarn: 'A', count: 1 },
    ])
  })

  it('adds and takes away evenly in the last round of a plain band', () => {
    const adjusted = (adjust: number) => {
      const [first, low, ...rest] = partsOf(tote())
      return counts(tote({ parts: [first!, { ...low!, adjust } as typeof low & object, ...rest] }))
    }
    expect(adjusted(6).slice(8, 11)).toEqual([48, 54, 54])
    expect(adjusted(-6).slice(8, 11)).toEqual([48, 42, 42])
    expect(adjusted(-2000)[9]).toBe(24)
  })

  it('cuts a motif that does not fit at the join', () => {
    const { ledger, piece } = only(
      tote({ parts: [base({ count: 50 }), ...partsOf(tote()).slice(1)] }),
    )
    const row = [...placeColours(ledger, piece, 12)].map((i) => ledger.yarns[i]).join('')
    expect(row).toHaveLength(50)
    expect(row.slice(2)).toBe('ABBAAA'.repeat(8))
    expect(row.slice(0, 2)).toBe('AA')
  })

  it('is read the other way by the other hand, with the same picture and counts', () => {
    const right = only()
    const left = only(tote(), 'left')
    expect(left.piece.columns.makes).toEqual(right.piece.columns.makes)
    expect(runsOfRow(left.ledger, left.piece, 11)[0]).toEqual({ stitch: 'sc', yarn: 'A', count: 1 })
    for (let row = 10; row < 13; row++) {
      const seen = (one: typeof left, hand: 'left' | 'right') =>
        [...placeColours(one.ledger, one.piece, row, hand)].map((i) => one.ledger.yarns[i]).join('')
      expect(seen(left, 'left')).toBe(seen(right, 'right'))
    }
  })

  it('says how rounds begin and end', () => {
    const { piece } = only(tote({ making: { ...tote().making, working: 'joined' } }))
    expect([...piece.columns.start].slice(0, 3).map((at) => starts[at])).toEqual([
      'ring',
      'chain',
      'chain',
    ])
    expect([...piece.columns.end].slice(-2).map((at) => ends[at])).toEqual(['join', 'fasten-off'])
  })
})

describe('ways of working', () => {
  const made = (over: Parameters<typeof tote>[0]) => bodyOf(compile(tote(over)))
  const sidesOf = (over: Parameters<typeof tote>[0]) => [...made(over).columns.side].join('')
  const making = tote().making
  const parts = [base({ count: 18 }), plain({ rounds: 3 }), plain({ id: 'more', rounds: 2 })]

  it('turn every round, one round only, or none', () => {
    expect(sidesOf({ parts })).toBe('00000000')
    expect(sidesOf({ parts, making: { ...making, working: 'turned' } })).toBe('01010101')
    const once = { ...making, working: 'turn-once' as const }
    const [first, low, more] = parts as [(typeof parts)[0], (typeof parts)[1], (typeof parts)[1]]
    expect(sidesOf({ parts: [first, { ...low, making: once }, more] as never })).toBe('00010000')
  })

  /** Six rounds of a chart with one stitch in four in another colour, on a base of 48. */
  const column = (own: Partial<typeof making>) => {
    const chart = { width: 4, colours: new Array<string>(6).fill('ABAA') }
    const design = tote({
      making: { ...making, ...own },
      parts: [base({ making: { ...making, working: 'joined', first: 'same' } }), motif({ chart })],
    })
    const ledger = compile(design)
    const piece = bodyOf(ledger)
    const { firstRow } = piece.parts[1]!
    const rows = [0, 1, 2, 3, 4, 5].map((row) => firstRow + row)
    return {
      columns: rows.map((row) =>
        [...placeColours(ledger, piece, row)].map((i) => ledger.yarns[i]).join(''),
      ),
      worked: rows.map((row) =>
        runsOfRow(ledger, piece, row)
          .map(({ yarn, count }) => yarn.repeat(count))
          .join(''),
      ),
    }
  }

  // Common practice: a column of one stitch stands straight where every round is turned, whatever the first stitch goes into.
  it.each(['same', 'next', 'second'] as const)(
    'keep a column straight where every round is turned (first stitch: %s)',
    (first) => {
      const { columns, worked } = column({ working: 'turned', first })
      expect(columns).toEqual(new Array(6).fill('ABAA'.repeat(12)))
      // Of eight rounds of base the last shows its right side: the band begins with a wrong one.
      const [wrong, right] = worked
      expect(right).toBe('AABA'.repeat(12))
      // On the stitch of the join the wrong side begins with that very stitch, and then goes back.
      expect(wrong).toBe(
        first === 'same' ? `A${'ABAA'.repeat(12)}`.slice(0, 48) : 'ABAA'.repeat(12),
      )
    },
  )

  it('let columns move on by one a round where rounds are not turned and begin in the next stitch', () => {
    const lean = (own: Partial<typeof making>) => column(own).columns.map((row) => row.indexOf('B'))
    expect(lean({ working: 'joined', first: 'same' })).toEqual([1, 1, 1, 1, 1, 1])
    expect(lean({ working: 'joined', first: 'next' })).toEqual([0, 3, 2, 1, 0, 3])
    expect(lean({ working: 'joined', first: 'second' })).toEqual([0, 3, 2, 1, 0, 3])
    // A start that is a stitch stands on the join.
    expect(lean({ working: 'joined', first: 'next', start: 'standing' })).toEqual([
      1, 1, 1, 1, 1, 1,
    ])
  })

  it('keep the corners of a base where they are when every round is turned', () => {
    const corners = (working: 'joined' | 'turned') => {
      const rectangle = baseAs('rectangle-base', { along: 9, count: 56 })
      const ledger = compile(tote({ making: { ...making, working }, parts: [rectangle, plain()] }))
      const piece = bodyOf(ledger)
      const { side, begin, makes } = piece.columns
      return [1, 2, 3, 4].map((row) => {
        let at = 0
        const places: number[] = []
        for (const { stitch, count } of runsOfRow(ledger, piece, row)) {
          const each = stitchById(stitch).makes
          for (let n = 0; n < count; n++, at += each)
            if (each > 1)
              for (let i = 0; i < each; i++) {
                const on = side[row] ? begin[row]! - at - i : begin[row]! + at + i
                places.push(((on % makes[row]!) + makes[row]!) % makes[row]!)
              }
        }
        return places.sort((a, b) => a - b).join(' ')
      })
    }
    expect(corners('turned')).toEqual(corners('joined'))
  })

  it('turn a joined round to the side it is wanted from, and back', () => {
    const joined = { ...making, working: 'joined' as const }
    const bag = [base({ count: 18 }), plain({ rounds: 4 }), plain({ id: 'more', rounds: 2 })]
    // Rounds 2 and 3 of the band want their wrong side: one turn there, none between them, one back.
    jest
      .spyOn(bands.plain, 'wants')
      .mockImplementation(({ id }, row) =>
        id !== 'more' && (row === 2 || row === 3) ? { side: 'WS' } : {},
      )
    const { side, start } = made({ parts: bag, making: joined }).columns
    const flat = made({ parts: [baseAs('two-panels'), plain({ rounds: 3 })] }).columns
    const spiral = sidesOf({ parts: bag })
    jest.restoreAllMocks()
    expect([...side].join('')).toBe('000' + '0110' + '00')
    expect([...start].slice(3).map((at) => starts[at])).toEqual(
      'chain turn chain turn chain chain'.split(' '),
    )
    // A spiral cannot be turned, and flat rows are whatever comes.
    expect(spiral).toBe('000000000')
    expect([...flat.side].join('')).toBe('0101')
  })

  it('turn what is worked as often as fits like what is said in numbers', () => {
    const joined = { ...making, working: 'joined' as const }
    const parts = [base({ count: 18, making: joined }), plain({ rounds: 2 })]
    const worked = (times: number | 'fits') => {
      const two = [work('sc', 2, { yarn: 'A' }), work('dc', 1, { yarn: 'B' })]
      jest.spyOn(bands.plain, 'rows').mockImplementation(() => {
        const row = [group(times, ...two)]
        return [row, row]
      })
      const design = tote({ parts, making: { ...making, working: 'turned' } })
      const ledger = compile(design)
      jest.restoreAllMocks()
      const rows = [3, 4].map((row) =>
        runsOfRow(ledger, bodyOf(ledger), row)
          .map(({ yarn, count }) => yarn.repeat(count))
          .join(''),
      )
      return rows
    }
    // The wrong side begins on the stitch of the join, and goes back from the last.
    expect(worked(6)).toEqual(['A' + 'BAA'.repeat(5) + 'BA', 'AAB'.repeat(6)])
    expect(worked('fits')).toEqual(worked(6))
  })

  it('join the base and go on in a spiral', () => {
    const joined = { ...making, working: 'joined' as const }
    const { start, end } = made({ parts: [base({ count: 18, making: joined }), plain()] }).columns
    expect([...start].map((at) => starts[at])).toEqual([
      'ring',
      'chain',
      'chain',
      'spiral',
      'spiral',
    ])
    expect([...end].map((at) => ends[at])).toEqual(['join', 'join', 'join', 'spiral', 'fasten-off'])
  })

  it('taper over several rounds, to the stitch', () => {
    const taper = (adjust: number, steps: number) =>
      [...made({ parts: [base(), plain({ rounds: 6, adjust, steps })] }).columns.makes].slice(8)
    expect(taper(7, 3)).toEqual([48, 50, 50, 52, 52, 55])
    expect(taper(-6, 6)).toEqual([47, 46, 45, 44, 43, 42])
    expect(taper(6, 1)).toEqual([48, 48, 48, 48, 48, 54])
  })
})

describe('pieces', () => {
  const bag = (part: BasePart) => compile(tote({ parts: [part, plain({ rounds: 9 })] }))

  it('of two panels: made twice, begun in n + 1 chains, with as many row ends at either side', () => {
    const ledger = bag(baseAs('two-panels', { count: 20 }))
    const [panel] = ledger.pieces
    expect(panel).toMatchObject({ times: 2, worked: 'rows', rows: 10 })
    expect(maybeFoundation(ledger, panel!)).toEqual({ chains: 21, skipped: 1 })
    expect(ledger.joins.map(({ count }) => count)).toEqual([10, 20, 10])
    expect(ledger.sizes).toMatchObject({ flatMm: 100, aroundMm: 200, heightMm: 50 })
  })

  it('of a folded panel: front and back equal, or said to be not', () => {
    const folded = (flapRows: number) => bag(baseAs('folded-panel', { count: 20, flapRows }))
    expect(folded(2).joins.map(({ count }) => count)).toEqual([4, 4])
    expect(folded(2)).toMatchObject({ unequal: null, sizes: { heightMm: 20, flatMm: 100 } })
    expect(folded(3).unequal).toEqual({ what: 'sides', one: 3, other: 4 })
  })

  it('of a tube: a ring that keeps its count, closed after a round into the other side of it', () => {
    const ledger = bag(baseAs('tube', { count: 48, decrease: 8 }))
    expect(ledger.pieces.map(({ id, rows }) => [id, rows])).toEqual([
      ['bag', 10],
      ['bottom', 1],
    ])
    expect(maybeFoundation(ledger, ledger.pieces[0]!)).toEqual({ chains: 48, skipped: 0 })
    expect(ledger.pieces[1]!.columns.makes[0]).toBe(40)
    expect(ledger.joins).toMatchObject([{ kind: 'seam', count: 20 }])
    expect(bag(baseAs('tube', { count: 49, decrease: 0 })).unequal).toMatchObject({
      one: 24,
      other: 25,
    })
  })

  it('of squares: half of them in each yarn, sewn, with a top on all of them', () => {
    const ledger = bag(baseAs('squares', { count: 8, across: 3, down: 3 }))
    const [first, second, top] = ledger.pieces
    expect([first, second].map((piece) => [piece!.times, piece!.rows])).toEqual([
      [10, 8],
      [8, 8],
    ])
    expect(runsOfRow(ledger, second!, 0)[0]!.yarn).toBe('B')
    expect(top!.columns.makes[0]).toBe(48)
    // 3 × 2 rows of edges across and 3 × 2 down on each of two faces; then three edges around.
    expect(ledger.joins.map(({ count }) => count)).toEqual([2 * (48 + 48), 2 * 24 + 24, 48])
    expect(ledger.sizes).toMatchObject({ flatMm: 120, heightMm: 120 + 50 })
  })

  it('of two discs: the strip covers part of the edge and leaves the rest open', () => {
    const strip = (rounds: number) =>
      compile(tote({ parts: [baseAs('discs', { count: 48 }), plain({ rounds })] }))
    expect(strip(29).joins[0]).toMatchObject({ kind: 'sew-on', count: 30 })
    const [, disc] = strip(29).joins[0]!.sides
    expect(disc.count - 30).toBe(18)
    expect(strip(29).unequal).toBeNull()
    expect(strip(47).unequal).toEqual({ what: 'opening', one: 48, other: 48 })
  })

  it('of half rounds: a curve of so many stitches, a straight edge as wide as its diameter', () => {
    const ledger = compile(tote({ parts: [baseAs('half-round', { count: 30, increase: 3 })] }))
    expect([...ledger.pieces[0]!.columns.makes]).toEqual([3, 6, 9, 12, 15, 18, 21, 24, 27, 30])
    expect(ledger.sizes.flatMm).toBeCloseTo((2 * 30 * 5) / Math.PI, 9)
    expect(ledger.joins[0]).toMatchObject({ count: 30, lengthMm: 150 })
  })

  it('of a flat base: its count is picked up around it', () => {
    const ledger = bag(baseAs('flat-base', { along: 14, count: 48 }))
    expect(ledger.pieces.map(({ id, rows }) => [id, rows])).toEqual([
      ['base', 10],
      ['bag', 10],
    ])
    expect(ledger.joins).toMatchObject([{ kind: 'pick-up', count: 48 }])
    expect(ledger.sizes.footprint).toEqual({ lengthMm: 70, widthMm: 50 })
  })
})

describe('the laws of the ledger', () => {
  it('hold for any bag', () => {
    fc.assert(
      fc.property(anyDesign, fc.constantFrom('left' as const, 'right' as const), (design, hand) => {
        const ledger = compile(design, { hand })
        for (const piece of ledger.pieces) {
          const { uses, makes, heightMm, alongMm, side } = piece.columns
          for (let row = 0; row < piece.rows; row++) {
            const runs = runsOfRow(ledger, piece, row)
            const sum = (key: 'uses' | 'makes') =>
              runs.reduce((all, { stitch, count }) => all + stitchById(stitch)[key] * count, 0)
            expect(sum('makes')).toBe(makes[row])
            expect(uses[row]).toBe(row === 0 ? 0 : makes[row - 1])
            if (row > 0) {
              expect(sum('uses')).toBe(uses[row])
              expect(heightMm[row]).toBeGreaterThanOrEqual(heightMm[row - 1]!)
              expect(alongMm[row]).toBeGreaterThan(alongMm[row - 1]!)
              const anew = starts[piece.columns.start[row]!] === 'afresh'
              if (piece.worked === 'rows' && !anew) expect(side[row]).not.toBe(side[row - 1])
            }
            expect(placeColours(ledger, piece, row)).toHaveLength(makes[row]!)
            expect(runs.every(({ count }) => count > 0)).toBe(true)
          }
          const bounds = piece.parts.flatMap(({ firstRow, endRow }) => [firstRow, endRow])
          expect(bounds).toEqual([...bounds].sort((a, b) => a - b))
          expect(bounds.at(-1)).toBe(piece.rows)
        }
        const ids = ledger.pieces.map(({ id }) => id)
        for (const join of ledger.joins) {
          expect(join.pieces.every((id) => ids.includes(id))).toBe(true)
          expect(join.count).toBeGreaterThanOrEqual(0)
        }
        const { aroundMm, flatMm, footprint } = ledger.sizes
        expect(aroundMm).toBeGreaterThanOrEqual(flatMm)
        expect(footprint.lengthMm).toBeGreaterThanOrEqual(Math.min(footprint.widthMm, flatMm))
      }),
    )
  })
})

describe('answers about the gauge', () => {
  it('takes it from the base: 20 rounds of six, 19.1 cm across, are the swatch they were made with', () => {
    // A flat disc: its edge is 2πr around, and r is its rounds. Geometry.
    const swatch = swatchFromBase({ rounds: 20, acrossMm: 191, count: 120 })
    expect(swatch.stitches).toBeCloseTo(20, 1)
    expect(swatch.rows).toBeCloseTo(20.9, 1)
    expect(() => swatchFromBase({ rounds: 0, acrossMm: 191, count: 120 })).toThrow(RangeError)
  })

  it('says which gauge and hook make a count the wanted size', () => {
    const design = tote({ want: { ...tote().want, aroundMm: 288 } })
    const { stitchWidthMm, hookMm } = gaugeForCount(compiled(projectOf(design)), 48)
    expect(stitchWidthMm).toBe(6)
    expect(hookMm).toBeGreaterThan(design.hookMm)
    expect(gaugeForCount(compiled(projectOf(tote())), 48)).toEqual({
      stitchWidthMm: 5,
      hookMm: 3.5,
    })
    // Worked with that hook, an estimated gauge has that width.
    const estimated = tote({ swatches: [], want: { ...tote().want, aroundMm: 300 } })
    const answer = gaugeForCount(compiled(projectOf(estimated)), 48)
    expect(gaugeOf({ ...estimated, hookMm: answer.hookMm }).stitchWidthMm).toBeCloseTo(300 / 48, 9)
  })
})

describe('gauge', () => {
  it('comes from the swatch, or is estimated with a spread', () => {
    expect(gaugeOf(tote())).toMatchObject({ source: 'swatch', stitchWidthMm: 5, rowHeightMm: 5 })
    const estimated = gaugeOf(tote({ swatches: [] }))
    expect(estimated.source).toBe('estimate')
    expect(estimated.spread).toBeGreaterThan(0.1)
    // A yarn of two strands may be of another class than the bag's.
    const [first, ...more] = tote().yarns
    const bulky = { ...tote({ swatches: [] }), yarns: [{ ...first!, yarnClass: 5 }, ...more] }
    const of = (yarn: string) =>
      gaugeFor(bulky, { stitch: 'sc', fabric: 'plain', yarn }).stitchWidthMm
    expect(of('A')).toBeGreaterThan(of('B'))
    expect(of('B')).toBe(estimated.stitchWidthMm)
  })

  it('derives other stitches from the one measured', () => {
    const design = tote({ swatches: [swatch({ stitch: 'hdc', rows: 14, rowsOverMm: 98 })] })
    const height = (stitch: string) => partGauge(design, plain({ stitch }))
    expect(height('hdc')).toMatchObject({ source: 'swatch', rowHeightMm: 7 })
    expect(height('sc')).toMatchObject({ source: 'derived', rowHeightMm: expect.closeTo(5, 9) })
    expect(height('dc-blo').rowHeightMm).toBeCloseTo(10, 9)
    expect(height('sc').spread).toBeGreaterThan(height('hdc').spread)
  })

  it('takes the swatch that is nearest: stitch before fabric before yarn; derives from another hook', () => {
    const swatches = [
      swatch(),
      swatch({ yarn: 'B', stitches: 21 }),
      swatch({ fabric: 'tapestry', stitches: 19 }),
      swatch({ stitch: 'dc', stitches: 18, rows: 10 }),
    ]
    const design = tote({ swatches })
    const used = (part: Parameters<typeof partGauge>[1]) => partGauge(design, part).swatch
    expect([plain(), plain({ yarn: 'B' }), motif(), plain({ stitch: 'dc' })].map(used)).toEqual([
      0, 1, 2, 3,
    ])
    expect(used(motif({ stitch: 'dc' }))).toBe(3)
    const larger = partGauge({ ...design, hookMm: 4.5 }, plain())
    expect(larger).toMatchObject({ source: 'derived', swatch: 0 })
    // Nor is a swatch of one yarn one of another.
    const ofYarn = (yarn: string) => {
      const design = tote({ swatches: [swatch({ yarn: 'A' })] })
      return partGauge(design, plain({ yarn })).source
    }
    expect([ofYarn('A'), ofYarn('B')]).toEqual(['swatch', 'derived'])
    expect(larger.stitchWidthMm).toBeGreaterThan(5)
  })

  // Craft Yarn Council, Standards and Guidelines: class 4 is 11–14 sc over 4 in, class 5 is 8–11 (from memory).
  it('says when a swatch is far from the published range of its class', () => {
    const sc = (stitches: number) =>
      maybeOutsideClass(swatch({ stitches, stitchesOverMm: 101.6 }), 4)
    expect([sc(11), sc(14), sc(16.5), sc(9)]).toEqual([null, null, null, null])
    expect(sc(17)).toEqual({ sc: 17, range: [11, 14] })
    expect(sc(8)).toMatchObject({ range: [11, 14] })
    expect(maybeOutsideClass(swatch({ stitch: 'dc', stitches: 30 }), 4)).toBeNull()
  })
})

/** A round as it is drawn for the right hand, turned back by how far its beginning has moved on. */
function fromItsBeginning(drawn: readonly string[], piece: Piece, row: number): string {
  const { begin, side } = piece.columns
  const { making, gauge } = partOfRow(piece, row)
  const counts =
    making.start !== 'chain' || (making.chainCounts && stitchById(gauge.stitch).turningChains > 1)
  const onStart = counts || making.first === 'same'
  // Rows that are turned keep to their places.
  if (piece.worked === 'rows' || making.working === 'turned') return drawn.join('')
  const next = side[row] === 1 && !onStart ? 1 : 0
  const moved = (begin[row]! + next) % drawn.length
  return [...drawn.slice(drawn.length - moved), ...drawn.slice(0, drawn.length - moved)].join('')
}

describe('the picture', () => {
  it('is the chart, repeated from the join', () => {
    fc.assert(
      fc.property(anyDesign, (design) => {
        const ledger = compile(design)
        const piece = bodyOf(ledger)
        for (const part of partsOf(design)) {
          // What is begun anew keeps to its places: see `begun-anew.test.ts`.
          if (part.kind !== 'tapestry' || makingOf(design, part).anew !== null) continue
          const { firstRow, endRow, balance } = piece.parts.find(({ id }) => id === part.id)!
          const { width, colours } = part.chart
          for (let row = firstRow; row < endRow; row++) {
            const line = colours[(row - firstRow) % colours.length]!
            const drawn = [...placeColours(ledger, piece, row)].map((i) => ledger.yarns[i]!)
            const seen = fromItsBeginning(drawn, piece, row)
            const more = balance < seen.length ? line.slice(0, balance) : ''
            const enough = line.repeat(Math.ceil(seen.length / width)) + more
            expect(seen).toBe(enough.slice(enough.length - seen.length))
          }
        }
      }),
    )
  })

  it('of the front is the middle half of every round, and all of every row', () => {
    fc.assert(
      fc.property(anyDesign, fc.constantFrom('left' as const, 'right' as const), (design, hand) => {
        const ledger = compile(design, { hand })
        for (const piece of ledger.pieces) {
          const front = frontPicture(ledger, piece, hand)
          expect(front.yarns).toHaveLength(front.columns * piece.rows)
          for (let row = 0; row < piece.rows; row++) {
            const whole = placeColours(ledger, piece, row, hand)
            const shown = piece.worked === 'rows' ? whole.length : Math.max(1, whole.length >> 1)
            const line = front.yarns.subarray(row * front.columns, (row + 1) * front.columns)
            const stitches = [...line].filter((yarn) => yarn !== NO_STITCH)
            const middle = middlesSeen(piece, row, hand).front
            const from = Math.round(middle - shown / 2) + whole.length
            expect(stitches).toEqual(
              Array.from({ length: shown }, (_, i) => whole[(from + i) % whole.length]!),
            )
          }
        }
      }),
    )
  })

  it('can be read through a window', () => {
    const { ledger, piece } = only()
    const whole = placeColours(ledger, piece, 11)
    const window = new Uint8Array(10)
    writePlaceColours(ledger, piece, 11, 'right', 7, window)
    expect([...window]).toEqual([...whole.subarray(7, 17)])
  })
})

describe('compile and bad designs', () => {
  it('throws rather than counts wrong', () => {
    expect(() => compile(tote({ parts: [base({ count: 2 })] }))).toThrow(RangeError)
    expect(() => compile(tote({ parts: [base({ stitch: 'knot' })] }))).toThrow('no stitch')
  })

  it('takes away at most what there is room for', () => {
    const parts = [base(), plain({ rounds: 1, adjust: 500 })]
    expect(counts(tote({ parts })).at(-1)).toBe(96)
  })
})

describe('stitches that touch', () => {
  // By hand, two rows of AAB over ABB, from below ABB: beside A|B twice (once a row), above B|A once in the middle column.
  it('are counted beside and above one another', () => {
    const front = {
      ...{ columns: 3, rows: 2, hand: 'right' as const },
      yarns: Uint8Array.from([0, 1, 1, 0, 0, 1]),
    }
    expect([...touchesIn([front])]).toEqual([['0 1', 3]])
  })
})
