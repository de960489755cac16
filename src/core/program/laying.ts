import { type Stitch, stitchById } from '../stitch/index.ts'
import { Cursor, Misfit } from './cursor.ts'
import { type Need, needsOf, summed, total } from './needs.ts'
import { type PlaceRun, type Places, PlacesBuilder } from './places.ts'
import {
  type Cells,
  type Chain,
  type Group,
  type Into,
  type Pass,
  type Program,
  type Step,
  timesAt,
  type Work,
} from './program.ts'

/** Chains that are made, but not yet tied down: how wide they are follows from what they pass over. */
interface Open {
  readonly count: number
  readonly kind: 'chain' | 'loop'
}

const NOTHING: readonly never[] = []

/** A chain so long, as long as what it passes or longer, is a handle or a loop to hang by: what goes into it widens nothing (from memory). */
const HANDLE = 8

/** What a stretch of work gives, kept apart so that it can be had again. */
export interface Output {
  readonly steps: Step[]
  readonly made: PlacesBuilder
  readonly hanging: PlacesBuilder
  readonly rests: readonly PlacesBuilder[]
  readonly units: Map<string, number>
}

/** Which places something may go into. */
const wantedBy =
  (into: Extract<Into, { at: 'next' | 'space' }>) =>
  ({ kind, taken, step }: PlaceRun): boolean => {
    if (taken) return false
    if (into.at === 'space') return kind === 'chain'
    return into.of ? into.of.includes(kind) : kind !== 'gap' && !step
  }

/** Where the laying stands. */
interface Mark {
  readonly open: Open | null
  readonly room: number
  readonly passed: number
  readonly lead: number
  readonly begun: boolean
  readonly cursors: readonly ReturnType<Cursor['mark']>[]
}

/** Works through a program, place by place; what repeats is worked once. */
export class Laying {
  private readonly cursors: readonly Cursor[]
  private out: Output
  private open: Open | null = null
  /** Width still free over the place last gone into (below 0: overhung), and width passed over since. */
  private room = 0
  private passed = 0
  /** Width passed over before anything was made: in a round what it ends in lies over that too. */
  private lead = 0
  private begun = false
  /** It ends in a half loop, in whose middle the next round begins. */
  endsHalf = false

  constructor(
    below: readonly Places[],
    private readonly row: number,
    private readonly keepsRest: boolean,
  ) {
    this.cursors = below.map((places) => new Cursor(places))
    this.out = this.fresh()
  }

  /** Lays a program from end to end. @throws Misfit */
  all(program: Program): Output & { readonly uses: number } {
    this.run(program, NOTHING)
    const [below] = this.cursors
    if (below && below.left > 0) throw new Misfit(-below.left)
    if (this.open) this.passed += this.lead
    this.close(true)
    const uses = below?.past ?? 0
    // What the row did not come to stays as it is.
    for (const cursor of this.keepsRest ? this.cursors : NOTHING)
      while (cursor.ahead()) cursor.go(cursor.ahead()!.count, false)
    return { ...this.out, uses }
  }

  private fresh(): Output {
    const rests = this.keepsRest
      ? this.cursors.map((cursor) => (cursor.rest = new PlacesBuilder()))
      : NOTHING
    const made = new PlacesBuilder()
    return { steps: [], made, hanging: new PlacesBuilder(), rests, units: new Map() }
  }

  /** `after`: places that what follows still needs; only what goes on as often as fits asks. */
  private run(steps: Program, after: readonly Need[]): void {
    for (let i = 0; i < steps.length; i++) {
      const step = steps[i]!
      const fits = 'times' in step && step.times === 'fits'
      this.step(step, fits ? [...needsOf(steps.slice(i + 1), this.row), ...after] : NOTHING)
    }
  }

  private step(step: Step, kept: readonly Need[]): void {
    switch (step.do) {
      case 'work':
        return this.work(step, kept)
      case 'cells':
        return this.cells(step)
      case 'chain':
        return this.chain(step)
      case 'pass':
        return this.pass(step, kept)
      case 'group':
        return this.group(step, kept)
      case 'gap':
        this.out.steps.push(step)
        this.out.made.add({ kind: 'gap', count: 1, width: 0 })
    }
  }

