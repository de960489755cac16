import fc from 'fast-check'
import { copyName, cutAt, shortened, WRITABLE, writable } from './index.ts'

const whole = new Intl.Segmenter('en', { granularity: 'grapheme' })
const characters = (text: string) => [...whole.segment(text)].map(({ segment }) => segment)
/** Text of all kinds: controls, halves of pairs, marks, emoji that are several at once. */
const anything = fc.oneof(
  fc.string({ unit: 'binary', maxLength: 60 }),
  fc
    .array(
      fc.constantFrom(
        '🧶',
        '👩‍🌾',
        'é',
        'e\u0301',
        'a',
        ' ',
        '\t',
        '\n',
        '\u202e',
        '\ud83e',
        '\u0000',
      ),
      {
        maxLength: 40,
      },
    )
    .map((list) => list.join('')),
)

describe('text that can be written', () => {
  it('holds no controls, line ends, turning marks, halves and non-characters', () => {
    for (const bad of [
      '\u0000',
      '\n',
      '\t',
      '\u007f',
      '\u2028',
      '\u202e',
      '\u2066',
      '\ud83e',
      '\udd76',
      '\ufffe',
    ])
      expect([bad, WRITABLE.test(`a${bad}b`)]).toEqual([bad, false])
    for (const good of [
      '',
      'Beater tote',
      'Tasche für Bücher',
      'Сумка',
      '袋',
      '🧶',
      '👩‍🌾',
      'a – b',
      '½',
    ])
      expect([good, WRITABLE.test(good)]).toEqual([good, true])
  })

  it('is what is left of any text, and of itself all', () => {
    fc.assert(
      fc.property(anything, (text) => {
        const left = writable(text)
        expect(WRITABLE.test(left)).toBe(true)
        expect(writable(left)).toBe(left)
      }),
    )
    expect(writable('two\nlines\tand \u202ea mark\u202c')).toBe('two lines and a mark')
    expect(writable('half \ud83e of one')).toBe('half of one')
  })
})

describe('cutting', () => {
  it('keeps whole characters, as many as there is room for', () => {
    fc.assert(
      fc.property(anything, fc.integer({ min: 0, max: 80 }), (text, most) => {
        const cut = cutAt(text, most)
        expect(text.startsWith(cut)).toBe(true)
        expect(cut.length).toBeLessThanOrEqual(most)
        const all = characters(text)
        const kept = characters(cut)
        expect(all.slice(0, kept.length).join('')).toBe(cut)
        const next = all[kept.length]
        // Nothing is left out that there was room for, but for a character of endless marks.
        if (next !== undefined && next.length < 32)
          expect(cut.length + next.length).toBeGreaterThan(most)
      }),
    )
    expect(cutAt('🧶'.repeat(5), 5)).toBe('🧶🧶')
    expect(cutAt('👩‍🌾!', 4)).toBe('')
  })

  it('shortens to one line with an ellipsis, and leaves alone what is short', () => {
    expect(shortened('Beater tote', 20)).toBe('Beater tote')
    expect(shortened('Beater tote', 8)).toBe('Beater …')
    expect(shortened('a\nb', 8)).toBe('a b')
    expect(shortened('x'.repeat(400_000), 10)).toBe(`${'x'.repeat(9)}…`)
    expect(shortened(`${'\u0000'.repeat(5000)}name`, 10).length).toBeLessThanOrEqual(10)
  })

  it('names a copy within the length of a name, however often', () => {
    let name = '🧶'.repeat(40)
    for (let i = 0; i < 4; i++) {
      name = copyName(name)
      expect(name.length).toBeLessThanOrEqual(80)
      expect(WRITABLE.test(name)).toBe(true)
      expect(name.endsWith(' (copy)')).toBe(true)
    }
    expect(copyName('Tote')).toBe('Tote (copy)')
  })
})
