import type { BandPart } from '@core/band'
import type { Cell, Chart } from '@core/chart'
import { difference } from '@core/colour'
import type { Yarn } from '@core/design'
import { LIMITS } from '@core/part'
import {
  type Corners,
  type Light,
  type Looked,
  type Marks,
  type Mixing,
  type Onto,
  type Placed,
  type PictureRule,
  type PictureTechnique,
  type PictureWanted,
  type PictureYarn,
  straightCorners,
  turnedCorners,
} from '@core/picture'
import type { ByGauge } from '@core/yarn'

/* What is asked of a picture, as it is set in its dialog. */

/** The band a picture is made into, and the chart that is there. */
export interface OfBand {
  readonly part: BandPart
  readonly chart: Chart
  /** The chart as it is shown, its own or all of a round; and what is chosen on it. */
  readonly shown: Chart
  readonly chosen: readonly Cell[]
  /** All of a round as one chart. */
  readonly onto: () => Chart
  readonly count: number
  readonly middles: { readonly front: number; readonly back: number }
  readonly blank: (row: number, height: number) => string
  readonly gauge: { readonly stitchWidthMm: number; readonly rowHeightMm: number }
}

/** A yarn it can be worked in: of the bag, or one that would come to it. */
export interface YarnRow {
  readonly letter: string
  readonly name: string
  readonly colour: string
  /** It comes to the bag when the chart is put on the band. */
  readonly isNew: boolean
  readonly used: boolean
  /** In every round: that of a motif on stripes. */
  readonly always: boolean
  /** No more than so much; null where there is enough. */
  readonly grams: number | null
}
export const rowOf = ({
  letter,
  name,
  colour,
}: Pick<Yarn, 'letter' | 'name' | 'colour'>): YarnRow => ({
  ...{ letter, name, colour, isNew: false, used: true, always: false, grams: null },
})

export interface Rules {
  readonly perRound: number
  readonly together: number
  readonly shortest: number
  /** 0 where a yarn may be carried as far as it is. */
  readonly longest: number
  readonly noLone: boolean
  readonly mirrored: boolean
  readonly around: boolean
  readonly up: boolean
  readonly mixing: Mixing
}
export const usualRules: Rules = {
  ...{ perRound: 2, together: 1, shortest: 1, longest: 0, noLone: false },
  ...{ mirrored: false, around: false, up: false, mixing: 'none' },
}

/** What is taken of the picture: a part that lies straight or turned, or four corners of their own. */
export interface Cut {
  readonly straight: Readonly<Record<'left' | 'top' | 'right' | 'bottom', number>>
  readonly turn: number
  readonly free: Corners | null
}
export const wholeCut: Cut = {
  straight: { left: 0, top: 0, right: 1, bottom: 1 },
  ...{ turn: 0, free: null },
}
export function cornersOf(
  { straight, turn, free }: Cut,
  size: { readonly width: number; readonly height: number },
): Corners {
  if (free) return free
  const { left, top, right, bottom } = straight
  return turnedCorners(straightCorners(left, top, right, bottom), turn, size)
}

/** Yarns of a question: all that are used, and those that are only in what is kept. */
export function yarnsAsked(
  rows: readonly YarnRow[],
  keptLetters: ReadonlySet<string>,
  taking: ByGauge,
) {
  const asked = rows.filter(({ letter, used }) => used || keptLetters.has(letter))
  const yarns = asked.map(({ letter, colour, grams, used }): PictureYarn => ({
    ...{ letter, colour, stitch: taking.stitch, carried: taking.carried },
    most: used && grams !== null ? (grams * taking.per100g) / 100 : null,
  }))
  const places = (which: (row: YarnRow) => boolean) =>
    asked.flatMap((row, at) => (which(row) ? [at] : []))
  return {
    yarns,
    always: places(({ used, always }) => used && always),
    onlyKept: places(({ used }) => !used),
  }
}

export type Where = 'all' | 'front' | 'back' | 'chosen'

/** All that is set in the dialog. */
export interface Settings {
  readonly file: Blob | null
  readonly corners: Corners
  readonly stitches: number
  readonly rounds: number
  readonly light: Light
  readonly rules: Rules
  readonly yarns: readonly YarnRow[]
  readonly background: { readonly on: boolean; readonly most: number; readonly letter: string }
  /** Said of single cells; a yarn by its place among all of them. */
  readonly marks: Marks | null
  readonly where: Where
  /** The part of a chart that a picture takes the place of. */
  readonly place: Onto | null
  readonly technique: PictureTechnique
  /** The yarns of the rows of mosaic, the lowest first, for so many rows. */
  readonly rowsFor: ((high: number) => string) | null
  readonly flat: boolean
  readonly taking: ByGauge
}

