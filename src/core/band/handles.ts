import { Flag, OneOf, OrNull, Whole } from '../document/index.ts'
import { Letter, LIMITS, Section } from '../part/index.ts'
import { type Program, work } from '../program/index.ts'
import { decreaseFor } from '../stitch/index.ts'
import { type Band, type Ground, usual, within } from './band.ts'
import { type Handles, maybeHandlesOn } from './edge-handles.ts'
import { PLAIN } from './fabric.ts'
import { programOf } from './marked-row.ts'

/** The most chains of a handle, and rounds over two. */
export const HANDLE_LIMITS = { chain: 1000, over: LIMITS.rounds - 1 } as const

/** Two handles chained in the edge, which stay on the middles of front and back, and the rounds over them. */
export class HandlesPart extends Section {
  @OneOf(['handles']) readonly kind!: 'handles'
  @Letter() readonly yarn!: string
  /** Stitches each passes over; null: about a fifth of the round, so that they centre. */
  @OrNull() @Whole(1, LIMITS.count) readonly gap!: number | null
  /** Chains of each; null: two and a half times the gap. */
  @OrNull() @Whole(1, HANDLE_LIMITS.chain) readonly chain!: number | null
  /** Rounds over them: the first goes into each stitch and each chain. */
  @Whole(0, HANDLE_LIMITS.over) readonly over!: number
  /** Where edge and chain meet the first of those takes the two together, which closes the corner. */
  @Flag() readonly together!: boolean
}

/**
 * The handles of a band on its ground; null where they do not fit: the ground has no front, a chain is shorter than what it passes over, or the
 * round begins within one, or right beside it.
 */
export function maybeHandlesOf(
  { gap, chain }: Pick<HandlesPart, 'gap' | 'chain'>,
  { count, front, begins = 0 }: Pick<Ground, 'count' | 'front' | 'begins'>,
): Handles | null {
  const middles = front?.()
  if (!middles) return null
  const on = [middles.front, middles.back] as const
  const made = maybeHandlesOn({ count, middles: on, gap, chain, least: 1 })
  if (!made || made.chain < made.gap) return null
  const isWithin = (from: number, over: number) =>
    (((begins - (from - 1)) % count) + count) % count <= over + 1
  const second = made.a + made.gap + made.between
  const within = begins > 0 && (isWithin(made.a, made.gap) || isWithin(second, made.gap2))
  return within ? null : made
}

/** The first round over handles with the corners closed, begun so many places further on; null where there is no room for that. */
function closedCorners(
  { a, chain, between, b }: Handles,
  { stitch, yarn }: Pick<HandlesPart, 'stitch' | 'yarn'>,
  step: number,
): Program | null {
  const lengths = [a - step, chain, between, chain, b + step]
  const inner = lengths.map((length, i) => length - (i === 0 || i === lengths.length - 1 ? 1 : 2))
  if (inner.some((length) => length < 0)) return null
  const closed = decreaseFor(stitch).id
  return inner.flatMap((length, i) => [
    ...(length > 0 ? [work(stitch, length, { yarn })] : []),
    ...(i < inner.length - 1 ? [work(closed, 1, { yarn })] : []),
  ])
}

export const handles: Band<HandlesPart> = {
  ...usual,
  document: HandlesPart,
  title: 'Handles in the edge',
  heading: 'Handles in',
  inRounds: true,
  begin: ({ stitch, letters }) => ({
    ...{ kind: 'handles', name: 'Handles', making: null, stitch, yarn: letters[0]! },
    ...{ gap: null, chain: null, over: 3, together: false },
  }),
  rounds: ({ over }) => 1 + over,
  withRounds: (_, rounds) => ({ over: within(rounds - 1, 0, HANDLE_LIMITS.over) }),
  // A bag that grows does not want a thicker handle.
  stretched: () => null,
  yarns: ({ yarn }) => [yarn],
  withYarn: ({ yarn }, from, to) => (yarn === from ? { yarn: to } : {}),
  lastYarn: ({ yarn }) => yarn,
  gaugeYarn: ({ yarn }) => yarn,
  fabric: () => PLAIN,
  notes: ({ over, together }) => [
    'Lay the bag flat before you go on over them: both handles lie above each other, and none is twisted.',
    ...(together && over > 0
      ? [
          'The decreases close the corners: each takes the last stitch of the edge and the first chain together, or the last chain and the next stitch.',
        ]
      : []),
  ],
  *rows(part, ground) {
    const { stitch, yarn, over, together } = part
    const plainly = [work(stitch, 'fits', { yarn })]
    const made = maybeHandlesOf(part, ground)
    if (made) {
      const { a, gap, between, gap2, b, chain } = made
      const run = (id: string, count: number) => (count > 0 ? [{ stitch: id, yarn, count }] : [])
      yield programOf([
        ...[...run(stitch, a), ...run('ch', chain), ...run('skip', gap)],
        ...[...run(stitch, between), ...run('ch', chain), ...run('skip', gap2), ...run(stitch, b)],
      ])
    } else yield plainly
    for (let i = 1; i <= over; i++)
      yield (i === 1 && together && made && closedCorners(made, part, ground.step ?? 0)) || plainly
  },
}
