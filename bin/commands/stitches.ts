import { nearestCounts } from '@core/band'
import { checkPattern } from '@core/check'
import { inUkTerms } from '@core/terms'
import {
  drawer,
  foundationOf,
  showsUnits,
  type StitchPattern,
  stitchesOf,
  unitsOf,
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
  /** The row it is worked into where that is not the one below, and a second one: 0 for the plain round they stand on. */
  readonly onto?: number
  readonly also?: number
  readonly uses: number | null
  readonly makes: number | null
  readonly unit: { readonly name: string; readonly count: number } | null
  readonly text: string
}

/** In the round the first round stands on a plain one, which has no number here. */
const fromOne = (text: string) =>
  text.replace(/^working into (Rnds? [\d and]+)/, (_, rows: string) => {
    const said = rows.replace(/\d+/g, (n) => String(Number(n) - 1))
    return `working into ${said === 'Rnd 0' ? 'the plain round' : said}`
  })

const ontoOf = ([onto, also]: readonly number[], n: number): Pick<Row, 'onto' | 'also'> => ({
  ...(onto !== undefined && (onto !== n - 1 || also !== undefined) ? { onto } : {}),
  ...(also === undefined ? {} : { also }),
})

/** A pattern written over a count it fits, row by row, as the checker counts it. */
function writtenOn(pattern: StitchPattern, count: number, { flat, rows, terms }: StitchesOptions) {
  const way = flat ? 'flat' : 'round'
  const { multiple, offset, unit } = pattern
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
    rows: checked.slice(first).map((row, i): Row => {
      const { text, work, side, onto } = lines.filter(({ text: said }) => said !== null)[i + first]!
      const numbered = flat ? text! : fromOne(text!)
      const ground = flat === true && begun === 'row' && i === 0
      return {
        n: i + 1,
        side,
        passes: pattern.passes === 2 && work.includes('return') ? 2 : 1,
        ...ontoOf(
          onto.map((line) => line - first),
          i + 1,
        ),
        uses: row.consumes,
        makes: row.makes,
        unit:
          unit && !ground && showsUnits(pattern, work)
            ? { name: unit, count: unitsOf(pattern, repeats, way) * Math.max(1, onto.length) }
            : null,
        text: terms === 'uk' ? inUkTerms(numbered) : numbered,
      }
    }),
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
  if (count < stitchesOf(pattern, pattern.least, way) || (count - rest.offset) % multiple !== 0) {
    const least = stitchesOf(pattern, pattern.least, way)
    const nearest = nearestCounts(rest, Math.max(count, least))
      .filter((one) => one >= least)
      .sort((a, b) => a - b)
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
