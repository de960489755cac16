import { jest } from '@jest/globals'
import { nextTick, shallowRef } from 'vue'
import { type Design } from '../../core/design/index.ts'
import { commit, type History, type Project, projectOf } from '../../core/project/index.ts'
import { tote } from '../../core/testing/tote.ts'
import type { KeptRecord, Save, SaveResult } from '../storage/document-store.ts'
import type { Note } from '../storage/unsaved-note.ts'

/* A store of records that answers when it is let, and notes of other sittings. */
const kept = new Map<string, KeptRecord>()
let reads: (() => void)[] | null = null
let refuses: Error | null = null
let full = false
const strays: Note<Project>[] = []
const dropped: string[] = []
const left: string[] = []
const nameIn = (id: string) => (kept.get(id)!.file as Project).design.name
function saveBag({ id, document, revision }: Save<Project>): Promise<SaveResult> {
  if (full) return Promise.resolve({ ok: false, reason: 'full' })
  if (kept.get(id)!.revision !== revision) return Promise.resolve({ ok: false, reason: 'conflict' })
  const next = record(id, revision + 1, document.design)
  kept.set(id, next)
  return Promise.resolve({ ok: true, record: next })
}
const bags = {
  maybe: async (id: string) => {
    if (reads) await new Promise<void>((done) => reads!.push(done))
    if (refuses) throw refuses
    const record = kept.get(id)
    if (!record) return null
    const document = record.file as Project
    if (!document.design) throw new Unreadable('torn')
    return { record, document }
  },
  add: ({ design }: Project) => {
    kept.set('copy', record('copy', 1, design))
    return Promise.resolve('copy')
  },
  save: saveBag,
}
jest.unstable_mockModule('@app/storage/kept.ts', () => ({ kept: { bags }, ask: () => {} }))
jest.unstable_mockModule('@app/storage/unsaved-note.ts', () => ({
  sitting: 'this',
  strayNotes: () => Promise.resolve(strays),
  dropNote: (bag: string, by = 'this') => dropped.push(`${bag}/${by}`),
  leaveNote: (_: object, id: string, revision: number, { design }: Project) =>
    left.push(`${id} ${revision} ${design.name}`),
}))
jest.unstable_mockModule('@app/storage/tabs.ts', () => ({ tellTabs: () => {} }))
const target = { addEventListener: () => {} }
Object.assign(globalThis, { window: target, document: { ...target, visibilityState: 'visible' } })

function record(id: string, revision: number, design: Design = tote()): KeptRecord {
  return { id, revision, createdAt: 1, savedAt: 2, file: projectOf(design), previous: [] }
}
const { Unreadable } = await import('../storage/answered.ts')
const { useOpening } = await import('./opening.ts')

const tables: { close: () => Promise<void> }[] = []
function table() {
  const history = shallowRef<History | null>(null)
  const laid: string[] = []
  const opening = useOpening(history, ({ name }) => laid.push(name))
  tables.push(opening)
  const open = (bag: string) => {
    opening.id.value = bag
    return opening.open(bag)
  }
  const rename = (name: string) =>
    (history.value = commit(history.value!, { name: 'rename', args: { name } }))
  return { history, laid, opening, open, rename }
}
const settle = async () => {
  for (let i = 0; i < 20; i++) await Promise.resolve()
}
const note = (revision: number, name = 'Noted'): Note<Project> => ({
  sitting: 'gone',
  revision,
  at: 1,
  document: projectOf(tote({ name })),
})

beforeEach(() => {
  kept.clear()
  kept.set('bag', record('bag', 3))
  for (const list of [strays, dropped, left]) list.length = 0
  reads = refuses = null
  full = false
})

// A bag that could not be stored would be tried again for ever.
afterEach(async () => {
  full = false
  for (const { close } of tables.splice(0)) await close()
})

