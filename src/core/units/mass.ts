import type { System } from './length.ts'

/** International avoirdupois ounce: 1 oz = 28.349523125 g, exactly. */
export const GRAMS_PER_OUNCE = 28.349523125

/** Grams as "85 g" or "3.0 oz". */
export function printMass(grams: number, system: System): string {
  return system === 'metric'
    ? `${grams.toFixed(grams < 10 ? 1 : 0)} g`
    : `${(grams / GRAMS_PER_OUNCE).toFixed(1)} oz`
}
