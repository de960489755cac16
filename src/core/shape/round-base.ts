import { evenPlaces, spreadFraction } from '../solver/index.ts'
import { doubled, plainRow, type ShapeRow } from './shape-row.ts'

/** What she decides about a round base. */
export interface RoundBase {
  /** Stitches in round 1, and added in each increase round after it. */
  readonly increase: number
  /** Stitches in the last round; the last increase round takes what is left over. */
  readonly count: number
  readonly stagger: 'staggered' | 'stacked'
  /** From the increase round that comes so many-th on, each is followed by plain rounds; null for none. */
  readonly plainFrom: number | null
  readonly plainRounds: number
}

/**
 * The rounds of a round base: n_r = k·r, the last increase round topped up to the wanted count.
 * Stacked increases close each group, so that they make spokes; staggered ones are shifted from round to round.
 * @throws RangeError when the count is below the first round or a number is not whole
 */
export function roundBaseRows(base: RoundBase): ShapeRow[] {
  const { increase, count } = base
  if (!Number.isInteger(increase) || !Number.isInteger(count) || increase < 3 || count < increase)
    throw new RangeError(`no round base of ${count} stitches with ${increase} a round`)
  const rows: ShapeRow[] = [{ kind: 'ring', uses: 0, makes: increase, marks: [] }]
  let now = increase
  for (let nth = 1; ; nth++) {
    if (base.plainFrom !== null && nth >= base.plainFrom)
      for (let i = 0; i < base.plainRounds; i++) rows.push(plainRow(now))
    if (now >= count) return rows
    const add = Math.min(increase, count - now)
    const places =
      base.stagger === 'stacked' ? stackedPlaces(now, add) : evenPlaces(now, add, staggerPhase(nth))
    rows.push({ kind: 'increase', uses: now, makes: now + add, marks: doubled(places) })
    now += add
  }
}

/** The last stitch of each of the even groups. */
const stackedPlaces = (total: number, marks: number): number[] =>
  Array.from({ length: marks }, (_, i) => Math.floor(((i + 1) * total) / marks) - 1)

/** Half a share, then a quarter either way, then eighths: neighbours never share a spoke. */
export const staggerPhase = (nth: number): number => spreadFraction((nth % 8) + 1) % 1
