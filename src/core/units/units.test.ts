import fc from 'fast-check'
import {
  FOUR_INCHES,
  GRAMS_PER_OUNCE,
  METRES_PER_YARD,
  MM_PER_INCH,
  TEN_CM,
  lengthInput,
  maybeNumber,
  parseLength,
  parsePer,
  printLength,
  printMasses,
  printNumber,
  printYarnLength,
} from './index.ts'

const mm = (text: string, bare: 'mm' | 'cm' | 'in' = 'cm') => {
  const read = parseLength(text, bare)
  return read.ok ? read.value : read.problem
}

describe('unit definitions', () => {
  // International yard and pound agreement, 1959.
  it('are the international ones', () => {
    expect(MM_PER_INCH).toBe(25.4)
    expect(METRES_PER_YARD).toBeCloseTo((36 * 25.4) / 1000, 12)
    expect(GRAMS_PER_OUNCE * 16).toBeCloseTo(453.59237, 8)
  })
})

describe('parseLength', () => {
  it.each([
    ['12 in', 304.8],
    ['30cm', 300],
    ['5 1/4"', 133.35],
    ['5¼ in', 133.35],
    ['1/2 in', 12.7],
    ['600mm', 600],
    ['30,5 cm', 305],
    ['1 ft', 304.8],
    ['0.6 m', 600],
    ['.5 in.', 12.7],
  ])('reads %s', (text, wanted) => expect(mm(text)).toBeCloseTo(wanted as number, 9))

  it('takes a bare number in the unit the person thinks in', () => {
    expect(mm('12', 'in')).toBeCloseTo(304.8, 9)
    expect(mm('12', 'cm')).toBe(120)
  })

  it.each(['', 'wide', '12 parsecs', '1/0 in', '-3 cm', '0', '1e400 cm', 'NaN', '3 4 cm'])(
    'refuses %p with words',
    (text) => expect(typeof mm(text)).toBe('string'),
  )

  it('reads back what it prints for typing', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 300000 }),
        fc.constantFrom('metric' as const, 'imperial' as const),
        (hundredths, system) => {
          const size = (hundredths / 100) * (system === 'metric' ? 10 : MM_PER_INCH)
          expect(mm(lengthInput(size, system))).toBeCloseTo(size, 6)
        },
      ),
    )
  })
})

describe('parsePer', () => {
  it.each([
    ['18 over 10 cm', 18, 100],
    ['14 over 4 in', 14, 101.6],
    ['20/100mm', 20, 100],
    ['18/4in', 18, 101.6],
    ['18 sts per 10cm', 18, 100],
    ['14 sts in 4 in', 14, 101.6],
    ['16.5', 16.5, 100],
    ['16 1/2 over 10 cm', 16.5, 100],
  ])('reads %s', (text, count, overMm) => {
    const read = parsePer(text, TEN_CM)
    expect(read.ok && [read.value.count, Number(read.value.overMm.toFixed(6))]).toEqual([
      count,
      overMm,
    ])
  })

  it('takes a bare count over what is customary', () => {
    expect(parsePer('14', FOUR_INCHES)).toEqual({
      ok: true,
      value: { count: 14, overMm: FOUR_INCHES },
    })
  })

  it.each(['', 'loose', '0 over 10 cm', '18 over', '18 over 10 over 4'])('refuses %p', (text) =>
    expect(parsePer(text, TEN_CM).ok).toBe(false),
  )
})

describe('printing', () => {
  it('shows figures in the chosen system', () => {
    expect(printLength(600, 'metric')).toBe('60.0 cm')
    expect(printLength(600, 'imperial')).toBe('23.6 in')
    expect(printYarnLength(142.4, 'metric')).toBe('142 m')
    expect(printYarnLength(9.144, 'imperial')).toBe('10 yd')
    expect(printMasses(85, 85, 'imperial')).toBe('3.0 oz')
    expect(printMasses(67.2, 80.4, 'metric')).toBe('67–80 g')
    expect(printMasses(1.96, 2.04, 'metric')).toBe('2.0 g')
    expect(printNumber(-0.01)).toBe('0')
    expect(maybeNumber('−2')).toBe(-2)
  })
})
