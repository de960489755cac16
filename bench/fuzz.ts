import fc from 'fast-check'
import { checkPattern } from '@core/check'
import { anyText } from '../src/core/testing/junk.ts'

/* Random and mutated texts through the checker: none may fail, be slow, or make the memory grow. `npm run fuzz -- 100000` */

const runs = Number(process.argv[2] ?? 100_000)
const SLOW_MS = 100
// The grammar looks itself over once, at its first use.
checkPattern('Rnd 1: 6 sc in magic ring (6)')
let slowest = { ms: 0, text: '' }
let seed = 20261125
const began = performance.now()
const before = process.memoryUsage().heapUsed
let failed = 0
function timed(text: string): number {
  const from = performance.now()
  try {
    checkPattern(text)
  } catch (error) {
    failed++
    console.log('failed:', JSON.stringify(text), error)
  }
  return performance.now() - from
}
for (let done = 0; done < runs; done += 1000) {
  for (const text of fc.sample(anyText, { numRuns: Math.min(1000, runs - done), seed: seed++ })) {
    let ms = timed(text)
    // A pause of the machine is none of the text's: what is slow is so again.
    for (let tries = 0; ms > SLOW_MS && tries < 3; tries++) ms = Math.min(ms, timed(text))
    if (ms > slowest.ms) slowest = { ms, text }
  }
  if (done % 20_000 === 0) console.log(`${done} of ${runs}, slowest ${slowest.ms.toFixed(1)} ms`)
}
globalThis.gc?.()
const grown = (process.memoryUsage().heapUsed - before) / 1e6
console.log(
  `${runs} texts, ${failed} failed, slowest ${slowest.ms.toFixed(1)} ms, ${grown.toFixed(0)} MB more in use, ${((performance.now() - began) / 1000).toFixed(0)} s`,
)
if (failed > 0 || slowest.ms > SLOW_MS) {
  console.log('slowest:', JSON.stringify(slowest.text))
  process.exitCode = 1
}
