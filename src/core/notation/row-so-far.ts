import { Below, type Place, type PlaceKind, type Range, Short } from './below.ts'
import type { Gap, Made, Meaning, MeaningOptions, RepeatFault, Through, Uses } from './meaning.ts'
import type { PlaceUnit, Reach, Span, StitchWord, Work } from './work-tree.ts'

/** A row may not leave more than this. */
export const MOST_PLACES = 6_000
const MOST_STEPS = 30_000
export const NOWHERE: Span = { from: 0, to: 0 }
export const START: StitchWord = { word: 'start', uses: 1, makes: 1 }

export type StitchItem = Extract<Work, { kind: 'stitch' }>

/** How a stitch is worked: its word, whether around a post, and how many rows further down. */
export interface How {
  readonly stitch: StitchWord
  readonly post: boolean
  readonly down: number
}
export const plain = (stitch: StitchWord): How => ({ stitch, post: false, down: 0 })

/** Raised stitches go around a post and spikes a row down, whether or not it is said. */
export const howOf = ({ post, down }: StitchItem, stitch: StitchWord): How => ({
  stitch,
  post: post || /^[fb]p/.test(stitch.word),
  down: down > 0 ? down : /^spike\b/.test(stitch.word) ? 1 : 0,
})

/** A number that can be worked. @throws Short with count 0 when it is more than any row has */
export const capped = (count: number): number => {
  if (count > MOST_PLACES) throw new Short(0, NOWHERE)
  return count
}
export const timesOf = (reach: Reach): number => (reach.kind === 'times' ? capped(reach.count) : 1)

/** A row as far as it is worked: what it has taken up of the row below, and what it leaves. */
export abstract class Row {
  readonly below: Below
  made: Place[] = []
  how: Made[] = []
  known = true
  repeat: RepeatFault | null = null
  through: Through[] = []
  turns = false
  leaves = false
  /** Places its beginning was moved on over, in the round: they come at its end. */
  moved = 0
  /** Places it begins beyond where the row below began, its yarn joined there; null where it goes on from there. */
  anew: number | null = null
  readonly extras: { word: string; at: number }[] = []
  readonly gaps: Gap[] = []
  readonly uses: Uses = { st: 0, ch: 0, sp: 0, gap: 0, post: 0, down: 0, ring: 0, skipped: 0 }
  foundation: Meaning['foundation'] = null
  /** The most rows a stitch reaches down, and where that is said. */
  deepest: ({ rows: number } & Span) | null = null

  protected current: How = plain({ word: 'sc', uses: 1, makes: 1 })
  protected yarn: string | null = null
  /** The yarn the row is worked in where a stitch does not say another. */
  protected ground: string | null = null
  /** The place the last stitch went into. */
  protected into: Range | null = null
  protected kind: PlaceKind | null = null
  /** The places last passed over. */
  protected skipped: Range | null = null
  protected touched = false
  /** What the row’s first stitch goes into. */
  protected beginsIn: PlaceUnit = 'any'
  protected begun = false
  /** A starting chain stands over the first place, and nothing has been worked yet. */
  protected onStart = false
  protected picking = false
  protected inRing = false
  /** Its yarn is joined in a gap, and nothing stands there yet. */
  protected inGap = false
  /** Several stitches went into the chain it began in, so that nothing need be left for it. */
  protected beganFull = false
  /** A chain that counts stands on one of those passed over. */
  protected passedFoot = false
  /** It goes on along the other side of its chain. */
  protected around = false
  protected spent = 0
  protected pendingChain: { chains: number; made: number } | null = null

  constructor(
    below: readonly Place[] | null,
    protected readonly options: MeaningOptions,
    kept: number,
    /** A later stitch goes into a chain counted from the hook. */
    protected readonly fromChain = false,
  ) {
    this.below = new Below(
      below ? [...below] : null,
      options.groups ?? null,
      options.chainsAreStitches === true,
      kept,
      options.byName ? (options.words ?? null) : null,
    )
  }

  /** No row takes more steps than this: whoever writes one has not counted it. */
  protected spend(): void {
    if (++this.spent > MOST_STEPS) throw new Short(0, NOWHERE)
  }

  /** So many of a stitch, with all it leaves. */
  protected several({ makes, leaves }: StitchWord, count: number): void {
    const all = leaves ?? new Array<Place>(makes).fill('st')
    // A loop is a place of its own, whatever it is made of.
    const word = all.length === 1 && all[0] === 'ch' ? this.current.stitch.word : 'ch'
    for (let i = 0; i < capped(count); i++) all.forEach((place) => this.leave(place, word))
  }

  /** Leaves a place. */
  protected leave(place: Place, chain = 'ch'): void {
    this.spend()
    if (this.made.length >= MOST_PLACES) throw new Short(0, NOWHERE)
    this.made.push(place)
    const { yarn } = this
    this.how.push(
      place === 'ch'
        ? { word: chain, yarn, into: null, kind: null }
        : { word: this.current.stitch.word, yarn, into: this.into, kind: this.kind },
    )
  }

  /** Takes up a place for a stitch. @throws Short when there is none */
  protected take(unit: PlaceUnit, span: Span, { post, down }: How): void {
    this.spend()
    this.touched = true
    if (this.inGap) {
      this.inGap = false
      this.into = { from: this.below.at, to: this.below.at }
      this.kind = 'gap'
      this.uses.gap++
      return
    }
    if (this.below.places === null) return
    const { kind, from, to } = this.below.take(unit, span)
    this.into = { from, to }
    this.kind = down > 0 ? 'down' : post ? 'post' : kind
    this.uses[this.kind]++
  }

  /** Back into places that were passed over, one after the other. @throws Short when there are not so many */
  protected throughSkipped(many: number | null, span: Span, { post }: How, each: () => void): void {
    const { from, to } = this.skipped ?? { from: 0, to: 0 }
    const wanted = many ?? Math.max(1, to - from)
    if (this.below.places && wanted > to - from) throw new Short(wanted - (to - from), span)
    for (let i = 0; i < capped(wanted); i++) {
      if (this.below.places) this.into = { from: from + i, to: from + i + 1 }
      this.kind = post ? 'post' : 'st'
      this.uses.skipped--
      this.uses[this.kind]++
      each()
    }
    this.skipped = null
  }

  protected intoRing(): void {
    this.below.places ??= []
    this.below.at = this.below.places.length
    if (this.kind !== 'ring') this.uses.ring++
    this.kind = 'ring'
    this.into = null
  }

  protected sameAgain(span: Span, how: How, first: boolean): void {
    // Back at the place of the first stitch, around a chain, one of its places is still to be used up.
    const closes = first && this.around
    if (!this.touched || closes) this.take(closes ? 'any' : this.beginsIn, span, how)
    this.touched = true
  }
}
