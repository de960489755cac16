import type { TexturePart } from '../band/index.ts'
import { compile, bodyOf } from '../ledger/index.ts'
import { draftOf, drawer, patternOf, usualDraft } from '../texture/index.ts'
import { baseAs, tote } from '../testing/tote.ts'
import { countsFound, texturedBand, whyNotOn } from './index.ts'

const own = (round: string, flat = '') =>
  patternOf({
    ...{ id: 'own', name: 'Own', multiple: 1, offset: 0, flat, round },
    ...usualDraft,
  })

describe('the counts a pattern comes out on', () => {
  it('of the drawer are those it says, flat and in the round', () => {
    for (const pattern of drawer)
      for (const way of ['flat', 'round'] as const) {
        if (!pattern[way]) continue
        const { multiple } = pattern
        const offset = way === 'flat' ? pattern.offset % multiple : 0
        expect([pattern.id, way, countsFound(pattern, way)]).toEqual([
          pattern.id,
          way,
          { ok: true, value: { multiple, offset } },
        ])
      }
  })

  // Row 1 on fives, row 3 on twos: together on tens.
  const tens = own(
    [
      '*sc in next 2 sts, 3 sc in next st, sk 2 sts; rep from * around',
      'sc in each st around',
      '*sc in next st, puff in next st; rep from * around',
    ].join('\n'),
  )
  it('are those of all its rows together', () =>
    expect(countsFound(tens, 'round')).toEqual({ ok: true, value: { multiple: 10, offset: 0 } }))
  it('and on others it is said which row fails first', () => {
    expect(whyNotOn(tens, 'round', 30)).toBeNull()
    expect(whyNotOn(tens, 'round', 15)).toMatch(/^Row 3: /)
    expect(whyNotOn(tens, 'round', 12)).toMatch(/^Row 1: /)
  })
  it('with what begins it, which stands once: a row that does not come out the second time is said so', () => {
    // Every round takes away one of five, so that the next has fours.
    const fewer = own('*sc in next 3 sts, sc2tog; rep from * around')
    expect(whyNotOn(fewer, 'round', 10)).toMatch(/^Row 1, the second time: /)
    // On 25 it comes out twice, and leaves 16 of them.
    expect(whyNotOn(fewer, 'round', 25)).toContain('20 stitches are left, and worked again 16')
    const begun = own(
      'Set-up:\n2 sc in each st around\nRepeat:\n*sc in next st, hdc in next 3 sts; rep from * around',
    )
    expect(countsFound(begun, 'round')).toEqual({ ok: true, value: { multiple: 2, offset: 0 } })
  })
  it('are none in words where there is no rule', () => {
    expect(countsFound(own('sc in next 7 sts'), 'round')).toMatchObject({
      ok: false,
      problem: expect.stringContaining('on 7 stitches alone') as string,
    })
    expect(countsFound(own('zzz'), 'round').ok).toBe(false)
  })
})

describe('a pattern of the drawer that is opened and changed', () => {
  const opened = (id: string, change: (text: string) => string) => {
    const pattern = drawer.find((one) => one.id === id)!
    const draft = draftOf(pattern, 'own', 'Mine')
    return patternOf({ ...draft, round: change(draft.round), flat: change(draft.flat) })
  }
  const worked = (pattern: ReturnType<typeof opened>, count: number, letters = ['A', 'B', 'C']) => {
    const band = texturedBand(pattern, 'rounds', { letters, rounds: 12 })
    if (!band.ok) throw new Error(band.problem)
    const part = { ...(band.value as TexturePart), id: 'texture' }
    const design = tote({ parts: [baseAs('tube', { count }), part] })
    return { part, piece: bodyOf(compile(design)) }
  }

  it('comes out as it did where nothing is changed', () => {
    for (const { id, round } of drawer)
      if (round) {
        const [mine, theirs] = [opened(id, (text) => text), drawer.find((one) => one.id === id)!]
        const [a, b] = [mine, theirs].map((one) =>
          texturedBand(one, 'rounds', { letters: ['A', 'B'], rounds: 4 }),
        )
        const same = { pattern: '', name: '' }
        expect({ ...(a!.ok && a!.value), ...same }).toEqual({ ...(b!.ok && b!.value), ...same })
      }
  })

  it('takes another plain row between, another plain stitch, and can leave out what begins it', () => {
    const puffs = opened('puff-4', (text) =>
      `${text}\nhdc in each st around`.replace(/sc in each st/g, 'hdc in each st'),
    )
    expect(
      worked(puffs, 48)
        .part.repeat.map(({ text }) => text)
        .filter((text) => text.includes('hdc')),
    ).not.toEqual([])
    const bare = opened('post-rib', (text) => text.replace(/Set-up:\n[^]*?Repeat:\n/, ''))
    expect(bare.round!.begin).toEqual([])
  })
})
