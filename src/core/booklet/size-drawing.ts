import { type Derived, isOpen, maybeDrop, finishedWith } from '../bag/index.ts'
import type { Design } from '../design/index.ts'
import { bodyOf, type Piece } from '../ledger/index.ts'
import {
  type Drawing,
  type DrawnPath,
  type DrawnText,
  inked,
  label,
  polyline,
} from '../paper/index.ts'
import type { Words } from '../stitch/index.ts'
import { printLength } from '../units/index.ts'

/* The bag laid flat, with its measures: how wide, how tall, how far its handle or strap hangs. */

const ROOM = { width: 210, height: 150 } as const
const BELOW = 30
const TEXT = 10

/** Half of its width laid flat at each height above its base, in mm; what stands up as a handle left out. */
function outline({ columns, parts, rows, worked }: Piece): [wide: number, high: number][] {
  const base = parts[0]!.endRow
  if (worked !== 'rounds' || base >= rows) return []
  const from = columns.alongMm[Math.max(0, base - 1)]!
  return Array.from({ length: rows - base + 1 }, (_, i) => {
    const row = Math.max(0, base - 1 + i)
    return [columns.widthMm[row]! / 4, columns.alongMm[row]! - from] as [number, number]
  }).filter((_, i) => !columns.handle[Math.max(0, base - 1 + i)])
}

/** The longest drop of what it is carried by, in mm; null where nothing hangs. */
function longestDrop(design: Design, derived: Derived): number | null {
  const bag = { design, ledger: derived.ledger }
  const drops = finishedWith(design).flatMap((one) => maybeDrop(bag, one)?.emptyMm ?? [])
  return drops.length > 0 ? Math.max(...drops) : null
}

/** A line with ends, and what it is as long as. */
function measure(
  from: readonly [number, number],
  to: readonly [number, number],
  words: string,
  size: number,
  anchor: 'start' | 'end' = 'start',
): { readonly path: string; readonly text: DrawnText | null } {
  const upright = from[0] === to[0]
  const end = ([x, y]: readonly [number, number]) =>
    upright ? `M${x - 4} ${y}h8` : `M${x} ${y - 4}v8`
  return {
    path: `M${from[0]} ${from[1]}L${to[0]} ${to[1]}${end(from)}${end(to)}`,
    text: upright
      ? label(words, from[0] + (anchor === 'start' ? 7 : -7), (from[1] + to[1]) / 2 + 3.5, size, {
          anchor,
        })
      : label(words, (from[0] + to[0]) / 2, from[1] + 4 + size, size),
  }
}

/** What it is carried by, as an arch. */
const handleDrawn = ({
  middle,
  rim,
  hang,
  half,
}: Readonly<Record<'middle' | 'rim' | 'hang' | 'half', number>>): DrawnPath => ({
  d: `M${middle - half} ${rim}C${middle - half} ${rim - hang * 1.33} ${middle + half} ${rim - hang * 1.33} ${middle + half} ${rim}`,
  stroke: inked(2.4, 0.75),
})

/** How large the bag is, drawn to scale; what hangs further down than the bag is high is cut short, with a stroke through its measure. */
export function sizeDrawing(
  design: Design,
  derived: Derived,
  { units }: Words,
  larger = 1,
): Drawing {
  const size = TEXT * larger * larger
  // Room for a length in words on either side.
  const side = 16 + 4.2 * size
  const { flatMm, heightMm } = derived.tally
  const drop = longestDrop(design, derived)
  const tall = Math.max(1, heightMm)
  const dropDrawn = drop === null ? 0 : Math.min(drop, tall * 1.1)
  const scale = Math.min(ROOM.width / Math.max(1, flatMm), ROOM.height / (tall + dropDrawn * 0.9))
  const [wide, high, hang] = [flatMm * scale, tall * scale, dropDrawn * scale]
  const middle = side + wide / 2
  const rim = 8 + hang
  const foot = rim + high
  const body = outline(bodyOf(derived.ledger))
  const sides = body.length > 1 ? body : [[flatMm / 2, 0] as const, [flatMm / 2, tall] as const]
  const top = sides.at(-1)![1]
  const at = (way: 1 | -1) =>
    sides.map(
      ([half, up]) => [middle + way * half * scale, foot - (up / Math.max(1, top)) * high] as const,
    )
  const shape = `${polyline([...at(-1), ...at(1).reverse()])}Z`
  const rimHalf = sides.at(-1)![0] * scale
  const lines = [
    measure(
      [side, foot + 9],
      [side + wide, foot + 9],
      `${printLength(flatMm, units)} ${isOpen(design) ? 'across' : 'laid flat'}`,
      size,
    ),
    ...(heightMm > 0
      ? [
          measure(
            [side + wide + 10, rim],
            [side + wide + 10, foot],
            printLength(heightMm, units),
            size,
          ),
        ]
      : []),
    ...(drop === null
      ? []
      : [
          measure([side - 10, rim - hang], [side - 10, rim], printLength(drop, units), size, 'end'),
          ...(drop > dropDrawn
            ? [{ path: `M${side - 15} ${rim - hang / 2 + 3}l10 -6`, text: null }]
            : []),
        ]),
  ]
  return {
    width: side + wide + side + 26,
    height: foot + BELOW,
    title: `${design.name}: its size`,
    paths: [
      ...(drop === null ? [] : [handleDrawn({ middle, rim, hang, half: rimHalf * 0.55 })]),
      { d: shape, fill: '#ffffff', stroke: inked(1.6) },
      { d: lines.map(({ path }) => path).join(''), stroke: inked(0.8) },
    ],
    texts: lines.flatMap(({ text }) => text ?? []),
  }
}
