import type { Compiled, Ledger, Piece } from '../ledger/index.ts'
import { dot, facingAt, formOf, type Sheet, sheetsOf, type Vec } from '../form/index.ts'
import { type DrawnPath, inked, polyline } from '../paper/index.ts'

/*
 * The bag in lines, as it stands: its fabric in patches from the farthest to the nearest. It says where something is; how the bag looks the pictures
 * of it say.
 */

/** From where it is seen: turned to the right, and from above, in radians. */
interface ViewFrom {
  readonly turn: number
  readonly tilt: number
}
export const FRONT: ViewFrom = { turn: 0.42, tilt: 0.3 }

/** Rows that stand out: of a piece, half-open. */
export interface Shown {
  readonly piece: number
  readonly from: number
  readonly to: number
}

interface Sketch {
  readonly width: number
  readonly height: number
  readonly paths: readonly DrawnPath[]
  /** A place of the bag in the drawing. */
  readonly place: (at: Vec) => readonly [x: number, y: number]
  /** Whether what faces so is seen. */
  readonly seen: (out: Vec) => boolean
}

const PLAIN = { out: '#ffffff', in: '#e6e8e3' } as const
const SHOWN = { out: '#8fb09f', in: '#b9cdc2' } as const
const THING = '#9aa39d'
const ACROSS = 28
const MOST_UP = 7

/** A patch of fabric in space: its corners, the way it faces, and the rows it is of. */
interface Patch {
  readonly corners: readonly Vec[]
  readonly middle: Vec
  /** Null for a thing without rows. */
  readonly of: { readonly piece: number; readonly row: number; readonly out: Vec } | null
}

const middleOf = (corners: readonly Vec[]): Vec => {
  const mean = (axis: 0 | 1 | 2) =>
    corners.reduce((sum, corner) => sum + corner[axis], 0) / corners.length
  return [mean(0), mean(1), mean(2)]
}

/** The bag in patches, once for all drawings of it. */
const known = new WeakMap<Ledger, Map<'right' | 'left', readonly Patch[]>>()
function patchesOf(compiled: Compiled, hand: 'right' | 'left'): readonly Patch[] {
  const of = known.get(compiled.ledger) ?? new Map<'right' | 'left', readonly Patch[]>()
  known.set(compiled.ledger, of)
  const found = of.get(hand)
  if (found) return found
  const ways = { hand, soft: true }
  const made = [
    ...sheetsOf(compiled, ways).flatMap((sheet) =>
      fabricPatches(sheet, compiled.ledger.pieces[sheet.piece]!),
    ),
    ...thingPatches(compiled, ways),
  ]
  of.set(hand, made)
  return made
}

/** Rows at which a sheet is cut into patches: where parts begin, and some between. */
function cutsOf({ r: [from, to] }: Sheet, piece: Piece): number[] {
  const edges = piece.parts
    .flatMap(({ firstRow, endRow }) => [firstRow, endRow])
    .filter((row) => row > from && row < to)
  const step = Math.max(1, (to - from) / MOST_UP)
  const cuts = [from]
  for (const edge of [...new Set([...edges, to])].sort((a, b) => a - b)) {
    const last = cuts.at(-1)!
    const many = Math.max(1, Math.round((edge - last) / step))
    for (let i = 1; i <= many; i++) cuts.push(last + ((edge - last) * i) / many)
  }
  return cuts
}

function fabricPatches(sheet: Sheet, piece: Piece): Patch[] {
  const cuts = cutsOf(sheet, piece)
  const [u0, u1] = sheet.u
  const across = sheet.round ? ACROSS : Math.max(2, Math.round(ACROSS / 3))
  const us = Array.from({ length: across + 1 }, (_, i) => u0 + ((u1 - u0) * i) / across)
  const lines = cuts.map((r) => us.map((u) => sheet.at(u, r)))
  return cuts.slice(1).flatMap((top, n) => {
    const row = (cuts[n]! + top) / 2
    return us.slice(1).map((right, i): Patch => {
      const corners = [lines[n]![i]!, lines[n]![i + 1]!, lines[n + 1]![i + 1]!, lines[n + 1]![i]!]
      const { out } = facingAt(sheet, (us[i]! + right) / 2, row)
      return { corners, middle: middleOf(corners), of: { piece: sheet.piece, row, out } }
    })
  })
}

