import { bandOf, HANDLE_LIMITS, isBandOf } from '../band/index.ts'
import {
  bandsIn,
  type Design,
  type DesignPiece,
  type Edit,
  maybeBaseOf,
  partById,
  type PieceJoin,
  roundsOf,
  seams,
  yarnByLetter,
} from '../design/index.ts'
import {
  bodyMeasureOf,
  dropAcross,
  type DropKind,
  dropOf,
  drops,
  type Field,
  fittingOf,
  saidOf,
  type Item,
  lengthForDrop,
} from '../fitting/index.ts'
import {
  bodyOf,
  type Compiled,
  handlesInRow,
  type LedgerItem,
  type Piece,
} from '../ledger/index.ts'
import { LIMITS, type Spot } from '../part/index.ts'
import { seamWords, spotShort } from '../pattern/index.ts'
import type { Words } from '../stitch/index.ts'
import { counted, printLength } from '../units/index.ts'
import { type Drop, maybeDrop, maybeHung } from './drop-on.ts'
import type { Finished } from './finished-with.ts'

/* What is decided about what a bag is finished with, as sentences whose words open what changes them. */

/** What one word of a sentence changes, and what it is now. Lengths in mm. */
export interface FinishField {
  readonly key: string
  readonly label: string
  readonly kind: Field<Item>['kind']
  readonly options?: readonly { readonly value: string | number; readonly label: string }[]
  readonly min?: number
  readonly max?: number
  readonly value: unknown
  readonly edits: (value: unknown) => readonly Edit[]
}
export type FinishPiece = string | { readonly text: string; readonly field: FinishField }

const field = (
  text: string,
  of: Omit<FinishField, 'edits'>,
  edits: FinishField['edits'],
): FinishPiece => ({ text, field: { ...of, edits } })

/** "drop 22.4 cm, for the crook of the arm": its word sets the length. */
function dropSaid(
  drop: Drop | null,
  apartMm: number,
  words: Words,
  edits: (lengthMm: number) => readonly Edit[],
): readonly FinishPiece[] {
  if (!drop) return []
  return [
    '; drop ',
    field(
      printLength(drop.emptyMm, words.units),
      { key: 'drop', label: 'Drop', kind: 'length', min: 20, max: 1500, value: drop.emptyMm },
      (value) => edits(lengthForDrop(Number(value), apartMm)),
    ),
    ', for ',
    field(
      drops[drop.kind].name,
      {
        ...{ key: 'dropKind', label: 'For', kind: 'choice', value: drop.kind },
        options: Object.entries(drops).map(([value, { name, mm }]) => ({
          value,
          label: `${name}: ${printLength(mm, words.units)}`,
        })),
      },
      // What it stretches by with a load in it is taken off.
      (kind) => edits(lengthForDrop(drops[kind as DropKind].mm, apartMm, drop.stretch)),
    ),
    ...(drop.kind === 'across' ? bodySaid(drop, apartMm, words, edits) : []),
  ]
}

/** A strap across the body goes by a measure of it. */
function bodySaid(
  { lengthMm, stretch }: Drop,
  apartMm: number,
  words: Words,
  edits: (lengthMm: number) => readonly Edit[],
): readonly FinishPiece[] {
  // Worn it hangs with what is in it.
  const value = bodyMeasureOf(dropOf(lengthMm * (1 + stretch), apartMm))
  return [
    ', ',
    field(
      `${printLength(value, words.units)} from the shoulder to the rim`,
      {
        key: 'body',
        label: 'From the shoulder to the rim',
        kind: 'length',
        min: 100,
        max: 1200,
        value,
      },
      (to) => edits(lengthForDrop(dropAcross(Number(to)), apartMm, stretch)),
    ),
  ]
}

