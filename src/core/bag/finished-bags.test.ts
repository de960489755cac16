import { fittingKinds } from '../fitting/index.ts'
import { formOf } from '../form/index.ts'
import { compile, rowMade } from '../ledger/index.ts'
import { cautionsOf, finishingOf } from '../pattern/index.ts'
import { madeIn, printProject, projectOf, readProject } from '../project/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { alarmsOf } from '../testing/alarms.ts'
import { finishedBags } from '../testing/finished-bags.ts'
import { writtenIn } from '../testing/written.ts'
import { derive, planReport } from './index.ts'

describe('bags that are finished to the last thread', () => {
  const all = finishedBags.map((design) => [design.name, design] as const)

  it('have every kind of fitting between them', () => {
    const kinds = new Set(finishedBags.flatMap(({ items }) => items.map(({ kind }) => kind)))
    expect([...kinds].sort()).toEqual([...fittingKinds].sort())
  })

  it.each(all)('%s comes out: no error, no riddle, nothing at no place', (_, design) => {
    const derived = derive(projectOf(design))
    expect(derived.snags.filter(({ severity }) => severity === 'error')).toEqual([])
    const { fittings } = planReport(design, derived, defaultWords)
    expect(fittings.length).toBeGreaterThanOrEqual(design.items.length)
    for (const { text, lengthMm, yarns } of fittings) {
      expect(text).not.toMatch(/undefined|NaN|not there any more/)
      expect(lengthMm).toBeGreaterThanOrEqual(0)
      for (const { metres } of yarns) expect(Number.isFinite(metres)).toBe(true)
    }
    const { surfaces } = formOf({ design, ledger: derived.ledger }, { hand: 'right', soft: true })
    for (const { at } of surfaces) expect(at.every(Number.isFinite)).toBe(true)
    // Its yarn is the sum of what its parts and things take.
    for (const { metres, parts } of derived.needs)
      expect(parts.reduce((sum, part) => sum + part.metres, 0)).toBeCloseTo(metres, 9)
  })

  it.each(all)('%s is written so that every row of it is read back', (_, design) => {
    expect(alarmsOf(writtenIn(design, 'own'))).toMatchObject({ lines: [] })
  })

  it.each(all)('%s is the very same once all its rows are made, and in its file', (_, design) => {
    const ledger = compile(design)
    const log = ledger.pieces.flatMap((piece) =>
      Array.from({ length: piece.times }, (_, copy) =>
        Array.from({ length: piece.rows }, (_, row) => rowMade(ledger, piece, row, copy + 1)),
      ).flat(),
    )
    const read = readProject(printProject({ design, log }))
    if (!read.ok) throw new Error(JSON.stringify(read.problem))
    expect(compile(read.value.design, { made: madeIn(read.value.log) })).toEqual(ledger)
  })

  it('say before its row what is to be done there, and at the end what is left', () => {
    const [cymbal] = finishedBags
    const text = writtenIn(cymbal!, 'own')
    expect(text.indexOf('Weigh what is left of A.')).toBeGreaterThan(0)
    const { steps } = finishingOf(compile(cymbal!), defaultWords, 3)
    expect(steps.map(({ name }) => name)).toEqual([
      'Ends',
      'Lining',
      'Base plate',
      'Slip stitches on',
      'Ring',
    ])
  })

  it('mind what is to be minded, each thing once', () => {
    const of = (name: string) =>
      cautionsOf(compile(finishedBags.find((bag) => bag.name === name)!)).map(
        ({ caution }) => caution,
      )
    expect(of('Cymbal bag')).toEqual(['trap', 'load', 'heat', 'glue'])
    expect(of('Baton sleeve')).toEqual(['strangle', 'trap', 'small'])
    expect(of('Cornet case')).toContain('magnet')
  })
})
