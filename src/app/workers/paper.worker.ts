import { expose } from 'comlink'
import type { Design } from '@core/design'
import { chartDrawingSize, type FileProblem, readProjectFile, svgOf } from '@core/file'
import { compile } from '@core/ledger'
import { derive, patternSheet, type PatternSheet, sheetCharts } from '@core/plan'
import type { Words } from '@core/stitch'
import type { Result } from '@core/units'
import { chartDrawings } from '@app/export/chart-drawings.ts'
import type { Made } from '@app/export/export.ts'
import { exports } from '@app/export/exports.ts'
import { fileName } from '@app/export/file-name.ts'
import { heavyPicture, isHeavy } from '@app/export/picture.ts'

/** The place that a chart's picture takes. */
export interface ChartPlace {
  readonly part: string
  readonly width: number
  readonly height: number
}

/** A chart as it is shown in the pattern. */
interface ChartPicture {
  readonly part: string
  readonly picture: Blob
}

const derivedBy = (design: Design, { hand }: Words) => derive(design, { hand })

const api = {
  /** Reads a project file that anyone may have written. */
  read: (file: Blob): Promise<Result<Design, FileProblem>> => readProjectFile(file),

  /** The pattern as it is printed, and how large the picture of each chart will be. */
  pattern(design: Design, words: Words): { sheet: PatternSheet; charts: ChartPlace[] } {
    const derived = derivedBy(design, words)
    const charts = sheetCharts(design, derived.ledger).map(({ part, ...chart }) => ({
      part: part.id,
      ...chartDrawingSize({ ...chart, yarns: design.yarns }),
    }))
    return { sheet: patternSheet(design, derived, words), charts }
  },

  /** A picture of the chart of each charted part. */
  async pictures(design: Design, words: Words): Promise<ChartPicture[]> {
    const derived = { ledger: compile(design, { hand: words.hand }) }
    const pictures: ChartPicture[] = []
    for (const { part, drawing } of chartDrawings({ design, derived, words })) {
      const picture = isHeavy(drawing)
        ? await heavyPicture(drawing, 'image/png')
        : new Blob([svgOf(drawing)], { type: 'image/svg+xml' })
      pictures.push({ part, picture })
    }
    return pictures
  },

  /** Makes what goes out; `tell` hears how far it is. */
  async make(
    id: string,
    design: Design,
    words: Words,
    tell: (stage: string) => void,
  ): Promise<Made> {
    const way = exports.find((one) => one.id === id)
    if (!way) throw new RangeError(`no export “${id}”`)
    tell('counting')
    const derived = derivedBy(design, words)
    return way.make({ design, derived, words, file: fileName(design.name), tell })
  },
}
export type PaperApi = typeof api

expose(api)
