import { pictured } from './picture.ts'
import type { Cells } from './raster.ts'
import type { Pictured, PictureWanted } from './wanted.ts'
import type { Work } from './work.ts'

/** Rules a picture is worked under, by what there is without each: nothing where it is not asked for. */
const without = {
  perRound: ({ perRound, yarns }) => (perRound < yarns.length ? { perRound: yarns.length } : null),
  together: ({ together = 1 }) => (together > 1 ? { together: 1 } : null),
  shortest: ({ shortest = 1 }) => (shortest > 1 ? { shortest: 1 } : null),
  longest: ({ longest = Infinity }) => (longest < Infinity ? { longest: Infinity } : null),
  noLone: ({ noLone = false }) => (noLone ? { noLone: false } : null),
  always: ({ always = [] }) => (always.length > 0 ? { always: [] } : null),
  mirrored: ({ mirrored = false }) => (mirrored ? { mirrored: false } : null),
  mixing: ({ mixing = 'none' }) => (mixing !== 'none' ? { mixing: 'none' } : null),
  most: ({ yarns }) =>
    yarns.some(({ most }) => most !== null)
      ? { yarns: yarns.map((yarn) => ({ ...yarn, most: null })) }
      : null,
} as const satisfies Readonly<
  Record<string, (wanted: PictureWanted) => Partial<PictureWanted> | null>
>
export type PictureRule = keyof typeof without
/** Only these are rules of mosaic too. */
const OF_MOSAIC: readonly PictureRule[] = ['mirrored', 'most']

/** What one rule costs in likeness beside all others, and what it saves of the work; below 0 where it is the other way. */
export interface RuleCost {
  readonly rule: PictureRule
  readonly mean: number
  readonly worst: number
  readonly saves: Work
}

/** Each rule that was asked for, by what comes of the picture without it. */
export function costsOfRules(
  cells: Cells,
  wanted: PictureWanted,
  { likeness, work }: Pictured,
): RuleCost[] {
  const rules = Object.keys(without) as PictureRule[]
  return rules.flatMap((rule): RuleCost[] => {
    const more = without[rule](wanted)
    const applies = wanted.technique === 'tapestry' || OF_MOSAIC.includes(rule)
    if (!more || !applies) return []
    const other = pictured(cells, { ...wanted, ...more })
    if (!other.ok) return []
    const { likeness: near, work: had } = other.value
    return [
      {
        rule,
        mean: likeness.mean - near.mean,
        worst: likeness.worst - near.worst,
        saves: {
          changes: had.changes - work.changes,
          ends: had.ends - work.ends,
          carriedM: had.carriedM - work.carriedM,
          longestCarry: had.longestCarry - work.longestCarry,
          lone: had.lone - work.lone,
        },
      },
    ]
  })
}
