import { type MosaicPart, mosaicRules, rowsFor } from '@core/band'
import type { Cell, Chart } from '@core/chart'
import type { Edit } from '@core/design'
import { inTurns, lentTo, type Rules, type Why, type Worked, workedOf } from '@core/mosaic'
import { whyWords } from '@core/snag'
import { type SeenAs, views } from '@app/parts/chart/views.ts'
import type { Seen } from './seen.ts'
import { lazily, type OnChart, usual } from './chart-kind.ts'

/** What is worked in each row, beside its picture. */
const asWorked: SeenAs = {
  id: 'worked',
  title: 'As worked',
  about: 'Each row in its yarn, with where it reaches down',
  ...{ shows: 'repeat', as: 'worked' },
}

/** Rows of a motif for a mosaic: its ground, and the yarn that is painted with, in turn. */
export function turnsFor(
  { colours }: Chart,
  yarns: readonly { readonly letter: string }[],
  ground: string,
  letter: string,
): string {
  const other = yarns.find((yarn) => yarn.letter !== ground)!.letter
  return inTurns(ground, letter === ground ? other : letter, colours.length)
}

/** What painting where it reaches down makes of the picture: the cell below shows this row's yarn, or its own again. */
function dropEdits({ rows, id }: MosaicPart, cells: readonly Cell[], away: boolean): Edit[] {
  const letters = new Map<string, Cell[]>()
  for (const { column, row } of cells) {
    if (row < 1) continue
    const letter = away ? rows[row - 1]! : lentTo(rows, row - 1)
    const list = letters.get(letter) ?? []
    letters.set(letter, list)
    list.push({ column, row: row - 1 })
  }
  return [...letters].map(([letter, list]) => ({
    name: 'paint',
    args: { id, cells: list, letter },
  }))
}

/** What was found last: a stroke changes few rows, and the others are not looked at again. */
let last: { readonly rules: Rules; readonly worked: Worked } | null = null
function worksOf(part: MosaicPart, worked: 'rounds' | 'rows'): Worked {
  const now = mosaicRules(part, worked)
  const same =
    last && (Object.keys(now) as (keyof Rules)[]).every((key) => now[key] === last!.rules[key])
  const rules = same ? last!.rules : now
  last = { rules, worked: workedOf({ ...part.chart, rows: part.rows }, rules, last?.worked) }
  return last.worked
}

/** Why cells of a row are not as they are drawn, by column; rows that stay are not gone through again. */
const whysOfRow = new WeakMap<Worked['rows'][number], ReadonlyMap<number, Why>>()
function whyIn({ rows }: Worked, { column, row }: Cell): Why | undefined {
  const of = rows[row]
  if (!of || of.misfits.length === 0) return undefined
  const known = whysOfRow.get(of) ?? new Map(of.misfits.map((one) => [one.column, one.why]))
  whysOfRow.set(of, known)
  return known.get(column)
}

/** The chart of a picture of which each row is worked in one yarn. */
export function onMosaic(whole: MosaicPart, { piece, own, design }: Seen, view: SeenAs): OnChart {
  const part: MosaicPart = own ? { ...whole, chart: own } : whole
  const { rows, chart } = part
  const { width } = chart
  const found = worksOf(part, piece.worked)
  const isAsWorked = view.as === 'worked'
  const isBorrowed = ({ column, row }: Cell) => found.marks[row * width + column] === 1
  const drops = lazily(() =>
    [...found.marks].flatMap((mark, at) =>
      mark ? [{ column: at % width, row: Math.floor(at / width) + 1 }] : [],
    ),
  )
  return {
    ...usual,
    chart: isAsWorked ? { width, colours: [...rows].map((letter) => letter.repeat(width)) } : null,
    cannot:
      isAsWorked || found.misfits.length === 0 ? null : (cell) => whyIn(found, cell) !== undefined,
    whyNot: (cell) => {
      const why = whyIn(found, cell)
      return why
        ? `This cell ${whyWords[why]}. It is worked in ${rows[cell.row]!}, the yarn of its row.`
        : ''
    },
    // What reaches down begins in the cell it hides.
    shapeAt: (cell) => {
      if (isBorrowed(cell)) return 'reach-foot'
      if (cell.row > 0 && isBorrowed({ ...cell, row: cell.row - 1 })) return 'reach-top'
      return part.school === 'overlay' ? 'sc-blo' : 'sc'
    },
    drops: isAsWorked ? drops() : [],
    rowLetters: [...rows],
    painted: isAsWorked ? (cells, erases) => dropEdits(part, cells, erases) : null,
    made: (next, ground, letter) => ({
      chart: next,
      rows: turnsFor(next, design.yarns, ground, letter),
    }),
    asWhole: (all, next = all(chart)) => ({
      chart: next,
      times: 1,
      rows: rowsFor(rows.repeat(part.times), next.colours.length),
    }),
    blank: (row, height) => rowsFor(rows.repeat(part.times), height)[row]!,
    inRuns: false,
    straightens: false,
    mend: {
      // The band as it is, also while the nearest is shown in its place.
      given: { part: whole, rules: found.rules },
      isNeeded: found.misfits.length > 0,
    },
  }
}

/** The picture, and each row of it as it is worked. */
export const mosaicViews = views.flatMap((view, i) => (i === 0 ? [view, asWorked] : [view]))
