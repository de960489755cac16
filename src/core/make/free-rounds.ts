import { bands, isBandOf } from '../band/index.ts'
import { baseOf, bodyPiece, type Design, type Edit, isBase, type NewBand } from '../design/index.ts'
import { bodyOf, type Ledger } from '../ledger/index.ts'
import { countedBase, countedRows } from '../shorthand/index.ts'
import { abbrOf, stitchById } from '../stitch/index.ts'
import { found, refused, type Result } from '../units/index.ts'
import { FREE, textsIn, yarnInHand } from './freestyle.ts'

/* The next round of a bag that is written as it is worked: what can be tapped, and what is typed, counted over the one before. */

/** Ways of the next round that are offered to be tapped, in shorthand. */
export interface FreeWay {
  readonly title: string
  readonly text: string
}

/** Where rounds are tapped: what repeats every so many stitches comes out on those there are. */
const EVERY = [2, 3, 4, 5, 6, 8, 10, 12]

/** What can be tapped after the last round. */
export function freeWays(design: Design, ledger: Ledger): FreeWay[] {
  const piece = bodyOf(ledger)
  const row = piece.rows - 1
  const count = piece.columns.makes[row]!
  const { stitch } = piece.parts.at(-1)!.gauge
  const abbr = abbrOf(stitchById(stitch), { terms: 'us', units: 'metric', hand: 'right' })
  const last = row > 0 ? textsIn(design).at(-1)! : null
  const comesOut = (text: string) => countedOn(design, ledger, text).ok
  const grown = growsBy(ledger)
  const inc = (every: number) =>
    every === 1 ? `2 ${abbr} in each st` : `[${every - 1} ${abbr}, inc] × ${count / every}`
  const fits = (every: number) => count % every === 0 && count / every >= 2
  const next = grown === null ? null : count / grown
  return [
    { title: 'Plain', text: `${abbr} in each st` },
    ...(last !== null && comesOut(last) ? [{ title: 'Same again', text: last }] : []),
    ...(next !== null && Number.isInteger(next) && next >= 1
      ? [{ title: `Increase by ${grown}, as before`, text: inc(next) }]
      : []),
    ...[1, ...EVERY]
      .filter((every) => fits(every) && every !== next)
      .slice(0, 4)
      .map((every) => ({
        title: every === 1 ? 'Increase in each' : `Increase every ${every}`,
        text: inc(every),
      })),
    ...EVERY.filter((every) => every > 2 && fits(every))
      .slice(0, 2)
      .map((every) => ({
        title: `Take together every ${every}`,
        text: `[${every - 2} ${abbr}, ${abbr}2tog] × ${count / every}`,
      })),
  ].filter(({ text }, i, all) => comesOut(text) && all.findIndex((one) => one.text === text) === i)
}

/** Stitches by which the last round that grew did; null where none did. */
function growsBy(ledger: Ledger): number | null {
  const { makes } = bodyOf(ledger).columns
  for (let row = makes.length - 1; row > 0; row--)
    if (makes[row]! > makes[row - 1]!) return makes[row]! - makes[row - 1]!
  return makes.length === 1 ? makes[0]! : null
}

/** Adds a yarn to a round's words, where it is another. */
const inYarn = (text: string, yarn: string | null): string =>
  yarn === null ? text : `with ${yarn}, ${text}`

function countedOn(design: Design, ledger: Ledger, text: string) {
  const piece = bodyOf(ledger)
  const yarns = design.yarns.map(({ letter }) => letter)
  const yarn = yarnInHand(design)
  return countedRows([text], piece.columns.makes[piece.rows - 1]!, piece.worked, {
    ...{ ground: piece.parts.at(-1)!.gauge.stitch, yarn },
    letterOf: (said) => (yarns.includes(said) ? said : yarn),
  })
}

/** One round more: its words, the yarn it begins in where that is another, and whether the sides have begun. */
export interface FreeRound {
  readonly text: string
  readonly yarn?: string | null
  readonly onSides: boolean
}

/** The edits that put one round more on a free bag, as it is typed or tapped; refused in words where it does not add up. */
export function roundMore(
  design: Design,
  ledger: Ledger,
  { text, yarn = null, onSides }: FreeRound,
): Result<readonly Edit[]> {
  const said = inYarn(text.trim(), yarn)
  const one = countedOn(design, ledger, said)
  if (!one.ok) return refused(one.problem.replace(/^Row \d+: /, ''))
  const parts = bodyPiece(design).parts
  const top = parts.at(-1)!
  if (!isBase(top) && isBandOf('written', top)) {
    const { id, rows } = top
    return found([{ name: 'setPart', args: { id, values: { rows: [...rows, one.value[0]!] } } }])
  }
  if (onSides) {
    const part: NewBand = {
      ...bands.written.begin({
        stitch: top.stitch,
        letters: [yarnInHand(design)],
        count: 0,
        abbr: '',
      }),
      name: FREE,
      rows: [one.value[0]!],
    }
    return found([{ name: 'addPart', args: { part, at: parts.length } }])
  }
  const base = baseOf(design)
  const texts = [...textsIn(design), said]
  const letters = design.yarns.map(({ letter }) => letter)
  const rounds = countedBase(texts, base.stitch, 'rounds', (word) =>
    letters.includes(word) ? word : '',
  )
  if (!rounds.ok) return refused(rounds.problem.replace(/^Round \d+: /, ''))
  return found([{ name: 'setBase', args: { values: { rounds: rounds.value } } }])
}
