import fc from 'fast-check'
import { bandOf, nearestCounts, takesEdges, type TexturePart } from '../band/index.ts'
import { designFaults, type Design, type Part, partsOf } from '../design/index.ts'
import { commit, historyOf, projectOf } from '../project/index.ts'
import { yarnPaths } from '../paths/index.ts'
import { compile, compiled, NO_UNIT, onlyYarn, runsOfRow } from '../ledger/index.ts'
import { ends } from '../program/index.ts'
import { derive } from '../bag/index.ts'
import { fitsOf } from '../fit/index.ts'
import { writtenPattern } from '../pattern/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { drawer, stitchesOf } from '../texture/index.ts'
import { alarmsOf } from '../testing/alarms.ts'
import { base, baseAs, plain, tote } from '../testing/tote.ts'
import { patternMeasures, texturedBand } from './textured.ts'

type Way = 'rounds' | 'rows'
const patternOf = (id: string) => drawer.find((one) => one.id === id)!
function textured(
  id: string,
  worked: Way = 'rounds',
  over: Partial<TexturePart> = {},
): TexturePart {
  const band = texturedBand(patternOf(id), worked, { letters: ['A'], rounds: 6 })
  if (!band.ok) throw new Error(band.problem)
  return { ...(band.value as TexturePart), id: 'texture', ...over }
}
/** A bag on so many stitches with the texture on a plain round; flat, on one panel. */
const bagOf = (part: TexturePart, count: number, worked: Way, making = tote().making): Design =>
  tote({
    making,
    parts: [
      worked === 'rounds' ? base({ increase: 6, count }) : baseAs('panel', { count }),
      plain({ rounds: 1 }),
      part,
    ],
  })
const texted = (design: Design) =>
  writtenPattern(compile(design), defaultWords)
    .flatMap(({ name, sections }) => [
      name.toUpperCase(),
      ...sections.flatMap(({ intro, lines }) => [
        intro,
        ...lines.flatMap(({ note, row, from, to, text, count }) => [
          ...(note ? [note] : []),
          `${row}${from === to ? ` ${from}` : `s ${from}–${to}`}: ${text} (${count})`,
        ]),
      ]),
    ])
    .join('\n')
/** Units of a row, counted from the band's first. */
function unitOf(design: Design, row: number) {
  const { pieces, units } = compile(design)
  const [{ columns, parts }] = pieces as [(typeof pieces)[0]]
  const at = parts.find(({ id }) => id === 'texture')!.firstRow + row
  const unit = columns.unit[at]!
  return unit === NO_UNIT ? null : [units[unit], columns.unitCount[at]]
}

const cases = drawer.flatMap((pattern) =>
  (['rounds', 'rows'] as const).flatMap((worked) =>
    pattern[worked === 'rows' ? 'flat' : 'round'] ? [[pattern.id, worked] as const] : [],
  ),
)

describe.each(cases)('%s in %s as a band', (id, worked) => {
  const pattern = patternOf(id)
  const part = textured(id, worked)
  const way = worked === 'rows' ? 'flat' : 'round'
  const offset = worked === 'rows' ? pattern.offset : 0

  it('comes out on the counts of its pattern, and on no other', () => {
    const band = bandOf(part)
    expect(band.counts(part)).toEqual({
      multiple: pattern.multiple,
      offset: offset % pattern.multiple,
    })
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 40 }), (repeats) => {
        const count = stitchesOf(pattern, repeats, way)
        expect(band.standsOn(part, count)).toBe(true)
        if (pattern.multiple === 1) return
        expect(band.standsOn(part, count + 1)).toBe(false)
        expect(nearestCounts(band.counts(part)!, count + 1).sort((a, b) => a - b)).toEqual([
          count,
          count + pattern.multiple,
        ])
      }),
      { numRuns: 20 },
    )
  })

  it('uses what lies below it, row by row, and prints rows that are read with no alarm', () => {
    const joined = { ...tote().making, working: 'joined' as const }
    const fewest = Math.max(3, Math.ceil(12 / pattern.multiple))
    for (const repeats of [fewest, fewest + 4]) {
      const count = stitchesOf(pattern, repeats, way)
      const design = bagOf(part, count, worked, joined)
      expect(designFaults(design)).toEqual([])
      const { uses, makes, onto } = compile(design).pieces[0]!.columns
      for (let row = 1; row < uses.length; row++) expect(uses[row]).toBe(makes[onto[row]!])
      expect([texted(design), alarmsOf(texted(design)).lines]).toEqual([texted(design), []])
    }
  })
})

