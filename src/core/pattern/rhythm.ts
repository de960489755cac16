import { counted } from '../units/index.ts'

/** Most row ends that a rhythm goes over, and stitches that may stand beside it. */
const LONGEST = 10
const BESIDE = 2

/** "3 stitches to every 2 of them, and 1 more at the last": the shortest rhythm that leaves next to nothing, or about how many. */
export function rhythmWords(stitches: number, ends: number): string {
  for (let period = 1; period <= Math.min(LONGEST, ends); period++) {
    const times = Math.floor(ends / period)
    const rest = ends % period
    const each = Math.floor(stitches / times)
    const left = stitches - each * times
    const natural = (each * rest) / period
    if (each === 0 || left < natural - 1 || left > natural + BESIDE) continue
    const which = period === 1 ? 'each' : `every ${period} of them`
    const beside =
      left === 0
        ? rest > 0
          ? `, none in the last${rest > 1 ? ` ${rest}` : ''}`
          : ''
        : rest > 0
          ? `, and ${left} in the last${rest > 1 ? ` ${rest}` : ''}`
          : `, and ${left} more at the last`
    return `${counted(each, 'stitch')} ${period === 1 ? 'in' : 'to'} ${which}${beside}`
  }
  return `spread evenly: about ${Math.round((LONGEST * stitches) / Math.max(1, ends))} to every ${LONGEST} of them`
}
