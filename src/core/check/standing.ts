import {
  groupsOf,
  LONG_CHAIN,
  MOST_PLACES,
  type Place,
  type ReadWork,
  type Work,
} from '../notation/index.ts'
import { begins, carriedOver } from './beginnings.ts'
import { bestReading, type BestReading, COSTS, type Ground } from './best-reading.ts'
import type { Glossary } from './glossary.ts'
import { inTurn } from './in-turn.ts'
import type { RowLine } from './lines.ts'
import { mendsOf } from './mends.ts'
import type { Problem } from './problem.ts'
import { withYarn } from './row-lines.ts'
import type { StartingChains } from './starting-chains.ts'
import { placesSaid } from './totals-said.ts'

/** One way to take a row: its line with its total told apart, its work as read, and what comes of it. */
export interface Candidate {
  readonly line: RowLine
  readonly read: ReadWork
  /** The chain the next row starts with. */
  readonly chain: Work | null
  readonly anew: boolean
  readonly found: BestReading
  readonly cost: number
}

const joins = (items: readonly Work[]): boolean =>
  items.some((item) => item.kind === 'note' && item.what === 'join')

/** Places without the chains they end in; null where they end in none, or are nothing else. */
function upTheSpiral(places: readonly Place[] | null): readonly Place[] | null {
  const last = places?.lastIndexOf('st') ?? -1
  return places && last >= 0 && last < places.length - 1 ? places.slice(0, last + 1) : null
}

const alike = <T>(a: readonly T[] | null, b: readonly T[] | null): boolean =>
  a === b || (a !== null && a.length === b?.length && a.every((one, i) => one === b[i]))

/** Whether a row that reaches no further than the one below finds the same there. */
const sameGround = (a: Ground, b: Ground): boolean =>
  (a.depth === b.depth || (a.depth ?? 0) > DEEP) &&
  a.startingChain === b.startingChain &&
  alike(a.groups, b.groups) &&
  a.belows.length === b.belows.length &&
  a.belows.every((below, i) => alike(below, b.belows[i]!))

/** What the next row stands on, and how it is taken there. */
export class Standing {
  /** The chain the next row starts with, when the row before has made it. */
  carried: Work | null = null
  /** What was read of the row before, though it was not understood: a guess at what lies below. */
  guess: readonly Place[] | null = null
  /** Places that were counted one by one. */
  counted = 0
  private below: (readonly Place[] | null)[] = [null]
  private groups: readonly number[] | null = null
  private words: Ground['words'] = () => null
  /** What each row left, as the next one finds it. */
  private readonly left = new Map<number, readonly Place[] | null>()
  private before: {
    readonly line: RowLine
    readonly carried: Work | null
    readonly ground: Ground
    readonly best: Candidate
  } | null = null
  /** Rows for which what mends them was sought. */
  private mendedRows = 0
  /** What a spiral that ends in chains leaves, without them. */
  private ledUp: readonly Place[] | null = null
  /** Chains of the last foundation, for what is worked into its other side. */
  private chains: number | null = null
  /** Rows there are below the next one, where it is known from where they began. */
  private depth: number | null = null

  constructor(
    private readonly glossary: Glossary,
    private readonly startingChains: StartingChains,
  ) {}

  /** On a chain of so many. */
  onChain(count: number): void {
    this.depth = 0
    this.chains = Math.min(count, MOST_PLACES)
    this.below = [count > MOST_PLACES ? null : new Array<Place>(count).fill('ch')]
  }

  /** On an edge of so many. */
  onEdge(count: number): void {
    this.below = [new Array<Place>(Math.min(count, MOST_PLACES)).fill('st')]
    this.depth = null
  }

  /** On what nobody knows. */
  onUnknown(): void {
    this.below = [null]
  }

  /** After rows of which nobody knows how many there are. */
  afterSome(): void {
    this.depth = null
  }

  /** On other rows than the one below. */
  onto(rows: readonly number[]): void {
    const [one, other] = rows.map((row) => this.left.get(row))
    this.below = [rows.length > 1 ? inTurn(one, other) : (one ?? null)]
    this.ledUp = null
  }

  /** Whether so many may lie below. */
  mayHave = (count: number): boolean => this.below.some((below) => below?.length === count)

  /** The best way to take a row; on a guess only where its own total bears it out. */
  take(line: RowLine): Candidate {
    const best = this.best(line)
    const { guess } = this
    if (!guess || best.line.stated !== null || best.found.meaning.available !== guess.length)
      return best
    this.guess = null
    this.onUnknown()
    return this.best(line)
  }

