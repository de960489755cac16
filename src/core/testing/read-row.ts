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
  const [takes, leaves] = kind === 'inc' ? [1, 2] : /2tog(?: [bf]lo)?$/.test(kind) ? [2, 1] : [1, 1]
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

/** What a first row leaves, by how it is said: what the pattern finds is a number of stitches or work to be read. */
const firsts: readonly (readonly [RegExp, (found: RegExpExecArray) => Sum])[] = [
  [
    /^(\d+) .* in a (?:magic ring|ring of 4 ch)(?:, do not join)?$/,
    ([, count]) => leaving(Number(count)),
  ],
  [/^ch \d+, .* to make a ring, (\d+) /, ([, count]) => leaving(Number(count))],
  [/^pick up (.*) around$/, ([, work]) => leaving(read(work!).leaves)],
  [/^into the other side of the chain (.*)$/, ([, work]) => leaving(read(work!).leaves)],
  [/ in last ch$/, ({ input }) => around(input)],
  [
    /^ch \d+(?: in ([A-Z]))?, starting in \w+ ch from hook( \([^)]*\))?(?:, into the back bumps,)? (.*)$/,
    ([, yarn, counts, work]) => {
      const aside = SAME.exec(work!)
      const sum = { ...read(work!.slice(aside?.[0].length ?? 0)), takes: 0 }
      if (aside) sum.leaves += Number(aside[1])
      if (counts && !counts.includes('not'))
        add(sum, { ...leaving(1), yarns: new Map([[yarn ?? '', 1]]) }, 1)
      return sum
    },
  ],
]
const leaving = (leaves: number): Sum => ({ ...blank(), leaves })

const START =
  /^(?:turn, |join in first st, )?(?:ch \d+|(?<stitch>stacked|standing) [a-z]+(?: [bf]lo)?)(?: (?<yarn>[A-Z]))?(?<counts> \(counts as [^)]*\))?(?: \(does not count[^)]*\))?(?:, turn)?(?:, |$)/
const SAME = /^(\d+) [a-z]+(?: [bf]lo)? in same st(?:, |$)/
const TOGETHER = /^[a-z]+(?: [bf]lo)? in next st \(with the start it counts as [^)]*\)(?:, |$)/
const EACH = /^(?:(\d+) )?[a-z]+(?: [bf]lo)? in each (?:remaining )?st (?:around|across)$/

/** A later row: a start that may be a stitch, what else goes where it stands, and the rest. */
function later(text: string, available: number): Sum {
  const sum = blank()
  const start = START.exec(text)
  let work = text.slice(start?.[0].length ?? 0)
  if (start?.groups?.stitch || start?.groups?.counts) {
    const one = { takes: 1, leaves: 1, yarns: new Map([[start.groups.yarn ?? '', 1]]) }
    add(sum, one, 1)
    const same = SAME.exec(work)
    if (same) sum.leaves += Number(same[1])
    const together = TOGETHER.exec(work)
    if (together) sum.takes++
    work = work.slice((same ?? together)?.[0].length ?? 0)
  }
  const each = EACH.exec(work)
  if (each) {
    const left = available - sum.takes
    add(sum, { takes: left, leaves: left * Number(each[1] ?? 1), yarns: new Map() }, 1)
  } else add(sum, read(work), 1)
  return sum
}

/** What the words of a round take of the `available` stitches, and what they leave. */
export function readRow(text: string, available: number): ReadRow {
  const yarn = /, in ([A-Z])(?:,|$)/.exec(text)?.[1]
  const work = text
    .replace(/, fasten off$/, '')
    .replace(/, (?:sl st|ss) to join$/, '')
    .replace(/, in [A-Z]$/, '')
  for (const [pattern, take] of firsts) {
    const found = pattern.exec(work)
    if (found) return named(take(found), yarn)
  }
  return named(later(work, available), yarn)
}

const named = (sum: Sum, yarn: string | undefined): ReadRow => ({
  ...sum,
  yarns: yarn ? new Map([[yarn, sum.leaves]]) : sum.yarns,
})
