import { nearestCounts } from '@core/band'
import { checkPattern } from '@core/check'
import { inUkTerms } from '@core/terms'
import {
  drawer,
  foundationOf,
  isPlainRow,
  type StitchPattern,
  stitchesOf,
  writtenRows,
} from '@core/texture'
import { type Outcome, Refusal } from '../outcome.ts'

export interface StitchesOptions {
  readonly count?: string
  readonly flat?: boolean
  readonly rows?: string
  readonly terms: 'us' | 'uk'
  readonly json?: boolean
}

const waysOf = ({ flat, round }: StitchPattern) => [
  ...(flat ? (['flat'] as const) : []),
  ...(round ? (['round'] as const) : []),
]

/** A pattern as it is listed. */
const listed = (pattern: StitchPattern) => {
  const { id, name, multiple, offset, flat, round, unit } = pattern
  const rows = (round ?? flat)!.rows.length
  return { id, name, multiple, offset, ways: waysOf(pattern), rows, units: unit ? [unit] : [] }
}

function whole(text: string, option: string): number {
  const value = Number(text)
  if (!Number.isInteger(value) || value < 1 || value > 2000)
    throw new Refusal(`--${option}: “${text}” is not a whole number from 1 to 2000`)
  return value
}

interface Row {
  readonly n: number
  readonly side: 'RS' | 'WS'
  readonly passes: number
  readonly uses: number | null
  readonly makes: number | null
  readonly unit: { readonly name: string; readonly count: number } | null
  readonly text: string
}

/** Rows that are worked forward and back as one, on the row they stand on. */
function inPasses({ passes }: StitchPattern, rows: readonly Row[]): Row[] {
  if (passes !== 2) return [...rows]
  const [ground, ...more] = rows
  const both = more.flatMap((row, i) => {
    const back = more[i + 1]
    if (i % 2 === 1 || !back) return []
    const text = `forward: ${row.text}; return: ${back.text}`
    return [{ ...row, n: 2 + i / 2, makes: back.makes, text }]
  })
  return [{ ...ground!, passes: 1 }, ...both]
}

/** A pattern written over a count it fits, row by row, as the checker counts it. */
function writtenOn(pattern: StitchPattern, count: number, { flat, rows, terms }: StitchesOptions) {
  const way = flat ? 'flat' : 'round'
  const { multiple, offset, unit, perRepeat } = pattern
  const repeats = (count - (flat ? offset : 0)) / multiple
  const begun = flat && foundationOf(pattern, 'chain') ? 'chain' : 'row'
  const wanted = rows === undefined ? undefined : whole(rows, 'rows')
  const lines = writtenRows(pattern, way, repeats, begun, wanted)
  const checked = checkPattern(lines.map(({ line }) => line).join('\n')).rows
  const foundation = flat ? foundationOf(pattern, begun) : null
  // In the round the first round is the plain one it stands on.
  const first = flat ? 0 : 1
  return {
    id: pattern.id,
    count,
    foundation: foundation && { chain: count + foundation.more, nth: foundation.nth },
    rows: inPasses(
      pattern,
      checked.slice(first).map((row, i) => {
        const { text, side } = lines.filter(({ text: said }) => said !== null)[i + first]!
        return {
          n: i + 1,
          side,
          passes: pattern.passes ?? 1,
          uses: row.consumes,
          makes: row.makes,
          unit:
            unit && !isPlainRow(text!) && (begun === 'chain' || !flat || i > 0)
              ? { name: unit, count: repeats * perRepeat }
              : null,
          text: terms === 'uk' ? inUkTerms(text!) : text!,
        }
      }),
    ),
  }
}

/** The stitch drawer, or one pattern of it written over a count; `wrong` when the count does not fit. */
export function stitches(id: string | undefined, options: StitchesOptions): Outcome {
  const { count: said, flat, json } = options
  if (id === undefined)
    return {
      output: json
        ? JSON.stringify(drawer.map(listed), null, 1)
        : drawer
            .map(
              ({ id: key, name, multiple, offset }) =>
                `${key}  ${name}: a multiple of ${multiple}${offset > 0 ? `, flat and ${offset}` : ''}`,
            )
            .join('\n'),
      wrong: false,
    }
  const pattern = drawer.find((one) => one.id === id)
  if (!pattern) throw new Refusal(`no stitch pattern “${id}”; motif stitches lists them`)
  if (said === undefined) return { output: JSON.stringify(listed(pattern), null, 1), wrong: false }
  const count = whole(said, 'count')
  const way = flat ? 'flat' : 'round'
  if (!pattern[way]) throw new Refusal(`${id} is not worked ${flat ? 'flat' : 'in the round'}`)
  const { multiple, offset } = pattern
  const rest = { multiple, offset: flat ? offset : 0 }
  if (count < stitchesOf(pattern, 1, way) || (count - rest.offset) % multiple !== 0) {
    const nearest = nearestCounts(rest, count).sort((a, b) => a - b)
    return {
      output: json
        ? JSON.stringify({ id, count, nearest }, null, 1)
        : `${count} does not fit; the nearest that do are ${nearest.join(' and ')}.`,
      wrong: true,
    }
  }
  const written = writtenOn(pattern, count, options)
  const { foundation, rows } = written
  const text = [
    ...(foundation ? [`Ch ${foundation.chain}.`] : []),
    ...rows.map(
      ({ n, side, text: work, makes }) =>
        `${flat ? 'Row' : 'Round'} ${n} (${side}): ${work} (${makes})`,
    ),
  ]
  return { output: json ? JSON.stringify(written, null, 1) : text.join('\n'), wrong: false }
}
