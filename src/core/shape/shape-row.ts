/** A place of the round below that takes several stitches; of a row that takes some away, a stitch of its own that closes two. */
export interface Mark {
  /** Counted from 0 in working order. */
  readonly place: number
  readonly together: number
}

/** Stitches of the first row, and those each further one adds (or, flat, each step there is). */
export interface Growth {
  readonly first: number
  readonly increase: number
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
  readonly runs?: readonly {
    readonly stitch: string
    readonly count: number
    readonly yarn: string | null
  }[]
  /** Its words, and places on from where the row below began at which it begins, of one that is written. */
  readonly text?: string
  readonly from?: number | null
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

/**
 * How stitches are taken away in one row: evenly over it, or every so many as often as that fits, and what is left over plain.
 */
export const closings = ['evenly', 'fits'] as const
export type Closing = (typeof closings)[number]

/** Stitches that can be taken away as often as fits, nearest to so many: the fewer of two as near. */
export function takenAsFits(count: number, wanted: number): number {
  if (wanted < 1) return 0
  const groups = [Math.ceil(count / wanted), Math.floor(count / wanted)].map((n) => Math.max(2, n))
  const [few, many] = groups.map((group) => Math.floor(count / group)) as [number, number]
  return many - wanted < wanted - few ? many : few
}

/** A row that takes stitches away. */
export const decreaseRow = (uses: number, makes: number, closing: Closing = 'evenly'): ShapeRow => {
  const by = uses - makes
  const group = Math.floor(uses / Math.max(1, by))
  const last = (nth: number) => ({ place: nth * (group - 1) - 1, together: 1 })
  const marks = closing === 'evenly' ? [] : Array.from({ length: by }, (_, i) => last(i + 1))
  return { kind: 'decrease', uses, makes, marks }
}

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
