import fc from 'fast-check'
import { readFileSync } from 'node:fs'
import { type Design, type Part, usualLeading } from '../design/index.ts'
import { compile } from '../ledger/index.ts'
import { writtenPattern } from '../pattern/index.ts'
import { derive } from '../bag/index.ts'
import { commit, historyOf, projectOf, readProject } from '../project/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { anyBag, anyDesign } from '../testing/arbitrary.ts'
import { base, baseAs, motif, plain, stripes, tote } from '../testing/tote.ts'
import { eventsAt, lyings, yarnPaths } from './index.ts'
import { tries } from '../testing/tries.ts'

const joined = { ...tote().making, working: 'joined' as const }
const striped = (...of: [string, number][]): Part =>
  stripes({ id: 's', stripes: of.map(([yarn, rounds]) => ({ yarn, rounds })) })
const bagOf = (parts: readonly Part[], over: Partial<Design> = {}): Design => ({
  ...tote({ making: joined, parts }),
  ...over,
})
const paths = (design: Design) => {
  const ledger = compile(design)
  const [piece] = ledger.pieces as [(typeof ledger.pieces)[0]]
  const of = yarnPaths(ledger, piece)
  const way = (letter: string) => of.ways[ledger.yarns.indexOf(letter)]!
  const from = piece.parts.at(-1)!.firstRow
  /** Metres of a yarn that lie in the fabric of the last part. */
  const laid = (letter: string) => {
    const yarn = ledger.yarns.indexOf(letter)
    return lyings
      .flatMap((how) => [...of.lying[how]])
      .reduce((sum, metres, i) => {
        const row = Math.floor((i % (piece.rows * ledger.yarns.length)) / ledger.yarns.length)
        return i % ledger.yarns.length === yarn && row >= from ? sum + metres : sum
      }, 0)
  }
  return { ledger, piece, ...of, way, from, laid }
}
const said = (design: Design) =>
  writtenPattern(compile(design), defaultWords).flatMap(({ sections, finish }) => [
    ...sections.flatMap(({ lines }) => lines.flatMap(({ note }) => note ?? [])),
    finish,
  ])

const all = { part: null, yarn: null, after: null }

describe('one motif by itself', () => {
  const rows = (colours: readonly string[]) =>
    motif({ chart: { width: colours[0]!.length, colours } })
  const flat = (how: 'bobbin' | 'carry', colours: readonly string[]) =>
    paths({
      ...tote({
        parts: [baseAs('panel', { count: 6 }), rows(colours), plain({ id: 'top', rounds: 1 })],
      }),
      ways: [{ ...all, how }],
    })
  const ends = (of: ReturnType<typeof paths>, letter: string) => of.way(letter).events.length

  /*
   * By hand: B has one field; A goes on up one side of it, is joined on the other for its three rows, and cut there when the row above
   * is of A again. Nothing lies inside.
   */
  it('has a bobbin for each field in flat rows, and nothing inside it', () => {
    const of = flat('bobbin', ['AABBAA', 'AABBAA', 'AABBAA'])
    expect([ends(of, 'A'), ends(of, 'B')]).toEqual([4, 2])
    expect([of.mostStrands, Math.max(...of.longestCarry), Math.max(...of.bobbins)]).toEqual([
      1, 0, 1,
    ])
    expect(Math.max(...of.lying.carried)).toBe(0)
    const carried = flat('carry', ['AABBAA', 'AABBAA', 'AABBAA'])
    expect([ends(carried, 'A'), ends(carried, 'B')]).toEqual([2, 2])
    expect(carried.mostStrands).toBe(2)
  })

  /*
   * By hand: row 1 is worked from the right and ends at the left edge, where A hangs. Row 2 comes from there: A goes on up to the motif, and is joined
   * anew beyond it, after stitch 4. In row 4 the bobbin that row 3 ended with goes on, and the other is cut.
   */
  it('goes on with the bobbin that hangs where the row begins', () => {
    const of = flat('bobbin', ['AABBAA', 'AABBAA'])
    expect(of.way('A').events).toEqual([
      { row: 0, what: 'joined', stitch: 0, edge: 'start' },
      { row: 1, what: 'joined', stitch: 4, edge: null },
      { row: 2, what: 'cut', stitch: 2, edge: null },
      { row: 3, what: 'cut', stitch: 6, edge: 'end' },
    ])
  })

  // By hand: a field that leans by a stitch a row is one; two that part and meet again are two for that long.
  it('follows a field that leans, and one that parts and meets', () => {
    const leans = flat('bobbin', ['BBAAAA', 'ABBAAA', 'AABBAA'])
    expect(ends(leans, 'B')).toBe(2)
    const ring = flat('bobbin', ['ABBBBA', 'ABAABA', 'ABBBBA'])
    // One more of B for the middle row, and one of A inside the ring.
    expect(ends(ring, 'B')).toBe(4)
    expect(Math.max(...ring.bobbins)).toBe(1 + 2)
  })

  const around = (how: 'bobbin' | 'snip' | 'carry') =>
    paths(
      bagOf([base(), rows(Array(3).fill(`${'A'.repeat(44)}BABA`))], {
        ways: [{ ...all, yarn: 'B', how }],
      }),
    )

  it('has none in rounds that are not turned: it is carried', () => {
    expect(around('bobbin').way('B')).toEqual(around('carry').way('B'))
    expect(Math.max(...around('bobbin').bobbins)).toBe(0)
  })

  // By hand: joined and cut in each of three rounds; from its first stitch to its last it passes one of A.
  it('is cut in each round where she says so, and goes no further than its last stitch', () => {
    const of = around('snip')
    expect(ends(of, 'B')).toBe(6)
    expect(of.laid('B')).toBeCloseTo((3 * 1 * 5 * 1.05) / 1000, 9)
    expect(around('carry').laid('B')).toBeCloseTo((3 * 46 * 5 * 1.05) / 1000, 9)
    // A passes behind two stitches one by one; B would have passed 45 on its way around.
    expect([of.longestCarry.at(-1), around('carry').longestCarry.at(-1)]).toEqual([1, 45])
  })
})

