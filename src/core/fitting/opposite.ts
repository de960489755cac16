import type { Spot, SpotBy } from '../part/index.ts'

const across: Readonly<Partial<Record<SpotBy, SpotBy>>> = {
  front: 'back',
  back: 'front',
  side: 'other-side',
  'other-side': 'side',
}

/**
 * The spot that faces another: on the back what is on the front. Going on around the bag, what lies after the middle of the front lies after that
 * of the back too, so that two that stand on either side of one middle face two on either side of the other. Null for a spot that is counted, of which
 * none is known to face it.
 */
export function maybeOpposite(spot: Spot): Spot | null {
  const by = across[spot.by]
  return by ? { ...spot, by } : null
}
