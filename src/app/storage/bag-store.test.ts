import { jest } from '@jest/globals'
import { tote } from '../../core/testing/tote.ts'

/* A store of the browser's kind: it keeps copies, and can be full. */
const copy = (value: unknown): unknown =>
  value === undefined ? undefined : JSON.parse(JSON.stringify(value))
const kept = new Map<string, unknown>()
let refuses: Error | null = null
Object.assign(globalThis, { navigator: {} })
jest.unstable_mockModule('localforage', () => ({
  default: {
    createInstance: () => ({
      getItem: (key: string) => Promise.resolve(copy(kept.get(key)) ?? null),
      setItem: (key: string, value: unknown) => {
        if (refuses) return Promise.reject(refuses)
        kept.set(key, copy(value))
        return Promise.resolve(value)
      },
      removeItem: (key: string) => Promise.resolve(void kept.delete(key)),
      iterate: (each: (value: unknown) => void) =>
        Promise.resolve(void [...kept.values()].forEach(each)),
    }),
  },
}))

const { addBag, allBags, designOf, maybeBag, putBag, removeBag, saveBag } =
  await import('./bag-store.ts')

let now = 1_000_000
beforeEach(() => {
  kept.clear()
  refuses = null
  jest.spyOn(Date, 'now').mockImplementation(() => (now += 1000))
})
afterEach(() => void jest.restoreAllMocks())

const named = (name: string) => tote({ name })
const nameOf = (version: { file: unknown }) => {
  const read = designOf({ savedAt: 0, file: version.file })
  return read.ok ? read.value.name : read.problem
}

describe('the bag store', () => {
  it('keeps a bag and gives it back, the last saved first', async () => {
    const first = await addBag(named('First'))
    const second = await addBag(named('Second'))
    expect((await allBags()).map(nameOf)).toEqual(['Second', 'First'])
    await saveBag(first.id, named('First again'), 1, true)
    expect((await allBags()).map(nameOf)).toEqual(['First again', 'Second'])
    expect((await maybeBag(second.id))!.revision).toBe(1)
    expect(await maybeBag('none')).toBeNull()
  })

  it('refuses a save on another revision, and writes nothing', async () => {
    const { id } = await addBag(named('Start'))
    expect((await saveBag(id, named('Mine'), 1, true)).ok).toBe(true)
    expect(await saveBag(id, named('Late'), 1, true)).toEqual({ ok: false, reason: 'conflict' })
    expect(nameOf((await maybeBag(id))!)).toBe('Mine')
    await removeBag(id)
    expect(await saveBag(id, named('Gone'), 2, true)).toEqual({ ok: false, reason: 'conflict' })
    expect(kept.size).toBe(0)
  })

  it('keeps the five previous versions, the first of a sitting and then some minutes apart', async () => {
    const { id } = await addBag(named('0'))
    let revision = 1
    const save = async (name: string, first = false) => {
      const result = await saveBag(id, named(name), revision++, first)
      if (!result.ok) throw new Error(result.reason)
      return result.record.previous.map(nameOf)
    }
    expect(await save('1', true)).toEqual(['0'])
    expect(await save('2')).toEqual(['0'])
    now += 10 * 60_000
    await save('3')
    now += 10 * 60_000
    expect(await save('4')).toEqual(['3', '0'])
    for (let n = 5; n < 12; n++) await save(String(n), true)
    expect(await save('12', true)).toEqual(['11', '10', '9', '8', '7'])
  })

  it('says whether the browser is full or refuses, and loses nothing', async () => {
    const { id } = await addBag(named('Safe'))
    refuses = new DOMException('full', 'QuotaExceededError')
    expect(await saveBag(id, named('Lost'), 1, true)).toEqual({ ok: false, reason: 'full' })
    refuses = new Error('private window')
    expect(await saveBag(id, named('Lost'), 1, true)).toEqual({ ok: false, reason: 'refused' })
    expect(nameOf((await maybeBag(id))!)).toBe('Safe')
  })

  it('puts a deleted bag back as it was', async () => {
    const { id } = await addBag(named('Back'))
    const record = await removeBag(id)
    expect(await allBags()).toEqual([])
    await putBag(record!)
    expect((await allBags()).map(nameOf)).toEqual(['Back'])
  })

  it('says when a record cannot be read here', () => {
    const read = designOf({ savedAt: 0, file: { format: 'ample-motif-project', version: 99 } })
    expect(!read.ok && read.problem[0]!.message).toContain('newer than this program')
  })
})
