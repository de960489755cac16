import { type DocumentKind, type Fault, readDocument } from '../document/index.ts'
import { drawers } from './drawers.ts'
import { workshopHead } from './head.ts'
import { Workshop } from './workshop.ts'

/** What fields by themselves cannot tell: ids that are one of a kind, motifs as wide as they say. */
function workshopFaults(workshop: Workshop): Fault[] {
  const faults: Fault[] = []
  for (const drawer of drawers) {
    const ids = new Set<string>()
    workshop[drawer].forEach(({ id }, i) => {
      if (ids.has(id)) faults.push({ where: `${drawer}[${i}].id`, message: 'is there twice' })
      ids.add(id)
    })
  }
  workshop.motifs.forEach(({ width, colours }, i) => {
    if (colours.some((row) => row.length !== width))
      faults.push({ where: `motifs[${i}]`, message: `must have rows of ${width} cells` })
  })
  return faults
}

/** The file of a workshop. */
export const workshopKind: DocumentKind<Workshop> = {
  ...workshopHead,
  called: 'an Ample Motif workshop',
  of: Workshop,
  migrations: [],
  faults: workshopFaults,
}

export const readWorkshop = (text: string) => readDocument(workshopKind, text)
