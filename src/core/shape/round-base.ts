import { evenPlaces, spreadFraction } from '../solver/index.ts'

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

/** One round of a shape, before it has stitches and colours. */
export interface ShapeRow {
  readonly kind: 'ring' | 'increase' | 'plain'
  /** Places in the round below (0 for the ring), and places left. */
  readonly uses: number
  readonly makes: number
  /** The places of the round below, counted from 0 in working order, that take two stitches. */
  readonly doubled: readonly number[]
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
  const rows: ShapeRow[] = [{ kind: 'ring', uses: 0, makes: increase, doubled: [] }]
  let now = increase
  for (let nth = 1; ; nth++) {
    if (base.plainFrom !== null && nth >= base.plainFrom)
      for (let i = 0; i < base.plainRounds; i++)
        rows.push({ kind: 'plain', uses: now, makes: now, doubled: [] })
    if (now >= count) return rows
    const add = Math.min(increase, count - now)
    rows.push({
      kind: 'increase',
      uses: now,
      makes: now + add,
      doubled:
        base.stagger === 'stacked'
          ? stackedPlaces(now, add)
          : evenPlaces(now, add, staggerPhase(nth)),
    })
    now += add
  }
}

/** The last stitch of each of the even groups. */
const stackedPlaces = (total: number, marks: number): number[] =>
  Array.from({ length: marks }, (_, i) => Math.floor(((i + 1) * total) / marks) - 1)

/** Half a share, then a quarter either way, then eighths: neighbours never share a spoke. */
const staggerPhase = (nth: number): number => spreadFraction((nth % 8) + 1) % 1