describe('the ways of the yarns', () => {
  it('has two ends for one yarn and none of it carried', () => {
    const plainly = paths(bagOf([base()]))
    expect([plainly.totalEnds, plainly.totalChanges, plainly.mostStrands]).toEqual([2, 0, 1])
    expect(plainly.laid('A')).toBe(0)
    const last = plainly.piece.rows - 1
    expect(plainly.way('A')).toEqual({
      spans: [{ from: 0, to: last + 1, how: 'worked' }],
      events: [
        { row: 0, what: 'joined', stitch: 0, edge: 'start' },
        { row: last, what: 'cut', stitch: plainly.piece.columns.makes[last], edge: 'end' },
      ],
    })
  })

  // Two-round stripes are trailed up inside; more than about four rounds are cut: common practice without a source.
  it('trails short waits up and cuts long ones', () => {
    const short = paths(bagOf([base(), striped(['B', 2], ['A', 2], ['B', 2])]))
    expect(short.totalEnds).toBe(4)
    expect(short.laid('B')).toBeCloseTo((2 * 5 * 1.05) / 1000, 9)
    expect(
      short.way('B').spans.map(({ from, to, how }) => [from - short.from, to - short.from, how]),
    ).toEqual([
      [0, 2, 'worked'],
      [2, 4, 'trailed'],
      [4, 6, 'worked'],
    ])
    const long = paths(
      bagOf([base(), striped(['B', 2], ['A', usualLeading.cutAfter + 1], ['B', 2])]),
    )
    expect(long.totalEnds).toBe(6)
  })

  it('finds a yarn at the edge where it was left, in flat rows', () => {
    const panel = baseAs('two-panels', { count: 20 })
    // After two rows of A the yarn B waits at its own edge; after one or three it waits at the other.
    const ends = (rounds: number) =>
      paths(bagOf([panel, striped(['B', 2], ['A', rounds], ['B', 2])])).totalEnds
    expect([1, 2, 3, 4].map(ends)).toEqual([6, 4, 6, 4])
    const waits = paths(bagOf([panel, striped(['B', 2], ['A', 2], ['B', 2])])).way('B')
    expect(waits.spans[1]!.how).toBe('waiting')
  })

  // Overlay on a panel: each row is begun anew and fastened off, so that of its yarns none hangs at an edge.
  it('is joined anew after a row that is fastened off', () => {
    const read = readProject(
      readFileSync(new URL('../../../demo/drum-stick-roll.json', import.meta.url), 'utf8'),
    )
    if (!read.ok) throw new Error(read.problem[0]!.message)
    const { piece, way } = paths(read.value.design)
    const at = (number: number) => [...piece.columns.number].indexOf(number)
    expect(way('C').events.filter(({ row }) => [at(54), at(57)].includes(row))).toMatchObject([
      { row: at(54), what: 'joined' },
      { row: at(54), what: 'cut', edge: 'end' },
      { row: at(57), what: 'joined', edge: 'start' },
    ])
  })

  it('carries each yarn of a row inside the stitches of the others', () => {
    const of = paths(bagOf([base(), motif({ chart: { width: 6, colours: ['AAAAAB'] } })]))
    expect(of.laid('A')).toBeCloseTo((8 * 5 * 1.05) / 1000, 9)
    expect(of.laid('B')).toBeCloseTo((40 * 5 * 1.05) / 1000, 9)
    expect([of.longestCarry.at(-1), of.strands.at(-1), of.changes.at(-1)]).toEqual([5, 2, 16])
    // B comes in with the first stitch of the row, whose last five are of A.
    expect(of.way('B').events).toEqual([
      { row: of.from, what: 'joined', stitch: 0, edge: 'start' },
      { row: of.from, what: 'cut', stitch: 43, edge: null },
    ])
  })

  it('is even in its ends in any bag, and does one thing at a time', () => {
    fc.assert(
      fc.property(anyDesign, (design) => {
        const ledger = compile(design)
        for (const piece of ledger.pieces) {
          const { totalEnds, ends, ways, mostStrands } = yarnPaths(ledger, piece)
          expect(totalEnds % 2).toBe(0)
          expect(totalEnds).toBeGreaterThanOrEqual(2)
          expect(ends.flat().reduce((sum, n) => sum + n, 0)).toBe(totalEnds)
          expect(mostStrands).toBeLessThanOrEqual(ledger.yarns.length)
          for (const { spans, events } of ways) {
            if (spans.length === 0) continue
            const between = spans.filter(({ how }) => how !== 'carried' && how !== 'floated')
            // From its first row to its last, worked or in one other state, without a hole.
            const rows = new Map<number, number>()
            for (const { from, to } of between)
              for (let row = from; row < to; row++) rows.set(row, (rows.get(row) ?? 0) + 1)
            const [first, last] = [Math.min(...rows.keys()), Math.max(...rows.keys())]
            expect(rows.size).toBe(last - first + 1)
            expect(new Set(rows.values())).toEqual(new Set([1]))
            // It comes in and is cut in turn.
            expect(events.map(({ what }) => what)).toEqual(
              events.map((_, i) => (i % 2 === 0 ? 'joined' : 'cut')),
            )
          }
        }
      }),
    )
  })
})

