import { BODY, type Design, baseOf, type NewPiece, type PieceJoin } from '../design/index.ts'
import { bands } from '../band/index.ts'
import { LIMITS, type Spot, spotOn } from '../part/index.ts'
import {
  bodyOf,
  type Compiled,
  flatAround,
  gaugeIn,
  idOfRow,
  type Piece,
  placesAround,
} from '../ledger/index.ts'
import { constructionOf, type Front, type StitchSize } from '../shape/index.ts'

/** What a piece that is added begins as: its size in mm from those of the bag, and what it is sewn to. */
interface PieceTemplate {
  readonly name: string
  readonly hint: string
  readonly widthMm: (bag: Sizes) => number
  readonly lengthMm: (bag: Sizes) => number
  readonly times: number
  /** Its joins, for so many stitches and rows of it. */
  readonly joins: (body: Body, stitches: number, rows: number) => readonly PieceJoin[]
}
interface Body {
  readonly rim: number
  /** Where the construction has a strap sewn: the middles of its two ends; null where that is at the sides of the rim. */
  readonly straps: readonly [Spot, Spot] | null
  /** The row from which so many rows up leave as much above as below. */
  readonly rowAt: (rows: number) => string
}
interface Sizes {
  readonly flatMm: number
  readonly heightMm: number
}

const sewn = (edge: PieceJoin['edge'], over: Partial<Spot>): PieceJoin => ({
  edge,
  to: spotOn(BODY, over),
  how: 'whip',
  over: null,
  corner: 'none',
})

