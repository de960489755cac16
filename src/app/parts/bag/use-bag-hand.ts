import { type Ref, shallowRef } from 'vue'
import { followPointer } from '@app/parts/page/follow-pointer.ts'
import type { Hit } from '@app/round/round.ts'

/** From where a bag is looked at: turned and tilted in radians, and how near. */
export interface Looked {
  readonly turn: number
  readonly tilt: number
  readonly near: number
}

/** What the hand does to a bag, beside turning it. */
export interface BagEvents {
  point: [place: Hit | null]
  choose: [place: Hit]
  /** What was taken at a place of its own was dragged, from one place of the bag below it to another. */
  move: [taken: Hit, from: Hit, to: Hit]
}

interface Handled {
  readonly at: Ref<Looked>
  /** What lies under the hand; and where what it moves would go. */
  readonly pointed: Ref<Hit | null>
  readonly over: Ref<Hit | null>
  readonly looked: (turn: number, tilt: number, near?: number) => void
  /** The place under a point of the page, seen through a piece. */
  readonly under: (
    point: { readonly clientX: number; readonly clientY: number },
    through?: number,
  ) => Promise<Hit | null>
  readonly movable: (place: Hit) => boolean
  readonly emit: <Name extends keyof BagEvents>(name: Name, ...args: BagEvents[Name]) => void
}

const FAST = 0.008

/** Turned by dragging and by keys; a place is pointed at and chosen; what can be moved is dragged to its place. */
export function useBagHand({ at, pointed, over, looked, under, movable, emit }: Handled) {
  function drag(event: PointerEvent) {
    const from = at.value
    const { clientX, clientY } = event
    // What was taken, as soon as that is known; null where the bag is turned.
    let taken: Hit | null | undefined
    let [moved, given] = [false, false]
    let last = event
    const began = under(event).then((place) => {
      taken = place && movable(place) ? place : null
      return taken && under(event, taken.piece)
    })
    followPointer(event, event.currentTarget as Element, {
      move(to) {
        moved ||= Math.hypot(to.clientX - clientX, to.clientY - clientY) > 3
        last = to
        if (!moved || taken === undefined) return
        if (taken) void under(to, taken.piece).then((place) => (over.value = given ? null : place))
        else
          looked(
            from.turn + (to.clientX - clientX) * FAST,
            from.tilt + (to.clientY - clientY) * FAST,
          )
      },
      cancel() {
        given = true
        at.value = from
        over.value = null
      },
      async drop() {
        given = true
        over.value = null
        if (!moved) return choose(event)
        const start = await began
        const end = taken && (await under(last, taken.piece))
        if (taken && end) emit('move', taken, start ?? end, end)
      },
    })
  }
  async function choose(event: PointerEvent) {
    const place = await under(event)
    if (place) emit('choose', place)
  }
  const pointing = shallowRef(false)
  async function point(event: PointerEvent) {
    if (pointing.value || event.buttons !== 0) return
    pointing.value = true
    pointed.value = await under(event)
    emit('point', pointed.value)
    pointing.value = false
  }
  const STEP = Math.PI / 24
  const keys: Readonly<Record<string, () => void>> = {
    ArrowLeft: () => looked(at.value.turn - STEP, at.value.tilt),
    ArrowRight: () => looked(at.value.turn + STEP, at.value.tilt),
    ArrowUp: () => looked(at.value.turn, at.value.tilt + STEP),
    ArrowDown: () => looked(at.value.turn, at.value.tilt - STEP),
    '+': () => looked(at.value.turn, at.value.tilt, at.value.near * 1.2),
    '-': () => looked(at.value.turn, at.value.tilt, at.value.near / 1.2),
  }
  function key(event: KeyboardEvent) {
    const does = keys[event.key]
    if (!does || event.ctrlKey || event.metaKey) return
    event.preventDefault()
    does()
  }
  return { drag, point, key }
}
