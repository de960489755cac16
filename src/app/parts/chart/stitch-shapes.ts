import { formatHex, interpolate, parse } from 'culori'
import { stitchById } from '@core/stitch'

/*
 * How one stitch looks from the right side: strokes of yarn in a box of 1 × 1, its foot at the lower edge. Every view that
 * shows fabric paints with these.
 */

/** A strand of yarn: a path in the box, how thick it is, and how it is lit. */
export interface Strand {
  readonly path: readonly (readonly [x: number, y: number])[]
  readonly thick: number
  readonly lit: 'light' | 'plain' | 'dark'
}

/** Both legs of the V at the top of a stitch, leaning where rounds are not turned. */
const legs = (lean: number, from = 0, to = 1, thick = 0.36): Strand[] => [
  {
    path: [
      [0.5 - lean, to],
      [0.2, (from + to) / 2],
      [0.16 + lean, from],
    ],
    thick,
    lit: 'plain',
  },
  {
    path: [
      [0.5 - lean, to],
      [0.8, (from + to) / 2],
      [0.84 + lean, from],
    ],
    thick,
    lit: 'light',
  },
]
const bar = (y: number, thick = 0.2, lit: Strand['lit'] = 'light'): Strand => ({
  path: [
    [0.02, y],
    [0.5, y + 0.04],
    [0.98, y],
  ],
  thick,
  lit,
})
/** The stem of a tall stitch, two strands twisted, and the loops at its top. */
const stem = (lean: number, top: number): Strand[] => [
  {
    path: [
      [0.43 - lean, 1],
      [0.36, 0.6],
      [0.4 + lean, top],
    ],
    thick: 0.3,
    lit: 'plain',
  },
  {
    path: [
      [0.57 - lean, 1],
      [0.64, 0.6],
      [0.6 + lean, top],
    ],
    thick: 0.3,
    lit: 'light',
  },
]
const head = (y: number): Strand => ({
  path: [
    [0.06, y],
    [0.5, y + 0.15],
    [0.94, y],
  ],
  thick: 0.27,
  lit: 'light',
})
const wrap = (y: number): Strand => ({
  path: [
    [0.24, y + 0.1],
    [0.5, y],
    [0.78, y - 0.09],
  ],
  thick: 0.2,
  lit: 'plain',
})

/** Two strands side by side from foot to top, drawn up over what they hide. */
const reach = (lean: number): Strand[] =>
  [0.3, 0.7].map((x, i) => ({
    path: [
      [x - lean, 1.05],
      [x + (i ? 0.08 : -0.08), 0.5],
      [x + lean, -0.05],
    ],
    thick: 0.42,
    lit: i ? 'light' : 'plain',
  }))

/** How a stitch is built, by the kind it is; those of no entry look like the first. */
const shapes: Readonly<Record<string, (lean: number) => readonly Strand[]>> = {
  sc: (lean) => legs(lean),
  // The loop left free lies as a ridge across its foot.
  'sc-blo': (lean) => [...legs(lean, 0, 0.8), bar(0.9)],
  'sc-flo': (lean) => [bar(0.12, 0.14, 'dark'), ...legs(lean, 0.05, 1)],
  // Upright, each out of the middle of the one below.
  'split-sc': () => legs(0, 0, 1.12),
  // What reaches down over a row: its stem there, and its top with its own row.
  'reach-foot': (lean) => reach(lean),
  'reach-top': (lean) => [...reach(lean), head(0.1)],
  hdc: (lean) => [...stem(lean, 0.3), bar(0.4, 0.16, 'plain'), head(0.1)],
  dc: (lean) => [...stem(lean, 0.2), wrap(0.55), head(0.07)],
  tr: (lean) => [...stem(lean, 0.16), wrap(0.66), wrap(0.42), head(0.05)],
}

/** What a stitch looks like. @param lean how much its V is aslant, as a share of its width */
export function strandsOf(stitch: string, lean: number): readonly Strand[] {
  const own = shapes[stitch]
  if (own) return own(lean)
  const { of, family, abbr, symbol } = stitchById(stitch)
  // What stands out looks as in a pattern; a chain leaves a hole.
  if (family === 'over') return chain
  if (family === 'raised' && symbol) return lookOf(abbr.us).strands
  return (shapes[of] ?? shapes.sc!)(lean)
}

/** Strands that bulge between the foot and the top of a stitch, so far to each side. */
const bulging = (sides: readonly number[], thick: number): Strand[] =>
  sides.map((x, i) => ({
    path: [
      [0.5, 1],
      [x, 0.5],
      [0.5, 0.04],
    ],
    thick,
    lit: i % 2 ? 'plain' : 'light',
  }))
