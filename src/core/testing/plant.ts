/** A number source from 0 to below 1, so that a planted fault can be planted again. */
export type Random = () => number

export interface Planted {
  readonly kind: 'count' | 'repeat' | 'total' | 'skip' | 'order' | 'terms'
  readonly text: string
  /** Number of the line it was planted in, from 1. */
  readonly line: number
}

const ROW = /^((?:Rows?|Rnds?|Rounds?) [^:]*: )(.*?)(\s*[([][^()[\]]*\d[^()[\]]*[)\]]\.?)?$/

const pick = <T>(list: readonly T[], random: Random): T | undefined =>
  list[Math.floor(random() * list.length)]

/** Every place of a pattern in a text. */
const places = (text: string, pattern: RegExp) => [...text.matchAll(pattern)]

const replaced = (text: string, at: number, length: number, by: string) =>
  text.slice(0, at) + by + text.slice(at + length)

/** Another number near this one, never below 1. */
function other(n: number, random: Random): number {
  const by = 1 + Math.floor(random() * 2)
  return random() < 0.5 && n > by ? n - by : n + by
}

type Plant = (work: string, total: string, random: Random) => readonly [string, string] | null

/** Numbers of stitches: not those of chains, ordinals and repeats. */
const COUNTS =
  /(?<!ch |chain |× |x |\d|ch-|last |of next |Rows? |ring of )\b(\d+)\b(?! times|(?:st|nd|rd|th)\b| more| rows? (?:below|down)|\s*ch from|-)/gi

const plants: { readonly [Kind in Exclude<Planted['kind'], 'order'>]: Plant } = {
  count: (work, total, random) => {
    const found = pick(places(work, COUNTS), random)
    if (!found) return null
    return [
      replaced(work, found.index, found[1]!.length, String(other(Number(found[1]), random))),
      total,
    ]
  },
  repeat: (work, total, random) => {
    const found = pick(places(work, /(?<=[×x] ?)\d+|\d+(?= times)|\d+(?= more times)/g), random)
    if (!found) return null
    return [
      replaced(work, found.index, found[0].length, String(other(Number(found[0]), random))),
      total,
    ]
  },
  total: (work, total, random) => {
    const found = /\d+/.exec(total)
    if (!found) return null
    return [
      work,
      replaced(total, found.index, found[0].length, String(other(Number(found[0]), random))),
    ]
  },
  skip: (work, total, random) => {
    // A ring takes any number, and so does an edge that is picked up along.
    if (/\bring\b|\bpick up\b/.test(work)) return null
    // Nor is there anything to skip among stitches that share a place.
    const starts = places(work, /, (?=\d* ?(?:sc|dc|hdc|inc)\b)(?![^()]*\) in )/g)
    const found = pick(starts, random)
    if (!found) return null
    return [replaced(work, found.index, 2, ', sk 1 st, '), total]
  },
  terms: (work, total, random) => {
    const found = pick(places(work, /\b(?:sc|hdc)\b/g), random)
    if (!found) return null
    return [replaced(work, found.index, found[0].length, 'htr'), total]
  },
}

/** The same pattern with one fault of a kind in it; null where there is no room for it. */
export function planted(text: string, kind: Planted['kind'], random: Random): Planted | null {
  const lines = text.split('\n')
  const rows = lines.flatMap((line, i) => (ROW.test(line) ? [i] : []))
  // Where no other word of one vocabulary is left, nothing can tell.
  const told = rows.flatMap((i) => places(lines[i]!, /\b(?:sc|hdc)\b/g))
  if (kind === 'terms' && told.length < 2) return null
  if (kind === 'order') {
    const next = rows.filter((i) => rows.includes(i + 1))
    const at = pick(next, random)
    if (at === undefined) return null
    const swapped = [...lines]
    ;[swapped[at], swapped[at + 1]] = [lines[at + 1]!, lines[at]!]
    return { kind, text: swapped.join('\n'), line: at + 1 }
  }
  for (let tries = 0; tries < 12; tries++) {
    const at = pick(rows, random)
    if (at === undefined) return null
    const [, label, work, total = ''] = ROW.exec(lines[at]!)!
    if (/^rep/i.test(work!)) continue
    const done = plants[kind](work!, total, random)
    if (!done) continue
    const text = lines.with(at, `${label}${done[0]}${done[1]}`).join('\n')
    return { kind, text, line: at + 1 }
  }
  return null
}

/** What a checker says of a pattern: where its alarms are, by the lines they stand in; and whether it says something of all of it. */
export interface Alarms {
  readonly lines: readonly number[]
  readonly whole: boolean
  /** Lines of the rows it has read, in order. */
  readonly rows: readonly number[]
}

/**
 * Whether a planted fault was found: the first alarm is at its row or, where only the next one can tell, at that. An alarm
 * anywhere else is no find. Mixed terms may be said of the whole.
 */
export function isFound({ kind, line }: Planted, { lines, whole, rows }: Alarms): boolean {
  if (kind === 'terms' && whole) return true
  const first = Math.min(...lines)
  if (!Number.isFinite(first) || first < line) return false
  const between = new Set(rows.filter((row) => row > line && row < first))
  // Swapped rows are two lines, and the one after them may tell.
  return between.size <= (kind === 'order' ? 1 : 0)
}
