import type { Outline } from './construction.ts'

/** A bag from above: a rectangle with rounded corners, which also makes circles and ovals. In mm. */
export interface PlanShape {
  /** From side to side. */
  readonly length: number
  /** From front to back. */
  readonly width: number
  readonly corner: number
}

/** How round the corners of a cornered base are (from memory), and how thick a bag without a base stands. */
const CORNER_MM = 6
const THICK_MM = 14

/** The outline of a bag on such a base; on none it is flat, and as thick as its fabric. */
export function outlineOf(
  plan: Outline | null,
  { lengthMm, widthMm }: { readonly lengthMm: number; readonly widthMm: number },
): PlanShape {
  const width = Math.min(lengthMm, Math.max(widthMm, THICK_MM))
  const cornered = (plan === 'rectangle' || plan === 'rows') && widthMm > 0
  const corner = cornered ? Math.min(CORNER_MM, width / 2) : width / 2
  return { length: lengthMm, width, corner }
}

/** Way around it. */
export const perimeterOf = ({ length, width, corner }: PlanShape): number =>
  2 * (length + width) - (8 - 2 * Math.PI) * corner

/** A place of the outline: x to the right, z towards the one who looks at the front. */
export interface OutlinePoint {
  readonly x: number
  readonly z: number
}

/**
 * The place at a share of the way around, as a round is seen laid out on its right side: 0 at the middle of the back, a quarter at
 * the left side, half at the middle of the front.
 */
export function outlineAt(outline: PlanShape, share: number): OutlinePoint {
  const { length, width, corner } = outline
  const signed = (share - Math.floor(share) - 0.5) * perimeterOf(outline)
  const [half, side] = [length / 2 - corner, width - 2 * corner]
  const bend = (corner * Math.PI) / 2
  let way = Math.abs(signed)
  const at = (x: number, z: number): OutlinePoint => ({ x: Math.sign(signed) * x, z })
  if (way <= half) return at(way, width / 2)
  way -= half
  if (way <= bend) {
    const turn = way / corner
    return at(half + corner * Math.sin(turn), side / 2 + corner * Math.cos(turn))
  }
  way -= bend
  if (way <= side) return at(length / 2, side / 2 - way)
  way -= side
  if (way <= bend) {
    const turn = way / corner
    return at(half + corner * Math.cos(turn), -side / 2 - corner * Math.sin(turn))
  }
  return at(half - (way - bend), -width / 2)
}

/** What is seen of an outline that is turned: its width, and at each of so many places across it the share there and how it faces. */
export interface Silhouette {
  readonly left: number
  readonly width: number
  readonly share: Float32Array
  /** 1 where it faces the one who looks, 0 where it turns away. */
  readonly facing: Float32Array
}

const STEPS = 720

/** The silhouette of an outline turned by so many radians (its left side comes to the front), in so many places across. */
export function silhouetteOf(outline: PlanShape, turn: number, places: number): Silhouette {
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)]
  const xs = new Float64Array(STEPS + 1)
  for (let i = 0; i <= STEPS; i++) {
    const { x, z } = outlineAt(outline, i / STEPS)
    xs[i] = x * cos + z * sin
  }
  let [left, right] = [Infinity, -Infinity]
  for (const x of xs) [left, right] = [Math.min(left, x), Math.max(right, x)]
  const width = right - left
  const share = new Float32Array(places)
  const facing = new Float32Array(places)
  const step = perimeterOf(outline) / STEPS
  for (let i = 0; i < STEPS; i++) {
    const [from, to] = [xs[i]!, xs[i + 1]!]
    // Of a shape that bulges everywhere just what goes to the right is in front.
    if (to <= from) continue
    const first = Math.max(0, Math.ceil(((from - left) / width) * places - 0.5))
    const end = Math.min(places, Math.ceil(((to - left) / width) * places - 0.5))
    for (let place = first; place < end; place++) {
      const at = ((place + 0.5) / places) * width + left
      share[place] = (i + (at - from) / (to - from)) / STEPS
      facing[place] = Math.min(1, (to - from) / step)
    }
  }
  return { left, width, share, facing }
}
