import { reliefOf } from '@core/band'
import { stitchById } from '@core/stitch'

/** What stands in the cells, so that a chart can be read without colour. */
export interface Sign {
  readonly id: string
  readonly title: string
  /** Draws that of a yarn around a point, in the ink that is set, for cells of this size. */
  readonly draw: SignDraw | null
}
type SignDraw = (
  context: CanvasRenderingContext2D,
  letter: string,
  x: number,
  y: number,
  size: number,
) => void

/** Marks on a field of 10 around its middle, by the yarn's letter; every further dozen has a ring around it. */
const MARKS: readonly string[] = [
  'M-.6 0a.6.6 0 1 0 1.2 0a.6.6 0 1 0-1.2 0',
  'M-2.5 2.500L2.5-2.5',
  'M-2.5-2.500L2.5 2.500M2.5-2.500L-2.5 2.5',
  'M-3 0H3',
  'M0-3V3',
  'M-2.6 0a2.6 2.6 0 1 0 5.2 0a2.6 2.6 0 1 0-5.2 0',
  'M-3 0H3M0-3V3',
  'M0-3L3 2.500H-3Z',
  'M-2.5-2.500L2.5 2.5',
  'M-2.4-2.400h4.800v4.800h-4.800Z',
  'M-3-1.200H3M-3 1.200H3',
  'M-2.8 1.500L0-1.500L2.8 1.5',
]
const RING = 'M-4.4 0a4.4 4.4 0 1 0 8.8 0a4.4 4.4 0 1 0-8.8 0'

/** The mark of a yarn as a path, on a field of 10 around its middle. */
export function markOf(letter: string): string {
  const at = Math.max(0, letter.charCodeAt(0) - 'A'.charCodeAt(0))
  return MARKS[at % MARKS.length]! + (at < MARKS.length ? '' : RING)
}

const paths = new Map<string, Path2D>()
const pathOf = (letter: string): Path2D => {
  const path = paths.get(letter) ?? new Path2D(markOf(letter))
  paths.set(letter, path)
  return path
}

const FONT = '"Atkinson Hyperlegible Next Variable", sans-serif'

export const signs: readonly Sign[] = [
  { id: 'none', title: 'Nothing in the cells', draw: null },
  {
    id: 'letters',
    title: 'Letters in the cells',
    draw(context, letter, x, y, size) {
      context.font = `600 ${Math.min(11, size * 0.55)}px ${FONT}`
      context.textAlign = 'center'
      context.textBaseline = 'middle'
      context.fillText(letter, x, y + 0.5)
    },
  },
  {
    id: 'marks',
    title: 'Marks in the cells',
    draw(context, letter, x, y, size) {
      const scale = Math.min(1.7, size * 0.085)
      context.save()
      context.translate(x, y)
      context.scale(scale, scale)
      context.lineWidth = 1.2
      context.stroke(pathOf(letter))
      context.restore()
    },
  },
]

/** The symbol of what stands on a ground, on a field of 20; nothing for the ground. A spike has a bar for every row it passes. */
export function symbolFor(letter: string): string {
  const { stitch } = reliefOf(letter)
  if (stitch === null) return ''
  const { symbol, reaches = 0 } = stitchById(stitch)
  const bars = Array.from({ length: reaches }, (_, i) => `M14 ${12 + 3 * i}h5`)
  return reaches > 0 ? symbol + bars.join('') : symbol
}
const symbols = new Map<string, Path2D>()

/** What stands on each cell, as its symbol. */
export const reliefSign: Sign = {
  id: 'relief',
  title: 'Symbols',
  draw(context, letter, x, y, size) {
    const text = symbolFor(letter)
    if (!text) return
    const path = symbols.get(letter) ?? new Path2D(text)
    symbols.set(letter, path)
    const scale = Math.min(1.4, size / 23)
    context.save()
    context.globalAlpha = 1
    context.translate(x - 10 * scale, y - 10 * scale)
    context.scale(scale, scale)
    context.lineWidth = 1.8
    context.stroke(path)
    context.restore()
  },
}
