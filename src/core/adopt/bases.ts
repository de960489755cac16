import { intoRing, says } from '../notation/index.ts'
import type { CheckedRow } from '../check/index.ts'
import {
  baseInstead,
  BODY,
  bodyPiece,
  type Design,
  faultsOf,
  growthOf,
  withBody,
} from '../design/index.ts'
import { compile, runsOfRow } from '../ledger/index.ts'
import type { BasePart, BaseRound } from '../shape/index.ts'
import {
  countedBase,
  inLetters,
  type RowYarns,
  runsOfMade,
  stitchOfWord,
  workOf,
} from '../shorthand/index.ts'
import { groundStitchIds } from '../stitch/index.ts'
import { stitchOf, worksOf } from './told.ts'

/* Which base a text begins with: its rows tell, laid beside those that are compiled from it. */

/** How many rows at the beginning grow like a base: all but its last add the same. */
function baseRows(rows: readonly CheckedRow[]): number {
  let end = 1
  while (end < rows.length && rows[end]!.makes! > rows[end]!.available!) end++
  return end
}

/** What stands beside the rows of a text: its words, and its other pieces. */
export interface Beside {
  readonly text: string
  readonly others: readonly (readonly CheckedRow[])[]
}

/** A base a text may begin with, and how many of its rows that would be. */
export interface Candidate {
  readonly base: BasePart
  readonly rows: number
}

export const isFlat = ([first]: readonly CheckedRow[]): boolean => first?.kind === 'row'
const FOLD = /\bfold(?:ed|ing)?\b/i
const BETWEEN = /\bfold the bottom (?:between rows (\d+) and \d+|on row (\d+))/i
const TWO =
  /\b(?:make|work|crochet)\s+(?:2|two)\b|\b(?:2|two|both)\s+panels\b|\bfront\s+(?:to|and)\s+(?:the\s+)?back\b|\bsew the (?:left|right|two) sides?\b/i
const STRIPS = /\b(\d+) strips side by side\b/i
export const DISCS = /\bstrip to (?:one|the other|each|the) disc/i
/** "Turn strips 2 and 4 of the front and 1 of the back head to tail": those of the back are counted on after those of the front. */
const TURNED = /\bturn strips? ([^.]*?) head to tail/i
function turnedStrips(text: string, across: number): number[] {
  const faces = [...(TURNED.exec(text)?.[1] ?? '').matchAll(/([\d, and]+) of the (front|back)/g)]
  return faces.flatMap(([, strips, face]) =>
    [...strips!.matchAll(/\d+/g)].map(([n]) => Number(n) + (face === 'back' ? across : 0)),
  )
}
const CLOSED = /\bbottom\b|\bsew\b|\bseam\b|\bclose\b/i
const SQUARES = /\b(\d+) squares side by side and (\d+) (?:up|down)\b/i

/** A base of a kind in the stitch of the text. */
type As = (kind: BasePart['kind'], over: object) => BasePart

/** Bases around a chain, with two or three in an end, of which some come first. */
function aroundChain(rows: readonly CheckedRow[], as: As, end: number): Candidate[] {
  const made = rows[0]!.makes!
  const count = rows[end - 1]!.makes!
  const grows = end > 1 ? rows[1]!.makes! - made : 6
  return [3, 2].flatMap((inEnd) => {
    const along = Math.max(3, Math.round((made - 2 * inEnd) / 2) + 2)
    const ends = { along, count }
    const oval = { ...ends, inEnd, increase: Math.min(2 * inEnd, Math.max(2, grows)) }
    return [1, 2].flatMap((inFirst) => [
      { base: as('oval-base', { ...oval, inFirst }), rows: end },
      ...(inEnd === 3 ? [{ base: as('rectangle-base', { ...ends, inFirst }), rows: end }] : []),
    ])
  })
}

/** The bases there are to try: by what is said of each, or by its rounds as they are written. */
interface Ways {
  readonly as: As
  readonly written: (rows: readonly CheckedRow[]) => readonly BaseRound[] | null
}

/** Whether a disc adds the same each round, in one yarn and into stitches alone. */
const growsEvenly = (rows: readonly CheckedRow[]): boolean =>
  rows.every(
    ({ makes, uses, yarns }, i) =>
      makes === (i + 1) * rows[0]!.makes! &&
      yarns.length <= 1 &&
      (i === 0 || (uses !== null && uses.post + uses.sp + uses.gap + uses.down === 0)),
  )

