import { Many, OneOf } from '../../document/index.ts'
import { stitchById } from '../../stitch/index.ts'
import { Base } from '../base.ts'
import { type Construction, inRounds, standing } from '../construction.ts'
import { flatIncrease } from '../flatness.ts'
import { roundBaseRows } from '../round-base.ts'
import {
  asWritten,
  BaseRound,
  MOST_WRITTEN,
  writtenCount,
  writtenFaults,
  writtenGrowth,
  writtenShape,
} from '../written-rounds.ts'

/** Rounds from a ring, each as it is written. */
export class WrittenBasePart extends Base {
  @OneOf(['written-base']) readonly kind!: 'written-base'
  @Many(() => BaseRound, MOST_WRITTEN)
  readonly rounds!: readonly BaseRound[]
}

/** A flat disc of so many stitches, written out: about six times a stitch's height more each round. */
function plainRounds(stitch: string, count: number): BaseRound[] {
  const each = Math.min(count, Math.max(3, Math.round(6 * stitchById(stitch).height)))
  const plain = {
    increase: each,
    count,
    stagger: 'stacked',
    plainFrom: null,
    plainRounds: 0,
  } as const
  return asWritten(roundBaseRows(plain), stitch, 'around')
}

/** A base of rounds in shorthand: its flatness and size are those of its stitches. */
export const writtenBase: Construction<WrittenBasePart> = {
  document: WrittenBasePart,
  begin: ({ id, name, making, yarn, stitch, count, turns }) => ({
    // What its rounds say is what they are worked in.
    ...{ id, name, making, yarn, stitch, count, firstStitch: null, turns },
    kind: 'written-base',
    rounds: plainRounds(stitch, count),
  }),
  name: 'Written rounds',
  hint: 'A base of rounds in shorthand, from a ring',
  settled: ({ rounds }) => ({ count: writtenCount(rounds) }),
  faults: ({ rounds, count }) => writtenFaults(rounds, count),
  asked: [],
  written: ({ rounds }) => rounds,
  fixed: () => true,
  plan: 'round',
  alone: true,
  worked: 'rounds',
  growth: ({ rounds }) => writtenGrowth(rounds),
  flat: flatIncrease,
  around: () => 1,
  pieces: ({ rounds }) => inRounds(writtenShape(rounds)),
  joins: () => [],
  sizes: (_, made) => standing(made, 2 * made.baseMm, 2 * made.baseMm),
}
