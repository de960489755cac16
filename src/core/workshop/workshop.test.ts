import { type OwnMotif, type OwnPattern } from './workshop.ts'
import {
  drawers,
  emptyWorkshop,
  freeOf,
  MOST,
  newIn,
  printWorkshop,
  promisedBy,
  readWorkshop,
  type Workshop,
  workshopAfter,
  workshopWith,
} from './index.ts'
import { swatch, tote } from '../testing/tote.ts'

const pattern: OwnPattern = {
  ...{
    id: 'own-1',
    name: 'Brass rib',
    multiple: 2,
    offset: 1,
    roundOffset: 0,
    flat: 'sc\nhdc',
    round: '',
  },
  notes: 'two\nlines',
  ...{ side: 'WS', unit: 'puff', perRepeat: 2, passes: 1, special: '' },
}
const motif: OwnMotif = { id: 'own-m', name: 'Bell', kind: 'figure', width: 3, colours: ['.B.'] }
const [yarn] = tote().yarns
const full: Workshop = {
  settings: { terms: 'uk', units: 'imperial', hand: 'left', demoBrought: true },
  patterns: [pattern],
  motifs: [motif],
  palettes: [{ id: 'p', name: 'Band', colours: [{ name: 'Drum', colour: '#22406b' }] }],
  yarns: [
    {
      ...{ id: 'y', name: yarn!.name, colour: yarn!.colour, label: yarn!.label },
      ...{ lots: [{ lot: '7', grams: 80 }], yarnClass: 3 },
    },
  ],
  swatches: [{ id: 's', name: 'Drum blue', swatch: swatch() }],
  learned: [
    {
      ...{ id: 'l', of: 'lean', stitch: 'sc', hookMm: 3.5, value: 0.3, times: 4 },
      ...{ yarn: null, hand: 'right', from: 'Tote' },
    },
  ],
}
const faults = (over: object) => {
  const read = readWorkshop(JSON.stringify({ ...JSON.parse(printWorkshop(full)), ...over }))
  return read.ok ? [] : read.problem.map(({ where, message }) => `${where} ${message}`)
}

describe('yarns in hand', () => {
  it('are read from a workshop of before, when there was one amount', () => {
    const [one] = full.yarns
    const rest = { ...one!, lots: undefined }
    const before = (inHandGrams: number | null) =>
      readWorkshop(
        JSON.stringify({
          ...JSON.parse(printWorkshop(full)),
          ...{ version: 3, yarns: [{ ...rest, inHandGrams }] },
        }),
      )
    expect(before(80)).toMatchObject({
      value: { yarns: [{ lots: [{ lot: null, grams: 80 }] }] },
    })
    expect(before(null)).toMatchObject({ value: { yarns: [{ lots: [] }] } })
  })

  // 100 g of lot 7, 60 promised to one bag and 50 to a strand of another: 10 too many.
  it('are promised once: what bags keep aside is not free', () => {
    const keeps = (grams: number) => [{ lot: '7', grams, of: 'own-y' }]
    const [yarn] = tote().yarns
    const bags = [
      { name: 'One', yarns: [{ ...yarn!, lots: keeps(60) }] },
      {
        name: 'Other',
        yarns: [{ ...yarn!, strands: [{ name: 'Fine', label: null, lots: keeps(50) }] }],
      },
    ]
    const promised = bags.flatMap(promisedBy)
    expect(promised.map(({ bag, grams }) => [bag, grams])).toEqual([
      ['One', 60],
      ['Other', 50],
    ])
    const lot = { lot: '7', grams: 100 }
    expect(freeOf({ id: 'own-y' }, lot, promised.slice(0, 1))).toBe(40)
    expect(freeOf({ id: 'own-y' }, lot, promised)).toBe(-10)
    expect(freeOf({ id: 'own-y' }, { lot: '8', grams: 30 }, promised)).toBe(30)
  })
})

describe('the workshop file', () => {
  it('comes back as it went out', () => {
    expect(readWorkshop(printWorkshop(full))).toEqual({ ok: true, value: full })
    expect(readWorkshop(printWorkshop(emptyWorkshop))).toEqual({ ok: true, value: emptyWorkshop })
  })

  it('of version 1 has patterns whose rows alone were said', () => {
    const { id, name, multiple, offset, flat, round, notes } = pattern
    const old = { ...JSON.parse(printWorkshop(full)), version: 1 }
    const read = readWorkshop(
      JSON.stringify({ ...old, patterns: [{ id, name, multiple, offset, flat, round, notes }] }),
    )
    expect(read.ok && read.value.patterns).toEqual([
      { ...pattern, side: 'any', unit: null, perRepeat: 1 },
    ])
  })

  it('is refused at the place of what is wrong', () => {
    expect(faults({ format: 'ample-motif-project' })).toEqual([
      'file is not an Ample Motif workshop',
    ])
    expect(faults({ version: 8 })[0]).toContain('version 8 is newer')
    expect(faults({ patterns: [{ ...pattern, multiple: 0 }] })[0]).toContain('patterns[0].multiple')
    expect(faults({ patterns: [pattern, pattern] })).toEqual(['patterns[1].id is there twice'])
    expect(faults({ motifs: [{ ...motif, width: 2 }] })).toEqual([
      'motifs[0] must have rows of 2 cells',
    ])
    expect(faults({ yarns: [{ ...full.yarns[0], colour: 'red' }] })[0]).toContain('yarns[0].colour')
    expect(faults({ shelf: [] })).toEqual(['shelf is not known here'])
  })
})

describe('an edit of a workshop', () => {
  it('puts a thing at its place, or at the end, and takes it out', () => {
    const two = workshopWith([
      { do: 'keep', drawer: 'patterns', thing: pattern },
      { do: 'keep', drawer: 'patterns', thing: { ...pattern, id: 'own-2' } },
      { do: 'keep', drawer: 'patterns', thing: { ...pattern, name: 'Renamed' } },
    ])
    expect(two.patterns.map(({ id, name }) => [id, name])).toEqual([
      ['own-1', 'Renamed'],
      ['own-2', 'Brass rib'],
    ])
    const one = workshopAfter(two, { do: 'remove', drawer: 'patterns', id: 'own-1' })
    expect(one.patterns.map(({ id }) => id)).toEqual(['own-2'])
  })

  it('makes room by the oldest where a drawer is full', () => {
    const many = Array.from({ length: MOST.palettes }, (_, i) => ({
      ...{ id: `p${i}`, name: 'P', colours: [] },
    }))
    const thing = { id: 'new', name: 'New', colours: [] }
    const { palettes } = workshopAfter(
      { ...emptyWorkshop, palettes: many },
      { do: 'keep', drawer: 'palettes', thing },
    )
    expect([palettes.length, palettes[0]!.id, palettes.at(-1)!.id]).toEqual([
      ...[MOST.palettes, 'p1', 'new'],
    ])
  })

  it('takes of another workshop what is not there, in every drawer, and no settings', () => {
    const here: Workshop = { ...emptyWorkshop, patterns: [{ ...pattern, name: 'Mine' }] }
    expect(newIn(here, full)).toBe(drawers.length - 1)
    const after = workshopAfter(here, { do: 'take', from: full })
    expect(after.patterns.map(({ name }) => name)).toEqual(['Mine'])
    expect(after.settings).toEqual(emptyWorkshop.settings)
    for (const drawer of drawers) expect(after[drawer]).toHaveLength(1)
    expect(newIn(after, full)).toBe(0)
  })
})