describe('counts of the trade (common practice)', () => {
  it.each([
    ['granny-spike', 84, 'group', 21],
    ['post-v', 126, 'V', 21],
    ['star', 60, 'star', 30],
    ['puff-4', 48, 'puff', 12],
    ['v-stitch', 36, 'V', 12],
  ])('%s on %s are %s, %s of them', (id, count, unit, many) => {
    // Posts stand on a round of dc of their own.
    const first = id.startsWith('post') ? 1 : 0
    expect(unitOf(bagOf(textured(id), count, 'rounds'), first)).toEqual([unit, many])
  })

  it('70 by fives are 14, by twos 35: 35 dc and 35 chains', () => {
    const ledger = compile(bagOf(textured('mesh'), 70, 'rounds'))
    const [piece] = ledger.pieces
    const sum = (id: string) =>
      runsOfRow(ledger, piece!, piece!.parts[2]!.firstRow + 1).reduce(
        (all, { stitch, count }) => all + (stitch === id ? count : 0),
        0,
      )
    expect([sum('dc'), sum('ch')]).toEqual([35, 35])
    expect(unitOf(bagOf(textured('puff-5'), 70, 'rounds'), 0)).toEqual(['puff', 14])
  })

  it('is counted in units only where a row has some', () => {
    const puffs = bagOf(textured('puff-4'), 48, 'rounds')
    expect([0, 1, 2, 3].map((row) => unitOf(puffs, row)?.[1] ?? null)).toEqual([12, null, 12, null])
  })
})

