import { baseOf } from '../design/index.ts'
import fc from 'fast-check'
import { gaugeFor } from '../ledger/index.ts'
import { printProject, readProject, projectOf } from '../project/index.ts'
import { baseKinds, sizeFor } from '../shape/index.ts'
import { tries } from '../testing/tries.ts'
import { derive, newDesign, proposedFor } from './index.ts'

const any = fc.record({
  name: fc.constant('Mute pouch'),
  aroundMm: fc.integer({ min: 150, max: 1500 }),
  said: fc.constantFrom('around' as const, 'flat' as const),
  heightMm: fc.integer({ min: 80, max: 600 }),
  hookMm: fc.integer({ min: 4, max: 20 }).map((halves) => halves / 2),
  yarnClass: fc.integer({ min: 1, max: 7 }),
})

describe('a new bag', () => {
  it('has the wanted size within one group of stitches and one round, and lies flat', () => {
    fc.assert(
      fc.property(any, (wanted) => {
        const design = newDesign(wanted)
        const { tally, gauge, snags } = derive(projectOf(design))
        const base = baseOf(design)
        const group = base.kind === 'round-base' ? base.increase : 0
        const most = Math.max(
          group * gauge.stitchWidthMm,
          Math.abs(wanted.aroundMm - group * gauge.stitchWidthMm),
        )
        expect(Math.abs(tally.aroundMm - wanted.aroundMm)).toBeLessThanOrEqual(most)
        expect(Math.abs(tally.heightMm - wanted.heightMm)).toBeLessThanOrEqual(gauge.rowHeightMm)
        expect(snags.filter(({ code }) => code.startsWith('base'))).toEqual([])
        expect(readProject(printProject(projectOf(design)))).toEqual({
          ok: true,
          value: projectOf(design),
        })
      }),
    )
  })

  it('holds what must go in: a book of 24 × 6 × 38 cm with room', () => {
    expect(
      sizeFor({ shape: 'box', widthMm: 240, thicknessMm: 60, tallMm: 380, easeMm: 0 }, false),
    ).toEqual({
      aroundMm: 600,
      heightMm: 380,
    })
    expect(
      sizeFor({ shape: 'box', widthMm: 240, thicknessMm: 60, tallMm: 380, easeMm: 20 }, false),
    ).toEqual({
      aroundMm: 680,
      heightMm: 400,
    })
  })

  it('is built in any way, as wide and as tall as it is wanted', () => {
    const wanted = {
      name: 'Any',
      aroundMm: 640,
      said: 'around' as const,
      heightMm: 270,
      hookMm: 4,
      yarnClass: 3,
    }
    // Of squares only whole ones fit, and of discs and half rounds the height is their own.
    const own = new Set(['squares', 'discs', 'half-round'])
    for (const kind of baseKinds) {
      const { tally, gauge } = derive(projectOf(newDesign({ ...wanted, kind })))
      if (kind !== 'half-round')
        expect(Math.abs(tally.aroundMm - 640)).toBeLessThanOrEqual(640 * 0.05)
      if (!own.has(kind))
        expect(Math.abs(tally.heightMm - 270)).toBeLessThanOrEqual(2 * gauge.rowHeightMm)
    }
  })

  it('is as large as was asked or a snag says why not, and nothing of it is wrong, of any construction', () => {
    const size = fc.record({
      aroundMm: fc.integer({ min: 200, max: 1400 }),
      heightMm: fc.integer({ min: 80, max: 500 }),
      hookMm: fc.constantFrom(2.5, 3.5, 5, 8),
      yarnClass: fc.constantFrom(1, 3, 4, 6),
    })
    for (const kind of baseKinds)
      fc.assert(
        fc.property(size, (wanted) => {
          const made = newDesign({ ...wanted, kind, name: 'Any', said: 'around' })
          const { tally, snags } = derive(projectOf(made))
          const codes = snags.map(({ code }) => code)
          const isOff = (is: number, asked: number) => Math.abs(is / asked - 1) > 0.05
          expect(snags.filter(({ severity }) => severity === 'error')).toEqual([])
          if (isOff(tally.aroundMm, wanted.aroundMm)) expect(codes).toContain('size-off')
          // A row of the body more or less is told to nobody.
          const rowMm = gaugeFor(made, { stitch: 'sc', fabric: 'plain', yarn: null }).rowHeightMm
          const off = Math.abs(tally.heightMm - wanted.heightMm)
          if (isOff(tally.heightMm, wanted.heightMm) && off > rowMm)
            expect(codes).toContain('height-off')
        }),
        { numRuns: tries(12) },
      )
  })

  // A strip two thirds of the edge: 100 stitches leave 33 open. Half rounds have no rows that make a bowl of them.
  it('of two discs has a strip of about two thirds of their edge; a half round grows to its last row', () => {
    const asked = { name: 'Any', said: 'around', heightMm: 200, hookMm: 4, yarnClass: 3 } as const
    const discs = newDesign({ ...asked, aroundMm: 620, kind: 'discs' })
    const { rows } = derive(projectOf(discs)).ledger.pieces.find(({ id }) => id === 'bag')!
    expect(Math.abs(rows / baseOf(discs).count - 2 / 3)).toBeLessThan(0.01)
    const half = newDesign({ ...asked, aroundMm: 800, kind: 'half-round' })
    const { ledger, tally } = derive(projectOf(half))
    // 800 mm around: 200 mm from the middle, so that π × 200 mm go along the curve.
    const { stitchWidthMm, rowHeightMm } = ledger.pieces[0]!.parts[0]!.gauge
    expect(
      Math.abs(baseOf(half).count * stitchWidthMm - Math.PI * (200 - rowHeightMm)),
    ).toBeLessThan(20)
    expect(Math.abs(ledger.pieces[0]!.rows * rowHeightMm - tally.heightMm)).toBeLessThan(20)
  })

  it('is as much longer than wide as what goes in', () => {
    const box = { shape: 'box' as const, widthMm: 240, thicknessMm: 60, tallMm: 250, easeMm: 20 }
    const footprint = { lengthMm: 260, widthMm: 80 }
    const { tally, gauge } = derive(
      projectOf(
        newDesign({
          ...{ name: 'Box', said: 'around', hookMm: 4, yarnClass: 3, footprint },
          ...sizeFor(box, false),
          kind: proposedFor(box),
        }),
      ),
    )
    const { lengthMm, widthMm } = tally.footprint
    expect(Math.abs(lengthMm - widthMm - 180)).toBeLessThanOrEqual(gauge.stitchWidthMm)
  })

  // Common practice without a source.
  it.each([
    ['round', 120, 120, 'round-base'],
    ['oval', 240, 120, 'oval-base'],
    ['box', 300, 20, 'two-panels'],
    ['box', 300, 90, 'rectangle-base'],
    ['box', 120, 110, 'round-base'],
  ] as const)('suits a %s of %d × %d as %s', (shape, widthMm, thicknessMm, kind) => {
    expect(proposedFor({ shape, widthMm, thicknessMm, tallMm: 200, easeMm: 20 })).toBe(kind)
  })
})
