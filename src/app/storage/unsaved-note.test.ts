import { jest } from '@jest/globals'
import { tote } from '../../core/testing/tote.ts'
import { projectHead, projectOf, readProject } from '../../core/project/index.ts'

/* The page's own small store; and locks that other pages hold. */
const kept = new Map<string, string>()
let closed = false
let full = false
const store = {
  get length() {
    return kept.size
  },
  key: (at: number) => [...kept.keys()][at] ?? null,
  getItem: (key: string) => kept.get(key) ?? null,
  setItem: (key: string, text: string) => {
    if (full) throw new DOMException('full', 'QuotaExceededError')
    kept.set(key, text)
  },
  removeItem: (key: string) => void kept.delete(key),
}
Object.defineProperty(globalThis, 'localStorage', {
  configurable: true,
  get: () => {
    if (closed) throw new DOMException('closed', 'SecurityError')
    return store
  },
})
const held = new Set<string>()
const locks = { query: () => Promise.resolve({ held: [...held].map((name) => ({ name })) }) }
Object.assign(globalThis, { navigator: { locks } })

const { dropNote, leaveNote, orphanNotes, sitting, strayNotes } = await import('./unsaved-note.ts')
const bags = {
  head: projectHead,
  noted: (text: string) => {
    const read = readProject(text)
    return read.ok ? Promise.resolve(read.value) : Promise.reject(new Error('not a bag'))
  },
}
const key = (bag: string, by: string) => `ample-motif-unsaved-${bag}/${by}`
/** A note as another page left it. */
const other = (bag: string, by: string, name: string, at = 1) => {
  leaveNote(bags, bag, 4, projectOf(tote({ name })))
  const note = { ...JSON.parse(kept.get(key(bag, sitting))!), at }
  kept.set(key(bag, by), JSON.stringify(note))
  dropNote(bag)
}

beforeEach(() => {
  kept.clear()
  held.clear()
  closed = full = false
})
afterEach(() => void jest.restoreAllMocks())

describe('a note of what is not stored yet', () => {
  it('stays until what it holds is stored, and is of one bag and one page', async () => {
    other('bag', 'p1', 'Unsaved')
    expect(await strayNotes(bags, 'other')).toEqual([])
    for (const time of [1, 2])
      expect([
        time,
        ...(await strayNotes(bags, 'bag')).map(({ document, revision }) => [
          document.design.name,
          revision,
        ]),
      ]).toEqual([time, ['Unsaved', 4]])
    leaveNote(bags, 'bag', 5, projectOf(tote({ name: 'Mine' })))
    expect((await strayNotes(bags, 'bag')).map(({ document }) => document.design.name)).toEqual([
      'Unsaved',
    ])
    dropNote('bag', 'p1')
    dropNote('bag')
    expect(kept.size).toBe(0)
  })

  it('is nobody else’s while its page lives', async () => {
    other('bag', 'p1', 'Living')
    other('bag', 'p2', 'Older', 2)
    other('bag', 'p3', 'Newest', 3)
    held.add('ample-motif-sitting-p1')
    expect((await strayNotes(bags, 'bag')).map(({ document }) => document.design.name)).toEqual([
      'Newest',
      'Older',
    ])
  })

  it('is found too when what it is of is not kept any more, and its page is gone', async () => {
    other('bag', 'p1', 'Kept')
    other('gone', 'p2', 'Gone')
    other('gone', 'p3', 'Open elsewhere')
    held.add('ample-motif-sitting-p3')
    leaveNote(bags, 'here', 1, projectOf(tote({ name: 'Mine' })))
    const orphans = await orphanNotes(bags, new Set(['bag']))
    expect(orphans.map(({ id, document }) => [id, document.design.name])).toEqual([
      ['gone', 'Gone'],
    ])
  })

  it('is left where it is when it cannot be read, and found under the key of the first version', async () => {
    kept.set(key('bag', 'p1'), 'torn')
    kept.set(key('bag', 'p2'), 'null')
    kept.set(key('bag', 'p4'), JSON.stringify({ revision: 1, at: 1, file: '{"format":"other"}' }))
    expect(await strayNotes(bags, 'bag')).toEqual([])
    expect(kept.size).toBe(3)
    other('bag', 'p3', 'Old')
    kept.set('ample-motif-unsaved-bag', kept.get(key('bag', 'p3'))!)
    expect((await strayNotes(bags, 'bag')).map(({ sitting: by }) => by)).toEqual(['p3', ''])
    dropNote('bag', '')
    expect(kept.has('ample-motif-unsaved-bag')).toBe(false)
  })

  it('never fails the page: a full or a closed store only keeps nothing', async () => {
    full = true
    expect(leaveNote(bags, 'bag', 1, projectOf(tote()))).toBe(false)
    closed = true
    expect(leaveNote(bags, 'bag', 1, projectOf(tote()))).toBe(false)
    dropNote('bag')
    expect(await strayNotes(bags, 'bag')).toEqual([])
  })
})
