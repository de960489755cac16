import { converter } from 'culori'
import { showsThrough } from './contrast.ts'
import { difference } from './difference.ts'

/* Other colours for the yarns of a bag, ranked by how well those that touch tell apart, and how little what is carried shows through. */

/** What of the yarns meets, by their places in a list. */
export interface Meetings {
  /** Stitches of two that lie beside or above one another. */
  readonly touch: readonly { readonly a: number; readonly b: number; readonly count: number }[]
  /** Stitches of one inside which another is carried. */
  readonly inside: readonly {
    readonly over: number
    readonly carried: number
    readonly count: number
  }[]
}

/** How colours do where they meet. */
export interface ColourFigures {
  /** The two that touch and look least unlike (CIEDE2000), and all that touch on the average. */
  readonly least: number
  readonly apart: number
  /** How far those that touch are apart in lightness (CIE L*), on the average. */
  readonly light: number
  /** The share of stitches with a strand inside through which it may show. */
  readonly shows: number
}

/** Beyond so far apart more is no better. */
const ENOUGH = 40
/** Two that meet in a smaller share than this of all meetings do not count as the least unlike. */
const SELDOM = 0.02

const lab = converter('lab')
const lightnesses = new Map<string, number>()
function lightness(colour: string): number {
  const known = lightnesses.get(colour) ?? lab(colour)!.l
  lightnesses.set(colour, known)
  return known
}
const differences = new Map<string, number>()
function apartBy(a: string, b: string): number {
  const key = a < b ? `${a}${b}` : `${b}${a}`
  const known = differences.get(key) ?? difference(a, b)
  differences.set(key, known)
  return known
}

export function figuresOf(colours: readonly string[], { touch, inside }: Meetings): ColourFigures {
  const all = touch.reduce((sum, { count }) => sum + count, 0)
  let [least, apart, light] = [Infinity, 0, 0]
  for (const { a, b, count } of touch) {
    const is = apartBy(colours[a]!, colours[b]!)
    if (count >= SELDOM * all) least = Math.min(least, is)
    apart += (count * Math.min(is, ENOUGH)) / all
    light +=
      (count * Math.min(Math.abs(lightness(colours[a]!) - lightness(colours[b]!)), ENOUGH)) / all
  }
  const strands = inside.reduce((sum, { count }) => sum + count, 0)
  const showing = inside.reduce(
    (sum, { over, carried, count }) =>
      showsThrough(colours[carried]!, colours[over]!) ? sum + count : sum,
    0,
  )
  return {
    least: Number.isFinite(least) ? least : 0,
    ...{ apart, light, shows: strands > 0 ? showing / strands : 0 },
  }
}

/** What colours are ranked by: the least unlike that touch, the average, lightness by half; less what shows through. */
const rankOf = ({ least, apart, light, shows }: ColourFigures): number =>
  Math.min(least, ENOUGH) + apart + light / 2 - ENOUGH * shows

export interface Recolouring<C> {
  /** For each yarn one of the candidates; null keeps its colour. */
  readonly of: readonly (C | null)[]
  readonly figures: ColourFigures
}

/** So many beginnings are followed at once, where all cannot be. */
const BEAM = 240
/** Of one set of colours no more orders than these; and of one colour for the yarn that meets most. */
const ORDERS = 2
const ALIKE = 2

/**
 * Other colours for yarns, the best first: each of the candidates for one yarn at most. All ways are looked at where they are few; else the
 * best beginnings are followed, the yarns that meet most first.
 * @param now colours of the yarns; `keep`: those that stay, by their places
 */
export function recolourings<C extends { readonly colour: string }>(
  now: readonly string[],
  candidates: readonly C[],
  meetings: Meetings,
  { keep, most }: { readonly keep: ReadonlySet<number>; readonly most: number },
): Recolouring<C>[] {
  const weight = now.map((_, i) =>
    meetings.touch.reduce((sum, { a, b, count }) => (a === i || b === i ? sum + count : sum), 0),
  )
  const free = now
    .map((_, i) => i)
    .filter((i) => !keep.has(i))
    .sort((a, b) => weight[b]! - weight[a]!)
  let ways: { readonly of: readonly (C | null)[]; readonly rank: number }[] = [
    { of: now.map(() => null), rank: 0 },
  ]
  const done = new Set(keep)
  for (const yarn of free) {
    done.add(yarn)
    const known: Meetings = {
      touch: meetings.touch.filter(({ a, b }) => done.has(a) && done.has(b)),
      inside: meetings.inside.filter(({ over, carried }) => done.has(over) && done.has(carried)),
    }
    ways = ways
      .flatMap(({ of }) =>
        candidates
          .filter((one) => !of.includes(one) && one.colour !== now[yarn])
          .map((one) => {
            const next = of.with(yarn, one)
            return { of: next, rank: rankOf(figuresOf(coloursIn(now, next), known)) }
          }),
      )
      .sort((a, b) => b.rank - a.rank)
    ways = few(ways, ({ of }) => of[free[0]!]!.colour, Math.ceil(BEAM / candidates.length)).slice(
      0,
      BEAM,
    )
  }
  if (free.length === 0) return []
  const unlike = few(
    few(ways, ({ of }) => coloursIn(now, of).sort().join(), ORDERS),
    ({ of }) => of[free[0]!]!.colour,
    ALIKE,
  )
  return unlike
    .slice(0, most)
    .map(({ of }) => ({ of, figures: figuresOf(coloursIn(now, of), meetings) }))
}

/** Of a list no more than so many that have the same key. */
function few<T>(list: readonly T[], keyOf: (one: T) => string, most: number): T[] {
  const seen = new Map<string, number>()
  return list.filter((one) => {
    const key = keyOf(one)
    seen.set(key, (seen.get(key) ?? 0) + 1)
    return seen.get(key)! <= most
  })
}

const coloursIn = <C extends { readonly colour: string }>(
  now: readonly string[],
  of: readonly (C | null)[],
): string[] => now.map((colour, i) => of[i]?.colour ?? colour)
