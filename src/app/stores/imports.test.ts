import { jest } from '@jest/globals'
import { createPinia, setActivePinia } from 'pinia'
import { readDocumentFile } from '../../core/document/index.ts'
import { printProject, type Project, projectKind, projectOf } from '../../core/project/index.ts'
import {
  emptyWorkshop,
  printWorkshop,
  type WorkshopEdit,
  workshopKind,
} from '../../core/workshop/index.ts'
import { tote } from '../../core/testing/tote.ts'

/* A worker that reads files as the program's does, and can be stopped; a shelf that can be full. */
async function read(file: Blob) {
  const bag = await readDocumentFile(projectKind, file)
  if (bag.ok) return { ok: true, value: { kind: 'bag', document: bag.value } }
  const workshop = await readDocumentFile(workshopKind, file)
  return workshop.ok ? { ok: true, value: { kind: 'workshop', document: workshop.value } } : bag
}
const edits: WorkshopEdit[] = []
jest.unstable_mockModule('./workshop.ts', () => ({
  useWorkshop: () => ({
    workshop: emptyWorkshop,
    edit: (edit: WorkshopEdit) => edits.push(edit),
  }),
}))
let full = false
let stopped = false
const added: string[] = []
jest.unstable_mockModule('@app/workers/workers.ts', () => ({
  paper: {
    ask: async (question: (api: { read: typeof read }) => Promise<unknown>) =>
      stopped
        ? { ok: false, problem: 'It was stopped.' }
        : { ok: true, value: await question({ read }) },
  },
}))
jest.unstable_mockModule('./shelf.ts', () => ({
  useShelf: () => ({
    refresh: () => Promise.resolve(),
    refused: 'This browser has no room left.',
    add: ({ design }: Project) =>
      Promise.resolve(full ? null : `id-${added.push(design.name) && design.name}`),
  }),
}))
/* What of a bag is here already, and what was joined. */
let same: object | null = null
const joined: unknown[][] = []
jest.unstable_mockModule('@app/storage/kept.ts', () => ({
  ask: (question: (api: object) => Promise<unknown>) =>
    question({
      sameWork: () => Promise.resolve(same),
      join: (...asked: unknown[]) => Promise.resolve(joined.push(asked)),
    }),
}))
const { useImports } = await import('./imports.ts')
const fileOf = (name: string, text: string) => new File([text], name)
const good = (name: string) => fileOf(`${name}.json`, printProject(projectOf(tote({ name }))))

beforeEach(() => {
  setActivePinia(createPinia())
  added.length = 0
  full = stopped = false
  same = null
})

describe('files that are given', () => {
  it('may be a workshop, of which what is not there is taken', async () => {
    const imports = useImports()
    const theirs = {
      ...emptyWorkshop,
      palettes: [{ id: 'p', name: 'Band', colours: [] }],
    }
    await imports.take([fileOf('workshop.json', printWorkshop(theirs)), good('One')])
    expect(imports.list.map(({ state, workshop }) => [state, workshop])).toEqual([
      ['taken', 1],
      ['taken', null],
    ])
    expect([edits, added]).toEqual([[{ do: 'take', from: theirs }], ['One']])
  })

  it('are each answered: taken, or refused with what is wrong and where', async () => {
    const imports = useImports()
    const torn = fileOf('torn.json', printProject(projectOf(tote())).slice(0, 90))
    const odd = fileOf('odd.json', printProject(projectOf(tote({ hookMm: -1 }))))
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

  it('that are here already are asked about: joined with this plan or that, or bags of their own', async () => {
    const imports = useImports()
    same = { id: 'here', name: 'Tote', added: 3, otherPlan: true }
    await imports.take([good('Tote')])
    expect(imports.list[0]).toMatchObject({ state: 'asks', same: { added: 3 } })
    expect(added).toEqual([])
    await imports.answer(imports.list[0]!, 'join')
    expect(joined[0]?.slice(0, 2)).toEqual(['here', 'join'])
    expect(imports.list[0]).toMatchObject({ state: 'taken', bag: { id: 'here' } })
    await imports.take([good('Tote')])
    await imports.answer(imports.list[0]!, 'beside')
    expect(added).toEqual(['Tote'])
  })
})
