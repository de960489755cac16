import type { Making } from '../section/index.ts'
import { stitchById, type Stitch } from '../stitch/index.ts'
import { type Ledger, type Piece, runsOfRow, starts } from './ledger.ts'

/** The chain a piece is begun in. */
export interface Foundation {
  readonly chains: number
  /** Chains skipped before the first stitch: the turning chain. In a ring of chain there is none. */
  readonly skipped: number
}

/** The ground stitch of a row. */
export const groundOfRow = (ledger: Ledger, piece: Piece, row: number): Stitch =>
  stitchById(stitchById(runsOfRow(ledger, piece, row)[0]!.stitch).of)

/**
 * The chain a piece is begun in; null when it is begun in a ring or on another piece. For n stitches in rows it is n and the
 * turning chain (sc 1, hdc 2, dc 3, tr 4: Craft Yarn Council), one fewer where the turning chain counts as a stitch; a ring of
 * chain keeps its count.
 */
export function maybeFoundation(ledger: Ledger, piece: Piece): Foundation | null {
  const start = starts[piece.columns.start[0]!]!
  if (start !== 'chain-ring' && start !== 'across' && start !== 'foundation') return null
  // A first row may add stitches, or take some away: its chain is what it is worked into.
  const into = runsOfRow(ledger, piece, 0).reduce(
    (sum, { stitch, count }) => sum + count * stitchById(stitch).uses,
    0,
  )
  if (start === 'chain-ring') return { chains: into, skipped: 0 }
  const skipped = groundOfRow(ledger, piece, 0).turningChains
  if (start === 'foundation')
    return { chains: runsOfRow(ledger, piece, 0)[0]!.count + 1 + skipped, skipped }
  return { chains: into + skipped - (startCounts(ledger, piece, 0) ? 1 : 0), skipped }
}

/** Whether what a row starts with counts as its first stitch: the chain of a single crochet never does. */
export function startCounts(ledger: Ledger, piece: Piece, row: number): boolean {
  const { making } = piece.parts[piece.columns.part[row]!]!
  return startIsStitch(making, groundOfRow(ledger, piece, row), piece.worked)
}

/** Whether a start of this school is a stitch, in a ground stitch. */
export const startIsStitch = (
  { start, chainCounts }: Making,
  ground: Stitch,
  worked: Piece['worked'],
): boolean =>
  worked === 'rows' || start === 'chain' ? chainCounts && ground.turningChains > 1 : true
