import {
  isSlip,
  LONG_CHAIN,
  type Meaning,
  ontoIn,
  passesIn,
  type ReadWork,
  type Work,
} from '../notation/index.ts'
import { begins, beginsPiece, carriedOver } from './beginnings.ts'
import { chainSaid, evenSaid, untilSaid } from './between-rows.ts'
import { type CheckedRow, type CheckOptions, kindsOf, stateOf } from './checked.ts'
import { Glossary } from './glossary.ts'
import { blocksAfter, blocksOf, saysBlocks } from './in-blocks.ts'
import { CHAIN_ALONE, isAside, type Line, type RowLine } from './lines.ts'
import { Numbering } from './numbering.ts'
import { found, type Problem } from './problem.ts'
import { lettersCalled, numberOfLetter, repeatOf, type RowRepeat } from './repeats.ts'
import { inRowEnds, lineOf, NO_WORK, ofNumber, onStitches, totalOf, UNSAID } from './row-lines.ts'
import { type Candidate, Standing } from './standing.ts'
import { StartingChains } from './starting-chains.ts'
import { splitTotal } from './totals-said.ts'
import { yarnNames } from './yarn-names.ts'

const ENDING =
  /end(?:ing)?\s+(?:on|with|after)\s+(?:an?\s+)?(?:(RS|WS)\s+)?(?:row|rnd|round)\s*(\d+)?/i
const SEAM =
  /\bfold(?:ed)?\b.{0,160}\bhalf\b|\b(?:whip\s?stitch|sew|seam|join|close)\b.{0,160}\b(?:front to back|halves|half to half)\b|\b(?:sew|whip\s?stitch|seam|close)\b.{0,40}\bbottom\b.{0,20}\b(?:closed|together|shut|edge)\b/i
/** What is said of all rows, and is none. */
const REMARK =
  /^(?:work(?:ed)?|crochet(?:ed)?|all)\b[^,;:*()]*\b(?:throughout|otherwise)\b|^work (?:all|every|each) (?:rows?|rounds?|rnds?)\b[^*()]*$|^(?:all|every|each) (?:rows?|rounds?|rnds?)\b|^(?:[\w ]{1,24}[,:–-]\s*)?(?:all )?(?:worked )?in (?:US |UK )?(?:single|half|double|treble|sc|hdc|dc|htr|tr)\b[^*();]*$/i
const MULTIPLE =
  /multiple\s+of\s+(\d+)(?:\s*(?:sts?|stitches|ch(?:ain)?s?))?\s*(?:\+|plus)?\s*(\d+)?([^.\n]*)/i

/** Slip stitches that level a spiral's step before the yarn is cut are no row; nor are lower and lower stitches that do. */
const endsThePiece = (worked: readonly Work[], text: string): boolean =>
  (/\b(?:fasten off|level|smooth)\b/i.test(text) && worked.every(isSlip)) ||
  (/\blevel\b/i.test(text) &&
    worked.every(({ kind }) => kind === 'stitch') &&
    isSlip(worked.at(-1)))

const UNTIL_COUNT =
  /\b(?:until|till) (?:there are |you have |only )?(\d{1,4}) (?:sts?|stitches|sc|hdc|dc|tr)(?: are| is)? ?(?:remain|left|in all|in total|on the row|$|\.)/i
/** An edge that rows are worked along. */
const PICKED = /\bpick up (?:and work )?(\d{1,4}) (?:sts?|stitches|loops?)\b/i
/** The place of what concerns a pattern as a whole. */
const NOWHERE = { from: 0, to: 0 } as const

/** Goes through the lines of a pattern, row after row. */
export class Checker {
  readonly rows: CheckedRow[] = []
  readonly problems: Problem[] = []
  readonly unread: { line: number; text: string }[] = []
  private part: string | null = null
  private side: 'RS' | 'WS' = 'WS'
  private last: { number: number; line: RowLine } | null = null
  private readonly texts = new Map<number, RowLine>()
  /** The rows worked last, in order. */
  private readonly recent: RowLine[] = []
  private readonly glossary: Glossary
  private readonly numbering = new Numbering()
  private readonly startingChains: StartingChains
  private readonly stand: Standing
  /** Rows are counted in blocks. */
  private blocks = false
  /** A chain to begin in has just been made. */
  private fresh = false
  /** A row that stands for every second one: from which number on. */
  private everySecond: { readonly line: RowLine; readonly from: number } | null = null
  /** Rows that were said before others that are worked first: 6 of "Rows 4 and 6". */
  private readonly later = new Map<number, RowLine>()
  private multiple: { readonly of: number; readonly and: number; readonly chain: boolean } | null =
    null

