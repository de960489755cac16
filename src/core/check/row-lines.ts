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
  ...{
    kind: 'row',
    line,
    column: 0,
    what,
    from: null,
    to: null,
    numbers: [],
    many: 1,
    letter: null,
  },
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

const ROW_ENDS =
  /\b(?:(\d+) )?(sc|hdc|htr|dc|tr) (?:in(?:to)?|along) (?:the )?(?:ends? of each row|each row[- ]ends?|sides? of each row|each row)(?: (?:end )?(?:around|across|along|down|up)\b[^,;.()]*)?/i
/** "Sc in each row end": so many as the piece has rows, each time as many. */
export const inRowEnds = (work: string, rows: () => number): string =>
  work.replace(ROW_ENDS, (all, many: string | undefined, stitch: string) => {
    const count = rows() * Number(many ?? 1)
    return count > 0 ? `pick up ${count} ${stitch}`.padEnd(all.length) : all
  })

const FOR_ONE = /\((?:row|rnd|round) (\d+):\s*([^()]*)\)/i
/** "sc in each st to end (row 1: in 2nd ch from hook …)": what of it is for the row with that number; blanks where the rest stood. */
export function ofNumber(work: string, number: number | null): string {
  const found = FOR_ONE.exec(work)
  if (!found) return work
  const [all, one, said] = found as unknown as [string, string, string]
  const blank = (text: string) => ' '.repeat(text.length)
  const { index } = found
  if (Number(one) !== number)
    return work.slice(0, index) + blank(all) + work.slice(index + all.length)
  // “in …” goes on with the stitch that all of them begin with.
  const stitch = /^in\b/i.test(said) ? (/^\s*(?:\d+ )?\w+/.exec(work)?.[0] ?? '') : ''
  const from = index + all.indexOf(said)
  return (
    stitch + blank(work.slice(stitch.length, from)) + said + blank(work.slice(from + said.length))
  )
}
