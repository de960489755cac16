import type { Cell, Chart, Patch } from '@core/chart'
import type { ChartMark } from './axes.ts'
import type { Ink } from './ink.ts'
import type { Look } from './painter.ts'
import type { Sign } from './signs.ts'
import type { Tool } from './tools.ts'

/** What a chart is shown with, and worked on by. */
export interface CanvasProps {
  chart: Chart
  yarns: readonly Ink[]
  /** The chosen yarn, and the one the eraser paints with. */
  letter: string
  ground: string
  tool: Tool
  /** How many stitches wide the brush is. */
  size: number
  /** The cells that are chosen, and what is about to be laid down. */
  chosen: readonly Cell[]
  stamp: Patch | null
  aspect: number
  stitchWidthMm: number
  worked: 'rounds' | 'rows'
  firstRound: number
  /** Worked rounds a row of the chart is. */
  each: number
  /** Cells that cannot be as they are drawn, and those that reach down. */
  hatched: ((cell: Cell) => boolean) | null
  drops: readonly Cell[]
  /** The yarn of each row, where a row has one that is told at the edge. */
  rowLetters: readonly string[] | null
  /** What stands in the cells. */
  sign: Sign
  /** All of a row is shown, and nothing lies beside it. */
  alone: boolean
  /** Columns a row by which lines lean, where that is shown. */
  lean: number
  /** The stitch that cells are shown as; null for squares. */
  stitch: Look['stitch']
  /** Where the repeat ends, rounds begin, and the middle and the sides of the bag are. */
  marks: readonly ChartMark[]
  /** The side a row begins on. */
  beginsOn: (row: number) => 'left' | 'right'
  readonly?: boolean
  /** What the tape below measures. */
  caption: string
  /** The round written out below, from 0. */
  row: number | null
}