/** Loops drawn up long and closed together: a soft lens. */
const puff: readonly Strand[] = bulging([-0.5, 0, 1, 1.5, 0.5], 0.42)
/** Stitches left unfinished and closed together: a ball, on which their yarns over lie crosswise. */
const bobble: readonly Strand[] = [
  ...bulging([-1.05, 2.05, -0.4, 1.4, 0.5], 0.4),
  ...[0.06, 0.5, 0.94].map((x): Strand => ({
    path: [
      [x - 0.17, 0.56 - Math.abs(x - 0.5) * 0.1],
      [x, 0.47],
      [x + 0.17, 0.42 + Math.abs(x - 0.5) * 0.1],
    ],
    thick: 0.22,
    lit: 'plain',
  })),
]
/** Whole stitches folded to the front by their first and last: a cup, gathered at its top, whose rim of heads hangs forward. */
const popcorn: readonly Strand[] = [
  ...[-0.45, 1.45, -0.05, 1.05, 0.5].map((x, i): Strand => ({
    path: [
      [0.5, 0.06],
      [x, 0.3],
      [0.5 + (x - 0.5) * 0.8, 0.8],
    ],
    thick: 0.38,
    lit: i % 2 ? 'plain' : 'light',
  })),
  ...[0, 1, 2, 3].map((i): Strand => {
    const [from, to] = [-0.38 + i * 0.44, 0.06 + i * 0.44]
    const sag = (x: number) => 0.86 - (x - 0.5) ** 2 * 0.3
    return {
      path: [
        [from, sag(from)],
        [(from + to) / 2, sag((from + to) / 2) + 0.2],
        [to, sag(to)],
      ],
      thick: 0.24,
      lit: 'light',
    }
  }),
]
/** Stitches of several feet, closed at one top. */
const gathered: readonly Strand[] = [
  ...[-0.35, 0.5, 1.35].map((x, i): Strand => ({
    path: [
      [x, 1],
      [(x + 0.5) / 2, 0.5],
      [0.5, 0.08],
    ],
    thick: 0.34,
    lit: i % 2 ? 'plain' : 'light',
  })),
  {
    path: [
      [0.2, 0.04],
      [0.5, 0.16],
      [0.8, 0.04],
    ],
    thick: 0.26,
    lit: 'light',
  },
]
/** Around a post there is no foot in a stitch: it is hooked about the one below, in front or behind. */
const postOf = (front: boolean): readonly Strand[] => [
  {
    path: [
      [0.5, 1],
      [0.5, 0.6],
      [0.5, 0.14],
    ],
    thick: 0.52,
    lit: front ? 'light' : 'dark',
  },
  ...(front
    ? [
        {
          path: [
            [0.12, 0.9],
            [0.5, 1.08],
            [0.88, 0.9],
          ],
          thick: 0.24,
          lit: 'plain',
        } as const,
      ]
    : []),
  {
    path: [
      [0.1, 0.06],
      [0.5, 0.2],
      [0.9, 0.06],
    ],
    thick: 0.22,
    lit: front ? 'plain' : 'dark',
  },
]
const chain: readonly Strand[] = [
  {
    path: [
      [0.02, 0.2],
      [0.5, 0.75],
      [0.98, 0.2],
    ],
    thick: 0.26,
    lit: 'plain',
  },
  {
    path: [
      [0.1, 0.5],
      [0.5, 1],
      [0.9, 0.5],
    ],
    thick: 0.22,
    lit: 'light',
  },
]
const spike: readonly Strand[] = [
  {
    path: [
      [0.5, 1],
      [0.44, 0.5],
      [0.3, 0.04],
    ],
    thick: 0.28,
    lit: 'plain',
  },
  {
    path: [
      [0.5, 1],
      [0.56, 0.5],
      [0.7, 0.04],
    ],
    thick: 0.28,
    lit: 'light',
  },
]

/** A hanging loop of chain: an arch from foot to foot, its upper half apart from its legs, since another loop may lie between. */
const arch = (from: number, to: number, lit: Strand['lit']): Strand => ({
  path: Array.from({ length: 9 }, (_, i) => {
    const t = from + ((to - from) * i) / 8
    const across = (1 - 2 * t) * (1 + 0.25 * t * (1 - t))
    return [0.5 - 0.46 * across, 1 - 3.8 * t * (1 - t)] as const
  }),
  thick: 0.17,
  lit,
})
export const loopStrands = {
  foot: [arch(0, 0.34, 'plain'), arch(0.66, 1, 'plain')],
  top: [arch(0.28, 0.72, 'light')],
} as const

/** What the words of a pattern look like; where it lies: 0 behind, 1 in the fabric, 2 over what is below. */
const looks: readonly (readonly [word: RegExp, depth: 0 | 1 | 2, strands: readonly Strand[]])[] = [
  [/^BP/i, 0, postOf(false)],
  [/^FP/i, 2, postOf(true)],
  [/bobble/, 2, bobble],
  [/popcorn/, 2, popcorn],
  [/star\b|cluster|cl\b/, 2, gathered],
  [/puff|bead/, 2, puff],
  [/spike|caught/, 2, spike],
  [/^ch\b|picot|loop/, 2, chain],
]

/** Whether a stitch of a pattern is thicker than the fabric, so that light falls on it. */
export const standsOut = (word: string): boolean =>
  /bobble|popcorn|puff|bead/.test(word) && !/^BP/i.test(word)

