import { LIMITS, type Spot, spotOn } from '../part/index.ts'
import type { Base } from './base.ts'
import { firstRowOf, type Growth, type ShapeRow } from './shape-row.ts'
import type { BaseRound } from './written-rounds.ts'

/** Width of a stitch and height of a row, in mm. */
export interface StitchSize {
  readonly stitchWidthMm: number
  readonly rowHeightMm: number
}

/** A piece as the construction begins it; bands go on from the one that holds them. */
export interface ShapePiece {
  readonly id: string
  readonly name: string
  /** How often it is made. */
  readonly times: number
  readonly worked: 'rounds' | 'rows'
  readonly rows: readonly ShapeRow[]
  /** Lies flat under the bag, so that its rows add no height. */
  readonly lies?: true
  /** Its first row is in the stitch of the bands on it. */
  readonly inBands?: true
  /** Worked in the second yarn of the base. */
  readonly second?: true
}

/** What came of a piece, as sizes and joins need it. */
export interface MadePiece {
  readonly rows: number
  /** How far its rows reach along the fabric; and those of its base alone. */
  readonly mm: number
  readonly baseMm: number
  /** Stitches of its last row, and of its widest from the base's last on. */
  readonly rim: number
  readonly widestMm: number
  /** How far its first so many rows reach. */
  readonly upTo: (rows: number) => number
  /** Height of its bands above the base, in rounds. */
  readonly standingMm: number
}

/** What came of the body, and of every piece by its id. */
export interface Made extends MadePiece {
  readonly of: (piece: string) => MadePiece
}

export interface Sizes {
  readonly aroundMm: number
  readonly flatMm: number
  readonly heightMm: number
  /** Where it hangs, as a bag on a drawstring does: the base's radius more; null where no base is round a middle. */
  readonly hangingMm: number | null
  /** From above (of a disc bag: the strip), the longer side first; both are the diameter when it is round. */
  readonly footprint: { readonly lengthMm: number; readonly widthMm: number }
}

/** One side of a join: stitches of its piece, or row ends; and where it begins. */
export interface JoinSide {
  readonly piece: string
  readonly of: 'stitches' | 'row ends'
  readonly count: number
  readonly spot: Spot
}

/** A seam, or stitches picked up: the two sides that meet. */
export interface ShapeJoin {
  readonly kind: 'pick-up' | 'seam' | 'sew-on'
  /** What is done, and where: "Sew the left side". */
  readonly text: string
  readonly sides: readonly [JoinSide, JoinSide]
  /** How long it is, in mm. */
  readonly lengthMm: number
}

/** So many stitches of the first or last row of a piece. */
export const stitchesOf = (
  piece: string,
  count: number,
  on: 'first' | 'last' = 'last',
  at = 0,
): JoinSide => ({ piece, of: 'stitches', count, spot: spotOn(piece, { on, at }) })
/** So many ends of its rows, from one of them up. */
export const rowEndsOf = (
  piece: string,
  count: number,
  on: 'left' | 'right',
  at = 0,
): JoinSide => ({ piece, of: 'row ends', count, spot: spotOn(piece, { on, at }) })
/** Two faces that are one piece made twice, or two pieces. */
interface Faces {
  readonly faces: 'alike' | 'differ'
}
/** Something of the front and of the back, by their pieces. */
export const bothFaces = <T>(
  { faces }: Faces,
  of: (piece: string) => T,
  front = 'bag',
): readonly [T, T] => [of(front), of(faces === 'differ' ? 'back' : front)]
/** Faces that are sewn together and are not as long. */
export function unlikeFaces(
  base: Faces,
  length: (piece: string) => number,
  front?: string,
): Unequal | null {
  const [one, other] = bothFaces(base, length, front)
  return one === other ? null : { what: 'faces', one, other }
}

/** Something a construction cannot be sewn from: two sides that should meet and do not. */
export interface Unequal {
  readonly what: 'halves' | 'sides' | 'opening' | 'faces'
  readonly one: number
  readonly other: number
}

/** How a base that lies flat is seen from above: rings about a point or a chain, or lines one above the other. */
export type Outline = 'round' | 'oval' | 'rectangle' | 'rows'

/** What is seen of a bag from the front, laid flat. */
export type Front =
  /** The rounds above the base. */
  | { readonly kind: 'standing' }
  /** All rows of a panel. */
  | { readonly kind: 'panel' }
  /** So many rows up the front, and the first or last ones over them as a flap. */
  | {
      readonly kind: 'folded'
      readonly up: number
      readonly over: number
      readonly flap: 'first' | 'last'
    }
  /** Pieces set like a draughtboard under a rim. */
  | { readonly kind: 'grid'; readonly across: number; readonly down: number }
  /** Rows of a panel that run up the bag: so many stitches of each are the front, and the last ones fall over it as a flap. */
  | { readonly kind: 'sideways'; readonly up: number; readonly over: number }
  /** So many of the piece that holds the bands, side by side; those that are turned head to tail by their places from 0. */
  | { readonly kind: 'strips'; readonly across: number; readonly turned: readonly number[] }
  /** Rows about a point: a disc, or its lower half. */
  | { readonly kind: 'arc'; readonly half: boolean }

