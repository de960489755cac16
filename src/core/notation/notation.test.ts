import fc from 'fast-check'
import { compile } from '../ledger/index.ts'
import { rowText } from '../pattern/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { inUkTerms, inUsTerms } from '../terms/index.ts'
import { drawer } from '../texture/index.ts'
import { anyDesign } from '../testing/arbitrary.ts'
import {
  groupsOf,
  type MeaningOptions,
  meaningOf,
  passesIn,
  type Place,
  printWork,
  readWork,
  type Work,
} from './index.ts'
import { tries } from '../testing/tries.ts'

const sts = (count: number): Place[] => new Array<Place>(count).fill('st')
const mesh = (count: number): Place[] =>
  Array.from({ length: 2 * count }, (_, i) => (i % 2 ? 'ch' : 'st'))
const over = (text: string, below: readonly Place[] | null, options: MeaningOptions = {}) => {
  const { items, unread } = readWork(text)
  expect(unread).toEqual([])
  return meaningOf(items, below, options)
}
/** Work without the places it was read from and the wording of remarks. */
const bare = (items: readonly Work[]) =>
  JSON.parse(
    JSON.stringify(items, (key: string, value: unknown) =>
      key === 'span' || key === 'text' ? undefined : value,
    ),
  ) as unknown

describe('reading the shorthand', () => {
  it.each([
    ['ch 1, *2 sc in next st, sc in next 3 sts; rep from * around', 32, 32, 40],
    ['(sc, dc) in same st, sc in next st', 2, 2, 3],
    ['[4 sc, puff] x 14', 70, 70, 70],
    ['*sc in next 4 sts; rep from * 5 more times', 24, 24, 24],
    ['*sc in next st, sk 2 sts; rep from * around', 12, 12, 4],
    ['*inc, sc in next 4 sts, dec; rep from * around', 14, 14, 14],
    ['sc2tog around', 18, 18, 9],
    ['inc × 8', 8, 8, 16],
    ['sc in each of next 3 sts, 2 sc in last st', 4, 4, 5],
    ['FPdc around next dc, BPdc around next dc', 2, 2, 2],
    ['sc in back loop of each st around', 30, 30, 30],
    ['sc in blo of next 5 sts, sc flo in next st', 6, 6, 6],
    ['ch 3 (counts as dc), dc in each remaining st around, sl st to join', 48, 48, 48],
    [
      'ch 2 (does not count as a st), hdc in each st around; join with sl st in first hdc',
      20,
      20,
      20,
    ],
    ['sc in each st to last 2 sts, sc2tog, turn', 12, 12, 11],
    ['*5 dc in next st, sk 2 sts; rep from * to last 3 sts, sc in last 3 sts', 12, 12, 18],
    ['[(dc, ch 1, dc) in next st, sk 1 st] twice', 4, 4, 6],
    ['half double crochet in next 3 stitches, miss 2, slip stitch in next stitch', 6, 6, 4],
    ['3-dc cluster in next st, 5-dc shell in next st', 2, 2, 6],
    ['standing sc, sc in each remaining st around', 9, 9, 9],
    ['1 sc A, [2 sc C, 2 sc A] × 2, in B', 9, 9, 9],
    ['sc 4, inc', 5, 5, 6],
    ['sc in next 2 sts and 2 sc in next st', 3, 3, 4],
  ])('%s', (text, below, consumes, makes) =>
    expect(over(text, sts(below))).toMatchObject({
      consumes,
      makes,
      left: 0,
      short: null,
      repeat: null,
    }),
  )

  it('begins in rings and chains, and goes around them', () => {
    expect(over('12 hdc in magic ring', null)).toMatchObject({ available: 0, makes: 12 })
    expect(over('ch 41, sc in 2nd ch from hook and in each ch across', null)).toMatchObject({
      available: 41,
      consumes: 41,
      makes: 40,
      foundation: { chains: 41, skipped: 1 },
    })
    // Three chains and more that are skipped count as a stitch where nothing else is said.
    expect(over('ch 42, dc in 4th ch from hook, dc in each ch across', null).makes).toBe(40)
    expect(
      over(
        'ch 42, dc in 4th ch from hook (the chains skipped do not count), dc in each ch across',
        null,
      ).makes,
    ).toBe(39)
    expect(
      over(
        'ch 35, sc in 2nd ch from hook, sc in next 32 chs, 3 sc in last ch, on the other side sc in next 32 chs, 2 sc in last ch',
        null,
      ).makes,
    ).toBe(70)
  })

  it('works into chains, spaces and what lies between', () => {
    expect(over('dc in each st and ch-sp around', mesh(8)).makes).toBe(16)
    expect(over('*2 dc, ch 1, 2 dc in ch-1 sp; rep from * around', mesh(4)).makes).toBe(20)
    expect(over('*3 dc in next ch-sp, ch 1; rep from * around', mesh(5)).makes).toBe(20)
    expect(over('*dc in next dc, ch 1, sk ch-1 sp; rep from * around', mesh(6))).toMatchObject({
      consumes: 12,
      makes: 12,
    })
    const handles = over(
      'sc in next 20 sts, ch 64, sk 26 sts, sc in next 34 sts, ch 64, sk 26 sts, sc in next 14 sts',
      sts(120),
    )
    expect(handles).toMatchObject({ consumes: 120, makes: 196 })
    expect(handles.gaps).toEqual([
      { chains: 64, over: 26, before: 20 },
      { chains: 64, over: 26, before: 118 },
    ])
  })

  it('works forward and return passes', () => {
    expect(over('pull up a loop in each st across', sts(12)).makes).toBe(12)
    expect(
      over('yo, pull through 1 loop, *yo, pull through 2 loops; rep from * across', sts(12)).makes,
    ).toBe(12)
  })

  it('counts through a row by its repeats', () => {
    const { through } = over(
      'sc in next 2 sts, *sc in next 10 sts, inc; rep from * around',
      sts(90),
    )
    expect(through[4]).toEqual({ repeat: 5, of: 8, done: 57, left: 33 })
    expect(through).toHaveLength(8)
  })

  it('says where it runs out, what is left, and what a repeat leaves', () => {
    expect(over('sc in next 5 sts, 2 sc in next st', sts(5)).short).toMatchObject({
      count: 1,
      span: { from: 18 },
    })
    expect(over('sc in next 5 sts', sts(9)).left).toBe(4)
    expect(over('*sc in next 8 sts, inc; rep from * around', sts(106)).repeat).toMatchObject({
      multiple: 9,
      repeats: 11,
      left: 7,
    })
    expect(
      over('*5 dc A in next st, sk 2, 5 dc B in next st, sk 2; rep from * around', sts(15)).repeat,
    ).toMatchObject({
      left: 3,
      twoPeriod: true,
    })
    expect(over('sc in each st around', null)).toMatchObject({ consumes: null, makes: null })
  })

  it('goes up to corners, comes round to what it began past, and stops short where it says so', () => {
    const side = (n: number): Place[] => [...sts(n), 'ch']
    const square = [...side(5), ...side(5), ...side(5), ...side(5)]
    const corners = '*sc in each sc to corner, (sc, ch 1, sc) in corner sp; rep from * around'
    expect(over(corners, square)).toMatchObject({ makes: 32, left: 0 })
    // Begun amid a side, its last part is worked as well.
    const turned = [...square.slice(2), ...square.slice(0, 2)]
    expect(over(corners, turned, { round: true })).toMatchObject({ makes: 32, left: 0 })
    const spaces = '*sc in next ch-1 sp, ch 1, sk next sc; rep from * around'
    expect(over(spaces, mesh(10), { round: true })).toMatchObject({ makes: 20, left: 0 })
    expect(over('sc in each st to last 2 sts', sts(9))).toMatchObject({ makes: 7, left: 0 })
    expect(
      over(
        'sc in first st, *sk 2, 5 dc in next st, sk 2, sc in next st; rep from * around, ending with',
        sts(24),
      ),
    ).toMatchObject({ makes: 24, repeat: null })
  })

  it('takes a start taller than its stitch as a space as well, and slips before a row as a way, where that is asked', () => {
    const meshed = 'ch 4, sk 1, *dc in next st, ch 1, sk 1; rep from * around'
    expect(over(meshed, sts(20), { startSpace: 1 }).makes).toBe(20)
    expect(over(meshed, sts(20)).makes).toBe(19)
    const stepped = 'sl st in next 2 sts, sc in next 6 sts, leave last 2 sts unworked'
    expect(over(stepped, sts(10)).makes).toBe(8)
    expect(over(stepped, sts(10), { slipsLead: true })).toMatchObject({ makes: 6, left: 0 })
  })

  it('sets aside what it cannot read, with its place, and reads on', () => {
    const text = 'sc in next 3 sts, wobble the brim, 2 sc in next st, turn'
    const { items, unread } = readWork(text)
    expect(items.map(({ kind }) => kind)).toEqual(['stitch', 'stitch', 'note'])
    expect(unread.map(({ from, to }) => text.slice(from, to))).toEqual(['wobble the brim'])
    expect(unread[0]!.expected).toContain('a stitch')
    expect(readWork('[2 sc, inc around').unread[0]!.expected).toBe('a closing bracket')
    expect(readWork('*sc in next st, ch 1').unread[0]!.expected).toContain('rep from *')
    expect(readWork('sc], dc').unread[0]).toMatchObject({ from: 2, to: 3 })
  })
})

