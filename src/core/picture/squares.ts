import { difference } from '../colour/index.ts'
import { coloursIn } from './palette.ts'
import { type Cells, colourAt, LIGHT, byteOf, type Raster } from './raster.ts'
import { cellsIn, type Corners, ontoCorners, sizeOf, straightCorners } from './view.ts'

/* A squared chart read off a photograph: how many squares there are between its corners, and which colour each is in. */

/** Squares along a side, at the most; pixels of a square at the least. */
const MOST = 200
const LEAST_PIXELS = 4
const LONGEST = 1000
/** Of two ways that see the lines nearly as well the one with more squares is right: each line of half as many is a line too. */
const NEARLY = 0.7
/** Of the strengths of all places, the one so far up the list is a line's; so much of it is a line. */
const SHARE = 0.85
const CAP = 0.6

/** So much around the corners is looked at too: those that were set by hand are a little off. */
const MARGIN = 0.03
const around = (at: number) => -MARGIN + at * (1 + 2 * MARGIN)

/** Four corners of a part of what lies in others, in shares of it. */
function cornersWithin(
  corners: Corners,
  [left, right]: readonly [number, number],
  [top, bottom]: readonly [number, number],
): Corners {
  const onto = ontoCorners(corners)
  return straightCorners(left, top, right, bottom).map(([x, y]) => onto(x, y)) as unknown as Corners
}

/** Lightness of what lies in the corners and a little around, laid out straight, the top row first. */
function laidOut(raster: Raster, corners: Corners) {
  const size = sizeOf(raster, corners)
  const scale = Math.min(1, LONGEST / Math.max(size.width, size.height))
  const [width, height] = [size.width, size.height].map((one) =>
    Math.max(8, Math.round(one * scale)),
  ) as [number, number]
  const wide = cornersWithin(corners, [around(0), around(1)], [around(0), around(1)])
  const { colours } = cellsIn(raster, wide, width, height)
  const light = Float64Array.from(
    { length: width * height },
    (_, i) => 0.3 * colours[3 * i]! + 0.59 * colours[3 * i + 1]! + 0.11 * colours[3 * i + 2]!,
  )
  return { width, height, at: (x: number, y: number) => light[(height - 1 - y) * width + x]! }
}

/** How much each column is a line: darker than what is to both sides of it, or an edge between them. */
function linesAlong(
  long: number,
  wide: number,
  at: (along: number, across: number) => number,
): Float64Array {
  const lines = new Float64Array(long)
  for (let x = 0; x < long; x++) {
    let sum = 0
    for (const far of [2, 3]) {
      if (x < far || x >= long - far) continue
      for (let y = 0; y < wide; y++) {
        const [before, own, after] = [at(x - far, y), at(x, y), at(x + far, y)]
        const [darker, lighter] = before < after ? [before, after] : [after, before]
        if (own < darker) sum += darker - own
        sum += (lighter - darker) / 4
      }
    }
    lines[x] = sum / wide
  }
  return lines
}

/** Squares along a side, and where the first line and the last one are, in shares of what lies between the corners. */
interface Side {
  readonly squares: number
  readonly ends: readonly [number, number]
}
/** A corner is off by so many squares at the most; tried in so many steps to each side. */
const OFF = 0.6
const STEPS = 3

