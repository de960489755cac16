import { bands } from '../band/index.ts'
import {
  baseOf,
  BODY,
  bodyPiece,
  type Edit,
  freePartId,
  freePieceId,
  lastYarnOf,
  maybeBaseOf,
  type NewPiece,
  type PieceJoin,
} from '../design/index.ts'
import {
  type FittingKind,
  fittings,
  fittingsSaid,
  type Item,
  lengthForDrop,
  drops,
  stretchOf,
} from '../fitting/index.ts'
import {
  bodyOf,
  type Compiled,
  fittingBag,
  gaugeIn,
  idOfRow,
  maybeMiddlesCounted,
  type Piece,
  placesAround,
  runsOfRow,
} from '../ledger/index.ts'
import { LIMITS, rowId, type Spot, spotOn } from '../part/index.ts'
import { stitchById } from '../stitch/index.ts'
import { cardOfGroup, type FinishCard, roleOf } from './finished-with.ts'
import { freeName, newPiece } from './new-piece.ts'
import { buttonhole, type TopId, topIds, tops } from './tops.ts'

/*
 * What a bag can be finished with, card by card: each a few edits that put it on. What is worked in rows becomes bands and pieces, what is not
 * becomes things beside them.
 */

/** One way to finish a bag. */
export interface Finish {
  readonly id: string
  readonly card: FinishCard
  readonly name: string
  readonly hint: string
  /** What puts it on; null where this bag cannot have it. */
  readonly edits: (bag: Compiled) => readonly Edit[] | null
}

const from = ({ design, ledger }: Compiled) => ({
  piece: BODY,
  letter: lastYarnOf(bodyPiece(design).parts.at(-1)!),
  bag: fittingBag(design, ledger, gaugeIn(ledger, baseOf(design).id)),
})

/** A thing to be put on a bag, as it is begun there, and with what is said of it otherwise. */
export function newItem<K extends FittingKind>(
  compiled: Compiled,
  kind: K,
  over: Partial<Extract<Item, { kind: K }>> = {},
): Omit<Extract<Item, { kind: K }>, 'id'> {
  const fitting = fittingsSaid[kind] as { begin: (of: ReturnType<typeof from>) => object }
  return { ...fitting.begin(from(compiled)), ...over } as Omit<Extract<Item, { kind: K }>, 'id'>
}

const put = <K extends FittingKind>(
  compiled: Compiled,
  kind: K,
  over: Partial<Extract<Item, { kind: K }>> = {},
): Edit => ({ name: 'addItem', args: { item: newItem(compiled, kind, over) } }) as Edit

/** The top of the body: what it is on and where a band goes on it. */
function topOf({ design, ledger }: Compiled) {
  const piece = bodyOf(ledger)
  const { parts } = bodyPiece(design)
  const last = parts.at(-1)!
  const row = piece.rows - 1
  return {
    ...{ piece, at: parts.length, stitch: last.stitch, letter: lastYarnOf(last) },
    count: piece.columns.makes[row]!,
    repeat: piece.parts.at(-1)!.repeat,
    wave: maybeWave({ design, ledger }, piece),
  }
}

/** How high a repeat of the last band stands over each of its stitches; null where it is level or its rows do not go one to one. */
function maybeWave({ ledger }: Compiled, piece: Piece): number[] | null {
  const { firstRow, endRow, repeat } = piece.parts.at(-1)!
  if (!repeat || repeat > 40) return null
  const heights = Array<number>(repeat).fill(0)
  for (let row = firstRow; row < endRow; row++) {
    if (piece.columns.side[row] !== 0 || piece.columns.begin[row] !== 0) return null
    let at = 0
    for (const { stitch, count } of runsOfRow(ledger, piece, row)) {
      const { uses, makes, height } = stitchById(stitch)
      if (uses !== 1 || makes !== 1) return null
      for (let i = 0; i < count; i++) heights[at++ % repeat]! += height
    }
  }
  const [low, high] = [Math.min(...heights), Math.max(...heights)]
  return high - low > 0.2 ? heights : null
}

const isRound = ({ ledger }: Compiled): boolean => bodyOf(ledger).worked === 'rounds'

