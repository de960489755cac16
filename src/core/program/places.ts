/*
 * What a row leaves, in working order. Places that repeat are kept once with their number, so that a row costs what is
 * written of it and not what it is wide.
 */

/** A chain space is taken as all chains side by side; a gap lies between what is worked and has no width. */
export const placeKinds = ['stitch', 'chain', 'gap', 'loop', 'post', 'row-end'] as const
export type PlaceKind = (typeof placeKinds)[number]

/** So many like places side by side. */
export interface PlaceRun {
  readonly kind: PlaceKind
  readonly count: number
  /** Width of each, in stitches. */
  readonly width: number
  /** Of a chain as long as what it passes, or longer, as a handle's is, or worked on one: it stands away, and widens nothing. */
  readonly narrow?: true
  /** A row has been worked into it. */
  readonly taken?: true
  /** The chain that leads from a spiral's round up into the next: no round that goes into every place comes to it. */
  readonly step?: true
}

/** Places that come so many times, one after the other. */
export interface Stretch {
  readonly motif: readonly PlaceRun[]
  readonly times: number
}

export type Places = readonly Stretch[]

export const lengthOf = ({ motif }: Stretch): number =>
  motif.reduce((sum, { count }) => sum + count, 0)

const over = (places: Places, of: (run: PlaceRun) => number): number =>
  places.reduce(
    (sum, { motif, times }) => sum + times * motif.reduce((part, run) => part + of(run), 0),
    0,
  )

/** How many places there are, of all kinds or of one. */
export const countOf = (places: Places, kind?: PlaceKind): number =>
  over(places, (run) => (kind === undefined || run.kind === kind ? run.count : 0))

/** How wide they are, in stitches. */
export const widthOf = (places: Places): number => over(places, ({ count, width }) => count * width)

/** Whether some of them stand on a chain that is a handle, or are one. */
export const hasNarrow = (places: Places): boolean =>
  places.some(({ motif }) => motif.some(({ narrow }) => narrow))

/** Places that no row has gone into yet. */
export const freeIn = (places: Places): number =>
  over(places, ({ taken, count }) => (taken ? 0 : count))

const alike = (a: PlaceRun, b: PlaceRun): boolean =>
  a.kind === b.kind &&
  a.width === b.width &&
  a.narrow === b.narrow &&
  a.taken === b.taken &&
  a.step === b.step

/** Whether any row finds the same in both. */
export const samePlaces = (a: Places, b: Places): boolean =>
  a === b ||
  (a.length === b.length &&
    a.every(({ motif, times }, i) => {
      const other = b[i]!
      return (
        times === other.times &&
        motif.length === other.motif.length &&
        motif.every((run, n) => run.count === other.motif[n]!.count && alike(run, other.motif[n]!))
      )
    }))

/** Collects places; what is alike side by side becomes one. */
export class PlacesBuilder {
  private readonly list: Stretch[] = []

  add(run: PlaceRun): void {
    if (run.count > 0) this.addStretch([run], 1)
  }

  addAll(places: Places, times = 1): void {
    const [only, ...more] = places
    if (!only || times < 1) return
    if (more.length === 0) return this.addStretch(only.motif, only.times * times)
    if (times === 1) return places.forEach(({ motif, times: n }) => this.addStretch(motif, n))
    const plain = places.every((one) => one.times === 1 || one.motif.length === 1)
    if (plain) return this.addStretch(joined(places), times)
    for (let i = 0; i < times; i++) this.addAll(places)
  }

  done(): Places {
    return this.list.length > 2 ? gathered(this.list) : this.list
  }

  private addStretch(motif: readonly PlaceRun[], times: number): void {
    const [only, ...more] = motif
    // Alike places are one place so many times.
    if (more.length > 0) return void this.list.push({ motif, times })
    const count = only!.count * times
    const last = this.list.at(-1)
    if (last?.motif.length === 1 && alike(last.motif[0]!, only!))
      this.list[this.list.length - 1] = { ...last, times: last.times + count }
    else this.list.push({ motif: [{ ...only!, count: 1 }], times: count })
  }
}

