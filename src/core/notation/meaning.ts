import { intoSpaces, isFromChain, isTwo, LONG_CHAIN, shells } from './forms.ts'
import type { PlaceUnit, Reach, Span, StitchWord, Target, Work } from './work.ts'

/*
 * What a row does: which places of the row below it takes up, and what it leaves. Places are stitches and chains; chains side by
 * side are one chain space. A row of unknown length below leaves open what it takes.
 */

export type Place = 'st' | 'ch'

/** After so many of a row's repeats: places done, and left. */
export interface Through {
  readonly repeat: number
  readonly of: number
  readonly done: number
  readonly left: number
}

/** A repeat that does not fill the row: how many places each takes, how many repeats fit, and what is left over. */
export interface RepeatFault extends Span {
  readonly multiple: number
  readonly repeats: number
  readonly left: number
  /** Two alike halves, of which one more would fit. */
  readonly twoPeriod: boolean
}

/** A place as it was made: by which stitch, and into which of the places below (half-open); chains go into none. */
export interface Made {
  readonly word: string
  /** The letter of its yarn; null when the row does not say. */
  readonly yarn: string | null
  readonly into: { readonly from: number; readonly to: number } | null
}

export interface Meaning {
  /** Places there were: those below, or those of the chain it was begun in; null when not known. */
  readonly available: number | null
  /** Places of the row below used or skipped; null when it is not known how many there are. */
  readonly consumes: number | null
  readonly makes: number | null
  readonly places: readonly Place[] | null
  /** How each of the places was made. */
  readonly made: readonly Made[]
  /** What takes no place and leaves none, such as a picot: after how many places made. */
  readonly extras: readonly { readonly word: string; readonly at: number }[]
  /** Places missing (above 0) or left over (below 0) at the end of the row, and where it ran out. */
  readonly short: { readonly count: number; readonly span: Span } | null
  readonly left: number
  readonly repeat: RepeatFault | null
  readonly through: readonly Through[]
  readonly turns: boolean
  /** Chains made over places skipped: how long each, over how many, and the stitches before it. */
  readonly gaps: readonly {
    readonly chains: number
    readonly over: number
    readonly before: number
  }[]
  /** The chain it was begun in and the chains skipped, when it was begun in one. */
  readonly foundation: {
    readonly chains: number
    readonly skipped: number
    readonly counts: boolean
  } | null
}

export interface MeaningOptions {
  /** Whether a starting chain counts where the row does not say: null goes by its length (3 and more do). */
  readonly startingChain?: boolean | null
  /** Chains below are stitches to “each st”. */
  readonly chainsAreStitches?: boolean
  /** Places below that stand in one place together have the same number: a gap lies after each group. */
  readonly groups?: readonly number[] | null
}

/** A row may not leave more than this. */
const MOST = 20_000
const MOST_STEPS = 100_000

class Short extends Error {
  constructor(
    readonly count: number,
    readonly span: Span,
  ) {
    super()
  }
}

interface State {
  places: Place[] | null
  at: number
  made: Place[]
  how: Made[]
  /** Places the last stitch went into. */
  into: Made['into']
  known: boolean
  /** Where the last stitch went, so that “same” finds it. */
  touched: boolean
  stitch: StitchWord
  skippedNow: number
}

/** Works through a row, place by place. */
class Walk {
  state: State
  repeat: RepeatFault | null = null
  through: Through[] = []
  turns = false
  extras: { word: string; at: number }[] = []
  gaps: { chains: number; over: number; before: number }[] = []
  foundation: Meaning['foundation'] = null
  private begun = false
  private spent = 0
  private yarn: string | null = null
  private leaves = false
  private picking = false
  private pendingChain: { chains: number; made: number } | null = null

  constructor(
    below: readonly Place[] | null,
    private readonly options: MeaningOptions,
    /** A later stitch goes into a chain counted from the hook. */
    private readonly fromChain = false,
  ) {
    this.state = {
      places: below ? [...below] : null,
      at: 0,
      made: [],
      how: [],
      into: null,
      known: true,
      touched: false,
      stitch: { word: 'sc', uses: 1, makes: 1 },
      skippedNow: 0,
    }
  }

