import { isKnown } from '../notation/index.ts'

/* Names a pattern has for its yarns: “with Brass”, “A = Brass”, and a word that rows begin with: “Brass, 30 sc”. */

const SAID = [
  /\b(?:with|using|in|to|change to|join|attach|yarn|colou?r)\s+(?:colou?r |yarn )?([A-Z][a-z]{2,})\b/g,
  /(?<![A-Za-z])(?:[A-F]|MC|CC\d?|(?:Main|Contrast) colou?r)\s*[=:–-]\s*([A-Z][a-z]{2,})\b/g,
]
/** A word alone before what is worked. */
const BEGINS = /^([A-Z][a-z]{2,})\s?[,:]\s+(?=[\d*([{]|sc\b|hdc\b|dc\b|tr\b|ch\b|inc\b)/

/** The names, as they are written; `rows` is what its rows say. */
export function yarnNames(lines: readonly string[], rows: readonly string[]): string[] {
  const names = new Set<string>()
  const take = (name: string) => {
    if (!isKnown(name)) names.add(name)
  }
  for (const line of lines)
    for (const pattern of SAID) for (const [, name] of line.matchAll(pattern)) take(name!)
  const first = rows.flatMap((row) => BEGINS.exec(row)?.[1] ?? [])
  for (const name of first)
    if (first.length > 2 || first.filter((one) => one === name).length > 1) take(name)
  return [...names]
}