/** A whole number that is decided about a base, in the order it is asked. */
export interface Asked<Base> {
  readonly key: keyof Base & string
  readonly label: string
  readonly min: number
  readonly max: number | ((base: Base) => number)
  readonly signed?: true
}

/** One of a few ways that is decided about a base. */
export interface Choice<Base> {
  readonly key: keyof Base & string
  readonly legend: string
  readonly options: readonly {
    readonly value: string
    readonly label: string
    readonly title?: string
  }[]
}

/** Which of several alike something holds for: a field of whole numbers, from 1. */
export interface Picks<Base> {
  readonly key: keyof Base & string
  readonly legend: string
  readonly each: (base: Base) => readonly string[]
}

/** Whether a first row is plain, or that of the bands. */
export const firstRowChoice = {
  key: 'begins',
  legend: 'First row',
  options: [
    { value: 'row', label: 'Plain first', title: 'A plain row of its own, then the bands' },
    { value: 'bands', label: 'Bands at once', title: 'The first band begins in the chain' },
  ],
} as const

/** What would make sides that are sewn together equal: fields of the base, and what comes of them. */
export interface Evened<Base> {
  readonly kind: 'flap' | 'close'
  readonly facts: Readonly<Record<string, number>>
  readonly values: Partial<Base>
}

/** What a base keeps of the one whose place it takes. */
export type Kept = Pick<
  Base,
  'id' | 'name' | 'making' | 'yarn' | 'stitch' | 'count' | 'firstStitch' | 'turns'
>

/** What is known of a bag when its base gives way to another. */
export interface BegunFrom {
  /** Stitches of a chain for a base of this count: a quarter of it, or the chain there was. */
  readonly along: number
  /** Another yarn, for what is worked in two. */
  readonly second: string
  /** Rows there are in all. */
  readonly rows: number
}

/**
 * The middles of front and back along a round: so many stitches from its start, in the order they are worked. A half is on a stitch, a
 * whole number between two.
 */
export interface Middles {
  readonly front: number
  readonly back: number
}

/**
 * The middles of front and back of a base, in a round of it of so many stitches: by its increases where its construction has long
 * sides, else a quarter and three quarters on from where the round begins, which is at a side.
 */
export const middlesIn = <Base>(
  { middles }: Construction<Base>,
  base: Base,
  count: number,
  start = 0,
): Middles => middles?.(base, count) ?? { front: start + count / 4, back: start + (3 * count) / 4 }

/** The sides between them: the one the round begins nearest to, and the other. */
export function sidesBetween({ front, back }: Middles, count: number): readonly [number, number] {
  const far = (front + back) / 2
  return [(far + count / 2) % count, far]
}

