import type { Cell, Chart } from '@core/chart'
import type { Tool } from './tools.ts'

/* The hand on the chart as a pure state machine: what a press, a move and a lift lead to. */

/** A press that goes on; null when the hand is up. */
export interface Gesture {
  readonly tool: Tool
  readonly id: string
  readonly from: Cell
  readonly last: Cell
}

/** What must be done now. Cells may lie in repeats; whoever paints brings them into the chart. */
export type Outcome =
  | { readonly kind: 'nothing' }
  | { readonly kind: 'paint'; readonly cells: readonly Cell[]; readonly gesture: string }
  | { readonly kind: 'show'; readonly cells: readonly Cell[] }
  | { readonly kind: 'select'; readonly cells: readonly Cell[] }
  | { readonly kind: 'stamp'; readonly cell: Cell; readonly gesture: string }
  /** Whoever paints finds what is filled from here. */
  | { readonly kind: 'fill'; readonly cell: Cell; readonly gesture: string }
  | { readonly kind: 'pick'; readonly cell: Cell }

export interface Step {
  readonly gesture: Gesture | null
  readonly outcome: Outcome
}

const nothing: Outcome = { kind: 'nothing' }

/** The hand goes down on a cell. */
export function press(tool: Tool, chart: Chart, cell: Cell, id: string): Step {
  const gesture = { tool, id, from: cell, last: cell }
  if (tool.kind === 'pick') return { gesture: null, outcome: { kind: 'pick', cell } }
  if (tool.kind === 'click') return { gesture: null, outcome: { kind: 'fill', cell, gesture: id } }
  if (tool.kind === 'stamp') return { gesture: null, outcome: { kind: 'stamp', cell, gesture: id } }
  const cells = tool.cells(chart, cell, cell)
  if (tool.kind === 'select') return { gesture, outcome: { kind: 'select', cells } }
  if (tool.kind === 'wand') return { gesture: null, outcome: { kind: 'select', cells } }
  if (tool.kind === 'stroke') return { gesture, outcome: { kind: 'paint', cells, gesture: id } }
  if (tool.kind === 'shape') return { gesture, outcome: { kind: 'show', cells } }
  return { gesture: null, outcome: nothing }
}

/** The hand moves onto another cell. */
export function move(gesture: Gesture, chart: Chart, cell: Cell): Step {
  const { tool, id, from, last } = gesture
  if (cell.column === last.column && cell.row === last.row) return { gesture, outcome: nothing }
  const next = { ...gesture, last: cell }
  if (tool.kind === 'stroke')
    return {
      gesture: next,
      outcome: { kind: 'paint', cells: tool.cells(chart, last, cell), gesture: id },
    }
  const kind = tool.kind === 'select' ? 'select' : 'show'
  return { gesture: next, outcome: { kind, cells: tool.cells(chart, from, cell) } }
}

/** The hand is lifted: a shape is painted now. */
export function lift({ tool, id, from, last }: Gesture, chart: Chart): Step {
  if (tool.kind !== 'shape') return { gesture: null, outcome: nothing }
  return {
    gesture: null,
    outcome: { kind: 'paint', cells: tool.cells(chart, from, last), gesture: id },
  }
}
