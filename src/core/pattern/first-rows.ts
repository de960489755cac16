import {
  aroundChain as chainRound,
  groundOfRow,
  type Ledger,
  maybeFoundation,
  maybeOwnChain,
} from '../ledger/index.ts'
import { type RowStart } from '../program/index.ts'
import { abbrOf, stitchById } from '../stitch/index.ts'
import { ordinal } from '../units/index.ts'
import { pickedUp } from './picked-up.ts'
import { groundOf, inRuns, wholeRow } from './runs-text.ts'
import { afterStart, openingWords, type RowContext } from './starts.ts'

/** A first row: what is made before it, in lower case, and what is worked. */
export interface FirstRow {
  readonly setup: string | null
  readonly text: string
}

/** How a first row is said, by what it stands in; `several` where it is in several colours. */
export const firstRows: Partial<
  Record<RowStart, (context: RowContext, several: boolean) => FirstRow>
> = {
  ring: inRing,
  foundation: aroundChain,
  across: acrossChain,
  'chain-ring': aroundRing,
  'pick-up': (context) => ({ setup: null, text: pickedUp(context) }),
  'other-side': ({ runs, words }) => ({
    setup: null,
    text: `into the other side of the chain ${inRuns(runs, words, false)}`,
  }),
}

/** A ring of chain that so many stitches go into: three to a chain, and never fewer than four (from memory). */
export const ringChains = (stitches: number): number => Math.max(4, Math.ceil(stitches / 3) + 1)

/** A first round's start, where rounds are joined or it is a row of tall stitches that begins in a ring. */
function startIn(context: RowContext): string {
  const { making } = context.piece.parts[0]!
  const flat = context.piece.worked === 'rows'
  const opens = flat || making.working !== 'spiral'
  return opens ? `${openingWords(context)}, ` : ''
}

function inRing(context: RowContext, several: boolean): FirstRow {
  const { runs, words, piece, ledger, counts } = context
  const flat = piece.worked === 'rows' ? ', do not join' : ''
  const opening = startIn(context)
  const own = opening !== '' && counts
  const [run] = runs
  const left = own ? [{ ...run!, count: run!.count - 1 }, ...runs.slice(1)] : runs
  const work = inRuns(left, words, several)
  if (ledger.beginning.ring === 'magic')
    return { setup: null, text: `${opening}${work} in a magic ring${flat}` }
  const chains = ringChains(piece.columns.makes[0]!)
  return {
    setup: `${ringWords(context, chains)}.`,
    text: `${opening}${work} in ring${flat}`,
  }
}

const ringWords = ({ words }: RowContext, chains: number): string =>
  `ch ${chains}, ${abbrOf(stitchById('sl-st'), words)} in 1st ch to form a ring`

/** Worked into the chains of a ring, not into its hole. */
function aroundRing(context: RowContext, several: boolean): FirstRow {
  const { runs, words, ledger, piece, counts } = context
  const { chains } = maybeFoundation(ledger, piece)!
  const opening = startIn(context)
  const work =
    opening && counts
      ? afterStart(runs, words, several, 'remaining ch around')
      : ((several ? null : wholeRow(runs, words, 'ch around')) ?? inRuns(runs, words, several))
  return {
    setup: `${ringWords(context, chains)}, without twisting it.${bumps(ledger)}`,
    text: opening + work,
  }
}

/** A row as it was written, begun in the chain: the chain it begins with is that of the foundation. */
export function writtenAcross({ ledger, piece, words }: RowContext, text: string): string {
  const { skipped } = maybeFoundation(ledger, piece)!
  const own = maybeOwnChain(text)
  const ground = abbrOf(groundOfRow(ledger, piece, 0), words)
  const start = own?.counted
    ? ` (the chains skipped count as ${own.as ?? ground})`
    : notCounted(skipped)
  return `starting in ${ordinal(skipped + 1)} ch from hook${start}, ${own?.rest ?? text}`
}

function acrossChain(
  { runs, words, ledger, piece, counts }: RowContext,
  several: boolean,
): FirstRow {
  const { chains, skipped } = maybeFoundation(ledger, piece)!
  const ground = abbrOf(groundOfRow(ledger, piece, 0), words)
  const nth = `${ordinal(skipped + 1)} ch from hook`
  const start = counts ? ` (the chains skipped count as ${ground})` : notCounted(skipped)
  const plain = several ? null : wholeRow(runs, words, 'ch across')
  const work = counts
    ? afterStart(runs, words, several, 'remaining ch across')
    : inRuns(runs, words, several)
  const first = plain?.replace(/ in each ch across$/, '')
  return {
    setup: `ch ${chains}.${bumps(ledger)}`,
    text:
      first === undefined || /^\d/.test(first)
        ? `starting in ${nth}${start} ${work}`
        : `${first} in ${nth}${start} and in each ch across`,
  }
}

/** Two chains and more are sometimes counted as a stitch: where they are not, that is said. */
const notCounted = (skipped: number): string =>
  skipped >= 2 ? ' (the chains skipped do not count)' : ''

const bumps = ({ beginning }: Ledger): string =>
  beginning.into === 'bump' ? ' Work into the back bumps of the chain.' : ''

/** Up one side of a chain, into its last chain, and down the other side. Chains that count stand in the first one with its others. */
function aroundChain(context: RowContext): FirstRow {
  const { runs, words, ledger, piece, counts } = context
  const stitch = abbrOf(groundOf(runs[0]!.stitch), words)
  const { chains, skipped } = maybeFoundation(ledger, piece)!
  const { along, first, end, last } = chainRound(runs)
  const own = counts && startIn(context) !== ''
  const said = own ? ` (the chains skipped count as ${stitch})` : notCounted(skipped)
  const nth = (more: number) => `${ordinal(skipped + more)} ch from hook${said}`
  const side = along > 2 ? [`${along - 2} ${stitch}`] : []
  // Where the chain is the one stitch of its chain, the side begins in the next one.
  const begins =
    own && first === 1 && along > 2
      ? [`starting in ${nth(2)} ${side[0]}`]
      : [`${own ? first - 1 : first} ${stitch} in ${nth(1)}`, ...side]
  return {
    setup: `ch ${chains}.${bumps(ledger)}`,
    text: [
      ...begins,
      `${end} ${stitch} in last ch`,
      `on the other side ${along - 2} ${stitch}`,
      ...(last > 0 ? [`${last} ${stitch} in last ch`] : []),
    ].join(', '),
  }
}
