import { type Place, Short } from './below.ts'
import { isRing, isSlip, LONG_CHAIN, meshSpace, ringMade, sharedOut } from './row-shapes.ts'
import {
  capped,
  type How,
  howOf,
  MOST_PLACES,
  NOWHERE,
  plain,
  Row,
  START,
  type StitchItem,
  timesOf,
} from './row-so-far.ts'
import type { NthPlace, PlaceUnit, Reach, Span, Target, Work } from './work-tree.ts'

/** Where the first of a row's items joins its yarn; null where it does not say. */
const joinOf = (item: Work | undefined): NthPlace | null =>
  item?.kind === 'note'
    ? item.at
    : item?.kind === 'stitch' && item.target?.kind === 'nth'
      ? item.target
      : null

/** Works through a row, place by place. */
export abstract class OverPlaces extends Row {
  /** The chain it began in, which stays over when a round around it has nothing left for it. */
  get spare(): number {
    return this.around && this.beganFull ? 1 : 0
  }

  /** Gets ready for a row: into a ring there is nothing below to take up. */
  begin(items: readonly Work[]): readonly Work[] {
    const [first] = items.filter(({ kind }) => kind !== 'note')
    const long = first?.kind === 'chain' && first.count > LONG_CHAIN
    if (this.below.places === null && !long && isRing(items)) this.ring()
    return this.travel(this.joinedAt(ringMade(items)))
  }

  /** A row whose yarn is joined at a place that is counted begins there: a round comes back to what lies before it, a row leaves it. */
  private joinedAt(items: readonly Work[]): readonly Work[] {
    const at = items.findIndex((item) =>
      item.kind === 'note' ? item.at !== null : item.kind !== 'chain',
    )
    const first = items[at]
    const said = joinOf(first)
    const { below } = this
    if (!first || !said || !below.places) return items
    // Into a V without a chain in it is into the gap between its stitches.
    const place =
      said.unit === 'sp' && !below.places.includes('ch') ? { ...said, unit: 'gap' as const } : said
    for (let i = 1; i < capped(place.nth); i++) below.take(place.unit, first.span)
    // A start of its own stands in the gap itself, which takes up nothing; what goes into each gap has that one first.
    const begun = items.find(({ kind }) => kind !== 'note')
    const stands = begun?.kind === 'chain' || (begun?.kind === 'stitch' && begun.start !== null)
    this.inGap = place.unit === 'gap' && stands
    if (this.inGap) {
      below.take('gap', first.span)
      below.lastGapTaken = this.options.round === true
    }
    if (place.unit === 'sp') while (below.places[below.at] === 'st') below.at++
    const from = below.at
    this.beginsIn = place.unit === 'any' ? 'any' : place.unit
    if (this.options.round) {
      this.anew = from
      below.turnTo(from)
    } else {
      this.anew = 0
      this.uses.skipped += from
    }
    if (first.kind !== 'stitch') return items
    const target: Target = { kind: 'next', count: 1, unit: place.unit, first: false }
    return items.with(at, { ...first, target })
  }

