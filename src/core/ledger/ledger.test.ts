import fc from 'fast-check'
import { base, tote } from '../testing/tote.ts'
import { anyDesign } from '../testing/arbitrary.ts'
import {
  compile,
  frontPicture,
  gaugeFor,
  gaugeOf,
  NO_STITCH,
  partOfRow,
  placeColours,
  rowHeightMm,
  runsOfRow,
  swatchFromBase,
  writePlaceColours,
} from './index.ts'
import { stitchById } from '../stitch/index.ts'

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
      const [first, low, ...rest] = tote().parts
      return counts(tote({ parts: [first!, { ...low!, adjust } as typeof low & object, ...rest] }))
    }
    expect(adjusted(6).slice(8, 11)).toEqual([48, 54, 54])
    expect(adjusted(-6).slice(8, 11)).toEqual([48, 42, 42])
    expect(adjusted(-2000)[9]).toBe(24)
  })

  it('cuts a motif that does not fit at the join', () => {
    const { ledger, piece } = only(tote({ parts: [base({ count: 50 }), ...tote().parts.slice(1)] }))
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
    const { piece } = only(tote({ working: 'joined' }))
    expect([...piece.columns.start].slice(0, 3)).toEqual([0, 2, 2])
    expect([...piece.columns.end].slice(-2)).toEqual([1, 3])
  })
})

describe('the laws of the ledger', () => {
  it('hold for any bag', () => {
    fc.assert(
      fc.property(anyDesign, fc.constantFrom('left' as const, 'right' as const), (design, hand) => {
        const { ledger, piece } = only(design, hand)
        const { uses, makes, heightMm, alongMm } = piece.columns
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
          }
          expect(placeColours(ledger, piece, row)).toHaveLength(makes[row]!)
          expect(runs.every(({ count }) => count > 0)).toBe(true)
        }
        const bounds = piece.parts.flatMap(({ firstRow, endRow }) => [firstRow, endRow])
        expect(bounds).toEqual([...bounds].sort((a, b) => a - b))
        expect(bounds.at(-1)).toBe(piece.rows)
      }),
    )
  })
})

describe('answers about the gauge', () => {
  it('takes it from the base: 20 rounds of six, 19.1 cm across, are the swatch they were made with', () => {
    // A flat disc: its edge is 2πr around, and r is its rounds. Geometry.
    const swatch = swatchFromBase({ rounds: 20, acrossMm: 191, count: 120, stitch: 'sc' })
    expect(swatch.stitches).toBeCloseTo(20, 1)
    expect(swatch.rows).toBeCloseTo(20.9, 1)
    expect(() => swatchFromBase({ rounds: 0, acrossMm: 191, count: 120, stitch: 'sc' })).toThrow(
      RangeError,
    )
  })

  it('says which gauge and hook make a count the wanted size', () => {
    const design = tote({ want: { ...tote().want, aroundMm: 288 } })
    const { stitchWidthMm, hookMm } = gaugeFor(design, 48)
    expect(stitchWidthMm).toBe(6)
    expect(hookMm).toBeGreaterThan(design.hookMm)
    expect(gaugeFor(tote(), 48)).toEqual({ stitchWidthMm: 5, hookMm: 3.5 })
    // Worked with that hook, an estimated gauge has that width.
    const estimated = tote({ swatch: null, want: { ...tote().want, aroundMm: 300 } })
    const answer = gaugeFor(estimated, 48)
    expect(gaugeOf({ ...estimated, hookMm: answer.hookMm }).stitchWidthMm).toBeCloseTo(300 / 48, 9)
  })
})

describe('gauge', () => {
  it('comes from the swatch, or is estimated with a spread', () => {
    expect(gaugeOf(tote())).toMatchObject({ source: 'swatch', stitchWidthMm: 5, rowHeightMm: 5 })
    const estimated = gaugeOf(tote({ swatch: null }))
    expect(estimated.source).toBe('estimate')
    expect(estimated.spread).toBeGreaterThan(0.1)
  })

  it('derives other stitches from the one measured', () => {
    const swatch = { stitch: 'hdc', stitches: 20, stitchesOverMm: 100, rows: 14, rowsOverMm: 98 }
    const gauge = gaugeOf(tote({ swatch }))
    expect(rowHeightMm(gauge, 'hdc')).toBeCloseTo(7, 9)
    expect(rowHeightMm(gauge, 'sc')).toBeCloseTo(5, 9)
    expect(rowHeightMm(gauge, 'dc-blo')).toBeCloseTo(10, 9)
  })
})

describe('the picture', () => {
  it('is the chart, repeated from the join', () => {
    fc.assert(
      fc.property(anyDesign, (design) => {
        const { ledger, piece } = only(design)
        for (const part of design.parts) {
          if (part.kind !== 'tapestry') continue
          const { firstRow, endRow } = piece.parts.find(({ id }) => id === part.id)!
          const { width, colours } = part.chart
          for (let row = firstRow; row < endRow; row++) {
            const line = colours[(row - firstRow) % colours.length]!
            const seen = [...placeColours(ledger, piece, row)].map((i) => ledger.yarns[i]).join('')
            const enough = line.repeat(Math.ceil(seen.length / width))
            expect(seen).toBe(enough.slice(enough.length - seen.length))
          }
        }
      }),
    )
  })

  it('of the front is the middle half of every row', () => {
    fc.assert(
      fc.property(anyDesign, fc.constantFrom('left' as const, 'right' as const), (design, hand) => {
        const { ledger, piece } = only(design, hand)
        const front = frontPicture(ledger, piece, hand)
        expect(front.yarns).toHaveLength(front.columns * piece.rows)
        for (let row = 0; row < piece.rows; row++) {
          const whole = placeColours(ledger, piece, row, hand)
          const shown = Math.max(1, whole.length >> 1)
          const line = front.yarns.subarray(row * front.columns, (row + 1) * front.columns)
          const stitches = [...line].filter((yarn) => yarn !== NO_STITCH)
          const from = (whole.length - shown) >> 1
          expect(stitches).toEqual([...whole.subarray(from, from + shown)])
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
    const parts = [
      base(),
      {
        kind: 'plain',
        id: 'x',
        name: 'X',
        yarn: 'A',
        stitch: 'sc',
        rounds: 1,
        adjust: 500,
      } as const,
    ]
    expect(counts(tote({ parts })).at(-1)).toBe(96)
  })
})
