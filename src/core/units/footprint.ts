import { lengthFigure, lengthUnit, type System } from './length.ts'

/** A base from above in words: "Ø 19.1 cm", "30.2 × 14.1 cm". */
export function footprintWords(
  { lengthMm, widthMm }: { readonly lengthMm: number; readonly widthMm: number },
  system: System,
): string {
  const [length, width] = [lengthMm, widthMm].map((mm) => lengthFigure(mm, system))
  const size = lengthMm === widthMm ? `Ø ${length}` : `${length} × ${width}`
  return `${size} ${lengthUnit(system)}`
}
