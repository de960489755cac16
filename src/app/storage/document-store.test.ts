import { jest } from '@jest/globals'
import { type Project, projectKind, projectOf } from '../../core/project/index.ts'
import { tote } from '../../core/testing/tote.ts'
import { browserStore } from '../testing/browser-store.ts'

const store = browserStore()
const kept = store.of('bags')
Object.assign(globalThis, { navigator: {} })
jest.unstable_mockModule('localforage', () => store.module)
const { DocumentStore } = await import('./document-store.ts')
const bags = new DocumentStore('bags', projectKind)

const { answered, failureOf, NoAnswer } = await import('./answered.ts')
let now = 1_000_000
beforeEach(() => {
  kept.clear()
  store.state.refusal = null
  jest.spyOn(Date, 'now').mockImplementation(() => (now += 1000))
})
afterEach(() => void jest.restoreAllMocks())

const named = (name: string) => projectOf(tote({ name }))
const save = (id: string, document: Project, revision: number, firstOfSitting = false) =>
  bags.save({ id, document, revision, firstOfSitting, sitting: 'this' })
const names = async () => (await bags.all()).map(({ record }) => record && nameOf(record))
const nameOf = (version: { file: unknown }) => {
  const read = bags.read({ savedAt: 0, file: version.file })
  return read.ok ? read.value.design.name : read.problem
}

describe('a store of documents', () => {
  it('keeps a bag and gives it back, the last saved first', async () => {
    const first = await bags.add(named('First'))
    const second = await bags.add(named('Second'))
    expect(await names()).toEqual(['Second', 'First'])
    await save(first.id, named('First again'), 1, true)
    expect(await names()).toEqual(['First again', 'Second'])
    expect((await bags.maybe(second.id))!.revision).toBe(1)
    expect(await bags.maybe('none')).toBeNull()
  })

  it('keeps a document that is there already when a first one comes', async () => {
    await bags.keepFirst('one', named('First'))
    expect(nameOf(await bags.keepFirst('one', named('Second')))).toBe('First')
  })

  it('refuses a save on another revision, and writes nothing', async () => {
    const { id } = await bags.add(named('Start'))
    const theirs = { document: named('Theirs'), firstOfSitting: true, sitting: 'other' }
    expect((await bags.save({ id, revision: 1, ...theirs })).ok).toBe(true)
    expect(await save(id, named('Late'), 1, true)).toEqual({ ok: false, reason: 'conflict' })
    expect(nameOf((await bags.maybe(id))!)).toBe('Theirs')
    await bags.remove(id)
    expect(await save(id, named('Gone'), 2, true)).toEqual({ ok: false, reason: 'gone' })
    expect(kept.size).toBe(0)
  })

  it('keeps the five previous versions, the first of a sitting and then some minutes apart', async () => {
    const { id } = await bags.add(named('0'))
    let revision = 1
    const next = async (name: string, first = false) => {
      const result = await save(id, named(name), revision++, first)
      if (!result.ok) throw new Error(result.reason)
      const { previous } = (await bags.maybe(id))!
      // What is as it was is not said again.
      expect([null, previous]).toContainEqual(result.record.previous)
      return previous.map(nameOf)
    }
    expect(await next('1', true)).toEqual(['0'])
    expect(await next('2')).toEqual(['0'])
    now += 10 * 60_000
    await next('3')
    now += 10 * 60_000
    expect(await next('4')).toEqual(['3', '0'])
    for (let n = 5; n < 12; n++) await next(String(n), true)
    expect(await next('12', true)).toEqual(['11', '10', '9', '8', '7'])
  })

  it('says whether the browser is full or refuses, and loses nothing', async () => {
    const { id } = await bags.add(named('Safe'))
    store.state.refusal = new DOMException('full', 'QuotaExceededError')
    expect(await save(id, named('Lost'), 1, true)).toEqual({ ok: false, reason: 'full' })
    store.state.refusal = new Error('private window')
    expect(await save(id, named('Lost'), 1, true)).toEqual({ ok: false, reason: 'refused' })
    expect(nameOf((await bags.maybe(id))!)).toBe('Safe')
  })

  it('puts a deleted bag back as it was', async () => {
    const { id } = await bags.add(named('Back'))
    const raw = await bags.remove(id)
    expect(await bags.all()).toEqual([])
    await bags.put(id, raw)
    expect(await names()).toEqual(['Back'])
  })

  it('says when a record cannot be read here', () => {
    const read = bags.read({ savedAt: 0, file: { format: 'ample-motif-project', version: 99 } })
    expect(!read.ok && read.problem[0]!.message).toContain('newer than this program')
  })

  it('goes on from a save of its own that was given up and came through after all', async () => {
    const { id } = await bags.add(named('Start'))
    await save(id, named('Came through'), 1)
    expect(await save(id, named('Next'), 1)).toMatchObject({ ok: true, record: { revision: 3 } })
  })

  it('does not take in what it could not open again', async () => {
    const refused = bags.add(named('Half \ud83e'))
    await expect(refused).rejects.toThrow('one line of text')
    expect(kept.size).toBe(0)
  })

  it('says when the storage does not answer', async () => {
    const never = new Promise<never>(() => {})
    await expect(answered(never, 5)).rejects.toThrow(NoAnswer)
    expect(failureOf(new NoAnswer())).toBe('silent')
    expect(await answered(Promise.resolve(7), 5)).toBe(7)
  })

  it('gives what is left of maimed records, and the last version that can be opened', async () => {
    const { id } = await bags.add(named('Good'))
    const record = (await bags.maybe(id))!
    const bad = { format: 'ample-motif-project', version: 99 }
    kept.set('null', null)
    kept.set('number', 7)
    kept.set('maimed', { id: 'maimed', file: bad, revision: 'x', previous: 'none' })
    kept.set('worse', {
      ...record,
      id: 'other',
      file: null,
      previous: [null, { file: bad }, record],
    })
    const all = Object.fromEntries((await bags.all()).map((bag) => [bag.id, bag]))
    expect([all['null']!.record, all['number']!.record]).toEqual([null, null])
    expect(all['number']!.raw).toBe(7)
    expect(all['maimed']!.record).toMatchObject({
      id: 'maimed',
      revision: 0,
      savedAt: 0,
      previous: [],
    })
    expect(bags.maybeLastGood(all['maimed']!.record!)).toBeNull()
    expect(all['worse']!.record!.id).toBe('worse')
    expect(bags.maybeLastGood(all['worse']!.record!)?.design.name).toBe('Good')
  })
})
