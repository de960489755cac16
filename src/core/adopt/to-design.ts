import { type BandPart, countedOn } from '../band/index.ts'
import { LIMITS, type Working } from '../part/index.ts'
import {
  baseInstead,
  bodyPiece,
  type Design,
  type DesignPiece,
  faultsOf,
  growthOf,
  type Part,
  unsaid,
  withBody,
  type Yarn,
} from '../design/index.ts'
import { compile, runsOfRow } from '../ledger/index.ts'
import { type BasePart, constructionOf } from '../shape/index.ts'
import { newDesign } from '../bag/index.ts'
import { groundStitchIds, stitchById } from '../stitch/index.ts'
import { inUsTerms } from '../terms/index.ts'
import { cutAt, found, refused, type Result, writable } from '../units/index.ts'
import { checkPattern } from '../check/index.ts'
import { intoRing, says } from '../notation/index.ts'
import type { CheckedRow, CheckOptions } from '../check/index.ts'
import {
  countedRows,
  countsOver,
  runsOfMade,
  sameWork,
  stitchOfWord,
  writtenRow,
} from '../shorthand/index.ts'

/** Repeats are looked for in bands of so many rows at most, since all of them are counted again. */
const MOST_REPEATED = 60

/** What a bag needs that no pattern says. */
export interface AboutBag {
  readonly name: string
  readonly hookMm: number
  readonly yarnClass: number
}

/** The tallest first. */
const GROUNDS = ['tr', 'dc', 'hdc', 'sc'] as const
/** The ground stitch of a row, of those it works; sc when it works none of them. */
function stitchOf({ made = [] }: CheckedRow): string {
  const grounds = new Set(
    made.map(({ word }) => {
      const { family, of } = stitchById(stitchOfWord(word, 'ch'))
      return family === 'basic' ? of : null
    }),
  )
  return GROUNDS.find((ground) => grounds.has(ground)) ?? 'sc'
}

/** How many rows at the beginning grow like a base: all but its last add the same. */
function baseRows(rows: readonly CheckedRow[]): number {
  let end = 1
  while (end < rows.length && rows[end]!.makes! > rows[end]!.available!) end++
  return end
}

function baseOf(rows: readonly CheckedRow[], design: Design): { base: BasePart; rows: number } {
  const [first] = rows as [CheckedRow]
  const own = bodyPiece(design).parts[0] as BasePart
  const stitch = stitchOf(first)
  const made = first.makes!
  const items = first.items ?? []
  if (says(items, 'other-side')) {
    const end = baseRows(rows)
    const oval = baseInstead(design, 'oval-base')
    const along = Math.max(3, Math.round((made - 2) / 2))
    const part = { ...oval, stitch, along, inEnd: 3, count: rows[end - 1]!.makes! } as BasePart
    return { base: { ...part, count: Math.max(part.count, growthOf(part).first) }, rows: end }
  }
  if (intoRing(items) && made <= 40) {
    const end = baseRows(rows)
    const base = {
      ...own,
      kind: 'round-base',
      stitch,
      increase: Math.max(3, made),
      count: Math.max(3, rows[end - 1]!.makes!),
    }
    return { base: base as BasePart, rows: end }
  }
  if (first.kind === 'row')
    return {
      base: { ...baseInstead(design, 'two-panels'), stitch, count: Math.max(3, made) },
      rows: 1,
    }
  return { base: { ...baseInstead(design, 'tube'), stitch, count: Math.max(6, made) }, rows: 1 }
}

/** What a row works, whatever its yarns: its stitches in their order, those that share a place one by one. */
function worksOf(runs: readonly { readonly stitch: string; readonly count: number }[]): string {
  const works: { stitch: string; count: number }[] = []
  const push = (stitch: string, count: number) => {
    const last = works.at(-1)
    if (last?.stitch === stitch) last.count += count
    else works.push({ stitch, count })
  }
  for (const { stitch: id, count } of runs) {
    const { family, makes } = stitchById(id)
    const ground = id.replace(/-\d+in1$/, '')
    if (family !== 'increase') push(id, count)
    else
      for (let n = 0; n < count; n++) {
        push(ground, 1)
        push(`${ground.replace(/-[bf]lo$/, '')}-beside`, makes - 1)
      }
  }
  return works.map(({ stitch, count }) => `${count} ${stitch}`).join(', ')
}

