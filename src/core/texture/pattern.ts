/** How stitch patterns look, which is how the drawer is ordered. */
export const families = {
  raised: 'Raised',
  post: 'Posts',
  woven: 'Woven and ribbed',
  spike: 'Spikes',
  fans: 'Fans and clusters',
  open: 'Open',
  edge: 'Edges',
  own: 'Your own',
} as const
export type Family = keyof typeof families

/**
 * A stitch pattern as a small program in the shorthand, in US terms. Its rows stand on a row of single crochet of multiple · k +
 * offset stitches (in the round the offset is dropped); after its last row as many places are left as there were.
 */
export interface StitchPattern {
  readonly id: string
  readonly name: string
  readonly family: Family
  readonly multiple: number
  /** Stitches beside the repeats of a flat panel. */
  readonly offset: number
  /** Rows that begin it, once; and those that repeat. Null when it is not worked that way. */
  readonly flat: { readonly begin: readonly string[]; readonly rows: readonly string[] } | null
  readonly round: { readonly begin: readonly string[]; readonly rows: readonly string[] } | null
  /** Side its raised rows are worked from. */
  readonly side: 'RS' | 'WS' | 'any'
  /** Height of one repeat in rows of sc, and yarn of it in that of as many stitches of sc (from memory). */
  readonly height: number
  readonly yarn: number
  /** What its special stitches are, in words; empty when it has none. */
  readonly special: string
  readonly notes: string
}

/** Chains for a flat panel of n stitches: one more, as its first row is sc. */
export const foundationOf = (stitches: number): number => stitches + 1

/** Stitches for so many repeats. */
export const stitchesOf = (
  { multiple, offset }: Pick<StitchPattern, 'multiple' | 'offset'>,
  repeats: number,
  way: 'flat' | 'round',
): number => multiple * repeats + (way === 'flat' ? offset : 0)

/** The pattern written out over so many repeats: a base row, what begins it, and its rows twice. */
export function writtenOver(
  pattern: StitchPattern,
  way: 'flat' | 'round',
  repeats: number,
): string | null {
  const program = pattern[way]
  if (!program) return null
  const count = stitchesOf(pattern, repeats, way)
  const label = way === 'flat' ? 'Row' : 'Rnd'
  const first =
    way === 'flat'
      ? [`Ch ${foundationOf(count)}.`, 'Row 1: sc in 2nd ch from hook and in each ch across']
      : [
          `Ch ${count}, sl st in first ch to form a ring.`,
          'Rnd 1: ch 1, sc in each ch around, sl st to join',
        ]
  const rows = [...program.begin, ...program.rows, ...program.rows].map((row, i) => {
    const start = /^ch /i.test(row) ? row : `ch 1, ${row}`
    const turned =
      way === 'flat' ? start.replace(/^(ch \d+(?: \([^)]*\))?), /, '$1, turn, ') : start
    return `${label} ${i + 2}: ${turned}${way === 'round' ? ', sl st to join' : ''}`
  })
  return [...first, ...rows].join('\n')
}
