import { useEventListener, useMutationObserver } from '@vueuse/core'
import type { Ref } from 'vue'

/** A toolbar is one stop of Tab: arrows go from one of its tools to the next, as do Home and End. */
export function useRoving(root: Readonly<Ref<HTMLElement | null>>): void {
  const all = () => [...(root.value?.querySelectorAll<HTMLElement>('button:not(:disabled)') ?? [])]
  function stopAt(wanted: Element | null | undefined): void {
    const tools = all()
    const stop = tools.find((one) => one === wanted) ?? tools[0]
    for (const one of tools) one.tabIndex = one === stop ? 0 : -1
  }
  const pressed = () => root.value?.querySelector('[aria-pressed=true]')
  const settle = () => {
    const inside = root.value?.contains(document.activeElement)
    stopAt(inside ? document.activeElement : pressed())
  }
  useMutationObserver(root, settle, {
    childList: true,
    subtree: true,
    attributeFilter: ['aria-pressed'],
  })
  useEventListener(root, 'focusin', ({ target }: FocusEvent) => stopAt(target as HTMLElement))
  useEventListener(root, 'keydown', (event: KeyboardEvent) => {
    const tools = all()
    const at = tools.indexOf(event.target as HTMLElement)
    const to = {
      ...{ ArrowDown: at + 1, ArrowRight: at + 1, ArrowUp: at - 1, ArrowLeft: at - 1 },
      ...{ Home: 0, End: tools.length - 1 },
    }[event.key]
    if (at < 0 || to === undefined) return
    event.preventDefault()
    event.stopPropagation()
    tools[(to + tools.length) % tools.length]?.focus()
  })
  requestAnimationFrame(settle)
}
