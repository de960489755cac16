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
import { begins, beginsPiece, carriedOver } from './beginnings.ts'
import { bestReading, type BestReading, COSTS, type Ground } from './best-reading.ts'
import { chainSaid, evenSaid, untilSaid } from './between-rows.ts'
import { type CheckedRow, type CheckOptions, kindsOf, stateOf } from './checked.ts'
import { Glossary } from './glossary.ts'
import { inTurn } from './in-turn.ts'
import { CHAIN_ALONE, isAside, type Line, type RowLine } from './lines.ts'
import { Numbering } from './numbering.ts'
import { found, type Problem } from './problem.ts'
import { repeatOf, type RowRepeat } from './repeats.ts'
import { mendsOf } from './mends.ts'
import { lineOf, NO_WORK, onStitches, totalOf, UNSAID, withYarn } from './row-lines.ts'
import { StartingChains } from './starting-chains.ts'
import { splitTotal } from './totals-said.ts'

const ENDING =
  /end(?:ing)?\s+(?:on|with|after)\s+(?:an?\s+)?(?:(RS|WS)\s+)?(?:row|rnd|round)\s*(\d+)?/i
const SEAM =
  /\bfold(?:ed)?\b.{0,160}\bhalf\b|\b(?:whip\s?stitch|sew|seam|join|close)\b.{0,160}\b(?:front to back|halves|half to half)\b|\b(?:sew|whip\s?stitch|seam|close)\b.{0,40}\bbottom\b.{0,20}\b(?:closed|together|shut|edge)\b/i
/** What is said of all rows, and is none. */
const REMARK = /^(?:work(?:ed)?|crochet(?:ed)?|all)\b[^,;:*()]*\b(?:throughout|otherwise)\b/i
const MULTIPLE =
  /multiple\s+of\s+(\d+)(?:\s*(?:sts?|stitches|ch(?:ain)?s?))?\s*(?:\+|plus)?\s*(\d+)?([^.\n]*)/i

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

/** The place of what concerns a pattern as a whole. */
const NOWHERE = { from: 0, to: 0 } as const

/** One way to take a row: its line with its total told apart, its work as read, and what comes of it. */
interface Candidate {
  readonly line: RowLine
  readonly read: ReadWork
  /** The chain the next row starts with. */
  readonly chain: Work | null
  readonly anew: boolean
  readonly found: BestReading
  readonly cost: number
}

/** Goes through the lines of a pattern, row after row. */
export class Checker {
  readonly rows: CheckedRow[] = []
  readonly problems: Problem[] = []
  readonly unread: { line: number; text: string }[] = []
  private part: string | null = null
  private below: (readonly Place[] | null)[] = [null]
  private groups: readonly number[] | null = null
  private words: Ground['words'] = () => null
  private side: 'RS' | 'WS' = 'WS'
  private last: { number: number; line: RowLine } | null = null
  private readonly texts = new Map<number, RowLine>()
  /** The rows worked last, in order. */
  private readonly recent: RowLine[] = []
  /** What each row left, as the next one finds it. */
  private readonly left = new Map<number, readonly Place[] | null>()
  private readonly glossary: Glossary
  private readonly numbering = new Numbering()
  private readonly startingChains: StartingChains
  private before: {
    readonly line: RowLine
    readonly carried: Work | null
    readonly ground: Ground
    readonly best: Candidate
  } | null = null
  /** What was read of the row before, though it was not understood: a guess at what lies below. */
  private guess: readonly Place[] | null = null
  /** Places that were counted one by one. */
  counted = 0
  /** Rows for which what mends them was sought. */
  private mendedRows = 0
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
  /** A row that stands for every second one: from which number on. */
  private everySecond: { readonly line: RowLine; readonly from: number } | null = null
  /** Rows that were said before others that are worked first: 6 of "Rows 4 and 6". */
  private readonly later = new Map<number, RowLine>()
  private multiple: { readonly of: number; readonly and: number; readonly chain: boolean } | null =
    null

  /** What is said now is no work: materials, abbreviations, how it is finished. */
  private aside = false

  private readonly keepMade: boolean

  constructor(lines: readonly Line[], { startingChain = 'text', keepMade = false }: CheckOptions) {
    this.keepMade = keepMade
    this.startingChains = new StartingChains(startingChain)
    const rows = lines.flatMap((line) => (line.kind === 'row' ? [line.work] : []))
    this.glossary = new Glossary(rows.join('\n'))
    // Words of its own may be told after they are used.
    for (const line of lines) if (line.kind !== 'row') this.glossary.define(line.text)
  }

  /** More than is counted at once. */
  get isFull(): boolean {
    return this.rows.length >= MOST_ROWS || this.counted >= MOST_COUNTED
  }

