import { FOUR_INCHES, lengthInput, type Per, printNumber, type System, TEN_CM } from '@core/units'

/** The length gauges are said over. */
export const usualOver = (units: System) =>
  units === 'metric' ? { overMm: TEN_CM, words: '10 cm' } : { overMm: FOUR_INCHES, words: '4 in' }

/** So many over a length, as one would type it. */
export function perText({ count, overMm }: Per): string {
  const over =
    overMm === FOUR_INCHES ? '4 in' : lengthInput(overMm, overMm % 5 === 0 ? 'metric' : 'imperial')
  return `${printNumber(count, 2)} over ${over}`
}

/** What limits go by. */
export const density = ({ count, overMm }: Per): number => count / overMm
export const perRange = { min: 0.005, max: 2 } as const
