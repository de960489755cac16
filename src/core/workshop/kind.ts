import { type AnyVersion, type DocumentKind, type Fault, readDocument } from '../document/index.ts'
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

/** Version 2: stitch patterns of one's own say their side, their unit, their passes and their special stitches. */
function wholePatterns(document: AnyVersion): AnyVersion {
  const { patterns } = document as AnyVersion & { readonly patterns?: unknown }
  const whole = (one: unknown) =>
    typeof one === 'object' && one !== null
      ? { side: 'any', unit: null, perRepeat: 1, passes: 1, special: '', ...one }
      : one
  return {
    ...document,
    version: 2,
    ...(Array.isArray(patterns) ? { patterns: patterns.map(whole) } : {}),
  } as AnyVersion
}

/** Version 3: rounds have an offset of their own. */
function roundOffsets(document: AnyVersion): AnyVersion {
  const { patterns } = document as AnyVersion & { readonly patterns?: unknown }
  const more = (one: unknown) =>
    typeof one === 'object' && one !== null ? { roundOffset: 0, ...one } : one
  return {
    ...document,
    version: 3,
    ...(Array.isArray(patterns) ? { patterns: patterns.map(more) } : {}),
  } as AnyVersion
}

/** Version 4: what is in hand lot by lot. */
function lotsInHand(document: AnyVersion): AnyVersion {
  const { yarns } = document as AnyVersion & { readonly yarns?: unknown }
  const withLots = (one: unknown) => {
    if (typeof one !== 'object' || one === null) return one
    const { inHandGrams, ...rest } = one as { readonly inHandGrams?: unknown }
    const lots = typeof inHandGrams === 'number' ? [{ lot: null, grams: inHandGrams }] : []
    return { ...rest, lots }
  }
  return {
    ...document,
    version: 4,
    ...(Array.isArray(yarns) ? { yarns: yarns.map(withLots) } : {}),
  } as AnyVersion
}

/** Version 5: how she prints. */
const printing = (document: AnyVersion): AnyVersion => ({ ...document, version: 5 })

/** Version 6: how she is led at work; of what was learned in which yarn, by which hand and from which bag. */
function atWork(document: AnyVersion): AnyVersion {
  const { learned } = document as AnyVersion & { readonly learned?: unknown }
  const whole = (one: unknown) =>
    typeof one === 'object' && one !== null
      ? { yarn: null, hand: 'right', from: 'an earlier bag', ...one }
      : one
  return {
    ...document,
    version: 6,
    ...(Array.isArray(learned) ? { learned: learned.map(whole) } : {}),
  } as AnyVersion
}

/** Version 7: what was learned of stretch. */
const stretches = (document: AnyVersion): AnyVersion => ({ ...document, version: 7 })

/** The file of a workshop. */
export const workshopKind: DocumentKind<Workshop> = {
  ...workshopHead,
  called: 'an Ample Motif workshop',
  of: Workshop,
  migrations: [wholePatterns, roundOffsets, lotsInHand, printing, atWork, stretches],
  faults: workshopFaults,
}

export const readWorkshop = (text: string) => readDocument(workshopKind, text)
