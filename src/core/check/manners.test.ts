import { alarmsOf } from '../testing/alarms.ts'
import { madeBy, type Manner, manners } from '../testing/manners/index.ts'
import { isFound, planted, type Planted } from '../testing/plant.ts'
import { checkPattern, maybeRepeated, problemText, wordedReport } from './index.ts'

/* Sound patterns, each in a manner of its own, counted by hand before they were read; and what must still be found in them. */

/** What is still not read, and why. */
const NOT_READ: Readonly<Record<string, string>> = {
  'spaces between groups': 'two groups in one space, and the gaps between them',
  'fan border': 'ways between fans',
  'shells from a numbered lesson': 'a last shell that is worked in half',
  'basket with handles, working over cord': 'stitches worked over a cord, into nothing',
  'bead round with slip': 'what is done with a bead',
}
/** Read, but for words that are passed over. */
const rowsOf = ({ text }: Manner) => checkPattern(text)

describe('a pattern in a manner of its own', () => {
  it.each(manners.filter(({ name }) => !(name in NOT_READ)).map((one) => [one.name, one] as const))(
    '%s, is read in full',
    (_, manner) => {
      const { rows, problems, unread } = rowsOf(manner)
      const wanted = madeBy(manner)
      expect(rows.map(({ makes }, i) => (wanted[i] === null ? null : makes))).toEqual(wanted)
      expect(rows.filter(({ ok }) => !ok)).toEqual([])
      expect(problems).toEqual([])
      expect(unread).toHaveLength(manner.beside ?? 0)
    },
  )
  it('is never silently wrong', () => {
    for (const manner of manners) {
      const wanted = madeBy(manner)
      rowsOf(manner).rows.forEach(({ ok, makes }, i) => {
        const count = wanted[i] ?? null
        if (ok && count !== null) expect([manner.name, i, makes]).toEqual([manner.name, i, count])
      })
    }
  })
  const kinds: readonly Planted['kind'][] = ['count', 'repeat', 'total', 'skip', 'order', 'terms']
  it.each(kinds)('with a fault of kind %s in it is found out', (kind) => {
    let seed = 20261130
    const random = () => (seed = (seed * 1103515245 + 12345) & 0x7fffffff) / 0x7fffffff
    const sound = manners.filter(({ name }) => !(name in NOT_READ))
    const faulty = sound.flatMap(({ text }) => {
      const fault = planted(text, kind, random)
      return fault ? [{ fault, sound: text }] : []
    })
    const missed = faulty.filter(
      ({ fault, sound: text }) => !isFound(fault, alarmsOf(fault.text, text)),
    )
    // Some come out all the same: two of three where one of two was, or the size that is not chosen.
    expect(missed.length).toBeLessThanOrEqual(Math.max(1, 0.12 * faulty.length))
  })
})

describe('what must not be read past', () => {
  const codes = (text: string) =>
    checkPattern(text).rows.flatMap(({ problems }) => problems.map(({ code }) => code))
  const ring = 'Rnd 1: 12 sc in ring (12)\n'
  it.each([
    ['a total in the manner of the others', `${ring}Rnd 2: inc around. 25 sc.`, 'total-misstated'],
    [
      'a total that most rows say so',
      'Rnd 1: 6 sc in ring. 6 sc.\nRnd 2: 6 inc. 13 sc.',
      'total-misstated',
    ],
    [
      'words in a row that does not come out',
      `${ring}Rnd 2: flurp sc in next 10 sts (12)`,
      'unread',
    ],
    ['a mistyped word that is no word', `${ring}Rnd 2: scc around (12)`, 'unread'],
    [
      'an increase too many, said by its step',
      `${ring}Rnd 2: inc in every 3rd st (18)`,
      'total-misstated',
    ],
    ['a repeat said too often', `${ring}Rnd 2: (sc, inc) 7 times (18)`, 'stitches-short'],
    [
      'loops counted wrong',
      `${ring}Rnd 2: *sc, ch 3, sk 1; rep from * around (7 loops)`,
      'total-misstated',
    ],
    [
      'rows that are not so many',
      `${ring}Rnd 2: inc around (24)\nRnd 3: sc around (24)\nRnds 4-13: rep rnds 2-3 three times`,
      'parity',
    ],
  ])('%s', (_, text, code) => expect(codes(text)).toContain(code))

  it('nothing of a line with a stitch in it: it is a row, or it is told', () => {
    const text = `Body\n${ring}Then 2 sc, wibble, 3 dc in the thing and so on\nRnd 2: sc around (12)`
    const { rows, unread } = checkPattern(text)
    expect(rows.map(({ row }) => row)).toEqual([1, 2])
    expect(unread.map(({ line }) => line)).toEqual([3])
  })
})

