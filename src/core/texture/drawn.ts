import { stitchChart, type StitchChart } from './chart.ts'
import { drawer } from './drawer.ts'
import { families, type StitchPattern } from './pattern.ts'
import { yarnsIn } from './typed.ts'

/** A pattern with its picture over a few repeats. */
export interface DrawnPattern extends Pick<
  StitchPattern,
  'id' | 'name' | 'family' | 'multiple' | 'offset'
> {
  /** The name of its family, and rows of its repeat. */
  readonly title: string
  readonly rows: number
  /** Yarns it needs: several where they work in turn or side by side. */
  readonly yarns: number
  readonly chart: StitchChart | null
}

/** Stitches a small picture is wide, about. */
const WIDE = 12

/** The patterns of the drawer that are worked so, and those of one's own, each drawn. */
export const drawnPatterns = (
  way: 'flat' | 'round',
  own: readonly StitchPattern[] = [],
): DrawnPattern[] => drawnOf(way, [...own, ...drawer])

/** Those of some patterns that are worked so, each drawn. */
export const drawnOf = (
  way: 'flat' | 'round',
  patterns: readonly StitchPattern[],
): DrawnPattern[] =>
  patterns.flatMap((pattern) => {
    const program = pattern[way]
    if (!program) return []
    const { id, name, family, multiple, offset } = pattern
    const repeats = Math.max(1, Math.min(6, Math.round(WIDE / multiple)))
    return [
      {
        ...{ id, name, family, multiple, offset },
        title: families[family],
        rows: program.rows.length,
        yarns: yarnsIn(program).length,
        chart: stitchChart(pattern, way, repeats),
      },
    ]
  })