describe('fabrics that are more than rows one on the other (common practice, counted by hand)', () => {
  const joined = { ...tote().making, working: 'joined' as const }
  const rowsIn = (design: Design) => {
    const ledger = compile(design)
    const [piece] = ledger.pieces as [(typeof ledger.pieces)[0]]
    const { firstRow, endRow } = piece.parts.find(({ id }) => id === 'texture')!
    const { makes, uses, onto, also, widthMm, end, passes, side, unit, unitCount } = piece.columns
    return Array.from({ length: endRow - firstRow }, (_, i) => {
      const row = firstRow + i
      const counts: Record<string, number> = {}
      for (const { stitch, count } of runsOfRow(ledger, piece, row))
        if (stitch !== 'skip') counts[stitch] = (counts[stitch] ?? 0) + count
      return {
        counts,
        uses: uses[row],
        makes: makes[row],
        // Counted from the band's first; −1 is the row it stands on.
        onto: [onto[row]! - firstRow, ...(also[row]! < 0 ? [] : [also[row]! - firstRow])],
        wide: Math.round(widthMm[row]! / piece.parts[0]!.gauge.stitchWidthMm),
        end: ends[end[row]!],
        passes: passes[row],
        side: side[row] ? 'WS' : 'RS',
        unit: unit[row] === NO_UNIT ? null : [ledger.units[unit[row]!], unitCount[row]],
      }
    })
  }

  it('two yarns interlaced on 90: 18 loops of either, two rounds in turn, 36 in the last, as wide as 90 all the way', () => {
    const part = textured('interlaced', 'rounds', {
      rounds: 8,
      yarns: ['A', 'B'].map((yarn, slot) => ({ yarn, rounds: 1, slot })),
    })
    const rows = rowsIn(bagOf(part, 90, 'rounds', joined))
    const looped = rows.slice(0, 7)
    for (const row of looped) {
      expect(row.counts).toEqual({ sc: 18, 'long-loop': 17, 'half-loop': 1 })
      expect([row.makes, row.unit, row.wide]).toEqual([36, ['loop', 18], 90])
    }
    // A and B on the plain round, B on B; then A on A, and on that; B on B, and on that; the last on the last of both.
    expect(rows.map(({ onto }) => onto)).toEqual([[-1], [-1], [1], [0], [3], [2], [5], [4, 6]])
    expect(rows.map(({ uses }) => uses)).toEqual([90, 90, 36, 36, 36, 36, 36, 36])
    expect(rows.map(({ end }) => end === 'held')).toEqual([
      // The second yarn is not taken up again after its last round.
      ...[true, false, true, false, true, false, false, false],
    ])
    expect([rows[7]!.unit, rows[7]!.makes, rows[7]!.wide]).toEqual([['loop', 36], 90, 90])
  })

  it('one stays and the other gives way: B for two of its rounds, then C for two, on the loops of B; A all the way', () => {
    const part = textured('interlaced', 'rounds', {
      rounds: 12,
      yarns: [
        { yarn: 'A', rounds: 1, slot: 0 },
        { yarn: 'B', rounds: 2, slot: 1 },
        { yarn: 'C', rounds: 2, slot: 1 },
      ],
    })
    const design = bagOf(part, 90, 'rounds', joined)
    const ledger = compile(design)
    const [piece] = ledger.pieces as [(typeof ledger.pieces)[0]]
    const { firstRow } = piece.parts.find(({ id }) => id === 'texture')!
    const letters = Array.from({ length: 11 }, (_, i) => {
      const yarn = onlyYarn(piece, firstRow + i)
      return yarn === null ? '?' : ledger.yarns[yarn]!
    })
    // A sets up, B works two; then two rounds each by turns.
    expect(letters.join('')).toBe('ABBAACCAABB')
    // C goes into what B left, which is the last of their loops.
    expect(rowsIn(design)[5]!.onto).toEqual([2])
    // B's loop is not kept waiting: its yarn is cut, and joined again.
    expect(rowsIn(design)[2]!.end).not.toBe('held')
    expect(rowsIn(design)[4]!.end).toBe('held')
  })

  it('only one of the two is worked at a time: the other is parked, neither cut nor carried', () => {
    const part = textured('interlaced', 'rounds', {
      rounds: 8,
      yarns: ['A', 'B'].map((yarn, slot) => ({ yarn, rounds: 1, slot })),
    })
    const design = bagOf(part, 90, 'rounds', joined)
    const ledger = compile(design)
    const [piece] = ledger.pieces as [(typeof ledger.pieces)[0]]
    const { firstRow } = piece.parts.find(({ id }) => id === 'texture')!
    const [a, b] = yarnPaths(ledger, piece).ways.map(({ spans }) => spans)
    const from = (spans: typeof a) =>
      spans!
        .filter(({ to }) => to > firstRow)
        .map(({ from: start, to, how }) => [Math.max(0, start - firstRow), to - firstRow, how])
    expect(from(a)).toEqual([
      [0, 1, 'worked'],
      [1, 3, 'parked'],
      [3, 5, 'worked'],
      [5, 7, 'parked'],
      [7, 8, 'worked'],
    ])
    expect(from(b)).toEqual([
      [1, 3, 'worked'],
      [3, 5, 'parked'],
      [5, 7, 'worked'],
    ])
    const text = texted(design)
    expect(text).toContain('Join B.')
    expect(text).toContain('Take up the loop of A.')
    expect(text).toContain('put the loop on a marker and leave it')
    expect(text).toContain('working into Rnds')
    expect(text).not.toContain('half loop, sl st')
  })

  it.each([
    [34, 17, 16],
    [40, 20, 19],
  ])(
    'beads on %i: the start, %i dc and %i beads, and as many places again',
    (count, dcs, beads) => {
      const [row] = rowsIn(bagOf(textured('bead'), count, 'rounds'))
      expect(row!.counts).toEqual({ dc: dcs + 1, 'bead-beside': beads })
      expect([row!.makes, row!.unit, row!.wide]).toEqual([count, ['bead', beads], count])
    },
  )

  it('ladders on 20: three loops between four groups, no places; a tall row without, and the last catches three', () => {
    const rows = rowsIn(bagOf(textured('ladders', 'rows', { rounds: 6 }), 20, 'rows'))
    const loops = { dc: 20, 'ladder-loop': 3 }
    expect(rows.map(({ counts }) => counts)).toEqual([
      loops,
      { dc: 20 },
      loops,
      { dc: 20 },
      { dc: 20 },
      { dc: 17, 'caught-dc': 3 },
    ])
    for (const row of rows) expect([row.uses, row.makes, row.wide]).toEqual([20, 20, 20])
    expect(rows[0]!.unit).toEqual(['loop', 3])
    // In the round a loop follows every group.
    const [round] = rowsIn(bagOf(textured('ladders', 'rounds', { rounds: 6 }), 20, 'rounds'))
    expect(round!.counts).toEqual({ dc: 20, 'ladder-loop': 4 })
  })

  it('the loops of a ladder take their chains: ten and a slip stitch each, 5.5 sc', () => {
    const loops = textured('ladders', 'rows', { rounds: 2, end: [] })
    const without = (part: TexturePart): TexturePart => ({
      ...part,
      repeat: part.repeat.map((row) => ({
        ...row,
        runs: row.runs.filter(({ stitch }) => stitch !== 'ladder-loop'),
        repeat: row.repeat && { ...row.repeat, to: Math.min(row.repeat.to, 2) },
      })),
    })
    const metres = (...parts: Part[]) =>
      derive(
        projectOf(
          tote({
            parts: [baseAs('panel', { count: 100 }), plain({ rounds: 1 }), ...parts],
          }),
        ),
      ).needs[0]!.metres
    const round = metres(loops, plain({ id: 'top', rounds: 1 })) - metres(loops)
    // 19 loops between 20 groups; a plain row is a hundred sc and a chain.
    expect((metres(loops) - metres(without(loops))) / round).toBeCloseTo((19 * 5.5) / 100.5, 1)
  })

  it('two passes are one row, not turned: 16 loops of 5 · 3 + 1; slip stitches bind them off, once along', () => {
    const rows = rowsIn(bagOf(textured('two-pass-mesh', 'rows', { rounds: 3 }), 16, 'rows'))
    expect([rows.at(-1)!.passes, rows.at(-1)!.makes]).toEqual([1, 16])
    expect(rows.at(-1)!.counts).toEqual({ 'sl-st': 16 })
    for (const row of rows.slice(0, -1)) {
      expect(row.counts).toEqual({ 'drawn-loop': 6, 'yo-loop': 10 })
      expect([row.passes, row.makes, row.unit]).toEqual([2, 16, ['loop', 16]])
    }
    expect(new Set(rows.map(({ side }) => side)).size).toBe(1)
  })

  it('60 by twos are 30 stars, 61 in the wrong-side round, 60 after the last', () => {
    const rows = rowsIn(bagOf(textured('star', 'rounds', { rounds: 4 }), 60, 'rounds', joined))
    expect(rows.map(({ makes, side }) => `${makes} ${side}`)).toEqual([
      '30 RS',
      '61 WS',
      '30 RS',
      '60 WS',
    ])
    expect(rows[0]!.unit).toEqual(['star', 30])
  })

  it('37 are 6 · 6 + 1 in groups between stitches: 25 rows are 925', () => {
    const rows = rowsIn(bagOf(textured('granny-two', 'rows', { rounds: 25 }), 37, 'rows'))
    expect(rows.reduce((sum, { makes }) => sum + makes!, 0)).toBe(925)
    const gaps = rowsIn(bagOf(textured('granny-gaps', 'rows', { rounds: 25 }), 37, 'rows'))
    expect(gaps.map(({ makes }) => makes)).toEqual(new Array(25).fill(37))
  })

  it('groups in two yarns change within the row, half of the stitches in each', () => {
    const part = textured('granny-two', 'rounds', {
      rounds: 3,
      yarns: ['B', 'A'].map((yarn, slot) => ({ yarn, rounds: 1, slot })),
    })
    const ledger = compile(bagOf(part, 84, 'rounds'))
    const [piece] = ledger.pieces as [(typeof ledger.pieces)[0]]
    const first = piece.parts.find(({ id }) => id === 'texture')!.firstRow
    const of = (yarn: string) =>
      runsOfRow(ledger, piece, first)
        .filter((run) => run.yarn === yarn && run.stitch !== 'skip')
        .reduce((sum, { count }) => sum + count, 0)
    expect([of('A'), of('B')]).toEqual([42, 42])
    expect(bandOf(part).yarns(part)).toEqual(['B', 'A'])
  })
})

