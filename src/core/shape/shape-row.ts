/** A place of the round below that takes several stitches. */
export interface Mark {
  /** Counted from 0 in working order. */
  readonly place: number
  readonly together: number
}

/** One round of a shape, before it has stitches and colours. */
export interface ShapeRow {
  readonly kind: 'ring' | 'chain' | 'increase' | 'plain'
  /** Places taken up in the round below (0 where there is none), and places left. */
  readonly uses: number
  readonly makes: number
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
