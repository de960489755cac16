import fc from 'fast-check'
import { baseKinds } from '../shape/index.ts'
import { type Compiled, compile, middlesSeen } from '../ledger/index.ts'
import { anyBag } from '../testing/arbitrary.ts'
import { everyBag } from '../testing/every-bag.ts'
import { baseAs, plain, tote } from '../testing/tote.ts'
import { tries } from '../testing/tries.ts'
import { seenMm } from './faces.ts'
import { alongAt, formOf, type Sheet, sheetsOf, type Vec, widthAt } from './index.ts'

const apart = (a: Vec, b: Vec) => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2])
const triangle = (a: Vec, b: Vec, c: Vec): number => {
  const [x, y] = [b.map((n, i) => n - a[i]!), c.map((n, i) => n - a[i]!)]
  return (
    Math.hypot(
      x[1]! * y[2]! - x[2]! * y[1]!,
      x[2]! * y[0]! - x[0]! * y[2]!,
      x[0]! * y[1]! - x[1]! * y[0]!,
    ) / 2
  )
}
const compiled = (design: Compiled['design']): Compiled => ({ design, ledger: compile(design) })
const flat = { hand: 'right', soft: false } as const
const soft = { hand: 'right', soft: true } as const
const MANY = 96

/** How long a row of a sheet is at its top, and how long the ledger has it. */
function rowOf({ ledger }: Compiled, { piece, u, at, round }: Sheet, r: number) {
  const made = ledger.pieces[piece]!
  const place = (i: number) => at(u[0] + ((u[1] - u[0]) * i) / MANY, r)
  let long = 0
  for (let i = 0; i < MANY; i++) long += apart(place(i), place(i + 1))
  const seen = round ? 1 : seenMm(made, r - 1) / made.columns.widthMm[r - 1]!
  return { long, wanted: widthAt(made, r) * (u[1] - u[0]) * seen }
}
/** The area of a row of a sheet. */
function areaOf({ u, at }: Sheet, r: number): number {
  let area = 0
  for (let i = 0; i < MANY; i++) {
    const [from, to] = [u[0] + ((u[1] - u[0]) * i) / MANY, u[0] + ((u[1] - u[0]) * (i + 1)) / MANY]
    const [a, b, c, d] = [at(from, r - 1), at(to, r - 1), at(from, r), at(to, r)]
    area += triangle(a, b, c) + triangle(b, d, c)
  }
  return area
}
/** Rows of a sheet, all or every third of them. */
const rowsOf = ({ r: [from, to] }: Sheet, each = 1) =>
  Array.from({ length: Math.floor(to - from) }, (_, i) => from + i + 1).filter(
    (_, i) => i % each === 0,
  )
const off = (one: number, other: number) => Math.abs(one / other - 1)

