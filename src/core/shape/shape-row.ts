/** A place of the round below that takes several stitches. */
export interface Mark {
  /** Counted from 0 in working order. */
  readonly place: number
  readonly together: number
}

/** What a first row stands in, or how a later one is worked. */
export type ShapeRowKind =
  | 'ring'
  | 'chain'
  | 'across'
  | 'chain-ring'
  | 'pick-up'
  | 'other-side'
  | 'increase'
  | 'decrease'
  | 'plain'

/** One row or round of a shape, before it has stitches and colours. */
export interface ShapeRow {
  readonly kind: ShapeRowKind
  /** Places taken up in the row below (0 where there is none), and places left. */
  readonly uses: number
  readonly makes: number
  /** Units worked where that is neither of them: around a chain, its two ends once for both sides. */
  readonly units?: number
  /** Its yarn is joined anew where the row below began; it is not turned. */
  readonly afresh?: true
  /** What it works, where that is written out; its marks are then none. */
  readonly runs?: readonly { readonly stitch: string; readonly count: number }[]
  /** In ascending order. For a chain, its places are those of both its sides. */
  readonly marks: readonly Mark[]
}

export const doubled = (places: readonly number[]): Mark[] =>
  places.map((place) => ({ place, together: 2 }))

export const plainRow = (count: number): ShapeRow => ({
  kind: 'plain',
  uses: count,
  makes: count,
  marks: [],
})

/** A row that takes stitches away, evenly over it. */
export const decreaseRow = (uses: number, makes: number): ShapeRow => ({
  kind: 'decrease',
  uses,
  makes,
  marks: [],
})

/** A first row of so many stitches. */
export const firstRowOf = (kind: ShapeRowKind, makes: number): ShapeRow => ({
  kind,
  uses: 0,
  makes,
  marks: [],
})

/** Rows of equal count, worked back and forth, begun in a chain. */
export const flatRows = (count: number, rows: number): ShapeRow[] => [
  firstRowOf('across', count),
  ...Array.from({ length: Math.max(0, rows - 1) }, () => plainRow(count)),
]
