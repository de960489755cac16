/** A text that was put in other words, each character with where what it says was written: from, and to (half-open). */
export interface Mapped {
  readonly text: string
  readonly from: readonly number[]
  readonly to: readonly number[]
}

export const asWritten = (text: string): Mapped => {
  const from = Array.from({ length: text.length }, (_, i) => i)
  return { text, from, to: from.map((i) => i + 1) }
}

/** What a match becomes; null leaves it. */
export type Becomes = string | ((...found: string[]) => string | null)

const GROUP = /\$(\d)/g

/** The text with each match of a pattern (global) put in other words; what is put there stands where the match stood. */
export function replaced(mapped: Mapped, pattern: RegExp, becomes: Becomes): Mapped {
  const { text, from, to } = mapped
  // Most patterns match nothing: to look is cheaper than to go through matches.
  if (text.search(pattern) < 0) return mapped
  let words = ''
  let places: { from: number[]; to: number[] } | null = null
  let done = 0
  const keep = (until: number) => {
    for (let i = done; i < until; i++) {
      places!.from.push(from[i]!)
      places!.to.push(to[i]!)
    }
  }
  for (const match of text.matchAll(pattern)) {
    const said = match.map((group) => group ?? '')
    const now =
      typeof becomes === 'string'
        ? becomes.replace(GROUP, (_, n: string) => said[Number(n)] ?? '')
        : becomes(...said)
    const [all] = said as [string]
    if (now === null || now === all) continue
    places ??= { from: [], to: [] }
    words += text.slice(done, match.index) + now
    keep(match.index)
    const last = match.index + Math.max(0, all.length - 1)
    for (let i = 0; i < now.length; i++) {
      const along = Math.min(last, match.index + Math.floor((i * all.length) / now.length))
      places.from.push(from[along] ?? from.at(-1) ?? 0)
      places.to.push(to[i === now.length - 1 ? last : along] ?? to.at(-1) ?? 0)
    }
    done = match.index + all.length
  }
  if (!places) return mapped
  keep(text.length)
  return { text: words + text.slice(done), ...places }
}
