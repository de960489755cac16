/** What a drag does: on the way, when it is let go, and when it is given up. */
export interface Drag {
  readonly move: (event: PointerEvent) => void
  readonly drop?: () => void
  /** Escape was pressed, or the pointer was lost to the system: nothing of it stays. */
  readonly cancel?: () => void
}

/** Follows a pointer from its press until it is lifted. Every drag of the program is this one. */
export function followPointer(event: PointerEvent, element: Element, drag: Drag): void {
  const target = element as HTMLElement
  let over = false
  // Another finger beside it is none of its business.
  const same = ({ pointerId }: PointerEvent) => pointerId === event.pointerId
  const move = (moved: PointerEvent) => same(moved) && drag.move(moved)
  const end = (how: (() => void) | undefined) => (ended?: PointerEvent) => {
    if (over || (ended && !same(ended))) return
    over = true
    target.removeEventListener('pointermove', move)
    target.removeEventListener('pointerup', drop)
    target.removeEventListener('pointercancel', cancel)
    target.removeEventListener('lostpointercapture', cancel)
    window.removeEventListener('keydown', key, true)
    how?.()
  }
  const drop = end(drag.drop)
  const cancel = end(drag.cancel)
  const key = (pressed: KeyboardEvent) => {
    if (pressed.key !== 'Escape') return
    pressed.stopPropagation()
    cancel()
  }
  try {
    target.setPointerCapture(event.pointerId)
  } catch {
    // A pointer that is gone already is not followed.
  }
  target.addEventListener('pointermove', move)
  target.addEventListener('pointerup', drop)
  target.addEventListener('pointercancel', cancel)
  target.addEventListener('lostpointercapture', cancel)
  window.addEventListener('keydown', key, true)
}
