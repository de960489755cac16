import Ajv2020 from 'ajv/dist/2020.js'
import fc from 'fast-check'
import { readFileSync } from 'node:fs'
import { printProject, projectOf } from '../project/index.ts'
import { anyDesign } from '../testing/arbitrary.ts'
import { compile, rowMade } from '../ledger/index.ts'
import { base, mosaicBand, tote } from '../testing/tote.ts'
import { projectSchema } from './index.ts'

/* By itself: the schema is made of every document that was loaded. */

const mosaicTote = tote({ parts: [base({ count: 48 }), mosaicBand()] })
const accepts = new Ajv2020({ strict: false }).compile(projectSchema())
const file = (over: object = {}) => ({ ...JSON.parse(printProject(projectOf(tote()))), ...over })

describe('the JSON Schema', () => {
  it('is the one that ships', () => {
    const shipped = readFileSync(
      new URL('../../../public/project-file.schema.json', import.meta.url),
      'utf8',
    )
    expect(JSON.parse(shipped)).toEqual(projectSchema())
  })

  it('accepts every project (ajv)', () => {
    fc.assert(
      fc.property(anyDesign, (design) => {
        expect([accepts(JSON.parse(printProject(projectOf(design)))), accepts.errors]).toEqual([
          true,
          null,
        ])
      }),
      { numRuns: 40 },
    )
  })

  it('accepts what is noted as made, and nothing else in its place', () => {
    const ledger = compile(mosaicTote)
    const log = Array.from({ length: ledger.pieces[0]!.rows }, (_, row) =>
      rowMade(ledger, ledger.pieces[0]!, row),
    )
    expect([accepts(file({ log })), accepts.errors]).toEqual([true, null])
    const weighed = {
      ...{ kind: 'weighed', yarn: 'A', piece: 'bag', row: 'base:1' },
      ...{ grams: 62.5, at: '2026-11-30T12:00:00.000Z' },
    }
    expect(accepts(file({ log: [...log, weighed, { ...weighed, grams: null }] }))).toBe(true)
    expect(accepts(file({ log: [{ ...weighed, at: 'today' }] }))).toBe(false)
    expect(accepts(file({ log: [{ ...log[0]!, side: 'both' }] }))).toBe(false)
    expect(accepts(file({ log: [{ ...log[0]!, work: [{ do: 'knit' }] }] }))).toBe(false)
  })

  it('refuses what the program refuses', () => {
    expect(accepts(file({ version: 99 }))).toBe(false)
    expect(accepts(file({ design: { ...tote(), hookMm: -1 } }))).toBe(false)
    expect(accepts(file({ design: { ...tote(), swatch: {} } }))).toBe(false)
    expect(accepts(file({ design: { ...tote(), parts: [{ kind: 'sock' }] } }))).toBe(false)
    expect(accepts(file({ design: { ...tote(), extra: 1 } }))).toBe(false)
  })
})
