import { useEventListener } from '@vueuse/core'
import { nanoid } from 'nanoid'
import { computed, type Ref, shallowRef, watch } from 'vue'
import { type Cell, type Chart, type Patch, patchOf, stampedAt } from '@core/chart'
import { chartCsv, patchFromCsv } from '@core/file'
import type { Ink } from '@app/parts/chart/ink.ts'
import { stampTool, type Tool } from '@app/parts/chart/tools.ts'

/** What was copied last, for every band of every bag. */
const copied = shallowRef<Patch | null>(null)

/** What the chart in view offers to a choice of cells. */
export interface OnChart {
  readonly chart: Ref<Chart | null>
  readonly yarns: Ref<readonly Ink[]>
  readonly tool: Ref<Tool>
  readonly paint: (cells: readonly Cell[], letter: string, gesture: string) => void
  readonly ground: Ref<string>
  /** Whether what is pressed belongs to the chart, and not to a field. */
  readonly away: (event: Event) => boolean
  readonly said: Ref<string>
}

/** Cells that are chosen on a chart: copied, cut, emptied, and laid down elsewhere. */
export function useSelection({ chart, yarns, tool, paint, ground, away, said }: OnChart) {
  const chosen = shallowRef<readonly Cell[]>([])
  const stamp = shallowRef<Patch | null>(null)
  const before = shallowRef<Tool>(tool.value)
  /** Of what is chosen. */
  const patch = computed(() => (chart.value ? patchOf(chart.value, chosen.value) : null))
  const inside = ({ row }: Cell) => row >= 0 && row < (chart.value?.colours.length ?? 0)

  function lay(what: Patch) {
    stamp.value = what
    if (tool.value !== stampTool) before.value = tool.value
    tool.value = stampTool
    chosen.value = []
    said.value = `${what.width} × ${what.colours.length}: click, or press Space, to lay it down. Escape when done.`
  }
  function stampOn(cell: Cell, gesture: string = nanoid(8)) {
    if (!stamp.value) return
    const letters = new Set(yarns.value.map(({ letter }) => letter))
    for (const { letter, cells } of stampedAt(stamp.value, cell))
      paint(cells.filter(inside), letters.has(letter) ? letter : ground.value, gesture)
  }
  function done() {
    chosen.value = []
    // What was said of laying it down goes with it.
    if (stamp.value) said.value = ''
    stamp.value = null
    if (tool.value === stampTool) tool.value = before.value
  }
  watch(tool, (now) => {
    if (now !== stampTool) stamp.value = null
  })
  function copy(): string | null {
    if (!patch.value) return null
    copied.value = patch.value
    return chartCsv(patch.value)
  }
  const busy = () => stamp.value !== null || chosen.value.length > 0
  const empty = () => paint(chosen.value, ground.value, nanoid(8))
  const actions = [
    {
      title: 'Copy',
      keys: 'Ctrl C',
      run: () => {
        const text = copy()
        // What the browser does not give away is still in the program.
        if (text) void navigator.clipboard?.writeText(text).catch(() => {})
      },
    },
    { title: 'Move', keys: 'Ctrl X, Ctrl V', run: () => move() },
    { title: 'Empty', keys: 'Delete', run: empty },
  ] as const
  function move() {
    const what = patch.value
    if (!what) return
    empty()
    lay(what)
  }
  function paste(text: string): boolean {
    const read = text ? patchFromCsv(text, yarns.value) : null
    const what = read?.ok ? read.value : copied.value
    if (what) lay(what)
    return what !== null
  }
  useKeys({ away, copy, paste, empty, chosen: () => patch.value !== null, busy, done })
  const choose = (cells: readonly Cell[]) => (chosen.value = cells.filter(inside))
  return { chosen, choose, stamp, patch, lay, stampOn, done, actions, copied, paste }
}

interface Keys {
  readonly away: (event: Event) => boolean
  readonly copy: () => string | null
  readonly paste: (text: string) => boolean
  readonly empty: () => void
  /** Whether there is something that could be emptied, and something that could be given up. */
  readonly chosen: () => boolean
  readonly busy: () => boolean
  readonly done: () => void
}

/** Copying, cutting and pasting as everywhere, through the clipboard: what is copied is CSV to others. */
function useKeys({ away, copy, paste, empty, chosen, busy, done }: Keys) {
  function put(event: ClipboardEvent, after: () => void) {
    const text = away(event) ? copy() : null
    if (text === null) return
    event.clipboardData?.setData('text/plain', text)
    event.preventDefault()
    after()
  }
  useEventListener('copy', (event: ClipboardEvent) => put(event, () => {}))
  useEventListener('cut', (event: ClipboardEvent) => put(event, empty))
  useEventListener('paste', (event: ClipboardEvent) => {
    if (!away(event) || event.clipboardData?.files.length) return
    if (paste(event.clipboardData?.getData('text/plain') ?? '')) event.preventDefault()
  })
  useEventListener('keydown', (event: KeyboardEvent) => {
    if (!away(event)) return
    if (event.key === 'Escape' && busy()) done()
    if ((event.key === 'Delete' || event.key === 'Backspace') && chosen()) empty()
  })
}
