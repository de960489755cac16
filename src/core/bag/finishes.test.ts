import { readFileSync } from 'node:fs'
import { commit, historyOf, printProject, projectOf, readProject } from '../project/index.ts'
import { finishingOf } from '../pattern/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { formOf } from '../form/index.ts'
import { compile } from '../ledger/index.ts'
import type { Design } from '../design/index.ts'
import { base, baseAs, plain, tote } from '../testing/tote.ts'
import { derive, finishCardIds, finishedWith, finishes, planReport } from './index.ts'

const joined = { ...tote().making, working: 'joined' as const }
const demo = (name: string): Design => {
  const read = readProject(readFileSync(`demo/${name}.json`, 'utf8'))
  if (!read.ok) throw new Error(name)
  return read.value.design
}
const bags: readonly (readonly [string, Design])[] = [
  ['a round base', tote({ making: joined, parts: [base({ count: 96 }), plain({ rounds: 24 })] })],
  [
    'an oval in a spiral',
    tote({
      parts: [baseAs('oval-base', { count: 80, along: 16 } as never), plain({ rounds: 20 })],
    }),
  ],
  [
    'a cornered base',
    tote({
      making: joined,
      parts: [baseAs('rectangle-base', { count: 96, along: 20 } as never), plain({ rounds: 20 })],
    }),
  ],
  [
    'a tube',
    tote({
      making: joined,
      parts: [baseAs('tube', { count: 80 } as never), plain({ rounds: 30 })],
    }),
  ],
  ['a folded panel', demo('march-book-satchel')],
  ['a panel', demo('drum-stick-roll')],
]

/** A bag with a finish on it; null where it cannot have it. */
function finished(design: Design, id: string): Design | null {
  const one = finishes.find((finish) => finish.id === id)!
  const edits = one.edits({ design, ledger: compile(design) })
  return (
    edits && edits.reduce((now, edit) => commit(now, edit), historyOf(projectOf(design))).design
  )
}

describe('every way to finish a bag', () => {
  const every = finishes.flatMap(({ id }) =>
    bags.flatMap(([name, design]) => {
      const now = finished(design, id)
      return now ? [[id, name, design, now] as const] : []
    }),
  )
  it.each(every)('%s on %s', (id, _, design, now) => {
    const project = projectOf(now)
    const derived = derive(project)
    // Nothing of it is a design that cannot be read back, is worded in riddles or drawn at no place.
    expect(readProject(printProject(project))).toEqual({ ok: true, value: project })
    const { steps, cautions } = finishingOf(derived.ledger, defaultWords, 1)
    for (const { text } of [...steps, ...cautions])
      expect(text).not.toMatch(/undefined|NaN|null|\[object| {2}/)
    for (const { text } of planReport(now, derived, defaultWords).fittings)
      expect(text).not.toMatch(/undefined|NaN|null/)
    const { surfaces } = formOf(
      { design: now, ledger: derived.ledger },
      { hand: 'right', soft: true },
    )
    for (const { at } of surfaces) expect(at.every(Number.isFinite)).toBe(true)
    const errors = derived.snags
      .filter(({ severity }) => severity === 'error')
      .map(({ code }) => code)
    const before = derive(projectOf(design)).snags.map(({ code }) => code)
    expect(errors.filter((code) => !before.includes(code))).toEqual([])
    // What was put on is found again, under its card.
    const card = finishes.find((one) => one.id === id)!.card
    const [had, has] = [design, now].map(
      (of) => finishedWith(of).filter((one) => one.card === card).length,
    )
    expect(has).toBeGreaterThan(had!)
  })

  it('has something under every card on a bag in rounds', () => {
    const [, design] = bags[0]!
    for (const card of finishCardIds)
      expect(finishes.some((one) => one.card === card && finished(design, one.id))).toBe(true)
  })
})
