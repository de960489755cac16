import fc from 'fast-check'
import { bandOf, nearestCounts, type TexturePart } from '../band/index.ts'
import { commit, designFaults, type Design, historyOf, partsOf } from '../design/index.ts'
import { compile, compiled, NO_UNIT, runsOfRow } from '../ledger/index.ts'
import { derive } from '../plan/index.ts'
import { fitsOf } from '../fit/index.ts'
import { writtenPattern } from '../pattern/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { drawer, stitchesOf } from '../texture/index.ts'
import { alarmsOf } from '../testing/alarms.ts'
import { base, baseAs, plain, tote } from '../testing/tote.ts'
import { texturedBand } from './textured.ts'

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
    for (const repeats of [3, 7]) {
      const count = stitchesOf(pattern, repeats, way)
      if (count < 12) continue
      const design = bagOf(part, count, worked, joined)
      expect(designFaults(design)).toEqual([])
      const { uses, makes } = compile(design).pieces[0]!.columns
      for (let row = 1; row < uses.length; row++) expect(uses[row]).toBe(makes[row - 1])
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
    expect(unitOf(bagOf(textured(id), count, 'rounds'), 0)).toEqual([unit, many])
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
    derive(design).snags.filter(({ code }) => code === 'raised-inside')

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
    const mended = commit(historyOf(design), snag!.mends[0]!.edits).design
    expect(sidesOf(mended)).toBe('WS RS WS RS WS RS')
    expect(raised(mended)).toEqual([])
  })

  it('wants one row more below it where flat rows face the other way', () => {
    // Row 1 is the panel's, row 2 plain: row 3 faces right, as puffs want; bobbles want another.
    expect(raised(bagOf(textured('puff-4', 'rows'), 47, 'rows'))).toEqual([])
    const design = bagOf(textured('bobble', 'rows'), 47, 'rows')
    const [snag] = raised(design)
    const mended = commit(historyOf(design), snag!.mends[0]!.edits).design
    expect(partsOf(mended)).toHaveLength(4)
    expect(raised(mended)).toEqual([])
  })
})

describe('a texture that does not fit', () => {
  it('is plain until it does, and offers the nearest counts', () => {
    const design = bagOf(textured('shells'), 50, 'rounds')
    const { snags } = derive(design)
    const misfit = snags.find(({ code }) => code === 'written-misfit')!
    expect(misfit.facts).toMatchObject({ count: 50, multiple: 6 })
    expect(texted(design)).not.toContain('5 dc')
    const mended = commit(historyOf(design), misfit.mends[0]!.edits).design
    expect(derive(mended).snags.map(({ code }) => code)).not.toContain('written-misfit')
    expect(texted(mended)).toContain('5 dc in next st')
  })

  it('is never padded in a fit', () => {
    const design = bagOf(textured('shells'), 50, 'rounds')
    expect(fitsOf(compiled(design)).every(({ bands }) => bands[0]!.padded === 0)).toBe(true)
  })
})

describe('its yarns', () => {
  it('take turns, row by row, and follow one that is replaced', () => {
    const two = textured('puff-4', 'rounds', {
      yarns: [
        { yarn: 'A', rounds: 2 },
        { yarn: 'B', rounds: 1 },
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
        { yarn: 'A', rounds: 2 },
        { yarn: 'C', rounds: 1 },
      ],
    })
  })
})
