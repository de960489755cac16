import { useEventListener } from '@vueuse/core'
import type { Ref } from 'vue'
import type { Ink } from '@app/parts/chart/ink.ts'
import { type BrushSize, brushSizes, type Tool, tools } from '@app/parts/chart/tools.ts'
import { nextView, type SeenAs } from '@app/parts/chart/views.ts'
import { useOffers } from '@app/parts/page/offers.ts'

const FIELDS =
  'input:not([type=radio], [type=checkbox]), textarea, select, [role=combobox], [role=dialog]'
/** Whether what is pressed goes into a field. */
export const isTyping = ({ target }: Event): boolean =>
  target instanceof Element && target.closest(FIELDS) !== null

interface Keyed {
  readonly view: Ref<SeenAs>
  readonly all: Ref<readonly SeenAs[]>
  readonly tool: Ref<Tool>
  readonly size: Ref<BrushSize>
  readonly palette: Ref<readonly Ink[]>
  readonly letter: Ref<string>
  /** Whether it is painted on. */
  readonly paints: Readonly<Ref<boolean>>
  readonly openMotifs: () => void
}

/** Tools, views, brushes and yarns by their keys, and by their names. */
export function useChartKeys(keyed: Keyed) {
  const { view, all, tool, size, palette, letter, openMotifs } = keyed
  useOffers(() => [
    ...all.value.map((one) => ({ title: `See: ${one.title}`, run: () => void (view.value = one) })),
    ...(keyed.paints.value
      ? [
          ...tools.map((one) => ({
            ...{ title: one.title, keys: one.key.toUpperCase() },
            run: () => void (tool.value = one),
          })),
          ...palette.value.map((one, at) => ({
            ...{ title: `Paint with ${one.name}`, keys: at < 9 ? String(at + 1) : '' },
            run: () => void (letter.value = one.letter),
          })),
          { title: 'Motifs and letters', keys: 'T', run: openMotifs },
        ]
      : []),
  ])
  useEventListener('keydown', (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event)) return
    if (event.key.toLowerCase() === 'v')
      view.value = nextView(view.value, event.shiftKey ? -1 : 1, all.value)
    const taken = tools.find(({ key }) => key === event.key)
    if (taken) tool.value = taken
    if (event.key === 't') openMotifs()
    const wider = { '[': -1, ']': 1 }[event.key]
    if (wider) size.value = brushSizes[brushSizes.indexOf(size.value) + wider] ?? size.value
    const yarn = /^[1-9]$/.test(event.key) ? palette.value[Number(event.key) - 1] : undefined
    if (yarn) letter.value = yarn.letter
  })
}
