import { resized } from '../fit/index.ts'
import { bodyOf, compile, handlesInRow, maybeHandleRow, runsOfRow } from '../ledger/index.ts'
import { commit, historyOf, projectOf } from '../project/index.ts'
import { defaultWords } from '../stitch/index.ts'
import type { Design, Edit } from '../design/index.ts'
import { base, plain, swatch, tote } from '../testing/tote.ts'
import {
  finishedWith,
  finishes,
  finishSaid,
  finishText,
  maybeDrop,
  rimOf,
  type FinishField,
} from './index.ts'

const joined = { ...tote().making, working: 'joined' as const, first: 'same' as const }
const bare = (count = 120): Design =>
  tote({
    swatches: [swatch({ lean: 0, stretch: 0.06 })],
    making: joined,
    parts: [base({ count }), plain({ rounds: 40 })],
  })
const bagOf = (design: Design) => ({ design, ledger: compile(design) })
const doing = (design: Design, edits: readonly Edit[]): Design =>
  edits.reduce((now, edit) => commit(now, edit), historyOf(projectOf(design))).design
/** A bag with a finish on it, and that. */
function withFinish(id: string, design = bare()) {
  const now = doing(design, finishes.find((one) => one.id === id)!.edits(bagOf(design))!)
  const { card } = finishes.find((one) => one.id === id)!
  return { design: now, found: finishedWith(now).filter((one) => one.card === card) }
}
const said = (design: Design, of: ReturnType<typeof finishedWith>[number]) =>
  finishSaid(bagOf(design), of, defaultWords)
const fieldOf = (
  design: Design,
  of: ReturnType<typeof finishedWith>[number],
  key: string,
): FinishField =>
  said(design, of)
    .flatMap((piece) => (typeof piece === 'string' ? [] : [piece.field]))
    .find((one) => one.key === key)!

describe('what a bag is finished with, said', () => {
  // The tote's stitch is 5 mm: gaps of 24 are 12 cm, chains of 60 are 30 cm; half of each, 150 and 60: √(150² − 60²) = 137 mm.
  it('handles in the edge, by their gaps, chains and drop', () => {
    const { design, found } = withFinish('handles')
    expect(finishText(said(design, found[0]!))).toBe(
      'Two, worked in the edge in Drum blue, over gaps of 24, chains of 60, 3 rounds over them, corners open; drop 13.7 cm, for the hand.',
    )
    const drop = maybeDrop(bagOf(design), found[0]!)!
    expect(drop.emptyMm).toBeCloseTo(Math.sqrt(150 ** 2 - 60 ** 2), 6)
    expect(drop.measured).toBe(true)
    const [low, high] = drop.loadedMm
    expect(low).toBeGreaterThan(drop.emptyMm)
    expect(high).toBeGreaterThan(low)
    // A drop of 22 cm: 2 · √(220² + 60²) = 456 mm, 91 chains.
    const longer = doing(design, fieldOf(design, found[0]!, 'drop').edits(220))
    const body = bodyOf(compile(longer))
    expect(
      handlesInRow(compile(longer), body, maybeHandleRow(compile(longer), body)!)[0]!.chain,
    ).toBe(91)
    // For the shoulder it is shortened for the stretch that was measured, 6 %: 2 · √(280² + 60²) / 1.06 = 540 mm.
    const shoulder = doing(design, fieldOf(design, found[0]!, 'dropKind').edits('shoulder'))
    const long = bodyOf(compile(shoulder))
    expect(
      handlesInRow(compile(shoulder), long, maybeHandleRow(compile(shoulder), long)!)[0]!.chain,
    ).toBe(108)
  })

  it('straps, by their width, length, ends and drop', () => {
    const { design, found } = withFinish('straps-two')
    expect(found.map(({ name }) => name)).toEqual(['Strap in front', 'Strap behind'])
    const text = finishText(said(design, found[0]!))
    expect(text).toMatch(
      /^Strap in front of Drum blue, 8 stitches \(4\.0 cm\) wide, \d+ rows \(\d+\.\d cm\) long, 2\.5 cm over the bag at each end, 9\.0 cm in from the sides, whip-stitch; drop \d+\.\d cm, for the shoulder\.$/,
    )
    const nearer = doing(design, fieldOf(design, found[0]!, 'in').edits(60))
    const strap = nearer.pieces.find(({ name }) => name === 'Strap in front')!
    expect(strap.joins.map(({ to }) => to.at)).toEqual([60, -60])
    const longer = doing(design, fieldOf(design, found[0]!, 'length').edits(900))
    const made = compile(longer).pieces.find(({ name }) => name === 'Strap in front')!
    expect(Math.abs(made.columns.alongMm[made.rows - 1]! - 900)).toBeLessThan(5)
  })

  it('a strap across the body goes by a measure of it', () => {
    const { design, found } = withFinish('strap-across')
    expect(finishText(said(design, found[0]!))).toContain('for wearing across the body, ')
    // 60 cm from the shoulder to the rim, 8 % more for the way around: worn, it hangs so.
    const now = doing(design, fieldOf(design, found[0]!, 'body').edits(600))
    const drop = maybeDrop(bagOf(now), found[0]!)!
    const worn = drop.lengthMm * (1 + drop.stretch)
    expect(Math.abs(Math.sqrt((worn / 2) ** 2 - 150 ** 2) - 648)).toBeLessThan(4)
    expect(finishText(said(now, found[0]!))).toMatch(
      /, (?:59\.\d|60\.\d) cm from the shoulder to the rim/,
    )
  })

  it('a buttonhole lies in the middle of the front, or of the end of a flap', () => {
    const { design } = withFinish('buttonhole')
    const ledger = compile(design)
    const body = bodyOf(ledger)
    const row = body.parts.at(-1)!.firstRow
    // A button of 22 mm passes through four stitches of 5 mm: 28 before them, the middle at 30.
    expect(runsOfRow(ledger, body, row).map(({ stitch, count }) => `${count} ${stitch}`)).toEqual([
      '28 sc',
      '4 ch',
      '4 skip',
      '88 sc',
    ])
    const flapped = withFinish('buttonhole', withFinish('flap').design).design
    const flap = compile(flapped).pieces.find(({ name }) => name === 'Flap')!
    const runs = runsOfRow(compile(flapped), flap, flap.parts.at(-1)!.firstRow)
    expect(runs[0]!.count).toBe(runs.at(-1)!.count)
  })

  it('a flap keeps its share of the body when the bag is resized', () => {
    const { design, found } = withFinish('flap')
    const shareIn = (of: Design) => {
      const ledger = compile(of)
      const flap = ledger.pieces.find(({ id }) => id === found[0]!.id)!
      return flap.columns.alongMm[flap.rows - 1]! / ledger.sizes.heightMm
    }
    expect(shareIn(design)).toBeCloseTo(0.6, 1)
    const { aroundMm, heightMm } = compile(design).sizes
    const larger = resized(design, { aroundMm: aroundMm * 1.2, heightMm: heightMm * 1.5 })
    expect(shareIn(larger)).toBeCloseTo(0.6, 1)
    const wide = (of: Design) =>
      compile(of).pieces.find(({ id }) => id === found[0]!.id)!.columns.makes[0]!
    expect(wide(larger)).toBeGreaterThan(wide(design))
  })

  it('every word that is a field says what it is now, and setting it to that changes nothing', () => {
    for (const { id } of finishes) {
      const edits = finishes.find((one) => one.id === id)!.edits(bagOf(bare()))
      if (!edits) continue
      const design = doing(bare(), edits)
      for (const one of finishedWith(design))
        for (const piece of said(design, one)) {
          if (
            typeof piece === 'string' ||
            ['dropKind', 'drop', 'length', 'body'].includes(piece.field.key)
          )
            continue
          const { field } = piece
          expect(field.value).not.toBeUndefined()
          const again = doing(design, field.edits(field.value))
          expect(finishText(said(again, one))).toBe(finishText(said(design, one)))
        }
    }
  })
})

