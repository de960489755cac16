import { type BandPart, bandOf } from '../band/index.ts'
import { blankColumns } from '../chart/index.ts'
import { LIMITS } from '../part/index.ts'
import {
  bandsOf,
  baseOf,
  type Design,
  type Edit,
  growthOf,
  isEvenOut,
  stitchesMm,
} from '../design/index.ts'
import { bodyOf, type Compiled, gaugeIn, type Ledger } from '../ledger/index.ts'
import { type BasePart, constructionOf, roundsTo } from '../shape/index.ts'
import { type Fit, type FitBand, type FitBase, fitCounts, type FitRequest } from './fit.ts'

const constructionIn = (design: Design) => constructionOf(baseOf(design))

/** The change of count that is the work of a band; null when it is not, or there is none. */
const changeIn = (part: BandPart | undefined): number | null =>
  part ? bandOf(part).change(part) : null

/** What a band asks of a count: its motif, which can be padded, or rows that cannot. Null for one that is worked on any. */
function repeatOf(part: BandPart, worked: 'rounds' | 'rows') {
  const motif = bandOf(part).repeat(part, worked)
  if (motif) return motif
  const counts = bandOf(part).counts(part)
  return counts && counts.multiple > 0 ? { ...counts, whole: true as const } : null
}

/** Blank columns beside the motif of a band. */
function blankIn(part: BandPart): number {
  const chart = bandOf(part).chart(part)
  return chart ? blankColumns(chart) : 0
}

/** The bands of a design that repeat, from the bottom up; none when they do not stand on the base's own count. */
export function fitBandsOf({ design, ledger }: Compiled): FitBand[] {
  const construction = constructionIn(design)
  if (construction.bandCount) return []
  const around = construction.around(baseOf(design))
  return bandsOf(design).flatMap((part, i, all) => {
    const repeat = repeatOf(part, construction.worked)
    if (repeat === null) return []
    return [
      {
        id: part.id,
        ...repeat,
        blank: blankIn(part),
        hidden: changeIn(all[i - 1]) !== null,
        stitchMm: gaugeIn(ledger, part.id).stitchWidthMm * around,
      },
    ]
  })
}

/** How a base grows, and the increase at which it would lie flat. */
function fitBaseOf(ledger: Ledger, base: BasePart): FitBase {
  const { flat } = constructionOf(base)
  return {
    kind: base.kind.replace('-base', ''),
    begunWith: constructionOf(base).begunWith,
    ...growthOf(base),
    flat: flat && flat(gaugeIn(ledger, base.id)),
  }
}

/** The base as it is, and with other increases of which each is nearer to flat than the last. */
function fitBasesOf({ design, ledger }: Compiled): FitBase[] {
  const base = baseOf(design)
  const own = fitBaseOf(ledger, base)
  const { ring, worked } = constructionIn(design)
  if (!ring || worked !== 'rounds' || own.flat === null) return [own]
  const off = (increase: number) => Math.abs(increase - own.flat!)
  const others = [Math.floor(own.flat), Math.ceil(own.flat), own.increase - 1, own.increase + 1]
  return [
    own,
    ...[...new Set(others)]
      .filter((increase) => increase >= 3 && increase !== own.increase)
      .filter((increase) => off(increase) < own.flat! * 0.1)
      .map((increase) => fitBaseOf(ledger, { ...base, increase } as BasePart)),
  ]
}

/** How far a base's increase is from the one that lies flat: 1 is flat. Plain rounds in between count against it. */
export function baseFlatness({ design, ledger }: Compiled): {
  readonly flatness: number
  readonly flat: number | null
  /** What each round adds, plain ones among them. */
  readonly average: number
} {
  const base = baseOf(design)
  const { flat, first, increase } = fitBaseOf(ledger, base)
  if (constructionOf(base).written?.(base)) return writtenFlatness(ledger, increase)
  const rounds = roundsTo(first, increase, base.count)
  // Where nothing is added nothing can lie flat or not.
  if (flat === null || rounds <= 1) return { flatness: 1, flat: null, average: increase }
  const plain =
    'plainFrom' in base && base.plainFrom !== null
      ? Math.max(0, rounds - base.plainFrom + 1) * base.plainRounds
      : 0
  const average = (increase * rounds) / (rounds + plain)
  return { flatness: average / flat, flat, average }
}

