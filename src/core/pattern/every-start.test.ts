import { type Design, type Part, usualMaking } from '../design/index.ts'
import { compile, partOfRow } from '../ledger/index.ts'
import type { Making } from '../part/index.ts'
import { baseKinds } from '../shape/index.ts'
import { texturedBand } from '../shorthand/index.ts'
import { defaultWords, type Words } from '../stitch/index.ts'
import { readStart, type ReadStart } from '../testing/read-start.ts'
import { base, baseAs, mosaicBand, plain, reliefBand, tote } from '../testing/tote.ts'
import { drawer, stitchesOf, type StitchPattern } from '../texture/index.ts'
import { writtenPattern } from './index.ts'
import { rowWords } from './row-text.ts'

/*
 * How rows start and end, read off the printed words by a small reader that is not Check. The rules are those of the trade (common
 * practice; turning chains of 1, 2, 3: Craft Yarn Council).
 */

const schools: Readonly<Record<string, Partial<Making>>> = {
  spiral: {},
  'joined, chain extra': { working: 'joined' },
  'joined, chain counts': { working: 'joined', chainCounts: true },
  'joined, short chains that count': { working: 'joined', chainCounts: true, shortChain: true },
  'joined, stacked': { working: 'joined', start: 'stacked' },
  'turned, chain extra': { working: 'turned' },
  'turned, chain counts': { working: 'turned', chainCounts: true },
}
const making = (school: string): Making => ({ ...usualMaking, ...schools[school] })

interface Row extends ReadStart {
  readonly text: string
  readonly side: 'RS' | 'WS'
  readonly worked: 'rounds' | 'rows'
  readonly kind: string
  readonly passes: number
}
/** The rows of each piece as they are printed. */
function rowsOf(design: Design, words: Words): Row[][] {
  const ledger = compile(design, { hand: words.hand })
  return ledger.pieces.map((piece) =>
    Array.from({ length: piece.rows }, (_, row): Row => {
      const { setup, text } = rowWords(ledger, piece, row, words)
      return {
        ...readStart(setup ?? '', text),
        text,
        side: piece.columns.side[row] === 1 ? 'WS' : 'RS',
        worked: piece.worked,
        kind: partOfRow(piece, row).kind,
        passes: piece.columns.passes[row]!,
      }
    }),
  )
}

/** Rows that are wrong by the rules, with what is. */
function wrongIn(rows: readonly Row[], school: string): string[] {
  const { working, chainCounts, shortChain } = making(school)
  const faults: string[] = []
  const say = (at: number, what: string) => faults.push(`${at + 1} ${what}: ${rows[at]!.text}`)
  const joined = (at: number) => rows[at]!.joinedTo !== null
  rows.forEach((row, at) => {
    const below = rows[at - 1]
    // It is turned when the other side faces, and only then.
    if (below && (row.side !== below.side) !== row.turns && !/join in first/.test(row.text))
      say(at, row.turns ? 'turns' : 'does not turn')
    if (at === 0 && row.turns) say(at, 'turns before there is anything')
    // What it says it begins with is what it is joined to.
    if (row.joinedTo !== null && row.worked === 'rounds' && row.counts === true)
      if (row.joinedTo !== row.chains) say(at, 'is joined elsewhere than it began')
    if ((row.joinedTo ?? 0) > 0 && row.counts === false)
      say(at, 'is joined to a chain that is extra')
    if (row.joinedTo !== null && row.worked === 'rows') say(at, 'joins a row')
    // A spiral has no start, and is not joined.
    if (working === 'spiral' && row.worked === 'rounds' && at > 0 && !joined(at))
      if (row.chains > 0 || row.leadsOn) say(at, 'has a start in a spiral')
    // The school is kept in every row that has a chain for a dc.
    if (row.chains > 0 && row.counts !== null && !/\((?:counts as a|does not)/.test(row.text)) {
      if (!chainCounts && !/ in \d+\w\w ch/.test(row.text)) say(at, 'counts by another school')
      const tall = /counts as (hdc|dc)(?: and ch 1)?\)/.exec(row.text)
      const usual = { hdc: 2, dc: 3 }[tall?.[1] ?? ''] ?? 0
      const space = /and ch 1\)/.test(row.text) ? 1 : 0
      if (tall && row.chains !== usual - (shortChain ? 1 : 0) + space) say(at, 'has another chain')
    }
  })
  return faults
}

