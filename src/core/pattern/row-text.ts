import {
  ends,
  groundOfRow,
  type Ledger,
  type LedgerRun,
  maybeFoundation,
  partOfRow,
  type Piece,
  type RowStart,
  runsOfRow,
  startCounts,
  starts,
} from '../ledger/index.ts'
import { abbrOf, stitchById, type Words } from '../stitch/index.ts'
import { inUkTerms } from '../terms/index.ts'
import { type Grouped, grouped } from './group.ts'
import { metWords } from './joins.ts'

const sameRun = (a: LedgerRun, b: LedgerRun): boolean =>
  a.stitch === b.stitch && a.yarn === b.yarn && a.count === b.count

/** The runs of a row, with what repeats taken together. */
export const groupedRuns = (ledger: Ledger, piece: Piece, row: number): Grouped<LedgerRun>[] =>
  grouped(runsOfRow(ledger, piece, row), sameRun)

/** What a row is said with. */
interface RowContext {
  readonly ledger: Ledger
  readonly piece: Piece
  readonly row: number
  readonly runs: readonly LedgerRun[]
  readonly words: Words
  readonly start: RowStart
  /** "around" for a round, "across" for a row. */
  readonly way: 'around' | 'across'
}

/** What is worked in one row, in words, without its number: "[5 sc, inc] × 6, in A". */
export function rowText(ledger: Ledger, piece: Piece, row: number, words: Words): string {
  const { texts, firstRow } = partOfRow(piece, row)
  if (texts)
    return words.terms === 'uk' ? inUkTerms(texts[row - firstRow]!) : texts[row - firstRow]!
  const runs = runsOfRow(ledger, piece, row)
  const start = starts[piece.columns.start[row]!]!
  const way = piece.worked === 'rounds' ? 'around' : 'across'
  const context: RowContext = { ledger, piece, row, runs, words, start, way }
  const yarns = new Set(runs.map(({ yarn }) => yarn))
  const [only] = yarns.size === 1 ? yarns : []
  const slip = abbrOf(stitchById('sl-st'), words)
  const first = firstRows[start]
  const body = first ? first(context) : laterRow(context, only === undefined)
  const end = ends[piece.columns.end[row]!]
  const held = end === 'held'
  const closes =
    way === 'around' && !held && (end === 'join' || start === 'chain' || start === 'turn')
  return [
    body,
    only === undefined ? '' : `, in ${only}`,
    closes ? `, ${slip} to join` : '',
    held ? ', put the loop on a marker and leave it' : '',
    end === 'fasten-off' && row < piece.rows - 1 ? ', fasten off' : '',
  ].join('')
}

/** A row on another one: its start, and what is worked. */
function laterRow(context: RowContext, withYarn: boolean): string {
  const { runs, words, start, way, ledger, piece, row } = context
  const counts = start !== 'spiral' && startCounts(ledger, piece, row)
  const yarn = counts && withYarn ? ` ${runs[0]!.yarn}` : ''
  const opening = start === 'spiral' ? '' : openingWords(context, counts, yarn)
  if (counts) {
    const { rest, aside } = withoutFirst(runs, words)
    const whole =
      aside === null && runs.length === 1 && wholeRow(runs, words, `remaining st ${way}`)
    const work = whole || inRuns(rest, words, withYarn)
    return [opening, aside, work].filter(Boolean).join(', ')
  }
  return (
    opening +
    (opening ? ', ' : '') +
    (wholeRow(runs, words, `st ${way}`) ?? inRuns(runs, words, withYarn))
  )
}

/** What a row that is not a spiral's begins with; `yarn` where its start is a stitch of one of several. */
function openingWords(
  { words, start, piece, ledger, row }: RowContext,
  counts: boolean,
  yarn: string,
): string {
  const ground = groundOfRow(ledger, piece, row)
  const stitch = abbrOf(ground, words)
  const { making } = piece.parts[piece.columns.part[row]!]!
  const turn = start === 'turn' ? ', turn' : ''
  const anew = start === 'afresh' ? 'join in first st, ' : ''
  if (making.start !== 'chain' && piece.worked === 'rounds')
    return `${turn ? 'turn, ' : ''}${making.start} ${stitch}${yarn}`
  // Where a spiral turns, nothing was said of starting chains.
  const not = making.working === 'spiral' && ground.turningChains >= 3
  const said = counts ? ` (counts as ${stitch})` : not ? ' (does not count as a st)' : ''
  return `${anew}ch ${ground.turningChains}${yarn}${said}${turn}`
}

