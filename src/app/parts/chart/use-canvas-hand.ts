import { nanoid } from 'nanoid'
import { type Ref, ref, shallowRef } from 'vue'
import { type Cell, maybeLetterAt, thickened } from '@core/chart'
import { followPointer } from '@app/parts/page/follow-pointer.ts'
import type { CanvasProps } from './canvas-props.ts'
import { type Gesture, lift, move, type Outcome, press } from './gesture.ts'
import { type ChartView, inChart, maybeCellAt, panned } from './view-model.ts'

/** What the hand does to a chart. */
export interface CanvasEvents {
  paint: [cells: readonly Cell[], letter: string, gesture: string]
  cancel: [gesture: string]
  pick: [letter: string]
  choose: [cells: readonly Cell[]]
  stamp: [cell: Cell, gesture: string]
  fill: [cell: Cell, gesture: string]
  point: [cell: Cell | null]
}
type Tell = <Name extends keyof CanvasEvents>(name: Name, ...told: CanvasEvents[Name]) => void

interface Under {
  readonly root: Readonly<Ref<HTMLElement | null>>
  readonly view: Readonly<Ref<ChartView | null>>
  readonly changeView: (next: ChartView) => void
}

/** Tools whose gesture begins inside the chart; strokes and shapes may run over its edge. */
const INSIDE: readonly string[] = ['click', 'wand', 'pick']
/** Tools of which one press by a key begins, and the next one ends. */
const IN_TWO: readonly string[] = ['shape', 'select']

/** A gesture, by whatever it is made: what it shows meanwhile, and what comes of it. */
function useGesture(props: Readonly<CanvasProps>, view: Under['view'], tell: Tell) {
  const wouldPaint = shallowRef<readonly Cell[]>([])
  let gesture: Gesture | null = null

  /** Cells of the repeats, brought into the chart; those above or below it are left out. */
  const brought = (list: readonly Cell[]) =>
    list
      .filter(({ row }) => row >= 0 && row < props.chart.colours.length)
      .map((cell) => inChart(view.value!, cell))
  const letter = () => (props.tool.erases ? props.ground : props.letter)
  function perform(outcome: Outcome) {
    if (outcome.kind === 'nothing' && gesture) return
    wouldPaint.value = outcome.kind === 'show' ? outcome.cells : []
    if (outcome.kind === 'select') tell('choose', brought(outcome.cells))
    if (outcome.kind === 'fill') tell('fill', outcome.cell, outcome.gesture)
    if (outcome.kind === 'stamp') tell('stamp', outcome.cell, outcome.gesture)
    if (outcome.kind === 'paint') {
      const { cells } = outcome
      const wide = props.tool.kind === 'stroke' ? thickened(cells, props.size) : cells
      tell('paint', brought(wide), letter(), outcome.gesture)
    }
    if (outcome.kind === 'pick') {
      const picked = maybeLetterAt(props.chart, inChart(view.value!, outcome.cell))
      if (picked) tell('pick', picked)
    }
  }
  /** @param holds it goes on until it is lifted */
  function begin(cell: Cell, holds: boolean) {
    const step = press(props.tool, props.chart, cell, nanoid(8))
    if (holds) gesture = step.gesture
    perform(step.outcome)
  }
  function goOn(next: (gesture: Gesture) => { gesture: Gesture | null; outcome: Outcome }) {
    if (!gesture) return
    const step = next(gesture)
    gesture = step.gesture
    perform(step.outcome)
  }
  const moveTo = (cell: Cell) => goOn((now) => move(now, props.chart, cell))
  const up = () => goOn((now) => lift(now, props.chart))
  /** Escape takes an unfinished stroke back. */
  function cancel() {
    if (!gesture) return
    tell('cancel', gesture.id)
    gesture = null
    wouldPaint.value = []
  }
  /** A key paints the cell; a shape begins with it, and ends with the next. */
  function pressAt(cell: Cell) {
    if (props.readonly || props.tool.kind === 'pan') return
    if (gesture) up()
    else begin(cell, IN_TWO.includes(props.tool.kind))
  }
  return { wouldPaint, begin, moveTo, up, cancel, pressAt }
}

/** The hand on a chart: the pointer points, paints and moves it along; keys press where they point. */
export function useCanvasHand(
  props: Readonly<CanvasProps>,
  { root, view, changeView }: Under,
  tell: Tell,
) {
  const hovered = shallowRef<Cell | null>(null)
  /** Cells are pointed at by keys. */
  const byKeys = ref(false)
  const { begin, up, ...gesture } = useGesture(props, view, tell)
  const { cancel, moveTo } = gesture

  function cellOf({ clientX, clientY }: PointerEvent): Cell | null {
    const box = root.value!.getBoundingClientRect()
    return view.value && maybeCellAt(view.value, clientX - box.left, clientY - box.top)
  }
  function trace(event: PointerEvent) {
    const cell = cellOf(event)
    if (cell) moveTo(cell)
  }
  function down(event: PointerEvent) {
    byKeys.value = false
    if (!event.isPrimary) return
    const cell = cellOf(event)
    if (event.button === 1 || props.tool.kind === 'pan') {
      event.preventDefault()
      return pan(event)
    }
    if (event.button !== 0 || !cell || props.readonly) return
    followPointer(event, root.value!, { move: trace, drop: up, cancel })
    begin(INSIDE.includes(props.tool.kind) ? inChart(view.value!, cell) : cell, true)
  }
  /** The chart goes along with the hand. */
  function pan(event: PointerEvent) {
    const began = view.value!
    let last = event
    followPointer(event, root.value!, {
      move(to) {
        changeView(panned(view.value!, to.clientX - last.clientX, to.clientY - last.clientY))
        last = to
      },
      cancel: () => changeView(began),
    })
  }
  function hover(event: PointerEvent) {
    const cell = cellOf(event)
    const was = hovered.value
    if (was?.column === cell?.column && was?.row === cell?.row) return
    hovered.value = cell
    tell('point', cell && inChart(view.value!, cell))
  }
  function leave() {
    hovered.value = null
    tell('point', null)
  }
  return { hovered, byKeys, down, hover, leave, ...gesture }
}
