import type { Draft } from 'immer'
import { type BandPart, bandOf, bands, within } from '../band/index.ts'
import { fittingOf, type Item } from '../fitting/index.ts'
import { partOfId } from '../part/index.ts'
import { type BasePart, constructionOf, writtenIn } from '../shape/index.ts'
import { type BlockEdits, blockEdits, followBlocks } from './blocks.ts'
import { type ChartEdits, chartEdits } from './chart-edits.ts'
import type { Design, DesignPiece, Part, Yarn } from './documents.ts'
import {
  type DraftPart,
  type DraftPiece,
  type Draw,
  type EditRule,
  itemAt,
  lowest,
  NotThere,
  part,
  piece,
  pieceAt,
  place,
} from './draft.ts'
import { followRows } from './rows-moved.ts'
import {
  BASE_YARNS,
  baseOf,
  begunBy,
  BODY,
  freeItemId,
  freePartId,
  freePieceId,
  growthOf,
  isBase,
  lastYarnOf,
  roundsOf,
} from './parts-of.ts'

/*
 * Everything that can be done to a design. Each edit is data (a name and its arguments), so that a mend can carry one and
 * a worker can send one; the table says what it does and what it is called in the list of what can be undone.
 */

/** A band before it is on a bag, which gives it its id. */
export type NewBand = BandPart extends infer Band
  ? Band extends BandPart
    ? Omit<Band, 'id'>
    : never
  : never

/** A thing beside the pieces before it is on a bag. */
export type NewItem = Omit<Item, 'id'>

/** A piece before it is on a bag, which gives it and its parts their ids. */
export type NewPiece = Omit<DesignPiece, 'id'>

interface Edits extends ChartEdits, BlockEdits {
  replace: { design: Design; why: string }
  rename: { name: string }
  setDesign: Partial<
    Pick<
      Design,
      | 'want'
      | 'hookMm'
      | 'yarnClass'
      | 'swatches'
      | 'measured'
      | 'packs'
      | 'making'
      | 'beginning'
      | 'frontAfter'
      | 'leading'
      | 'ways'
      | 'meant'
      | 'order'
      | 'notes'
    >
  >
  /** Fields of the base it has; or all of another base, which takes its place. */
  setBase: { piece?: string } & ({ values: Record<string, unknown> } | { instead: BasePart })
  setPart: { id: string; values: Record<string, unknown> }
  setRounds: { id: string; rounds: number }
  /** At a place among the parts of its piece; the body when none is said. */
  addPart: { part: NewBand; at: number; piece?: string }
  removePart: { id: string }
  movePart: { id: string; to: number }
  adjustBefore: { id: string; by: number }
  /** A piece of her own, or (without a base) one of the construction's, which has no bands so far. */
  addPiece: { piece: NewPiece }
  setPiece: { id: string; values: Partial<Pick<DesignPiece, 'name' | 'times' | 'joins' | 'share'>> }
  copyPiece: { id: string; name: string }
  movePiece: { id: string; to: number }
  removePiece: { id: string }
  addItem: { item: NewItem }
  setItem: { id: string; values: Partial<Item> }
  removeItem: { id: string }
  setYarn: { letter: string; values: Partial<Omit<Yarn, 'letter'>> }
  addYarn: { yarn: Yarn }
  removeYarn: { letter: string; instead: string }
}
export type EditName = keyof Edits
export type Edit = { [Name in EditName]: { name: Name; args: Edits[Name] } }[EditName]

/** Gives a band so many rounds where one number can say it, and there can be. */
function setRounds(one: DraftPart, wanted: number) {
  if (isBase(one as Part)) return
  const band = one as BandPart
  Object.assign(one, bandOf(band).withRounds(band, wanted))
}

function replaceLetter(one: DraftPart, from: string, to: string) {
  const part = one as Part
  const fields = one as unknown as Record<string, string>
  if (!isBase(part)) Object.assign(one, bandOf(part).withYarn(part, from, to))
  else {
    for (const field of BASE_YARNS) if (fields[field] === from) fields[field] = to
    const { turns } = one as unknown as { turns: { yarn: string }[] }
    for (const turn of turns) if (turn.yarn === from) turn.yarn = to
    const rounds = constructionOf(part).written?.(part)
    if (rounds) Object.assign(one, { rounds: writtenIn(rounds, from, to) })
  }
}

/** Takes out what stands on a construction's piece that is begun no more, and joins to pieces that are gone. */
function forgetLost(design: Draw) {
  const begun = begunBy(baseOf(design as Design))
  design.pieces = design.pieces.filter((one) => lowest(one) > 0 || begun.has(one.id))
  const there = new Set([...begun.keys(), ...design.pieces.map(({ id }) => id)])
  for (const one of design.pieces)
    if (one.joins.some(({ to }) => !there.has(to.piece)))
      one.joins = one.joins.filter(({ to }) => there.has(to.piece))
  const parts = new Set(design.pieces.flatMap((one) => one.parts.map(({ id }) => id)))
  const isThere = ({ part: of, after }: Design['ways'][number]) =>
    (of === null || parts.has(of)) && (after === null || parts.has(partOfId(after)))
  if (!design.ways.every(isThere)) design.ways = design.ways.filter(isThere)
}

