import fc from 'fast-check'
import { countOf, freeIn, type Laid, lay, stitches } from '../program/index.ts'
import { bandsOf } from '../design/index.ts'
import { fieldFaults } from '../document/index.ts'
import { LIMITS } from '../part/index.ts'
import { anyDesign, anyWritten } from '../testing/arbitrary.ts'
import { yarnsOf } from '../testing/steps.ts'
import { type BandPart, type Ground, bandKinds, bandOf, bands, nearestCounts } from './index.ts'
import { tries } from '../testing/tries.ts'

/** Any band there can be, of any kind. */
const anyBand: fc.Arbitrary<BandPart> = fc.oneof(
  anyDesign
    .filter((design) => bandsOf(design).length > 0)
    .chain((design) => fc.constantFrom(...bandsOf(design))),
  anyWritten,
)
const ground = fc.record({
  count: fc.integer({ min: 1, max: 160 }),
  hand: fc.constantFrom('left' as const, 'right' as const),
  worked: fc.constantFrom('rounds' as const, 'rows' as const),
})
/** Rows laid one over the other, from so many stitches up. */
function* laidRows(part: BandPart, on: Ground): Generator<Laid> {
  let below = stitches(on.count)
  for (const program of bandOf(part).rows(part, on)) {
    const laid = lay(program, [below])
    if (!laid.ok) throw new Error(`${laid.problem} places`)
    yield laid.value
    below = laid.value.made
  }
}
const faults = (part: BandPart) => {
  const said: string[] = fieldFaults(bandOf(part).document, part).map(({ where }) => where)
  bandOf(part).faults(part, (field) => said.push(field))
  return said
}

describe('any band on any count', () => {
  it('uses every place the row below leaves, row by row, and leaves what it says', () => {
    fc.assert(
      fc.property(anyBand, ground, (part, on) => {
        const band = bandOf(part)
        let count = on.count
        let rows = 0
        for (const { uses, made, rest } of laidRows(part, on)) {
          expect([uses, freeIn(rest[0]!)]).toEqual([count, 0])
          count = countOf(made)
          rows++
        }
        expect(rows).toBe(band.rounds(part))
        expect(band.leaves(part, on.count)).toBe(count)
      }),
      { numRuns: tries(100) },
    )
  })

  it('is worked in the yarns it says, ends in its last, and takes another for any of them', () => {
    fc.assert(
      fc.property(anyBand, ground, (part, on) => {
        const band = bandOf(part)
        const worked = (of: BandPart) => [
          ...new Set([...laidRows(of, on)].flatMap(({ steps }) => [...yarnsOf(steps)])),
        ]
        // A motif that is cut off may not come to all of its colours.
        for (const yarn of worked(part)) expect(band.yarns(part)).toContain(yarn)
        expect(band.yarns(part)).toContain(band.lastYarn(part))
        for (const yarn of band.yarns(part)) {
          const other = { ...part, ...band.withYarn(part, yarn, 'Z') } as BandPart
          expect(band.yarns(other)).toContain('Z')
          expect(band.yarns(other)).not.toContain(yarn)
          expect(faults(other)).toEqual([])
        }
      }),
    )
  })

  it('is as many rounds as it is given, where one number can say it, and stays what can be read back', () => {
    fc.assert(
      fc.property(anyBand, fc.integer({ min: -5, max: 1200 }), (part, wanted) => {
        const band = bandOf(part)
        const values = band.withRounds(part, wanted)
        if (!values) return
        const next = { ...part, ...values } as BandPart
        expect(faults(next)).toEqual([])
        // A motif is worked whole, and a hundred times at the most.
        const high = (times: number) =>
          'times' in values ? band.rounds({ ...part, times } as BandPart) : times
        const whole = high(2) - high(1)
        const most = 'times' in values ? high(LIMITS.times) : LIMITS.rounds
        const near = Math.min(most, Math.max(high(1), wanted))
        expect(Math.abs(band.rounds(next) - near)).toBeLessThan(whole === 1 ? 1 : whole)
      }),
    )
  })

  it('stretches to a multiple of its rounds, or stays whole', () => {
    fc.assert(
      fc.property(anyBand, fc.double({ min: 0.05, max: 8, noNaN: true }), (part, by) => {
        const band = bandOf(part)
        const values = band.stretched(part, by)
        const next = { ...part, ...values } as BandPart
        expect(faults(next)).toEqual([])
        if (values === null) expect(band.rounds(next)).toBe(band.rounds(part))
        else
          expect(band.rounds({ ...part, ...band.stretched(part, 1) } as BandPart)).toBe(
            band.rounds(part),
          )
      }),
    )
  })

  it('comes out by its repeat: on whole repeats and its offset no motif is cut off', () => {
    fc.assert(
      fc.property(anyBand, ground, fc.integer({ min: 1, max: 6 }), (part, on, times) => {
        const band = bandOf(part)
        const repeat = band.repeat(part, on.worked)
        if (!repeat || band.reading(part, on.worked)) return
        const { multiple, offset } = repeat
        const { colours } = band.chart(part)!
        const rows = [...laidRows(part, { ...on, count: times * multiple + offset })]
        rows.forEach(({ steps }, r) => {
          const row = yarnsOf(steps)
          // A right-handed crocheter reads it from the right, where the columns that balance a flat row are worked first.
          const motif = [...colours[r % colours.length]!]
          const once = (on.hand === 'right' ? motif.reverse() : motif).join('')
          const from = on.hand === 'right' ? offset : 0
          expect(row.slice(from, from + times * multiple)).toBe(once.repeat(times))
          expect(row).toHaveLength(times * multiple + offset)
        })
        expect(on.worked === 'rounds' && offset > 0).toBe(false)
      }),
    )
  })
})

