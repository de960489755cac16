import { constructionOf } from '../shape/index.ts'
import { baseFlatness } from '../fit/index.ts'
import type { Derived } from '../bag/index.ts'
import { baseOf, type Design } from '../design/index.ts'
import { bodyOf, type LedgerPart, NO_UNIT, type Piece } from '../ledger/index.ts'
import { rowWord } from '../terms/index.ts'
import type { Words } from '../stitch/index.ts'
import { counted, printLength } from '../units/index.ts'

/*
 * Where one stops to count and measure: in the middle and at the end of a base, where the count is still cheap to mend, and at the end of every part.
 */

/** A row after which one stops, and what is found then. */
export interface Checkpoint {
  readonly row: number
  readonly text: string
}

interface Around {
  readonly design: Design
  readonly derived: Derived
  readonly words: Words
}

/** A base of fewer rounds is checked at its end alone. */
const MIDDLE_FROM = 8
/** Rows of a long part between one check and the next; there are no more than so many of them in a part. */
const EVERY = 40
const MOST_CHECKS = 3
/** What has not grown by this since the last check is not checked again, in mm, unless its count is another. */
const GROWN_MM = 20

/** Where a piece is checked while it is worked. */
export function checkpointsOf(bag: Around, piece: Piece): Checkpoint[] {
  const { makes, alongMm } = piece.columns
  const found: Checkpoint[] = []
  let before = -1
  for (const part of piece.parts)
    for (const { row, text } of candidatesOf(bag, piece, part)) {
      const grown = alongMm[row]! - (before < 0 ? 0 : alongMm[before]!)
      const counted = before >= 0 && makes[row] !== makes[before]
      if (row < piece.rows - 1 && grown < GROWN_MM && !counted) continue
      found.push({ row, text })
      before = row
    }
  return found
}

function candidatesOf(bag: Around, piece: Piece, part: LedgerPart): Checkpoint[] {
  const { firstRow, endRow } = part
  if (endRow === firstRow) return []
  const last = endRow - 1
  const lies =
    part === piece.parts[0] &&
    grows(piece, last) &&
    (piece.worked === 'rounds' || isArc(bag, piece))
  if (lies) {
    const rows = endRow >= MIDDLE_FROM ? [Math.floor(endRow / 2), last] : [last]
    return rows.map((row) => ({ row, text: baseWords(bag, piece, row) }))
  }
  const step = Math.max(EVERY, Math.ceil((endRow - firstRow) / MOST_CHECKS))
  const between = Array.from(
    { length: Math.ceil((endRow - firstRow) / step) - 1 },
    (_, i) => firstRow + (i + 1) * step - 1,
  ).filter((row) => last - row > step / 4)
  return [...between, last].map((row) => ({ row, text: heightWords(bag, piece, part, row) }))
}

/** Whether its rows lie around a point: all of a disc, or of half of one. */
function isArc({ derived: { ledger } }: Around, piece: Piece): boolean {
  const { front } = ledger
  if (front.kind !== 'arc') return false
  return front.half ? piece === bodyOf(ledger) || piece.id === 'back' : piece.worked === 'rounds'
}

const grows = ({ columns }: Piece, last: number): boolean =>
  last > 0 && columns.makes[last]! > columns.makes[0]!

/** A length as it should be, and how far off is nothing to worry about. */
function measured(mm: number, spread: number, { units }: Words): string {
  return `${printLength(mm, units)} (${printLength(mm * (1 - spread), units)} to ${printLength(mm * (1 + spread), units)})`
}

const after = ({ derived: { ledger } }: Around, piece: Piece, row: number): string => {
  const { number, makes, unit, unitCount } = piece.columns
  const many =
    unit[row] === NO_UNIT
      ? counted(makes[row]!, 'stitch')
      : counted(unitCount[row]!, ledger.units[unit[row]!]!)
  return `After ${rowWord(piece.worked)} ${number[row]}: ${many}`
}

/** "After round 9: 54 stitches, 9.5 cm across (9.2 to 9.8 cm), flat." */
function baseWords(bag: Around, piece: Piece, row: number): string {
  const { design, derived, words } = bag
  const { columns, parts } = piece
  const { spread } = parts[0]!.gauge
  const plan = constructionOf(baseOf(design)).plan
  const isBody = piece === bodyOf(derived.ledger)
  if (isArc(bag, piece)) return `${arcWords(bag, piece, row)} ${FLAT} ${HOOK}`
  const across =
    plan === 'round' || !isBody
      ? `${measured(columns.widthMm[row]! / Math.PI, spread, words)} across`
      : `${measured(columns.widthMm[row]!, spread, words)} around its edge`
  return `${after(bag, piece, row)}, ${across}${isBody ? flatWords(design, derived) : '.'} ${HOOK}`
}
/** "After row 19: 57 stitches, 34.2 cm along its curve, 21.8 cm along its straight edge." */
function arcWords(bag: Around, piece: Piece, row: number): string {
  const { derived, words } = bag
  const { widthMm, alongMm, part } = piece.columns
  const { spread } = piece.parts[part[row]!]!.gauge
  const { front } = derived.ledger
  const half = front.kind === 'arc' && front.half
  const size = half
    ? `${measured(widthMm[row]!, spread, words)} along its curve, ${measured(2 * alongMm[row]!, spread, words)} along its straight edge`
    : `${measured(widthMm[row]! / Math.PI, spread, words)} across`
  return `${after(bag, piece, row)}, ${size}.`
}

const FLAT = 'It lies flat: a wavy edge has too many stitches, a bowl too few.'
const HOOK =
  'Smaller than that: go up half a hook size. Larger: go down. Count before you measure: one stitch is cheap to mend here.'

function flatWords(design: Design, derived: Derived): string {
  const { flatness, flat } = baseFlatness({ design, ledger: derived.ledger })
  if (flat === null) return '.'
  if (flatness > 1.12) return '. Its edge waves, as it is planned.'
  if (flatness < 0.88) return '. It cups like a bowl, as it is planned.'
  return ', flat. A wavy edge has too many stitches, a bowl too few.'
}

/** How tall the piece is so far, and how wide. */
function heightWords(bag: Around, piece: Piece, part: LedgerPart, row: number): string {
  if (isArc(bag, piece)) return arcWords(bag, piece, row)
  const { derived, words } = bag
  const { columns } = piece
  const { spread } = part.gauge
  const body = piece === bodyOf(derived.ledger)
  const flat = piece.worked === 'rows'
  const base = piece.parts[0]!
  const from = flat || !body ? 0 : (columns.alongMm[base.endRow - 1] ?? 0)
  const tall = columns.alongMm[row]! - from
  const wide = flat
    ? `, ${measured(columns.widthMm[row]!, spread, words)} wide`
    : columns.handle[row]
      ? ''
      : `, ${measured(columns.widthMm[row]! / 2, spread, words)} laid flat`
  const above = flat || !body || base.endRow === 0 ? '' : ' from the base up'
  return `${after(bag, piece, row)}${wide}${tall > 0 ? `, ${measured(tall, spread, words)} tall${above}` : ''}.`
}
