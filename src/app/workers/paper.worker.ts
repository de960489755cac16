import { expose } from 'comlink'
import type { Design } from '@core/design'
import { type FileProblem, readProjectFile, svgOf } from '@core/file'
import { derive, patternSheet } from '@core/plan'
import type { Words } from '@core/stitch'
import type { Result } from '@core/units'
import { chartDrawings } from '@app/export/chart-drawings.ts'
import type { Made } from '@app/export/export.ts'
import { exports } from '@app/export/exports.ts'
import { fileName } from '@app/export/file-name.ts'
import { heavyPicture, isHeavy } from '@app/export/picture.ts'

const derivedBy = (design: Design, { hand }: Words) => derive(design, { hand })

const api = {
  /** Reads a project file that anyone may have written. */
  read: (file: Blob): Promise<Result<Design, FileProblem>> => readProjectFile(file),

  /** The pattern as it is printed, and a picture of the chart of each charted part. */
  async pattern(design: Design, words: Words) {
    const derived = derivedBy(design, words)
    const charts: { part: string; picture: Blob }[] = []
    for (const { part, drawing } of chartDrawings({ design, derived, words }))
      charts.push({
        part,
        picture: isHeavy(drawing)
          ? await heavyPicture(drawing, 'image/png')
          : new Blob([svgOf(drawing)], { type: 'image/svg+xml' }),
      })
    return { sheet: patternSheet(design, derived, words), charts }
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
