import { type Ledger, type Piece, runsOfRow, yarnAt } from '../ledger/index.ts'
import { lyingIn, type Within, type YarnPaths } from '../paths/index.ts'
import { stitchById } from '../stitch/index.ts'
import { rowWord } from '../terms/index.ts'
import { listed } from '../units/index.ts'
import { yarnNotes } from './yarn-notes.ts'

/* How the yarns are led, in words: those not in use, the changes of one row, and the schools that hold for all of a bag. */

const NOT_IN_USE = 'the yarns not in use'
/** Floats longer than this want catching (common practice). */
const LONG_FLOAT = 'caught half-way where they go over more than five'

/** How the yarns that are not in use are led through rows from one to another; usually carried. */
export function leadWords(ledger: Ledger, piece: Piece, from: number, to: number): string {
  const who: Record<Within, Set<string>> = {
    ...{ carried: new Set(), floated: new Set(), bobbin: new Set(), snipped: new Set() },
  }
  for (let row = from; row < to; row++) {
    // What is as usual needs no looking at.
    if (ledger.ways.length === 0) break
    const lies = lyingIn(ledger, piece, row)
    for (const how of Object.keys(who) as Within[])
      for (const letter of lies[how]) who[how].add(letter)
  }
  const names = (how: Within) => listed([...who[how]].sort())
  const { catchEvery, catchNext } = ledger.leading
  const row = rowWord(piece.worked)
  const caught = catchNext
    ? `caught by the next ${row}, whose stitches are worked around them`
    : catchEvery === null
      ? LONG_FLOAT
      : `caught after every ${catchEvery} stitches`
  const said = {
    floated: `float ${names('floated')} loosely behind them, ${caught}`,
    bobbin: `work each field of ${names('bobbin')} from a bobbin of its own, crossing the two yarns on the wrong side at every change`,
    snipped:
      who.snipped.size > 1
        ? `cut ${names('snipped')} each after its last stitch of the ${row} and join them anew in the next`
        : `cut ${names('snipped')} after its last stitch of the ${row} and join it anew in the next`,
  }
  const others = (['floated', 'bobbin', 'snipped'] as const).filter((how) => who[how].size > 0)
  if (who.carried.size > 0 || others.length === 0)
    return [`Carry ${NOT_IN_USE} inside the stitches`, ...others.map((how) => said[how])].join(
      ', but ',
    )
  const [only] = others
  if (others.length === 1 && only === 'floated')
    return `Float ${NOT_IN_USE} loosely behind the stitches, ${caught}`
  const all = others.map((how) => said[how]).join('; ')
  return `${all[0]!.toUpperCase()}${all.slice(1)}`
}

/** What holds for all changes of yarn, where it is not as usual. */
export function leadNotes({ leading, yarns }: Pick<Ledger, 'leading' | 'yarns'>): string[] {
  if (yarns.length < 2) return []
  return [
    ...(leading.tails === 'over'
      ? ['Work over every new and every old end for the next six stitches or so.']
      : []),
    ...(leading.doubled
      ? [
          'Work the first stitch of a yarn that is joined with the yarn and its tail held together: it looks like two, and counts as one.',
        ]
      : []),
  ]
}

/** Where a row changes yarn: after so many of its places, and at its start where the row below ended in another. */
export function changesOf(
  ledger: Ledger,
  piece: Piece,
  row: number,
): { readonly after: number; readonly yarn: string }[] {
  const changes: { after: number; yarn: string }[] = []
  let after = 0
  let inHand = row === 0 ? null : ledger.yarns[yarnAt(piece, row - 1, 'last')]!
  for (const { stitch, yarn, count } of runsOfRow(ledger, piece, row)) {
    if (yarn !== (inHand ?? yarn)) changes.push({ after, yarn })
    inHand = yarn
    after += stitchById(stitch).makes * count
  }
  return changes
}

/** Those within it: what it begins in is said before. */
const within = (ledger: Ledger, piece: Piece, row: number) =>
  changesOf(ledger, piece, row).filter(({ after }) => after > 0)

/** More than these are said as what comes again and again. */
const MOST = 12

/** The changes of a row for the hook in hand: "After stitch 4 finish in B, after 8 in A". */
export function changeWords(ledger: Ledger, piece: Piece, row: number): string {
  const changes = within(ledger, piece, row)
  if (changes.length === 0) return ''
  const said = changes
    .slice(0, MOST)
    .map(({ after, yarn }, i) =>
      i === 0 ? `After stitch ${after} finish in ${yarn}` : `after ${after} in ${yarn}`,
    )
    .join(', ')
  const left = changes.length - MOST
  return left > 0
    ? `${said}, and so on: ${changes.length} changes, the last after ${changes.at(-1)!.after}.`
    : `${said}.`
}

/** All that is done with the yarns in one row: what is joined, taken up and cut before it, how the others are led, and its changes. */
export const rowLeading = (
  ledger: Ledger,
  piece: Piece,
  paths: YarnPaths,
  row: number,
): readonly string[] => {
  const several = within(ledger, piece, row).length > 0
  return [
    ...yarnNotes(ledger, piece, paths, row),
    ...(several
      ? [`${leadWords(ledger, piece, row, row + 1)}.`, changeWords(ledger, piece, row)]
      : []),
  ]
}
