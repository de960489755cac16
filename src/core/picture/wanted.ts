import type { Chart } from '../chart/index.ts'
import type { Amount } from './amounts.ts'
import type { Mixing } from './dither.ts'
import type { Likeness } from './likeness.ts'
import type { Work } from './work.ts'

/** What a picture is worked in. */
export const pictureTechniques = ['tapestry', 'overlay', 'inset'] as const
export type PictureTechnique = (typeof pictureTechniques)[number]

export interface PictureYarn extends Amount {
  readonly letter: string
  readonly colour: string
}

export interface PictureWanted {
  readonly yarns: readonly PictureYarn[]
  readonly technique: PictureTechnique
  /** Yarns in one round of tapestry, at the most. */
  readonly perRound: number
  /** Rounds that are worked in the same yarns, so many from the lowest on. */
  readonly together?: number
  /** Cells of a run in tapestry, at least. */
  readonly shortest?: number
  /** Stitches a yarn is carried through in tapestry, at the most. */
  readonly longest?: number
  /** No stitch of tapestry touches none of its own yarn. */
  readonly noLone?: boolean
  /** Yarns every round of tapestry is worked in, by their place in `yarns`: that of a motif on stripes. */
  readonly always?: readonly number[]
  /** How colours there is no yarn of are mixed; not at all by itself. */
  readonly mixing?: Mixing
  /** How much a cell matters, at row · width + column; 1 by itself. */
  readonly weights?: ArrayLike<number>
  /** The yarn a cell must be in, by its place in `yarns`; -1 where that is open. */
  readonly kept?: ArrayLike<number>
  /** Yarns, by their place in `yarns`, that only cells that are kept are in. */
  readonly onlyKept?: readonly number[]
  /** Its left half is its right one as in a mirror; in inset only as far as what is borrowed allows. */
  readonly mirrored?: boolean
  /** Worked in rows: the edges do not meet. */
  readonly flat?: boolean
  /** The yarn of each row of mosaic by its letter, the lowest first; by itself two yarns by turns. */
  readonly rows?: string
  /** Told now and then which share is done; what it throws ends it. */
  readonly progress?: (done: number) => void
  /** A clock in milliseconds, for what is sought as long as there is time; and how long that is. */
  readonly now?: () => number
  readonly limitMs?: number
}

export interface Pictured {
  readonly chart: Chart
  /** Letters each round is worked in, the lowest first. */
  readonly perRound: readonly (readonly string[])[]
  /** Of the cells that are open: one that is kept is not the picture's. */
  readonly likeness: Likeness
  readonly work: Work
  /** Of each yarn: cells, and metres where it is known what they take. */
  readonly yarns: readonly {
    readonly letter: string
    readonly cells: number
    readonly metres: number
  }[]
  /** No chart by the same rules looks nearer on the mean of its cells than this; null where cells are weighed, kept or mirrored. */
  readonly bound: number | null
}

/** Why a picture does not become a chart. */
export type NoPicture = 'two-yarns' | 'too-little-yarn'

export type PictureFound =
  { readonly ok: true; readonly value: Pictured } | { readonly ok: false; readonly why: NoPicture }

/** What was chosen for each cell, by the place of its yarn, and what follows. */
export interface Chosen {
  readonly chosen: Uint8Array
  readonly perRound: Pictured['perRound']
  readonly metres: Float64Array
  /** Of all cells together; null where none is proved. */
  readonly bound: number | null
}
