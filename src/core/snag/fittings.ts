import { type HandlesPart, isBandOf, maybeHandlesOn } from '../band/index.ts'
import { isItemOf } from '../fitting/index.ts'
import { type HandleInRow, handlesInRow, partOfRow } from '../ledger/index.ts'
import { bandsOn, type Finder } from './finder.ts'
import type { Mend, Snag } from './snag.ts'

/** Less than this share of a stitch beside the middle is not seen (from memory). */
const ON_IT = 0.3
/** Gaps that are tried, beside the one there is, or from it down. */
const NEAR = 3

type Middles = readonly [front: number, back: number]

const mendWith = ({ id }: HandlesPart, gap: number | null, chain: number | null): Mend => ({
  kind: 'gap',
  facts: { gap, chain },
  edits: [{ name: 'setPart', args: { id, values: { gap } } }],
})

/** The nearest gaps with which both handles lie on the middles. */
function centred(part: HandlesPart, gap: number, count: number, middles: Middles): Mend[] {
  const tried = Array.from(
    { length: 2 * NEAR },
    (_, i) => gap + (i % 2 === 0 ? -1 : 1) * (1 + (i >> 1)),
  )
  const fits = tried.flatMap((one) => {
    const made = maybeHandlesOn({ count, middles, gap: one, chain: part.chain, least: 1 })
    return made?.centred ? [mendWith(part, one, made.chain)] : []
  })
  return fits.slice(0, 2)
}

const offOf = (handles: readonly HandleInRow[], on: 'front' | 'back'): number =>
  handles.find(({ lies }) => lies?.on === on)?.lies?.off ?? 0

/** Handles in the edge that do not fit, or lie beside the middles. */
export const handlesLie: Finder = ({ design, ledger, piece }) =>
  bandsOn(design, piece).flatMap((part): Snag[] => {
    if (!isBandOf('handles', part)) return []
    const { firstRow } = piece.parts.find(({ id }) => id === part.id)!
    const { makes, onto, number } = piece.columns
    const count = firstRow > 0 ? makes[onto[firstRow]!]! : 0
    const where = { part: part.id, round: number[firstRow]! }
    const lie = handlesInRow(ledger, piece, firstRow)
    const { name } = part
    if (lie.length === 0) {
      const gap = part.gap ?? Math.round(count / 5)
      return [
        {
          ...{ code: 'handles-misfit', severity: 'error', where },
          facts: { name, count, gap },
          mends: part.gap === null ? [] : [mendWith(part, null, null)],
        },
      ]
    }
    const [front, back] = [offOf(lie, 'front'), offOf(lie, 'back')]
    if (Math.max(Math.abs(front), Math.abs(back)) < ON_IT) return []
    const middleOf = (on: 'front' | 'back') => {
      const one = lie.find(({ lies }) => lies?.on === on) ?? lie[0]!
      return one.at + one.gap / 2 - (one.lies?.off ?? 0)
    }
    return [
      {
        ...{ code: 'handles-beside', severity: 'advice', where },
        facts: { name, front, back, count },
        mends: centred(part, lie[0]!.gap, count, [middleOf('front'), middleOf('back')]),
      },
    ]
  })

/** Stitches over and under which a cord may go, the nearest to what there is first. */
const STEPS = [2, 3, 1, 4, 5, 6]

/** A drawstring whose overs and unders do not come out on its round. */
export const threadsUnevenly: Finder = ({ ledger }) =>
  ledger.items.flatMap(({ item, counts, places: [place] }): Snag[] => {
    const left = counts['left'] ?? 0
    if (!isItemOf('drawstring', item) || item.through === 'loops' || left === 0 || !place) return []
    const piece = ledger.pieces.find(({ id }) => id === place.piece)!
    const count = counts['count']!
    const period = item.over + item.under
    const part = partOfRow(piece, Math.min(place.row, piece.rows - 1))
    const other = STEPS.find((step) => count % (2 * step * item.cords) === 0)
    const by = left <= period / 2 ? -left : period - left
    return [
      {
        ...{ code: 'threads-unevenly', severity: 'warning' },
        where: { part: part.id, round: null, of: item.id },
        facts: { name: item.name, count, period, left },
        mends: [
          ...(other
            ? [
                {
                  kind: 'thread' as const,
                  facts: { step: other, passes: count / other },
                  edits: [
                    {
                      name: 'setItem' as const,
                      args: { id: item.id, values: { over: other, under: other } },
                    },
                  ],
                },
              ]
            : []),
          {
            kind: 'adjust',
            facts: { by, count: count + by, sizeMm: (count + by) * part.gauge.stitchWidthMm },
            edits: [{ name: 'adjustBefore', args: { id: part.id, by } }],
          },
        ],
      },
    ]
  })
