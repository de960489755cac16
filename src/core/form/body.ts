import { baseOf } from '../design/index.ts'
import { bodyOf, type Compiled } from '../ledger/index.ts'
import { constructionOf } from '../shape/index.ts'
import { facesOf } from './faces.ts'
import { arcSheets, pocketSheets } from './flat-body.ts'
import { withHandles } from './handles.ts'
import { type RoundKind, roundSheet } from './round-body.ts'
import { alongAt, type Sheet, widthAt } from './sheet.ts'

export interface Ways {
  readonly hand: 'right' | 'left'
  /** As it stands when it is held, or flat as its figures have it. */
  readonly soft: boolean
}

/** A base that lies under the body, its rows one above the other. */
function flatBase({ ledger }: Compiled, at: number): Sheet {
  const piece = ledger.pieces[at]!
  const deep = alongAt(piece, piece.rows)
  return {
    ...{ piece: at, copy: 0, u: [0, 1], r: [0, piece.rows], round: false },
    at: (u, r) => [(u - 0.5) * widthAt(piece, Math.max(1, r)), 0, deep / 2 - alongAt(piece, r)],
  }
}

/** The pieces of the construction as they lie in space. */
export function bodySheets(compiled: Compiled, { hand, soft }: Ways): readonly Sheet[] {
  const { design, ledger } = compiled
  const { plan, open } = constructionOf(baseOf(design))
  const { front, pieces, sizes } = ledger
  if (front.kind === 'arc') {
    const back = pieces.findIndex(({ id }) => id === 'back')
    return arcSheets(ledger, { half: front.half, second: Math.max(0, back) }, { soft })
  }
  if (front.kind !== 'standing') {
    const look = { ledger, fronts: [{ hand }] }
    const back = open ? null : facesOf(look, 'back')
    return pocketSheets(ledger, facesOf(look, 'front'), back, { soft, hand })
  }
  const body = pieces.indexOf(bodyOf(ledger))
  const { lengthMm, widthMm } = sizes.footprint
  const isRing = constructionOf(baseOf(design)).alone === true
  const outline: RoundKind = plan ?? (isRing ? 'ring' : 'tube')
  const lies = pieces[body]!.columns.heightMm[0] === 0
  const sheet = roundSheet(ledger, body, {
    ...{ outline, hand, soft, pointed: lies && plan !== 'rows' },
    longer: plan && outline !== 'round' ? Math.max(0, lengthMm - widthMm) : 0,
  })
  const base = pieces.findIndex(({ id }) => id === 'base')
  const whole = withHandles(ledger, sheet, hand)
  return base >= 0 && plan === 'rows' ? [flatBase(compiled, base), ...whole] : whole
}