  get allowsRest(): boolean {
    return this.leaves
  }
  get left(): number {
    const { places, at } = this.state
    return places ? places.length - at : 0
  }

  /** Goes through items; `after` are those that still follow, whose places a repeat must leave. */
  run(items: readonly Work[], after: readonly Work[] = []): void {
    items.forEach((item, i) => this.step(item, [...items.slice(i + 1), ...after]))
  }

  private step(item: Work, after: readonly Work[]): void {
    this.spend()
    if (item.kind === 'note') return this.note(item)
    if (item.kind === 'chain') return this.chain(item)
    if (item.kind === 'skip') return this.skip(item)
    this.begun = true
    if (item.kind === 'group') return this.group(item, after)
    this.stitchStep(item)
  }

  private note({ what, yarn }: Extract<Work, { kind: 'note' }>): void {
    if (what === 'yarn') this.yarn = yarn
    if (what === 'turn') this.turns = true
    if (what === 'leave') this.leaves = true
    if (what === 'pick-up') {
      this.picking = true
      this.state.places = null
    }
    if (what === 'other-side') {
      const { foundation, state } = this
      if (foundation && state.places) {
        // Along the other side of a chain its places come again, but for the last, which both sides share.
        const side = foundation.chains - foundation.skipped - 1
        state.places = [...state.places.slice(0, state.at), ...new Array<Place>(side).fill('ch')]
      } else if (!this.begun && state.made.length === 0) {
        // Along the other side of what was begun elsewhere: its places where they are known.
        this.picking = true
        this.begun = true
      }
    }
  }

  private chain({ count, counts }: Extract<Work, { kind: 'chain' }>): void {
    const { state } = this
    if (!this.begun) {
      this.begun = true
      if (state.places === null && (this.fromChain || count > LONG_CHAIN)) {
        state.places = new Array<Place>(Math.min(count, MOST)).fill('ch')
        this.foundation = { chains: count, skipped: 0, counts: false }
        return
      }
      return this.startingChain(count, counts)
    }
    if (this.foundation && state.at === 0 && state.made.length === 0) return
    for (let i = 0; i < Math.min(count, MOST); i++) this.make('ch')
    this.pendingChain = { chains: count, made: state.made.length }
  }

  /** A chain at the start: it stands over the first place when it counts. */
  private startingChain(
    count: number,
    said: { readonly stitches: number; readonly chains: number } | null,
  ): void {
    const byLength = count >= 3
    const stitches = said
      ? said.stitches
      : (this.options.startingChain ?? byLength) && count > 1
        ? 1
        : 0
    if (stitches === 0) return
    this.take('any', { from: 0, to: 0 })
    this.state.touched = true
    this.state.stitch = { word: 'start', uses: 1, makes: 1 }
    this.make('st')
    for (let i = 0; i < (said?.chains ?? 0); i++) this.make('ch')
  }

  private skip({ count, unit, span }: Extract<Work, { kind: 'skip' }>): void {
    const { state } = this
    const before = state.at
    for (let i = 0; i < count; i++) this.take(unit, span)
    if (this.pendingChain && this.pendingChain.made === state.made.length)
      this.gaps.push({
        chains: this.pendingChain.chains,
        over: state.at - before,
        before: state.made.length - this.pendingChain.chains,
      })
    state.touched = false
  }

  private stitchStep(item: Extract<Work, { kind: 'stitch' }>): void {
    const { state } = this
    const stitch = item.stitch.word === '' ? state.stitch : item.stitch
    if (item.yarn) this.yarn = item.yarn
    state.stitch = item.loop ? { ...stitch, word: `${stitch.word} ${item.loop[0]}lo` } : stitch
    const { target, span } = item
    for (let time = 0; time < Math.min(item.times, MOST); time++) {
      if (!target) {
        for (let i = 0; i < Math.min(item.count, MOST); i++)
          this.once(stitch, 1, 'any', span, item.withStart)
      } else this.into(stitch, item.count, target, span, item.withStart)
    }
  }

