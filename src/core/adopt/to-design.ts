import { type BandPart, countedOn } from '../band/index.ts'
import { type CheckedRow, type CheckOptions, checkPattern } from '../check/index.ts'
import { newDesign } from '../bag/index.ts'
import {
  type Design,
  type DesignPiece,
  faultsOf,
  type Part,
  unsaid,
  withBody,
  type Yarn,
} from '../design/index.ts'
import { compile } from '../ledger/index.ts'
import { LIMITS } from '../part/index.ts'
import { type BasePart, constructionOf } from '../shape/index.ts'
import { countedRows, countsOver, inLetters, sameWork, writtenRow } from '../shorthand/index.ts'
import { inUsTerms } from '../terms/index.ts'
import { cutAt, found, refused, type Result, writable } from '../units/index.ts'
import { type Beside, chainRow, DISCS, isFlat, plainStitch, recognised } from './bases.ts'
import { startsOf, workingOf } from './making-of.ts'
import { stitchOf, type Told, toldOf } from './told.ts'

/** Whether a row goes on from the one below it, where that began. */
const goesOn = ({ anew, onto }: CheckedRow): boolean => anew === null && onto.length === 0

/** Repeats are looked for in bands of so many rows at most, since all of them are counted again. */
const MOST_REPEATED = 60

/** What a bag needs that no pattern says. */
export interface AboutBag {
  readonly name: string
  readonly hookMm: number
  readonly yarnClass: number
}

/** Yarns by what the pattern calls them; a new one is begun when a new name is said. */
class Yarns {
  readonly list: Yarn[]
  private readonly letters = new Map<string, string>()
  private named = false

  constructor(yarns: readonly Yarn[]) {
    this.list = yarns.slice(0, 1)
  }

  letterOf = (said: string): string => {
    const known = this.letters.get(said)
    if (known) return known
    const taken = new Set([...this.letters.values(), ...this.list.map(({ letter }) => letter)])
    const free = [...LETTERS].find((letter) => !taken.has(letter)) ?? 'A'
    // The first yarn that has a name and no letter is the main one.
    const letter = /^[A-X]$/.test(said) ? said : this.letters.has('A') || this.named ? free : 'A'
    this.named ||= letter === 'A'
    this.letters.set(said, letter)
    // It is called as the text calls it.
    if (letter === 'A' && !/^[A-Z]$/.test(said))
      this.list[0] = { ...this.list[0]!, name: nameOf(said) }
    if (!this.list.some((yarn) => yarn.letter === letter))
      this.list.push({
        letter,
        name: /^[A-Z]$/.test(said) ? `Yarn ${said}` : nameOf(said),
        colour: COLOURS[this.list.length % COLOURS.length]!,
        ...unsaid,
      })
    return letter
  }
}
/** A name as names are: one line, and not too long. */
const nameOf = (said: string): string => cutAt(writable(said).trim(), 60) || 'Part'
const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWX'
const COLOURS = ['#33566b', '#d8a13a', '#efe9dc', '#8a3b2e', '#5d7d4f', '#5b4a6f'] as const

/** Rows that stand on each other: where a row begins anew, so does a piece. */
function piecesOf(rows: readonly CheckedRow[]): CheckedRow[][] {
  const pieces: CheckedRow[][] = []
  for (const row of rows) {
    const below = pieces.at(-1)?.at(-1)
    if (!below || (row.row === 1 && row.available !== below.makes)) pieces.push([row])
    else pieces.at(-1)!.push(row)
  }
  return pieces
}
const widestOf = (rows: readonly CheckedRow[]): number =>
  Math.max(...rows.map(({ makes }) => makes ?? 0))

/** Bands as they come of rows: equal plain rows are one, written rows that follow one another another. */
class Bands {
  readonly list: BandPart[] = []
  /** The yarn in hand. */
  yarn = 'A'

  constructor(
    private readonly yarns: Yarns,
    private count: number,
  ) {}

