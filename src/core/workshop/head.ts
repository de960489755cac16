import { type DocumentHead, printDocument } from '../document/index.ts'
import { defaultWords } from '../stitch/index.ts'
import type { Workshop } from './workshop.ts'

/* What can be said of a workshop without knowing how it is read. */

/** The file of a workshop, by its name and version. */
export const workshopHead: DocumentHead = { format: 'ample-motif-workshop', version: 4 }

/** A workshop in which nothing is kept yet. */
export const emptyWorkshop: Workshop = {
  settings: { ...defaultWords, demoBrought: false },
  patterns: [],
  motifs: [],
  palettes: [],
  yarns: [],
  swatches: [],
  learned: [],
}

export const printWorkshop = (workshop: Workshop): string => printDocument(workshopHead, workshop)
