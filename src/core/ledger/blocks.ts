import { type Cells, type Laid, type Program, type Step, timesAt } from '../program/index.ts'
import type { RunHow } from './ledger.ts'

/** Numbers names as they come. */
export class Names {
  readonly list: string[] = []
  private readonly at = new Map<string, number>()

  index(name: string): number {
    let index = this.at.get(name)
    if (index === undefined) {
      index = this.list.push(name) - 1
      this.at.set(name, index)
    }
    return index
  }
}

/** Plainly into the next places. */
const PLAIN: RunHow = { do: 'work' }
const PLAIN_AT = 0

/** Numbers the ways runs are worked, each once; plainly is the first. */
export class Hows {
  readonly list: RunHow[] = []
  private readonly keys = new Names()

  constructor() {
    this.index(PLAIN)
  }

  index(how: RunHow): number {
    const index = this.keys.index(JSON.stringify(how))
    this.list[index] ??= how
    return index
  }
}

/** What is said of a step beside its stitch, its yarn and how often. */
function howOf(step: Exclude<Step, { do: 'group' | 'cells' | 'gap' }>): RunHow {
  if (step.do === 'pass') return { do: 'pass', for: step.for }
  if (step.do === 'chain') return { do: 'chain', stands: step.stands }
  const { into, closes, catches } = step
  const goes = into && !isNext(into)
  return {
    do: 'work',
    ...(goes ? { into } : {}),
    ...(closes ? { closes } : {}),
    ...(catches === undefined ? {} : { catches }),
  }
}
/** Most work is, and is known at once. */
const isPlain = (step: Parameters<typeof howOf>[0]): boolean =>
  step.do === 'work' && !step.into && !step.closes && step.catches === undefined
const isNext = (into: { at: string; of?: unknown; row?: number }): boolean =>
  into.at === 'next' && into.of === undefined && (into.row ?? 0) === 0

/** A stretch of runs, worked so many times. */
export interface Block {
  readonly from: number
  readonly to: number
  readonly times: number
}

interface ToStore {
  readonly stitch: string
  readonly yarn: string | undefined
  readonly count: number
  readonly how: number
}

/** The runs of rows, each stretch that repeats stored once. */
export class Runs {
  private stitch = new Uint8Array(1024)
  private yarn = new Uint8Array(1024)
  private count = new Uint32Array(1024)
  private how = new Uint8Array(1024)
  private size = 0
  /** What was stored, by a hash of what it says. */
  private readonly known = new Map<number, Block[][]>()
  /** Where the row that is stored begins, and the yarn it is worked in by now; null before its first stitch. */
  private rowStart = 0
  private inHand: number | null = null
  /** The index of a yarn by the code of its letter. */
  private readonly codes = new Int16Array(128).fill(-1)

  constructor(
    private readonly stitches: Names,
    private readonly yarns: Names,
    private readonly hows: Hows,
  ) {}

  /** Stores what was laid; the very same work is stored once. */
  add(steps: Laid['steps']): Block[] {
    const before = this.size
    const blocks = this.stored(steps)
    const hash = this.hashOf(blocks)
    const alike = this.known.get(hash) ?? []
    const known = alike.find((one) => this.same(one, blocks))
    if (!known) {
      this.known.set(hash, [...alike, blocks])
      return blocks
    }
    this.size = before
    return known
  }

  /** A hash of a few runs of each block: whether two are the same is then looked at run by run. */
  private hashOf(blocks: readonly Block[]): number {
    const { stitch, yarn, count, how } = this
    let hash = blocks.length
    for (const { from, to, times } of blocks) {
      hash = (Math.imul(hash, 31) + times + ((to - from) << 8)) | 0
      const step = Math.max(1, (to - from) >> 4)
      for (let i = from; i < to; i += step)
        hash =
          (Math.imul(hash, 31) +
            count[i]! +
            (stitch[i]! << 12) +
            (yarn[i]! << 20) +
            (how[i]! << 26)) |
          0
    }
    return hash
  }