  /**
   * Slip stitches that begin a round and lead to where it starts leave nothing: the round goes on from there, and ends with the
   * places they passed.
   */
  private travel(items: readonly Work[]): readonly Work[] {
    const [begun, second, ...others] = items.filter(({ kind }) => kind !== 'note')
    const leads = begun?.kind === 'chain' && begun.count === 1 && isSlip(second)
    const worked = [...(leads ? [] : begun ? [begun] : []), ...(second ? [second] : []), ...others]
    const count = worked.findIndex((item) => !isSlip(item))
    const next = worked[count]
    const slipsLead = this.options.slipsLead === true && !this.options.round
    const starts =
      next?.kind === 'chain' ||
      (next?.kind === 'group' && next.items[0]?.kind === 'chain') ||
      (next && 'target' in next && next.target?.kind === 'same') ||
      (slipsLead && next !== undefined)
    const { below } = this
    if (count <= 0 || !starts || !below.places || below.at > 0) return items
    const way = worked.slice(0, count)
    // The join stands in the first stitch: the next one is the second.
    const [led] = way
    const into = led && 'target' in led ? led.target : null
    const fromJoin = !into || (into.kind === 'next' && into.unit !== 'sp' && into.unit !== 'gap')
    if (this.options.round && fromJoin && below.places[0] === 'st') below.at = 1
    this.run(way)
    let from = this.into?.from ?? 0
    // Chains the way went along are of one space, which the row begins in.
    const inSpace = below.places[from] === 'ch' && below.places.includes('st')
    if (inSpace) while (below.places[from - 1] === 'ch') from--
    this.made = []
    this.how = []
    this.uses.st = this.uses.ch = this.uses.sp = 0
    this.beginsIn = inSpace ? 'sp' : this.kind === 'gap' ? this.kind : 'any'
    this.begun = false
    this.touched = false
    if (this.options.round) {
      below.turnTo(from)
      this.moved = from
    } else if (next?.kind === 'chain' || !slipsLead) below.at = from
    return items.filter((item) => !way.includes(item) && !(leads && item === begun))
  }

  /** Goes through items; `after` are those that still follow, whose places a repeat must leave. */
  run(items: readonly Work[], after: readonly Work[] = []): void {
    for (let i = 0; i < items.length; i++) {
      const shared = sharedOut(items, i)
      if (shared.length > 1 && this.below.places) {
        this.shareOut(shared)
        i += shared.length - 1
      } else this.step(items[i]!, [...items.slice(i + 1), ...after])
    }
  }

  /** Each place to the end goes to the first of several that is for its kind; what is for none is passed over. */
  private shareOut(list: ReturnType<typeof sharedOut>): void {
    const { below } = this
    this.begun = true
    while (below.at < below.end) {
      const { kind, length } = below.ahead()
      const item = list.find(({ target }) => {
        const { units, long } = target as Extract<Target, { kind: 'each' }>
        return kind === 'sp'
          ? units.includes('sp') && (long === null || long === length)
          : units.some((unit) => unit === 'st' || unit === 'any')
      })
      if (!item) {
        below.take(kind === 'sp' ? 'sp' : 'any', list[0]!.span)
        continue
      }
      const target: Target = { kind: 'next', count: 1, unit: kind, first: false }
      this.step({ ...item, target }, [])
    }
    this.onStart = false
  }

  private step(item: Work, after: readonly Work[]): void {
    this.spend()
    if (item.kind === 'note') return this.note(item)
    if (item.kind === 'chain') return this.chain(item)
    if (item.kind === 'skip') return this.skip(item)
    this.begun = true
    if (item.kind === 'group') return this.group(item, after)
    this.stitch(item, after)
  }

  private note({ what, yarn, count }: Extract<Work, { kind: 'note' }>): void {
    if (yarn !== null) this.yarn = this.ground = yarn
    if (what === 'turn') this.turns = true
    if (what === 'leave') this.leaves = true
    if (what === 'pick-up') this.pickUp()
    if (what === 'ring') this.ring()
    if (what === 'change') this.change(count)
    if (what === 'other-side') this.otherSide()
  }

  private ring(): void {
    this.inRing = true
    this.intoRing()
  }

  /** So many more or fewer than were worked, wherever they are. */
  private change(count: number): void {
    for (let i = 0; i < count; i++) this.leave('st')
    if (count < 0) {
      this.made.splice(count)
      this.how.splice(count)
    }
  }

  private pickUp(): void {
    this.picking = true
    this.below.places = null
  }

  private otherSide(): void {
    const { foundation, below } = this
    if (foundation && below.places) {
      this.around = true
      // Along the other side of a chain its places come again, but for the last, which both sides share.
      // The chain that the first stitch stands on comes again as well where it was passed over.
      const foot = this.passedFoot ? 1 : 0
      const side = Math.max(0, foundation.chains - foundation.skipped - 1) + foot
      below.places = [...below.places.slice(0, below.at), ...new Array<Place>(side).fill('ch')]
    } else if (!this.begun && this.made.length === 0) {
      // Along the other side of what was begun elsewhere: its places where they are known.
      this.picking = true
      this.begun = true
    }
  }