describe('opening a bag', () => {
  it('lays it on the table as it is stored', async () => {
    const { history, laid, opening, open } = table()
    expect(await open('bag')).toBe(true)
    expect(history.value!.design).toEqual(tote())
    expect([laid, opening.problem.value, opening.saving.unsaved()]).toEqual([
      ['Test tote'],
      null,
      false,
    ])
  })

  it('says why it cannot be had', async () => {
    const { history, opening, open } = table()
    expect(await open('none')).toBe(false)
    expect(opening.problem.value).toContain('not on the shelf any more')
    kept.set('torn', { ...record('torn', 1), file: {} })
    await open('torn')
    expect(opening.problem.value).toContain('cannot be opened: torn')
    refuses = new Error('closed')
    await open('bag')
    expect(opening.problem.value).toContain('refuses to keep data')
    expect(history.value).toBeNull()
  })

  it('is overtaken by another bag that is opened meanwhile', async () => {
    kept.set('other', record('other', 1, tote({ name: 'Other' })))
    const { history, opening, open } = table()
    reads = []
    const first = open('bag')
    const second = open('other')
    reads.splice(0).forEach((done) => done())
    reads = null
    expect([await first, await second]).toEqual([false, true])
    expect(history.value!.design.name).toBe('Other')
    expect(opening.id.value).toBe('other')
  })
})

describe('what a closed tab left', () => {
  it('is taken up where it goes on from what is stored, stored, and can be undone', async () => {
    strays.push(note(3))
    const { history, laid, open } = table()
    await open('bag')
    expect(history.value!.design.name).toBe('Noted')
    expect(history.value!.past.map(({ label }) => label)).toEqual([
      'What was done before the tab closed',
    ])
    expect(laid).toEqual(['Test tote', 'Noted'])
    expect(nameIn('bag')).toBe('Noted')
    expect(dropped).toContain('bag/gone')
  })

  it('stays in a note of this sitting where it cannot be stored', async () => {
    strays.push(note(3))
    full = true
    const { opening, open } = table()
    await open('bag')
    expect(opening.saving.state).toBe('full')
    expect(left.at(-1)).toBe('bag 3 Noted')
    expect(dropped).toContain('bag/gone')
  })

  it('is offered where the bag was changed since, and kept as a copy or dropped as she says', async () => {
    strays.push(note(2))
    const { history, opening, open } = table()
    await open('bag')
    expect(history.value!.design.name).toBe('Test tote')
    expect(opening.stray.value!.document.design.name).toBe('Noted')
    expect(dropped).toEqual([])
    expect(await opening.endStray(true)).toBe('copy')
    expect(nameIn('copy')).toBe('Noted (copy)')
    expect([dropped, opening.stray.value]).toEqual([['bag/gone'], null])

    await open('bag')
    expect(await opening.endStray(false)).toBeNull()
  })
})

describe('taking over what another tab saved', () => {
  it('shows it where nothing was done here', async () => {
    const { history, opening, open } = table()
    await open('bag')
    kept.set('bag', record('bag', 4, tote({ name: 'Theirs' })))
    opening.saving.heardSave(4)
    await settle()
    expect(history.value!.design.name).toBe('Theirs')
    expect(opening.saving.unsaved()).toBe(false)
  })

  it('does not drop what is done while it is read', async () => {
    const { history, opening, open, rename } = table()
    await open('bag')
    kept.set('bag', record('bag', 4, tote({ name: 'Theirs' })))
    reads = []
    opening.saving.heardSave(4)
    await settle()
    rename('Mine')
    reads.splice(0).forEach((done) => done())
    reads = null
    await settle()
    expect(history.value!.design.name).toBe('Mine')
    expect(opening.saving.state).toBe('conflict')
    // Only when she asks for it is hers dropped.
    await opening.saving.takeTheirs()
    expect(history.value!.design.name).toBe('Theirs')
  })
})

it('a bag that is put away is stored, and nothing more is heard of it', async () => {
  const { history, opening, open, rename } = table()
  await open('bag')
  rename('Last')
  const stored = opening.close()
  await stored
  await nextTick()
  expect(nameIn('bag')).toBe('Last')
  expect([history.value, opening.id.value, opening.saving.unsaved()]).toEqual([null, null, false])
})
