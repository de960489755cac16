import fc from 'fast-check'
import { type Edit } from '../design/index.ts'
import { anyEditOf } from '../testing/arbitrary-edit.ts'
import { anyBag } from '../testing/arbitrary.ts'
import { tote } from '../testing/tote.ts'
import { tries } from '../testing/tries.ts'
import {
  commit,
  type History,
  historyOf,
  historyWith,
  projectIn,
  projectOf,
  redo,
  type Trail,
  trailOf,
  tryCommit,
  undo,
} from './index.ts'

/** As it comes out of where it was kept. */
const kept = (history: History) => JSON.parse(JSON.stringify(trailOf(history))) as Trail
const opened = (history: History) => historyWith(projectIn(history), kept(history))
const named = (name: string): Edit => ({ name: 'rename', args: { name } })

describe('steps that are kept with a bag', () => {
  it('are taken back and done again after it was put away, as if it never was', () => {
    fc.assert(
      fc.property(
        anyBag.chain((design) =>
          fc.tuple(fc.constant(design), fc.array(anyEditOf(design), { maxLength: 12 })),
        ),
        fc.nat(6),
        ([design, edits], back) => {
          let now = historyOf(projectOf(design))
          for (const edit of edits) {
            const done = tryCommit(now, edit)
            if (done.ok) now = done.value
          }
          for (let i = 0; i < back; i++) now = undo(now)
          let [here, there] = [now, opened(now)]
          for (const step of [...now.past.map(() => undo), redo, redo]) {
            here = step(here)
            there = step(there)
            expect(there.design).toEqual(here.design)
          }
        },
      ),
      { numRuns: tries(60) },
    )
  })

  it('are the nearest, where they would be too many', () => {
    let now = historyOf(projectOf(tote()))
    for (let i = 0; i < 130; i++) now = commit(now, named(`Name ${i}`))
    for (let i = 0; i < 4; i++) now = undo(now)
    const back = opened(now)
    expect(back.past.length + back.future.length).toBe(120)
    expect(undo(back).design.name).toBe('Name 124')
    expect(redo(back).design.name).toBe('Name 126')
    expect(redo(redo(redo(redo(redo(back))))).design.name).toBe('Name 129')
  })

  it('are left out where they are none', () => {
    const project = projectOf(tote())
    for (const trail of [null, {}, { past: [7] }, { past: [{ label: 'x' }] }])
      expect(historyWith(project, trail as never)).toMatchObject({ past: [], future: [] })
  })

  it('go on under new ones', () => {
    const now = opened(commit(historyOf(projectOf(tote())), named('First')))
    const next = commit(now, named('Second'))
    expect(undo(next).design.name).toBe('First')
    expect(undo(undo(next)).design.name).toBe(tote().name)
  })
})
