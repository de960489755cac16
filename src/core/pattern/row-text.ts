import {
  ends,
  type Ledger,
  type LedgerRun,
  type Piece,
  type RowStart,
  runsOfRow,
  starts,
} from '../ledger/index.ts'
import { abbrOf, stitchById, type Words } from '../stitch/index.ts'
import { type Grouped, grouped } from './group.ts'

const sameRun = (a: LedgerRun, b: LedgerRun): boolean =>
  a.stitch === b.stitch && a.yarn === b.yarn && a.count === b.count

/** The runs of a row, with what repeats taken together. */
export const groupedRuns = (ledger: Ledger, piece: Piece, row: number): Grouped<LedgerRun>[] =>
  grouped(runsOfRow(ledger, piece, row), sameRun)

/** What is worked in one row, in words, without its number: "[5 sc, inc] × 6, in A". */
export function rowText(ledger: Ledger, piece: Piece, row: number, words: Words): string {
  const runs = runsOfRow(ledger, piece, row)
  const yarns = new Set(runs.map(({ yarn }) => yarn))
  const [only] = yarns.size === 1 ? yarns : []
  const start = starts[piece.columns.start[row]!]!
  const joins = start === 'chain' || ends[piece.columns.end[row]!] === 'join'
  const first = firstRounds[start]
  const body =
    first?.(runs, words) ?? wholeRound(runs, words) ?? inRuns(runs, words, only === undefined)
  const ground = stitchById(stitchById(runs[0]!.stitch).of)
  const [chains, slip] = [ground.turningChains, abbrOf(stitchById('sl-st'), words)]
  return [
    joins && !first ? `ch ${chains}, ` : '',
    body,
    only === undefined ? '' : `, in ${only}`,
    joins ? `, ${slip} to join` : '',
  ].join('')
}

type Runs = readonly LedgerRun[]

/** How a first round is said, by what it stands in. */
const firstRounds: Partial<Record<RowStart, (runs: Runs, words: Words) => string>> = {
  ring: ([run], words) => `${runText(run!, words)} in a magic ring`,
  foundation: aroundChain,
}

const ordinals = ['', '1st', '2nd', '3rd', '4th', '5th']

/** Up one side of a chain, into its last chain, and down the other side. The turning chains do not count. */
function aroundChain([up, end, down, rest]: Runs, words: Words): string {
  const ground = stitchById(up!.stitch)
  const stitch = abbrOf(ground, words)
  const skipped = ground.turningChains
  const inLast = stitchById(end!.stitch).makes
  const inFirst = rest ? stitchById(rest.stitch).makes : 1
  const side = rest ? down!.count : down!.count - 1
  return [
    `ch ${up!.count + 1 + skipped}`,
    `1 ${stitch} in ${ordinals[skipped + 1]} ch from hook`,
    ...(up!.count > 1 ? [`${up!.count - 1} ${stitch}`] : []),
    `${inLast} ${stitch} in last ch`,
    `on the other side ${side} ${stitch}`,
    `${inFirst} ${stitch} in last ch`,
  ].join(', ')
}

/** A round that is one thing all the way; null when it is not. */
function wholeRound(runs: readonly LedgerRun[], words: Words): string | null {
  const [run, ...more] = runs
  if (more.length > 0) return null
  const stitch = stitchById(run!.stitch)
  if (stitch.family === 'decrease') return null
  const ground = stitch.family === 'increase' ? stitchById(groundOf(stitch.id)) : stitch
  const many = stitch.makes > 1 ? `${stitch.makes} ` : ''
  return `${many}${abbrOf(ground, words)} in each st around`
}

function inRuns(runs: readonly LedgerRun[], words: Words, withYarn: boolean): string {
  const write = (parts: readonly Grouped<LedgerRun>[]): string =>
    parts
      .map((part) =>
        'item' in part
          ? runText(part.item, words) + (withYarn ? ` ${part.item.yarn}` : '')
          : `[${write(part.items)}] × ${part.times}`,
      )
      .join(', ')
  return write(grouped(runs, sameRun))
}

/** "5 sc", "inc", "2 inc", "sc2tog". */
export function runText({ stitch: id, count }: LedgerRun, words: Words): string {
  const stitch = stitchById(id)
  if (stitch.family === 'increase' && stitch.makes === 2)
    return count === 1 ? 'inc' : `${count} inc`
  if (stitch.family === 'increase')
    return `${abbrOf(stitch, words)}${count === 1 ? '' : ` ${count} times`}`
  if (stitch.family === 'decrease')
    return count === 1 ? abbrOf(stitch, words) : `${count} ${abbrOf(stitch, words)}`
  return `${count} ${abbrOf(stitch, words)}`
}

/** The ground stitch of an increase: its id up to the "2in1". */
const groundOf = (id: string): string => id.replace(/-\d+in1$/, '')
