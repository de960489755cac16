import fc from 'fast-check'
import { BODY, type Design } from '../design/index.ts'
import { bandOf, mosaicRules } from '../band/index.ts'
import { checkPattern } from '../check/index.ts'
import { inTurns, pictureOf, workedOf } from '../mosaic/index.ts'
import { meaningOf, type Place, readWork } from '../notation/index.ts'
import { writtenPattern } from '../pattern/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { writtenIn } from '../testing/written.ts'
import { baseAs, mosaicBand, tote } from '../testing/tote.ts'
import { compile, placeColours, runsOfRow } from './index.ts'
import { sides, starts } from '../program/index.ts'
import { tries } from '../testing/tries.ts'

const bag = (
  band: ReturnType<typeof mosaicBand>,
  worked: 'rounds' | 'rows',
  hand: 'right' | 'left' = 'right',
) => {
  const base =
    worked === 'rows' ? baseAs('panel', { count: 18 }) : baseAs('round-base', { count: 48 })
  const design: Design = tote({ parts: [base, band] })
  const ledger = compile(design, { hand })
  const piece = ledger.pieces.find(({ id }) => id === BODY)!
  const part = piece.parts.find(({ id }) => id === band.id)!
  return { design, ledger, piece, part, count: worked === 'rows' ? 18 : 48 }
}

const anyBand = fc
  .record({
    school: fc.constantFrom('overlay' as const, 'inset' as const),
    colours: fc.array(fc.string({ unit: fc.constantFrom('A', 'B'), minLength: 8, maxLength: 8 }), {
      minLength: 3,
      maxLength: 7,
    }),
    ...{ before: fc.nat(2), after: fc.nat(2), times: fc.constantFrom(1, 2) },
  })
  .map(({ colours, school, before, after, times }) => {
    const rows = inTurns('A', 'B', colours.length)
    return mosaicBand({
      ...{ school, before, after, rows, chart: { width: 8, colours } },
      times: colours.length % 2 === 0 ? times : 1,
    })
  })

