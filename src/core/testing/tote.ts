import {
  baseInstead,
  BODY,
  type Design,
  type Part,
  type PartKind,
  undecided,
} from '../design/index.ts'
import type { BasePart } from '../shape/index.ts'

type Of<Kind extends PartKind> = Extract<Part, { kind: Kind }>

/** A swatch of 20 stitches and 20 rows over 10 cm, plain sc. */
export const swatch = (
  over: Partial<Design['swatches'][number]> = {},
): Design['swatches'][number] => ({
  stitch: 'sc',
  fabric: 'plain',
  yarn: null,
  hookMm: 3.5,
  washed: false,
  stitches: 20,
  stitchesOverMm: 100,
  rows: 20,
  rowsOverMm: 100,
  stretch: null,
  lean: null,
  ...over,
})

/** A small made-up bag for tests: round base of 48, plain, a motif of six, plain. */
export function tote({
  parts,
  ...over
}: Partial<Design> & { readonly parts?: readonly Part[] } = {}): Design {
  return {
    name: 'Test tote',
    want: { aroundMm: 240, said: 'around', heightMm: 60, tolerance: 0.05 },
    hookMm: 3.5,
    yarnClass: 3,
    ...undecided,
    swatches: [swatch()],
    yarns: [
      {
        letter: 'A',
        name: 'Drum blue',
        colour: '#22406b',
        label: { grams: 50, metres: 125 },
        lots: [],
        yarnClass: null,
        strands: [],
      },
      {
        letter: 'B',
        name: 'Brass',
        colour: '#d39a2d',
        label: { grams: 50, metres: 125 },
        lots: [],
        yarnClass: null,
        strands: [],
      },
      {
        letter: 'C',
        name: 'Chalk',
        colour: '#efe9dc',
        label: null,
        lots: [],
        yarnClass: null,
        strands: [],
      },
    ],
    pieces: [bodyOf(parts ?? toteParts())],
    ...over,
  }
}

const toteParts = () => [
  base(),
  plain({ id: 'low' }),
  motif(),
  plain({ id: 'top', name: 'Top', rounds: 3 }),
]

/** A body of these parts. */
const bodyOf = (parts: readonly Part[]) => ({
  id: BODY,
  name: null,
  times: 1,
  parts,
  joins: [],
  blocks: [],
})

/** The base of {@link tote}, or another round one. */
export const base = (over: Partial<Of<'round-base'>> = {}): Of<'round-base'> => ({
  kind: 'round-base',
  firstStitch: null,
  turns: [],
  id: 'base',
  name: 'Base',
  making: null,
  yarn: 'A',
  stitch: 'sc',
  increase: 6,
  count: 48,
  stagger: 'staggered',
  plainFrom: null,
  plainRounds: 0,
  ...over,
})

/** A base of another kind in the place of that of {@link tote}. */
export const baseAs = <Kind extends BasePart['kind']>(
  kind: Kind,
  over: Partial<Of<Kind>> = {},
): Of<Kind> => ({ ...(baseInstead(tote(), kind) as Of<Kind>), ...over })

export const plain = (over: Partial<Of<'plain'>> = {}): Of<'plain'> => ({
  kind: 'plain',
  id: 'plain',
  name: 'Plain',
  making: null,
  yarn: 'A',
  stitch: 'sc',
  rounds: 2,
  adjust: 0,
  steps: 1,
  ...over,
})

export const stripes = (over: Partial<Of<'stripes'>> = {}): Of<'stripes'> => ({
  kind: 'stripes',
  id: 'stripes',
  name: 'Stripes',
  making: null,
  stitch: 'sc',
  stripes: [
    { yarn: 'A', rounds: 1 },
    { yarn: 'B', rounds: 1 },
  ],
  ...over,
})

/** A motif of six stitches and three rounds. */
export const motif = (over: Partial<Of<'tapestry'>> = {}): Of<'tapestry'> => ({
  kind: 'tapestry',
  id: 'motif',
  name: 'Steps',
  making: null,
  stitch: 'sc',
  chart: { width: 6, colours: ['ABAAAA', 'ABBAAA', 'AABBCA'] },
  times: 1,
  balance: 0,
  lay: 'beside',
  carried: 3,
  ...over,
})

/** Eight stitches and six rows, of which what is borrowed can be. */
export const mosaicBand = (over: Partial<Of<'mosaic'>> = {}): Of<'mosaic'> => ({
  kind: 'mosaic',
  id: 'mosaic',
  name: 'Keys',
  making: null,
  stitch: 'sc',
  school: 'overlay',
  chart: {
    width: 8,
    colours: ['AAAAAAAA', 'BAABBAAB', 'AAABBAAA', 'BABBBBAB', 'AAABBAAA', 'BBBBBBBB'],
  },
  rows: 'ABABAB',
  times: 1,
  before: 0,
  after: 1,
  edge: 1,
  run: 3,
  ...over,
})

/** Eight stitches and four rows with a puff, a spike, a post and an eyelet on them. */
export const reliefBand = (over: Partial<Of<'relief'>> = {}): Of<'relief'> => ({
  kind: 'relief',
  id: 'relief',
  name: 'Knobs',
  making: null,
  stitch: 'sc',
  chart: { width: 8, colours: ['AAAAAAAA', 'AAAAAAAA', 'BBBBBBBB', 'AAAAAAAA'] },
  raised: { width: 8, colours: ['ABAAAABA', 'AAAFAAAA', 'AHAAAKAA', 'AAABAAAA'] },
  times: 1,
  balance: 0,
  ...over,
})

/** Two handles chained in the edge, and two rounds over them. */
export const handlesBand = (over: Partial<Of<'handles'>> = {}): Of<'handles'> => ({
  ...{ kind: 'handles', id: 'handles', name: 'Handles', making: null, stitch: 'sc', yarn: 'A' },
  ...{ gap: null, chain: null, over: 2, together: false },
  ...over,
})

const mesh = (dcYarn: string, meshYarn: string, times: number) => [
  {
    text: '*dc in next st, ch 1, sk 1 st; rep from * around',
    runs: [
      { stitch: 'dc', yarn: dcYarn, count: 1 },
      { stitch: 'ch', yarn: meshYarn, count: 1 },
      { stitch: 'skip', yarn: meshYarn, count: 1 },
    ],
    repeat: { from: 0, to: 3, times },
    from: null,
    down: [],
  },
  {
    text: 'with B, 2 dc in each ch-sp around',
    runs: [
      { stitch: 'skip', yarn: meshYarn, count: 1 },
      { stitch: 'dc', yarn: meshYarn, count: 1 },
      { stitch: 'dc-beside', yarn: meshYarn, count: 1 },
    ],
    repeat: { from: 0, to: 3, times },
    from: null,
    down: [],
  },
]

/** Two written rounds of mesh on twice so many stitches: 48 unless it is said. */
export const written = (over: Partial<Of<'written'>> = {}, repeats = 24): Of<'written'> => ({
  kind: 'written',
  id: 'mesh',
  name: 'Mesh',
  making: null,
  stitch: 'dc',
  rows: mesh('A', 'B', repeats),
  ...over,
})

/** The tote with written rows on its base of 48. */
export const writtenBag = (): Design => tote({ parts: [base(), written(), plain({ id: 'top' })] })
