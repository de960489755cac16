import { jest } from '@jest/globals'
import { computed, shallowRef } from 'vue'
import { type Project, projectOf } from '../../core/project/index.ts'
import { tote } from '../../core/testing/tote.ts'
import type { KeptRecord, Save, SaveResult } from '../storage/document-store.ts'

/* The store answers when the test lets it; what a save writes is kept in a list. */
const asked: (Save<Project> & { answer: (result: SaveResult) => void })[] = []
const notes = new Map<string, string>()
const told: unknown[] = []
const added: Project[] = []
const put: string[] = []
const saveBag = (save: Save<Project>) =>
  new Promise<SaveResult>((answer) => asked.push({ ...save, answer }))
const bags = {
  save: saveBag,
  add: (project: Project) => {
    added.push(project)
    return Promise.resolve('bag')
  },
  putBack: ({ id, revision }: Save<Project>) => {
    put.push(id)
    return Promise.resolve(record(revision))
  },
}
jest.unstable_mockModule('@app/storage/kept.ts', () => ({ kept: { bags }, ask: () => {} }))
jest.unstable_mockModule('@app/storage/unsaved-note.ts', () => ({
  sitting: 'this',
  leaveNote: (_: object, id: string, revision: number, { design }: Project) =>
    notes.set(id, `${revision} ${design.name}`),
  dropNote: (bag: string) => notes.delete(bag),
}))
jest.unstable_mockModule('@app/storage/tabs.ts', () => ({
  tellTabs: (message: unknown) => told.push(message),
}))
const listeners = new Map<string, (event: { preventDefault: () => void }) => void>()
const target = {
  addEventListener: (kind: string, listen: () => void) => listeners.set(kind, listen),
}
Object.assign(globalThis, { window: target, document: { ...target, visibilityState: 'hidden' } })

function record(revision: number, previous: KeptRecord['previous'] = []): KeptRecord {
  return {
    id: 'bag',
    revision,
    createdAt: 1,
    savedAt: 100 + revision,
    file: projectOf(tote()),
    previous,
  }
}

const { useSaving } = await import('./saving.ts')

/** A bag that was just opened at revision 3. */
function opened() {
  const held = shallowRef<Project | null>(null)
  const reload = jest.fn(() => Promise.resolve())
  const saving = useSaving(
    computed(() => held.value),
    reload,
  )
  const read = projectOf(tote())
  held.value = read
  saving.begin(record(3), read)
  const change = (name: string) => (held.value = projectOf(tote({ name })))
  return { held, saving, reload, change }
}
/** Lets promises that are done be noticed. */
const settle = async () => {
  for (let i = 0; i < 10; i++) await Promise.resolve()
}
const answer = async (result: SaveResult) => {
  asked.shift()!.answer(result)
  await settle()
}
const wanted = () =>
  asked.map(({ document, revision, firstOfSitting }) => [
    document.design.name,
    revision,
    firstOfSitting,
  ])

beforeEach(() => {
  jest.useFakeTimers()
  for (const list of [asked, told, added, put]) list.length = 0
  notes.clear()
})
afterEach(() => void jest.useRealTimers())

