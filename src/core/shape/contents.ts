import { circleAround, ellipseAround } from './perimeter.ts'

/** The ways a thing that goes in can be seen from above. */
export const contentShapes = ['box', 'round', 'oval'] as const

/** A thing that must go in, and the room around it; all in mm. A round one is as wide as it is thick. */
export interface Contents {
  readonly shape: (typeof contentShapes)[number]
  readonly widthMm: number
  readonly thicknessMm: number
  readonly tallMm: number
  readonly easeMm: number
}

/** The way around a thing with room on all sides of it. */
function aroundOf({ shape, widthMm, thicknessMm, easeMm }: Contents): number {
  if (shape === 'box') return 2 * (widthMm + thicknessMm) + 2 * easeMm
  if (shape === 'round') return circleAround(widthMm + easeMm)
  return ellipseAround(widthMm + easeMm, thicknessMm + easeMm)
}

/**
 * The bag that holds a thing standing in it: the way around is its own way around with room on both faces and both sides,
 * and the bag is taller by the same room.
 */
export const sizeFor = (contents: Contents) => ({
  aroundMm: aroundOf(contents),
  heightMm: contents.tallMm + contents.easeMm,
})
