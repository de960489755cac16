import { bagPng } from './bag-png.ts'
import { bookletHtml, bookletMarkdown, bookletPdf, bookletText, cardsPdf } from './booklet.ts'
import { chartPng } from './chart-png.ts'
import { chartSvg } from './chart-svg.ts'
import { chartStitches, chartTable } from './chart-table.ts'
import { cuttingDrawing, cuttingPdf } from './cutting.ts'
import type { Export } from './export.ts'
import { logTable, logText } from './log.ts'
import { palette } from './palette.ts'
import { projectJson } from './project-json.ts'
import { roundsTable } from './rounds-table.ts'

/** Every way a bag leaves the program, in the order they are offered. */
export const exports: readonly Export[] = [
  bookletPdf,
  cardsPdf,
  bookletHtml,
  bookletMarkdown,
  bookletText,
  bagPng,
  chartSvg,
  chartPng,
  chartStitches,
  chartTable,
  cuttingPdf,
  cuttingDrawing,
  roundsTable,
  logTable,
  logText,
  palette,
  projectJson,
]
