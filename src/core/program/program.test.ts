import fc from 'fast-check'
import {
  begunAt,
  chain,
  countOf,
  freeIn,
  type Group,
  group,
  IN_SAME,
  lay,
  partOf,
  pass,
  placesIn,
  type Program,
  reversed,
  type Step,
  stitches,
  turnedTo,
  widthOf,
  work,
} from './index.ts'
import { oneByOne, writtenOut, yarnsOf } from '../testing/steps.ts'
import { tries } from '../testing/tries.ts'

const few = fc.integer({ min: 1, max: 3 })
const anyStep: fc.Arbitrary<Step> = fc.oneof(
  fc
    .tuple(fc.constantFrom('sc', 'dc', 'sc-2in1', 'sc2tog', 'fpdc'), few)
    .map(([a, n]) => work(a, n)),
  few.map((n) => work('dc-beside', n, { into: IN_SAME })),
  fc.constantFrom('over' as const, 'loop' as const).map((stands) => chain(2, stands)),
  few.map((n) => chain(n, 'off')),
  fc
    .tuple(few, fc.constantFrom('good' as const, 'later' as const))
    .map(([n, kind]) => pass(n, kind)),
  fc.constant(work('sc', 1, { into: { at: 'space' } })),
  fc.constant(work('sc', 1, { into: { at: 'next', of: ['loop'] } })),
)
const steps = fc.array(anyStep, { minLength: 1, maxLength: 5 })
const anyGroup: fc.Arbitrary<Group> = fc
  .tuple(steps, fc.option(fc.tuple(few, steps), { nil: undefined }))
  .map(([list, inner]) => group('fits', ...list, ...(inner ? [group(inner[0], ...inner[1])] : [])))
/** What is left over is passed, so that it comes out. */
const anyProgram: fc.Arbitrary<Program> = fc
  .tuple(
    fc.array(
      fc.integer({ min: 1, max: 4 }).map((n) => work('sc', n)),
      { maxLength: 1 },
    ),
    anyGroup,
  )
  .map(([lead, repeat]) => [...lead, repeat, pass('fits')])
const anyRows = fc.tuple(
  fc.integer({ min: 8, max: 90 }),
  fc.array(anyProgram, { minLength: 1, maxLength: 4 }),
)

/** Lays rows over one another as far as they go. */
function* rowsOver(count: number, programs: readonly Program[]) {
  let below = stitches(count)
  for (const program of programs) {
    const laid = lay(program, [below])
    if (!laid.ok) return
    yield { below, program, laid: laid.value }
    below = laid.value.made
    if (countOf(below) > 400 || countOf(below) === 0) return
  }
}