  private chain({ count, counts, yarn }: Extract<Work, { kind: 'chain' }>): void {
    const { below } = this
    this.yarn = yarn ?? this.ground ?? this.yarn
    if (!this.begun) {
      this.begun = true
      if (below.places === null && (this.fromChain || count > LONG_CHAIN)) {
        below.places = new Array<Place>(capped(count)).fill('ch')
        this.foundation = { chains: count, skipped: 0, counts: false }
        return
      }
      return this.startingChain(count, counts)
    }
    if (this.foundation && below.at === 0 && this.made.length === 0) return
    for (let i = 0; i < capped(count); i++) this.leave('ch')
    this.pendingChain = { chains: count, made: this.made.length }
  }

  /** A chain at the start: it stands over the first place when it counts. */
  private startingChain(
    count: number,
    said: { readonly stitches: number; readonly chains: number } | null,
  ): void {
    const counts = (this.options.startingChain ?? count >= 3) && count > 1
    if ((said ? said.stitches : counts ? 1 : 0) === 0) return
    if (!this.inRing) this.take(this.beginsIn, NOWHERE, plain(START))
    this.current = plain(START)
    this.leave('st')
    for (let i = 0; i < (said?.chains ?? this.options.startSpace ?? 0); i++) this.leave('ch')
    this.onStart = true
  }

  private skip({ count, unit, first, span }: Extract<Work, { kind: 'skip' }>): void {
    const { below } = this
    // The starting chain stands over the first place: skipping it takes no other.
    const over = first && this.onStart && this.options.firstIsNext !== true ? 1 : 0
    const before = below.at
    for (let i = over; i < count; i++) {
      this.spend()
      // What a round has passed over as it began is come to again at its end.
      const led = this.options.round ? (this.how[0]?.into?.from ?? 0) : 0
      if (below.places && below.at >= below.places.length && led >= count - i) break
      const { from, to } = below.take(unit, span)
      if (below.places) this.uses.skipped += to - from
    }
    this.skipped = { from: before, to: below.at }
    if (this.pendingChain?.made === this.made.length)
      this.gaps.push({
        chains: this.pendingChain.chains,
        over: below.at - before,
        before: this.made.length - this.pendingChain.chains,
      })
    this.onStart = false
    this.touched = false
  }

  private stitch(item: StitchItem, after: readonly Work[]): void {
    const stitch = item.stitch.word === '' ? this.current.stitch : item.stitch
    const how = howOf(item, stitch)
    // A yarn said with a stitch is for it alone where the row has one of its own.
    this.yarn = item.yarn ?? this.ground ?? this.yarn
    this.current = item.loop
      ? { ...how, stitch: { ...stitch, word: `${stitch.word} ${item.loop[0]}lo` } }
      : how
    if (how.down > (this.deepest?.rows ?? 0)) this.deepest = { rows: how.down, ...item.span }
    const { target, span } = item
    for (let time = 0; time < capped(item.times); time++) {
      if (target) this.at(how, item.count, target, span, item.withStart, after)
      else if (this.inRing) this.several(stitch, item.count)
      else
        for (let i = 0; i < capped(item.count); i++) this.once(how, 1, 'any', span, item.withStart)
    }
    this.onStart = false
  }

  /** So many of a stitch at a target: in one place, or in each of several. */
  private at(
    how: How,
    count: number,
    target: Target,
    span: Span,
    withStart: boolean,
    after: readonly Work[],
  ): void {
    const { stitch } = how
    const { below } = this
    if (target.kind === 'ring') {
      this.intoRing()
      this.several(stitch, count)
      return
    }
    if (target.kind === 'skipped')
      return this.throughSkipped(target.count, span, how, () => this.several(stitch, count))
    if (target.kind === 'hook') return this.fromHook(how, count, target, span, after)
    if (target.kind === 'same') {
      this.sameAgain(span, how, target.first)
      this.several(stitch, count)
      return
    }
    if (target.kind === 'each') return this.each(how, count, target, span, after)
    if (target.kind === 'nth') return this.atNth(how, count, target, span, withStart)
    const begin = this.overStart(target) ? 1 : 0
    if (begin > 0) this.several(stitch, count)
    const many = stitch.uses > 1 && target.count === stitch.uses ? 1 : target.count
    const named = this.options.byName ? target.named : undefined
    for (let i = begin; i < capped(many); i++) {
      if (named) below.toNamed(named, span)
      this.once(how, count, target.unit, span, withStart)
    }
  }

