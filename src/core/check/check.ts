import {
  groupsOf,
  LONG_CHAIN,
  type Meaning,
  MOST_PLACES,
  type Place,
  type ReadWork,
  type Work,
} from '../notation/index.ts'
import { LIMITS } from '../section/index.ts'
import { shortened } from '../units/index.ts'
import { begins, carriedOver } from './beginnings.ts'
import { bestReading } from './best-reading.ts'
import { type CheckedRow, type CheckOptions, type CheckReport, kindsOf } from './checked.ts'
import { Glossary } from './glossary.ts'
import { type Line, linesOf, type RowLine, splitTotal } from './lines.ts'
import { mixedTerms, termsOf } from './mixed-terms.ts'
import { Numbering } from './numbering.ts'
import type { Problem } from './problem.ts'
import { repeatOf } from './repeats.ts'
import { StartingChains } from './starting-chains.ts'

const ENDING =
  /end(?:ing)?\s+(?:on|with|after)\s+(?:an?\s+)?(?:(RS|WS)\s+)?(?:row|rnd|round)\s*(\d+)?/i
const SEAM =
  /\bfold(?:ed)?\b.{0,160}\bhalf\b|\b(?:whip\s?stitch|sew|seam)\b.{0,160}\b(?:front to back|halves|half to half)\b/i
const MULTIPLE =
  /multiple\s+of\s+(\d+)(?:\s*(?:sts?|stitches|ch(?:ain)?s?))?\s*(?:\+|plus)?\s*(\d+)?([^.\n]*)/i

class Checker {
  readonly rows: CheckedRow[] = []
  readonly problems: Problem[] = []
  readonly unread: { line: number; text: string }[] = []
  private part: string | null = null
  private below: (readonly Place[] | null)[] = [null]
  private groups: readonly number[] | null = null
  private side: 'RS' | 'WS' = 'WS'
  private last: { number: number; line: RowLine } | null = null
  private readonly texts = new Map<number, RowLine>()
  private readonly glossary = new Glossary()
  private readonly numbering = new Numbering()
  private readonly startingChains: StartingChains
  /** Chains of the last foundation, for what is worked into its other side. */
  private chains: number | null = null
  /** Rows there are below the next one, where it is known from where they began. */
  private depth: number | null = null
  /** The chain the next row starts with, when the row before has made it. */
  private carried: Work | null = null
  /** A chain to begin in has just been made. */
  private fresh = false
  private everySecond: RowLine | null = null
  private multiple: { readonly of: number; readonly and: number; readonly chain: boolean } | null =
    null

  private readonly keepMade: boolean

  constructor({ startingChain = 'text', keepMade = false }: CheckOptions) {
    this.keepMade = keepMade
    this.startingChains = new StartingChains(startingChain)
  }

  take(line: Line): void {
    if (line.kind === 'row') return this.rowLine(line)
    if (line.kind === 'heading') return this.heading(line.text, line.line)
    this.prose(line.text, line.line)
  }

  private heading(text: string, line: number): void {
    if (this.workAlone(text, line)) return
    this.part = text
    this.last = null
    this.numbering.restart()
    this.everySecond = null
  }

  /** A line that is work without a label: a foundation chain, or a row that has no number. */
  private workAlone(text: string, line: number): boolean {
    const { work, stated, said } = splitTotal(text.replace(/\.\s*$/, ''))
    const read = this.glossary.read(work)
    const worked = read.items.filter(({ kind }) => kind !== 'note')
    if (read.unread.length > 0 || worked.length === 0) return false
    const only = worked.length === 1 ? worked[0]! : null
    if (only?.kind === 'chain') {
      if (only.count <= 5 && read.items.length > 1 && this.last) this.carried = only
      else this.foundation(only.count, line)
      return true
    }
    const plain = worked.every((item) => item.kind === 'stitch' && item.target === null)
    if (plain && stated === null) return false
    this.worked(
      {
        kind: 'row',
        line,
        what: 'row',
        from: null,
        to: null,
        side: null,
        everySecond: false,
        text,
        work,
        stated,
        said,
      },
      null,
    )
    return true
  }

  private foundation(count: number, line: number): void {
    this.fresh = true
    this.depth = 0
    this.below = [count > MOST_PLACES ? null : new Array<Place>(count).fill('ch')]
    if (this.multiple?.chain && (count - this.multiple.and) % this.multiple.of !== 0)
      this.problems.push({
        code: 'chain-multiple',
        severity: 'warning',
        message: `Line ${line}: a chain of ${count} is not a multiple of ${this.multiple.of}${this.multiple.and ? ` + ${this.multiple.and}` : ''}.`,
        from: 0,
        to: 0,
        mends: [],
      })
  }

  private prose(text: string, line: number): void {
    const counts = this.startingChains.hear(text)
    const multiple = MULTIPLE.exec(text)
    if (multiple)
      this.multiple = {
        of: Number(multiple[1]),
        and: Number(multiple[2] ?? 0),
        chain: /chain|\bch\b/i.test(`${multiple[0]}`),
      }
    if (multiple || this.glossary.define(text)) return
    if (SEAM.test(text)) return this.seam(text)
    if (this.repeatAlone(text, line)) return
    if (this.workAlone(text, line)) return
    if (!counts && this.glossary.looksLikeWork(text)) this.unread.push({ line, text })
  }

