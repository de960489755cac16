import type { Derived } from '../bag/index.ts'
import { PLAIN } from '../band/index.ts'
import type { Design, Swatch } from '../design/index.ts'
import { type DesignGauge, partOfRow, stitchesIn } from '../ledger/index.ts'
import type { LogEntry, Measure } from '../project/index.ts'
import { stitchById } from '../stitch/index.ts'
import { shortened, TEN_CM } from '../units/index.ts'
import type { KeptSwatch, Learned, LearnedKind } from '../workshop/index.ts'
import { maybeRowOf, stitchesKnown, yarnModel } from '../yarn/index.ts'
import { paceOf } from './pace.ts'
import { secondsOf } from './time.ts'

/*
 * What a bag taught, for the bags after it: how wide and tall stitches came out (measured by planned), by how much they stretch (hanging by
 * lying), what yarn they took (weighed by planned), how long they took (rows that were timed). Each says what it rests on; none is kept unless she wants it.
 */

/** A value before it is kept. */
export type Taught = Omit<Learned, 'id'>

export interface TaughtBy {
  readonly design: Design
  readonly derived: Derived
  readonly log: readonly LogEntry[]
  readonly hand: Learned['hand']
}

/** All a bag taught. */
export const taughtBy = (bag: TaughtBy): Taught[] => [
  ...gaugeTaught(bag),
  ...yarnTaught(bag),
  ...timeTaught(bag),
]

const restsOn = ({ design, hand }: TaughtBy) => ({
  ...{ hookMm: design.hookMm, hand, from: design.name },
})

/** What is told by each measure of a row that was planned so: of what, and its value where so much of it was measured. */
const tells: Readonly<
  Record<Measure, (gauge: DesignGauge, share: number, tall: number) => [LearnedKind, number]>
> = {
  wide: (gauge, share) => ['stitch-width', gauge.stitchWidthMm * share],
  tall: (gauge, share) => ['row-height', gauge.rowHeightMm * share],
  loaded: (_gauge, share, tall) => ['stretch', Math.min(1, Math.max(0, share / tall - 1))],
}

/** Width, height and stretch of stitches, each the mean of what was measured. How it hangs is by how it lay, where that was measured before. */
function gaugeTaught(bag: TaughtBy): Taught[] {
  const { design, derived, log } = bag
  const told = new Map<string, { taught: Taught; values: number[] }>()
  const lay = new Map<string, number>()
  for (const entry of log) {
    if (entry.kind !== 'measured') continue
    const piece = derived.ledger.pieces.find(({ id }) => id === entry.piece)
    const row = piece && entry.row !== null ? maybeRowOf(piece, entry.row) : null
    if (row === null || !piece) continue
    const share = entry.mm / entry.plannedMm
    if (entry.what === 'tall') lay.set(piece.id, share)
    const { gauge, id } = partOfRow(piece, row)
    const stitch = stitchById(gauge.stitch).of
    const part = design.pieces.flatMap(({ parts }) => parts).find((one) => one.id === id)
    const letter = part && 'yarn' in part ? part.yarn : null
    const yarn = design.yarns.find((one) => one.letter === letter)?.name ?? null
    const [of, value] = tells[entry.what](gauge, share, lay.get(piece.id) ?? 1)
    const key = `${of} ${stitch} ${yarn}`
    const known = told.get(key)
    if (known) known.values.push(value)
    else {
      const taught = { ...restsOn(bag), of, stitch, yarn, value: 0, times: 1 }
      told.set(key, { taught, values: [value] })
    }
  }
  return [...told.values()].map(({ taught, values }) => ({
    ...taught,
    value: values.reduce((sum, one) => sum + one, 0) / values.length,
    times: values.length,
  }))
}

/** Yarn of the stitch most of a yarn went into: what the plan says, by as much as what was weighed is of it. */
function yarnTaught(bag: TaughtBy): Taught[] {
  const { design, derived, log } = bag
  const model = yarnModel(design, stitchesKnown(derived.ledger))
  const counts = new Map(
    stitchesIn(derived.ledger, derived.ledger.pieces[0]!, 0, derived.ledger.pieces[0]!.rows).map(
      ({ stitch, count }) => [stitch.id, count],
    ),
  )
  const [stitch] = [...counts].reduce((a, b) => (b[1] > a[1] ? b : a), ['sc', 0])
  return derived.lasts.flatMap(({ letter, weighed, factor }): Taught[] => {
    const yarn = design.yarns.find((one) => one.letter === letter)
    if (!weighed || factor === null || !yarn) return []
    const times = log.filter((one) => one.kind === 'weighed' && one.yarn === letter).length
    const value = model.metresOf(letter, stitch) * factor
    return [{ ...restsOn(bag), of: 'yarn-of-stitch', stitch, yarn: yarn.name, value, times }]
  })
}

/** Minutes of a stitch, by the rows that were timed. */
const timeTaught = (bag: TaughtBy): Taught[] =>
  paceOf(bag.log).of100.map(({ stitch, seconds, rows }) => ({
    ...restsOn(bag),
    ...{ of: 'minutes-of-stitch', stitch, yarn: null, value: seconds / 100 / 60, times: rows },
  }))

/** Her time by the usual, of what was learned with this hand, each value as often as it was seen; null where nothing was. */
export function maybeLearnedShare(
  learned: readonly Learned[],
  hand: Learned['hand'],
): number | null {
  let [sum, all] = [0, 0]
  for (const one of learned) {
    const usual = secondsOf(one.stitch)
    if (one.of !== 'minutes-of-stitch' || one.hand !== hand || usual === 0) continue
    sum += one.times * ((one.value * 60) / usual)
    all += one.times
  }
  return all > 0 ? sum / all : null
}

/** Widths and heights that belong together as swatches, with the stretch that was seen; each under the name of its yarn and bag. */
export const swatchesTaught = (taught: readonly Taught[]): Omit<KeptSwatch, 'id'>[] =>
  taught.flatMap((wide) => {
    const beside = (kind: LearnedKind) =>
      taught.find(
        ({ of, stitch, yarn }) => of === kind && stitch === wide.stitch && yarn === wide.yarn,
      )
    const tall = beside('row-height')
    if (wide.of !== 'stitch-width' || !tall) return []
    const swatch: Swatch = {
      ...{ stitch: wide.stitch, fabric: PLAIN.key, yarn: null, hookMm: wide.hookMm, washed: false },
      ...{ stitches: TEN_CM / wide.value, stitchesOverMm: TEN_CM },
      ...{ rows: TEN_CM / tall.value, rowsOverMm: TEN_CM, lean: null },
      stretch: beside('stretch')?.value ?? null,
    }
    return [{ name: shortened(`${wide.yarn ?? wide.stitch}, ${wide.from}`, 60), swatch }]
  })