/** Handles in the edge. */
function handlesSaid(bag: Compiled, id: string, words: Words): readonly FinishPiece[] {
  const { design, ledger } = bag
  const part = partById(design, id)
  if (!isBandOf('handles', part as never)) return topSaid(design, id)
  const band = part as Extract<typeof part, { kind: 'handles' }>
  const body = bodyOf(ledger)
  const place = body.parts.find((one) => one.id === id)!
  const [handle] = handlesInRow(ledger, body, place.firstRow)
  const set = (values: Record<string, unknown>): readonly Edit[] => [
    { name: 'setPart', args: { id, values } },
  ]
  const whole = (
    key: string,
    label: string,
    min: number,
    max: number,
    value: number,
    text?: string,
  ) =>
    field(text ?? String(value), { key, label, kind: 'whole', min, max, value }, (to) =>
      set({ [key]: to }),
    )
  const { stitchWidthMm } = place.gauge
  const hung = maybeHung(bag, 'part', id)
  return [
    'Two, worked in the edge in ',
    field(
      yarnByLetter(design, band.yarn).name,
      { key: 'yarn', label: 'Yarn', kind: 'yarn', value: band.yarn },
      (to) => set({ yarn: to }),
    ),
    ', over gaps of ',
    whole('gap', 'Stitches passed over', 1, LIMITS.count, handle?.gap ?? band.gap ?? 0),
    ', chains of ',
    whole('chain', 'Chains of each', 1, HANDLE_LIMITS.chain, handle?.chain ?? band.chain ?? 0),
    ', ',
    whole(
      'over',
      'Rounds over them',
      0,
      HANDLE_LIMITS.over,
      band.over,
      counted(band.over, 'round'),
    ),
    ' over them, ',
    field(
      band.together ? 'corners closed' : 'corners open',
      {
        key: 'together',
        label: 'Close the corners: two together where edge and chain meet',
        kind: 'flag',
        value: band.together,
      },
      (to) => set({ together: to === true }),
    ),
    ...dropSaid(maybeDrop(bag, { of: 'part', id }), hung?.apartMm ?? 0, words, (mm) =>
      set({ chain: Math.max(1, Math.round(mm / stitchWidthMm)) }),
    ),
    '.',
  ]
}

/** A band that ends the top. */
function topSaid(design: Design, id: string): readonly FinishPiece[] {
  const part = partById(design, id) as ReturnType<typeof bandsIn>[number]
  const [yarn] = bandOf(part).yarns(part)
  return [
    `${part.name}, ${counted(roundsOf(part), 'round')} in `,
    field(
      yarnByLetter(design, yarn!).name,
      { key: 'yarn', label: 'Yarn', kind: 'yarn', value: yarn },
      (to) => [
        {
          name: 'setPart',
          args: { id, values: { ...bandOf(part).withYarn(part, yarn!, String(to)) } },
        },
      ],
    ),
    '. Its rows are among the bands.',
  ]
}

/** A piece that is sewn or worked on: what its words are made of. */
interface OfPiece {
  readonly bag: Compiled
  readonly id: string
  readonly own: DesignPiece
  readonly piece: Piece
  readonly words: Words
  /** How long it is, and what makes it so long. */
  readonly longMm: number
  readonly lengthTo: (mm: number) => readonly Edit[]
  readonly setJoins: (to: (join: PieceJoin) => PieceJoin) => readonly Edit[]
}

function ofPiece(bag: Compiled, id: string, words: Words): OfPiece {
  const own = bag.design.pieces.find((piece) => piece.id === id)!
  const piece = bag.ledger.pieces.find((one) => one.id === id)!
  const [band] = bandsIn(own)
  const { rowHeightMm } = piece.parts[0]!.gauge
  const longMm = piece.columns.alongMm[piece.rows - 1]!
  const rounds = (mm: number) =>
    Math.max(1, Math.round((band ? roundsOf(band) : 0) + (mm - longMm) / rowHeightMm))
  return {
    ...{ bag, id, own, piece, words, longMm },
    lengthTo: (mm) =>
      band ? [{ name: 'setRounds', args: { id: band.id, rounds: rounds(mm) } }] : [],
    setJoins: (to) => [{ name: 'setPiece', args: { id, values: { joins: own.joins.map(to) } } }],
  }
}

