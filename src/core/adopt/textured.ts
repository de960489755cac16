import { isStitchId } from '../stitch/index.ts'
import type { NewBand } from '../design/index.ts'
import { beyondRepeats, type TextureRow } from '../band/index.ts'
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
      stack,
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
    return found({
      kind: 'texture',
      name: pattern.name,
      making: null,
      stitch: ground,
      pattern: pattern.id,
      ...parts,
      from: 0,
      rounds: wholeRounds(parts, rounds),
      yarns: (several > 1 ? twoOf(letters) : letters).map((yarn) => ({ yarn, rounds: 1 })),
      side: pattern.side,
      unit: pattern.unit,
      passes: pattern.passes ?? 1,
    })
  }
  return refused(problem)
}

/** Two yarns, the only one twice where there is one alone. */
const twoOf = ([first, second = first]: readonly string[]): string[] => [first!, second!]

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
