import { current } from 'immer'
import { type BandPart, bandOf } from '../band/index.ts'
import { LIMITS } from '../part/index.ts'
import { cutAt } from '../units/index.ts'
import type { Block, DesignPiece, Part } from './documents.ts'
import { type DraftPiece, type Draw, type EditRule, NotThere, piece, place } from './draft.ts'
import { isBase } from './parts-of.ts'
import type { Design } from './documents.ts'

/*
 * Bands that are worked together several times. Each time has bands of its own, which follow one another: what is changed in one time is
 * changed in all, its yarns by their turns.
 */

/** How a block is worked: how often, in which yarns by turns, and how many of its bands the last time leaves out. */
export interface BlockWays {
  readonly times: number
  readonly yarns: readonly string[]
  readonly short: number
}

/** What is to be repeated: the lowest and the highest of its bands. */
export interface Repeated extends BlockWays {
  readonly from: string
  readonly to: string
}

export const shortOf = ({ times }: Block): number =>
  times[0]!.bands.length - times.at(-1)!.bands.length

/** Stands for a letter while others change places. */
const NONE = '_'

/** A band with its yarns so many turns on. */
function turned(part: BandPart, yarns: readonly string[], by: number): BandPart {
  const length = yarns.length
  const turn = length > 0 ? ((by % length) + length) % length : 0
  if (turn === 0) return part
  let now = part
  const swap = (from: string, to: string) => {
    now = { ...now, ...bandOf(now).withYarn(now, from, to) } as BandPart
  }
  const left = new Set(yarns.keys())
  while (left.size > 0) {
    // Round one circle of yarns that take each other's place, the last of it first.
    const [first] = left
    const circle = [first!]
    for (let at = (first! + turn) % length; at !== first; at = (at + turn) % length) circle.push(at)
    for (const at of circle) left.delete(at)
    swap(yarns[circle.at(-1)!]!, NONE)
    for (let i = circle.length - 2; i >= 0; i--) swap(yarns[circle[i]!]!, yarns[circle[i + 1]!]!)
    swap(NONE, yarns[circle[0]!]!)
  }
  return now
}

const NTH = /, \d+$/
const nameOf = (name: string, nth: number): string =>
  nth === 0 ? name.replace(NTH, '') : `${cutAt(name.replace(NTH, ''), 50)}, ${nth + 1}`

/** Ids nobody has, one after the other. */
function freeIds(taken: ReadonlySet<string>): () => string {
  let n = 0
  return () => {
    do n++
    while (taken.has(`p${n}`))
    return `p${n}`
  }
}

/** A band of a time, and its place in the time as it was; null for one that was put in. */
interface Slot {
  readonly part: BandPart
  readonly was: number | null
}

/** A piece whose block is worked as its time `source` is now, in such ways. */
function laidOut(
  of: DesignPiece,
  at: number,
  { slots, source }: { readonly slots: readonly Slot[]; readonly source: number },
  ways: BlockWays,
  freeId: () => string,
): DesignPiece {
  const block = of.blocks[at]!
  const blocks = of.blocks.toSpliced(at, 1)
  if (slots.length === 0 || ways.times < 2)
    return { ...of, blocks, parts: ways.times < 2 ? withoutTimes(of, block) : of.parts }
  const short = Math.min(Math.max(0, ways.short), slots.length - 1)
  const times = Array.from({ length: ways.times }, (_, nth) => {
    const here = nth === ways.times - 1 ? slots.slice(0, slots.length - short) : slots
    return here.map(({ part, was }): BandPart => {
      if (nth === source) return part
      const id = was === null ? undefined : block.times[nth]?.bands[was]
      const turn = turned(part, ways.yarns, nth - source)
      return { ...turn, id: id ?? freeId(), name: nameOf(part.name, nth) }
    })
  })
  const ids = times.map((parts) => ({ bands: parts.map(({ id }) => id) }))
  return {
    ...of,
    parts: placed(of.parts, block, times),
    blocks: of.blocks.with(at, { ...block, times: ids, yarns: ways.yarns }),
  }
}

