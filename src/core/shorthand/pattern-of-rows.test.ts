import { checkPattern } from '../check/index.ts'
import { patternOf, usualDraft } from '../texture/index.ts'
import { patternOfRows } from './pattern-of-rows.ts'
import { texturedBand } from './textured.ts'

const BAG = [
  'Rnd 1: 6 sc in magic ring (6)',
  'Rnd 2: inc in each st around (12)',
  'Rnd 3: *sc in next st, inc; rep from * around (18)',
  'Rnd 4: *sc in next 3 sts, puff in next 3 sts; rep from * around (18)',
  'Rnd 5: sc in each st around (18)',
  'Rnd 6: *sc in next st, ch 1, sk 1 st; rep from * around (18)',
  'Rnd 7: *sc in next ch-sp, ch 1; rep from * around (18)',
  'Rnd 8: *sc in next 2 sts, sc2tog; rep from * to last 2 sts, sc in last 2 sts',
].join('\n')
const of = (from: number, to: number, text = BAG) =>
  patternOfRows(checkPattern(text, { keepMade: true }).rows, {
    ...{ setUp: null, from, to, name: 'Puff blocks' },
  })

describe('rows of a checked text as a stitch pattern', () => {
  it('take their words, and the multiple they show', () => {
    expect(of(4, 5)).toEqual({
      ok: true,
      value: {
        name: 'Puff blocks',
        multiple: 6,
        offset: 0,
        flat: '',
        round: '*sc in next 3 sts, puff in next 3 sts; rep from * around\nsc in each st around',
        ...usualDraft,
      },
    })
    // Counted by hand: mesh of two, begun on stitches.
    expect(of(6, 7)).toMatchObject({ ok: true, value: { multiple: 2, offset: 0 } })
  })

  it('of a flat text have the stitches beside their repeats', () => {
    const flat =
      'Ch 18.\nRow 1: sc in 2nd ch from hook and in each ch across (17)\nRow 2: sc in next 2 sts, *puff in next st, sc in next 4 sts; rep from * across (17)\nRow 3: sc in each st across (17)'
    expect(of(2, 3, flat)).toMatchObject({ ok: true, value: { multiple: 5, offset: 2, round: '' } })
  })

  it('with rows that come once, and two yarns under whatever names', () => {
    const text = [
      'Ch 19.',
      'Row 1: sc in 2nd ch from hook and in each ch across (18)',
      'Row 2: with Brass, ch 2, hdc in each st across (18)',
      'Row 3: with Drum blue, ch 1, *sc in next st, with Brass, puff in next st, with Drum blue, sc in next st; rep from * across (18)',
      'Row 4: ch 1, sc in each st across (18)',
    ].join('\n')
    const made = patternOfRows(checkPattern(text, { keepMade: true }).rows, {
      ...{ setUp: 2, from: 3, to: 4, name: 'Rail' },
    })
    expect(made).toMatchObject({
      ok: true,
      value: {
        ...{ multiple: 3, offset: 0 },
        flat: [
          'Set-up:',
          'ch 2, hdc in each st across',
          'Repeat:',
          'with B, ch 1, *sc in next st, with A, puff in next st, with B, sc in next st; rep from * across',
          'with B, ch 1, sc in each st across',
        ].join('\n'),
      },
    })
  })

  it('go on a bag as any pattern does', () => {
    const made = of(4, 5)
    if (!made.ok) throw new Error(made.problem)
    const band = texturedBand(patternOf({ ...made.value, id: 'own-1' }), 'rounds', {
      letters: ['A'],
      rounds: 4,
    })
    expect(band).toMatchObject({ ok: true, value: { pattern: 'own-1', kind: 'texture' } })
  })

  it.each([
    [1, 2, 'begins the work'],
    [3, 3, '18 stitches are left of 12'],
    [7, 7, 'Row 1'],
    [8, 8, 'left of 18'],
    [4, 12, 'no rows 4 to 12'],
    [5, 4, 'no rows'],
  ])('rows %i to %i are refused in words', (from, to, says) => {
    const made = of(from, to)
    expect([made.ok, made.ok ? '' : made.problem]).toEqual([false, expect.stringContaining(says)])
  })

  it('with a fault are refused by the row', () => {
    const made = of(4, 5, BAG.replace('puff in next 3 sts', 'puff in next 4 sts'))
    expect(made.ok ? '' : made.problem).toContain('Row 4 does not add up')
  })
})
