import { derive, newPiece } from '../bag/index.ts'
import type { Design, Part } from '../design/index.ts'
import { bodyOf, compile, compiled, placeColours } from '../ledger/index.ts'
import { spotOn } from '../part/index.ts'
import { commit, historyOf, projectOf } from '../project/index.ts'
import { alarmsOf } from '../testing/alarms.ts'
import { baseAs, plain, stripes } from '../testing/tote.ts'
import { bagOfParts, textured, typedRounds } from '../testing/typed-bag.ts'
import { writtenIn } from '../testing/written.ts'
import { drawer, patternOf, usualDraft } from '../texture/index.ts'
import { writtenDiscs } from '../shape/index.ts'
import { snagText } from '../snag/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { countsFound } from './index.ts'

/* Bags as makers work them (common practice, no source): whether they can be said, and come out as they are worked. */

const readBack = (design: Design) =>
  expect(alarmsOf(writtenIn(design, 'own'))).toMatchObject({ lines: [], whole: false })
const snagsOf = (design: Design) => derive(projectOf(design)).snags
const errorsIn = (design: Design) =>
  snagsOf(design).flatMap(({ severity, code }) => (severity === 'error' ? [code] : []))
const own = (over: object) =>
  patternOf({
    ...usualDraft,
    id: 'own-p',
    name: 'Own',
    multiple: 1,
    offset: 0,
    flat: '',
    round: '',
    ...over,
  } as never)

describe('a sideways panel of granny rows, 43 = 14 · 3 + 1, with an edge along its row ends and a sleeve on it', () => {
  const granny = own({
    flat: [
      'Set-up:\nch 3 (counts as dc), *sk 1 st, 3 dc in next st, sk 1 st; rep from * across',
      'Repeat:\nch 3 (counts as dc), *3 dc in next gap between clusters; rep from * to last 4 sts, 2 dc in next gap between clusters, dc in last st',
    ].join('\n'),
    multiple: 3,
    offset: 1,
  })

  it('is found on 3 · n + 1', () =>
    expect(countsFound(granny, 'flat')).toMatchObject({
      ok: true,
      value: { multiple: 3, offset: 1 },
    }))
  const panel = bagOfParts([
    baseAs('sideways-panel', { count: 43, stitch: 'dc' }),
    { ...textured(granny, 'rows', 21, ['A']), id: 'granny' },
  ])
  const body = bodyOf(compile(panel))

  it('has 22 rows of 43, folded on the 22nd stitch', () => {
    expect([body.rows, ...new Set(body.columns.makes)]).toEqual([22, 43])
    expect(writtenIn(panel, 'own')).toContain('Fold the bottom on stitch 22 of its rows')
    readBack(panel)
  })

  it('has 34 picked up along its 22 row ends, and a sleeve of 18 from the ninth of them on', () => {
    const along = { ...newPiece(compiled(projectOf(panel)), 'strap'), name: 'Edge', times: 1 }
    const withEdge = commit(historyOf(projectOf(panel)), {
      name: 'addPiece',
      args: {
        piece: {
          ...along,
          parts: [
            baseAs('panel', { count: 34, stitch: 'dc' }),
            { ...textured(granny, 'rows', 3, ['A']), id: 'edge' } as Part,
          ] as never,
          joins: [
            {
              edge: 'first',
              to: spotOn('bag', { on: 'left' }),
              how: 'pick-up',
              over: null,
              corner: 'none',
            },
          ],
        },
      },
    }).design
    const edge = withEdge.pieces.at(-1)!
    const sleeved = commit(historyOf(projectOf(withEdge)), {
      name: 'addPiece',
      args: {
        piece: {
          ...{ name: 'Sleeve', times: 1, blocks: [] },
          parts: [
            baseAs('panel', { count: 18, stitch: 'dc' }),
            plain({ stitch: 'dc', rounds: 4 }),
          ] as never,
          joins: [
            {
              edge: 'first',
              to: spotOn(edge.id, { on: 'last', at: 8 }),
              how: 'pick-up',
              over: null,
              corner: 'none',
            },
          ],
        },
      },
    }).design
    const { pieces, joins } = compile(sleeved)
    expect(pieces.map(({ columns, rows }) => columns.makes[rows - 1])).toEqual([43, 34, 18])
    expect(
      joins.slice(2).map(({ count, sides }) => [count, sides[1].count, sides[1].spot.at]),
    ).toEqual([
      [34, 22, 0],
      [18, 18, 8],
    ])
    const text = writtenIn(sleeved, 'own')
    expect(text).toContain('pick up 34 dc along the left side of Panel')
    expect(text).toContain('pick up 18 dc along the last row of Edge from stitch 9 on')
    expect(text).toContain(
      'Along the row ends 3 stitches to every 2 of them, and 1 more at the last.',
    )
    readBack(sleeved)
  })
})

