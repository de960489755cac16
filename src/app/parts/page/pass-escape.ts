/** A list that is not open would keep Escape to itself: it is passed on to the dialog or popover the list stands in. */
export function passEscapeOn(root: Document): void {
  root.addEventListener(
    'keydown',
    (event) => {
      const { key, target } = event
      if (key !== 'Escape' || !(target instanceof Element)) return
      const around = target.closest('.el-select')?.parentElement
      if (!around || target.ariaExpanded === 'true') return
      event.stopImmediatePropagation()
      around.dispatchEvent(new KeyboardEvent('keydown', event))
    },
    { capture: true },
  )
}