describe('counts a band comes out on', () => {
  it('are those it says, and the nearest of them are found', () => {
    fc.assert(
      fc.property(anyWritten, fc.integer({ min: 1, max: 200 }), (part, count) => {
        const counts = bandOf(part).counts(part)!
        const nearest = nearestCounts(counts, count)
        expect(nearest.length).toBeGreaterThan(0)
        for (const one of nearest) expect(bandOf(part).standsOn(part, one)).toBe(true)
        for (let between = Math.min(...nearest) + 1; between < Math.max(...nearest); between++)
          expect(bandOf(part).standsOn(part, between)).toBe(false)
      }),
      { numRuns: tries(15) },
    )
  })

  it.each([
    // Multiple and offset, on how many, and the nearest.
    [4, 2, 34, [34, 38]],
    [4, 2, 36, [34, 38]],
    [4, 2, 37, [38, 34]],
    [4, 0, 3, [4]],
    [0, 48, 54, [48]],
  ])('%i · k + %i near %i', (multiple, offset, count, nearest) => {
    expect(nearestCounts({ multiple, offset }, count).filter((one) => one !== 0)).toEqual(nearest)
  })
})

describe('the table of bands', () => {
  it('begins each kind as a document of its own, on the count and in the yarns it is given', () => {
    for (const kind of bandKinds) {
      const from = { stitch: 'hdc', letters: ['C', 'D'], count: 48, abbr: 'hdc' }
      const part = { id: 'p1', ...bands[kind].begin(from) } as BandPart
      expect([kind, part.kind, faults(part)]).toEqual([kind, kind, []])
      for (const yarn of bandOf(part).yarns(part)) expect(['C', 'D']).toContain(yarn)
      const repeat = bandOf(part).repeat(part, 'rounds')
      if (repeat) expect(48 % repeat.multiple).toBe(0)
      expect(bandOf(part).standsOn(part, 48)).toBe(true)
    }
  })

  it('changes the count where that is a band’s work, and nowhere else', () => {
    const changing = bandKinds.filter((kind) => {
      const part = {
        id: 'p1',
        ...bands[kind].begin({ stitch: 'sc', letters: ['A'], count: 30, abbr: 'sc' }),
      } as BandPart
      const band = bandOf(part)
      if (band.change(part) === null) {
        expect(band.withChange(part, 4)).toEqual({})
        return false
      }
      const next = { ...part, ...band.withChange(part, 4) } as BandPart
      expect([band.change(next), band.leaves(next, 30)]).toEqual([4, 34])
      return true
    })
    expect(changing).toEqual(['plain'])
  })
})
