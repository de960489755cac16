import fc from 'fast-check'
import { anyBag } from '../testing/arbitrary.ts'
import { anyEditOf } from '../testing/arbitrary-edit.ts'
import {
  cancelGesture,
  commit,
  historyOf,
  printProject,
  projectOf,
  readProject,
  redo,
  tryCommit,
  type History,
  undo,
} from '../project/index.ts'
import { baseKinds, type BasePart } from '../shape/index.ts'
import { InvariantError } from '../units/index.ts'
import { base, baseAs, motif, plain, stripes, swatch, tote } from '../testing/tote.ts'
import type { StripesPart, TapestryPart } from '../band/index.ts'
import {
  baseInstead,
  type Design,
  designFaults,
  type Edit,
  partById,
  refusalText,
  roundsOf,
  partsOf,
} from './index.ts'
import { tries } from '../testing/tries.ts'

const paint = (column: number, row: number, letter = 'C'): Edit => ({
  name: 'paint',
  args: { id: 'motif', cells: [{ column, row }], letter },
})
const chartOf = (history: History) => (partById(history.design, 'motif') as TapestryPart).chart

const designAndEdits = anyBag.chain((design) =>
  fc.tuple(fc.constant(design), fc.array(anyEditOf(design), { minLength: 1, maxLength: 6 })),
)

describe('history', () => {
  it('undoes and redoes any edits to the same document, which can always be read back', () => {
    fc.assert(
      fc.property(designAndEdits, ([design, edits]) => {
        const before = historyOf(projectOf(design))
        const states = [before.design]
        const after = edits.reduce((now, edit) => {
          const result = tryCommit(now, edit)
          if (!result.ok || result.value === now) return now
          states.push(result.value.design)
          return result.value
        }, before)
        expect(readProject(printProject(projectOf(after.design)))).toEqual({
          ok: true,
          value: projectOf(after.design),
        })
        // Step by step: each undo gives what was there before that edit, each redo what came of it.
        let back = after
        for (const state of states.slice(0, -1).toReversed()) {
          back = undo(back)
          expect(back.design).toEqual(state)
        }
        expect(undo(back)).toBe(back)
        for (const state of states.slice(1)) {
          back = redo(back)
          expect(back.design).toEqual(state)
        }
      }),
      { numRuns: tries(50) },
    )
  })

  it('changes nothing when what would come of it cannot be read back, and says why at its place', () => {
    const history = historyOf(projectOf(tote()))
    const why = (edits: Edit | readonly Edit[]) => {
      const result = tryCommit(history, edits)
      return result.ok ? 'done' : refusalText(history.design, result.problem)
    }
    const values = { rounds: 2.5 }
    expect(why({ name: 'setPart', args: { id: 'low', values } })).toBe(
      'Not done: “Plain”, rounds must be a whole number from 1 to 1000, not 2.5.',
    )
    expect(why({ name: 'rename', args: { name: 'x'.repeat(81) } })).toContain('1 to 80 characters')
    expect(why({ name: 'rename', args: { name: 'Half of a \ud83e' } })).toContain(
      'one line of text',
    )
    expect(why({ name: 'removePart', args: { id: 'gone' } })).toBe(
      'Not done: this part is not there any more.',
    )
    expect(why({ name: 'setPart', args: { id: 'low', values: { extra: 1 } } })).toContain(
      'is not known here',
    )
    expect(why({ name: 'removeYarn', args: { letter: 'B', instead: 'Q' } })).toContain(
      'no yarn has the letter Q',
    )
    // Of several edits none is done when one cannot be.
    expect(
      why([
        { name: 'rename', args: { name: 'Half done' } },
        { name: 'setPart', args: { id: 'low', values: { adjust: 5000 } } },
      ]),
    ).toContain('stitches added')
    const wide = {
      name: 'setPart',
      args: { id: 'low', values: { adjust: 2000, steps: 2 } },
    } as const
    const base = { name: 'setBase', args: { values: { count: 2000 } } } as const
    expect(why([base, wide])).toBe('done')
    expect(why([base, wide, { name: 'adjustBefore', args: { id: 'motif', by: 1 } }])).toContain(
      'must be a whole number from -2000 to 2000',
    )
    expect(() => commit(history, { name: 'rename', args: { name: '' } })).toThrow(InvariantError)
  })

  it('changes nothing, and remembers nothing, when an edit changes nothing', () => {
    const history = historyOf(projectOf(tote()))
    expect(commit(history, paint(0, 0, 'A'))).toBe(history)
    expect(undo(history)).toBe(history)
    expect(redo(history)).toBe(history)
  })

  it('keeps one entry a gesture, and Escape takes it back', () => {
    const start = commit(historyOf(projectOf(tote())), paint(5, 2))
    const drag = [0, 2, 3].reduce(
      (history, column) => commit(history, paint(column, 0), { gesture: 'drag' }),
      start,
    )
    expect(drag.past).toHaveLength(2)
    expect(chartOf(drag).colours[0]).toBe('CBCCAA')
    expect(cancelGesture(drag, 'drag').design).toEqual(start.design)
    expect(cancelGesture(start, 'drag')).toBe(start)
    expect(undo(drag).design).toEqual(start.design)
  })

  it('touches only the row it paints', () => {
    const before = historyOf(projectOf(tote()))
    const after = commit(before, paint(0, 1))
    expect(after.past[0]!.patches.map(({ path }) => path)).toEqual([
      ['pieces', 0, 'parts', 2, 'chart', 'colours', 1],
    ])
    expect(partsOf(after.design)[0]).toBe(partsOf(before.design)[0])
    expect(Object.isFrozen(after.design.pieces[0]!.parts)).toBe(true)
  })

  it('refuses patches on the wrong state', () => {
    const one = commit(historyOf(projectOf(tote())), paint(0, 0))
    const other = commit(historyOf(projectOf(tote())), { name: 'rename', args: { name: 'Other' } })
    const mixed = { ...other, revision: 99, past: one.past }
    expect(() => undo(mixed)).toThrow('revision')
  })
})

