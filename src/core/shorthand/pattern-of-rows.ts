import type { CheckedRow } from '../check/index.ts'
import {
  type OwnDraft,
  patternOf,
  type PatternRow,
  plainRow,
  typedRows,
  usualDraft,
} from '../texture/index.ts'
import { found, refused, type Result } from '../units/index.ts'
import { countsFound } from './pattern-counts.ts'
import { workOf } from './written-rows.ts'

/** Which rows of a text, by their numbers, and what they are to be called. */
export interface RowsWanted {
  /** The first of those that begin it and come once; null where none do. */
  readonly setUp: number | null
  readonly from: number
  readonly to: number
  readonly name: string
}

/** The first stretch of a text whose rows have those numbers, one after the other. */
function stretchOf(rows: readonly CheckedRow[], from: number, to: number): CheckedRow[] {
  const wanted = to - from + 1
  const at = rows.findIndex(
    (_, i) =>
      wanted > 0 &&
      rows.slice(i, i + wanted).filter((one, n) => one.row === from + n).length === wanted,
  )
  return at < 0 ? [] : rows.slice(at, at + wanted)
}

const LETTERS = 'ABCDEFGH'
const BEGINS_IN = /^(?:with|using|in) ([A-H])\b\s*[,:]?\s+/i
const escaped = (text: string): string => text.replace(/[-.*+?^${}()|[\]\\]/g, '\\$&')

/** Words with names of yarns in the letters that stand for them. */
export function inLetters(
  text: string,
  names: readonly string[],
  letterOf: (name: string) => string,
): string {
  // All at once, since a letter may be a name as well.
  const any = names.filter((name) => name !== '').toSorted((a, b) => b.length - a.length)
  if (any.length === 0) return text
  const all = new RegExp(`(?<![\\w-])(?:${any.map(escaped).join('|')})(?![\\w-])`, 'g')
  return text.replace(all, letterOf)
}

/** Rows with their yarns as letters, A for the first that works, whatever the text calls them; each says the one it begins in. */
function lettered(rows: readonly CheckedRow[]): PatternRow[] {
  const names = [...new Set(rows.flatMap(({ yarns }) => yarns))].slice(0, LETTERS.length)
  const letterOf = (name: string) => LETTERS[names.indexOf(name)] ?? name
  let yarn = 'A'
  return rows.map(({ text, made = [] }) => {
    const work = inLetters(workOf(text), names, letterOf)
    const own = BEGINS_IN.exec(work)
    yarn = own?.[1] ?? yarn
    const row = { ...plainRow(own ? work.slice(own[0].length) : work), yarn }
    const last = made.findLast((stitch) => stitch.yarn !== null)?.yarn
    yarn = last != null && names.includes(last) ? letterOf(last) : yarn
    return row
  })
}

/**
 * Rows of a checked text as a stitch pattern of one's own: their words, and the multiple and offset on which they come out; refused
 * in words when they do not add up, or cannot be worked again on what they leave.
 */
export function patternOfRows(
  rows: readonly CheckedRow[],
  { setUp, from, to, name }: RowsWanted,
): Result<Omit<OwnDraft, 'id'>> {
  const own = from <= to ? stretchOf(rows, setUp ?? from, to) : []
  const [first] = own
  if (!first || (setUp !== null && setUp >= from))
    return refused(`There are no rows ${setUp ?? from} to ${to}, one after the other.`)
  const faulty = own.find(({ ok }) => !ok)
  if (faulty) return refused(`Row ${faulty.row} does not add up yet.`)
  if (!first.available)
    return refused(`Row ${first.row} begins the work: choose rows that stand on others.`)
  const begin = setUp === null ? 0 : from - setUp
  const [on, left] = [own[begin]!.available, own.at(-1)!.makes]
  if (left !== on)
    return refused(
      `After these rows ${left} stitches are left of ${on}: they cannot be worked again on them.`,
    )
  const way = first.kind === 'round' ? 'round' : 'flat'
  const worked = lettered(own)
  const typed = typedRows({ begin: worked.slice(0, begin), rows: worked.slice(begin), end: [] })
  const draft = {
    name: name.trim().slice(0, 60) || `Rows ${from} to ${to}`,
    ...{ multiple: 1, offset: 0, flat: '', round: '', ...usualDraft, [way]: typed },
  }
  const counts = countsFound(patternOf({ ...draft, id: 'own' }), way)
  return counts.ok ? found({ ...draft, ...counts.value }) : counts
}