/**
 * The base of a pattern, as far as its rows are those that are compiled from it: what grows otherwise is worked as it is
 * written, on what was recognised.
 */
function recognised(rows: readonly CheckedRow[], design: Design): { base: BasePart; rows: number } {
  const { base, rows: taken } = baseOf(rows, design)
  const ground = { ground: base.stitch, yarn: 'A', letterOf: () => 'A' }
  const written = rows
    .slice(0, taken)
    .map((row) => (row.made ? worksOf(runsOfMade(row.made, row.available ?? 0, ground)) : null))
  /** How many of the first rows are the text's, of a base as it would be. */
  const alike = (one: BasePart): number => {
    const ledger = compile(withBody(design, [{ ...one, id: 'p1' }]))
    const [piece] = ledger.pieces
    let n = 1
    while (
      n < Math.min(taken, piece!.rows) &&
      piece!.columns.makes[n] === rows[n]!.makes &&
      worksOf(runsOfRow(ledger, piece!, n)) === written[n]
    )
      n++
    return n
  }
  const ways = 'stagger' in base ? (['staggered', 'stacked'] as const) : [null]
  const tried = ways.map((stagger) => {
    const one = (stagger ? { ...base, stagger } : base) as BasePart
    return { one, n: alike(one) }
  })
  const best = tried.reduce((most, now) => (now.n > most.n ? now : most))
  const count = rows[best.n - 1]!.makes!
  return best.n === taken
    ? { base: best.one, rows: taken }
    : { base: { ...best.one, count: Math.max(count, growthOf(best.one).first) }, rows: best.n }
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

function workingOf(rows: readonly CheckedRow[]): Working {
  const rounds = rows.flatMap(({ kind, items }) => (kind === 'round' && items ? [items] : []))
  if (!rounds.some((items) => says(items, 'join'))) return 'spiral'
  return rounds.some((items) => says(items, 'turn')) ? 'turned' : 'joined'
}

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

/** The ground stitch of a row that works it in each place, in one yarn; null of any other row. */
function plainStitch({ made = [], uses }: CheckedRow): string | null {
  const words = new Set(made.flatMap(({ word }) => (word === 'start' ? [] : [word])))
  const yarns = new Set(made.flatMap(({ yarn }) => yarn ?? []))
  const others = uses && uses.post + uses.down + uses.sp + uses.gap + uses.skipped > 0
  const [word = ''] = words
  const stitch = stitchOfWord(word, '')
  const isPlain = words.size === 1 && yarns.size <= 1 && !others && groundStitchIds.includes(stitch)
  return isPlain ? stitch : null
}

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
    if ((plainStitch(row) && adjust === 0) || !countsOver(row, this.count))
      this.plain(row, name, adjust)
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
      return alike ? { ...part, rows: again.value } : part
    })
  }

  private plain(row: CheckedRow, name: string, adjust: number): void {
    const yarn = row.yarns[0] === undefined ? this.yarn : this.yarns.letterOf(row.yarns[0])
    const stitch = plainStitch(row) ?? stitchOf(row)
    const below = this.list.at(-1)
    const goesOn =
      below?.kind === 'plain' &&
      below.adjust === 0 &&
      adjust === 0 &&
      below.stitch === stitch &&
      below.name === name &&
      below.yarn === yarn
    if (goesOn) this.list[this.list.length - 1] = { ...below, rounds: below.rounds + 1 }
    else {
      const own = { kind: 'plain', yarn, rounds: 1, adjust, steps: 1 } as const
      this.list.push({ ...section(this.list, name, stitch), ...own })
    }
    this.yarn = yarn
  }

  private written(row: CheckedRow, name: string): void {
    const ground = stitchOf(row)
    const one = writtenRow(row, { ground, yarn: this.yarn, letterOf: this.yarns.letterOf })
    this.yarn = one.runs.at(-1)?.yarn ?? this.yarn
    const below = this.list.at(-1)
    if (below?.kind === 'written' && below.name === name && below.rows.length < LIMITS.writtenRows)
      this.list[this.list.length - 1] = { ...below, rows: [...below.rows, one] }
    else this.list.push({ ...section(this.list, name, ground), kind: 'written', rows: [one] })
  }
}

