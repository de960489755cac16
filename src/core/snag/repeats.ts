import { bandOf, nearestCounts, takesEdges, type TexturePart, isBandOf } from '../band/index.ts'
import { baseOf, BODY, type Design } from '../design/index.ts'
import { fitCounts, fitEdits, fitRequestOf } from '../fit/index.ts'
import { type LedgerPart, type Piece, standsOn } from '../ledger/index.ts'
import { LIMITS } from '../part/index.ts'
import { constructionOf } from '../shape/index.ts'
import { bandsOn, type Finder, type SnagContext } from './finder.ts'
import type { Mend } from './snag.ts'

/** How far counts are looked for when the tolerance holds none, and how many of each mend are offered. */
const WIDE = 0.35
const OFFERED = 2

/** A motif that does not divide the stitches it is worked on. */
export const repeatRemainders: Finder = (context) =>
  context.piece.parts.flatMap((part) => {
    if (part.repeat === null) return []
    const count = standsOn(context.piece, part)
    const left = (count - part.balance) % part.repeat
    if (left === 0 && count >= part.repeat + part.balance) return []
    return [
      {
        code: 'repeat-remainder' as const,
        severity: 'error' as const,
        where: { part: part.id, round: context.piece.columns.number[part.firstRow]! },
        facts: {
          name: part.name,
          count,
          multiple: part.repeat,
          left: Math.max(0, left),
          rows: part.firstRow - context.piece.parts[0]!.endRow,
          worked: context.piece.worked,
        },
        mends: [
          // Another count of the base is the body's to have, where its bands stand on that.
          ...(standsOnBase(context) ? evenCounts(context) : []),
          ...paddings(part.id, part.repeat, count - part.balance),
          ...changes(context, part),
        ],
      },
    ]
  })

const standsOnBase = ({ piece, design }: SnagContext): boolean =>
  piece.id === BODY && !constructionOf(baseOf(design)).bandCount

/** The nearest counts at which every band comes out even, whatever the tolerance. */
function evenCounts(bag: SnagContext): Mend[] {
  const fits = fitCounts(fitRequestOf(bag, { tolerance: WIDE, maxPad: 0 }))
  return fits
    .filter((fit) => fit.bands.every(({ added }) => added === 0))
    .slice(0, OFFERED)
    .map((fit) => ({
      kind: 'count',
      facts: { count: fit.count, sizeMm: fit.sizeMm, errorMm: fit.errorMm, changed: false },
      edits: fitEdits(bag.design, fit),
    }))
}

/** The least blank columns that make it divide. */
function paddings(id: string, multiple: number, count: number): Mend[] {
  for (let columns = 1; columns <= multiple; columns++) {
    const wide = multiple + columns
    if (count % wide !== 0) continue
    return [
      {
        kind: 'pad',
        facts: { columns, multiple: wide, repeats: count / wide },
        edits: [{ name: 'padChart', args: { id, columns } }],
      },
    ]
  }
  return []
}

/** Stitches added or taken away below it, to the nearest whole repeats either way; the smaller change first. */
function changes({ design, piece }: SnagContext, part: LedgerPart): Mend[] {
  const { balance } = part
  const multiple = part.repeat!
  const count = standsOn(piece, part)
  const left = (((count - balance) % multiple) + multiple) % multiple
  return [multiple - left, -left]
    .filter((by) => count + by >= multiple + balance)
    .sort((a, b) => Math.abs(a) - Math.abs(b))
    .flatMap((by) => adjusted(design, piece, part, count, by))
}

/** So many stitches more or fewer below a band; where it begins its piece, in the chain it is begun in. */
function adjusted(
  design: Design,
  piece: Piece,
  { id, firstRow, gauge }: Pick<LedgerPart, 'id' | 'firstRow' | 'gauge'>,
  count: number,
  by: number,
): Mend[] {
  const base = baseOf(design)
  const begins = firstRow === 0
  if (begins && (piece.id !== BODY || base.count !== count)) return []
  return [
    {
      kind: 'adjust',
      facts: { by, count: count + by, sizeMm: (count + by) * gauge.stitchWidthMm },
      edits: begins
        ? [{ name: 'setBase', args: { values: { count: count + by } } }]
        : [{ name: 'adjustBefore', args: { id, by } }],
    },
  ]
}

/** Other edges of a flat texture with which it comes out on the stitches there are: the fewest of them. */
function otherEdges(part: TexturePart, count: number): Mend[] {
  if (!takesEdges(part)) return []
  for (let edge = 0; edge <= LIMITS.edge; edge++) {
    if (!bandOf(part).standsOn({ ...part, edge }, count)) continue
    return [
      {
        kind: 'edges',
        facts: { name: part.name, stitches: edge, fewer: edge < part.edge },
        edits: [{ name: 'setPart', args: { id: part.id, values: { edge } } }],
      },
    ]
  }
  return []
}

/** Like halves that a count has, where it has one too many. */
const halvesOn = (of: number | null, count: number) =>
  of !== null && count % of === 0 ? { of, count: count / of } : null

/** Rows that come out on some counts only, over another: with the nearest that they come out on. */
export const writtenMisfits: Finder = ({ design, piece }) =>
  bandsOn(design, piece).flatMap((part) => {
    const { id, firstRow, gauge, name } = piece.parts.find((one) => one.id === part.id)!
    const count = standsOn(piece, { firstRow })
    const counts = bandOf(part).counts(part)
    if (counts === null || bandOf(part).standsOn(part, count)) return []
    return [
      {
        code: 'written-misfit' as const,
        severity: 'error' as const,
        where: { part: id, round: piece.columns.number[firstRow]! },
        facts: {
          name,
          count,
          ...counts, // Rows have no join at which two could meet.
          halves: piece.worked === 'rows' ? null : halvesOn(bandOf(part).half(part), count),
        },
        mends: [
          ...(isBandOf('texture', part) && piece.worked === 'rows' ? otherEdges(part, count) : []),
          ...nearestCounts(counts, count)
            .filter((counted) => bandOf(part).standsOn(part, counted))
            .flatMap((counted) =>
              adjusted(design, piece, { id, firstRow, gauge }, count, counted - count),
            ),
        ],
      },
    ]
  })

/** A plain round that is to add or take away more stitches than it has room for. */
export const tooLargeChanges: Finder = ({ design, piece }) =>
  bandsOn(design, piece).flatMap((part) => {
    const adjust = bandOf(part).change(part)
    if (!adjust) return []
    const { firstRow, endRow } = piece.parts.find(({ id }) => id === part.id)!
    const count = standsOn(piece, { firstRow })
    const made = piece.columns.makes[endRow - 1]! - count
    if (made === adjust) return []
    return [
      {
        code: 'adjust-too-large' as const,
        severity: 'error' as const,
        where: { part: part.id, round: piece.columns.number[endRow - 1]! },
        facts: { name: part.name, adjust, count, made, worked: piece.worked },
        mends: [
          {
            kind: 'adjust' as const,
            facts: {
              by: made,
              count: count + made,
              sizeMm: piece.columns.widthMm[endRow - 1]!,
            },
            edits: [
              {
                name: 'setPart' as const,
                args: { id: part.id, values: { ...bandOf(part).withChange(part, made) } },
              },
            ],
          },
        ],
      },
    ]
  })
