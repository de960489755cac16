import { bandOf } from '../band/index.ts'
import { baseOf, BODY, makingOf } from '../design/index.ts'
import { eachBlock, type Piece, standsOn } from '../ledger/index.ts'
import { constructionOf } from '../shape/index.ts'
import { stitchById } from '../stitch/index.ts'
import { bandsOn, type Finder } from './finder.ts'
import { joinRounds } from './raised.ts'
import type { Mend } from './snag.ts'

/** Bands that end in a way of their own and stop in the midst of their repeat. */
export const stopsMidway: Finder = ({ design, piece }) =>
  bandsOn(design, piece).flatMap((part) => {
    const band = bandOf(part)
    const stops = band.stopsMidway(part)
    if (!stops) return []
    const { beyond, repeat } = stops
    const rounds = band.rounds(part)
    const mends = [repeat - beyond, -beyond]
      .map((by) => ({ by, values: band.withRounds(part, rounds + by) }))
      .filter(
        ({ by, values }) =>
          rounds + by > 0 && values && band.stopsMidway({ ...part, ...values } as never) === null,
      )
      .map(({ by, values }): Mend => ({
        kind: 'rows',
        facts: { by, worked: piece.worked },
        edits: [{ name: 'setPart', args: { id: part.id, values: { ...values } } }],
      }))
    const { endRow } = piece.parts.find(({ id }) => id === part.id)!
    return [
      {
        code: 'stops-midway' as const,
        severity: 'warning' as const,
        where: { part: part.id, round: piece.columns.number[endRow - 1]! },
        facts: { name: part.name, beyond, repeat, worked: piece.worked },
        mends,
      },
    ]
  })

/** Pieces whose last row is raised though its band has plain ones too: the edge wants one of those. */
export const endsRaised: Finder = ({ design, piece }) => {
  const part = bandsOn(design, piece).at(-1)
  const place = part && piece.parts.find(({ id }) => id === part.id)
  if (!part || !place || place.endRow !== piece.rows) return []
  const band = bandOf(part)
  const count = standsOn(piece, place)
  const rounds = band.rounds(part)
  const isRaised = (row: number) => {
    const { side, sideIfTurned } = band.wants(part, row, count)
    return (side ?? sideIfTurned) !== undefined
  }
  const plain = Array.from({ length: rounds }, (_, i) => i + 1).some((row) => !isRaised(row))
  if (!plain || !isRaised(rounds) || band.endsAsItDoes(part)) return []
  const base = baseOf(design)
  const taken = piece.id === BODY ? constructionOf(base).taken : undefined
  const mends = [1, -1].flatMap((by): Mend[] => {
    const values = band.withRounds(part, rounds + by)
    if (!values || (by < 0 && isRaised(rounds + by))) return []
    const also = taken?.(base, by)
    return [
      {
        kind: 'rows',
        facts: { by, worked: piece.worked },
        edits: [
          { name: 'setPart', args: { id: part.id, values: { ...values } } },
          ...(also ? [{ name: 'setBase' as const, args: { values: { ...also } } }] : []),
        ],
      },
    ]
  })
  return [
    {
      code: 'ends-raised',
      severity: 'advice',
      where: { part: part.id, round: piece.columns.number[piece.rows - 1]! },
      facts: { name: part.name, worked: piece.worked, uneven: taken !== undefined },
      mends,
    },
  ]
}

/** Textures that keep the right side where every other round is turned. */
export const keepsItsSide: Finder = ({ design, piece }) =>
  bandsOn(design, piece).flatMap((part) => {
    const making = makingOf(design, part)
    const place = piece.parts.find(({ id }) => id === part.id)!
    const turned = piece.worked === 'rounds' && making.working === 'turned'
    if (!turned || !bandOf(part).wants(part, 1, standsOn(piece, place)).fromRight) return []
    return [
      {
        code: 'keeps-its-side' as const,
        severity: 'advice' as const,
        where: { part: part.id, round: piece.columns.number[place.firstRow]! },
        facts: { name: part.name },
        mends: [
          {
            kind: 'no-turning',
            facts: {},
            edits: [
              {
                name: 'setPart',
                args: { id: part.id, values: { making: { ...making, working: 'joined' } } },
              },
            ],
          },
        ],
      },
    ]
  })

/** Whether a row of a stretch has a stitch of some kind. */
function hasStitch(
  piece: Piece,
  { firstRow, endRow }: { readonly firstRow: number; readonly endRow: number },
  stitches: ReadonlySet<number>,
): boolean {
  let found = false
  for (let row = firstRow; row < endRow && !found; row++)
    eachBlock(piece, row, (from, to) => {
      for (let i = from; i < to; i++) found ||= stitches.has(piece.columns.runStitch[i]!)
    })
  return found
}

/** Loops of chain: what hangs free catches small fingers. */
export const loopsCatch: Finder = ({ ledger }) => {
  const looped = new Set(
    ledger.stitches.flatMap((id, i) =>
      stitchById(id).unit === 'loop' && stitchById(id).loop ? [i] : [],
    ),
  )
  if (looped.size === 0) return []
  const parts = ledger.pieces.flatMap((piece) =>
    piece.parts
      .filter((part) => hasStitch(piece, part, looped))
      .map(({ id, name }) => ({ id, name })),
  )
  return [
    {
      code: 'loops-catch',
      severity: 'advice',
      where: { part: parts[0]!.id, round: null },
      facts: { names: [...new Set(parts.map(({ name }) => name))] },
      mends: [],
    },
  ]
}

/** Spirals whose rounds end in chains: those lead up into the next round, which so begins further along. */
export const spiralDrifts: Finder = ({ design, ledger, piece }) =>
  bandsOn(design, piece).flatMap((part) => {
    const making = makingOf(design, part)
    if (piece.worked === 'rows' || making.working !== 'spiral') return []
    const chain = ledger.stitches.indexOf('ch')
    const { firstRow, endRow } = piece.parts.find(({ id }) => id === part.id)!
    const { blockStart, blockTo, runStitch, runCount, number } = piece.columns
    for (let row = firstRow; row < endRow; row++) {
      const last = blockTo[blockStart[row + 1]! - 1]! - 1
      if (chain < 0 || runStitch[last] !== chain) continue
      return [
        {
          code: 'spiral-drifts' as const,
          severity: 'advice' as const,
          where: { part: part.id, round: number[row]! },
          facts: { name: part.name, chains: runCount[last]! },
          mends: [joinRounds(part.id, making)],
        },
      ]
    }
    return []
  })
