import type { Meaning, Span, Specials } from '../notation/index.ts'
import type { RowLine } from './lines.ts'
import { found, type Onto, type Problem } from './problem.ts'
import { countedOf } from './totals.ts'
import { isAnyStitch, type Stated } from './totals-said.ts'

/* What can be wrong with one row. */

/** A width of a repeat near the given one that would come out even. */
function otherWidth(multiple: number, places: number): number | null {
  const widths = [1, -1, 2, -2, 3, -3].map((by) => multiple + by)
  return widths.find((width) => width > 1 && places % width === 0) ?? null
}

const ontoOf = ({ foundation }: Meaning): Onto => (foundation ? 'chain' : 'row')

function repeatProblem(meaning: Meaning): Problem[] {
  const { repeat, available } = meaning
  if (!repeat) return []
  const { multiple, repeats, left, unlike } = repeat
  const width = otherWidth(multiple, repeats * multiple + left)
  const facts = {
    multiple,
    repeats,
    left,
    available: available!,
    onto: ontoOf(meaning),
    width,
    unlike,
  }
  return [
    found('repeat-remainder', facts, repeat),
    ...(repeat.twoPeriod ? [found('period-of-two', null, repeat)] : []),
  ]
}

function countProblems(meaning: Meaning, all: Span): Problem[] {
  const { short, left, available, repeat, tooLong } = meaning
  if (tooLong) return [found('too-long', { rows: null }, all)]
  if (short) {
    const { from, to } = short.span
    const facts = { available: available ?? 0, short: short.count }
    return [found('stitches-short', facts, { from, to: Math.max(to, from + 1) })]
  }
  return left > 0 && !repeat ? [found('stitches-left', { left, onto: ontoOf(meaning) }, all)] : []
}

/** The chain it is begun in and the chains skipped do not give the stitches it states. */
function chainProblem(
  { foundation, makes, available }: Meaning,
  stated: number | null,
  all: Span,
): Problem[] {
  if (!foundation || stated === null || makes === null || makes === stated) return []
  if (Math.abs(stated - makes) > 4 || available === null) return []
  const { chains, skipped, counts } = foundation
  return [found('chain-multiple', { chains, skipped, counts, makes, stated }, all)]
}

/** A stitch that reaches further down than there are rows. */
function depthProblem({ deepest }: Meaning, depth: number | null): Problem[] {
  if (!deepest || depth === null || deepest.rows <= depth) return []
  return [found('rows-below', { rows: deepest.rows, depth }, deepest)]
}

/** Two handles, whose gaps must be alike and face each other. */
function gapProblem({ gaps, makes }: Meaning, all: Span): Problem[] {
  const [one, two, ...more] = gaps.filter(({ chains, over }) => chains >= 8 && over >= 4)
  if (!one || !two || more.length > 0 || makes === null) return []
  const between = two.before - one.before - one.chains
  const beside = one.before + makes - two.before - two.chains
  if (one.over !== two.over)
    return [found('halves-unequal', { of: 'gaps', one: one.over, other: two.over }, all)]
  if (beside === between) return []
  return [found('halves-unequal', { of: 'between', one: between, other: beside }, all)]
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
    const unit = isAnyStitch(wrong.unit) ? '' : wrong.unit
    const facts = { made: wrong.made!, unit, stated: wrong.count }
    return [found('total-misstated', facts, total), ...chainProblem(meaning, stated, all)]
  }
  const unknown = counted.find(({ made }) => made === null)
  if (unknown) return [found('unit-unknown', { unit: unknown.unit, makes }, total)]
  const chains = places!.filter((place) => place === 'ch').length
  const alone = counted.some(({ unit, count }) => unit === '' && count === makes - chains)
  return alone && chains > 0
    ? [found('total-stitches-only', { stitches: makes - chains, chains }, total)]
    : []
}

/** Everything that is wrong with a row whose work was read. */
export function rowProblems(
  meaning: Meaning,
  { text, work, stated, said }: Pick<RowLine, 'text' | 'work' | 'stated' | 'said'>,
  /** Rows there are below it, where that is known. */
  depth: number | null,
  specials: Specials = new Map(),
): Problem[] {
  const all = { from: 0, to: Math.max(1, work.trimEnd().length) }
  const total = { from: work.length < text.length ? work.length : 0, to: text.length }
  const taken = [...repeatProblem(meaning), ...countProblems(meaning, all)]
  return [
    ...taken,
    ...depthProblem(meaning, depth),
    ...gapProblem(meaning, all),
    // Where a row does not come out its total cannot: one cause is said once.
    ...(taken.length > 0 ? [] : totalProblems(meaning, said, stated, all, total, specials)),
  ]
}
