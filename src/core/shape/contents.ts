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
  if (shape === 'box') return 2 * (widthMm + easeMm + thicknessMm + easeMm)
  if (shape === 'round') return circleAround(widthMm + easeMm)
  return ellipseAround(widthMm + easeMm, thicknessMm + easeMm)
}

/**
 * The bag that holds a thing standing in it: as wide, as thick and as tall as the thing with the same room along each. A bag without a
 * base goes under it by half of that thickness on either face, so that it must be as much taller.
 */
export function sizeFor(contents: Contents, flat: boolean) {
  const { shape, widthMm, thicknessMm, tallMm, easeMm } = contents
  const thick = (shape === 'round' ? widthMm : thicknessMm) + easeMm
  return {
    aroundMm: aroundOf(contents),
    heightMm: tallMm + easeMm + (flat ? thick / 2 : 0),
  }
}