describe('the published words', () => {
  // Craft Yarn Council, Standards and Guidelines for Crochet and Knitting: abbreviations and the US/UK conversion, from memory.
  it.each([
    ['sl st', 'ss'],
    ['sc', 'dc'],
    ['hdc', 'htr'],
    ['dc', 'tr'],
    ['tr', 'dtr'],
    ['dtr', 'trtr'],
    ['sc2tog', 'dc2tog'],
    ['dc2tog', 'tr2tog'],
    ['FPdc', 'FPtr'],
    ['BPsc', 'BPdc'],
    ['skip', 'miss'],
    ['gauge', 'tension'],
    ['yo', 'yoh'],
  ])('%s is %s in UK terms', (us, uk) => {
    expect(inUkTerms(us)).toBe(uk)
    if (us !== 'skip') expect(inUsTerms(uk)).toBe(us)
  })

  it('changes a whole row at once, and no word twice', () => {
    expect(inUkTerms('ch 1, sc in next st, 2 dc, hdc2tog, sk 2 sts, sl st to join, tr')).toBe(
      'ch 1, dc in next st, 2 tr, htr2tog, miss 2 sts, ss to join, dtr',
    )
  })

  it.each([
    'ch',
    'sl st',
    'sc',
    'hdc',
    'dc',
    'tr',
    'dtr',
    'sc2tog',
    'hdc2tog',
    'dc2tog',
    'inc',
    'dec',
    'FPdc',
    'BPdc',
    'FPsc',
    'BPtr',
    'puff st',
    'popcorn',
    'pc',
    'cl',
    'rev sc',
    'esc',
    'htr',
    'single crochet',
    'half double crochet',
    'double crochet',
    'treble crochet',
    'slip stitch',
  ])('%s is read', (word) =>
    expect(readWork(`${word} in next st`.replace(/^ch .*/, 'ch 1')).unread).toEqual([]),
  )

  it('reads alternatives, colours by name, rows below and gaps', () => {
    expect(readWork('with brass, sc in next st, change to deep blue').unread).toEqual([])
    expect(over('dc in next st 2 rows below, sc in next st', sts(2)).consumes).toBe(2)
    const { made } = over('1 sc A, 2 sc B', sts(3))
    expect(made.map(({ yarn }) => yarn)).toEqual(['A', 'B', 'B'])
    const own = over('with A sc in next st, 1 dc B in next st, sc in next st', sts(3)).made
    expect(own.map(({ yarn }) => yarn)).toEqual(['A', 'B', 'A'])
    // Clusters of three, and then one cluster in each gap between them.
    const first = over('*3 dc in next st, sk 2 sts; rep from * around', sts(12))
    const { items } = readWork('3 dc in each gap between clusters around')
    expect(meaningOf(items, first.places, { groups: groupsOf(first.made) }).makes).toBe(12)
  })
})

