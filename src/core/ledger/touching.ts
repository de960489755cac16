import { type FrontPicture, NO_STITCH } from './picture.ts'

/** How often stitches of two yarns lie side by side or one above the other, as seen: by "a b", indices of yarns, the lesser first. */
export function touchesIn(fronts: readonly FrontPicture[]): Map<string, number> {
  const touches = new Map<string, number>()
  const touch = (a: number, b: number) => {
    if (a === b || a === NO_STITCH || b === NO_STITCH) return
    const key = a < b ? `${a} ${b}` : `${b} ${a}`
    touches.set(key, (touches.get(key) ?? 0) + 1)
  }
  for (const { yarns, columns } of fronts)
    for (let at = 0; at < yarns.length; at++) {
      if ((at + 1) % columns !== 0) touch(yarns[at]!, yarns[at + 1]!)
      if (at + columns < yarns.length) touch(yarns[at]!, yarns[at + columns]!)
    }
  return touches
}
