import { type DocumentHead, printDocument } from '../document/index.ts'
import { defaultWords } from '../stitch/index.ts'
import type { AtWork, Print, Settings, Workshop } from './workshop.ts'

/* What can be said of a workshop without knowing how it is read. */

/** The file of a workshop, by its name and version. */
export const workshopHead: DocumentHead = { format: 'ample-motif-workshop', version: 7 }

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

/** How a pattern is printed: as she said, else as usual; on the paper that goes with her units. */
export const printingOf = ({ print, units }: Settings): Print =>
  print ?? {
    ...{ shows: 'both', ticks: 'rows', large: false, colour: true, changes: false },
    paper: units === 'imperial' ? 'letter' : 'a4',
  }

/** How she is led at work: as she said, else by repeats, with the thumb of her hand. */
export const atWorkOf = ({ atWork, hand }: Settings): AtWork =>
  atWork ?? {
    ...{ stride: 'repeat', large: false, light: 'usual', thumb: hand, aloud: false },
    restMinutes: 45,
  }

export const printWorkshop = (workshop: Workshop): string => printDocument(workshopHead, workshop)
