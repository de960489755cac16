import { ontoWords } from '../terms/index.ts'
import { type Onto, ontoOf } from '../program/index.ts'
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

/** A row of a pattern. */
export interface PatternRow {
  readonly text: string
  /** The yarn it begins in: A for the first of its pattern's, B for the second and so on. */
  readonly yarn: string
  readonly onto: Onto
  /** The side it is worked from, where that is not the one of all raised rows. */
  readonly side: 'RS' | 'WS' | null
}

/** Rows that begin it, once; those that repeat; and those it ends with, once. */
export interface PatternRows {
  readonly begin: readonly PatternRow[]
  readonly rows: readonly PatternRow[]
  readonly end: readonly PatternRow[]
}

/** A row where nothing but its words is out of the ordinary. */
export const plainRow = (text: string): PatternRow => ({
  text,
  yarn: 'A',
  onto: 'below',
  side: null,
})

/** The rows of a pattern so many rows high: it begins, repeats as often as there is room for, and ends. */
export function rowsHigh({ begin, rows, end }: PatternRows, many: number): PatternRow[] {
  const last = many - end.length
  return Array.from({ length: many }, (_, i) =>
    i < begin.length
      ? begin[i]!
      : i >= last && last >= begin.length
        ? end[i - last]!
        : rows[(i - begin.length) % rows.length]!,
  )
}

/**
 * A stitch pattern as a small program in the shorthand, in US terms. Its rows stand on a row of single crochet of multiple · k +
 * offset stitches (in the round of its own offset, which is mostly none); after its last row as many places are left as there were.
 */
export interface StitchPattern {
  readonly id: string
  readonly name: string
  readonly family: Family
  readonly multiple: number
  /** Stitches beside the repeats of a flat panel. */
  readonly offset: number
  /** Stitches beside the repeats of a round; none unless it says so. */
  readonly roundOffset?: number
  /** Null when it is not worked that way. */
  readonly flat: PatternRows | null
  readonly round: PatternRows | null
  /** Side its raised rows are worked from. */
  readonly side: 'RS' | 'WS' | 'any'
  /** What its repeats are counted as, and how many of it a repeat has; null where stitches are all that is counted. */
  readonly unit: string | null
  readonly perRepeat: number
  /** Fewest repeats in which it shows. */
  readonly least: number
  /** Units there are beside those of the repeats: −1 where none follows the last. */
  readonly beside: { readonly flat: number; readonly round: number }
  /** Worked forward and back again as one row. */
  readonly passes?: 2
  /** What its special stitches are, in words; empty when it has none. */
  readonly special: string
  readonly notes: string
}

/** Stitches for so many repeats. */
export const stitchesOf = (
  { multiple, offset, roundOffset = 0 }: Pick<StitchPattern, 'multiple' | 'offset' | 'roundOffset'>,
  repeats: number,
  way: 'flat' | 'round',
): number => multiple * repeats + (way === 'flat' ? offset : roundOffset)

/** Units of a row over so many repeats. */
export const unitsOf = (
  { perRepeat, beside }: Pick<StitchPattern, 'perRepeat' | 'beside'>,
  repeats: number,
  way: 'flat' | 'round',
): number => perRepeat * repeats + beside[way]

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
  const first = (flat.begin[0] ?? flat.rows[0])?.text
  if (first === undefined) return null
  const { items } = readWork(first)
  const [start, ...rest] = items
  const chain = start?.kind === 'chain' ? start : null
  const { uses } = meaningOf(items, new Array<Place>(400).fill('st'))
  if (
    uses.post + uses.down + uses.sp > 0 ||
    /\b(?:front|back|3rd|half|long) loops?\b|\b[bf]lo\b/.test(first)
  )
    return null
  const chains = chain?.count ?? 1
  const counts = chain?.counts ?? (chains >= 3 ? { stitches: 1, chains: 0 } : null)
  const counted = counts !== null && counts.stitches > 0
  const work = chain ? first.slice(rest[0]?.span.from ?? first.length) : first
  const target: Work = {
    ...plainStitch,
    target: {
      kind: 'hook',
      nth: chains + 1,
      counts: chains > 1 || counted ? counts : null,
      from: true,
    },
    span: { from: 0, to: 0 },
  }
  return {
    more: chains - (counted ? 1 : 0),
    nth: chains + 1,
    work: `${printWork([target])}, ${work}`,
  }
}

/** A line of a pattern as it is written. */
export interface WrittenLine {
  readonly line: string
  /** What a row works, with where it goes when that is not the row below; null for the chain or ring it begins in. */
  readonly text: string | null
  /** Without where it goes. */
  readonly work: string
  /** Rows it is worked into, by their places among the lines. */
  readonly onto: readonly number[]
  readonly yarn: string
  readonly side: 'RS' | 'WS'
}

/** Whether a row is plain sc all the way. */
export const isPlainRow = (text: string): boolean =>
  /^(?:ch 1, )?(?:turn, )?sc in each st (?:across|around)(?:, sl st to join)?$/.test(text)

