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
  const parity = 2 * start + count / 2
  if (!Number.isInteger(parity) || (((parity - about) % 2) + 2) % 2 === 0) return about
  return about > count * SHARE && about > 1 ? about - 1 : about + 1
}

/** The handles of a round; null where they do not fit: the gaps take it all, or it begins within one. */
export function maybeHandles({ count, start = 0, ...asked }: HandlesAsked): Handles | null {
  const gap = asked.gap ?? usualGap(count, start)
  const chain = asked.chain ?? Math.round(CHAINS * gap)
  const middles = [start + count / 4, start + (3 * count) / 4] as const
  const [first, second] = middles.map((middle) => Math.round(middle - gap / 2)) as [number, number]
  const [between, b] = [second - first - gap, count - second - gap]
  if (gap < 1 || first < 0 || between < 0 || b < 0) return null
  const off = [first + gap / 2 - middles[0], second + gap / 2 - middles[1]] as const
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