describe('a choice of how yarns are led', () => {
  const bag = (ways: Design['ways']) =>
    bagOf([base(), striped(['B', 2], ['A', 2], ['B', 2], ['A', 2])], { ways })

  it('holds in the bag, or for a part, a yarn, or one gap, of which the closest goes first', () => {
    // A waits twice, first below the band, and B once: by the rules all are trailed up.
    const ends = (ways: Design['ways']) => paths(bag(ways)).totalEnds
    expect(ends([])).toBe(4)
    expect(ends([{ ...all, how: 'cut' }])).toBe(10)
    expect(ends([{ ...all, yarn: 'B', how: 'cut' }])).toBe(6)
    expect(ends([{ ...all, part: 's', how: 'cut' }])).toBe(8)
    expect(
      ends([
        { ...all, how: 'cut' },
        { ...all, yarn: 'B', how: 'trail' },
      ]),
    ).toBe(8)
    expect(
      ends([
        { ...all, yarn: 'B', how: 'trail' },
        { ...all, after: 's:2', how: 'cut' },
      ]),
    ).toBe(6)
  })

  it('trails a yarn further than is usual, or takes it along inside the rounds between', () => {
    const long = (how: 'trail' | 'along') =>
      paths(bagOf([base(), striped(['B', 1], ['A', 6], ['B', 1])], { ways: [{ ...all, how }] }))
    expect(long('trail').totalEnds).toBe(4)
    const along = long('along')
    expect([along.totalEnds, along.way('B').spans[1]]).toEqual([
      4,
      { from: along.from + 1, to: along.from + 7, how: 'carried' },
    ])
    expect(along.laid('B')).toBeCloseTo((6 * 48 * 5 * 1.05) / 1000, 9)
  })

  it('is not followed where it cannot be: at the other edge nothing is brought up', () => {
    const panel = baseAs('two-panels', { count: 20 })
    const design = bagOf([panel, striped(['B', 2], ['A', 1], ['B', 2])], {
      ways: [{ ...all, how: 'trail' }],
    })
    expect(paths(design).totalEnds).toBe(6)
  })

  it('floats a yarn behind the others of its row', () => {
    const design = bagOf([base(), motif({ chart: { width: 6, colours: ['AAAAAB'] } })], {
      ways: [{ ...all, yarn: 'B', how: 'float' }],
    })
    expect(
      paths(design)
        .way('B')
        .spans.map(({ how }) => how),
    ).toEqual(['worked', 'floated'])
    expect(
      paths(design)
        .way('A')
        .spans.map(({ how }) => how),
    ).toEqual(['worked', 'carried'])
  })

  it('goes with its yarn and with its part', () => {
    const ways: Design['ways'] = [
      { ...all, yarn: 'B', how: 'cut' },
      { ...all, part: 's', how: 'trail' },
      { ...all, after: 's:2', how: 'cut' },
    ]
    const history = historyOf(projectOf(bag(ways)))
    const left = (edit: Parameters<typeof commit>[1]) => commit(history, edit).design.ways
    expect(left({ name: 'removeYarn', args: { letter: 'B', instead: 'A' } })).toHaveLength(2)
    expect(left({ name: 'removePart', args: { id: 's' } })).toEqual([ways[0]])
  })
})