/** Bases that grow from a ring: in rounds, as a half in rows, or as they are written. */
function inRing(
  rows: readonly CheckedRow[],
  design: Design,
  { as, written }: Ways,
  end: number,
): Candidate[] {
  const made = rows[0]!.makes!
  const count = rows[end - 1]!.makes!
  const stitch = stitchOf(rows[0]!)
  const grown = { increase: Math.max(3, made), count: Math.max(3, count) }
  const rounds = written(rows.slice(0, end))
  if (isFlat(rows))
    return [
      { base: as('half-round', grown), rows: end },
      ...(rounds ? [{ base: as('half-round', { ...grown, count, rounds }), rows: end }] : []),
    ]
  const own = bodyPiece(design).parts[0] as BasePart
  return [
    ...(['staggered', 'stacked'] as const).map((stagger) => ({
      base: { ...own, kind: 'round-base', stitch, stagger, ...grown } as BasePart,
      rows: end,
    })),
    // What grows in no such way is a base of its own rounds.
    ...(rounds ? [{ base: as('written-base', { rounds, count }), rows: end }] : []),
  ]
}

/** The bases a text may begin with, the likeliest first: which it is, its rows tell. */
function candidates(
  rows: readonly CheckedRow[],
  design: Design,
  { text, others }: Beside,
  letterOf: RowYarns['letterOf'],
): Candidate[] {
  const [first] = rows as [CheckedRow]
  const stitch = stitchOf(first)
  const made = first.makes!
  const items = first.items ?? []
  const end = baseRows(rows)
  const as: As = (kind, over) => ({ ...baseInstead(design, kind), stitch, ...over }) as BasePart
  const written = (list: readonly CheckedRow[]) => {
    const texts = list.map((row) => inLetters(workOf(row.text), row.yarns, letterOf))
    const counted = countedBase(texts, stitchOf(list[0]!), isFlat(list) ? 'rows' : 'rounds')
    return counted.ok ? counted.value : null
  }
  if (says(items, 'other-side')) return aroundChain(rows, as, end)
  if (intoRing(items) && made <= 40) return inRing(rows, design, { as, written }, end)
  const disc = DISCS.test(text) ? others.find((one) => intoRing(one[0]!.items ?? [])) : undefined
  if (isFlat(rows) && disc) {
    const [ring, last] = [disc[0]!.makes!, disc.at(-1)!.makes!]
    const over = { increase: Math.max(3, ring), count: Math.max(3, last), strip: Math.max(2, made) }
    const rounds = growsEvenly(disc) ? null : written(disc)
    return [{ base: as('discs', rounds ? { ...over, rounds } : over), rows: 1 }]
  }
  if (isFlat(rows)) {
    const base = panelOf(rows, as, text)
    // A first row that is no plain one is that of a band.
    return 'begins' in base && plainStitch(first) === null && chainRow(first)
      ? [{ base: { ...base, begins: 'bands' }, rows: 0 }]
      : [{ base, rows: 1 }]
  }
  const [under] = others.filter(isFlat)
  const squares = SQUARES.exec(text)
  if (says(items, 'pick-up') && under && squares)
    return [
      {
        base: as('squares', {
          ...{ count: under[0]!.makes!, across: Number(squares[1]), down: Number(squares[2]) },
          second: design.yarns[0]!.letter,
        }),
        rows: 1,
      },
    ]
  if (says(items, 'pick-up') && under && made - 2 * under[0]!.makes! >= 2)
    return [{ base: as('flat-base', { along: under[0]!.makes!, count: made }), rows: 1 }]
  // Nothing is said of a bottom: it is open at both ends.
  const kind = CLOSED.test(text) ? 'tube' : 'open-ring'
  return [{ base: as(kind, { count: Math.max(6, made) }), rows: 1 }]
}

const IN_CHAIN =
  /^.*?\bstarting in (?:the )?\w+ ch(?:ain)? from (?:the )?hook,?(?: \([^)]*\),?)? */i

/** A first row that is worked into a chain, as the row of a band over as many places as it leaves; null for any other. */
export function chainRow(row: CheckedRow): CheckedRow | null {
  const { made, makes, available, text } = row
  const from = made?.find(({ into }) => into)?.into?.from
  if (!made || from === undefined || !IN_CHAIN.test(text) || available! - from !== makes)
    return null
  const into = (range: { from: number; to: number } | null) =>
    range && { from: range.from - from, to: range.to - from }
  return {
    ...row,
    text: text.replace(IN_CHAIN, ''),
    available: makes,
    made: made.map((one) => ({ ...one, into: into(one.into) })),
  }
}

