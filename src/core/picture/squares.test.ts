import {
  type Corners,
  evenLight,
  middlesOf,
  type Raster,
  sheetIn,
  snapped,
  squaresIn,
  squaresRead,
} from './index.ts'

/* Photographs of charts on paper, made by drawing each point of the picture from the chart that is seen there. */

const PAPER = [250, 247, 240] as const
const INKS = [PAPER, [34, 64, 107], [200, 60, 50], [211, 154, 45]] as const
const DESK = [120, 96, 70] as const

/** A chart whose every square is known: a made-up lattice of four yarns. */
const chartAt = (column: number, row: number): number =>
  (column + row) % 9 < 2 ? 1 : (column * 7 + row * 3) % 11 === 0 ? 2 : (row >> 2) % 3 === 0 ? 3 : 0

/** Random numbers that come again (mulberry32). */
const dice = (seed: number) => () => {
  seed = (seed + 0x6d2b79f5) | 0
  let t = Math.imul(seed ^ (seed >>> 15), 1 | seed)
  t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
  return ((t ^ (t >>> 14)) >>> 0) / 4294967296
}

/** Where a point of the photograph lies on the sheet: eight equations of four corners, solved by elimination. */
function backFrom(corners: Corners, width: number, height: number) {
  const square = [
    [0, 0],
    [1, 0],
    [1, 1],
    [0, 1],
  ]
  const rows = corners.flatMap(([sx, sy], i) => {
    const [x, y] = [sx * width, sy * height]
    const [u, v] = square[i] as [number, number]
    return [
      [x, y, 1, 0, 0, 0, -u * x, -u * y, u],
      [0, 0, 0, x, y, 1, -v * x, -v * y, v],
    ]
  })
  for (let i = 0; i < 8; i++) {
    const best = rows
      .slice(i)
      .reduce((at, row, j) => (Math.abs(row[i]!) > Math.abs(rows[at]![i]!) ? i + j : at), i)
    ;[rows[i], rows[best]] = [rows[best]!, rows[i]!]
    for (let j = 0; j < 8; j++) {
      if (j === i) continue
      const by = rows[j]![i]! / rows[i]![i]!
      for (let k = i; k < 9; k++) rows[j]![k]! -= by * rows[i]![k]!
    }
  }
  const m = rows.map((row, i) => row[8]! / row[i]!) as [
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
  ]
  return (x: number, y: number) => {
    const w = m[6] * x + m[7] * y + 1
    return [(m[0] * x + m[1] * y + m[2]) / w, (m[3] * x + m[4] * y + m[5]) / w] as const
  }
}

interface Photograph {
  readonly columns: number
  readonly rows: number
  readonly corners: Corners
  /** How much darker its lower right is; and how far each point is off by chance. */
  readonly shade?: number
  readonly noise?: number
}
// Looked up once: a picture has millions of points.
const { abs, floor, max, min, round } = Math
const [WIDTH, HEIGHT] = [960, 800]
const MARGIN = 0.06
/** Half of how wide a line is, in squares. */
const LINE = 0.045
function photograph({ columns, rows, corners, shade = 0, noise = 0 }: Photograph): Raster {
  const random = dice(5)
  const back = backFrom(corners, WIDTH, HEIGHT)
  const data = new Uint8Array(4 * WIDTH * HEIGHT)
  const colours = [...INKS, [90, 90, 95], DESK]
  const onLine = (at: number, most: number) =>
    at > -LINE && at < most + LINE && abs(at - round(at)) < LINE
  const inside = (at: number, most: number) => at > -LINE && at < most + LINE
  /** Which of the colours is seen at a point. */
  const seen = (x: number, y: number): number => {
    const [u, v] = back(x, y)
    if (u < -MARGIN || v < -MARGIN || u > 1 + MARGIN || v > 1 + MARGIN) return 5
    const [column, row] = [u * columns, (1 - v) * rows]
    if (onLine(column, columns) && inside(row, rows)) return 4
    if (onLine(row, rows) && inside(column, columns)) return 4
    if (column < 0 || row < 0 || column >= columns || row >= rows) return 0
    return chartAt(floor(column), floor(row))
  }
  const LOOKS = [0.25, 0.75]
  const sum = [0, 0, 0]
  for (let y = 0; y < HEIGHT; y++)
    for (let x = 0; x < WIDTH; x++) {
      sum.fill(0)
      for (const down of LOOKS)
        for (const across of LOOKS) {
          const colour = colours[seen(x + across, y + down)]!
          for (let i = 0; i < 3; i++) sum[i]! += colour[i]!
        }
      const dark = 1 - (shade * (x / WIDTH + y / HEIGHT)) / 2
      for (let i = 0; i < 3; i++)
        data[4 * (y * WIDTH + x) + i] = max(
          0,
          min(255, (sum[i]! / 4) * dark + noise * (random() - 0.5)),
        )
      data[4 * (y * WIDTH + x) + 3] = 255
    }
  return { width: WIDTH, height: HEIGHT, data }
}