/** Whether a row has units of its pattern: all but plain ones, and in a pattern of loops those that have loops. */
export const showsUnits = ({ unit }: Pick<StitchPattern, 'unit'>, work: string): boolean =>
  unit !== null &&
  !isPlainRow(work) &&
  !/^ch \d \(counts as dc\), (?:turn, )?dc in each st/.test(work) &&
  (unit !== 'star' || work.includes('star')) &&
  (unit !== 'loop' || /loop/.test(work))

/** Rows of a pattern by itself: how it begins, twice what repeats, and how it ends. */
export const usualRows = ({ begin, rows, end }: PatternRows): number =>
  begin.length + 2 * rows.length + end.length

/**
 * A pattern line by line over so many repeats: how it begins, what begins it, and so many of its rows. Flat, the first row faces so
 * that raised rows are worked from their own side.
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
  const all = rowsHigh(program, Math.max(1, rows ?? usualRows(program)))
  const chain = { text: null, work: '', onto: [], yarn: 'A', side: 'RS' } as const
  if (way === 'round') {
    const ground = 'sc in each ch around'
    return [
      { ...chain, line: `Ch ${count}, sl st in first ch to form a ring.` },
      ...[plainRow(ground), ...all].map((row, i, list): WrittenLine => {
        const work = joined(started(row.text))
        const turns = i > 0 && facesOf(pattern, row) !== facesOf(pattern, list[i - 1]!)
        return written('Rnd', all, i - 1, 2, turns ? turned(work) : work, facesOf(pattern, row))
      }),
    ]
  }
  const { more, work } = foundation!
  const first = begun === 'chain' ? 0 : 1
  const texts = [work, ...(begun === 'chain' ? all.slice(1) : all).map(({ text }) => text)]
  // Of two passes only the first is turned to, from the row of sc.
  const stays = (i: number) =>
    i === 0 || (pattern.passes === 2 ? i > first : staysFacing(texts[i]!))
  const wanting = all.findIndex((row) => wantsOf(pattern, row) !== null)
  const faces = sidesOf(
    texts.map((_, i) => stays(i)),
    wanting < 0 ? null : { row: wanting + first, side: wantsOf(pattern, all[wanting]!)! },
  )
  return [
    { ...chain, line: `Ch ${count + more}.` },
    ...texts.map((row, i): WrittenLine => {
      const text =
        i === 0 || pattern.passes === 2 ? row : stays(i) ? started(row) : turned(started(row))
      return written('Row', all, i - first, first + 1, text, faces[i]!)
    }),
  ]
}

/** Whether the work is not turned for a row: it is worked back the way the one below went. */
const staysFacing = (text: string): boolean => /^(?:ch \d+[^,]*, )?crab stitch\b/.test(text)

/** The side of each of flat rows, so that one of them faces as it wants; the first the right one where none wants. */
function sidesOf(
  stays: readonly boolean[],
  wanting: { readonly row: number; readonly side: 'RS' | 'WS' } | null,
): ('RS' | 'WS')[] {
  let right = true
  const faces = stays.map((stay) => (right = stay ? right : !right))
  const other = wanting !== null && faces[wanting.row] !== (wanting.side === 'RS')
  return faces.map((face) => (face === other ? 'WS' : 'RS'))
}

/** Row `at` of a pattern whose first is line `from`; below 0 for the row it stands on. */
function written(
  row: 'Rnd' | 'Row',
  all: readonly PatternRow[],
  at: number,
  from: number,
  work: string,
  side: 'RS' | 'WS',
): WrittenLine {
  const own = at < 0 ? null : all[at]!
  const onto = own ? ontoOf(all, at).map((one) => one + from) : [0]
  const said = own === null || own.onto === 'below' ? '' : ontoWords(row, onto)
  const text = `${said}${work}`
  return {
    ...{ text, work, onto, side, yarn: own?.yarn ?? 'A' },
    line: `${row} ${at + from}: ${text}`,
  }
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

/** The side a row wants to be worked from; null where it is all the same to it. */
function wantsOf({ side }: StitchPattern, row: PatternRow): 'RS' | 'WS' | null {
  const raised =
    !isPlainRow(row.text) && !/^(?:sc|ch 3 \(counts as dc\), dc) in each/.test(row.text)
  return row.side ?? (side !== 'any' && raised ? side : null)
}
/** The side a round is worked from. */
const facesOf = (pattern: StitchPattern, row: PatternRow): 'RS' | 'WS' =>
  wantsOf(pattern, row) ?? 'RS'

const turned = (row: string) => row.replace(/^(ch \d+(?: [A-Z])?(?: \([^)]*\))?), /, '$1, turn, ')
/** A row that begins with no chain of its own begins with one. */
const started = (row: string) => (/^(?:ch|sl st) /i.test(row) ? row : `ch 1, ${row}`)
/** A round that does not end in a half loop is joined. */
const joined = (row: string) =>
  /half loop(?:, sk \d+ sts?)?$/.test(row) ? row : `${row}, sl st to join`
