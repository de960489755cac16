import { bodyPiece, calledOf, type Part, partsOf } from './index.ts'
import { plain, stripes, tote } from '../testing/tote.ts'

const named = (...parts: readonly Part[]) =>
  [...calledOf(tote({ parts: [...partsOf(tote()).slice(0, 1), ...parts] })).values()].slice(1)

describe('what parts are called', () => {
  const low = plain({ id: 'low', name: 'Plain' })
  const high = plain({ id: 'high', name: 'Plain' })
  it('is their name where no other has it', () =>
    expect(named(low, { ...high, name: 'Edge' })).toEqual(['Plain', 'Edge']))
  it('is where they lie where two have it, and a number where more do', () => {
    expect(named(low, stripes({ name: 'Waves' }), high)).toEqual([
      'Plain below',
      'Waves',
      'Plain above',
    ])
    expect(named(low, high, plain({ id: 'p9', name: 'Plain' }))).toEqual([
      'Plain 1',
      'Plain 2',
      'Plain 3',
    ])
  })
  it('is one for all times of a block', () => {
    const bag = tote({ parts: [...partsOf(tote()).slice(0, 1), low, high] })
    const block = { times: [{ bands: ['low'] }, { bands: ['high'] }], yarns: [] }
    const pieces = [{ ...bodyPiece(bag), blocks: [block] }]
    expect([...calledOf({ ...bag, pieces }).values()].slice(1)).toEqual(['Plain', 'Plain'])
  })
})
