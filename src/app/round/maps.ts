import { type AroundPicture, eachSeen, type Ledger } from '@core/ledger'
import { stitchById } from '@core/stitch'
import {
  drawStrand,
  type Strand,
  strandsOf,
  type Tones,
  tonesOf,
} from '@app/parts/chart/stitch-shapes.ts'

/*
 * The fabric of a piece, painted once: its colours, and how high it stands. Each row is a strip of one height, as wide as the map however
 * many stitches it has; the last row is on top.
 */

export interface Maps {
  readonly colours: OffscreenCanvas
  readonly heights: OffscreenCanvas
  /** Light falls through between chains. */
  readonly holes: boolean
}

/** Pixels a stitch has, and the most of a map. */
const CELL = { most: 16, least: 3 } as const
const MOST_PX = 4096

/** How high strands stand, as grey: of the fabric, of what stands out of it, of what lies behind. */
const greys = (light: number, plain: number, dark: number, deep: number): Tones => {
  const grey = (n: number) => `rgb(${n} ${n} ${n})`
  return { light: grey(light), plain: grey(plain), dark: grey(dark), deep: grey(deep) }
}
const fabricHeights = greys(150, 128, 104, 40)
const raisedHeights = greys(255, 235, 210, 110)
/** What stands out is drawn so much larger than its place. */
const LARGER = 1.3

/** How a stitch of the ledger is painted. */
interface Kind {
  readonly strands: readonly Strand[]
  /** It stands out of the fabric; light falls through beside it. */
  readonly raised: boolean
  readonly open: boolean
}
function kindOf(id: string): Kind {
  const { family, abbr } = stitchById(id)
  const open = id === 'ch' || family === 'over'
  const raised = family === 'raised' && !/^BP/i.test(abbr.us)
  return { strands: strandsOf(id, 0), raised, open }
}
const foot: Kind = { strands: strandsOf('reach-foot', 0), raised: false, open: false }

type Pen = OffscreenCanvasRenderingContext2D
const penOf = (canvas: OffscreenCanvas): Pen => canvas.getContext('2d')!

/** A stitch in its box. */
function sprite(
  { strands, open }: Kind,
  tones: Tones,
  width: number,
  height: number,
): OffscreenCanvas {
  const canvas = new OffscreenCanvas(width, height)
  const pen = penOf(canvas)
  if (!open) {
    pen.fillStyle = tones.deep
    pen.fillRect(0, 0, width, height)
  }
  for (const strand of strands) drawStrand(pen, strand, { x: 0, y: 0, width, height }, tones)
  return canvas
}

/** Stitches of one size by their kind and tones, as patterns that repeat. */
class Sprites {
  private readonly known = new Map<string, { canvas: OffscreenCanvas; pattern: CanvasPattern }>()
  constructor(
    private readonly pen: Pen,
    private readonly width: number,
    private readonly height: number,
  ) {}
  of(key: string, kind: Kind, tones: Tones) {
    const known = this.known.get(key)
    if (known) return known
    const canvas = sprite(kind, tones, this.width, this.height)
    const made = { canvas, pattern: this.pen.createPattern(canvas, 'repeat')! }
    this.known.set(key, made)
    return made
  }
}

/** Pixels a stitch of a piece has, and its maps have. */
function sizeOf(ledger: Ledger, at: number) {
  const { columns, rows, parts } = ledger.pieces[at]!
  const widest = columns.makes.reduce((most, n) => Math.max(most, n), 1)
  const { stitchWidthMm, rowHeightMm } = parts[0]!.gauge
  const px = (room: number) => Math.max(CELL.least, Math.min(CELL.most, Math.floor(room)))
  const wide = px(MOST_PX / widest)
  const inShape = Math.max(CELL.least, Math.round((wide * rowHeightMm) / stitchWidthMm))
  const high = Math.min(px(MOST_PX / Math.max(1, rows)), inShape)
  return { wide, high, width: widest * wide, height: Math.max(1, rows) * high }
}

/** Stitches side by side that stand out of the fabric. */
interface Raised {
  readonly first: number
  readonly count: number
  readonly kind: Kind
  readonly yarn: number
}

