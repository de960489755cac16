import { baseAs, base, plain, tote } from '../testing/tote.ts'
import { fittingFrom, itemBegun } from '../testing/items.ts'
import type { Design } from '../design/index.ts'
import { compile } from '../ledger/index.ts'
import { itemText } from '../pattern/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { boxed, circle, halfCircle, plate, rectangle, stadium } from './cutting.ts'
import { fittings } from './fittings.ts'
import { liningCut } from './lining.ts'

/** The area a path encloses, by walking along it and no figure of the shape: arcs in many small steps (shoelace). */
function areaOf(d: string): number {
  const tokens = d.match(/[a-zA-Z]|-?\d+(?:\.\d+)?/g)!
  const points: [number, number][] = []
  let i = 0
  let [x, y] = [0, 0]
  const next = () => Number(tokens[i++])
  while (i < tokens.length) {
    const command = tokens[i++]
    if (command === 'M' || command === 'L') [x, y] = [next(), next()]
    else if (command === 'a') {
      const [r, , , large, sweep, dx, dy] = [next(), next(), next(), next(), next(), next(), next()]
      const chord = Math.hypot(dx!, dy!)
      const high = Math.sqrt(Math.max(0, r! * r! - (chord / 2) ** 2))
      // The middle lies to the right of the way for a short arc drawn on, to the left for the other.
      const side = (large === sweep ? -1 : 1) * high
      const [mx, my] = [x + dx! / 2 - (side * dy!) / chord, y + dy! / 2 + (side * dx!) / chord]
      const from = Math.atan2(y - my, x - mx)
      let turn = Math.atan2(y + dy! - my, x + dx! - mx) - from
      if (sweep && turn <= 0) turn += 2 * Math.PI
      if (!sweep && turn >= 0) turn -= 2 * Math.PI
      for (let n = 1; n <= 400; n++)
        points.push([
          mx + r! * Math.cos(from + (turn * n) / 400),
          my + r! * Math.sin(from + (turn * n) / 400),
        ])
      ;[x, y] = [x + dx!, y + dy!]
      continue
    } else continue
    points.push([x, y])
  }
  const twice = points.reduce((sum, [ax, ay], n) => {
    const [bx, by] = points[(n + 1) % points.length]!
    return sum + ax * by - bx * ay
  }, 0)
  return Math.abs(twice) / 2
}

describe('cut shapes', () => {
  const allowance = { side: 10, top: 15, bottom: 10 }
  // Plane geometry, from the figures on the right: π·105²; 300·120 + (π/4 − 1)·… and so on; the walk along the drawn line knows none of them.
  it.each([
    ['circle', circle(95, 10), Math.PI * 105 ** 2, Math.PI * 95 ** 2],
    [
      'half a circle',
      halfCircle(150, allowance),
      (Math.PI * 160 ** 2) / 2 + 320 * 15,
      (Math.PI * 150 ** 2) / 2,
    ],
    [
      'stadium',
      stadium(280, 100, 10),
      180 * 120 + Math.PI * 60 ** 2,
      180 * 100 + Math.PI * 50 ** 2,
    ],
    ['rectangle', rectangle(600, 250, allowance), 620 * 275, 600 * 250],
    ['boxed', boxed(200, 100, 250, allowance), 320 * 325 - 2 * 50 ** 2, 300 * 300 - 2 * 50 ** 2],
    [
      'plate',
      plate(190, 100, 20),
      190 * 100 - (4 - Math.PI) * 400,
      190 * 100 - (4 - Math.PI) * 400,
    ],
  ] as const)('%s encloses what it says, cut and sewn', (_, shape, cut, sewn) => {
    expect(shape.areaMm2).toBeCloseTo(cut, 6)
    expect(areaOf(shape.cut) / cut).toBeCloseTo(1, 3)
    expect(areaOf(shape.seam) / sewn).toBeCloseTo(1, 3)
  })
})

const joined = { ...tote().making, working: 'joined' as const }
const bag = (of: object): Design =>
  tote({ making: joined, parts: [of, plain({ rounds: 40 })] as never })
const cutOf = (design: Design, over: Parameters<typeof itemBegun<'lining'>>[1] = {}) =>
  liningCut(itemBegun('lining', { belowMm: 0, ...over }), fittingFrom(design).bag)

