import { countsOf } from '../band/index.ts'
import type { CheckedRow } from '../check/index.ts'
import type { OwnDraft } from '../texture/index.ts'
import { found, refused, type Result } from '../units/index.ts'
import { countedRows, workOf } from './written-rows.ts'

/** Which rows of a text, by their numbers, and what they are to be called. */
export interface RowsWanted {
  readonly from: number
  readonly to: number
  readonly name: string
}

/** The first stretch of a text whose rows have those numbers, one after the other. */
function stretchOf(rows: readonly CheckedRow[], { from, to }: RowsWanted): CheckedRow[] {
  const wanted = to - from + 1
  const at = rows.findIndex(
    (_, i) =>
      wanted > 0 &&
      rows.slice(i, i + wanted).filter((one, n) => one.row === from + n).length === wanted,
  )
  return at < 0 ? [] : rows.slice(at, at + wanted)
}

/**
 * Rows of a checked text as a stitch pattern of one's own: their words, and the multiple and offset on which they come out; refused
 * in words when they do not add up, or cannot be worked again on what they leave.
 */
export function patternOfRows(
  rows: readonly CheckedRow[],
  wanted: RowsWanted,
): Result<Omit<OwnDraft, 'id'>> {
  const own = stretchOf(rows, wanted)
  const [first] = own
  if (!first)
    return refused(`There are no rows ${wanted.from} to ${wanted.to}, one after the other.`)
  const faulty = own.find(({ ok }) => !ok)
  if (faulty) return refused(`Row ${faulty.row} does not add up yet.`)
  if (!first.available)
    return refused(`Row ${first.row} begins the work: choose rows that stand on others.`)
  const worked = first.kind === 'round' ? 'rounds' : 'rows'
  const texts = own.map(({ text }) => workOf(text))
  const counted = countedRows(texts, first.available, worked, {
    ...{ ground: 'sc', yarn: 'A', letterOf: () => 'A' },
  })
  if (!counted.ok) return counted
  const left = own.at(-1)!.makes
  if (left !== first.available)
    return refused(
      `After these rows ${left} stitches are left of ${first.available}: they cannot be worked again on them.`,
    )
  const { multiple, offset } = countsOf(counted.value)
  if (multiple === 0) return refused('What repeats in these rows was not found.')
  return found({
    name: wanted.name.trim().slice(0, 60) || `Rows ${wanted.from} to ${wanted.to}`,
    multiple,
    offset,
    flat: worked === 'rows' ? texts.join('\n') : '',
    round: worked === 'rounds' ? texts.join('\n') : '',
    notes: '',
  })
}
