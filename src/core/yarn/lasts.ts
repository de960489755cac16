import { type Design, gramsInHand } from '../design/index.ts'
import { type Ledger, type LedgerPart, partOfRow, type Piece } from '../ledger/index.ts'
import { partOfId, placeOfId } from '../part/index.ts'
import type { YarnPaths } from '../paths/index.ts'
import { type LogEntry, madeIn, weighedIn } from '../project/index.ts'
import { type WorkSeen, type YarnModel, yarnModel } from './model.ts'
import { between, drawnSums, outsideRows, stitchesKnown, type Term } from './need.ts'
import { takesOf } from './takes.ts'

/** What was left of a yarn when a row of a piece was done: the row's index. */
export interface Weighing {
  readonly letter: string
  readonly piece: string
  readonly row: number
  readonly grams: number
  /** Grams that came to the bag (below 0: went from it) since it was weighed before, beside what was worked. */
  readonly supplied?: number
}

/** Whether a yarn lasts, by what was weighed. */
export interface Lasts {
  readonly letter: string
  /** It was weighed itself; else it goes by the others. */
  readonly weighed: boolean
  /** Used so far by what was planned so far; null where nothing tells. `low`, `high`: of what is still to come, but for one in twenty each way. */
  readonly factor: number | null
  readonly low: number | null
  readonly high: number | null
  /** Grams there are; null where that is not known. */
  readonly leftGrams: number | null
  /** Grams that what comes after the course takes, and one more round like those of it, on the average. */
  readonly keptGrams: number | null
  readonly roundGrams: number | null
  /** Whole rounds that can still be made: those that are planned in this course, then more of them; null where it takes no more of the yarn. */
  readonly roundsLeft: number | null
  /** The same with its fraction, and with what one bag in twenty takes more and less. */
  readonly rounds: { readonly likely: number; readonly low: number; readonly high: number } | null
  /** Rounds of the course that are planned, and the part they are of. */
  readonly planned: number
  readonly part: string | null
  /** Printed number of the last round at which changing course still helps; null when it lasts. */
  readonly lastTurn: number | null
  /** The piece and index of that round. */
  readonly turn: { readonly piece: string; readonly row: number } | null
}

/** A kitchen scale reads to about a gram; what is left is compared with what there was (common practice). */
const SCALE_GRAMS = 1
/** A ball's label is right to about a hundredth (from memory). */
const LABEL_OFF = 0.01

/** All a bag is asked with. */
interface Bag {
  readonly design: Design
  readonly ledger: Ledger
  readonly paths: readonly YarnPaths[]
}

/** Adds up what rows take of a yarn, by stitch and beside stitches. */
class Lengths {
  readonly stitches = new Map<string, number>()
  strandMetres = 0
  tailMetres = 0

  add(take: Pick<Term, 'into' | 'stitch' | 'count' | 'metres'>, times = 1): void {
    if (take.into === 'tails') this.tailMetres += take.metres * times
    else if (take.stitch === null) this.strandMetres += take.metres * times
    else this.stitches.set(take.stitch, (this.stitches.get(take.stitch) ?? 0) + take.count * times)
  }

  metres(letter: string, model: YarnModel): number {
    let sum = this.strandMetres + this.tailMetres
    for (const [id, count] of this.stitches) sum += count * model.metresOf(letter, id)
    return sum
  }

  terms(): Term[] {
    const beside = (into: 'tails' | 'carried', metres: number): Term => ({
      ...{ into, stitch: null, count: 1, metres },
    })
    return [
      ...[...this.stitches].map(([stitch, count]): Term => ({
        into: 'stitches',
        stitch,
        count,
        metres: 0,
      })),
      beside('carried', this.strandMetres),
      beside('tails', this.tailMetres),
    ]
  }
}

/** What rows of a piece take of a yarn. */
function lengthsIn(
  { ledger, paths }: Bag,
  piece: Piece,
  letter: string,
  from: number,
  to: number,
): Lengths {
  const sum = new Lengths()
  const yarn = ledger.yarns.indexOf(letter)
  const at = ledger.pieces.indexOf(piece)
  for (const take of takesOf(ledger, piece, paths[at]!, from, to))
    if (take.yarn === yarn) sum.add(take)
  return sum
}

/** The stretch of rows that is being worked, and goes on alike. */
interface Course {
  readonly part: LedgerPart
  /** Its rows that are to come, half-open; none when the last was just done. */
  readonly from: number
  readonly to: number
}