describe('edits', () => {
  const after = (edit: Edit, design = tote()) => commit(historyOf(projectOf(design)), edit).design

  it('grow and shrink stripes at their top', () => {
    const striped = stripes({
      id: 's',
      stripes: [
        { yarn: 'A', rounds: 2 },
        { yarn: 'B', rounds: 3 },
      ],
    })
    const design = tote({ parts: [base(), striped] })
    const rounds = (wanted: number) =>
      (
        partsOf(
          after({ name: 'setRounds', args: { id: 's', rounds: wanted } }, design),
        )[1] as StripesPart
      ).stripes
    expect(rounds(7)).toEqual([
      { yarn: 'A', rounds: 2 },
      { yarn: 'B', rounds: 5 },
    ])
    expect(rounds(2)).toEqual([{ yarn: 'A', rounds: 2 }])
    expect(rounds(0)).toEqual([{ yarn: 'A', rounds: 1 }])
  })

  it('even out in the plain band below, or in a round of their own', () => {
    const below = after({ name: 'adjustBefore', args: { id: 'motif', by: 2 } })
    expect(partsOf(below)[1]).toMatchObject({ id: 'low', adjust: 2 })
    const direct = after(
      { name: 'adjustBefore', args: { id: 'motif', by: -2 } },
      tote({ parts: [partsOf(tote())[0]!, partsOf(tote())[2]!] }),
    )
    expect(partsOf(direct)[1]).toMatchObject({ id: 'p1', kind: 'plain', rounds: 1, adjust: -2 })
  })

  it('keep the base first and whole', () => {
    expect(
      partsOf(after({ name: 'movePart', args: { id: 'top', to: 0 } })).map(({ id }) => id),
    ).toEqual(['base', 'top', 'low', 'motif'])
    expect(partsOf(after({ name: 'removePart', args: { id: 'base' } }))).toHaveLength(4)
    expect(
      partsOf(after({ name: 'setBase', args: { values: { increase: 40, count: 20 } } }))[0],
    ).toMatchObject({
      count: 40,
    })
  })

  it('put another yarn where one is taken out', () => {
    const design = after({ name: 'removeYarn', args: { letter: 'B', instead: 'C' } })
    expect((partById(design, 'motif') as TapestryPart).chart.colours[0]).toBe('ACAAAA')
    expect(design.yarns.map(({ letter }) => letter)).toEqual(['A', 'C'])
  })
})