describe('printing', () => {
  it('is the inverse of reading for every row the program makes', () => {
    fc.assert(
      fc.property(anyDesign, fc.constantFrom('us' as const, 'uk' as const), (design, terms) => {
        const words = { ...defaultWords, terms }
        const ledger = compile(design, words)
        for (const piece of ledger.pieces)
          for (let row = 0; row < piece.rows; row++) {
            const { items, unread } = readWork(rowText(ledger, piece, row, words))
            expect(unread).toEqual([])
            const again = readWork(printWork(items))
            expect(again.unread).toEqual([])
            const { uses, makes } = piece.columns
            const below = row === 0 ? null : sts(uses[row]!)
            if (row > 0) {
              const options = { startingChain: false, round: piece.worked === 'rounds' }
              expect(meaningOf(again.items, below, options)).toMatchObject({
                consumes: uses[row],
                makes: makes[row],
              })
            }
            expect(bare(again.items)).toEqual(bare(items))
          }
      }),
      { numRuns: tries(15) },
    )
  })

  const rows = drawer.flatMap(({ flat, round }) =>
    [flat, round].flatMap((way) =>
      way
        ? [...way.begin, ...way.rows, ...way.end].flatMap(({ text }) => passesIn(text) ?? [text])
        : [],
    ),
  )
  it.each([...new Set(rows)])('of the drawer gives back what was read: %s', (row) => {
    const { items, unread } = readWork(row)
    expect(unread).toEqual([])
    expect(bare(readWork(printWork(items)).items)).toEqual(bare(items))
  })
})