describe('a clutch of granny gaps, 37 × 25, rows in two yarns by turns with rows in one', () => {
  // Rows in one yarn, and between them rows of groups in both by turns.
  const mixed =
    'ch 3 A (counts as dc), *3 dc A in next gap between clusters, 3 dc B in next gap between clusters; rep from * to last 7 sts, 3 dc A in next gap between clusters, 2 dc B in next gap between clusters, dc B in last st'
  const one = (yarn: string) =>
    `with ${yarn}, ch 3 (counts as dc), *3 dc in next gap between clusters; rep from * to last 4 sts, 2 dc in next gap between clusters, dc in last st`
  const granny = own({
    flat: [
      'Set-up:\nch 3 (counts as dc), *sk 1 st, 3 dc in next st, sk 1 st; rep from * across',
      'Repeat:',
      ...[mixed, one('B'), mixed, one('A')],
    ].join('\n'),
    multiple: 6,
    offset: 1,
  })
  const bag = bagOfParts([
    baseAs('folded-panel', { count: 37, stitch: 'dc', begins: 'bands', flapRows: 5 }),
    { ...textured(granny, 'rows', 25), id: 'granny' },
  ])
  const ledger = compile(bag)
  const body = bodyOf(ledger)

  it('is 25 rows of 37 dc: 487 in A and 438 in B', () => {
    expect([body.rows, ...new Set(body.columns.makes)]).toEqual([25, 37])
    const count = { A: 0, B: 0 }
    for (let row = 0; row < body.rows; row++)
      for (const yarn of placeColours(ledger, body, row)) count[ledger.yarns[yarn] as 'A' | 'B']++
    expect(count).toEqual({ A: 487, B: 438 })
    readBack(bag)
  })

  it('leaves 26 ends where each yarn is cut after its own rows', () => {
    const cut = { ...bag, ways: [{ part: null, yarn: null, after: null, how: 'cut' as const }] }
    expect(derive(projectOf(cut)).tally.ends).toBe(26)
  })
})

describe('a checker of four strips of 13, every second one turned', () => {
  const bag = bagOfParts([
    baseAs('strips', { count: 13, across: 4, turned: [2, 4, 6, 8] }),
    stripes({
      id: 'blocks',
      stripes: Array.from({ length: 4 }, (_, i) => ({
        yarn: 'AB'[i % 2]!,
        rounds: i === 0 ? 12 : 13,
      })),
    } as never),
  ])

  it('lies in fours, and head to tail', () => {
    const { front } = compile(bag)
    expect(front).toEqual({ kind: 'strips', across: 4, turned: [2, 4, 6, 8] })
    expect(writtenIn(bag, 'own')).toContain(
      'Turn strips 2 and 4 of the front and 2 and 4 of the back head to tail',
    )
    expect(errorsIn(bag)).toEqual([])
    readBack(bag)
  })
})

