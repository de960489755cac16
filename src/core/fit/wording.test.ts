import {
  bandWords,
  countsWords,
  type Fit,
  fitSentence,
  halvesWords,
  hookWords,
  middleWords,
} from './index.ts'

const band = {
  id: 'm',
  multiple: 24,
  offset: 0,
  count: 120,
  added: 0,
  padded: 0,
  repeats: 5,
  sizeMm: 600,
}
const fit = (over: Partial<Fit>): Fit => ({
  count: 120,
  sizeMm: 600,
  errorMm: 0,
  base: {
    kind: 'round',
    begunWith: null,
    increase: 6,
    rounds: 20,
    last: 0,
    flatness: 1,
    other: false,
  },
  bands: [band],
  cost: 0,
  ...over,
})
const bandSays = (one: Fit['bands'][number]) => bandWords(one, 600, 'metric')
const say = (one: Fit) => fitSentence(one, () => 'Diamonds')

describe('hooks and counts in words', () => {
  it.each([
    [4.5, 4, 'about a 4.5 mm hook'],
    [20.6, 4, 'which no hook makes of this yarn'],
    [0.3, 3.5, 'which no hook makes of this yarn'],
    [30, 20, 'which no hook makes of this yarn'],
  ])('a hook of %d mm, beside one of %d', (hookMm, ownMm, words) =>
    expect(hookWords(hookMm, ownMm)).toBe(words),
  )
  it.each([
    [0, 48, 'just 48 stitches'],
    [1, 0, 'any number of stitches'],
    [4, 0, 'a multiple of 4 stitches'],
    [4, 2, 'a multiple of 4 stitches, and 2 more'],
  ])('%i and %i', (multiple, offset, words) => expect(countsWords(multiple, offset)).toBe(words))
})

describe('what a fit says', () => {
  it('says how a band comes out', () => {
    expect(bandSays(band)).toEqual({ text: '5 × 24, even', even: true, flare: '' })
    expect(bandSays({ ...band, padded: 5, repeats: 4 })).toEqual({
      text: '4 × 29, padded',
      even: false,
      flare: '',
    })
    expect(bandSays({ ...band, sizeMm: 630 }).flare).toBe('flares 3.0 cm')
    expect(bandSays({ ...band, sizeMm: 540 }).flare).toBe('draws in 6.0 cm')
    expect(bandSays({ ...band, added: -6 })).toMatchObject({ text: '5 × 24 on 120', even: false })
  })

  it('says what must be done', () => {
    expect(say(fit({}))).toBe('20 base rounds of + 6')
    expect(say(fit({ base: null }))).toBe('120 stitches')
    const begunWith = 'a panel of 120 stitches'
    expect(say(fit({ base: { ...fit({}).base!, begunWith } }))).toBe(begunWith)
    expect(
      say(
        fit({
          base: {
            kind: 'round',
            begunWith: null,
            increase: 6,
            rounds: 21,
            last: 2,
            flatness: 1,
            other: false,
          },
          bands: [{ ...band, added: -2 }],
        }),
      ),
    ).toBe('21 base rounds of + 6, + 2 in the last; 2 taken away at both sides below Diamonds')
    expect(say(fit({ bands: [{ ...band, added: 3, padded: 1 }] }))).toBe(
      '20 base rounds of + 6; 3 added evenly below Diamonds; Diamonds padded by 1 column',
    )
  })
})

describe('odd and even counts (common practice)', () => {
  const repeated = (repeats: number) => ({ ...band, repeats })
  it.each([
    // V and fan: 27 of a pitch of 4 on 108; 13 or 14 pairs of them alternate.
    [[27], 'one in the middle'],
    [[13], 'one in the middle'],
    [[14], 'two meet in the middle'],
    [[5, 15], 'one in the middle'],
    [[5, 30], 'middles differ'],
    [[], ''],
  ])('%j repeats: %s', (repeats, says) =>
    expect(middleWords({ bands: repeats.map(repeated) })).toBe(says),
  )
  it('halves pair when they are equal', () =>
    expect([120, 105].map((count) => halvesWords({ count }))).toEqual(['60 + 60', '53 + 52']))
})