  take(line: Line): void {
    if (line.kind === 'row') return this.rowLine(line)
    if (line.kind === 'heading') return this.heading(line.text, line.line)
    this.prose(line.text, line.line)
  }

  /** What was said before its turn, and nothing comes before any more. */
  finish(): void {
    while (this.last && this.later.has(this.last.number + 1)) this.inTurn(this.last.number + 1)
    this.later.clear()
  }

  private heading(text: string, line: number): void {
    if (this.glossary.define(text)) return
    if (this.aside && /:/.test(text)) return
    this.aside = isAside(text)
    // A name of a part may be a word of the shorthand said otherwise: “Plain”.
    const works = this.glossary.asItStands(text).items.some(({ kind }) => kind !== 'note')
    if (!this.aside && works && this.workAlone(text, line)) return
    this.finish()
    this.part = text
    this.last = null
    this.numbering.restart()
    this.everySecond = null
  }

  /** A line that is work without a label: a foundation chain, or a row that has no number. */
  private workAlone(text: string, line: number): boolean {
    const chain = chainSaid(text)
    if (chain !== null && chain > 0) {
      this.foundation(chain, line)
      return true
    }
    const { work, stated, said } = splitTotal(text.replace(/\.\s*$/, ''))
    const read = this.glossary.read(work)
    const worked = read.items.filter(({ kind }) => kind !== 'note')
    const asSaid = this.glossary.asItStands(work).items.filter(({ kind }) => kind !== 'note')
    if (asSaid.length > 0 && endsThePiece(asSaid, text)) return true
    if (read.unread.length > 0 || worked.length === 0) return false
    const only = worked.length === 1 ? worked[0]! : null
    if (only?.kind === 'chain') {
      if (only.count <= 5 && read.items.length > 1 && this.last) this.carried = only
      else this.foundation(only.count, line)
      return true
    }
    const plain = worked.every((item) => item.kind === 'stitch' && item.target === null)
    if (plain && stated === null) return false
    this.worked(lineOf(line, text, { work, stated, said }), null)
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
    if (REMARK.test(text)) return
    const multiple = MULTIPLE.exec(text)
    if (multiple)
      this.multiple = {
        of: Number(multiple[1]),
        and: Number(multiple[2] ?? 0),
        chain: /chain|\bch\b/i.test(`${multiple[0]}`),
      }
    if ((multiple && chainSaid(text) === null) || this.glossary.define(text)) return
    if (this.aside && !CHAIN_ALONE.test(text)) return
    this.aside = false
    if (SEAM.test(text)) return this.seam(text)
    if (this.evenAlone(text, line) || this.repeatAlone(text, line)) return
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
    if (line.everySecond)
      this.everySecond = { line, from: line.from ?? (/\bodd\b/i.test(line.label) ? 1 : 2) }
    if (line.everySecond && line.from === null) return
    if (line.from !== null) this.upTo(line.from)
    // Of a list with gaps the first is worked now, the others in their turn.
    const gap = line.numbers.findIndex((number, i) => i > 0 && number !== line.numbers[i - 1]! + 1)
    const numbers = gap > 0 ? line.numbers.slice(0, gap) : line.numbers
    for (const number of line.numbers.slice(numbers.length))
      this.later.set(number, { ...line, from: number, to: number, numbers: [number] })
    const now = gap > 0 ? { ...line, numbers, to: numbers.at(-1)! } : line
    const own = this.numbering.problemsOf(now, () => this.anew(line))
    const repeat = repeatOf(line.text)
    if (repeat) return this.repeated(now, repeat, numbers.length || line.many, own)
    const rows = numbers.length > 0 ? numbers : new Array<null>(line.many).fill(null)
    rows.slice(0, Math.max(0, MOST_ROWS - this.rows.length)).forEach((number, i) => {
      const total = line.series?.[i]
      const totalled = total === undefined ? now : { ...now, ...totalOf(total) }
      this.worked(totalled, number, i === 0 ? own : [])
    })
  }

  /** The rows that are to be worked before one, and were said elsewhere. */
  private upTo(number: number): void {
    while (this.last && this.last.number + 1 < number && this.inTurn(this.last.number + 1));
  }

  /** Works a row that was said elsewhere; whether one was. */
  private inTurn(number: number): boolean {
    const { everySecond: every } = this
    const second = every && (number - every.from) % 2 === 0 ? every.line : null
    const line = this.later.get(number) ?? second
    if (!line || this.rows.length >= MOST_ROWS) return false
    this.later.delete(number)
    const one = { ...line, from: number, to: number, numbers: [number], everySecond: false }
    const repeat = repeatOf(line.text)
    if (repeat) this.repeated(one, repeat, 1, [])
    else this.worked(one, number)
    return true
  }

  /** Whether a row is the first of a new piece. */
  private anew({ work }: RowLine): boolean {
    return this.fresh || begins(this.glossary.read(work).items)
  }

