/**
 * Spreads `marks` over `total` places as evenly as whole numbers allow (Bresenham's line).
 * @param phase where in its share each mark falls, 0 ≤ phase < 1; 0.5 splits the first run, so that no mark sits on the join
 * @returns ascending 0-based places, `marks` of them; the runs between neighbours differ by at most one
 * @throws RangeError unless 0 ≤ marks ≤ total, both whole
 */
export function evenPlaces(total: number, marks: number, phase = 0.5): number[] {
  if (!Number.isInteger(total) || !Number.isInteger(marks) || marks < 0 || marks > total)
    throw new RangeError(`cannot spread ${marks} marks over ${total} places`)
  return Array.from({ length: marks }, (_, i) => Math.floor(((i + phase) * total) / marks))
}

/** The fraction in [0, 1) whose binary digits are those of `index` reversed (van der Corput): 0, 1/2, 1/4, 3/4, 1/8 … */
export function spreadFraction(index: number): number {
  let fraction = 0
  for (let rest = index, share = 0.5; rest > 0; rest >>= 1, share /= 2)
    if (rest & 1) fraction += share
  return fraction
}
