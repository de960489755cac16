import { LIMITS } from '../part/index.ts'
import { isStitchId, stitchById, stitches } from '../stitch/index.ts'
import type { NewBand } from '../design/index.ts'
import { beyondRepeats, rowProgram, type TextureRow } from '../band/index.ts'
import { heightOf } from '../program/index.ts'
import { rowsHigh, type StitchPattern, stitchesOf, usualRows } from '../texture/index.ts'
import { found, refused, type Result } from '../units/index.ts'
import { countedRows } from './written-rows.ts'

/** What a texture needs that its pattern does not say. */
export interface TextureOn {
  /** Letters of the yarns it is worked in, in turn. */
  readonly letters: readonly string[]
  readonly rounds: number
}

/** Repeats a pattern is counted over; more where these do not show what repeats. */
const REPEATS = [6, 9, 14] as const
/** The letter that stands for the yarn of a row. */
const ANY = 'A'

/** The stitch most of a pattern is made of: its gauge goes by that. */
function groundOf({ flat, round }: StitchPattern): string {
  const texts = (round ?? flat)!.rows.map(({ text }) => text).join(' ')
  const words = [...texts.matchAll(/\b(?:[FB]P|l)?(sc|hdc|dc|tr)\b/g)].map(([, word]) => word!)
  const most = ['sc', 'hdc', 'dc', 'tr'].reduce((best, word) =>
    words.filter((one) => one === word).length > words.filter((one) => one === best).length
      ? word
      : best,
  )
  return isStitchId(most) ? most : 'sc'
}

/** A stitch pattern as a band, its rows counted; refused in words when it is not worked that way, or does not come out. */
export function texturedBand(
  pattern: StitchPattern,
  worked: 'rounds' | 'rows',
  { letters, rounds }: TextureOn,
): Result<NewBand> {
  const way = worked === 'rows' ? 'flat' : 'round'
  const program = pattern[way]
  if (!program)
    return refused(`${pattern.name} is not worked ${way === 'flat' ? 'flat' : 'in the round'}.`)
  const ground = groundOf(pattern)
  const stack = rowsHigh(program, usualRows(program))
  let problem = ''
  for (const repeats of REPEATS) {
    const count = stitchesOf(pattern, repeats, way)
    const counted = countedRows(
      stack.map(({ text }) => text),
      count,
      worked,
      { ground: pattern.passes === 2 ? 'drawn-loop' : ground, yarn: ANY, letterOf: (said) => said },
      { stack, multiple: pattern.multiple },
    )
    if (!counted.ok) {
      problem = counted.problem
      continue
    }
    if (counted.value.some(({ repeat }) => repeat === null)) {
      problem = `${pattern.name}: what repeats in it was not found.`
      continue
    }
    const rows = counted.value.map((row, i): TextureRow => {
      const { onto, side } = stack[i]!
      return { ...row, onto, side }
    })
    const parts = inThree(rows, program.begin.length, program.rows.length, program.end.length)
    const several = new Set(rows.flatMap(({ runs }) => runs.map(({ yarn }) => yarn))).size
    const own = Array.from({ length: several }, (_, i) => letters[i % letters.length]!)
    return found({
      kind: 'texture',
      name: pattern.name,
      making: null,
      stitch: ground,
      pattern: pattern.id,
      ...parts,
      from: 0,
      rounds: wholeRounds(parts, rounds),
      yarns:
        several > 1
          ? own.map((yarn, slot) => ({ yarn, rounds: 1, slot }))
          : letters.map((yarn) => ({ yarn, rounds: 1, slot: 0 })),
      side: pattern.side,
      unit: pattern.unit,
      edge: 0,
      passes: pattern.passes ?? 1,
      notes: notesOf(pattern),
    })
  }
  return refused(problem)
}

