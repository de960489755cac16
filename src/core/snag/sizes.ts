import { bandsOf, baseOf, growthOf, type PlainPart } from '../design/index.ts'
import { baseFlatness, fitEdits, fitsOf } from '../fit/index.ts'
import { gaugeFor, rowHeightMm } from '../ledger/index.ts'
import { lieOf } from '../shape/index.ts'
import type { Finder } from './context.ts'

/** Taller or lower than wanted by more than this many rows of the body. */
const ROWS_OFF = 1

/** The widest round of the body is not the way around that is wanted. */
export const sizeOff: Finder = ({ design, piece }) => {
  const made = Math.max(...piece.columns.widthMm)
  const count = Math.max(...piece.columns.makes)
  const { aroundMm: wanted, tolerance, said } = design.want
  if (Math.abs(made - wanted) <= wanted * tolerance + 1e-6) return []
  const [best] = fitsOf(design)
  const mends = best
    ? [
        {
          kind: 'count' as const,
          facts: {
            count: best.count,
            sizeMm: best.sizeMm,
            errorMm: best.errorMm,
            changed: best.cost > 1,
          },
          edits: fitEdits(design, best),
        },
      ]
    : []
  return [
    {
      code: 'size-off',
      severity: 'warning',
      where: { part: baseOf(design).id, round: null },
      facts: { made, wanted, said, tolerance, count, ...gaugeFor(design, count) },
      mends,
    },
  ]
}

/** The body is taller or lower than wanted; the topmost plain band can take the difference. */
export const heightOff: Finder = ({ design, gauge, piece }) => {
  const made = piece.columns.heightMm.at(-1)!
  const wanted = design.want.heightMm
  const plain = bandsOf(design).findLast((part): part is PlainPart => part.kind === 'plain')
  const rowMm = rowHeightMm(gauge, plain?.stitch ?? gauge.stitch)
  if (Math.abs(made - wanted) <= Math.max(ROWS_OFF * rowMm, wanted * design.want.tolerance))
    return []
  const by = Math.round((wanted - made) / rowMm)
  const mends =
    plain && plain.rounds + by >= 1 && by !== 0
      ? [
          {
            kind: 'rounds' as const,
            facts: { name: plain.name, by, madeMm: made + by * rowMm },
            edits: [
              { name: 'setRounds' as const, args: { id: plain.id, rounds: plain.rounds + by } },
            ],
          },
        ]
      : []
  return [
    {
      code: 'height-off',
      severity: 'warning',
      where: { part: plain?.id ?? null, round: null },
      facts: { made, wanted },
      mends,
    },
  ]
}

/** The base will not lie flat. */
export const baseLie: Finder = ({ design }) => {
  const base = baseOf(design)
  const { flatness, flat } = baseFlatness(design)
  const lie = lieOf(flatness)
  if (lie === 'flat') return []
  const increase = Math.max(3, Math.round(flat))
  const mends =
    base.kind !== 'round-base' || increase === base.increase
      ? []
      : [
          {
            kind: 'increase' as const,
            facts: { increase, rounds: Math.ceil(base.count / increase) },
            edits: [{ name: 'setBase' as const, args: { values: { increase } } }],
          },
        ]
  return [
    {
      code: lie === 'cups' ? 'base-cups' : 'base-ruffles',
      severity: lie === 'cups' ? 'advice' : 'warning',
      where: { part: base.id, round: null },
      facts: { increase: growthOf(base).increase, flat, flatness },
      mends,
    },
  ]
}

/** Sizes rest on an estimate. */
export const gaugeEstimated: Finder = ({ design, gauge }) =>
  gauge.source === 'swatch'
    ? []
    : [
        {
          code: 'gauge-estimated',
          severity: 'advice',
          where: { part: null, round: null },
          facts: { spread: gauge.spread, hookMm: design.hookMm, yarnClass: design.yarnClass },
          mends: [],
        },
      ]
