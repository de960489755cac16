import { type Place, type Range, Short } from './below.ts'
import { isFromChain, leftAtEnd, shells } from './row-shapes.ts'
import type { Made, Meaning, MeaningOptions } from './meaning.ts'
import { Walk } from './to-end.ts'
import type { Work } from './work-tree.ts'

/** What each place was made in; a chain between two stitches of one place is in it too, as in a V. */
function intoWithChains(made: readonly Made[]): readonly (Range | null)[] {
  const after: (Range | null)[] = []
  let next: Range | null = null
  for (let i = made.length - 1; i >= 0; i--) after[i] = next = made[i]!.into ?? next
  let last: Range | null = null
  return made.map(({ into }, i) => {
    last = into ?? last
    const follows = after[i]
    return (
      into ??
      (last && follows && last.from === follows.from && last.to === follows.to ? last : null)
    )
  })
}

/**
 * Which of the places a row left stand together, by number: those made in one place of the row below. Where every place was made
 * in its own, those between two skipped places stand together.
 */
export function groupsOf(made: readonly Made[]): readonly number[] {
  const known = grouped.get(made)
  if (known) return known
  const groups = groupsAnew(made)
  grouped.set(made, groups)
  return groups
}
/** A row is asked for them more than once. */
const grouped = new WeakMap<readonly Made[], readonly number[]>()

function groupsAnew(made: readonly Made[]): number[] {
  const ranges = intoWithChains(made)
  const apart = (i: number, same: (a: Range, b: Range) => boolean) => {
    const [here, before] = [ranges[i], ranges[i - 1]]
    return i > 0 && (!here || !before || !same(before, here))
  }
  const numbered = (same: (a: Range, b: Range) => boolean) => {
    let group = 0
    return made.map((_, i) => (apart(i, same) ? ++group : group))
  }
  const byPlace = numbered((a, b) => a.from === b.from)
  const clustered = byPlace.some((group, i) => i > 0 && group === byPlace[i - 1])
  const skips = made.some(({ into }, i) => into && (made[i - 1]?.into?.to ?? into.from) < into.from)
  return clustered || !skips ? byPlace : numbered((a, b) => a.to === b.from)
}

/** A round that was led on from the join, its places counted from there; as it is where it comes past the join again. */
function fromTheJoin(made: readonly Made[], moved: number, count: number): readonly Made[] {
  if (moved === 0 || made.some(({ into }) => into && into.to + moved > count)) return made
  return made.map((one) =>
    one.into ? { ...one, into: { from: one.into.from + moved, to: one.into.to + moved } } : one,
  )
}

/** Whether a round ends in a chain over the places that its repeat leaves: “rep from * to last sc, ch 3, join”. */
function bridgesEnd(items: readonly Work[], left: number): boolean {
  const worked = items.filter(({ kind }) => kind !== 'note')
  const [repeat, chain] = worked.slice(-2)
  return (
    left > 0 &&
    chain?.kind === 'chain' &&
    chain.count >= left &&
    repeat?.kind === 'group' &&
    repeat.reach.kind === 'to-last' &&
    repeat.reach.count === left
  )
}

/** Whether a row ends where it says to: “sc in each st to last 2 sts”, and nothing after it. */
function stopsShort(items: readonly Work[], left: number): boolean {
  const last = items.findLast(({ kind }) => kind !== 'note')
  const reach =
    last?.kind === 'group'
      ? last.reach
      : last?.kind === 'stitch' && last.target?.kind === 'each'
        ? last.target.reach
        : null
  return left > 0 && reach?.kind === 'to-last' && reach.count === left
}

/**
 * What a row takes and leaves.
 * @param below places the row below left, in working order; null when it is not known
 */
export function meaningOf(
  items: readonly Work[],
  below: readonly Place[] | null,
  options: MeaningOptions = {},
): Meaning {
  const walk = new Walk(below, options, leftAtEnd(items), isFromChain(items))
  let short: Meaning['short'] = null
  try {
    walk.run(walk.begin(shells(items)))
  } catch (error) {
    if (!(error instanceof Short)) throw error
    short = { count: error.count, span: error.span }
  }
  const { places, at } = walk.below
  const known = walk.known && short === null
  const rest = places?.slice(at) ?? []
  const only = (place: Place, list = rest) => list.every((one) => one === place)
  // Chains before the join are passed over; so is what stands after the last space where only spaces are worked.
  const { uses } = walk
  const leaves = leftAtEnd(items)
  const left = () => {
    if (short || passed || stopsShort(items, rest.length)) return 0
    // So many are to be left as are said, where a number is said.
    return walk.leaves
      ? leaves > 0 && places
        ? Math.max(0, rest.length - leaves)
        : 0
      : rest.length
  }
  // A last chain of the round stands over what a repeat “to last …” left for it.
  const bridged = options.round === true && bridgesEnd(items, rest.length)
  // A chain it was begun in is worked to its end, each of its chains a place.
  const passed =
    (only('ch') && !(places && only('ch', places))) ||
    bridged ||
    (rest.length > 0 && rest.length === walk.spare) ||
    (uses.sp > 0 && uses.st + uses.post + uses.ch === 0 && only('st'))
  return {
    available: places?.length ?? null,
    consumes: places === null ? null : passed ? places.length : at,
    makes: known ? walk.made.length : null,
    uses,
    places: known ? walk.made : null,
    made: fromTheJoin(walk.how, walk.moved, places?.length ?? 0),
    extras: walk.extras,
    short: short && short.count > 0 ? short : null,
    tooLong: short?.count === 0,
    left: left(),
    repeat: walk.repeat,
    through: walk.through,
    turns: walk.turns,
    anew: walk.anew,
    gaps: walk.gaps,
    deepest: walk.deepest,
    foundation: walk.foundation,
  }
}
