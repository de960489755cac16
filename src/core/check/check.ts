import {
  groupsOf,
  LONG_CHAIN,
  type Meaning,
  MOST_PLACES,
  ontoIn,
  passesIn,
  type Place,
  type ReadWork,
  type Work,
} from '../notation/index.ts'
import { LIMITS } from '../part/index.ts'
import { shortened } from '../units/index.ts'
import { begins, beginsPiece, carriedOver } from './beginnings.ts'
import { bestReading, type BestReading, type Ground } from './best-reading.ts'
import { type CheckedRow, type CheckOptions, type CheckReport, kindsOf } from './checked.ts'
import { Glossary } from './glossary.ts'
import { CHAIN_ALONE, isAside, type Line, linesOf, type RowLine, splitTotal } from './lines.ts'
import { mixedTerms, termsOf } from './mixed-terms.ts'
import { Numbering } from './numbering.ts'
import { found, type Problem } from './problem.ts'
import { inTurn } from './in-turn.ts'
import { repeatOf } from './repeats.ts'
import { StartingChains } from './starting-chains.ts'

const ENDING =
  /end(?:ing)?\s+(?:on|with|after)\s+(?:an?\s+)?(?:(RS|WS)\s+)?(?:row|rnd|round)\s*(\d+)?/i
const SEAM =
  /\bfold(?:ed)?\b.{0,160}\bhalf\b|\b(?:whip\s?stitch|sew|seam)\b.{0,160}\b(?:front to back|halves|half to half)\b/i
const MULTIPLE =
  /multiple\s+of\s+(\d+)(?:\s*(?:sts?|stitches|ch(?:ain)?s?))?\s*(?:\+|plus)?\s*(\d+)?([^.\n]*)/i

/** No total. */
const UNSAID: Pick<RowLine, 'stated' | 'said'> = { stated: null, said: [] }

/** The place of what concerns a pattern as a whole. */
const NOWHERE = { from: 0, to: 0 } as const

const joins = (items: readonly Work[]): boolean =>
  items.some((item) => item.kind === 'note' && item.what === 'join')

const isSlip = (item: Work | undefined): boolean =>
  item?.kind === 'stitch' && /^(?:sl st|ss)$/.test(item.stitch.word)