  /** "Work even for 6 rounds" on a line of its own: each of them in the stitch there is. */
  private evenAlone(text: string, line: number): boolean {
    const many = evenSaid(text)
    const last = this.recent.at(-1)
    if (many === null || !last) return false
    const before = this.glossary
      .read(last.work)
      .items.findLast((item) => item.kind === 'stitch' && item.stitch.uses === 1)
    const word = before?.kind === 'stitch' ? before.stitch.word : 'sc'
    const work = `${word === 'inc' || word === '' ? 'sc' : word} in each st`
    const even = lineOf(line, text, { ...UNSAID, work }, last.what)
    for (let i = 0; i < Math.min(many, MOST_ROWS - this.rows.length); i++)
      this.worked(even, this.last ? this.last.number + 1 : null)
    return true
  }

  /** "Repeat Rows 2 and 3 five more times" on a line of its own; without a number it is not known how many rows there are. */
  private repeatAlone(text: string, line: number): boolean {
    const repeat = repeatOf(text)
    const source = this.recent.at(-1)
    if ((!repeat && !untilSaid(text)) || !source) return false
    const { cycle, times, back } = repeat ?? { cycle: [], times: null, back: 1 }
    const rows = (times ?? 0) * (cycle.length || back)
    if (!repeat || rows === 0) {
      const last = this.last?.number
      this.last = null
      this.numbering.lose()
      this.depth = null
      if (cycle.length > 0 && cycle.at(-1) !== last) this.below = [null]
      return true
    }
    const from = this.last ? this.last.number + 1 : null
    const numbers = from === null ? [] : Array.from({ length: rows }, (_, i) => from + i)
    const { stated, said } = splitTotal(text)
    const own = { ...lineOf(line, text, { work: source.work, stated, said }, source.what), numbers }
    this.repeated({ ...own, from, to: numbers.at(-1) ?? null }, repeat, rows, [])
    return true
  }

  /** "Rows 5–12: rep Rows 3 and 4", "Repeat the last two rows twice": each of them worked again. */
  private repeated(line: RowLine, repeat: RowRepeat, length: number, own: Problem[]): void {
    const { cycle, rest, back, times } = repeat
    const problems = [...own]
    const whole = { from: 0, to: Math.max(1, line.text.length) }
    const many = cycle.length || back
    const ending = ENDING.exec(rest)
    const endsOn = cycle[(length - 1) % many]
    if (endsOn !== undefined && ending?.[2] && Number(ending[2]) !== endsOn)
      problems.push(
        found('parity', { rows: length, cycle, endsOn, said: Number(ending[2]) }, whole),
      )
    if (times !== null && times > 1 && ![times, times + 1].some((n) => n * many === length))
      problems.push(found('parity', { rows: length, cycle: many, times }, whole))
    const sources = this.recent.slice(-back)
    const inStitches = /\binto (?:the )?(?:sts?|stitches)\b/i.test(rest)
    for (let i = 0; i < Math.min(length, MOST_ROWS - this.rows.length); i++) {
      const row = cycle[i % many] ?? 0
      const source = back > 0 ? sources[i % sources.length] : this.texts.get(row)
      const number = line.numbers[i] ?? null
      const at = i === 0 ? problems : []
      if (!source) {
        this.push(line, number, null, NO_WORK, [...at, found('unread', { row }, whole)])
        continue
      }
      const begun = beginsPiece(this.glossary.read(source.work).items)
      const wrong =
        begun && !inStitches
          ? found('repeats-beginning', { row }, { from: 0, to: source.text.length })
          : null
      const work = begun && inStitches ? onStitches(source.work) : source.work
      const total = this.totalAgain(line, source, i, i === length - 1)
      const again = { ...source, work, line: line.line, ...total, others: [], series: null }
      this.worked(again, number, [...at, ...(wrong ? [wrong] : [])])
    }
  }

  /** The total of a row worked again: its own in a list of them, that of the last, or the same where it stands on as many. */
  private totalAgain(line: RowLine, source: RowLine, i: number, isLast: boolean) {
    const own = line.series?.[i]
    if (own !== undefined) return totalOf(own)
    const { stated, said } =
      isLast && line.stated !== null ? line : this.sameBelow(source) ? source : UNSAID
    return { stated, said }
  }

