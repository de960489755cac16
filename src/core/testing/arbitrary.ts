import fc from 'fast-check'
import type { BandPart, Design, Part } from '../design/index.ts'
import { groundStitchIds } from '../stitch/index.ts'
import { base, tote } from './tote.ts'

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

const band: fc.Arbitrary<(id: string) => BandPart> = fc.oneof(
  fc
    .record({
      yarn: letter,
      stitch,
      rounds: fc.integer({ min: 1, max: 9 }),
      adjust: fc.integer({ min: -20, max: 20 }),
    })
    .map((of) => (id: string) => ({ kind: 'plain' as const, id, name: 'Plain', ...of })),
  fc
    .record({
      stitch,
      stripes: fc.array(fc.record({ yarn: letter, rounds: fc.integer({ min: 1, max: 4 }) }), {
        minLength: 1,
        maxLength: 5,
      }),
    })
    .map((of) => (id: string) => ({ kind: 'stripes' as const, id, name: 'Stripes', ...of })),
  fc
    .record({ stitch, chart, times: fc.integer({ min: 1, max: 3 }) })
    .map((of) => (id: string) => ({ kind: 'tapestry' as const, id, name: 'Motif', ...of })),
)

/** Any small bag that its validators accept. */
export const anyDesign: fc.Arbitrary<Design> = fc
  .record({
    increase: fc.integer({ min: 3, max: 16 }),
    count: fc.integer({ min: 16, max: 120 }),
    stagger: fc.constantFrom('staggered' as const, 'stacked' as const),
    plainFrom: fc.option(fc.integer({ min: 1, max: 9 })),
    plainRounds: fc.integer({ min: 0, max: 2 }),
    stitch,
    working: fc.constantFrom('spiral' as const, 'joined' as const),
    chain: fc.option(fc.record({ along: fc.integer({ min: 3, max: 30 }), corners: fc.boolean() })),
    bands: fc.array(band, { maxLength: 6 }),
    measured: fc.boolean(),
  })
  .map(({ bands, working, measured, chain, ...shape }) =>
    tote({
      working,
      ...(measured ? {} : { swatch: null }),
      parts: [
        chain ? chainBase(chain, shape.count) : base(shape),
        ...bands.map((make, i) => make(`b${i}`)),
      ],
    }),
  )

/** An oval or a rectangle around a chain, of the wanted count or its first round. */
function chainBase({ along, corners }: { along: number; corners: boolean }, count: number): Part {
  const own = { id: 'base', name: 'Base', yarn: 'A', stitch: 'sc', along }
  const least = Math.max(count, 2 * (along - 2) + 6)
  return corners
    ? { ...own, kind: 'rectangle-base', count: least }
    : { ...own, kind: 'oval-base', inEnd: 3, increase: 6, count: least }
}
