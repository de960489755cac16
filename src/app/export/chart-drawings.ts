import { chartDrawing, type Drawing } from '@core/file'
import type { Design } from '@core/design'
import { type Derived, sheetCharts } from '@core/bag'
import type { Words } from '@core/stitch'
import { fileName } from './file-name.ts'

interface Charted {
  readonly design: Design
  readonly derived: Pick<Derived, 'ledger'>
  readonly words: Words
}

/** A chart of the bag as a drawing, by its part, and what its file is called. */
export interface NamedDrawing {
  readonly part: string
  readonly name: string
  readonly drawing: Drawing
}

/** The drawing of every charted part. */
export const chartDrawings = ({ design, derived, words }: Charted): NamedDrawing[] =>
  sheetCharts(design, derived.ledger).map(({ part, chart, numbers, signs, cellAspect }) => ({
    part: part.id,
    name: `${fileName(design.name)}-${fileName(part.name)}`,
    drawing: chartDrawing({
      chart,
      yarns: design.yarns,
      numbers,
      signs,
      cellAspect,
      hand: words.hand,
      title: `${design.name}: ${part.name}`,
    }),
  }))
