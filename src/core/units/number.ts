const vulgar: Readonly<Record<string, string>> = {
  '¼': '1/4',
  '½': '1/2',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅓': '1/3',
  '⅔': '2/3',
}

/**
 * Reads a number as people write it: "5", "5.25", "5,25", "5 1/4", "1/4", "5¼".
 * Null when it is not one of these, or not finite.
 */
export function maybeNumber(text: string): number | null {
  const plain = text
    .trim()
    .replace(/[¼½¾⅛⅜⅝⅞⅓⅔]/g, (sign) => ` ${vulgar[sign]}`)
    .trim()
  const match = /^([+\-−]?)(?:(\d+(?:[.,]\d+)?|[.,]\d+)|(?:(\d+)\s+)?(\d+)\s*\/\s*(\d+))$/.exec(
    plain,
  )
  if (!match) return null
  const [, sign, decimal, whole, above, below] = match
  const size = decimal
    ? Number(decimal.replace(',', '.'))
    : Number(whole ?? 0) + Number(above) / Number(below)
  if (!Number.isFinite(size)) return null
  return sign === '-' || sign === '−' ? -size : size
}

/** Rounds half away from zero to so many decimals and drops trailing zeros: 12.50 → "12.5". */
export function printNumber(value: number, decimals = 1): string {
  const text = value.toFixed(decimals)
  const trimmed = decimals > 0 ? text.replace(/\.?0+$/, '') : text
  return trimmed === '-0' ? '0' : trimmed
}