  /** So many of a stitch at a target: in one place, or in each of several. */
  private into(
    stitch: StitchWord,
    count: number,
    target: Target,
    span: Span,
    withStart: boolean,
  ): void {
    const { state } = this
    if (target.kind === 'ring') {
      state.places = state.places === null ? [] : state.places
      state.at = state.places.length
      for (let i = 0; i < Math.min(count * stitch.makes, MOST); i++) this.make('st')
      return
    }
    if (target.kind === 'hook') return this.fromHook(stitch, count, target, span)
    if (target.kind === 'same') {
      if (!state.touched) this.take('any', span)
      state.touched = true
      for (let i = 0; i < Math.min(count * stitch.makes, MOST); i++) this.make('st')
      return
    }
    if (target.kind === 'each') return this.each(stitch, count, target, span)
    const many = stitch.uses > 1 && target.count === stitch.uses ? 1 : target.count
    for (let i = 0; i < Math.min(many, MOST); i++)
      this.once(stitch, count, target.unit, span, withStart)
  }

  private fromHook(
    stitch: StitchWord,
    count: number,
    { nth, counts: said, from }: Extract<Target, { kind: 'hook' }>,
    span: Span,
  ): void {
    const { state, foundation } = this
    if (state.places === null) {
      state.known = false
    } else {
      for (let i = 0; i < (from ? nth - 1 : nth); i++) this.take('any', span)
    }
    const counts = said ?? this.options.startingChain ?? nth - 1 >= 3
    const chains = foundation?.chains ?? state.places?.length ?? 0
    this.foundation = { chains, skipped: nth - 1, counts: counts && nth > 2 }
    if (this.foundation.counts) this.make('st')
    if (!from) for (let i = 0; i < count * stitch.makes; i++) this.make('st')
    state.touched = !from
  }

  private each(
    stitch: StitchWord,
    count: number,
    { units, reach }: Extract<Target, { kind: 'each' }>,
    span: Span,
  ): void {
    const { state } = this
    if (reach.kind === 'times') {
      for (let i = 0; i < Math.min(reach.count, MOST); i++)
        this.once(stitch, count, units[0]!, span, false)
      return
    }
    if (state.places === null) {
      state.known = false
      return
    }
    const stop = state.places.length - (reach.kind === 'to-last' ? reach.count : 0)
    if (units.includes('gap')) {
      while (state.at < stop) this.once(stitch, count, 'gap', span, false)
      return
    }
    const spaces = units.includes('sp')
    const chains = units.includes('ch') || units.includes('any') || this.chainsAre(units)
    while (state.at < stop) {
      if (state.places[state.at] === 'ch' && !chains) {
        if (spaces) this.once(stitch, count, 'sp', span, false)
        else this.take('sp', span)
        continue
      }
      if (
        state.places[state.at] === 'st' &&
        !units.some((unit) => unit === 'st' || unit === 'any')
      ) {
        this.take('any', span)
        continue
      }
      if (stitch.uses > stop - state.at) throw new Short(stitch.uses - (stop - state.at), span)
      this.once(stitch, count, 'any', span, false)
    }
  }

  /** Whether chains count as stitches to those units: along a foundation they do. */
  private chainsAre(units: readonly PlaceUnit[]): boolean {
    const { places } = this.state
    if (units.includes('sp')) return false
    return (
      this.options.chainsAreStitches === true || (places?.every((place) => place === 'ch') ?? false)
    )
  }

  /** So many of a stitch in one place (or over as many as it takes). */
  private once(
    stitch: StitchWord,
    count: number,
    unit: PlaceUnit,
    span: Span,
    withStart: boolean,
  ): void {
    if (stitch.uses === 0 && stitch.makes === 0)
      this.extras.push({ word: stitch.word, at: this.state.made.length })
    let from: number | null = null
    for (let i = 0; i < stitch.uses; i++) {
      this.take(unit, span)
      from ??= this.state.into?.from ?? null
    }
    const { into } = this.state
    if (into && from !== null) this.state.into = { from, to: into.to }
    this.state.touched = true
    if (withStart) return
    for (let i = 0; i < count * stitch.makes; i++) this.make('st')
  }

  /** No row takes more steps than this: whoever writes one has not counted it. */
  private spend(): void {
    if (++this.spent > MOST_STEPS) throw new Short(0, { from: 0, to: 0 })
  }