function madeSaid({ bag, id, own, piece, words, longMm, lengthTo }: OfPiece): FinishPiece[] {
  const base = maybeBaseOf(own)!
  const { units } = words
  const wideMm = base.count * piece.parts[0]!.gauge.stitchWidthMm
  const name = own.name ?? 'Piece'
  return [
    own.times > 1 ? `${own.times} ${name.toLowerCase()}s of ` : `${name} of `,
    field(
      yarnByLetter(bag.design, base.yarn).name,
      { key: 'yarn', label: 'Yarn', kind: 'yarn', value: base.yarn },
      (to) =>
        own.parts.map((part) => ({
          name: 'setPart',
          args: { id: part.id, values: { yarn: to } },
        })),
    ),
    ', ',
    field(
      `${counted(base.count, 'stitch')} (${printLength(wideMm, units)})`,
      { key: 'count', label: 'Stitches wide', kind: 'whole', min: 3, max: 400, value: base.count },
      (to) => [{ name: 'setBase', args: { piece: id, values: { count: Number(to) } } }],
    ),
    ' wide, ',
    field(
      `${counted(piece.rows, 'row')} (${printLength(longMm, units)})`,
      {
        key: 'length',
        label: 'Length',
        kind: 'length',
        min: 10,
        max: LIMITS.lengthMm,
        value: longMm,
      },
      (to) => lengthTo(Number(to)),
    ),
    ' long',
  ]
}

function shareSaid({ bag, id, own, lengthTo }: OfPiece): FinishPiece[] {
  if (own.share === undefined) return []
  const value = Math.round(own.share * 100)
  return [
    ', kept at ',
    field(
      `${value} %`,
      {
        key: 'share',
        label: 'Per cent of the body’s height',
        kind: 'whole',
        min: 10,
        max: 200,
        value,
      },
      (to) => [
        { name: 'setPiece', args: { id, values: { share: Number(to) / 100 } } },
        ...lengthTo((bag.ledger.sizes.heightMm * Number(to)) / 100),
      ],
    ),
    ' of the body’s height',
  ]
}

/** How far its ends lie over what they are sewn to, and how far in from the sides they stand. */
function placedSaid({ own, words: { units }, setJoins }: OfPiece): FinishPiece[] {
  const lapped = own.joins.find(({ lapMm }) => lapMm)
  const aside = own.joins.find(({ to }) => to.inMm)
  const inMm = Math.abs(aside?.to.at ?? 0)
  return [
    ...(lapped
      ? [
          ', ',
          field(
            printLength(lapped.lapMm!, units),
            {
              key: 'lap',
              label: 'Lies over at each end',
              kind: 'length',
              min: 5,
              max: 200,
              value: lapped.lapMm,
            },
            (to) => setJoins((join) => (join.lapMm ? { ...join, lapMm: Number(to) } : join)),
          ),
          ' over the bag at each end',
        ]
      : []),
    ...(aside
      ? [
          ', ',
          field(
            printLength(inMm, units),
            {
              key: 'in',
              label: 'In from the sides',
              kind: 'length',
              min: 0,
              max: 2000,
              value: inMm,
            },
            (to) =>
              setJoins((join) => {
                const at = Math.sign(join.to.at || 1) * Number(to)
                return join.to.inMm ? { ...join, to: { ...join.to, at } } : join
              }),
          ),
          ' in from the sides',
        ]
      : []),
  ]
}

function sewnSaid({ own: { joins }, setJoins }: OfPiece): FinishPiece[] {
  const sewn = joins.find(({ how }) => how !== 'pick-up')
  if (!sewn) return []
  return [
    ', ',
    field(
      seamWords[sewn.how].toLowerCase(),
      {
        ...{ key: 'how', label: 'How it is sewn', kind: 'choice', value: sewn.how },
        options: seams
          .filter((how) => how !== 'pick-up')
          .map((value) => ({ value, label: seamWords[value] })),
      },
      (to) =>
        setJoins((join) =>
          join.how === 'pick-up' ? join : { ...join, how: to as typeof join.how },
        ),
    ),
    ...(sewn.lapMm ? [] : togetherSaid(sewn, setJoins)),
  ]
}

