import { starts } from '../program/index.ts'
import type { Making } from '../part/index.ts'
import { stitchById, type Stitch } from '../stitch/index.ts'
import {
  eachBlock,
  endRuns,
  type Ledger,
  type LedgerRun,
  partOfRow,
  type Piece,
  runsOfRow,
} from './ledger.ts'

/** The chain a piece is begun in. */
export interface Foundation {
  readonly chains: number
  /** Chains skipped before the first stitch: the turning chain. In a ring of chain there is none. */
  readonly skipped: number
}

/** The ground stitch of a row. What stands out on a ground is painted on it: the part's own stitch begins such rows. */
export function groundOfRow(ledger: Ledger, piece: Piece, row: number): Stitch {
  const first = stitchById(firstWorked(runsOfRow(ledger, piece, row)).stitch)
  const { gauge, texts } = piece.parts[piece.columns.part[row]!]!
  return stitchById(
    first.family === 'raised' && texts === null ? stitchById(gauge.stitch).of : first.of,
  )
}

/** The first run that is worked: places passed over are in no stitch. */
const firstWorked = (runs: readonly LedgerRun[]): LedgerRun =>
  runs.find(({ stitch }) => stitch !== 'skip' && stitch !== 'ch') ?? runs[0]!

/** Whether a row is worked over chains of the one below. */
export function chainsBelow(ledger: Ledger, piece: Piece, row: number): boolean {
  const chain = ledger.stitches.indexOf('ch')
  let found = false
  if (row > 0 && chain >= 0)
    eachBlock(piece, row - 1, (from, to) => {
      for (let i = from; i < to; i++) found ||= piece.columns.runStitch[i] === chain
    })
  return found
}

/** The chain that a row as it was written begins with: how long it is, whether it is a stitch, and what comes after it. */
export interface OwnChain {
  readonly chains: number
  /** What it counts as, in the row's own words; null where it says nothing, or that it does not. */
  readonly as: string | null
  readonly counted: boolean
  readonly rest: string
}
/** A chain of three and more is a stitch where nothing is said (common practice). */
export function maybeOwnChain(text: string): OwnChain | null {
  const [all, chains, said] =
    /^\s*ch (\d+)(?: [A-Z])?(?: (\([^)]*\)))?, (?:turn, )?/i.exec(text) ?? []
  if (all === undefined) return null
  const counted = said ? /\bcounts?\b/.test(said) && !/\bnot\b/.test(said) : Number(chains) >= 3
  const as = /\bcounts? as (.+)\)$/.exec(said ?? '')?.[1] ?? null
  return { chains: Number(chains), counted, as, rest: text.slice(all.length) }
}

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
  const own = firstChain(piece)
  if (start === 'across' && own)
    return { chains: into + own.chains - (own.counted ? 1 : 0), skipped: own.chains }
  const skipped = startingChainOf(ledger, piece, 0)
  // Around a chain those skipped stand up beside the first stitch, in its chain, whether or not they count.
  if (start === 'foundation')
    return { chains: aroundChain(runsOfRow(ledger, piece, 0)).along + skipped, skipped }
  return { chains: into + skipped - (startCounts(ledger, piece, 0) ? 1 : 0), skipped }
}

/** The chain that a first row as it was written begins with; null where it says none, or is no such row. */
function firstChain(piece: Piece): OwnChain | null {
  const { texts, firstRow } = piece.parts[piece.columns.part[0]!]!
  const text = texts?.[-firstRow]
  return text === undefined ? null : maybeOwnChain(text)
}

/** The yarn a row begins or ends in, as an index into the ledger's. */
export const yarnAt = (piece: Piece, row: number, end: 'first' | 'last'): number =>
  piece.columns.runYarn[endRuns(piece, row)[end]]!

/** Whether a row begins in another yarn than the one below ended in. */
export const changesInto = (piece: Piece, row: number): boolean =>
  row > 0 && yarnAt(piece, row, 'first') !== yarnAt(piece, row - 1, 'last')

/** The one yarn of a row; null when it has several. */
export function onlyYarn(piece: Piece, row: number): number | null {
  const { runYarn } = piece.columns
  const first = yarnAt(piece, row, 'first')
  let only = true
  eachBlock(piece, row, (from, to) => {
    for (let i = from; i < to; i++) only &&= runYarn[i] === first
  })
  return only ? first : null
}

/**
 * What a row begins with. A standing stitch needs a yarn that is joined anew, and nothing is stacked that is no taller than one
 * chain; where a school cannot be followed the next one down is.
 */
export function startOfRow(ledger: Ledger, piece: Piece, row: number): Making['start'] {
  const { making } = piece.parts[piece.columns.part[row]!]!
  if (making.start === 'chain') return 'chain'
  // A first row in a chain begins with that chain.
  if (row === 0 && piece.worked === 'rows') return 'chain'
  const isFresh =
    row === 0 || changesInto(piece, row) || starts[piece.columns.start[row]!] === 'afresh'
  if (making.start === 'standing' && isFresh) return 'standing'
  return groundOfRow(ledger, piece, row).turningChains > 1 ? 'stacked' : 'chain'
}

/** Round 1 around a chain, end by end. */
export interface AroundChain {
  /** Stitches along one side. */
  readonly along: number
  /** In the first chain, in the last, and in the first again; 0 where nothing is left for it. */
  readonly first: number
  readonly end: number
  readonly last: number
}

/** Reads round 1 around a chain: its units are both sides of the chain, the chain it begins in once more where it ends there. */
export function aroundChain(runs: readonly LedgerRun[]): AroundChain {
  const units = runs.flatMap(({ stitch, count }) =>
    new Array<number>(count).fill(stitchById(stitch).makes),
  )
  const along = Math.floor(units.length / 2) + 1
  return {
    along,
    first: units[0]!,
    end: units[along - 1]!,
    last: units[2 * along - 2] ?? 0,
  }
}

/** Whether what a row starts with counts as its first stitch. */
export function startCounts(ledger: Ledger, piece: Piece, row: number): boolean {
  if (startOfRow(ledger, piece, row) !== 'chain') return true
  const { making } = piece.parts[piece.columns.part[row]!]!
  return chainCounts(making, groundOfRow(ledger, piece, row))
}

/** Whether the starting chain of a stitch counts as one, by a school. */
export const chainCounts = (
  { chainCounts: tall, oneCounts }: Making,
  { turningChains }: Stitch,
): boolean => (turningChains > 1 ? tall : oneCounts)

/** Chains a stitch is brought up by at the start of a row, by a school. */
export const chainsFor = ({ shortChain }: Making, { turningChains }: Stitch): number =>
  shortChain && turningChains > 1 ? turningChains - 1 : turningChains

/** Chains a row is brought up by at its start. */
export const startingChainOf = (ledger: Ledger, piece: Piece, row: number): number =>
  chainsFor(partOfRow(piece, row).making, groundOfRow(ledger, piece, row))

/** Whether rows of a school begin on the stitch of the join: with a start that is a stitch, or is worked where one would be. */
export const startIsStitch = (making: Making, ground: Stitch): boolean =>
  making.start === 'chain' ? chainCounts(making, ground) : true