/** Whether a row is made of the same stitches as another, in about the same measure. */
function isAlike(bag: Bag, piece: Piece, letter: string, a: number, b: number): boolean {
  const [one, other] = [a, b].map((row) => lengthsIn(bag, piece, letter, row, row + 1).stitches)
  const ids = new Set([...one!.keys(), ...other!.keys()])
  const uses = (lengths: ReadonlyMap<string, number>) => [...lengths.values()].some((n) => n > 0)
  if (!uses(one!) || !uses(other!)) return false
  return [...ids].every((id) => {
    const [x, y] = [one!.get(id) ?? 0, other!.get(id) ?? 0]
    return Math.abs(x - y) <= 0.02 * Math.max(x, y)
  })
}

/**
 * The course a yarn is on after a row: what is left of its band, and bands above that go on alike; where the row is of the base, or its
 * band has nothing of the yarn, the next band that has. Null where none has.
 */
function maybeCourse(bag: Bag, piece: Piece, letter: string, row: number): Course | null {
  const yarn = bag.ledger.yarns.indexOf(letter)
  const worked = bag.paths[bag.ledger.pieces.indexOf(piece)]!.ways[yarn]?.spans ?? []
  const isIn = ({ firstRow, endRow }: LedgerPart) =>
    worked.some(({ from, to, how }) => how === 'worked' && from < endRow && firstRow < to)
  const { parts } = piece
  const now = parts.indexOf(partOfRow(piece, row))
  const isBase = (at: number) => at === 0 && parts.length > 1
  const at =
    !isBase(now) && isIn(parts[now]!)
      ? now
      : parts.findIndex((part, i) => i > now && part.endRow > part.firstRow && isIn(part))
  if (at < 0) return null
  const part = parts[at]!
  let to = part.endRow
  for (const next of parts.slice(at + 1)) {
    if (next.endRow === next.firstRow) continue
    if (!isAlike(bag, piece, letter, to - 1, next.firstRow)) break
    to = next.endRow
  }
  return { part, from: Math.max(row + 1, part.firstRow), to }
}

/** The rows that are done of each piece, for each of its copies: those before the weighed one, and what the log has of others. */
export type Done = ReadonlyMap<string, readonly number[]>

/** What is done when a row of a piece is. */
function doneAt(
  { ledger }: Bag,
  { piece, row }: Pick<Weighing, 'piece' | 'row'>,
  done: Done,
): Done {
  return new Map([
    ...ledger.pieces.map(({ id }) => [id, done.get(id) ?? []] as const),
    [piece, [row + 1]],
  ])
}

/** All a yarn takes in what is not done yet, pieces, seams and things without rows. */
function restOf(bag: Bag, letter: string, done: Done): Lengths {
  const rest = new Lengths()
  for (const piece of bag.ledger.pieces) {
    const all = lengthsIn(bag, piece, letter, 0, piece.rows)
    for (const term of all.terms()) rest.add(term, piece.times)
    for (const rows of done.get(piece.id) ?? [])
      for (const term of lengthsIn(bag, piece, letter, 0, rows).terms()) rest.add(term, -1)
  }
  for (const { letter: of, term } of outsideRows(bag.ledger)) if (of === letter) rest.add(term)
  return rest
}

/** Grams of a metre of a yarn: by its label; without one by what was used, as if the plan were right so far. */
function gramsPerMetre({ yarns }: Design, letter: string): number | null {
  const label = yarns.find((yarn) => yarn.letter === letter)?.label
  return label ? label.grams / label.metres : null
}

/** What was used between one weighing of a yarn and the next, and in what rows. */
interface Used {
  readonly letter: string
  readonly lengths: Lengths
  readonly grams: number
}

function usedOf(bag: Bag, list: readonly Weighing[], inHand: ReadonlyMap<string, number>): Used[] {
  const last = new Map<string, { readonly row: number; readonly grams: number }>()
  return list.flatMap(({ letter, piece: id, row, grams, supplied = 0 }): Used[] => {
    const piece = bag.ledger.pieces.find((one) => one.id === id)!
    const key = `${letter} ${id}`
    const there = inHand.get(letter)
    const before = last.get(key) ?? (there === undefined ? null : { row: -1, grams: there })
    last.set(key, { row, grams })
    if (!before || before.row >= row || before.grams + supplied <= grams) return []
    const lengths = lengthsIn(bag, piece, letter, before.row + 1, row + 1)
    return [{ letter, lengths, grams: before.grams + supplied - grams }]
  })
}

/** What the weighings tell, before any one yarn is asked for. */
interface Told {
  readonly bag: Bag
  readonly list: readonly Weighing[]
  readonly made: Done
  /** Grams there were of each yarn, where that is known; and those of a metre. */
  readonly there: ReadonlyMap<string, number>
  readonly perMetre: ReadonlyMap<string, number>
  readonly used: readonly Used[]
  /** What stitches take as it was planned, and as it is seen now. */
  readonly before: YarnModel
  readonly after: YarnModel
  readonly supplied: ReadonlyMap<string, number>
}

