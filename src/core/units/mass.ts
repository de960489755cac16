import type { System } from './length.ts'

/** International avoirdupois ounce: 1 oz = 28.349523125 g, exactly. */
export const GRAMS_PER_OUNCE = 28.349523125

/** Grams from low to high, as "67–80 g" or "2.4–2.8 oz"; one figure where both are the same. */
export function printMasses(low: number, high: number, system: System): string {
  const metric = system === 'metric'
  const figure = (grams: number) =>
    metric ? grams.toFixed(high < 10 ? 1 : 0) : (grams / GRAMS_PER_OUNCE).toFixed(1)
  const figures = new Set([figure(low), figure(high)])
  return `${[...figures].join('–')} ${metric ? 'g' : 'oz'}`
}