  /** At a place counted from the beginning of the row, all before it passed over. @throws Short when it is past it already */
  private atNth(how: How, count: number, { nth, unit }: NthPlace, span: Span, withStart: boolean) {
    const { below } = this
    const before = below.at
    if (below.places !== null) {
      below.at = 0
      for (let i = 1; i < capped(nth); i++) below.take(unit, span)
      if (below.at < before) throw new Short(1, span)
      this.uses.skipped += below.at - before
    }
    this.once(how, count, unit, span, withStart)
  }

  /** Whether “first” is the place the starting chain stands over. */
  private overStart(target: Target): boolean {
    return (
      target.kind === 'next' && target.first && this.onStart && this.options.firstIsNext !== true
    )
  }

  private fromHook(
    how: How,
    count: number,
    { nth, counts: said, from }: Extract<Target, { kind: 'hook' }>,
    span: Span,
    after: readonly Work[],
  ): void {
    const { foundation, below } = this
    if (below.places === null) this.known = false
    else for (let i = 0; i < (from ? nth - 1 : nth); i++) this.take('any', span, how)
    // One chain counts only where that is said.
    const counts = said
      ? said.stitches > 0
      : nth > 2 && (this.options.startingChain ?? nth - 1 >= 3)
    const chains = foundation?.chains ?? below.places?.length ?? 0
    this.foundation = { chains, skipped: nth - 1, counts }
    // The chain that counts stands in a place of its own, not in that of the first stitch.
    const { into } = this
    if (into && nth > 1) this.into = { from: into.from - 1, to: into.from }
    if (this.foundation.counts) {
      const { current } = this
      // Where no stitch is said with them the chains stand by themselves.
      if (from) this.current = plain(START)
      this.leave('st')
      this.current = current
    }
    const space = said
      ? said.chains
      : counts && count === 1
        ? meshSpace(how.stitch.word, nth - 1, after)
        : 0
    for (let i = 0; i < space; i++) this.leave('ch')
    this.into = into
    if (!from) this.several(how.stitch, count)
    this.passedFoot = from && this.foundation.counts
    this.beganFull = count > 1
    this.touched = !from
  }

  private each(
    how: How,
    count: number,
    { units, reach }: Extract<Target, { kind: 'each' }>,
    span: Span,
    after: readonly Work[],
  ): void {
    const { below } = this
    const once = (unit: PlaceUnit) => this.once(how, count, unit, span, false)
    if (reach.kind === 'times') {
      for (let i = 0; i < capped(reach.count); i++) once(units[0]!)
      return
    }
    const { places } = below
    if (places === null) {
      this.known = false
      return
    }
    // What ends the row, or goes into its last place, leaves room for itself.
    const ends = after.some(
      (one) =>
        (one.kind === 'note' && one.what === 'ending') ||
        (one.kind === 'stitch' && one.target?.kind === 'next' && one.target.unit === 'top'),
    )
    const stop = below.stopOf(reach, ends ? this.needOf(after) : 0)
    if (units.includes('gap')) {
      while (below.at < stop && !below.atLastGap) once('gap')
      below.at = Math.max(below.at, stop)
      return
    }
    const chains = units.includes('ch') || units.includes('any') || below.chainsAre(units)
    const stitches = units.some((unit) => unit === 'st' || unit === 'any')
    while (below.at < stop) {
      if (places[below.at] === 'ch' && !chains) {
        if (units.includes('sp')) once('sp')
        else below.take('sp', span)
      } else if (places[below.at] === 'st' && !stitches) {
        below.take('any', span)
      } else {
        const lacking = how.stitch.uses - (stop - below.at)
        if (lacking > 0) throw new Short(lacking, span)
        once('any')
      }
    }
  }

