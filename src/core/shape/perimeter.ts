/*
 * Ways around, all in mm. Circle and stadium: geometry. Ellipse: Ramanujan's second approximation (1914),
 * π(a+b)(1 + 3h/(10 + √(4 − 3h))) with h = ((a−b)/(a+b))², exact for a circle and within 0.05 % elsewhere.
 */

export const circleAround = (acrossMm: number): number => Math.PI * acrossMm

/** Two straight sides with a half circle at each end: a worked oval. `lengthMm` is all of it. */
export const stadiumAround = (lengthMm: number, widthMm: number): number =>
  2 * (lengthMm - widthMm) + Math.PI * widthMm

/** An ellipse, such as a round bag pressed to so long and so wide. */
export function ellipseAround(lengthMm: number, widthMm: number): number {
  const [a, b] = [lengthMm / 2, widthMm / 2]
  if (a + b === 0) return 0
  const h = ((a - b) / (a + b)) ** 2
  return Math.PI * (a + b) * (1 + (3 * h) / (10 + Math.sqrt(4 - 3 * h)))
}