describe('the words of the yarns', () => {
  // A waits two rounds each time, B six: common practice without a source.
  it('cut where the ends are: stripes of 6, 2, 6, 2 and 2', () => {
    const design = bagOf([
      base({ yarn: 'A' } as never),
      striped(['A', 6], ['B', 2], ['A', 6], ['B', 2], ['A', 2]),
    ])
    // A is never cut before the end; B comes in twice and is cut twice.
    expect(paths(design).totalEnds).toBe(6)
    expect(said(design)).toEqual([
      'Join B, and close the join of round 14 with it. Let A hang.',
      'Close the join of round 16 with A, brought up loosely inside. Cut B.',
      'Join B, and close the join of round 22 with it. Let A hang.',
      'Close the join of round 24 with A, brought up loosely inside. Cut B.',
      expect.stringContaining('Fasten off.'),
    ])
  })

  it('say of flat rows at which edge a yarn is taken up', () => {
    const design = bagOf([baseAs('panel', { count: 20 }), striped(['B', 2], ['A', 2], ['B', 2])])
    expect(said(design).join(' ')).toContain(
      'Change to B on the last yarn over of row 5, brought up loosely from this edge.',
    )
  })

  it('name every yarn that comes in or is cut in any bag, as often as the ledger counts its ends', () => {
    fc.assert(
      fc.property(anyBag, (design) => {
        const { ledger, paths: all } = derive(projectOf(design))
        const pattern = writtenPattern(ledger, defaultWords)
        ledger.pieces.forEach((piece, at) => {
          const { sections, finish } = pattern[at]!
          const notes = sections.flatMap(({ lines }) => lines.map(({ note }) => note ?? ''))
          const cuts = [...notes, finish].join(' ').match(/(?:Cut|Fasten off) [A-Z][^.:]*/g) ?? []
          const named = cuts.flatMap((cut) => cut.match(/\b[A-Z]\b/g) ?? []).length
          const anew = Array.from({ length: piece.rows }, (_, row) => row).filter(
            (row) => piece.columns.start[row] === 9,
          )
          if (anew.length > 0 || piece.parts.some(({ texts }) => texts)) return
          const counted = all[at]!.ways.flatMap(({ events }) =>
            events.filter(({ what }) => what === 'cut'),
          ).length
          // The yarn it ends in is fastened off without its name.
          expect(named).toBe(counted - 1)
        })
      }),
      { numRuns: tries(20) },
    )
  })

  it('are found by their row', () => {
    const of = paths(bagOf([base(), plain({ yarn: 'B' })]))
    expect(eventsAt(of, of.from, 'joined').map((yarn) => of.ledger.yarns[yarn])).toEqual(['B'])
  })
})
