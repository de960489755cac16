import {
  groupsOf,
  isFromChain,
  LONG_CHAIN,
  type Meaning,
  meaningOf,
  type MeaningOptions,
  onlyIn,
  type Place,
  readWork,
  type ReadWork,
  type StitchWord,
  type Through,
  type Work,
} from '../notation/index.ts'
import { type Line, linesOf, type RowLine, splitTotal } from './lines.ts'
import type { Problem } from './problem.ts'
import { rowProblems } from './row-problems.ts'

export interface CheckOptions {
  /** Which vocabulary the pattern is in; found from its words when not said. Counts do not depend on it. */
  readonly terms?: 'us' | 'uk'
  /** Whether starting chains count: as the text says (by itself three and more do), always, or never. */
  readonly startingChain?: 'text' | 'counts' | 'not'
}

/** One worked row. Numbers are null where they cannot be known. */
export interface CheckedRow {
  readonly row: number | null
  readonly part: string | null
  readonly kind: 'row' | 'round'
  /** The side that faces: as it says, else the right one in rounds that are not turned and in every other row. */
  readonly side: 'RS' | 'WS'
  /** Its line in the text, from 1. */
  readonly line: number
  readonly text: string
  readonly available: number | null
  readonly consumes: number | null
  readonly makes: number | null
  readonly stated: number | null
  readonly ok: boolean
  readonly problems: readonly Problem[]
  /** Counted through: after so many repeats, so many places done and left. */
  readonly through: readonly Through[]
}

export interface CheckReport {
  readonly rows: readonly CheckedRow[]
  /** What concerns the pattern as a whole. */
  readonly problems: readonly Problem[]
  /** Lines that look like work and could not be read. */
  readonly unread: readonly { readonly line: number; readonly text: string }[]
}

const REPEATS =
  /^(?:rep(?:eat)?|work(?:ed)?(?:\s+as(?:\s+for)?)?|same\s+as|as(?:\s+for)?)\s+(?:rows?|rnds?|rounds?)\s*(\d+)(?:\s*([-–—]|to|and|&|through)\s*(?:rows?\s*|rnds?\s*|rounds?\s*)?(\d+))?(.*)$/is
const ENDING =
  /end(?:ing)?\s+(?:on|with|after)\s+(?:an?\s+)?(?:(RS|WS)\s+)?(?:row|rnd|round)\s*(\d+)?/i
const COUNTS =
  /\b(?:starting |beginning |beg |turning |first )?ch(?:ains?)?(?:[- ]?\d+)?s?\s+(?:at\s+[^.]*?\s)?(does not|doesn[’']t|do not|don[’']t|counts?)\b[^.]*\b(?:as|stitch|st|dc|hdc|sc|tr)\b/i
const SEAM =
  /\bfold(?:ed)?\b.*\bhalf\b|\b(?:whip\s*stitch|sew|seam)\b.*\b(?:front to back|halves|half to half)\b/i
const MULTIPLE =
  /multiple\s+of\s+(\d+)(?:\s*(?:sts?|stitches|ch(?:ain)?s?))?\s*(?:\+|plus)?\s*(\d+)?([^.\n]*)/i

