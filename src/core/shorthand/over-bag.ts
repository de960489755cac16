import type { CountedRow } from '../band/index.ts'
import { type Design, type DesignPiece, maybeBaseOf, pieceOfPart } from '../design/index.ts'
import { compile, type Piece } from '../ledger/index.ts'
import { lineLabel, writtenPattern } from '../pattern/index.ts'
import { historyOf, projectOf, tryCommit } from '../project/index.ts'
import { defaultWords } from '../stitch/index.ts'
import type { Result } from '../units/index.ts'
import { countedRows, type RowYarns, type StandsOn } from './written-rows.ts'

/*
 * Rows that are written for a bag are counted over what really lies below them there: the bag's own words up to them are read first, so
 * that they find its chain spaces, its gaps, its loops and posts, whatever band made them.
 */

/** The bag as far as it lies below a part. */
function upTo(design: Design, piece: DesignPiece, id: string): Design {
  const parts = piece.parts.slice(
    0,
    piece.parts.findIndex((part) => part.id === id),
  )
  const below = { ...piece, parts, blocks: [], joins: [] }
  return {
    ...design,
    ...{ items: [], ways: [] },
    pieces: design.pieces.map((one) => (one.id === piece.id ? below : { ...one, joins: [] })),
  }
}

/** What lies below a part in words; null where nothing does: it begins in the chain. */
function standsOn(design: Design, id: string): (StandsOn & { readonly piece: Piece }) | null {
  const of = pieceOfPart(design, id)
  const base = maybeBaseOf(of)
  const [first, second] = of.parts
  if (base && 'begins' in base && base.begins === 'bands' && (second ?? first)!.id === id)
    return null
  const ledger = compile(upTo(design, of, id))
  const piece = ledger.pieces.find((one) => one.id === of.id)
  const written = writtenPattern(ledger, defaultWords).find((one) => one.id === of.id)
  if (!piece || !written || piece.rows === 0) return null
  const text = written.sections
    .flatMap(({ name, intro, lines }) => [
      name,
      intro,
      ...lines.flatMap((line) => [
        ...(line.note ? [line.note] : []),
        `${lineLabel(line)}: ${line.text} (${line.total})`,
      ]),
    ])
    .join('\n')
  return { text, rows: piece.rows, piece }
}

/** The bag with its piece on so many more stitches; null where it cannot be. */
function widened(design: Design, id: string, by: number): Design | null {
  if (by === 0) return design
  const { id: piece, parts } = pieceOfPart(design, id)
  const [base] = parts
  if (!base || !('count' in base)) return null
  const tried = tryCommit(historyOf(projectOf(design)), {
    name: 'setBase',
    args: { piece, values: { count: base.count + by } },
  })
  return tried.ok ? tried.value.design : null
}

/** Stitches of the base by which it is widened at most, to find a count of what lies below. */
const MOST_WIDER = 12

/** Rows in shorthand as the rows of a band, counted over what lies below it on the bag; refused in words when they do not add up. */
export function countedOverBag(
  design: Design,
  id: string,
  texts: readonly string[],
  yarns: RowYarns,
): Result<readonly CountedRow[]> | null {
  const here = standsOn(design, id)
  if (!here) return null
  const { worked, columns, rows } = here.piece
  const count = columns.makes[rows - 1]!
  const below = (on: number): StandsOn | null => {
    if (on === count) return here
    // What lies below may leave fewer places than it takes, such as loops over several stitches.
    const way = Math.sign(on - count)
    const tries = [on - count, ...Array.from({ length: MOST_WIDER }, (_, i) => way * (i + 1))]
    for (const by of new Set(tries)) {
      const other = widened(design, id, by)
      const there = other && standsOn(other, id)
      if (there && there.piece.columns.makes[there.piece.rows - 1] === on) return there
    }
    return null
  }
  return countedRows(texts, count, worked, yarns, { below })
}
