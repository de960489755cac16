import { jest } from '@jest/globals'
import { effectScope, nextTick, ref, shallowRef } from 'vue'
import { commit, type Design, type Edit, historyOf, type History } from '../../core/design/index.ts'
import { derive } from '../../core/plan/index.ts'
import { tote } from '../../core/testing/tote.ts'

/* A worker that answers when the test lets it, and says it took `workMs`. */
const asked: { design: Design; hand: string; answer: () => Promise<void> }[] = []
let workMs = 1
jest.unstable_mockModule('@app/workers/derive-client.ts', () => ({
  deriver: {
    derive: (design: Design, { hand }: { hand: 'left' | 'right' }) =>
      new Promise((done) => {
        const answer = async () => {
          done({ ok: true, value: derive(design, { hand }), workMs })
          for (let i = 0; i < 12; i++) await Promise.resolve()
        }
        asked.push({ design, hand, answer })
      }),
  },
  latestOnly,
}))

/** As in the client, which cannot be loaded without a worker. */
function latestOnly<Q, V>(ask: (q: Q) => Promise<V>, told: (v: V, q: Q) => void): (q: Q) => void {
  let waiting: { q: Q } | null = null
  let busy = false
  return (q) => {
    waiting = { q }
    if (busy) return
    busy = true
    void (async () => {
      while (waiting) {
        const now: { q: Q } = waiting
        waiting = null
        told(await ask(now.q), now.q)
      }
      busy = false
    })()
  }
}

const { useDeriving } = await import('./deriving.ts')

const rounds = (n: number): Edit => ({ name: 'setRounds', args: { id: 'top', rounds: n } })

async function table() {
  const history = shallowRef<History | null>(null)
  const hand = ref<'right' | 'left'>('right')
  const deriving = effectScope().run(() => useDeriving(history, hand))!
  history.value = historyOf(tote())
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
})
afterEach(() => void jest.useRealTimers())

describe('deriving', () => {
  it('answers for the newest design and leaves out those in between', async () => {
    const { deriving, edit } = await table()
    expect(deriving.derived.value!.tally.rounds).toBe(16)
    await edit(rounds(4))
    await edit(rounds(5))
    await edit(rounds(6))
    expect(asked).toHaveLength(1)
    await asked.shift()!.answer()
    await asked.shift()!.answer()
    expect(asked).toHaveLength(0)
    expect(deriving.derived.value!.tally.rounds).toBe(19)
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
    expect(deriving.derived.value!.tally.rounds).toBe(24)
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
})