function topFinish(id: TopId): Finish {
  const { name, hint } = tops[id]
  return {
    ...{ id: `top-${id}`, card: 'top', name, hint },
    edits: (bag) => {
      // Rows more at an end of a panel that is folded would leave its sides unequal.
      if (!['standing', 'panel'].includes(bag.ledger.front.kind)) return null
      const { piece, at, ...on } = topOf(bag)
      const band = tops[id].band({ ...on, worked: piece.worked })
      return band && [{ name: 'addPart', args: { part: band, at, piece: BODY } }]
    },
  }
}

/** How far in from the sides two straps stand, and how far they lie over what they are sewn to (common practice: 9 cm and 2.5). */
const STRAP = { inMm: 90, lapMm: 25, wideMm: 40 } as const

const sewnTo = (edge: PieceJoin['edge'], to: Partial<Spot>, lapMm?: number): PieceJoin => ({
  ...{ edge, to: spotOn(BODY, to), how: 'whip', over: null, corner: 'none' },
  ...(lapMm ? { lapMm } : {}),
})

/** A strap of so many mm with such ends, its rows those of its length with what lies over and less what it will stretch by. */
function strapPiece(
  bag: Compiled,
  name: string,
  dropMm: number,
  apartMm: number,
  joins: readonly PieceJoin[],
): NewPiece {
  const { design, ledger } = bag
  const gauge = gaugeIn(ledger, baseOf(design).id)
  const strap = newPiece(bag, 'strap')
  const [base, band] = strap.parts
  const stretch = stretchOf(base!.stitch, design.swatches[0]?.stretch ?? null)
  const long = lengthForDrop(dropMm, apartMm, stretch) + 2 * STRAP.lapMm
  const rounds = Math.min(LIMITS.rounds, Math.max(1, Math.round(long / gauge.rowHeightMm) - 1))
  return {
    ...strap,
    name: freeName(design, name),
    parts: [
      { ...base!, name },
      { ...band!, rounds },
    ] as typeof strap.parts,
    joins,
  }
}

const addPiece = (piece: NewPiece): Edit => ({ name: 'addPiece', args: { piece } })

/** Two straps, in front and behind, their ends the same way in from both sides. */
function twoStraps(bag: Compiled): readonly Edit[] | null {
  if (!isRound(bag)) return null
  const { flatMm } = bag.ledger.sizes
  const inMm = Math.min(STRAP.inMm, flatMm * 0.3)
  const ends = (towards: 1 | -1) =>
    (['side', 'other-side'] as const).map((by, i) =>
      sewnTo(
        i === 0 ? 'first' : 'last',
        { by, at: (i === 0 ? 1 : -1) * towards * inMm, inMm: true },
        STRAP.lapMm,
      ),
    )
  const apart = Math.max(20, flatMm - 2 * inMm)
  const of = (name: string, towards: 1 | -1) =>
    addPiece(strapPiece(bag, name, drops.shoulder.mm, apart, ends(towards)))
  return [of('Strap in front', 1), of('Strap behind', -1)]
}

/** One strap from side to side, or as the construction has it; folded along its length it is sewn to itself. */
function strapAcross(bag: Compiled, tube: boolean): readonly Edit[] | null {
  const { joins } = newPiece(bag, 'strap')
  const strap = strapPiece(bag, 'Strap', drops.across.mm, bag.ledger.sizes.flatMm, joins)
  if (!tube) return [addPiece(strap)]
  const own = spotOn(freePieceId(bag.design), { on: 'right' })
  // It is a tube before its ends are sewn.
  const fold: PieceJoin = { edge: 'left', to: own, how: 'whip', over: null, corner: 'none' }
  return [addPiece({ ...strap, joins: [fold, ...strap.joins] })]
}