function toldBy(
  bag: Bag,
  list: readonly Weighing[],
  { inHand, made = new Map(), supplied = new Map() }: LastsOptions,
): Told {
  const { design, ledger } = bag
  const there = new Map<string, number>()
  for (const yarn of design.yarns) {
    const grams = inHand?.get(yarn.letter) ?? gramsInHand(yarn)
    if (grams !== null) there.set(yarn.letter, grams)
  }
  const known = stitchesKnown(ledger)
  const before = yarnModel(design, known)
  const used = usedOf(bag, list, there)
  const perMetre = new Map<string, number>()
  for (const { letter } of design.yarns) {
    const { grams, metres } = usedIn(used, letter, before)
    const each = gramsPerMetre(design, letter) ?? (metres > 0 ? grams / metres : null)
    if (each !== null) perMetre.set(letter, each)
  }
  const work = used.flatMap(({ letter, lengths, grams }): WorkSeen[] => {
    if (gramsPerMetre(design, letter) === null) return []
    const { stitches, strandMetres, tailMetres } = lengths
    const metres = grams / perMetre.get(letter)!
    const sd = Math.hypot(SCALE_GRAMS / grams, LABEL_OFF)
    return [{ letter, stitches, strandMetres, tailMetres, metres, sd }]
  })
  const after = yarnModel(design, known, work)
  return { bag, list, made, there, perMetre, used, before, after, supplied }
}

/** What was weighed as used of a yarn, and what that was planned to take. */
function usedIn(used: readonly Used[], letter: string, model: YarnModel) {
  let [grams, metres] = [0, 0]
  for (const one of used) {
    if (one.letter !== letter) continue
    grams += one.grams
    metres += one.lengths.metres(letter, model)
  }
  return { grams, metres }
}

/** How far off the plan was so far, and may be in what is to come. */
function sharesOf({ bag, perMetre, used, before, after }: Told, letter: string, rest: Lengths) {
  const none = { factor: null, low: null, high: null }
  const each = perMetre.get(letter)
  if (gramsPerMetre(bag.design, letter) === null || each === undefined) return none
  const { grams, metres } = usedIn(used, letter, before)
  const planned = rest.metres(letter, before)
  if (metres <= 0 && planned <= 0) return none
  const factor = metres > 0 ? grams / each / metres : rest.metres(letter, after) / planned
  if (planned <= 0) return { factor, low: factor, high: factor }
  const [low, high] = between(drawnSums(letter, rest.terms(), after))
  return {
    factor,
    low: Math.min(factor, low / planned),
    high: Math.max(factor, high / planned),
  }
}

/** Rounds of the course that so much gives, likely, and with what one bag in twenty takes more and less. */
function courseOf(told: Told, letter: string, at: Weighing, course: Course, leftGrams: number) {
  const { bag, after, perMetre, made } = told
  const piece = bag.ledger.pieces.find(({ id }) => id === at.piece)!
  const rest = restOf(bag, letter, doneAt(bag, at, made))
  const each = perMetre.get(letter)!
  const gramsOf = (from: number, to: number) =>
    lengthsIn(bag, piece, letter, from, to).metres(letter, after) * each
  const rows = Array.from({ length: course.to - course.from }, (_, i) =>
    gramsOf(course.from + i, course.from + i + 1),
  )
  const metres = rest.metres(letter, after)
  const all = metres * each
  const keptGrams = Math.max(0, all - rows.reduce((sum, one) => sum + one, 0))
  const first = course.from < course.to ? course.from : course.part.firstRow
  const roundGrams = gramsOf(first, course.to) / (course.to - first)
  const roundsFor = (share: number) =>
    roundsOf(
      leftGrams - keptGrams * share,
      rows.map((one) => one * share),
      roundGrams * share,
    )
  const likely = roundsFor(1)
  const [low, high] = between(drawnSums(letter, rest.terms(), after))
  const share = (of: number) => (metres > 0 ? of / metres : 1)
  const rounds = {
    likely,
    low: Math.min(likely, roundsFor(share(high))),
    high: Math.max(likely, roundsFor(share(low))),
  }
  const roundsLeft = Math.floor(likely + 1e-9)
  // Where what follows is not even kept back, it is now.
  const row = leftGrams < keptGrams ? at.row : course.from - 1 + Math.min(roundsLeft, rows.length)
  return { keptGrams, roundGrams, rounds, roundsLeft, row }
}

