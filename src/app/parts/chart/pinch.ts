import { useEventListener } from '@vueuse/core'
import type { Ref } from 'vue'

/** How two fingers have moved: their middle, where it is now, and how much further apart they are. */
export interface Pinch {
  readonly dx: number
  readonly dy: number
  readonly x: number
  readonly y: number
  readonly factor: number
}
interface Point {
  readonly x: number
  readonly y: number
}

/** What two fingers did when one of them went from a place to another and the other rested. */
export function pinchOf(from: Point, to: Point, other: Point): Pinch {
  const apart = (one: Point) => Math.max(1, Math.hypot(one.x - other.x, one.y - other.y))
  return {
    dx: (to.x - from.x) / 2,
    dy: (to.y - from.y) / 2,
    x: (to.x + other.x) / 2,
    y: (to.y + other.y) / 2,
    factor: apart(to) / apart(from),
  }
}

/** Two fingers on an element: the first one's work is given up at `begin`, then every move is told. */
export function usePinch(
  element: Ref<HTMLElement | null>,
  told: { readonly begin: () => void; readonly move: (pinch: Pinch) => void },
): void {
  const fingers = new Map<number, Point>()
  const pointOf = ({ clientX, clientY }: PointerEvent): Point => {
    const box = element.value!.getBoundingClientRect()
    return { x: clientX - box.left, y: clientY - box.top }
  }
  useEventListener(element, 'pointerdown', (event: PointerEvent) => {
    if (event.pointerType !== 'touch') return
    fingers.set(event.pointerId, pointOf(event))
    if (fingers.size === 2) told.begin()
  })
  useEventListener(element, 'pointermove', (event: PointerEvent) => {
    const from = fingers.get(event.pointerId)
    if (!from) return
    const to = pointOf(event)
    fingers.set(event.pointerId, to)
    const other = [...fingers].find(([id]) => id !== event.pointerId)
    if (fingers.size === 2 && other) told.move(pinchOf(from, to, other[1]))
  })
  useEventListener(element, ['pointerup', 'pointercancel'], ({ pointerId }: PointerEvent) =>
    fingers.delete(pointerId),
  )
}