  private work(step: Work, kept: readonly Need[]): void {
    const stitch = stitchById(step.stitch)
    if (stitch.loop) return this.loops(step, stitch)
    this.endsHalf = false
    const into = step.into ?? { at: 'next' }
    const makes = step.closes ? 0 : stitch.makes
    const below = this.cursors[0]
    const room = () => ((below?.left ?? 0) - total(kept)) / Math.max(1, stitch.uses)
    const fits = step.times === 'fits' ? Math.max(0, Math.floor(room())) : 0
    const times = timesAt(step.times, this.row, fits)
    this.out.steps.push(times === step.times ? step : { ...step, times })
    for (let left = times; left > 0;) {
      const { many, narrow } = this.into(into, stitch, makes, left)
      const width = narrow ?? stitch.wide ?? 1
      if (makes > 0)
        this.out.made.add({
          ...{ kind: 'stitch', count: makes * many, width },
          ...(narrow === null ? {} : { narrow: true }),
        })
      if (step.catches !== undefined) for (let i = 0; i < many; i++) this.catchLoop(step.catches)
      left -= many
    }
    this.count(step.unit, times)
  }

  /** Loops of chain: each is a place to go into and as wide as what it hangs over, or stands off and is none. */
  private loops(step: Work, { loop }: Stitch): void {
    const times = timesAt(step.times, this.row, 0)
    this.out.steps.push({ ...step, times })
    this.count(step.unit, times)
    for (let i = 0; i < times; i++) {
      if (loop!.stands === 'off') this.out.hanging.add({ kind: 'loop', count: 1, width: 0 })
      else {
        this.close(false)
        this.open = { count: 1, kind: 'loop' }
      }
    }
    this.endsHalf = loop!.half === true
  }

  /**
   * Goes into places for so many stitches, all at once where they are alike: for how many it did, and how wide each is where those
   * places are narrow.
   */
  private into(
    into: Into,
    { uses, wide = 1 }: Pick<Stitch, 'uses' | 'wide'>,
    makes: number,
    left: number,
  ): { readonly many: number; readonly narrow: number | null } {
    if (into.at === 'own' || into.at === 'same') {
      if (makes > 0) this.beside(makes * left)
      return { many: left, narrow: null }
    }
    const row = into.row ?? 0
    const cursor = this.cursors[row]!
    const wanted = wantedBy(into)
    this.over(row, wanted)
    const ahead = cursor.ahead()!
    const space = into.at === 'space'
    // Like places side by side, one stitch in each: all at once.
    const many = space || row > 0 || uses !== 1 ? 1 : Math.min(left, ahead.count)
    const narrow = ahead.run.narrow && !space ? Math.min(1, ahead.run.width * uses) : null
    if (row === 0) this.close(true)
    else this.beside(makes)
    const width = this.take(cursor, space ? ahead.count : uses * many)
    if (row === 0) this.room = width / many - makes * (narrow ?? wide)
    return { many, narrow }
  }

  /** Takes so many places, alike or not: how wide they are. @throws Misfit when there are not so many */
  private take(cursor: Cursor, count: number): number {
    let width = 0
    for (let left = count; left > 0;) {
      const ahead = cursor.ahead()
      if (!ahead) throw new Misfit(left)
      const many = Math.min(left, ahead.count)
      width += cursor.go(many, true).width * many
      left -= many
    }
    return width
  }

  /** What takes no width of the row below stands beside what does. */
  private beside(width: number): void {
    this.close(false)
    this.room -= width
  }

  private catchLoop(row: number): void {
    this.over(row, wantedBy({ at: 'next', of: ['loop'] }))
    this.cursors[row]!.go(1, true)
  }

  /** Goes past what is not wanted. @throws Misfit when nothing is left that is */
  private over(row: number, wanted: (run: PlaceRun) => boolean): void {
    const cursor = this.cursors[row]
    for (;;) {
      const ahead = cursor?.ahead()
      if (!cursor || !ahead) throw new Misfit(1)
      if (wanted(ahead.run)) return
      const { width } = cursor.go(ahead.count, true)
      if (row === 0) this.passed += width * ahead.count
    }
  }

  private cells(step: Cells): void {
    this.work({ do: 'work', stitch: step.stitch, times: step.letters.length }, NOTHING)
    this.out.steps[this.out.steps.length - 1] = step
  }

  private chain(step: Chain): void {
    const times = timesAt(step.times, this.row, 0)
    this.out.steps.push({ ...step, times })
    this.count(step.unit, 1)
    if (step.stands === 'off') return this.out.hanging.add({ kind: 'loop', count: 1, width: 0 })
    this.close(false)
    this.open = { count: times, kind: step.stands === 'loop' ? 'loop' : 'chain' }
  }

  /** Ties down the chains last made: as wide as what they pass over, or as they are themselves. */
  private close(tied: boolean): void {
    if (this.open) {
      const { kind, count } = this.open
      const places = kind === 'loop' ? 1 : count
      const free = this.room + this.passed
      const bridges = tied && (this.passed > 0 || this.room > 0)
      const width = bridges ? Math.max(0, free) / places : 1
      const narrow = kind === 'chain' && count >= HANDLE && bridges && width <= 1
      this.out.made.add({ kind, count: places, width, ...(narrow ? { narrow } : {}) })
      if (!tied) this.room -= width * places
      this.open = null
    } else if (tied && !this.begun) this.lead += this.passed
    if (tied) {
      this.passed = 0
      this.begun = true
    }
  }