/** Whether a row begins anew, so that nothing below it matters. */
function begins(items: readonly Work[]): boolean {
  const [first] = items.filter(
    (item) => !(item.kind === 'note' && (item.what === 'said' || item.what === 'yarn')),
  )
  if (!first) return false
  if (first.kind === 'note') return first.what === 'pick-up' || first.what === 'other-side'
  const ring = items.some((item) => 'target' in item && item.target?.kind === 'ring')
  return ring || (first.kind === 'chain' && (first.count > LONG_CHAIN || isFromChain(items)))
}

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
  private readonly specials = new Map<string, StitchWord>()
  private startingChain: boolean | null
  /** Chains of the last foundation, for what is worked into its other side. */
  private chains: number | null = null
  private lastSide: 'RS' | 'WS' | null = null
  private multiple: { readonly of: number; readonly and: number; readonly chain: boolean } | null =
    null

  constructor(private readonly options: CheckOptions) {
    const { startingChain = 'text' } = options
    this.startingChain = startingChain === 'text' ? null : startingChain === 'counts'
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
    this.lastSide = null
  }

  /** A line that is work without a label: a foundation chain, or a row that has no number. */
  private workAlone(text: string, line: number): boolean {
    const { work, stated } = splitTotal(text.replace(/\.\s*$/, ''))
    const read = readWork(work, this.specials)
    const worked = read.items.filter(({ kind }) => kind !== 'note')
    if (read.unread.length > 0 || worked.length === 0) return false
    const only = worked.length === 1 ? worked[0]! : null
    if (only?.kind === 'chain') {
      this.foundation(only.count, line)
      return true
    }
    const plain = worked.every((item) => item.kind === 'stitch' && item.target === null)
    if (plain && stated === null) return false
    this.worked(
      { kind: 'row', line, what: 'row', from: null, to: null, side: null, text, work, stated },
      null,
    )
    return true
  }

  private foundation(count: number, line: number): void {
    this.below = [new Array<Place>(Math.min(count, 20000)).fill('ch')]
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
    const counts = COUNTS.exec(text)
    if (counts && this.options.startingChain !== 'counts' && this.options.startingChain !== 'not')
      this.startingChain = /^count/i.test(counts[1]!)
    const multiple = MULTIPLE.exec(text)
    if (multiple)
      this.multiple = {
        of: Number(multiple[1]),
        and: Number(multiple[2] ?? 0),
        chain: /chain|\bch\b/i.test(`${multiple[0]}`),
      }
    if (multiple || this.definition(text)) return
    if (SEAM.test(text)) return this.seam(text)
    if (this.workAlone(text, line)) return
    if (!counts && this.looksLikeWork(text)) this.unread.push({ line, text })
  }

  /** Mostly work, though not all of it could be read. */
  private looksLikeWork(text: string): boolean {
    const { items, unread } = readWork(text, this.specials)
    const aside = unread.reduce((sum, { from, to }) => sum + to - from, 0)
    return (
      items.some(({ kind }) => kind === 'stitch' || kind === 'group') && aside < text.length * 0.6
    )
  }

  /** "Shell: 5 dc in next st" makes a word of its own. */
  private definition(text: string): boolean {
    const found = /^([A-Za-z][\w -]{0,30}?)\s*(?:\(([\w -]{1,16})\))?\s*[:=]\s*(.+)$/.exec(text)
    if (!found) return false
    const [, name, short, recipe] = found
    const word = (short ?? name)!.toLowerCase()
    if (
      /^(?:ch|sc|dc|hdc|tr|st|sts|sl st|gauge|tension|hook|yarn|size|note|notes|materials)$/.test(
        word,
      )
    )
      return true
    const made = this.recipeMakes(recipe!)
    if (made === null) return false
    for (const form of [name!.toLowerCase(), word, `${word}s`])
      this.specials.set(form, { word, uses: 1, makes: made })
    return true
  }
  /** Stitches a special stitch leaves: one when it is drawn together, else those it is made of. */
  private recipeMakes(recipe: string): number | null {
    if (/\byo\b|pull (?:up|through)|draw|insert/i.test(recipe)) return 1
    const { items, unread } = readWork(recipe.replace(/\.\s*$/, ''), this.specials)
    if (unread.length > 0 || items.length === 0) return null
    const { makes } = meaningOf(items, new Array<Place>(60).fill('st'), { startingChain: false })
    return makes
  }

  /** A seam of two halves, over the last row. */
  private seam(text: string): void {
    const last = this.rows.at(-1)
    if (last?.makes == null || last.makes % 2 === 0 || /\bsides?\b/i.test(text)) return
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
    const own: Problem[] = this.numbering(line)
    const repeat = REPEATS.exec(line.text)
    if (repeat && line.from !== null) return this.repeated(line, repeat, own)
    const from = line.from ?? (this.last ? this.last.number + 1 : 1)
    const to = line.to ?? from
    for (let number = from; number <= Math.min(to, from + 999); number++)
      this.worked(
        { ...line, from: number, to: number },
        line.from === null ? null : number,
        number === from ? own : [],
      )
  }

  private numbering(line: RowLine): Problem[] {
    const { from, to, side } = line
    const problems: Problem[] = []
    const say = (
      code: 'numbering' | 'parity',
      message: string,
      severity: 'error' | 'warning' = 'error',
    ) =>
      problems.push({
        code,
        severity,
        message,
        from: 0,
        to: Math.max(1, line.text.length),
        mends: [],
      })
    if (from !== null && to !== null) {
      if (to < from) say('numbering', `It runs from ${from} to ${to}.`)
      if (
        this.last &&
        from !== this.last.number + 1 &&
        !(from === 1 && this.last.line.what !== line.what)
      )
        say(
          'numbering',
          `${from} comes after ${this.last.number}; ${this.last.number + 1} would follow.`,
        )
    }
    if (
      side &&
      this.lastSide === side &&
      line.what === 'row' &&
      this.last &&
      from === this.last.number + 1
    )
      say('parity', `Two ${side} rows follow each other.`, 'warning')
    if (side)
      this.lastSide =
        to !== null && from !== null && (to - from) % 2 === 1 ? (side === 'RS' ? 'WS' : 'RS') : side
    else this.lastSide = null
    return problems
  }

  /** "Rows 5–12: rep Rows 3 and 4": each of them worked again. */
  private repeated(
    line: RowLine,
    [, from, joiner, to, rest]: RegExpExecArray,
    own: Problem[],
  ): void {
    const first = Number(from)
    const last = Number(to ?? from)
    const cycle =
      joiner && /and|&/.test(joiner) && last !== first + 1
        ? [first, last]
        : Array.from({ length: Math.max(0, Math.min(999, last - first)) + 1 }, (_, i) => first + i)
    const problems = [...own]
    const ending = ENDING.exec(rest ?? '')
    const length = line.to! - line.from! + 1
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
    const { stated } = line
    for (let i = 0; i < Math.min(length, 1000); i++) {
      const source = this.texts.get(cycle[i % cycle.length]!)
      const number = line.from! + i
      if (source)
        this.worked(
          {
            ...source,
            line: line.line,
            stated: i === length - 1 ? (stated ?? source.stated) : source.stated,
          },
          number,
          i === 0 ? problems : [],
        )
      else {
        this.push(line, number, null, { items: [], unread: [] }, [
          ...(i === 0 ? problems : []),
          {
            code: 'unread',
            severity: 'error',
            message: `It repeats row ${cycle[i % cycle.length]}, which is not there.`,
            from: 0,
            to: Math.max(1, line.text.length),
            mends: [],
          },
        ])
      }
    }
  }

  private worked(line: RowLine, number: number | null, own: readonly Problem[] = []): void {
    const read = readWork(line.work, this.specials)
    if (number !== null) this.texts.set(number, line)
    const best = this.tried(line, read)
    this.push(line, number, best.meaning, read, [...own, ...best.problems])
    const { meaning } = best
    const [begun] = read.items
    if (begun?.kind === 'chain' && begun.count > LONG_CHAIN)
      this.chains = Math.min(begun.count, 20000)
    const made = meaning.places
    const turned = line.what === 'row' || meaning.turns
    const groups = groupsOf(meaning.made)
    this.groups = turned ? groups.toReversed() : groups
    const stated =
      line.stated === null ? null : new Array<Place>(Math.min(line.stated, 20000)).fill('st')
    const next = made && (turned ? made.toReversed() : made)
    // A row with a fault may have its total right or its work; the next row tells.
    this.below =
      next && (stated === null || meaning.makes === line.stated)
        ? [next]
        : [next, stated].filter((one, i) =>
            i === 0 ? one !== null || stated === null : one !== null,
          )
    if (this.below.length === 0) this.below = [null]
    if (number !== null) this.last = { number, line }
  }

  /** What a row that begins anew stands on: nothing that is known, or the other side of the chain. */
  private otherSide([first]: readonly Work[]): readonly Place[] | null {
    const there = first?.kind === 'note' && first.what === 'other-side' && this.chains !== null
    return there ? new Array<Place>(this.chains!).fill('ch') : null
  }

  /** A row over each of what may lie below it, its chains read either way; the reading without faults is taken. */
  private tried(line: RowLine, read: ReadWork): { meaning: Meaning; problems: Problem[] } {
    const belows = begins(read.items) ? [this.otherSide(read.items)] : this.below
    let best: { meaning: Meaning; problems: Problem[] } | null = null
    for (const below of belows)
      for (const chainsAreStitches of below?.includes('ch') ? [false, true] : [false]) {
        const options: MeaningOptions = {
          startingChain: this.startingChain,
          chainsAreStitches,
          groups: this.groups,
        }
        const meaning = meaningOf(read.items, below, options)
        const problems = rowProblems(meaning, read.unread, line.text, line.work, line.stated)
        if (!problems.some(({ severity }) => severity === 'error')) return { meaning, problems }
        best ??= { meaning, problems }
      }
    return best!
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
      through: meaning?.through ?? [],
    })
    if (number !== null) this.last = { number, line }
  }
}

