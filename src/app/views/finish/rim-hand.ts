/*
 * The hand on the rim: a mark is taken and moved along it, with the pointer or by keys, and let go or given up. A state machine that knows
 * no browser: places are stitches from where the round begins.
 */

/** Nothing is held; or a mark is, taken at a place and now at another. */
export type RimState =
  | { readonly kind: 'idle' }
  | { readonly kind: 'held'; readonly key: string; readonly from: number; readonly at: number }

export type RimEvent =
  | { readonly kind: 'take'; readonly key: string; readonly at: number }
  | { readonly kind: 'move'; readonly at: number }
  | { readonly kind: 'drop' }
  | { readonly kind: 'give-up' }
  /** By keys: so many stitches further on, at once. */
  | { readonly kind: 'step'; readonly key: string; readonly at: number; readonly by: number }

/** A mark at a place. */
export interface RimMove {
  readonly key: string
  readonly at: number
}

export interface RimAnswer {
  readonly state: RimState
  /** What would come of it, shown and not done; null takes that away. Undefined: as it is. */
  readonly shows?: RimMove | null
  readonly does?: RimMove
}

export const IDLE: RimState = { kind: 'idle' }
/** Nearer than this to where it was taken it has not been moved. */
const STILL = 0.5

export function rimStep(state: RimState, event: RimEvent): RimAnswer {
  switch (event.kind) {
    case 'take':
      return { state: { kind: 'held', key: event.key, from: event.at, at: event.at } }
    case 'step':
      // A key that is pressed while something is held moves what is held.
      return state.kind === 'held'
        ? rimStep(state, { kind: 'move', at: state.at + event.by })
        : { state, does: { key: event.key, at: event.at + event.by } }
    case 'move': {
      if (state.kind === 'idle') return { state }
      const at = Math.round(event.at)
      if (at === Math.round(state.at)) return { state }
      return { state: { ...state, at }, shows: { key: state.key, at } }
    }
    case 'drop': {
      if (state.kind === 'idle') return { state }
      const moved = Math.abs(state.at - state.from) >= STILL
      return {
        ...{ state: IDLE, shows: null },
        ...(moved ? { does: { key: state.key, at: state.at } } : {}),
      }
    }
    case 'give-up':
      return { state: IDLE, shows: null }
  }
}

/** Where on a strip a place lies, as a share from the left: the right hand works to the left. */
export const shareOf = (at: number, count: number, hand: 'right' | 'left'): number => {
  const share = at / Math.max(1, count)
  return hand === 'right' ? 1 - share : share
}
/** The place at a share of the strip. */
export const placeOf = (share: number, count: number, hand: 'right' | 'left'): number =>
  (hand === 'right' ? 1 - share : share) * count
