import { formatHex } from 'culori'
import fc from 'fast-check'
import { aids, contrast, difference, nearestColour, unlikeColour, yarnColours } from './index.ts'

const hex = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`)
const aid = (id: string) => aids.find((one) => one.id === id)!.of

describe('how a chart is seen', () => {
  it('greys stay greys to everybody', () => {
    for (const { of } of aids)
      for (const grey of ['#000000', '#333333', '#808080', '#c0c0c0', '#ffffff'])
        expect(difference(of(grey), grey)).toBeLessThan(0.6)
  })

  it('lightness alone keeps the lightness, and no colour', () => {
    fc.assert(
      fc.property(hex, (colour) => {
        const grey = aid('lightness')(colour)
        expect(grey).toMatch(/^#(..)\1\1$/)
        // The same relative luminance, as far as eight bits hold it.
        expect(contrast(grey, colour)).toBeLessThan(1.06)
      }),
    )
  })

  // A fact of the trade of seeing: red and green of like lightness are hard to tell apart without red or green cones, blue and yellow are not.
  it('red and green come close without red or green cones, blue and yellow do not', () => {
    const [red, green] = ['#c05a3a', '#7f8a2e']
    for (const id of ['no-red', 'no-green']) {
      expect(difference(aid(id)(red), aid(id)(green))).toBeLessThan(0.5 * difference(red, green))
      expect(difference(aid(id)('#2040c0'), aid(id)('#e0d020'))).toBeGreaterThan(40)
    }
    expect(difference(aid('no-blue')(red), aid('no-blue')(green))).toBeGreaterThan(20)
  })

  // The matrices of the paper (severity 1.0), from memory: a full red is the first column of each, in linear light.
  it.each([
    ['no-red', [0.152286, 0.114503, 0]],
    ['no-green', [0.367322, 0.280085, 0]],
    ['no-blue', [1, 0, 0.004733]],
  ])('%s is worked out in linear light', (id, [r, g, b]) => {
    expect(aid(id)('#ff0000')).toBe(formatHex({ mode: 'lrgb', r: r!, g: g!, b: b! }))
  })

  it('gives a colour that can be shown, whatever goes in', () => {
    fc.assert(
      fc.property(hex, (colour) => {
        for (const { of } of aids) expect(of(colour)).toMatch(/^#[0-9a-f]{6}$/)
      }),
    )
  })
})

describe('how far two colours look apart', () => {
  // Sharma, Wu and Dalal (2005), of their 34 pairs in CIELAB; four of them, from memory.
  it.each([
    [[50, 2.6772, -79.7751], [50, 0, -82.7485], 2.0425],
    [[50, 3.1571, -77.2803], [50, 0, -82.7485], 2.8615],
    [[50, 0, 0], [50, -1, 2], 2.3669],
    [[50, 2.5, 0], [73, 25, -18], 27.1492],
  ])('%j and %j are %f apart', (one, other, apart) => {
    const lab = ([l, a, b]: readonly number[]) => ({ mode: 'lab65' as const, l: l!, a: a!, b: b! })
    expect(difference(lab(one as number[]), lab(other as number[]))).toBeCloseTo(apart as number, 4)
  })

  it('is nothing for equal ones, the same either way, and 100 from black to white', () => {
    fc.assert(
      fc.property(hex, hex, (a, b) => {
        expect(difference(a, a)).toBe(0)
        expect(difference(a, b)).toBeCloseTo(difference(b, a), 6)
      }),
    )
    expect(difference('#000000', '#ffffff')).toBeCloseTo(100, 3)
  })
  it('finds the nearest of several', () => {
    const yarns = [{ colour: '#22406b' }, { colour: '#d39a2d' }]
    expect(nearestColour('#334f7d', yarns).nearest).toBe(yarns[0])
    expect(() => nearestColour('#000000', [])).toThrow(RangeError)
  })
})

describe('colours of yarn', () => {
  it('go from light to dark', () => {
    for (const { steps } of yarnColours)
      for (const [i, colour] of steps.slice(1).entries())
        expect(contrast(colour, '#ffffff')).toBeGreaterThan(contrast(steps[i]!, '#ffffff'))
  })
  it('that are new look like none of those there are', () => {
    const there: string[] = ['#22406b']
    for (let i = 0; i < 11; i++) {
      const next = unlikeColour(there)
      for (const one of there) expect(difference(one, next)).toBeGreaterThan(12)
      there.push(next)
    }
  })
})
