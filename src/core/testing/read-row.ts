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
  const [, bridge, passed] = /^(?:ch (\d+)|(?:sk|miss) (\d+) (?:sts?|ch))$/.exec(work) ?? []
  if (bridge ?? passed) {
    sum.takes = Number(passed ?? 0)
    sum.leaves = Number(bridge ?? 0)
    sum.yarns.set(yarn, sum.leaves)
    return sum
  }
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
    if ('[('.includes(text[i] ?? '-')) depth++
    if ('])'.includes(text[i] ?? '-')) depth--
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
    const group = /^[[(](.*)[\])] × (\d+)$/.exec(piece)
    if (group) add(sum, read(group[1]!), Number(group[2]))
    else add(sum, token(piece), 1)
  }
  return sum
}

const leaving = (leaves: number): Sum => ({ ...blank(), leaves })

/** Every number before a stitch is so many left. */
function numbered(text: string): Sum {
  const sum = blank()
  for (const [, count] of text.matchAll(/(\d+) [a-z]+(?: [bf]lo)?(?= in| along|[ ,]|$)/g))
    sum.leaves += Number(count)
  return sum
}

/** What stands in a start: nothing, or the first stitch. */
const startIn = (text: string): Sum =>
  /\(counts as|^(?:stacked|standing)/.test(text) ? leaving(1) : blank()
const both = (one: Sum, other: Sum): Sum => {
  const sum = blank()
  add(sum, one, 1)
  add(sum, other, 1)
  return { ...sum, takes: 0 }
}
const BUMPS = '(?:work into the back bumps of the chain, )?'
const OPEN = '((?:ch \\d+|stacked \\w+|standing \\w+)(?: [bf]lo)?(?: \\([^)]*\\))?, )?'
const EACH_CH = /^(?:(\d+) )?[a-z]+(?: [bf]lo)? in each (remaining )?ch (?:around|across)$/

/** Work into so many chains. */
function intoChains(text: string, chains: number): Sum {
  const each = EACH_CH.exec(text)
  if (!each) return { ...read(text), takes: 0 }
  return leaving((chains - (each[2] ? 1 : 0)) * Number(each[1] ?? 1))
}

/** What a first row leaves, by how it is said: what the pattern finds is a number of stitches or work to be read. */
const firsts: readonly (readonly [RegExp, (found: RegExpExecArray) => Sum])[] = [
  [
    new RegExp(`^${OPEN}(.*) in a magic ring(?:, do not join)?$`),
    ([, open, work]) => both(startIn(open ?? ''), read(work!)),
  ],
  [
    new RegExp(
      `^ch \\d+, (?:sl st|ss) in 1st ch to form a ring, ${OPEN}(.*) in ring(?:, do not join)?$`,
    ),
    ([, open, work]) => both(startIn(open ?? ''), read(work!)),
  ],
  [
    new RegExp(
      `^ch (\\d+), (?:sl st|ss) in 1st ch to form a ring, without twisting it, ${BUMPS}${OPEN}(.*)$`,
    ),
    ([, chains, open, work]) => both(startIn(open ?? ''), intoChains(work!, Number(chains))),
  ],
  [/^pick up (.*) (?:around|along .*)$/, ([, work]) => numbered(work!)],
  [/^into the other side of the chain (.*)$/, ([, work]) => leaving(read(work!).leaves)],
  [
    /^ch \d+, (.*\bon the other side\b.*)$/,
    ([, work]) => both(leaving(work!.includes('skipped count') ? 1 : 0), numbered(work!)),
  ],
  [
    new RegExp(
      `^ch (\\d+), ${BUMPS}([a-z]+(?: [bf]lo)?) in (\\d)\\w\\w ch from hook( \\([^)]*\\))? and in each ch across$`,
    ),
    ([, chains, , nth, said]) =>
      leaving(Number(chains) - Number(nth) + 1 + (said && !said.includes('not') ? 1 : 0)),
  ],
  [
    new RegExp(`^ch (\\d+), ${BUMPS}starting in (\\d)\\w\\w ch from hook( \\([^)]*\\))? (.*)$`),
    ([, chains, nth, counts, work]) => {
      const aside = SAME.exec(work!)
      const rest = work!.slice(aside?.[0].length ?? 0)
      const counted = counts !== undefined && !counts.includes('not')
      const sum = intoChains(rest, Number(chains) - Number(nth) + 1 + (counted ? 1 : 0))
      if (aside) sum.leaves += Number(aside[1])
      if (counted) add(sum, { ...leaving(1), yarns: new Map([['', 1]]) }, 1)
      return sum
    },
  ],
]

const START =
  /^(?:turn, |join in (?:first|\d+\w\w) st, )?(?:ch \d+|(?<stitch>stacked|standing) [a-z]+(?: [bf]lo)?)(?: (?<yarn>[A-Z]))?(?: in \d+\w\w st)?(?<counts> \(counts as [^)]*\))?(?: \(does not count[^)]*\))?(?:, turn)?(?:, |$)/
const SAME = /^(\d+) [a-z]+(?: [bf]lo)? in same st(?:, |$)/
const TOGETHER = /^[a-z]+(?: [bf]lo)? in next st \(with the start it counts as [^)]*\)(?:, |$)/
const EACH =
  /^(?:(\d+) )?[a-z]+(?: [bf]lo)? in each (?:remaining )?st(?: and ch)? (?:around|across)$/

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

/**
 * What the words of a round take of the `available` stitches, and what they leave; stitches without a letter are in the yarn the
 * round says first, or else in the one in hand.
 */
export function readRow(text: string, available: number, inHand = ''): ReadRow {
  const said = /^with ([A-Z]), /.exec(text)
  const work = text
    // A stitch that is split, drops or is long counts as any other.
    .replaceAll(/\b(?:(?:split|drop|long|double|triple) |[FB]P)(?=[a-z])/g, '')
    .slice(said?.[0].length ?? 0)
    .replace(/, fasten off$/, '')
    .replace(/, (?:sl st|ss) (?:to join|in top of ch \d)$/, '')
  const yarn = said?.[1] ?? inHand
  for (const [pattern, take] of firsts) {
    const found = pattern.exec(work)
    if (found) return named(take(found), yarn)
  }
  return named(later(work, available), yarn)
}

function named(sum: Sum, yarn: string): ReadRow {
  const yarns = new Map(sum.yarns)
  const lettered = [...yarns].reduce((all, [letter, count]) => all + (letter ? count : 0), 0)
  yarns.delete('')
  const rest = sum.leaves - lettered
  if (rest > 0) yarns.set(yarn, (yarns.get(yarn) ?? 0) + rest)
  return { ...sum, yarns }
}