/** A row whose first stitch its start has made already: the rest, and what still goes into the same place. */
function withoutFirst(
  [first, ...more]: readonly LedgerRun[],
  words: Words,
): { readonly rest: readonly LedgerRun[]; readonly aside: string | null } {
  const stitch = stitchById(first!.stitch)
  const rest = first!.count > 1 ? [{ ...first!, count: first!.count - 1 }, ...more] : more
  const ground = abbrOf(groundOf(stitch.id), words)
  if (stitch.family === 'increase')
    return { rest, aside: `${stitch.makes - 1} ${ground} in same st` }
  if (stitch.family === 'decrease')
    return {
      rest,
      aside: `${ground} in next st (with the start it counts as ${abbrOf(stitch, words)})`,
    }
  return { rest, aside: null }
}

const ordinals = ['', '1st', '2nd', '3rd', '4th', '5th', '6th']

/** How a first row is said, by what it stands in. */
const firstRows: Partial<Record<RowStart, (context: RowContext) => string>> = {
  ring: ({ runs: [run], words, piece, ledger }) => {
    const ring = ledger.beginning.ring === 'chain' ? 'ring of 4 ch' : 'magic ring'
    const flat = piece.worked === 'rows' ? ', do not join' : ''
    return `${runText(run!, words)} in a ${ring}${flat}`
  },
  foundation: aroundChain,
  across: ({ runs, words, ledger, piece }) => {
    const { chains, skipped } = maybeFoundation(ledger, piece)!
    const counts = startCounts(ledger, piece, 0)
    const made = piece.columns.makes[0]! - (counts ? 1 : 0)
    const ground = abbrOf(groundOfRow(ledger, piece, 0), words)
    const several = new Set(runs.map(({ yarn }) => yarn)).size > 1
    const { rest, aside } = counts ? withoutFirst(runs, words) : { rest: runs, aside: null }
    const work = [aside, inRuns(rest, words, several)].filter(Boolean).join(', ')
    const stitch = runs.length === 1 && aside === null ? `${made} ${ground}` : work
    const from = `${ordinals[skipped + 1]} ch from hook${counts ? ` (the chains skipped count as ${ground})` : notCounted(skipped)}`
    const inYarn = several ? ` in ${runs[0]!.yarn}` : ''
    return `ch ${chains}${inYarn}, starting in ${from}${bump(ledger)} ${stitch}`
  },
  'chain-ring': ({ runs, words, ledger, piece }) => {
    const { chains } = maybeFoundation(ledger, piece)!
    const slip = abbrOf(stitchById('sl-st'), words)
    const stitch = abbrOf(groundOfRow(ledger, piece, 0), words)
    return `ch ${chains}, ${slip} in 1st ch to make a ring, ${runs[0]!.count} ${stitch} in ${ledger.beginning.into === 'bump' ? 'back bumps of ring' : 'ring'}`
  },
  'pick-up': pickedUp,
  'other-side': ({ runs, words }) =>
    `into the other side of the chain ${inRuns(runs, words, false)}`,
}

/** Stitches picked up: along another piece, or so many along each side of a base, from where the yarn is joined. */
function pickedUp({ ledger, piece, runs, words }: RowContext): string {
  const stitches = inRuns(runs, words, false)
  const own = ledger.joins.find(
    ({ kind, how, sides }) => kind === 'pick-up' && how !== null && sides[0].piece === piece.id,
  )
  if (own && typeof own.place === 'object') {
    const other = ledger.pieces.find(({ id }) => id === own.sides[1].piece)!
    return `pick up ${stitches} along ${metWords(own.place, own.sides[1].of, other)}`
  }
  const base = ledger.pieces.find(({ id }) => id === 'base')
  if (!base) return `pick up ${stitches} around`
  const stitch = abbrOf(groundOfRow(ledger, piece, 0), words)
  const along = base.columns.makes[base.rows - 1]!
  const ends = (piece.columns.makes[0]! - 2 * along) / 2
  // An odd stitch goes with the second side.
  const sides = [Math.floor(ends), Math.ceil(ends)]
  return `join the yarn at the right end of the last row of ${base.name}, ${along} ${stitch} along it, ${sides[0]} along the row ends, ${along} along its foundation chain, ${sides[1]} along the other row ends`
}

