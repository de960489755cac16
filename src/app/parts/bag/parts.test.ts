import { partsOf } from '@core/design'
import { historyOf, tryCommit, projectOf } from '../../../core/project/index.ts'
import { derive } from '../../../core/bag/index.ts'
import { baseKinds } from '../../../core/shape/index.ts'
import { baseAs, plain, tote } from '../../../core/testing/tote.ts'
import { facesOf } from '@core/form'
import { readAmount, readLengthFrom, readMm, readWhole } from '../fields/read-typed.ts'
import { tapeMarks } from '../marks/tape.ts'
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

describe('what is seen from the front', () => {
  const seen = (base: Parameters<typeof tote>[0] & object, rounds = 10) => {
    const design = tote({ ...base, parts: [...base.parts!, plain({ rounds })] })
    return facesOf(derive(projectOf(design)))
  }

  it('is to scale for every construction', () => {
    for (const kind of baseKinds) {
      const { widthMm, heightMm, faces } = seen({ parts: [baseAs(kind)] }, 20)
      expect(faces.length).toBeGreaterThan(0)
      for (const face of faces)
        if (face.kind === 'rows') {
          expect(face.leftMm + face.widthMm).toBeLessThanOrEqual(widthMm + 1e-6)
          expect(face.topMm + face.heightMm).toBeLessThanOrEqual(heightMm + 5 + 1e-6)
        } else expect(2 * face.radiusMm).toBeCloseTo(widthMm, 6)
    }
  })

  it('is the flap over the front of a folded panel, and squares like a draughtboard', () => {
    const folded = seen({ parts: [baseAs('folded-panel', { flapRows: 3 })] })
    expect(folded.faces).toMatchObject([
      { firstRow: 0, endRow: 4, turns: 2 },
      { firstRow: 8, endRow: 11, turns: 2 },
    ])
    const { faces } = seen({ parts: [baseAs('squares', { across: 2, down: 2 })] })
    expect(faces.map(({ piece }) => piece)).toEqual([2, 0, 1, 1, 0])
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
  it('is one the bag takes, and a motif divides', () => {
    for (const { kind } of partTemplates) {
      const part = newPart(tote(), kind, 48)
      const bag = tryCommit(historyOf(projectOf(tote())), {
        name: 'addPart',
        args: { part, at: 2 },
      })
      expect(bag.ok && partsOf(bag.value.design)[2]).toMatchObject({ id: 'p1', kind })
    }
    const motif = newPart(tote(), 'tapestry', 50)
    expect(motif.kind === 'tapestry' && 50 % motif.chart.width).toBe(0)
  })
})

describe('a length that may be nothing, or below it', () => {
  const read = (typed: string, min = -100) => readLengthFrom('metric', min)(typed)
  it.each([
    ['0', 0],
    ['0,0 cm', 0],
    ['-2 cm', -20],
    ['− 1/2 in', -12.7],
    ['+3', 30],
  ])('%s', (typed, mm) => {
    const found = read(typed)
    expect(found.ok && found.value).toBeCloseTo(mm, 9)
  })
  it('is refused where there must be some', () => {
    expect(read('0', 1).ok).toBe(false)
    expect(read('- cm').ok).toBe(false)
  })
})
