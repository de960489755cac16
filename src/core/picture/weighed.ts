import type { Costs } from './likeness.ts'
import type { PictureWanted } from './wanted.ts'
import type { Cells } from './raster.ts'

/** A cell that must be in another yarn costs more than a round of any. */
export const NEVER = 1e7

/** What cells cost as they are weighed, kept and mirrored. */
export function weighed(
  { width, height }: Pick<Cells, 'width' | 'height'>,
  { apart, yarns }: Costs,
  wanted: PictureWanted,
): Float64Array {
  const { weights, kept, onlyKept = [], mirrored = false } = wanted
  const own = apart.map((one, at) => {
    const cell = Math.floor(at / yarns)
    const must = kept?.[cell] ?? -1
    const isOut = must >= 0 ? must !== at % yarns : onlyKept.includes(at % yarns)
    return isOut ? NEVER : one * (weights?.[cell] ?? 1)
  })
  if (!mirrored) return own
  const both = new Float64Array(own.length)
  for (let row = 0; row < height; row++)
    for (let column = 0; column < width; column++)
      for (let yarn = 0; yarn < yarns; yarn++) {
        const [here, there] = [column, width - 1 - column].map(
          (one) => (row * width + one) * yarns + yarn,
        ) as [number, number]
        both[here] = (own[here]! + own[there]!) / 2
      }
  return both
}