/** A flap worked on from the back of the rim, narrowed towards its end. */
function flap(bag: Compiled): readonly Edit[] | null {
  if (!isRound(bag)) return null
  const { design, ledger } = bag
  const { rowHeightMm } = gaugeIn(ledger, baseOf(design).id)
  const body = bodyOf(ledger)
  const rim = placesAround(body, body.rows - 1)
  const wide = Math.max(6, 2 * Math.floor((rim * 0.42) / 2))
  const share = 0.6
  const rounds = Math.max(4, Math.round((ledger.sizes.heightMm * share) / rowHeightMm) - 1)
  const base = newPiece(bag, 'strap')
  const [foot, band] = base.parts
  const by = -2 * Math.floor(wide / 8)
  const narrow = Math.min(rounds, Math.abs(by) / 2 || 1)
  return [
    addPiece({
      ...base,
      name: freeName(design, 'Flap'),
      share,
      parts: [
        { ...foot!, name: 'Flap', count: wide },
        { ...band!, rounds, adjust: by, steps: Math.max(1, narrow) },
      ] as unknown as typeof base.parts,
      joins: [{ ...sewnTo('first', { by: 'back' }), how: 'pick-up' }],
    } as NewPiece),
  ]
}

/** Rows of a sleeve that goes around a handle, in mm (from memory). */
const SLEEVE_MM = 60

/** Two sleeves worked on the middles of front and back, and the handles that go into them. */
function inSleeves(bag: Compiled): readonly Edit[] | null {
  if (!isRound(bag)) return null
  const { design, ledger } = bag
  const { stitchWidthMm, rowHeightMm } = gaugeIn(ledger, baseOf(design).id)
  const handle = newItem(bag, 'bought', { held: 'sleeve' })
  const made = fittings.bought.made({ ...handle, id: 'x' }, from(bag).bag, [from(bag).bag.rim])
  const wide = made.counts['wide']!
  const sleeve = newPiece(bag, 'strap')
  const [foot, band] = sleeve.parts
  const rounds = Math.max(2, Math.round(SLEEVE_MM / rowHeightMm) - 1)
  const to = (how: PieceJoin['how'], edge: PieceJoin['edge'], side: 'RS' | 'WS'): PieceJoin => ({
    ...sewnTo(edge, { by: 'front', side }),
    how,
  })
  return wide * stitchWidthMm > ledger.sizes.flatMm
    ? null
    : [
        addPiece({
          ...sleeve,
          name: freeName(design, 'Sleeve'),
          times: 2,
          parts: [
            { ...foot!, name: 'Sleeve', count: wide },
            { ...band!, rounds },
          ] as typeof sleeve.parts,
          joins: [to('pick-up', 'first', 'RS'), to('whip', 'last', 'WS')],
        }),
        put(bag, 'bought', { held: 'sleeve' }),
      ]
}

/** A drawstring, and a round to thread where the top has none. */
const drawn = (bag: Compiled, cords: 1 | 2, top: TopId): readonly Edit[] | null => {
  const { piece, at, ...on } = topOf(bag)
  if (!isRound(bag)) return null
  const band = tops[top].band({ ...on, worked: piece.worked })
  // It goes through the first of the two rounds.
  const row = rowId(freePartId(bag.design), 1)
  const round = spotOn(BODY, { on: 'row', row, by: 'side' })
  return (
    band && [
      { name: 'addPart', args: { part: band, at, piece: BODY } },
      put(bag, 'drawstring', { cords, round }),
    ]
  )
}

const item = <K extends FittingKind>(
  id: string,
  kind: K,
  name: string,
  over: Partial<Extract<Item, { kind: K }>> = {},
  can: (bag: Compiled) => boolean = () => true,
): Finish => ({
  ...{ id, card: cardOfGroup[fittingsSaid[kind].group], name, hint: fittingsSaid[kind].hint },
  edits: (bag) => (can(bag) ? [put(bag, kind, over)] : null),
})

