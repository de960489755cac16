import { bandOf, mosaicRules, type MosaicPart, isBandOf } from '../band/index.ts'
import { workedOf } from '../mosaic/index.ts'
import { type Piece } from '../ledger/index.ts'
import { ends, starts } from '../program/index.ts'
import { stitchById } from '../stitch/index.ts'
import { bandsOn, type Finder } from './finder.ts'
import type { Mend } from './snag.ts'

/* What a mosaic cannot have, and what it costs to make. */

/** With more ends than these it is worth to think of another way (from memory). */
const MANY_ENDS = 12

const mosaicsOn = (...on: Parameters<typeof bandsOn>): MosaicPart[] =>
  bandsOn(...on).flatMap((part) => (isBandOf('mosaic', part) ? [part] : []))

/** Cells of the picture that cannot be as they are drawn; the nearest picture that can. */
export const mosaicMisfits: Finder = ({ design, piece }) =>
  mosaicsOn(design, piece).flatMap((part) => {
    const { chart, rows, id, name } = part
    const { misfits } = workedOf({ ...chart, rows }, mosaicRules(part, piece.worked))
    const [first] = misfits
    if (!first) return []
    const { firstRow } = piece.parts.find((one) => one.id === id)!
    const row = firstRow + bandOf(part).workedAs(part, first.row).row
    return [
      {
        code: 'mosaic-misfits' as const,
        severity: 'warning' as const,
        where: { part: id, round: piece.columns.number[row] ?? null },
        facts: { name, cells: misfits.length, why: first.why },
        mends: [
          {
            kind: 'workable',
            facts: {},
            edits: [{ name: 'mendMosaic', args: { id, worked: piece.worked } }],
          },
        ],
      },
    ]
  })

/** Mosaic on a ground that its drops cannot reach over: they are dc, for rows of sc. */
export const mosaicGround: Finder = ({ design, piece }) =>
  mosaicsOn(design, piece).flatMap((part) => {
    const { id, name, stitch } = part
    if (stitchById(stitch).height <= 1) return []
    return [
      {
        code: 'mosaic-ground' as const,
        severity: 'error' as const,
        where: { part: id, round: null },
        facts: { name, stitch },
        mends: [
          {
            kind: 'in-sc',
            facts: {},
            edits: [{ name: 'setPart', args: { id, values: { stitch: 'sc' } } }],
          },
        ],
      },
    ]
  })

/** Ends of yarn that rows leave which are all cut: two a row. */
function endsIn(piece: Piece, { firstRow, endRow }: { firstRow: number; endRow: number }): number {
  let count = 0
  for (let row = firstRow; row < endRow; row++) {
    if (starts[piece.columns.start[row]!] === 'afresh') count++
    if (ends[piece.columns.end[row]!] === 'fasten-off' && row < piece.rows - 1) count++
  }
  return count
}

/** Flat overlay, whose yarn is cut after every row. */
export const mosaicEnds: Finder = ({ design, piece }) =>
  mosaicsOn(design, piece).flatMap((part) => {
    const place = piece.parts.find(({ id }) => id === part.id)!
    const count = endsIn(piece, place)
    if (count < MANY_ENDS) return []
    const { id, name } = part
    const mends: Mend[] = [
      {
        kind: 'inset',
        facts: { rows: 2 * part.chart.colours.length * part.times },
        edits: [{ name: 'setTechnique', args: { id, kind: 'inset', worked: piece.worked } }],
      },
    ]
    return [
      {
        code: 'mosaic-ends' as const,
        severity: 'advice' as const,
        where: { part: id, round: piece.columns.number[place.firstRow]! },
        facts: { name, ends: count },
        mends,
      },
    ]
  })