/** Paints stitches of one look side by side in one stroke: of heights the yarns are all the same. */
class Brush {
  private wait: { first: number; end: number; pattern: CanvasPattern } | null = null
  constructor(
    private readonly pen: Pen,
    private readonly wide: number,
    private readonly high: number,
  ) {}
  put(first: number, count: number, pattern: CanvasPattern): void {
    const end = first + count
    const { wait } = this
    if (wait?.pattern === pattern && (wait.end === first || end === wait.first)) {
      wait.first = Math.min(first, wait.first)
      wait.end = Math.max(end, wait.end)
      return
    }
    this.flush()
    this.wait = { first, end, pattern }
  }
  flush(): void {
    if (!this.wait) return
    const { first, end, pattern } = this.wait
    this.pen.fillStyle = pattern
    this.pen.fillRect(first * this.wide, 0, (end - first) * this.wide, this.high)
    this.wait = null
  }
}

/** Colours and heights of a piece; `colours` are those of the ledger's yarns, in their order, then those of `around`, where yarns stripe by themselves. */
export function mapsOf(
  ledger: Ledger,
  at: number,
  hand: 'right' | 'left',
  colours: readonly string[],
  around: AroundPicture | null = null,
): Maps {
  const piece = ledger.pieces[at]!
  const { makes, runStitch, runYarn } = piece.columns
  const { wide, high, width, height } = sizeOf(ledger, at)
  const of = (w: number, h: number) => new OffscreenCanvas(w, h)
  const [map, bump, line] = [of(width, height), of(width, height), of(width, high)]
  const pens = { map: penOf(map), bump: penOf(bump), line: penOf(line) }
  pens.bump.fillStyle = fabricHeights.deep
  pens.bump.fillRect(0, 0, width, height)
  const sprites = new Sprites(pens.line, wide, high)
  const kinds = ledger.stitches.map(kindOf)
  const tones = colours.map(tonesOf)
  let holes = false

  /** Paints a row on the colours, or on the heights; what stands out of it is told. */
  function paintRow(row: number, heights: boolean): Raised[] {
    const raised: Raised[] = []
    const brush = new Brush(pens.line, wide, high)
    const own = Math.max(1, makes[row]!) * wide
    pens.line.clearRect(0, 0, own, high)
    eachSeen(ledger, piece, row, hand, (run, first, count, over) => {
      const stitch = runStitch[run]!
      if (!around || over) return put(stitch, runYarn[run]!, first, count, over)
      // Stitches of one colour of its run are painted together.
      const places = around.yarns.subarray(around.rowStart[row], around.rowStart[row + 1])
      for (let from = first, to = first; from < first + count; from = to) {
        while (to < first + count && places[to] === places[from]) to++
        put(stitch, places[from]!, from, to - from, over)
      }
    })
    function put(stitch: number, yarn: number, first: number, count: number, over: boolean) {
      const kind = over ? foot : kinds[stitch]!
      holes ||= kind.open
      const key = `${over ? 'foot' : stitch} ${heights ? 'h' : yarn}`
      brush.put(first, count, sprites.of(key, kind, heights ? fabricHeights : tones[yarn]!).pattern)
      if (kind.raised) raised.push({ first, count, kind, yarn })
    }
    brush.flush()
    const top = height - (row + 1) * high
    const onto = heights ? pens.bump : pens.map
    onto.drawImage(line, 0, 0, own, high, 0, top, width, high)
    return raised
  }
  /** Paints what stands out of a row over what is beside it. */
  function paintRaised(row: number, { first, count, kind, yarn }: Raised) {
    const across = width / Math.max(1, makes[row]!)
    const top = height - (row + 1) * high - (high * (LARGER - 1)) / 2
    const free: Kind = { ...kind, open: true }
    const key = `raised ${kinds.indexOf(kind)}`
    const drawn = sprites.of(`${key} ${yarn}`, free, tones[yarn]!).canvas
    const heights = sprites.of(`${key} h`, free, raisedHeights).canvas
    for (let i = 0; i < count; i++) {
      const left = (first + i + 0.5 - LARGER / 2) * across
      const box = [left, top, across * LARGER, high * LARGER] as const
      pens.map.drawImage(drawn, ...box)
      pens.bump.drawImage(heights, ...box)
    }
  }
  for (let row = 0; row < piece.rows; row++) {
    const raised = paintRow(row, false)
    paintRow(row, true)
    for (const one of raised) paintRaised(row, one)
  }
  return { colours: map, heights: bump, holes }
}

/** A cord of chain in one yarn. */
export function cordMaps(colour: string): Maps {
  const [wide, high] = [16, 16]
  const kind = kindOf('sc')
  return {
    colours: sprite(kind, tonesOf(colour), wide, high),
    heights: sprite(kind, fabricHeights, wide, high),
    holes: false,
  }
}
