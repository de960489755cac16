import { bandOf, type TapestryPart } from '../band/index.ts'
import { absorbed, type Cell, joinedUp, type Lettered, loneCells } from '../chart/index.ts'
import { nearestColour } from '../colour/index.ts'
import { type Design, type Edit, yarnByLetter } from '../design/index.ts'
import type { Piece } from '../ledger/index.ts'
import { bandsOn, type Finder, type SnagContext } from './finder.ts'
import type { Mend, Snag } from './snag.ts'

/* What a charted band would be hard to work, or to read, in; with the stitches to change. */

/** A strand that lies inside more stitches than this before it is used again draws in unless it is tugged (from memory). */
export const LONG_CARRY = 20

const painted = (id: string, list: readonly Lettered[]): Edit[] =>
  list.map(({ letter, cells }) => ({ name: 'paint', args: { id, cells, letter } }))
const changed = (list: readonly Lettered[]): number =>
  list.reduce((sum, { cells }) => sum + cells.length, 0)

/** The bands of a piece with a chart of their own, and where they are in its ledger. */
export const charted = ({ design, piece }: Pick<SnagContext, 'design' | 'piece'>) =>
  bandsOn(design, piece).flatMap((part) =>
    bandOf(part).chart(part)
      ? [{ part: part as TapestryPart, place: piece.parts.find(({ id }) => id === part.id)! }]
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
    const into = absorbed(part.chart, lone, round)
    const moved = joinedUp(part.chart, lone, round)
    const mends: Mend[] = [
      { kind: 'absorb', facts: { stitches: lone.length }, edits: painted(part.id, into) },
    ]
    if (moved.length > 0)
      mends.push({
        kind: 'join-up',
        facts: { stitches: changed(moved) / 2 },
        edits: painted(part.id, moved),
      })
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

/** The letters of a row with how often they come, the most frequent first. */
function lettersOf(row: string): [letter: string, count: number][] {
  const counts = new Map<string, number>()
  for (const letter of row) counts.set(letter, (counts.get(letter) ?? 0) + 1)
  return [...counts].sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1))
}

/** Every stitch of these yarns in a row in that of those left which looks nearest (CIEDE2000). */
function recoloured(design: Design, row: string, at: number, away: readonly string[]): Lettered[] {
  const rest = lettersOf(row)
    .map(([letter]) => letter)
    .filter((letter) => !away.includes(letter))
  const left = rest.map((letter) => yarnByLetter(design, letter))
  return away.map((letter) => ({
    letter: nearestColour(yarnByLetter(design, letter).colour, left).nearest.letter,
    cells: [...row].flatMap((one, column): Cell[] => (one === letter ? [{ column, row: at }] : [])),
  }))
}

/** Rows with more yarns than are to be carried: with the least used ones recoloured, or all of them allowed. */
export const manyStrands: Finder = ({ design, piece }) =>
  charted({ design, piece }).flatMap(({ part, place }): Snag[] => {
    const rows = part.chart.colours.flatMap((row, at) => {
      const letters = lettersOf(row)
      return letters.length > part.carried + 1 ? [{ row, at, letters }] : []
    })
    if (rows.length === 0) return []
    const most = Math.max(...rows.map(({ letters }) => letters.length))
    const lists = rows.flatMap(({ row, at, letters }) =>
      recoloured(
        design,
        row,
        at,
        letters.slice(part.carried + 1).map(([letter]) => letter),
      ),
    )
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
          { kind: 'recolour', facts: { stitches: changed(lists) }, edits: painted(part.id, lists) },
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
  const rest = lettersOf(text).length - rare.length
  const away = rest > 0 ? recoloured(design, text, at, rare) : []
  return [
    { kind: 'catch', facts: { stitches: caught.length }, edits: painted(id, caught) },
    ...(away.length > 0
      ? [
          {
            kind: 'recolour' as const,
            facts: { stitches: changed(away) },
            edits: painted(id, away),
          },
        ]
      : []),
  ]
}

/** Where a yarn that is in a row would have to come in between, so that no carry of it is too long; in the round also over the join. */
function longGaps(row: string, round: boolean): { letter: string; middle: number }[] {
  return lettersOf(row).flatMap(([letter]) => {
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