describe('a lining', () => {
  // A stitch is 5 mm: 120 around are 600 mm, a circle of radius 600 / 2π = 95.5.
  it('of a round bag is a circle by its radius and a side as long as that is around', () => {
    const [bottom, side] = cutOf(bag(base({ count: 120 })))
    expect([bottom!.name, side!.name]).toEqual(['Base', 'Side'])
    expect(bottom!.finished.radiusMm).toBeCloseTo(600 / (2 * Math.PI), 6)
    expect(bottom!.widthMm).toBeCloseTo(2 * (600 / (2 * Math.PI) + 10), 6)
    expect(side!.finished.widthMm).toBeCloseTo(600, 6)
    expect(side!.finished.heightMm).toBeCloseTo(
      compile(bag(base({ count: 120 }))).sizes.heightMm,
      6,
    )
  })

  it('of an oval is a stadium whose edge is as long as the side that is sewn around it', () => {
    const design = bag(baseAs('oval-base', { count: 80, along: 16 } as never))
    const [bottom, side] = cutOf(design)
    const { widthMm: long, heightMm: wide } = bottom!.finished
    expect(2 * (long - wide) + Math.PI * wide).toBeCloseTo(side!.finished.widthMm, 6)
    expect(long).toBeGreaterThan(wide)
  })

  it('of a cornered bag is two faces, boxed: together as wide as it is around', () => {
    const design = bag(baseAs('rectangle-base', { count: 96, along: 20 } as never))
    const [face, ...more] = cutOf(design)
    expect([face!.name, face!.times, more.length]).toEqual(['Face', 2, 0])
    const { sizes } = compile(design)
    expect(2 * face!.finished.widthMm).toBeCloseTo(sizes.aroundMm, 6)
    expect(face!.notchMm).toBeCloseTo(sizes.footprint.widthMm / 2, 6)
    expect(face!.finished.heightMm).toBeCloseTo(sizes.heightMm + sizes.footprint.widthMm / 2, 6)
    const text = itemText(
      compile({ ...design, items: [itemBegun('lining', {}, design)] }),
      'f1',
      defaultWords,
    )
    expect(text).toContain('2 × Face')
    expect(text).toContain('the squares that are cut out make the depth of the base')
  })

  it('of a tube is one piece, folded at the bottom', () => {
    const design = bag(baseAs('tube', { count: 80 } as never))
    const [all, ...more] = cutOf(design, { easeMm: 8 })
    expect(more).toEqual([])
    const { sizes } = compile(design)
    expect(all!.finished.widthMm).toBeCloseTo(sizes.flatMm + 4, 6)
    expect(all!.finished.heightMm).toBeCloseTo(2 * sizes.heightMm, 6)
    expect(all!.folds.map(({ y }) => y)).toEqual([sizes.heightMm + 15])
  })

  it('has a pocket where one is asked for', () => {
    const cut = cutOf(bag(base({ count: 120 })), { pocketWideMm: 120, pocketHighMm: 100 })
    expect(cut.at(-1)).toMatchObject({ name: 'Pocket', widthMm: 140, heightMm: 125 })
  })
})

describe('a base plate', () => {
  const plateOf = (design: Design, over: Parameters<typeof itemBegun<'stiffener'>>[1] = {}) => {
    const item = itemBegun('stiffener', over)
    return fittings.stiffener.made(item, fittingFrom(design).bag, []).cut[0]
  }
  it('is smaller than the base, with holes inside its edge at the stitches it is sewn to', () => {
    const one = plateOf(bag(base({ count: 120 })), { insetMm: 5, holesEvery: 4 })!
    const across = 600 / Math.PI - 10
    expect(one.widthMm).toBeCloseTo(across, 6)
    expect(one.holes).toHaveLength(30)
    for (const { x, y } of one.holes)
      expect(Math.hypot(x - across / 2, y - across / 2)).toBeCloseTo(across / 2 - 6, 6)
  })
  it('is none where the bag has no base', () => {
    expect(plateOf(bag(baseAs('tube', { count: 80 } as never)))).toBeUndefined()
  })
})
