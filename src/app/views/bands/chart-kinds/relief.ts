import { reliefMisfits, reliefOf, type ReliefPart, reliefs } from '@core/band'
import { type Cell, groundOf, withSize } from '@core/chart'
import { liesOf, reliefWords } from '@core/snag'
import type { Ink } from '@app/parts/chart/ink.ts'
import { reliefSign } from '@app/parts/chart/signs.ts'
import { type SeenAs, views } from '@app/parts/chart/views.ts'
import type { Seen } from './seen.ts'
import { lazily, type OnChart, type Symbols, usual } from './chart-kind.ts'

/** What stands on the ground, beside its colours. */
const raised: SeenAs = {
  id: 'raised',
  title: 'Raised',
  about: 'What stands on the ground, in symbols',
  ...{ shows: 'repeat', as: 'raised' },
}
const coloured: SeenAs = { ...views[0]!, title: 'Colours', about: 'The yarn of each stitch' }

const GROUND = reliefs[0]!.letter
const inks: readonly Ink[] = reliefs.map(({ letter, name }) => ({
  ...{ letter, name },
  colour: letter === GROUND ? '#e6dfcf' : '#cfe0d8',
}))
const symbols: Symbols = { inks, ground: GROUND, sign: reliefSign }

/** Symbols on a ground, over a chart of colours. */
export function onRelief(part: ReliefPart, { design, piece, place }: Seen, view: SeenAs): OnChart {
  const isRaised = view.as === 'raised'
  const at = ({ column, row }: Cell) => row * part.raised.width + column
  const misfits = place ? reliefMisfits(part, liesOf({ design, piece }, part, place)) : []
  const whys = lazily(() => new Map(misfits.map((one) => [at(one), one.why])))
  return {
    ...usual,
    ...(isRaised ? { layer: 'raised', chart: part.raised, symbols } : {}),
    cannot: misfits.length === 0 ? null : (cell) => whys().has(at(cell)),
    whyNot: (cell) => {
      const why = whys().get(at(cell))
      return why ? `This stitch ${reliefWords[why]}.` : ''
    },
    // What stands on it, or its ground.
    shapeAt: ({ column, row }) =>
      reliefOf(part.raised.colours[row]?.[column] ?? GROUND).stitch ?? part.stitch,
    made: null,
    asWhole: (all, next) => {
      const raised = isRaised && next ? next : all(part.raised)
      const ground = groundOf(part.chart)
      const colours = !isRaised && next ? next : all(part.chart)
      const high = Math.max(raised.colours.length, colours.colours.length)
      return {
        raised: withSize(raised, raised.width, high, GROUND),
        chart: withSize(colours, colours.width, high, ground),
        ...{ balance: 0, times: 1 },
      }
    },
    blank: () => (isRaised ? GROUND : groundOf(part.chart)),
    inRuns: false,
  }
}

export const reliefViews = [raised, coloured, ...views.slice(1)]