/** How a panel that lies on its side is folded: on or beside which stitch of its rows, and where its flap begins. */
const SIDEWAYS =
  /\bpanel on its side\b.*?\bfold the bottom (?:on stitch|between stitches) (\d+)(?: and \d+)? of its rows(?:, and the flap between stitches (\d+))?/is

/** A panel, or what is sewn of one or two of them, by what is said of them. */
function panelOf(rows: readonly CheckedRow[], as: As, text: string): BasePart {
  const count = Math.max(3, rows[0]!.makes!)
  const sideways = SIDEWAYS.exec(text)
  if (sideways) {
    const flapStitches = sideways[2] ? Math.max(0, count - Number(sideways[2])) : 0
    return as('sideways-panel', { count, flapStitches })
  }
  if (FOLD.test(text)) {
    const [, between, on] = BETWEEN.exec(text) ?? []
    const up = Number(between ?? on ?? 0) - (on ? 1 : 0)
    const fold = on ? 'on' : 'between'
    const left = rows.length - 2 * up - (on ? 1 : 0)
    const flapRows = up > 0 && left >= 0 ? left : rows.length % 2
    return as('folded-panel', { count, flapRows, fold })
  }
  const strips = STRIPS.exec(text)
  if (strips)
    return as('strips', {
      count,
      across: Number(strips[1]),
      turned: turnedStrips(text, Number(strips[1])),
    })
  return as(TWO.test(text) ? 'two-panels' : 'panel', { count })
}

/**
 * The base of a pattern, as far as its rows are those that are compiled from it: what grows otherwise is worked as it is
 * written, on what was recognised.
 */
export function recognised(
  rows: readonly CheckedRow[],
  design: Design,
  beside: Beside,
  letterOf: RowYarns['letterOf'],
): Candidate {
  const tried = candidates(rows, design, beside, letterOf).map(({ base, rows: taken }) => {
    // Another base may not be what the count of the text allows.
    const least = { ...base, count: Math.max(base.count, growthOf(base).first) } as BasePart
    const bag = withBody(design, [{ ...least, id: 'p1' }])
    const n = faultsOf(bag).length > 0 ? 0 : alikeRows(bag, rows.slice(0, taken), base.stitch)
    return { base: least, taken, n }
  })
  const best = tried.reduce((most, now) => (now.n > most.n ? now : most))
  if (best.taken === 0) return { base: best.base, rows: 0 }
  const n = Math.max(1, best.n)
  if (n === best.taken) return { base: best.base, rows: best.taken }
  const count = Math.max(rows[n - 1]!.makes!, growthOf(best.base).first)
  return { base: { ...best.base, count } as BasePart, rows: n }
}

/** How many of these rows a bag begins with. */
function alikeRows(bag: Design, rows: readonly CheckedRow[], stitch: string): number {
  const ground = { ground: stitch, yarn: 'A', letterOf: () => 'A' }
  // What is worked into a ring shares no place.
  const written = rows.map((row, i) =>
    row.made
      ? worksOf(runsOfMade(row.made, row.available ?? 0, ground)).replaceAll(
          i === 0 ? '-beside' : '\0',
          '',
        )
      : null,
  )
  const ledger = compile(bag)
  const piece = ledger.pieces.find(({ id }) => id === BODY)!
  const [begun] = rows
  if (!begun) return 0
  const inRing = intoRing(begun.items ?? [])
  let n = 0
  while (
    n < Math.min(rows.length, piece.rows) &&
    piece.columns.makes[n] === rows[n]!.makes &&
    piece.columns.from[n] === (rows[n]!.anew ?? 0) &&
    // Each of its rows is in one yarn.
    rows[n]!.yarns.length <= 1 &&
    // How a chain is worked into is said in many ways; what is worked into a ring is its count.
    ((n === 0 && !inRing) || worksOf(runsOfRow(ledger, piece, n)) === written[n])
  )
    n++
  return n
}

/** The ground stitch of a row that works it in each place, in one yarn; null of any other row. */
export function plainStitch({ made = [], uses }: CheckedRow): string | null {
  const words = new Set(made.flatMap(({ word }) => (word === 'start' ? [] : [word])))
  const yarns = new Set(made.flatMap(({ yarn }) => yarn ?? []))
  const others = uses && uses.post + uses.down + uses.sp + uses.gap + uses.skipped > 0
  const [word = ''] = words
  const stitch = stitchOfWord(word, '')
  const isPlain = words.size === 1 && yarns.size <= 1 && !others && groundStitchIds.includes(stitch)
  return isPlain ? stitch : null
}