  /** So many of a stitch in one place (or over as many as it takes). */
  private once(how: How, count: number, unit: PlaceUnit, span: Span, withStart: boolean): void {
    const { stitch } = how
    if (stitch.uses === 0 && stitch.makes === 0)
      this.extras.push({ word: stitch.word, at: this.made.length })
    let first: number | null = null
    for (let i = 0; i < stitch.uses; i++) {
      this.take(unit, span, how)
      first ??= this.into?.from ?? null
    }
    if (this.into && first !== null) this.into = { from: first, to: this.into.to }
    if (!withStart) this.several(stitch, count)
  }

  private group(item: Extract<Work, { kind: 'group' }>, after: readonly Work[]): void {
    const { items, reach, target, span } = item
    if (target) return this.inOnePlace(items, target, reach, span)
    if (reach.kind !== 'times') return this.toEnd(items, reach, after, span)
    const count = capped(reach.count + (reach.again && this.options.timesAreMore ? 1 : 0))
    for (let i = 0; i < count; i++) {
      const before = this.below.at
      this.run(items, after)
      if (count > 1) this.passed(i + 1, count)
      if (this.below.at === before && this.made.length > MOST_PLACES) return
    }
  }

  /** Stitches and chains that all go into one place. */
  private inOnePlace(items: readonly Work[], target: Target, reach: Reach, span: Span): void {
    const { below } = this
    const once = () => {
      for (const one of items) {
        if (one.kind === 'chain') for (let i = 0; i < capped(one.count); i++) this.leave('ch')
        if (one.kind === 'stitch') {
          this.current = plain(one.stitch)
          this.several(one.stitch, one.count)
        }
        if (one.kind === 'note') this.note(one)
        if (one.kind === 'skip') this.skip(one)
        if (one.kind === 'group')
          this.inOnePlace(one.items, { kind: 'same', first: false }, one.reach, span)
      }
    }
    const take = (unit: PlaceUnit) => {
      this.take(unit, span, plain(this.current.stitch))
      once()
    }
    const often = () => {
      for (let i = 0; i < timesOf(reach); i++) once()
    }
    if (target.kind === 'same') {
      this.sameAgain(span, plain(this.current.stitch), target.first)
      often()
    } else if (target.kind === 'skipped') {
      this.throughSkipped(target.count, span, plain(this.current.stitch), once)
    } else if (target.kind === 'ring') {
      this.intoRing()
      often()
    } else if (target.kind === 'each') {
      if (below.places === null) {
        this.known = false
        return
      }
      const unit = (['sp', 'gap'] as const).find((one) => target.units.includes(one)) ?? 'st'
      const count = target.reach.kind === 'times' ? target.reach.count : Infinity
      const end = below.stopOf(target.reach, 0)
      const more = () =>
        unit === 'sp' ? below.places!.indexOf('ch', below.at) >= 0 : below.at < end
      for (let i = 0; i < count && more(); i++) take(unit)
      // After the last space what is left is passed over.
      if (unit === 'sp' && count === Infinity) below.at = Math.max(below.at, end)
    } else if (target.kind === 'hook') {
      for (let i = 0; i < target.nth; i++) this.take('any', span, plain(this.current.stitch))
      const chains = below.places?.length ?? 0
      this.foundation = { chains, skipped: target.nth - 1, counts: false }
      once()
    } else if (target.kind === 'nth' || this.overStart(target)) once()
    else for (let i = 0; i < capped(target.count); i++) take(target.unit)
    this.onStart = false
  }

  protected abstract toEnd(
    items: readonly Work[],
    reach: Reach,
    after: readonly Work[],
    span: Span,
  ): void
  /** Places that what follows takes up. */
  protected abstract needOf(after: readonly Work[]): number
  protected abstract passed(repeat: number, of: number): void
}