  private make(place: Place): void {
    this.spend()
    if (this.state.made.length >= MOST) throw new Short(0, { from: 0, to: 0 })
    const { state } = this
    state.made.push(place)
    state.how.push(
      place === 'ch'
        ? { word: 'ch', yarn: this.yarn, into: null }
        : { word: state.stitch.word, yarn: this.yarn, into: state.into },
    )
  }

  /** Takes up the next place of a kind, passing over what lies before it. @throws Short when there is none */
  private take(unit: PlaceUnit, span: Span): void {
    const { state } = this
    const { places } = state
    this.spend()
    if (places === null) {
      if (!this.picking) state.known = false
      return
    }
    if (unit === 'sp') {
      while (state.at < places.length && places[state.at] !== 'ch') state.at++
      if (state.at >= places.length) throw new Short(1, span)
      const from = state.at
      while (places[state.at] === 'ch') state.at++
      state.into = { from, to: state.at }
      return
    }
    if (unit === 'gap') {
      if (state.at >= places.length) throw new Short(1, span)
      // Past the group that stands before the gap: the stitches made in one place.
      const { groups } = this.options
      const from = state.at
      state.at++
      while (state.at < places.length && groups?.[state.at] === groups?.[from] && groups) state.at++
      state.into = { from, to: state.at }
      return
    }
    const onlyStitches = unit === 'st' && !this.chainsAre(['st'])
    if (onlyStitches && places[state.at] === 'ch') {
      let ahead = state.at
      while (places[ahead] === 'ch') ahead++
      if (ahead < places.length) state.at = ahead
    }
    if (state.at >= places.length) throw new Short(1, span)
    state.into = { from: state.at, to: state.at + 1 }
    state.at++
  }

  private group(item: Extract<Work, { kind: 'group' }>, after: readonly Work[]): void {
    const { items, reach, target, span } = item
    if (target) return this.inOnePlace(items, target, reach, span)
    if (reach.kind === 'times') {
      for (let i = 0; i < Math.min(reach.count, MOST); i++) {
        const before = this.state.at
        this.run(items, after)
        if (reach.count > 1) this.passed(i + 1, reach.count)
        if (this.state.at === before && this.state.made.length > MOST) return
      }
      return
    }
    this.around(items, reach, after, span)
  }

  /** Stitches and chains that all go into one place. */
  private inOnePlace(items: readonly Work[], target: Target, reach: Reach, span: Span): void {
    const { state } = this
    const once = () => {
      for (const one of items) {
        if (one.kind === 'chain') for (let i = 0; i < one.count; i++) this.make('ch')
        if (one.kind === 'stitch') {
          state.stitch = one.stitch
          for (let i = 0; i < one.count * one.stitch.makes; i++) this.make('st')
        }
        if (one.kind === 'group') this.inOnePlace(one.items, { kind: 'same' }, one.reach, span)
      }
    }
    const take = (unit: PlaceUnit) => {
      this.take(unit, span)
      state.touched = true
      once()
    }
    if (target.kind === 'same') {
      if (!state.touched) this.take('any', span)
      state.touched = true
      for (let i = 0; i < (reach.kind === 'times' ? reach.count : 1); i++) once()
    } else if (target.kind === 'each') {
      if (state.places === null) {
        state.known = false
        return
      }
      const unit = target.units.includes('sp') ? 'sp' : target.units.includes('gap') ? 'gap' : 'st'
      const count = target.reach.kind === 'times' ? target.reach.count : Infinity
      const end = state.places.length - (target.reach.kind === 'to-last' ? target.reach.count : 0)
      const more = () =>
        unit === 'sp' ? state.places!.indexOf('ch', state.at) >= 0 : state.at < end
      for (let i = 0; i < count && more(); i++) take(unit)
    } else if (target.kind === 'ring') {
      state.places ??= []
      for (let i = 0; i < (reach.kind === 'times' ? reach.count : 1); i++) once()
    } else if (target.kind === 'hook') {
      for (let i = 0; i < target.nth; i++) this.take('any', span)
      this.foundation = {
        chains: state.places?.length ?? 0,
        skipped: target.nth - 1,
        counts: false,
      }
      once()
    } else for (let i = 0; i < target.count; i++) take(target.unit)
  }

