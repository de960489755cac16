import type { Design, NewBand } from '@core/design'
import { blankChart } from '@core/chart'
import { abbrOf, defaultWords, stitchById } from '@core/stitch'

/** The kinds of band that can be put on a bag. */
export const partTemplates = [
  { kind: 'plain', title: 'Plain rounds' },
  { kind: 'stripes', title: 'Stripes' },
  { kind: 'tapestry', title: 'Tapestry' },
  { kind: 'written', title: 'Written rows' },
] as const
export type TemplateKind = (typeof partTemplates)[number]['kind']

/** Repeats that are tried first for a new motif, by how handy they are. */
const HANDY = [12, 10, 15, 8, 20, 24, 16, 6, 9, 14, 18, 7, 11, 5]

/** A new band of this kind, in the design's first yarns; a new motif divides the stitches it starts on. */
export function newPart(design: Design, kind: TemplateKind, count = 0): NewBand {
  const [first, second = first] = design.yarns
  const base = { stitch: design.parts[0]!.stitch, making: null }
  if (kind === 'plain')
    return { ...base, kind, name: 'Plain', yarn: first!.letter, rounds: 4, adjust: 0, steps: 1 }
  if (kind === 'stripes')
    return {
      ...base,
      kind,
      name: 'Stripes',
      stripes: [second!, first!, second!].map(({ letter }) => ({ yarn: letter, rounds: 2 })),
    }
  if (kind === 'written') {
    const text = `${abbrOf(stitchById(base.stitch), defaultWords)} in each st around`
    const runs = [{ stitch: base.stitch, yarn: first!.letter, count: Math.max(1, count) }]
    return { ...base, kind, name: 'Written rows', rows: [{ text, runs }] }
  }
  const width = HANDY.find((repeat) => count > 0 && count % repeat === 0) ?? 12
  const chart = blankChart(width, 12, first!.letter)
  return { ...base, kind, name: 'Motif', chart, times: 1, balance: 0 }
}
