import { jest } from '@jest/globals'
import { computed, ref, shallowRef } from 'vue'
import type { Design } from '../../core/design/index.ts'
import { projectOf } from '../../core/file/index.ts'
import { tote } from '../../core/testing/tote.ts'
import type { BagRecord, SaveResult } from '../storage/bag-store.ts'

/* The store answers when the test lets it; what a save writes is kept in a list. */
const asked: {
  design: Design
  revision: number
  first: boolean
  answer: (result: SaveResult) => void
}[] = []
const noted: string[] = []
const told: unknown[] = []
const added: Design[] = []
jest.unstable_mockModule('@app/storage/bag-store.ts', () => ({
  saveBag: (_: string, design: Design, revision: number, first: boolean) =>
    new Promise((answer) => asked.push({ design, revision, first, answer })),
  addBag: (design: Design) => {
    added.push(design)
    return Promise.resolve(record(1))
  },
}))
jest.unstable_mockModule('@app/storage/leaving-note.ts', () => ({
  leaveNote: (bag: string, revision: number, design: Design) =>
    noted.push(`${bag} ${revision} ${design.name}`),
}))
jest.unstable_mockModule('@app/storage/tabs.ts', () => ({
  tellTabs: (message: unknown) => told.push(message),
}))

const listeners = new Map<string, () => void>()
const target = {
  addEventListener: (kind: string, listen: () => void) => listeners.set(kind, listen),
}
Object.assign(globalThis, { window: target, document: { ...target, visibilityState: 'hidden' } })

function record(revision: number, previous: BagRecord['previous'] = []): BagRecord {
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
  const id = ref<string | null>('bag')
  const held = shallowRef<Design | null>(null)
  const reload = jest.fn(() => Promise.resolve())
  const saving = useSaving(
    id,
    computed(() => held.value),
    reload,
  )
  saving.begin(record(3))
  held.value = tote()
  const change = (name: string) => (held.value = tote({ name }))
  return { id, held, saving, reload, change }
}
/** Lets promises that are done be noticed. */
const settle = async () => {
  for (let i = 0; i < 8; i++) await Promise.resolve()
}
const answer = async (result: SaveResult) => {
  asked.shift()!.answer(result)
  await settle()
}

beforeEach(() => {
  jest.useFakeTimers()
  for (const list of [asked, noted, told, added]) list.length = 0
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
    expect(asked.map(({ design, revision, first }) => [design.name, revision, first])).toEqual([
      ['Two', 3, true],
    ])
    await answer({ ok: true, record: record(4) })
    expect([saving.state, saving.savedAt]).toEqual(['saved', 104])
    expect(told).toEqual([{ kind: 'saved', bag: 'bag', revision: 4 }])
  })

  it('does not save what was only opened', async () => {
    opened()
    await jest.advanceTimersByTimeAsync(1000)
    expect(asked).toHaveLength(0)
  })

  it('saves what changed while it was saving, on the new revision', async () => {
    const { saving, change } = opened()
    change('One')
    await jest.advanceTimersByTimeAsync(300)
    change('Two')
    await answer({ ok: true, record: record(4) })
    expect(saving.state).toBe('saving')
    await jest.advanceTimersByTimeAsync(300)
    expect(asked.map(({ design, revision, first }) => [design.name, revision, first])).toEqual([
      ['Two', 4, false],
    ])
    await answer({ ok: true, record: record(5) })
    expect(saving.state).toBe('saved')
  })

  it('says when there is no room, and tries again by itself', async () => {
    const { saving, change } = opened()
    change('One')
    await jest.advanceTimersByTimeAsync(300)
    await answer({ ok: false, reason: 'full' })
    expect(saving.state).toBe('full')
    await jest.advanceTimersByTimeAsync(16_000)
    await answer({ ok: true, record: record(4) })
    expect(saving.state).toBe('saved')
  })

  it('never overwrites another tab, and keeps both', async () => {
    const { saving, change } = opened()
    change('Mine')
    await jest.advanceTimersByTimeAsync(300)
    await answer({ ok: false, reason: 'conflict' })
    expect(saving.state).toBe('conflict')
    change('Mine too')
    await jest.advanceTimersByTimeAsync(30_000)
    expect(asked).toHaveLength(0)
    await saving.keepAsCopy()
    expect(added.map(({ name }) => name)).toEqual(['Mine too (copy)'])
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
    const { id, held, saving, change } = opened()
    change('Last')
    listeners.get('pagehide')!()
    expect(noted).toEqual(['bag 3 Last'])
    const put = saving.flush()
    id.value = null
    held.value = null
    await settle()
    expect(asked[0]!.design.name).toBe('Last')
    await answer({ ok: true, record: record(4) })
    await put
  })
})