/** Where a closure is: on the front, and at the middle of the end of a flap where there is one, else at the middles of both faces. */
function closureSpots({ design, ledger }: Compiled): { readonly at: Spot; readonly meets: Spot } {
  const { front } = ledger
  const body = bodyOf(ledger)
  const flap = design.pieces.find((piece) => maybeBaseOf(piece) && roleOf(piece) === 'flap')
  const own = flap && ledger.pieces.find(({ id }) => id === flap.id)
  const { alongMm } = body.columns
  const rowDown = (downMm: number) => {
    const row = alongMm.findIndex((mm) => mm >= alongMm[body.rows - 1]! - downMm)
    return idOfRow(body, Math.max(0, row))
  }
  const on = (row: string) => spotOn(BODY, { on: 'row', row, by: 'front' })
  if (own)
    return {
      at: on(rowDown(own.columns.alongMm[own.rows - 1]! * 0.9)),
      meets: spotOn(own.id, { by: 'front' }),
    }
  if (front.kind === 'folded' && front.over > 0) {
    // The flap is the end of the panel: its last row lies over the front, so many rows down from the upper fold.
    const [end, under] =
      front.flap === 'last'
        ? ([spotOn(BODY, { by: 'front' }), Math.max(0, front.up - front.over)] as const)
        : ([
            spotOn(BODY, { on: 'first', by: 'front' }),
            body.rows - 1 - Math.max(0, front.up - front.over),
          ] as const)
    return { at: on(idOfRow(body, under)), meets: end }
  }
  return { at: spotOn(BODY, { by: 'front' }), meets: spotOn(BODY, { by: 'back' }) }
}

/** A closure where it belongs. */
const closed = (
  id: string,
  name: string,
  over: Partial<Extract<Item, { kind: 'closure' }>>,
): Finish => ({
  ...{ id, card: 'closure', name, hint: fittingsSaid.closure.hint },
  edits: (bag) => [put(bag, 'closure', { name, ...closureSpots(bag), ...over })],
})

/** A gap as wide as the button, in the last rows of the flap or in the middle of the front; and the button, without a loop. */
function withButtonhole(bag: Compiled): readonly Edit[] | null {
  const { design, ledger } = bag
  const own = design.pieces.find((piece) => maybeBaseOf(piece) && roleOf(piece) === 'flap')
  const piece = own ? ledger.pieces.find(({ id }) => id === own.id) : bodyOf(ledger)
  const parts = (own ?? bodyPiece(design)).parts
  const last = parts.at(-1)
  if (!piece || !last || (!own && !isRound(bag))) return null
  const row = piece.rows - 1
  const count = piece.columns.makes[row]!
  const button = newItem(bag, 'closure', { ...closureSpots(bag), name: 'Button' })
  const { stitchWidthMm } = piece.parts.at(-1)!.gauge
  const wide = Math.max(2, Math.round(button.sizeMm / stitchWidthMm))
  const middle = own ? count / 2 : (maybeMiddlesCounted(piece, row)?.front ?? count / 2)
  const top = {
    ...{ count, stitch: last.stitch, letter: lastYarnOf(last), worked: piece.worked, repeat: null },
  }
  const part = buttonhole(top, wide, middle)
  // Without a flap it is sewn on behind the gap, on the inside of the back.
  const at = own ? button.at : spotOn(BODY, { by: 'back', side: 'WS' })
  return (
    part && [
      { name: 'addPart', args: { part, at: parts.length, piece: piece.id } },
      { name: 'addItem', args: { item: { ...button, at, meets: null } } } as Edit,
    ]
  )
}

/** The row at the bottom fold: where a base ends, or a panel is folded. */
function foldRow({ ledger }: Compiled): string {
  const body = bodyOf(ledger)
  const { front } = ledger
  const up = front.kind === 'folded' ? (front.flap === 'last' ? front.up : body.rows - front.up) : 0
  const row = up > 0 ? up - 1 : Math.max(0, body.parts[0]!.endRow - 1)
  return idOfRow(body, Math.min(row, body.rows - 1))
}

