import fc from 'fast-check'
import { evenPlaces, spreadFraction } from './index.ts'

/** Bresenham's line from (0,0) to (total, marks), written the classical way: a mark where the line steps up. */
function bresenham(total: number, marks: number): number[] {
  const places: number[] = []
  let error = 0
  for (let x = 0; x < total; x++) {
    error += marks
    if (2 * error >= total) {
      places.push(x)
      error -= total
    }
  }
  return places
}

/** Bjorklund's spread of k onsets over n steps, as run lengths between onsets, sorted. */
function bjorklundRuns(n: number, k: number): number[] {
  let heads = Array.from({ length: k }, () => [1])
  let tails = Array.from({ length: n - k }, () => [0])
  while (tails.length > 1) {
    const pairs = Math.min(heads.length, tails.length)
    const joined = heads.slice(0, pairs).map((head, i) => [...head, ...tails[i]!])
    const rest = heads.length > pairs ? heads.slice(pairs) : tails.slice(pairs)
    heads = joined
    tails = rest
  }
  const rhythm = [...heads, ...tails].flat()
  const onsets = rhythm.flatMap((beat, i) => (beat ? [i] : []))
  return runs(onsets, n)
}

function runs(places: number[], total: number): number[] {
  return places
    .map((place, i) => (places[(i + 1) % places.length]! - place + total - 1) % total)
    .sort((a, b) => a - b)
}

const cases = fc
  .integer({ min: 2, max: 400 })
  .chain((total) => fc.tuple(fc.constant(total), fc.integer({ min: 1, max: total })))

describe('evenPlaces', () => {
  it('has the runs of Bresenham’s line', () => {
    fc.assert(
      fc.property(cases, ([total, marks]) => {
        expect(runs(evenPlaces(total, marks), total)).toEqual(runs(bresenham(total, marks), total))
      }),
    )
  })

  it('has the runs of a Euclidean rhythm (Bjorklund)', () => {
    for (const [n, k] of [
      [8, 3],
      [13, 5],
      [16, 7],
      [120, 6],
    ] as const)
      expect(runs(evenPlaces(n, k), n)).toEqual(bjorklundRuns(n, k))
  })

  it('keeps runs within one of each other and off the join', () => {
    fc.assert(
      fc.property(cases, ([total, marks]) => {
        const places = evenPlaces(total, marks)
        const lengths = runs(places, total)
        expect(new Set(places).size).toBe(marks)
        expect(lengths.at(-1)! - lengths[0]!).toBeLessThanOrEqual(1)
        if (2 * marks < total) expect(places[0]).toBeGreaterThan(0)
      }),
    )
  })

  it('refuses more marks than places', () => {
    expect(() => evenPlaces(4, 5)).toThrow(RangeError)
    expect(() => evenPlaces(4, -1)).toThrow(RangeError)
  })
})

it('spreadFraction halves and halves again', () => {
  expect([0, 1, 2, 3, 4].map(spreadFraction)).toEqual([0, 0.5, 0.25, 0.75, 0.125])
})
