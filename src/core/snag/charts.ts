import { type TapestryPart, isBandOf } from '../band/index.ts'
import { type Lettered, loneCells, lettersOfRow, rowsWith } from '../chart/index.ts'
import { nearestColour } from '../colour/index.ts'
import { type Design, type Edit, yarnByLetter } from '../design/index.ts'
import type { Piece } from '../ledger/index.ts'
import { bandsOn, type Finder, type SnagContext } from './finder.ts'
import type { Mend, Snag } from './snag.ts'

/* What a charted band would be hard to work, or to read, in; with the stitches to change. */

/** A strand that lies inside more stitches than this before it is used again draws in unless it is tugged (from memory). */
export const LONG_CARRY = 20

/** As whole rows: there may be thousands of cells, and they go from a worker to the page. */
const painted = ({ id, chart }: TapestryPart, list: readonly Lettered[], why: string): Edit[] => [
  { name: 'drawRows', args: { id, rows: rowsWith(chart, list), why } },
]
/** The bands of a piece whose stitches are each in the yarn of its cell, and where they are in its ledger. */
export const charted = ({ design, piece }: Pick<SnagContext, 'design' | 'piece'>) =>
  bandsOn(design, piece).flatMap((part) =>
    isBandOf('tapestry', part)
      ? [{ part, place: piece.parts.find(({ id }) => id === part.id)! }]
      : [],
  )

/** Printed number of the round that a row of the chart is first worked in. */
const numberOf = ({ columns }: Piece, firstRow: number, row: number): number =>
  columns.number[firstRow + row]!

/** Stitches alone among others: they read as specks, and each is two changes. */
export const loneStitches: Finder = (context) =>
  charted(context).flatMap(({ part, place }): Snag[] => {
    const round = context.piece.worked === 'rounds'
    const lone = loneCells(part.chart, round)
    if (lone.length === 0) return []
    const mends = (['absorb', 'join-up'] as const).map((how) => ({
      kind: how,
      facts: { stitches: lone.length },
      edits: [{ name: 'mendLone' as const, args: { id: part.id, how, round } }],
    }))
    return [
      {
        code: 'lone-stitches',
        severity: 'advice',
        where: { part: part.id, round: numberOf(context.piece, place.firstRow, lone[0]!.row) },
        facts: { name: part.name, stitches: lone.length },
        mends,
      },
    ]
  })

const nearest = new WeakMap<Design['yarns'], Map<string, string>>()
/** The yarn among some that looks nearest to one; kept, since it is asked for every row. */
function nearestYarn(design: Design, letter: string, among: string): string {
  const known = nearest.get(design.yarns) ?? new Map<string, string>()
  nearest.set(design.yarns, known)
  const key = `${letter} ${among}`
  const found =
    known.get(key) ??
    nearestColour(
      yarnByLetter(design, letter).colour,
      [...among].map((one) => yarnByLetter(design, one)),
    ).nearest.letter
  known.set(key, found)
  return found
}

/** A row with every stitch of these yarns in that of those left which looks nearest (CIEDE2000). */
function recoloured(design: Design, row: string, away: readonly string[]): string {
  const left = lettersOfRow(row)
    .map(([letter]) => letter)
    .filter((letter) => !away.includes(letter))
    .join('')
  return away.reduce(
    (now, letter) => now.replaceAll(letter, nearestYarn(design, letter, left)),
    row,
  )
}

/** With more rows than these it is the chart that wants many yarns: the mend goes to the page with each stroke. */
const MOST_ROWS = 60

