import type { RowLine } from './lines.ts'
import { found, type Problem } from './problem.ts'

/** The numbers and sides of a part's rows, as they follow each other. */
/** A row that is begun where the one below was (a standing stitch is one in fresh yarn, as is any after a yarn is cut), or not turned, may show the same side again. */
/** After these a row may show the same side: a yarn that is cut, a row that went forward and back again. */
const CUT = /\bfasten(?:ed)? off\b|\breturn(?: pass)?\s*:/i
const ANEW = /\bdo not turn\b|\b(?:re)?join(?:ing)?\b|\battach\b|\bstanding\b/i

export class Numbering {
  /** The first number of this part. */
  private began: number | null = null
  private last: { readonly number: number; readonly what: RowLine['what'] } | null = null
  private lastSide: 'RS' | 'WS' | null = null
  /** Rows without a number since the last one that had one. */
  private unnumbered = 0
  private lastCut = false

  /** A new part. */
  restart(): void {
    this.began = null
    this.last = null
    this.lastSide = null
  }

  /** After an unknown number of rows any may follow. */
  lose(): void {
    this.last = null
  }

  passed(number: number, { what }: RowLine): void {
    this.last = { number, what }
    this.unnumbered = 0
  }

  /** A row that has no number: the next one may count it. */
  passedOne(): void {
    this.unnumbered++
  }

  /** What is wrong with a row's number and side; `anew` says whether it is the first of a new piece. */
  problemsOf(line: RowLine, anew: () => boolean): Problem[] {
    const { from, to, side } = line
    const problems: Problem[] = []
    const all = { from: 0, to: Math.max(1, line.text.length) }
    if (from !== null && to !== null) {
      this.began ??= from
      if (to < from) problems.push(found('numbering', { from, to }, all))
      if (
        this.last &&
        (from <= this.last.number || from > this.last.number + 1 + this.unnumbered) &&
        !(from === 1 && (this.last.what !== line.what || (this.began === 1 && anew())))
      )
        problems.push(found('numbering', { number: from, after: this.last.number }, all))
    }
    if (
      side &&
      this.lastSide === side &&
      line.what === 'row' &&
      this.last &&
      from === this.last.number + 1 &&
      !this.lastCut &&
      !ANEW.test(line.text)
    )
      problems.push(found('parity', { side }, all, 'warning'))
    this.lastCut = CUT.test(line.text)
    if (side)
      this.lastSide =
        to !== null && from !== null && (to - from) % 2 === 1 ? (side === 'RS' ? 'WS' : 'RS') : side
    else this.lastSide = null
    return problems
  }
}
