import { jest } from '@jest/globals'
import { createPinia, setActivePinia } from 'pinia'
import type { Design } from '../../core/design/index.ts'
import { printProject, readProjectFile } from '../../core/file/index.ts'
import { tote } from '../../core/testing/tote.ts'

/* A worker that reads files as the program's does, and can be stopped; a shelf that can be full. */
let full = false
let stopped = false
const added: string[] = []
jest.unstable_mockModule('@app/workers/workers.ts', () => ({
  paper: {
    ask: async (question: (api: { read: typeof readProjectFile }) => Promise<unknown>) =>
      stopped
        ? { ok: false, problem: 'It was stopped.' }
        : { ok: true, value: await question({ read: readProjectFile }) },
  },
}))
jest.unstable_mockModule('./shelf.ts', () => ({
  useShelf: () => ({
    refused: 'This browser has no room left.',
    add: (design: Design) =>
      Promise.resolve(full ? null : `id-${added.push(design.name) && design.name}`),
  }),
}))
const { useImports } = await import('./imports.ts')
const fileOf = (name: string, text: string) => new File([text], name)
const good = (name: string) => fileOf(`${name}.json`, printProject(tote({ name })))

beforeEach(() => {
  setActivePinia(createPinia())
  added.length = 0
  full = stopped = false
})

describe('files that are given', () => {
  it('are each answered: taken, or refused with what is wrong and where', async () => {
    const imports = useImports()
    const torn = fileOf('torn.json', printProject(tote()).slice(0, 90))
    const odd = fileOf('odd.json', printProject(tote({ hookMm: -1 })))
    expect(await imports.take([good('One'), torn, odd, good('Two')])).toBe('id-Two')
    expect(added).toEqual(['One', 'Two'])
    expect(imports.list.map(({ file, state }) => [file, state])).toEqual([
      ['One.json', 'taken'],
      ['torn.json', 'refused'],
      ['odd.json', 'refused'],
      ['Two.json', 'taken'],
    ])
    expect(imports.list[1]!.problems[0]!.message).toContain('is not JSON')
    expect(imports.list[2]!.problems).toEqual([
      { where: 'design.hookMm', message: 'must be a number from 0.5 to 40, not -1' },
    ])
    imports.clear()
    expect(imports.list).toEqual([])
  })

  it('are not read at all when they are too large, and are named on one short line', async () => {
    const imports = useImports()
    const text = jest.fn(() => Promise.resolve(''))
    const large = Object.assign(fileOf(`${'x'.repeat(300)}\n.json`, ''), { text })
    Object.defineProperty(large, 'size', { value: 21 * 1024 * 1024 })
    await imports.take([large])
    expect(text).not.toHaveBeenCalled()
    expect(imports.list[0]!.problems[0]!.message).toContain('larger than 20 MB')
    expect(imports.list[0]!.file.length).toBeLessThanOrEqual(60)
  })

  it('are refused beyond twenty at once, when they are stopped, and when there is no room', async () => {
    const imports = useImports()
    await imports.take(Array.from({ length: 22 }, (_, i) => good(`Bag ${i}`)))
    expect(added).toHaveLength(20)
    expect(imports.list[21]!.problems[0]!.message).toContain('20 files are taken at once')
    stopped = true
    await imports.take([good('Late')])
    expect(imports.list[0]).toMatchObject({ state: 'refused', problems: [{ where: '' }] })
    stopped = false
    full = true
    expect(await imports.take([good('More')])).toBeNull()
    expect(imports.list[0]!.problems[0]!.message).toContain('no room left')
  })
})
