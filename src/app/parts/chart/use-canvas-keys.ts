import { ref, watch } from 'vue'
import type { Cell } from '@core/chart'
import type { CanvasProps } from './canvas-props.ts'

/** What keys do beside going from cell to cell. */
interface KeyDoings {
  /** The cursor has gone to a cell. */
  readonly went: (cell: Cell) => void
  readonly press: (cell: Cell) => void
  readonly zoomBy: (factor: number) => void
  readonly fit: () => void
  readonly cancel: () => void
}

const steps: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
}
/** To an end of the row, or of the column. */
const ends: Readonly<Record<string, Partial<Record<'column' | 'row', 0 | 1>>>> = {
  Home: { column: 0 },
  End: { column: 1 },
  PageUp: { row: 1 },
  PageDown: { row: 0 },
}
const zooms: Readonly<Record<string, number>> = { '+': 1.25, '=': 1.25, '-': 0.8 }

/** A cursor in a chart: arrows go around it and stay within its rows, keys go to its ends, press, zoom and give up. */
export function useCanvasKeys(
  props: Readonly<Pick<CanvasProps, 'chart'>>,
  { went, press, zoomBy, fit, cancel }: KeyDoings,
) {
  const cursor = ref<Cell>({ column: 0, row: 0 })
  const size = () => ({ columns: props.chart.width, rows: props.chart.colours.length })
  function goTo(column: number, row: number) {
    const { columns, rows } = size()
    cursor.value = {
      column: (column + columns) % columns,
      row: Math.min(Math.max(0, row), rows - 1),
    }
    went(cursor.value)
  }
  function key(event: KeyboardEvent) {
    if (event.ctrlKey || event.metaKey || event.altKey) return
    const { column, row } = cursor.value
    const { columns, rows } = size()
    const [step, end, zoom] = [steps[event.key], ends[event.key], zooms[event.key]]
    if (step) {
      event.preventDefault()
      goTo(column + step[0], row + step[1])
      if (event.shiftKey) press(cursor.value)
    } else if (end) {
      event.preventDefault()
      goTo(
        end.column === undefined ? column : end.column * (columns - 1),
        end.row === undefined ? row : end.row * (rows - 1),
      )
    } else if (event.key === ' ' || event.key === 'Enter') {
      event.preventDefault()
      press(cursor.value)
    } else if (zoom) zoomBy(zoom)
    else if (event.key === '0') fit()
    else if (event.key === 'Escape') cancel()
  }
  // A chart that gets smaller keeps the cursor in it.
  watch(
    () => [props.chart.width, props.chart.colours.length] as const,
    ([columns, rows]) => {
      const { column, row } = cursor.value
      cursor.value = { column: Math.min(column, columns - 1), row: Math.min(row, rows - 1) }
    },
  )
  return { cursor, key }
}