/** Of rounds that are written each has its own height: the edge they reach is as long as it is, or as the circle there. */
function writtenFlatness({ pieces }: Ledger, average: number) {
  const { columns, parts } = pieces[0]!
  const last = Math.max(0, parts[0]!.endRow - 1)
  const flatness = columns.widthMm[last]! / (2 * Math.PI * columns.alongMm[last]!)
  return last === 0
    ? { flatness: 1, flat: null, average }
    : { flatness, flat: average / flatness, average }
}

/** What of the way around (or the height) is not in the base's stitches, in mm. */
function extraOf({ design, ledger }: Compiled, stitchMm: number): number {
  const { bandsAdd, beside } = constructionIn(design)
  const stitches = (beside?.(baseOf(design)) ?? 0) * stitchMm
  if (!bandsAdd) return stitches
  const { parts, columns, rows } = bodyOf(ledger)
  return stitches + bandsAdd(columns.alongMm[rows - 1]! - columns.alongMm[parts[0]!.endRow - 1]!)
}

/** What the design asks of the fit. */
export function fitRequestOf(bag: Compiled, over: Partial<FitRequest> = {}): FitRequest {
  const { design, ledger } = bag
  const base = baseOf(design)
  const stitchWidthMm = gaugeIn(ledger, base.id).stitchWidthMm * constructionIn(design).around(base)
  return {
    stitchWidthMm,
    extraMm: extraOf(bag, stitchWidthMm),
    wantedMm: stitchesMm(design, design.want),
    tolerance: design.want.tolerance,
    bands: fitBandsOf(bag),
    maxPad: 6,
    mostCount: LIMITS.count,
    bases: fitBasesOf(bag),
    ...(constructionIn(design).fixed?.(base) ? { count: base.count } : {}),
    ...over,
  }
}

/** Counts at which the design comes out, best first. */
export const fitsOf = (bag: Compiled): Fit[] => fitCounts(fitRequestOf(bag))

/** The edits that give the design this fit: its base, no other changes of count, and the padding and adding it needs. */
export function fitEdits(design: Design, fit: Fit): Edit[] {
  const bandParts = bandsOf(design)
  const { worked } = constructionIn(design)
  // Above the last band with a repeat a taper is nobody's business.
  const last = bandParts.findLastIndex((part) => repeatOf(part, worked) !== null)
  const cleared = bandParts.flatMap((part, i): Edit[] => {
    if (!changeIn(part) || i >= last) return []
    const { id } = part
    // A round that was there only for its change goes with it.
    return isEvenOut(part)
      ? [{ name: 'removePart', args: { id } }]
      : [{ name: 'setPart', args: { id, values: { ...bandOf(part).withChange(part, 0) } } }]
  })
  const bands = fit.bands.flatMap(({ id, added, padded }): Edit[] => [
    ...(padded !== 0 ? [{ name: 'padChart', args: { id, columns: padded } } as const] : []),
    ...(added !== 0 ? [{ name: 'adjustBefore', args: { id, by: added } } as const] : []),
  ])
  const increase = fit.base?.other ? { increase: fit.base.increase } : {}
  return [
    { name: 'setBase', args: { values: { count: fit.count, ...increase } } },
    ...cleared,
    ...bands,
  ]
}

/** Whether the design already is what the fit would make it. */
export const isInUse = (design: Design, fit: Fit): boolean =>
  baseOf(design).count === fit.count &&
  !fit.base?.other &&
  fit.bands.every(({ id, padded, added }) => {
    const below = bandsOf(design)[bandsOf(design).findIndex((part) => part.id === id) - 1]
    return padded === 0 && added === (changeIn(below) ?? 0)
  })
