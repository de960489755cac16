/** Where a value holds a figure that is no number, or an endless one; null when it holds none. Typed arrays are looked through. */
export function maybeEndless(value: unknown, where = ''): string | null {
  if (typeof value === 'number') return Number.isFinite(value) ? null : where
  if (typeof value !== 'object' || value === null) return null
  if (ArrayBuffer.isView(value)) {
    const at = (value as Float64Array).findIndex((figure) => !Number.isFinite(figure))
    return at < 0 ? null : `${where}[${at}]`
  }
  for (const [key, inner] of Object.entries(value)) {
    const found = maybeEndless(inner, `${where}.${key}`)
    if (found !== null) return found
  }
  return null
}