export const edits: { readonly [Name in EditName]: EditRule<Edits[Name]> } = {
  ...chartEdits,
  ...blockEdits,
  replace: {
    label: ({ why }) => why,
    run: (draft, { design }) => void Object.assign(draft, design),
  },
  rename: {
    label: ({ name }) => `Rename to ${name}`,
    run: (design, { name }) => {
      design.name = name
    },
  },
  setDesign: {
    label: (values) =>
      `Change ${Object.keys(values)
        .map((key) => designWords[key])
        .join(', ')}`,
    run: (design, values) => Object.assign(design, values),
  },
  setBase: {
    label: () => 'Change the base',
    run: (design, args) => {
      const of = piece(design, args.piece ?? BODY)
      if (lowest(of) === 0) throw new NotThere('this piece has no base of its own')
      if ('instead' in args) of.parts[0] = { ...args.instead } as Draft<BasePart>
      const base = of.parts[0]! as Draft<BasePart>
      if ('values' in args) Object.assign(base, args.values)
      const settle = () =>
        Object.assign(base, constructionOf(base as BasePart).settled?.(base as BasePart))
      settle()
      base.count = Math.max(base.count, growthOf(base as BasePart).first)
      settle()
      forgetLost(design)
    },
  },
  setPart: {
    label: () => 'Change a part',
    run: (design, { id, values }) => {
      const one = part(design, id) as Part
      Object.assign(one, values)
      if (!isBase(one)) Object.assign(one, bandOf(one).settled(one))
    },
  },
  setRounds: {
    label: ({ rounds }) => `${rounds} rounds`,
    run: (design, { id, rounds }) => setRounds(part(design, id), rounds),
  },
  addPart: {
    label: ({ part: { name } }) => `Add ${name}`,
    run: (design, { part: added, at, piece: of = BODY }) => {
      const band = { ...added, id: freePartId(design as Design) }
      const known = design.pieces.some(({ id }) => id === of)
      if (!known && begunBy(baseOf(design as Design)).has(of))
        design.pieces.push({ id: of, name: null, times: 1, parts: [], joins: [], blocks: [] })
      const into = piece(design, of)
      into.parts.splice(Math.max(lowest(into), at), 0, band as Draft<Part>)
    },
  },
  removePart: {
    label: () => 'Remove a part',
    run: (design, { id }) => {
      const { piece, at } = place(design, id)
      if (at < lowest(piece)) return
      piece.parts.splice(at, 1)
      forgetLost(design)
    },
  },
  movePart: {
    label: () => 'Move a part',
    run: (design, { id, to }) => {
      const { piece, at } = place(design, id)
      if (at < lowest(piece)) return
      const [moved] = piece.parts.splice(at, 1)
      piece.parts.splice(Math.max(lowest(piece), to), 0, moved!)
    },
  },
  adjustBefore: {
    label: ({ by }) => (by > 0 ? `Add ${by} stitches` : `Take away ${-by} stitches`),
    run: (design, { id, by }) => {
      const { piece, at } = place(design, id)
      const below = piece.parts[at - 1]
      if (!below) throw new NotThere('nothing lies below the base')
      if (!addTo(below, by)) piece.parts.splice(at, 0, plainRoundFor(design, below as Part, by))
    },
  },
  addPiece: {
    label: ({ piece }) => `Add ${piece.name}`,
    run: (design, { piece: added }) => {
      const id = freePieceId(design as Design)
      const empty: DraftPiece = { ...(added as DraftPiece), id, parts: [], blocks: [] }
      design.pieces.push(empty)
      const ids = new Map<string, string>()
      for (const one of added.parts) {
        ids.set(one.id, freePartId(design as Design))
        piece(design, id).parts.push({ ...one, id: ids.get(one.id)! } as DraftPart)
      }
      piece(design, id).blocks = added.blocks.map(({ times, yarns }) => ({
        yarns: [...yarns],
        times: times.map(({ bands }) => ({ bands: bands.map((one) => ids.get(one) ?? one) })),
      }))
    },
  },
  setPiece: {
    label: () => 'Change a piece',
    run: (design, { id, values }) => void Object.assign(piece(design, id), values),
  },
  copyPiece: {
    label: ({ name }) => `Copy as ${name}`,
    run: (design, { id, name }) => {
      const { times, parts, joins, blocks, share } = piece(design, id) as DesignPiece
      const kept = share === undefined ? {} : { share }
      edits.addPiece.run(design, { piece: { name, times, parts, joins, blocks, ...kept } })
      const [copy] = design.pieces.splice(-1)
      design.pieces.splice(pieceAt(design, id) + 1, 0, copy!)
    },
  },
  movePiece: {
    label: () => 'Move a piece',
    run: (design, { id, to }) => {
      const at = pieceAt(design, id)
      if (at === 0) return
      const [moved] = design.pieces.splice(at, 1)
      design.pieces.splice(within(to, 1, design.pieces.length), 0, moved!)
    },
  },
  removePiece: {
    label: () => 'Remove a piece',
    run: (design, { id }) => {
      const at = pieceAt(design, id)
      if (at > 0) design.pieces.splice(at, 1)
      forgetLost(design)
    },
  },
  addItem: {
    label: ({ item }) => `Add ${item.name}`,
    run: (design, { item }) =>
      void design.items.push({ ...(item as Draft<Item>), id: freeItemId(design as Design) }),
  },
  setItem: {
    label: () => 'Change a fitting',
    run: (design, { id, values }) => void Object.assign(itemAt(design, id), values),
  },
  removeItem: {
    label: () => 'Take out a fitting',
    run: (design, { id }) => {
      design.items.splice(design.items.indexOf(itemAt(design, id)), 1)
    },
  },
  setYarn: {
    label: ({ letter }) => `Change yarn ${letter}`,
    run: (design, { letter, values }) => {
      const yarn = design.yarns.find((one) => one.letter === letter)
      if (yarn) Object.assign(yarn, values)
    },
  },
  addYarn: {
    label: ({ yarn }) => `Add ${yarn.name}`,
    run: (design, { yarn }) => void design.yarns.push(yarn as Draft<Yarn>),
  },
  removeYarn: {
    label: ({ letter, instead }) => `${instead} instead of ${letter}`,
    run: (design, { letter, instead }) => {
      for (const { parts, blocks } of design.pieces) {
        for (const one of parts) replaceLetter(one, letter, instead)
        for (const block of blocks) block.yarns = block.yarns.filter((one) => one !== letter)
      }
      for (const item of design.items)
        Object.assign(item, fittingOf(item as Item).withYarn(item as Item, letter, instead))
      design.measured = design.measured.filter(({ yarn }) => yarn !== letter)
      for (const pack of design.packs ?? []) pack.balls = pack.balls.filter((one) => one !== letter)
      for (const swatch of design.swatches) if (swatch.yarn === letter) swatch.yarn = instead
      design.ways = design.ways.filter(({ yarn }) => yarn !== letter)
      design.yarns = design.yarns.filter((yarn) => yarn.letter !== letter)
    },
  },
}

