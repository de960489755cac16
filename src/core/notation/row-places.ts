/* Rows that are not worked into the one below them, and rows of two passes. */

const ONTO =
  /^\s*(?:(?:with|using)\s+[^,;]{1,30}[,;]\s*)?((?:work(?:ing|ed)?\s+)?(?:in)?to\s+(?:the\s+(?:loops|stitches|sts)\s+of\s+)?(?:rows?|rnds?|rounds?)\s*(\d{1,4})(?:\s*(?:and|&)\s*(\d{1,4})(?:\s+in\s+turn)?)?\s*[,:;])/i

/** A row's work without the words that say where it goes, and the rows it goes into; null where that is the one below. */
export function ontoIn(work: string): { readonly work: string; readonly rows: number[] } | null {
  const found = ONTO.exec(work)
  if (!found) return null
  const [all, clause, one, other] = found
  const from = all.length - clause!.length
  return {
    // Blanks in its place, so that the offsets of what follows stay.
    work: `${work.slice(0, from)}${' '.repeat(clause!.length)}${work.slice(all.length)}`,
    rows: [one, other].flatMap((row) => (row === undefined ? [] : Number(row))),
  }
}

const RETURN = /[;,.]?\s*\breturn(?:\s+pass)?\s*:/i

/** The way forward and the way back of a row of two passes, each with blanks for the other; null for any other row. */
export function passesIn(work: string): readonly [string, string] | null {
  const found = RETURN.exec(work)
  if (!found || found.index === 0) return null
  const end = found.index + found[0].length
  return [work.slice(0, found.index), ' '.repeat(end) + work.slice(end)]
}
