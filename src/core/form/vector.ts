/** A place of the bag in mm: x to the right, y up, z towards the one who looks at the front. */
export type Vec = readonly [x: number, y: number, z: number]

export const plus = (a: Vec, b: Vec, by = 1): Vec => [
  a[0] + by * b[0],
  a[1] + by * b[1],
  a[2] + by * b[2],
]
export const minus = (a: Vec, b: Vec): Vec => plus(a, b, -1)
export const lengthOf = ([x, y, z]: Vec): number => Math.hypot(x, y, z)
export const apart = (a: Vec, b: Vec): number => lengthOf(minus(a, b))
export const cross = (a: Vec, b: Vec): Vec => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
]
export const dot = (a: Vec, b: Vec): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2]
/** As long as one mm; `none` where there is no direction. */
export function unit(a: Vec, none: Vec = [0, 1, 0]): Vec {
  const length = lengthOf(a)
  return length > 1e-9 ? [a[0] / length, a[1] / length, a[2] / length] : none
}
export const between = (a: Vec, b: Vec, share: number): Vec => plus(a, minus(b, a), share)