/** The pieces there are to add. Their sizes are starting values, from memory. */
export const pieceTemplates = {
  strap: {
    name: 'Strap',
    hint: 'A long narrow panel, sewn to the rim at both ends',
    widthMm: () => 40,
    lengthMm: () => 700,
    times: 1,
    joins: ({ rim, straps }, stitches) =>
      (['first', 'last'] as const).map((edge, i) => {
        if (!straps) return sewn(edge, { by: i === 0 ? 'side' : 'other-side' })
        const spot = straps[i]!
        const from = Math.max(0, spot.at - (stitches >> 1))
        return sewn(edge, {
          ...spot,
          at: spot.on === 'last' ? Math.min(from, rim - stitches) : from,
        })
      }),
  },
  flap: {
    name: 'Flap',
    hint: 'As wide as the bag, sewn to half of its rim',
    widthMm: ({ flatMm }) => flatMm,
    lengthMm: ({ heightMm }) => heightMm / 2,
    times: 1,
    joins: () => [sewn('first', { by: 'back' })],
  },
  pocket: {
    name: 'Pocket',
    hint: 'A small panel for the inside or the front',
    widthMm: ({ flatMm }) => flatMm * 0.5,
    lengthMm: ({ heightMm }) => heightMm * 0.4,
    times: 1,
    joins: ({ rowAt }, stitches, rows) => {
      const [row, half] = [rowAt(rows), stitches / 2]
      return [
        sewn('first', { on: 'row', row, by: 'front' }),
        sewn('left', { on: 'up', row, by: 'front', at: half }),
        sewn('right', { on: 'up', row, by: 'front', at: -half }),
      ]
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
  edge: {
    name: 'Edge',
    hint: 'A round picked up all around a flat piece, with its corners',
    widthMm: () => 0,
    lengthMm: () => 0,
    times: 1,
    joins: () => [],
  },
} as const satisfies Record<string, PieceTemplate>
export type PieceKind = keyof typeof pieceTemplates

const inStitches = (mm: number, { stitchWidthMm }: StitchSize) =>
  Math.min(400, Math.max(3, Math.round(mm / stitchWidthMm)))

/** What goes into the corners of an edge to begin with (common practice). */
const CORNER = 'three'

/** A round all around the body, as many stitches as lie flat. */
function edgeAround({ design, ledger }: Compiled, { name }: PieceTemplate): NewPiece {
  const { yarn, stitch, making, id } = baseOf(design)
  const { stitchWidthMm } = gaugeIn(ledger, id)
  const count = Math.min(LIMITS.count, flatAround(bodyOf(ledger), stitchWidthMm, CORNER))
  const own = { id: 'new', name, making, yarn, stitch, count, firstStitch: null, turns: [] }
  return {
    ...{ name: freeName(design, name), times: 1, blocks: [] },
    parts: [{ ...own, kind: 'open-ring', begins: 'row' }],
    joins: [
      {
        ...{ edge: 'first', how: 'pick-up', over: null, corner: CORNER },
        to: spotOn(BODY, { on: 'around' }),
      },
    ],
  }
}

/** A piece to add to a bag: a panel of plain rows in the yarn and stitch of its base, as large as its kind is. */
export function newPiece({ design, ledger }: Compiled, kind: PieceKind): NewPiece {
  const template: PieceTemplate = pieceTemplates[kind]
  if (kind === 'edge') return edgeAround({ design, ledger }, template)
  const base = baseOf(design)
  const { yarn, stitch, making, id } = base
  const gauge = gaugeIn(ledger, id)
  const { sizes } = ledger
  const count = inStitches(template.widthMm(sizes), gauge)
  const rounds = Math.max(1, Math.round(template.lengthMm(sizes) / gauge.rowHeightMm) - 1)
  const body = ledger.pieces.find((piece) => piece.id === BODY)!
  const rim = placesAround(body, body.rows - 1)
  const own = { id: 'new', name: template.name, making, yarn, stitch }
  const letters = design.yarns.map(({ letter }) => letter)
  return {
    name: freeName(design, template.name),
    times: template.times,
    parts: [
      { ...own, kind: 'panel', begins: 'row', firstStitch: null, turns: [], count },
      {
        ...bands.plain.begin({ stitch, letters: [yarn, ...letters], count, abbr: '' }),
        id: 'new',
        rounds: Math.min(1000, rounds),
      },
    ],
    blocks: [],
    joins: [
      ...template.joins(
        {
          straps: constructionOf(base).strapAt?.(base, { rows: body.rows, rim }) ?? null,
          rim,
          rowAt: (n) => idOfRow(body, middleFor(body, ledger.front, n)),
        },
        count,
        rounds + 1,
      ),
    ],
  }
}

/** The row of a body at which so many rows begin that lie in the middle of its front's height. */
function middleFor(body: Piece, front: Front, rows: number): number {
  const base = body.parts[0]!.endRow
  // Of a panel that is folded only one end is the front.
  // Of one whose rows run up the bag it lies in the middle of them.
  const folded = front.kind === 'folded'
  const from = !folded ? base : front.flap === 'last' ? 0 : body.rows - front.up
  const to = folded ? from + front.up : body.rows
  return Math.min(body.rows - 1, from + Math.max(0, (to - from - rows) >> 1))
}

/** The pieces that can be added to a bag: none that is wider than the rim it is sewn to. */
export function piecesFor(bag: Compiled): PieceKind[] {
  const body = bodyOf(bag.ledger)
  // Only what is flat has an edge all around.
  const isFlat = body.worked === 'rows' && bag.ledger.front.kind !== 'arc'
  const rim = placesAround(body, body.rows - 1)
  return (Object.keys(pieceTemplates) as PieceKind[]).filter((kind) =>
    kind === 'edge'
      ? isFlat
      : newPiece(bag, kind).parts.every((part) => !('count' in part) || part.count <= rim),
  )
}

/** A name no piece has: with a number where it is taken. */
export function freeName({ pieces }: Design, name: string): string {
  const taken = new Set(pieces.map((piece) => piece.name))
  for (let n = 1; ; n++) {
    const tried = n === 1 ? name : `${name} ${n}`
    if (!taken.has(tried)) return tried
  }
}