/** What a round is called that is there only to carry a change of count. */
const EVEN_OUT = 'Even out'
/** Whether a band is there only for its change of count. */
export const isEvenOut = (part: BandPart): boolean =>
  bandOf(part).change(part) !== null && part.name === EVEN_OUT && roundsOf(part) === 1

/** Adds to the change of count of a band; whether that is its work. */
function addTo(one: DraftPart, by: number): boolean {
  const part = one as Part
  const now = isBase(part) ? null : bandOf(part).change(part)
  if (now === null || isBase(part)) return false
  Object.assign(one, bandOf(part).withChange(part, now + by))
  return true
}

/** A single plain round that carries a change of count, in the yarn of the part below. */
function plainRoundFor(design: Draw, below: Part, adjust: number): Draft<BandPart> {
  const letters = [lastYarnOf(below)]
  return {
    ...bands.plain.begin({ stitch: below.stitch, letters, count: 0, abbr: '' }),
    id: freePartId(design as Design),
    name: EVEN_OUT,
    rounds: 1,
    adjust,
  }
}

const designWords: Readonly<Record<string, string>> = {
  want: 'the wanted size',
  hookMm: 'the hook',
  yarnClass: 'the yarn class',
  swatches: 'the swatches',
  measured: 'what yarn stitches take',
  packs: 'the packs',
  making: 'how rounds are worked',
  beginning: 'how it is begun',
  frontAfter: 'where the front is',
  leading: 'how yarns are led',
  ways: 'how yarns are led',
  meant: 'what is as you want it',
  order: 'the order of finishing',
  notes: 'the note of the pattern',
}

/** Runs an edit on a draft of a design. */
export function runEdit(design: Draw, edit: Edit, before: Design): void {
  const rule = edits[edit.name] as EditRule<unknown>
  rule.run(design, edit.args)
  // Another design in its place says itself where everything is.
  if (edit.name === 'replace') return
  followBlocks(design, before)
  followRows(design, before)
}

/** What the edit is called in the list of what can be undone. */
export function editLabel(edit: Edit): string {
  return (edits[edit.name] as EditRule<unknown>).label(edit.args)
}