const ANGLE: Corners = [
  [0.17, 0.1],
  [0.8, 0.16],
  [0.9, 0.92],
  [0.09, 0.84],
]
const TURNED: Corners = [
  [0.22, 0.06],
  [0.93, 0.2],
  [0.78, 0.93],
  [0.07, 0.78],
]

function readOf(raster: Raster, corners: Corners, columns: number, rows: number) {
  const cells = evenLight(middlesOf(raster, corners, columns, rows))
  return squaresRead(cells, 4)
}
/** Squares that are in the ink they were drawn in; each colour that was read is the ink most of its squares have. */
function right({ chosen }: ReturnType<typeof squaresRead>, columns: number, rows: number) {
  const votes = new Map<string, number>()
  chosen.forEach((one, cell) => {
    const key = `${one} ${chartAt(cell % columns, floor(cell / columns))}`
    votes.set(key, (votes.get(key) ?? 0) + 1)
  })
  return (
    [0, 1, 2, 3].reduce(
      (sum, one) => sum + max(0, ...[0, 1, 2, 3].map((ink) => votes.get(`${one} ${ink}`) ?? 0)),
      0,
    ) /
    (columns * rows)
  )
}

describe('a chart on paper', () => {
  const cases = [
    ['forty by sixty at an angle', { columns: 40, rows: 60, corners: ANGLE }],
    [
      'turned, in uneven light, with noise',
      { columns: 40, rows: 60, corners: TURNED, shade: 0.5, noise: 24 },
    ],
    ['wide and low', { columns: 48, rows: 20, corners: ANGLE, shade: 0.3, noise: 12 }],
  ] as const
  it.each(cases)('%s is found by itself and read', (_, how) => {
    const { columns, rows, corners } = how
    const raster = photograph(how)
    const found = sheetIn(raster)!
    for (const [i, [x, y]] of found.entries()) {
      expect(abs(x - corners[i]![0])).toBeLessThan(0.01)
      expect(abs(y - corners[i]![1])).toBeLessThan(0.01)
    }
    const squares = squaresIn(raster, found)
    expect(squares).toMatchObject({ columns, rows })
    const read = readOf(raster, squares.corners, columns, rows)
    expect(right(read, columns, rows)).toBeGreaterThanOrEqual(0.99)
    expect(read.doubtful.reduce((sum, one) => sum + one, 0)).toBeLessThan(0.02 * columns * rows)
  })
  it('is read by corners that are set by hand, a little off, which are drawn to those that are seen', () => {
    const raster = photograph(cases[0][1])
    const byHand = ANGLE.map(([x, y], i) => [
      x + (i % 2 ? 0.001 : -0.001),
      y + 0.002,
    ]) as unknown as Corners
    const { columns, rows, corners } = squaresIn(raster, byHand)
    expect([columns, rows]).toEqual([40, 60])
    expect(right(readOf(raster, corners, 40, 60), 40, 60)).toBeGreaterThanOrEqual(0.99)
    // At most a pixel or two beside where it was drawn.
    for (const [i, [x, y]] of snapped(raster, byHand).entries())
      expect(Math.hypot(x - ANGLE[i]![0], y - ANGLE[i]![1])).toBeLessThan(0.004)
  })
  it('says how many colours it has, where that is not said', () => {
    const raster = photograph(cases[0][1])
    const cells = evenLight(middlesOf(raster, ANGLE, 40, 60))
    expect(squaresRead(cells).colours).toHaveLength(4)
  })
  it('is not seen where there is none', () => {
    const data = new Uint8Array(4 * 100 * 80).fill(200)
    expect(sheetIn({ width: 100, height: 80, data })).toBeNull()
  })
  it('doubts a square that is between two colours', () => {
    const colours = new Uint8Array(
      [
        ...Array<number[]>(10).fill([255, 255, 255]),
        ...Array<number[]>(10).fill([0, 0, 0]),
        [120, 120, 120],
      ].flat(),
    )
    const { doubtful } = squaresRead({ width: 21, height: 1, colours }, 2)
    expect([...doubtful]).toEqual([...Array<number>(20).fill(0), 1])
  })
})
