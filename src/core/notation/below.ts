import type { PlaceUnit, Reach, Span } from './work-tree.ts'

/** What a row leaves: stitches and single chains; chains side by side are one chain space. */
export type Place = 'st' | 'ch'

/** What a stitch can go into. A row further down and a post stand in the column of a place of the row below. */
export const placeKinds = ['st', 'ch', 'sp', 'gap', 'post', 'down', 'ring'] as const
export type PlaceKind = (typeof placeKinds)[number]

/** Which of the places below were taken up, half-open. */
export interface Range {
  readonly from: number
  readonly to: number
}

/** There is no place where one is wanted: how many are missing at least, and where the text asks for it. */
export class Short extends Error {
  constructor(
    readonly count: number,
    readonly span: Span,
  ) {
    super()
  }
}

/** The row below as it is used up, from its first place to its last. */
export class Below {
  at = 0
  /** The row was begun in the gap at its end. */
  lastGapTaken = false

  constructor(
    public places: Place[] | null,
    /** Places that stand in one place together have the same number: a gap lies after each group. */
    private groups: readonly number[] | null,
    private readonly chainsAreStitches: boolean,
    /** Places at the end that are to be left. */
    private readonly kept: number,
    private words: readonly string[] | null = null,
  ) {}

  /** Passes over what was not made as such a stitch; a chain that stands for one is one. @throws Short when there is none */
  toNamed(word: string, span: Span): void {
    const { words, places } = this
    if (!words || words.length !== places?.length) return
    while (this.at < places.length && words[this.at] !== word && words[this.at] !== 'start')
      this.at++
    if (this.at >= places.length) throw new Short(1, span)
  }

  /** Which places stand together from one on. */
  groupsFrom(at: number): readonly number[] | null {
    return this.groups?.slice(at) ?? null
  }

  /** Up to where it may be worked. */
  get end(): number {
    return Math.max(0, (this.places?.length ?? 0) - this.kept)
  }

  /** Whether chains count as stitches to those units: along a foundation they do. */
  chainsAre(units: readonly PlaceUnit[]): boolean {
    if (units.includes('sp')) return false
    return this.chainsAreStitches || (this.places?.every((place) => place === 'ch') ?? false)
  }

  /** What comes next: a stitch, or a chain space and how long it is. */
  ahead(): { readonly kind: 'st' | 'sp'; readonly length: number } {
    const { places, at } = this
    if (places?.[at] !== 'ch') return { kind: 'st', length: 1 }
    const end = places.findIndex((place, i) => i > at && place !== 'ch')
    return { kind: 'sp', length: (end < 0 ? places.length : end) - at }
  }

  /** Where a reach ends, when what follows takes so many. */
  stopOf(reach: Reach, need: number): number {
    if (reach.kind === 'to-space') {
      const space = this.places?.indexOf('ch', this.at) ?? -1
      return space < 0 ? this.end : Math.min(space, this.end)
    }
    return this.end - (reach.kind === 'to-last' ? this.lastOf(reach) : need)
  }

  /** Places the last few are, from the end: so many, or so many spaces each with the group it stands in. */
  private lastOf({ count, unit }: Extract<Reach, { kind: 'to-last' }>): number {
    const { places, groups } = this
    if (unit !== 'sp' || !places?.includes('ch')) return count
    let from = places.length
    for (let n = 0; n < count; n++) {
      from = places.lastIndexOf('ch', from - 1)
      while (places[from - 1] === 'ch') from--
      while (groups && from > 0 && groups[from - 1] === groups[from]) from--
    }
    return places.length - Math.max(0, from)
  }

  /** Begins at another place, around to which the row will come at its end. */
  turnTo(from: number): void {
    const turned = <T>(list: readonly T[]) => [...list.slice(from), ...list.slice(0, from)]
    this.places &&= turned(this.places)
    this.groups &&= turned(this.groups)
    this.words &&= turned(this.words)
    this.at = 0
  }

  /** Takes up the next place of a kind, passing over what lies before it. @throws Short when there is none */
  take(unit: PlaceUnit, span: Span): { readonly kind: 'st' | 'ch' | 'sp' | 'gap' } & Range {
    const { places } = this
    if (places === null) return { kind: 'st', from: 0, to: 0 }
    if (unit === 'sp') return { kind: 'sp', ...this.space(places, span) }
    if (unit === 'mid') return { kind: 'st', ...this.middle(places, span) }
    if (unit === 'gap') return { kind: 'gap', ...this.gap(places, span) }
    if ((unit === 'st' || unit === 'top') && !this.chainsAre(['st'])) this.passChains(places)
    if (this.at >= places.length) throw new Short(1, span)
    if (unit === 'top') this.toTop(places)
    const from = this.at++
    return { kind: places[from]!, from, to: this.at }
  }

  private space(places: readonly Place[], span: Span): Range {
    while (this.at < places.length && places[this.at] !== 'ch') this.at++
    if (this.at >= places.length) throw new Short(1, span)
    const from = this.at
    while (places[this.at] === 'ch') this.at++
    return { from, to: this.at }
  }

  /** The middle of the next three or more that stand together; past all of them. */
  private middle(places: readonly Place[], span: Span): Range {
    const { groups } = this
    while (groups && this.at < places.length) {
      const from = this.at
      let to = from + 1
      while (to < places.length && groups[to] === groups[from]) to++
      this.at = to
      const mid = from + Math.floor((to - from) / 2)
      if (to - from > 2) return { from: mid, to: mid + 1 }
    }
    throw new Short(1, span)
  }

  /** Only the group is left that stands before the gap the row was begun in. */
  get atLastGap(): boolean {
    const { groups, at, places } = this
    if (!this.lastGapTaken || !places) return false
    const last = groups?.[places.length - 1]
    return groups ? groups.slice(at).every((group) => group === last) : at >= places.length - 1
  }

  /** Past the group that stands before the gap. */
  private gap(places: readonly Place[], span: Span): Range {
    if (this.at >= places.length) throw new Short(1, span)
    const { groups } = this
    const from = this.at++
    while (groups && this.at < places.length && groups[this.at] === groups[from]) this.at++
    if (this.lastGapTaken && this.at >= places.length) throw new Short(1, span)
    return { from, to: this.at }
  }

  /** Over the rest of those that the last place stands together with. */
  private toTop(places: readonly Place[]): void {
    const { groups } = this
    const last = places.length - 1
    if (groups && groups[this.at] === groups[last]) this.at = last
  }

  /** Chains before the next stitch are passed over, if there is one. */
  private passChains(places: readonly Place[]): void {
    let ahead = this.at
    while (places[ahead] === 'ch') ahead++
    if (ahead < places.length) this.at = ahead
  }
}
