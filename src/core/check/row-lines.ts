import type { ReadWork } from '../notation/index.ts'
import type { RowLine } from './lines.ts'

/* Rows that no line says as they are worked. */

/** No total. */
export const UNSAID = { stated: null, said: [], others: [] } as const
export const NO_WORK: ReadWork = { items: [], unread: [], past: [] }

/** A line without a label, as a row. */
export const lineOf = (
  line: number,
  text: string,
  parted: Pick<RowLine, 'work' | 'stated' | 'said'>,
  what: RowLine['what'] = 'row',
): RowLine => ({
  ...{ kind: 'row', line, column: 0, what, from: null, to: null, numbers: [], many: 1 },
  ...{ side: null, everySecond: false, yarn: null, series: null, manner: null, others: [] },
  ...{ text, label: '', ...parted },
})

/** Work with the yarn that its label says. */
export function withYarn(read: ReadWork, yarn: string | null): ReadWork {
  if (yarn === null) return read
  const span = { from: 0, to: 0 }
  const note = { kind: 'note', what: 'yarn', yarn, count: 0, at: null, text: '', span } as const
  return { ...read, items: [note, ...read.items] }
}

/** A row that was begun in a chain, worked into stitches. */
export const onStitches = (work: string): string =>
  work
    .replace(/^\s*ch(?:ain)? \d+[^,;]*[,;]/i, '')
    .replace(/\bin (?:the )?\w+ ch(?:ain)? from (?:the )?hook,?(?: and)?/i, '')
    .replace(/\bch(?:ain)?s?\b(?! ?\d)/gi, 'st')

/** A stated total of so many. */
export const totalOf = (count: number): Pick<RowLine, 'stated' | 'said'> => ({
  stated: count,
  said: [{ count, unit: '' }],
})
