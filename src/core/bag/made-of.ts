import { bandOf, isBandOf } from '../band/index.ts'
import { bandsIn, BODY, type Design, isBase } from '../design/index.ts'
import type { Ledger } from '../ledger/index.ts'
import { madeIn, type Project } from '../project/index.ts'

/** What a bag is made of, in few words: its techniques, textures by their names, and the pieces and things that are hers; "tapestry, stripes, strap". */
export function madeOf(design: Design): string[] {
  const words = design.pieces.flatMap((piece) => {
    const own = piece.id !== BODY && piece.parts.some(isBase) ? [piece.name ?? ''] : []
    const bands = bandsIn(piece).map((band) => {
      if (isBandOf('texture', band)) return band.name
      return isBandOf('plain', band) ? '' : bandOf(band).title.replace(' …', '')
    })
    return [...bands, ...(piece.id === BODY ? [] : own)]
  })
  const items = design.items.map(({ name }) => name)
  const all = [...new Set([...words, ...items].map((word) => word.toLowerCase()))].filter(Boolean)
  return all.length > 0 ? all : ['plain']
}

/** How far a bag is made: rows of all copies that the log has, of those there are. */
export function howFar(
  log: Project['log'],
  { pieces }: Ledger,
): { readonly made: number; readonly rows: number } {
  const rows = pieces.reduce((sum, piece) => sum + piece.rows * piece.times, 0)
  const noted = new Set(madeIn(log).map(({ piece, copy, row }) => `${piece} ${copy} ${row}`))
  return { made: Math.min(rows, noted.size), rows }
}
