/*
 * Reads a written round back, for tests: by other rules than the printer's, so that the words themselves are checked. It
 * knows no stitch dictionary: a number before a word is so many of it, "inc" takes one and leaves two, "…2tog" takes two and
 * leaves one, brackets repeat.
 */

export interface ReadRow {
  readonly takes: number
  readonly leaves: number
  /** Stitches left in each yarn; under "" where the words do not say. */
  readonly yarns: ReadonlyMap<string, number>
}

interface Sum {
  takes: number
  leaves: number
  yarns: Map<string, number>
}

const blank = (): Sum => ({ takes: 0, leaves: 0, yarns: new Map() })

function add(to: Sum, from: Sum, times: number) {
  to.takes += from.takes * times
  to.leaves += from.leaves * times
  for (const [yarn, count] of from.yarns)
    to.yarns.set(yarn, (to.yarns.get(yarn) ?? 0) + count * times)
}

function token(text: string): Sum {
  const sum = blank()
  const yarn = / ([A-Z])$/.exec(text)?.[1] ?? ''
  const work = text.replace(/ [A-Z]$/, '')
  const count = Number(/^\d+/.exec(work)?.[0] ?? 1)
  const kind = work.replace(/^\d+ /, '')
  const three = /^(\d+) \S+(?: [bf]lo)? in next st(?: (\d+) times)?$/.exec(work)
  if (three) {
    const times = Number(three[2] ?? 1)
    sum.takes = times
    sum.leaves = times * Number(three[1])
    sum.yarns.set(yarn, sum.leaves)
    return sum
  }
  const [takes, leaves] = kind === 'inc' ? [1, 2] : kind.endsWith('2tog') ? [2, 1] : [1, 1]
  sum.takes = count * takes
  sum.leaves = count * leaves
  sum.yarns.set(yarn, count * leaves)
  return sum
}

/** Splits at commas that are not in brackets. */
function pieces(text: string): string[] {
  const list: string[] = []
  let depth = 0
  let from = 0
  for (let i = 0; i <= text.length; i++) {
    if (text[i] === '[') depth++
    if (text[i] === ']') depth--
    if (i === text.length || (text[i] === ',' && depth === 0)) {
      list.push(text.slice(from, i).trim())
      from = i + 1
    }
  }
  return list.filter(Boolean)
}

function read(text: string): Sum {
  const sum = blank()
  for (const piece of pieces(text)) {
    const group = /^\[(.*)\] × (\d+)$/.exec(piece)
    if (group) add(sum, read(group[1]!), Number(group[2]))
    else add(sum, token(piece), 1)
  }
  return sum
}

/** A round around a chain: every number before a stitch is so many left. */
function around(text: string): Sum {
  const sum = blank()
  for (const [, count] of text
    .replace(/^ch \d+, /, '')
    .matchAll(/(\d+) [a-z]+(?: [bf]lo)?(?=[ ,]|$)/g))
    sum.leaves += Number(count)
  return sum
}

/** What the words of a round take of the `available` stitches, and what they leave. */
export function readRow(text: string, available: number): ReadRow {
  const yarn = /, in ([A-Z])(?:,|$)/.exec(text)?.[1]
  const work = text
    .replace(/^ch \d+, (?!.*from hook)/, '')
    .replace(/, (?:sl st|ss) to join$/, '')
    .replace(/, in [A-Z]$/, '')
  const ring = /^(\d+) .* in a magic ring$/.exec(work)
  const whole = /^(?:(\d+) )?.* in each st around$/.exec(work)
  const sum = work.includes('from hook')
    ? around(work)
    : ring
      ? { ...blank(), leaves: Number(ring[1]) }
      : whole
        ? { ...blank(), takes: available, leaves: available * Number(whole[1] ?? 1) }
        : read(work)
  return { ...sum, yarns: yarn ? new Map([[yarn, sum.leaves]]) : sum.yarns }
}
