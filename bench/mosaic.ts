import highsLoader from 'highs'
import { inTurns, mended, type Mosaic, type Rules } from '@core/mosaic'
import { integerProgram } from '../src/core/testing/integer-program.ts'
import { quantile, type Tell } from './frames.ts'

/* The nearest mosaic that can be worked: how long it takes, how near its bound is, and beside a general solver. */

/** A picture of chance, the same each time. */
function chance(width: number, height: number, share: number): Mosaic {
  let seed = 20261126
  const next = () => (seed = (seed * 1103515245 + 12345) & 0x7fffffff) / 0x7fffffff
  const row = () => Array.from({ length: width }, () => (next() < share ? 'A' : 'B')).join('')
  return { width, colours: Array.from({ length: height }, row), rows: inTurns('A', 'B', height) }
}
const overlay: Rules = { school: 'overlay', flat: false, run: 3 }
const CLOCK = { now: () => performance.now() }
const inset: Rules = { ...overlay, school: 'inset' }

function median(times: number, work: () => void): number {
  const all = Array.from({ length: times }, () => {
    const began = performance.now()
    work()
    return performance.now() - began
  })
  return quantile(all, 0.5)
}

export async function mosaics(tell: Tell) {
  const large = chance(400, 600, 0.5)
  const largeMs = median(9, () => mended(large, overlay))
  tell('mosaic of 400 × 600 mended, overlay', largeMs, 'ms', 50)
  const middling = chance(60, 60, 0.7)
  const began = performance.now()
  const found = mended(middling, inset, CLOCK)
  tell(
    'mosaic of 60 × 60 mended, inset',
    performance.now() - began,
    'ms',
    2100,
    `${found.cost} cells, at least ${found.bound}`,
  )
  const highs = await highsLoader()
  const small = chance(24, 24, 0.5)
  const program = integerProgram(small, inset)
  const ours = median(5, () => mended(small, inset, CLOCK))
  const theirs = median(3, () => highs.solve(program))
  tell(
    'mosaic of 24 × 24 mended, inset',
    ours,
    'ms',
    null,
    `${(theirs / ours).toFixed(1)} × as fast as HiGHS (${theirs.toFixed(0)} ms)`,
  )
}
