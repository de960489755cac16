import type { Cell, Chart } from '../chart/index.ts'
import {
  canBe,
  lendable,
  type Marks,
  type Mosaic,
  pictureOf,
  type Rules,
  tooLong,
} from './rules.ts'

/*
 * The nearest picture that can be worked: fewest cells changed, by their weights. In overlay columns have nothing to do with one
 * another, and the best of each is found row by row (dynamic programming): exact at any size. In inset, runs couple them. There the
 * runs are priced (a multiplier for each so many cells side by side, after Lagrange): given the prices columns are apart again, which
 * gives a bound; what comes out is repaired to one that can be; and what is left between both is closed by deciding cells (branch
 * and bound), best bound first, as long as there is time.
 */

export interface MendOptions {
  /** What changing a cell costs, in whole numbers, at row · width + column; 1 by itself. */
  readonly weights?: ArrayLike<number>
  /** With a clock it goes on for so long (2 s by itself), until it is proved; without one it does what is quick. */
  readonly now?: () => number
  readonly limitMs?: number
  /** Told now and then: the best so far, and the least there can be. False ends it. */
  readonly progress?: (best: number, bound: number) => boolean | void
}

export interface Mended {
  readonly chart: Chart
  readonly marks: Marks
  /** Cells that are other than they were drawn: column from the left, row from the lowest. */
  readonly cells: readonly Cell[]
  /** What they cost together, and the least that is proved possible. */
  readonly cost: number
  readonly bound: number
}

const LIMIT_MS = 2000
/** A cell costs more than all others together where it must not be so. */
const NEVER = 1e12
const ITERATIONS = { first: 400, later: 60 } as const
/** Cells looked at where there is no clock: about a quarter of a second. */
const QUICK = 4e6

/** The chart with the fewest cells changed that can be worked. */
export function mended(mosaic: Mosaic, rules: Rules, options: MendOptions = {}): Mended {
  const { width, rows } = mosaic
  const { marks, bound } = new Mending(mosaic, rules, options).solve()
  const chart = pictureOf(marks, width, rows)
  const cells: Cell[] = []
  let cost = 0
  chart.colours.forEach((text, row) => {
    for (let column = 0; column < width; column++)
      if (text[column] !== mosaic.colours[row]![column]) {
        cells.push({ column, row })
        cost += options.weights?.[row * width + column] ?? 1
      }
  })
  return { chart, marks, cells, cost, bound }
}

/** Cells that are decided: their places, and whether they are borrowed. */
type Decided = readonly (readonly [at: number, mark: 0 | 1])[]
interface Node {
  readonly decided: Decided
  readonly bound: number
  readonly prices: Float64Array
}

class Mending {
  private readonly width: number
  private readonly height: number
  /** What each cell costs in its own row's yarn, and borrowed. */
  private readonly own: Float64Array
  private readonly lent: Float64Array
  /** Cells of a row that are too many side by side begin at each of these columns; none in overlay. */
  private readonly starts: number
  private readonly long: number
  private best: Marks
  private bestCost: number
  private readonly began: number
  private stopped = false

  constructor(
    private readonly mosaic: Mosaic,
    private readonly rules: Rules,
    private readonly options: MendOptions,
  ) {
    const { width, colours, rows } = mosaic
    this.width = width
    this.height = colours.length
    const size = width * this.height
    const may = lendable(mosaic, rules)
    const { weights } = options
    this.own = new Float64Array(size)
    this.lent = new Float64Array(size)
    colours.forEach((text, row) => {
      const [own, lent] = [rows.charCodeAt(row), rows.charCodeAt(row + 1)]
      for (let column = 0; column < width; column++) {
        const at = row * width + column
        const letter = text.charCodeAt(column)
        const weight = weights ? weights[at]! : 1
        this.own[at] = letter === own ? 0 : weight
        this.lent[at] = may[at] ? (letter === lent ? 0 : weight) : NEVER
      }
    })
    this.long = rules.run + 1
    this.starts =
      rules.school === 'overlay' ? 0 : rules.flat ? Math.max(0, width - rules.run) : width
    this.best = new Uint8Array(size)
    this.bestCost = this.costOf(this.best)
    this.began = options.now?.() ?? 0
  }