  private pass(step: Pass, kept: readonly Need[]): void {
    const cursor = this.cursors[0]!
    const times = timesAt(step.times, this.row, Math.max(0, cursor.whole - total(kept)))
    this.out.steps.push({ ...step, times })
    for (let left = times; left > 0;) {
      const ahead = cursor.ahead()
      if (!ahead) throw new Misfit(left)
      const many = Math.min(left, ahead.count)
      const { width } = cursor.go(many, step.for === 'good')
      this.passed += width * many
      left -= many
    }
  }

  private count(unit: string | undefined, times: number): void {
    if (unit !== undefined) this.out.units.set(unit, (this.out.units.get(unit) ?? 0) + times)
  }

  /**
   * Works a group so many times. Where two times in a row leave everything as it was, but further on, those that follow do too:
   * they are taken at once.
   */
  private group(step: Group, after: readonly Need[]): void {
    const fits = step.times === 'fits'
    const kept = fits ? summed(after) : []
    const times = timesAt(step.times, this.row, Infinity)
    let steps: Step[] | null = null
    let done = 0
    let before = ''
    while (done < times) {
      const mark = this.mark()
      const one = this.apart(() => this.run(step.steps, fits ? after : []))
      if (one instanceof Misfit || (fits && this.tooFar(kept, mark))) {
        if (!fits) throw one as Misfit
        this.restore(mark)
        break
      }
      steps ??= one.steps
      const state = this.state()
      const more = state === before ? this.alike(mark, times - done - 1, kept) : 0
      this.put(one, 1 + more)
      done += 1 + more
      before = state
    }
    this.out.steps.push({ ...step, times: done, steps: steps ?? [] })
    this.count(step.unit, done)
  }

  /** How often the same can follow at once; the rows below are then gone past as far. */
  private alike(mark: Mark, most: number, kept: readonly Need[]): number {
    const went = this.cursors.map((cursor, i) => cursor.past - mark.cursors[i]!.gone)
    const rooms = this.cursors.map((cursor, i) =>
      went[i]! > 0 ? cursor.roomFor(went[i]!) : Infinity,
    )
    const [below] = this.cursors
    const spared = kept.map(({ of, count }) => {
      const ahead = below!.aheadOf(of)
      const here = below!.mark()
      below!.back(mark.cursors[0]!)
      const each = below!.aheadOf(of) - ahead
      below!.back(here)
      return each > 0 ? Math.floor((ahead - count) / each) : Infinity
    })
    const more = Math.min(most, ...rooms, ...spared)
    if (!Number.isFinite(more) || more <= 0) return 0
    this.cursors.forEach((cursor, i) => went[i]! > 0 && cursor.skip(went[i]! * more))
    return more
  }

  /** Whether it did not get on, or took what comes after needs. */
  private tooFar(kept: readonly Need[], mark: Mark): boolean {
    const [below] = this.cursors
    if (!below || below.past === mark.cursors[0]!.gone) return true
    return kept.some(({ of, count }) => below.aheadOf(of) < count)
  }

  /** What the next time would find, wherever it is. */
  private state(): string {
    const { open, room, passed } = this
    const phases = this.cursors.map(({ phase }) => phase)
    return `${phases.join()} ${open?.kind} ${open?.count} ${room} ${passed}`
  }

  private mark(): Mark {
    const { open, room, passed, lead, begun } = this
    return { open, room, passed, lead, begun, cursors: this.cursors.map((cursor) => cursor.mark()) }
  }

  private restore({ cursors, ...rest }: Mark): void {
    Object.assign(this, rest)
    this.cursors.forEach((cursor, i) => cursor.back(cursors[i]!))
  }

  /** What some work gives, apart from what was there; or why it could not be done. */
  private apart(some: () => void): Output | Misfit {
    const { out } = this
    const one = (this.out = this.fresh())
    try {
      some()
      return one
    } catch (error) {
      if (error instanceof Misfit) return error
      throw error
    } finally {
      this.out = out
      out.rests.forEach((rest, i) => (this.cursors[i]!.rest = rest))
    }
  }

  /** Takes over what some work gave, so many times; its steps stay in their group. */
  private put(one: Output, times: number): void {
    this.out.made.addAll(one.made.done(), times)
    this.out.hanging.addAll(one.hanging.done(), times)
    this.out.rests.forEach((rest, i) => rest.addAll(one.rests[i]!.done(), times))
    for (const [unit, count] of one.units) this.count(unit, count * times)
  }
}
