import { type Ledger, type LedgerRun, type Piece, runsOfRow } from '../ledger/index.ts'
import { abbrOf, type Stitch, stitchById, type Words } from '../stitch/index.ts'
import { type Grouped, grouped } from './group.ts'

/* What is worked in a row, run by run, what repeats taken together. */

const alike = (a: LedgerRun, b: LedgerRun): boolean => a.stitch === b.stitch && a.yarn === b.yarn
const sameRun = (a: LedgerRun, b: LedgerRun): boolean => alike(a, b) && a.count === b.count

/** Runs of one stitch and yarn side by side as one. */
function merged(runs: readonly LedgerRun[]): LedgerRun[] {
  const list: LedgerRun[] = []
  for (const run of runs) {
    const last = list.at(-1)
    if (last && alike(last, run)) list[list.length - 1] = { ...last, count: last.count + run.count }
    else list.push(run)
  }
  return list
}

/** How much is written: things and brackets. */
const lengthOf = (parts: readonly Grouped<LedgerRun>[]): number =>
  parts.reduce((sum, part) => sum + 1 + ('item' in part ? 0 : lengthOf(part.items)), 0)

/** Runs with what repeats taken together: repeat by repeat, or run on from one to the next where that says it shorter. */
export function inGroups(runs: readonly LedgerRun[]): Grouped<LedgerRun>[] {
  const byRepeat = grouped(runs, sameRun)
  const runOn = merged(runs)
  if (runOn.length === runs.length) return byRepeat
  const across = grouped(runOn, sameRun)
  return lengthOf(across) < lengthOf(byRepeat) ? across : byRepeat
}

/** The runs of a row, with what repeats taken together. */
export const groupedRuns = (ledger: Ledger, piece: Piece, row: number): Grouped<LedgerRun>[] =>
  inGroups(runsOfRow(ledger, piece, row))

/** Brackets about a stretch that is worked several times: round ones where there are others in it. */
const inBrackets = (text: string, times: number): string =>
  text.includes('[') ? `(${text}) × ${times}` : `[${text}] × ${times}`

/** What is worked in a row, what repeats taken together. */
export function inRuns(runs: readonly LedgerRun[], words: Words, withYarn: boolean): string {
  const write = (parts: readonly Grouped<LedgerRun>[]): string =>
    parts
      .map((part) =>
        'item' in part
          ? runText(part.item, words, withYarn && takesYarn(part.item) ? part.item.yarn : null)
          : inBrackets(write(part.items), part.times),
      )
      .join(', ')
  return write(inGroups(runs))
}

/** A row that is one thing all the way; null when it is not. */
export function wholeRow(runs: readonly LedgerRun[], words: Words, each: string): string | null {
  const [run, ...more] = merged(runs)
  if (more.length > 0) return null
  const stitch = stitchById(run!.stitch)
  if (['decrease', 'over'].includes(stitch.family) || stitch.uses !== 1) return null
  const ground = stitch.family === 'increase' ? groundOf(stitch.id) : stitch
  const many = stitch.makes > 1 ? `${stitch.makes} ` : ''
  return `${many}${abbrOf(ground, words)} in each ${each}`
}

/** A place that is passed over is in no yarn. */
export const takesYarn = ({ stitch }: Pick<LedgerRun, 'stitch'>): boolean => stitch !== 'skip'

const inLoop = (stitch: Stitch): boolean => /-[bf]lo-/.test(stitch.id)

/** A run in words, with its yarn where that is to be said: after the chain of what is passed over. */
export function runText(run: LedgerRun, words: Words, yarn: string | null = null): string {
  const text = runWords(run, words)
  if (yarn === null) return text
  return stitchById(run.stitch).family === 'over'
    ? text.replace(',', ` ${yarn},`)
    : `${text} ${yarn}`
}

/** "5 sc", "inc", "2 inc", "2 sc flo in next st", "sc2tog", "ch 3", "sk 2 sts", "2 dc in same st". */
function runWords({ stitch: id, count }: LedgerRun, words: Words): string {
  const stitch = stitchById(id)
  if (id === 'ch') return `${abbrOf(stitch, words)} ${count}`
  if (id === 'skip') return `${abbrOf(stitch, words)} ${count} ${count === 1 ? 'st' : 'sts'}`
  if (stitch.family === 'over')
    return `${abbrOf(stitchById('ch'), words)} ${count}, ${abbrOf(stitchById('skip'), words)} ${count} ${id === 'over-ch' ? 'ch' : count === 1 ? 'st' : 'sts'}`
  // It lies around the post just made, and its own place is passed over.
  if (id === 'bead')
    return `${abbrOf(stitch, words)} around it, ${abbrOf(stitchById('skip'), words)} 1 st`
  if (stitch.family === 'place')
    return `${count} ${abbrOf(groundOf(id.replace(/-beside$/, '')), words)} in same st`
  if (stitch.family === 'increase' && stitch.makes === 2 && !inLoop(stitch))
    return count === 1 ? 'inc' : `${count} inc`
  if (stitch.family === 'increase')
    return `${abbrOf(stitch, words)}${count === 1 ? '' : ` ${count} times`}`
  if (stitch.family === 'decrease')
    return count === 1 ? abbrOf(stitch, words) : `${count} ${abbrOf(stitch, words)}`
  return `${count} ${abbrOf(stitch, words)}`
}

/** The ground stitch of an increase or decrease: its id up to the "2in1" or "2tog". */
export const groundOf = (id: string): Stitch =>
  stitchById(id.replace(/-\d+in1$/, '').replace(/\d+tog$/, ''))