  private same(one: readonly Block[], other: readonly Block[]): boolean {
    const { stitch, yarn, count, how } = this
    if (one.length !== other.length) return false
    for (let b = 0; b < one.length; b++) {
      const { from, to, times } = one[b]!
      const { from: at, to: end, times: also } = other[b]!
      if (times !== also || to - from !== end - at) return false
      for (let i = from, n = at; i < to; i++, n++)
        if (
          count[i] !== count[n] ||
          yarn[i] !== yarn[n] ||
          stitch[i] !== stitch[n] ||
          how[i] !== how[n]
        )
          return false
    }
    return true
  }

  private stored(steps: Laid['steps']): Block[] {
    const blocks: Block[] = []
    this.rowStart = this.size
    this.inHand = null
    let from = this.size
    for (const step of steps) {
      if (step.do !== 'group') {
        this.step(step)
        continue
      }
      const times = fixed(step.times)
      if (times === 0) continue
      if (times === 1) {
        this.all(step.steps)
        continue
      }
      if (this.size > from) blocks.push({ from, to: this.size, times: 1 })
      from = this.size
      this.all(step.steps)
      if (this.size > from) blocks.push({ from, to: this.size, times })
      from = this.size
    }
    if (this.size > from) blocks.push({ from, to: this.size, times: 1 })
    return blocks
  }

  columns() {
    const { stitch, yarn, count, how, size } = this
    return {
      runHow: how.slice(0, size),
      runStitch: stitch.slice(0, size),
      runYarn: yarn.slice(0, size),
      runCount: count.slice(0, size),
    }
  }

  /** Makes room for so many more. */
  private reserve(more: number): void {
    const wanted = this.size + more
    if (wanted <= this.count.length) return
    const length = Math.max(wanted, 2 * this.count.length)
    const { stitch, yarn, count, how } = this
    this.how = new Uint8Array(length)
    this.how.set(how)
    this.stitch = new Uint8Array(length)
    this.yarn = new Uint8Array(length)
    this.count = new Uint32Array(length)
    this.stitch.set(stitch)
    this.yarn.set(yarn)
    this.count.set(count)
  }

  private all(steps: Program): void {
    for (const step of steps)
      if (step.do === 'group') for (let i = 0; i < fixed(step.times); i++) this.all(step.steps)
      else this.step(step)
  }

  private step(step: Exclude<Step, { do: 'group' }>): void {
    if (step.do === 'cells') return this.cells(step)
    if (step.do === 'gap') return
    const stitch = step.do === 'work' ? step.stitch : step.do === 'chain' ? 'ch' : 'skip'
    const yarn = step.do === 'pass' ? undefined : step.yarn
    this.push({
      stitch,
      yarn,
      count: fixed(step.times),
      how: isPlain(step) ? PLAIN_AT : this.hows.index(howOf(step)),
    })
  }

  /** What says no yarn, as places passed over, goes with the yarn in hand: the one before it in the row, or the row's first. */
  private push({ stitch, yarn, count, how }: ToStore): void {
    if (count === 0) return
    this.reserve(1)
    const { size } = this
    if (yarn !== undefined) {
      const index = this.yarns.index(yarn)
      if (this.inHand === null) this.yarn.fill(index, this.rowStart, size)
      this.inHand = index
    }
    this.stitch[size] = this.stitches.index(stitch)
    this.yarn[size] = this.inHand ?? 0
    this.count[size] = count
    this.how[size] = how
    this.size++
  }

  private cells({ stitch, letters, from }: Cells): void {
    this.reserve(letters.length)
    const { codes, yarn, count } = this
    const first = this.size
    const [begin, step] = from === 'left' ? [0, 1] : [letters.length - 1, -1]
    const end = begin + step * letters.length
    let size = first
    let at = begin
    while (at !== end) {
      const code = letters.charCodeAt(at)
      const run = at
      do at += step
      while (at !== end && letters.charCodeAt(at) === code)
      if (codes[code] === -1) codes[code] = this.yarns.index(String.fromCharCode(code))
      yarn[size] = codes[code]!
      count[size] = (at - run) * step
      size++
    }
    this.stitch.fill(this.stitches.index(stitch), first, size)
    this.how.fill(PLAIN_AT, first, size)
    if (this.inHand === null) yarn.fill(yarn[first]!, this.rowStart, first)
    this.inHand = yarn[size - 1]!
    this.size = size
  }
}

/** A number of what was laid, which has only fixed ones. */
const fixed = (times: Parameters<typeof timesAt>[0]): number => timesAt(times, 1, 0)