describe('the state of a row', () => {
  const states = (text: string) => checkPattern(text).rows.map(({ state, ok }) => [state, ok])
  it('is that it adds up, does not, is not understood, or stands on what is not known', () => {
    expect(
      states(
        [
          'Rnd 1: 12 sc in ring (12)',
          'Rnd 2: inc in each st around (25)',
          'Rnd 3: flurp all of it',
          'Rnd 4: sc in each st around',
          'Rnd 5: sc in next 30 sts (30)',
          'Rnd 6: sc in each st around (30)',
        ].join('\n'),
      ),
    ).toEqual([
      ['adds-up', true],
      ['wrong', false],
      ['not-understood', false],
      ['not-known', false],
      ['adds-up', true],
      ['adds-up', true],
    ])
  })
  it('that was not understood is told by the next one that comes out on it', () => {
    const { rows } = checkPattern(
      'Rnd 1: 12 sc in ring (12)\nRnd 2: *sc, flurp, inc; rep from * around\nRnd 3: *2 sc, inc; rep from * around (24)',
    )
    expect(rows.map(({ makes, ok }) => [makes, ok])).toEqual([
      [12, true],
      [18, true],
      [24, true],
    ])
    expect(rows[1]!.problems.map(({ code }) => code)).toEqual(['read-past'])
  })
})

describe('what would put a row right', () => {
  const ring = 'Rnd 1: 18 sc in ring (18)\n'
  const put = (row: string) => {
    const { rows } = wordedReport(checkPattern(ring + row))
    const [problem] = rows[1]!.problems
    return { problem: problem!, text: rows[1]!.text }
  }
  it.each([
    ['Rnd 2: [2 sc, inc] x 5 (24)', '[2 sc, inc] x 6 (24)'],
    ['Rnd 2: [2 sc, inc] 7 times (24)', '[2 sc, inc] 6 times (24)'],
    ['Rnd 2: [3 sc, inc] x 6 (24)', '[2 sc, inc] x 6 (24)'],
    ['Rnd 2: [2 sc, inc] x 6 (25)', '[2 sc, inc] x 6 (24)'],
    [
      'Rnd 2: ch 3 (counts as dc), dc in next 18 sts (18)',
      'ch 3 (counts as dc), dc in next 17 sts (18)',
    ],
  ])('%s', (row, right) => {
    const { problem, text } = put(row)
    const [edit] = problem.edits!
    const written = text.slice(0, edit!.from) + edit!.text + text.slice(edit!.to)
    expect(written).toBe(right)
    expect(checkPattern(`${ring}Rnd 2: ${written}`).rows[1]!.ok).toBe(true)
    expect(problem.mends[0]).toBe(edit!.label)
  })
  it('says how many repeats fit and how many are written, and what a chain space is', () => {
    expect(put('Rnd 2: [2 sc, inc] x 5 (24)').problem.message).toBe(
      '3 stitches of the row before are left unworked. Six repeats fit, five are written.',
    )
    const { problem } = put('Rnd 2: *sc, ch 2, sk 1; rep from * around (9 sc, 8 ch-2 sps)')
    expect(problemText(problem, 'us').mends.join()).not.toMatch(/increase/)
  })
})

describe('a pattern in several sizes', () => {
  const text =
    'Sizes: small (medium, large)\nCh 21 (25, 29).\nRow 1: sc in 2nd ch from hook and in each ch across. 20 (24, 28) sc\nRow 2: ch 1, turn, sc in each st across. 20 (24, 29) sc'
  it('is counted in the one that is chosen', () => {
    const made = (size: number) =>
      checkPattern(text, { size }).rows.map(({ makes, ok }) => [makes, ok])
    expect(checkPattern(text).sizes).toEqual(['small', 'medium', 'large'])
    expect([0, 1, 2].map(made)).toEqual([
      [
        [20, true],
        [20, true],
      ],
      [
        [24, true],
        [24, true],
      ],
      [
        [28, true],
        [28, false],
      ],
    ])
  })
})