/** Which sides face where it is sewn. */
function togetherSaid(
  { together }: PieceJoin,
  setJoins: OfPiece['setJoins'],
): readonly FinishPiece[] {
  const value = together ?? 'usual'
  return [
    ', ',
    field(
      together ? `${together} sides together` : 'its sides as usual',
      {
        ...{ key: 'together', label: 'Which sides face', kind: 'choice', value },
        options: [
          { value: 'usual', label: 'as that seam usually has them' },
          { value: 'right', label: 'right sides together' },
          { value: 'wrong', label: 'wrong sides together' },
        ],
      },
      (to) =>
        setJoins((join) => {
          const rest = Object.fromEntries(
            Object.entries(join).filter(([key]) => key !== 'together'),
          ) as unknown as PieceJoin
          return to === 'usual' ? rest : { ...rest, together: to as 'right' | 'wrong' }
        }),
    ),
  ]
}

/** How a strap, sleeve or flap is made and where it goes. */
function pieceSaid(bag: Compiled, id: string, words: Words): readonly FinishPiece[] {
  const of = ofPiece(bag, id, words)
  const hung = maybeHung(bag, 'piece', id)
  const over = of.longMm - (hung?.lengthMm ?? of.longMm)
  return [
    ...[...madeSaid(of), ...shareSaid(of), ...placedSaid(of), ...sewnSaid(of)],
    ...dropSaid(maybeDrop(bag, { of: 'piece', id }), hung?.apartMm ?? 0, words, (mm) =>
      of.lengthTo(mm + over),
    ),
    '.',
  ]
}

/** Where a spot of a thing is, in few words. */
const placesOf = (bag: Compiled, one: LedgerItem, spots: readonly Spot[], words: Words): string[] =>
  spots.map((spot, i) => spotShort(bag.ledger, spot, one.places[i] ?? null, words))

function itemSaid(bag: Compiled, id: string, words: Words): readonly FinishPiece[] {
  const { design, ledger } = bag
  const one = ledger.items.find(({ item }) => item.id === id)!
  const { item } = one
  const [fitting, how] = [fittingOf(item), saidOf(item)]
  const said = how.says(item, {
    ...{ made: one, words },
    yarn: (letter) => yarnByLetter(design, letter).name,
    places: placesOf(bag, one, fitting.spots(item), words),
  })
  return said.map((piece): FinishPiece => {
    if (typeof piece === 'string') return piece
    const [key, text] = piece
    const found = how.fields.find((field) => field.key === key)!
    const value = item[key as keyof Item] as unknown
    return field(text, { ...found, value } as FinishField, (to) => [
      { name: 'setItem', args: { id, values: { [key]: to } as Partial<Item> } },
    ])
  })
}

/** What is decided about something a bag is finished with. @throws InvariantError when it is not there */
export const finishSaid = (
  bag: Compiled,
  { of, id }: Pick<Finished, 'of' | 'id'>,
  words: Words,
): readonly FinishPiece[] =>
  of === 'part'
    ? handlesSaid(bag, id, words)
    : of === 'piece'
      ? pieceSaid(bag, id, words)
      : itemSaid(bag, id, words)

/** A sentence as it is read. */
export const finishText = (said: readonly FinishPiece[]): string =>
  said.map((piece) => (typeof piece === 'string' ? piece : piece.text)).join('')

/** Fields of a thing that its sentence does not say. */
export function fieldsBeside(
  bag: Compiled,
  id: string,
  said: readonly FinishPiece[],
): readonly FinishField[] {
  const one = bag.ledger.items.find(({ item }) => item.id === id)
  if (!one) return []
  const keys = new Set(
    said.flatMap((piece) => (typeof piece === 'string' ? [] : [piece.field.key])),
  )
  return saidOf(one.item)
    .fields.filter(({ key }) => !keys.has(key))
    .map((found) => ({
      ...(found as unknown as FinishField),
      value: one.item[found.key as keyof Item] as unknown,
      edits: (to: unknown) => [
        { name: 'setItem' as const, args: { id, values: { [found.key]: to } as Partial<Item> } },
      ],
    }))
}
