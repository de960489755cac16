import { type BandPart, bandOf, bands } from '../band/index.ts'
import {
  bandsIn,
  calledOf,
  type Design,
  type Edit,
  type NewBand,
  roundsOf,
  type Swatch,
} from '../design/index.ts'
import { gaugeNeedOf, type Ledger, partOfRow, type Piece } from '../ledger/index.ts'
import { LIMITS } from '../part/index.ts'
import { historyOf, type Measure, projectOf, tryCommit } from '../project/index.ts'
import { rowWord } from '../terms/index.ts'
import { counted, TEN_CM } from '../units/index.ts'
import type { WorkOn } from './work-on.ts'

/*
 * Changes of plan while the work is under way. What is made stays as it is; each is a list of edits of the design, after which the rest is
 * compiled anew on what is made.
 */

export interface PlanChange {
  readonly key: string
  readonly title: string
  readonly edits: readonly Edit[]
}

/** Rounds more that are offered. */
const MORE = [1, 2, 4]

/** What can be changed from the row on that is being worked. */
export function planChanges(design: Design, { piece, made }: WorkOn): PlanChange[] {
  const row = Math.min(made, piece.rows - 1)
  const part = partOfRow(piece, row)
  const band = design.pieces.flatMap(bandsIn).find(({ id }) => id === part.id)
  if (!band) return []
  const { id } = band
  const name = calledOf(design).get(id) ?? band.name
  const done = made - part.firstRow
  const rounds = roundsOf(band)
  const what = rowWord(piece.worked)
  const to = (wanted: number): Edit[] | null => {
    const values =
      wanted < 1 || wanted > LIMITS.rounds ? null : bandOf(band).withRounds(band, wanted)
    const after = values && ({ ...band, ...values } as typeof band)
    return after && roundsOf(after) === wanted
      ? [{ name: 'setRounds', args: { id, rounds: wanted } }]
      : null
  }
  const list = (key: string, title: string, edits: readonly Edit[] | null): PlanChange[] =>
    edits === null ? [] : [{ key, title, edits }]
  return [
    ...MORE.flatMap((by) =>
      list(`more ${by}`, `${counted(by, what)} more of ${name}`, to(rounds + by)),
    ),
    ...(rounds - 1 > done && rounds > 1
      ? list('fewer', `One ${what} fewer of ${name}`, to(rounds - 1))
      : []),
    ...(done >= 1 && done < rounds
      ? list(
          'stop',
          `Stop ${name} here, after ${counted(done, what)}`,
          to(done) ?? cutAt(design, band, done),
        )
      : []),
    ...(to(rounds + 1) === null
      ? MORE.slice(0, 2).map((by) => plainAfter(design, band, by, what))
      : []),
    ...bandOf(band)
      .yarns(band)
      .flatMap((from) =>
        design.yarns
          .filter(({ letter }) => letter !== from)
          .map(({ letter, name: yarn }) => ({
            key: `yarn ${from} ${letter}`,
            title: `From here in ${yarn} (${letter}) instead of ${from}`,
            edits: [
              { name: 'setPart', args: { id, values: bandOf(band).withYarn(band, from, letter) } },
            ] as Edit[],
          })),
      ),
  ]
}

/** What ends a band with a chart after so many rounds: its chart is cut there. Null where that is not how its rounds lie. */
function cutAt(design: Design, band: BandPart, rounds: number): Edit[] | null {
  const chart = bandOf(band).chart(band)
  if (!chart || rounds > chart.colours.length) return null
  const { id } = band
  const [letter] = bandOf(band).yarns(band)
  const edits: Edit[] = [
    { name: 'resizeChart', args: { id, width: chart.width, height: rounds, letter: letter! } },
    ...('times' in band ? [{ name: 'setPart', args: { id, values: { times: 1 } } } as const] : []),
  ]
  const tried = tryCommit(historyOf(projectOf(design)), edits)
  const after = tried.ok
    ? tried.value.design.pieces.flatMap(bandsIn).find((one) => one.id === id)
    : undefined
  return after && roundsOf(after) === rounds ? edits : null
}

/** Plain rounds after a band that cannot be so many more itself. */
function plainAfter(design: Design, band: BandPart, rounds: number, what: string): PlanChange {
  const piece = design.pieces.find(({ parts }) => parts.some(({ id }) => id === band.id))!
  const letters = [bandOf(band).lastYarn(band)]
  const part: NewBand = {
    ...bands.plain.begin({ stitch: band.stitch, letters, count: 0, abbr: '' }),
    rounds,
  }
  const at = piece.parts.findIndex(({ id }) => id === band.id) + 1
  return {
    key: `plain ${rounds}`,
    title: `${counted(rounds, `plain ${what}`)} after ${calledOf(design).get(band.id) ?? band.name}`,
    edits: [{ name: 'addPart', args: { part, at, piece: piece.id } }],
  }
}

/** A length measured on the bag, and what it was planned to be. */
export interface OnBag {
  readonly what: Measure
  readonly mm: number
  readonly plannedMm: number
}

/** How wide (of rounds laid flat) and how tall a piece is planned to be where it is made. */
export function plannedOn(
  { columns, worked }: Piece,
  row: number,
): Readonly<Record<Measure, number>> {
  const { widthMm, heightMm, alongMm } = columns
  const tall = heightMm[row]! > 0 ? heightMm[row]! : alongMm[row]!
  return { wide: worked === 'rounds' ? widthMm[row]! / 2 : widthMm[row]!, tall, loaded: tall }
}

/**
 * The swatches with the gauge that was measured on the bag in the place of that of its part: its stitch is so much wider or its rows so
 * much taller than they were taken to be, or it stretches by so much under what it carries. Null where the row is of no part of the design.
 */
export function maybeMeasuredGauge(
  design: Design,
  ledger: Ledger,
  { piece, row }: { readonly piece: string; readonly row: number },
  { what, mm, plannedMm }: OnBag,
): Edit | null {
  const of = ledger.pieces.find(({ id }) => id === piece)!
  const { id, gauge } = partOfRow(of, row)
  const part = design.pieces.flatMap(({ parts }) => parts).find((one) => one.id === id)
  if (!part) return null
  const by = mm / plannedMm
  const { stitch, fabric, yarn } = gaugeNeedOf(part)
  const old = gauge.swatch === null ? null : design.swatches[gauge.swatch]!
  const wide = gauge.stitchWidthMm * (what === 'wide' ? by : 1)
  const tall = gauge.rowHeightMm * (what === 'tall' ? by : 1)
  const swatch: Swatch = {
    ...{ stitch, fabric, yarn: old?.yarn ?? yarn, hookMm: design.hookMm },
    ...{ washed: old?.washed ?? false, lean: old?.lean ?? null },
    stretch: what === 'loaded' ? Math.min(1, Math.max(0, by - 1)) : (old?.stretch ?? null),
    ...{ stitches: TEN_CM / wide, stitchesOverMm: TEN_CM, rows: TEN_CM / tall, rowsOverMm: TEN_CM },
  }
  const others = design.swatches.filter(
    (one) => one.stitch !== stitch || one.fabric !== fabric || one.yarn !== swatch.yarn,
  )
  return {
    name: 'setDesign',
    args: { swatches: [swatch, ...others].slice(0, LIMITS.swatches) },
  }
}
