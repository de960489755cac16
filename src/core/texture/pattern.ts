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
  /** What its repeats are counted as, and how many of it a repeat has; null where stitches are all that is counted. */
  readonly unit: string | null
  readonly perRepeat: number
  /** Worked forward and back again as one row. */
  readonly passes?: 2
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

/** A line of a pattern as it is written; `text` is what a row works, null for the chain or ring it begins in. */
export interface WrittenLine {
  readonly line: string
  readonly text: string | null
  readonly side: 'RS' | 'WS'
}

/** Whether a row is plain sc all the way. */
export const isPlainRow = (text: string): boolean =>
  /^(?:ch 1, )?(?:turn, )?sc in each st (?:across|around)(?:, sl st to join)?$/.test(text)

/**
 * A pattern line by line over so many repeats: how it begins, what begins it, and so many of its rows (by itself twice what
 * repeats). Flat, the first row faces so that raised rows are worked from their own side.
 */
export function writtenRows(
  pattern: StitchPattern,
  way: 'flat' | 'round',
  repeats: number,
  begun: Begun = 'row',
  rows?: number,
): WrittenLine[] {
  const program = pattern[way]
  const foundation = way === 'flat' ? foundationOf(pattern, begun) : null
  if (!program || (way === 'flat' && !foundation)) return []
  const count = stitchesOf(pattern, repeats, way)
  const { begin } = program
  const wanted = rows ?? begin.length + 2 * program.rows.length
  const all = Array.from({ length: Math.max(1, wanted) }, (_, i) =>
    i < begin.length ? begin[i]! : program.rows[(i - begin.length) % program.rows.length]!,
  )
  if (way === 'round') {
    const raised = pattern.side === 'WS' ? 'WS' : 'RS'
    return [
      { line: `Ch ${count}, sl st in first ch to form a ring.`, text: null, side: 'RS' },
      ...['sc in each ch around', ...all].map((row, i): WrittenLine => {
        const text = `${started(row)}, sl st to join`
        const side = i > 0 && !isPlainRow(row) ? raised : 'RS'
        return { line: `Rnd ${i + 1}: ${text}`, text, side }
      }),
    ]
  }
  const { more, work } = foundation!
  const first = begun === 'chain' ? 0 : 1
  // The first row of the pattern itself faces as it wants.
  const faces = (i: number) =>
    pattern.passes === 2
      ? ('RS' as const)
      : (pattern.side === 'WS') === ((i - first) % 2 === 0)
        ? ('WS' as const)
        : ('RS' as const)
  return [
    { line: `Ch ${count + more}.`, text: null, side: 'RS' },
    ...[work, ...(begun === 'chain' ? all.slice(1) : all)].map((row, i): WrittenLine => {
      const text =
        i === 0 || pattern.passes === 2
          ? row
          : started(row).replace(/^(ch \d+(?: \([^)]*\))?), /, '$1, turn, ')
      return { line: `Row ${i + 1}: ${text}`, text, side: faces(i) }
    }),
  ]
}

/** The pattern written out over so many repeats; null when it is not worked so. */
export function writtenOver(
  pattern: StitchPattern,
  way: 'flat' | 'round',
  repeats: number,
  begun: Begun = 'row',
): string | null {
  const lines = writtenRows(pattern, way, repeats, begun)
  return lines.length > 0 ? lines.map(({ line }) => line).join('\n') : null
}

/** A row that begins with no chain of its own begins with one. */
const started = (row: string) => (/^ch /i.test(row) ? row : `ch 1, ${row}`)