describe('a band of mosaic', () => {
  // What is worked, seen on the right side, is the picture: from the ledger's own stitches and yarns, whatever way it is worked.
  it('shows the picture it was drawn as, as far as that can be worked', () => {
    fc.assert(
      fc.property(
        anyBand,
        fc.constantFrom('rounds' as const, 'rows' as const),
        fc.constantFrom('right' as const, 'left' as const),
        (band, worked, hand) => {
          const { ledger, piece, part, count } = bag(
            band.school === 'inset' && worked === 'rounds'
              ? { ...band, making: { ...tote().making, working: 'turned' } }
              : band,
            worked,
            hand,
          )
          const { marks } = workedOf({ ...band.chart, rows: band.rows }, mosaicRules(band, worked))
          const picture = pictureOf(marks, 8, band.rows)
          const edge = worked === 'rows' ? 1 : 0
          const each = band.school === 'inset' ? 2 : 1
          for (let row = 0; row < picture.colours.length * band.times * each; row++) {
            const at = part.firstRow + band.before + row
            const seen = [...placeColours(ledger, piece, at, hand)]
              .map((yarn) => ledger.yarns[yarn])
              .join('')
            const drawn = picture.colours[Math.floor(row / each) % picture.colours.length]!
            expect(seen.slice(edge, count - edge)).toBe(drawn.repeat((count - 2 * edge) / 8))
          }
        },
      ),
      { numRuns: tries(15) },
    )
  })

  it('is read back by the checker, which finds nothing wrong, from words alone', () => {
    fc.assert(
      fc.property(
        anyBand,
        fc.constantFrom('rounds' as const, 'rows' as const),
        fc.constantFrom('us' as const, 'uk' as const),
        (band, worked, terms) => {
          const { design } = bag(band, worked)
          const text = writtenIn(design, terms === 'uk' ? 'uk' : 'own')
          const { rows, problems } = checkPattern(text, { terms })
          expect([...problems, ...rows.flatMap((row) => row.problems)]).toEqual([])
        },
      ),
      { numRuns: 25 },
    )
  })

  // From the printed words back to the picture: what a row says of each place is read by the grammar, and drawn.
  it('is the picture again, read from its own words', () => {
    fc.assert(
      fc.property(anyBand, fc.constantFrom('rounds' as const, 'rows' as const), (band, worked) => {
        const overlay = { ...band, school: 'overlay' as const, times: 1 }
        const { ledger, part, count, piece } = bag(overlay, worked)
        const lines = writtenPattern(ledger, defaultWords).flatMap(({ sections }) =>
          sections.flatMap((section) => section.lines),
        )
        const below = new Array<Place>(count).fill('st')
        const edge = worked === 'rows' ? 1 : 0
        const downs = band.chart.colours.map((_, row) => {
          const number = piece.columns.number[part.firstRow + band.before + row]!
          const { text } = lines.find(({ from, to }) => from <= number && to >= number)!
          const work = text.replace(/^with [A-Z], |, fasten off$|, sl st to join$/g, '')
          const { made } = meaningOf(readWork(work).items, below)
          expect(made).toHaveLength(count)
          return made.map(({ word }) => word === 'drop dc').reverse()
        })
        const { marks } = workedOf(
          { ...overlay.chart, rows: overlay.rows },
          mosaicRules(overlay, worked),
        )
        const { colours } = pictureOf(marks, 8, overlay.rows)
        colours.forEach((drawn, row) => {
          const seen = Array.from({ length: 8 }, (_, column) =>
            downs[row + 1]?.[edge + column] ? overlay.rows[row + 1]! : overlay.rows[row]!,
          )
          expect(seen.join('')).toBe(drawn)
        })
      }),
      { numRuns: 30 },
    )
  })

  // Worked on paper: row 2 reaches over columns 1, 2, 5 and 6 of row 1, row 4 over 3 and 4 of row 3.
  const kinds = (row: number, on: ReturnType<typeof bag>) =>
    runsOfRow(on.ledger, on.piece, on.part.firstRow + row).map(
      ({ stitch, count }) => `${count} ${stitch}`,
    )

  it('drops into the row two below, and is worked in the back loop beside that', () => {
    const on = bag(mosaicBand(), 'rounds')
    expect(kinds(2, on).slice(0, 5)).toEqual([
      ...['1 sc-blo', '2 drop-dc', '2 sc-blo', '2 drop-dc', '1 sc-blo'],
    ])
    // Of row 1 nothing is told but the back loop: what hides its stitches comes later.
    expect(kinds(1, on)).toEqual([
      '8 sc-blo',
      '8 sc-blo',
      '8 sc-blo',
      '8 sc-blo',
      '8 sc-blo',
      '8 sc-blo',
    ])
  })

  it('flat in overlay faces the right side in every row, each with its yarn joined anew', () => {
    const { piece, part } = bag(mosaicBand(), 'rows')
    const rows = Array.from({ length: 6 }, (_, i) => part.firstRow + i)
    expect(new Set(rows.map((row) => sides[piece.columns.side[row]!]))).toEqual(new Set(['RS']))
    expect(rows.slice(1).map((row) => starts[piece.columns.start[row]!])).toEqual(
      new Array(5).fill('afresh'),
    )
  })

  it('inset is two rows a row of the chart, there and back, and goes over its chains', () => {
    const on = bag(mosaicBand({ school: 'inset' }), 'rows')
    const { piece, part } = on
    expect(part.endRow - part.firstRow).toBe(6 * 2 + 1)
    expect([0, 1, 2, 3].map((row) => sides[piece.columns.side[part.firstRow + row]!])).toEqual(
      piece.columns.side[part.firstRow] ? ['WS', 'RS', 'WS', 'RS'] : ['RS', 'WS', 'RS', 'WS'],
    )
    expect(kinds(2, on).slice(0, 4)).toEqual(['1 sc', '1 sc', '2 over-st', '2 sc'])
    expect(kinds(3, on)).toContain('2 over-ch')
    expect(kinds(4, on)).toContain('2 long-dc')
    expect(bandOf(mosaicBand()).reading(mosaicBand(), 'rows')).toContain('back loop')
  })
})
