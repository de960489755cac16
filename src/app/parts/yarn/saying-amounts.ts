import { gramsInHand, type Strand } from '@core/design'
import {
  counted,
  printMasses,
  printNumber,
  printYarnLength,
  type System,
  yarnLengthFigure,
} from '@core/units'
import { weightWords, type YarnNeed } from '@core/yarn'

/* What is said of a yarn in its line. */

/** What a ball is: "50 g, 125 m"; what is to be said, where that is not known. */
export const ballWords = ({ label }: Pick<Strand, 'label'>, units: System): string =>
  label
    ? `${printMasses(label.grams, label.grams, units)}, ${printYarnLength(label.metres, units)}`
    : 'say what a ball is'

/** So many grams, in balls where they are whole quarters of one: "2 balls", "120 g". */
export function amountWords(grams: number, label: Strand['label'], units: System): string {
  const balls = label ? grams / label.grams : NaN
  return Number.isInteger(Math.round(balls * 1e6) / 250000)
    ? counted(balls, 'ball').replace(/^[\d.]+/, printNumber(balls, 2))
    : printMasses(grams, grams, units)
}

/** What is in hand: "2 balls", "120 g of 2 lots", "say what there is". */
export function handWords(strand: Pick<Strand, 'label' | 'lots'>, units: System): string {
  const grams = gramsInHand(strand)
  if (grams === null) return 'say what there is'
  const lots = strand.lots.length > 1 ? ` of ${strand.lots.length} lots` : ''
  return `${amountWords(grams, strand.label, units)}${lots}`
}

/** What it takes, from low to high: "167–200 m". */
export const needWords = (need: YarnNeed | undefined, units: System): string =>
  need && need.metres > 0
    ? `${yarnLengthFigure(need.low, units)}–${printYarnLength(need.high, units)}`
    : 'not used'

/** The same by weight; what is needed to say it, where its label is missing. */
export function needWeightWords(need: YarnNeed | undefined, units: System): string {
  if (!need || need.metres === 0) return ''
  return weightWords(need, need, units) ?? 'grams and balls by the label'
}

/** What is to be bought: "nothing", "2 balls", "1 ball of lot 12"; null where that cannot be said. */
export function buyWords({ buying }: Pick<YarnNeed, 'buying'>): string | null {
  if (!buying) return null
  const { more, anew } = buying
  if (!more) return anew === 0 ? 'nothing' : counted(anew, 'ball')
  return `${counted(more.balls, 'ball')}${more.lot === null ? ' more' : ` of lot ${more.lot}`}`
}

/** What nine bags in ten need less than, in words. */
export const surelyWords = ({ low, high, metres }: YarnNeed, units: System): string =>
  `As likely as not ${printYarnLength(metres, units)}. Nineteen bags in twenty need less than ${printYarnLength(high, units)}, and one needs less than ${printYarnLength(low, units)}.`

/** A price in her own money. */
export const priceWords = (price: number): string => price.toFixed(2)
