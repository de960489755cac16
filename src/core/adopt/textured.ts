import { isStitchId } from '../stitch/index.ts'
import type { NewBand } from '../design/index.ts'
import type { WrittenRow } from '../band/index.ts'
import { type StitchPattern, stitchesOf } from '../texture/index.ts'
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
  const texts = (round ?? flat)!.rows.join(' ')
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
  const texts = [...program.begin, ...program.rows, ...program.rows]
  let problem = ''
  for (const repeats of REPEATS) {
    const count = stitchesOf(pattern, repeats, way)
    const counted = countedRows(texts, count, worked, {
      ...{ ground, yarn: ANY, letterOf: () => ANY },
    })
    if (!counted.ok) {
      problem = counted.problem
      continue
    }
    if (counted.value.some(({ repeat }) => repeat === null)) {
      problem = `${pattern.name}: what repeats in it was not found.`
      continue
    }
    return found({
      kind: 'texture',
      name: pattern.name,
      making: null,
      stitch: ground,
      pattern: pattern.id,
      ...inTwo(counted.value, program.begin.length, program.rows.length),
      rounds,
      yarns: letters.map((yarn) => ({ yarn, rounds: 1 })),
      side: pattern.side,
      unit: pattern.unit,
    })
  }
  return refused(problem)
}

const alike = (a: WrittenRow, b: WrittenRow): boolean =>
  JSON.stringify([a.runs, a.repeat]) === JSON.stringify([b.runs, b.repeat])

/** What begins it and what repeats: rows that stand on others the first time are worked once. */
function inTwo(rows: readonly WrittenRow[], begin: number, length: number) {
  const first = rows.slice(begin, begin + length)
  const again = rows.slice(begin + length)
  return first.every((row, i) => alike(row, again[i]!))
    ? { begin: rows.slice(0, begin), repeat: first }
    : { begin: rows.slice(0, begin + length), repeat: again }
}
