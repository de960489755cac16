import { type Cells, type Laid, type Program, type Step, timesAt } from '../program/index.ts'

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

/** A stretch of runs, worked so many times. */
export interface Block {
  readonly from: number
  readonly to: number
  readonly times: number
}

/** The runs of rows, each stretch that repeats stored once. */
export class Runs {
  private stitch = new Uint8Array(1024)
  private yarn = new Uint8Array(1024)
  private count = new Uint32Array(1024)
  private size = 0
  /** Where the row that is stored begins, and the yarn it is worked in by now; null before its first stitch. */
  private rowStart = 0
  private inHand: number | null = null
  /** The index of a yarn by the code of its letter. */
  private readonly codes = new Int16Array(128).fill(-1)

  constructor(
    private readonly stitches: Names,
    private readonly yarns: Names,
  ) {}

  /** Stores what was laid. */
  add(steps: Laid['steps']): Block[] {
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
    const { stitch, yarn, count, size } = this
    return {
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
    const [stitch, yarn, count] = [this.stitch, this.yarn, this.count]
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
    if (step.do === 'cells') this.cells(step)
    else if (step.do === 'work') this.push(step.stitch, step.yarn, fixed(step.times))
    else if (step.do === 'chain') this.push('ch', step.yarn, fixed(step.times))
    else if (step.do === 'pass') this.push('skip', undefined, fixed(step.times))
  }

  /** What says no yarn, as places passed over, goes with the yarn in hand: the one before it in the row, or the row's first. */
  private push(stitch: string, yarn: string | undefined, count: number): void {
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
    if (this.inHand === null) yarn.fill(yarn[first]!, this.rowStart, first)
    this.inHand = yarn[size - 1]!
    this.size = size
  }
}

/** A number of what was laid, which has only fixed ones. */
const fixed = (times: Parameters<typeof timesAt>[0]): number => timesAt(times, 1, 0)
