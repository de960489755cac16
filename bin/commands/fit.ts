import { type Fit, type FitBase, fitAnswer, type FitRequest, fitSentence } from '@core/fit'
import {
  chainFirstRound,
  flatCornerIncrease,
  flatIncrease,
  RECTANGLE,
  type StitchSize,
} from '@core/shape'
import { parseLength, parsePer, printNumber, type Result, TEN_CM } from '@core/units'
import { type Outcome, Refusal } from '../outcome.ts'

export interface FitOptions {
  readonly around?: string
  readonly width?: string
  readonly count?: string
  readonly stitches: string
  readonly rows: string
  readonly tolerance: string
  readonly repeats?: string
  readonly offsets?: string
  readonly flat?: boolean
  readonly base: string
  readonly json?: boolean
}

/** Blank columns a motif may be given at most. */
const MOST_PADDING = 6

function taken<T>(result: Result<T>, option: string): T {
  if (!result.ok) throw new Refusal(`--${option}: ${result.problem}`)
  return result.value
}

function whole(text: string, option: string, least: number): number {
  const value = Number(text)
  if (!Number.isInteger(value) || value < least)
    throw new Refusal(`--${option}: “${text}” is not a whole number from ${least}`)
  return value
}
const wholes = (text: string | undefined, option: string, least: number): number[] =>
  text === undefined ? [] : text.split(',').map((one) => whole(one.trim(), option, least))

type ReadBase = (figures: readonly number[], gauge: StitchSize) => FitBase

/** How each kind of base is written, and what it comes to: round:k, oval:s:e:k, rect:s. */
const bases: Readonly<Record<string, { readonly figures: number; readonly read: ReadBase }>> = {
  round: {
    figures: 1,
    read: ([k], gauge) => ({ kind: 'round', first: k!, increase: k!, flat: flatIncrease(gauge) }),
  },
  oval: {
    figures: 3,
    read: ([along, inEnd, increase], gauge) => ({
      kind: 'oval',
      first: chainFirstRound({ along: along!, inEnd: inEnd! }),
      increase: increase!,
      flat: flatIncrease(gauge),
    }),
  },
  rect: {
    figures: 1,
    read: ([along], gauge) => ({
      kind: 'rect',
      first: chainFirstRound({ along: along!, inEnd: RECTANGLE.inEnd }),
      increase: RECTANGLE.increase,
      flat: flatCornerIncrease(gauge),
    }),
  },
}

function readBases(text: string, gauge: StitchSize): FitBase[] {
  if (text === 'none') return []
  const [kind, ...figures] = text.split(':')
  const known = bases[kind!]
  if (!known || figures.length !== known.figures)
    throw new Refusal(`--base: “${text}” is none of round:8, oval:34:3:6, rect:38, none`)
  const read = figures.map((figure) => whole(figure, 'base', 2))
  return [known.read(read, gauge)]
}

function requestOf(options: FitOptions): FitRequest {
  const width = taken(parsePer(options.stitches, TEN_CM), 'stitches')
  const height = taken(parsePer(options.rows, TEN_CM), 'rows')
  const gauge = {
    stitchWidthMm: width.overMm / width.count,
    rowHeightMm: height.overMm / height.count,
  }
  const asked = [options.around, options.width, options.count].filter((one) => one !== undefined)
  if (asked.length !== 1) throw new Refusal('give one of --around, --width and --count')
  const count = options.count === undefined ? undefined : whole(options.count, 'count', 1)
  const length = options.around ?? options.width
  const tolerance = Number(options.tolerance.replace('%', '')) / 100
  if (!(tolerance > 0 && tolerance <= 0.9))
    throw new Refusal(`--tolerance: “${options.tolerance}” is not between 0 % and 90 %`)
  const repeats = wholes(options.repeats, 'repeats', 1)
  const offsets = wholes(options.offsets, 'offsets', 0)
  if (offsets.length > repeats.length) throw new Refusal('--offsets: more offsets than repeats')
  // An offset balances a flat panel; in the round it is dropped.
  const flat = options.flat || options.width !== undefined
  return {
    stitchWidthMm: gauge.stitchWidthMm,
    wantedMm:
      count === undefined
        ? taken(parseLength(length!, 'mm'), options.around ? 'around' : 'width')
        : count * gauge.stitchWidthMm,
    tolerance,
    bands: repeats.map((multiple, i) => ({
      id: String(i + 1),
      multiple,
      offset: flat ? (offsets[i] ?? 0) : 0,
    })),
    maxPad: MOST_PADDING,
    bases: readBases(options.base, gauge),
    ...(count === undefined ? {} : { count }),
  }
}

function report(fit: Fit) {
  const sentence = fitSentence(fit, (id) => `band ${id}`)
  return {
    count: fit.count,
    sizeMm: fit.sizeMm,
    errorMm: fit.errorMm,
    base: fit.base && {
      kind: fit.base.kind,
      rounds: fit.base.rounds,
      flatness: fit.base.flatness,
    },
    bands: fit.bands.map(({ multiple, offset, count, added, padded, repeats }) => ({
      multiple,
      offset,
      count,
      added,
      padded,
      repeats,
    })),
    text: `${fit.count} stitches, ${printNumber(fit.sizeMm)} mm: ${sentence}`,
  }
}

/** Counts that fit a size, or what fits a count; `wrong` when nothing does. */
export function fit(options: FitOptions): Outcome {
  const request = requestOf(options)
  const { fits: found, beyond: next, nearest: miss } = fitAnswer(request, 0)
  const fits = found.map(report)
  const beyond = next.map((fit) => {
    const off = (100 * fit.errorMm) / request.wantedMm
    const outside = `${off > 0 ? '+' : '−'}${printNumber(Math.abs(off))} %`
    const { text, ...more } = report(fit)
    return { ...more, text: `${text} (${outside}, outside the tolerance)` }
  })
  const nearest = miss && report(miss.fit)
  const texts =
    fits.length > 0
      ? [...fits, ...beyond].map(({ text }) => text)
      : ['Nothing fits.', ...(nearest ? [`Nearest: ${nearest.text}`] : [])]
  return {
    output: options.json ? JSON.stringify({ fits, nearest, beyond }, null, 1) : texts.join('\n'),
    wrong: fits.length === 0,
  }
}
