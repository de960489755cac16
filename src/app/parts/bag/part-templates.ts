import { type BandKind, bandKinds, bands } from '@core/band'
import { type Design, type NewBand, partsOf } from '@core/design'
import { abbrOf, defaultWords, stitchById } from '@core/stitch'

/** The kinds of band that can be put on a bag. */
export const partTemplates = bandKinds.map((kind) => {
  const { title, inRounds: rounds } = bands[kind]
  return { kind, title, rounds }
})
export type TemplateKind = BandKind

/** A new band of this kind on so many stitches, in the design's first yarns. */
export function newPart(design: Design, kind: BandKind, count = 0): NewBand {
  const { stitch } = partsOf(design)[0]!
  const letters = design.yarns.map(({ letter }) => letter)
  const abbr = abbrOf(stitchById(stitch), defaultWords)
  return bands[kind].begin({ stitch, letters, count, abbr })
}
