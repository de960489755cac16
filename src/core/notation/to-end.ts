import { type Place, Short } from './below.ts'
import type { RepeatFault, Uses } from './meaning.ts'
import { OverPlaces } from './over-places.ts'
import { intoSpaces, isTwo } from './row-shapes.ts'
import { MOST_PLACES } from './row-so-far.ts'
import type { Reach, Span, Work } from './work-tree.ts'

/** Whether a repeat begins with what goes up to a corner. */
const toCorner = (items: readonly Work[]): boolean => {
  const first = items.find(({ kind }) => kind !== 'note')
  return (
    first?.kind === 'stitch' &&
    first.target?.kind === 'each' &&
    first.target.reach.kind === 'to-space'
  )
}

/** More than so many places after a repeat are not sought. */
const MOST_AT_END = 80
const goesToMiddle = (item: Work): boolean =>
  (item.kind === 'stitch' && item.target?.kind === 'next' && item.target.unit === 'mid') ||
  (item.kind === 'group' && item.items.some(goesToMiddle))

/** The first repeat's width beside that of all later ones, where they are not the same. */
function unlikeOf([first, ...more]: readonly number[]): RepeatFault['unlike'] {
  const [later] = more
  if (first === undefined || later === undefined || first === later) return null
  return more.every((one) => one === later) ? { first, later } : null
}

/** Where a row was, to go back to. */
interface Mark {
  readonly at: number
  readonly made: number
  readonly touched: boolean
  readonly uses: Uses
}

/** A row with its repeats: as often as there is room, and what follows them finds its places. */
export class Walk extends OverPlaces {
  /** A repeat to the end, or to the last few: as often as leaves room for what follows. */
  protected toEnd(items: readonly Work[], reach: Reach, after: readonly Work[], span: Span): void {
    const { below } = this
    const { places } = below
    if (places === null) {
      this.known = false
      return
    }
    const begin = below.at
    const end = below.stopOf(reach, this.needOf(after))
    const { count, each, last, took } = this.asOften(items, end, places.length)
    this.back(last)
    if (below.at < end && after.some((one) => one.kind === 'note' && one.what === 'ending'))
      this.inPart(items, end, last)
    const multiple = count > 0 ? Math.round((last.at - begin) / count) : each
    const left = end - below.at
    // A trailing chain space before the join is passed over; so are the stitches after the last space when spaces are worked.
    const rest = places.slice(below.at, end)
    const isPassed =
      (rest.every((place) => place === 'ch') && places.includes('st')) ||
      (intoSpaces(items) && !rest.includes('ch')) ||
      // Begun in a gap: what stands before that one is passed over, as between any two.
      (below.lastGapTaken && left === multiple)
    if (left > 0 && !isPassed)
      this.repeat = {
        ...span,
        ...{ multiple, repeats: count, left, unlike: unlikeOf(took) },
        twoPeriod: isTwo(items) && left * 2 === multiple,
      }
    else if (left > 0) below.at = end
    for (let i = 1; i <= count; i++) {
      const done = begin + multiple * i
      this.through.push({ repeat: i, of: count, done, left: places.length - done })
    }
  }

  /** Again and again while there is room: how often, the most places one took, and where the last one ended. */
  private asOften(items: readonly Work[], end: number, all: number) {
    const { below } = this
    let count = 0
    let each = 0
    let last = this.mark()
    const took: number[] = []
    while (below.at < end) {
      const before = below.at
      try {
        this.run(items)
      } catch (error) {
        if (!(error instanceof Short)) throw error
        // Begun amid a side, a round ends with what it says up to a corner that does not come.
        if (this.options.round && count > 0 && toCorner(items) && below.at >= end)
          return { count, each, last: this.mark(), took }
        below.at = all + 1
      }
      const here = below.at - before
      each = Math.max(each, count === 0 ? here : Math.min(here, all - before))
      if (below.at > end || below.at === before) break
      last = this.mark()
      took.push(here)
      if (++count > MOST_PLACES) break
    }
    return { count, each, last, took }
  }

  /** "Ending with …", "omitting the last …": the last repeat is not worked to its end. */
  private inPart(items: readonly Work[], end: number, last: Mark): void {
    for (let k = items.length - 1; k > 0; k--) {
      try {
        this.run(items.slice(0, k))
      } catch (error) {
        if (!(error instanceof Short)) throw error
      }
      if (this.below.at === end) return
      this.back(last)
    }
  }

  private mark(): Mark {
    const { below, made, touched, uses } = this
    return { at: below.at, made: made.length, touched, uses: { ...uses } }
  }

  /** As it was at a mark. */
  private back({ at, made, touched, uses }: Mark): void {
    this.below.at = at
    this.touched = touched
    this.made = this.made.slice(0, made)
    this.how = this.how.slice(0, made)
    Object.assign(this.uses, uses)
  }

  /** Places that what follows a repeat takes up. */
  protected needOf(after: readonly Work[]): number {
    if (after.length === 0 || this.below.places === null) return 0
    const open = (item: Work): boolean =>
      (item.kind === 'group' && (item.reach.kind !== 'times' || item.items.some(open))) ||
      (item.kind === 'stitch' && item.target?.kind === 'each' && item.target.reach.kind !== 'times')
    if (after.some(open)) return 0
    if (this.options.byName || after.some(goesToMiddle)) return this.needAtEnd(after)
    const probe = new Walk(new Array<Place>(400).fill('st'), this.options, 0)
    probe.begun = true
    probe.touched = true
    try {
      probe.run(after)
    } catch {
      return 0
    }
    return probe.below.at
  }

  /** The same where it goes by what stands together: the fewest of the last places that it takes up exactly. */
  private needAtEnd(after: readonly Work[]): number {
    const places = this.below.places!
    for (let many = 1; many <= Math.min(places.length - this.below.at, MOST_AT_END); many++) {
      const from = places.length - many
      const groups = this.below.groupsFrom(from)
      if (groups && groups[0] === this.below.groupsFrom(from - 1)![0]) continue
      const words = this.options.words?.slice(from) ?? null
      const probe = new Walk(places.slice(from), { ...this.options, groups, words }, 0)
      probe.begun = true
      probe.touched = true
      try {
        probe.run(after)
        if (probe.below.at === many) return many
      } catch {
        // Too few.
      }
    }
    return 0
  }

  protected passed(repeat: number, of: number): void {
    const { places, at } = this.below
    if (places) this.through.push({ repeat, of, done: at, left: places.length - at })
  }
}
