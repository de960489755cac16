import { compile } from '../../core/ledger/index.ts'
import { tote } from '../../core/testing/tote.ts'
import { readAmount, readMm, readWhole } from './fields.ts'
import { spineParts } from './spine-layout.ts'
import { tapeMarks } from './tape.ts'
import { newPart, partTemplates } from './part-templates.ts'

describe('a tape', () => {
  it('has a mark where a ruler has one, and figures that stand apart', () => {
    for (const system of ['metric', 'imperial'] as const)
      for (const pxPerMm of [0.1, 0.35, 1.4, 4]) {
        const marks = tapeMarks(300, pxPerMm, system)
        const unit = system === 'metric' ? 10 : 25.4
        const figures = marks.filter(({ figure }) => figure !== null)
        for (const { at, figure } of figures)
          expect(at / pxPerMm).toBeCloseTo(Number(figure) * unit, 6)
        figures.slice(1).forEach(({ at }, i) => expect(at - figures[i]!.at).toBeGreaterThan(20))
        expect(marks.at(-1)!.at).toBeLessThanOrEqual(300 * pxPerMm + 1e-6)
      }
  })
})

describe('the spine', () => {
  it('stacks the parts without gaps and keeps their labels apart', () => {
    const piece = compile(tote()).pieces[0]!
    const parts = spineParts(piece, 700, 4)
    expect(parts[0]!.bottom).toBe(700)
    parts.slice(1).forEach((part, i) => {
      expect(part.bottom).toBeCloseTo(parts[i]!.top, 9)
      expect(parts[i]!.labelY - part.labelY).toBeGreaterThanOrEqual(28.9)
    })
    expect(parts.at(-1)!.top).toBeCloseTo(700 - piece.columns.alongMm.at(-1)! * 4, 9)
  })
})

describe('fields', () => {
  it('read what people type', () => {
    expect(readWhole('+ 6')).toEqual({ ok: true, value: 6 })
    expect(readWhole('6.5').ok).toBe(false)
    expect(readMm('3,5 mm')).toEqual({ ok: true, value: 3.5 })
    expect(readAmount('50 g')).toEqual({ ok: true, value: 50 })
    expect(readAmount('some').ok).toBe(false)
  })
})

describe('a new part', () => {
  it('has an id of its own, and a motif that divides', () => {
    for (const { kind } of partTemplates) expect(newPart(tote(), kind, 48).id).toBe('p1')
    const motif = newPart(tote(), 'tapestry', 50)
    expect(motif.kind === 'tapestry' && 50 % motif.chart.width).toBe(0)
  })
})