  take(row: CheckedRow): void {
    const name = nameOf(row.part ?? (row.kind === 'round' ? 'Rounds' : 'Rows'))
    const adjust = row.makes! - this.count
    const isPlain = plainStitch(row) && adjust === 0 && goesOn(row)
    if (isPlain || !countsOver(row, this.count)) this.plain(row, name, adjust)
    else this.written(row, name)
    this.count = row.makes!
  }

  /** The bands, the written ones with their repeats where they are found again. */
  withRepeats(worked: 'rounds' | 'rows'): BandPart[] {
    return this.list.map((part) => {
      if (part.kind !== 'written' || part.rows.length > MOST_REPEATED) return part
      const texts = part.rows.map(({ text }) => text)
      const yarns = {
        ground: part.stitch,
        yarn: part.rows[0]!.runs[0]!.yarn,
        letterOf: this.yarns.letterOf,
      }
      const again = countedRows(texts, countedOn(part), worked, yarns)
      // Only where they are counted to the very same by themselves.
      const alike =
        again.ok &&
        again.value.every((row, i) => sameWork(row, part.rows[i]!)) &&
        again.value[0]!.repeat
      // What it goes into is said beside its words.
      const rows = alike && again.value.map((row, i) => ({ ...row, down: part.rows[i]!.down }))
      return rows ? { ...part, rows } : part
    })
  }

  private plain(row: CheckedRow, name: string, adjust: number): void {
    const yarn = row.yarns[0] === undefined ? this.yarn : this.yarns.letterOf(row.yarns[0])
    const stitch = plainStitch(row) ?? stitchOf(row)
    const below = this.list.at(-1)
    const sameBand =
      below?.kind === 'plain' &&
      below.adjust === 0 &&
      adjust === 0 &&
      below.stitch === stitch &&
      below.name === name &&
      below.yarn === yarn
    if (sameBand) this.list[this.list.length - 1] = { ...below, rounds: below.rounds + 1 }
    else {
      const own = { kind: 'plain', yarn, rounds: 1, adjust, steps: 1 } as const
      this.list.push({ ...section(this.list, name, stitch), ...own })
    }
    this.yarn = yarn
  }

  private written(row: CheckedRow, name: string): void {
    const ground = stitchOf(row)
    const { letterOf } = this.yarns
    const written = writtenRow(row, { ground, yarn: this.yarn, letterOf })
    // A bag calls its yarns by their letters.
    const one = { ...written, text: inLetters(written.text, row.yarns, letterOf) }
    this.yarn = one.runs.at(-1)?.yarn ?? this.yarn
    const below = this.list.at(-1)
    if (below?.kind === 'written' && below.name === name && below.rows.length < LIMITS.writtenRows)
      this.list[this.list.length - 1] = { ...below, rows: [...below.rows, one] }
    else this.list.push({ ...section(this.list, name, ground), kind: 'written', rows: [one] })
  }
}

/** The base and the bands of rows that stand on each other; or why they cannot be had. */
function partsFrom(
  rows: readonly CheckedRow[],
  design: Design,
  yarns: Yarns,
  beside: Beside,
): Result<Part[]> {
  const open = rows.find(({ makes }) => makes === null)
  if (open)
    return refused(`Line ${open.line} does not count through yet: a bag needs every row’s count.`)
  const { base, rows: taken } = recognised(rows, design, beside, yarns.letterOf)
  const bands = new Bands(yarns, constructionOf(base).bandCount?.(base) ?? base.count)
  const turns = rows.slice(0, taken).map(({ yarns: [said] }): string => {
    if (said !== undefined) bands.yarn = yarns.letterOf(said)
    return bands.yarn
  })
  for (const row of [...(taken === 0 ? [chainRow(rows[0]!)!] : []), ...rows.slice(taken || 1)]) {
    bands.take(row)
    if (bands.list.length >= LIMITS.parts)
      return refused(
        `It has more than ${LIMITS.parts - 1} bands, which is more than a bag has here.`,
      )
  }
  const { worked } = constructionOf(base)
  const own = { ...base, yarn: turns[0] ?? base.yarn, turns: inTurns(turns) }
  return found([{ ...own, id: 'p1', name: 'Base' } as BasePart, ...bands.withRepeats(worked)])
}

