import { type WrittenPart, bands } from '../band/index.ts'
import type { NewBand } from '../design/index.ts'
import { type Handles, maybeHandles } from '../fitting/index.ts'
import { maybeMiddlesCounted, type Piece } from '../ledger/index.ts'
import { abbrOf, defaultWords, stitchById } from '../stitch/index.ts'

/** What handles in the edge are chosen by. */
export interface EdgeHandles {
  readonly gap: number
  readonly chain: number
  /** Rounds over them: the first of them goes into each chain. */
  readonly over: number
}

/** Where the middle of a side lies after the start of the round above a row: a half is on a stitch. It begins where that row did. */
function startOn(piece: Piece, row: number): number {
  const count = piece.columns.makes[row]!
  const middles = maybeMiddlesCounted(piece, row)
  if (!middles) return 0
  // The handles face one another, so that either side will do: the one that lies nearest to the start.
  const side = middles.front - count / 4
  const half = count / 2
  const near = ((((side + half / 2) % half) + half) % half) - half / 2
  return Math.round(2 * near) / 2
}

/** Two handles on what a row leaves, centred on front and back; null where they do not fit. */
export const maybeEdgeHandles = (
  piece: Piece,
  row: number,
  over: Partial<Pick<EdgeHandles, 'gap' | 'chain'>> = {},
): Handles | null =>
  maybeHandles({ count: piece.columns.makes[row]!, start: startOn(piece, row), ...over })

/** A band of handles chained in the edge, and rounds over stitches and chains. */
export function handlesBand(
  handles: Handles,
  {
    stitch,
    letter,
    over,
  }: { readonly stitch: string; readonly letter: string; readonly over: number },
): NewBand {
  const { a, gap, between, gap2, b, chain, next } = handles
  const st = abbrOf(stitchById(stitch), defaultWords)
  const run = (id: string, count: number) => ({ stitch: id, yarn: letter, count })
  const worked = (count: number) => (count > 0 ? [run(stitch, count)] : [])
  const said = (count: number) => (count > 0 ? [`${st} in next ${count} sts`] : [])
  const handle = (stitches: number) => [run('ch', chain), run('skip', stitches)]
  const row = { repeat: null, from: null, down: [] }
  const rows: WrittenPart['rows'] = [
    {
      ...row,
      text: [
        ...said(a),
        `ch ${chain}, sk ${gap} sts`,
        ...said(between),
        `ch ${chain}, sk ${gap2} sts`,
        ...said(b),
      ].join(', '),
      runs: [...worked(a), ...handle(gap), ...worked(between), ...handle(gap2), ...worked(b)],
    },
    ...Array.from({ length: over }, (_, i) => ({
      ...row,
      text: `${st} in each st${i === 0 ? ' and ch' : ''} around`,
      runs: [run(stitch, next)],
    })),
  ]
  const begun = bands.written.begin({ stitch, letters: [letter], count: next, abbr: st })
  return { ...begun, name: 'Handles', rows } as NewBand
}