/** Squares along a side whose lines these are. */
function sideOf(lines: Float64Array): Side {
  const long = lines.length
  // A line is as wide as it is; one that is a little off is still it.
  const wide = Float64Array.from(lines, (own, i) =>
    Math.max(own, lines[i - 1] ?? 0, lines[i + 1] ?? 0),
  )
  // A line between two colours is no better a line than one through one of them.
  const strong = CAP * wide.toSorted()[Math.floor(SHARE * long)]!
  const seen = wide.map((one) => Math.min(1, one / Math.max(1e-9, strong)))
  const mean = seen.reduce((sum, one) => sum + one, 0) / long
  const place = (share: number) => (((share + MARGIN) / (1 + 2 * MARGIN)) * long + 0.5) | 0
  const scoreOf = (squares: number, [from, to]: readonly [number, number]) => {
    let sum = 0
    for (let line = 0; line <= squares; line++)
      sum += (seen[place(from + ((to - from) * line) / squares)] ?? 0) - mean
    return sum / (squares + 1)
  }
  const offs = Array.from({ length: 2 * STEPS + 1 }, (_, i) => ((i - STEPS) / STEPS) * OFF)
  const fits = (squares: number) => {
    let best = {
      squares,
      ends: [0, 1] as readonly [number, number],
      score: scoreOf(squares, [0, 1]),
    }
    for (const first of offs)
      for (const last of offs) {
        const ends = [first / squares, 1 + last / squares] as const
        if (ends[0] < -MARGIN || ends[1] > 1 + MARGIN) continue
        const score = scoreOf(squares, ends)
        // Where it makes no difference the corners stay as they are.
        if (score > best.score + 0.01) best = { squares, ends, score }
      }
    return best
  }
  const most = Math.min(MOST, Math.floor(long / LEAST_PIXELS))
  const all = Array.from({ length: Math.max(0, most - 1) }, (_, i) => fits(i + 2))
  const best = Math.max(...all.map(({ score }) => score))
  const found = all.findLast(
    ({ score }, i) =>
      score >= NEARLY * best &&
      score >= (all[i - 1]?.score ?? 0) &&
      score >= (all[i + 1]?.score ?? 0),
  )
  return found ?? { squares: 1, ends: [0, 1] }
}

/** How many squares a chart has, across and down, and its corners where they are seen to be. */
export function squaresIn(
  raster: Raster,
  corners: Corners,
): { readonly columns: number; readonly rows: number; readonly corners: Corners } {
  const { width, height, at } = laidOut(raster, corners)
  const across = sideOf(linesAlong(width, height, at))
  const down = sideOf(linesAlong(height, width, (along, other) => at(other, along)))
  return {
    columns: across.squares,
    rows: down.squares,
    corners: cornersWithin(corners, across.ends, down.ends),
  }
}

/** Looks along a side of a square; those at its edges see the lines. */
const LOOKS = 6
const INNER = [2, 3] as const

/** The colour in the middle of each square. */
export function middlesOf(raster: Raster, corners: Corners, columns: number, rows: number): Cells {
  const fine = cellsIn(raster, corners, columns * LOOKS, rows * LOOKS)
  const colours = new Uint8Array(3 * columns * rows)
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++)
      for (let i = 0; i < 3; i++) {
        let light = 0
        for (const down of INNER)
          for (const across of INNER) {
            const cell = (row * LOOKS + down) * fine.width + column * LOOKS + across
            light += LIGHT[fine.colours[3 * cell + i]!]!
          }
        colours[3 * (row * columns + column) + i] = byteOf(light / INNER.length ** 2)
      }
  return { width: columns, height: rows, colours }
}

/** Parts of the chart the light is looked at in, along each side. */
const PARTS = 6

/**
 * Squares as they were in even light: what is lightest in each part of the chart is taken for paper, and a plane is laid through it
 * (least squares; parts without paper, far below the plane, are left out and it is laid again).
 */
export function evenLight(cells: Cells): Cells {
  const { width, height, colours } = cells
  const lightAt = (cell: number) =>
    0.2126 * LIGHT[colours[3 * cell]!]! +
    0.7152 * LIGHT[colours[3 * cell + 1]!]! +
    0.0722 * LIGHT[colours[3 * cell + 2]!]!
  let points: (readonly [x: number, y: number, light: number])[] = []
  for (let j = 0; j < PARTS; j++)
    for (let i = 0; i < PARTS; i++) {
      let best: readonly [number, number, number] | null = null
      for (let row = Math.floor((j * height) / PARTS); row < ((j + 1) * height) / PARTS; row++)
        for (
          let column = Math.floor((i * width) / PARTS);
          column < ((i + 1) * width) / PARTS;
          column++
        ) {
          const light = lightAt(row * width + column)
          if (!best || light > best[2]) best = [column / width, row / height, light]
        }
      if (best) points.push(best)
    }
  let plane = planeOf(points)
  for (let pass = 0; pass < 3; pass++) {
    const [a, b, c] = plane
    const near = points.filter(([x, y, light]) => light > 0.8 * (a + b * x + c * y))
    if (near.length < 4 || near.length === points.length) break
    points = near
    plane = planeOf(points)
  }
  const [a, b, c] = plane
  const brightest = Math.max(...points.map(([x, y]) => a + b * x + c * y), 1e-6)
  const even = new Uint8Array(colours.length)
  for (let row = 0; row < height; row++)
    for (let column = 0; column < width; column++) {
      const here = a + (b * column) / width + (c * row) / height
      const gain = here > brightest / 8 ? brightest / here : 1
      for (let i = 0; i < 3; i++) {
        const at = 3 * (row * width + column) + i
        even[at] = byteOf(Math.min(1, gain * LIGHT[colours[at]!]!))
      }
    }
  return { width, height, colours: even }
}

