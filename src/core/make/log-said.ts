import type { Yarn } from '../design/index.ts'
import type { Ledger } from '../ledger/index.ts'
import { type LogEntry, logKinds } from '../project/index.ts'
import { type Catalogue, rowWord } from '../terms/index.ts'
import { counted, printLength, printMasses, printNumber, type System } from '../units/index.ts'
import { placeOfId } from '../part/index.ts'
import { maybeRowOf } from '../yarn/index.ts'
import { leftBy } from './row-steps.ts'

/* The log in words: what each entry says, and where in the work it was. */

/** What entries are said with. */
export interface LogWords {
  readonly ledger: Ledger
  readonly yarns: readonly Yarn[]
  readonly units: System
}

type Entries = { readonly [Kind in keyof typeof logKinds]: Extract<LogEntry, { kind: Kind }> }
export type LogKind = keyof Entries

/** What each kind is called, where entries are sorted by kind. */
export const logKindNames: Readonly<Record<LogKind, string>> = {
  made: 'Rounds and rows',
  counted: 'Counts',
  weighed: 'Weighings',
  measured: 'Measured',
  noted: 'Notes',
  ripped: 'Taken back',
  supplied: 'Yarn',
  paused: 'Laid down',
  photo: 'Photos',
}

/** Where in the work an entry was: "Round 42", "Strap, row 7"; "the beginning" before the first row. */
export function placeWords(
  { ledger }: Pick<LogWords, 'ledger'>,
  { piece: id, row }: { readonly piece: string; readonly row: string | null },
): string {
  const piece = ledger.pieces.find((one) => one.id === id)
  if (!piece) return 'a piece that is not there any more'
  const name = rowWord(piece.worked)
  const lead = id === ledger.pieces[0]!.id ? '' : `${piece.name.replace(/, \d+$/, '')}, `
  if (row === null) return `${lead}the beginning`
  const at = maybeRowOf(piece, row)
  return `${lead}${name} ${at === null ? `${placeOfId(row)} of a part that is gone` : piece.columns.number[at]!}`
}

const sentence = (text: string): string => `${text[0]!.toUpperCase()}${text.slice(1)}`

const ofCopy = ({ ledger }: LogWords, { piece, copy }: { piece: string; copy: number }): string =>
  ledger.pieces.filter(({ id }) => id === piece).reduce((sum, { times }) => sum + times, 0) > 1
    ? ` (copy ${copy})`
    : ''
const yarnName = ({ yarns }: LogWords, letter: string): string =>
  yarns.find((yarn) => yarn.letter === letter)?.name ?? letter
const after = (words: LogWords, entry: { piece: string; row: string | null }): string =>
  entry.row === null
    ? 'at the beginning'
    : `after ${placeWords(words, entry).replace(/^[A-Z]/, (first) => first)}`
/** As it was read off the scale. */
const grams = (amount: number, { units }: LogWords): string =>
  units === 'metric' ? `${printNumber(amount, 1)} g` : printMasses(amount, amount, units)
const thens = {
  right: 'as planned',
  'next row': 'made up for in the next',
  ripped: 'ripped',
  'plan follows': 'the plan follows',
  left: 'left as it is',
} as const

const said: Catalogue<Entries, LogWords, string> = {
  made: (entry, words) =>
    `${placeWords(words, entry)}${ofCopy(words, entry)}: ${counted(leftBy(entry.work), 'stitch')}`,
  ripped: (entry, words) =>
    `${entry.how === 'ripped' ? 'Ripped back to' : 'Back to'} ${placeWords(words, entry)}${ofCopy(words, entry)}${entry.stitches > 0 ? ` and ${entry.stitches} of the next` : ''}`,
  paused: (entry, words) =>
    `Laid down ${after(words, entry)}, with ${entry.stitches} of the next worked`,
  weighed: (entry, words) =>
    entry.grams === null
      ? `The weighing of ${yarnName(words, entry.yarn)} ${after(words, entry)} is taken back`
      : `${yarnName(words, entry.yarn)}: ${grams(entry.grams, words)} left ${after(words, entry)}`,
  supplied: (entry, words) =>
    `${yarnName(words, entry.yarn)}: ${grams(Math.abs(entry.grams), words)} ${entry.how}`,
  counted: (entry, words) =>
    `${placeWords(words, entry)}: ${entry.count}${entry.count === entry.planned ? ', as planned' : ` where ${entry.planned} are planned, ${thens[entry.then]}`}${entry.why ? `. ${entry.why}` : ''}`,
  measured: (entry, words) =>
    `${printLength(entry.mm, words.units)} ${entry.what === 'loaded' ? 'tall as it hangs, filled,' : entry.what} ${after(words, entry)}, planned ${printLength(entry.plannedMm, words.units)}`,
  noted: ({ text }) => text,
  photo: (entry, words) => `Photo ${after(words, entry)}${entry.text ? `: ${entry.text}` : ''}`,
}

/** What an entry says. */
export const entryWords = (entry: LogEntry, words: LogWords): string =>
  sentence((said[entry.kind] as (entry: LogEntry, words: LogWords) => string)(entry, words))