/** Two chains and more are sometimes counted as a stitch: where they are not, that is said. */
const notCounted = (skipped: number): string =>
  skipped >= 2 ? ' (the chains skipped do not count)' : ''

const bump = ({ beginning }: Ledger): string =>
  beginning.into === 'bump' ? ', into the back bumps,' : ''

/** Up one side of a chain, into its last chain, and down the other side. The turning chains do not count. */
function aroundChain({ runs, words, ledger }: RowContext): string {
  const [up, end, down, rest] = runs
  const ground = stitchById(up!.stitch)
  const stitch = abbrOf(ground, words)
  const skipped = ground.turningChains
  const inLast = stitchById(end!.stitch).makes
  const inFirst = rest ? stitchById(rest.stitch).makes : 1
  const side = rest ? down!.count : down!.count - 1
  return [
    `ch ${up!.count + 1 + skipped}`,
    `1 ${stitch} in ${ordinals[skipped + 1]} ch from hook${notCounted(skipped)}${bump(ledger).replace(/,$/, '')}`,
    ...(up!.count > 1 ? [`${up!.count - 1} ${stitch}`] : []),
    `${inLast} ${stitch} in last ch`,
    `on the other side ${side} ${stitch}`,
    `${inFirst} ${stitch} in last ch`,
  ].join(', ')
}

/** A row that is one thing all the way; null when it is not. */
function wholeRow(runs: readonly LedgerRun[], words: Words, each: string): string | null {
  const [run, ...more] = runs
  if (more.length > 0) return null
  const stitch = stitchById(run!.stitch)
  if (stitch.family === 'decrease') return null
  const ground = stitch.family === 'increase' ? groundOf(stitch.id) : stitch
  const many = stitch.makes > 1 ? `${stitch.makes} ` : ''
  return `${many}${abbrOf(ground, words)} in each ${each}`
}

/** What is worked in a row, what repeats taken together. */
export function inRuns(runs: readonly LedgerRun[], words: Words, withYarn: boolean): string {
  const write = (parts: readonly Grouped<LedgerRun>[]): string =>
    parts
      .map((part) =>
        'item' in part
          ? runText(part.item, words) +
            (withYarn && takesYarn(part.item) ? ` ${part.item.yarn}` : '')
          : `[${write(part.items)}] × ${part.times}`,
      )
      .join(', ')
  return write(grouped(runs, sameRun))
}

/** A place that is passed over is in no yarn. */
export const takesYarn = ({ stitch }: Pick<LedgerRun, 'stitch'>): boolean => stitch !== 'skip'

/** "5 sc", "inc", "2 inc", "sc2tog", "ch 3", "sk 2 sts", "2 dc in same st". */
export function runText({ stitch: id, count }: LedgerRun, words: Words): string {
  const stitch = stitchById(id)
  if (id === 'ch') return `${abbrOf(stitch, words)} ${count}`
  if (id === 'skip') return `${abbrOf(stitch, words)} ${count} ${count === 1 ? 'st' : 'sts'}`
  if (stitch.family === 'place')
    return `${count} ${abbrOf(groundOf(id.replace(/-beside$/, '')), words)} in same st`
  if (stitch.family === 'increase' && stitch.makes === 2)
    return count === 1 ? 'inc' : `${count} inc`
  if (stitch.family === 'increase')
    return `${abbrOf(stitch, words)}${count === 1 ? '' : ` ${count} times`}`
  if (stitch.family === 'decrease')
    return count === 1 ? abbrOf(stitch, words) : `${count} ${abbrOf(stitch, words)}`
  return `${count} ${abbrOf(stitch, words)}`
}

/** The ground stitch of an increase or decrease: its id up to the "2in1" or "2tog". */
const groundOf = (id: string) => stitchById(id.replace(/-\d+in1$/, '').replace(/\d+tog$/, ''))
