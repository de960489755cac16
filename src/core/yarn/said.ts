import { abbrOf, stitchById, type Words } from '../stitch/index.ts'
import {
  counted,
  plural,
  printLength,
  printMasses,
  printNumber,
  printYarnLength,
} from '../units/index.ts'
import type { Lasts } from './lasts.ts'
import type { Term } from './need.ts'
import type { YarnSource } from './model.ts'
import type { Into } from './takes.ts'

/* What is said of amounts: the terms of a sum, and whether a yarn lasts. */

/** What a figure rests on. */
export const sourceWords: Readonly<Record<YarnSource, string>> = {
  unravelled: 'unravelled',
  weighed: 'weighed',
  model: 'from the hook',
}

const intoWords: Readonly<Record<Exclude<Into, 'stitches'>, string>> = {
  foundation: 'foundation chain',
  starting: 'chains at the start of rows',
  closing: 'slip stitches that close rounds',
  reach: 'the way further down and back',
  carried: 'carried inside other stitches',
  floated: 'floated behind',
  trailed: 'brought up past rows',
  tails: 'tails',
  seams: 'seams, three times their length',
  thing: 'as much as so many sc',
  wound: 'cut, wound, or sewn on with',
}

/** A length of yarn, short ones in what lengths are said in. */
const shortOf = (metres: number, units: Words['units']) =>
  metres < 1 ? printLength(metres * 1000, units) : printYarnLength(metres, units)

/** A term of a sum: what it is of, its count by what each takes, and what comes of it. "1,240 sc" × "4.9 cm" = "60.8 m". */
export function termWords(
  { into, stitch, count, metres }: Term,
  words: Words,
): { readonly what: string; readonly sum: string | null; readonly metres: string } {
  const many = Math.round(count).toLocaleString('en')
  const is = shortOf(metres, words.units)
  const each = count > 0 ? printLength((metres * 1000) / count, words.units) : ''
  if (into === 'stitches')
    return { what: `${many} ${abbrOf(stitchById(stitch!), words)}`, sum: each, metres: is }
  if (into === 'tails') return { what: counted(Math.round(count), 'tail'), sum: each, metres: is }
  const what = intoWords[into]
  return stitch === null
    ? { what, sum: null, metres: is }
    : { what: `${what}: ${many}`, sum: each, metres: is }
}

/** What lasting is said with. */
export interface LastsNames {
  readonly yarn: string
  /** Of the course it is on. */
  readonly part: string | null
  readonly worked: 'rounds' | 'rows'
  readonly units: Words['units']
}

/** Whether a yarn lasts, in one sentence or two. */
export function lastsWords(lasts: Lasts, { yarn, part, worked, units }: LastsNames): string {
  const { leftGrams, rounds, roundsLeft, planned, lastTurn, keptGrams } = lasts
  const row = worked === 'rows' ? 'row' : 'round'
  const grams = (figure: number) => printMasses(figure, figure, units)
  if (leftGrams === null) return `${yarn}: weigh what is left, or say what there was.`
  const left = `${yarn}: ${grams(leftGrams)} left`
  if (roundsLeft === null || rounds === null)
    return lastTurn === null
      ? `${left}, ${keptGrams === null || keptGrams < 0.05 ? 'and no more is needed' : `of which ${grams(keptGrams)} are needed: it lasts`}.`
      : `${left}, and ${grams(keptGrams ?? 0)} are needed: it does not last.`
  const kept =
    keptGrams !== null && keptGrams >= 0.05
      ? `, ${grams(keptGrams)} kept back for what follows`
      : ''
  const range = `${printNumber(rounds.likely, 1)}, nine times in ten from ${printNumber(rounds.low, 1)} to ${printNumber(rounds.high, 1)}`
  const gives = `${left}${kept}: ${roundsLeft === 0 ? `no more ${row}s` : counted(roundsLeft, `more ${row}`)} like those of ${part} (${range})`
  if (lastTurn !== null)
    return `${gives}; ${planned} ${plural(planned, row)} planned. It does not last: change course after ${row} ${lastTurn} at the latest.`
  return `${gives}; ${planned > 0 ? `${planned} planned` : 'none planned'}. It lasts.`
}
