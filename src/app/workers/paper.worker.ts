import { expose, transfer } from 'comlink'
import { bookletOf, type Choices } from '@core/booklet'
import type { Design } from '@core/design'
import { type FileProblem, readDocumentFile } from '@core/document'
import { type Derived, derive } from '@core/bag'
import { fragmentOf, type Page, pageSvg, type Paper } from '@core/paper'

import { type Project, projectKind } from '@core/project'
import type { Words } from '@core/stitch'
import { found, type Result } from '@core/units'
import { type Workshop, workshopKind } from '@core/workshop'
import { onPages, paperPdf } from '@app/export/booklet.ts'
import type { Made, Way } from '@app/export/export.ts'
import { exports } from '@app/export/exports.ts'
import { fileName } from '@app/export/file-name.ts'
import type { FontShelf } from '@app/export/fonts.ts'

/** What a file held. */
export type Given =
  | { readonly kind: 'bag'; readonly document: Project }
  | { readonly kind: 'workshop'; readonly document: Workshop }

/** A page as it is shown, written here so that nothing is drawn on the page but what is looked at. */
export type SeenPage = Pick<Page, 'width' | 'height' | 'marks'> & {
  /** Its SVG as UTF-8, which is handed over and not copied. */
  readonly svg: Uint8Array
}

/** The pattern as it is handed on, on its pages. */
export interface Pages {
  /** Null where it was asked as one text, or the fonts they are set in cannot be read now. */
  readonly pages: readonly SeenPage[] | null
  /** The same as one text of HTML; null where it was asked on pages, and stands on them. */
  readonly text: string | null
  /** Signs that no font here has. */
  readonly missing: readonly string[]
}

/** A project, and what was derived of it for the hand the words are for; null where that is not known yet. */
export interface Paired extends Project {
  readonly derived: Derived | null
  /** The bag in the round, from the front and from the back, where that is wanted. */
  readonly pictures?: ReadonlyMap<string, Blob>
}
const derivedOf = ({ derived, ...project }: Paired, { hand }: Words): Derived =>
  derived ?? derive(project, { hand })

const utf8 = new TextEncoder()

/** Fonts are brought when the first is needed. */
const fontShelf: FontShelf = {
  table: async () => (await import('@app/export/font-files.ts')).fontFiles.table(),
  file: async (name) => (await import('@app/export/font-files.ts')).fontFiles.file(name),
}

const api = {
  /** Reads a file that anyone may have written: a bag, or a workshop. */
  async read(file: Blob): Promise<Result<Given, FileProblem>> {
    const bag = await readDocumentFile(projectKind, file)
    if (bag.ok) return found({ kind: 'bag', document: bag.value })
    const workshop = await readDocumentFile(workshopKind, file)
    return workshop.ok ? found({ kind: 'workshop', document: workshop.value }) : bag
  },

  /** The pattern on the pages it is printed on, or as one text. @param pictures of the bag in the round that there will be, with their addresses */
  async booklet(
    bag: Paired,
    words: Words,
    choices: Choices,
    pictures: ReadonlyMap<string, string>,
    as: 'pages' | 'text',
  ): Promise<Pages> {
    const { design } = bag
    const of = {
      ...{ design, derived: derivedOf(bag, words), words, choices },
      pictures: [...pictures.keys()],
    }
    const asText = (): Pages => ({
      ...{ pages: null, missing: [] },
      text: fragmentOf(bookletOf({ ...of, paged: false }), pictures),
    })
    if (as === 'text') return asText()
    const set = await onPages(bookletOf({ ...of, paged: true }), { choices, fontShelf }).catch(
      () => null,
    )
    if (!set) return asText()
    const pages = set.pages.map((one): SeenPage => {
      const { width, height, marks } = one
      return { width, height, marks, svg: utf8.encode(pageSvg(one, pictures)) }
    })
    const answer: Pages = { pages, text: null, missing: set.fonts.missing }
    return transfer(
      answer,
      pages.map(({ svg }) => svg.buffer as ArrayBuffer),
    )
  },

  /** Any document as PDF. */
  pdf: async (of: Paper, choices: Choices): Promise<Blob> =>
    (await paperPdf(of, { choices, fontShelf })).content,

  /** The ways a bag can go out. */
  ways: (design: Design): Way[] =>
    exports
      .filter(({ offered }) => offered(design))
      .map(({ id, title, about }) => ({ id, title, about })),

  /** Makes what goes out; `tell` hears how far it is. */
  async make(
    id: string,
    bag: Paired,
    words: Words,
    choices: Choices,
    tell: (stage: string) => void,
  ): Promise<Made> {
    const way = exports.find((one) => one.id === id)
    if (!way) throw new RangeError(`no export “${id}”`)
    tell('counting')
    const derived = derivedOf(bag, words)
    const { pictures = new Map<string, Blob>() } = bag
    const file = fileName(bag.design.name)
    return way.make({ ...bag, ...{ derived, pictures, words, choices, fontShelf, file, tell } })
  },
}
export type PaperApi = typeof api

expose(api)