  /** A repeat to the end, or to the last few: as often as leaves room for what follows. */
  private around(items: readonly Work[], reach: Reach, after: readonly Work[], span: Span): void {
    const { state } = this
    if (state.places === null) {
      state.known = false
      return
    }
    const begin = { at: state.at }
    const kept = reach.kind === 'to-last' ? reach.count : this.needOf(after)
    const end = state.places.length - kept
    let count = 0
    let each = 0
    let last = { at: state.at, made: state.made.length, touched: state.touched }
    while (state.at < end) {
      const before = state.at
      try {
        this.run(items)
      } catch (error) {
        if (!(error instanceof Short)) throw error
        state.at = state.places.length + 1
      }
      each = Math.max(
        each,
        Math.min(state.at, state.places.length) - before,
        count === 0 ? state.at - before : 0,
      )
      if (state.at > end || state.at === before) break
      last = { at: state.at, made: state.made.length, touched: state.touched }
      count++
      if (count > MOST) break
    }
    Object.assign(state, {
      at: last.at,
      touched: last.touched,
      made: state.made.slice(0, last.made),
      how: state.how.slice(0, last.made),
    })
    if (count > 0) each = Math.round((last.at - begin.at) / count)
    const left = end - state.at
    // A trailing chain space before the join is passed over; so are the stitches after the last space when spaces are worked.
    const rest = state.places.slice(state.at, end)
    const passed =
      rest.every((place) => place === 'ch') || (intoSpaces(items) && !rest.includes('ch'))
    if (left > 0 && !passed)
      this.repeat = {
        ...span,
        multiple: each,
        repeats: count,
        left,
        twoPeriod: isTwo(items) && left * 2 === each,
      }
    else if (left > 0) state.at = end
    for (let i = 1; i <= count; i++)
      this.through.push({
        repeat: i,
        of: count,
        done: begin.at + each * i,
        left: state.places.length - begin.at - each * i,
      })
  }

  /** Places that what follows a repeat takes up. */
  private needOf(after: readonly Work[]): number {
    if (after.length === 0 || this.state.places === null) return 0
    const probe = new Walk(new Array<Place>(400).fill('st'), this.options)
    probe.begun = true
    probe.state.touched = true
    const open = (item: Work): boolean =>
      (item.kind === 'group' && (item.reach.kind !== 'times' || item.items.some(open))) ||
      (item.kind === 'stitch' && item.target?.kind === 'each')
    if (after.some(open)) return 0
    try {
      probe.run(after)
    } catch {
      return 0
    }
    return probe.state.at
  }

  private passed(repeat: number, of: number): void {
    const { places, at } = this.state
    if (places) this.through.push({ repeat, of, done: at, left: places.length - at })
  }
}

/** Which of the places a row left stand together in one place of the row below, by number. */
export function groupsOf(made: readonly Made[]): number[] {
  let group = 0
  return made.map(({ into }, i) => {
    const before = made[i - 1]?.into
    if (i > 0 && (!into || !before || into.from !== before.from)) group++
    return group
  })
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
  const walk = new Walk(below, options, isFromChain(items))
  let short: Meaning['short'] = null
  try {
    walk.run(shells(items))
  } catch (error) {
    if (!(error instanceof Short)) throw error
    short = { count: error.count, span: error.span }
  }
  const { state } = walk
  const known = state.known && short === null
  const rest = state.places?.slice(state.at) ?? []
  const passed =
    rest.every((place) => place === 'ch') &&
    !(state.places?.every((place) => place === 'ch') ?? false)
  const left = short || passed || walk.allowsRest ? 0 : rest.length
  return {
    available: state.places?.length ?? null,
    consumes: state.places === null ? null : passed ? state.places.length : state.at,
    makes: known ? state.made.length : null,
    places: known ? state.made : null,
    made: state.how,
    extras: walk.extras,
    short: short && { ...short, count: Math.max(1, short.count) },
    left,
    repeat: walk.repeat,
    through: walk.through,
    turns: walk.turns,
    gaps: walk.gaps,
    foundation: walk.foundation,
  }
}
