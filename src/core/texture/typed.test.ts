import { drawer, rowsTyped, rowTyped, typedRows, yarnsIn } from './index.ts'

describe('rows as they are typed', () => {
  const row = (over: object) => ({
    text: 'sc in each st',
    yarn: 'A',
    onto: 'below',
    side: null,
    ...over,
  })

  it.each([
    ['sc in each st', {}],
    ['(WS) sc in each st', { side: 'WS' }],
    ['Row 3 (WS): sc in each st', { side: 'WS' }],
    ['Rnd 3: (RS) sc in each st', { side: 'RS' }],
    ['Row 12. sc in each st', {}],
    ['with B, sc in each st', { yarn: 'B' }],
    ['In C: sc in each st', { text: 'In C: sc in each st' }],
    ['(ws) into its own row: with B, sc in each st', { side: 'WS', onto: 'own', yarn: 'B' }],
    ['into all rows, sc in each st', { onto: 'both' }],
    ['into both rows: sc in each st', { onto: 'both' }],
    // What is worked further on in a row is its own words.
    ['sc in next st, with B, sc in next st', { text: 'sc in next st, with B, sc in next st' }],
  ])('%s', (line, over) => expect(rowTyped(line)).toEqual(row(over)))

  it('stand under what begins, repeats and ends; without a heading they repeat', () => {
    const rows = rowsTyped('Set-up:\nRow 1: a\n\nRepeat rows:\nb\nc\nEnd:\nd')!
    expect([rows.begin, rows.rows, rows.end].map((list) => list.map(({ text }) => text))).toEqual([
      ['a'],
      ['b', 'c'],
      ['d'],
    ])
    expect(rowsTyped('a\nb')!.rows).toHaveLength(2)
    expect(rowsTyped('Set-up:\na')).toBeNull()
    expect(rowsTyped('')).toBeNull()
  })

  it('of every pattern in the drawer are the same when they are typed and read again', () => {
    for (const { id, flat, round } of drawer)
      for (const rows of [flat, round])
        if (rows) expect([id, rowsTyped(typedRows(rows))]).toEqual([id, rows])
  })

  it('say their yarns', () => {
    const yarns = (text: string) => yarnsIn(rowsTyped(text)!).join('')
    expect(yarns('sc in each st')).toBe('A')
    expect(yarns('with B, sc in each st\nwith C, sc in each st')).toBe('ABC')
    expect(yarns('*2 sc, change to B, ch 1, with A, sc in next st; rep from * around')).toBe('AB')
  })
})