  private costOf(marks: Marks): number {
    let cost = 0
    for (let at = 0; at < marks.length; at++) cost += marks[at] ? this.lent[at]! : this.own[at]!
    return cost
  }

  private offer(marks: Marks): void {
    const cost = this.costOf(marks)
    if (cost >= this.bestCost) return
    this.best = marks.slice()
    this.bestCost = cost
  }

  solve(): { marks: Marks; bound: number } {
    const free = new Uint8Array(this.width * this.height)
    const least = this.columns(this.lent, this.own, free)
    if (this.starts === 0 || canBe(free, this.mosaic, this.rules))
      return { marks: free, bound: least }
    this.offer(this.repaired(free, this.own, this.lent))
    const quick = Math.ceil(QUICK / free.length)
    const steps = this.options.now ? ITERATIONS.first : Math.min(ITERATIONS.first, quick)
    const root = this.priced([], new Float64Array(this.starts * this.height), steps)
    const bound = this.search({ ...root, bound: Math.max(root.bound, least) })
    return { marks: this.best, bound: Math.min(bound, this.bestCost) }
  }

  /** Whether there is no time left, or it was ended. */
  private over(bound: number): boolean {
    if (this.options.progress?.(this.bestCost, bound) === false) this.stopped = true
    return this.stopped || this.late()
  }

  private late(): boolean {
    const { now, limitMs = LIMIT_MS } = this.options
    return now === undefined || now() - this.began > limitMs
  }

  /** Decides cells, the least bound first. @returns the least there can be */
  private search(root: Node & { readonly doubt: number }): number {
    const open: (Node & { readonly doubt: number })[] = [root]
    for (;;) {
      let first = 0
      for (let i = 1; i < open.length; i++) if (open[i]!.bound < open[first]!.bound) first = i
      const node = open[first]
      if (!node || node.bound >= this.bestCost) return this.bestCost
      if (this.over(node.bound) || node.doubt < 0) return node.bound
      open.splice(first, 1)
      for (const mark of [0, 1] as const) {
        const decided: Decided = [...node.decided, [node.doubt, mark]]
        const next = this.priced(decided, node.prices, ITERATIONS.later)
        if (next.bound < this.bestCost)
          open.push({ ...next, bound: Math.max(next.bound, node.bound) })
      }
    }
  }

  /** The best prices that are found in so many steps, the bound they give, and the cell that is most in doubt. */
  private priced(decided: Decided, from: Float64Array, steps: number): Node & { doubt: number } {
    const { width, height, starts, long } = this
    const [own, lent] = [this.own.slice(), this.lent.slice()]
    for (const [at, mark] of decided) (mark ? own : lent)[at]! = NEVER
    const prices = from.slice()
    let kept = from
    if (this.tooMany(decided)) return { decided, prices: kept, bound: Infinity, doubt: -1 }
    const cost = new Float64Array(lent.length)
    const marks = new Uint8Array(lent.length)
    const often = new Float64Array(lent.length)
    const over = new Float64Array(prices.length)
    let bound = -Infinity
    let scale = 1
    let since = 0
    for (let step = 0; step < steps; step++) {
      cost.set(lent)
      let paid = 0
      for (let row = 0; row < height; row++)
        for (let start = 0; start < starts; start++) {
          const price = prices[row * starts + start]!
          if (price === 0) continue
          paid += price * this.rules.run
          for (let i = 0; i < long; i++) cost[row * width + ((start + i) % width)]! += price
        }
      const least = this.columns(cost, own, marks) - paid
      if (least > bound + 1e-9) {
        bound = least
        kept = prices.slice()
        since = 0
      } else if (++since > 12) {
        scale /= 2
        since = 0
      }
      for (let at = 0; at < marks.length; at++) often[at]! += marks[at]!
      if (step % 8 === 0) this.offer(this.repaired(marks, own, cost))
      if (Math.ceil(bound - 1e-6) >= this.bestCost) break
      if (step > 8 && this.options.now && this.late()) break
      let norm = 0
      for (let row = 0; row < height; row++)
        for (let start = 0; start < starts; start++) {
          let sum = -this.rules.run
          for (let i = 0; i < long; i++) sum += marks[row * width + ((start + i) % width)]!
          const at = row * starts + start
          over[at] = sum
          if (sum > 0 || prices[at]! > 0) norm += sum * sum
        }
      if (norm === 0) break
      const stride = (scale * (this.bestCost - least + 0.5)) / norm
      for (let at = 0; at < prices.length; at++)
        prices[at] = Math.max(0, prices[at]! + stride * over[at]!)
    }
    return {
      decided,
      prices: kept,
      bound: Math.ceil(bound - 1e-6),
      doubt: this.doubtful(often, steps, decided),
    }
  }