describe('a program laid over places', () => {
  it('is the same as written out one by one', () => {
    let groups = 0
    fc.assert(
      fc.property(anyRows, ([count, programs]) => {
        for (const { below, laid } of rowsOver(count, programs)) {
          const plain = lay(writtenOut(laid.steps), [below])
          if (!plain.ok) throw new Error(`${plain.problem} places`)
          expect(oneByOne(plain.value.made)).toEqual(oneByOne(laid.made))
          expect(oneByOne(plain.value.hanging)).toEqual(oneByOne(laid.hanging))
          expect(oneByOne(plain.value.rest[0]!)).toEqual(oneByOne(laid.rest[0]!))
          expect(plain.value.width).toBeCloseTo(laid.width, 6)
          groups += laid.steps.filter((step) => step.do === 'group' && step.times !== 0).length
        }
      }),
      { numRuns: tries(375) },
    )
    expect(groups).toBeGreaterThan(50)
  })

  it('of plain rows is the same as laid place by place', () => {
    const letters = fc.stringMatching(/^[ABC]{1,6}$/)
    const cells = letters.map((list): Step => ({
      do: 'cells',
      stitch: 'sc',
      letters: list,
      from: 'left',
    }))
    const shaped = fc
      .tuple(fc.constantFrom('sc-2in1', 'sc2tog', 'hdc2tog', 'dc-3in1'), fc.nat(3))
      .map(([id, n]) => work(id, n))
    const some = fc.oneof(
      cells,
      shaped,
      fc.nat(5).map((n) => work('dc', n)),
    )
    const row = fc.oneof(
      fc.constant([work('sc', 'fits')]),
      fc.array(
        fc.oneof(
          some,
          fc.tuple(fc.nat(4), fc.array(some)).map(([n, list]) => group(n, ...list)),
        ),
      ),
    )
    let plainly = 0
    fc.assert(
      fc.property(row, fc.integer({ min: 1, max: 40 }), (program, count) => {
        const at =
          program[0]?.do === 'work' && program[0].times === 'fits' ? count : placesIn(program)
        const short = lay(program, [stitches(at)], { last: true })
        const long = lay(program, [stitches(at)])
        if (!short.ok || !long.ok) throw new Error('does not come out')
        if (short.value.steps === program) plainly++
        const [one, other] = [short.value, long.value].map(({ steps, ...rest }) => ({
          ...{ ...rest, rest: [], steps: writtenOut(steps) },
        }))
        expect(one).toEqual(other)
        expect(lay(program, [stitches(at + 1)], { last: true }).ok).toBe(
          lay(program, [stitches(at + 1)]).ok,
        )
      }),
    )
    expect(plainly).toBeGreaterThan(8)
  })

  it('leaves of the row below every place: taken, passed on purpose, or still there', () => {
    fc.assert(
      fc.property(anyRows, ([count, programs]) => {
        for (const { below, laid } of rowsOver(count, programs)) {
          const [rest] = laid.rest
          expect(oneByOne(rest!).map(({ kind, width }) => `${kind} ${width}`)).toEqual(
            oneByOne(below).map(({ kind, width }) => `${kind} ${width}`),
          )
          const later = writtenOut(laid.steps).reduce(
            (sum, step) =>
              sum + (step.do === 'pass' && step.for === 'later' ? (step.times as number) : 0),
            0,
          )
          expect(freeIn(rest!)).toBeLessThanOrEqual(later)
        }
      }),
    )
  })

  it('keeps what it leaves as short as what is written, however wide it is', () => {
    const shells = [
      group('fits', work('sc'), work('dc-beside', 1, { into: IN_SAME }), chain(1, 'over'), pass(2)),
    ]
    const sizes = [120, 1200, 12_000].map((count) => {
      const laid = lay(shells, [stitches(count)])
      if (!laid.ok) throw new Error('does not come out')
      expect([countOf(laid.value.made), laid.value.width]).toEqual([count, count])
      return laid.value.made.length
    })
    expect(new Set(sizes).size).toBe(1)
  })

  it('reckons numbers that follow the row, and keeps room for what comes after "as often as fits"', () => {
    // A disc's dc × (r − 2) between six posts: round 5 has three between each, round 6 four.
    const disc = [group(6, work('fpdc'), work('dc', { base: -2, perRow: 1 }), work('dc-2in1'))]
    for (const row of [2, 5, 6]) {
      const laid = lay(disc, [stitches(6 * row)], { row })
      expect(laid.ok && countOf(laid.value.made)).toBe(6 * (row + 1))
    }
    expect(lay(disc, [stitches(31)], { row: 5 })).toEqual({ ok: false, problem: -1 })
    expect(lay(disc, [stitches(29)], { row: 5 })).toEqual({ ok: false, problem: 1 })
    const laid = lay(
      [work('sc', 2), group('fits', work('dc', 5), pass(1)), work('sc', 4)],
      [stitches(30)],
    )
    expect(laid.ok && laid.value.steps[1]).toMatchObject({ times: 4 })
    expect(lay([group('fits', work('dc', 5)), work('sc', 4)], [stitches(31)]).ok).toBe(false)
  })

  it('begins where it is told, and finds the rows below as they were', () => {
    const half: Program = [group('fits', work('sc'), pass(3, 'later'))]
    const one = lay(half, [stitches(24)])
    const two = one.ok ? lay(half, [one.value.rest[0]!], { place: 2 }) : one
    if (!two.ok) throw new Error('does not come out')
    const taken = oneByOne(two.value.rest[0]!).map((place) => ('taken' in place ? 'x' : '.'))
    expect(taken.join('')).toBe('x.x.'.repeat(6))
    const turned = lay(half, [two.value.rest[0]!], { turned: true })
    expect(
      turned.ok &&
        oneByOne(turned.value.rest[0]!)
          .map((place) => ('taken' in place ? 'x' : '.'))
          .join(''),
    ).toBe('x.xx'.repeat(6))
  })
})