  /** Letters of rows that are worked where they are called, and not where they are said. */
  private readonly called: ReadonlySet<string>
  /** What is said now is no work: materials, abbreviations, how it is finished. */
  private aside = false

  private readonly keepMade: boolean

  constructor(lines: readonly Line[], { startingChain = 'text', keepMade = false }: CheckOptions) {
    this.keepMade = keepMade
    this.startingChains = new StartingChains(startingChain)
    const rows = lines.flatMap((line) => (line.kind === 'row' ? [line.work] : []))
    this.called = new Set(lines.flatMap(({ text }) => lettersCalled(text)))
    const names = yarnNames(
      lines.map(({ text }) => text),
      rows,
    )
    this.glossary = new Glossary(rows.join('\n'), names)
    this.stand = new Standing(this.glossary, this.startingChains)
    // Words of its own may be told after they are used.
    for (const line of lines) if (line.kind !== 'row') this.glossary.define(line.text)
  }

  /** More than is counted at once. */
  get isFull(): boolean {
    return this.rows.length >= MOST_ROWS || this.stand.counted >= MOST_COUNTED
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
    this.blocks = false
    this.last = null
    this.numbering.restart()
    this.everySecond = null
  }

  /** A line that is work without a label: a foundation chain, or a row that has no number. */
  private workAlone(text: string, line: number): boolean {
    const picked = PICKED.exec(text)
    if (picked && !/\b(?:sc|hdc|dc|tr)\b/.test(text)) {
      this.stand.onEdge(Number(picked[1]))
      return true
    }
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
      if (only.count <= 5 && read.items.length > 1 && this.last) this.stand.carried = only
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
    this.stand.onChain(count)
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
    if (REMARK.test(text) || saysBlocks(text)) return
    const multiple = MULTIPLE.exec(text)
    const base = /\b(?:add|plus|\+) ?(\d+) (?:\w+ )?for (?:the )?(?:\w+ )?ch/i.exec(text)
    if (multiple)
      this.multiple = {
        of: Number(multiple[1]),
        and: Number(multiple[2] ?? 0) + Number(base?.[1] ?? 0),
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
    // Said here, worked where it is called.
    if (line.letter !== null && this.called.has(line.letter)) {
      this.texts.set(numberOfLetter(line.letter), line)
      return
    }
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
    const until = UNTIL_COUNT.exec(text)
    if (repeat && until && cycle.length > 0)
      return this.repeatedUntil(repeat, Number(until[1]), line, source)
    const rows = (times ?? 0) * (cycle.length || back)
    if (!repeat || rows === 0) {
      const last = this.last?.number
      this.last = null
      this.numbering.lose()
      this.stand.afterSome()
      if (cycle.length > 0 && cycle.at(-1) !== last) this.stand.onUnknown()
      return true
    }
    const from = this.last ? this.last.number + 1 : null
    const numbers = from === null ? [] : Array.from({ length: rows }, (_, i) => from + i)
    const { stated, said } = splitTotal(text)
    const own = { ...lineOf(line, text, { work: source.work, stated, said }, source.what), numbers }
    this.repeated({ ...own, from, to: numbers.at(-1) ?? null }, repeat, rows, [])
    return true
  }

  /** "Repeat rows 3 and 4 until 10 sts remain": one after the other until there are so many. */
  private repeatedUntil({ cycle }: RowRepeat, count: number, line: number, source: RowLine): true {
    for (let i = 0; i < MOST_UNTIL; i++) {
      const before = this.rows.at(-1)?.makes ?? null
      if (before === null || (before === count && i % cycle.length === 0)) break
      const number = this.last ? this.last.number + 1 : null
      const numbers = number === null ? [] : [number]
      const one = {
        ...lineOf(line, source.text, { ...UNSAID, work: source.work }, source.what),
        numbers,
      }
      const again = { cycle: [cycle[i % cycle.length]!], back: 0, times: null, rest: '' }
      this.repeated({ ...one, from: number, to: number }, again, 1, [])
    }
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
      const text = source?.text ?? line.text
      const at =
        i === 0
          ? problems.map((one) => ({ ...one, to: Math.min(one.to, Math.max(1, text.length)) }))
          : []
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
      if (again.stated === null && this.isFaulty(source)) this.doubt()
    }
  }

  /** Whether a row that is worked again does not add up where it stands. */
  private isFaulty({ from, line }: RowLine): boolean {
    return this.rows.some((row) => row.line === line && row.row === from && row.state === 'wrong')
  }

  /** What the last row makes rests on one that does not add up, and nothing bears it out. */
  private doubt(): void {
    const row = this.rows.at(-1)
    if (row?.state === 'adds-up')
      this.rows[this.rows.length - 1] = { ...row, makes: null, ok: false, state: 'not-known' }
  }