/** Slip stitches that level a spiral's step before the yarn is cut are no row; nor are lower and lower stitches that do. */
const endsThePiece = (worked: readonly Work[], text: string): boolean =>
  (/\b(?:fasten off|level|smooth)\b/i.test(text) && worked.every(isSlip)) ||
  (/\blevel\b/i.test(text) &&
    worked.every(({ kind }) => kind === 'stitch') &&
    isSlip(worked.at(-1)))

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
  /** What each row left, as the next one finds it. */
  private readonly left = new Map<number, readonly Place[] | null>()
  private readonly glossary = new Glossary()
  private readonly numbering = new Numbering()
  private readonly startingChains: StartingChains
  private before: {
    readonly line: RowLine
    readonly read: ReadWork
    readonly ground: Ground
    readonly found: BestReading
  } | null = null
  /** Places that were counted one by one. */
  counted = 0
  /** What a spiral that ends in chains leaves, without them. */
  private ledUp: readonly Place[] | null = null
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

  /** What is said now is no work: materials, abbreviations, how it is finished. */
  private aside = false

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
    if (this.aside && /:/.test(text)) return
    this.aside = isAside(text)
    if (!this.aside && this.workAlone(text, line)) return
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
    if (worked.length > 0 && endsThePiece(worked, text)) return true
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
    this.chains = Math.min(count, MOST_PLACES)
    this.below = [count > MOST_PLACES ? null : new Array<Place>(count).fill('ch')]
    if (this.multiple?.chain && (count - this.multiple.and) % this.multiple.of !== 0)
      this.problems.push(
        found(
          'chain-multiple',
          { line, chains: count, of: this.multiple.of, and: this.multiple.and },
          NOWHERE,
        ),
      )
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
    if (this.aside && !CHAIN_ALONE.test(text)) return
    this.aside = false
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
    const whole = { from: 0, to: last.text.length }
    const problem = found('halves-unequal', { of: 'seam', count: last.makes }, whole)
    this.rows[this.rows.length - 1] = { ...last, problems: [...last.problems, problem] }
  }

  private rowLine(line: RowLine): void {
    this.aside = false
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
      problems.push(
        found(
          'parity',
          { rows: length, cycle, endsOn, said: Number(ending[2]) },
          { from: 0, to: line.text.length },
        ),
      )
    for (let i = 0; i < Math.min(length, MOST_ROWS - this.rows.length); i++) {
      const source = this.texts.get(cycle[i % cycle.length]!)
      const number = line.from! + i
      const at = i === 0 ? problems : []
      if (source) {
        const own = i === length - 1 && line.stated !== null
        const { stated, said } = own ? line : this.sameBelow(source) ? source : UNSAID
        const again = beginsPiece(this.glossary.read(source.work).items)
          ? [found('repeats-beginning', { row: source.from! }, { from: 0, to: source.text.length })]
          : []
        this.worked({ ...source, line: line.line, stated, said }, number, [...at, ...again])
      } else {
        const whole = { from: 0, to: Math.max(1, line.text.length) }
        const problem = found('unread', { row: cycle[i % cycle.length]! }, whole)
        this.push(line, number, null, { items: [], unread: [] }, [...at, problem])
      }
    }
  }

  /** A row that is the one before it over the same again is read once. */
  private reading(line: RowLine, read: ReadWork, ground: Ground): BestReading {
    const { before } = this
    const same =
      before !== null &&
      alike(before.read.items, read.items) &&
      before.line.stated === line.stated &&
      before.line.work === line.work &&
      sameGround(before.ground, ground)
    const found = same ? before.found : bestReading(line, read, ground)
    if (!same) this.counted += Math.max(found.meaning.made.length, ground.belows[0]?.length ?? 0)
    this.before = { line, read, ground, found }
    return found
  }

  /** What may lie below a row. A total can tell that the chain a spiral leads up on was not worked into. */
  private belows({ stated }: RowLine): readonly (readonly Place[] | null)[] {
    return stated === null || this.ledUp === null ? this.below : [...this.below, this.ledUp]
  }

  /** Whether a row that is worked again stands on as many as it did: else its total is another's. */
  private sameBelow({ from }: RowLine): boolean {
    const before = this.rows.findLast(({ row }) => row === from)?.available
    return before == null || this.below.some((below) => below?.length === before)
  }

  /** The places a row goes into where it says another than the one below. */
  private ontoRows(rows: readonly number[]): readonly (readonly Place[] | null)[] {
    const [one, other] = rows.map((row) => this.left.get(row))
    return [rows.length > 1 ? inTurn(one, other) : (one ?? null)]
  }

  private worked(said: RowLine, number: number | null, own: readonly Problem[] = []): void {
    const passes = passesIn(said.work)
    if (passes) return this.bothWays(said, passes, number, own)
    const onto = ontoIn(said.work)
    const line = onto ? { ...said, work: onto.work } : said
    if (onto) this.below = [...this.ontoRows(onto.rows)]
    if (onto) this.ledUp = null
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
    const { meaning, problems } = this.reading(line, read, {
      belows: anew ? [this.otherSide(read.items)] : this.belows(line),
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
    // A round that ends in a half loop is followed by one that begins in its middle.
    const half = meaning.made.at(-1)?.word === 'half loop'
    const next = half
      ? made && [made.at(-1)!, ...made.slice(0, -1)]
      : made && (turned ? made.toReversed() : made)
    if (number !== null) this.left.set(number, next)
    // A row with a fault may have its total right or its work; the next row tells.
    const doubt = next === null || problems.some(({ code }) => code === 'total-misstated')
    // What was read of a row in part is not what it makes.
    const partly = read.unread.length > 0
    const belows = partly ? [stated] : doubt ? [next, stated].filter((one) => one !== null) : [next]
    this.below = belows.length > 0 ? belows : [null]
    this.ledUp = line.what === 'round' && !joins(read.items) ? upTheSpiral(made) : null
    if (number !== null) this.passed(number, line)
  }

  /** A row forward and back again is one row: it takes what its way forward does, and leaves what its way back does. */
  private bothWays(
    line: RowLine,
    [forward, back]: readonly [string, string],
    number: number | null,
    own: readonly Problem[],
  ): void {
    const at = this.rows.length
    this.worked({ ...line, work: forward, ...UNSAID }, number, own)
    this.worked({ ...line, work: back }, number)
    const [there, again] = this.rows.splice(at)
    if (!there || !again) return
    const problems = [...there.problems, ...again.problems]
    this.side = there.side
    this.rows.push({
      ...again,
      ...{ side: there.side, available: there.available, consumes: there.consumes, problems },
      ...{ ok: there.ok && again.ok, uses: there.uses, through: there.through },
      ...(there.made ? { made: there.made, extras: there.extras ?? [] } : {}),
    })
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
  private otherSide(items: readonly Work[]): readonly Place[] | null {
    const [first] = items.filter((item) => !(item.kind === 'note' && item.what === 'yarn'))
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
      ...(this.keepMade && meaning && read.unread.length === 0
        ? { made: meaning.made, extras: meaning.extras, items: read.items }
        : {}),
      through: meaning?.through ?? [],
      anew: meaning?.anew ?? null,
      onto: ontoIn(line.text)?.rows ?? [],
    })
    if (number !== null) this.passed(number, line)
  }
}

/** No stitch reaches further down. */
const DEEP = 20
/** More places than this are not counted one by one. */
const MOST_COUNTED = 2_000_000
/** More rows than this are not counted at once, and a line that is longer is not read. */
const MOST_ROWS = 4000
const LONGEST_LINE = 10_000
const SHOWN = 160

const isFull = ({ rows, counted }: Checker): boolean =>
  rows.length >= MOST_ROWS || counted >= MOST_COUNTED

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
    if (isFull(checker)) break
  }
  const { rows, problems } = checker
  if (isFull(checker) || read.length < text.length)
    problems.push(found('too-long', { rows: rows.length }, NOWHERE, 'warning'))
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
