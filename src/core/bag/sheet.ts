import type { Design, YarnLabel } from '../design/index.ts'
import { bodyOf } from '../ledger/index.ts'
import {
  type Abbreviation,
  abbreviationsOf,
  type Finishing,
  finishingOf,
  type PatternPiece,
  UNFINISHED,
  writtenPattern,
} from '../pattern/index.ts'
import { abbrOf, stitchById, type Words, yarnClasses } from '../stitch/index.ts'
import { type StrandNeed, weightWords } from '../yarn/index.ts'
import {
  FOUR_INCHES,
  printLength,
  printMasses,
  printNumber,
  printYarnLength,
  type System,
  TEN_CM,
  yarnLengthFigure,
} from '../units/index.ts'
import type { Derived } from './derive.ts'
import { sizeWords } from './sizes-said.ts'

/** A yarn of the pattern, and how much of it. */
export interface SheetYarn {
  readonly letter: string
  readonly name: string
  readonly colour: string
  readonly amount: string
}

/** The pattern as it is printed: facts, materials, abbreviations, every row in words. All of it text. */
export interface PatternSheet {
  readonly name: string
  readonly facts: readonly { readonly what: string; readonly is: string }[]
  /** Single facts in words: its size, its hook, the gauge it needs. */
  readonly size: string
  readonly hook: string
  readonly gauge: string
  readonly yarns: readonly SheetYarn[]
  readonly abbreviations: readonly Abbreviation[]
  readonly pieces: readonly PatternPiece[]
  /** What is done when all is worked, and what to mind. */
  readonly finishing: Finishing
  /** Snags that keep it from being worked. */
  readonly errors: number
  /** What is said of it then. */
  readonly unfinished: string
}

/** The pattern of a design in somebody's words. */
export function patternSheet(design: Design, derived: Derived, words: Words): PatternSheet {
  const { ledger, tally, needs, snags } = derived
  const { units } = words
  const pieces = writtenPattern(ledger, words)
  const finishing = finishingOf(ledger, words, tally.ends)
  const facts = factsOf(design, derived, words)
  return {
    name: design.name,
    facts,
    size: facts[0]!.is,
    hook: facts[2]!.is,
    gauge: facts[3]!.is,
    unfinished: UNFINISHED,
    yarns: needs
      .filter(({ metres }) => metres > 0)
      .map((need) => {
        const { letter, name, low, high, strands } = need
        const {
          colour,
          label,
          strands: held,
        } = design.yarns.find((yarn) => yarn.letter === letter)!
        const weighed = (strand: StrandNeed, ball: YarnLabel | null) => {
          const weight = weightWords(need, strand, units)
          return weight === null ? '' : `, ${weight} of ${labelWords(ball!, units)}`
        }
        return {
          ...{ letter, name, colour },
          amount: [
            `${yarnLengthFigure(low, units)}–${printYarnLength(high, units)}${weighed(need, label)}`,
            ...strands.map((strand, i) => `with ${strand.name}${weighed(strand, held[i]!.label)}`),
          ].join('; '),
        }
      }),
    abbreviations: abbreviationsOf(pieces, words, finishing.steps),
    pieces,
    finishing,
    errors: snags.filter(({ severity }) => severity === 'error').length,
  }
}

/** What a ball is, by its label: "50 g (125 m)". */
const labelWords = ({ grams, metres }: YarnLabel, units: System): string =>
  `${printMasses(grams, grams, units)} (${printYarnLength(metres, units)})`

/** "3, light". */
const classWords = (number: number): string =>
  `${number}, ${yarnClasses.find((one) => one.number === number)!.name}`

/** The stitch that the gauge of a bag is said in. */
export const gaugeStitch = ({ swatches }: Design): string => swatches[0]?.stitch ?? 'sc'

function factsOf(design: Design, { tally, gauge, ledger }: Derived, words: Words) {
  const { units, terms } = words
  const size = (mm: number) => printLength(mm, units)
  const [over, per] = units === 'metric' ? [TEN_CM, '10 cm'] : [FOUR_INCHES, '4 in']
  const hanging = tally.hangingMm === null ? '' : ` (${size(tally.hangingMm)} where it hangs)`
  const estimated = gauge.source === 'estimate' ? ', estimated' : ''
  return [
    {
      what: 'Size',
      is: sizeWords(design, tally, units).replace(/ tall\b/, ` tall${hanging}`),
    },
    { what: 'Yarn class', is: classWords(design.yarnClass) },
    { what: 'Hook', is: `${printNumber(design.hookMm, 2)} mm` },
    {
      what: terms === 'uk' ? 'Tension' : 'Gauge',
      is: `${printNumber(over / gauge.stitchWidthMm)} ${abbrOf(stitchById(gaugeStitch(design)), words)} and ${printNumber(over / gauge.rowHeightMm)} ${bodyOf(ledger).worked} over ${per}${estimated}`,
    },
  ]
}
