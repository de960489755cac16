import { linesOf } from './lines.ts'
import { splitTotal } from './totals-said.ts'

const rows = (text: string) =>
  linesOf(text).flatMap((line) =>
    line.kind === 'row' ? [[line.what, line.from, line.to, line.stated]] : [],
  )

describe('the lines of a pattern', () => {
  it.each([
    ['Rnd 4: sc in each st around (24)', 'round', 4, 4, 24],
    ['Round 4 - sc in each st around [24 sts]', 'round', 4, 4, 24],
    ['R4: sc in each st around. (24)', 'round', 4, 4, 24],
    ['Rows 5–12: rep Rows 3 and 4', 'row', 5, 12, null],
    ['Rnds 5 to 8. sc in each st around — 24 sts', 'round', 5, 8, 24],
    ['Row 3 (WS): ch 1, turn, sc in each st across (10 sc)', 'row', 3, 3, 10],
    ['Forward: pull up a loop in each st across (12)', 'pass', null, null, 12],
    ['rnd 2: (dc, ch 1, dc) in next st', 'round', 2, 2, null],
    ['R11-R14: sc in every st around (48)', 'round', 11, 14, 48],
    ['1st row: sc in each st across (10)', 'row', 1, 1, 10],
    ['3rd to 6th rounds: sc in each st', 'round', 3, 6, null],
    ['Rnd 5 (increase round): [4 sc, inc] x 6 (36)', 'round', 5, 5, 36],
    ['Row 3: sc in each st across: 60 sc. Turn.', 'row', 3, 3, 60],
    ['Row 3: sc in each st across, turn – 60 sts', 'row', 3, 3, 60],
    ['Row 3: sc in each st across (60), turn.', 'row', 3, 3, 60],
    ['Rnd 3: hdc in each st around, join. 32 hdc', 'round', 3, 3, 32],
    ['Rnd 3: sc around (= 48 sc)', 'round', 3, 3, 48],
    ['R3: sc around 【42】', 'round', 3, 3, 42],
    ['Row 3: *4 sc, puff; rep from * across, turn. (60 sts, 12 puffs)', 'row', 3, 3, 60],
    ['Row 3: sc in next 5 sts. 3 sc in next st', 'row', 3, 3, null],
  ])('%s', (text, what, from, to, stated) => expect(rows(text)).toEqual([[what, from, to, stated]]))

  it('tells totals from work in brackets, and counts chain spaces as their chains', () => {
    expect(splitTotal('[2 sc, inc] × 6 (24)')).toMatchObject({
      work: '[2 sc, inc] × 6',
      stated: 24,
    })
    expect(splitTotal('*dc, ch 2; rep from * around (16 dc, 16 ch-2 sps)').stated).toBe(48)
    expect(splitTotal('(sc, dc) in next st').stated).toBeNull()
    expect(splitTotal('(2 sc, inc) 8 times').stated).toBeNull()
    expect(splitTotal('sc in each st around. Total: 18').stated).toBe(18)
  })

  it('puts wrapped rows together, and keeps headings and prose apart', () => {
    const lines = linesOf(
      'Body\nRnd 1: sc in next 3 sts,\n2 sc in next st (5)\n\nTurn the bag inside out.',
    )
    expect(lines.map(({ kind, line }) => [kind, line])).toEqual([
      ['heading', 1],
      ['row', 2],
      ['prose', 5],
    ])
    expect(
      rows(
        'Rnd 1: *sc in next st, inc in next st;\nrep from * around (12)\nRnd 2: sc in each st around',
      ),
    ).toHaveLength(2)
  })

  it('reads any line ending, and no row out of nothing', () => {
    expect(rows('Rnd 1: sc\r\nRnd 2: sc\rRnd 3: sc')).toHaveLength(3)
    expect(linesOf('\n \n')).toEqual([])
  })
})
