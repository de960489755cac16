import { type Onto } from '../program/index.ts'
import { type PatternRow, type PatternRows, plainRow } from './pattern.ts'

/*
 * The rows of a pattern as they are typed, one a line: what begins it, what repeats and what ends it each under a heading of its own.
 * Before its words a row may say its side, what it goes into where that is not the row below, and the yarn it begins in.
 */

type Part = keyof PatternRows
const HEADINGS: Readonly<Record<Part, string>> = { begin: 'Set-up:', rows: 'Repeat:', end: 'End:' }
const headings: readonly (readonly [Part, RegExp])[] = [
  ['begin', /^(?:set-?\s?up|begin(?:ning)?|once)(?: rows?| rounds?)?\s*:$/i],
  ['rows', /^(?:repeat|pattern)(?: rows?| rounds?)?\s*:$/i],
  ['end', /^(?:end(?:ing)?|last)(?: rows?| rounds?)?\s*:$/i],
]
const INTO: Readonly<Record<Exclude<Onto, 'below'>, string>> = {
  own: 'into its own row: ',
  both: 'into all rows: ',
}

const LABEL = /^(?:rows?|rnds?|rounds?)\s*\d+\s*(?=[:.(-])/i
const SIDE = /^\(\s*(RS|WS)\s*\)\s*/i
const AFTER_LABEL = /^[:.-]\s*/
const GOES = /^into (?:its|their|the) (own) rows?\s*[:,]\s*|^into (all|both) rows?\s*[:,]\s*/i
const YARN = /^(?:with|using|in) ([A-H])\b\s*[,:]?\s+(?!and\b)/

/** A row as it is typed. */
export function rowTyped(line: string): PatternRow {
  let text = line.trim()
  const take = (pattern: RegExp): RegExpExecArray | null => {
    const match = pattern.exec(text)
    if (match) text = text.slice(match[0].length)
    return match
  }
  const label = take(LABEL)
  const side = take(SIDE)
  if (label) take(AFTER_LABEL)
  const late = side ?? take(SIDE)
  const goes = take(GOES)
  const yarn = take(YARN)
  return {
    ...plainRow(text),
    yarn: yarn?.[1] ?? 'A',
    onto: goes ? (goes[1] ? 'own' : 'both') : 'below',
    side: (late?.[1]?.toUpperCase() ?? null) as 'RS' | 'WS' | null,
  }
}

const typedRow = ({ text, yarn, onto, side }: PatternRow): string =>
  [
    side ? `(${side}) ` : '',
    onto === 'below' ? '' : INTO[onto],
    // What a row begins in is said, or the first of its yarns would be taken for it.
    yarn === 'A' && !YARN.test(text) ? '' : `with ${yarn}, `,
    text,
  ].join('')

/** Rows as they are typed; null where nothing repeats. */
export function rowsTyped(text: string): PatternRows | null {
  const found: Record<Part, PatternRow[]> = { begin: [], rows: [], end: [] }
  let part: Part = 'rows'
  for (const line of text.split('\n').map((one) => one.trim())) {
    const heading = headings.find(([, pattern]) => pattern.test(line))
    if (heading) part = heading[0]
    else if (line) found[part].push(rowTyped(line))
  }
  return found.rows.length > 0 ? found : null
}

/** Whether a line heads rows, and is none itself. */
export const isHeading = (line: string): boolean =>
  headings.some(([, pattern]) => pattern.test(line.trim()))

/** Rows as they would be typed: read again they are the same. */
export function typedRows(rows: PatternRows): string {
  const headed = rows.begin.length + rows.end.length > 0
  return (Object.keys(HEADINGS) as Part[])
    .filter((part) => rows[part].length > 0)
    .flatMap((part) => [...(headed ? [HEADINGS[part]] : []), ...rows[part].map(typedRow)])
    .join('\n')
}

/** Letters of the yarns that work in it, the first at least. */
export function yarnsIn({ begin, rows, end }: PatternRows): string[] {
  const letters = [...begin, ...rows, ...end].flatMap(({ yarn, text }) => [
    yarn,
    ...[...text.matchAll(/\b(?:with|to|in|ch \d+) ([A-H])\b/g)].map(([, letter]) => letter!),
  ])
  return [...new Set(['A', ...letters])].sort()
}
