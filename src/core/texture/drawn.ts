import { stitchChart, type StitchChart } from './chart.ts'
import { drawer } from './drawer.ts'
import { families, type PatternRows, type StitchPattern } from './pattern.ts'

/** A pattern with its picture over a few repeats. */
export interface DrawnPattern extends Pick<
  StitchPattern,
  'id' | 'name' | 'family' | 'multiple' | 'offset'
> {
  /** The name of its family, and rows of its repeat. */
  readonly title: string
  readonly rows: number
  /** Yarns it needs: two where they work in turn or side by side. */
  readonly yarns: 1 | 2
  readonly chart: StitchChart | null
}

/** Stitches a small picture is wide, about. */
const WIDE = 12

/** Whether a second yarn works in it, in rounds of its own or within a row. */
const inTwo = ({ begin, rows, end }: PatternRows): boolean =>
  [...begin, ...rows, ...end].some(({ yarn, text }) => yarn === 'B' || / B\b/.test(text))

/** The patterns of the drawer that are worked so, and those of one's own, each drawn. */
export const drawnPatterns = (
  way: 'flat' | 'round',
  own: readonly StitchPattern[] = [],
): DrawnPattern[] =>
  [...own, ...drawer].flatMap((pattern) => {
    const program = pattern[way]
    if (!program) return []
    const { id, name, family, multiple, offset } = pattern
    const repeats = Math.max(1, Math.min(6, Math.round(WIDE / multiple)))
    return [
      {
        ...{ id, name, family, multiple, offset },
        title: families[family],
        rows: program.rows.length,
        yarns: inTwo(program) ? 2 : 1,
        chart: stitchChart(pattern, way, repeats),
      },
    ]
  })
