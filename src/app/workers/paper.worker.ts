import { expose } from 'comlink'
import { chartDrawingSize, svgOf } from '@core/file'
import type { Design } from '@core/design'
import { type FileProblem, readDocumentFile } from '@core/document'
import { type Derived, derive, patternSheet, type PatternSheet, sheetCharts } from '@core/bag'
import { type Project, projectKind } from '@core/project'
import type { Words } from '@core/stitch'
import { found, type Result } from '@core/units'
import { type Workshop, workshopKind } from '@core/workshop'
import { chartDrawings } from '@app/export/chart-drawings.ts'
import type { Made, Way } from '@app/export/export.ts'
import { exports } from '@app/export/exports.ts'
import { fileName } from '@app/export/file-name.ts'
import { heavyPicture, isHeavy } from '@app/export/picture.ts'

/** What a file held. */
export type Given =
  | { readonly kind: 'bag'; readonly document: Project }
  | { readonly kind: 'workshop'; readonly document: Workshop }

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

/** A project, and what was derived of it for the hand the words are for; null where that is not known yet. */
export interface Paired extends Project {
  readonly derived: Derived | null
  /** The bag in the round, where it is wanted. */
  readonly portrait?: Blob | null
}
const derivedOf = ({ derived, ...project }: Paired, { hand }: Words): Derived =>
  derived ?? derive(project, { hand })

const api = {
  /** Reads a file that anyone may have written: a bag, or a workshop. */
  async read(file: Blob): Promise<Result<Given, FileProblem>> {
    const bag = await readDocumentFile(projectKind, file)
    if (bag.ok) return found({ kind: 'bag', document: bag.value })
    const workshop = await readDocumentFile(workshopKind, file)
    return workshop.ok ? found({ kind: 'workshop', document: workshop.value }) : bag
  },

  /** The pattern as it is printed, and how large the picture of each chart will be. */
  pattern(bag: Paired, words: Words): { sheet: PatternSheet; charts: ChartPlace[] } {
    const { design } = bag
    const derived = derivedOf(bag, words)
    const charts = sheetCharts(design, derived.ledger).map(({ part, ...chart }) => ({
      part: part.id,
      ...chartDrawingSize({ ...chart, yarns: design.yarns }),
    }))
    return { sheet: patternSheet(design, derived, words), charts }
  },

  /** A picture of the chart of each charted part. */
  async pictures(bag: Paired, words: Words): Promise<ChartPicture[]> {
    const { design } = bag
    const derived = derivedOf(bag, words)
    const pictures: ChartPicture[] = []
    for (const { part, drawing } of chartDrawings({ design, derived, words })) {
      const picture = isHeavy(drawing)
        ? await heavyPicture(drawing, 'image/png')
        : new Blob([svgOf(drawing)], { type: 'image/svg+xml' })
      pictures.push({ part, picture })
    }
    return pictures
  },

  /** The ways a bag can go out. */
  ways: (design: Design): Way[] =>
    exports
      .filter(({ offered }) => offered(design))
      .map(({ id, title, about }) => ({ id, title, about })),

  /** Makes what goes out; `tell` hears how far it is. */
  async make(id: string, bag: Paired, words: Words, tell: (stage: string) => void): Promise<Made> {
    const way = exports.find((one) => one.id === id)
    if (!way) throw new RangeError(`no export “${id}”`)
    tell('counting')
    const derived = derivedOf(bag, words)
    const { portrait = null } = bag
    return way.make({ ...bag, derived, portrait, words, file: fileName(bag.design.name), tell })
  },
}
export type PaperApi = typeof api

expose(api)
