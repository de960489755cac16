import { jest } from '@jest/globals'
import { effectScope, nextTick, ref, shallowRef } from 'vue'
import { type Design, type Edit } from '../../core/design/index.ts'
import {
  commit,
  historyOf,
  type History,
  type Project,
  projectOf,
} from '../../core/project/index.ts'
import { derive } from '../../core/bag/index.ts'
import { tote } from '../../core/testing/tote.ts'

/* A worker that answers when the test lets it, and says it took `workMs`. */
const asked: { design: Design; hand: string; answer: () => Promise<void> }[] = []
let workMs = 1
let fails: string | null = null
interface Api {
  derive: (project: Project, options: { hand: 'left' | 'right' }) => Promise<unknown>
}
const api: Api = {
  derive: (project, { hand }) =>
    new Promise((done) => {
      const answer = async () => {
        done(
          fails === null
            ? { ok: true, value: { value: derive(project, { hand }), workMs } }
            : { ok: false, problem: fails },
        )
        for (let i = 0; i < 12; i++) await Promise.resolve()
      }
      asked.push({ design: project.design, hand, answer })
    }),
}
jest.unstable_mockModule('@app/workers/workers.ts', () => ({
  deriver: { ask: (question: (api: Api) => Promise<unknown>) => question(api) },
}))

const { useDeriving } = await import('./deriving.ts')

const rounds = (n: number): Edit => ({ name: 'setRounds', args: { id: 'top', rounds: n } })

async function table() {
  const history = shallowRef<History | null>(null)
  const hand = ref<'right' | 'left'>('right')
  const deriving = effectScope().run(() => useDeriving(history, hand))!
  history.value = historyOf(projectOf(tote()))
  await nextTick()
  await asked.shift()!.answer()
  const edit = async (change: Edit, gesture: string | null = null) => {
    history.value = commit(history.value!, change, { gesture })
    await nextTick()
  }
  return { history, hand, deriving, edit }
}

beforeEach(() => {
  jest.useFakeTimers({ doNotFake: ['nextTick', 'queueMicrotask'] })
  asked.length = 0
  workMs = 1
  fails = null
})
afterEach(() => void jest.useRealTimers())

describe('deriving', () => {
  it('answers for the newest design and leaves out those in between', async () => {
    const { deriving, edit } = await table()
    expect(deriving.table.value!.derived.tally.rounds).toBe(16)
    await edit(rounds(4))
    await edit(rounds(5))
    await edit(rounds(6))
    expect(asked).toHaveLength(1)
    await asked.shift()!.answer()
    await asked.shift()!.answer()
    expect(asked).toHaveLength(0)
    expect(deriving.table.value!.derived.tally.rounds).toBe(19)
  })

  it('asks again when the hand changes', async () => {
    const { hand } = await table()
    hand.value = 'left'
    await nextTick()
    expect(asked[0]!.hand).toBe('left')
  })

  it('asks less often in a gesture the longer it takes, and in the end for all of it', async () => {
    const { deriving, edit } = await table()
    workMs = 20
    await edit(rounds(4))
    await asked.shift()!.answer()
    for (let n = 5; n < 12; n++) await edit(rounds(n), 'drag')
    expect(asked).toHaveLength(0)
    await jest.advanceTimersByTimeAsync(450)
    expect(asked).toHaveLength(1)
    await asked.shift()!.answer()
    expect(deriving.table.value!.derived.tally.rounds).toBe(24)
  })

  it('shows a preview without touching the bag, and not after it was left', async () => {
    const { history, deriving } = await table()
    const before = history.value
    deriving.showPreview([rounds(9)])
    await asked.shift()!.answer()
    expect(deriving.preview.value!.derived.tally.rounds).toBe(22)
    expect(history.value).toBe(before)
    deriving.endPreview()
    expect(deriving.preview.value).toBeNull()
    deriving.showPreview([rounds(9)])
    deriving.endPreview()
    await asked.shift()!.answer()
    expect(deriving.preview.value).toBeNull()
  })

  it('keeps a design and what follows from it together, and says when nothing could follow', async () => {
    const { history, deriving, edit } = await table()
    await edit(rounds(4))
    expect(deriving.table.value!.design).not.toBe(history.value!.design)
    await asked.shift()!.answer()
    expect(deriving.table.value).toMatchObject({ design: history.value!.design, revision: 1 })
    fails = 'too much'
    await edit(rounds(5))
    await asked.shift()!.answer()
    expect(deriving.failure.value).toBe('too much')
    expect(deriving.table.value!.revision).toBe(1)
    // A failure keeps nothing from being asked.
    fails = null
    deriving.askAgain()
    await asked.shift()!.answer()
    expect([deriving.failure.value, deriving.table.value!.revision]).toEqual([null, 2])
  })

  it('shows nothing of a bag that was put away', async () => {
    const { deriving, edit } = await table()
    await edit(rounds(4))
    deriving.clear()
    await asked.shift()!.answer()
    expect(deriving.table.value).toBeNull()
  })

  it('says why what is pointed at cannot be', async () => {
    const { deriving } = await table()
    deriving.showPreview([{ name: 'removeYarn', args: { letter: 'A', instead: 'Q' } }])
    expect(asked).toHaveLength(0)
    expect(deriving.cannot.value).toContain('no yarn has the letter Q')
    deriving.endPreview()
    expect(deriving.cannot.value).toBeNull()
  })
})