  /** The total of a row worked again: its own in a list of them, that of the last, or the same where it stands on as many. */
  private totalAgain(line: RowLine, source: RowLine, i: number, isLast: boolean) {
    const own = line.series?.[i]
    if (own !== undefined) return totalOf(own)
    const { stated, said } =
      isLast && line.stated !== null ? line : this.sameBelow(source) ? source : UNSAID
    return { stated, said }
  }

  /** Whether a row that is worked again stands on as many as it did: else its total is another's. */
  private sameBelow({ from }: RowLine): boolean {
    const before = this.rows.findLast(({ row }) => row === from)?.available
    return before == null || this.stand.mayHave(before)
  }

  private worked(whole: RowLine, number: number | null, own: readonly Problem[] = []): void {
    const said = {
      ...whole,
      work: inRowEnds(ofNumber(whole.work, number), () => this.rowsOfPiece()),
    }
    const passes = passesIn(said.work)
    if (passes) return this.bothWays(said, passes, number, own)
    const onto = ontoIn(said.work)
    const line = onto ? { ...said, work: onto.work } : said
    if (onto) this.stand.onto(onto.rows)
    if (/throughout|from here|here on|always|\bthe ch(?:ain)? ?\d[^.]*\bcount/i.test(said.text))
      this.startingChains.hear(said.text)
    const blocks = blocksOf(line)
    if (blocks !== null) return this.blockRow(line, number, blocks, own)
    if (this.chainAlone(line, number)) return
    const best = this.stand.take(line)
    this.stand.carried = best.chain
    this.fresh = false
    if (number !== null) this.texts.set(number, line)
    this.recent.push(line)
    this.confirm(best)
    const problems = [...own, ...this.stand.mended(best)]
    this.push(best.line, number, best.found.meaning, best.read, problems)
    this.stand.after({ ...best, line: { ...line, stated: best.line.stated } }, number)
    if (number !== null) this.passed(number, line)
  }

  /** How many rows the piece has that was worked last. */
  private rowsOfPiece(): number {
    const last = this.rows.at(-1)
    const other = this.rows.findLastIndex(({ kind, part }) => kind !== 'row' || part !== last?.part)
    return this.rows.length - 1 - other
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
    const { guess } = this.stand
    const last = this.rows.at(-1)
    this.stand.guess = null
    if (!guess || !last || meaning.available !== guess.length || line.stated === null) return
    if (problems.some(({ severity }) => severity === 'error')) return
    const past = last.problems.map((one) =>
      one.code === 'unread' && 'words' in one.facts
        ? found('read-past', { words: one.facts.words }, one)
        : one,
    )
    this.rows[this.rows.length - 1] = { ...last, problems: past }
    this.leaves(guess.length)
  }

  /** A row of work from corner to corner, counted in blocks. */
  private blockRow(
    line: RowLine,
    number: number | null,
    stated: number,
    own: readonly Problem[],
  ): void {
    const before = this.rows.at(-1)
    const made = blocksAfter(this.blocks ? (before?.makes ?? null) : null, line.text, stated)
    const whole = { from: 0, to: Math.max(1, line.text.length) }
    const wrong =
      made === stated ? [] : [found('total-misstated', { made, unit: 'blocks', stated }, whole)]
    this.blocks = true
    this.stand.onUnknown()
    this.recent.push(line)
    if (number !== null) this.texts.set(number, line)
    this.push(line, number, null, NO_WORK, [...own, ...wrong])
    this.leaves(made)
  }

  /** A row that is nothing but a chain to begin in. */
  private chainAlone(line: RowLine, number: number | null): boolean {
    const { read } = carriedOver(this.stand.started(this.glossary.read(line.work)))
    const worked = read.items.filter(({ kind }) => kind !== 'note')
    const [chain] = worked
    if (worked.length !== 1 || chain?.kind !== 'chain' || read.unread.length > 0) return false
    if (chain.count <= LONG_CHAIN) return false
    this.stand.carried = null
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
    this.leaves(count)
  }

  /** What the last row leaves, where its work does not tell. */
  private leaves(makes: number): void {
    const row = this.rows.at(-1)
    if (!row) return
    const state = stateOf(makes, row.problems)
    this.rows[this.rows.length - 1] = { ...row, makes, ok: state === 'adds-up', state }
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

/** More places than this are not counted one by one. */
const MOST_COUNTED = 2_000_000
/** No shaping goes on for more rows. */
const MOST_UNTIL = 200
/** More rows than this are not counted at once. */
const MOST_ROWS = 4000
