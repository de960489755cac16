import fc from 'fast-check'
import { motifs } from '../motif/index.ts'
import { type Lies, reliefMended, reliefMisfits, reliefs } from './relief.ts'

const RIGHT: Lies = { sideOf: () => 'RS', below: 4 }
/** The top row first, as it is seen. */
const raised = (...rows: readonly string[]) => ({
  stitch: 'sc',
  raised: { width: rows[0]!.length, colours: rows.toReversed() },
})
const whys = (part: ReturnType<typeof raised>, lies: Lies = RIGHT) =>
  reliefMisfits(part, lies).map(({ column, row, why }) => `${column},${row} ${why}`)

describe('what stands on a ground', () => {
  // Common practice without a source, each rule counted by hand.
  it('is raised on its own side only, and in one row all from one side', () => {
    // Puffs and bobbles stand out at the back, popcorns on the side they are closed towards.
    expect(whys(raised('ADAAA'))).toEqual([])
    expect(whys(raised('ACAAA'))).toEqual(['1,0 side'])
    expect(whys(raised('ABAAA'))).toEqual(['1,0 side'])
    expect(whys(raised('ACADA'), { ...RIGHT, sideOf: () => null })).toEqual(['3,0 side'])
    // Where the work is never turned a puff is pushed out to the front; a bobble is not.
    expect(whys(raised('ABADA'), { ...RIGHT, unturned: true })).toEqual([])
    expect(whys(raised('ACAAA'), { ...RIGHT, unturned: true })).toEqual(['1,0 side'])
  })

  it('has no clusters side by side, nor where rows begin', () => {
    expect(whys(raised('ADDDA'))).toEqual(['2,0 beside'])
    expect(whys(raised('DAAAD'))).toEqual(['0,0 edge', '4,0 edge'])
    expect(whys(raised('KAKKA'))).toEqual(['0,0 edge'])
  })

  it('reaches into rows that exist, and not over what stands there', () => {
    expect(whys(raised('AHA', 'AAA'), { ...RIGHT, below: 0 })).toEqual(['1,1 reach'])
    expect(whys(raised('AJA'), { ...RIGHT, below: 3 })).toEqual(['1,0 reach'])
    expect(whys(raised('AJA'), { ...RIGHT, below: 4 })).toEqual([])
    expect(whys(raised('AIA', 'AAA', 'ADA'))).toEqual(['1,2 over'])
    expect(whys(raised('AHA', 'AAA', 'ADA'))).toEqual([])
  })

  it('goes around posts that are there', () => {
    expect(whys(raised('AFA', 'AKA'))).toEqual(['1,1 post'])
    expect(whys(raised('AFA'), { ...RIGHT, below: 0 })).toEqual(['1,0 post'])
    // A bead stands around the post of a tall stitch beside it.
    expect(whys(raised('AEA'))).toEqual(['1,0 post'])
    expect(whys({ ...raised('AEA'), stitch: 'dc' })).toEqual([])
  })

  it('has six motifs that can be worked flat, where every other row faces', () => {
    const all = motifs.filter(({ kind }) => kind === 'raised')
    expect(all).toHaveLength(6)
    // Their first row is a wrong-side row: a puff stands out at the back of the work.
    const sideOf = (row: number) => (row % 2 ? ('RS' as const) : ('WS' as const))
    for (const { width, colours } of all) {
      const drawn = colours.map((row) => row.replaceAll('.', 'A'))
      const part = { stitch: 'sc', raised: { width, colours: drawn } }
      expect(reliefMisfits(part, { sideOf, below: 1 })).toEqual([])
    }
  })

  it('is mended to what can be: a row further, or left out', () => {
    const sideOf = (row: number) => (row % 2 ? ('WS' as const) : ('RS' as const))
    const part = raised('AAA', 'AAA', 'ACA')
    expect(reliefMended(part, { sideOf, below: 4 }).colours.toReversed()).toEqual([
      ...['AAA', 'ACA', 'AAA'],
    ])
    expect(reliefMended(raised('ADDA'), RIGHT).colours).toEqual(['ADAA'])
    // Bobbles all over the right-side rows of a large piece: each goes one row up, and none is lost.
    const many = Array.from(
      { length: 60 },
      (_, row) => (row % 4 === 0 ? 'AC'.repeat(59) : 'AA'.repeat(59)) + 'AA',
    )
    const all = reliefMended(
      { stitch: 'sc', raised: { width: 120, colours: many } },
      { sideOf, below: 4 },
    )
    expect(all.colours).toEqual(many.map((_, row) => many[row === 0 ? 1 : row - 1]))
    // The second bobble finds the first beside it above, and a spike that reaches over: it goes down. The popcorn goes up.
    const wrong = raised('AAHAA', 'ADAAA', 'ACCAA', 'AAAAA', 'AAAAA')
    expect(reliefMended(wrong, { sideOf, below: 4 }).colours.toReversed()).toEqual([
      ...['ADHAA', 'ACAAA', 'AAAAA', 'AACAA', 'AAAAA'],
    ])
    const letters = reliefs.map(({ letter }) => letter)
    fc.assert(
      fc.property(
        fc.array(fc.string({ unit: fc.constantFrom(...letters), minLength: 6, maxLength: 6 }), {
          minLength: 1,
          maxLength: 6,
        }),
        (colours) => {
          const any = { stitch: 'sc', raised: { width: 6, colours } }
          const lies = { sideOf, below: 2 }
          const mended = reliefMended(any, lies)
          expect(reliefMisfits({ ...any, raised: mended }, lies)).toEqual([])
          // What fits stays where nothing came beside it.
          if (reliefMisfits(any, lies).length === 0) expect(mended.colours).toEqual(colours)
        },
      ),
    )
  })
})
