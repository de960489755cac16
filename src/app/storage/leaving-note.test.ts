import { tote } from '../../core/testing/tote.ts'
import { leaveNote, maybeTakeNote } from './leaving-note.ts'

const kept = new Map<string, string>()
Object.assign(globalThis, {
  localStorage: {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, text: string) => void kept.set(key, text),
    removeItem: (key: string) => void kept.delete(key),
  },
})

describe('a note left by a closing tab', () => {
  it('is taken once, on the revision it was made on', () => {
    leaveNote('bag', 4, tote({ name: 'Unsaved' }))
    expect(maybeTakeNote('other', 4)).toBeNull()
    expect(maybeTakeNote('bag', 4)?.name).toBe('Unsaved')
    expect(maybeTakeNote('bag', 4)).toBeNull()
    leaveNote('bag', 4, tote())
    expect(maybeTakeNote('bag', 5)).toBeNull()
    expect(kept.size).toBe(0)
  })

  it('is dropped when it cannot be read', () => {
    kept.set('ample-motif-unsaved-bag', 'torn')
    expect(maybeTakeNote('bag', 1)).toBeNull()
    expect(kept.size).toBe(0)
  })
})
