import {
  again,
  chain,
  countOf,
  freeIn,
  group,
  IN_SAME,
  type Into,
  LAST,
  lay,
  type Laid,
  type Origin,
  pass,
  type Places,
  type Program,
  stitches,
  work,
} from './index.ts'

/*
 * Five bags that rows of plain counts cannot say, each with the counts it has on the hook. Counted by hand; common practice.
 */

function laid(program: Program, below: readonly Places[], origin: Origin = {}): Laid {
  const result = lay(program, below, origin)
  if (!result.ok) throw new Error(`does not come out: ${result.problem} places`)
  return result.value
}
const worked = ({ steps }: Laid): Record<string, number> => {
  const counts: Record<string, number> = {}
  const walk = (list: Program, times: number) => {
    for (const step of list) {
      if (step.do === 'group') walk(step.steps, times * (step.times as number))
      if (step.do === 'work')
        counts[step.stitch] = (counts[step.stitch] ?? 0) + times * (step.times as number)
      if (step.do === 'chain') counts['ch'] = (counts['ch'] ?? 0) + times * (step.times as number)
    }
  }
  walk(steps, 1)
  return counts
}
const LOOP: Into = { at: 'next', of: ['loop'] }
const FIRST: Into = { at: 'own', which: 'first' }

describe('two yarns interlaced on a plain round of 90', () => {
  const loop = chain(7, 'loop', { unit: 'loop' })
  /** The last loop is closed half by chain, half by a tall stitch into the round’s first. */
  const halfLoop = [
    chain(4, 'loop', { unit: 'loop' }),
    work('dc', 1, { into: FIRST, closes: true }),
  ]
  const setUp: Program = [
    group('fits', work('sc'), loop, pass(4, 'later')),
    ...[work('sc'), halfLoop[0]!, pass(4, 'later'), halfLoop[1]!],
  ]
  const further: Program = [
    group('fits', work('sc', 1, { into: LOOP }), loop, pass(1)),
    ...[work('sc', 1, { into: LOOP }), halfLoop[0]!, pass(1), halfLoop[1]!],
  ]
  const a1 = laid(setUp, [stitches(90)])
  const b1 = laid(setUp, [a1.rest[0]!], { place: 2 })

  it('begins with 18 sc and 18 loops of either yarn, the second between the first', () => {
    for (const round of [a1, b1]) {
      expect(worked(round)).toEqual({ sc: 18, ch: 17 * 7 + 4, dc: 1 })
      expect(round.units.get('loop')).toBe(18)
      expect([countOf(round.made, 'stitch'), countOf(round.made, 'loop')]).toEqual([18, 18])
    }
    // Of 90 places either yarn stands in 18; the others are still free.
    expect([freeIn(a1.rest[0]!), freeIn(b1.rest[0]!)]).toEqual([72, 54])
  })

  it('goes on from the middle of the half loop, two rounds of each yarn in turn, and stays as wide as 90', () => {
    let [a, b] = [a1, b1]
    for (let turn = 0; turn < 4; turn++) {
      // The last loop is the last place; there the next round begins.
      a = laid(further, [a.made], { place: countOf(a.made) - 1 })
      b = laid(further, [b.made], { place: countOf(b.made) - 1 })
      for (const round of [a, b]) {
        expect(worked(round)).toEqual({ sc: 18, ch: 17 * 7 + 4, dc: 1 })
        expect([countOf(round.made, 'loop'), round.width]).toEqual([18, 90])
      }
    }
    const over: Program = [
      group(
        'fits',
        ...[0, 1].flatMap((row) => [
          work('sc', 1, { into: { at: 'next', of: ['loop'], row }, unit: 'loop' }),
          chain(2, 'over'),
          // Of the rows below, the stitch between its loops is passed over.
          pass(1 - row),
        ]),
      ),
    ]
    const closing = laid(over, [a.made, b.made], { place: countOf(a.made) - 1 })
    expect([closing.units.get('loop'), closing.width]).toEqual([36, 90])
  })
})

describe('beads', () => {
  // The starting chain stands for the first stitch; then a tall stitch and a bead around it over the next place.
  const beads: Program = [
    work('dc'),
    again('fits', 'bead', work('dc'), work('bead-beside', 1, { into: LAST }), pass(1)),
    work('dc'),
  ]
  it.each([
    [34, 17, 16],
    [40, 20, 19],
  ])('on %i are %i dc and %i beads, and as many places again', (count, dcs, number) => {
    const row = laid(beads, [stitches(count)])
    expect(row.units.get('bead')).toBe(number)
    expect(worked(row)['dc']! - 1).toBe(dcs)
    expect([countOf(row.made), row.width]).toEqual([count, count])
    // An odd number has one in the middle: of 19 the tenth.
    if (number % 2) expect((number + 1) / 2).toBe(10)
  })
})