describe('sides', () => {
  const sidesOf = (design: Design) => {
    const [{ columns, parts }] = compile(design).pieces as [never] as [
      { columns: { side: Uint8Array }; parts: { id: string; firstRow: number; endRow: number }[] },
    ]
    const { firstRow, endRow } = parts.find(({ id }) => id === 'texture')!
    return [...columns.side.subarray(firstRow, endRow)]
      .map((side) => (side ? 'WS' : 'RS'))
      .join(' ')
  }
  const joined = { ...tote().making, working: 'joined' as const }
  const raised = (design: Design) =>
    derive(projectOf(design)).snags.filter(({ code }) => code === 'raised-inside')

  it('turns joined rounds for raised stitches, and back', () => {
    const bobbles = textured('bobble')
    expect(sidesOf(bagOf(bobbles, 48, 'rounds', joined))).toBe('WS RS WS RS WS RS')
    expect(sidesOf(bagOf({ ...bobbles, side: 'RS' }, 48, 'rounds', joined))).toBe(
      'RS RS RS RS RS RS',
    )
    expect(raised(bagOf(bobbles, 48, 'rounds', joined))).toEqual([])
  })

  it('says that a spiral cannot, and joins its rounds', () => {
    const design = bagOf(textured('bobble'), 48, 'rounds')
    const [snag] = raised(design)
    expect(snag).toMatchObject({ facts: { side: 'WS', worked: 'spiral' } })
    const mended = commit(historyOf(projectOf(design)), snag!.mends[0]!.edits).design
    expect(sidesOf(mended)).toBe('WS RS WS RS WS RS')
    expect(raised(mended)).toEqual([])
  })

  it('wants one row more below it where flat rows face the other way', () => {
    // Row 1 is the panel's, row 2 plain: row 3 faces right, as popcorns want; bobbles and puffs want another.
    expect(raised(bagOf(textured('popcorn', 'rows'), 47, 'rows'))).toEqual([])
    expect(raised(bagOf(textured('puff-4', 'rows'), 47, 'rows'))).toHaveLength(1)
    const design = bagOf(textured('bobble', 'rows'), 47, 'rows')
    const [snag] = raised(design)
    const mended = commit(historyOf(projectOf(design)), snag!.mends[0]!.edits).design
    expect(partsOf(mended)).toHaveLength(4)
    expect(raised(mended)).toEqual([])
  })
})

