import Papa from 'papaparse'
import { LIMITS } from '../part/index.ts'
import { cutAt, found, maybeNumber, refused, type Result, writable } from '../units/index.ts'
import type { YarnInHand } from '../workshop/index.ts'

/* Yarns in hand as a table (CSV, RFC 4180): one line a lot, whose columns are known by their headings. */

const COLUMNS = [
  'name',
  'colour',
  'class',
  'ball grams',
  'ball metres',
  'price',
  'lot',
  'grams',
] as const
type Column = (typeof COLUMNS)[number]

/** The same columns as others head them. */
const others: Readonly<Record<string, Column>> = {
  yarn: 'name',
  color: 'colour',
  hex: 'colour',
  weight: 'class',
  'yarn class': 'class',
  'grams per ball': 'ball grams',
  'ball weight': 'ball grams',
  'metres per ball': 'ball metres',
  'meters per ball': 'ball metres',
  'ball meters': 'ball metres',
  'dye lot': 'lot',
  'in hand': 'grams',
  'grams in hand': 'grams',
}
const MOST = { lines: 2000, name: 60, lot: 40 } as const
const GREY = '#9a9a92'

export const yarnsCsv = (yarns: readonly YarnInHand[]): string =>
  Papa.unparse(
    {
      fields: [...COLUMNS],
      data: yarns.flatMap(({ name, colour, yarnClass, label, lots }) =>
        (lots.length > 0 ? lots : [{ lot: null, grams: null }]).map(({ lot, grams }) => [
          ...[name, colour, yarnClass ?? ''],
          ...[label?.grams ?? '', label?.metres ?? '', label?.price ?? ''],
          ...[lot ?? '', grams ?? ''],
        ]),
      ),
    },
    // What begins like a formula is not run by a spreadsheet.
    { newline: '\r\n', escapeFormulae: true },
  )

const columnOf = (heading: string): Column | null => {
  const said = heading.trim().toLowerCase().replace(/_/g, ' ')
  return (COLUMNS as readonly string[]).includes(said) ? (said as Column) : (others[said] ?? null)
}

/** Yarns from a table; lines of one name and colour are lots of one yarn. What cannot be read is refused with its line. */
export function yarnsFromCsv(text: string, idOf: () => string): Result<YarnInHand[]> {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' })
  const [head, ...lines] = data
  const columns = (head ?? []).map(columnOf)
  if (!columns.includes('name')) return refused('The first line must head a column “name”.')
  if (lines.length > MOST.lines) return refused(`${lines.length} lines are more than are read.`)
  const yarns = new Map<string, YarnInHand>()
  for (const [i, cells] of lines.entries()) {
    const of = (column: Column) => writable((cells[columns.indexOf(column)] ?? '').trim())
    const wrong = (what: string) => refused(`Line ${i + 2}: ${what}.`)
    const name = cutAt(of('name').replace(/^'(?=[=+\-@])/, ''), MOST.name)
    if (!name) return wrong('no name')
    const colour = of('colour') === '' ? GREY : `#${of('colour').replace('#', '').toLowerCase()}`
    if (!/^#[0-9a-f]{6}$/.test(colour)) return wrong(`“${of('colour')}” is no colour like #22406b`)
    const figures = new Map<Column, number>()
    for (const [column, least, most] of bounds) {
      const typed = of(column).replace(/\s*(g|m)$/i, '')
      if (typed === '') continue
      const value = maybeNumber(typed)
      if (value === null || value < least || value > most)
        return wrong(`“${of(column)}” is no ${column} from ${least} to ${most}`)
      figures.set(column, value)
    }
    if (figures.has('class') && !Number.isInteger(figures.get('class')))
      return wrong(`“${of('class')}” is no class from 1 to 7`)
    const [grams, metres] = [figures.get('ball grams'), figures.get('ball metres')]
    const price = figures.get('price')
    const label =
      grams === undefined || metres === undefined
        ? null
        : { grams, metres, ...(price === undefined ? {} : { price }) }
    const key = `${name} ${colour}`
    const known = yarns.get(key) ?? {
      ...{ id: idOf(), name, colour, label, lots: [] },
      yarnClass: figures.get('class') ?? null,
    }
    const there = figures.get('grams')
    const lots =
      there === undefined
        ? known.lots
        : [...known.lots, { lot: cutAt(of('lot'), MOST.lot) || null, grams: there }]
    if (lots.length > LIMITS.lots) return wrong(`more than ${LIMITS.lots} lots of ${name}`)
    yarns.set(key, { ...known, label: known.label ?? label, lots })
  }
  return yarns.size === 0 ? refused('There are no yarns in that file.') : found([...yarns.values()])
}

const bounds: readonly (readonly [Column, number, number])[] = [
  ['class', 1, 7],
  ['ball grams', 1, 5000],
  ['ball metres', 1, 10000],
  ['price', 0, 1_000_000],
  ['grams', 0, 100_000],
]
