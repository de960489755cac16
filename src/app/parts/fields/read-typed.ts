import { maybeNumber, parseLength, printNumber, type Result, type System } from '@core/units'

/* How fields read and show the numbers of a design. */

export const readLengthIn =
  (system: System) =>
  (typed: string): Result<number> =>
    parseLength(typed, system === 'metric' ? 'cm' : 'in')

const NOTHING = /^0+(?:[.,]0*)?\s*(?:mm|cm|m|in|["″”])?$/i
/** The same where it may be nothing, or below it: narrower, say. */
export const readLengthFrom =
  (system: System, min: number) =>
  (typed: string): Result<number> => {
    const read = readLengthIn(system)
    if (min > 0) return read(typed)
    const below = /^\s*[-−]/.test(typed)
    const plain = typed.trim().replace(/^[-−+]\s*/, '')
    if (NOTHING.test(plain)) return { ok: true, value: 0 }
    const found = read(plain)
    return below && found.ok ? { ok: true, value: -found.value } : found
  }

/** One step of a length: half a centimetre, a quarter of an inch. */
export const lengthStep = (system: System): number => (system === 'metric' ? 5 : 6.35)

/** Reads a whole number, with or without a leading +. */
export function readWhole(typed: string): Result<number> {
  const value = maybeNumber(typed.replace(/\s+/g, ''))
  return value !== null && Number.isInteger(value)
    ? { ok: true, value }
    : { ok: false, problem: `“${typed.trim()}” is not a whole number.` }
}

/** Reads a number of millimetres, such as a hook: "3.5", "3.5 mm". */
export function readMm(typed: string): Result<number> {
  return parseLength(typed, 'mm')
}

/** Reads a share: "5 %", "± 5", as 0.05. */
export function readPercent(typed: string): Result<number> {
  const value = maybeNumber(typed.replace(/[±%]/g, ''))
  return value !== null && value > 0
    ? { ok: true, value: value / 100 }
    : { ok: false, problem: 'How many per cent off may it be?' }
}

export function readAmount(typed: string): Result<number> {
  const value = maybeNumber(typed.replace(/\s*(g|m|sts?)$/i, ''))
  return value === null
    ? { ok: false, problem: `“${typed.trim()}” is not a number.` }
    : { ok: true, value }
}

export const printMm = (mm: number): string => `${printNumber(mm, 2)} mm`