function lastsOf(told: Told, letter: string): Lasts {
  const { bag, list, perMetre, there, after, made, supplied } = told
  const weighed = list.filter((one) => one.letter === letter).at(-1)
  const at = weighed ?? list.at(-1)!
  const piece = bag.ledger.pieces.find(({ id }) => id === at.piece)!
  const rest = restOf(bag, letter, doneAt(bag, at, made))
  const course = maybeCourse(bag, piece, letter, at.row)
  const each = perMetre.get(letter)
  const start = there.get(letter)
  const usedGrams = () => lengthsIn(bag, piece, letter, 0, at.row + 1).metres(letter, after) * each!
  const since = supplied.get(letter) ?? 0
  const left =
    weighed?.grams ?? (each === undefined || start === undefined ? null : start - usedGrams())
  const leftGrams = left === null ? null : Math.max(0, left + since)
  const unsaid = {
    ...{ letter, weighed: weighed !== undefined },
    ...{ ...sharesOf(told, letter, rest), leftGrams },
    ...{ keptGrams: null, roundGrams: null, roundsLeft: null, rounds: null },
    ...{ planned: course ? course.to - course.from : 0, part: course?.part.id ?? null },
    ...{ lastTurn: null, turn: null },
  }
  if (each === undefined || leftGrams === null) return unsaid
  const needed = rest.metres(letter, after) * each
  const turnAt = (row: number) =>
    leftGrams < needed - 1e-9
      ? { lastTurn: piece.columns.number[row]!, turn: { piece: piece.id, row } }
      : { lastTurn: null, turn: null }
  if (!course) return { ...unsaid, keptGrams: needed, ...turnAt(at.row) }
  const { row, ...rounds } = courseOf(told, letter, at, course, leftGrams)
  return { ...unsaid, ...rounds, ...turnAt(row) }
}

export interface LastsOptions {
  /** Grams there were of yarns before the first stitch; by itself what the design says. */
  readonly inHand?: ReadonlyMap<string, number>
  /** Rows that are done of other pieces. */
  readonly made?: Done
  /** Grams of yarns that came to the bag since they were weighed last, or at all where they never were. */
  readonly supplied?: ReadonlyMap<string, number>
}

/**
 * Whether yarns last: what was used of them so far, as weighed, makes what is still to come surer (their common share, that of each stitch
 * and of each yarn: Bayes' rule for normal errors), and says how many rounds they still give.
 * @param list weighings in the order they were made; without any nothing is said
 */
export function lasting(bag: Bag, list: readonly Weighing[], options: LastsOptions = {}): Lasts[] {
  if (list.length === 0) return []
  const told = toldBy(bag, list, options)
  return bag.ledger.yarns.map((letter) => lastsOf(told, letter))
}

/** Rounds that so much gives: those that come, one by one, then more of the usual; never below none. */
function roundsOf(grams: number, rows: readonly number[], usual: number): number {
  let left = grams
  for (const [i, row] of rows.entries()) {
    if (row > left) return Math.max(0, i + (row > 0 ? left / row : 0))
    left -= row
  }
  return rows.length + (usual > 0 ? Math.max(0, left) / usual : 0)
}

/** Index of a row by its id in a piece; null where it is not there. */
export function maybeRowOf({ parts }: Piece, id: string): number | null {
  const part = parts.find((one) => one.id === partOfId(id))
  const row = part && part.firstRow + placeOfId(id) - 1
  return row === undefined || row >= part!.endRow ? null : row
}

/** The weighings of a log, of rows that are there, with the yarn that came between them; and what came since the last. */
export function weighingsOf(
  ledger: Ledger,
  log: readonly LogEntry[],
): { readonly list: readonly Weighing[]; readonly supplied: ReadonlyMap<string, number> } {
  const counted = new Set<LogEntry>(weighedIn(log))
  const supplied = new Map<string, number>()
  const list: Weighing[] = []
  for (const entry of log) {
    if (entry.kind === 'supplied')
      supplied.set(entry.yarn, (supplied.get(entry.yarn) ?? 0) + entry.grams)
    if (entry.kind !== 'weighed' || entry.grams === null || !counted.has(entry)) continue
    const { yarn: letter, piece: id, row, grams } = entry
    const piece = ledger.pieces.find((one) => one.id === id)
    const at = piece ? maybeRowOf(piece, row) : null
    if (at === null || !ledger.yarns.includes(letter)) continue
    list.push({ letter, piece: id, row: at, grams, supplied: supplied.get(letter) ?? 0 })
    supplied.delete(letter)
  }
  return { list, supplied }
}

/** How many rows of each piece's copies are made, by the log. */
export function madeRows(ledger: Ledger, log: readonly LogEntry[]): Done {
  const done = new Map<string, number[]>()
  for (const { piece: id, copy, row } of madeIn(log)) {
    const piece = ledger.pieces.find((one) => one.id === id)
    const at = piece ? maybeRowOf(piece, row) : null
    if (at === null) continue
    const rows = done.get(id) ?? done.set(id, []).get(id)!
    rows[copy - 1] = Math.max(rows[copy - 1] ?? 0, at + 1)
  }
  return new Map([...done].map(([id, rows]) => [id, [...rows].map((row) => row ?? 0)]))
}
