import { type Lies, reliefMisfits, reliefOf, type ReliefPart, isBandOf } from '../band/index.ts'
import { makingOf } from '../design/index.ts'
import { eachBlock, type LedgerPart, type Piece } from '../ledger/index.ts'
import { sides } from '../program/index.ts'
import { stitchById } from '../stitch/index.ts'
import { bandsOn, type Finder, type SnagContext } from './finder.ts'

/* Symbols on a ground that cannot be worked, and rows they draw in. */

/** A row of nothing but clusters would be narrower by so much (from memory). */
const DRAWS_IN = 0.25
/** Told from such a share of a row's stitches on. */
const TOLD_FROM = 1 / 8
const OFFERED = 2

/** The relief bands of a piece, and where they are in its ledger. */
const reliefsOn = ({ design, piece }: Pick<SnagContext, 'design' | 'piece'>) =>
  bandsOn(design, piece).flatMap((part) =>
    isBandOf('relief', part)
      ? [{ part, place: piece.parts.find(({ id }) => id === part.id)! }]
      : [],
  )

/** How the rows of a relief lie in its bag: rounds that are joined can be turned for the side a row wants. */
export function liesOf(
  { design, piece }: { readonly design: SnagContext['design']; readonly piece: Piece },
  part: ReliefPart,
  place: Pick<LedgerPart, 'firstRow'>,
): Lies {
  const { working } = makingOf(design, part)
  const spiral = working === 'spiral'
  return {
    below: place.firstRow,
    unturned: piece.worked === 'rounds' && working !== 'turned',
    sideOf: (row) =>
      piece.worked === 'rows'
        ? sides[piece.columns.side[place.firstRow + row] ?? 0]!
        : spiral
          ? 'RS'
          : null,
  }
}

export const reliefMisfit: Finder = (context) =>
  reliefsOn(context).flatMap(({ part, place }) => {
    const lies = liesOf(context, part, place)
    const misfits = reliefMisfits(part, lies)
    const [first] = misfits
    if (!first) return []
    const { number } = context.piece.columns
    const wants = reliefOf(part.raised.colours[first.row]![first.column]!).side
    const height = part.raised.colours.length
    const others = Array.from({ length: height }, (_, row) => row)
      .filter((row) => row !== first.row && wants && (lies.sideOf(row) ?? wants) === wants)
      .sort((a, b) => Math.abs(a - first.row) - Math.abs(b - first.row))
      .slice(0, OFFERED)
    return [
      {
        code: 'relief-misfits' as const,
        severity: 'warning' as const,
        where: { part: part.id, round: number[place.firstRow + first.row] ?? null },
        facts: {
          name: part.name,
          cells: misfits.length,
          why: first.why,
          rows: first.why === 'side' ? others.map((row) => number[place.firstRow + row]!) : [],
        },
        mends: [
          {
            kind: 'workable' as const,
            facts: {},
            edits: [
              {
                name: 'mendRelief' as const,
                args: {
                  id: part.id,
                  sides: Array.from({ length: height }, (_, row) => lies.sideOf(row)),
                  below: lies.below,
                  unturned: lies.unturned === true,
                },
              },
            ],
          },
        ],
      },
    ]
  })

/** A band of nothing but posts would be narrower by so much, one of nothing but crossed stitches by as much again (from memory). */
const POSTS = 0.08
const POSTS_TOLD_FROM = 0.02

/** Bands that posts and crossings draw in, where no swatch has it in its measure. */
export const postsDrawIn: Finder = ({ ledger, piece }) =>
  piece.parts.flatMap((part) => {
    if (part.gauge.source === 'swatch' || part.endRow === part.firstRow) return []
    const { runStitch, runCount, number } = piece.columns
    let [posts, all] = [0, 0]
    for (let row = part.firstRow; row < part.endRow; row++)
      eachBlock(piece, row, (from, to, times) => {
        for (let run = from; run < to; run++) {
          const { fromBehind, makes, height } = stitchById(ledger.stitches[runStitch[run]!]!)
          const count = makes * runCount[run]! * times
          all += count
          // Taller posts cross over others.
          if (fromBehind !== undefined) posts += count * (height > 2 ? 2 : 1)
        }
      })
    const by = all > 0 ? (POSTS * posts) / all : 0
    if (by < POSTS_TOLD_FROM) return []
    return [
      {
        code: 'posts-draw-in' as const,
        severity: 'advice' as const,
        where: { part: part.id, round: number[part.firstRow]! },
        facts: { name: part.name, by },
        mends: [],
      },
    ]
  })

/** Rows that clusters draw in. */
export const reliefDrawsIn: Finder = (context) =>
  reliefsOn(context).flatMap(({ part, place }) => {
    const { width, colours } = part.raised
    const most = Math.max(
      ...colours.map((row) => [...row].filter((letter) => reliefOf(letter).cluster).length),
    )
    if (most / width < TOLD_FROM) return []
    const { columns } = context.piece
    return [
      {
        code: 'relief-draws-in' as const,
        severity: 'advice' as const,
        where: { part: part.id, round: columns.number[place.firstRow]! },
        facts: { name: part.name, clusters: most, of: width, by: (most / width) * DRAWS_IN },
        mends: [],
      },
    ]
  })