/** The parts without the times of a block but its first. */
const withoutTimes = ({ parts }: DesignPiece, { times }: Block): Part[] => {
  const more = new Set(times.slice(1).flatMap(({ bands }) => bands))
  return parts.filter(({ id }) => !more.has(id))
}

/** The parts with those of each time where they were, and new times after the one before. */
function placed(
  parts: readonly Part[],
  block: Block,
  times: readonly (readonly BandPart[])[],
): Part[] {
  const old = new Set([
    ...block.times.flatMap(({ bands }) => bands),
    ...times.flat().map(({ id }) => id),
  ])
  const list: Part[] = []
  const done = new Set<number>()
  const put = (nth: number) => {
    if (done.has(nth) || !times[nth]) return
    done.add(nth)
    list.push(...times[nth])
    // What had no place so far comes at once after it.
    if (nth === block.times.length - 1)
      for (let more = nth + 1; more < times.length; more++) put(more)
  }
  for (const part of parts) {
    const nth = block.times.findIndex(({ bands }) => bands.includes(part.id))
    if (nth >= 0) put(nth)
    else if (!old.has(part.id)) list.push(part)
  }
  return list
}

/** The stretch of a piece that is one time of a block: its bands, and what was put between them. */
function slotsOf({ parts }: DesignPiece, bands: readonly string[]): Slot[] {
  const there = parts.flatMap(({ id }, at) => (bands.includes(id) ? [at] : []))
  if (there.length === 0) return []
  return parts
    .slice(there[0], there.at(-1)! + 1)
    .filter((part): part is BandPart => !isBase(part))
    .map((part) => ({ part, was: bands.includes(part.id) ? bands.indexOf(part.id) : null }))
}

/** A piece whose blocks are alike in all their times again, after something was changed in one of them. */
function settled(
  now: DesignPiece,
  was: DesignPiece | undefined,
  freeId: () => string,
): DesignPiece {
  const before = new Map(was?.parts.map((part) => [part.id, part]))
  let piece = now
  for (let at = now.blocks.length - 1; at >= 0; at--) {
    const block = piece.blocks[at]!
    const all = block.times.map(({ bands }) => slotsOf(piece, bands))
    const isOther = (slots: readonly Slot[], nth: number) =>
      slots.map(({ part }) => part.id).join(' ') !== block.times[nth]!.bands.join(' ')
    const isChanged = (slots: readonly Slot[]) =>
      slots.some(({ part }) => before.get(part.id) !== part)
    const other = all.findIndex(isOther)
    const source = other >= 0 ? other : all.findIndex(isChanged)
    if (source < 0) continue
    const [full] = all
    const own = all[source]!
    const short = shortOf(block)
    // A last time that is cut short says nothing of what it leaves out.
    const rest =
      source === all.length - 1 && short > 0
        ? full!.slice(full!.length - short).map((slot) => ({
            ...slot,
            part: turned(slot.part, block.yarns, source),
          }))
        : []
    const ways = { times: block.times.length, yarns: block.yarns, short }
    piece = laidOut(piece, at, { slots: [...own, ...rest], source }, ways, freeId)
  }
  return piece
}

const idsOf = ({ pieces }: Design) =>
  new Set(pieces.flatMap(({ parts }) => parts.map(({ id }) => id)))

/** Has all times of a block go with the one that was changed. */
export function followBlocks(design: Draw, before: Design): void {
  for (const draft of design.pieces) {
    if (draft.blocks.length === 0) continue
    const now = current(draft) as DesignPiece
    const was = before.pieces.find(({ id }) => id === now.id)
    if (now === was) continue
    put(draft, now, settled(now, was, freeIds(idsOf(current(design) as Design))))
  }
}

function put(draft: DraftPiece, now: DesignPiece, next: DesignPiece): void {
  if (next === now) return
  draft.parts = next.parts as DraftPiece['parts']
  draft.blocks = next.blocks as DraftPiece['blocks']
}