describe('a pattern that says nothing of its starting chains', () => {
  const rounds = (last: string) =>
    `Rnd 1: ch 3, 12 dc in ring, join (12)\nRnd 2: ch 3, 2 dc in each st around, join (24)\nRnd 3: ch 3, *dc in next st, 2 dc in next st; rep from * around, join (${last})`
  it('is taken by the school that all of it adds up in', () => {
    const { rows, problems } = checkPattern(rounds('36'))
    expect(rows.map(({ makes, ok }) => [makes, ok])).toEqual([
      [12, true],
      [24, true],
      [36, true],
    ])
    expect(problems.map(({ code }) => code)).toEqual(['starting-chains'])
  })
  it('keeps its fault all the same', () =>
    expect(checkPattern(rounds('37')).rows.map(({ ok }) => ok)).toEqual([true, true, false]))
  it('is not turned around for one row', () => {
    const { rows } = checkPattern('Rnd 1: 12 dc in ring (12)\nRnd 2: ch 3, dc in next 12 sts (12)')
    expect(rows[1]!.ok).toBe(false)
  })
})

describe('rows that come again', () => {
  const again = (text: string) => maybeRepeated(checkPattern(text).rows)
  const base = 'Ch 11.\nRow 1: sc in 2nd ch from hook and in each ch across (10)\n'
  it('are found, and a plain stretch is none', () => {
    const two =
      'Row 2: ch 1, turn, *sc, dc; rep from * across (10)\nRow 3: ch 1, turn, sc across (10)\n'
    expect(again(`${base}${two}Rows 4-9: rep rows 2 and 3`)).toEqual([2, 3])
    expect(again(`${base}Rows 2-9: ch 1, turn, sc across (10)`)).toBeNull()
  })
})

it('a dc2tog is a dc, and so is the chain that stands for one', () => {
  const { rows } = wordedReport(
    checkPattern(
      'Rnd 1: 16 dc in ring (16)\nRnd 2: dc2tog around (8 dc)\nRnd 3: ch 3 (counts as dc), dc in next 7 sts (8 dc)\nRnd 4: ch 3 (counts as dc), dc in next 7 sts (9 dc)',
    ),
  )
  expect(rows.map(({ ok }) => ok)).toEqual([true, true, true, false])
  expect(rows[3]!.problems[0]!.message).toBe('It makes 8 dc, not 9: one fewer than stated.')
})

describe('rows that are said before their turn', () => {
  const base = 'Ch 11.\nRow 1: sc in 2nd ch from hook and in each ch across (10)\n'
  const rows = (text: string) =>
    checkPattern(base + text).rows.map(({ row, makes, ok }) => [row, makes, ok])
  it('are worked in it: of a list with gaps, and of every second one', () => {
    const list =
      'Rows 2, 4: ch 1, turn, sc across\nRow 3: ch 1, turn, inc, sc across (11)\nRow 5: ch 1, turn, sc across (11)'
    const every =
      'Even rows: ch 1, turn, sc across\nRow 3: ch 1, turn, inc, sc across (11)\nRow 5: ch 1, turn, sc across (11)'
    const wanted = [
      [1, 10, true],
      [2, 10, true],
      [3, 11, true],
      [4, 11, true],
      [5, 11, true],
    ]
    expect(rows(list)).toEqual(wanted)
    expect(rows(every)).toEqual(wanted)
  })
})

describe('letters with nothing between them and what they are', () => {
  const rounds = 'Rnd 1: 6 O in ring (6)\nRnd 2: 6 Y (12)\nRnd 3: (4 O, Z) x 2 (10)'
  const made = (legend: string) =>
    checkPattern(`${legend}\n${rounds}`).rows.map(({ makes }) => makes)
  it('are read where rows are written in them, on one line or on several', () => {
    expect(made('O sc / Y inc / Z dec')).toEqual([6, 12, 10])
    expect(made('O sc\nY 2 sc in one stitch\nZ sc2tog')).toEqual([6, 12, 10])
  })
})

describe('work from corner to corner', () => {
  const rows = (text: string) =>
    checkPattern(`Corner to corner.\n${text}`).rows.map(({ makes, ok }) => [makes, ok])
  it('is counted in blocks, one more or fewer a row', () => {
    expect(
      rows(
        'Row 1: 1 block (1 block)\nRow 2: ch 6, dc in 4th ch (2 blocks)\nRow 3: even, along the top (2 blocks)\nRow 4: dec at both ends (1 block)',
      ),
    ).toEqual([
      [1, true],
      [2, true],
      [2, true],
      [1, true],
    ])
    expect(
      rows('Row 1: 1 block (1 block)\nRow 2: as before (2 blocks)\nRow 3: as before (4 blocks)').at(
        -1,
      ),
    ).toEqual([3, false])
  })
})