describe('the bag in space', () => {
  it.each(baseKinds)('%s: rows are as long as they are, also where it is soft', (kind) => {
    const bag = compiled(tote({ parts: [baseAs(kind), plain({ rounds: 20 })] }))
    for (const [ways, gives] of [
      [flat, 0.01],
      [soft, 0.08],
    ] as const)
      for (const sheet of sheetsOf(bag, ways))
        for (const r of rowsOf(sheet, 3)) {
          const { long, wanted } = rowOf(bag, sheet, r)
          expect(off(long, wanted)).toBeLessThan(gives)
        }
  })

  it.each(baseKinds)('%s: its fabric is as much as the ledger has', (kind) => {
    const bag = compiled(tote({ parts: [baseAs(kind), plain({ rounds: 20 })] }))
    let [area, wanted] = [0, 0]
    for (const sheet of sheetsOf(bag, flat))
      for (const r of rowsOf(sheet)) {
        const piece = bag.ledger.pieces[sheet.piece]!
        const here = rowOf(bag, sheet, r).wanted
        const begins = sheet.round && piece.columns.heightMm[0] === 0
        const below = r > 1 ? rowOf(bag, sheet, r - 1).wanted || here : begins ? 0 : here
        area += areaOf(sheet, r)
        wanted += ((here + below) / 2) * (alongAt(piece, r) - alongAt(piece, r - 1))
      }
    expect(off(area, wanted)).toBeLessThan(0.03)
  })

  it('is as wide, deep and tall as the tally says, standing on the ground', () => {
    const bag = compiled(tote({ parts: [baseAs('round-base'), plain({ rounds: 20 })] }))
    const { low, high } = formOf(bag, flat)
    const { aroundMm, heightMm } = bag.ledger.sizes
    expect(high[0] - low[0]).toBeCloseTo(aroundMm / Math.PI, 0)
    expect(high[2] - low[2]).toBeCloseTo(aroundMm / Math.PI, 0)
    // Its base is a little few for lying flat, and rises.
    expect(high[1]).toBeGreaterThanOrEqual(heightMm - 0.5)
    expect(formOf(bag, soft).high[1]).toBeCloseTo(heightMm, 0)
    expect(low[1]).toBeCloseTo(0, 6)
    const cornered = compiled(tote({ parts: [baseAs('flat-base'), plain({ rounds: 20 })] }))
    expect(formOf(cornered, flat).high[1]).toBeCloseTo(cornered.ledger.sizes.heightMm, 0)
  })

  it('shows its front to the one who looks at it, in either hand', () => {
    for (const hand of ['right', 'left'] as const)
      for (const kind of ['round-base', 'oval-base', 'rectangle-base', 'tube'] as const) {
        const design = tote({ parts: [baseAs(kind), plain({ rounds: 20 })] })
        const ledger = compile(design, { hand })
        const [sheet] = sheetsOf({ design, ledger }, { hand, soft: true }).slice(-1)
        const piece = ledger.pieces[sheet!.piece]!
        const row = sheet!.r[1] - 1
        const { front, back } = middlesSeen(piece, row, hand)
        const at = (place: number) => sheet!.at(place / piece.columns.makes[row]!, row + 1)
        expect(at(front)[0]).toBeCloseTo(0, 6)
        expect(at(front)[2]).toBeGreaterThan(0)
        expect(at(back)[2]).toBeLessThan(0)
        // A place further to the right, as it is seen on the right side, lies further to the right.
        expect(at(front + 2)[0]).toBeGreaterThan(at(front)[0])
      }
  })

  it('has one place for each stitch: no two of a row meet', () => {
    for (const kind of baseKinds) {
      const bag = compiled(tote({ parts: [baseAs(kind), plain({ rounds: 8 })] }))
      for (const sheet of sheetsOf(bag, soft)) {
        const piece = bag.ledger.pieces[sheet.piece]!
        for (const r of rowsOf(sheet, 4)) {
          const count = piece.columns.makes[r - 1]!
          const places = Array.from({ length: count }, (_, i) => (i + 0.5) / count).filter(
            (u) => u > sheet.u[0] && u < sheet.u[1],
          )
          places.slice(1).forEach((u, i) => {
            expect(apart(sheet.at(u, r), sheet.at(places[i]!, r))).toBeGreaterThan(0.2)
          })
        }
      }
    }
  })

  it('is finite, and not too large to draw, for any bag', () => {
    const looked = (bag: Compiled) => {
      for (const ways of [soft]) {
        const { surfaces, low, high } = formOf(bag, ways)
        for (const axis of [0, 1, 2]) expect(high[axis]).toBeGreaterThanOrEqual(low[axis]!)
        for (const { at, columns, lines } of surfaces) {
          expect(2 * columns * lines).toBeLessThanOrEqual(60_000)
          expect(at.every(Number.isFinite)).toBe(true)
        }
      }
    }
    for (const { design } of everyBag().filter((_, i) => i % 9 === 4)) looked(compiled(design))
    fc.assert(
      fc.property(anyBag, (design) => looked(compiled(design))),
      { numRuns: tries(8) },
    )
  })
})