describe('a round begun elsewhere', () => {
  it('is the same work in another order', () => {
    const cells = fc
      .tuple(fc.stringMatching(/^[ABC]{1,6}$/), fc.constantFrom('left' as const, 'right' as const))
      .map(([letters, from]): Step => ({ do: 'cells', stitch: 'sc', letters, from }))
    const plan = fc.array(
      fc.oneof(
        cells,
        fc.nat(4).map((n) => work('sc', n, { yarn: 'D' })),
        fc.tuple(fc.nat(3), fc.array(cells)).map(([n, list]) => group(n, ...list)),
      ),
      { minLength: 2 },
    )
    fc.assert(
      fc.property(plan, fc.nat(), fc.boolean(), (program, at, back) => {
        const list = [...yarnsOf(program)]
        if (list.length === 0) return
        const place = at % list.length
        const begun = begunAt(program, place, back)
        const forward = [...list.slice(place), ...list.slice(0, place)]
        const [first, ...others] = forward
        expect(begun.begin).toBe(place)
        expect(yarnsOf(begun.program)).toBe(
          (back ? [first, ...others.reverse()] : forward).join(''),
        )
      }),
    )
  })

  it('begins with the whole of what stands in its place', () => {
    // Six increases over 18: places 0 to 2 are one repeat, its increase the last.
    const plan: Program = [group(6, work('sc', 2), work('sc-2in1'))]
    const stitchesOf = (program: Program) =>
      writtenOut(program)
        .flatMap((step) =>
          step.do === 'work' ? Array<string>(step.times as number).fill(step.stitch) : [],
        )
        .slice(0, 4)
    expect(stitchesOf(begunAt(plan, 2, false).program)).toEqual(['sc-2in1', 'sc', 'sc', 'sc-2in1'])
    expect(begunAt(plan, 2, false).begin).toBe(2)
    // Backwards its first stitch is the further one of the two.
    expect(stitchesOf(begunAt(plan, 2, true).program)).toEqual(['sc-2in1', 'sc', 'sc', 'sc-2in1'])
    expect(begunAt(plan, 2, true).begin).toBe(3)
    expect(stitchesOf(begunAt(plan, 0, true).program)).toEqual(['sc', 'sc-2in1', 'sc', 'sc'])
  })
})

describe('places', () => {
  const anyPlaces = anyRows.map(
    ([count, programs]) => [...rowsOver(count, programs)].at(-1)?.laid.made ?? stitches(count),
  )
  it('are turned, cut and gone through the other way as a list of them would be', () => {
    fc.assert(
      fc.property(anyPlaces, fc.nat(), fc.nat(), (places, a, b) => {
        const list = oneByOne(places)
        if (list.length === 0) return
        const [from, to] = [a % list.length, b % (list.length + 1)].sort((x, y) => x - y) as [
          number,
          number,
        ]
        expect(oneByOne(partOf(places, from, to))).toEqual(list.slice(from, to))
        expect(oneByOne(turnedTo(places, from))).toEqual([
          ...list.slice(from),
          ...list.slice(0, from),
        ])
        expect(oneByOne(reversed(places))).toEqual(list.toReversed())
        expect(widthOf(places)).toBeCloseTo(
          list.reduce((sum, { width }) => sum + width, 0),
          6,
        )
      }),
    )
  })
})
