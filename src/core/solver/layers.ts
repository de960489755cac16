/** A layer that every way passes, at one of its nodes. */
export interface Layer {
  /** Weight of standing at each node: whole, from 0; −1 where none can stand. */
  readonly weights: readonly number[]
  /** Cost of coming from a node of the layer below to one of this layer; both counted from 0. */
  readonly step: (from: number, to: number) => number
  /** A bound below the cost of every step so far or farther, which lets far nodes be left out; none unless given. */
  readonly least?: (distance: number) => number
}

/** A way up through all layers. */
export interface Way {
  readonly cost: number
  readonly weight: number
  /** The node it stands at in each layer. */
  readonly nodes: readonly number[]
}

/**
 * From each node of the ground, the ways up through the layers that no other way from there beats in cost and weight: the
 * exact answer, by dynamic programming from the top layer down over (node, weight at most).
 * @param size nodes of the ground and of every layer
 * @param most total weight at most
 * @returns for each ground node its ways, lightest first; none where there is none
 */
export function cheapestWays(size: number, layers: readonly Layer[], most: number): Way[][] {
  const width = most + 1
  let above = new Float64Array(size * width)
  const choices: Int32Array[] = []
  for (let at = layers.length - 1; at >= 0; at--) {
    const { weights, step, least = () => 0 } = layers[at]!
    const here = new Float64Array(size * width).fill(Infinity)
    const choice = new Int32Array(size * width).fill(-1)
    const stands = weights.flatMap((own, node) => (own >= 0 && own <= most ? [node] : []))
    // With more weight allowed nothing gets dearer, so the last figure of a node is its least.
    const cheapest = stands.reduce(
      (min, to) => Math.min(min, above[to * width + most - weights[to]!]!),
      Infinity,
    )
    for (let from = 0; from < size; from++)
      for (const to of nearestFirst(stands, from)) {
        if (least(Math.abs(to - from)) + cheapest >= here[from * width]!) break
        const own = weights[to]!
        const cost = step(from, to)
        // When the best of it is no gain over the least of what there is, none is.
        if (cost + above[to * width + most - own]! >= here[from * width + own]!) continue
        for (let weight = own; weight < width; weight++) {
          const total = cost + above[to * width + weight - own]!
          if (total >= here[from * width + weight]!) continue
          here[from * width + weight] = total
          choice[from * width + weight] = to
        }
      }
    choices[at] = choice
    above = here
  }
  return Array.from({ length: size }, (_, node) => {
    const ways: Way[] = []
    let least = Infinity
    for (let weight = 0; weight < width; weight++) {
      const cost = above[node * width + weight]!
      if (cost >= least) continue
      least = cost
      ways.push({ cost, weight, nodes: nodesOf(layers, choices, width, node, weight) })
    }
    return ways
  })
}

/** Ascending nodes by their distance from one: near ones tend to cost least, so that the others are soon left out. */
function* nearestFirst(ascending: readonly number[], from: number): Generator<number> {
  let up = 0
  let end = ascending.length
  while (up < end) {
    const middle = (up + end) >> 1
    if (ascending[middle]! < from) up = middle + 1
    else end = middle
  }
  let down = up - 1
  while (down >= 0 || up < ascending.length)
    yield up < ascending.length && (down < 0 || ascending[up]! - from <= from - ascending[down]!)
      ? ascending[up++]!
      : ascending[down--]!
}

function nodesOf(
  layers: readonly Layer[],
  choices: readonly Int32Array[],
  width: number,
  ground: number,
  weight: number,
): number[] {
  let [node, left] = [ground, weight]
  return layers.map(({ weights }, at) => {
    node = choices[at]![node * width + left]!
    left -= weights[node]!
    return node
  })
}