/** Every way there is. */
export const finishes: readonly Finish[] = [
  {
    ...{ id: 'handles', card: 'in-edge', name: 'Two handles' },
    hint: 'Chained over gaps in the edge, centred on front and back, with rounds over them',
    edits: (bag) => {
      const { at, stitch, letter, count } = topOf(bag)
      if (!isRound(bag) || count < 20) return null
      const part = bands.handles.begin({ stitch, letters: [letter], count, abbr: '' })
      return [{ name: 'addPart', args: { part, at, piece: BODY } }] as readonly Edit[]
    },
  },
  item('chain-handles', 'chain-handle', 'Chain handles', {}, isRound),
  item('cord', 'cord', 'A cord'),
  item('wrist', 'loop', 'A wrist loop'),
  {
    ...{ id: 'straps-two', card: 'sewn', name: 'Two straps' },
    hint: 'One in front and one behind, sewn on flat, the same way in from both sides',
    edits: twoStraps,
  },
  {
    ...{ id: 'strap-across', card: 'sewn', name: 'One across' },
    hint: 'One long strap from side to side',
    edits: (bag) => strapAcross(bag, false),
  },
  {
    ...{ id: 'strap-tube', card: 'sewn', name: 'A tube across' },
    hint: 'One long strap from side to side, folded along its length and sewn to itself',
    edits: (bag) => strapAcross(bag, true),
  },
  {
    ...{ id: 'sleeves', card: 'bought', name: 'In sleeves' },
    hint: 'Bought handles in sleeves that are worked on, folded over them and sewn',
    edits: inSleeves,
  },
  item('sewn-handles', 'bought', 'Sewn on'),
  item('ring', 'bought', 'A ring', { what: 'ring', widthMm: 30, pair: false, name: 'Ring' }),
  {
    ...{ id: 'draw-two', card: 'drawstring', name: 'Two cords' },
    hint: 'Over and under by twos through a round of tall stitches, from opposite sides',
    edits: (bag) => drawn(bag, 2, 'thread'),
  },
  {
    ...{ id: 'draw-one', card: 'drawstring', name: 'One cord' },
    hint: 'Over and under by twos through a round of tall stitches',
    edits: (bag) => drawn(bag, 1, 'thread'),
  },
  {
    ...{ id: 'draw-eyelets', card: 'drawstring', name: 'Through eyelets' },
    hint: 'One cord in and out of eyelets',
    edits: (bag) => drawn(bag, 1, 'eyelets'),
  },
  {
    ...{ id: 'loops', card: 'drawstring', name: 'Through loops' },
    hint: 'Small loops around the rim, and a cord through them',
    edits: (bag) =>
      isRound(bag)
        ? [
            put(bag, 'loop', {
              name: 'Loops',
              use: 'thread',
              make: 'chain',
              lengthMm: 40,
              times: 8,
            }),
            put(bag, 'drawstring', { cords: 1, through: 'loops' }),
          ]
        : null,
  },
  {
    ...{ id: 'flap', card: 'closure', name: 'A flap' },
    hint: 'Worked on from the back of the rim and narrowed, as high as a share of the body',
    edits: flap,
  },
  closed('button', 'Button', {}),
  {
    ...{ id: 'buttonhole', card: 'closure', name: 'A buttonhole' },
    hint: 'A gap in the middle of the flap’s end, or of the front, and the button that goes through it',
    edits: withButtonhole,
  },
  closed('bead', 'Bead', { what: 'bead', sizeMm: 18 }),
  closed('toggle', 'Toggle', { what: 'toggle', sizeMm: 14 }),
  closed('magnet', 'Magnetic snap', { what: 'magnet', sizeMm: 18 }),
  closed('ties', 'Ties', { what: 'ties', sizeMm: 250 }),
  {
    ...{ id: 'zip', card: 'closure', name: 'A zip', hint: 'Along the opening, sewn in by hand' },
    edits: (bag) => {
      const { flatMm } = bag.ledger.sizes
      const sizeMm = Math.max(10, Math.floor(flatMm / 10) * 10)
      const at = spotOn(BODY, { by: 'side' })
      return [put(bag, 'closure', { name: 'Zip', what: 'zip', sizeMm, at, meets: null })]
    },
  },
  ...topIds.map(topFinish),
  item('lining', 'lining', 'A lining'),
  item('plate', 'stiffener', 'A base plate'),
  item('tassel', 'trim', 'A tassel'),
  item('pompom', 'trim', 'A pompom', { what: 'pompom', name: 'Pompom', sizeMm: 50, wraps: 120 }),
  item('beads', 'beads', 'Beads on the yarn'),
  {
    ...{ id: 'fold', card: 'more', name: 'Slip stitches on' },
    hint: fittingsSaid.surface.hint,
    edits: (bag) => [put(bag, 'surface', { at: spotOn(BODY, { on: 'row', row: foldRow(bag) }) })],
  },
  item('block', 'line', 'Block to size', {
    name: 'Block',
    text: 'Block to size: wet it, shape it over something of its size, and let it dry.',
  }),
  item('line', 'line', 'A line of your own', { name: 'My line', text: 'What is to be done.' }),
]