describe('what a row uses, by kind', () => {
  const uses = (text: string, below: readonly Place[] | null) => {
    const all = over(text, below).uses
    return Object.fromEntries(Object.entries(all).filter(([, count]) => count > 0))
  }
  it.each([
    ['sc in next 4 sts, sk 2 sts, sc in next 4 sts', sts(10), { st: 8, skipped: 2 }],
    ['FPdc around next 2 dc, dc in next dc, dc around post of next dc', sts(4), { post: 3, st: 1 }],
    ['*sc in next 3 sts, spike in next st; rep from * around', sts(8), { st: 6, down: 2 }],
    ['dc in front loop of next st 2 rows below, sc in next st', sts(2), { down: 1, st: 1 }],
    ['*dc in next ch-sp, sk 1 st; rep from * around', [...mesh(3), 'st'], { sp: 3, skipped: 3 }],
    ['sc in each st and ch around', mesh(3), { st: 3, ch: 3 }],
    ['12 hdc in magic ring', null, { ring: 1 }],
    ['*3 dc in next gap between clusters; rep from * around', sts(4), { gap: 4 }],
  ] as [string, Place[] | null, object][])('%s', (text, below, kinds) =>
    expect(uses(text, below)).toEqual(kinds),
  )

  it('knows the kind and the yarn of each place it leaves, and how deep it goes', () => {
    const { made, deepest } = over(
      'with A sc in next st, change to brass, fpdc in next st, spike in next st 3 rows below, ch 1',
      sts(3),
    )
    expect(made.map(({ word, kind, yarn }) => [word, kind, yarn])).toEqual([
      ['sc', 'st', 'A'],
      ['fpdc', 'post', 'brass'],
      ['spike', 'down', 'brass'],
      ['ch', null, 'brass'],
    ])
    expect(deepest).toMatchObject({ rows: 3 })
  })

  it('finds the gaps between clusters that skipped stitches part', () => {
    const { made } = over('*hdc in next 3 sts, sk 1 st; rep from * around', sts(12))
    expect(groupsOf(made)).toEqual([0, 0, 0, 1, 1, 1, 2, 2, 2])
  })
})

describe('the ways writers say the same', () => {
  it.each([
    ['(1 sc, inc) * 6', 12, 18],
    ['*5 sc, inc*, repeat from * to * 6 times', 36, 42],
    ['4 sc, inc, repeat 6 times', 30, 36],
    ['*sc, inc* around', 12, 18],
    ['*ch 3, sk 2 sts*, sc in next 4 sts, repeat from * to * once', 8, 10],
    ['*sc in next 6 sts, sc2tog; rep from * 5 times more', 48, 42],
    ['sc in each st around, increasing 8 sts evenly', 40, 48],
    ['sc in each st around, dec 4 sts evenly spaced', 40, 36],
    ['sc in each st across, leaving last 5 sts unworked', 30, 25],
    ['sc to last 3 sts, sc3tog', 27, 25],
    ['2 dc tog, sc 3 together, dc in each remaining st', 10, 7],
    ['working in both loops, 1 sc in each of the last 3 sts', 3, 3],
    ['ch 3, sk first st, dc in each st across', 9, 9],
    ['ch 3 (counts as dc), dc in first st, dc in each st around', 9, 10],
    ['dc in each st across, ending with 2 dc in top of turning ch', 9, 10],
    ['sl st in next 2 sts, ch 1, sc in same st, sc in each st around', 9, 9],
    ['A: 5 sc, B: 3 sc, (A) sc 2', 10, 10],
  ])('%s', (text, below, makes) => {
    const { items, unread } = readWork(text)
    expect(unread).toEqual([])
    expect(meaningOf(items, sts(below), { round: true })).toMatchObject({
      makes,
      left: 0,
      short: null,
    })
  })

  it('shares a round out by what its stitches go into', () => {
    const below: Place[] = ['st', 'ch', 'st', 'ch', 'ch']
    expect(
      over('sc in each dc, 1 sc in each ch-1 sp and 3 sc in each ch-2 sp around', below).makes,
    ).toBe(6)
  })
})