/** Words of both vocabularies in one text. */
function mixedTerms(text: string, terms: CheckOptions['terms']): Problem[] {
  const [us, uk] = [onlyIn.us.exec(text), onlyIn.uk.exec(text)]
  const wrong = terms === 'us' ? uk : terms === 'uk' ? us : us && uk ? uk : null
  if (!wrong) return []
  const other = terms === 'uk' ? 'a US' : 'a UK'
  return [
    {
      code: 'terms-mixed',
      severity: 'warning',
      message: `US and UK words are mixed: “${wrong[0]}” is ${other} word${us && !terms ? `, “${us[0]}” a US one` : ''}.`,
      from: wrong.index,
      to: wrong.index + wrong[0].length,
      mends: ['one vocabulary throughout'],
    },
  ]
}

/** The text is not read beyond this. */
export const LONGEST_PATTERN = 400_000

/**
 * Checks a written pattern, row by row: what each takes, what it leaves, and whether that is what it says. What cannot be read is
 * said, and reading goes on. Never throws.
 */
export function checkPattern(text: string, options: CheckOptions = {}): CheckReport {
  const checker = new Checker(options)
  for (const line of linesOf(text.slice(0, LONGEST_PATTERN))) checker.take(line)
  const { rows, problems, unread } = checker
  return {
    rows,
    problems: [...mixedTerms(text.slice(0, LONGEST_PATTERN), options.terms), ...problems],
    unread,
  }
}
