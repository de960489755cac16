/* Patterns in several sizes: "Ch 21 (25, 29)", "31/37/43 sts". One is chosen, and read as if it stood alone. */

/** "8 (9, 11)": as many numbers as there are sizes. */
const BRACKETS =
  /(?<![\w.])(\d+(?:\s?[-–]\s?\d+)?)(\s*)[([](\s*\d+(?:\s?[-–]\s?\d+)?(?:\s*[,:/]\s*\d+(?:\s?[-–]\s?\d+)?)*)\s*[)\]](?!\s*(?:times|x\b|×))/g
const SLASHES = /(?<![\w./])\d+(?:\s?\/\s?\d+)+(?![\w/])/g
const NAMED =
  /^\s*(?:sizes?(?: given)?\s*[:–-]\s*)?([A-Za-z][\w .]{0,20}?)\s*[([]\s*([A-Za-z][\w .]{0,20}(?:,\s*[A-Za-z][\w .]{0,20}){0,6})\s*[)\]]\s*\.?\s*$/im
const SLASHED = /^\s*(?:sizes?\s*[:–-]\s*)?([A-Za-z]{1,8}(?:\s?\/\s?[A-Za-z]{1,8}){1,6})\s*$/im

export interface Sizes {
  /** What they are called; numbers where they have no names. */
  readonly names: readonly string[]
  readonly of: 'brackets' | 'slashes'
}

const numbersIn = (text: string) => text.match(/\d+(?:\s?[-–]\s?\d+)?/g) ?? []

/** How many numbers stand together most often, where they do so in several lines. */
function usual(groups: readonly string[]): number | null {
  const counts = new Map<number, number>()
  for (const group of groups) {
    const many = numbersIn(group).length
    counts.set(many, (counts.get(many) ?? 0) + 1)
  }
  const [most] = [...counts].sort((a, b) => b[1] - a[1])
  return most && most[1] >= 3 && most[0] >= 2 && most[1] >= 0.6 * groups.length ? most[0] : null
}

/** The sizes a pattern is written for; null where it is for one. */
export function sizesOf(text: string): Sizes | null {
  const brackets = [...text.matchAll(BRACKETS)].map(([all]) => all)
  const names = (many: number, said: RegExp, split: RegExp) => {
    const found = said.exec(text)
    const list = found
      ? found
          .slice(1)
          .join(',')
          .split(split)
          .map((one) => one.trim())
      : []
    return list.length === many ? list : Array.from({ length: many }, (_, i) => String(i + 1))
  }
  const many = usual(brackets)
  const named = NAMED.test(text) || /\bsizes?\b/i.test(text)
  // Two numbers are sizes only where that is said: "2 (3)" may be a total.
  if (many !== null && (many > 2 || named) && brackets.some((one) => /[,:/]/.test(one) || named))
    return { names: names(many, NAMED, /,/), of: 'brackets' }
  const slashes = usual(text.match(SLASHES) ?? [])
  return slashes === null ? null : { names: names(slashes, SLASHED, /[/,]/), of: 'slashes' }
}

/** The text in one size, every character where it stood: the numbers of the others are blanks. */
export function inSize(text: string, sizes: Sizes, size: number): string {
  const many = sizes.names.length
  const chosen = Math.min(size, many - 1)
  return text.replace(sizes.of === 'brackets' ? BRACKETS : SLASHES, (all: string) => {
    const found = [...all.matchAll(/\d+(?:\s?[-–]\s?\d+)?/g)]
    if (found.length !== many) return all
    return found[chosen]![0].padStart(all.length)
  })
}