/** One way to build a bag: what its base comes to, in rows, joins and sizes. `Base` is its document: what is decided about it. */
export interface Construction<Base> {
  readonly document: new () => Base
  /** What it begins as where it takes the place of another base; the count is kept. */
  readonly begin: (kept: Kept, from: BegunFrom) => Base
  readonly name: string
  readonly hint: string
  readonly asked: readonly Asked<Base>[]
  readonly choices?: readonly Choice<Base>[]
  readonly picks?: readonly Picks<Base>[]
  /** What keeps its faces equal when so many rows are added at its end (below 0: taken away); null where nothing can. */
  readonly taken?: (base: Base, by: number) => Partial<Base> | null
  /** It is one piece, which can also be one of several. */
  readonly alone?: true
  /** The piece that is its front, where that is not the body. */
  readonly face?: string
  /** Its rows run up the bag: its stitches make it tall, its rows make it wide. */
  readonly sideways?: true
  /** It is not sewn to anything: it is so wide and so tall, and has no way around. */
  readonly open?: true
  /** Its base lies flat and is seen from above so; one without is not seen from above. */
  readonly plan?: Outline
  /** What is seen from the front, of so many rows of the piece that holds the bands; what stands unless it says otherwise. */
  readonly front?: (base: Base, rows: number) => Front
  /** The base grows from a ring: how its increases stand, and plain rounds between them, are asked. */
  readonly ring?: true
  /** Its rounds as they are written in shorthand, in the field `rounds`; null where they are not. */
  readonly written?: (base: Base) => readonly BaseRound[] | null
  /** Its rounds as they would be written, where they need not be. */
  readonly toWords?: (base: Base) => readonly BaseRound[]
  /** Its count is that of its rows, and no other can be had. */
  readonly fixed?: (base: Base) => boolean
  /** Its rows can be given one by one, in the fields `rows` and `afresh`. */
  readonly rowByRow?: true
  /** Any increase a round can be had, so that it can be made to lie flat. */
  readonly anyIncrease?: true
  /** Keeps its fields in step with one another after one of them was set. */
  readonly settled?: (base: Base) => Partial<Base>
  /** What its fields by themselves cannot tell: the field, and what it must be. */
  readonly faults?: (base: Base) => readonly (readonly [field: string, message: string])[]
  /** What it is begun with, where that is not rounds that grow: "a panel of 60 stitches". */
  readonly begunWith?: (count: number) => string
  /** How its bands are worked. */
  readonly worked: 'rounds' | 'rows'
  readonly growth: (base: Base) => Growth
  /** The increase a round at which it lies flat; null when it is flat by itself. */
  readonly flat: ((size: StitchSize) => number) | null
  /** Way around the bag (height, where it is sideways) that one stitch of the base's last row comes to, in stitch widths. */
  readonly around: (base: Base) => number
  /** Stitches it counts for more (or fewer) than there are; none unless it says otherwise. */
  readonly beside?: (base: Base) => number
  /** What bands so deep add to the way around, beside the stitches of the base's last row; nothing unless it says otherwise. */
  readonly bandsAdd?: (bandsMm: number) => number
  /** Rows that make it one row taller: 1 unless it says otherwise. */
  readonly rowsARise?: number
  /** Where its height goes with its width: rows of its body for such a base, when it has so many now. */
  readonly tied?: (base: Base, rows: number) => number
  /** The middles of front and back in a round of its base of so many stitches; at a quarter and three quarters unless it says otherwise. */
  readonly middles?: (base: Base, count: number) => Middles
  /** Stitches its bands are worked on: those of the base's last row unless it says otherwise. */
  readonly bandCount?: (base: Base) => number
  /** The pieces it begins beside the body, and the stitches their bands stand on; none unless it says otherwise. */
  readonly begins?: (base: Base) => Readonly<Record<string, number>>
  /** In working order. */
  readonly pieces: (base: Base, size: StitchSize) => readonly ShapePiece[]
  readonly joins: (base: Base, made: Made, size: StitchSize) => readonly ShapeJoin[]
  readonly sizes: (base: Base, made: Made, size: StitchSize) => Sizes
  readonly unequal?: (base: Base, made: Made) => Unequal | null
  /** The two spots of the body that a strap is sewn to, in the middle of its ends. */
  readonly strapAt?: (base: Base, body: Pick<MadePiece, 'rows' | 'rim'>) => readonly [Spot, Spot]
  /** What would make them equal. */
  readonly evened?: (base: Base, rows: number) => readonly Evened<Base>[]
}

/** The one piece of a bag worked in rounds from its base. */
export const inRounds = (rows: readonly ShapeRow[]): ShapePiece[] => [
  {
    id: 'bag',
    name: 'Base and body',
    times: 1,
    worked: 'rounds',
    rows,
    lies: true,
  },
]

/** A panel in rows, begun across a chain, that holds the bands; made so often. */
export const inPanels = (
  count: number,
  times: number,
  named: Pick<ShapePiece, 'id' | 'name' | 'second'> = { id: 'bag', name: 'Panel' },
): ShapePiece[] => [
  {
    ...named,
    times,
    worked: 'rows',
    rows: [firstRowOf('across', count)],
  },
]

/** Sizes of a bag that stands: half of its way around when laid flat. */
export const standing = (
  { widestMm, standingMm, baseMm }: Made,
  lengthMm: number,
  widthMm: number,
  hangs = true,
): Sizes => ({
  aroundMm: widestMm,
  flatMm: widestMm / 2,
  heightMm: standingMm,
  hangingMm: hangs ? standingMm + baseMm : null,
  footprint: { lengthMm: Math.max(lengthMm, widthMm), widthMm: Math.min(lengthMm, widthMm) },
})

/** Sizes of a bag of two faces so wide: twice that is its way around. */
export const twoFaces = (flatMm: number, heightMm: number): Sizes => ({
  aroundMm: 2 * flatMm,
  flatMm,
  heightMm,
  hangingMm: null,
  footprint: { lengthMm: flatMm, widthMm: 0 },
})

/** What most constructions ask for. */
export const asked = {
  along: (label = 'Chain') => ({ key: 'along', label, min: 3, max: LIMITS.along }) as const,
  increase: (min: number, max: number, label = 'Every round') =>
    ({ key: 'increase', label, min, max, signed: true }) as const,
  count: (label: string) => ({ key: 'count', label, min: 3, max: LIMITS.count }) as const,
} as const