describe('a spiral of (sc, dc, ch 1) on 120, and handles over it', () => {
  const unit = [work('dc', 1, { into: IN_SAME }), chain(1, 'over')]
  const first: Program = [again('fits', 'shell', work('sc'), ...unit, pass(2))]
  const further: Program = [
    again('fits', 'shell', work('sc', 1, { into: { at: 'space' } }), ...unit),
  ]
  const spiral = { spiral: true } as const

  it('has 40 units a round, leaves 119 for a plain one, and is made 120 again by one more', () => {
    let round = laid(first, [stitches(120)], spiral)
    for (let i = 0; i < 28; i++) {
      expect([round.units.get('shell'), countOf(round.made), round.width]).toEqual([40, 120, 120])
      round = laid(further, [round.made], spiral)
    }
    const edge = laid([work('sc', 'fits')], [round.made], spiral)
    expect([edge.uses, countOf(edge.made)]).toEqual([119, 119])
    const even = laid([work('sc', 'fits'), work('sc-2in1')], [edge.made], spiral)
    expect(countOf(even.made)).toBe(120)
    const over = [chain(80, 'over'), pass(26)]
    const handles = laid(
      [work('sc', 20), ...over, work('sc', 34), ...over, work('sc', 14)],
      [even.made],
      spiral,
    )
    expect([countOf(handles.made), countOf(handles.made, 'chain')]).toEqual([228, 160])
    expect(handles.width).toBeCloseTo(120, 9)
    // Rounds over the chains are longer than the bag, and do not widen it.
    let onChains = laid([work('sc', 'fits')], [handles.made])
    for (let i = 0; i < 3; i++) {
      expect(countOf(onChains.made)).toBe(228)
      expect(onChains.width).toBeCloseTo(120, 9)
      onChains = laid([work('sc', 'fits')], [onChains.made])
    }
  })
})

describe('V with posts on 126', () => {
  const dcs = work('dc-beside', 2, { into: IN_SAME })
  const row: Program = [
    again(
      ...(['fits', 'V'] as const),
      ...[pass(2), work('dc'), work('dc-beside', 1, { into: IN_SAME }), chain(1, 'over'), dcs],
      ...[pass(2), work('fpdc')],
    ),
  ]
  it('is 21 repeats, levelled and drawn in to 94, which are two halves of 47', () => {
    const vs = laid(row, [stitches(126)])
    expect([vs.units.get('V'), countOf(vs.made), vs.width]).toEqual([21, 126, 126])
    const level = laid([work('sc', 'fits')], [vs.made])
    expect(countOf(level.made)).toBe(126)
    const drawn = laid([group(31, work('sc', 2), work('sc2tog')), work('sc2tog')], [level.made])
    expect([worked(drawn), countOf(drawn.made)]).toEqual([{ sc: 62, sc2tog: 32 }, 94])
    expect(countOf(drawn.made) / 2).toBe(47)
    // One drawn together more is more than there are.
    const more = lay([group(31, work('sc', 2), work('sc2tog')), work('sc2tog', 2)], [level.made])
    expect(more).toEqual({ ok: false, problem: expect.any(Number) })
  })
})

describe('a ladder panel on 20', () => {
  const ladder = [
    chain(10, 'off', { unit: 'loop' }),
    work('sl-st', 1, { into: LAST, closes: true }),
  ]
  const rows: Program = [
    again('fits', 'group', work('dc', 5), ...ladder),
    again(1, 'group', work('dc', 5)),
  ]
  it('is begun in 22 chains, the first stitch in the fourth: the three before it are a stitch', () => {
    const across = laid([pass(3), work('dc', 'fits')], [stitches(22)])
    expect(1 + countOf(across.made)).toBe(20)
  })
  it('has three loops between four groups, which take no place and are caught by the last row', () => {
    const plain = laid([work('dc', 'fits')], [stitches(20)])
    const looped = laid(rows, [plain.made], { turned: true })
    expect([looped.units.get('group'), looped.units.get('loop')]).toEqual([4, 3])
    expect([countOf(looped.made), looped.width, countOf(looped.hanging)]).toEqual([20, 20, 3])
    const last = laid(
      [group(3, work('dc', 4), work('dc', 1, { catches: 1 })), work('dc', 5)],
      [looped.made, looped.hanging],
    )
    expect([countOf(last.made), freeIn(last.rest[1]!)]).toEqual([20, 0])
    // Of three loops a fourth cannot be caught.
    const fourth = lay(
      [group(4, work('dc', 4), work('dc', 1, { catches: 1 }))],
      [looped.made, looped.hanging],
    )
    expect(fourth.ok).toBe(false)
  })
})
