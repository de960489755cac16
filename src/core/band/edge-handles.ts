import { abbrOf, stitchById, type Words } from '../stitch/index.ts'

/** What two handles in the edge are asked with: stitches of the round, those each passes over, its chains, and where the round begins. */
export interface HandlesAsked {
  readonly count: number
  /** A fifth of the count by itself, made even or odd so that it centres. */
  readonly gap?: number
  /** Two and a half times the gap by itself. */
  readonly chain?: number
  /** The middle of a side lies so many stitches after the round's start; halves and below 0 allowed. */
  readonly start?: number
}

/**
 * Two handles chained in the edge: a stitches, a gap, those between, a gap, b stitches. Handles face one another and lie on the middles of front and back
 * as nearly as whole stitches allow.
 */
export interface Handles {
  readonly a: number
  readonly gap: number
  readonly between: number
  readonly gap2: number
  readonly b: number
  readonly chain: number
  /** Stitches of the round after, which goes into each chain. */
  readonly next: number
  /** Both lie exactly on the middles. */
  readonly centred: boolean
  /** Stitches by which those of front and back lie beside them, above 0 further on. */
  readonly off: readonly [front: number, back: number]
}

/** Chains of a handle beside the stitches it passes over (common practice: 80 over 26, 65 over 19). */
const CHAINS = 2.5
const SHARE = 1 / 5

/** A gap of about a fifth that lies on a stitch or between two as the middle does; of an odd count any. */
function usualGap(count: number, start: number): number {
  const about = Math.max(1, Math.round(count * SHARE))
  // Of an odd round both cannot lie on their middles.
  const parity = count % 2 === 0 ? Math.round(2 * start + count / 2) : about
  if ((((parity - about) % 2) + 2) % 2 === 0) return about
  return about > count * SHARE && about > 1 ? about - 1 : about + 1
}

/** The handles of a round; null where they do not fit: the gaps take it all, or it begins within one. */
export const maybeHandles = ({ start = 0, ...asked }: HandlesAsked): Handles | null =>
  maybeHandlesOn({
    ...asked,
    middles: [start + asked.count / 4, start + (3 * asked.count) / 4],
  })

/** What a round is asked with whose middles of front and back are known: places from its start, a half on a stitch. */
export interface HandlesOn {
  readonly count: number
  readonly middles: readonly [front: number, back: number]
  /** The one that centres on the front, about a fifth of the count, where it is not said. */
  readonly gap?: number | null
  readonly chain?: number | null
  /** Stitches there must be before the first: a start that is one stands there. */
  readonly least?: number
}

/** Narrower than this no hand goes through. */
const LEAST_GAP = 4

/** Handles on the middles of a round; null where they do not fit. Of `off` the first is that of the front. */
export function maybeHandlesOn({ gap, ...asked }: HandlesOn): Handles | null {
  if (gap) return maybeLaid({ ...asked, gap })
  // Where the round begins near a middle a narrower gap may fit that still centres.
  for (
    let tried = usualGap(asked.count, asked.middles[0] - asked.count / 4);
    tried > 0;
    tried -= 2
  ) {
    const made = maybeLaid({ ...asked, gap: tried })
    if (made || tried < LEAST_GAP) return made
  }
  return null
}

function maybeLaid({
  count,
  middles,
  gap,
  ...asked
}: HandlesOn & { readonly gap: number }): Handles | null {
  const chain = asked.chain ?? Math.round(CHAINS * gap)
  const [one, other] = middles.map((middle) => ((middle % count) + count) % count) as [
    number,
    number,
  ]
  const at = (middle: number) => Math.round(middle - gap / 2)
  const frontFirst = one <= other
  const [first, second] = frontFirst ? [at(one), at(other)] : [at(other), at(one)]
  const [between, b] = [second - first - gap, count - second - gap]
  if (gap < 1 || first < (asked.least ?? 0) || between < 0 || b < 0) return null
  const [near, far] = frontFirst ? [first, second] : [second, first]
  const off = [near + gap / 2 - one, far + gap / 2 - other] as const
  return {
    ...{ a: first, gap, between, gap2: gap, b, chain },
    next: count - 2 * gap + 2 * chain,
    centred: off.every((by) => by === 0),
    off,
  }
}

/** The round of the handles in words: "20 sc, ch 65, sk 26, 34 sc, ch 65, sk 26, 14 sc (228)". */
export function handlesText(handles: Handles, words: Words): string {
  const { a, gap, between, gap2, b, chain, next } = handles
  const sc = abbrOf(stitchById('sc'), words)
  const skip = words.terms === 'uk' ? 'miss' : 'sk'
  const plain = (stitches: number) => (stitches > 0 ? [`${stitches} ${sc}`] : [])
  const over = (stitches: number) => [`ch ${chain}`, `${skip} ${stitches}`]
  return `${[...plain(a), ...over(gap), ...plain(between), ...over(gap2), ...plain(b)].join(', ')} (${next})`
}