/** The yarns of a base's rows by turns; none where all are in one. */
function inTurns(yarns: readonly string[]): BasePart['turns'] {
  const turns: { yarn: string; rounds: number }[] = []
  for (const yarn of yarns) {
    const last = turns.at(-1)
    if (last?.yarn === yarn) last.rounds++
    else turns.push({ yarn, rounds: 1 })
  }
  return turns.length > 1 ? turns : []
}

/** Straps and the like come along as pieces of their own, where they are one piece and count through. */
function otherPieces(
  others: readonly (readonly CheckedRow[])[],
  design: Design,
  yarns: Yarns,
): DesignPiece[] {
  return others.slice(0, LIMITS.pieces - 1).flatMap((rows, n) => {
    const parts = partsFrom(rows, design, yarns, { text: '', others: [] })
    if (!parts.ok) return []
    const [base, ...bands] = parts.value as [BasePart, ...BandPart[]]
    if (!constructionOf(base).alone) return []
    const piece = `c${n + 1}`
    return [
      {
        id: piece,
        name: nameOf(rows[0]!.part ?? `Piece ${n + 2}`),
        times: 1,
        parts: [base, ...bands].map((part) => ({ ...part, id: `${piece}-${part.id}` })),
        joins: [],
        blocks: [],
      },
    ]
  })
}

/** A bag that was made of a text, and what is to be known of that before it is taken. */
export interface Adopted {
  readonly design: Design
  /** What it was taken for, rows that come out otherwise than they are written, and what was not taken over. */
  readonly told: Told
}

/**
 * A bag from a written pattern: its base and plain bands as such, every other row as it is written, counted. Of several pieces
 * the widest is the body, whose rows must count through from the first to the last; the others come along where theirs do.
 */
export function designFromPattern(
  pattern: string,
  options: CheckOptions,
  about: AboutBag,
): Result<Adopted> {
  const { terms } = checkPattern(pattern, options)
  // A bag keeps its rows in US terms, and says them in either.
  const text = terms === 'uk' ? inUsTerms(pattern) : pattern
  const checked = checkPattern(text, { ...options, terms: 'us', keepMade: true })
  const all = piecesOf(checked.rows).sort((a, b) => widestOf(b) - widestOf(a))
  // Of a bag of discs the strip holds the bands.
  const at = DISCS.test(text) ? Math.max(0, all.findIndex(isFlat)) : 0
  const [rows = [], others] = [all[at], all.toSpliced(at, 1)]
  if (rows.length === 0) return refused('There is no row to make a bag of.')
  const design = newDesign({ ...about, aroundMm: 600, said: 'around', heightMm: 250 })
  const yarns = new Yarns(design.yarns)
  const parts = partsFrom(rows, design, yarns, { text, others })
  if (!parts.ok) return parts
  const making = { ...design.making, working: workingOf(rows), ...startsOf(rows) }
  const body = { ...withBody(design, parts.value), making }
  // What the construction begins itself is no piece beside it.
  const begun = new Set(compile(body).pieces.map(({ id }) => id)).size - 1
  const more = otherPieces(others.slice(begun), design, yarns)
  const bag = { ...body, pieces: [...body.pieces, ...more], yarns: yarns.list }
  // What it makes is what is wanted, until she says otherwise.
  const { aroundMm, heightMm } = compile(bag).sizes
  const want = {
    ...design.want,
    aroundMm: Math.min(5000, Math.max(20, Math.round(aroundMm))),
    heightMm: Math.min(3000, Math.max(10, Math.round(heightMm))),
  }
  const made = { ...bag, want }
  const [fault] = faultsOf(made)
  if (fault) return refused(`It makes no bag: ${fault.where} ${fault.message}.`)
  return found({ design: made, told: toldOf(made, { text, rows, letterOf: yarns.letterOf }) })
}

/** What every band has, under a free id. */
const section = (bands: readonly BandPart[], name: string, stitch: string) => ({
  id: `p${bands.length + 2}`,
  name,
  making: null,
  stitch,
})