/** Whether stretches spell a motif out once, run by run. */
const spells = (list: readonly Stretch[], motif: readonly PlaceRun[]): boolean =>
  list.length === motif.length &&
  list.every(
    ({ motif: [only, ...more], times }, i) =>
      more.length === 0 && alike(only!, motif[i]!) && only!.count * times === motif[i]!.count,
  )

const sameMotif = (a: readonly PlaceRun[], b: readonly PlaceRun[]): boolean =>
  a.length === b.length && a.every((run, i) => run.count === b[i]!.count && alike(run, b[i]!))

/** What stands beside a motif and is that motif once more is taken into it, so that rows on rows stay as short as they were. */
function gathered(list: readonly Stretch[]): Stretch[] {
  const out: Stretch[] = []
  for (const stretch of list) {
    let next = stretch
    const { length } = next.motif
    while (length > 1 && spells(out.slice(-length), next.motif)) {
      out.length -= length
      next = { ...next, times: next.times + 1 }
    }
    const last = out.at(-1)
    if (last && length > 1 && sameMotif(last.motif, next.motif))
      out[out.length - 1] = { ...last, times: last.times + next.times }
    else out.push(next)
    const at = out.findLastIndex(({ motif }) => motif.length > 1)
    const before = out[at]
    if (before && at < out.length - 1 && spells(out.slice(at + 1), before.motif)) {
      out.length = at + 1
      out[at] = { ...before, times: before.times + 1 }
    }
  }
  return out
}

/** Stretches of one motif each as one motif. */
function joined(places: Places): PlaceRun[] {
  const runs: PlaceRun[] = []
  for (const { motif, times } of places)
    for (const run of motif) {
      const next = { ...run, count: run.count * times }
      const last = runs.at(-1)
      if (last && alike(last, next))
        runs[runs.length - 1] = { ...last, count: last.count + next.count }
      else runs.push(next)
    }
  return runs
}

/** So many plain stitches. */
export const stitches = (count: number): Places =>
  count > 0 ? [{ motif: [{ kind: 'stitch', count: 1, width: 1 }], times: count }] : []

/** The places from one to another, half-open. */
export function partOf(places: Places, from: number, to: number): Places {
  const part = new PlacesBuilder()
  let at = 0
  for (const stretch of places) {
    const length = lengthOf(stretch)
    const whole = length * stretch.times
    const [a, b] = [Math.max(0, from - at), Math.min(whole, to - at)]
    at += whole
    if (a >= b) continue
    const [first, last] = [Math.ceil(a / length), Math.floor(b / length)]
    if (first >= last) cut(part, stretch.motif, a - Math.floor(a / length) * length, b - a)
    else {
      cut(part, stretch.motif, a % length, first * length - a)
      part.addAll([{ motif: stretch.motif, times: last - first }])
      cut(part, stretch.motif, 0, b - last * length)
    }
  }
  return part.done()
}

/** So many places of a motif that comes again and again, from one of them on. */
function cut(part: PlacesBuilder, motif: readonly PlaceRun[], from: number, count: number): void {
  let [skip, left] = [from, count]
  while (left > 0)
    for (const run of motif) {
      const here = Math.min(left, Math.max(0, run.count - skip))
      skip = Math.max(0, skip - run.count)
      part.add({ ...run, count: here })
      left -= here
    }
}

/** Begun at another place, around to which it comes at its end. */
export function turnedTo(places: Places, from: number): Places {
  if (from === 0) return places
  const count = countOf(places)
  const first = count > 0 ? ((from % count) + count) % count : 0
  if (first === 0) return places
  const turned = new PlacesBuilder()
  turned.addAll(partOf(places, first, count))
  turned.addAll(partOf(places, 0, first))
  return turned.done()
}

/** The same places, gone through the other way. */
export const reversed = (places: Places): Places =>
  places.map(({ motif, times }) => ({ motif: motif.toReversed(), times })).toReversed()
