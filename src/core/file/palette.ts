import Papa from 'papaparse'
import { cutAt, found, refused, type Result } from '../units/index.ts'

/* Palettes: names and colours of yarns, as the palette files of drawing programs (.gpl) and as CSV. */

export interface Swatched {
  readonly name: string
  /** Like #22406b. */
  readonly colour: string
}

const HEADER = 'GIMP Palette'
const MOST = 512
const NAME = 60
const oneLine = (name: string) => name.replace(/[\r\n\t]+/g, ' ').trim()

/** A palette as .gpl: red, green and blue from 0 to 255, then the name. */
export const paletteGpl = (name: string, colours: readonly Swatched[]): string =>
  [
    HEADER,
    `Name: ${oneLine(name)}`,
    'Columns: 0',
    '#',
    ...colours.map(({ name: one, colour }) => {
      const rgb = [1, 3, 5].map((at) => Number.parseInt(colour.slice(at, at + 2), 16))
      return `${rgb.map((value) => String(value).padStart(3)).join(' ')}\t${oneLine(one)}`
    }),
    '',
  ].join('\n')

/** A palette as CSV: name and colour as hex. */
export const paletteCsv = (colours: readonly Swatched[]): string =>
  Papa.unparse(
    { fields: ['name', 'colour'], data: colours.map(({ name, colour }) => [name, colour]) },
    { newline: '\r\n' },
  )

const hex = (value: number): string => value.toString(16).padStart(2, '0')

/** A palette from .gpl or CSV, by what it begins with; a line that is no colour is refused with its number. */
export function readPalette(text: string): Result<Swatched[]> {
  const clean = text.replace(/^\uFEFF/, '')
  const read = clean.startsWith(HEADER) ? fromGpl(clean) : fromCsv(clean)
  if (!read.ok) return read
  if (read.value.length === 0) return refused('There are no colours in that file.')
  return read.value.length > MOST
    ? refused(`${read.value.length} colours are more than a palette of yarns has: ${MOST} at most.`)
    : read
}

function fromGpl(text: string): Result<Swatched[]> {
  const colours: Swatched[] = []
  for (const [i, line] of text.split(/\r\n|\r|\n/).entries()) {
    if (i === 0 || /^\s*(?:#|$)|^(?:Name|Columns):/.test(line)) continue
    const [, red, green, blue, name] = /^\s*(\d+)\s+(\d+)\s+(\d+)\s*(.*)$/.exec(line) ?? []
    const rgb = [red, green, blue].map(Number)
    if (name === undefined || rgb.some((value) => value > 255))
      return refused(`Line ${i + 1} is no colour: “${line.slice(0, 30)}”.`)
    const colour = `#${rgb.map(hex).join('')}`
    colours.push({ colour, name: cutAt(name.trim(), NAME) || colour })
  }
  return found(colours)
}

function fromCsv(text: string): Result<Swatched[]> {
  const { data } = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' })
  const colours: Swatched[] = []
  for (const [i, cells] of data.entries()) {
    const at = cells.findIndex((cell) => /^#?[0-9a-f]{6}$/i.test(cell.trim()))
    if (at < 0) {
      // The first line may say what stands below it.
      if (i === 0) continue
      return refused(`Line ${i + 1} has no colour like #22406b.`)
    }
    const colour = `#${cells[at]!.trim().replace('#', '').toLowerCase()}`
    const name = cells.find((cell, c) => c !== at && cell.trim() !== '')?.trim()
    colours.push({ colour, name: cutAt(name ?? '', NAME) || colour })
  }
  return found(colours)
}
