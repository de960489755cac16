import { type Ledger, partOfRow, type Piece } from '../ledger/index.ts'
import { runText, takesYarn } from '../pattern/index.ts'
import { sides, starts } from '../program/index.ts'
import { stitchById, type Words } from '../stitch/index.ts'
import { rowWord } from '../terms/index.ts'
import { counted, listed, ordinal } from '../units/index.ts'
import type { NextChange, YarnNow, YarnState } from './now.ts'
import type { RowStep, RowSteps } from './row-steps.ts'

/* What is said at the stitch one is at. */

export const capital = (text: string): string => `${text[0]?.toUpperCase() ?? ''}${text.slice(1)}`

/** "Round 43". */
export const rowTitle = (piece: Piece, row: number): string =>
  `${capital(rowWord(piece.worked))} ${piece.columns.number[row]!}`

/** "Diamonds, round 12 of 26". @param called names of parts by their ids, where several are named alike */
export function partWords(
  piece: Piece,
  row: number,
  called: ReadonlyMap<string, string> = new Map(),
): string {
  const { id, name, firstRow, endRow } = partOfRow(piece, row)
  return `${called.get(id) ?? name}, ${rowWord(piece.worked)} ${row - firstRow + 1} of ${endRow - firstRow}`
}

/** "right side facing, chart from right to left": the side that faces, and the way a chart of it is read. */
export function sideWords({ columns }: Piece, row: number, { hand }: Words): string {
  const right = sides[columns.side[row]!] === 'RS'
  const fromRight = right === (hand === 'right')
  return `${right ? 'right' : 'wrong'} side facing, chart from ${fromRight ? 'right to left' : 'left to right'}`
}

/** "third of 5 repeats". */
export const repeatWords = ([at, of]: readonly [number, number]): string =>
  `${['first', 'second', 'third', 'fourth', 'fifth', 'sixth'][at - 1] ?? ordinal(at)} of ${of} repeats`

/** More markers than this are none. */
const MOST_MARKERS = 12

/** The markers that are moved up in a round: where it begins, and where repeats end; nothing where there are none to move. */
export function markersWords(piece: Piece, row: number, { repeats }: RowSteps): string {
  if (piece.worked === 'rows') return ''
  const spiral = starts[piece.columns.start[row]!] === 'spiral'
  const ends = repeats.slice(0, -1)
  const within =
    ends.length > 0 && ends.length < MOST_MARKERS
      ? `after ${ends.length > 1 ? 'stitches' : 'stitch'} ${listed(ends)}`
      : ''
  const all = [...(spiral ? ['in the first stitch of the round'] : []), ...(within ? [within] : [])]
  return all.length > 0 ? `Move the markers up: ${all.join(', and ')}.` : ''
}

/** Whether a row is one stitch all along, so that its runs are told by their yarns. */
export const isOneStitch = ({ steps }: RowSteps): boolean =>
  steps.every(({ stitch }) => stitch === steps[0]?.stitch)

const letters = ({ steps }: RowSteps): number =>
  new Set(steps.filter(takesYarn).map(({ yarn }) => yarn)).size

/** A run: "3 B" where all the row is of one stitch and of several yarns, else "3 dc", "3 dc B". */
export function stepText(steps: RowSteps, step: RowStep, words: Words, count = step.count): string {
  const several = letters(steps) > 1
  if (several && isOneStitch(steps)) return `${count} ${step.yarn}`
  const run = { stitch: step.stitch, yarn: step.yarn, count }
  return runText(run, words, several && takesYarn(step) ? step.yarn : null)
}

const placeNames: Readonly<Record<string, string>> = {
  ...{ stitch: 'stitch', chain: 'chain', gap: 'gap between stitches', loop: 'loop' },
  ...{ post: 'post', 'row-end': 'row end' },
}

/** Where a run goes, where that is not the next stitch of the row below; nothing where it is. */
export function intoWords(
  ledger: Ledger,
  piece: Piece,
  row: number,
  { how, stitch }: RowStep,
): string {
  const { onto, also, number } = piece.columns
  const rows = [onto[row]!, also[row]!].filter((at) => at >= 0)
  const name = rowWord(piece.worked)
  const deeper = stitchById(stitch).reaches ?? 0
  const below = number[row - 1 - deeper]
  if (deeper > 0 && below !== undefined)
    return `into ${name} ${below}, ${counted(deeper + 1, name)} down`
  const isElsewhere = rows.length > 0 && !(rows.length === 1 && rows[0] === row - 1)
  const into = how.do === 'work' ? how.into : undefined
  // What it says itself is not said again.
  if (how.do === 'pass' || into?.at === 'same') return ''
  if (into?.at === 'own')
    return into.which === 'first'
      ? `into the first stitch of this ${name}`
      : 'around the stitch just made'
  const at = into && into.at !== 'next' ? null : into?.of
  const of =
    into?.at === 'space' ? 'chain space' : at ? listed(at.map((one) => placeNames[one]!)) : ''
  const which = into && 'row' in into && into.row ? rows[into.row] : rows[0]
  const from = isElsewhere && which !== undefined ? ` of ${name} ${number[which]!}` : ''
  if (!of && !from) return ''
  return `into the next ${of || 'place'}${from}`
}

/** "in 2 stitches: finish in C"; where it comes at the end of the row: "at the end of the round: C". */
export function changeTitle({ strokes, yarn, atEnd }: NextChange, piece: Piece): string {
  if (atEnd) return `at the end of the ${rowWord(piece.worked)}: ${yarn}`
  return strokes === 1
    ? `with this stitch: finish in ${yarn}`
    : `in ${strokes} stitches: finish in ${yarn}`
}

/** What is done at the change. */
export function changeDetail({ strokes, atEnd }: NextChange, nextNotes: readonly string[]): string {
  if (atEnd) return nextNotes[0] ?? ''
  const which =
    strokes === 1
      ? 'this stitch'
      : `the ${strokes <= 6 ? ['', '', 'second', 'third', 'fourth', 'fifth', 'sixth'][strokes]! : ordinal(strokes)} stitch`
  return `On the last yarn over of ${which}.`
}

type StateWords = (letters: string, piece: Piece) => string
const stateWords: Readonly<Record<Exclude<YarnState, 'to come'>, StateWords>> = {
  works: (of) => `${of} works`,
  inside: (of) => `${of} inside the stitches`,
  behind: (of) => `${of} loosely behind`,
  bobbin: (of) => `${of} on its bobbin`,
  waits: (of, { worked }) => `${of} waits at the ${worked === 'rows' ? 'edge' : 'join'}`,
  parked: (of) => `${of}: its loop on a marker`,
  cut: (of) => `${of} is cut`,
}

/** "B works · A and C inside the stitches"; and apart, what is not there yet. */
export function yarnsNowWords(
  piece: Piece,
  yarns: readonly YarnNow[],
): { readonly now: string; readonly later: string } {
  const of = (state: YarnState) =>
    yarns.filter(({ is }) => is === state).map(({ letter }) => letter)
  const states = Object.keys(stateWords) as (keyof typeof stateWords)[]
  const now = states
    .filter((state) => of(state).length > 0)
    .map((state) => stateWords[state](listed(of(state)), piece))
  const later = yarns
    .filter(({ is, row }) => is === 'to come' && row !== null)
    .map(
      ({ letter, row }) =>
        `${letter} comes in ${rowWord(piece.worked)} ${piece.columns.number[row!]!}.`,
    )
  return { now: now.join(' · '), later: later.join(' ') }
}
