import { type Ledger, type Piece, runsOfRow, unitOfRow } from '../ledger/index.ts'
import { abbrOf, stitchById, type Words } from '../stitch/index.ts'
import { counted } from '../units/index.ts'

/** Units that a row is made of and nothing else: a row of them is counted in them alone (common practice). */
const WHOLE = /^(?:star|V|shell|fan|scallop|group|pair|cluster|loop|arch|space)$/
/** Units whose name does not take an s. */
const plural = (count: number, unit: string): string =>
  unit === 'V' ? `${count} V` : counted(count, unit)

/** Loops that stand off are no places of a row. */
const standsOff = (ledger: Ledger, piece: Piece, row: number): boolean =>
  runsOfRow(ledger, piece, row).some(({ stitch }) => stitchById(stitch).loop?.stands === 'off')

/** What a row has at its end, as it is counted: "48", "30 stars", "48 sts, 12 puffs", "18 dc, 16 beads". */
export function totalWords(
  ledger: Ledger,
  piece: Piece,
  row: number,
  text: string,
  words: Words,
): string {
  const makes = piece.columns.makes[row]!
  const unit = unitOfRow(ledger, piece, row)
  if (!unit || unit.count === 0) return String(makes)
  const own = plural(unit.count, unit.name)
  if (unit.name === 'bead') {
    // The chain that counts as one is one of them.
    return `${makes - unit.count} ${abbrOf(stitchById('dc'), words)}, ${own}`
  }
  const whole = WHOLE.test(unit.name) && !standsOff(ledger, piece, row)
  return whole ? own : `${makes} sts, ${own}`
}
