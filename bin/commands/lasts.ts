import { derive } from '@core/bag'
import { calledOf, type Design } from '@core/design'
import { bodyOf, type Ledger } from '@core/ledger'
import { GRAMS_PER_OUNCE, maybeNumber } from '@core/units'
import { lasting, lastsWords, madeRows, weighingsOf, type Weighing } from '@core/yarn'
import { type Outcome, Refusal } from '../outcome.ts'
import { projectIn } from './project-in.ts'

export interface LastsOptions {
  readonly weighed: readonly string[]
  readonly inHand?: readonly string[]
  readonly units: 'metric' | 'imperial'
  readonly json?: boolean
}

/** Grams of "62g", "2.2oz", "3balls" or "40m", the last two by the label. */
function gramsIn(text: string, letter: string, { yarns }: Design, option: string): number {
  const [, figure = '', unit = ''] = /^([\d.,]+)\s*(g|oz|balls?|m)$/.exec(text) ?? []
  const value = figure ? maybeNumber(figure) : null
  const wrong = (why: string) => new Refusal(`--${option}: ${why}`)
  if (value === null) throw wrong(`“${text}” is no amount, such as 62g or 2.2oz`)
  const yarn = yarns.find((one) => one.letter === letter)
  if (!yarn) throw wrong(`no yarn has the letter ${letter}`)
  if (unit === 'g') return value
  if (unit === 'oz') return value * GRAMS_PER_OUNCE
  if (!yarn.label) throw wrong(`${unit} of ${letter} need its label`)
  return unit === 'm' ? (value * yarn.label.grams) / yarn.label.metres : value * yarn.label.grams
}

function weighingIn(text: string, design: Design, ledger: Ledger): Weighing {
  const [, letter = '', amount = '', round = ''] = /^([A-Z]):(.+)@(\d+)$/.exec(text) ?? []
  if (!letter) throw new Refusal(`--weighed: “${text}” is not of the form B:62g@30`)
  const body = bodyOf(ledger)
  const row = [...body.columns.number].indexOf(Number(round))
  if (row < 0)
    throw new Refusal(`--weighed: there is no ${body.worked === 'rows' ? 'row' : 'round'} ${round}`)
  return { letter, piece: body.id, row, grams: gramsIn(amount, letter, design, 'weighed') }
}

function inHandIn(texts: readonly string[], design: Design): Map<string, number> {
  return new Map(
    texts.map((text) => {
      const [, letter = '', amount = ''] = /^([A-Z]):(.+)$/.exec(text) ?? []
      if (!letter) throw new Refusal(`--in-hand: “${text}” is not of the form B:100g`)
      return [letter, gramsIn(amount, letter, design, 'in-hand')]
    }),
  )
}

/** Whether the yarns of a project last, by what was weighed, as sentences or as data. */
export function lasts(path: string, { weighed, inHand = [], units, json }: LastsOptions): Outcome {
  const { design, log } = projectIn(path)
  const { ledger, paths } = derive({ design, log })
  const told = weighingsOf(ledger, log)
  const said = weighed.map((text) => weighingIn(text, design, ledger))
  // What is weighed now is all there is of it.
  const supplied = new Map(
    [...told.supplied].filter(([letter]) => said.every((one) => one.letter !== letter)),
  )
  const list = [...told.list, ...said]
  const all = lasting({ design, ledger, paths }, list, {
    inHand: inHandIn(inHand, design),
    made: madeRows(ledger, log),
    supplied,
  })
  const called = calledOf(design)
  const known = all.filter(({ leftGrams }) => leftGrams !== null)
  if (known.length === 0) throw new Refusal('nothing was weighed that this bag has')
  return {
    output: json
      ? JSON.stringify({ yarns: known }, null, 1)
      : known
          .map((one) =>
            lastsWords(one, {
              yarn: `${one.letter} ${design.yarns.find(({ letter }) => letter === one.letter)!.name}`,
              part: one.part === null ? null : (called.get(one.part) ?? one.part),
              ...{ worked: bodyOf(ledger).worked, units },
            }),
          )
          .join('\n'),
    wrong: known.some(({ lastTurn }) => lastTurn !== null),
  }
}
