/*
 * What is known of a few figures at once, as a normal distribution: their likely values and how they are off together. Sums of them that
 * were measured make it surer (least squares, each with its weight; the same as Bayes' rule for normal errors).
 */

/** A sum of the figures that was measured: so much of each makes `value`, give or take `sd`. */
export interface Seen {
  readonly of: ReadonlyMap<number, number>
  readonly value: number
  readonly sd: number
}

export interface Gaussian {
  readonly mean: readonly number[]
  /** Lower triangle L of the covariance L·Lᵀ, row by row. */
  readonly root: readonly (readonly number[])[]
}

type Matrix = number[][]

/** The lower triangle L with L·Lᵀ = a, for a symmetric positive matrix (Cholesky). */
function rootOf(a: Matrix): Matrix {
  const root: Matrix = a.map((row) => row.map(() => 0))
  for (let i = 0; i < a.length; i++)
    for (let j = 0; j <= i; j++) {
      let sum = a[i]![j]!
      for (let k = 0; k < j; k++) sum -= root[i]![k]! * root[j]![k]!
      root[i]![j] = i === j ? Math.sqrt(Math.max(sum, 1e-18)) : sum / root[j]![j]!
    }
  return root
}

/** The x with L·Lᵀ·x = b. */
function solved(root: Matrix, b: readonly number[]): number[] {
  const x = [...b]
  for (let i = 0; i < x.length; i++) {
    for (let k = 0; k < i; k++) x[i]! -= root[i]![k]! * x[k]!
    x[i]! /= root[i]![i]!
  }
  for (let i = x.length - 1; i >= 0; i--) {
    for (let k = i + 1; k < x.length; k++) x[i]! -= root[k]![i]! * x[k]!
    x[i]! /= root[i]![i]!
  }
  return x
}

/**
 * Figures about 0, each with what it may be off by itself (null: nothing is known of it but what was measured), and what was measured.
 * @throws never; a figure nothing is known of at all would be as wide as 1e9
 */
export function gaussianOf(off: readonly (number | null)[], seen: readonly Seen[]): Gaussian {
  const n = off.length
  const precision: Matrix = off.map((sd, i) =>
    off.map((_, j) => (i !== j ? 0 : sd === null ? 1e-18 : 1 / sd ** 2)),
  )
  const pull = off.map(() => 0)
  for (const { of, value, sd } of seen)
    for (const [i, x] of of) {
      pull[i]! += (x * value) / sd ** 2
      for (const [j, y] of of) precision[i]![j]! += (x * y) / sd ** 2
    }
  const root = rootOf(precision)
  const unit = (i: number) => off.map((_, j) => (i === j ? 1 : 0))
  const inverse = Array.from({ length: n }, (_, i) => solved(root, unit(i)))
  return { mean: solved(root, pull), root: rootOf(inverse) }
}

/** Numbers from 0 to 1 as if by chance, the same every time (mulberry32, from memory). */
function chance(seed: number): () => number {
  let state = seed
  return () => {
    state = (state + 0x6d2b79f5) | 0
    let t = Math.imul(state ^ (state >>> 15), 1 | state)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return (((t ^ (t >>> 14)) >>> 0) + 0.5) / 2 ** 32
  }
}

/** So many draws of n independent standard normal figures, the same every time; every second one is the one before turned around. */
export function standardDraws(n: number, many: number, seed = 7): number[][] {
  const next = chance(seed)
  const one = () => Math.sqrt(-2 * Math.log(next())) * Math.cos(2 * Math.PI * next())
  const draws: number[][] = []
  while (draws.length < many) {
    const draw = Array.from({ length: n }, one)
    draws.push(
      draw,
      draw.map((x) => -x),
    )
  }
  return draws
}

/** Draws of the figures. */
export const drawsOf = (
  { mean, root }: Gaussian,
  standard: readonly (readonly number[])[],
): number[][] =>
  standard.map((z) =>
    mean.map((likely, i) => {
      let sum = likely
      for (let k = 0; k <= i; k++) sum += root[i]![k]! * z[k]!
      return sum
    }),
  )
