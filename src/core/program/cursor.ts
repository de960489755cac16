import { lengthOf, type PlaceKind, type PlaceRun, type Places, PlacesBuilder } from './places.ts'

/** A row that cannot be laid: there are no more places where one is wanted, or some are left over. */
export class Misfit extends Error {
  override name = 'Misfit'

  /** Places missing (above 0) or left over (below 0). */
  constructor(readonly places: number) {
    super(places > 0 ? `${places} places are missing` : `${-places} places are left over`)
  }
}

/** Places of those kinds among the first so many of a motif. */
function countOfRuns(
  motif: readonly PlaceRun[],
  kinds: readonly PlaceKind[],
  most = Infinity,
): number {
  let [count, at] = [0, 0]
  for (const run of motif) {
    if (kinds.includes(run.kind)) count += Math.max(0, Math.min(run.count, most - at))
    at += run.count
  }
  return count
}

/** Where a cursor stands: in which stretch, and how far in it. */
export interface At {
  readonly stretch: number
  readonly place: number
}

/** A row below as it is used up, from its first place to its last; what comes of its places is kept. */
export class Cursor {
  private at: At = { stretch: 0, place: 0 }
  private gone = 0
  /** What is left of the row for those that come later; null when nobody will ask. */
  rest: PlacesBuilder | null = null
  private readonly lengths: readonly number[]
  private readonly count: number
  /** Chains at the end that lead up into the next round. */
  private readonly steps: number

  constructor(private readonly places: Places) {
    this.lengths = places.map(lengthOf)
    this.count = places.reduce((sum, { times }, i) => sum + times * this.lengths[i]!, 0)
    const last = places.at(-1)?.motif.at(-1)
    this.steps = last?.step ? last.count : 0
  }

  /** Places gone past. */
  get past(): number {
    return this.gone
  }

  /** Places still ahead of a round that goes into every one. */
  get left(): number {
    return Math.max(0, this.count - this.steps - this.gone)
  }

  /** All places ahead, those that lead up too. */
  get whole(): number {
    return this.count - this.gone
  }

  /** The places that come next, as far as they are alike; null at the end. */
  ahead(): { readonly run: PlaceRun; readonly count: number } | null {
    const { stretch, place } = this.at
    const here = this.places[stretch]
    if (!here) return null
    const length = this.lengths[stretch]!
    if (here.motif.length === 1) return { run: here.motif[0]!, count: length * here.times - place }
    let offset = place % length
    for (const run of here.motif) {
      if (offset < run.count) return { run, count: run.count - offset }
      offset -= run.count
    }
    return null
  }

  /** Goes past places that are alike. @throws RangeError when there are not so many of them */
  go(count: number, taken: boolean): PlaceRun {
    const next = this.ahead()
    if (!next || count > next.count) throw new RangeError(`${count} places are not ahead`)
    this.rest?.add(taken ? { ...next.run, count, taken } : { ...next.run, count })
    this.skip(count)
    return next.run
  }

  /** How often steps of so many places stay within the stretch. */
  roomFor(each: number): number {
    const { stretch, place } = this.at
    const here = this.places[stretch]
    return here ? Math.floor((this.lengths[stretch]! * here.times - place) / each) : 0
  }

  /** Places ahead of those kinds; of all where none is said. */
  aheadOf(kinds: readonly PlaceKind[] | null): number {
    if (!kinds) return this.whole
    let ahead = 0
    for (let i = this.at.stretch; i < this.places.length; i++) {
      const { motif, times } = this.places[i]!
      const each = countOfRuns(motif, kinds)
      ahead += each * times
      if (i > this.at.stretch || each === 0) continue
      const length = this.lengths[i]!
      const [whole, offset] = [Math.floor(this.at.place / length), this.at.place % length]
      ahead -= each * whole + countOfRuns(motif, kinds, offset)
    }
    return ahead
  }

  /** Goes on by so many places of this stretch, of which is kept what is told. */
  skip(count: number): void {
    const { stretch, place } = this.at
    const here = this.places[stretch]!
    const next = place + count
    this.gone += count
    this.at =
      next >= this.lengths[stretch]! * here.times
        ? { stretch: stretch + 1, place: 0 }
        : { stretch, place: next }
  }

  /** Where it stands: the same for places that stand alike. */
  get phase(): string {
    const { stretch, place } = this.at
    return `${stretch}:${place % (this.lengths[stretch] ?? 1)}`
  }

  mark(): { readonly at: At; readonly gone: number } {
    return { at: this.at, gone: this.gone }
  }

  back({ at, gone }: { readonly at: At; readonly gone: number }): void {
    this.at = at
    this.gone = gone
  }
}