  /** A seam of two halves, over the last row; the bottom of a tube may be where it was begun. */
  private seam(text: string): void {
    const last = this.rows.at(-1)
    if (last?.makes == null || last.makes % 2 === 0 || /\bsides?\b/i.test(text)) return
    const first = this.rows.findLast(({ row }) => row === 1)
    if (/\bbottom\b/i.test(text) && first?.makes != null && first.makes % 2 === 0) return
    const problem: Problem = {
      code: 'halves-unequal',
      severity: 'warning',
      message: `${last.makes} stitches have no two equal halves, and they are to be sewn together.`,
      from: 0,
      to: last.text.length,
      mends: ['one stitch more or fewer before the seam'],
    }
    this.rows[this.rows.length - 1] = { ...last, problems: [...last.problems, problem] }
  }

  private rowLine(line: RowLine): void {
    this.between(line)
    const own = this.numbering.problemsOf(line, () => this.anew(line))
    if (line.everySecond) this.everySecond = line
    const from = line.from ?? (this.last ? this.last.number + 1 : 1)
    const to = line.to ?? from
    const repeat = line.from === null ? null : repeatOf(line.text, from)
    if (repeat) return this.repeated(line, repeat, to - from + 1, own)
    const last = Math.min(to, from + MOST_ROWS - this.rows.length)
    for (let number = from; number <= last; number++)
      this.worked(
        { ...line, from: number, to: number },
        line.from === null ? null : number,
        number === from ? own : [],
      )
  }

  /** A row left out because another stands for every second one. */
  private between({ from }: RowLine): void {
    const { everySecond: line, last } = this
    if (!line || !last || from !== last.number + 2) return
    if ((last.number + 1 - line.from!) % 2 === 0)
      this.worked({ ...line, from: from - 1, to: from - 1 }, from - 1)
  }

  /** Whether a row is the first of a new piece. */
  private anew({ work }: RowLine): boolean {
    return this.fresh || begins(this.glossary.read(work).items)
  }

  /** "Repeat Rows 2 and 3 five more times" on a line of its own; without a number it is not known how many rows there are. */
  private repeatAlone(text: string, line: number): boolean {
    const { last } = this
    const repeat = last && repeatOf(text, last.number + 1)
    if (!repeat) return false
    const { cycle, times } = repeat
    const rows = times === null ? 0 : times * cycle.length
    if (rows === 0) {
      this.last = null
      this.numbering.lose()
      this.depth = null
      if (cycle.at(-1) !== last.number) this.below = [null]
      return true
    }
    const stated = splitTotal(text).stated
    const own = { ...last.line, line, text, stated, from: last.number + 1, to: last.number + rows }
    this.repeated(own, repeat, rows, [])
    return true
  }

  /** "Rows 5–12: rep Rows 3 and 4": each of them worked again. */
  private repeated(
    line: RowLine,
    { cycle, rest }: { readonly cycle: readonly number[]; readonly rest: string },
    length: number,
    own: Problem[],
  ): void {
    const problems = [...own]
    const ending = ENDING.exec(rest)
    const endsOn = cycle[(length - 1) % cycle.length]!
    if (ending?.[2] && Number(ending[2]) !== endsOn)
      problems.push({
        code: 'parity',
        severity: 'error',
        message: `${length} rows of ${cycle.join(', ')} end on row ${endsOn}, not ${ending[2]}.`,
        from: 0,
        to: line.text.length,
        mends: [`one row more or fewer`],
      })
    for (let i = 0; i < Math.min(length, MOST_ROWS - this.rows.length); i++) {
      const source = this.texts.get(cycle[i % cycle.length]!)
      const number = line.from! + i
      const at = i === 0 ? problems : []
      if (source) {
        const total = i === length - 1 && line.stated !== null ? line : source
        const { stated, said } = total
        this.worked({ ...source, line: line.line, stated, said }, number, at)
      } else {
        const problem: Problem = {
          code: 'unread',
          severity: 'error',
          message: `It repeats row ${cycle[i % cycle.length]}, which is not there.`,
          from: 0,
          to: Math.max(1, line.text.length),
          mends: [],
        }
        this.push(line, number, null, { items: [], unread: [] }, [...at, problem])
      }
    }
  }

