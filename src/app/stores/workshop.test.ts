import { jest } from '@jest/globals'
import { createPinia, setActivePinia } from 'pinia'
import { documentFile } from '../../core/document/index.ts'
import {
  emptyWorkshop,
  type OwnPattern,
  printWorkshop,
  readWorkshop,
  type Workshop,
  workshopKind,
} from '../../core/workshop/index.ts'
import { browserStore } from '../testing/browser-store.ts'

/* A browser's store that can be full or not answer, tabs that hear one another, and a page that stores by itself. */
const store = browserStore()
const kept = () => store.of('workshop')
const heard: ((message: unknown) => void)[] = []
let notes: { sitting: string; revision: number; at: number; document: Workshop }[] = []
jest.unstable_mockModule('localforage', () => store.module)
jest.unstable_mockModule('@app/workers/workers.ts', () => ({
  keeper: { ask: () => Promise.resolve({ ok: false, problem: 'no worker here' }) },
}))
jest.unstable_mockModule('@app/storage/tabs.ts', () => ({
  tellTabs: () => {},
  onTabs: (listen: (message: unknown) => void) => heard.push(listen),
}))
jest.unstable_mockModule('@app/storage/unsaved-note.ts', () => ({
  sitting: 'this',
  leaveNote: (_: object, __: string, revision: number, document: Workshop) =>
    notes.push({ sitting: 'gone', revision, at: 1, document }),
  dropNote: (_: string, by: string) => (notes = notes.filter(({ sitting }) => sitting !== by)),
  strayNotes: () => Promise.resolve(notes),
}))
const left = new Map<string, () => void>()
const target = {
  addEventListener: (name: string, heard: () => void) => left.set(name, heard),
}
Object.assign(globalThis, { navigator: {}, window: target, document: target })
const { ownId, useWorkshop } = await import('./workshop.ts')

const pattern = (id: string, name = id): OwnPattern => ({
  ...{
    id,
    name,
    multiple: 4,
    offset: 0,
    roundOffset: 0,
    flat: '',
    round: '*sc in next 4 sts; rep from *',
  },
  ...{ notes: '', side: 'any', unit: null, perRepeat: 1, passes: 1, special: '' },
})
const keep = (id: string, name?: string) =>
  ({ do: 'keep', drawer: 'patterns', thing: pattern(id, name) }) as const
const stored = () => kept().get('workshop') as { revision: number; file: Workshop }
const put = (workshop: Workshop, revision: number) =>
  kept().set('workshop', {
    ...{ id: 'workshop', revision, createdAt: 1, savedAt: 1, previous: [] },
    file: documentFile(workshopKind, workshop),
  })
const names = ({ patterns }: Workshop) => patterns.map(({ name }) => name)
const settle = () => jest.advanceTimersByTimeAsync(500)
/** A tab that has the workshop open. */
async function tab() {
  setActivePinia(createPinia())
  const workshop = useWorkshop()
  await workshop.ready
  return workshop
}

beforeEach(() => {
  jest.useFakeTimers()
  kept().clear()
  store.state.refusal = null
  store.state.silent = false
  notes = []
  heard.length = 0
})
afterEach(() => void jest.useRealTimers())

