/**
 * The items that no other one beats: for which none is as small in every cost and smaller in one. Of equal ones the first
 * stays. In the order given.
 */
export function paretoSet<T>(items: readonly T[], costsOf: (item: T) => readonly number[]): T[] {
  const costs = items.map(costsOf)
  // What beats an item comes before it when sorted by cost after cost, so that it need only be compared with those that stay.
  const order = costs.map((_, i) => i).sort((i, j) => compare(costs[i]!, costs[j]!) || i - j)
  const front: (readonly number[])[] = []
  const stays = new Set<number>()
  for (const i of order) {
    const mine = costs[i]!
    if (front.some((other) => other.every((cost, k) => cost <= mine[k]!))) continue
    front.push(mine)
    stays.add(i)
  }
  return items.filter((_, i) => stays.has(i))
}

function compare(a: readonly number[], b: readonly number[]): number {
  for (let k = 0; k < a.length; k++) if (a[k] !== b[k]) return a[k]! - b[k]!
  return 0
}
