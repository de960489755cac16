/** How long a press is before it is held. */
const HOLD_MS = 450

/** What a button listens to that does one thing when it is tapped and another when it is held. */
export function useHold(tap: () => void, hold: () => void) {
  let timer: ReturnType<typeof setTimeout> | undefined
  let held = false
  const end = () => clearTimeout(timer)
  return {
    onPointerdown(event: PointerEvent) {
      if (event.button !== 0) return
      held = false
      clearTimeout(timer)
      timer = setTimeout(() => {
        held = true
        hold()
      }, HOLD_MS)
    },
    onPointerup: end,
    onPointerleave: end,
    onPointercancel: end,
    onContextmenu: (event: Event) => event.preventDefault(),
    onClick() {
      end()
      if (!held) tap()
      held = false
    },
  }
}
