import { baseAs, swatch, tote } from '../../../core/testing/tote.ts'
import type { Design } from '../../../core/design/index.ts'
import { defaultWords } from '../../../core/stitch/index.ts'
import { readOut } from '@app/parts/said/said.ts'
import { sizeSaid } from './saying-size.ts'

const gauge = { stitchWidthMm: 5 }
const said = (design: Design, worked: 'rounds' | 'rows' = 'rounds', words = defaultWords) =>
  readOut(sizeSaid({ design, gauge, worked, words }))

describe('the size as a sentence', () => {
  it('says what it must be, what the hook makes of it, and how it is built', () => {
    expect(said(tote())).toBe(
      'It must be 24.0 cm around and 6.0 cm tall, ± 5 %. 20 stitches and 20 rounds over 10 cm in sc, with a 3.5 mm hook, yarn of class 3, light. Round: every round + 6, last round 48, staggered; in a spiral.',
    )
  })
  it('says half of the way around of what is laid flat, and rows of a panel', () => {
    const design = tote({
      parts: [baseAs('folded-panel', { flapRows: 12, count: 43 })],
      want: { aroundMm: 480, said: 'flat', heightMm: 180, tolerance: 0.03 },
    })
    const words = said(design, 'rows')
    expect(words).toContain('It must be 24.0 cm laid flat and 18.0 cm tall, ± 3 %.')
    expect(words).toContain('20 stitches and 20 rows over 10 cm')
    expect(words).toMatch(/Folded panel: across 43, flap rows 12, .*flap last.*; turned\.$/)
  })
  it('says one panel across, since nothing of it goes around', () => {
    const design = tote({ parts: [baseAs('panel')] })
    expect(said(design, 'rows')).toContain('12.0 cm across and 6.0 cm tall')
  })
  it('says what can be expected as long as no swatch was measured', () => {
    expect(said(tote({ swatches: [] }))).toContain('No swatch yet: about 20 stitches over 10 cm')
  })
  it('says two lengths where stitches and rounds were measured over two', () => {
    const design = tote({ swatches: [swatch({ rows: 11, rowsOverMm: 50 })] })
    expect(said(design)).toContain('20 stitches over 10 cm and 11 rounds over 5 cm in sc')
  })
  it('speaks UK terms and inches', () => {
    const words = said(tote(), 'rounds', { ...defaultWords, terms: 'uk', units: 'imperial' })
    expect(words).toContain('in dc,')
    expect(words).toContain('9.4 in around and 2.4 in tall')
  })
})