describe('a texture that does not fit', () => {
  it('is plain until it does, and offers the nearest counts', () => {
    const design = bagOf(textured('shells'), 50, 'rounds')
    const { snags } = derive(projectOf(design))
    const misfit = snags.find(({ code }) => code === 'written-misfit')!
    expect(misfit.facts).toMatchObject({ count: 50, multiple: 6 })
    expect(texted(design)).not.toContain('5 dc')
    const mended = commit(historyOf(projectOf(design)), misfit.mends[0]!.edits).design
    expect(derive(projectOf(mended)).snags.map(({ code }) => code)).not.toContain('written-misfit')
    expect(texted(mended)).toContain('5 dc in next st')
  })

  it('is never padded in a fit', () => {
    const design = bagOf(textured('shells'), 50, 'rounds')
    expect(fitsOf(compiled(projectOf(design))).every(({ bands }) => bands[0]!.padded === 0)).toBe(
      true,
    )
  })
})

describe('its yarns', () => {
  it('take turns, row by row, and follow one that is replaced', () => {
    const two = textured('puff-4', 'rounds', {
      yarns: [
        { yarn: 'A', rounds: 2, slot: 0 },
        { yarn: 'B', rounds: 1, slot: 0 },
      ],
    })
    const { pieces, yarns } = compile(bagOf(two, 48, 'rounds'))
    const { columns, parts, rows } = pieces[0]!
    const { firstRow } = parts[2]!
    const inYarn = Array.from(
      { length: rows - firstRow },
      (_, i) => yarns[columns.runYarn[columns.blockFrom[columns.blockStart[firstRow + i]!]!]!],
    )
    expect(inYarn.join('')).toBe('AABAAB')
    expect(bandOf(two).withYarn(two, 'B', 'C')).toEqual({
      yarns: [
        { yarn: 'A', rounds: 2, slot: 0 },
        { yarn: 'C', rounds: 1, slot: 0 },
      ],
    })
  })
})

describe('what a pattern comes to by its stitches', () => {
  // Counted by hand from heights (sc 1, hdc 1.4, dc 2) and yarn (ch 0.5, sc 1, dc 1.8, puff 2.6) that are from memory.
  it.each([
    // Three sc and a puff, which pops out (1.2), then a row of sc: (3 + 2.6 + 4) / 8.
    ['puff-4', 'rounds', 2.2, 1.2],
    // A short and a tall one in every second place: (1 + 1.8) / 2.
    ['pairs', 'rows', 1.5, 1.4],
    // A dc and a chain over two: 2.3 / 2.
    ['mesh', 'rows', 2, 1.15],
    // In rounds its two rows differ, in rows they are one.
    ['seed', 'rounds', 3, 1.4],
    ['seed', 'rows', 1.5, 1.4],
    // Five dc and a loop of ten chains and a slip stitch, then five dc: (9 + 5.5 + 9) / 10.
    ['ladders', 'rounds', 4, 2.35],
    // Two yarns side by side rise together, 1.56 a round of each, by half: sc, 7 chains, over five.
    ['interlaced', 'rounds', 4 * 0.78, 0.9],
    ['two-pass', 'rows', 1.2, 1.3],
  ] as const)('%s in %s', (id, worked, height, yarn) => {
    const measures = patternMeasures(patternOf(id), worked)!
    expect(measures.height).toBeCloseTo(height, 2)
    expect(measures.yarn).toBeCloseTo(yarn, 9)
  })

  it('says that spikes take more, and nothing of what is not worked so', () => {
    expect(patternMeasures(patternOf('spike-4'), 'rows')!.reaches).toBe(true)
    expect(patternMeasures(patternOf('puff-4'), 'rows')!.reaches).toBe(false)
    expect(patternMeasures(patternOf('interlaced'), 'rows')).toBeNull()
  })
})