describe('faults', () => {
  it('name what fields alone cannot tell', () => {
    const [, low, , top] = partsOf(tote())
    const places = (design: Design) => designFaults(design).map(({ where }) => where)
    const withBase = (part: BasePart) => places(tote({ parts: [part] }))
    expect(places(tote({ parts: [low!, base()] }))).toEqual([
      'pieces[0].parts[0]',
      'pieces[0].parts[1]',
    ])
    expect(places(tote({ yarns: tote().yarns.slice(0, 2) }))).toEqual(['pieces[0].parts[2]'])
    expect(places(tote({ parts: [base(), top!, top!] }))).toEqual(['pieces'])
    const ragged = motif({ chart: { width: 6, colours: ['AAAAAA', 'AAA'] } })
    expect(places(tote({ parts: [base(), ragged] }))).toEqual([
      'pieces[0].parts[1].chart.colours[1]',
    ])
    expect(places(tote({ parts: [base(), motif({ balance: 6 })] }))).toEqual([
      'pieces[0].parts[1].balance',
    ])
    expect(places(tote({ parts: [base(), plain({ steps: 3 })] }))).toEqual([
      'pieces[0].parts[1].steps',
    ])
    expect(places(tote({ swatches: [swatch({ yarn: 'Z' })] }))).toEqual(['swatches[0].yarn'])
    expect(withBase(baseAs('tube', { decrease: 40 }))).toEqual(['pieces[0].parts[0].decrease'])
    expect(withBase(baseAs('flat-base', { along: 40 }))).toEqual(['pieces[0].parts[0].count'])
    expect(withBase(baseAs('squares', { second: 'Z' }))).toEqual(['pieces[0].parts[0]'])
    expect(roundsOf(ragged)).toBe(2)
  })
})

