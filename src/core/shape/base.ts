import { OneOf, OrNull, Several, Whole } from '../document/index.ts'
import { Letter, LIMITS, Section } from '../part/index.ts'
import { groundStitchIds } from '../stitch/index.ts'

/** One yarn of those that take turns in the rows of a base. */
export class BaseTurn {
  @Letter() readonly yarn!: string
  /** Rows before the next one has its turn. */
  @Whole(1, 200) readonly rounds!: number
}

/** The yarn of a row of a base, by its place from 0. */
export function yarnOfRow({ yarn, turns }: Pick<Base, 'yarn' | 'turns'>, row: number): string {
  let at =
    row %
    Math.max(
      1,
      turns.reduce((sum, { rounds }) => sum + rounds, 0),
    )
  for (const turn of turns) {
    if (at < turn.rounds) return turn.yarn
    at -= turn.rounds
  }
  return yarn
}

/** A base: its yarn, and the stitches of its last row, on which the bands stand. */
export abstract class Base extends Section {
  @Letter() readonly yarn!: string
  @Whole(3, LIMITS.count) readonly count!: number
  /** The stitch of its first row, where that is another than the rest are worked in; null where it is not. */
  @OrNull() @OneOf(groundStitchIds) readonly firstStitch!: string | null
  /** Yarns that take turns in its rows; none where all are in its yarn. */
  @Several(() => BaseTurn, LIMITS.stripes) readonly turns!: readonly BaseTurn[]
}

/** What a piece begun in a chain begins with: a plain row of its own, or its first band at once. */
export const beginnings = ['row', 'bands'] as const
export type BeginsWith = (typeof beginnings)[number]

/** A disc grown from a ring: how its increases stand, and plain rounds between them. */
export abstract class Disc extends Base {
  @Whole(3, 40) readonly increase!: number
  @OneOf(['staggered', 'stacked']) readonly stagger!: 'staggered' | 'stacked'
  @OrNull() @Whole(1, 200) readonly plainFrom!: number | null
  @Whole(0, 10) readonly plainRounds!: number
}
export const usualDisc = {
  increase: 6,
  stagger: 'staggered',
  plainFrom: null,
  plainRounds: 0,
} as const
