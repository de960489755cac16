import {
  bandsOf,
  baseOf,
  type Design,
  type Edit,
  freePartId,
  growthOf,
  partById,
} from '../design/index.ts'
import { gaugeOf, repeatOf, rowHeightMm } from '../ledger/index.ts'
import { flatCornerIncrease, flatIncrease, roundsTo } from '../shape/index.ts'
import { type Fit, type FitBand, type FitBase, fitCounts, type FitRequest } from './fit.ts'

/** The bands of a design that repeat, from the bottom up. */
export const fitBandsOf = (design: Design): FitBand[] =>
  bandsOf(design).flatMap((part) => {
    const multiple = repeatOf(part)
    return multiple === null ? [] : [{ id: part.id, multiple, offset: 0 }]
  })

/** How the base of a design grows, and the increase at which it would lie flat: at the circle's, or at the corners'. */
export function fitBaseOf(design: Design): FitBase {
  const base = baseOf(design)
  const gauge = gaugeOf(design)
  const rowMm = rowHeightMm(gauge, base.stitch)
  const flat = base.kind === 'rectangle-base' ? flatCornerIncrease : flatIncrease
  return {
    kind: base.kind.replace('-base', ''),
    ...growthOf(base),
    flat: flat(gauge.stitchWidthMm, rowMm),
  }
}

/** How far a base's increase is from the one that lies flat: 1 is flat. Plain rounds in between count against it. */
export function baseFlatness(design: Design): { flatness: number; flat: number } {
  const base = baseOf(design)
  const { flat, first, increase } = fitBaseOf(design)
  const rounds = roundsTo(first, increase, base.count)
  const plain =
    base.kind === 'round-base' && base.plainFrom !== null
      ? Math.max(0, rounds - base.plainFrom + 1) * base.plainRounds
      : 0
  return { flatness: (increase * rounds) / (rounds + plain) / flat, flat }
}

/** What the design asks of the fit. */
export function fitRequestOf(design: Design, over: Partial<FitRequest> = {}): FitRequest {
  return {
    stitchWidthMm: gaugeOf(design).stitchWidthMm,
    wantedMm: design.want.aroundMm,
    tolerance: design.want.tolerance,
    bands: fitBandsOf(design),
    maxPad: 6,
    base: fitBaseOf(design),
    ...over,
  }
}

/** Counts at which the design comes out, best first. */
export const fitsOf = (design: Design): Fit[] => fitCounts(fitRequestOf(design))

/** The edits that give the design this fit: its base, no other changes of count, and the padding and adding it needs. */
export function fitEdits(design: Design, fit: Fit): Edit[] {
  const cleared = bandsOf(design).flatMap((part): Edit[] =>
    part.kind === 'plain' && part.adjust !== 0
      ? [{ name: 'setPart', args: { id: part.id, values: { adjust: 0 } } }]
      : [],
  )
  const first = Number(freePartId(design).slice(1))
  const bands = fit.bands.flatMap(({ id, added, padded }, i): Edit[] => [
    ...(padded > 0 ? [{ name: 'padChart', args: { id, columns: padded } } as const] : []),
    ...(added !== 0
      ? [{ name: 'adjustBefore', args: { id, by: added, newId: `p${first + i}` } } as const]
      : []),
  ])
  return [{ name: 'setBase', args: { values: { count: fit.count } } }, ...cleared, ...bands]
}

/** Whether the design already is what the fit would make it. */
export const isInUse = (design: Design, fit: Fit): boolean =>
  baseOf(design).count === fit.count &&
  fit.bands.every(({ id, padded, added }) => {
    const at = design.parts.indexOf(partById(design, id))
    const below = design.parts[at - 1]
    return padded === 0 && added === (below?.kind === 'plain' ? below.adjust : 0)
  })
