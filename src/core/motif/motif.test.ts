import { KEEPS, lettersIn } from '../chart/index.ts'
import { inTurns, schools, workedOf } from '../mosaic/index.ts'
import {
  coloursOf,
  isMotif,
  lettered,
  missingIn,
  motifKinds,
  motifOf,
  motifs,
  motifsNamed,
  motifYarns,
} from './index.ts'

const seen = (patch: { readonly colours: readonly string[] }) => patch.colours.toReversed()

describe('the motif drawer', () => {
  it('holds thirty-eight motifs of five kinds, each whole and with a name of its own', () => {
    expect(motifs).toHaveLength(39)
    expect(new Set(motifs.map(({ name }) => name)).size).toBe(39)
    for (const motif of motifs) {
      expect(isMotif(motif)).toBe(true)
      expect(coloursOf(motif)).toBeGreaterThan(0)
      expect(motif.colours.join('')).toContain(KEEPS)
      expect(lettersIn(motif)).toEqual(['B', 'C', 'D'].slice(0, coloursOf(motif)))
    }
    for (const kind of Object.keys(motifKinds))
      expect(motifs.filter((one) => one.kind === kind).length).toBeGreaterThan(5)
  })

  it('has borders of two to six rounds', () => {
    for (const { kind, colours } of motifs)
      if (kind === 'border') expect([2, 3, 4, 5, 6]).toContain(colours.length)
  })

  // Read row by row as it is worked: what stands beside itself must meet; drawn by hand.
  it('no motif is like another one, nor a mirror of it', () => {
    const all = motifs.flatMap(({ colours }) => [
      colours.join('/'),
      colours.map((row) => [...row].reverse().join('')).join('/'),
    ])
    const own = new Map<string, number>()
    all.forEach((text, i) => {
      expect(own.get(text) ?? i >> 1).toBe(i >> 1)
      own.set(text, i >> 1)
    })
  })

  it('has mosaics that can be worked as they are drawn, in both schools', () => {
    for (const { kind, width, colours } of motifs) {
      if (kind !== 'mosaic') continue
      const rows = inTurns(KEEPS, 'B', colours.length)
      for (const school of schools) {
        const rules = { school, flat: false, run: 3 }
        expect(workedOf({ width, colours, rows }, rules).misfits).toEqual([])
      }
      // Stacked, a row in one yarn stands on one in the other.
      expect(colours.length % 2).toBe(0)
    }
  })

  it('is searched by name and kind', () => {
    expect(motifsNamed(motifs, 'drum').map(({ id }) => id)).toEqual(['drum'])
    expect(motifsNamed(motifs, 'field CHECK').map(({ id }) => id)).toEqual(['checks'])
    expect(motifsNamed(motifs, '')).toHaveLength(39)
  })

  it('takes the chosen yarn first, then those that are no ground', () => {
    const drum = motifs.find(({ id }) => id === 'drum')!
    expect([...motifYarns(drum, 'C', 'A', ['A', 'B', 'C'])]).toEqual([
      ['B', 'C'],
      ['C', 'B'],
    ])
    expect([...motifYarns(drum, 'B', 'A', ['A', 'B'])].map(([, to]) => to)).toEqual(['B', 'B'])
  })

  it('keeps what was chosen on a chart, without its ground', () => {
    const own = motifOf({ width: 3, colours: ['ACA', '.DA'] }, 'own-1', 'Mine', 'A')
    expect(own).toMatchObject({ width: 3, colours: ['.B.', '.C.'], own: true })
    expect(isMotif(own)).toBe(true)
    for (const bad of [
      null,
      7,
      { ...own, colours: ['BB'] },
      { ...own, kind: 'x' },
      { ...own, colours: [] },
    ])
      expect(isMotif(bad)).toBe(false)
  })
})

describe('the typeface', () => {
  // Counted on paper: B 5, one between, A 5, …: four letters of five and three gaps.
  it('tells how wide a text is', () => {
    expect(lettered('BAND', 'small', 'B')).toMatchObject({ width: 23, colours: { length: 7 } })
    expect(lettered('BAND', 'large', 'B')).toMatchObject({ width: 46, colours: { length: 14 } })
    expect(lettered('in', 'small', 'B')!.width).toBe(7)
    expect(lettered('gig', 'small', 'B')!.colours).toHaveLength(9)
  })

  it('writes what can be read', () => {
    expect(seen(lettered('Hi', 'small', 'C')!)).toEqual([
      'C...C.C',
      'C...C..',
      'C...C.C',
      'CCCCC.C',
      'C...C.C',
      'C...C.C',
      'C...C.C',
    ])
  })

  it('has capitals, small letters, digits and marks, no two alike; and says what it has not', () => {
    const all = [..."ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789.,!?-+:'&/()*"]
    const shapes = all.map((mark) => seen(lettered(mark, 'small', 'B')!).join('/'))
    expect(new Set(shapes).size).toBe(all.length)
    expect(missingIn('Zoë & café')).toEqual(['ë', 'é'])
    expect([
      lettered('', 'small', 'B'),
      lettered('  ', 'small', 'B'),
      lettered('é', 'small', 'B'),
    ]).toEqual([null, null, null])
  })
})