/** The plane nearest to points: a + b·x + c·y (normal equations, by Cramer's rule). */
function planeOf(
  points: readonly (readonly [number, number, number])[],
): readonly [number, number, number] {
  const sum = (of: (x: number, y: number, z: number) => number) =>
    points.reduce((all, [x, y, z]) => all + of(x, y, z), 0)
  const n = points.length
  const [x, y, xx, yy, xy] = [
    sum((x) => x),
    sum((_, y) => y),
    sum((x) => x * x),
    sum((_, y) => y * y),
    sum((x, y) => x * y),
  ]
  const [z, xz, yz] = [sum((_, __, z) => z), sum((x, _, z) => x * z), sum((_, y, z) => y * z)]
  const det = (m: readonly (readonly [number, number, number])[]) =>
    m[0]![0] * (m[1]![1] * m[2]![2] - m[1]![2] * m[2]![1]) -
    m[0]![1] * (m[1]![0] * m[2]![2] - m[1]![2] * m[2]![0]) +
    m[0]![2] * (m[1]![0] * m[2]![1] - m[1]![1] * m[2]![0])
  const whole = det([
    [n, x, y],
    [x, xx, xy],
    [y, xy, yy],
  ])
  if (Math.abs(whole) < 1e-12) return [z / Math.max(1, n), 0, 0]
  return [
    det([
      [z, x, y],
      [xz, xx, xy],
      [yz, xy, yy],
    ]) / whole,
    det([
      [n, z, y],
      [x, xz, xy],
      [y, yz, yy],
    ]) / whole,
    det([
      [n, x, z],
      [x, xx, xz],
      [y, xy, yz],
    ]) / whole,
  ]
}

/** A square whose nearest colour is not much nearer than the next is doubtful. */
const DOUBT = 0.6
/** Colours there are, where that is not said: as many as it takes until all but so few squares look like theirs. */
const ALIKE = 9
const UNLIKE = 0.004
const MOST_COLOURS = 8

export interface SquaresRead {
  /** Its colours as they are seen, those of most squares first. */
  readonly colours: readonly string[]
  /** Of each square, the lowest row first: which of them it is in. */
  readonly chosen: Uint8Array
  /** 1 where another is nearly as near. */
  readonly doubtful: Uint8Array
}

/** Which of a few colours each square is in. */
export function squaresRead(cells: Cells, many?: number): SquaresRead {
  const found = (count: number) => {
    const colours = coloursIn(cells, count)
    const chosen = new Uint8Array(cells.width * cells.height)
    const doubtful = new Uint8Array(chosen.length)
    let unlike = 0
    const known = new Map<string, readonly [number, number, number]>()
    for (let cell = 0; cell < chosen.length; cell++) {
      const own = colourAt(cells.colours, cell)
      let is = known.get(own)
      if (!is) {
        const far = colours.map((colour) => difference(own, colour))
        const nearest = far.indexOf(Math.min(...far))
        const next = Math.min(...far.filter((_, i) => i !== nearest))
        is = [nearest, far[nearest]!, far[nearest]! > DOUBT * next && far[nearest]! > 1 ? 1 : 0]
        known.set(own, is)
      }
      chosen[cell] = is[0]
      if (is[1] > ALIKE) unlike++
      doubtful[cell] = is[2]
    }
    return { colours, chosen, doubtful, unlike: unlike / chosen.length }
  }
  if (many !== undefined) return found(many)
  let best = found(2)
  for (let count = 3; count <= MOST_COLOURS && best.unlike > UNLIKE; count++) best = found(count)
  return best
}