export interface BlockEdits {
  /** Bands from one to another, worked several times. */
  repeatParts: Repeated
  setBlock: { piece: string; at: number; ways: BlockWays }
  /** Its times are bands like any other. */
  unfoldBlock: { piece: string; at: number }
}

export const blockEdits: { readonly [Name in keyof BlockEdits]: EditRule<BlockEdits[Name]> } = {
  repeatParts: {
    label: ({ times }) => `Repeat × ${times}`,
    run: (design, { from, to, ...ways }) => {
      const { piece: draft, at } = place(design, from)
      const end = draft.parts.findIndex(({ id }) => id === to)
      if (end < 0) throw new NotThere('that band is of another piece')
      const now = current(draft) as DesignPiece
      const parts = now.parts.slice(Math.min(at, end), Math.max(at, end) + 1)
      const isTaken = ({ id }: Part) => now.blocks.some((one) => holds(one, id))
      if (parts.some((part) => isBase(part) || isTaken(part)))
        throw new NotThere('a base, or what is repeated already, is not repeated')
      const bands = parts.map(({ id }) => id)
      const made = { ...now, blocks: [...now.blocks, { times: [{ bands }], yarns: ways.yarns }] }
      const slots = parts.map((part, was) => ({ part: part as BandPart, was }))
      const freeId = freeIds(idsOf(current(design) as Design))
      put(draft, now, laidOut(made, now.blocks.length, { slots, source: 0 }, ways, freeId))
    },
  },
  setBlock: {
    label: ({ ways }) => `Repeat × ${ways.times}`,
    run: (design, { piece: id, at, ways }) => {
      const draft = piece(design, id)
      const now = current(draft) as DesignPiece
      const block = now.blocks[at]
      if (!block) throw new NotThere('this block is not there any more')
      const slots = slotsOf(now, block.times[0]!.bands)
      const freeId = freeIds(idsOf(current(design) as Design))
      put(draft, now, laidOut(now, at, { slots, source: 0 }, ways, freeId))
    },
  },
  unfoldBlock: {
    label: () => 'Unfold a block',
    run: (design, { piece: id, at }) => void piece(design, id).blocks.splice(at, 1),
  },
}

const holds = ({ times }: Block, id: string): boolean =>
  times.some(({ bands }) => bands.includes(id))

/** The block a band is of, which of its times it is in, from 0, and its place there; null where it is of none. */
export function blockOf({ blocks }: Pick<DesignPiece, 'blocks'>, id: string) {
  for (const [at, block] of blocks.entries())
    for (const [nth, { bands }] of block.times.entries())
      if (bands.includes(id)) return { at, block, nth, place: bands.indexOf(id) }
  return null
}

/** What is wrong with the blocks of a piece, with the field of it. */
export function blockFaults({ parts, blocks }: DesignPiece): (readonly [string, string])[] {
  const bands = new Set(parts.flatMap((part) => (isBase(part) ? [] : [part.id])))
  const seen = new Set<string>()
  return blocks.flatMap(({ times }, b) => {
    const [first, ...others] = times
    const full = first?.bands.length ?? 0
    const where = `blocks[${b}]`
    const said: (readonly [string, string])[] = []
    if (others.length === 0) said.push([where, 'is worked twice at least'])
    if (
      others.some(({ bands: { length } }, i) =>
        i < others.length - 1 ? length !== full : length > full || length === 0,
      )
    )
      said.push([where, 'has as many bands each time; its last time may have fewer'])
    for (const id of times.flatMap((time) => time.bands)) {
      if (!bands.has(id)) said.push([where, `there is no band ${id} in this piece`])
      if (seen.has(id)) said.push([where, `${id} is repeated twice over`])
      seen.add(id)
    }
    return said
  })
}

/** Most times a block is worked. */
export const MOST_TIMES = LIMITS.parts