/** What a picture is asked for. */
export interface Question {
  readonly file: Blob
  readonly looked: Looked
  readonly placed: Placed
  readonly wanted: Omit<PictureWanted, 'progress' | 'now' | 'weights' | 'kept'>
}

/** The question that is set; or why there is none, in words. */
export function questionOf(set: Settings): Question | string {
  const { file, stitches, rounds, place, marks, background, rules, yarns } = set
  if (!file) return ''
  if (stitches > LIMITS.chartWidth || rounds > LIMITS.chartHeight)
    return 'That is more than one chart can hold.'
  if (set.where !== 'all' && !place) return 'There is no room for it there.'
  const letters = yarns.map(({ letter }) => letter)
  const kept = new Set(place?.chart.colours.flatMap((row) => [...row]) ?? [])
  for (const one of marks?.kept ?? []) if (one >= 0) kept.add(letters[one]!)
  const asked = yarnsAsked(yarns, kept, set.taking)
  if (asked.onlyKept.length === asked.yarns.length) return 'Choose a yarn.'
  const placeOf = (letter: string) => asked.yarns.findIndex((yarn) => yarn.letter === letter)
  const { around, up, longest, ...others } = rules
  const behind = background.on ? placeOf(background.letter) : -1
  return {
    file,
    looked: {
      ...{ corners: set.corners, columns: stitches, rows: rounds },
      ...{ light: { ...set.light }, meets: { around, up } },
    },
    placed: {
      background: behind >= 0 ? { yarn: behind, most: background.most } : null,
      marks: marks && {
        weights: marks.weights,
        kept: marks.kept.map((one) => (one < 0 ? one : placeOf(letters[one]!))),
      },
      onto: place,
    },
    wanted: {
      ...{ ...others, ...asked, ...(longest > 0 ? { longest } : {}) },
      ...{ technique: set.technique, flat: set.flat },
      ...(set.rowsFor ? { rows: set.rowsFor(place?.chart.colours.length ?? rounds) } : {}),
    },
  }
}

/** A yarn there is, near a colour that was found. */
export interface Matched {
  readonly found: string
  readonly name: string
  readonly colour: string
  readonly apart: number
  /** Its letter, where the bag has it already. */
  readonly letter: string | null
}
/** Farther apart than this is another colour. */
const ANOTHER = 12
/** Each colour that was found, and the nearest of what there is (CIEDE2000), taken once; itself where nothing there is near. */
export function matched(
  found: readonly string[],
  there: readonly {
    readonly name: string
    readonly colour: string
    readonly letter: string | null
  }[],
  most = ANOTHER,
): Matched[] {
  const pairs = found
    .flatMap((colour) =>
      there.map((one) => ({ colour, one, apart: difference(colour, one.colour) })),
    )
    .sort((a, b) => a.apart - b.apart)
  const taken = new Map<string, Matched>()
  const gone = new Set<object>()
  for (const { colour, one, apart } of pairs) {
    if (taken.has(colour) || gone.has(one) || apart > most) continue
    gone.add(one)
    taken.set(colour, { found: colour, ...one, apart })
  }
  return found.map(
    (colour) => taken.get(colour) ?? { found: colour, name: '', colour, apart: 0, letter: null },
  )
}

/** What each rule is called. */
export const ruleWords: Readonly<Record<PictureRule, string>> = {
  perRound: 'Few yarns a round',
  together: 'The same yarns together',
  shortest: 'Shortest run',
  longest: 'Longest carry',
  noLone: 'No lone stitch',
  always: 'A yarn in every round',
  mirrored: 'Symmetric',
  mixing: 'Colours mixed',
  most: 'Only so much yarn',
}

export const WHY: Readonly<Record<string, string>> = {
  'two-yarns':
    'Mosaic is made in two yarns by turns; the rows of this band are in more. Say two for its rows first.',
  'too-little-yarn': 'There is too little yarn for this.',
}
/** Why there is no chart, in words. */
export const whyNot = (answer: string): string => WHY[answer] ?? answer

/** A chart of the band, or of all of its round, and yarns that come with it. */
export interface Depicted {
  readonly chart: Chart
  readonly isWhole: boolean
  readonly yarns: readonly Yarn[]
}