  /** The best way to take a row; on a guess only where its own total bears it out. */
  private surely(line: RowLine): Candidate {
    const best = this.best(line)
    const { guess } = this
    if (!guess || best.line.stated !== null || best.found.meaning.available !== guess.length)
      return best
    this.guess = null
    this.below = [null]
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
      for (const { read: whole, cost } of this.glossary.readings(line.work)) {
        const { read, chain } = carriedOver(this.started(withYarn(whole, line.yarn)))
        const anew = begins(read.items)
        const found = bestReading(line, read, this.groundOf(line, anew, read.items))
        const all = found.cost + cost + (at > 0 ? COSTS.total : 0)
        this.counted += Math.max(found.meaning.made.length, ground.belows[0]?.length ?? 0)
        if (!best || all < best.cost) best = { line, read, chain, anew, found, cost: all }
      }
    }
    this.before = { line: said, carried, ground, best: best! }
    return best!
  }

  /** A row's problems, with what puts it right at the first of them. */
  private mended({ line, found: { problems } }: Candidate): readonly Problem[] {
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
    if (/throughout|from here|here on|always/i.test(line.work)) this.startingChains.hear(line.work)
    if (this.chainAlone(line, number)) return
    const best = this.surely(line)
    const { read, chain, anew } = best
    const { meaning, problems } = best.found
    const [begun] = read.items
    this.carried = chain
    this.fresh = false
    if (number !== null) this.texts.set(number, line)
    this.recent.push(line)
    if (anew) this.depth = 0
    this.confirm(best)
    this.push(best.line, number, meaning, read, [...own, ...this.mended(best)])
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
    const total = best.line.stated
    const stated = total === null ? null : new Array<Place>(Math.min(total, MOST_PLACES)).fill('st')
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
      ...{ ok: there.ok && again.ok, state: there.ok ? again.state : there.state },
      ...{ uses: there.uses, through: there.through },
      ...(there.made ? { made: there.made, extras: there.extras ?? [] } : {}),
    })
  }

  /** A guess at what a row left that was not understood holds where the next one comes out on it. */
  private confirm({ line, found: { meaning, problems } }: Candidate): void {
    const { guess } = this
    const last = this.rows.at(-1)
    this.guess = null
    if (!guess || !last || meaning.available !== guess.length || line.stated === null) return
    if (problems.some(({ severity }) => severity === 'error')) return
    const past = last.problems.map((one) =>
      one.code === 'unread' && 'words' in one.facts
        ? found('read-past', { words: one.facts.words }, one)
        : one,
    )
    const state = { makes: guess.length, ok: true, state: 'adds-up' } as const
    this.rows[this.rows.length - 1] = { ...last, problems: past, ...state }
  }

  /** A row that is nothing but a chain to begin in. */
  private chainAlone(line: RowLine, number: number | null): boolean {
    const { read } = carriedOver(this.started(this.glossary.read(line.work)))
    const worked = read.items.filter(({ kind }) => kind !== 'note')
    const [chain] = worked
    if (worked.length !== 1 || chain?.kind !== 'chain' || read.unread.length > 0) return false
    if (chain.count <= LONG_CHAIN) return false
    this.carried = null
    this.recent.push(line)
    if (number !== null) this.texts.set(number, line)
    this.chainRow(line, number, chain.count)
    return true
  }

  private chainRow(line: RowLine, number: number | null, count: number): void {
    this.foundation(count, line.line)
    const { stated, text } = line
    const whole = { from: 0, to: text.length }
    const isWrong = stated !== null && stated !== count
    const wrong = isWrong
      ? [found('total-misstated', { made: count, unit: '', stated }, whole)]
      : []
    this.push(line, number, null, NO_WORK, wrong)
    const state = stateOf(count, wrong)
    const row = this.rows.at(-1)!
    this.rows[this.rows.length - 1] = { ...row, makes: count, ok: state === 'adds-up', state }
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
    // What is not understood is not known, and is no count.
    const known = problems.some(({ code }) => code === 'unread') ? null : meaning
    const state = stateOf(known?.makes ?? null, problems)
    this.rows.push({
      row: number,
      part: this.part,
      kind: line.what === 'round' ? 'round' : 'row',
      side: this.sideOf(line, meaning),
      ...{ line: line.line, column: line.column, text: line.text },
      available: known?.available ?? null,
      consumes: known?.consumes ?? null,
      makes: known?.makes ?? null,
      stated: line.stated,
      state,
      ok: state === 'adds-up',
      problems,
      ...kindsOf(line, known, this.glossary.specials),
      ...(this.keepMade && known
        ? { made: known.made, extras: known.extras, items: read.items }
        : {}),
      through: meaning?.through ?? [],
      anew: meaning?.anew ?? null,
      onto: ontoIn(line.text)?.rows ?? [],
    })
    if (number === null) this.numbering.passedOne()
    else this.passed(number, line)
  }
}

/** No stitch reaches further down. */
const DEEP = 20
/** More places than this are not counted one by one. */
const MOST_COUNTED = 2_000_000
/** More rows than this are not counted at once. */
const MOST_ROWS = 4000
/** For more faulty rows than this nothing is sought that mends them. */
const MOST_MENDED = 30
