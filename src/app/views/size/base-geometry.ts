import type { Outline } from '@core/shape'
/*
 * A base from above: rings at a distance from what they are worked around: a point (round), or a chain (oval, rectangle).
 * Lengths in mm, the middle of the base at 0, y downward.
 */

export type { Outline }

export interface BaseGeometry {
  readonly outline: Outline
  /** Half of the chain; 0 for a round base. */
  readonly halfChainMm: number
}

/** The path of a ring, as SVG path data. */
export function ringPath({ outline, halfChainMm: half }: BaseGeometry, distance: number): string {
  const [x, y] = [half + distance, distance]
  if (outline === 'rectangle') return `M${-x} ${-y}H${x}V${y}H${-x}Z`
  return `M${-half} ${-y}H${half}A${y} ${y} 0 0 1 ${half} ${y}H${-half}A${y} ${y} 0 0 1 ${-half} ${-y}Z`
}

/** The point a share of the way around a ring, from the end of one side at the left, along the upper side. */
export function ringPoint(
  { outline, halfChainMm: half }: BaseGeometry,
  distance: number,
  share: number,
): { readonly x: number; readonly y: number } {
  if (outline === 'rectangle') return onRectangle(half + distance, distance, share)
  const straight = 2 * half
  const bend = Math.PI * distance
  let way = share * 2 * (straight + bend)
  const right = way < straight + bend
  if (!right) way -= straight + bend
  const side = right ? 1 : -1
  if (way <= straight) return { x: side * (way - half), y: -side * distance }
  const turn = (way - straight) / distance
  return {
    x: side * (half + distance * Math.sin(turn)),
    y: -side * distance * Math.cos(turn),
  }
}

function onRectangle(x: number, y: number, share: number) {
  const sides = [
    { from: [-x, -y], to: [x, -y] },
    { from: [x, -y], to: [x, y] },
    { from: [x, y], to: [-x, y] },
    { from: [-x, y], to: [-x, -y] },
  ] as const
  let way = share * 4 * (x + y)
  for (const { from, to } of sides) {
    const long = Math.abs(to[0] - from[0]) + Math.abs(to[1] - from[1])
    if (way <= long) {
      const part = long === 0 ? 0 : way / long
      return { x: from[0] + (to[0] - from[0]) * part, y: from[1] + (to[1] - from[1]) * part }
    }
    way -= long
  }
  return { x: -x, y: -y }
}