  /** A row in each way its total can be told from its work, and each way that can be read: the cheapest. */
  private best(said: RowLine): Candidate {
    const { before, carried } = this
    const ground = this.groundOf(said, false)
    if (
      before !== null &&
      before.line.stated === said.stated &&
      before.line.work === said.work &&
      before.carried === carried &&
      sameGround(before.ground, ground)
    )
      return before.best
    let best: Candidate | null = null
    for (const [at, parted] of [said, ...said.others].entries()) {
      const line = { ...said, ...parted }
      for (const { read: whole, cost, says } of this.glossary.readings(line.work)) {
        const { read, chain } = carriedOver(this.started(withYarn(whole, line.yarn)))
        const anew = begins(read.items)
        const taken = bestReading(line, read, this.groundOf(line, anew, read.items))
        const found = says ? { ...taken, problems: [...taken.problems, says] } : taken
        const all = found.cost + cost + (at > 0 ? COSTS.total : 0)
        this.counted += Math.max(found.meaning.made.length, ground.belows[0]?.length ?? 0)
        if (!best || all < best.cost) best = { line, read, chain, anew, found, cost: all }
      }
    }
    this.before = { line: said, carried, ground, best: best! }
    return best!
  }

  /** A row's problems, with what puts it right at the first of them. */
  mended({ line, found: { problems } }: Candidate): readonly Problem[] {
    const at = problems.findIndex(({ severity }) => severity === 'error')
    if (at < 0 || problems[at]!.code === 'unread' || ++this.mendedRows > MOST_MENDED)
      return problems
    const adds = (other: RowLine) =>
      this.glossary.readings(other.work).some(({ read: whole }) => {
        const { read } = carriedOver(this.started(withYarn(whole, other.yarn)))
        const ground = this.groundOf(other, begins(read.items), read.items)
        return bestReading(other, read, ground).cost < COSTS.odd
      })
    const edits = mendsOf(line, problems, adds)
    return problems.map((one, i) => (i === at ? ({ ...one, edits } as Problem) : one))
  }

  private groundOf(line: RowLine, anew: boolean, items: readonly Work[] = []): Ground {
    return {
      belows: anew ? [this.otherSide(items)] : this.belows(line),
      groups: this.groups,
      words: this.words,
      startingChain: this.startingChains.of(items),
      depth: anew ? 0 : this.depth,
      specials: this.glossary.specials,
    }
  }

  /** What may lie below a row. A total can tell that the chain a spiral leads up on was not worked into. */
  private belows({ stated }: RowLine): readonly (readonly Place[] | null)[] {
    return stated === null || this.ledUp === null ? this.below : [...this.below, this.ledUp]
  }

  /** The row with the chain before it that the row below has made for it. */
  started(read: ReadWork): ReadWork {
    const { carried } = this
    const first = read.items.find(({ kind }) => kind !== 'note')
    return carried && first && first.kind !== 'chain'
      ? { ...read, items: [carried, ...read.items] }
      : read
  }

  /** What a row that begins anew stands on: nothing that is known, or the other side of the chain. */
  private otherSide(items: readonly Work[]): readonly Place[] | null {
    const [first] = items.filter((item) => !(item.kind === 'note' && item.what === 'yarn'))
    const there = first?.kind === 'note' && first.what === 'other-side' && this.chains !== null
    return there ? new Array<Place>(this.chains!).fill('ch') : null
  }

  /** After a row that was taken so. */
  after({ line, read, anew, found }: Candidate, number: number | null): void {
    const { meaning, problems } = found
    const [begun] = read.items
    if (anew) this.depth = 0
    if (begun?.kind === 'chain' && begun.count > LONG_CHAIN)
      this.chains = Math.min(begun.count, MOST_PLACES)
    const made = meaning.places
    const turned = line.what === 'row' || meaning.turns
    const groups = groupsOf(meaning.made)
    this.groups = turned ? groups.toReversed() : groups
    this.words = () => {
      const words = meaning.made.map(({ word }) => word.replace(/ [bft]lo$/, ''))
      return turned ? words.toReversed() : words
    }
    if (this.depth !== null) this.depth++
    const { stated: total } = line
    const stated = total === null ? null : placesSaid({ stated: total, said: line.said })
    // A round that ends in a half loop is followed by one that begins in its middle.
    const half = meaning.made.at(-1)?.word === 'half loop'
    const next = half
      ? made && [made.at(-1)!, ...made.slice(0, -1)]
      : made && (turned ? made.toReversed() : made)
    if (number !== null) this.left.set(number, next)
    // A row with a fault may have its total right or its work; the next row tells.
    const doubt = next === null || problems.some(({ code }) => code === 'total-misstated')
    // What was read of a row in part is not what it makes.
    const partly = problems.some(({ code }) => code === 'unread')
    this.guess = partly && stated === null && next ? next : null
    const belows = partly
      ? [...(this.guess ? [this.guess] : []), stated]
      : doubt
        ? [next, stated].filter((one) => one !== null)
        : [next]
    this.below = belows.length > 0 ? belows : [null]
    this.ledUp = line.what === 'round' && !joins(read.items) ? upTheSpiral(made) : null
  }
}

/** No stitch reaches further down. */
const DEEP = 20
/** For more faulty rows than this nothing is sought that mends them. */
const MOST_MENDED = 30