const hands = ['right', 'left'] as const
const cases = drawer.flatMap((pattern) =>
  (['flat', 'round'] as const).flatMap((way) =>
    pattern[way] ? [[`${pattern.id}, ${way}`, pattern, way] as const] : [],
  ),
)

function bagWith(pattern: StitchPattern, way: 'flat' | 'round', school: string): Design {
  const band = texturedBand(pattern, way === 'flat' ? 'rows' : 'rounds', {
    letters: pattern.id === 'granny-two' ? ['A', 'B'] : ['A'],
    rounds: 7,
  })
  if (!band.ok) throw new Error(band.problem)
  const texture = { ...band.value, id: 'texture' } as Part
  const count = stitchesOf(pattern, Math.max(2, Math.round(48 / pattern.multiple)), way)
  const first = way === 'flat' ? baseAs('panel', { count }) : base({ count, increase: 6 })
  const parts = [first, plain({ rounds: 1 }), texture, plain({ id: 'over', stitch: 'dc' })]
  return tote({ making: making(school), parts })
}

describe('the start and end of every row', () => {
  it.each(cases)('of %s, by every school and hand', (_, pattern, way) => {
    const wrong = Object.keys(schools).flatMap((school) =>
      hands.flatMap((hand) =>
        rowsOf(bagWith(pattern, way, school), { ...defaultWords, hand }).flatMap((rows) =>
          wrongIn(rows, school).map((fault) => `${school}: ${fault}`),
        ),
      ),
    )
    expect(wrong).toEqual([])
  })

  it.each(baseKinds)('of %s, in sc, hdc and dc, by every school', (kind) => {
    const wrong = Object.keys(schools).flatMap((school) =>
      (['sc', 'hdc', 'dc'] as const).flatMap((stitch) => {
        const own = { ...baseAs(kind), stitch } as Part
        const parts = [own, plain({ stitch, rounds: 3 })]
        return rowsOf(tote({ making: making(school), parts }), defaultWords).flatMap((rows) =>
          wrongIn(rows, school).map((fault) => `${school} ${stitch}: ${fault}`),
        )
      }),
    )
    expect(wrong).toEqual([])
  })
})