describe('every edit', () => {
  const yarn = {
    letter: 'D',
    name: 'Oxblood',
    colour: '#7c2f35',
    label: null,
    lots: [],
    yarnClass: null,
    strands: [],
  }
  const added = plain({ name: 'New' })
  const cases: [Edit, string, (design: Design) => unknown, unknown][] = [
    [
      { name: 'rename', args: { name: 'Horn bag' } },
      'Rename to Horn bag',
      (d) => d.name,
      'Horn bag',
    ],
    [{ name: 'setDesign', args: { hookMm: 4 } }, 'Change the hook', (d) => d.hookMm, 4],
    [
      { name: 'setBase', args: { values: { increase: 8 } } },
      'Change the base',
      (d) => (partsOf(d)[0] as { increase: number }).increase,
      8,
    ],
    [
      { name: 'setPart', args: { id: 'low', values: { name: 'Foot' } } },
      'Change a part',
      (d) => partsOf(d)[1]!.name,
      'Foot',
    ],
    [
      { name: 'setRounds', args: { id: 'motif', rounds: 7 } },
      '7 rounds',
      (d) => (partsOf(d)[2] as TapestryPart).times,
      2,
    ],
    [{ name: 'addPart', args: { part: added, at: 2 } }, 'Add New', (d) => partsOf(d)[2]!.id, 'p1'],
    [{ name: 'addPart', args: { part: added, at: 0 } }, 'Add New', (d) => partsOf(d)[1]!.id, 'p1'],
    [{ name: 'removePart', args: { id: 'low' } }, 'Remove a part', (d) => partsOf(d).length, 3],
    [
      { name: 'movePart', args: { id: 'low', to: 3 } },
      'Move a part',
      (d) => partsOf(d)[3]!.id,
      'low',
    ],
    [
      { name: 'resizeChart', args: { id: 'motif', width: 7, height: 2, letter: 'C' } },
      'Chart of 7 × 2',
      (d) => (partsOf(d)[2] as TapestryPart).chart,
      { width: 7, colours: ['ABAAAAC', 'ABBAAAC'] },
    ],
    [
      { name: 'padChart', args: { id: 'motif', columns: 2 } },
      'Pad the motif by 2',
      (d) => (partsOf(d)[2] as TapestryPart).chart.colours[0],
      'AABAAAAA',
    ],
    [
      { name: 'adjustBefore', args: { id: 'motif', by: -3 } },
      'Take away 3 stitches',
      (d) => (partsOf(d)[1] as { adjust: number }).adjust,
      -3,
    ],
    [
      { name: 'setYarn', args: { letter: 'B', values: { name: 'Gold' } } },
      'Change yarn B',
      (d) => d.yarns[1]!.name,
      'Gold',
    ],
    [{ name: 'addYarn', args: { yarn } }, 'Add Oxblood', (d) => d.yarns.length, 4],
    [
      { name: 'removeYarn', args: { letter: 'A', instead: 'B' } },
      'B instead of A',
      (d) => (partsOf(d)[0] as { yarn: string }).yarn,
      'B',
    ],
    [
      { name: 'replace', args: { design: tote({ name: 'Old' }), why: 'Version of noon' } },
      'Version of noon',
      (d) => d.name,
      'Old',
    ],
  ]
  it.each(cases)('%j', (edit, label, look, wanted) => {
    const before = historyOf(projectOf(tote()))
    const after = commit(before, edit)
    expect(after.past[0]!.label).toBe(label)
    expect(look(after.design)).toEqual(wanted)
    expect(undo(after).design).toEqual(before.design)
  })

  it('puts another base in the place of one, for the same count', () => {
    const bag = (part: BasePart) => tote({ parts: [part, ...partsOf(tote()).slice(1)] })
    const oval = baseInstead(tote(), 'oval-base')
    expect(oval).toMatchObject({ along: 12, inEnd: 3, count: 48 })
    expect(baseInstead(bag(oval), 'rectangle-base')).toMatchObject({ along: 12, count: 48 })
    expect(baseInstead(tote(), 'round-base')).toEqual(base())
    // As far around: two faces of 24; squares of 8, three across; half rounds of a straight edge of 24.
    expect(baseInstead(tote(), 'two-panels')).toMatchObject({ count: 24 })
    expect(baseInstead(tote(), 'squares')).toMatchObject({ count: 8, across: 3, second: 'B' })
    expect(baseInstead(tote(), 'half-round')).toMatchObject({ count: 38 })
    for (const kind of baseKinds) expect(designFaults(bag(baseInstead(tote(), kind)))).toEqual([])
    const edit: Edit = { name: 'setBase', args: { instead: oval } }
    const after = commit(historyOf(projectOf(tote())), edit)
    expect(partsOf(after.design)[0]).toEqual(oval)
    const longer = commit(after, { name: 'setBase', args: { values: { along: 60, inEnd: 2 } } })
    expect(partsOf(longer.design)[0]).toMatchObject({ count: 120, increase: 4 })
    expect(designFaults(longer.design)).toEqual([])
  })

  it('forgets a weighed swatch with its yarn', () => {
    const of = { how: 'weighed', stitch: 'sc', amount: 5, stitches: 100 } as const
    const measured = [
      { ...of, yarn: 'B' },
      { ...of, yarn: null },
    ]
    const edit: Edit = { name: 'removeYarn', args: { letter: 'B', instead: 'A' } }
    expect(commit(historyOf(projectOf(tote({ measured }))), edit).design.measured).toEqual([
      measured[1],
    ])
  })

  it('throws for a part that is not there, or has no chart', () => {
    const run = (edit: Edit) => () => commit(historyOf(projectOf(tote())), edit)
    expect(run({ name: 'setPart', args: { id: 'none', values: {} } })).toThrow('not there any more')
    expect(run(paint(0, 0))).not.toThrow()
    expect(run({ name: 'padChart', args: { id: 'low', columns: 1 } })).toThrow('no chart')
  })
})
