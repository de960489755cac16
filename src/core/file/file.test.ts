import { csvParse } from 'd3'
import { partsOf } from '../design/index.ts'
import { compile } from '../ledger/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { tote } from '../testing/tote.ts'
import { roundsCsv } from './index.ts'

describe('roundsCsv', () => {
  it('is read by another reader, and harmless in a spreadsheet', () => {
    const design = tote({
      parts: [{ ...partsOf(tote())[0]!, name: '=HYPERLINK("x"),"y"' }, ...partsOf(tote()).slice(1)],
    })
    const ledger = compile(design)
    const rows = csvParse(roundsCsv(ledger, defaultWords))
    expect(rows).toHaveLength(16)
    expect(rows[0]!.part).toBe(`'=HYPERLINK("x"),"y"`)
    expect(rows[11]).toMatchObject({
      round: '12',
      uses: '48',
      makes: '48',
      work: '[3 sc A, 2 sc B, 1 sc A] × 8',
    })
  })
})