describe('rows as a maker starts them (common practice)', () => {
  const textOf = (id: string, way: 'flat' | 'round', school: string, nth: number): string => {
    const pattern = drawer.find((one) => one.id === id)!
    const rows = rowsOf(bagWith(pattern, way, school), defaultWords)[0]!
    const { text } = rows.filter(({ kind }) => kind === 'texture')[nth]!
    return text.replace(/^with [A-Z], /, '')
  }

  it.each([
    // Over the middle of the first shell of the round below, to which slip stitches lead; it is joined to what began it.
    [
      'shells',
      'joined, chain counts',
      2,
      /^sl st in next 2 sts, ch 1, sc in same st, sk 2 sts, 5 dc in next st/,
    ],
    [
      'shells',
      'joined, chain counts',
      1,
      /^ch 3 \(counts as dc\), 4 dc in same st, .* sl st in top of ch 3$/,
    ],
    [
      'shells',
      'joined, chain extra',
      1,
      /^ch 3 \(does not count as a st\), 5 dc in same st, .* sl st to join$/,
    ],
    [
      'shells',
      'joined, short chains that count',
      1,
      /^ch 2 \(counts as dc\), 4 dc in same st, .* sl st in top of ch 2$/,
    ],
    ['shells', 'joined, stacked', 1, /^stacked dc, 4 dc in same st, .* sl st to join$/],
    // Into the space that begins, and not into the stitch before it.
    [
      'v-stitch',
      'joined, chain counts',
      1,
      /^sl st in next ch-sp, ch 3 \(counts as dc\), \(ch 1, dc\) in same sp/,
    ],
    [
      'v-stitch',
      'joined, chain extra',
      1,
      /^sl st in next ch-sp, ch 3 \(does not count as a st\), \(dc, ch 1, dc\) in same sp/,
    ],
    ['v-stitch', 'spiral', 1, /^\(dc, ch 1, dc\) in next ch-sp, \*\(dc, ch 1, dc\) in next ch-sp/],
    [
      'granny',
      'joined, chain counts',
      1,
      /^sl st to next ch-sp, ch 3 \(counts as dc\), 2 dc in same sp, ch 1/,
    ],
    [
      'granny-gaps',
      'joined, chain extra',
      1,
      /^sl st in next gap between clusters, ch 3 \(does not count as a st\), 3 dc in same gap/,
    ],
    [
      'clusters',
      'joined, chain extra',
      1,
      /^sl st in next ch-sp, ch 2 \(does not count as a st\), 3-dc cluster in same sp, ch 1/,
    ],
    ['mesh', 'joined, chain counts', 1, /^ch 4 \(counts as dc and ch 1\), sk ch-sp/],
    [
      'mesh',
      'joined, chain extra',
      1,
      /^ch 3 \(does not count as a st\), dc in next st, ch 1, sk ch-sp/,
    ],
    // A shell that leads on is joined, in a spiral too.
    ['shells', 'spiral', 2, /^sl st in next 2 sts, ch 1, sc in same st, .* sl st to join$/],
  ])('%s, %s, round %i', (id, school, nth, words) => {
    expect(textOf(id, 'round', school, nth)).toMatch(words)
  })

  it('two passes are bound off by slip stitches and not turned for; then one turns as usual', () => {
    const pattern = drawer.find(({ id }) => id === 'two-pass')!
    const rows = rowsOf(bagWith(pattern, 'flat', 'spiral'), defaultWords)[0]!
    const at = rows.findIndex(({ kind }) => kind === 'texture')
    const band = rows.filter(({ kind }) => kind === 'texture')
    expect(band.map(({ passes }) => passes)).toEqual([2, 2, 2, 2, 2, 2, 1])
    expect(band.map(({ turns }) => turns)).toEqual([true, ...new Array<boolean>(6).fill(false)])
    expect(band.at(-1)!.text).toBe('ch 1 (counts as a st), sl st in each st across')
    expect(rows[at + band.length]!.turns).toBe(true)
  })

  it('crab stitch is not turned for, and begins no piece', () => {
    const pattern = drawer.find(({ id }) => id === 'crab')!
    const rows = rowsOf(bagWith(pattern, 'flat', 'spiral'), defaultWords)[0]!
    for (const row of rows.filter(({ kind }) => kind === 'texture')) expect(row.turns).toBe(false)
  })

  // By hand: 34 along are 2 · 32 on the sides and 3 in each end, 70; the chain stands for one of those of the end it begins in.
  it.each([
    [
      3,
      4,
      '2 dc in 4th ch from hook (the chains skipped count as dc), 32 dc, 3 dc in last ch, on the other side 32 dc, sl st in top of ch 3',
    ],
    [
      1,
      5,
      'starting in 5th ch from hook (the chains skipped count as dc) 32 dc, 3 dc in last ch, on the other side 32 dc, 2 dc in last ch, sl st in top of ch 3',
    ],
  ])(
    'an oval in dc whose chain counts, begun with %i in its first chain: 34 along on 37',
    (inFirst, nth, text) => {
      const oval = baseAs('oval-base', { along: 34, stitch: 'dc', count: 94, inFirst })
      const design = tote({ making: making('joined, chain counts'), parts: [oval, plain()] })
      const [first] = rowsOf(design, defaultWords)[0]!
      expect([first!.foundation, first!.nth]).toEqual([37, nth])
      expect(first!.text).toBe(text)
      expect(compile(design).pieces[0]!.columns.makes[0]).toBe(70)
    },
  )

  it('a counting chain over chain spaces leaves none of them out', () => {
    const mesh = bagWith(
      drawer.find(({ id }) => id === 'mesh')!,
      'round',
      'joined, chain counts',
    )
    const rows = rowsOf(mesh, defaultWords)[0]!
    const over = rows[rows.findLastIndex(({ kind }) => kind === 'texture') + 1]!
    expect(over.text).toBe(
      'ch 3 (counts as dc), dc in each remaining st and ch around, sl st in top of ch 3',
    )
  })

  it('stacked stitches begin rows too', () => {
    const parts = [baseAs('panel', { count: 20 }), plain({ stitch: 'dc', rounds: 3 })]
    const rows = rowsOf(tote({ making: making('joined, stacked'), parts }), defaultWords)[0]!
    expect(rows[1]!.text).toBe('turn, stacked dc, dc in each remaining st across')
  })
})

