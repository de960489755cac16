import fc from 'fast-check'
import { type BandPart } from '../band/index.ts'
import { type Making, workings } from '../part/index.ts'
import { baseInstead, type Design, growthOf, bodyPiece, withBody } from '../design/index.ts'
import { baseKinds, type BasePart } from '../shape/index.ts'
import { groundStitchIds } from '../stitch/index.ts'
import { inTurns } from '../mosaic/index.ts'
import {
  base,
  handlesBand,
  mosaicBand,
  motif,
  reliefBand,
  plain,
  stripes,
  tote,
  written,
} from './tote.ts'

const letter = fc.constantFrom('A', 'B', 'C')
const stitch = fc.constantFrom(...groundStitchIds)

const chart = fc.integer({ min: 1, max: 12 }).chain((width) =>
  fc.record({
    width: fc.constant(width),
    colours: fc.array(
      fc.array(letter, { minLength: width, maxLength: width }).map((row) => row.join('')),
      { minLength: 1, maxLength: 8 },
    ),
  }),
)

const anyMaking: fc.Arbitrary<Making> = fc.record({
  working: fc.constantFrom(...workings),
  start: fc.constantFrom('chain', 'stacked', 'standing'),
  chainCounts: fc.boolean(),
  oneCounts: fc.boolean(),
  shortChain: fc.boolean(),
  first: fc.constantFrom('same', 'next', 'second'),
  anew: fc.option(fc.integer({ min: 1, max: 30 }), { freq: 2 }),
})
const ownMaking = fc.option(anyMaking, { freq: 3 })

const band: fc.Arbitrary<(id: string) => BandPart> = fc.oneof(
  fc
    .record({
      yarn: letter,
      stitch,
      making: ownMaking,
      rounds: fc.integer({ min: 1, max: 9 }),
      adjust: fc.integer({ min: -20, max: 20 }),
      steps: fc.integer({ min: 1, max: 4 }),
    })
    .map(
      (of) => (id: string) =>
        plain({ ...of, id, steps: Math.min(of.steps, of.rounds) }) as BandPart,
    ),
  fc
    .record({
      stitch,
      making: ownMaking,
      stripes: fc.array(fc.record({ yarn: letter, rounds: fc.integer({ min: 1, max: 4 }) }), {
        minLength: 1,
        maxLength: 5,
      }),
      opposite: fc.boolean(),
    })
    .map(
      ({ opposite, ...of }) =>
        (id: string) =>
          stripes({ ...of, id, ...(opposite ? { opposite } : {}) }),
    ),
  fc
    .record({
      stitch,
      making: ownMaking,
      chart,
      times: fc.integer({ min: 1, max: 3 }),
      balance: fc.integer({ min: 0, max: 11 }),
    })
    .map(
      (of) => (id: string) =>
        motif({ ...of, id, balance: Math.min(of.balance, of.chart.width - 1) }),
    ),
  fc
    .record({
      making: ownMaking,
      school: fc.constantFrom('overlay' as const, 'inset' as const),
      chart,
      ...{ before: fc.nat(2), after: fc.nat(2), edge: fc.nat(2) },
      run: fc.integer({ min: 1, max: 4 }),
    })
    .map(
      (of) => (id: string) =>
        mosaicBand({ ...of, id, rows: inTurns('A', 'B', of.chart.colours.length) }),
    ),
  fc
    .record({
      making: ownMaking,
      chart,
      symbols: fc.stringMatching(/^[A-K]{200}$/),
      times: fc.integer({ min: 1, max: 2 }),
    })
    .map(({ symbols, ...of }) => (id: string) => {
      const { width, colours } = of.chart
      const rows = colours.map((_, row) => symbols.slice(row * width, (row + 1) * width))
      return reliefBand({ ...of, id, raised: { width, colours: rows } })
    }),
  fc
    .record({
      ...{ stitch, making: ownMaking, together: fc.boolean(), over: fc.nat(3) },
      gap: fc.option(fc.integer({ min: 1, max: 40 })),
      chain: fc.option(fc.integer({ min: 1, max: 90 })),
    })
    .map((of) => (id: string) => handlesBand({ ...of, id })),
)

/** Any band of written rows, on an even count. */
export const anyWritten = fc
  .record({ making: ownMaking, stitch, repeats: fc.integer({ min: 1, max: 60 }) })
  .map(({ repeats, ...of }) => written({ ...of, id: 'rows' }, repeats))

const round = fc.record({
  increase: fc.integer({ min: 3, max: 16 }),
  count: fc.integer({ min: 16, max: 120 }),
  stagger: fc.constantFrom('staggered' as const, 'stacked' as const),
  plainFrom: fc.option(fc.integer({ min: 1, max: 9 })),
  plainRounds: fc.integer({ min: 0, max: 2 }),
  stitch,
})

/** What may be decided about bases of other kinds; each takes of it what it has. */
const own = fc.record({
  along: fc.integer({ min: 3, max: 30 }),
  inEnd: fc.constantFrom(2, 3),
  increase: fc.integer({ min: 3, max: 4 }),
  decrease: fc.integer({ min: 0, max: 8 }),
  flapRows: fc.integer({ min: 0, max: 12 }),
  plainRows: fc.integer({ min: 0, max: 2 }),
  afresh: fc.boolean(),
  begins: fc.constantFrom('row', 'bands'),
  flap: fc.constantFrom('last', 'first'),
  fold: fc.constantFrom('between', 'on'),
  plainBelow: fc.integer({ min: 0, max: 2 }),
  across: fc.integer({ min: 1, max: 4 }),
  down: fc.integer({ min: 1, max: 4 }),
  strip: fc.integer({ min: 2, max: 20 }),
})

/** Any small bag that its validators accept, of any construction. */
export const anyDesign: fc.Arbitrary<Design> = fc
  .record({
    shape: round,
    kind: fc.constantFrom(...baseKinds),
    own,
    making: anyMaking,
    ring: fc.constantFrom('magic' as const, 'chain' as const),
    into: fc.constantFrom('loops' as const, 'bump' as const),
    bands: fc.array(band, { maxLength: 6 }),
    measured: fc.boolean(),
  })
  .map(({ bands, making, measured, kind, own, shape, ring, into }) =>
    tote({
      making,
      beginning: { ring, into },
      ...(measured ? {} : { swatches: [] }),
      parts: [baseOf(kind, base(shape), own), ...bands.map((make, i) => make(`b${i}`))],
    }),
  )

function baseOf(kind: BasePart['kind'], round: BasePart, own: object): BasePart {
  if (kind === 'round-base') return round
  const instead = baseInstead(tote({ parts: [round] }), kind)
  const values = Object.entries(own).filter(([key]) => key in instead)
  const next = { ...instead, ...Object.fromEntries(values), count: round.count } as BasePart
  return { ...next, count: Math.max(next.count, growthOf(next).first) }
}

/** {@link anyDesign}, or one with a band of written rows, which may not fit what it stands on. */
export const anyBag: fc.Arbitrary<Design> = fc
  .tuple(anyDesign, fc.option(anyWritten))
  .map(([design, rows]) => (rows ? withBody(design, [...bodyPiece(design).parts, rows]) : design))