describe('the workshop', () => {
  it('gives ids that can be read again, whatever letters they happen to have', () => {
    const ids = Array.from({ length: 200 }, ownId)
    expect(ids.some((id) => id.includes('_'))).toBe(true)
    const patterns = ids.map((id) => pattern(id))
    expect(readWorkshop(printWorkshop({ ...emptyWorkshop, patterns }))).toMatchObject({ ok: true })
  })

  it('keeps what is put in, and gives it to the next sitting', async () => {
    const first = await tab()
    first.edit(keep('rib', 'My rib'))
    first.setWords({ terms: 'uk' })
    await settle()
    const next = await tab()
    expect([names(next.workshop), next.words.terms]).toEqual([['My rib'], 'uk'])
    expect(next.problem).toBeNull()
  })

  it('takes over what earlier versions kept, and leaves out what is not sound', async () => {
    kept().set('words', { terms: 'uk', units: 'imperial', hand: 'left' })
    kept().set('own-stitches', [pattern('one'), { id: 'torn' }, null])
    kept().set('own-motifs', [{ id: 'm', name: 'Star', kind: 'figure', width: 2, colours: ['B.'] }])
    kept().set('demo-brought', true)
    const { workshop } = await tab()
    expect(workshop.settings).toEqual({
      ...{ terms: 'uk', units: 'imperial', hand: 'left', demoBrought: true },
    })
    expect([names(workshop), workshop.motifs.map(({ name }) => name)]).toEqual([['one'], ['Star']])
  })

  it('of two tabs keeps what both put in', async () => {
    const here = await tab()
    put({ ...emptyWorkshop, patterns: [pattern('theirs')] }, 2)
    here.edit(keep('mine'))
    await settle()
    expect(names(stored().file)).toEqual(['theirs', 'mine'])
    expect(names(here.workshop)).toEqual(['theirs', 'mine'])
  })

  it('shows what another tab put in as soon as that is told', async () => {
    const here = await tab()
    put({ ...emptyWorkshop, patterns: [pattern('theirs')] }, 2)
    for (const listen of heard) listen({ kind: 'saved', id: 'workshop', revision: 2 })
    await settle()
    expect(names(here.workshop)).toEqual(['theirs'])
  })

  it('is never emptied by a store that is silent: what is kept meanwhile comes on top', async () => {
    put({ ...emptyWorkshop, patterns: [pattern('old', 'Old one')] }, 7)
    store.state.silent = true
    setActivePinia(createPinia())
    const workshop = useWorkshop()
    await jest.advanceTimersByTimeAsync(9000)
    expect(workshop.problem).toContain('storage does not answer')
    workshop.edit(keep('new', 'New one'))
    await settle()
    expect([stored().revision, names(stored().file)]).toEqual([7, ['Old one']])
    expect(names(workshop.workshop)).toEqual(['New one'])
    store.state.silent = false
    await jest.advanceTimersByTimeAsync(25_000)
    expect(names(stored().file)).toEqual(['Old one', 'New one'])
    expect([workshop.problem, names(workshop.workshop)]).toEqual([null, ['Old one', 'New one']])
  })

  it('is given by a tab that went before anything was read to the next one', async () => {
    put({ ...emptyWorkshop, patterns: [pattern('old', 'Old one')] }, 7)
    store.state.silent = true
    setActivePinia(createPinia())
    const going = useWorkshop()
    left.get('pagehide')!()
    expect(notes).toEqual([])
    going.edit(keep('new', 'New one'))
    left.get('pagehide')!()
    store.state.silent = false
    expect(names((await tab()).workshop)).toEqual(['Old one', 'New one'])
    expect(notes).toEqual([])
  })

  it('is left as it is where it is of a newer version, and says so', async () => {
    kept().set('workshop', {
      ...{ id: 'workshop', revision: 3, createdAt: 1, savedAt: 1, previous: [] },
      file: { format: 'ample-motif-workshop', version: 99 },
    })
    const workshop = await tab()
    expect(workshop.problem).toContain('newer than this program')
    workshop.edit(keep('x'))
    await settle()
    expect(stored().revision).toBe(3)
  })

  it('says when what is kept cannot be stored, and stores it later', async () => {
    const workshop = await tab()
    store.state.refusal = new DOMException('full', 'QuotaExceededError')
    workshop.edit(keep('x'))
    await settle()
    expect(workshop.problem).toContain('no room left')
    store.state.refusal = null
    await jest.advanceTimersByTimeAsync(16_000)
    expect([workshop.problem, names(stored().file)]).toEqual([null, ['x']])
  })

  it('takes up all that a closed tab did to what is stored: changed, added and taken out', async () => {
    put({ ...emptyWorkshop, patterns: [pattern('a', 'My pattern'), pattern('gone')] }, 4)
    const document = { ...emptyWorkshop, patterns: [pattern('a', 'Bandstand'), pattern('b')] }
    notes = [{ sitting: 'gone', revision: 4, at: 1, document }]
    const { workshop } = await tab()
    expect(names(workshop)).toEqual(['Bandstand', 'b'])
    await settle()
    expect(names(stored().file)).toEqual(['Bandstand', 'b'])
  })

  it('hears of two saves at once and keeps the newer', async () => {
    const here = await tab()
    for (const revision of [2, 3]) {
      put({ ...emptyWorkshop, patterns: [pattern(`at-${revision}`)] }, revision)
      for (const listen of heard) listen({ kind: 'saved', id: 'workshop', revision })
    }
    await settle()
    expect(names(here.workshop)).toEqual(['at-3'])
  })

  it('puts what a closed tab left beside what has become of it since', async () => {
    put({ ...emptyWorkshop, patterns: [pattern('a')] }, 4)
    const document = { ...emptyWorkshop, patterns: [pattern('a', 'other'), pattern('b')] }
    notes = [{ sitting: 'gone', revision: 2, at: 1, document }]
    const { workshop } = await tab()
    expect([names(workshop), notes]).toEqual([['a', 'other', 'b'], []])
    await settle()
    expect(names(stored().file)).toEqual(['a', 'other', 'b'])
  })
})
