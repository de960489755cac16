import fc from 'fast-check'
import { draftsIn, draftsJson, draftsText, type OwnDraft, usualDraft } from './own-file.ts'

const draft: OwnDraft = {
  id: 'own-1',
  name: 'Bandstand',
  multiple: 4,
  offset: 1,
  flat: 'sc in next st, *puff in next st, sc in next 3 sts; rep from * across\nsc in each st across',
  round: '*sc in next 3 sts, puff in next st; rep from * around',
  ...usualDraft,
  notes: 'Firm.',
}
const id = () => 'own-1'

describe('one’s own stitch patterns as files', () => {
  it('come back from JSON and from text as they were', () => {
    const other: OwnDraft = {
      ...draft,
      ...{
        name: 'Railing',
        offset: 0,
        flat: '',
        notes: '',
        side: 'WS',
        unit: 'rail',
        perRepeat: 2,
      },
      ...{ passes: 2, special: 'rail: two posts.' },
      round: 'Set-up:\nsc in each st around\nRepeat:\n(WS) with B, *sc in next 4 sts; rep from *',
    }
    for (const print of [draftsJson, draftsText])
      expect(draftsIn(print([draft, other]), id)).toEqual({
        drafts: [draft, other],
        problem: null,
      })
  })

  it('are read from text as others write it', () => {
    const text =
      '# Ripples\r\nMultiple: 6 plus 1\r\nRow 1: sc in each st across\r\nRnd 1: sc in each st around\r\nRow 2. hdc in each st across'
    expect(draftsIn(text, id).drafts).toEqual([
      {
        id: 'own-1',
        name: 'Ripples',
        multiple: 6,
        offset: 1,
        flat: 'sc in each st across\nhdc in each st across',
        round: 'sc in each st around',
        ...usualDraft,
      },
    ])
  })

  it('are refused in words when there are none', () => {
    expect(draftsIn('{', id).problem).toContain('not a file of stitch patterns')
    expect(draftsIn('{"patterns":[]}', id).problem).toContain('no stitch patterns')
    expect(draftsIn('Hello\nthere', id).problem).toContain('Multiple of 4 + 1')
  })

  it('never fail, whatever the file', () => {
    fc.assert(
      fc.property(fc.oneof(fc.string(), fc.json()), (text) => {
        const { drafts, problem } = draftsIn(text, id)
        expect(drafts.length > 0).toBe(problem === null)
      }),
    )
  })
})