/** How a stitch of a pattern looks, by its word, and how deep it lies. */
export function lookOf(word: string): {
  readonly depth: 0 | 1 | 2
  readonly strands: readonly Strand[]
} {
  const found = looks.find(([pattern]) => pattern.test(word))
  if (found) return { depth: found[1], strands: found[2] }
  const loop = / ([bf])lo$/.exec(word)?.[1]
  const plain = /\b(sc|hdc|dc|tr)\d*/.exec(word)?.[1] ?? 'sc'
  const shape = shapes[loop ? `${plain}-${loop}lo` : plain] ?? shapes[plain]!
  return { depth: 1, strands: shape(0) }
}

/** A strand in a box whose foot is at 0,0 and which is so high, as an SVG path. */
export function strandPath({ path }: Strand, width: number, height: number): string {
  const at = ([x, y]: readonly [number, number]) =>
    `${((x - 0.5) * width).toFixed(2)} ${((y - 1) * height).toFixed(2)}`
  const [first, ...rest] = path
  return rest.length === 2
    ? `M${at(first!)}Q${at(rest[0]!)} ${at(rest[1]!)}`
    : `M${at(first!)}${rest.map((point) => `L${at(point)}`).join('')}`
}

/** Light and shade of a yarn. */
export interface Tones {
  readonly light: string
  readonly plain: string
  readonly dark: string
  readonly deep: string
}
const tones = new Map<string, Tones>()
export function tonesOf(colour: string): Tones {
  const known = tones.get(colour)
  if (known) return known
  const toward = (other: string, by: number) =>
    formatHex(interpolate([parse(colour)!, other], 'oklab')(by))
  const made = {
    light: toward('#ffffff', 0.2),
    plain: colour,
    dark: toward('#000000', 0.2),
    deep: toward('#000000', 0.36),
  }
  tones.set(colour, made)
  return made
}

/** A yarn where light falls on what stands out. */
export const litTones = (colour: string): Tones =>
  tonesOf(formatHex(interpolate([parse(colour)!, '#ffffff'], 'oklab')(0.24)))

type Pen = Pick<
  CanvasRenderingContext2D,
  'beginPath' | 'moveTo' | 'quadraticCurveTo' | 'lineTo' | 'stroke' | 'fillRect'
> & { fillStyle: unknown; strokeStyle: unknown; lineWidth: number; lineCap: string }

/** Draws a strand in a box: its shadow, the yarn, and the light on it. */
export function drawStrand(
  pen: Pen,
  { path, thick, lit }: Strand,
  box: { readonly x: number; readonly y: number; readonly width: number; readonly height: number },
  { light, plain, dark, deep }: Tones,
): void {
  const at = ([x, y]: readonly [number, number]) =>
    [box.x + x * box.width, box.y + y * box.height] as const
  const wide = thick * Math.min(box.width, box.height * 1.2)
  const yarn = { light, plain, dark }[lit]
  const stroke = (colour: string, lineWidth: number, dx: number) => {
    pen.strokeStyle = colour
    pen.lineWidth = Math.max(0.5, lineWidth)
    pen.lineCap = 'round'
    pen.beginPath()
    const [first, ...rest] = path.map(at)
    pen.moveTo(first![0] + dx, first![1])
    if (rest.length === 2)
      pen.quadraticCurveTo(rest[0]![0] + dx, rest[0]![1], rest[1]![0] + dx, rest[1]![1])
    else for (const [x, y] of rest) pen.lineTo(x + dx, y)
    pen.stroke()
  }
  stroke(deep, wide * 1.28, 0)
  stroke(yarn, wide, 0)
  stroke(light, wide * 0.22, -wide * 0.2)
}

const sprites = new Map<string, HTMLCanvasElement>()
const MOST_SPRITES = 600

/** A stitch as a small picture, kept: rows are many times the same few. Sizes in pixels of the screen. */
export function stitchSprite(
  stitch: string,
  colour: string,
  width: number,
  height: number,
  lean: number,
  through: string | null = null,
): HTMLCanvasElement {
  const key = `${stitch} ${colour} ${width} ${height} ${lean} ${through}`
  const known = sprites.get(key)
  if (known) return known
  if (sprites.size >= MOST_SPRITES) sprites.clear()
  const canvas = document.createElement('canvas')
  Object.assign(canvas, { width, height })
  const pen = canvas.getContext('2d')!
  const own = tonesOf(colour)
  pen.fillStyle = own.deep
  pen.fillRect(0, 0, width, height)
  // What is carried inside lies between the legs, where it shows.
  if (through !== null) {
    pen.globalAlpha = 0.8
    pen.fillStyle = through
    pen.fillRect(0, height * 0.34, width, Math.max(1, height * 0.3))
    pen.globalAlpha = 1
  }
  const box = { x: 0, y: 0, width, height }
  for (const strand of strandsOf(stitch, lean)) drawStrand(pen, strand, box, own)
  sprites.set(key, canvas)
  return canvas
}
