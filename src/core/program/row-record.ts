import {
  Flag,
  Letters,
  Names,
  One,
  OneOf,
  Optional,
  OrNull,
  Several,
  Text,
  Whole,
} from '../document/index.ts'
import { Letter, LIMITS } from '../part/index.ts'
import { stitchIds } from '../stitch/index.ts'
import { placeKinds } from './places.ts'
import type { Program } from './program.ts'

/*
 * All that is to be said of one row: what the ledger has of it, and what is noted when it is made. The classes are its types, its
 * validators and its schema.
 */

export const sides = ['RS', 'WS'] as const
export type Side = (typeof sides)[number]

/**
 * How a row begins. A first row: in a ring, around a foundation chain, across one, in a ring of chain, picked up along
 * another piece, or into the other side of the chain. A later one: on in a spiral, with a start of its own, turned, or
 * with its yarn joined anew where the row below began.
 */
const firstStarts = ['ring', 'foundation', 'across', 'chain-ring', 'pick-up', 'other-side'] as const
export const starts = [...firstStarts, 'spiral', 'chain', 'turn', 'afresh'] as const
export type RowStart = (typeof starts)[number]
/** Whether a row so begun stands in a ring or chain of its own. */
export const isFirstStart = (start: RowStart): boolean =>
  (firstStarts as readonly RowStart[]).includes(start)
/** How a row ends: on in a spiral, joined, turned, its loop held while another yarn works, or its yarn cut. */
export const ends = ['spiral', 'join', 'turn', 'held', 'fasten-off'] as const
export type RowEnd = (typeof ends)[number]

/** Where a stitch goes, where that is not the next place. */
export class IntoRecord {
  @OneOf(['next', 'space', 'same', 'own']) readonly at!: 'next' | 'space' | 'same' | 'own'
  @Optional() @Names(placeKinds, placeKinds.length) readonly of?: readonly string[]
  @Optional() @Whole(0, 1) readonly row?: number
  @Optional() @OneOf(['last', 'first']) readonly which?: 'last' | 'first'
}

export class WorkRecord {
  @OneOf(['work']) readonly do!: 'work'
  @OneOf(stitchIds) readonly stitch!: string
  @Whole(1, LIMITS.rowCount) readonly times!: number
  @Letter() readonly yarn!: string
  @Optional() @One(() => IntoRecord) readonly into?: IntoRecord
  @Optional() @OneOf([true]) readonly closes?: true
  @Optional() @Whole(0, 1) readonly catches?: number
}

export class ChainRecord {
  @OneOf(['chain']) readonly do!: 'chain'
  @Whole(1, LIMITS.rowCount) readonly times!: number
  @Letter() readonly yarn!: string
  @OneOf(['over', 'loop', 'off']) readonly stands!: 'over' | 'loop' | 'off'
}

export class PassRecord {
  @OneOf(['pass']) readonly do!: 'pass'
  @Whole(1, LIMITS.rowCount) readonly times!: number
  @OneOf(['good', 'later']) readonly for!: 'good' | 'later'
}

/** Stitches of one kind side by side, each in the yarn of its letter. */
export class CellsRecord {
  @OneOf(['cells']) readonly do!: 'cells'
  @OneOf(stitchIds) readonly stitch!: string
  @Letters(LIMITS.rowCount) readonly letters!: string
  @OneOf(['left']) readonly from!: 'left'
}

/** Stands in for a step of unknown kind, which is then refused. */
class AnyStep {
  @OneOf(['work', 'chain', 'pass', 'cells', 'group']) readonly do!: string
}
const stretch = [WorkRecord, ChainRecord, PassRecord, CellsRecord]
const byKind = (of: readonly (new () => { readonly do: string })[], names: readonly string[]) => ({
  keepDiscriminatorProperty: true,
  discriminator: {
    property: 'do',
    subTypes: of.map((value, i) => ({ name: names[i]!, value })),
  },
})
const stretchNames = ['work', 'chain', 'pass', 'cells']
export type StretchRecord = WorkRecord | ChainRecord | PassRecord | CellsRecord

/** A stretch of the row that is worked so many times. */
export class GroupRecord {
  @OneOf(['group']) readonly do!: 'group'
  @Whole(1, LIMITS.rowCount) readonly times!: number
  @Several(() => AnyStep, LIMITS.madeRuns, byKind(stretch, stretchNames))
  readonly steps!: readonly StretchRecord[]
}
export type StepRecord = StretchRecord | GroupRecord

/** The lists of steps in a record, by class and field, with the classes a step may be of: what the JSON Schema must say of them. */
export const stepLists: readonly {
  readonly owner: string
  readonly field: string
  readonly of: readonly (new () => object)[]
}[] = [
  { owner: 'GroupRecord', field: 'steps', of: stretch },
  { owner: 'MadeRow', field: 'work', of: [...stretch, GroupRecord] },
]

/** So many of what a row is counted in beside places: 14 V. */
export class CountedUnit {
  @Text(60) readonly name!: string
  @Whole(1, LIMITS.rowCount) readonly count!: number
}

export abstract class RowRecord {
  @OneOf(sides) readonly side!: Side
  @OneOf(starts) readonly start!: RowStart
  @OneOf(ends) readonly end!: RowEnd
  /** Passes it takes: 1, or 2 for forward and return. */
  @OneOf([1, 2]) readonly passes!: 1 | 2
  /** Where its first stitch stands: places along the row, from where the piece began and the way its right side is worked. */
  @Whole(0, LIMITS.rowCount) readonly begin!: number
  /** Places along the row it is worked into before its first stitch: what is passed comes at the end of a round. */
  @Whole(0, LIMITS.rowCount) readonly from!: number
  /** The rows it is worked into, where that is not the one below. */
  @Names(/^[A-Za-z0-9_-]{1,40}:[1-9]\d{0,4}$/, 2) readonly onto!: readonly string[]
  /** The row of another yarn lies beside it: the two rise together. */
  @Flag() readonly beside!: boolean
  @OrNull() @One(() => CountedUnit) readonly unit!: CountedUnit | null
  /** What is worked, in working order, with every number said. */
  @Several(
    () => AnyStep,
    LIMITS.madeRuns,
    byKind([...stretch, GroupRecord], [...stretchNames, 'group']),
  )
  readonly work!: readonly StepRecord[]
}

/** The work of a record, to be laid. */
export const programOfRecord = ({ work }: Pick<RowRecord, 'work'>): Program => work as Program
