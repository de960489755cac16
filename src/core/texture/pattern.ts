import {
  meaningOf,
  type Place,
  plainStitch,
  printWork,
  readWork,
  type Work,
} from '../notation/index.ts'

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

/** Stitches for so many repeats. */
export const stitchesOf = (
  { multiple, offset }: Pick<StitchPattern, 'multiple' | 'offset'>,
  repeats: number,
  way: 'flat' | 'round',
): number => multiple * repeats + (way === 'flat' ? offset : 0)

/** Where its first row stands: on a row of single crochet, or in the chain at once. */
export type Begun = 'row' | 'chain'

/** How a flat panel begins: chains beside its stitches, and the words of its first row in the chain. */
export interface Foundation {
  /** Chains there are more than stitches. */
  readonly more: number
  /** The chain of the first stitch, counted from the hook. */
  readonly nth: number
  /** What is worked in the chain; null for the row of sc it stands on. */
  readonly work: string
}

const ON_ROW: Foundation = { more: 1, nth: 2, work: 'sc in 2nd ch from hook and in each ch across' }

/**
 * The foundation of a pattern worked flat. In the chain at once it takes n chains, those its turning chain is tall, and one fewer
 * when that chain counts as a stitch. Null when its first row needs a row below it: posts, spikes, loops and chain spaces.
 */
export function foundationOf(
  { flat }: Pick<StitchPattern, 'flat'>,
  begun: Begun,
): Foundation | null {
  if (!flat) return null
  if (begun === 'row') return ON_ROW
  const first = flat.begin[0] ?? flat.rows[0]
  if (first === undefined) return null
  const { items } = readWork(first)
  const [start, ...rest] = items
  const chain = start?.kind === 'chain' ? start : null
  const { uses } = meaningOf(items, new Array<Place>(400).fill('st'))
  if (uses.post + uses.down + uses.sp > 0 || /\bloops?\b|\b[bf]lo\b/.test(first)) return null
  const chains = chain?.count ?? 1
  const counts = chain?.counts ?? (chains >= 3 ? { stitches: 1, chains: 0 } : null)
  const counted = counts !== null && counts.stitches > 0
  const work = chain ? first.slice(rest[0]?.span.from ?? first.length) : first
  const target: Work = {
    ...plainStitch,
    target: { kind: 'hook', nth: chains + 1, counts: chains > 1 ? counts : null, from: true },
    span: { from: 0, to: 0 },
  }
  return {
    more: chains - (counted ? 1 : 0),
    nth: chains + 1,
    work: `${printWork([target])}, ${work}`,
  }
}

/** The pattern written out over so many repeats: how it begins, what begins it, and its rows twice; null when it is not worked so. */
export function writtenOver(
  pattern: StitchPattern,
  way: 'flat' | 'round',
  repeats: number,
  begun: Begun = 'row',
): string | null {
  const program = pattern[way]
  if (!program) return null
  const count = stitchesOf(pattern, repeats, way)
  const rows = [...program.begin, ...program.rows, ...program.rows]
  if (way === 'round')
    return [
      `Ch ${count}, sl st in first ch to form a ring.`,
      'Rnd 1: ch 1, sc in each ch around, sl st to join',
      ...rows.map((row, i) => `Rnd ${i + 2}: ${started(row)}, sl st to join`),
    ].join('\n')
  const foundation = foundationOf(pattern, begun)
  if (!foundation) return null
  const turned = rows
    .slice(begun === 'chain' ? 1 : 0)
    .map(
      (row, i) =>
        `Row ${i + 2}: ${started(row).replace(/^(ch \d+(?: \([^)]*\))?), /, '$1, turn, ')}`,
    )
  return [`Ch ${count + foundation.more}.`, `Row 1: ${foundation.work}`, ...turned].join('\n')
}

/** A row that begins with no chain of its own begins with one. */
const started = (row: string) => (/^ch /i.test(row) ? row : `ch 1, ${row}`)
