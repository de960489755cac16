import fc from 'fast-check'
import { anyText } from '../testing/junk.ts'
import { bagTexts } from '../testing/bag-texts.ts'
import { handWritten } from '../testing/hand-rows.ts'
import { tries } from '../testing/tries.ts'
import { inShorthand, inSize, numberSaid, nthSaid, replaced, asWritten, sizesOf } from './index.ts'
import { meantBy } from './slips.ts'

describe('other words for the same', () => {
  it.each([
    ['six single crochet into the ring', '6 sc into the ring'],
    ['hdcx6', '6 hdc'],
    ['hdc6', '6 hdc'],
    ['dc2tog', 'dc2tog'],
    ['6x(3sc,inc)', '(3sc,inc) x 6'],
    ['(sc, ch 2) twice in each st', '(sc, ch 2, sc, ch 2) in each st'],
    ['blhdc in each st', 'hdc blo in each st'],
    ['ss to top of 3ch', 'ss to top of ch-3'],
    ['2 tr in each 1ch sp', '2 tr in each ch-1 sp'],
    ['inc in every 7th st', '[sc in each of next 6 sts, inc] around'],
    ['dec 1 over next 2', 'dec in next 2 sts'],
    ['+ ch 1, skip 1, 1 sc; rep from + to end', '* ch 1, skip 1, 1 sc; rep from * to end'],
    ['reapeat from * aroud', 'repeat from * around'],
    ['5 blue, 1 white', '5 yarn-blue, 1 yarn-white'],
    ['with A sc in next 5', 'with A 5 sc'],
  ])('%s', (said, shorthand) => expect(inShorthand(said).text.replace(/\s+/g, ' ')).toBe(shorthand))

  it('stand where they were written', () => {
    const said = 'two single crochet in eahc st'
    const { text, from, to } = inShorthand(said)
    const where = (word: string) => {
      const at = text.indexOf(word)
      return said.slice(from[at], to[at + word.length - 1])
    }
    expect([where('2'), where('sc'), where('each'), where('st')]).toEqual([
      'two',
      'single crochet',
      'eahc',
      'st',
    ])
  })

  it('of any text are within it, and in order', () => {
    fc.assert(
      fc.property(anyText, (said) => {
        const { text, from, to } = inShorthand(said.slice(0, 400))
        expect([from.length, to.length]).toEqual([text.length, text.length])
        for (let i = 0; i < text.length; i++)
          if (!(from[i]! >= 0 && from[i]! < to[i]! && to[i]! <= said.length)) throw new Error(said)
      }),
      { numRuns: tries(200) },
    )
  })

  it('are put one after the other', () =>
    expect(replaced(asWritten('a bb a'), /bb/g, 'ccc')).toEqual({
      text: 'a ccc a',
      from: [0, 1, 2, 2, 3, 4, 5],
      to: [1, 2, 3, 3, 4, 5, 6],
    }))
})

describe('numbers in words', () => {
  it.each([
    ['twenty-four', 24],
    ['Seven', 7],
    ['ninety nine', 99],
    ['twelve', 12],
    ['36', 36],
    ['none', null],
  ])('%s', (words, number) => expect(numberSaid(words)).toBe(number))
  it('count places too', () =>
    expect(['second', 'third', 'twelfth', 'last'].map(nthSaid)).toEqual([
      '2nd',
      '3rd',
      '12th',
      null,
    ]))
})

describe('slips of typing', () => {
  it.each([
    ['rnig', 'ring'],
    ['stich', 'stitch'],
    ['aroud', 'around'],
    ['crocet', 'crochet'],
    ['nxt', 'next'],
  ])('%s', (slip, word) => expect(meantBy(slip)).toBe(word))
  it.each([
    'sc',
    'hdc',
    'scc',
    'dcc',
    'around',
    'they',
    'reach',
    'look',
    'puff',
    'standing',
    'picot',
  ])('none is %s', (word) => expect(meantBy(word)).toBeNull())
})

describe('sizes', () => {
  it('are told by as many numbers side by side, or by slashes, and keep their place', () => {
    const text = 'Sizes: S (M, L)\nCh 21 (25, 29).\nSc in next 5 (6, 7) sts, inc, 8 (9, 10) sc.'
    const sizes = sizesOf(text)!
    expect(sizes.names).toEqual(['S', 'M', 'L'])
    const large = inSize(text, sizes, 2)
    expect(large.length).toBe(text.length)
    expect(large.replace(/ +/g, ' ')).toContain('Sc in next 7 sts, inc, 10 sc.')
    expect(sizesOf('Ch 8/9\n8/9 sts\n8/9 sc')?.of).toBe('slashes')
  })
  it.each(
    [...handWritten, ...bagTexts.map(({ text }) => text)].map((text) => [
      text.split('\n')[0],
      text,
    ]),
  )('there are none in %s', (_, text) => expect(sizesOf(text!)).toBeNull())
})
