import type { Meaning, Span, Specials, Unread } from '../notation/index.ts'
import { isAnyStitch, type RowLine, type Stated } from './lines.ts'
import type { Problem } from './problem.ts'
import { countedOf } from './totals.ts'

/* What can be wrong with one row, in words. */

const stitches = (n: number) => `${n} ${n === 1 ? 'stitch' : 'stitches'}`
const numbers = [
  'no',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
]
const some = (n: number) => numbers[n] ?? String(n)
const plural = (n: number, one: string) =>
  n === 1 ? one : one.replace(/(ch)?$/, (s) => `${s}${s ? 'es' : 's'}`)

/** Widths of a repeat near the given one that would come out even. */
function otherWidths(multiple: number, places: number): number[] {
  return [1, -1, 2, -2, 3, -3]
    .map((by) => multiple + by)
    .filter((width) => width > 1 && places % width === 0)
}

function repeatProblem({ repeat, available }: Meaning): Problem[] {
  if (!repeat) return []
  const { multiple, repeats, from, to } = repeat
  const all = available!
  const span = repeats * multiple + repeat.left
  const more = multiple - repeat.left
  const [width] = otherWidths(multiple, span)
  const mends = [
    `${some(more)} more ${plural(more, 'stitch')} below: ${repeats + 1} repeats of ${multiple}`,
    `${some(repeat.left)} fewer below: ${repeats} repeats of ${multiple}`,
    ...(width ? [`a repeat of ${width}: ${span / width} times`] : []),
  ]
  const missing =
    more <= repeat.left
      ? `${some(more)} ${plural(more, 'increase')} ${more === 1 ? 'is' : 'are'} missing`
      : `there ${repeat.left === 1 ? 'is' : 'are'} ${some(repeat.left)} too many`
  const problems: Problem[] = [
    {
      code: 'repeat-remainder',
      severity: 'error',
      message: `${repeats + 1} repeats of ${multiple} need ${(repeats + 1) * multiple + all - span}; the row before leaves ${all}: ${missing}${width ? `, or the repeat is ${width}` : ''}.`,
      from,
      to,
      mends,
    },
  ]
  if (repeat.twoPeriod)
    problems.push({
      code: 'period-of-two',
      severity: 'warning',
      message: `Half a repeat is left: the pattern has a period of two, and two alike meet at the join.`,
      from,
      to,
      mends: ['an even number of units'],
    })
  return problems
}

function countProblems({ short, left, available, repeat, tooLong }: Meaning, all: Span): Problem[] {
  if (tooLong)
    return [
      {
        code: 'too-long',
        severity: 'error',
        message: 'It has more stitches than any row, and is not counted to its end.',
        ...all,
        mends: ['a smaller number'],
      },
    ]
  if (short)
    return [
      {
        code: 'stitches-short',
        severity: 'error',
        message: `It runs out here: the row before leaves ${stitches(available ?? 0)}, and this asks for at least ${some(short.count)} more.`,
        from: short.span.from,
        to: Math.max(short.span.to, short.span.from + 1),
        mends: ['fewer stitches here', `${some(short.count)} more in the row before`],
      },
    ]
  if (left > 0 && !repeat)
    return [
      {
        code: 'stitches-left',
        severity: 'error',
        message: `${stitches(left)} of the row before ${left === 1 ? 'is' : 'are'} left unworked.`,
        from: all.from,
        to: all.to,
        mends: [
          `${some(left)} more ${plural(left, 'stitch')} at the end`,
          'the last stitch is easily forgotten',
        ],
      },
    ]
  return []
}

/** The chain it is begun in and the chains skipped do not give the stitches it states. */
function chainProblem(
  { foundation, makes, available }: Meaning,
  stated: number | null,
  all: Span,
): Problem[] {
  if (!foundation || stated === null || makes === null || makes === stated) return []
  const { skipped, counts } = foundation
  const off = stated - makes
  if (Math.abs(off) > 4 || available === null) return []
  const chains = foundation.chains + off
  return [
    {
      code: 'chain-multiple',
      severity: 'warning',
      message: `A chain of ${foundation.chains} with ${some(skipped)} skipped${counts ? ' (they count)' : ''} gives ${makes}; ${stated} takes ${chains}.`,
      from: all.from,
      to: all.to,
      mends: [`ch ${chains}`],
    },
  ]
}

