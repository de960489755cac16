import { edges, type Spot, spotBys, spotOns, workings } from '../part/index.ts'
import fc from 'fast-check'
import {
  corners,
  baseInstead,
  type Design,
  type Edit,
  type EditName,
  wayHows,
  type NewPiece,
  partsOf,
} from '../design/index.ts'
import { baseKinds } from '../shape/index.ts'
import { groundStitchIds } from '../stitch/index.ts'
import {
  base,
  baseAs,
  mosaicBand,
  motif,
  plain,
  handlesBand,
  reliefBand,
  stripes,
  swatch,
  tote,
  written,
} from './tote.ts'

/* Anything that can be done to a bag, also what cannot be: figures past their ends, letters and parts that are not there. */

const figure = fc.oneof(
  { weight: 5, arbitrary: fc.integer({ min: 0, max: 30 }) },
  fc.integer({ min: -3000, max: 5000 }),
  fc.constantFrom(0.5, 1e9, -1, 2000, 1000, 4000),
)
const letter = fc.constantFrom('A', 'B', 'C', 'D', 'Q')
const name = fc.oneof(
  fc.string({ maxLength: 90 }),
  fc.string({ unit: 'binary', maxLength: 90 }),
  fc.constantFrom('', 'Tab\tand', '🧶'.repeat(40), 'Half \ud83e'),
)
const cell = fc.record({ column: figure, row: figure })
const cells = fc.array(cell, { maxLength: 6 })
/** Any chart, also one that is not square, has no cells, or is in yarns that are not there. */
const anyChart = fc.record({
  width: fc.integer({ min: 0, max: 6 }),
  colours: fc.array(
    fc.array(letter, { maxLength: 6 }).map((row) => row.join('')),
    { maxLength: 6 },
  ),
})
const making = fc.record({
  working: fc.constantFrom(...workings),
  start: fc.constantFrom('chain' as const, 'stacked' as const, 'standing' as const),
  chainCounts: fc.boolean(),
  first: fc.constantFrom('same' as const, 'next' as const, 'second' as const),
})
const some = <T>(of: { [K in keyof T]: fc.Arbitrary<T[K]> }) => fc.record(of, { requiredKeys: [] })

const partValues = some({
  name,
  rounds: figure,
  adjust: figure,
  steps: figure,
  times: figure,
  balance: figure,
  stitch: fc.constantFrom(...groundStitchIds),
  yarn: letter,
  making: fc.option(making),
})
const baseValues = some({
  name,
  count: figure,
  increase: figure,
  along: figure,
  strip: figure,
  across: figure,
  decrease: figure,
  flapRows: figure,
  plainFrom: fc.option(figure),
  plainRounds: figure,
})
const swatches = fc.array(
  some({ stitches: figure, rows: figure, stitchesOverMm: figure, rowsOverMm: figure }).map((over) =>
    swatch(over),
  ),
  { maxLength: 14 },
)
const newBand = fc.constantFrom(
  plain(),
  stripes(),
  motif(),
  mosaicBand(),
  reliefBand(),
  handlesBand(),
  written(),
)

const piece = fc.constantFrom('bag', 'back', 'disc', 'base', 'c1', 'c2', 'gone')
const spot: fc.Arbitrary<Spot> = fc.record({
  piece,
  on: fc.constantFrom(...spotOns),
  row: fc.constantFrom(null, 'base:2', 'plain:1', 'gone:3'),
  by: fc.constantFrom(...spotBys),
  at: figure,
  side: fc.constantFrom('RS' as const, 'WS' as const),
})
const join = fc.record({
  edge: fc.constantFrom(...edges),
  to: spot,
  how: fc.constantFrom('whip' as const, 'slip' as const, 'pick-up' as const),
  over: fc.constantFrom(null, 1, 30),
  corner: fc.constantFrom(...corners),
})
const itemId = fc.constantFrom('f1', 'f2', 'gone')
const ways = fc.array(
  fc.record({
    part: fc.constantFrom(null, 'base', 'gone'),
    yarn: fc.constantFrom(null, 'A', 'B', 'Z'),
    after: fc.constantFrom(null, 'plain:1', 'gone:3'),
    how: fc.constantFrom(...wayHows),
  }),
  { maxLength: 3 },
)
const newItem = fc.record({
  kind: fc.constant('cord' as const),
  name,
  yarn: fc.constantFrom('A', 'B', 'Z'),
  strands: fc.integer({ min: 0, max: 4 }),
  lengthMm: figure,
  from: spot,
  to: spot,
})
const newPiece: fc.Arbitrary<NewPiece> = fc.record({
  name,
  times: figure,
  blocks: fc.constant([]),
  parts: fc.constantFrom([baseAs('panel')], [baseAs('discs')], [], [base(), plain(), motif()]),
  joins: fc.array(join, { maxLength: 2 }),
})