describe('saving', () => {
  it('waits a moment, saves the newest, and says so', async () => {
    const { saving, change } = opened()
    change('One')
    expect(saving.state).toBe('saving')
    change('Two')
    expect(asked).toHaveLength(0)
    await jest.advanceTimersByTimeAsync(300)
    expect(wanted()).toEqual([['Two', 3, true]])
    await answer({ ok: true, record: record(4) })
    expect([saving.state, saving.savedAt]).toEqual(['saved', 104])
    expect(told).toEqual([{ kind: 'saved', id: 'bag', revision: 4 }])
  })

  it('stores in the middle of steady changes, which never put it off', async () => {
    const { change } = opened()
    for (let i = 0; i < 40 && asked.length === 0; i++) {
      change(`Change ${i}`)
      await jest.advanceTimersByTimeAsync(20)
    }
    expect(asked).toHaveLength(1)
    expect(Number(asked[0]!.document.design.name.slice(7))).toBeLessThanOrEqual(10)
  })

  it('notes what is not stored at once and again and again, and drops the note once it is', async () => {
    const { change } = opened()
    change('One')
    expect(notes.get('bag')).toBe('3 One')
    change('Two')
    await jest.advanceTimersByTimeAsync(150)
    expect(notes.get('bag')).toBe('3 Two')
    await jest.advanceTimersByTimeAsync(100)
    change('Three')
    await answer({ ok: true, record: record(4) })
    // What was stored meanwhile is not the newest: its note stays.
    await jest.advanceTimersByTimeAsync(150)
    expect(notes.get('bag')).toBe('4 Three')
    await jest.advanceTimersByTimeAsync(100)
    await answer({ ok: true, record: record(5) })
    expect(notes.size).toBe(0)
  })

  it('does not save what was only opened', async () => {
    opened()
    await jest.advanceTimersByTimeAsync(1000)
    expect(asked).toHaveLength(0)
  })

  it('saves one at a time: a slow save and an edit do not get in each other’s way', async () => {
    const { saving, change } = opened()
    change('One')
    await jest.advanceTimersByTimeAsync(300)
    change('Two')
    await jest.advanceTimersByTimeAsync(5000)
    void saving.flush()
    expect(wanted()).toEqual([['One', 3, true]])
    await answer({ ok: true, record: record(4) })
    await jest.advanceTimersByTimeAsync(300)
    expect(wanted()).toEqual([['Two', 4, false]])
    await answer({ ok: true, record: record(5) })
    expect(saving.state).toBe('saved')
    expect(asked).toHaveLength(0)
  })

  it.each(['full', 'refused', 'silent'] as const)(
    'says when storage is %s, keeps the note, asks before the tab closes, and tries again by itself',
    async (reason) => {
      const { saving, change } = opened()
      change('One')
      await jest.advanceTimersByTimeAsync(300)
      await answer({ ok: false, reason })
      expect(saving.state).toBe(reason)
      expect(notes.get('bag')).toBe('3 One')
      const preventDefault = jest.fn()
      listeners.get('beforeunload')!({ preventDefault })
      expect(preventDefault).toHaveBeenCalled()
      await jest.advanceTimersByTimeAsync(16_000)
      await answer({ ok: true, record: record(4) })
      expect([saving.state, notes.size]).toEqual(['saved', 0])
    },
  )

  it('never overwrites another tab, keeps both, and what is done meanwhile', async () => {
    const { saving, change } = opened()
    change('Mine')
    await jest.advanceTimersByTimeAsync(300)
    await answer({ ok: false, reason: 'conflict' })
    expect(saving.state).toBe('conflict')
    change('Mine too')
    await jest.advanceTimersByTimeAsync(30_000)
    expect(asked).toHaveLength(0)
    // A tab that is closed now leaves its work in the note.
    expect(notes.get('bag')).toBe('3 Mine too')
    expect(await saving.keepAsCopy()).toBe('bag')
    expect(added.map(({ design }) => design.name)).toEqual(['Mine too (copy)'])
    expect([saving.unsaved(), notes.size]).toEqual([false, 0])
  })

  it('tells a bag deleted elsewhere from one saved elsewhere, and puts it back as it is here', async () => {
    const { saving, reload, change } = opened()
    change('Mine')
    await jest.advanceTimersByTimeAsync(300)
    await answer({ ok: false, reason: 'gone' })
    expect(saving.state).toBe('gone')
    await saving.putBack()
    expect([put, saving.state, notes.size]).toEqual([['bag'], 'saved', 0])
    expect(reload).not.toHaveBeenCalled()
    change('Goes on')
    await jest.advanceTimersByTimeAsync(300)
    expect(wanted()).toEqual([['Goes on', 4, true]])
  })

  it('takes over what another tab saved when it has nothing of its own to lose', () => {
    const quiet = opened()
    quiet.saving.heardSave(3)
    expect(quiet.reload).not.toHaveBeenCalled()
    quiet.saving.heardSave(4)
    expect(quiet.reload).toHaveBeenCalledTimes(1)

    const busy = opened()
    busy.change('Mine')
    busy.saving.heardSave(4)
    expect(busy.reload).not.toHaveBeenCalled()
    expect(busy.saving.state).toBe('conflict')
  })

  it('saves a bag that is put away, and leaves a note when the tab closes', async () => {
    const { held, saving, change } = opened()
    change('Last')
    listeners.get('pagehide')!({ preventDefault: () => {} })
    expect(notes.get('bag')).toBe('3 Last')
    const away = saving.flush()
    saving.end()
    held.value = null
    await settle()
    expect(asked[0]!.document.design.name).toBe('Last')
    await answer({ ok: true, record: record(4) })
    await away
    expect(notes.size).toBe(0)
  })
})
