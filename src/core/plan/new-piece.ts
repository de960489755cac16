import { BODY, type Design, baseOf, type NewPiece, type PieceJoin } from '../design/index.ts'
import { bands } from '../band/index.ts'
import {
  type Compiled,
  gaugeIn,
  idOfRow,
  maybeMiddlesCounted,
  type Piece,
} from '../ledger/index.ts'
import { type At, constructionOf, sidesBetween, type StitchSize } from '../shape/index.ts'

/** What a piece that is added begins as: its size in mm from those of the bag, and what it is sewn to. */
interface PieceTemplate {
  readonly name: string
  readonly hint: string
  readonly widthMm: (bag: Sizes) => number
  readonly lengthMm: (bag: Sizes) => number
  readonly times: number
  /** Its joins: to where the construction has a strap sewn, or to the rim of so many stitches. */
  readonly joins: (body: Body, stitches: number, rows: number) => readonly PieceJoin[]
}
interface Body {
  readonly rim: number
  /** Where the construction has a strap sewn: the middles of its two ends; null where that is at the sides of the rim. */
  readonly straps: readonly [At, At] | null
  /** The middles of front and back, and the sides, along the rim and the row from which so many rows up leave as much above as below. */
  readonly along: (row: number) => Along
  readonly top: number
  /** The row from which so many rows up leave as much above as below. */
  readonly rowAt: (rows: number) => number
  readonly idOf: (row: number) => string
}
interface Sizes {
  readonly flatMm: number
  readonly heightMm: number
}

const sewn = (edge: PieceJoin['edge'], { onto, at }: At): PieceJoin => ({
  edge,
  to: BODY,
  onto,
  row: null,
  at: Math.max(0, at),
  how: 'whip',
})

/** The pieces there are to add. Their sizes are starting values, from memory. */
export const pieceTemplates = {
  strap: {
    name: 'Strap',
    hint: 'A long narrow panel, sewn to the rim at both ends',
    widthMm: () => 40,
    lengthMm: () => 700,
    times: 1,
    joins: ({ rim, straps, along, top }, stitches) => {
      const { sides, startOf } = along(top)
      return (['first', 'last'] as const).map((edge, i) => {
        if (!straps) return sewn(edge, { onto: 'last', at: startOf(sides[i]!, stitches) })
        const { onto, at } = straps[i]!
        const from = at - (stitches >> 1)
        return sewn(edge, { onto, at: onto === 'last' ? Math.min(from, rim - stitches) : from })
      })
    },
  },
  flap: {
    name: 'Flap',
    hint: 'As wide as the bag, sewn to half of its rim',
    widthMm: ({ flatMm }) => flatMm,
    lengthMm: ({ heightMm }) => heightMm / 2,
    times: 1,
    joins: ({ along, top }, stitches) => {
      const { back, startOf } = along(top)
      return [sewn('first', { onto: 'last', at: startOf(back, stitches) })]
    },
  },
  pocket: {
    name: 'Pocket',
    hint: 'A small panel for the inside or the front',
    widthMm: ({ flatMm }) => flatMm * 0.5,
    lengthMm: ({ heightMm }) => heightMm * 0.4,
    times: 1,
    joins: ({ rowAt, idOf, along }, stitches, rows) => {
      const { front, startOf } = along(rowAt(rows))
      const at = startOf(front, stitches)
      const row = idOf(rowAt(rows))
      const met = (edge: PieceJoin['edge'], onto: PieceJoin['onto'], at: number): PieceJoin => ({
        ...{ edge, to: BODY, onto, row, at, how: 'whip' },
      })
      return [met('first', 'row', at), met('left', 'up', at + stitches), met('right', 'up', at)]
    },
  },
  gusset: {
    name: 'Gusset',
    hint: 'A strip between two faces',
    widthMm: () => 60,
    lengthMm: ({ flatMm, heightMm }) => flatMm + 2 * heightMm,
    times: 1,
    joins: () => [],
  },
} as const satisfies Record<string, PieceTemplate>
export type PieceKind = keyof typeof pieceTemplates

const inStitches = (mm: number, { stitchWidthMm }: StitchSize) =>
  Math.min(400, Math.max(3, Math.round(mm / stitchWidthMm)))

/** A piece to add to a bag: a panel of plain rows in the yarn and stitch of its base, as large as its kind is. */
export function newPiece({ design, ledger }: Compiled, kind: PieceKind): NewPiece {
  const template: PieceTemplate = pieceTemplates[kind]
  const base = baseOf(design)
  const { yarn, stitch, making, id } = base
  const gauge = gaugeIn(ledger, id)
  const { sizes } = ledger
  const count = inStitches(template.widthMm(sizes), gauge)
  const rounds = Math.max(1, Math.round(template.lengthMm(sizes) / gauge.rowHeightMm) - 1)
  const body = ledger.pieces.find((piece) => piece.id === BODY)!
  const rim = body.columns.makes[body.rows - 1]!
  const top = body.rows - 1
  const own = { id: 'new', name: template.name, making, yarn, stitch }
  const letters = design.yarns.map(({ letter }) => letter)
  return {
    name: freeName(design, template.name),
    times: template.times,
    parts: [
      { ...own, kind: 'panel', begins: 'row', firstStitch: null, count },
      {
        ...bands.plain.begin({ stitch, letters: [yarn, ...letters], count, abbr: '' }),
        id: 'new',
        rounds: Math.min(1000, rounds),
      },
    ],
    joins: [
      ...template.joins(
        {
          straps: constructionOf(base).strapAt?.(base, { rows: body.rows, rim }) ?? null,
          ...{ rim, top, along: (row) => alongRow(body, row) },
          rowAt: (n) => middleFor(body, n),
          idOf: (row) => idOfRow(body, row),
        },
        count,
        rounds + 1,
      ),
    ],
  }
}

/** Where things stand along a row, as a maker counts it from the row's own first stitch. */
interface Along {
  readonly front: number
  readonly back: number
  readonly sides: readonly [number, number]
  /** The stitch that something so wide begins after which has its middle there; a round goes on around its beginning. */
  readonly startOf: (middle: number, stitches: number) => number
}

/** Along a row of a body: in rounds as its front lies; a panel has one face, and its corners are its sides. */
function alongRow(body: Piece, row: number): Along {
  const count = body.columns.makes[row]!
  const middles = maybeMiddlesCounted(body, row)
  const { front, back } = middles ?? { front: count / 2, back: count / 2 }
  const startOf = (middle: number, stitches: number) => {
    const from = Math.round(middle - stitches / 2)
    return middles ? (from + count) % count : Math.min(Math.max(0, from), count - stitches)
  }
  return { front, back, startOf, sides: middles ? sidesBetween(middles, count) : [0, count] }
}

/** The row of a body at which so many rows begin that lie in the middle of its height. */
function middleFor(body: Piece, rows: number): number {
  const base = body.parts[0]!.endRow
  return Math.min(body.rows - 1, base + Math.max(0, (body.rows - base - rows) >> 1))
}

/** A name no piece has: with a number where it is taken. */
export function freeName({ pieces }: Design, name: string): string {
  const taken = new Set(pieces.map((piece) => piece.name))
  for (let n = 1; ; n++) {
    const tried = n === 1 ? name : `${name} ${n}`
    if (!taken.has(tried)) return tried
  }
}