const designValues = {
  ...{ hookMm: figure, yarnClass: figure, swatches, making, ways },
  frontAfter: figure,
  meant: fc.constantFrom([], ['base-cups base ']),
}
const bagArguments = {
  replace: fc.constant({ design: tote(), why: 'Another' }),
  rename: fc.record({ name }),
}
const itemArguments = {
  addItem: fc.record({ item: newItem }),
  setItem: fc.record({ id: itemId, values: some({ strands: figure, lengthMm: figure, to: spot }) }),
  removeItem: fc.record({ id: itemId }),
}

const chartArguments = (id: fc.Arbitrary<string>) => {
  const layer = fc.constantFrom('chart' as const, 'raised' as const)
  const worked = fc.constantFrom('rounds' as const, 'rows' as const)
  return {
    paint: fc.record({ id, cells, letter, layer }),
    drawChart: fc.record({ id, chart: anyChart, why: name, layer }),
    drawRows: fc.record({
      id,
      rows: fc.array(fc.tuple(figure, fc.constantFrom('ABABAB', 'AA', '')), { maxLength: 3 }),
      why: name,
    }),
    changeLine: fc.record({
      id,
      along: fc.constantFrom('row' as const, 'column' as const),
      at: figure,
      change: fc.constantFrom('insert' as const, 'double' as const, 'remove' as const),
      why: name,
    }),
    mendLone: fc.record({
      id,
      how: fc.constantFrom('absorb' as const, 'join-up' as const),
      round: fc.boolean(),
    }),
    mendMosaic: fc.record({ id, worked }),
    mendRelief: fc.record({
      id,
      sides: fc.array(fc.constantFrom('RS' as const, 'WS' as const, null), { maxLength: 4 }),
      below: fc.nat(4),
      unturned: fc.boolean(),
    }),
    setTechnique: fc.record({
      id,
      kind: fc.constantFrom('tapestry' as const, 'overlay' as const, 'inset' as const),
      worked,
    }),
    resizeChart: fc.record({ id, width: figure, height: fc.integer({ min: -2, max: 40 }), letter }),
    padChart: fc.record({ id, columns: figure }),
  }
}

/** With how a block is worked. */
const blockWays = <T extends object>(of: fc.Arbitrary<T>) =>
  fc
    .tuple(
      of,
      fc.record({
        times: fc.integer({ min: 1, max: 4 }),
        yarns: fc.constantFrom([], ['A', 'B'], ['A', 'B', 'C']),
        short: fc.nat(2),
      }),
    )
    .map(([one, more]) => ({ ...one, ...more }))

/** The arguments of each edit, for a bag with these parts. */
const argumentsOf = (design: Design): Record<EditName, fc.Arbitrary<unknown>> => {
  const id = fc.constantFrom(...partsOf(design).map((part) => part.id), 'p1', 'p2', 'gone')
  const at = fc.integer({ min: 0, max: 9 })
  return {
    ...bagArguments,
    setDesign: some(designValues),
    ...itemArguments,
    setBase: fc.oneof(
      fc.record({ values: baseValues }),
      fc.record({
        instead: fc.constantFrom(...baseKinds).map((kind) => baseInstead(design, kind)),
      }),
    ),
    setPart: fc.record({ id, values: partValues }),
    setRounds: fc.record({ id, rounds: figure }),
    addPart: fc.oneof(fc.record({ part: newBand, at }), fc.record({ part: newBand, at, piece })),
    removePart: fc.record({ id }),
    movePart: fc.record({ id, to: at }),
    ...chartArguments(id),
    repeatParts: blockWays(fc.record({ from: id, to: id })),
    setBlock: fc.record({ piece, at: fc.nat(1), ways: blockWays(fc.constant({})) }),
    unfoldBlock: fc.record({ piece, at: fc.nat(1) }),
    adjustBefore: fc.record({ id, by: figure }),
    addPiece: fc.record({ piece: newPiece }),
    setPiece: fc.record({
      id: piece,
      values: some({
        name: fc.option(name),
        times: figure,
        joins: fc.array(join, { maxLength: 3 }),
      }),
    }),
    copyPiece: fc.record({ id: piece, name }),
    movePiece: fc.record({ id: piece, to: at }),
    removePiece: fc.record({ id: piece }),
    setYarn: fc.record({
      letter,
      values: some({
        name,
        lots: fc.array(fc.record({ lot: fc.option(name), grams: figure, of: fc.constant(null) }), {
          maxLength: 2,
        }),
        strands: fc.constant([]),
      }),
    }),
    addYarn: fc.record({
      yarn: fc.record({
        letter,
        name,
        colour: fc.constantFrom('#123456', 'red'),
        label: fc.constant(null),
        lots: fc.array(fc.record({ lot: fc.option(name), grams: figure, of: fc.constant(null) }), {
          maxLength: 2,
        }),
        strands: fc.constant([]),
      }),
    }),
    removeYarn: fc.record({ letter, instead: letter }),
  }
}

/** Any edit of this bag, or of one that came from it. */
export const anyEditOf = (design: Design): fc.Arbitrary<Edit> =>
  fc.oneof(
    ...Object.entries(argumentsOf(design)).map(([edit, args]) =>
      args.map((given) => ({ name: edit, args: given }) as Edit),
    ),
  )
