import type { Component } from 'vue'
import type { BandKind, BandPart } from '@core/band'
import { type Cell, type Chart, groundOf } from '@core/chart'
import type { Edit, Layer } from '@core/design'
import type { Ink } from '@app/parts/chart/ink.ts'
import type { Sign } from '@app/parts/chart/signs.ts'
import { type SeenAs, views } from '@app/parts/chart/views.ts'
import type { About, Said, Word } from '@app/parts/said/said.ts'
import type { Seen } from './seen.ts'

/** A view that only one kind of band has. What draws it is brought in when it is wanted. */
export interface OwnView extends SeenAs {
  readonly component: Component
}

/** What is painted where that is no yarn: the symbols there are, the one that is their ground, and how they are drawn in cells. */
export interface Symbols {
  readonly inks: readonly Ink[]
  readonly ground: string
  readonly sign: Sign
}

/** What is to be said of a band's chart while it is seen in one way. Cells are those of its own chart. */
export interface OnChart {
  /** The layer that is seen and painted. */
  readonly layer: Layer
  /** A chart that is seen in the place of its own; null where its own is. */
  readonly chart: Chart | null
  readonly symbols: Symbols | null
  /** Whether a cell is not worked as it is drawn; null where all are. And why it is not, in a sentence; empty where it is. */
  readonly cannot: ((cell: Cell) => boolean) | null
  readonly whyNot: (cell: Cell) => string
  /** How a stitch is drawn; null where all are drawn as the stitch of the band. */
  readonly shapeAt: ((cell: Cell) => string) | null
  /** Stitches that reach down. */
  readonly drops: readonly Cell[]
  /** The yarn of each row, where a row has one. */
  readonly rowLetters: readonly string[] | null
  /** What painting makes of cells, where that is not to give them its letter. */
  readonly painted: ((cells: readonly Cell[], erases: boolean) => readonly Edit[]) | null
  /** What takes a chart made of a motif in its place; null where it is drawn on the layer. */
  readonly made: ((chart: Chart, ground: string, letter: string) => object) | null
  /** What makes all of a row one repeat, where `whole` is a chart of the band all along its rows; and its own chart is `chart`, where one is given. */
  readonly asWhole: (whole: (chart: Chart) => Chart, chart?: Chart) => object
  /** The letter of rows that are added to it. */
  readonly blank: (row: number, height: number) => string
  /** Cells in a row are told as runs of their yarn. */
  readonly inRuns: boolean
  /** Rows can be moved back by what they lean. */
  readonly straightens: boolean
  /** What is given to what finds the nearest chart that can be worked; and whether one is to be found. */
  readonly mend: { readonly given: object; readonly isNeeded: boolean } | null
}

/** What most charts have nothing of. */
export const usual: Omit<OnChart, 'asWhole' | 'blank'> = {
  layer: 'chart',
  chart: null,
  symbols: null,
  cannot: null,
  whyNot: () => '',
  shapeAt: null,
  drops: [],
  rowLetters: null,
  painted: null,
  made: (chart) => ({ chart, lay: 'beside', balance: 0 }),
  inRuns: true,
  straightens: true,
  mend: null,
}

/** What the page knows of one kind of band: what is decided about it, how it is seen, and what painting on its chart does. */
export interface ChartKind<Part = BandPart> {
  /** What is decided about it, in words, beside what all parts have; and what is rare, and stands behind *More*. */
  readonly says: (part: Part, about: About) => readonly Said[]
  readonly rare?: (part: Part, about: About) => readonly Word[]
  /** Changes what the word that is given as `show` says. */
  readonly fields?: Component
  /** Shown to choose a new one in, where there is more to choose than the kind. */
  readonly chooser?: Component
  /** Finds the nearest chart that can be worked. */
  readonly mend?: Component
  readonly views: readonly (SeenAs | OwnView)[]
  readonly on: (part: Part, seen: Seen, view: SeenAs) => OnChart
}
export type ChartKinds = {
  readonly [Kind in BandKind]: ChartKind<Extract<BandPart, { kind: Kind }>>
}

/** One without a chart of its own, or whose cells are stitches in their yarns. */
export const plainKind: ChartKind = {
  views,
  says: () => [],
  on: (_, { own }) => ({
    ...usual,
    asWhole: (whole, chart = own ? whole(own) : undefined) => ({
      ...{ chart, lay: 'beside', balance: 0, times: 1 },
    }),
    blank: () => (own ? groundOf(own) : ''),
  }),
}

/** A value that is worked out when it is first asked for. */
export function lazily<T>(work: () => T): () => T {
  let found: { readonly value: T } | null = null
  return () => (found ??= { value: work() }).value
}