/** Cords, loops and what is bought. */
function thingPatches(
  compiled: Compiled,
  ways: { readonly hand: 'right' | 'left'; readonly soft: boolean },
): Patch[] {
  return formOf(compiled, ways)
    .surfaces.filter(({ piece }) => piece < 0)
    .flatMap(({ at, columns, lines }) => {
      const patches: Patch[] = []
      const [dx, dy] = [Math.max(1, Math.floor(columns / 4)), Math.max(1, Math.floor(lines / 30))]
      const on = (x: number, y: number): Vec => {
        const i = 3 * (y * (columns + 1) + x)
        return [at[i]!, at[i + 1]!, at[i + 2]!]
      }
      for (let y = 0; y + dy <= lines; y += dy)
        for (let x = 0; x + dx <= columns; x += dx) {
          const corners = [on(x, y), on(x + dx, y), on(x + dx, y + dy), on(x, y + dy)]
          patches.push({ corners, middle: middleOf(corners), of: null })
        }
      return patches
    })
}

interface Seen {
  readonly x: number
  readonly y: number
  readonly z: number
}

const viewed =
  ({ turn, tilt }: ViewFrom) =>
  ([x, y, z]: Vec): Seen => {
    const [sin, cos] = [Math.sin(turn), Math.cos(turn)]
    const [across, deep] = [x * cos - z * sin, x * sin + z * cos]
    return {
      x: across,
      y: -(y * Math.cos(tilt) - deep * Math.sin(tilt)),
      z: y * Math.sin(tilt) + deep * Math.cos(tilt),
    }
  }

/** The bag drawn so many units high or wide, whichever is more. */
export function sketchOf(
  compiled: Compiled,
  {
    hand,
    shown = [],
    from = FRONT,
    most = 100,
  }: {
    readonly hand: 'right' | 'left'
    readonly shown?: readonly Shown[]
    readonly from?: ViewFrom
    readonly most?: number
  },
): Sketch {
  const see = viewed(from)
  const eye: Vec = [
    Math.sin(from.turn) * Math.cos(from.tilt),
    Math.sin(from.tilt),
    Math.cos(from.turn) * Math.cos(from.tilt),
  ]
  const patches = patchesOf(compiled, hand)
    .map(({ corners, middle, of }) => ({ corners: corners.map(see), deep: see(middle).z, of }))
    .sort((a, b) => a.deep - b.deep)
  const all = patches.flatMap(({ corners }) => corners)
  const [left, right] = rangeOf(all.map(({ x }) => x))
  const [top, bottom] = rangeOf(all.map(({ y }) => y))
  const scale = most / Math.max(1, right - left, bottom - top)
  const place = ({ x, y }: Seen) => [(x - left) * scale + 1, (y - top) * scale + 1] as const
  const isShown = ({ piece, row }: NonNullable<Patch['of']>) =>
    shown.some((one) => one.piece === piece && row >= one.from && row < one.to)
  return {
    width: (right - left) * scale + 2,
    height: (bottom - top) * scale + 2,
    paths: patches.map(({ corners, of }) => {
      const fills = of && isShown(of) ? SHOWN : PLAIN
      return {
        d: `${polyline(corners.map(place))}Z`,
        fill: of === null ? THING : dot(of.out, eye) >= 0 ? fills.out : fills.in,
        stroke: inked(fills === SHOWN ? 0.5 : 0.25, 0.55),
      }
    }),
    place: (at) => place(see(at)),
    seen: (out) => dot(out, eye) > 0,
  }
}

function rangeOf(values: readonly number[]): readonly [number, number] {
  let [low, high] = [Infinity, -Infinity]
  for (const value of values) {
    low = Math.min(low, value)
    high = Math.max(high, value)
  }
  return values.length > 0 ? [low, high] : [0, 1]
}
