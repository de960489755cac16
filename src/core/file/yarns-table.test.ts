import { yarnsCsv, yarnsFromCsv } from './index.ts'

let next = 0
const read = (text: string) => yarnsFromCsv(text, () => `y${++next}`)

describe('yarns in hand as a table', () => {
  const yarns = [
    {
      ...{ id: 'y', name: 'Brass, fine', colour: '#d39a2d', yarnClass: 3 },
      label: { grams: 50, metres: 125, price: 4.5 },
      lots: [
        { lot: '12', grams: 100 },
        { lot: null, grams: 17.5 },
      ],
    },
    {
      ...{ id: 'z', name: '=Chalk', colour: '#efe9dc', yarnClass: null },
      ...{ label: null, lots: [] },
    },
  ]

  it('are written as RFC 4180 has it, and read back the same', () => {
    const text = yarnsCsv(yarns)
    expect(text.split('\r\n')[1]).toBe('"Brass, fine",#d39a2d,3,50,125,4.5,12,100')
    const back = read(text)
    if (!back.ok) throw new Error(back.problem)
    expect(back.value.map((yarn, i) => ({ ...yarn, id: yarns[i]!.id }))).toEqual(yarns)
  })

  it('are read with other headings, in any order, with units and decimal commas', () => {
    const back = read(
      'Dye lot;Yarn;Grams in hand;Grams per ball;Metres per ball\n7;Sand;"37,5 g";50 g;120\n',
    )
    expect(back).toMatchObject({
      ok: true,
      value: [
        { name: 'Sand', lots: [{ lot: '7', grams: 37.5 }], label: { grams: 50, metres: 120 } },
      ],
    })
  })

  it.each([
    ['no heading for the name', 'colour\n#112233', 'name'],
    ['a colour that is none', 'name,colour\nSand,beige', 'Line 2'],
    ['a figure that is none', 'name,grams\nSand,1\nSand,lots', 'Line 3'],
    ['a class there is not', 'name,class\nSand,9', 'class'],
    ['no yarns', 'name\n', 'no yarns'],
  ])('are refused in words: %s', (_, text, says) => {
    const back = read(text)
    expect(back.ok ? '' : back.problem).toContain(says)
  })
})
