import { bandOf } from '../band/index.ts'
import { bandsIn, type Design } from '../design/index.ts'
import { idOfRow, type Ledger, partOfRow, type Piece } from '../ledger/index.ts'
import { isOfCopy, type LogEntry } from '../project/index.ts'
import { rowWord } from '../terms/index.ts'
import { starts } from '../program/index.ts'
import { counted } from '../units/index.ts'
import type { WorkOn } from './work-on.ts'

/* What is worth a look, and when: while a mistake is cheap to mend (common practice). */

interface At {
  readonly design: Design
  readonly ledger: Ledger
  readonly on: WorkOn
  readonly piece: Piece
  /** The row that is being worked, by its index; and by its place in its part, from 0. */
  readonly row: number
  readonly inPart: number
}

/** Something to look at: what, and why or how. */
export interface Look {
  readonly code: LookCode
  readonly title: string
  readonly text: string
}

interface LookRule {
  readonly when: (at: At) => boolean
  readonly said: (at: At) => { readonly title: string; readonly text: string }
}

const yarnsIn = ({ ledger, piece, row }: At): number => {
  const { runYarn, blockStart, blockFrom, blockTo } = piece.columns
  const yarns = new Set<number>()
  for (let b = blockStart[row]!; b < blockStart[row + 1]!; b++)
    for (let i = blockFrom[b]!; i < blockTo[b]!; i++) yarns.add(runYarn[i]!)
  return Math.min(yarns.size, ledger.yarns.length)
}
const lookForIn = ({ design, piece, row }: At): string | null => {
  const band = design.pieces.flatMap(bandsIn).find(({ id }) => id === partOfRow(piece, row).id)
  return band ? bandOf(band).lookFor(band, piece.worked) : null
}
const isFirstPart = ({ piece, row }: At): boolean => partOfRow(piece, row) === piece.parts[0]
const grew = ({ piece, row }: At): boolean =>
  row > 0 && piece.columns.makes[row]! > piece.columns.makes[0]!
const sentence = (text: string): string => `${text[0]!.toUpperCase()}${text.slice(1)}.`
/** How often what may go wrong all along is looked at again. */
const AGAIN = 6

const looks = {
  'lies-flat': {
    when: (at) =>
      isFirstPart(at) &&
      at.piece.worked === 'rounds' &&
      grew(at) &&
      at.row > 3 &&
      at.inPart % 4 === 0,
    said: () => ({
      title: 'Does the base lie as it should?',
      text: 'A wavy edge has too many stitches, a bowl too few, or the hook is the wrong size.',
    }),
  },
  'handles-alike': {
    when: ({ piece, row }) =>
      piece.columns.handle[row] === 1 && (row === 0 || piece.columns.handle[row - 1] === 0),
    said: () => ({
      title: 'Are both handles alike?',
      text: 'Hold them together: as long, and as far from the middles of front and back.',
    }),
  },
  'copy-alike': {
    when: ({ on, piece, row }) => on.copy > 1 && row === piece.rows - 1,
    said: ({ on }) => ({
      title: `Is it as long as ${on.copy === 2 ? 'the first' : 'the others'}?`,
      text: 'Lay them side by side before the yarn is cut; hands grow looser or tighter on the way.',
    }),
  },
  'repeats-above': {
    when: ({ piece, row, inPart }) =>
      partOfRow(piece, row).repeat !== null &&
      (inPart === 1 || (inPart > 1 && inPart % AGAIN === 0)),
    said: ({ piece, row }) => ({
      title: `Do the repeats stand above those below?`,
      text: `A repeat that is off by a stitch is cheap to mend now, in ${rowWord(piece.worked)} ${piece.columns.number[row]!}.`,
    }),
  },
  'as-it-should': {
    when: (at) => at.inPart === 2 && lookForIn(at) !== null,
    said: (at) => ({ title: 'Look at the right side', text: sentence(lookForIn(at)!) }),
  },
  'strands-inside': {
    when: (at) => yarnsIn(at) > 1 && at.inPart % AGAIN === 3,
    said: () => ({
      title: 'Do strands show?',
      text: 'Tug what is carried every few stitches: loose it shows, tight it puckers.',
    }),
  },
  'loops-through': {
    when: ({ ledger, piece, row }) => {
      const { runHow, blockStart, blockFrom, blockTo } = piece.columns
      for (let b = blockStart[row]!; b < blockStart[row + 1]!; b++)
        for (let i = blockFrom[b]!; i < blockTo[b]!; i++) {
          const how = ledger.hows[runHow[i]!]!
          if (how.do === 'work' && (how.closes || how.catches !== undefined)) return true
        }
      return false
    },
    said: () => ({
      title: 'Are all loops through?',
      text: 'Count the loops that are drawn through before they are closed: one left behind runs.',
    }),
  },
  'right-side-out': {
    when: ({ piece, row, on }) =>
      piece.worked === 'rounds' && row === 3 && on.copy === 1 && piece.columns.side[row] === 0,
    said: () => ({
      title: 'Is the right side outside?',
      text: 'The fronts of the stitches face you as you work; small pieces like to turn inside out.',
    }),
  },
} as const satisfies Readonly<Record<string, LookRule>>
export type LookCode = keyof typeof looks

/** What is worth a look while a row is worked, the most urgent first. */
export function looksAt(
  { design, ledger }: { readonly design: Design; readonly ledger: Ledger },
  on: WorkOn,
  row: number,
): Look[] {
  const { piece } = on
  const at: At = { design, ledger, on, piece, row, inPart: row - partOfRow(piece, row).firstRow }
  return (Object.keys(looks) as LookCode[])
    .filter((code) => looks[code].when(at))
    .map((code) => ({ code, ...looks[code].said(at) }))
}

/** Where a stitch more or fewer is not seen: "beside the join". */
export const hiddenPlace = ({ worked, columns }: Piece, row: number): string =>
  worked === 'rows'
    ? 'beside an edge'
    : starts[columns.start[row]!] === 'spiral'
      ? 'beside the marker'
      : 'beside the join'

/** What is to be made up for in the row in hand, by the count of the row below; null where that was right. */
export function mindWords(log: readonly LogEntry[], { piece, copy, made }: WorkOn): string | null {
  const below = made > 0 ? idOfRow(piece, made - 1) : null
  const entry = log.findLast((one) => one.kind === 'counted' && isOfCopy(one, piece.id, copy))
  if (entry?.kind !== 'counted' || entry.row !== below || entry.then !== 'next row') return null
  const off = entry.count - entry.planned
  const where = hiddenPlace(piece, made)
  return off < 0
    ? `${counted(-off, 'stitch')} more, ${where}: two stitches in one place.`
    : `${counted(off, 'stitch')} fewer, ${where}: two taken together${off > 1 ? `, ${off} times` : ''}.`
}