/** What is said of a pattern beside its rows: what its stitches are, where the dictionary does not say that, and its notes. */
function notesOf({ special, notes }: StitchPattern): string {
  const own = stitches.reduce(
    (text, { recipe }) =>
      recipe ? text.replace(new RegExp(`[\\w -]+: ${escaped(recipe)}\\.`), '') : text,
    special,
  )
  return [own.trim(), notes].filter(Boolean).join('\n').slice(0, LIMITS.notes)
}
const escaped = (text: string): string => text.replace(/[-.*+?^${}()|[\]\\]/g, '\\$&')

type Rows = Readonly<Record<'begin' | 'repeat' | 'end', readonly TextureRow[]>>
/** So many rows, or a few more with which a pattern that must end in its own way does. */
function wholeRounds(parts: Rows, rounds: number): number {
  const { begin, repeat, end } = parts
  if (end.length === 0) return rounds
  const least = Math.max(rounds, begin.length + repeat.length + end.length)
  const beyond = beyondRepeats({ ...parts, rounds: least })
  return beyond === 0 ? least : least + repeat.length - beyond
}

const alike = (a: TextureRow, b: TextureRow): boolean =>
  JSON.stringify([a.runs, a.repeat, a.text]) === JSON.stringify([b.runs, b.repeat, b.text])

/** What begins it, what repeats and what ends it: rows that stand on others the first time are worked once. */
function inThree(rows: readonly TextureRow[], begin: number, length: number, last: number): Rows {
  const first = rows.slice(begin, begin + length)
  const again = rows.slice(begin + length, begin + 2 * length)
  const end = rows.slice(rows.length - last)
  return first.every((row, i) => alike(row, again[i]!))
    ? { begin: rows.slice(0, begin), repeat: first, end: last > 0 ? end : [] }
    : { begin: rows.slice(0, begin + length), repeat: again, end: last > 0 ? end : [] }
}

/** What a pattern comes to by the stitches it is made of. */
export interface PatternMeasures {
  /** Of one repeat, in rows of sc. */
  readonly height: number
  /** Of one repeat's rows, to that of as many sc as the row it stands on. */
  readonly yarn: number
  /** Some of it reaches down into rows further below, which takes more. */
  readonly reaches: boolean
}

/** Height and yarn of a pattern worked so, from its stitches; null when it is not, or does not come out. */
export function patternMeasures(
  pattern: StitchPattern,
  worked: 'rounds' | 'rows',
): PatternMeasures | null {
  const band = texturedBand(pattern, worked, { letters: [ANY, 'B'], rounds: 1 })
  if (!band.ok) return null
  const { repeat } = band.value as { readonly repeat: readonly TextureRow[] }
  // A row may take stitches of any length: its repeat is weighed against the places of the first.
  const of = (row: TextureRow) => {
    const motif = row.repeat ? row.runs.slice(row.repeat.from, row.repeat.to) : row.runs
    return motif.map(({ stitch, count }) => ({ ...stitchById(stitch), count }))
  }
  const high = repeat.reduce(
    (sum, row) => sum + heightOf(rowProgram(row)) / (row.onto === 'own' ? 2 : 1),
    0,
  )
  const wide = pattern.multiple * repeat.length
  const yarn = repeat.reduce(
    (sum, row) =>
      sum +
      of(row).reduce((all, { yarn: each, count }) => all + each * count, 0) *
        timesOver(row, pattern),
    0,
  )
  const reaches = repeat.some((row) => of(row).some((stitch) => (stitch.reaches ?? 0) > 0))
  return { height: high, yarn: yarn / wide, reaches }
}

/** How often a row's repeat comes in one of its pattern's. */
function timesOver({ runs, repeat }: TextureRow, { multiple }: StitchPattern): number {
  if (!repeat) return 1
  const motif = runs.slice(repeat.from, repeat.to)
  const uses = motif.reduce((sum, { stitch, count }) => sum + stitchById(stitch).uses * count, 0)
  return uses > 0 && multiple % uses === 0 ? multiple / uses : 1
}
