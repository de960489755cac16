import type { Place } from '../notation/index.ts'

/** Places in stretches that each begin with a loop. */
function byLoops(places: readonly Place[]): Place[][] {
  const stretches: Place[][] = []
  places.forEach((place, i) => {
    if (i === 0 || (place === 'ch' && places[i - 1] !== 'ch')) stretches.push([place])
    else stretches.at(-1)!.push(place)
  })
  return stretches
}

/** Places of two rows that lie side by side, loop by loop in turn; null where one of them is not known or has fewer loops. */
export function inTurn(
  one: readonly Place[] | null | undefined,
  other: readonly Place[] | null | undefined,
): readonly Place[] | null {
  if (!one || !other) return null
  const [a, b] = [byLoops(one), byLoops(other)]
  return a.length === b.length ? a.flatMap((stretch, i) => [...stretch, ...b[i]!]) : null
}