describe('a bag of two spoked discs to 108 and a strip of 73', () => {
  const spokes = writtenDiscs[0]!
  const rounds = typedRounds(spokes.rounds, spokes.stitch)
  const bag = bagOfParts([
    baseAs('discs', { stitch: 'dc', strip: 8, count: 108, rounds }),
    plain({ id: 'strip', stitch: 'dc', rounds: 72 }),
  ])
  const ledger = compile(bag)

  it('has discs of 9 rounds that add twelve each, and leaves 35 open', () => {
    const [disc, strip] = ledger.pieces as [ReturnType<typeof bodyOf>, ReturnType<typeof bodyOf>]
    expect([...disc.columns.makes]).toEqual([12, 24, 36, 48, 60, 72, 84, 96, 108])
    expect([strip.rows, disc.times]).toEqual([73, 2])
    const text = writtenIn(bag, 'own')
    expect(text).toContain(
      '*FPdc around next st, dc in same st, dc in next 7 sts; rep from * around',
    )
    expect(text).toContain('73 pairs; 35 stitches stay open')
    expect(errorsIn(bag)).toEqual([])
    readBack(bag)
  })
})

describe('a bowl of V and fans, 27 of them', () => {
  const motifs = own({
    round: [
      'Set-up:\nch 1, *sc in next st, sk 1 st, (dc, ch 1, dc) in next st, sk 1 st, sc in next st, sk 1 st, 5 dc in next st, sk 1 st; rep from * around',
      'Repeat:\nch 1, *sc in next st, sk 1 st, (dc, ch 1, dc) in next ch-sp, sk 1 st, sc in next st, sk 2 sts, 5 dc in next st, sk 2 sts; rep from * around',
    ].join('\n'),
    multiple: 8,
    offset: 0,
  })

  it('is on eights, and says that like halves meet on 108', () => {
    expect(countsFound(motifs, 'round')).toEqual({ ok: true, value: { multiple: 8, offset: 0 } })
    const bag = (count: number) =>
      bagOfParts([
        baseAs('tube', { count }),
        { ...textured(motifs, 'rounds', 6, ['A']), id: 'fans' },
      ])
    expect(errorsIn(bag(112))).toEqual([])
    readBack(bag(112))
    const odd = snagsOf(bag(108)).find(({ code }) => code === 'written-misfit')!
    expect(odd.facts).toMatchObject({ halves: { of: 4, count: 27 } })
    expect(snagText(odd, defaultWords).text).toContain('two alike would meet at the join')
  })

  it('is worked on 108 all the same where its rows say how they end', () => {
    const half = 'sc in next st, sk 1 st, (dc, ch 1, dc) in next'
    const ended = own({
      ...{ multiple: 8, roundOffset: 4 },
      round: [
        `Set-up:\nch 1, *${half} st, sk 1 st, sc in next st, sk 1 st, 5 dc in next st, sk 1 st; rep from * to last 4 sts, ${half} st, sk 1 st`,
        `Repeat:\nch 1, *${half} ch-sp, sk 1 st, sc in next st, sk 2 sts, 5 dc in next st, sk 2 sts; rep from * to last 4 sts, ${half} ch-sp, sk 1 st`,
      ].join('\n'),
    })
    expect(countsFound(ended, 'round')).toEqual({ ok: true, value: { multiple: 8, offset: 4 } })
    const bag = bagOfParts([
      baseAs('tube', { count: 108 }),
      { ...textured(ended, 'rounds', 6, ['A']), id: 'fans' },
    ])
    expect(errorsIn(bag)).toEqual([])
    readBack(bag)
  })
})

describe('a panel of ladder loops on 20, 14 rows', () => {
  const ladder = drawer.find(({ id }) => id === 'ladders')!

  it('has three loops in each of its rows of loops, and 22 chains to begin in', () => {
    const bag = bagOfParts([
      baseAs('panel', { count: 20, stitch: 'dc', begins: 'bands' }),
      { ...textured(ladder, 'rows', 14, ['A']), id: 'ladder' },
    ])
    const ledger = compile(bag)
    const { rows, columns } = bodyOf(ledger)
    expect([rows, ...new Set(columns.makes)]).toEqual([14, 20])
    const loops = [...columns.unitCount].filter(
      (_, row) => ledger.units[columns.unit[row]!] === 'loop',
    )
    expect(loops).toEqual(new Array(6).fill(3))
    expect(writtenIn(bag, 'own')).toContain('Ch 22.')
    readBack(bag)
  })
})