  /** Whether so many are decided to be borrowed side by side that they cannot be. */
  private tooMany(decided: Decided): boolean {
    const marks = new Uint8Array(this.lent.length)
    for (const [at, mark] of decided) marks[at] = mark
    return Array.from({ length: this.height }, (_, row) => row).some(
      (row) => tooLong(marks, this.width, row, this.rules).length > 0,
    )
  }

  /** The cell that is borrowed about as often as not; below 0 where all are sure. */
  private doubtful(often: Float64Array, steps: number, decided: Decided): number {
    const done = new Set(decided.map(([at]) => at))
    let [found, nearest] = [-1, Infinity]
    for (let at = 0; at < often.length; at++) {
      if (this.lent[at]! >= NEVER || done.has(at)) continue
      const apart = Math.abs(often[at]! / steps - 0.5)
      if (apart < nearest) [found, nearest] = [at, apart]
    }
    return found
  }

  /**
   * The best of every column for itself, all of them row by row: which cells are borrowed goes into `marks`.
   * @returns what it costs
   */
  private columns(lent: Float64Array, own: Float64Array, marks: Marks): number {
    const { width, height } = this
    // Of each column the best that ends here in its own yarn, and borrowed.
    const plain = new Float64Array(width)
    const taken = new Float64Array(width).fill(NEVER)
    for (let row = 0, at = 0; row < height; row++)
      for (let column = 0; column < width; column++, at++) {
        const [a, b] = [plain[column]!, taken[column]!]
        // Whether what is below is borrowed, if this is not.
        marks[at] = b < a ? 1 : 0
        plain[column] = (b < a ? b : a) + own[at]!
        taken[column] = a + lent[at]!
      }
    let all = 0
    for (let column = 0; column < width; column++) {
      const [a, b] = [plain[column]!, taken[column]!]
      all += Math.min(a, b)
      taken[column] = b < a ? 1 : 0
    }
    for (let at = height * width - 1; at >= 0;)
      for (let column = width - 1; column >= 0; column--, at--) {
        const borrowed = taken[column]!
        taken[column] = borrowed ? 0 : marks[at]!
        marks[at] = borrowed
      }
    return all
  }

  /** Runs that are too long are broken where that costs least; then what can be borrowed with gain is. */
  private repaired(from: Marks, own: Float64Array, lent: Float64Array): Marks {
    const { width, height, rules } = this
    const marks = from.slice()
    for (let row = 0; row < height; row++)
      for (;;) {
        const [start] = tooLong(marks, width, row, rules)
        if (start === undefined) break
        let [at, least] = [-1, Infinity]
        for (let i = 0; i < this.long; i++) {
          const cell = row * width + ((start + i) % width)
          // The last of those that cost the same, which breaks the next run too.
          const costs = own[cell]! - lent[cell]!
          if (costs <= least) [at, least] = [cell, costs]
        }
        marks[at] = 0
      }
    const may = (at: number) =>
      this.lent[at]! < NEVER && !marks[at - width] && !marks[at + width] && !marks[at]
    for (let at = width; at < marks.length - width; at++) {
      if (!may(at) || this.lent[at]! >= this.own[at]!) continue
      marks[at] = 1
      if (tooLong(marks, width, Math.floor(at / width), rules).length > 0) marks[at] = 0
    }
    return marks
  }
}