describe('what stands out, as it is worked (common practice)', () => {
  const painted = (letter: string, stitch = 'dc'): Part =>
    reliefBand({
      stitch,
      chart: { width: 4, colours: ['AAAA', 'AAAA', 'AAAA'] },
      raised: { width: 4, colours: new Array<string>(3).fill(`A${letter}AA`) },
      times: 1,
    })
  const textsOf = (parts: readonly Part[], school = 'spiral') =>
    rowsOf(tote({ making: making(school), parts: [...parts] }), defaultWords)[0]!.filter(
      ({ kind }) => kind === 'relief',
    )

  it('a front post that is painted is a back post in rows that show the wrong side', () => {
    const panel = [baseAs('panel', { count: 16 }), painted('F')]
    expect(textsOf(panel).map(({ text, side }) => [side, /[FB]Pdc/.exec(text)?.[0]])).toEqual([
      ['WS', 'BPdc'],
      ['RS', 'FPdc'],
      ['WS', 'BPdc'],
    ])
    const round = [base({ count: 24, increase: 6 }), plain({ rounds: 1 }), painted('F')]
    const turned = textsOf(round, 'turned, chain extra')
    for (const { text, side } of turned)
      expect(/[FB]Pdc/.exec(text)?.[0]).toBe(side === 'RS' ? 'FPdc' : 'BPdc')
    expect(new Set(turned.map(({ side }) => side)).size).toBe(2)
  })

  it('a bead lies around the post just made, and passes over its own stitch', () => {
    const panel = [baseAs('panel', { count: 16 }), plain({ rounds: 1, stitch: 'dc' }), painted('E')]
    for (const { text } of textsOf(panel)) expect(text).toMatch(/dc, bead around it, sk 1 st/)
  })

  it('puffs are worked on wrong-side rows where rows are turned, and on the right side where they are not', () => {
    const round = [base({ count: 24, increase: 6 }), plain({ rounds: 1 }), painted('B', 'sc')]
    expect(textsOf(round, 'turned, chain extra').map(({ side }) => side)).toEqual([
      ...['WS', 'WS', 'WS'],
    ])
    expect(textsOf(round, 'joined, chain extra').map(({ side }) => side)).toEqual([
      ...['RS', 'RS', 'RS'],
    ])
  })
})

describe('what cannot be worked is not printed', () => {
  it('a row below one that is joined anew is fastened off, and not taken together with those before it', () => {
    const parts = [
      baseAs('panel', { count: 18 }),
      plain({ rounds: 4 }),
      mosaicBand({ edge: 1, chart: { width: 8, colours: ['AAAAAAAA', 'BBBBBBBB'] }, rows: 'AB' }),
    ]
    const lines = writtenPattern(compile(tote({ parts })), defaultWords)[0]!.sections[1]!.lines
    expect(lines.map(({ text }) => / fasten off$/.test(text))).toEqual([false, true])
  })

  it('a panel with too few rows for its flap is not folded or sewn', () => {
    const folded = baseAs('folded-panel', { count: 20, flapRows: 12 })
    const [panel] = writtenPattern(
      compile(tote({ parts: [folded, plain({ rounds: 4 })] })),
      defaultWords,
    )
    expect(panel!.joins).toEqual([])
  })
})

it('says of the one chain of sc that it does not count where others were said to', () => {
  const parts = [base({ stitch: 'hdc', count: 48, increase: 8 }), plain({ rounds: 2 })]
  const sections = (school: string) =>
    writtenPattern(compile(tote({ making: making(school), parts })), defaultWords)[0]!.sections
  expect(sections('joined, chain counts')[1]!.intro).toBe(
    'Here a starting chain of 1 does not count as a stitch.',
  )
  expect(sections('joined, chain extra')[1]!.intro).toBe('')
})