  private worked(line: RowLine, number: number | null, own: readonly Problem[] = []): void {
    const whole = this.glossary.read(line.work)
    if (/throughout|from here|here on|always/i.test(line.work)) this.startingChains.hear(line.work)
    const { read, chain } = carriedOver(this.started(whole))
    const [begun] = read.items
    this.carried = chain
    this.fresh = false
    if (number !== null) this.texts.set(number, line)
    const anew = begins(read.items)
    if (anew) this.depth = 0
    const worked = read.items.filter(({ kind }) => kind !== 'note')
    if (
      worked.length === 1 &&
      begun?.kind === 'chain' &&
      begun.count > LONG_CHAIN &&
      read.unread.length === 0
    )
      return this.chainRow(line, number, begun.count)
    const { meaning, problems } = bestReading(line, read, {
      belows: anew ? [this.otherSide(read.items)] : this.below,
      groups: this.groups,
      startingChain: this.startingChains.of(read.items),
      depth: this.depth,
      specials: this.glossary.specials,
    })
    this.push(line, number, meaning, read, [...own, ...problems])
    if (begun?.kind === 'chain' && begun.count > LONG_CHAIN)
      this.chains = Math.min(begun.count, MOST_PLACES)
    const made = meaning.places
    const turned = line.what === 'row' || meaning.turns
    const groups = groupsOf(meaning.made)
    this.groups = turned ? groups.toReversed() : groups
    if (this.depth !== null) this.depth++
    const stated =
      line.stated === null ? null : new Array<Place>(Math.min(line.stated, MOST_PLACES)).fill('st')
    const next = made && (turned ? made.toReversed() : made)
    // A row with a fault may have its total right or its work; the next row tells.
    const doubt = next === null || problems.some(({ code }) => code === 'total-misstated')
    const belows = doubt ? [next, stated].filter((one) => one !== null) : [next]
    this.below = belows.length > 0 ? belows : [null]
    if (number !== null) this.passed(number, line)
  }

  /** A row that is nothing but the chain to begin in. */
  private chainRow(line: RowLine, number: number | null, count: number): void {
    this.foundation(count, line.line)
    this.push(line, number, null, { items: [], unread: [] }, [])
    this.rows[this.rows.length - 1] = { ...this.rows.at(-1)!, makes: count }
  }

  /** The row with the chain before it that the row below has made for it. */
  private started(read: ReadWork): ReadWork {
    const { carried } = this
    const first = read.items.find(({ kind }) => kind !== 'note')
    return carried && first && first.kind !== 'chain'
      ? { ...read, items: [carried, ...read.items] }
      : read
  }

  /** What a row that begins anew stands on: nothing that is known, or the other side of the chain. */
  private otherSide([first]: readonly Work[]): readonly Place[] | null {
    const there = first?.kind === 'note' && first.what === 'other-side' && this.chains !== null
    return there ? new Array<Place>(this.chains!).fill('ch') : null
  }

  private passed(number: number, line: RowLine): void {
    this.last = { number, line }
    this.numbering.passed(number, line)
  }

  private sideOf(line: RowLine, meaning: Meaning | null): 'RS' | 'WS' {
    const turns = line.what === 'row' || meaning?.turns === true
    const first = this.last === null
    this.side = line.side ?? (first || !turns ? 'RS' : this.side === 'RS' ? 'WS' : 'RS')
    return this.side
  }

  private push(
    line: RowLine,
    number: number | null,
    meaning: Meaning | null,
    read: ReadWork,
    problems: readonly Problem[],
  ): void {
    if (this.rows.length >= MOST_ROWS) return
    this.rows.push({
      row: number,
      part: this.part,
      kind: line.what === 'round' ? 'round' : 'row',
      side: this.sideOf(line, meaning),
      line: line.line,
      text: line.text,
      available: read.unread.length > 0 ? null : (meaning?.available ?? null),
      consumes: read.unread.length > 0 ? null : (meaning?.consumes ?? null),
      makes: read.unread.length > 0 ? null : (meaning?.makes ?? null),
      stated: line.stated,
      ok: !problems.some(({ severity }) => severity === 'error'),
      problems,
      ...kindsOf(line, read.unread.length > 0 ? null : meaning, this.glossary.specials),
      ...(this.keepMade && meaning && read.unread.length === 0 ? { made: meaning.made } : {}),
      through: meaning?.through ?? [],
    })
    if (number !== null) this.passed(number, line)
  }
}

/** More rows than this are not counted at once, and a line that is longer is not read. */
const MOST_ROWS = 4000
const LONGEST_LINE = 10_000
const SHOWN = 160

/**
 * Checks a written pattern, row by row: what each takes, what it leaves, and whether that is what it says. What cannot be read is
 * said, and reading goes on. Never throws.
 */
export function checkPattern(text: string, options: CheckOptions = {}): CheckReport {
  const checker = new Checker(options)
  const read = text.slice(0, LIMITS.patternText)
  for (const line of linesOf(read)) {
    if (line.text.length > LONGEST_LINE) checker.unread.push({ line: line.line, text: line.text })
    else checker.take(line)
    if (checker.rows.length >= MOST_ROWS) break
  }
  const { rows, problems } = checker
  if (rows.length >= MOST_ROWS || read.length < text.length)
    problems.push({
      code: 'too-long',
      severity: 'warning',
      message: `This is longer than is read at once: ${rows.length} rows were counted, and what follows was not.`,
      from: 0,
      to: 0,
      mends: ['a part of it at a time'],
    })
  const unread = checker.unread.map(({ line, text: said }) => ({
    line,
    text: shortened(said, SHOWN),
  }))
  return {
    terms: options.terms ?? termsOf(read),
    rows,
    problems: [...mixedTerms(read, options.terms), ...problems],
    unread,
  }
}
