/**
 * The items that no other one beats: for which none is as small in every cost and smaller in one. Of equal ones the first
 * stays. In the order given.
 */
export function paretoSet<T>(items: readonly T[], costsOf: (item: T) => readonly number[]): T[] {
  const costs = items.map(costsOf)
  const beats = (a: readonly number[], b: readonly number[], first: boolean) =>
    a.every((cost, i) => cost <= b[i]!) && (first || a.some((cost, i) => cost < b[i]!))
  return items.filter(
    (_, i) => !costs.some((other, j) => j !== i && beats(other, costs[i]!, j < i)),
  )
}
