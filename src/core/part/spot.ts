import { Amount, OneOf, Optional, OrNull } from '../document/index.ts'
import { Id, LIMITS, RowId } from './section.ts'

/** The edges of a piece: its first and its last row, and the ends of its rows on either side, seen from the right side. */
export const edges = ['first', 'last', 'left', 'right'] as const
export type Edge = (typeof edges)[number]
/** Where on a piece: at an edge of it, along a row of it, up its rows at a stitch, or all around it. */
export const spotOns = [...edges, 'row', 'up', 'around'] as const
export type SpotOn = (typeof spotOns)[number]
/** From where it is counted: where the edge or row begins, in stitches (row ends) or in mm; or the place of the bag that is named. */
export const spotBys = ['stitch', 'length', 'front', 'back', 'side', 'other-side'] as const
export type SpotBy = (typeof spotBys)[number]

/**
 * Where a thing is. What is wide begins there when it is counted from the beginning of the row, and has its middle there when a place
 * of the bag is named. It stays at its place when the bag is turned, leans or gets another count.
 */
export class Spot {
  @Id() readonly piece!: string
  @OneOf(spotOns) readonly on!: SpotOn
  /** The row it is along, or begins at to go up; null at an edge. */
  @OrNull() @RowId() readonly row!: string | null
  @OneOf(spotBys) readonly by!: SpotBy
  /** Stitches (row ends), or mm by length; beside a place that is named, so many stitches on, or mm. */
  @Amount(-LIMITS.lengthMm, LIMITS.lengthMm) readonly at!: number
  /** Beside a place that is named it is measured, in mm. */
  @Optional() @OneOf([true]) readonly inMm?: true
  /** Seen from which side. */
  @OneOf(['RS', 'WS']) readonly side!: 'RS' | 'WS'
}

/** A spot on the last row of a piece, where nothing else is said. */
export const spotOn = (piece: string, over: Partial<Spot> = {}): Spot => ({
  ...{ piece, on: 'last', row: null, by: 'stitch', at: 0, side: 'RS' },
  ...over,
})
