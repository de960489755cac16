import { apart, between, plus, type Vec } from './vector.ts'

/** A way of a length from one place to another: straight where it is too short, else in an arch that rises from both. */
export function archOf(from: Vec, to: Vec, lengthMm: number, leans: Vec): (share: number) => Vec {
  const bent =
    (rise: number) =>
    (t: number): Vec => {
      const s = 1 - t
      const lift = plus([0, rise, 0], leans, rise * 0.12)
      const [b, c] = [plus(from, lift), plus(to, lift)]
      const sum = (i: 0 | 1 | 2) =>
        s ** 3 * from[i] + 3 * s * s * t * b[i] + 3 * s * t * t * c[i] + t ** 3 * to[i]
      return [sum(0), sum(1), sum(2)]
    }
  const long = (rise: number) => {
    let [sum, before] = [0, from]
    for (let i = 1; i <= 40; i++) {
      const now = bent(rise)(i / 40)
      sum += apart(before, now)
      before = now
    }
    return sum
  }
  if (lengthMm <= apart(from, to)) return (t) => between(from, to, t)
  let [low, high] = [0, lengthMm]
  for (let i = 0; i < 40; i++) {
    const rise = (low + high) / 2
    if (long(rise) < lengthMm) low = rise
    else high = rise
  }
  return evenly(bent((low + high) / 2))
}

/** The same way, by its length. */
function evenly(way: (t: number) => Vec): (share: number) => Vec {
  const MANY = 80
  const places = Array.from({ length: MANY + 1 }, (_, i) => way(i / MANY))
  const far = [0]
  for (let i = 1; i <= MANY; i++) far.push(far[i - 1]! + apart(places[i - 1]!, places[i]!))
  return (share) => {
    const mm = Math.min(1, Math.max(0, share)) * far[MANY]!
    let i = 1
    while (i < MANY && far[i]! < mm) i++
    const step = Math.max(1e-9, far[i]! - far[i - 1]!)
    return between(places[i - 1]!, places[i]!, (mm - far[i - 1]!) / step)
  }
}
