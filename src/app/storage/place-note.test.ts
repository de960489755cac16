import { jest } from '@jest/globals'
import { leavePlace, leaveSeen, maybePlace, maybeSeen, onPlace } from './place-note.ts'

const kept = new Map<string, string>()
let refuses = false
beforeEach(() => {
  kept.clear()
  refuses = false
  const may = () => {
    if (refuses) throw new Error('QuotaExceededError')
  }
  Object.defineProperty(globalThis, 'localStorage', {
    configurable: true,
    value: {
      getItem: (key: string) => (may(), kept.get(key) ?? null),
      setItem: (key: string, value: string) => (may(), void kept.set(key, value)),
    },
  })
})
const place = { piece: 'bag', copy: 2, row: 'p1:7', stitches: 14 }
const seen = { title: 'Round 8', about: 'Plain', here: 14, of: 48, runs: [] }

describe('the note of where the hook is', () => {
  it('is read back, bag by bag', () => {
    leavePlace('one', place)
    leavePlace('two', { ...place, row: null, stitches: 0 })
    expect([maybePlace('one'), maybePlace('two')?.row, maybePlace('three')]).toEqual([
      place,
      null,
      null,
    ])
    leaveSeen('one', seen)
    expect([maybeSeen('one'), maybeSeen('two')]).toEqual([seen, null])
  })
  it('is none where it is torn, or of another kind', () => {
    for (const torn of [
      '',
      '{',
      '7',
      'null',
      '{"piece":"bag"}',
      JSON.stringify({ ...place, stitches: -1 }),
    ]) {
      kept.set('ample-motif-place-one', torn)
      expect(maybePlace('one')).toBeNull()
    }
    for (const torn of ['{', '7', '{"title":3}']) {
      kept.set('ample-motif-seen-one', torn)
      expect(maybeSeen('one')).toBeNull()
    }
  })
  it('is only missed where the browser keeps nothing', () => {
    refuses = true
    expect(() => (leavePlace('one', place), leaveSeen('one', seen))).not.toThrow()
    expect([maybePlace('one'), maybeSeen('one')]).toEqual([null, null])
  })
  it('is heard when another tab leaves one', () => {
    const listeners: ((event: { key: string | null; newValue: string | null }) => void)[] = []
    Object.assign(globalThis, {
      addEventListener: (_: string, listen: (typeof listeners)[0]) => void listeners.push(listen),
      removeEventListener: () => {},
    })
    const heard = jest.fn()
    const stop = onPlace(heard)
    listeners[0]!({ key: 'ample-motif-place-one', newValue: JSON.stringify(place) })
    listeners[0]!({ key: 'ample-motif-place-one', newValue: '{' })
    listeners[0]!({ key: 'something else', newValue: JSON.stringify(place) })
    expect(heard.mock.calls).toEqual([['one', place]])
    stop()
  })
})