/** A stitch that reaches further down than there are rows. */
function depthProblem({ deepest }: Meaning, depth: number | null): Problem[] {
  if (!deepest || depth === null || deepest.rows <= depth) return []
  const { rows, from, to } = deepest
  return [
    {
      code: 'rows-below',
      severity: 'error',
      message: `It goes ${some(rows)} ${plural(rows, 'row')} down, and there ${depth === 1 ? 'is' : 'are'} ${some(depth)} below.`,
      from,
      to,
      mends: depth > 0 ? [`${some(depth)} ${plural(depth, 'row')} down`] : [],
    },
  ]
}

/** Two handles, whose gaps must be alike and face each other. */
function gapProblem({ gaps, makes }: Meaning, all: Span): Problem[] {
  const [one, two, ...more] = gaps.filter(({ chains, over }) => chains >= 8 && over >= 4)
  if (!one || !two || more.length > 0 || makes === null) return []
  const before = one.before
  const between = two.before - one.before - one.chains
  const after = makes - two.before - two.chains
  if (one.over === two.over && before + after === between) return []
  return [
    {
      code: 'halves-unequal',
      severity: 'warning',
      message:
        one.over === two.over
          ? `Between the handles lie ${stitches(between)} on one side and ${before + after} on the other.`
          : `One handle spans ${one.over}, the other ${two.over}.`,
      from: all.from,
      to: all.to,
      mends: ['as many stitches between the handles on both sides'],
    },
  ]
}

/** A stated total beside what the row makes. */
function totalProblems(
  meaning: Meaning,
  said: readonly Stated[],
  stated: number | null,
  all: Span,
  total: Span,
  specials: Specials,
): Problem[] {
  if (meaning.makes === null || stated === null) return []
  const { makes, places } = meaning
  const counted = countedOf(said, meaning, specials)
  const wrong = counted.find(({ agrees }) => !agrees)
  if (wrong) {
    const made = wrong.made!
    const off = made - wrong.count
    const unit = isAnyStitch(wrong.unit) ? '' : ` ${wrong.unit}`
    return [
      {
        code: 'total-misstated',
        severity: 'error',
        message: `It makes ${made}${unit}, not ${wrong.count}: ${some(Math.abs(off))} ${off > 0 ? 'more' : 'fewer'} than stated.`,
        ...total,
        mends: [
          `a total of ${made}`,
          off > 0
            ? `${some(off)} ${plural(off, 'increase')} fewer`
            : `${some(-off)} ${plural(-off, 'increase')} more`,
        ],
      },
      ...chainProblem(meaning, stated, all),
    ]
  }
  const unknown = counted.find(({ made }) => made === null)
  if (unknown)
    return [
      {
        code: 'unit-unknown',
        severity: 'advice',
        message: `“${unknown.unit}” is not a unit that can be counted here; the row leaves ${makes} places.`,
        ...total,
        mends: [`a total of ${makes}`],
      },
    ]
  const chains = places!.filter((place) => place === 'ch').length
  const alone = counted.some(({ unit, count }) => unit === '' && count === makes - chains)
  if (alone && chains > 0)
    return [
      {
        code: 'total-stitches-only',
        severity: 'advice',
        message: `${makes - chains} are the stitches alone; with ${some(chains)} ${chains === 1 ? 'chain' : 'chains'} the row leaves ${makes} places.`,
        ...total,
        mends: [`a total of ${makes}`],
      },
    ]
  return []
}

/** Everything that is wrong with a row whose work was read. */
export function rowProblems(
  meaning: Meaning,
  unread: readonly Unread[],
  { text, work, stated, said }: Pick<RowLine, 'text' | 'work' | 'stated' | 'said'>,
  /** Rows there are below it, where that is known. */
  depth: number | null,
  specials: Specials = new Map(),
): Problem[] {
  const all = { from: 0, to: Math.max(1, work.trimEnd().length) }
  const problems: Problem[] = unread.map(({ from, to, expected }) => ({
    code: 'unread',
    severity: 'error',
    message: `“${text.slice(from, to).trim() || text.slice(Math.max(0, from - 12), from)}” could not be read; expected ${expected}.`,
    from: Math.min(from, Math.max(0, text.length - 1)),
    to: Math.max(Math.min(to, text.length), Math.min(from + 1, text.length)),
    mends: [],
  }))
  if (unread.length > 0) return problems
  const total = { from: work.length < text.length ? work.length : 0, to: text.length }
  return [
    ...repeatProblem(meaning),
    ...countProblems(meaning, all),
    ...depthProblem(meaning, depth),
    ...gapProblem(meaning, all),
    ...totalProblems(meaning, said, stated, all, total, specials),
  ]
}
