import { maybeNumber, printNumber } from './number.ts'
import { found, refused, type Result } from './result.ts'

/** International yard and pound agreement, 1959: 1 in = 25.4 mm and 1 yd = 0.9144 m, exactly. */
export const MM_PER_INCH = 25.4
export const METRES_PER_YARD = 0.9144

export type System = 'metric' | 'imperial'

const mmPer: Readonly<Record<string, number>> = {
  mm: 1,
  cm: 10,
  m: 1000,
  in: MM_PER_INCH,
  inch: MM_PER_INCH,
  inches: MM_PER_INCH,
  '"': MM_PER_INCH,
  '″': MM_PER_INCH,
  '”': MM_PER_INCH,
  ft: 12 * MM_PER_INCH,
  "'": 12 * MM_PER_INCH,
}

/**
 * Reads a length as a person types it ("12 in", "30cm", `5 1/4"`, "600mm"); a bare number is taken in `bare`.
 * @returns millimetres, above 0, or words for the field
 */
export function parseLength(text: string, bare: 'mm' | 'cm' | 'in'): Result<number> {
  const match = /^\s*(.*?[\d¼½¾⅛⅜⅝⅞⅓⅔])\s*([a-z]+|["″”'])?\.?\s*$/i.exec(text)
  const unit = (match?.[2] ?? bare).toLowerCase()
  const size = match ? maybeNumber(match[1]!) : null
  const scale = mmPer[unit]
  if (size === null || scale === undefined)
    return refused(`“${text.trim()}” is not a length. Try 30 cm or 12 in.`)
  if (size <= 0) return refused('A length must be more than nothing.')
  return found(size * scale)
}

/** Millimetres as a person reads them: "60.0 cm", "23.6 in"; one decimal always, so that columns line up. */
export function printLength(mm: number, system: System): string {
  return `${lengthFigure(mm, system)} ${lengthUnit(system)}`
}

/** The figure of {@link printLength} alone. */
export function lengthFigure(mm: number, system: System): string {
  return (system === 'metric' ? mm / 10 : mm / MM_PER_INCH).toFixed(1)
}

export const lengthUnit = (system: System): 'cm' | 'in' => (system === 'metric' ? 'cm' : 'in')

/** What a person would type for this length: no trailing zeros, up to two decimals. */
export function lengthInput(mm: number, system: System): string {
  const inUnit = system === 'metric' ? mm / 10 : mm / MM_PER_INCH
  return `${printNumber(inUnit, 2)} ${lengthUnit(system)}`
}

/** Metres of yarn as "142 m" or "155 yd". */
export function printYarnLength(metres: number, system: System): string {
  return `${yarnLengthFigure(metres, system)} ${yarnLengthUnit(system)}`
}

export function yarnLengthFigure(metres: number, system: System): string {
  const amount = system === 'metric' ? metres : metres / METRES_PER_YARD
  return amount.toFixed(amount < 10 ? 1 : 0)
}

export const yarnLengthUnit = (system: System): 'm' | 'yd' => (system === 'metric' ? 'm' : 'yd')
