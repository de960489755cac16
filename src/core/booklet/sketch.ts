import type { Compiled, Piece } from '../ledger/index.ts'
import { dot, facingAt, formOf, type Sheet, sheetsOf, type Vec } from '../form/index.ts'
import { type DrawnPath, inked, polyline } from '../paper/index.ts'

/*
 * The bag in lines, as it stands: its fabric in patches from the farthest to the nearest. It says where something is; how the bag looks the pictures
 * of it say.
 */

/** From where it is seen: turned to the right, and from above, in radians. */
export interface ViewFrom {
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

export interface Sketch {
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
const ACROSS = 28
const MOST_UP = 7

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

interface Patch {
  readonly corners: readonly Seen[]
  readonly deep: number
  readonly fill: string
  readonly line: number
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
  const ways = { hand, soft: true }
  const see = viewed(from)
  const eye: Vec = [
    Math.sin(from.turn) * Math.cos(from.tilt),
    Math.sin(from.tilt),
    Math.cos(from.turn) * Math.cos(from.tilt),
  ]
  const patches = [
    ...sheetsOf(compiled, ways).flatMap((sheet) =>
      patchesOf(sheet, compiled.ledger.pieces[sheet.piece]!, { see, eye, shown }),
    ),
    ...thingPatches(compiled, ways, see),
  ].sort((a, b) => a.deep - b.deep)
  const all = patches.flatMap(({ corners }) => corners)
  const [left, right] = rangeOf(all.map(({ x }) => x))
  const [top, bottom] = rangeOf(all.map(({ y }) => y))
  const scale = most / Math.max(1, right - left, bottom - top)
  const place = ({ x, y }: Seen) => [(x - left) * scale + 1, (y - top) * scale + 1] as const
  return {
    width: (right - left) * scale + 2,
    height: (bottom - top) * scale + 2,
    paths: patches.map(({ corners, fill, line }) => ({
      d: `${polyline(corners.map(place))}Z`,
      fill,
      stroke: inked(line, 0.55),
    })),
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

/** Rows at which a sheet is cut into patches: where parts begin, where what is shown does, and some between. */
function cutsOf(sheet: Sheet, piece: Piece, shown: readonly Shown[]): number[] {
  const [from, to] = sheet.r
  const edges = [
    ...piece.parts.flatMap(({ firstRow, endRow }) => [firstRow, endRow]),
    ...shown.filter((one) => one.piece === sheet.piece).flatMap((one) => [one.from, one.to]),
  ].filter((row) => row > from && row < to)
  const step = Math.max(1, (to - from) / MOST_UP)
  const cuts = [from]
  for (const edge of [...new Set([...edges, to])].sort((a, b) => a - b)) {
    const last = cuts.at(-1)!
    const many = Math.max(1, Math.round((edge - last) / step))
    for (let i = 1; i <= many; i++) cuts.push(last + ((edge - last) * i) / many)
  }
  return cuts
}

function patchesOf(
  sheet: Sheet,
  piece: Piece,
  {
    see,
    eye,
    shown,
  }: { readonly see: (at: Vec) => Seen; readonly eye: Vec; readonly shown: readonly Shown[] },
): Patch[] {
  const cuts = cutsOf(sheet, piece, shown)
  const [u0, u1] = sheet.u
  const across = sheet.round ? ACROSS : Math.max(2, Math.round(ACROSS / 3))
  const us = Array.from({ length: across + 1 }, (_, i) => u0 + ((u1 - u0) * i) / across)
  return cuts.slice(1).flatMap((top, n) => {
    const low = cuts[n]!
    const middle = (low + top) / 2
    const isShown = shown.some(
      (one) => one.piece === sheet.piece && middle >= one.from && middle < one.to,
    )
    return us.slice(1).map((right, i): Patch => {
      const left = us[i]!
      const corners = [
        [left, low],
        [right, low],
        [right, top],
        [left, top],
      ].map(([u, r]) => see(sheet.at(u!, r!)))
      const { out } = facingAt(sheet, (left + right) / 2, middle)
      const fills = isShown ? SHOWN : PLAIN
      return {
        corners,
        deep: corners.reduce((sum, { z }) => sum + z, 0) / 4,
        fill: dot(out, eye) >= 0 ? fills.out : fills.in,
        line: isShown ? 0.5 : 0.25,
      }
    })
  })
}

/** Cords, loops and what is bought, as dark patches. */
function thingPatches(
  compiled: Compiled,
  ways: { readonly hand: 'right' | 'left'; readonly soft: boolean },
  see: (at: Vec) => Seen,
): Patch[] {
  return formOf(compiled, ways)
    .surfaces.filter(({ piece }) => piece < 0)
    .flatMap(({ at, columns, lines }) => {
      const corner = (i: number): Seen => see([at[3 * i]!, at[3 * i + 1]!, at[3 * i + 2]!])
      const patches: Patch[] = []
      const [dx, dy] = [Math.max(1, Math.floor(columns / 4)), Math.max(1, Math.floor(lines / 30))]
      for (let y = 0; y + dy <= lines; y += dy)
        for (let x = 0; x + dx <= columns; x += dx) {
          const on = (cx: number, cy: number) => corner(cy * (columns + 1) + cx)
          const corners = [on(x, y), on(x + dx, y), on(x + dx, y + dy), on(x, y + dy)]
          patches.push({
            corners,
            deep: corners.reduce((sum, { z }) => sum + z, 0) / 4,
            ...{ fill: '#9aa39d', line: 0.2 },
          })
        }
      return patches
    })
}