describe('work of two passes', () => {
  const snagsOf = (rounds: number) =>
    derive(
      projectOf(
        tote({
          parts: [
            baseAs('panel', { count: 43 }),
            plain({ rounds }),
            textured('two-pass', 'rows', { rounds: 3 }),
          ],
        }),
      ),
    ).snags.filter(({ code }) => code === 'raised-inside')

  // Row 1 faces, so a first row on an even number of rows does too.
  it('wants its face to the one who works; a plain row below puts it right', () => {
    expect(snagsOf(1)).toEqual([])
    const [snag] = snagsOf(2)
    expect(snag).toMatchObject({ facts: { side: 'RS', worked: 'rows' } })
    expect(snag!.mends).toMatchObject([{ kind: 'row-below' }])
  })
})

describe('edge stitches of a flat texture', () => {
  const flat = drawer.filter((pattern) => pattern.flat)
  const edged = flat.filter(({ id }) => takesEdges(textured(id, 'rows')))

  it.each(edged.map((pattern) => [pattern.id, pattern] as const))(
    '%s: with more of them it comes out on two stitches more for each, and Check counts it so',
    (id, pattern) => {
      for (const edge of [1, 3, 8]) {
        const part = textured(id, 'rows', { edge })
        const count = stitchesOf(pattern, 12, 'flat') + 2 * edge
        expect(bandOf(part).standsOn(part, count)).toBe(true)
        expect(bandOf(part).standsOn(part, count + 1)).toBe(pattern.multiple === 1)
        const text = texted(bagOf(part, count, 'rows'))
        expect([text, alarmsOf(text).lines]).toEqual([text, []])
      }
    },
  )

  // As a maker would write them (common practice): the edge in stitches as high as the row, the count told from the end.
  it.each([
    [
      'puff-4',
      0,
      'sc in next 5 sts, *puff in next st, sc in next 3 sts; rep from * to last 2 sts, sc in last 2 sts',
    ],
    [
      'v-stitch',
      1,
      'ch 3 (counts as dc), dc in next 2 sts, *(dc, ch 1, dc) in next ch-sp; rep from * to last 3 sts, dc in last 3 sts',
    ],
    [
      'shells',
      1,
      'ch 3 (counts as dc), dc in next st, 3 dc in next st, *sk 2 sts, sc in next st, sk 2 sts, 5 dc in next st; rep from * to last 8 sts, sk 2 sts, sc in next st, sk 2 sts, 3 dc in next st, dc in last 2 sts',
    ],
    [
      'mesh',
      1,
      'ch 3 (counts as dc), dc in next 2 sts, ch 1, sk ch-sp, *dc in next dc, ch 1, sk ch-sp; rep from * to last 3 sts, dc in last 3 sts',
    ],
    [
      'star',
      1,
      'sc in next 2 sts, *2 sc in next st; rep from * to last 3 sts, 3 sc in next st, sc in last 2 sts',
    ],
    ['puff-4', 1, 'sc in each st across'],
  ])('%s, row %i, with two more', (id, row, text) => {
    const part = textured(id, 'rows', { edge: 2 })
    const count = stitchesOf(patternOf(id), 9, 'flat') + 4
    expect(bandOf(part).texts(part, count)![row]).toBe(text)
  })

  it('has none where rows go there and back, or into gaps', () => {
    const without = flat.filter((pattern) => !edged.includes(pattern)).map(({ id }) => id)
    expect(without).toEqual([
      'two-pass',
      'two-pass-mesh',
      'two-pass-columns',
      'granny-gaps',
      'granny-two',
    ])
    const part = textured('granny-gaps', 'rows', { edge: 1 })
    expect(designFaults(bagOf(part, 63, 'rows')).map(({ where }) => where)).toContain(
      'pieces[0].parts[2].edge',
    )
  })
})