/** The base and the bands of rows that stand on each other; or why they cannot be had. */
function partsFrom(rows: readonly CheckedRow[], design: Design, yarns: Yarns): Result<Part[]> {
  const open = rows.find(({ makes }) => makes === null)
  if (open)
    return refused(`Line ${open.line} does not count through yet: a bag needs every row’s count.`)
  const { base, rows: taken } = recognised(rows, design)
  const bands = new Bands(yarns, base.count)
  for (const { yarns: said } of rows.slice(0, taken))
    for (const one of said) bands.yarn = yarns.letterOf(one)
  for (const row of rows.slice(taken)) {
    bands.take(row)
    if (bands.list.length >= LIMITS.parts)
      return refused(
        `It has more than ${LIMITS.parts - 1} bands, which is more than a bag has here.`,
      )
  }
  const { worked } = constructionOf(base)
  return found([{ ...base, id: 'p1', name: 'Base' }, ...bands.withRepeats(worked)])
}

/** Straps and the like come along as pieces of their own, where they are one piece and count through. */
function otherPieces(
  others: readonly (readonly CheckedRow[])[],
  design: Design,
  yarns: Yarns,
): DesignPiece[] {
  return others.slice(0, LIMITS.pieces - 1).flatMap((rows, n) => {
    const parts = partsFrom(rows, design, yarns)
    if (!parts.ok) return []
    const [base, ...bands] = parts.value as [BasePart, ...BandPart[]]
    const { id, name, making, yarn, stitch, count } = base
    const alone: BasePart =
      base.kind === 'two-panels'
        ? { kind: 'panel', id, name, making, yarn, stitch, count, firstStitch: null, begins: 'row' }
        : base
    if (!constructionOf(alone).alone) return []
    const piece = `c${n + 1}`
    return [
      {
        id: piece,
        name: nameOf(rows[0]!.part ?? `Piece ${n + 2}`),
        times: 1,
        parts: [alone, ...bands].map((part) => ({ ...part, id: `${piece}-${part.id}` })),
        joins: [],
        blocks: [],
      },
    ]
  })
}

/**
 * A bag from a written pattern: its base and plain bands as such, every other row as it is written, counted. Of several pieces
 * the widest is the body, whose rows must count through from the first to the last; the others come along where theirs do.
 */
export function designFromPattern(
  pattern: string,
  options: CheckOptions,
  about: AboutBag,
): Result<Design> {
  const { terms } = checkPattern(pattern, options)
  // A bag keeps its rows in US terms, and says them in either.
  const text = terms === 'uk' ? inUsTerms(pattern) : pattern
  const checked = checkPattern(text, { ...options, terms: 'us', keepMade: true })
  const [rows = [], ...others] = piecesOf(checked.rows).sort((a, b) => widestOf(b) - widestOf(a))
  if (rows.length === 0) return refused('There is no row to make a bag of.')
  const design = newDesign({ ...about, aroundMm: 600, said: 'around', heightMm: 250 })
  const yarns = new Yarns(design.yarns)
  const parts = partsFrom(rows, design, yarns)
  if (!parts.ok) return parts
  const making = { ...design.making, working: workingOf(rows) }
  const body = { ...withBody(design, parts.value), making }
  const more = otherPieces(others, design, yarns)
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
  return fault ? refused(`It makes no bag: ${fault.where} ${fault.message}.`) : found(made)
}

/** What every band has, under a free id. */
const section = (bands: readonly BandPart[], name: string, stitch: string) => ({
  id: `p${bands.length + 2}`,
  name,
  making: null,
  stitch,
})
