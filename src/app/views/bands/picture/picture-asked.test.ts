import { WHOLE } from '@core/picture'
import { cornersOf, matched, rowOf, wholeCut, whyNot, yarnsAsked } from './picture-asked.ts'

const rows = [
  { letter: 'A', name: 'Ink', colour: '#22406b' },
  { letter: 'B', name: 'Chalk', colour: '#f2ead8' },
  { letter: 'C', name: 'Brass', colour: '#d39a2d' },
].map(rowOf)
const taking = { stitch: 0.04, carried: 0.005, per100g: 300 }

describe('what is asked of a picture', () => {
  it('is all of it, turned, or four corners of their own', () => {
    const size = { width: 200, height: 100 }
    expect(cornersOf(wholeCut, size)).toEqual(WHOLE)
    expect(cornersOf({ ...wholeCut, turn: 180 }, size)[0]![0]).toBeCloseTo(1)
    expect(cornersOf({ ...wholeCut, free: WHOLE, turn: 90 }, size)).toBe(WHOLE)
  })
  // By hand: 20 g of a yarn of 300 m in 100 g are 60 m.
  it('has the yarns that are used, and those only what is kept is in', () => {
    const some = rows.map((row, i) => ({
      ...row,
      used: i !== 1,
      always: i === 2,
      grams: i === 2 ? 20 : null,
    }))
    expect(yarnsAsked(some, new Set(), taking)).toMatchObject({
      yarns: [
        { letter: 'A', most: null },
        { letter: 'C', most: 60 },
      ],
      ...{ always: [1], onlyKept: [] },
    })
    expect(yarnsAsked(some, new Set(['B']), taking)).toMatchObject({ always: [2], onlyKept: [1] })
  })
  it('has each colour matched to what is nearest of what there is, each of that once', () => {
    const there = rows.map((row) => ({ ...row, letter: row.letter }))
    const all = matched(['#23416c', '#20406a', '#f0e8d6'], there)
    // Of two inks one is there: the other stands for itself.
    expect(all.map(({ name, colour }) => name || colour)).toEqual(['Ink', '#20406a', 'Chalk'])
    expect(all[0]!.apart).toBeLessThan(1)
    expect(matched(['#22406b', '#ff00ff'], there, Infinity).every(({ name }) => name)).toBe(true)
  })
  it('says why there is no chart', () => {
    expect(whyNot('two-yarns')).toMatch(/two yarns/)
    expect(whyNot('It was stopped.')).toBe('It was stopped.')
  })
})
