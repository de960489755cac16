import type { AroundPicture, Piece } from '@core/ledger'
import { outlineOf, type PlanShape, perimeterOf, type Silhouette, silhouetteOf } from '@core/shape'
import type { Palette } from './fabric.ts'

/* A standing bag from any side: every pixel finds its row and the stitch that is there, so that a drag is drawn as it goes. */

export interface TurnedLook {
  readonly piece: Piece
  readonly around: AroundPicture
  readonly palette: Palette
  readonly plan: Parameters<typeof outlineOf>[0]
  readonly footprint: Parameters<typeof outlineOf>[1]
  /** Where the middle of the front lies in each row, from the left as it is seen on its right side. */
  readonly front: (row: number) => number
}

/** How dark a side is that turns away, and the shade between stitches. */
const AWAY = 0.62
const BETWEEN = 0.8
/** Stitches smaller than this, in pixels, are too small to be seen. */
const SEEN_FROM = 3.2

/** The rows that stand: above the base. */
export const standingFrom = ({ columns, rows }: Piece): number => {
  const first = columns.heightMm.findIndex((mm) => mm > 0)
  return first < 0 ? rows : first
}

/** An outline of a row so long around: the footprint, larger or smaller. */
const scaled = (plan: PlanShape, by: number): PlanShape => ({
  length: plan.length * by,
  width: plan.width * by,
  corner: plan.corner * by,
})

/** Draws it turned by so many radians, `scale` pixels a mm, its middle in the middle, its foot at the lower edge. */
export function paintTurned(
  look: TurnedLook,
  turn: number,
  scale: number,
  { width, height, data }: Pick<ImageData, 'width' | 'height' | 'data'>,
): void {
  const pixels = new Uint32Array(data.buffer)
  pixels.fill(0)
  const { piece, around, palette } = look
  const { alongMm, makes, widthMm } = piece.columns
  const first = standingFrom(piece)
  if (first >= piece.rows) return
  const base = outlineOf(look.plan, look.footprint)
  const foot = first > 0 ? alongMm[first - 1]! : 0
  const known = new Map<number, Silhouette>()
  let row = first
  for (let line = height - 1; line >= 0; line--) {
    const mm = (height - line - 0.5) / scale + foot
    while (row < piece.rows && alongMm[row]! <= mm) row++
    if (row >= piece.rows) return
    const places = Math.max(1, Math.round(scale * wideOf(base, widthMm[row]!, turn, known)))
    const { share, facing } = known.get(widthMm[row]!)!
    const below = row > 0 ? alongMm[row - 1]! : 0
    const up = (mm - below) / (alongMm[row]! - below)
    const count = makes[row]!
    const start = around.rowStart[row]!
    const front = look.front(row)
    const large = (widthMm[row]! / count) * scale >= SEEN_FROM
    const left = Math.round((width - places) / 2)
    for (let x = 0; x < places; x++) {
      const px = left + x
      if (px < 0 || px >= width) continue
      const at = Math.min(share.length - 1, Math.floor(((x + 0.5) / places) * share.length))
      const along = front + (share[at]! - 0.5) * count
      const stitch = ((Math.floor(along) % count) + count) % count
      let bright = AWAY + (1 - AWAY) * facing[at]!
      if (large) bright *= legsAt(along - Math.floor(along), up)
      pixels[line * width + px] = shaded(palette[around.yarns[start + stitch]!]!, bright)
    }
  }
}

const PLACES = 1200
/** How wide an outline so long around is seen, in mm. */
function wideOf(base: PlanShape, aroundMm: number, turn: number, known: Map<number, Silhouette>) {
  const seen = known.get(aroundMm)
  if (seen) return seen.width
  const silhouette = silhouetteOf(scaled(base, aroundMm / perimeterOf(base)), turn, PLACES)
  known.set(aroundMm, silhouette)
  return silhouette.width
}

/** How bright a place of a stitch is: the legs of its V catch the light. */
function legsAt(across: number, up: number): number {
  const leg = 0.34 * up
  const far = Math.min(Math.abs(across - 0.5 - leg), Math.abs(across - 0.5 + leg))
  return far < 0.17 ? 1 : BETWEEN
}

function shaded(packed: number, by: number): number {
  const [r, g, b] = [packed & 255, (packed >> 8) & 255, (packed >> 16) & 255]
  return 0xff000000 | ((b * by) << 16) | ((g * by) << 8) | (r * by)
}
