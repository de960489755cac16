import {
  type Cell,
  type Chart,
  ellipseCells,
  floodCells,
  floodRows,
  lineCells,
  rectangleCells,
  type Redrawn,
  sameCells,
  sameRows,
} from '@core/chart'

/** What the hand does on the chart. */
export interface Tool {
  readonly id: string
  readonly title: string
  /** What stands under it while it is chosen. */
  readonly name: string
  readonly key: string
  /** SVG path of its picture in a box of 24. */
  readonly picture: string
  /**
   * stroke: paints on the way; shape: shows what it would paint until the pointer is lifted; click: paints once; select and
   * wand: choose cells, by dragging or at once; stamp: lays down what was copied; pick: takes the yarn of a cell; pan: moves
   * the chart.
   */
  readonly kind: 'stroke' | 'shape' | 'click' | 'select' | 'wand' | 'stamp' | 'pick' | 'pan'
  /** The cells it covers, from where the pointer went down (shape) or was last (stroke) to where it is. */
  readonly cells: (chart: Chart, from: Cell, to: Cell) => Cell[]
  /** The same as whole rows, where there may be very many cells. */
  readonly rows?: (chart: Chart, at: Cell, letter: string) => Redrawn
  /** Paints with the ground instead of the chosen yarn. */
  readonly erases?: boolean
}

const none = () => []

export const tools: readonly Tool[] = [
  {
    id: 'brush',
    title: 'Brush',
    name: 'Brush',
    key: 'b',
    picture:
      'M4 20c3.2.4 5.3-.5 5.3-2.9 0-1.5-1.2-2.6-2.6-2.600C4.6 14.5 4.9 17.5 4 20ZM9 14.7 18.8 4.300c1-.9 2.3.4 1.5 1.400L10.8 16.3',
    kind: 'stroke',
    cells: (_, from, to) => lineCells(from, to),
  },
  {
    id: 'line',
    title: 'Line',
    name: 'Line',
    key: 'l',
    picture: 'M5 19 19 5',
    kind: 'shape',
    cells: (_, from, to) => lineCells(from, to),
  },
  {
    id: 'rectangle',
    title: 'Rectangle',
    name: 'Box',
    key: 'r',
    picture: 'M5 6h14v12H5z',
    kind: 'shape',
    cells: (_, from, to) => rectangleCells(from, to),
  },
  {
    id: 'ellipse',
    title: 'Ellipse',
    name: 'Oval',
    key: 'o',
    picture: 'M3.5 12a8.5 6 0 1 0 17 0a8.5 6 0 1 0 -17 0',
    kind: 'shape',
    cells: (_, from, to) => ellipseCells(from, to),
  },
  {
    id: 'fill',
    title: 'Fill what hangs together',
    name: 'Fill',
    key: 'f',
    picture: 'M11 4l7.5 7.5-7 7L4 11ZM4.5 11.500h13M20.5 15.500c1.6 2.4 1.6 4 0 4s-1.6-1.6 0-4',
    kind: 'click',
    cells: (chart, _, at) => floodCells(chart, at),
    rows: floodRows,
  },
  {
    id: 'replace',
    title: 'Another yarn wherever this one is',
    name: 'Swap',
    key: 'y',
    picture:
      'M4 8h5v5H4ZM15 11h5v5h-5ZM11.500 8.500h5M14.500 6l2.500 2.500M12.500 15.500h-5M9.500 18 7 15.500',
    kind: 'click',
    cells: (chart, _, at) => sameCells(chart, at),
    rows: sameRows,
  },
  {
    id: 'eraser',
    title: 'Eraser: back to the ground',
    name: 'Eraser',
    key: 'e',
    picture: 'M5 14l7-7 7 7-5 5H9ZM8.5 10.500l7 7M9 19h11',
    kind: 'stroke',
    erases: true,
    cells: (_, from, to) => lineCells(from, to),
  },
  {
    id: 'select',
    title: 'Choose cells by dragging',
    name: 'Choose',
    key: 's',
    picture: 'M5 9V5h4M12 5h3M19 8V5h-1M19 11v3M19 17v2h-3M12 19H9M5 19v-3M5 13v-1',
    kind: 'select',
    cells: (_, from, to) => rectangleCells(from, to),
  },
  {
    id: 'wand',
    title: 'Choose what hangs together',
    name: 'Alike',
    key: 'w',
    picture: 'M4 20 13 11M16 4v4M14 6h4M19 11v3M17.500 12.500h3M9 5v3M7.500 6.500h3',
    kind: 'wand',
    cells: (chart, _, at) => floodCells(chart, at),
  },
  {
    id: 'pick',
    title: 'Pick the yarn of a cell',
    name: 'Pick',
    key: 'p',
    picture: 'M5 19l1-4 8-8 3 3-8 8ZM13 5l6 6M15 3.5 20.5 9',
    kind: 'pick',
    cells: none,
  },
  {
    id: 'move',
    title: 'Move the chart',
    name: 'Move',
    key: 'm',
    picture:
      'M12 3v18M3 12h18M12 3l-2.5 3M12 3l2.5 3M12 21l-2.5-3M12 21l2.5-3M3 12l3-2.500M3 12l3 2.500M21 12l-3-2.500M21 12l-3 2.5',
    kind: 'pan',
    cells: none,
  },
]

/** Tools by the work: what colours stitches, and what takes and moves. */
export const toolGroups: readonly (readonly Tool[])[] = [tools.slice(0, 7), tools.slice(7)]

/** Lays down what was copied, until another tool is taken. */
export const stampTool: Tool = {
  ...{ id: 'stamp', title: 'Lay it down', name: 'Lay', key: '', picture: '' },
  ...{ kind: 'stamp', cells: none },
}

/** @throws when there is no such tool */
export const toolById = (id: string): Tool => tools.find((tool) => tool.id === id)!

/** How many stitches a brush covers across and up. */
export interface BrushSize {
  readonly id: string
  readonly title: string
}
export const brushSizes: readonly BrushSize[] = [1, 2, 3, 4, 5].map((size) => ({
  id: String(size),
  title: size === 1 ? '1 stitch ([ and ])' : `${size} stitches wide`,
}))
