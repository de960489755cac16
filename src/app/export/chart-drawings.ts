import { chartDrawing, chartPictures } from '@core/booklet'
import type { Design } from '@core/design'
import type { Derived } from '@core/bag'
import type { Drawing } from '@core/paper'
import type { Words } from '@core/stitch'
import { fileName } from './file-name.ts'

interface Charted {
  readonly design: Design
  readonly derived: Pick<Derived, 'ledger'>
  readonly words: Words
}

/** A chart of the bag as a drawing, and what its file is called. */
export interface NamedDrawing {
  readonly name: string
  readonly drawing: Drawing
}

/** The drawing of every charted part. */
export const chartDrawings = ({ design, derived, words }: Charted): NamedDrawing[] =>
  chartPictures(design, derived.ledger, words.hand).map((picture) => ({
    name: `${fileName(design.name)}-${fileName(picture.part.name)}`,
    drawing: chartDrawing(picture, {
      ...{ yarns: design.yarns, hand: words.hand, colour: true },
      title: `${design.name}: ${picture.part.name}`,
    }),
  }))
