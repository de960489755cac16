import { jest } from '@jest/globals'
import { createPinia, setActivePinia } from 'pinia'
import type { Design } from '../../core/design/index.ts'
import { documentFile } from '../../core/document/index.ts'
import { type Project, projectKind, projectOf } from '../../core/project/index.ts'
import { derive } from '../../core/bag/index.ts'
import { tote } from '../../core/testing/tote.ts'
import { browserStore } from '../testing/browser-store.ts'

/* A browser's store that can be full; a worker that can fail on some bags. */
const store = browserStore()
let fails = ''
jest.unstable_mockModule('localforage', () => store.module)
interface Api {
  derive: (project: Project) => { value: unknown }
}
jest.unstable_mockModule('@app/workers/workers.ts', () => ({
  keeper: { ask: () => Promise.resolve({ ok: false, problem: 'no worker here' }) },
  deriver: {
    ask: (question: (api: Api) => { value: unknown }) =>
      Promise.resolve().then(() => {
        const answer = question({
          derive: (project) => ({ value: { of: project.design.name, ...derive(project) } }),
        })
        const { of } = answer.value as { of: string }
        return of === fails ? { ok: false, problem: 'too much' } : { ok: true, value: answer }
      }),
  },
}))
const target = { addEventListener: () => {} }
jest.unstable_mockModule('@app/storage/tabs.ts', () => ({ tellTabs: () => {}, onTabs: () => {} }))
Object.assign(globalThis, { navigator: {}, window: target, document: target })
const { useShelf } = await import('./shelf.ts')
const fileOf = (design: Design) => documentFile(projectKind, projectOf(design))
const bags = () => store.of('bags')
const put = (id: string, design: Design, over: object = {}) =>
  bags().set(id, {
    ...{ id, revision: 1, createdAt: 1, savedAt: 1, previous: [] },
    ...{ file: fileOf(design), ...over },
  })

beforeEach(() => {
  setActivePinia(createPinia())
  for (const name of ['bags', 'workshop']) store.of(name).clear()
  store.state.refusal = null
  fails = ''
})

describe('the shelf', () => {
  it('brings the demo bags the first time, and never again by itself', async () => {
    const shelf = useShelf()
    await shelf.refresh()
    expect(shelf.bags!.map(({ name }) => name)).toContain('Beater tote')
    expect(shelf.bags!.every(({ derived }) => derived !== null)).toBe(true)
    bags().clear()
    await shelf.refresh()
    expect(shelf.bags).toEqual([])
    expect(await shelf.bringDemo()).toBe(6)
    expect(shelf.bags).toHaveLength(6)
    // What is there is not brought twice.
    await shelf.remove(shelf.bags![2]!)
    expect(await shelf.bringDemo()).toBe(1)
    expect(new Set(shelf.bags!.map(({ name }) => name)).size).toBe(6)
  })

  it('takes each bag by itself: none that cannot be read or worked out hides another', async () => {
    const shelf = useShelf()
    await shelf.refresh()
    bags().clear()
    put('good', tote({ name: 'Good' }), { savedAt: 5 })
    put('hard', tote({ name: 'Hard' }), { savedAt: 4 })
    put('newer', tote({ name: 'Newer' }), {
      savedAt: 3,
      file: { ...fileOf(tote({ name: 'Newer' })), version: 99 },
      previous: [{ savedAt: 1, file: fileOf(tote({ name: 'Before' })) }],
    })
    bags().set('nothing', 12)
    fails = 'Hard'
    await shelf.refresh()
    const seen = shelf.bags!.map(({ name, problem, derived, lastGood }) => [
      name,
      problem?.slice(0, 28) ?? null,
      derived !== null,
      lastGood?.design.name ?? null,
    ])
    expect(seen).toEqual([
      ['Good', null, true, null],
      ['Hard', 'It could not be worked out: ', false, null],
      ['Newer', 'It cannot be opened: version', false, 'Before'],
      ['A bag', 'Nothing of its record can be', false, null],
    ])
    expect(shelf.refused).toBeNull()
  })

  it('renames, deletes and puts back', async () => {
    const shelf = useShelf()
    await shelf.refresh()
    bags().clear()
    put('one', tote({ name: 'One' }))
    await shelf.refresh()
    await shelf.rename(shelf.bags![0]!, 'Other')
    expect(shelf.bags!.map(({ name }) => name)).toEqual(['Other'])
    const putBack = await shelf.remove(shelf.bags![0]!)
    expect(shelf.bags).toEqual([])
    await putBack!()
    expect(shelf.bags!.map(({ name }) => name)).toEqual(['Other'])
  })

  it('says what was not stored, and why, and keeps what there was', async () => {
    const shelf = useShelf()
    await shelf.refresh()
    store.state.refusal = new DOMException('full', 'QuotaExceededError')
    expect(await shelf.add(projectOf(tote({ name: 'New' })))).toBeNull()
    expect(shelf.refused).toContain('“New” was not put on the shelf. This browser has no room left')
    await shelf.rename(shelf.bags![0]!, 'Other')
    expect(shelf.refused).toContain('keeps its name. This browser has no room left')
    expect(shelf.bags).toHaveLength(6)
    store.state.refusal = null
    const putBack = await shelf.remove(shelf.bags![0]!)
    store.state.refusal = new DOMException('full', 'QuotaExceededError')
    expect(await shelf.bringDemo()).toBeNull()
    expect(shelf.refused).toContain('The demo bags were not brought')
    store.state.refusal = null
    await putBack!()
    // What could not be opened again is not taken, however much room there is.
    expect(await shelf.add(projectOf(tote({ name: 'x'.repeat(200) })))).toBeNull()
    expect(shelf.refused).toContain('1 to 80 characters')
    expect(await shelf.add(projectOf(tote({ name: 'New' })))).not.toBeNull()
    expect([shelf.refused, shelf.bags!.length]).toEqual([null, 7])
  })
})
