import { parseLength, MM_PER_INCH } from './length.ts'
import { maybeNumber } from './number.ts'
import { found, refused, type Result } from './result.ts'

/** So many stitches (or rows) over a length. */
export interface Per {
  readonly count: number
  readonly overMm: number
}

export const TEN_CM: number = 100
export const FOUR_INCHES: number = 4 * MM_PER_INCH

const figure =
  /^\s*(\d+(?:[.,]\d+)?(?:\s+\d+\/\d+|\s*[¼½¾⅛⅜⅝⅞⅓⅔])?)\s*(?:(?:\/|over|per|in)\s*(.*))?$/i

/**
 * Reads a gauge figure: "18 over 10 cm", "14 over 4 in", "20/100mm", "18 per 10cm", "18".
 * A bare count is taken over `bareOverMm`.
 */
export function parsePer(text: string, bareOverMm: number): Result<Per> {
  const plain = text.replace(/\b(stitches|stitch|sts?|rounds?|rnds?|rows?)\b/gi, '')
  const match = figure.exec(plain)
  const count = match ? maybeNumber(match[1]!) : null
  if (!match || count === null)
    return refused(`“${text.trim()}” is not a gauge. Try 18 over 10 cm or 14 over 4 in.`)
  if (count <= 0) return refused('Count at least one stitch or row.')
  if (match[2] === undefined) return found({ count, overMm: bareOverMm })
  const over = parseLength(match[2], bareOverMm === FOUR_INCHES ? 'in' : 'cm')
  return over.ok ? found({ count, overMm: over.value }) : over
}
