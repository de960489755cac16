import { bandOf, type BandPart } from '../band/index.ts'
import type { StitchPattern } from './pattern.ts'

/** The stitch pattern that a band's rows are; null where they are none, or come out on any count. */
export function maybePatternOf(part: BandPart, worked: 'rounds' | 'rows'): StitchPattern | null {
  const said = bandOf(part).symbols(part)
  const counts = bandOf(part).counts(part)
  if (!said || !counts) return null
  const { begin, rows, end, side, passes } = said
  const program = { begin, rows, end }
  return {
    ...{ id: part.id, name: part.name, family: 'own', ...counts },
    ...{ flat: worked === 'rows' ? program : null, round: worked === 'rows' ? null : program },
    ...{ side, special: '', notes: '' },
    ...{ unit: null, perRepeat: 1, least: 1, beside: { flat: 0, round: 0 } },
    ...(passes === 2 ? { passes: 2 as const } : {}),
  }
}