describe('the rim', () => {
  it('has all its stitches, the middles, and the gaps of handles', () => {
    const { design, found } = withFinish('handles')
    const rim = rimOf(bagOf(design), found[0]!)
    expect(rim.count).toBe(120)
    expect(rim.runs.reduce((sum, { count }) => sum + count, 0)).toBe(120)
    expect(rim.mm).toBeCloseTo(600, 6)
    expect(rim.middles).toEqual({ front: 30, back: 90 })
    expect(rim.stretches).toEqual([
      { from: 18, to: 42, chain: 60 },
      { from: 78, to: 102, chain: 60 },
    ])
  })

  it('moves both ends of both handles, so that they stay on the middles', () => {
    const { design, found } = withFinish('handles')
    const rim = rimOf(bagOf(design), found[0]!)
    for (const [i, to] of [
      [0, 16],
      [1, 44],
      [2, 76],
      [3, 104],
    ] as const) {
      const now = doing(design, rim.marks[i]!.edits(to))
      expect(rimOf(bagOf(now), found[0]!).stretches).toEqual([
        { from: 16, to: 44, chain: 70 },
        { from: 76, to: 104, chain: 70 },
      ])
    }
    // An odd gap would lie half a stitch beside: the next that centres is taken.
    const odd = doing(design, rim.marks[0]!.edits(17.4))
    expect(rimOf(bagOf(odd), found[0]!).stretches[0]).toMatchObject({ from: 17, to: 43 })
  })

  it('moves the ends of chain handles and straps on both sides of their middle', () => {
    const { design, found } = withFinish('chain-handles')
    const rim = rimOf(bagOf(design), found[0]!)
    expect(rim.marks.map(({ at }) => at)).toEqual([21, 39])
    const now = doing(design, rim.marks[0]!.edits(18))
    expect(rimOf(bagOf(now), found[0]!).marks.map(({ at }) => at)).toEqual([18, 42])
    const straps = withFinish('straps-two')
    const before = rimOf(bagOf(straps.design), straps.found[0]!)
    const moved = doing(straps.design, before.marks[0]!.edits(before.marks[0]!.at + 4))
    const after = rimOf(bagOf(moved), straps.found[0]!)
    expect(after.marks[0]!.at - before.marks[0]!.at).toBeCloseTo(4, 6)
    expect(before.marks[1]!.at - after.marks[1]!.at).toBeCloseTo(4, 6)
  })
})
