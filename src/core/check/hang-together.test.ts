import { checkPattern, wordedReport } from './index.ts'

/* How rows hang together that are called, repeated until something, or stand on what was not read. */

const base = 'Ch 21.\nRow 1: sc in 2nd ch from hook and in each ch across (20)\n'
const rows = (text: string) =>
  checkPattern(base + text)
    .rows.slice(1)
    .map(({ row, makes, state }) => [row, makes, state])

describe('rows called by letters', () => {
  it('are worked where they are called, and not where they are said', () =>
    expect(
      rows(
        'Row A: ch 1, turn, sc across\nRow B: ch 1, turn, inc, sc to last st, inc\nRows 2-5: work Row A and Row B alternately (24)',
      ),
    ).toEqual([
      [2, 20, 'adds-up'],
      [3, 22, 'adds-up'],
      [4, 22, 'adds-up'],
      [5, 24, 'adds-up'],
    ]))
  it('are rows in their order where nothing calls them', () =>
    expect(
      rows('Row A: ch 1, turn, sc across (20)\nRow B: ch 1, turn, inc, sc across (21)'),
    ).toEqual([
      [null, 20, 'adds-up'],
      [null, 21, 'adds-up'],
    ]))
})

describe('rows repeated', () => {
  const shaping =
    'Row 2: ch 1, turn, sc2tog, sc to last 2 sts, sc2tog (18)\nRow 3: ch 1, turn, sc across (18)\n'
  it('until there are so many stitches', () =>
    expect(rows(`${shaping}Repeat rows 2 and 3 until 12 sts remain.`).map(([, n]) => n)).toEqual([
      18, 18, 16, 16, 14, 14, 12, 12,
    ]))
  it('that never come to so many end all the same', () =>
    expect(rows(`${shaping}Repeat rows 2 and 3 until 13 sts remain.`).length).toBeLessThan(210))
  it('of one that does not add up, are not said to', () =>
    expect(
      rows('Row 2: ch 1, turn, inc, sc across (22)\nRows 3-5: rep row 2').map(
        ([, , state]) => state,
      ),
    ).toEqual(['wrong', 'not-known', 'not-known', 'not-known']))
})

describe('a row after one that was not understood', () => {
  it('stands on what its total says, spaces and stitches in turn', () =>
    expect(
      rows(
        'Row 2: go there and back as drawn (6 sc, 6 ch-5 loops)\nRow 3: 6 sc in each loop (36)',
      ).at(-1),
    ).toEqual([3, 36, 'adds-up']))
})

it('words that are passed over do not bear out a total of a unit that is not known', () =>
  expect(rows('Row 2: *sc in next 3 sts, wobble the flurp; rep from * across (5 flurps)')).toEqual([
    [2, null, 'not-understood'],
  ]))

it('a list without a word of how often is worked to the end where it then adds up, and that is told', () => {
  const { rows: read } = checkPattern('Rnd 1: 12 sc in ring (12)\nRnd 2: 1 sc, inc (18)')
  expect(read[1]).toMatchObject({ makes: 18, state: 'adds-up' })
  expect(read[1]!.problems.map(({ code }) => code)).toEqual(['read-around'])
  expect(checkPattern('Rnd 1: 12 sc in ring (12)\nRnd 2: 1 sc, inc (19)').rows[1]!.ok).toBe(false)
})

it('what a chain that counts adds is not left out of a total', () => {
  const total = (said: string) =>
    checkPattern(
      `Rnd 1: ch 3 (counts as dc), 11 dc in ring, join (12 dc)\nRnd 2: ch 3 (counts as dc), dc in same st, 2 dc in each dc around, join (${said})`,
    ).rows[1]!.ok
  expect([total('24 dc'), total('23 dc')]).toEqual([true, false])
})

it('first and later repeats of unlike width are named', () => {
  const { rows: read } = wordedReport(
    checkPattern(
      'Rnd 1: 22 sc in ring (22)\nRnd 2: ch 3 (counts as dc), *sk first 3 sts, dc in next st; rep from * around, join (7)',
    ),
  )
  expect(read[1]!.problems[0]!.message).toBe(
    'The first repeat takes 3 of the row before, each later one 4; after five of them 2 stitches are left.',
  )
})

it('so many stitches are left as are said', () =>
  expect(
    rows('Row 2: ch 1, turn, sc in next 16 sts, leave last 3 sts unworked').map(
      ([, , state]) => state,
    ),
  ).toEqual(['wrong']))

it('the ways of a scan: numbers with hashes, names before rows, two in a line, letters of the yarn', () => {
  const made = (text: string) => checkPattern(text).rows.map(({ makes }) => makes)
  expect(made('#1 – 6 sc in MR (6)\n#2 – inc around (12)\n#3 – (sc, inc) x 6 (18)')).toEqual([
    6, 12, 18,
  ])
  expect(
    made(
      'Base: R1 6 sc in MR (6); R2 inc around (12).\nWalls: R3 sc around (12); R4-6 sc around (12).',
    ),
  ).toEqual([6, 12, 12, 12, 12, 12])
  expect(
    made(
      `${base}Border, round 1: 5 sc down the side, 20 sc along the bottom (25)\nBorder, round 2: sc around (25)`,
    ),
  ).toEqual([20, 25, 25])
  expect(made('Rnd 1 (RS, A, 12 sts): 12 sc in ring\nRnd 2 (RS, B, 24 sts): inc around')).toEqual([
    12, 24,
  ])
})
