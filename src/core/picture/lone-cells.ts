/*
 * Stitches that touch none of their own yarn, not even by a corner: each goes into the yarn of one that is beside it, or has one more
 * beside it, whichever looks less. To go into what is beside it makes no other lone: none of its yarn was there.
 */

export interface LoneRules {
  readonly width: number
  readonly height: number
  /** At cell · yarns + yarn, the lowest row first. */
  readonly costs: ArrayLike<number>
  readonly yarns: number
  readonly flat: boolean
  readonly mirrored: boolean
  /** A row as it would be is still one that can be worked. */
  readonly mayBe: (row: Uint8Array, at: number) => boolean
}

/** Changes a chart until no stitch is lone; those that cannot be changed stay. */
export function withoutLone(chosen: Uint8Array, rules: LoneRules): Uint8Array {
  const { width, height, costs, yarns, flat, mirrored, mayBe } = rules
  const all = Uint8Array.from(chosen)
  const around = (cell: number): number[] => {
    const [column, row] = [cell % width, Math.floor(cell / width)]
    const near: number[] = []
    for (let up = -1; up <= 1; up++)
      for (let across = -1; across <= 1; across++) {
        if (up === 0 && across === 0) continue
        const to = flat ? column + across : (column + across + width) % width
        if (to < 0 || to >= width || row + up < 0 || row + up >= height) continue
        near.push((row + up) * width + to)
      }
    return near
  }
  const isLone = (cell: number) => around(cell).every((one) => all[one] !== all[cell])
  const rowOf = (row: number) => all.subarray(row * width, (row + 1) * width)
  const other = (cell: number) => cell + width - 1 - 2 * (cell % width)
  /** Sets a cell, and its like in the mirror; gives what they were. */
  const put = (cell: number, yarn: number): (readonly [number, number])[] => {
    const both = mirrored && other(cell) !== cell ? [cell, other(cell)] : [cell]
    const were = both.map((one) => [one, all[one]!] as const)
    for (const one of both) all[one] = yarn
    return were
  }
  const dearer = (cell: number, yarn: number) =>
    costs[cell * yarns + yarn]! - costs[cell * yarns + all[cell]!]!
  /** Ways to end it, the one that looks least first. */
  const waysOf = (cell: number) => {
    const row = rowOf(Math.floor(cell / width))
    const near = around(cell)
    const goes = [...new Set(near.map((one) => all[one]!))]
      .filter((yarn) => row.includes(yarn))
      .map((yarn) => ({ cell, yarn }))
    const grows = near
      .filter((one) => rowOf(Math.floor(one / width)).includes(all[cell]!))
      .map((one) => ({ cell: one, yarn: all[cell]! }))
    return [...goes, ...grows]
      .map((way) => ({ ...way, cost: dearer(way.cell, way.yarn) }))
      .sort((a, b) => a.cost - b.cost)
  }
  const DEAR = 1e6
  for (let cell = 0; cell < all.length; cell++) {
    if (!isLone(cell)) continue
    for (const way of waysOf(cell)) {
      if (way.cost >= DEAR) break
      const touched = [way.cell, ...around(way.cell)].filter((one) => one !== cell)
      const were = new Set(touched.filter(isLone))
      const before = put(way.cell, way.yarn)
      const fits =
        !isLone(cell) &&
        touched.every((one) => were.has(one) || !isLone(one)) &&
        before.every(([one]) => {
          const row = Math.floor(one / width)
          return mayBe(rowOf(row), row)
        })
      if (fits) break
      for (const [one, yarn] of before) all[one] = yarn
    }
  }
  return all
}