/** The least used yarns of some rows in those that look nearest. */
function fewerYarns(
  design: Design,
  { id, carried }: TapestryPart,
  rows: readonly {
    readonly row: string
    readonly at: number
    readonly letters: readonly (readonly [letter: string, count: number])[]
  }[],
): Mend {
  let stitches = 0
  const drawn = rows.map(({ row, at, letters }) => {
    const away = letters.slice(carried + 1)
    stitches += away.reduce((sum, [, count]) => sum + count, 0)
    const gone = away.map(([letter]) => letter)
    return [at, recoloured(design, row, gone)] as const
  })
  const args = { id, rows: drawn, why: 'Fewer yarns a round' }
  return { kind: 'recolour', facts: { stitches }, edits: [{ name: 'drawRows', args }] }
}

/** Rows with more yarns than are to be carried: with the least used ones recoloured, or all of them allowed. */
export const manyStrands: Finder = ({ design, piece }) =>
  charted({ design, piece }).flatMap(({ part, place }): Snag[] => {
    const rows = part.chart.colours.flatMap((row, at) => {
      const letters = lettersOfRow(row)
      return letters.length > part.carried + 1 ? [{ row, at, letters }] : []
    })
    if (rows.length === 0) return []
    const most = Math.max(...rows.map(({ letters }) => letters.length))
    return [
      {
        code: 'many-strands',
        severity: 'warning',
        where: { part: part.id, round: numberOf(piece, place.firstRow, rows[0]!.at) },
        facts: {
          name: part.name,
          rows: rows.length,
          yarns: most,
          carried: part.carried,
          worked: piece.worked,
        },
        mends: [
          ...(rows.length > MOST_ROWS ? [] : [fewerYarns(design, part, rows)]),
          {
            kind: 'carry-more',
            facts: { carried: most - 1 },
            edits: [{ name: 'setPart', args: { id: part.id, values: { carried: most - 1 } } }],
          },
        ],
      },
    ]
  })

/** What shortens the carries of a row of a chart: a stitch of the carried yarn in their middles, or none of its own any more. */
export function shorterCarries(
  { design, piece }: Pick<SnagContext, 'design' | 'piece'>,
  id: string,
  row: number,
): Mend[] {
  const found = charted({ design, piece }).find(({ part }) => part.id === id)
  if (!found || found.part.lay !== 'beside') return []
  const { part, place } = found
  const at = (row - place.firstRow) % part.chart.colours.length
  const text = part.chart.colours[at]!
  const caught = longGaps(text, piece.worked === 'rounds').map(({ letter, middle }) => ({
    letter,
    cells: [{ column: middle, row: at }],
  }))
  if (caught.length === 0) return []
  const rare = [...new Set(caught.map(({ letter }) => letter))]
  const rest = lettersOfRow(text).length - rare.length
  const away = rest > 0 ? recoloured(design, text, rare) : text
  const rareOnes = lettersOfRow(text).filter(([letter]) => rare.includes(letter))
  return [
    {
      kind: 'catch',
      facts: { stitches: caught.length },
      edits: painted(part, caught, 'Catch long carries'),
    },
    ...(away !== text
      ? [
          {
            kind: 'recolour' as const,
            facts: { stitches: rareOnes.reduce((sum, [, count]) => sum + count, 0) },
            edits: [
              {
                name: 'drawRows' as const,
                args: { id, rows: [[at, away] as const], why: 'No long carries' },
              },
            ],
          },
        ]
      : []),
  ]
}

/** Where a yarn that is in a row would have to come in between, so that no carry of it is too long; in the round also over the join. */
function longGaps(row: string, round: boolean): { letter: string; middle: number }[] {
  return lettersOfRow(row).flatMap(([letter]) => {
    const places = [...row].flatMap((one, column) => (one === letter ? [column] : []))
    return places.flatMap((from, i) => {
      const next = places[i + 1] ?? (round ? places[0]! + row.length : null)
      const gap = next === null ? 0 : next - from - 1
      const between = Math.ceil((gap + 1) / (LONG_CARRY + 1)) - 1
      return Array.from({ length: between }, (_, n) => ({
        letter,
        middle: (from + Math.round(((n + 1) * (gap + 1)) / (between + 1))) % row.length,
      }))
    })
  })
}
