import { Many, OneOf, Text, Whole } from '../../document/index.ts'
import { LIMITS } from '../../part/index.ts'
import { evenPlaces } from '../../solver/index.ts'
import { increaseFor, stitchById, stitchIds } from '../../stitch/index.ts'
import { Base } from '../base.ts'
import { type Construction, inRounds, standing } from '../construction.ts'
import { flatIncrease } from '../flatness.ts'
import type { ShapeRow } from '../shape-row.ts'

/** So many of one stitch, as a round was counted. */
export class BaseRun {
  @OneOf(stitchIds) readonly stitch!: string
  @Whole(1, LIMITS.count) readonly count!: number
}

/** A round in the trade's shorthand, in US terms, and what it works on the round below it. */
export class BaseRound {
  @Text(LIMITS.rowText) readonly text!: string
  @Many(() => BaseRun, LIMITS.count * 3)
  readonly runs!: readonly BaseRun[]
}

/** Rounds from a ring, each as it is written. */
export class WrittenBasePart extends Base {
  @OneOf(['written-base']) readonly kind!: 'written-base'
  @Many(() => BaseRound, 100)
  readonly rounds!: readonly BaseRound[]
}

/** Places a round takes up, and those it leaves. */
const placesOf = ({ runs }: BaseRound): { readonly uses: number; readonly makes: number } =>
  runs.reduce(
    (sum, { stitch, count }) => ({
      uses: sum.uses + stitchById(stitch).uses * count,
      makes: sum.makes + stitchById(stitch).makes * count,
    }),
    { uses: 0, makes: 0 },
  )

/** The first round stands in a ring: what it is made of takes up nothing. */
const inRing = (round: BaseRound) => ({ ...placesOf(round), uses: 0 })
const placesIn = (rounds: readonly BaseRound[]) =>
  rounds.map((round, i) => (i === 0 ? inRing(round) : placesOf(round)))

/** A flat disc of so many stitches, written out: about six times a stitch's height more each round. */
function plainRounds(stitch: string, count: number): BaseRound[] {
  const { height, abbr } = stitchById(stitch)
  const inc = increaseFor(stitch).id
  const each = Math.min(count, Math.max(3, Math.round(6 * height)))
  const runs = (...list: [string, number][]): BaseRun[] =>
    list.filter(([, n]) => n > 0).map(([id, n]) => ({ stitch: id, count: n }))
  const rounds: BaseRound[] = [
    { text: `${each} ${abbr.us} in magic ring`, runs: runs([stitch, each]) },
  ]
  let now = each
  for (; now + each <= count; now += each) {
    const plain = now / each - 1
    const text =
      plain === 0 ? 'inc in each st around' : `*${plain} ${abbr.us}, inc; rep from * around`
    const share = runs([stitch, plain], [inc, 1])
    rounds.push({
      text,
      runs: plain === 0 ? runs([inc, each]) : new Array(each).fill(share).flat(),
    })
  }
  if (now < count) {
    const marks = evenPlaces(now, count - now)
    const gaps = marks.map((place, i) => place - (i === 0 ? 0 : marks[i - 1]! + 1))
    rounds.push({
      text: `${abbr.us} in each st around, increasing ${count - now} sts evenly`,
      runs: [
        ...gaps.flatMap((gap) => runs([stitch, gap], [inc, 1])),
        ...runs([stitch, now - 1 - marks.at(-1)!]),
      ],
    })
  }
  return rounds
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
  settled: ({ rounds }) => ({ count: placesOf(rounds.at(-1)!).makes }),
  faults: ({ rounds, count }) => {
    const places = placesIn(rounds)
    const off = places.findIndex(({ uses }, i) => i > 0 && uses !== places[i - 1]!.makes)
    if (off >= 0)
      return [
        [
          `rounds[${off}]`,
          `takes ${places[off]!.uses} stitches of ${places[off - 1]!.makes} below it`,
        ],
      ]
    const { makes } = places.at(-1)!
    return makes === count ? [] : [['count', `must be the ${makes} stitches of its last round`]]
  },
  asked: [],
  inWords: true,
  fixed: () => true,
  plan: 'round',
  alone: true,
  worked: 'rounds',
  growth: ({ rounds }) => {
    const places = placesIn(rounds)
    const [first, last] = [places[0]!.makes, places.at(-1)!.makes]
    return { first, increase: Math.max(1, (last - first) / Math.max(1, rounds.length - 1)) }
  },
  flat: flatIncrease,
  around: () => 1,
  pieces: ({ rounds }) =>
    inRounds(
      placesIn(rounds).map((places, i): ShapeRow => ({
        kind: i === 0 ? 'ring' : 'plain',
        marks: [],
        runs: rounds[i]!.runs,
        ...places,
      })),
    ),
  texts: ({ rounds }) => rounds.map(({ text }) => text),
  joins: () => [],
  sizes: (_, made) => standing(made, 2 * made.baseMm, 2 * made.baseMm),
}
